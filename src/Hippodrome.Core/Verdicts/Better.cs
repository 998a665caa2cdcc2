using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>One thing that has become better: what a review begins with, before it asks for anything.</summary>
/// <param name="Says">In words.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record Better(string Says, Why Why)
{
    /// <summary>
    /// The thing that has grown most, each measured against what is noticed of it; null where nothing has.
    /// </summary>
    /// <param name="now">The ride.</param>
    /// <param name="before">Rides before it, the latest first.</param>
    public static Better? Of(RideRecord now, IEnumerable<RideRecord> before)
    {
        ArgumentNullException.ThrowIfNull(now);
        var earlier = before.ToList();
        return new[]
        {
            WorseRein(now, earlier),
            SidesApart(now, earlier),
            Clean(now, earlier),
            Stops(now, earlier),
            Calmer(now, earlier),
            Let(now, earlier),
        }
            .OfType<Gain>()
            .MaxBy(g => g.Times)
            ?.Better;
    }

    /// <param name="Times">How many times what is noticed.</param>
    private sealed record Gain(double Times, Better Better);

    private static Gain? WorseRein(RideRecord now, List<RideRecord> earlier)
    {
        var last = Last(earlier, r => r.Marks is { Left: not null, Right: not null });
        if (last.Count == 0 || now.Marks is not { Left: { } left, Right: { } right })
        {
            return null;
        }

        var (wasLeft, wasRight) = (last.Average(r => r.Marks.Left!.Value), last.Average(r => r.Marks.Right!.Value));
        var isLeft = wasLeft <= wasRight;
        var (today, was) = isLeft ? (left, wasLeft) : (right, wasRight);
        return Grown(
            today - was,
            VerdictFigures.BetterMark,
            $"The {(isLeft ? "left" : "right")} rein, its weaker one: a mark of {today:0.#}",
            $"{was:0.#} before",
            last.Count
        );
    }

    private static Gain? SidesApart(RideRecord now, List<RideRecord> earlier)
    {
        var last = Last(earlier, r => r.Marks is { Left: not null, Right: not null });
        if (last.Count == 0 || now.Marks is not { Left: { } left, Right: { } right })
        {
            return null;
        }

        var (today, was) = (Math.Abs(left - right), last.Average(r => Math.Abs(r.Marks.Left!.Value - r.Marks.Right!.Value)));
        return Grown(
            was - today,
            VerdictFigures.BetterMark,
            today < 0.05 ? (FormattableString)$"Left and right came out even" : $"Left and right came nearer: {today:0.#} apart",
            $"{was:0.#} apart before",
            last.Count
        );
    }

    private static Gain? Clean(RideRecord now, List<RideRecord> earlier)
    {
        var last = Last(earlier, r => Passes(r) >= VerdictFigures.BetterPasses.Value);
        return last.Count == 0 || Passes(now) < VerdictFigures.BetterPasses.Value
            ? null
            : Grown(
                Share(now) - last.Average(Share),
                VerdictFigures.BetterShare,
                $"{Share(now):P0} of the passes over poles were clean",
                $"{last.Average(Share):P0} before",
                last.Count
            );
    }

    private static Gain? Stops(RideRecord now, List<RideRecord> earlier)
    {
        var last = Last(earlier, Jumped);
        var before = last.Sum(Refused);
        return !Jumped(now) || Refused(now) > 0 || before == 0
            ? null
            : Grown(before, VerdictFigures.BetterStops, $"Every fence was jumped", $"{before} stopped or run out before", last.Count);
    }

    private static Gain? Calmer(RideRecord now, List<RideRecord> earlier)
    {
        var last = Last(earlier, r => r.TensionPeak is not null);
        return last.Count == 0 || now.TensionPeak is not { } peak
            ? null
            : Grown(
                last.Average(r => r.TensionPeak!.Value) - peak,
                VerdictFigures.BetterTension,
                $"It was calmer: tension {peak} at its highest",
                $"{last.Average(r => r.TensionPeak!.Value):0.#} before",
                last.Count
            );
    }

    private static Gain? Let(RideRecord now, List<RideRecord> earlier)
    {
        var last = Last(earlier, r => r.ClosingTestPassed is not null);
        return now.ClosingTestPassed != true || last.Count == 0 || last[0].ClosingTestPassed != false
            ? null
            : Grown(
                1,
                VerdictFigures.BetterStops,
                $"With the reins dropped its head went down and out",
                $"not so the last time",
                last.Count
            );
    }

    private static Gain? Grown(double by, Figure<double> noticed, FormattableString says, FormattableString before, int rides)
    {
        var times = Math.Round(by, 4) / noticed.Value;
        if (times < 1)
        {
            return null;
        }

        var (now, then) = (Input.Of(says).Says, Input.Of(before).Says);
        return new Gain(
            times,
            new Better(
                $"{now}; {then}.",
                Why.Of(
                    "What has grown most against the last rides that tell of it",
                    [now, then, $"{rides} {(rides == 1 ? "ride" : "rides")} before"],
                    noticed.Source
                )
            )
        );
    }

    private static List<RideRecord> Last(List<RideRecord> earlier, Func<RideRecord, bool> tells) =>
        [.. earlier.Where(tells).Take(VerdictFigures.BetterRides.Value)];

    private static int Passes(RideRecord r) => r.Passes.Left.All + r.Passes.Right.All;

    private static double Share(RideRecord r) => (double)(r.Passes.Left.Clean + r.Passes.Right.Clean) / Passes(r);

    private static bool Jumped(RideRecord r) => r.Efforts.Left.All + r.Efforts.Right.All > 0;

    private static int Refused(RideRecord r) => r.Efforts.Left.Stop + r.Efforts.Right.Stop + r.Efforts.Left.RunOut + r.Efforts.Right.RunOut;
}
