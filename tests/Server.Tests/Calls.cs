using System.Text.Json.Nodes;
using Hippodrome.Application;
using Hippodrome.Application.Assessments;
using Hippodrome.Application.Blocks;
using Hippodrome.Application.DressageTests;
using Hippodrome.Application.Exercises;
using Hippodrome.Application.Horses;
using Hippodrome.Application.Rides;
using Hippodrome.Application.Setups;
using Hippodrome.Application.Weather;
using Hippodrome.Application.Yards;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Assessments;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Care;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Yards;
using Hippodrome.Formats.DressageTests;
using Hippodrome.Formats.Setups;
using Hippodrome.Server.DressageTests;
using Hippodrome.Server.Exercises;
using Hippodrome.Server.Horses;
using Hippodrome.Server.People;
using Hippodrome.Server.Weather;
using Hippodrome.Server.Yards;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Server.Tests;

/// <summary>One good call of an endpoint: its address and what is sent.</summary>
public sealed record Call(string Address, object? Body = null);

/// <summary>Good calls of every endpoint, each on things of its own, so that calls do not disturb one another.</summary>
public static class Calls
{
    public static readonly PoleLineEntry Poles = new()
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.CentreLine,
        Heading = Heading.TowardsC,
        MiddleMetres = 30,
        AdjustMetres = 0,
        Variant = GaitVariant.TrotWorking,
        Poles = 4,
        Raising = Raising.Ground,
    };

    public static readonly CrossPoleEntry CrossPole = new()
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.CentreLine,
        Heading = Heading.TowardsC,
        MiddleMetres = 30,
        AdjustMetres = 0,
        HeightMetres = 0.5,
    };

    public static readonly ReferralEntry ToTheSaddler = new(ReferredTo.Saddler, "slips to the left", WaitingWork.Fences);

    public static readonly FenceLineEntry Grid = new()
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.CentreLine,
        Heading = Heading.TowardsC,
        MiddleMetres = 30,
        AdjustMetres = 0,
        Kind = LineKind.Grid,
        ComesIn = Gait.Trot,
        Elements =
        [
            new(ElementKind.Pole),
            new(ElementKind.CrossPole, 0.5),
            new(ElementKind.Upright, 0.6, null, 1),
            new(ElementKind.SquareOxer, 0.7, 0.8, 1),
        ],
    };

    public static readonly AimEntry Aim = new(
        "Spring show",
        new DateOnly(2026, 6, 1),
        Discipline.Jumping,
        "League",
        "Novice",
        0.9,
        "Marlwick"
    );

    public static readonly DemandsEntry Demands = new([new DemandEntry("height", DemandKind.Height, "A course", HeightMetres: 1.05)]);

    public static readonly HorseEntry Horse = new("New horse", 2019, "16.0 hh", Sex.Gelding, Experience.Green, "");

    public static readonly StrideEntry Stride = new(GaitVariant.TrotWorking, 30, 22, Counted.Steps, 8.2);

    public static readonly RestrictionEntry NoCanter = new(
        "strain, left fore",
        "Iva Sorrel, vet",
        App.Today,
        App.Today.AddDays(14),
        [Gait.Canter],
        [Strand.Grids],
        0.4
    );

    public static readonly RationEntry Hay = new(App.Today, "Hay as it likes", 1.5, "mix", "more work", "Maren Holt");
    public static readonly CareEntry Feet = new(CareKind.Feet, App.Today, "Jory Penhale", "trim, shoes in front", 6);

    public static readonly BodyEntry Body = new(App.Today, 190, 165, 5.5);

    public static readonly TackEntry Snaffle = new(TackKind.Bit, "Loose-ring snaffle", [Strand.Flatwork, Strand.Lateral], null, "13 cm");

    public static readonly AccordionEntry TenMetres = new(App.Today, 10, 2, 4);

    public static readonly OwnSessionEntry OwnSession = new(
        "Circles and a stretch",
        "a stiff day",
        new SessionEntry(
            Emphasis: "Round both ways",
            Manner: Manner.Ridden,
            Helper: false,
            Parts:
            [
                PartEntry.Of(Phase.WarmUp, "Walk on a long rein", Gait.Walk, Rein.Both, 10),
                PartEntry.Of(Phase.Work, "Large circles", Gait.Trot, Rein.Both, 12) with
                {
                    RungId = "flatwork/lines-and-large-circles",
                    Seat = Seat.Rising,
                    Outline = Outline.Level,
                },
                PartEntry.Of(Phase.CoolDown, "Walk on a long rein", Gait.Walk, Rein.Both, 8),
            ],
            Notes: ""
        )
    );

    public static readonly OwnExerciseEntry OwnExercise = new()
    {
        RungId = "poles/trot-poles",
        Name = "Five on the curve",
        How = "From the short side.",
        Gait = Gait.Trot,
        Figure = RiddenFigure.QuarterLine,
        Repetitions = 6,
        Minutes = 8,
    };

    private static int _noted;

    public static SessionEntry Session(DateOnly? on = null, Guid? setUp = null, bool helper = true, Manner manner = Manner.Ridden) =>
        new(
            on ?? App.Today,
            "Straightness",
            manner,
            helper,
            [
                new()
                {
                    Phase = Phase.WarmUp,
                    What = "Walk",
                    Gait = Gait.Walk,
                    Rein = Rein.Both,
                    Minutes = 15,
                },
                new()
                {
                    Phase = Phase.Work,
                    What = "Trot",
                    Gait = Gait.Trot,
                    Rein = Rein.Both,
                    Minutes = 15,
                    SetUpId = setUp,
                    MarkHopedFor = 6.5,
                },
                new()
                {
                    Phase = Phase.CoolDown,
                    What = "Walk",
                    Gait = Gait.Walk,
                    Rein = Rein.Both,
                    Minutes = 6,
                },
            ],
            ""
        );

    public static RideEntry Ride(Guid? sessionId = null, params RideEvent[] more) =>
        new(
            sessionId,
            App.Today,
            [
                new Ridden(Guid.NewGuid(), Noon, Gait.Trot, Rein.Both, 15),
                new Marked(Guid.NewGuid(), Noon, Rein.Both, Core.Measures.Mark.Of(6), ""),
                .. more,
            ]
        );

    public static readonly TimeAwayEntry Away = new(App.Today.AddDays(-40), App.Today.AddDays(-1), OffBecause.Rest, null, "in the field");

    private static readonly TimeAwayEntry NotAway = new(
        App.Today.AddDays(-20),
        App.Today.AddDays(-1),
        null,
        true,
        "hacked out, nobody wrote it down"
    );

    private static readonly KnownFindingEntry OldSplint = new("old splint, left fore, cold", "Iva Sorrel");

    public static readonly DateTimeOffset Noon = new(2026, 4, 18, 12, 0, 0, TimeSpan.Zero);

    /// <summary>By method and route. A new endpoint without a line here fails the tests that walk them all.</summary>
    public static readonly IReadOnlyDictionary<string, Func<App, Task<Call>>> All = new Dictionary<string, Func<App, Task<Call>>>
    {
        ["GET /api/sign-in"] = _ => At("/api/sign-in"),
        ["POST /api/sign-in"] = _ => At("/api/sign-in", new SignInEntry("rider@here.example", App.Password)),
        ["DELETE /api/sign-in"] = _ => At("/api/sign-in"),
        ["GET /api/people"] = _ => At("/api/people"),
        ["POST /api/people"] = app => At("/api/people", Person(app)),
        ["PUT /api/people/{personId:guid}"] = async app =>
        {
            var person = await app.Trainer.PostAsync("/api/people", Person(app));
            return new Call($"/api/people/{person["id"]}", new Change<PersonEntry>(1, Person(app)));
        },
        ["PUT /api/me/measures"] = _ => At("/api/me/measures", new MeasuresEntry(Core.Measures.LengthUnit.Feet, 22)),
        ["PUT /api/me/password"] = _ => At("/api/me/password", new PasswordEntry(App.Password, App.Password)),
        ["GET /api/today"] = _ => At("/api/today"),
        ["GET /api/horses"] = _ => At("/api/horses"),
        ["POST /api/horses"] = _ => At("/api/horses", Horse),
        ["GET /api/horses/{horseId}"] = app => At(Of(app.Horse)),
        ["PUT /api/horses/{horseId}"] = async app => new Call(Of(await app.AddHorseAsync()), new Change<HorseEntry>(1, Horse)),
        ["POST /api/horses/{horseId}/strides"] = app => At($"{Of(app.Horse)}/strides", Stride),
        ["DELETE /api/horses/{horseId}/strides/{strideId:guid}"] = app => StrideAsync(app, ""),
        ["POST /api/horses/{horseId}/strides/{strideId:guid}/restore"] = app => StrideAsync(app, "/restore"),
        ["POST /api/horses/{horseId}/holds/{holdId:guid}/clearance"] = async app =>
        {
            var horse = await app.AddHorseAsync();
            await using var yard = await app.Database.OpenYardAsync(app.YardId);
            await yard.RaiseHoldAsync(horse.Id, "heat in a leg", App.Today);
            var hold = (await yard.HoldsAsync([horse.Id]))[0].Id;
            await yard.CommitAsync();
            return new Call($"{Of(horse)}/holds/{hold}/clearance", new ClearanceEntry("Iva Sorrel", App.Today));
        },
        ["GET /api/horses/{horseId}/restrictions"] = app => At($"{Of(app.Horse)}/restrictions"),
        ["POST /api/horses/{horseId}/restrictions"] = async app => new Call($"{Of(await app.AddHorseAsync())}/restrictions", NoCanter),
        ["POST /api/horses/{horseId}/restrictions/{restrictionId:guid}/clearance"] = async app =>
        {
            var horse = await app.AddHorseAsync();
            var all = await app.Trainer.PostAsync($"{Of(horse)}/restrictions", NoCanter);
            return new Call(
                $"{Of(horse)}/restrictions/{all["all"]![0]!["restriction"]!["id"]}/clearance",
                new ClearanceEntry("Iva Sorrel", App.Today)
            );
        },
        ["GET /api/horses/{horseId}/then-and-now"] = app => At($"{Of(app.Horse)}/then-and-now"),
        ["GET /api/horses/{horseId}/repeats"] = app => At($"{Of(app.Horse)}/repeats"),
        ["GET /api/horses/{horseId}/next-time"] = app => At($"{Of(app.Horse)}/next-time"),
        ["GET /api/horses/{horseId}/referrals"] = app => At($"{Of(app.Horse)}/referrals"),
        ["GET /api/horses/{horseId}/referrals/{referralId:guid}"] = async app => new Call(await ReferralAsync(app)),
        ["POST /api/horses/{horseId}/referrals"] = async app => new Call($"{Of(await app.AddHorseAsync())}/referrals", ToTheSaddler),
        ["POST /api/horses/{horseId}/referrals/{referralId:guid}/outcome"] = async app => new Call(
            $"{await ReferralAsync(app)}/outcome",
            new ReferralOutcomeEntry("flocked anew")
        ),
        ["GET /api/horses/{horseId}/sides"] = app => At($"{Of(app.Horse)}/sides"),
        ["GET /api/horses/{horseId}/timeline"] = app => At($"{Of(app.Horse)}/timeline"),
        ["GET /api/horses/{horseId}/assessments"] = app => At($"{Of(app.Horse)}/assessments"),
        ["POST /api/horses/{horseId}/assessments"] = async app => new Call(
            $"{Of(await app.AddHorseAsync())}/assessments",
            new AssessmentEntry(0, "kind, they say")
        ),
        ["GET /api/horses/{horseId}/assessments/{assessmentId:guid}"] = async app => new Call(await AssessmentAsync(app)),
        ["PUT /api/horses/{horseId}/assessments/{assessmentId:guid}/answers"] = async app => new Call(
            $"{await AssessmentAsync(app)}/answers",
            Taps(Tap(AssessmentItem.TrotCircle, Rein.Left, 6))
        ),
        ["POST /api/horses/{horseId}/assessments/{assessmentId:guid}/finish"] = async app =>
        {
            var sheet = await AssessmentAsync(app);
            await app.Trainer.PutAsync($"{sheet}/answers", Taps(Tap(AssessmentItem.Walk, Rein.Left, 7)));
            return new Call($"{sheet}/finish", new { });
        },
        ["POST /api/horses/{horseId}/assessments/{assessmentId:guid}/places"] = async app =>
        {
            var sheet = await AssessmentAsync(app);
            await app.Trainer.PutAsync(
                $"{sheet}/answers",
                Taps(Tap(AssessmentItem.Walk, Rein.Left, 7), Tap(AssessmentItem.Walk, Rein.Right, 7))
            );
            await app.Trainer.PostAsync($"{sheet}/finish", new { });
            return new Call($"{sheet}/places", new AcceptEntry([Strand.InHand]));
        },
        ["POST /api/horses/{horseId}/holds/{holdId:guid}/walk-in-hand"] = async app =>
        {
            var horse = await app.AddHorseAsync();
            await using var yard = await app.Database.OpenYardAsync(app.YardId);
            await yard.RaiseHoldAsync(horse.Id, "heat in a leg", App.Today);
            var hold = (await yard.HoldsAsync([horse.Id]))[0].Id;
            await yard.CommitAsync();
            return new Call($"{Of(horse)}/holds/{hold}/walk-in-hand", new WalkInHandEntry("Iva Sorrel"));
        },
        ["GET /api/horses/{horseId}/condition"] = app => At($"{Of(app.Horse)}/condition"),
        ["POST /api/horses/{horseId}/time-away"] = async app => new Call($"{Of(await app.AddHorseAsync())}/time-away", Away),
        ["DELETE /api/horses/{horseId}/time-away/{id:guid}"] = app => RowAsync(app, "time-away", NotAway, a => a["away"]![0]!["id"]),
        ["POST /api/horses/{horseId}/time-away/{id:guid}/restore"] = app =>
            RowAsync(app, "time-away", NotAway, a => a["away"]![0]!["id"], "/restore"),
        ["POST /api/horses/{horseId}/ramp-end"] = async app =>
        {
            var horse = await app.AddHorseAsync();
            await app.Trainer.PostAsync($"{Of(horse)}/time-away", Away);
            return new Call($"{Of(horse)}/ramp-end", new RampEndEntry("worked elsewhere meanwhile"));
        },
        ["POST /api/horses/{horseId}/known-findings"] = app => At($"{Of(app.Horse)}/known-findings", OldSplint),
        ["DELETE /api/horses/{horseId}/known-findings/{id:guid}"] = app =>
            RowAsync(app, "known-findings", OldSplint, a => a["known"]!.AsArray()[^1]!["id"]),
        ["POST /api/horses/{horseId}/known-findings/{id:guid}/restore"] = app =>
            RowAsync(app, "known-findings", OldSplint, a => a["known"]!.AsArray()[^1]!["id"], "/restore"),
        ["POST /api/horses/{horseId}/leg-looks"] = app =>
            At($"{Of(app.Horse)}/leg-looks", new LegLookEntry("physiotherapist: tight, loosened")),
        ["POST /api/horses/{horseId}/falls/{rideId:guid}"] = async app =>
        {
            var horse = await app.AddHorseAsync();
            return new Call(
                (await RideAsync(app, Ride(null, new Fell(Guid.NewGuid(), Noon, Faller.Rider, false)), horse)).Replace(
                    "/rides/",
                    "/falls/",
                    StringComparison.Ordinal
                ),
                new FallAnswerEntry(true, true)
            );
        },
        ["GET /api/weather"] = _ => At("/api/weather"),
        ["POST /api/weather"] = _ => At("/api/weather", new WeatherEntry(12, 60)),
        ["PUT /api/weather/source"] = _ => At("/api/weather/source", new WeatherSourceEntry(WeatherSource.Typed, 7, 18)),
        ["GET /api/horses/{horseId}/care"] = app => At($"{Of(app.Horse)}/care"),
        ["POST /api/horses/{horseId}/care"] = app => At($"{Of(app.Horse)}/care", Feet),
        ["DELETE /api/horses/{horseId}/care/{id:guid}"] = app => RowAsync(app, "care", Feet, a => a["visits"]![0]!["id"]),
        ["POST /api/horses/{horseId}/care/{id:guid}/restore"] = app => RowAsync(app, "care", Feet, a => a["visits"]![0]!["id"], "/restore"),
        ["POST /api/horses/{horseId}/rations"] = app => At($"{Of(app.Horse)}/rations", Hay),
        ["DELETE /api/horses/{horseId}/rations/{id:guid}"] = app => RowAsync(app, "rations", Hay, a => a["rations"]![0]!["id"]),
        ["POST /api/horses/{horseId}/rations/{id:guid}/restore"] = app =>
            RowAsync(app, "rations", Hay, a => a["rations"]![0]!["id"], "/restore"),
        ["POST /api/horses/{horseId}/body"] = app => At($"{Of(app.Horse)}/body", Body),
        ["DELETE /api/horses/{horseId}/body/{id:guid}"] = app => RowAsync(app, "body", Body, a => a["body"]![0]!["id"]),
        ["POST /api/horses/{horseId}/body/{id:guid}/restore"] = app => RowAsync(app, "body", Body, a => a["body"]![0]!["id"], "/restore"),
        ["GET /api/horses/{horseId}/tack"] = app => At($"{Of(app.Horse)}/tack"),
        ["POST /api/horses/{horseId}/tack"] = app => At($"{Of(app.Horse)}/tack", Snaffle),
        ["PUT /api/horses/{horseId}/tack/{id:guid}"] = async app =>
            (await RowAsync(app, "tack", Snaffle, LastTack)) with
            {
                Body = new Change<TackEntry>(1, Snaffle with { Name = "Eggbutt" }),
            },
        ["DELETE /api/horses/{horseId}/tack/{id:guid}"] = app => RowAsync(app, "tack", Snaffle, LastTack),
        ["POST /api/horses/{horseId}/tack/{id:guid}/restore"] = app => RowAsync(app, "tack", Snaffle, LastTack, "/restore"),
        ["GET /api/horses/{horseId}/accordions"] = app => At($"{Of(app.Horse)}/accordions"),
        ["POST /api/horses/{horseId}/accordions"] = app => At($"{Of(app.Horse)}/accordions", TenMetres),
        ["DELETE /api/horses/{horseId}/accordions/{id:guid}"] = app => RowAsync(app, "accordions", TenMetres, a => a["rides"]![0]!["id"]),
        ["POST /api/horses/{horseId}/accordions/{id:guid}/restore"] = app =>
            RowAsync(app, "accordions", TenMetres, a => a["rides"]![0]!["id"], "/restore"),
        ["GET /api/approach"] = _ => At("/api/approach"),
        ["PUT /api/approach"] = _ => At("/api/approach", new ApproachEntry(ApproachQuestion.Poles, "trot-soon", "as we do it")),
        ["GET /api/horses/{horseId}/approach"] = app => At($"{Of(app.Horse)}/approach"),
        ["PUT /api/horses/{horseId}/approach"] = app =>
            At($"{Of(app.Horse)}/approach", new ApproachEntry(ApproachQuestion.Poles, "walk-first")),
        ["PUT /api/horses/{horseId}/temperament"] = app => At($"{Of(app.Horse)}/temperament", new TemperamentEntry(Temperament.Bold)),
        ["POST /api/library/exercises"] = _ => At("/api/library/exercises", OwnExercise),
        ["PUT /api/library/exercises/{exerciseId:guid}"] = async app =>
            (await OwnExerciseAsync(app)) with
            {
                Body = new Change<OwnExerciseEntry>(1, OwnExercise with { Name = "Six on the curve" }),
            },
        ["DELETE /api/library/exercises/{exerciseId:guid}"] = app => OwnExerciseAsync(app),
        ["POST /api/library/exercises/{exerciseId:guid}/restore"] = async app => new Call(
            $"{(await OwnExerciseAsync(app)).Address}/restore",
            new { }
        ),
        ["PUT /api/library/hidden"] = _ => At("/api/library/hidden", new HiddenEntry(Catalogue.Exercises[0].Id, true)),
        ["PUT /api/library/notes"] = _ =>
            At(
                "/api/library/notes",
                new Change<RungNoteEntry>(
                    0,
                    new RungNoteEntry(Catalogue.Rungs[Interlocked.Increment(ref _noted) % Catalogue.Rungs.Count].Id, "quietly, with us")
                )
            ),
        ["GET /api/horses/{horseId}/aims"] = app => At($"{Of(app.Horse)}/aims"),
        ["POST /api/horses/{horseId}/aims"] = app => At($"{Of(app.Horse)}/aims", Aim),
        ["PUT /api/horses/{horseId}/aims/{aimId:guid}"] = async app => new Call(await AimAsync(app), new Change<AimEntry>(1, Aim)),
        ["DELETE /api/horses/{horseId}/aims/{aimId:guid}"] = async app => new Call(await AimAsync(app)),
        ["POST /api/horses/{horseId}/aims/{aimId:guid}/restore"] = async app => new Call($"{await AimAsync(app)}/restore", new { }),
        ["GET /api/aims/levels"] = _ => At("/api/aims/levels"),
        ["GET /api/aims.csv"] = _ => At("/api/aims.csv"),
        ["POST /api/aims/table"] = app => At("/api/aims/table", new AimsTableEntry(TableOf(app.Horse))),
        ["PUT /api/horses/{horseId}/goal"] = app => At($"{Of(app.Horse)}/goal", new GoalEntry("Medium", App.Today.AddYears(1))),
        ["GET /api/horses/{horseId}/aims/{aimId:guid}/readiness"] = async app => new Call($"{await AimAsync(app)}/readiness"),
        ["PUT /api/horses/{horseId}/aims/{aimId:guid}/demands"] = async app => new Call(
            $"{await AimAsync(app)}/demands",
            new Change<DemandsEntry>(1, Demands)
        ),
        ["PUT /api/horses/{horseId}/aims/{aimId:guid}/result"] = async app => new Call(
            $"{await AimAsync(app, App.Today)}/result",
            new Change<AimResultEntry>(1, new AimResultEntry(Penalties: 4, Place: 3, Of: 20, Held: "the canter"))
        ),
        ["POST /api/horses/{horseId}/aims/{aimId:guid}/moves/day-more"] = async app => new Call(
            $"{await WorkedForAsync(app)}/moves/day-more",
            new { }
        ),
        ["POST /api/horses/{horseId}/aims/{aimId:guid}/moves/more-help"] = async app => new Call(
            $"{await WorkedForAsync(app)}/moves/more-help",
            new { }
        ),
        ["GET /api/dressage-tests"] = _ => At("/api/dressage-tests"),
        ["POST /api/dressage-tests"] = _ => At("/api/dressage-tests", DressageTest),
        ["POST /api/dressage-tests/check"] = _ => At("/api/dressage-tests/check", DressageTest),
        ["POST /api/dressage-tests/mirror"] = _ => At("/api/dressage-tests/mirror", DressageTest),
        ["POST /api/dressage-tests/file"] = _ =>
            At("/api/dressage-tests/file", new DressageTestFile(DressageTestFile.FormatName, 1, DressageTest)),
        ["POST /api/dressage-tests/table"] = _ =>
            At(
                "/api/dressage-tests/table",
                new TestTableEntry(
                    "From a table",
                    "",
                    ArenaSize.FortyByTwenty,
                    "Figure,To,Gait,Words,Coefficient\nStraight,X,TrotWorking,In,1\n"
                )
            ),
        ["GET /api/dressage-tests/{testId:guid}"] = _ => At(Shipped),
        ["GET /api/dressage-tests/{testId:guid}/file"] = _ => At($"{Shipped}/file"),
        ["GET /api/dressage-tests/{testId:guid}/table"] = _ => At($"{Shipped}/table"),
        ["GET /api/test-marks.csv"] = _ => At("/api/test-marks.csv"),
        ["PUT /api/dressage-tests/{testId:guid}"] = async app => new Call(
            (await DressageTestAsync(app)).Address,
            new Change<DressageTestEntry>(1, DressageTest)
        ),
        ["DELETE /api/dressage-tests/{testId:guid}"] = app => DressageTestAsync(app),
        ["POST /api/dressage-tests/{testId:guid}/restore"] = async app => new Call(
            $"{(await DressageTestAsync(app)).Address}/restore",
            new { }
        ),
        ["GET /api/horses/{horseId}/dressage-tests/{testId:guid}"] = app => At(ShippedOf(app)),
        ["POST /api/horses/{horseId}/dressage-tests/{testId:guid}/part"] = app => At($"{ShippedOf(app)}/part", new PiecesEntry([2, 1])),
        ["POST /api/horses/{horseId}/dressage-tests/{testId:guid}/ridden"] = app => At($"{ShippedOf(app)}/ridden", Marked),
        ["PUT /api/horses/{horseId}/dressage-tests/{testId:guid}/ridden/{riddenId:guid}"] = async app => new Call(
            await MarkedAsync(app),
            new Change<MarkedTestEntry>(1, Marked)
        ),
        ["DELETE /api/horses/{horseId}/dressage-tests/{testId:guid}/ridden/{riddenId:guid}"] = async app => new Call(
            await MarkedAsync(app)
        ),
        ["POST /api/horses/{horseId}/dressage-tests/{testId:guid}/ridden/{riddenId:guid}/restore"] = async app => new Call(
            $"{await MarkedAsync(app)}/restore",
            new { }
        ),
        ["GET /api/library"] = _ => At("/api/library"),
        ["GET /api/horses/{horseId}/ladders"] = app => At($"{Of(app.Horse)}/ladders"),
        ["GET /api/horses/{horseId}/ladders/{strand}/{rung}"] = app => At($"{Of(app.Horse)}/ladders/poles/trot-poles"),
        ["POST /api/horses/{horseId}/ladders/places"] = app =>
            At(
                $"{Of(app.Horse)}/ladders/places",
                new PlacesEntry([new(Strand.Poles, "poles/walk-poles"), new(Strand.Lateral, "lateral/step-and-rest")], "seen on video")
            ),
        ["POST /api/horses/{horseId}/ladders/moves"] = app => At($"{Of(app.Horse)}/ladders/moves", Move("poles/walk-poles")),
        ["POST /api/horses/{horseId}/ladders/climb"] = async app =>
        {
            var horse = await app.AddHorseAsync();
            await RideOnRungAsync(app, horse, "poles/single-walk", 8);
            await RideOnRungAsync(app, horse, "poles/single-walk", 8);
            return new Call($"{Of(horse)}/ladders/climb", new ClimbEntry(Strand.Poles));
        },
        ["POST /api/rides/judge"] = _ =>
            At(
                "/api/rides/judge",
                new RideCase(
                    new RideFacts(App.Today, Experience.Novice, null, []),
                    [new SignSeen(Guid.NewGuid(), new DateTimeOffset(2026, 4, 18, 8, 0, 0, TimeSpan.Zero), Sign.TempoLost, null)],
                    []
                )
            ),
        ["GET /api/horses/{horseId}/carried"] = app => At($"{Of(app.Horse)}/carried"),
        ["GET /api/horses/{horseId}/set-ups"] = app => At($"{Of(app.Horse)}/set-ups"),
        ["POST /api/horses/{horseId}/set-ups/measure"] = app => At($"{Of(app.Horse)}/set-ups/measure", Raw(Poles)),
        ["POST /api/horses/{horseId}/set-ups/mirrored"] = app => At($"{Of(app.Horse)}/set-ups/mirrored", Raw(Poles)),
        ["POST /api/horses/{horseId}/set-ups/beside"] = app => At($"{Of(app.Horse)}/set-ups/beside", RawOf(new BesideEntry(Grid))),
        ["GET /api/arena"] = _ => At("/api/arena"),
        ["PUT /api/arena"] = _ => At("/api/arena", new TonightsArenaEntry([])),
        ["GET /api/kit"] = _ => At("/api/kit"),
        ["PUT /api/kit"] = _ => At("/api/kit", new KitEntry([new(KitKind.Pole, 3, 24), new(KitKind.Wing, 0, 12)])),
        ["GET /api/horses/{horseId}/set-ups/{setUpId:guid}/versions"] = async app => new Call($"{await SetUpAsync(app)}/versions"),
        ["POST /api/horses/{horseId}/set-ups/who-can-ride"] = app =>
            At($"{Of(app.Horse)}/set-ups/who-can-ride", RawOf(new WhoCanRideEntry(Grid, [app.Horse.Id], GreenHorses.Last))),
        ["GET /api/horses/{horseId}/set-ups/{setUpId:guid}/file"] = async app => new Call($"{await SetUpAsync(app)}/file"),
        ["GET /api/horses/{horseId}/set-ups/{setUpId:guid}/drawing"] = async app => new Call($"{await SetUpAsync(app, Grid)}/drawing"),
        ["POST /api/horses/{horseId}/set-ups/file"] = app =>
            At($"{Of(app.Horse)}/set-ups/file", RawOf(new SetUpFile(SetUpFile.FormatName, 1, "Grid", Grid))),
        ["GET /api/distance"] = _ => At("/api/distance?text=6.5%20paces"),
        ["POST /api/horses/{horseId}/set-ups"] = app => At($"{Of(app.Horse)}/set-ups", new NamedSetUpEntry("Poles", Poles)),
        ["GET /api/horses/{horseId}/set-ups/{setUpId:guid}"] = async app => new Call(await SetUpAsync(app)),
        ["PUT /api/horses/{horseId}/set-ups/{setUpId:guid}"] = async app => new Call(
            await SetUpAsync(app),
            new Change<NamedSetUpEntry>(1, new NamedSetUpEntry("Fence", CrossPole))
        ),
        ["DELETE /api/horses/{horseId}/set-ups/{setUpId:guid}"] = async app => new Call(await SetUpAsync(app)),
        ["POST /api/horses/{horseId}/set-ups/{setUpId:guid}/restore"] = async app => new Call($"{await SetUpAsync(app)}/restore", new { }),
        ["GET /api/horses/{horseId}/sessions"] = app => At($"{Of(app.Horse)}/sessions?from=2026-04-01&to=2026-04-30"),
        ["GET /api/overruled"] = _ => At("/api/overruled"),
        ["GET /api/horses/{horseId}/sessions/facts"] = app => At($"{Of(app.Horse)}/sessions/facts?on=2026-04-20"),
        ["POST /api/horses/{horseId}/sessions/check"] = app => At($"{Of(app.Horse)}/sessions/check", Session()),
        ["POST /api/horses/{horseId}/sessions"] = app => At($"{Of(app.Horse)}/sessions", Session()),
        ["GET /api/horses/{horseId}/sessions/{sessionId:guid}"] = async app => new Call(await SessionAsync(app)),
        ["PUT /api/horses/{horseId}/sessions/{sessionId:guid}"] = async app => new Call(
            await SessionAsync(app),
            new Change<SessionEntry>(1, Session())
        ),
        ["DELETE /api/horses/{horseId}/sessions/{sessionId:guid}"] = async app => new Call(await SessionAsync(app)),
        ["POST /api/horses/{horseId}/sessions/{sessionId:guid}/restore"] = async app => new Call(
            $"{await SessionAsync(app)}/restore",
            new { }
        ),
        ["GET /api/horses/{horseId}/rides"] = app => At($"{Of(app.Horse)}/rides"),
        ["GET /api/horses/{horseId}/rides/{rideId:guid}"] = async app => new Call(await RideAsync(app)),
        ["POST /api/horses/{horseId}/rides/{rideId:guid}/events"] = app => At($"{Of(app.Horse)}/rides/{Guid.NewGuid()}/events", Ride()),
        ["POST /api/horses/{horseId}/sessions/propose"] = app => At($"{Of(app.Horse)}/sessions/propose", Wanted()),
        ["GET /api/horses/{horseId}/load"] = app => At($"{Of(app.Horse)}/load"),
        ["GET /api/levels"] = _ => At("/api/levels"),
        ["GET /api/horses/{horseId}/blocks"] = app => At($"{Of(app.Horse)}/blocks"),
        ["GET /api/horses/{horseId}/blocks/suggestion"] = app => At($"{Of(app.Horse)}/blocks/suggestion"),
        ["POST /api/horses/{horseId}/blocks/plan"] = app => At($"{Of(app.Horse)}/blocks/plan", Block),
        ["POST /api/horses/{horseId}/blocks"] = async app => new Call(
            $"{Of(await app.AddHorseAsync())}/blocks",
            new KeepBlockEntry(ShortBlock)
        ),
        ["GET /api/horses/{horseId}/blocks/{blockId:guid}"] = async app => new Call(await BlockAsync(app)),
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/again"] = async app => new Call(
            $"{await BlockAsync(app)}/again",
            new AgainEntry()
        ),
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/accept"] = async app => new Call(
            $"{await BlockAsync(app)}/accept",
            new AcceptPlanEntry(1, null, null, "as it is")
        ),
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/versions/{number:int}/restore"] = async app => new Call(
            $"{await BlockAsync(app)}/versions/1/restore",
            new { }
        ),
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/end"] = async app => new Call(
            $"{await BlockAsync(app)}/end",
            new EndEntry(App.Today)
        ),
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/edits"] = async app =>
        {
            var block = await BlockAsync(app);
            return new Call($"{block}/edits", new HandEditCall(1, new HandEditEntry(HandEditKind.Pin, await FirstPlacedAsync(app, block))));
        },
        ["GET /api/horses/{horseId}/blocks/{blockId:guid}/sessions/{sessionId:guid}/days"] = async app =>
        {
            var block = await BlockAsync(app);
            return new Call($"{block}/sessions/{await FirstPlacedAsync(app, block)}/days");
        },
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/sessions/{sessionId:guid}/draw-up"] = async app =>
        {
            var block = await BlockAsync(app);
            return new Call($"{block}/sessions/{await FirstPlacedAsync(app, block)}/draw-up", new { });
        },
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/gates"] = async app => new Call(
            $"{await BlockAsync(app, ReturnBlock)}/gates",
            new GateEntry(new DateOnly(2026, 4, 13), ReturnGate.LegsCool, true, "cool")
        ),
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/clearances"] = async app => new Call(
            $"{await BlockAsync(app, ReturnBlock)}/clearances",
            new StageClearanceEntry(1, App.Today, "Iva Sorrel, vet")
        ),
        ["GET /api/week"] = _ => At("/api/week?monday=2026-04-13"),
        ["POST /api/week/share"] = _ => At("/api/week/share", new WeekEntry(new DateOnly(2026, 4, 13))),
        ["POST /api/week/keep"] = _ => At("/api/week/keep", new KeepWeekEntry(new DateOnly(2026, 4, 13))),
        ["GET /api/jobs/{id:guid}"] = JobAsync,
        ["DELETE /api/jobs/{id:guid}"] = JobAsync,
        ["GET /api/roster"] = _ => At("/api/roster"),
        ["PUT /api/roster"] = async app => new Call(
            "/api/roster",
            new Change<RosterEntry>(
                (int)(await app.Trainer.GetAsync("/api/roster"))["version"]!,
                new RosterEntry([], [DayOfWeek.Tuesday], 120, [DayOfWeek.Tuesday], 300, 2, new TimeOnly(7, 0))
            )
        ),
        ["GET /api/calendar.ics"] = _ => At("/api/calendar.ics"),
        ["GET /api/sessions.csv"] = _ => At("/api/sessions.csv?from=2026-04-01&to=2026-05-01"),
        ["GET /api/rides.csv"] = _ => At("/api/rides.csv?from=2026-04-01&to=2026-05-01"),
        ["GET /api/me/calendars"] = _ => At("/api/me/calendars"),
        ["POST /api/me/calendars"] = async app =>
        {
            // Ten at most each; the matrix makes more.
            foreach (var old in (await app.Trainer.GetAsync("/api/me/calendars")).AsArray())
            {
                await app.Trainer.SendAsync(HttpMethod.Delete, $"/api/me/calendars/{old!["id"]}");
            }

            return new Call("/api/me/calendars", new CalendarNameEntry("my telephone"));
        },
        ["DELETE /api/me/calendars/{id:guid}"] = async app => new Call(
            $"/api/me/calendars/{(await app.Trainer.PostAsync("/api/me/calendars", new CalendarNameEntry("old telephone")))["id"]}"
        ),
        ["GET /calendar/{token:length(48)}.ics"] = async app => new Call(
            new Uri((string)(await app.Trainer.PostAsync("/api/me/calendars", new CalendarNameEntry("telephone")))["address"]!).AbsolutePath
        ),
        ["GET /api/session-templates"] = _ => At("/api/session-templates"),
        ["POST /api/session-templates"] = _ => At("/api/session-templates", OwnSession),
        ["DELETE /api/session-templates/{templateId:guid}"] = app => OwnSessionAsync(app),
        ["POST /api/session-templates/{templateId:guid}/restore"] = async app => new Call(
            $"{(await OwnSessionAsync(app)).Address}/restore"
        ),
        ["GET /api/horses/{horseId}/rail"] = app => At($"{Of(app.Horse)}/rail"),
        ["GET /api/horses/{horseId}/rides/{rideId:guid}/taps"] = async app => new Call($"{await RideAsync(app)}/taps"),
        ["POST /api/horses/{horseId}/rides/{rideId:guid}/taps"] = app => At($"{Of(app.Horse)}/rides/{Guid.NewGuid()}/taps", Ride()),
        ["PUT /api/horses/{horseId}/rides/{rideId:guid}/photos/{photoId:guid}"] = async app => new Call(
            $"{await RideAsync(app)}/photos/{Guid.NewGuid()}",
            Jpeg
        ),
        ["GET /api/horses/{horseId}/rides/{rideId:guid}/photos/{photoId:guid}"] = async app => new Call(await PhotoAsync(app)),
        ["POST /api/horses/{horseId}/rides/{rideId:guid}/answers"] = async app =>
        {
            var ride = await RideAsync(app);
            var rule = (await app.Trainer.GetAsync(ride))["verdicts"]![0]!["rule"];
            return new Call($"{ride}/answers", new AnswerEntry((string)rule!, true));
        },
        ["GET /health/live"] = _ => At("/health/live"),
        ["GET /health/ready"] = _ => At("/health/ready"),
        ["GET /openapi/{documentName}.json"] = _ => At("/openapi/v1.json"),
    };

    private static readonly DayOfWeek[] Six =
    [
        DayOfWeek.Tuesday,
        DayOfWeek.Wednesday,
        DayOfWeek.Thursday,
        DayOfWeek.Friday,
        DayOfWeek.Saturday,
        DayOfWeek.Sunday,
    ];

    /// <summary>Every input once, over one week.</summary>
    public static readonly BlockEntry Block = new()
    {
        Name = "Spring",
        Purpose = Purpose.Conditioning,
        Start = App.Today,
        Weeks = 1,
        AimId = null,
        Discipline = Discipline.Jumping,
        Focus = [Strand.Poles],
        Now = new MinutesByGait(90, 60, 20),
        Days = [DayOfWeek.Sunday, DayOfWeek.Saturday],
        HelperDays = [DayOfWeek.Sunday],
        ArenaDays = [DayOfWeek.Sunday],
        OpenGroundDays = [DayOfWeek.Saturday],
        FavouriteOff = DayOfWeek.Monday,
        RiderIds = [],
        Fixtures = [new FixtureEntry(FixtureKind.Farrier, App.Today.AddDays(1), null, "trim")],
        Asked = [new AskedEntry(SessionKind.Hack, 1)],
        Return = null,
        Sets = new Core.Conditioning.SetsEntry(Core.Conditioning.Scheme.British, "80", 2, 3, 350, 3),
    };

    public static readonly BlockEntry ShortBlock = new()
    {
        Name = "Two weeks",
        Purpose = Purpose.Schooling,
        Start = App.Today,
        Weeks = 2,
        Now = new MinutesByGait(110, 80, 20),
        Days = Six,
        HelperDays = Six,
        ArenaDays = Six,
    };

    /// <summary>A vet's plan whose second stage waits.</summary>
    public static readonly BlockEntry ReturnBlock = new()
    {
        Name = "Back",
        Purpose = Purpose.Return,
        Start = App.Today,
        Weeks = 4,
        Days = Six,
        ArenaDays = Six,
        Return = new ReturnEntry(
            10,
            OffBecause.Injury,
            Stages: [new StageEntry("walk", 1, 5, 20), new StageEntry("trot", 2, 5, 20, 4, 0, "trot cleared by the vet")]
        ),
    };

    /// <summary>A block of a horse of its own.</summary>
    public static async Task<string> BlockAsync(App app, BlockEntry? entry = null, Horse? horse = null)
    {
        var whose = horse ?? await app.AddHorseAsync();
        return $"{Of(whose)}/blocks/{(await app.Trainer.PostAsync($"{Of(whose)}/blocks", new KeepBlockEntry(entry ?? ShortBlock)))["id"]}";
    }

    private static async Task<Guid> FirstPlacedAsync(App app, string block) =>
        (await app.Trainer.GetAsync(block))["plan"]!["weeks"]!
            .AsArray()
            .SelectMany(w => w!["sessions"]!.AsArray())
            .Select(s => (Guid)s!["id"]!)
            .First();

    public static string Of(Horse horse) => $"/api/horses/{horse.Id}";

    /// <summary>A set-up says its family only when it is written as one of the families.</summary>
    public static string Raw(SetUpEntry entry) => RawOf(entry);

    /// <summary>As the type it is declared as, so that what it holds says its family too.</summary>
    public static string RawOf<T>(T entry) => System.Text.Json.JsonSerializer.Serialize(entry, Json.Options);

    public static async Task<string> SetUpAsync(App app, SetUpEntry? entry = null, Horse? horse = null)
    {
        var view = await app.Trainer.PostAsync($"{Of(horse ?? app.Horse)}/set-ups", new NamedSetUpEntry("Poles", entry ?? Poles));
        return $"{Of(horse ?? app.Horse)}/set-ups/{view["id"]}";
    }

    public static async Task<string> SessionAsync(App app, SessionEntry? entry = null, Horse? horse = null)
    {
        var view = await app.Trainer.PostAsync($"{Of(horse ?? app.Horse)}/sessions", entry ?? Session());
        return $"{Of(horse ?? app.Horse)}/sessions/{view["id"]}";
    }

    public static async Task<string> RideAsync(App app, RideEntry? entry = null, Horse? horse = null)
    {
        var address = $"{Of(horse ?? app.Horse)}/rides/{Guid.NewGuid()}";
        await app.Trainer.PostAsync($"{address}/events", entry ?? Ride());
        return address;
    }

    public static ProposalEntry Wanted(Strand focus = Strand.Poles) => new(App.Today, focus, 40, true, Ground.Arena);

    /// <summary>What begins like a JPEG and is long enough to be one.</summary>
    public static PhotoEntry Jpeg { get; } = new(Convert.ToBase64String([0xFF, 0xD8, 0xFF, 0xE0, .. new byte[200]]));

    private static async Task<string> PhotoAsync(App app)
    {
        var address = $"{await RideAsync(app)}/photos/{Guid.NewGuid()}";
        await app.Trainer.PutAsync(address, Jpeg);
        return address;
    }

    public static RungMoveEntry Move(string rungId, string word = "seen at the clinic") => new(Catalogue.Rung(rungId).Strand, rungId, word);

    /// <summary>Puts the horse on the rung if it is not there yet, and rides it once with this mark, calm and passed.</summary>
    public static async Task<string> RideOnRungAsync(App app, Horse horse, string rungId, double mark, params RideEvent[] more)
    {
        var places = (await app.Trainer.GetAsync($"{Of(horse)}/ladders")).AsArray();
        if (!places.Any(p => (string?)p!["rungId"] == rungId))
        {
            await app.Trainer.PostAsync($"{Of(horse)}/ladders/moves", Move(rungId));
        }

        var entry = Session() with { Parts = [.. Session().Parts!.Select(p => p.Phase == Phase.Work ? p with { RungId = rungId } : p)] };
        var session = Guid.Parse((await SessionAsync(app, entry, horse)).Split('/')[^1]);
        RideEvent[] events =
        [
            new Marked(Guid.NewGuid(), Noon, Rein.Both, Core.Measures.Mark.Of(mark), ""),
            new TensionSeen(Guid.NewGuid(), Noon, 1),
            new ClosingTest(Guid.NewGuid(), Noon, true),
            .. more,
        ];
        return await RideAsync(app, new RideEntry(session, App.Today, events), horse);
    }

    public static SheetAnswerEntry Tap(AssessmentItem item, Rein rein, double? mark = null, params Felt[] felt) =>
        new(item, rein, mark, felt, 1, 12);

    public static SheetAnswersEntry Taps(params SheetAnswerEntry[] answers) => new(answers);

    /// <summary>A sheet begun for a horse of its own, unless one is given.</summary>
    public static async Task<string> AssessmentAsync(App app, Horse? horse = null, int weeksOff = 0)
    {
        var whose = horse ?? await app.AddHorseAsync();
        var view = await app.Trainer.PostAsync($"{Of(whose)}/assessments", new AssessmentEntry(weeksOff));
        return $"{Of(whose)}/assessments/{view["id"]}";
    }

    /// <summary>A row added to the horse at this address, and the address of the row.</summary>
    private static async Task<Call> RowAsync(App app, string address, object entry, Func<JsonNode, JsonNode?> id, string then = "")
    {
        var answer = await app.Trainer.PostAsync($"{Of(app.Horse)}/{address}", entry);
        return new Call($"{Of(app.Horse)}/{address}/{id(answer)}{then}", then.Length > 0 ? new { } : null);
    }

    private static JsonNode? LastTack(JsonNode all) => all.AsArray().Last()!["tack"]!["id"];

    private static async Task<Call> OwnSessionAsync(App app) =>
        new($"/api/session-templates/{(await app.Trainer.PostAsync("/api/session-templates", OwnSession))["id"]}");

    private static async Task<Call> OwnExerciseAsync(App app) =>
        new($"/api/library/exercises/{(await app.Trainer.PostAsync("/api/library/exercises", OwnExercise))["id"]}");

    private static PersonEntry Person(App app) =>
        new("Someone", $"{Guid.NewGuid():N}@here.example", App.Password, Role.Rider, false, [app.Horse.Id]);

    private static string Shipped => $"/api/dressage-tests/{ShippedTests.All[0].Id}";

    private static string ShippedOf(App app) => $"{Of(app.Horse)}/dressage-tests/{ShippedTests.All[0].Id}";

    private static DressageTestEntry DressageTest => ShippedTests.All[0].Entry with { Name = "Ours" };

    private static MarkedTestEntry Marked => new(new TestRiddenEntry(App.Today, true, "C", [new MovementMarkEntry(1, 6.5, "straight")]));

    private static async Task<Call> DressageTestAsync(App app) =>
        new($"/api/dressage-tests/{(await app.Trainer.PostAsync("/api/dressage-tests", DressageTest))["id"]}");

    private static async Task<string> MarkedAsync(App app) =>
        $"{ShippedOf(app)}/ridden/{(await app.Trainer.PostAsync($"{ShippedOf(app)}/ridden", Marked))["ridden"]![0]!["id"]}";

    private static string TableOf(Horse horse) =>
        $"Horse,Day,Name,Discipline,Scheme,Level\n{horse.Name},2026-06-02,From a table,Dressage,Ours,Elementary\n";

    /// <summary>An aim of a horse whose block has a day and a helper to spare.</summary>
    public static async Task<string> WorkedForAsync(App app)
    {
        var horse = await app.AddHorseAsync();
        await BlockAsync(app, ShortBlock with { Days = Six[..4], HelperDays = [] }, horse);
        var all = await app.Trainer.PostAsync($"{Of(horse)}/aims", Aim);
        return $"{Of(horse)}/aims/{all["aims"]![0]!["id"]}";
    }

    private static async Task<string> AimAsync(App app, DateOnly? on = null)
    {
        var name = $"{Guid.NewGuid():N}";
        var all = await app.Trainer.PostAsync($"{Of(app.Horse)}/aims", Aim with { Name = name, On = on ?? Aim.On });
        return $"{Of(app.Horse)}/aims/{all["aims"]!.AsArray().Single(a => (string)a!["name"]! == name)!["id"]}";
    }

    private static async Task<Call> StrideAsync(App app, string then)
    {
        var passport = await app.Trainer.PostAsync($"{Of(app.Horse)}/strides", Stride);
        return new Call($"{Of(app.Horse)}/strides/{passport["measurements"]![0]!["id"]}{then}", then.Length > 0 ? new { } : null);
    }

    /// <summary>Long work the trainer has just ordered: nobody has begun it as it is asked after.</summary>
    private static async Task<Call> JobAsync(App app)
    {
        var ordered = await app.Trainer.SendContentAsync(
            HttpMethod.Post,
            "/api/week/share",
            System.Net.Http.Json.JsonContent.Create(new WeekEntry(new DateOnly(2026, 4, 13)), options: Json.Options)
        );
        return new Call(ordered.Headers.Location!.ToString());
    }

    /// <summary>A referral of a horse of its own, by its address.</summary>
    public static async Task<string> ReferralAsync(App app)
    {
        var horse = await app.AddHorseAsync();
        var all = await app.Trainer.PostAsync($"{Of(horse)}/referrals", ToTheSaddler);
        return $"{Of(horse)}/referrals/{all[0]!["referral"]!["id"]}";
    }

    private static Task<Call> At(string address, object? body = null) => Task.FromResult(new Call(address, body));
}
