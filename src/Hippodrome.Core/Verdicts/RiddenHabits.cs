using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Verdicts;

/// <summary>Something that was short in the last rides, told kindly and with nothing to answer; the next plan minds it.</summary>
/// <param name="Rule">Its name.</param>
/// <param name="Says">What was seen.</param>
/// <param name="Mend">What the next ride does about it.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record RiddenHabit(string Rule, string Says, string Mend, Why Why);

/// <summary>What was ridden is checked too, from what was tapped only: walk first, walk last, fences. From the third time on.</summary>
public static class RiddenHabits
{
    /// <summary>The habits of the last rides that were tapped at the rail.</summary>
    /// <param name="horse">Whose rides.</param>
    /// <param name="rides">The latest first.</param>
    /// <param name="on">The day it is asked on.</param>
    public static IReadOnlyList<RiddenHabit> Of(Horse horse, IEnumerable<RideRecord> rides, DateOnly on)
    {
        ArgumentNullException.ThrowIfNull(horse);
        ArgumentNullException.ThrowIfNull(rides);
        var tapped = rides.Where(IsWhole).Take(VerdictFigures.HabitRides.Value).ToList();
        PlanChecks.WalkFirstNeeded(horse.Age(on), null, out var first);
        var last = SessionFigures.WalkLast.Value;
        var budget = SessionFigures.MostEfforts(horse.Experience).Value;
        return
        [
            .. Habit(
                "WalkedFirst",
                tapped.ConvertAll(WalkedFirst),
                m => m < first,
                "Walk at the start was short",
                $"At least {first} minutes of walk first.",
                SessionFigures.WalkFirst.Source
            ),
            .. Habit(
                "WalkedLast",
                tapped.ConvertAll(WalkedLast),
                m => m < last,
                "Walk at the end was short",
                $"At least {last} minutes of walk last.",
                SessionFigures.WalkLast.Source
            ),
            .. Habit(
                "JumpedALot",
                tapped.ConvertAll(r => (double)(r.Efforts.Left.All + r.Efforts.Right.All)),
                n => n > budget,
                "Many fences were jumped",
                $"At most {budget} fences.",
                SessionFigures.MostEfforts(horse.Experience).Source
            ),
        ];
    }

    private static RiddenHabit[] Habit(string rule, List<double> told, Func<double, bool> isAmiss, string what, string mend, Source source)
    {
        var amiss = told.FindAll(m => isAmiss(m));
        var unit = rule == "JumpedALot" ? "" : " minutes";
        return amiss.Count < VerdictFigures.HabitFrom.Value
            ? []
            :
            [
                new(
                    rule,
                    $"{what} in {amiss.Count} of the last {told.Count} rides tapped: {string.Join(", ", amiss.Select(Number))}{unit}.",
                    mend,
                    Why.Of("What was ridden is looked at as a plan is", [.. told.Select(m => $"{Number(m)}{unit}")], source)
                ),
            ];
    }

    private static string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);

    /// <summary>Tapped gait by gait, longer than a short session, and faster than walk at some time.</summary>
    private static bool IsWhole(RideRecord ride) =>
        ride.Rail.Stretches.Sum(s => s.Minutes) > SessionFigures.ShortSession.Value && ride.Rail.Stretches.Any(IsFast);

    private static double WalkedFirst(RideRecord ride) => ride.Rail.Stretches.TakeWhile(s => !IsFast(s)).Sum(s => s.Minutes);

    private static double WalkedLast(RideRecord ride) => ride.Rail.Stretches.Reverse().TakeWhile(s => !IsFast(s)).Sum(s => s.Minutes);

    private static bool IsFast(Stretch stretch) => stretch.Gait.IsFasterThanWalk();
}
