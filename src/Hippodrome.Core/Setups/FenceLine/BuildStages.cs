using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>What changes from one stage of a grid to the next.</summary>
public enum StageKind
{
    /// <summary>An element joins, low, and an oxer as an upright.</summary>
    Adds,

    /// <summary>All that stand go up a step together: one thing.</summary>
    Up,

    /// <summary>An oxer gets its back rail, ascending before square.</summary>
    Widens,
}

/// <summary>A stage as typed.</summary>
/// <param name="Kind">What changes.</param>
/// <param name="Element">Which element joins or widens, from 0; none where all go up.</param>
public sealed record BuildStageEntry(StageKind? Kind = null, int? Element = null);

/// <summary>A stage of building a grid: what stands, the one thing that changed, and the efforts it takes.</summary>
/// <param name="Kind">What changed.</param>
/// <param name="Element">Which element joined or widened; none where all went up.</param>
/// <param name="Stands">What stands, in order.</param>
/// <param name="Changed">The one thing that is new.</param>
/// <param name="Passes">Times through.</param>
/// <param name="Efforts">Jumps, counted as budgets count them: half for a bounce or a fence under half a metre.</param>
public sealed record BuildStage(StageKind Kind, int? Element, IReadOnlyList<LineElement> Stands, string Changed, int Passes, double Efforts)
{
    /// <summary>What is jumped in one go at this stage.</summary>
    internal IReadOnlyList<FenceJumped> Fences => FenceLine.FencesOf(Stands);
}

/// <summary>
/// A grid is built one thing at a time: a fence joins low, an oxer begins as an upright, all heights together are one thing; two
/// goes where an element is new, one where only height or spread rises (common practice). The trainer may choose another order,
/// or leave stages out.
/// </summary>
public static class BuildStages
{
    /// <summary>
    /// From the first element alone to the line as it was asked for, or as the trainer ordered its stages. A line that is no grid
    /// is built at once and has no stages.
    /// </summary>
    public static IReadOnlyList<BuildStage> Of(FenceLine line)
    {
        ArgumentNullException.ThrowIfNull(line);
        return !IsBuiltUp(line) ? []
            : line.Ordered.Count > 0 ? InOrder(line, line.Ordered, new Checks())
            : InOrder(line, Usual(line), new Checks());
    }

    internal static bool IsBuiltUp(FenceLine line) => line.Kind == LineKind.Grid && line.Elements.Count(e => !e.IsPole) >= 2;

    /// <summary>Every element in its turn; then all of them up, which is one thing, a step at a time; and the oxers last.</summary>
    private static List<BuildStageEntry> Usual(FenceLine line)
    {
        var up = line.Elements.Where(e => !e.IsPole).Max(e => StepsUp(FirstFormOf(e), e));
        return
        [
            .. line.Elements.Select((_, i) => new BuildStageEntry(StageKind.Adds, i)),
            .. Enumerable.Repeat(new BuildStageEntry(StageKind.Up), up),
            .. line.Elements.SelectMany((e, i) => Enumerable.Repeat(new BuildStageEntry(StageKind.Widens, i), StepsWider(e))),
        ];
    }

    /// <summary>The stages one after the other, and a fault for each that cannot follow those before it.</summary>
    internal static IReadOnlyList<BuildStage> InOrder(FenceLine line, IReadOnlyList<BuildStageEntry?> order, Checks checks)
    {
        var stages = new List<BuildStage>();
        var stands = new SortedDictionary<int, LineElement>();
        foreach (var (entry, i) in order.Select((e, i) => (e ?? new BuildStageEntry(), i)))
        {
            var at = $"stages[{i}]";
            var kind = checks.Choice($"{at}.kind", entry.Kind);
            var element = kind == StageKind.Up ? 0 : checks.Whole($"{at}.element", entry.Element, 0, line.Elements.Count - 1, "");
            var changed = kind switch
            {
                StageKind.Adds => Add(line, stands, element, at, checks),
                StageKind.Up => Up(line, stands, at, checks),
                _ => Widen(line, stands, element, at, checks),
            };
            if (changed is not null)
            {
                stages.Add(Stage(kind, kind == StageKind.Up ? null : element, [.. stands.Values], changed));
            }
        }

        return stages;
    }

    /// <summary>An element joins next to what stands, so that each distance is one that was measured.</summary>
    private static string? Add(FenceLine line, SortedDictionary<int, LineElement> stands, int element, string at, Checks checks)
    {
        checks.That(!stands.ContainsKey(element), at, "It stands already.", "Leave this stage out.");
        checks.That(
            stands.Count == 0 || stands.ContainsKey(element) || stands.ContainsKey(element - 1) || stands.ContainsKey(element + 1),
            at,
            "Something between it and the rest does not stand yet: there would be no distance to set.",
            "Put what stands beside it first."
        );
        if (stands.ContainsKey(element) || (stands.Count > 0 && !stands.ContainsKey(element - 1) && !stands.ContainsKey(element + 1)))
        {
            return null;
        }

        var added = FirstFormOf(line.Elements[element]);
        stands[element] = added;
        return added.IsPole ? "pole laid" : $"{added.Name.ToLowerInvariant()} added";
    }

    private static string? Up(FenceLine line, SortedDictionary<int, LineElement> stands, string at, Checks checks)
    {
        var higher = stands.Where(e => Higher(e.Value, line.Elements[e.Key]) is not null).Select(e => e.Key).ToList();
        if (higher.Count == 0)
        {
            checks.Add(at, "Nothing that stands goes any higher.", "Leave this stage out, or put a fence first.");
            return null;
        }

        higher.ForEach(i => stands[i] = Higher(stands[i], line.Elements[i])!);
        return FormattableString.Invariant($"up, to {stands.Values.Max(e => e.Height.Centimetres):0} cm");
    }

    private static string? Widen(FenceLine line, SortedDictionary<int, LineElement> stands, int element, string at, Checks checks)
    {
        if (!stands.TryGetValue(element, out var now) || Wider(now, line.Elements[element]) is not { } wider)
        {
            checks.Add(
                at,
                stands.ContainsKey(element) ? "It is as wide as it gets." : "It does not stand yet.",
                "Leave this stage out, or put the fence first."
            );
            return null;
        }

        stands[element] = wider;
        return $"{now.Name.ToLowerInvariant()} becomes {wider.Name.ToLowerInvariant()}";
    }

    private static int StepsUp(LineElement now, LineElement target)
    {
        var steps = 0;
        for (var at = now; Higher(at, target) is { } higher; at = higher)
        {
            steps++;
        }

        return steps;
    }

    private static int StepsWider(LineElement target)
    {
        var steps = 0;
        for (var at = FirstFormOf(target); Wider(at, target) is { } wider; at = wider)
        {
            steps++;
        }

        return steps;
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

    private static BuildStage Stage(StageKind kind, int? element, List<LineElement> stands, string changed)
    {
        var passes = (kind == StageKind.Adds ? SetUpFigures.PassesOfNew : SetUpFigures.PassesOfMore).Value;
        var efforts = passes * stands.Select((e, i) => Counts(e, i > 0 ? stands[i - 1] : null)).Sum();
        return new BuildStage(kind, element, stands, changed, passes, efforts);
    }

    private static double Counts(LineElement element, LineElement? before) =>
        element.IsPole ? 0
        : element.Height.Metres < SetUpFigures.FirstStands.Value - 1e-9 || (before is { IsPole: false } && element.Strides == 0) ? 0.5
        : 1;
}
