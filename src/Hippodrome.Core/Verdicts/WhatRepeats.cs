using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>A ride with what was ridden in it, by whom and in what.</summary>
/// <param name="RideId">Which ride.</param>
/// <param name="On">The day.</param>
/// <param name="Rider">Who rode.</param>
/// <param name="Record">What was told of it.</param>
public sealed record RiddenOnce(Guid RideId, DateOnly On, string Rider, RideRecord Record)
{
    /// <summary>What each part of its plan was, by its number.</summary>
    public IReadOnlyList<string> Parts { get; init; } = [];

    /// <summary>Bits and aids worn.</summary>
    public IReadOnlyList<string> Tack { get; init; } = [];
}

/// <summary>What is the same each time.</summary>
public enum RepeatKind
{
    Leg,
    Element,
    Side,
    Rein,
    Place,
    Minute,
    Sign,
    Fence,
    Question,
    Cause,
}

/// <summary>Whether it becomes more or less.</summary>
public enum RepeatTrend
{
    TooFewDays,
    Steady,
    Less,
    More,
}

/// <summary>Something that was the same on several days.</summary>
/// <param name="Kind">What is the same.</param>
/// <param name="What">In words.</param>
/// <param name="Times">How often in all.</param>
/// <param name="Days">The days, the earliest first.</param>
/// <param name="Rides">The rides behind it.</param>
/// <param name="In">The parts it shows in, the most frequent first.</param>
/// <param name="Trend">More, less or neither over the rides.</param>
public sealed record Repeat(
    RepeatKind Kind,
    string What,
    int Times,
    IReadOnlyList<DateOnly> Days,
    IReadOnlyList<Guid> Rides,
    IReadOnlyList<string> In,
    RepeatTrend Trend
)
{
    /// <summary>Every one of those rides had this and the others had not: a bit, a saddle, a rider.</summary>
    public IReadOnlyList<string> OnlyWith { get; init; } = [];

    /// <summary>
    /// On a rein: so many of those times it was the rein ridden first, which usually goes less easily; null where nobody told
    /// the order.
    /// </summary>
    public int? OnFirstRein { get; init; }
}

/// <summary>
/// What repeats over a horse's rides: the same leg, side, rein, place, minute, fence, question, cause. Sides of the horse, legs
/// and reins ridden are never mixed. Slips of the rider are the rider's.
/// </summary>
public static class WhatRepeats
{
    private sealed record Seen(RepeatKind Kind, string What, RiddenOnce Ride, int? Part, int Times, Rein? Rein = null);

    /// <summary>What was the same on two days or more, the most frequent first.</summary>
    public static IReadOnlyList<Repeat> Of(IReadOnlyList<RiddenOnce> rides)
    {
        ArgumentNullException.ThrowIfNull(rides);
        var inOrder = rides.OrderBy(r => r.On).ToList();
        return
        [
            .. inOrder
                .SelectMany(Told)
                .GroupBy(s => (s.Kind, s.What))
                .Select(g => Found(g.Key.Kind, g.Key.What, [.. g], inOrder))
                .Where(r => r.Days.Count >= VerdictFigures.RepeatsFrom.Value)
                .OrderBy(r => r.Kind)
                .ThenByDescending(r => r.Times)
                .ThenBy(r => r.What, StringComparer.Ordinal),
        ];
    }

    private static Repeat Found(RepeatKind kind, string what, List<Seen> seen, List<RiddenOnce> all)
    {
        var rides = seen.Select(s => s.Ride).Distinct().ToList();
        var others = all.Except(rides).ToList();
        return new Repeat(
            kind,
            what,
            seen.Sum(s => s.Times),
            [.. rides.Select(r => r.On).Distinct()],
            [.. rides.Select(r => r.RideId)],
            [
                .. seen.Where(s => s.Part is { } part && part < s.Ride.Parts.Count)
                    .CountBy(s => s.Ride.Parts[s.Part!.Value])
                    .OrderByDescending(p => p.Value)
                    .Select(p => p.Key),
            ],
            TrendOf(all, rides[0].On, ride => seen.Where(s => s.Ride == ride).Sum(s => s.Times))
        )
        {
            OnlyWith = others.Count == 0 ? [] : [.. Common(rides).Except(others.SelectMany(With))],
            OnFirstRein =
                kind == RepeatKind.Rein && seen.Exists(s => FirstRein(s.Ride) is not null)
                    ? seen.Where(s => s.Rein == FirstRein(s.Ride)).Sum(s => s.Times)
                    : null,
        };
    }

    private static IEnumerable<string> Common(List<RiddenOnce> rides) =>
        rides.Select(With).Aggregate((IEnumerable<string> a, IEnumerable<string> b) => a.Intersect(b));

