using Hippodrome.Core.Aims;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Sessions;

/// <summary>What a session adds up to and what is wrong with it.</summary>
/// <param name="Totals">What it adds up to.</param>
/// <param name="Faults">What is wrong with it.</param>
/// <param name="Heat">The heat of its hours, where anybody knows.</param>
/// <param name="BestHour">The hour to begin at that asks for the least care; null where no heat asks for any.</param>
/// <param name="Ramp">What a return to work leaves for it; null where there is none.</param>
public sealed record SessionCheck(SessionTotals Totals, IReadOnlyList<PlanFault> Faults, HeatAdvice? Heat, int? BestHour, RampLimit? Ramp);

/// <summary>Another session of the horse near a day.</summary>
/// <param name="SessionId">Which.</param>
/// <param name="Day">What it asked of the legs.</param>
/// <param name="Layouts">What stood in it.</param>
public sealed record SessionNearby(Guid SessionId, NearbyDay Day, IReadOnlySet<string> Layouts);

/// <summary>All that plans of one horse on one day are checked against, besides the plan.</summary>
public sealed record PlanFacts
{
    public required DateOnly On { get; init; }

    public required Horse Horse { get; init; }

    public required StrideCard Card { get; init; }

    /// <summary>The set-ups that plans may name.</summary>
    public required IReadOnlyDictionary<Guid, SetUp> SetUps { get; init; }

    /// <summary>Its sessions around the day, as far as a rule looks; the plan itself may be among them.</summary>
    public required IReadOnlyList<SessionNearby> Nearby { get; init; }

    public required Places Places { get; init; }

    public required IReadOnlyList<Restriction> Restrictions { get; init; }

    /// <summary>The tack that plans may name.</summary>
    public required IReadOnlyDictionary<Guid, Tack> Tack { get; init; }

    public required AirOfDay Air { get; init; }

    /// <summary>What holds it on that day, in words.</summary>
    public string? HeldBecause { get; init; }

    public string? WalkInHandBy { get; init; }

    public CareDue? Feet { get; init; }

    public bool RepeatsUntilEasy { get; init; }

    public bool AllRound { get; init; } = true;

    public Aim? Competition { get; init; }

    public Aim? CompetedYesterday { get; init; }

    public AfterClearance? Cleared { get; init; }

    public RampLimit? Ramp { get; init; }

    public int CalmSits { get; init; }

    public DateOnly? ChangesBoiledOver { get; init; }

    public DateOnly? TreatedOn { get; init; }

    public Why? SameLeg { get; init; }

    /// <summary>A plan with all that it is checked against.</summary>
    public PlanContext With(SessionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var others = Nearby.Where(s => s.SessionId != plan.Id).ToList();
        return new PlanContext
        {
            Horse = Horse,
            Plan = plan,
            SetUps = SetUps,
            Nearby = [.. others.Select(s => s.Day).Where(d => d.On >= On.AddDays(-PlanChecks.DaysBack))],
            Earlier = [.. others.Select(s => s.Day).Where(d => d.On < On)],
            AllRound = AllRound,
            TemperatureC = Air.NowC,
            HeldBecause = HeldBecause,
            Places = Places,
            Restrictions = Restrictions,
            Tack = [.. plan.TackIds.Select(id => Tack.GetValueOrDefault(id)).OfType<Tack>()],
            Feet = Feet,
            Heat = Air.HeatOf(plan, Horse),
            Layouts = [.. others.Where(s => s.Day.On < On && s.Layouts.Count > 0).OrderByDescending(s => s.Day.On).Select(s => s.Layouts)],
            RepeatsUntilEasy = RepeatsUntilEasy,
            Competition = Competition,
            CompetedYesterday = CompetedYesterday,
            WalkInHandBy = WalkInHandBy,
            Cleared = Cleared,
            Ramp = Ramp,
            CalmSits = CalmSits,
            ChangesBoiledOver = ChangesBoiledOver,
            TreatedOn = TreatedOn,
            Card = Card,
            SameLeg = SameLeg,
        };
    }

    /// <summary>Totals and faults of a plan.</summary>
    public SessionCheck Check(SessionPlan plan)
    {
        var context = With(plan);
        var hour = context.Heat is { Care: > HeatCare.Go } ? Air.BestHour(plan.Minutes, Horse) : null;
        return new SessionCheck(SessionTotals.Of(plan, Card, SetUps), PlanChecks.Check(context), context.Heat, hour, Ramp);
    }
}
