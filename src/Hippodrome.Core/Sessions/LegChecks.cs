using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;
using static Hippodrome.Core.Sessions.PlanChecks;

namespace Hippodrome.Core.Sessions;

/// <summary>What legs and lungs can take: days of poles and fences, efforts, layouts, heat, the week after a break, the day before a competition.</summary>
internal static class LegChecks
{
    public static readonly PlanCheck[] All = [TooManyPoleDays, FencesOnNeighbouringDays, TooManyFenceDays, TooManyEfforts, SameLayoutAgain, PolesInHandTooLong, LongInFirstWeekBack, HotDay, BigFenceBeforeCompetition];

    private static PlanFault? TooManyPoleDays(PlanContext c)
    {
        var limit = SessionFigures.YoungPolesPerWeek;
        var days = Week(c).Count(d => d.Poles) + 1;
        return !c.HasPoles || c.Age >= SessionFigures.YoungPolesUnder.Value || days <= limit.Value ? null : Soft(
            nameof(TooManyPoleDays), $"Poles for the {Ordinal(days)} time in seven days, at age {c.Age}.", "Make it a day without poles.",
            new Why("Poles at most twice a week for a young horse", [Aged(c), $"{days} pole days in seven"], limit.Source));
    }

    private static PlanFault? FencesOnNeighbouringDays(PlanContext c)
    {
        var neighbour = c.Nearby.FirstOrDefault(d => d.Fences && Math.Abs(d.On.DayNumber - c.Plan.On.DayNumber) == 1);
        return !c.HasFence || neighbour is null ? null : Soft(
            nameof(FencesOnNeighbouringDays), string.Create(CultureInfo.InvariantCulture, $"It also jumps on {neighbour.On:dddd d MMMM}, the day {(neighbour.On < c.Plan.On ? "before" : "after")}."), "Leave a day between.",
            new Why("Jumping days are not neighbours", [string.Create(CultureInfo.InvariantCulture, $"fences on {neighbour.On:d MMM}")], Source.CommonPractice));
    }

    private static PlanFault? TooManyFenceDays(PlanContext c)
    {
        var limit = SessionFigures.FenceDaysPerWeek;
        var days = Week(c).Count(d => d.Fences) + 1;
        return !c.HasFence || days <= limit.Value ? null : Soft(
            nameof(TooManyFenceDays), $"The {Ordinal(days)} jumping day in seven.", "Make it a day without fences.",
            new Why("At most three jumping days in seven", [$"{days} jumping days in seven"], limit.Source));
    }

    private static PlanFault? TooManyEfforts(PlanContext c)
    {
        var budget = SessionFigures.MostEfforts(c.Horse.Experience);
        var efforts = c.EffortsCounted;
        return efforts <= budget.Value ? null : Soft(
            nameof(TooManyEfforts), string.Create(CultureInfo.InvariantCulture, $"{efforts:0.#} efforts are more than a horse at this stage is asked for."), $"Keep it to {budget.Value}.",
            new Why("Fences in a session have a budget; small ones and the second of a bounce count half, poles are counted apart", [string.Create(CultureInfo.InvariantCulture, $"{efforts:0.#} efforts counted"), c.Horse.Experience.ToString().ToLowerInvariant()], budget.Source));
    }

    /// <summary>Silent where the trainer repeats on purpose until it is easy.</summary>
    private static PlanFault? SameLayoutAgain(PlanContext c)
    {
        var before = (c.Layouts ?? []).Take(SessionFigures.SameLayoutRunning.Value - 1).ToList();
        var again = c.RepeatsUntilEasy || before.Count < SessionFigures.SameLayoutRunning.Value - 1 ? null
            : c.Plan.Parts.FirstOrDefault(p => Layout.KeyOf(c.SetUpOf(p)) is { } key && before.TrueForAll(b => b.Contains(key)));
        return again is null ? null : Soft(
            nameof(SameLayoutAgain), $"{again.What}: the same layout a third session running.", "Change its height, its place or its kind.",
            new Why("Layouts and heights change often; a horse that knows the picture stops looking", ["it stood in the two sessions before"], SessionFigures.SameLayoutRunning.Source));
    }

