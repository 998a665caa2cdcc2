using Hippodrome.Core.Aims;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <summary>The horse as plans are checked for it.</summary>
public sealed record CarriedPlanHorse(
    Guid Id,
    string Name,
    int Foaled,
    double HeightCentimetres,
    Sex Sex,
    Experience Experience,
    double? HeatLimitC,
    IReadOnlyList<Thing> Met
)
{
    public static CarriedPlanHorse Of(Horse horse)
    {
        ArgumentNullException.ThrowIfNull(horse);
        return new(horse.Id, horse.Name, horse.Foaled, horse.Height.Centimetres, horse.Sex, horse.Experience, horse.HeatLimitC, horse.Met);
    }

    public Horse Horse() =>
        Horses.Horse.Kept(
            Id,
            Name,
            Foaled,
            HorseHeight.Kept(HeightCentimetres),
            Sex,
            Experience,
            "",
            default,
            heatLimitC: HeatLimitC,
            met: Met
        );
}

/// <summary>A set-up of the horse.</summary>
public sealed record CarriedSetUp(Guid Id, SetUpEntry Entry);

/// <summary>A session near the day, and what stood in it.</summary>
public sealed record CarriedSession(Guid Id, NearbyDay Day, IReadOnlyList<string> Layouts);

/// <summary>What the horse may not do for a while; heights in metres.</summary>
public sealed record CarriedRestriction(
    Guid Id,
    string Because,
    string By,
    DateOnly Since,
    DateOnly? Until,
    IReadOnlyList<Gait> NoGaits,
    IReadOnlyList<Strand> NoStrands,
    double? MostHeightMetres,
    Guid? ReferralId
)
{
    public static CarriedRestriction Of(Restriction r)
    {
        ArgumentNullException.ThrowIfNull(r);
        return new(r.Id, r.Because, r.By, r.Since, r.Until, r.NoGaits, r.NoStrands, r.MostHeight?.Metres, r.ReferralId);
    }

    public Restriction Restriction() =>
        Horses.Restriction.Kept(
            Id,
            Because,
            By,
            Since,
            Until,
            NoGaits,
            NoStrands,
            MostHeightMetres is { } most ? Distance.FromMetres(most) : null
        ) with
        {
            ReferralId = ReferralId,
        };
}

/// <summary>A bit or an aid; heights in metres.</summary>
public sealed record CarriedTack(Guid Id, TackKind Kind, string Name, IReadOnlyList<Strand> For, double? FencesFromMetres)
{
    public static CarriedTack Of(Tack tack)
    {
        ArgumentNullException.ThrowIfNull(tack);
        return new(tack.Id, tack.Kind, tack.Name, tack.For, tack.FencesFrom?.Metres);
    }

    public Tack Tack() => new(Id, Kind, Name, For, FencesFromMetres is { } from ? Distance.FromMetres(from) : null, "");
}

/// <summary>The next competition; heights in metres.</summary>
public sealed record CarriedAim(
    Guid Id,
    string Name,
    DateOnly On,
    Discipline Discipline,
    string Scheme,
    string Level,
    double? HeightMetres,
    string Place
)
{
    public static CarriedAim Of(Aim aim)
    {
        ArgumentNullException.ThrowIfNull(aim);
        return new(aim.Id, aim.Name, aim.On, aim.Discipline, aim.Scheme, aim.Level, aim.Height?.Metres, aim.Place);
    }

    public Aim Aim() =>
        Aims.Aim.Kept(Id, Name, On, Discipline, Scheme, Level, HeightMetres is { } h ? Distance.FromMetres(h) : null, Place);
}

/// <summary>When the feet are due.</summary>
public sealed record CarriedFeet(CareState State, DateOnly? DueOn, string Says, Why Why);

/// <summary>The facts that plans of one horse on one day are checked against, so that a page checks them as the server does.</summary>
public sealed record CarriedPlanning
{
    /// <summary>The yard's day: an entry is read against it.</summary>
    public required DateOnly Today { get; init; }

    /// <summary>The day that is planned.</summary>
    public required DateOnly On { get; init; }

    public required CarriedPlanHorse Horse { get; init; }

    public required IReadOnlyList<CarriedStride> Strides { get; init; }

    public required IReadOnlyList<CarriedSetUp> SetUps { get; init; }

    public required IReadOnlyList<CarriedSession> Nearby { get; init; }

    /// <summary>The rungs it stands on.</summary>
    public required IReadOnlyList<string> Rungs { get; init; }

