using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using static Hippodrome.Core.Assessments.AssessmentFigures;

namespace Hippodrome.Core.Assessments;

/// <summary>One of the first weeks: sessions, and minutes for each with the walk first and the walk at the end in them.</summary>
public sealed record FirstWeek(int Week, int Sessions, int MinutesEach, string Says)
{
    public int Minutes => Sessions * MinutesEach;
}

/// <summary>The minutes of the first two weeks: a dose within what the horse can do well.</summary>
public sealed record FirstWeeks(IReadOnlyList<FirstWeek> Weeks, Why Why)
{
    /// <summary>Null while nothing is known of how long it lasts.</summary>
    /// <param name="a">The sheet.</param>
    /// <param name="walkFirst">Minutes of walk this horse needs before anything else.</param>
    public static FirstWeeks? Of(Assessment a, int walkFirst)
    {
        ArgumentNullException.ThrowIfNull(a);
        return a.WeeksOff >= TimeOff.RestFrom.Value ? AfterRest(a)
            : Findings.MinuteTired(a) < TiresEarly.Value ? OfUnfit(a, walkFirst)
            : ByTheRide(a);
    }

    /// <summary>
    /// It tired before it had done much: short and often. What it did between the walk first and the minute it tired, a fifth
    /// less; the walk at both ends is not cut, since that is what it can do.
    /// </summary>
    private static FirstWeeks OfUnfit(Assessment a, int walkFirst)
    {
        var tired = Findings.MinuteTired(a)!.Value;
        var work = Math.Max(LeastWork.Value, (int)Math.Floor(Math.Max(0, tired - walkFirst) * (1 - BelowTiring.Value)));
        var last = Sessions.SessionFigures.WalkLast.Value;
        // One that tires in walk walks, and no more.
        FirstWeek Week(int week, int minutes) =>
            tired <= walkFirst
                ? new(week, UnfitSessions.Value, ShortestFirst.Value, "walk only")
                : new(
                    week,
                    UnfitSessions.Value,
                    walkFirst + minutes + last,
                    $"{walkFirst} of walk, {minutes} of work in short bouts, {last} of walk"
                );
        return new FirstWeeks(
            [Week(1, work), Week(2, work + 1)],
            Why.Of(
                "An unfit horse works short and often: the minutes of work it had before it tired, a fifth less, between two walks",
                [$"tired at minute {tired}", $"{walkFirst} minutes of walk first", $"{work} minutes of work left"],
                UnfitSessions.Source
            )
        );
    }

    /// <summary>Walk under saddle, ten minutes a day and ten more each week, three or four days a week.</summary>
    private static FirstWeeks AfterRest(Assessment a)
    {
        var more = TimeOff.WalkMinutesMore;
        return new FirstWeeks(
            [.. Enumerable.Range(1, 2).Select(w => new FirstWeek(w, FirstSessions.Value, w * more.Value, "walk only"))],
            Why.Of(
                "After a rest: ten minutes of walk a day in the first week, ten more each week",
                [$"{a.WeeksOff} weeks off"],
                more.Source
            )
        );
    }

    /// <summary>A fifth under the minute it tired, or as long as it was ridden; shorter when the dropped rein failed.</summary>
    private static FirstWeeks? ByTheRide(Assessment a)
    {
        var tired = Findings.MinuteTired(a);
        if ((tired ?? a.Answers.Max(x => x.Minute)) is not { } lasted)
        {
            return null;
        }

        var inputs = new List<string>
        {
            tired is null ? $"ridden for {lasted} minutes and not tired" : $"tired at minute {lasted}: a fifth less",
        };
        var minutes = tired is null ? lasted : lasted * (1 - BelowTiring.Value);
        if (a.At(AssessmentItem.DroppedRein, Rein.Both)?.Passed == false)
        {
            minutes *= 1 - AfterFailedTest.Value;
            inputs.Add("dropped rein failed: a fifth less again");
        }

        var first = Math.Clamp((int)Math.Floor(minutes), ShortestFirst.Value, LongestFirst.Value);
        var second = Math.Min((int)Math.Floor(first * (1 + WeeklyGrowth.Value)), LongestFirst.Value);
        return new FirstWeeks(
            [
                new FirstWeek(1, FirstSessions.Value, first, "within what it did well"),
                new FirstWeek(
                    2,
                    FirstSessions.Value,
                    second,
                    second > first ? "a tenth more at most, if the first week was easy" : "the same again"
                ),
            ],
            new Why("End before the minute it tired; a week grows by a tenth at most", inputs, BelowTiring.Source)
        );
    }
}
