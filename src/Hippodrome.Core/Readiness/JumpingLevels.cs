using Hippodrome.Core.Aims;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Readiness;

/// <summary>What national jumping asks at each height.</summary>
internal static class JumpingLevels
{
    private static readonly double[] JumpingHeights = [0.70, 0.80, 0.90, 1.00, 1.10, 1.20, 1.30, 1.40];

    public static IEnumerable<LevelAsked> All() =>
        JumpingHeights.Select(height => new LevelAsked(
            Discipline.Jumping,
            LevelDemands.NationalJumping,
            FormattableString.Invariant($"{height:0.00} m"),
            height,
            FormattableString.Invariant(
                $"8 to 12 fences, spreads to about {height + 0.10:0.00} to {height + 0.30:0.00} m, {(height < 1.10 ? "325 to 350" : "350 to 375")} m/min, a jump-off over 6 to 8"
            ),
            [.. Fences(height), .. LevelDemands.AwayOnce()],
            ReadinessFigures.JumpingAsked.Source
        ));

    internal static IEnumerable<Demand> Fences(double height)
    {
        yield return Height("A course at its height", height, ReadinessFigures.JumpingAsked.Source);
        yield return Fence(
            "spread",
            DemandKind.Spread,
            FormattableString.Invariant($"An oxer, {height + 0.10:0.00} m wide"),
            "grids/square-oxer"
        ) with
        {
            SpreadMetres = Math.Round(height + 0.10, 2),
        };
        yield return Fence("line", DemandKind.Line, "A related line in its count", "jumping/related-lines");
        yield return Fence("filler", DemandKind.Thing, "Fillers", "jumping/related-lines") with
        {
            Thing = Thing.Filler,
        };
        if (height >= 0.80)
        {
            yield return Combination(2);
        }

        if (height >= 1.00)
        {
            yield return Combination(3);
            yield return Fence("water-tray", DemandKind.Thing, "A water tray", "jumping/related-lines") with
            {
                Thing = Thing.WaterTray,
            };
        }
    }

    private static Demand Fence(string id, DemandKind kind, string name, string rung) =>
        new(id, kind, name, Strand.Jumping, rung, false, ReadinessFigures.JumpingAsked.Source);

    internal static Demand Height(string name, double height, Source source) =>
        new(
            "height",
            DemandKind.Height,
            FormattableString.Invariant($"{name}, {height:0.00} m"),
            Strand.Jumping,
            ImpliedRungs.AtHeight(height).Id,
            false,
            source
        )
        {
            HeightMetres = height,
        };

    internal static Demand Combination(int parts) =>
        new(
            parts == 2 ? "double" : "treble",
            DemandKind.Combination,
            parts == 2 ? "A double" : "A treble",
            Strand.Jumping,
            "jumping/related-lines",
            false,
            ReadinessFigures.JumpingAsked.Source
        )
        {
            Parts = parts,
        };
}