    public required IReadOnlyList<CarriedRestriction> Restrictions { get; init; }

    public required IReadOnlyList<CarriedTack> Tack { get; init; }

    public required AirOfDay Air { get; init; }

    public string? HeldBecause { get; init; }

    public string? WalkInHandBy { get; init; }

    public CarriedFeet? Feet { get; init; }

    public bool RepeatsUntilEasy { get; init; }

    public bool AllRound { get; init; } = true;

    public CarriedAim? Competition { get; init; }

    public CarriedAim? CompetedYesterday { get; init; }

    public AfterClearance? Cleared { get; init; }

    public RampLimit? Ramp { get; init; }

    public int CalmSits { get; init; }

    public DateOnly? ChangesBoiledOver { get; init; }

    public DateOnly? TreatedOn { get; init; }

    public Why? SameLeg { get; init; }

    /// <param name="facts">The facts.</param>
    /// <param name="today">The yard's day.</param>
    /// <param name="strides">The strides its card is made of.</param>
    /// <param name="setUps">Its set-ups as they were entered.</param>
    public static CarriedPlanning Of(
        PlanFacts facts,
        DateOnly today,
        IEnumerable<StrideMeasurement> strides,
        IReadOnlyDictionary<Guid, SetUpEntry> setUps
    )
    {
        ArgumentNullException.ThrowIfNull(facts);
        return new CarriedPlanning
        {
            Today = today,
            On = facts.On,
            Horse = CarriedPlanHorse.Of(facts.Horse),
            Strides = [.. strides.Select(CarriedStride.Of)],
            SetUps = [.. setUps.Select(s => new CarriedSetUp(s.Key, s.Value))],
            Nearby = [.. facts.Nearby.Select(s => new CarriedSession(s.SessionId, s.Day, [.. s.Layouts]))],
            Rungs = [.. Enum.GetValues<Strand>().Select(s => facts.Places[s]?.Id).OfType<string>()],
            Restrictions = [.. facts.Restrictions.Select(CarriedRestriction.Of)],
            Tack = [.. facts.Tack.Values.Select(CarriedTack.Of)],
            Air = facts.Air,
            HeldBecause = facts.HeldBecause,
            WalkInHandBy = facts.WalkInHandBy,
            Feet = facts.Feet is { } feet ? new CarriedFeet(feet.State, feet.DueOn, feet.Says, feet.Why) : null,
            RepeatsUntilEasy = facts.RepeatsUntilEasy,
            Competition = facts.Competition is { } aim ? CarriedAim.Of(aim) : null,
            CompetedYesterday = facts.CompetedYesterday is { } competed ? CarriedAim.Of(competed) : null,
            Cleared = facts.Cleared,
            Ramp = facts.Ramp,
            CalmSits = facts.CalmSits,
            ChangesBoiledOver = facts.ChangesBoiledOver,
            TreatedOn = facts.TreatedOn,
            AllRound = facts.AllRound,
            SameLeg = facts.SameLeg,
        };
    }

    public PlanFacts Facts() =>
        new()
        {
            On = On,
            Horse = Horse.Horse(),
            Card = StrideCard.For(HorseHeight.Kept(Horse.HeightCentimetres), Strides.Select(s => s.Stride())),
            SetUps = SetUps.ToDictionary(s => s.Id, s => s.Entry.AsKept().SetUp),
            Nearby = [.. Nearby.Select(s => new SessionNearby(s.Id, s.Day, s.Layouts.ToHashSet()))],
            Places = Places.At(Rungs.Select(Catalogue.Rung)),
            Restrictions = [.. Restrictions.Select(r => r.Restriction())],
            Tack = Tack.ToDictionary(t => t.Id, t => t.Tack()),
            Air = Air,
            HeldBecause = HeldBecause,
            WalkInHandBy = WalkInHandBy,
            Feet = Feet is { } feet ? new CareDue(CareKind.Feet, feet.State, null, feet.DueOn, feet.Says, feet.Why) : null,
            RepeatsUntilEasy = RepeatsUntilEasy,
            Competition = Competition?.Aim(),
            CompetedYesterday = CompetedYesterday?.Aim(),
            Cleared = Cleared,
            Ramp = Ramp,
            CalmSits = CalmSits,
            ChangesBoiledOver = ChangesBoiledOver,
            TreatedOn = TreatedOn,
            AllRound = AllRound,
            SameLeg = SameLeg,
        };
}
