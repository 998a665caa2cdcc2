namespace Hippodrome.Core.Setups;

/// <summary>What makes two set-ups the same picture for a horse.</summary>
public static class Layout
{
    /// <summary>Kind, place, heights and distances as text; null where there is nothing to look at but the ground.</summary>
    public static string? KeyOf(SetUp? setUp) =>
        setUp switch
        {
            null or { HasFence: false, HasPoles: false } => null,
            // A list says only that it is one.
            FenceLine line => $"{line.Placement} {line.AdjustMetres} {string.Join('|', line.Elements)} {line.BendDegrees} {line.BendTo}",
            Course course => $"{course.Ground} {string.Join('|', course.Obstacles)}",
            PoleLine row => $"{row} {string.Join('|', row.Lie.Heights)} {string.Join('|', row.Lie.Gaps)}",
            _ => setUp.ToString(),
        };
}
