using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>A stage of building a grid: what stands, the one thing that changed, and the efforts it takes.</summary>
/// <param name="Stands">What stands, in order.</param>
/// <param name="Changed">The one thing that is new.</param>
/// <param name="Passes">Times through.</param>
/// <param name="Efforts">Jumps, counted as budgets count them: half for a bounce or a fence under half a metre.</param>
public sealed record BuildStage(IReadOnlyList<LineElement> Stands, string Changed, int Passes, double Efforts)
{
    /// <summary>What is jumped in one go at this stage.</summary>
    internal IReadOnlyList<FenceJumped> Fences => FenceLine.FencesOf(Stands);
}

/// <summary>
/// A grid is built one thing at a time: a fence joins low, an oxer begins as an upright, all heights together are one thing; two
/// goes where an element is new, one where only height or spread rises (common practice).
/// </summary>
public static class BuildStages
{
    /// <summary>From the first element alone to the line as it was asked for. A line that is no grid is built at once and has no stages.</summary>
    public static IReadOnlyList<BuildStage> Of(FenceLine line)
    {
        ArgumentNullException.ThrowIfNull(line);
        if (line.Kind != LineKind.Grid || line.Elements.Count(e => !e.IsPole) < 2)
        {
            return [];
        }

        var stages = new List<BuildStage>();
        var stands = new List<LineElement>();
        foreach (var target in line.Elements)
        {
            stands = [.. stands, FirstFormOf(target)];
            stages.Add(Stage(stands, stands[^1].IsPole ? "pole laid" : $"{stands[^1].Name.ToLowerInvariant()} added", isNew: true));
        }

        // Then all of them up together, which is one thing, a step at a time; and the oxers last, one at a time.
        while (stands.Zip(line.Elements).Any(e => Higher(e.First, e.Second) is not null))
        {
            stands = [.. stands.Zip(line.Elements, (now, target) => Higher(now, target) ?? now)];
            stages.Add(Stage(stands, FormattableString.Invariant($"up, to {stands.Max(e => e.Height.Centimetres):0} cm"), isNew: false));
        }

        while (
            stands.Select((e, i) => (Next: Wider(e, line.Elements[i]), i)).FirstOrDefault(x => x.Next is not null)
                is { Next: { } wider, i: var place }
        )
        {
            var changed = $"{stands[place].Name.ToLowerInvariant()} becomes {wider.Name.ToLowerInvariant()}";
            stands = [.. stands.Select((e, i) => i == place ? wider : e)];
            stages.Add(Stage(stands, changed, isNew: false));
        }

        return stages;
    }

    /// <summary>Low, and an oxer as an upright.</summary>
    private static LineElement FirstFormOf(LineElement target)
    {
        var low = Distance.FromMetres(Math.Min(target.Height.Metres, SetUpFigures.FirstStands.Value));
        return target.IsPole ? target
            : target.IsOxer ? target with { Kind = ElementKind.Upright, Height = low, Spread = Distance.Zero }
            : target with { Height = low };
    }

    /// <summary>Ten centimetres nearer to its height; null at it.</summary>
    private static LineElement? Higher(LineElement now, LineElement target) =>
        now.Height.Metres >= target.Height.Metres - 1e-9
            ? null
            : now with
            {
                Height = Distance.FromMetres(
                    Math.Min(target.Height.Metres, Math.Round(now.Height.Metres + SetUpFigures.HeightStep.Value, 4))
                ),
            };

    /// <summary>An oxer gets its back rail, ascending before square; null where it is what was asked for.</summary>
    private static LineElement? Wider(LineElement now, LineElement target) =>
        now.Kind == target.Kind ? null
        : now.Kind == ElementKind.Upright ? now with { Kind = ElementKind.AscendingOxer, Spread = target.Spread }
        : now with { Kind = target.Kind };

    private static BuildStage Stage(List<LineElement> stands, string changed, bool isNew)
    {
        var passes = (isNew ? SetUpFigures.PassesOfNew : SetUpFigures.PassesOfMore).Value;
        return new BuildStage(stands, changed, passes, passes * stands.Select((e, i) => Counts(e, i > 0 ? stands[i - 1] : null)).Sum());
    }

    private static double Counts(LineElement element, LineElement? before) =>
        element.IsPole ? 0
        : element.Height.Metres < SetUpFigures.FirstStands.Value - 1e-9 || (before is { IsPole: false } && element.Strides == 0) ? 0.5
        : 1;
}
