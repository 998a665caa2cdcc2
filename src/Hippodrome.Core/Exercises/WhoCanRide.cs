using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Exercises;

/// <summary>A horse at one gap of a set-up as it stands.</summary>
/// <param name="Fit">The word for it.</param>
/// <param name="Own">This horse's own distance, as it would be built.</param>
/// <param name="LongerBy">How much longer its own is than what stands; shorter below zero.</param>
/// <param name="Otherwise">The count that suits it better, if there is one.</param>
public sealed record GapForHorse(Fit Fit, Distance Own, double LongerBy, OtherCount? Otherwise);

/// <summary>A horse and a set-up as it stands.</summary>
/// <param name="Name">The horse's name.</param>
/// <param name="Gaps">Gap by gap.</param>
/// <param name="AsBuilt">Every gap is true, or can be ridden forward or steady.</param>
/// <param name="Says">What to move for it, in words.</param>
/// <param name="Positions">Where its own elements would stand on the tape.</param>
public sealed record HorseOnSetUp(string Name, IReadOnlyList<GapForHorse> Gaps, bool AsBuilt, string Says, IReadOnlyList<double> Positions);

/// <summary>One arena, several horses: who can ride what stands, and what to move for the others.</summary>
public static class WhoCanRide
{
    /// <summary>Holds a set-up as built for one horse against another's own stride card.</summary>
    /// <param name="setUp">What was built.</param>
    /// <param name="built">As it stands.</param>
    /// <param name="name">The horse that comes to it.</param>
    /// <param name="card">Its own card.</param>
    /// <param name="tape">The tape it would be moved with.</param>
    public static HorseOnSetUp As(SetUp setUp, MeasuredSetUp built, string name, StrideCard card, Tape tape)
    {
        ArgumentNullException.ThrowIfNull(setUp);
        ArgumentNullException.ThrowIfNull(built);
        if (setUp is Course)
        {
            return RoundCourse(built, setUp.MeasureFor(card, tape), name);
        }

        var own = setUp.OwnFor(card, tape);
        var gaps = built
            .Gaps.Zip(own.Gaps, (stands, wants) =>
                new GapForHorse(
                    FitOf(stands, wants),
                    wants.Built.Built,
                    Math.Round(wants.Built.Built.Metres - stands.Built.Built.Metres, 2),
                    OtherCountOf(stands, wants)
                )
            )
            .ToList();
        var moves = gaps.Select((g, i) => (g, i)).Where(x => x.g.Fit is Fit.TooShort or Fit.Long && x.g.LongerBy != 0).ToList();
        var asBuilt = gaps.TrueForAll(g => g.Fit is not (Fit.TooShort or Fit.Long));
        return new HorseOnSetUp(
            name,
            gaps,
            asBuilt,
            asBuilt
                ? gaps.TrueForAll(g => g.Fit == Fit.True)
                    ? "as it stands"
                    : $"as it stands, {string.Join(", ", gaps.Where(g => g.Fit != Fit.True).Select(g => g.Fit == Fit.Tight ? "steady" : "forward").Distinct())}"
                : moves.Count == 0
                    ? "not on these distances: it takes another stride here than the one it is built for"
                    : string.Join(
                        ", ",
                        moves.Select(x =>
                            FormattableString.Invariant(
                                $"gap {x.i + 1} {Math.Abs(x.g.LongerBy) * 100:0} cm {(x.g.LongerBy > 0 ? "longer" : "shorter")}"
                            )
                        )
                    ),
            [.. own.Elements.Select(e => e.At.Metres)]
        );
    }

    /// <summary>The fences of a course stay where they are: another horse rides its own count of strides to each, on a way of its own.</summary>
    private static HorseOnSetUp RoundCourse(MeasuredSetUp built, MeasuredSetUp ridden, string name)
    {
        var gaps = ridden.Gaps.Select(g => new GapForHorse(g.Fit, g.Built.Built, 0, null)).ToList();
        var (here, there) = (ridden.Course!.Legs, built.Course!.Legs);
        var otherwise = here.Zip(there)
            .Where(l => l.First.Counted is { } count && count != l.Second.Counted)
            .Select(l => $"{l.First.From} to {l.First.To} in {l.First.Counted}")
            .ToList();
        var far = gaps.Select((g, i) => (g.Fit, Leg: here[i])).Where(g => g.Fit is Fit.TooShort or Fit.Long).ToList();
        return new HorseOnSetUp(
            name,
            gaps,
            far.Count == 0,
            far.Count > 0 ? $"not well: {string.Join(", ", far.Select(f => $"{f.Leg.From} to {f.Leg.To}"))} does not suit its stride"
                : otherwise.Count > 0 ? string.Join(", ", otherwise)
                : "in the same strides",
            []
        );
    }

    /// <summary>Why this horse does not come to it at all, whatever its distances: held, too young, or ruled out. Null when it may.</summary>
    public static string? MayNot(SetUp setUp, Horse horse, string? heldBecause, IReadOnlyList<Restriction> restrictions, DateOnly on)
    {
        ArgumentNullException.ThrowIfNull(setUp);
        ArgumentNullException.ThrowIfNull(horse);
        var age = horse.Age(on);
        var youngest = setUp.HasFence ? ExerciseFigures.FromFive : ExerciseFigures.FromFour;
        var ruledOut = restrictions.FirstOrDefault(r =>
            r.HoldsOn(on)
            && (
                r.NoGaits.Contains(setUp.Approach.Gait())
                || (
                    setUp.HasFence
                    && (
                        r.MostHeight < setUp.HighestFence
                        || r.NoGaits.Contains(Gait.Canter)
                        || r.NoStrands.Any(s => s is Strand.Grids or Strand.Jumping)
                    )
                )
                || (setUp.HasPoles && r.NoStrands.Contains(Strand.Poles))
            )
        );
        return heldBecause is not null ? $"held: {heldBecause}"
            : age < youngest.Value
                ? $"too young: {(setUp.HasFence ? "fences" : setUp.HasPoles ? "ridden poles" : "ridden figures")} from age {youngest.Value}"
            : ruledOut is not null ? $"{ruledOut.By}: {ruledOut.Says}"
            : null;
    }

    /// <summary>The same built distance, on this horse's stride.</summary>
    private static Fit FitOf(Gap stands, Gap wants) =>
        wants.Between is { } between
            ? Fits.Of(between.StrideIn(stands.Built.Built, between.Strides) / between.StrideOwn)
            : Fits.Of(stands.Built.Built / wants.Own);

    private static OtherCount? OtherCountOf(Gap stands, Gap wants)
    {
        if (wants.Between is not { Strides: > 0 } between || FitOf(stands, wants) == Fit.True)
        {
            return null;
        }

        return new[] { between.Strides - 1, between.Strides + 1 }
            .Where(n => n > 0)
            .Select(n => (n, Needed: between.StrideIn(stands.Built.Built, n)))
            .Select(c => new OtherCount(c.n, c.Needed, Fits.Of(c.Needed / between.StrideOwn)))
            .FirstOrDefault(c => c.Fit == Fit.True);
    }
}
