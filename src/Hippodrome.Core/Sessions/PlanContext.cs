using Hippodrome.Core.Aims;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Sessions;

/// <summary>A day near the planned one and what it asked of the legs.</summary>
public sealed record NearbyDay(DateOnly On, bool Poles, bool Fences)
{
    /// <summary>The rein its work began on; null where nobody sat, or both came together.</summary>
    public Rein? FirstRein { get; init; }

    /// <summary>The kinds of work in it.</summary>
    public IReadOnlyList<WorkKind> Kinds { get; init; } = [];

    /// <summary>The dressage tests that are ridden from beginning to end.</summary>
    public IReadOnlyList<Guid> WholeTests { get; init; } = [];

    /// <summary>What a session asks, however its poles and fences were entered.</summary>
    public static NearbyDay Of(SessionPlan plan, IReadOnlyDictionary<Guid, SetUp>? setUps)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return new NearbyDay(
            plan.On,
            plan.Parts.Any(p => p.SetUpOf(setUps)?.HasPoles == true),
            plan.Parts.Any(p => PartDose.Of(p, p.SetUpOf(setUps)).Fences.Count > 0)
        )
        {
            FirstRein = WorkKinds.FirstRein(plan),
            Kinds = WorkKinds.Of(plan, setUps),
            WholeTests = [.. plan.Parts.Where(p => p.IsWholeTest).Select(p => p.TestId!.Value)],
        };
    }
}

/// <summary>A hold that has been cleared, and how far the horse has come since.</summary>
/// <param name="On">The day it was cleared.</param>
/// <param name="WorkedDays">Days it has been worked since, each level and steady.</param>
/// <param name="NoLungeing">The clearance rules lungeing out: it is led instead.</param>
public sealed record AfterClearance(DateOnly On, int WorkedDays, bool NoLungeing)
{
    /// <summary>The lunge, the long lines, the saddle: a day each.</summary>
    public const int Days = 3;

    /// <summary>Where a horse is after a clearance; null once the saddle has been reached.</summary>
    /// <param name="on">The day it was cleared.</param>
    /// <param name="workedOn">Days it was worked, in any order.</param>
    /// <param name="before">The day that is planned.</param>
    /// <param name="noLungeing">The clearance rules lungeing out.</param>
    public static AfterClearance? Of(DateOnly on, IEnumerable<DateOnly> workedOn, DateOnly before, bool noLungeing)
    {
        var days = workedOn.Where(d => d >= on && d < before).Distinct().Count();
        return before < on || days >= Days ? null : new AfterClearance(on, days, noLungeing);
    }
}

/// <summary>What a return to work leaves for one session.</summary>
/// <param name="Walk">Minutes in all.</param>
/// <param name="Trot">Minutes of trot in them.</param>
/// <param name="Canter">Minutes of canter in them.</param>
/// <param name="MayJump">Canter has been steady long enough.</param>
/// <param name="MayWalkPoles">Poles in walk, from the trot weeks on.</param>
/// <param name="Binding">After injury or illness, or in a vet's stage: no word goes round it.</param>
/// <param name="MayShortFirstDay">The first week after rest, in which a short first day may stand in for a walk day.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record RampLimit(
    int Walk,
    int Trot,
    int Canter,
    bool MayJump,
    bool MayWalkPoles,
    bool Binding,
    bool MayShortFirstDay,
    Why Why
)
{
    /// <summary>Everything in a session.</summary>
    public int Total => Walk + Trot + Canter;
}

/// <summary>All that a plan is checked against.</summary>
public sealed record PlanContext
{
    /// <summary>Whose it is.</summary>
    public required Horse Horse { get; init; }

    /// <summary>The plan.</summary>
    public required SessionPlan Plan { get; init; }

    /// <summary>The set-ups its parts name.</summary>
    public required IReadOnlyDictionary<Guid, SetUp> SetUps { get; init; }

    /// <summary>Other days within a week of it, done or planned.</summary>
    public required IReadOnlyList<NearbyDay> Nearby { get; init; }

    /// <summary>Days before it, as far back as layouts are looked at.</summary>
    public IReadOnlyList<NearbyDay> Earlier { get; init; } = [];

    /// <summary>A young horse is brought on broadly, as its approach has it.</summary>
    public bool AllRound { get; init; } = true;

    /// <summary>What the thermometer says, if anyone looked.</summary>
    public double? TemperatureC { get; init; }

    /// <summary>Why no work is allowed until a vet clears it; null when nothing holds.</summary>
    public string? HeldBecause { get; init; }

    /// <summary>Where the horse stands on the ladders; null when nobody has said.</summary>
    public Places? Places { get; init; }

    /// <summary>What it may not do, whatever the day; only those that hold on the plan's day are looked at.</summary>
    public IReadOnlyList<Restriction>? Restrictions { get; init; }