    private static IEnumerable<string> With(RiddenOnce ride) => [.. ride.Tack, ride.Rider];

    private static Rein? FirstRein(RiddenOnce ride) =>
        ride.Record.Rail.Stretches.FirstOrDefault(s => s.Gait.IsFasterThanWalk() && s.Rein != Rein.Both)?.Rein;

    /// <summary>Its count a ride over the rides since it was first seen: a clear rise or fall, by the sign of all pairs.</summary>
    private static RepeatTrend TrendOf(List<RiddenOnce> rides, DateOnly first, Func<RiddenOnce, int> count)
    {
        var points = rides.Where(r => r.On >= first).Select(r => ((double)r.On.DayNumber - first.DayNumber, (double)count(r))).ToList();
        return Trend.Of(points) is not { } trend ? RepeatTrend.TooFewDays
            : !trend.IsClear ? RepeatTrend.Steady
            : trend.S < 0 ? RepeatTrend.Less
            : RepeatTrend.More;
    }

    private static IEnumerable<Seen> Told(RiddenOnce ride)
    {
        var rail = ride.Record.Rail;
        foreach (var (leg, times) in rail.TouchedLegs)
        {
            yield return new Seen(RepeatKind.Leg, $"{leg.Say()} touched", ride, null, times);
        }

        foreach (var e in rail.Elements)
        {
            yield return new Seen(RepeatKind.Element, $"the {Ordinal(e.Element)} one touched", ride, e.Part, e.Times);
        }

        foreach (var s in rail.Signs.Where(s => !s.Mine && s.Sign != Sign.SoftAndReady))
        {
            var said = s.Sign.Say();
            yield return new Seen(RepeatKind.Sign, said, ride, s.Part, 1);
            if (s.Side is { } side)
            {
                yield return new Seen(RepeatKind.Side, $"{said}, {side.Say()} side", ride, s.Part, 1);
            }

            if (s.Rein is Rein.Left or Rein.Right)
            {
                yield return new Seen(RepeatKind.Rein, $"{said} on the {s.Rein.Value.Say()} rein", ride, s.Part, 1, s.Rein);
            }

            if (s.Where is { } where)
            {
                yield return new Seen(RepeatKind.Place, $"{said} {where.Say()}", ride, s.Part, 1);
            }

            if (s.Of is { } of)
            {
                yield return new Seen(RepeatKind.Question, $"frightened of {of.Say()}", ride, s.Part, 1);
            }

            if (s.Minute is { } minute)
            {
                var ten = (int)(minute / 10) * 10;
                yield return new Seen(
                    RepeatKind.Minute,
                    FormattableString.Invariant($"{said} from minute {ten} to {ten + 10}"),
                    ride,
                    s.Part,
                    1
                );
            }
        }

        foreach (var a in rail.Attempts.Where(a => a is { Mine: false, Good: false }))
        {
            yield return new Seen(RepeatKind.Sign, $"{a.Movement.Say()}{a.OnSide()} not alone", ride, a.Part, 1);
            if (a.Where is { } where)
            {
                yield return new Seen(RepeatKind.Place, $"{a.Movement.Say()} not alone {where.Say()}", ride, a.Part, 1);
            }
        }

        foreach (var (side, times) in ride.Record.Counts.RanOut)
        {
            yield return new Seen(RepeatKind.Fence, $"ran out to the {side.Say()}", ride, null, times);
        }

        var stops = ride.Record.Efforts.Left.Stop + ride.Record.Efforts.Right.Stop;
        if (stops > 0)
        {
            yield return new Seen(RepeatKind.Fence, "stopped", ride, null, stops);
        }

        foreach (var (where, times) in rail.Narrow.Where(n => n.Key != NarrowWhere.Middle))
        {
            yield return new Seen(RepeatKind.Fence, where.Say(), ride, null, times);
        }

        foreach (var q in rail.Questions)
        {
            var hard = q.Goes.Count(g => g is not (QuestionHow.Boldly or QuestionHow.Looked));
            if (hard > 0)
            {
                yield return new Seen(RepeatKind.Question, $"{q.Say()} not easy", ride, null, hard);
            }
        }

        foreach (var (cause, times) in rail.Jumps.Causes)
        {
            yield return new Seen(RepeatKind.Cause, $"a distance by {cause.Say()}", ride, null, times);
        }
    }

    private static string Ordinal(int n) =>
        n switch
        {
            1 => "first",
            2 => "second",
            3 => "third",
            4 => "fourth",
            5 => "fifth",
            6 => "sixth",
            _ => $"{n}th",
        };
}
