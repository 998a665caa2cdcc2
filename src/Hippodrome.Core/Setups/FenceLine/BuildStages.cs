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

/// <summary>A grid is built one thing at a time: a fence joins low, an oxer begins as an upright, and nothing else moves meanwhile (common practice).</summary>
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
            stages.Add(Stage(stands, stands[^1].IsPole ? "pole laid" : $"{stands[^1].Name.ToLowerInvariant()} added"));
        }

        // Then each to its height, the first fence first, and the oxers last.
        while (
            stands
                .Select((e, i) => (Next: Nearer(e, line.Elements[i]), i))
                .Where(x => x.Next is not null)
                .OrderBy(x => IsWidening(x.Next!, stands[x.i]))
                .ThenBy(x => x.i)
                .FirstOrDefault()
                is { Next: { } next } step
        )
        {
            var changed = IsWidening(next, stands[step.i])
                ? $"{stands[step.i].Name.ToLowerInvariant()} becomes {next.Name.ToLowerInvariant()}"
                : $"{next.Name.ToLowerInvariant()}, up from {stands[step.i].Height.Centimetres:0}";
            stands = [.. stands.Select((e, i) => i == step.i ? next : e)];
            stages.Add(Stage(stands, changed));
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

    /// <summary>One step nearer to the target: ten centimetres up; at its height an oxer gets its back rail; ascending comes before square. Null when it is there.</summary>
    private static LineElement? Nearer(LineElement now, LineElement target)
    {
        const double hair = 1e-9;
        if (now.Height.Metres < target.Height.Metres - hair)
        {
            return now with
            {
                Height = Distance.FromMetres(
                    Math.Min(target.Height.Metres, Math.Round(now.Height.Metres + SetUpFigures.HeightStep.Value, 4))
                ),
            };
        }

        return now.Kind == target.Kind ? null
            : now.Kind == ElementKind.Upright ? now with { Kind = ElementKind.AscendingOxer, Spread = target.Spread }
            : now with { Kind = target.Kind };
    }

    private static bool IsWidening(LineElement next, LineElement now) => next.Kind != now.Kind;

    private static BuildStage Stage(List<LineElement> stands, string changed)
    {
        var passes = SetUpFigures.PassesAStage.Value;
        return new BuildStage(stands, changed, passes, passes * stands.Select((e, i) => Counts(e, i > 0 ? stands[i - 1] : null)).Sum());
    }

    private static double Counts(LineElement element, LineElement? before) =>
        element.IsPole ? 0
        : element.Height.Metres < SetUpFigures.FirstStands.Value - 1e-9 || (before is { IsPole: false } && element.Strides == 0) ? 0.5
        : 1;
}
