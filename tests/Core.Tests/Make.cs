using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;

namespace Hippodrome.Core.Tests;

/// <summary>Horses, plans and rides to test with: plain ones, of which a test changes the one thing it is about.</summary>
internal static class Make
{
    /// <summary>Inside the trade's range for the horse's height, or what the horse does, to half a step of the tape.</summary>
    public static bool HoldsOrOwn(Gap gap)
    {
        var range = gap.Trade.Including(gap.Own);
        return gap.Built.Built.Metres >= range.Shortest.Metres - 0.026 && gap.Built.Built.Metres <= range.Longest.Metres + 0.026;
    }

    public static readonly DateOnly Today = new(2026, 4, 18);

    internal static readonly DateTimeOffset Morning = new(2026, 4, 18, 8, 30, 0, TimeSpan.Zero);

    public static Horse Horse(
        int age = 8,
        string height = "165 cm",
        Experience experience = Experience.Novice,
        IReadOnlyList<Thing>? met = null
    ) =>
        Core
            .Horses.Horse.From(
                Guid.NewGuid(),
                new HorseEntry("Bramble", Today.Year - age, height, Sex.Gelding, experience, Met: met),
                Today
            )
            .OrThrow();

    public static HorseHeight Height(double centimetres) => HorseHeight.Kept(centimetres);

    /// <summary>The card of a horse nobody has measured, of the height the published values stand for.</summary>
    public static StrideCard Card(double centimetres = 165, params StrideMeasurement[] measured) =>
        StrideCard.For(Height(centimetres), measured);

    public static StrideMeasurement Strip(GaitVariant variant, double metres, double strides, double seconds = 10) =>
        StrideMeasurement.Kept(Guid.NewGuid(), variant, Distance.FromMetres(metres), strides, seconds, Today);

    /// <summary>A card on which one variant has been measured so often that its stride is as good as this.</summary>
    public static StrideCard CardWith(GaitVariant variant, double stride) =>
        Card(165, [.. Enumerable.Repeat(0, 400).Select(_ => Strip(variant, stride * 20, 20))]);

    public static PoleLineEntry Poles(
        GaitVariant variant = GaitVariant.TrotWorking,
        int poles = 4,
        Raising raising = Raising.Ground,
        double adjust = 0
    ) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.LeftQuarterLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = adjust,
            Variant = variant,
            Poles = poles,
            Raising = raising,
            HeightMetres = raising == Raising.Ground ? null : 0.10,
        };

    public static CrossPoleEntry CrossPole(double height = 0.5, double adjust = 0) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.RightQuarterLine,
            Heading = Heading.TowardsA,
            MiddleMetres = 30,
            AdjustMetres = adjust,
            HeightMetres = height,
        };

    public static MeasuredSetUp Measured(SetUpEntry entry, StrideCard? card = null, Tape? tape = null) =>
        entry.Check().OrThrow().MeasureFor(card ?? Card(), tape ?? Tape.Metric);

    public static PartEntry Part(
        Phase phase,
        Gait gait,
        double minutes,
        Rein rein = Rein.Both,
        string what = "Something",
        Guid? setUp = null
    ) => PartEntry.Of(phase, what, gait, rein, minutes) with { SetUpId = setUp };

    /// <summary>Walk, trot work, walk: a session with nothing wrong.</summary>
    public static IReadOnlyList<PartEntry> GoodParts(params PartEntry[] instead) =>
        [
            Part(Phase.WarmUp, Gait.Walk, 15),
            .. instead.Length > 0 ? instead : [Part(Phase.Work, Gait.Trot, 15)],
            Part(Phase.CoolDown, Gait.Walk, 6),
        ];

    public static SessionPlan Plan(IReadOnlyList<PartEntry>? parts = null, bool helper = false, Manner manner = Manner.Ridden) =>
        SessionPlan
            .From(Guid.NewGuid(), new SessionEntry(Today, "Straightness", manner, helper, parts ?? GoodParts(), ""), Today)
            .OrThrow();

    public static Ridden Ridden(Gait gait, Rein rein, double minutes) => new(Guid.NewGuid(), Morning, gait, rein, minutes);

    public static PolesPassed Passes(Rein rein, int clean, int touched = 0, int rushed = 0) =>
        new(Guid.NewGuid(), Morning, null, rein, clean, touched, rushed);

    public static Efforts Jumped(Rein rein, EffortOutcome outcome, int count = 1, double height = 0.6) =>
        new(Guid.NewGuid(), Morning, null, rein, height, outcome, count);

    public static Marked Mark(Rein rein, double mark) => new(Guid.NewGuid(), Morning, rein, Core.Measures.Mark.Of(mark), "");

    public static TensionSeen Tension(int tension, int minute = 0) => new(Guid.NewGuid(), Morning.AddMinutes(minute), tension);

    public static SignSeen Sign(Sign sign, Rein? rein = null) => new(Guid.NewGuid(), Morning, sign, rein);

    public static ClosingTest Closing(bool passed) => new(Guid.NewGuid(), Morning, passed);

    public static WeatherRead Weather(double celsius, double humidity) => new(Guid.NewGuid(), Morning, celsius, humidity, false);

    public static RideRecord Record(params RideEvent[] events) => RideRecord.Fold(RideLog.Kept(events));

    /// <summary>Effortless on both reins, calm, closing test passed.</summary>
    public static RideRecord Easy(double left = 7, double right = 7, int tension = 1, bool passed = true) =>
        Record(Mark(Rein.Left, left), Mark(Rein.Right, right), Tension(tension), Closing(passed));

    public static VerdictContext Context(RideRecord record, params RideRecord[] earlier) =>
        new(
            RideFacts.Of(Horse(), Today, null, new Dictionary<Guid, SetUp>()),
            record,
            [.. earlier.Select((r, i) => new EarlierRide(Today.AddDays(-2 * (i + 1)), r))]
        );

    /// <summary>The latest ride and those before it, all of the same rung, judged as the review judges them: verdicts with the ladder's own word.</summary>
    public static VerdictContext OnRung(RideRecord record, params RideRecord[] earlier) =>
        OnRung("poles/trot-poles", c => c, record, earlier);

    /// <summary>The same on a rung of choice, with one fact of the ladder changed.</summary>
    public static VerdictContext OnRung(string rungId, Func<RungContext, RungContext> with, RideRecord record, params RideRecord[] earlier)
    {
        var rung = Catalogue.Rung(rungId);
        var plain = Context(record, earlier);
        // The ladder below it, and all that the next rung rests on.
        var places = Places.From(
            Catalogue.Strands.Select(s => new RungMove(
                s,
                (s == rung.Strand ? rung : Catalogue.Ladder(s)[^1]).Id,
                MoveKind.ByHand,
                "x",
                Today
            ))
        );
        var rides = new[] { record }
            .Concat(earlier)
            .Select((r, i) => new RungRide(Guid.NewGuid(), Today.AddDays(-2 * i), Guid.Empty, r))
            .ToList();
        var ladder = new RungContext(rung, places, 8, rides, earlier.Length > 0 ? Today.AddDays(-2) : null)
        {
            LatestAsksForCare = RideRules.AsksForCare(plain),
        };
        return plain with { Rungs = [RungRules.Judge(with(ladder))] };
    }

    public static IReadOnlyList<string> Rules(VerdictContext context) => [.. RideRules.Judge(context).Select(v => v.Rule)];
}
