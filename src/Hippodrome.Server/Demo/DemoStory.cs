using Hippodrome.Application;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Server.Demo;

/// <summary>How a demo ride went.</summary>
public sealed record Went(
    double? Left,
    double? Right,
    int Tension = 1,
    bool Passed = true,
    double Exertion = 4,
    IReadOnlyList<RideEvent>? More = null,
    string? Note = null,
    Sign? Sign = null,
    string? Next = null
);

/// <summary>Writes demo horses, sessions and rides with the same rules that people's own go through.</summary>
public sealed class DemoStory(YardSession yard, DateOnly today, Guid trainer, Guid rider)
{
    public DateOnly Today { get; } = today;

    internal DemoBook Book => new(yard, this);

    internal DemoBlocks Blocks => new(yard, this);

    internal DemoTests Tests => new(yard, this);

    public Guid Trainer { get; } = trainer;

    public Guid Rider { get; } = rider;

    public async Task<Horse> HorseAsync(string name, int age, string height, Sex sex, Experience experience, string notes)
    {
        var horse = Horse.From(Guid.NewGuid(), new HorseEntry(name, Today.Year - age, height, sex, experience, notes), Today).OrThrow();
        await yard.AddHorseAsync(horse);
        return horse;
    }

    public async Task StrideAsync(
        Horse horse,
        GaitVariant variant,
        int daysAgo,
        double metres,
        double count,
        Counted counted,
        double seconds
    )
    {
        var entry = new StrideEntry(variant, metres, count, counted, seconds, Today.AddDays(-daysAgo));
        await yard.AddStrideAsync(horse.Id, StrideMeasurement.From(Guid.NewGuid(), entry, horse, Today).OrThrow());
    }

    public async Task AimAsync(
        Horse horse,
        string name,
        int inDays,
        Discipline discipline,
        string scheme,
        string level,
        double? height,
        string place,
        Importance importance = Importance.Main,
        Guid? test = null
    )
    {
        var entry = new AimEntry(name, Today.AddDays(inDays), discipline, scheme, level, height, place, importance, test);
        await yard.AddAimAsync(horse.Id, Aim.From(Guid.NewGuid(), entry, Today).OrThrow());
    }

    /// <summary>The next aim wants more of a movement than its level does.</summary>
    public async Task WantsAsync(Horse horse, string demand, double mark)
    {
        var kept = (await yard.AimsAsync([horse.Id]))[0];
        DemandEntry[] asked = [.. LevelDemands.Of(kept.Aim, null).Select(DemandEntry.Of)];
        var changed = asked.Select(d => d.Id == demand ? d with { Mark = mark } : d);
        await yard.KeepDemandsAsync(horse.Id, kept.Aim.Id, new DemandsEntry([.. changed]), kept.Version);
    }

    /// <summary>A competition it has been to.</summary>
    public async Task StartedAsync(Horse horse, string name, int daysAgo, string level, double height, AimResult result)
    {
        var aim = Aim.Kept(
            Guid.NewGuid(),
            name,
            Today.AddDays(-daysAgo),
            Discipline.Jumping,
            LevelDemands.NationalJumping,
            level,
            Distance.FromMetres(height),
            "",
            Importance.Step
        );
        await yard.AddAimAsync(horse.Id, aim);
        await yard.KeepResultAsync(horse.Id, aim.Id, result, 1);
    }

    public async Task<Guid> SetUpAsync(Horse horse, SetUpEntry entry)
    {
        var id = Guid.NewGuid();
        var title = entry.Check().OrThrow().MeasureFor(await yard.StrideCardAsync(horse), Tape.Metric).Title;
        await yard.AddSetUpAsync(horse.Id, id, title, entry);
        return id;
    }

    /// <summary>Put up in the arena tonight, beside what stands.</summary>
    public async Task StandAsync(params Guid[] setUps) =>
        await yard.StandAsync([.. (await yard.TonightsArenaAsync()).Select(s => s.SetUpId), .. setUps]);

