using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Verdicts;

/// <summary>What stands in a part from now on, or what it is ridden as.</summary>
public sealed record PartThen(int Part, SetUpEntry? SetUp, Instead? Instead);

/// <summary>What an advice makes of the rest of the ride once it is followed.</summary>
/// <param name="Parts">Parts in which something else stands, or something else is ridden.</param>
/// <param name="GoTo">The part that is ridden now; null where it is the same one.</param>
public sealed record RestOfRide(IReadOnlyList<PartThen> Parts, int? GoTo)
{
    /// <summary>The ride goes on as it is.</summary>
    public static RestOfRide AsItIs { get; } = new([], null);

    /// <summary>
    /// What a rule changes in the next session it changes in this ride: what stands is rebuilt, what is out is replaced by
    /// something the horse can do, and where the work ends the cool-down begins.
    /// </summary>
    /// <param name="change">What the rule changes.</param>
    /// <param name="line">What it says at the rail.</param>
    /// <param name="gravity">Its gravity.</param>
    /// <param name="planned">The parts as they were planned.</param>
    /// <param name="parts">The parts as they stand now.</param>
    /// <param name="part">The part that is ridden.</param>
    internal static RestOfRide Of(
        SessionChange change,
        RailLine line,
        Gravity gravity,
        IReadOnlyList<RailPart> planned,
        IReadOnlyList<RailPart> parts,
        int? part
    )
    {
        if (part is not { } now || now >= parts.Count || line.EndsRide)
        {
            return AsItIs;
        }

        if (gravity == Gravity.Budget)
        {
            return Replaced(parts, now, p => p.IsJumped, Instead.Flatwork);
        }

        return change switch
        {
            SessionChange.Longer => Rebuilt(parts, now, s => s.LongerBy(VerdictFigures.LongerBy.Value)),
            SessionChange.Shorter => Rebuilt(parts, now, s => s.LongerBy(-VerdictFigures.ShorterBy.Value)),
            SessionChange.BackToWalk => Rebuilt(parts, now, s => s.BackToWalk()),
            SessionChange.RungBack => Rebuilt(parts, now, _ => Stages.Of(planned[now], parts[now])?.Back),
            SessionChange.RungOn => Rebuilt(parts, now, _ => Stages.Of(planned[now], parts[now])?.Next),
            SessionChange.NoPoles => Replaced(parts, now, p => p.Pad is MarkPad.Poles or MarkPad.Fence, Instead.Flatwork),
            SessionChange.NoChanges => Replaced(parts, now, p => p.Pad == MarkPad.Changes, Instead.SimpleChanges),
            SessionChange.CutWork or SessionChange.WalkOnly => ToCoolDown(parts, now),
            _ => AsItIs,
        };
    }

    private static RestOfRide Rebuilt(IReadOnlyList<RailPart> parts, int now, Func<SetUpEntry, ChangedSetUp?> change) =>
        parts[now].SetUp is { } stands && change(stands) is { } changed && changed.Entry != stands
            ? new RestOfRide([new PartThen(now, changed.Entry, null)], null)
            : AsItIs;

    private static RestOfRide Replaced(IReadOnlyList<RailPart> parts, int now, Func<RailPart, bool> goes, Instead instead) =>
        new([.. Enumerable.Range(now, parts.Count - now).Where(i => goes(parts[i])).Select(i => new PartThen(i, null, instead))], null);

    /// <summary>The walk at the end; where none was planned, this part is walked.</summary>
    private static RestOfRide ToCoolDown(IReadOnlyList<RailPart> parts, int now)
    {
        var cool = Enumerable
            .Range(now, parts.Count - now)
            .Where(i => parts[i].Phase == Phase.CoolDown)
            .Select(i => (int?)i)
            .FirstOrDefault();
        return cool is null ? new RestOfRide([new PartThen(now, null, Instead.Walk)], null)
            : cool == now ? AsItIs
            : new RestOfRide([], cool);
    }
}