    private static PlanFault? PolesInHandTooLong(PlanContext c)
    {
        var limit = SessionFigures.InHandPoles;
        var minutes = c.Plan.Parts.Where(p => c.SetUpOf(p)?.HasPoles == true).Sum(p => p.Minutes);
        return c.Plan.Manner != Manner.InHand || c.Horse.Experience != Experience.Green || minutes <= limit.Value ? null : Soft(
            nameof(PolesInHandTooLong), Minutes("{0} minutes of poles in hand are long for a green horse.", minutes), $"Keep them to {limit.Value} minutes, about twice a week.",
            new Why("A few minutes of poles in hand, about twice a week", [Minutes("{0} minutes planned", minutes)], limit.Source));
    }

    private static PlanFault? LongInFirstWeekBack(PlanContext c)
    {
        var limit = SessionFigures.FirstWeekBack;
        return BackSince(c.RiddenOn ?? [], c.Plan.On) is not { } back || c.Plan.Minutes <= limit.Value || c.Plan.Manner == Manner.InHand ? null : Soft(
            nameof(LongInFirstWeekBack), Minutes("{0} minutes in its first week back.", c.Plan.Minutes), $"Keep it to {limit.Value} minutes.",
            new Why("In the first week after a long break sessions stay short", [string.Create(CultureInfo.InvariantCulture, $"back in work since {back:d MMMM}, after {SessionFigures.LongBreak.Value} days or more")], limit.Source));
    }

    private static PlanFault? HotDay(PlanContext c)
    {
        if (c.Heat is not { Care: >= HeatCare.Halve } heat)
        {
            return null;
        }

        var most = heat.Care == HeatCare.Halve ? SessionFigures.HotWork.Value : 0;
        return c.Plan.Parts.Where(IsFast).Sum(p => p.Minutes) <= most ? null : Soft(
            nameof(HotDay), $"The heat of the day says: {heat.Says}.", most > 0 ? $"Trot and canter for {most} minutes at most, or ride early." : "Walk only, or another day.", heat.Why);
    }

    internal static bool IsFast(Part part) => part.Gait is Gait.Trot or Gait.Canter or Gait.Gallop;

    private static PlanFault? BigFenceBeforeCompetition(PlanContext c)
    {
        var limit = SessionFigures.DayBeforeEfforts;
        if (c.Competition is not { } aim || aim.DaysLeft(c.Plan.On) != 1)
        {
            return null;
        }

        var atHeight = aim.Height is { } height && c.HighestFence >= height;
        return !atHeight && c.EffortsCounted <= limit.Value ? null : Soft(
            nameof(BigFenceBeforeCompetition), $"{aim.Name} is tomorrow, and this is {(atHeight ? "as high as it" : "a lot of jumping")}.", $"A small grid, {limit.Value} efforts at most, nothing at the height of the competition.",
            new Why("The day before, a light grid keeps a jumper sharp; a big fence takes from tomorrow", [string.Create(CultureInfo.InvariantCulture, $"{c.EffortsCounted:0.#} efforts counted, highest {c.HighestFence.Metres:0.00} m")], limit.Source));
    }

    /// <summary>The day it came back into work, where the plan falls within a week of that; null otherwise, and where nothing is known.</summary>
    internal static DateOnly? BackSince(IReadOnlyList<DateOnly> riddenOn, DateOnly planned)
    {
        var days = riddenOn.Where(d => d < planned).Append(planned).Distinct().Order().ToList();
        return days.Zip(days.Skip(1))
            .Where(d => d.Second.DayNumber - d.First.DayNumber >= SessionFigures.LongBreak.Value && planned.DayNumber - d.Second.DayNumber < 7)
            .Select(d => (DateOnly?)d.Second).LastOrDefault();
    }

    /// <summary>The six days before, done or planned.</summary>
    private static IEnumerable<NearbyDay> Week(PlanContext c) => c.Nearby.Where(d => d.On < c.Plan.On && d.On >= c.Plan.On.AddDays(-6));
}
