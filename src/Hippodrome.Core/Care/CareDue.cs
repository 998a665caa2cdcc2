using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Care;

public enum CareState
{
    Fine,
    Soon,
    Overdue,

    /// <summary>Nobody has written down when it was last done.</summary>
    Unknown,

    /// <summary>Comes when it is asked for, by no interval.</summary>
    AsAsked,
}

/// <summary>When the next visit is due.</summary>
public sealed record CareDue(CareKind Kind, CareState State, CareVisit? Last, DateOnly? DueOn, string Says, Why Why)
{
    /// <summary>
    /// What is due of each kind, by interval and by rule: a saddle also in the third and the eighth week after
    /// work began again.
    /// </summary>
    /// <param name="visits">All visits of the horse.</param>
    /// <param name="age">Age today.</param>
    /// <param name="workBeganAgain">The day work began again after a rest, if it did lately.</param>
    /// <param name="today">Today.</param>
    public static IReadOnlyList<CareDue> All(IEnumerable<CareVisit> visits, int age, DateOnly? workBeganAgain, DateOnly today)
    {
        var byKind = visits.OrderByDescending(v => v.On).ToLookup(v => v.Kind);
        return [.. Enum.GetValues<CareKind>().Select(kind => Of(kind, [.. byKind[kind]], age, workBeganAgain, today))];
    }

    private static CareDue Of(CareKind kind, List<CareVisit> visits, int age, DateOnly? workBeganAgain, DateOnly today)
    {
        var last = visits.FirstOrDefault();
        var usual = Usual(kind, age);
        var weeks = last?.AgainInWeeks ?? usual?.Value;
        DateOnly? byInterval = last is null || weeks is null ? null : last.On.AddDays(7 * weeks.Value);
        var byReturn = kind == CareKind.Saddle && workBeganAgain is { } began ? AfterReturn(last, began) : null;
        var dueOn = (byInterval, byReturn?.On) switch
        {
            ({ } interval, { } rule) => interval < rule ? interval : rule,
            var (interval, rule) => interval ?? rule,
        };
        var state =
            dueOn is null ? (last is null && usual is not null ? CareState.Unknown : CareState.AsAsked)
            : dueOn < today ? CareState.Overdue
            : dueOn.Value.DayNumber - today.DayNumber <= CareFigures.SoonWithin.Value ? CareState.Soon
            : CareState.Fine;
        var byRule = byReturn is not null && dueOn == byReturn.Value.On;
        var inputs = new List<string>
        {
            last is null ? "no visit written down" : FormattableString.Invariant($"last on {last.On:d MMM yyyy}"),
        };
        inputs.Add(
            byRule ? byReturn!.Value.Says
            : weeks is null ? "no interval"
            : last?.AgainInWeeks is null ? $"every {weeks} weeks"
            : $"wanted again in {weeks} weeks"
        );
        return new CareDue(
            kind,
            state,
            last,
            dueOn,
            Say(kind, state, dueOn, today, weeks),
            new Why(
                byRule
                    ? "After a rest the back changes: the saddle is looked at in week three or four, and in week eight"
                    : "Last visit and interval",
                inputs,
                byRule ? byReturn!.Value.Source
                    : last?.AgainInWeeks is not null || usual is null ? Source.CommonPractice
                    : usual.Source
            )
        );
    }

    private static Figure<int>? Usual(CareKind kind, int age) =>
        kind switch
        {
            CareKind.Feet => CareFigures.FeetWeeks,
            CareKind.Saddle => CareFigures.SaddleWeeks,
            CareKind.Teeth => age <= CareFigures.TeethChangeTo.Value ? CareFigures.YoungTeethWeeks : CareFigures.TeethWeeks,
            _ => null,
        };

    /// <summary>The next of the two looks that a return asks for; null once both were had.</summary>
    private static (DateOnly On, string Says, Source Source)? AfterReturn(CareVisit? last, DateOnly began)
    {
        foreach (var figure in new[] { CareFigures.SaddleAfterReturn, CareFigures.SaddleAfterReturnAgain })
        {
            // A look in the week before counts: saddlers come when they can.
            var on = began.AddDays(7 * figure.Value);
            if (last is null || last.On < on.AddDays(-7))
            {
                return (on, FormattableString.Invariant($"work began again on {began:d MMM yyyy}: week {figure.Value}"), figure.Source);
            }
        }

        return null;
    }

    private static string Say(CareKind kind, CareState state, DateOnly? dueOn, DateOnly today, int? weeks)
    {
        var days = dueOn is null ? 0 : Math.Abs(dueOn.Value.DayNumber - today.DayNumber);
        var time = days == 1 ? "1 day" : $"{days} days";
        return state switch
        {
            CareState.Unknown => "Not written down yet.",
            CareState.AsAsked => "When it is asked for.",
            CareState.Overdue when kind == CareKind.Feet && days > 7 * weeks =>
                $"Overdue by {time}. After so long, two trims before full work.",
            CareState.Overdue => $"Overdue by {time}.",
            CareState.Soon when days == 0 => "Due today.",
            _ => FormattableString.Invariant($"Due on {dueOn:d MMMM}."),
        };
    }
}