    public static FigureEntry Figure(FigureKind kind, GaitVariant variant) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = kind,
            Variant = variant,
            Rein = Rein.Right,
        };

    public static PoleLineEntry Poles(
        GaitVariant variant,
        int poles,
        ArenaLine line = ArenaLine.LeftQuarterLine,
        Raising raising = Raising.Ground,
        double adjust = 0
    ) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = line,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = adjust,
            Variant = variant,
            Poles = poles,
            Raising = raising,
            HeightMetres = raising == Raising.Ground ? null : 0.10,
        };

    public static CrossPoleEntry CrossPole(double height) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.RightQuarterLine,
            Heading = Heading.TowardsA,
            MiddleMetres = 30,
            AdjustMetres = 0,
            HeightMetres = height,
        };

    /// <summary>A grid on the left quarter line, come to in trot over a placing pole.</summary>
    public static FenceLineEntry Grid(params LineElementEntry[] fences) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.LeftQuarterLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = LineKind.Grid,
            ComesIn = Gait.Trot,
            Elements = [new LineElementEntry(ElementKind.Pole), .. fences],
        };

    /// <summary>A related line on the right quarter line, come to in canter.</summary>
    public static FenceLineEntry Line(params LineElementEntry[] fences) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.RightQuarterLine,
            Heading = Heading.TowardsA,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = LineKind.RelatedLine,
            ComesIn = Gait.Canter,
            Elements = fences,
        };

    /// <summary>Walk, the parts given, walk: on a day before (below zero) or after today.</summary>
    public async Task<SessionPlan> SessionAsync(
        Horse horse,
        int day,
        string emphasis,
        bool helper,
        double walkFirst,
        double walkLast,
        params PartEntry[] work
    )
    {
        PartEntry[] parts =
        [
            PartEntry.Of(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, walkFirst),
            .. work,
            PartEntry.Of(Phase.CoolDown, "Walk on a long rein", Gait.Walk, Rein.Both, walkLast),
        ];
        return await KeepAsync(horse, new SessionEntry(Today.AddDays(day), emphasis, Manner.Ridden, helper, parts, ""));
    }

    public async Task<SessionPlan> KeepAsync(Horse horse, SessionEntry entry)
    {
        var plan = SessionPlan.From(Guid.NewGuid(), entry, Today).OrThrow();
        await yard.AddSessionAsync(horse.Id, plan);
        return plan;
    }

    /// <summary>Rides a planned session to the minute, and notes how it went. Answers the ride's id.</summary>
    public async Task<Guid> RideAsync(Horse horse, SessionPlan plan, Went went, Guid? by = null, string? accepts = null)
    {
        var ride = Guid.NewGuid();
        var at = new DateTimeOffset(plan.On, new TimeOnly(8, 30), TimeSpan.Zero);
        var events = new List<RideEvent>();
        events.AddRange(plan.Parts.Where(p => p.Rein != Rein.Both).Select(p => new Ridden(Guid.NewGuid(), at, p.Gait, p.Rein, p.Minutes)));
        events.AddRange(
            plan.Parts.Where(p => p.Rein == Rein.Both)
                .SelectMany(p => new[] { Rein.Left, Rein.Right }.Select(r => new Ridden(Guid.NewGuid(), at, p.Gait, r, p.Minutes / 2)))
        );
        events.Add(new Transitions(Guid.NewGuid(), at, Gait.Walk, Gait.Trot, 8 + (plan.On.Day % 5)));
        foreach (var (rein, given) in new[] { (Rein.Left, went.Left), (Rein.Right, went.Right) })
        {
            if (given is { } mark)
            {
                events.Add(new Marked(Guid.NewGuid(), at, rein, Mark.Of(mark), plan.Emphasis));
            }
        }

        events.Add(new TensionSeen(Guid.NewGuid(), at, went.Tension));
        events.Add(new ExertionSeen(Guid.NewGuid(), at, went.Exertion));
        events.Add(new ClosingTest(Guid.NewGuid(), at, went.Passed));
        events.AddRange(went.More ?? []);
        if (went.Sign is { } sign)
        {
            events.Add(new SignSeen(Guid.NewGuid(), at, sign, null));
        }

        if (went.Note is { } note)
        {
            events.Add(new Noted(Guid.NewGuid(), at, note));
        }

        await yard.AddRideAsync(ride, horse.Id, plan.Id, plan.On, by ?? Rider);
        await yard.AppendAsync(ride, RideLog.From(events).OrThrow(), by ?? Rider);
        if (accepts is not null)
        {
            await yard.AddAnswerAsync(ride, accepts, true, "", null, Trainer, at.AddHours(10), await SaidAsync(ride, accepts));
        }

        return ride;
    }

    /// <summary>Rides a planned session with the recorder at the rail; the ride bears the session's id, as there.</summary>
    public async Task RailAsync(Horse horse, SessionPlan plan, int passes, Went went, double? walkedLast = null)
    {
        await yard.AddRideAsync(plan.Id, horse.Id, plan.Id, plan.On, Rider);
        await yard.AppendAsync(plan.Id, RideLog.From(DemoTaps.Of(plan, passes, went, walkedLast)).OrThrow(), Rider);
    }

    /// <summary>The evening before today.</summary>
    public async Task OverruleAsync(Guid ride, string rule, string word) =>
        await yard.AddAnswerAsync(
            ride,
            rule,
            false,
            word,
            null,
            Trainer,
            new DateTimeOffset(Today.AddDays(-1), new TimeOnly(18, 30), TimeSpan.Zero),
            await SaidAsync(ride, rule)
        );

    /// <summary>What a rule says of a ride by itself; nothing where it needs the rides before.</summary>
    private async Task<SaidVerdict?> SaidAsync(Guid rideId, string rule)
    {
        var ride = (await yard.FindRideAsync(rideId))!;
        var horse = (await yard.FindHorseAsync(ride.HorseId))!.Value;
        var record = RideRecord.Fold((await yard.LogsAsync([rideId]))[rideId]);
        var facts = RideFacts.Of(horse, ride.OnDay, null, new Dictionary<Guid, SetUp>());
        return RideRules.Judge(new VerdictContext(facts, record, [])).FirstOrDefault(v => v.Rule == rule) is { } verdict
            ? SaidVerdict.Of(verdict, FiguresVersion.Current)
            : null;
    }

    /// <summary>Where the horse stood when the story begins, two months ago.</summary>
    public Task PlacesAsync(Horse horse, params string[] rungIds) => PlacesAsync(horse, 60, rungIds);

    /// <summary>The same for a horse whose story is longer.</summary>
    public async Task PlacesAsync(Horse horse, int daysAgo, params string[] rungIds)
    {
        foreach (var id in rungIds)
        {
            await MoveAsync(horse, -daysAgo, id, MoveKind.ByHand, "where it stood when the book was begun");
        }
    }

    public Task MoveAsync(Horse horse, int day, string rungId, MoveKind kind, string word) =>
        yard.AddMoveAsync(horse.Id, new RungMove(Catalogue.Rung(rungId).Strand, rungId, kind, word, Today.AddDays(day)), Trainer);

    public Task RestrictAsync(Horse horse, string because, string by, int since, int until, Gait[] noGaits, Strand[] noStrands)
    {
        var entry = new RestrictionEntry(because, by, Today.AddDays(since), Today.AddDays(until), noGaits, noStrands);
        return yard.AddRestrictionAsync(horse.Id, Restriction.From(Guid.NewGuid(), entry, horse, Today).OrThrow(), Trainer);
    }

    public Task HoldAsync(Horse horse, string because, int daysAgo) => yard.RaiseHoldAsync(horse.Id, because, Today.AddDays(-daysAgo));

    public static PolesPassed Passes(Guid setUp, Rein rein, int clean, int touched = 0, int rushed = 0) =>
        new(Guid.NewGuid(), DateTimeOffset.UtcNow, setUp, rein, clean, touched, rushed);

    public static Efforts Jumped(Guid setUp, Rein rein, double height, EffortOutcome outcome, int count) =>
        new(Guid.NewGuid(), DateTimeOffset.UtcNow, setUp, rein, height, outcome, count);

    public static LegTouched Touched(Leg leg, int times) => new(Guid.NewGuid(), DateTimeOffset.UtcNow, leg, times);
}
