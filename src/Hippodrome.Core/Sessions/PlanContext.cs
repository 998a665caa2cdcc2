using Hippodrome.Core.Aims;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Sessions;

/// <summary>A day near the planned one and what it asked of the legs.</summary>
public sealed record NearbyDay(DateOnly On, bool Poles, bool Fences);

/// <summary>All that a plan is checked against.</summary>
/// <param name="Horse">Whose it is.</param>
/// <param name="Plan">The plan.</param>
/// <param name="SetUps">The set-ups its parts name.</param>
/// <param name="Nearby">Other days within a week of it, done or planned.</param>
/// <param name="TemperatureC">What the thermometer says, if anyone looked.</param>
/// <param name="HeldBecause">Why no ridden work is allowed until a vet clears it; null when nothing holds.</param>
/// <param name="Places">Where the horse stands on the ladders; null when nobody has said.</param>
/// <param name="Restrictions">What it may not do, whatever the day; only those that hold on the plan's day are looked at.</param>
/// <param name="Tack">The bits and aids it is ridden in.</param>
/// <param name="Feet">When its feet are due.</param>
/// <param name="ClearedOn">The day a hold was cleared, when it has not been worked since.</param>
/// <param name="Heat">The heat of the day, if it is known.</param>
/// <param name="RiddenOn">Days it was ridden before the plan's, in any order.</param>
/// <param name="Layouts">What stood in the sessions before it that had something standing, the latest first.</param>
/// <param name="RepeatsUntilEasy">The trainer repeats the same question with this horse, on purpose.</param>
/// <param name="Competition">The next competition on the plan's day or after.</param>
public sealed record PlanContext(
    Horse Horse, SessionPlan Plan, IReadOnlyDictionary<Guid, SetUp> SetUps, IReadOnlyList<NearbyDay> Nearby, double? TemperatureC = null, string? HeldBecause = null, Places? Places = null, IReadOnlyList<Restriction>? Restrictions = null,
    IReadOnlyList<Tack>? Tack = null, CareDue? Feet = null, DateOnly? ClearedOn = null,
    HeatAdvice? Heat = null, IReadOnlyList<DateOnly>? RiddenOn = null, IReadOnlyList<IReadOnlySet<string>>? Layouts = null, bool RepeatsUntilEasy = false, Aim? Competition = null)
{
    public IEnumerable<Rung> PlannedRungs => Plan.Parts.Select(p => p.Rung).OfType<Rung>().Distinct();

    public int Age => Horse.Age(Plan.On);

    public IEnumerable<SetUp> PlannedSetUps => Plan.Parts.Select(SetUpOf).OfType<SetUp>();

    /// <summary>The kinds of work planned: strands of its rungs, jumping and poles for what stands, else flatwork.</summary>
    public IReadOnlyList<Strand> Kinds => [.. Plan.Parts.Where(SessionTotals.IsWork).Select(Kind).Distinct().Order()];

    public Distance HighestFence => PlannedSetUps.Where(s => s.HasFence).Select(s => s.HighestFence).DefaultIfEmpty(Distance.Zero).MaxBy(h => h.Metres);

    public bool HasFence => PlannedSetUps.Any(s => s.HasFence);

    public bool HasPoles => PlannedSetUps.Any(s => s.HasPoles);

    /// <summary>Efforts as they are counted against the budget.</summary>
    public double EffortsCounted => Plan.Parts.Sum(p => PartDose.Of(p, SetUpOf(p)).Counted);

    internal SetUp? SetUpOf(Part part) => part.SetUpOf(SetUps);

    /// <summary>A fence stands in this part, or its rung is jumped.</summary>
    internal bool IsJumped(Part part) => SetUpOf(part)?.HasFence == true || (part.Rung is { } rung && rung.IsJumped());

    private Strand Kind(Part part) =>
        part.Rung?.Strand ?? (SetUpOf(part) is { } setUp ? setUp.HasFence ? Strand.Jumping : setUp.HasPoles ? Strand.Poles : Strand.Flatwork : Strand.Flatwork);
}

internal static class RungKinds
{
    /// <summary>Something is jumped on this rung.</summary>
    public static bool IsJumped(this Rung rung) => rung.Strand is Strand.Grids or Strand.Jumping or Strand.Narrow or Strand.CrossCountry;
}
