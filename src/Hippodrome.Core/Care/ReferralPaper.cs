using System.Globalization;
using System.Text;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Care;

/// <summary>A ride before a referral, with what it added up to.</summary>
public sealed record ReferredRide(Guid RideId, DateOnly On, string Rider, RideRecord Record);

/// <summary>A day on which something was told.</summary>
/// <param name="RideId">The ride.</param>
/// <param name="On">The day.</param>
/// <param name="Rider">Who rode.</param>
/// <param name="Minutes">Minutes ridden.</param>
/// <param name="Touches">Touches and knocks.</param>
/// <param name="Legs">Those of them that were told by leg.</param>
/// <param name="Signs">Signs, each with the rein it was seen on.</param>
/// <param name="Refusals">Stops and run-outs.</param>
/// <param name="Marks">The mean mark of each rein.</param>
public sealed record ReferralDay(
    Guid RideId,
    DateOnly On,
    string Rider,
    double Minutes,
    int Touches,
    IReadOnlyDictionary<Leg, int> Legs,
    IReadOnlyList<SignOnRein> Signs,
    int Refusals,
    MarksByRein Marks
)
{
    internal static ReferralDay Of(ReferredRide ride)
    {
        var (r, e) = (ride.Record, ride.Record.Efforts);
        return new ReferralDay(
            ride.RideId,
            ride.On,
            ride.Rider,
            Math.Round(r.Minutes),
            Math.Max(r.Passes.Left.Touched + r.Passes.Right.Touched + Hit(e.Left) + Hit(e.Right), r.Rail.TouchedLegs.Values.Sum()),
            r.Rail.TouchedLegs,
            r.Signs,
            e.Left.Stop + e.Right.Stop + e.Left.RunOut + e.Right.RunOut,
            r.Marks
        );
    }

    private static int Hit(EffortCount side) => side.Rub + side.Knock;

    /// <summary>What it told, in words.</summary>
    public string Says
    {
        get
        {
            List<string> said = [];
            if (Touches > 0)
            {
                said.Add($"{Touches} {(Touches == 1 ? "touch" : "touches")}");
            }

            if (Refusals > 0)
            {
                said.Add($"{Refusals} stopped or ran out");
            }

            return string.Join(", ", [.. said, .. Signs.Select(s => $"{s.Sign.Say()}{OnRein(s.Rein)}")]);
        }
    }

    private static string OnRein(Rein? rein) =>
        rein switch
        {
            null => "",
            Rein.Both => " on both reins",
            _ => $" on the {rein.ToString()!.ToLowerInvariant()} rein",
        };

    internal bool TellsSomething => Touches > 0 || Legs.Count > 0 || Signs.Count > 0 || Refusals > 0;
}

/// <summary>Touched passes of all passes on one rein.</summary>
public sealed record TouchedOf(int Touched, int All);

/// <summary>
/// What whoever looks at the horse is given: reason, counts, days. Counted over the four weeks up to the day it was opened, so
/// that the paper stays as it was sent.
/// </summary>
public sealed record ReferralPaper
{
    /// <summary>The first day that is counted.</summary>
    public required DateOnly From { get; init; }

    /// <summary>Rides in that time, also those that told nothing.</summary>
    public required int Rides { get; init; }

    /// <summary>Days on which something was told, the latest first.</summary>
    public required IReadOnlyList<ReferralDay> Days { get; init; }

    /// <summary>Touches told by leg.</summary>
    public required IReadOnlyDictionary<Leg, int> Legs { get; init; }

    /// <summary>Passes over poles by rein.</summary>
    public required BothReins<TouchedOf> Passes { get; init; }

    /// <summary>The mean mark of each rein over the rides that were marked.</summary>
    public required MarksByRein Marks { get; init; }

    /// <summary>All of it as plain lines, to be sent.</summary>
    public required string Text { get; init; }

    /// <param name="horse">Which horse.</param>
    /// <param name="referral">The referral.</param>
    /// <param name="rides">Its rides, in any order; those after the day it was opened are left out.</param>
    public static ReferralPaper Of(Horse horse, Referral referral, IEnumerable<ReferredRide> rides)
    {
        ArgumentNullException.ThrowIfNull(horse);
        ArgumentNullException.ThrowIfNull(referral);
        var from = referral.On.AddDays(1 - CareFigures.ReferralDays.Value);
        var counted = rides.Where(r => r.On >= from && r.On <= referral.On).OrderByDescending(r => r.On).ToList();
        var days = counted.Select(ReferralDay.Of).Where(d => d.TellsSomething).ToList();
        var paper = new ReferralPaper
        {
            From = from,
            Rides = counted.Count,
            Days = days,
            Legs = days.SelectMany(d => d.Legs).GroupBy(l => l.Key).ToDictionary(g => g.Key, g => g.Sum(l => l.Value)),
            Passes = new(Passed(counted, p => p.Left), Passed(counted, p => p.Right)),
            Marks = new(Mean(counted, m => m.Left), Mean(counted, m => m.Right)),
            Text = "",
        };
        return paper with { Text = TextOf(horse, referral, paper) };
    }

    private static TouchedOf Passed(List<ReferredRide> rides, Func<BothReins<PassCount>, PassCount> side) =>
        new(rides.Sum(r => side(r.Record.Passes).Touched), rides.Sum(r => side(r.Record.Passes).All));

    private static double? Mean(List<ReferredRide> rides, Func<MarksByRein, double?> side) =>
        rides.Select(r => side(r.Record.Marks)).Average() is { } mean ? Math.Round(mean, 1) : null;

    private static string TextOf(Horse horse, Referral referral, ReferralPaper paper)
    {
        var text = new StringBuilder();
        void Line(FormattableString line) => text.Append(line.ToString(CultureInfo.InvariantCulture)).Append('\n');
        Line($"{horse.Name}, {horse.Age(referral.On)} years, for the {referral.To.Say()}. {referral.On:d MMMM yyyy}");
        Line($"Why: {referral.Because}.");
        if (referral.Waits != WaitingWork.Nothing)
        {
            Line($"Until you have looked, no {referral.Waits.Say()}. Other work goes on.");
        }

        Line($"{paper.Rides} rides since {paper.From:d MMMM}.");
        if (paper.Legs.Count > 0)
        {
            var byLeg = Enum.GetValues<Leg>().Select(l => $"{l.Say()} {paper.Legs.GetValueOrDefault(l)}");
            Line($"Touches told by leg: {string.Join(", ", byLeg)}.");
        }

        if (paper.Passes.Left.All + paper.Passes.Right.All > 0)
        {
            Line($"Passes over poles touched: left rein {Of(paper.Passes.Left)}, right rein {Of(paper.Passes.Right)}.");
        }

        if (paper.Marks is { Left: { } left, Right: { } right })
        {
            Line($"Mean mark: left rein {left:0.0}, right rein {right:0.0}.");
        }

        foreach (var day in paper.Days)
        {
            Line($"{day.On:d MMMM}: {day.Says}.");
        }

        return text.ToString();
    }

    private static string Of(TouchedOf side) => $"{side.Touched} of {side.All}";
}