    /// <summary>The bits and aids it is ridden in.</summary>
    public IReadOnlyList<Tack>? Tack { get; init; }

    /// <summary>When its feet are due.</summary>
    public CareDue? Feet { get; init; }

    /// <summary>The heat of the hours it is ridden in, if it is known.</summary>
    public HeatAdvice? Heat { get; init; }

    /// <summary>What stood in the sessions before it that had something standing, the latest first.</summary>
    public IReadOnlyList<IReadOnlySet<string>>? Layouts { get; init; }

    /// <summary>The trainer repeats the same question with this horse, on purpose.</summary>
    public bool RepeatsUntilEasy { get; init; }

    /// <summary>The next competition on the plan's day or after.</summary>
    public Aim? Competition { get; init; }

    /// <summary>The competition of the day before; null where there was none, or it did not start.</summary>
    public Aim? CompetedYesterday { get; init; }

    /// <summary>The vet who has allowed walking in hand while the horse is held; null where nobody has.</summary>
    public string? WalkInHandBy { get; init; }

    /// <summary>A hold cleared lately, until the saddle has been reached again; null where there is none.</summary>
    public AfterClearance? Cleared { get; init; }

    /// <summary>What a return to work leaves; null where there is none.</summary>
    public RampLimit? Ramp { get; init; }

    /// <summary>Calm sits of a first month so far, with walk both ways.</summary>
    public int CalmSits { get; init; }

    /// <summary>The latest day on which flying changes boiled over.</summary>
    public DateOnly? ChangesBoiledOver { get; init; }

    /// <summary>A therapist was there and it has not been ridden since: the next ride loosens.</summary>
    public DateOnly? TreatedOn { get; init; }

    /// <summary>The horse's strides, where figures are measured against them.</summary>
    public StrideCard? Card { get; init; }

    /// <summary>A leg that touches again and again and that nobody has looked at yet, in words; null where there is none.</summary>
    public Why? SameLeg { get; init; }

    /// <summary>The step after a hold, led where the clearance or a restriction rules lungeing out.</summary>
    internal AfterClearance? Step =>
        Cleared is { } cleared && (Restrictions ?? []).Any(r => r.HoldsOn(Plan.On) && r.NoStrands.Contains(Strand.Lunge))
            ? cleared with
            {
                NoLungeing = true,
            }
            : Cleared;

    /// <summary>The rungs that its parts name.</summary>
    public IEnumerable<Rung> PlannedRungs => Plan.Parts.Select(p => p.Rung).OfType<Rung>().Distinct();

    public int Age => Horse.Age(Plan.On);

    public IEnumerable<SetUp> PlannedSetUps => Plan.Parts.Select(SetUpOf).OfType<SetUp>();

    /// <summary>The kinds of work planned: strands of its rungs, jumping and poles for what stands, else flatwork.</summary>
    public IReadOnlyList<Strand> Kinds => [.. Plan.Parts.Where(SessionTotals.IsWork).Select(Kind).Distinct().Order()];

    /// <summary>The highest fence; one without a height is held to be at the horse's limit.</summary>
    public Distance HighestFence => Plan.Parts.Select(p => DoseOf(p).Highest).DefaultIfEmpty(Distance.Zero).Max();

    public bool HasFence => Plan.Parts.Any(p => DoseOf(p).Fences.Count > 0);

    public bool HasPoles => PlannedSetUps.Any(s => s.HasPoles);

    /// <summary>Efforts as they are counted against the budget.</summary>
    public double EffortsCounted => Plan.Parts.Sum(p => DoseOf(p).Counted);

    internal SetUp? SetUpOf(Part part) => part.SetUpOf(SetUps);

    /// <summary>What a part asks, with fences of no height at the horse's limit.</summary>
    internal PartDose DoseOf(Part part)
    {
        var dose = PartDose.Of(part, SetUpOf(part));
        return dose.HeightMissing ? dose.At(HeightLimit.Unknown(this)) : dose;
    }

    /// <summary>A fence is jumped in this part, or its rung belongs to a ladder of fences.</summary>
    internal bool IsJumped(Part part) => (part.Rung is { } rung && rung.IsJumped()) || DoseOf(part).Fences.Count > 0;

    /// <summary>The strands that a part works on, by its rung, by what stands and by how the horse is worked.</summary>
    internal IEnumerable<Strand> StrandsOf(Part part)
    {
        var asked = ImpliedRungs.Of(part, SetUpOf(part), DoseOf(part)).Select(any => any[0].Strand);
        Strand[] worked = part.Manner is Manner.Lunged or Manner.Loose ? [Strand.Lunge] : [];
        return asked.Concat(worked).Distinct();
    }

    private Strand Kind(Part part) =>
        part.Rung?.Strand
        ?? (
            DoseOf(part).Fences.Count > 0 ? Strand.Jumping
            : SetUpOf(part)?.HasPoles == true ? Strand.Poles
            : Strand.Flatwork
        );
}
