using Hippodrome.Core.Assessments;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using static Hippodrome.Core.Assessments.AssessmentItem;

namespace Hippodrome.Server.Demo;

/// <summary>What the demo horses' passports hold: assessment rides, care, tack, approach, adjustability.</summary>
internal static class DemoPassports
{
    private const string Farrier = "Jory Penhale, farrier";
    private const string Saddler = "Wren Askew, saddler";
    private const string Dentist = "Otto Quill, dentist";

    public static async Task YardAsync(DemoStory s)
    {
        await s.Book.KitAsync(
            new(KitKind.Pole, 3, 24),
            new(KitKind.Pole, 2.5, 4),
            new(KitKind.Pole, 1.8, 2),
            new(KitKind.Wing, 0, 10),
            new(KitKind.Cup, 0, 24),
            new(KitKind.Block, 0, 6),
            new(KitKind.Filler, 0, 2),
            new(KitKind.FlatCup, 0, 4),
            new(KitKind.WaterTray, 0, 1),
            new(KitKind.Pole, 3, 6) { Material = Material.Plastic }
        );
        await s.Book.ChooseAsync(null, ApproachQuestion.FlyingChanges, "mixed", "every horse here has shown us another way");
        await s.Book.NoteAsync("poles/trot-poles", "On the left quarter line: the right one is deep after rain.");
        await s.Book.OwnExerciseAsync(
            new OwnExerciseEntry
            {
                RungId = "poles/trot-poles",
                Name = "Three, halt, three",
                How = "Three trot poles, halt before the corner, three trot poles on the way back. Settles the ones that count ahead.",
                Gait = Gait.Trot,
                Figure = RiddenFigure.QuarterLine,
                Repetitions = 6,
                Minutes = 8,
                Poles = 6,
            }
        );
        await s.Book.OwnSessionAsync(
            new OwnSessionEntry(
                "Sideways in short bits",
                "the day after a hack, or a stiff morning",
                new SessionEntry(
                    Emphasis: "Two over, two straight, and away",
                    Manner: Manner.Ridden,
                    Helper: false,
                    Parts:
                    [
                        PartEntry.Of(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, 12) with
                        {
                            Outline = Outline.Long,
                        },
                        PartEntry.Of(Phase.WarmUp, "Trot, long and low", Gait.Trot, Rein.Both, 5) with
                        {
                            Outline = Outline.Long,
                            Seat = Seat.Rising,
                        },
                        PartEntry.Of(Phase.Work, "Two over, two straight", Gait.Walk, Rein.Both, 6) with
                        {
                            RungId = "lateral/step-and-rest",
                            ExerciseId = "lateral/step-and-rest/two-over-two-straight",
                            Times = 6,
                        },
                        PartEntry.Of(Phase.Work, "Trot away on large lines", Gait.Trot, Rein.Both, 4) with
                        {
                            Seat = Seat.Rising,
                        },
                        PartEntry.Of(Phase.CoolDown, "Walk on a long rein; drop the reins at the end", Gait.Walk, Rein.Both, 8) with
                        {
                            Outline = Outline.Long,
                        },
                    ],
                    Notes: ""
                )
            )
        );
    }

    public static async Task QuillanAsync(DemoStory s, Horse horse)
    {
        var b = s.Book;
        await b.AssessAsync(
            horse,
            58,
            0,
            "Backed last autumn by his breeder; hacked a little.",
            true,
            new(Walk, 7, 7, 4),
            new(YieldFromLeg, 6, 6, 9),
            new(ShoulderInWalk, 5, 5, 12, [Felt.FallsOut]),
            new(TrotCircle, 6, 6.5, 16, [Felt.TempoLost]),
            new(Spiral, 5.5, 6, 20),
            new(TrotWalk, 6.5, 6.5, 23),
            new(SmallerLargerTrot, 5.5, 5.5, 26, [Felt.TempoLost], [Felt.TempoLost]),
            new(Canter, 6, 6, 29, [Felt.Tires, Felt.OffBalance]),
            new(Stretch, 7, 7, 33),
            new(WalkOff, 7, 7, 36)
        );
        await b.CareAsync(horse, CareKind.Feet, 20, Farrier, "Trimmed, no shoes yet.");
        await b.CareAsync(horse, CareKind.Teeth, 100, Dentist, "Caps off both sides.");
        await b.CareAsync(horse, CareKind.Saddle, 80, Saddler, "Fitted with a pad; he will grow.");
        await b.BodyAsync(horse, 55, 183, 156, 5);
        await b.BodyAsync(horse, 13, 186, 157, 5);
        await b.TackAsync(horse, TackKind.Bit, "Eggbutt snaffle, three-piece", "13 cm");
        await b.TemperAsync(horse, Temperament.Calm);
    }

    public static async Task TarnLarkAsync(DemoStory s, Horse horse)
    {
        var b = s.Book;
        // The canter speaks for a stiff right side, the rein marks for a stiff left one: both are shown.
        await b.AssessAsync(
            horse,
            62,
            0,
            "Came as stiff right. Her last rider found the left change late.",
            true,
            new(Walk, 7, 7, 5),
            new(YieldFromLeg, 6.5, 7, 10),
            new(ShoulderInWalk, 6, 7, 13),
            new(TrotCircle, 6.5, 7, 17, null, [Felt.FallsIn]),
            new(Spiral, 7, 7, 22, [Felt.FallsOut]),
            new(TrotWalk, 7, 7, 26, [Felt.Knows]),
            new(SmallerLargerTrot, 7, 7, 29),
            new(Canter, 6, 7, 33, [Felt.LateDepart, Felt.TempoLost]),
            new(Stretch, 6.5, 6.5, 38),
            new(WalkOff, 7, 7, 43)
        );
        await b.CareAsync(horse, CareKind.Feet, 14, Farrier);
        await b.CareAsync(horse, CareKind.Teeth, 210, Dentist);
        await b.CareAsync(horse, CareKind.Saddle, 150, Saddler, "Flocking evened, right side.");
        await b.BodyAsync(horse, 30, 190, 164, 5.5);
        await b.TackAsync(horse, TackKind.Bit, "Loose-ring snaffle, single-jointed", "13.5 cm");
        await b.TemperAsync(horse, Temperament.Hot);
        await b.ChooseAsync(horse, ApproachQuestion.SecondTry, "tomorrow", "a second change the same day has boiled over twice");
    }

    public static async Task BrannocAsync(DemoStory s, Horse horse)
    {
        var b = s.Book;
        // After six weeks off the sheet is split: walk then, trot when it opened, canter still to come.
        await b.AssessAsync(
            horse,
            42,
            6,
            "Fit and sound before the rest. Turned out with company.",
            null,
            new(Walk, 7, 7, 6),
            new(YieldFromLeg, 6.5, 6.5, 11),
            new(ShoulderInWalk, 6, 6.5, 15),
            new(TrotCircle, 6, 6.5, 18),
            new(TrotWalk, 6.5, 6.5, 21)
        );
        await b.CareAsync(horse, CareKind.Feet, 25, Farrier, "Shod in front.");
        await b.CareAsync(horse, CareKind.Saddle, 140, Saddler);
        await b.SaddledAsync(horse, 19, Saddler, "Lost muscle behind the shoulder: shim for now, look again.", SaddleWork.Shimmed);
        await b.FedAsync(
            horse,
            60,
            new RationEntry(Forage: "Haylage, 9 kg", HardFeedKg: 3, HardFeed: "conditioning mix", Because: "in full work")
        );
        await b.FedAsync(
            horse,
            38,
            new RationEntry(Forage: "Hay as it likes", HardFeedKg: 0.5, HardFeed: "balancer", Because: "off work", By: "Maren Holt")
        );
        await b.CareAsync(horse, CareKind.Teeth, 330, Dentist);
        await b.CareAsync(horse, CareKind.Therapist, 40, "Nell Farrow, physiotherapist", "Loose. Big lines and a lot of walk.", 8);
        await b.BodyAsync(horse, 44, 202, 172, 6.5);
        await b.BodyAsync(horse, 21, 200, 172, 6);
        await b.BodyAsync(horse, 5, 198, 172, 6);
        await b.TackAsync(horse, TackKind.Bit, "Loose-ring snaffle, double-jointed", "14 cm");
        await b.TackAsync(horse, TackKind.Bit, "Jumping bit, two rings", "14 cm; leverage", 0.9, Strand.Jumping, Strand.CrossCountry);
        await b.TemperAsync(horse, Temperament.Clever);
    }

    public static async Task VerityAsync(DemoStory s, Horse horse)
    {
        var b = s.Book;
        await b.AssessAsync(
            horse,
            68,
            0,
            "Knows everything; has not bent left since the summer.",
            true,
            new(Walk, 7, 7, 8),
            new(YieldFromLeg, 6, 7, 13, [Felt.DullToLeg]),
            new(ShoulderInWalk, 5, 7, 17, [Felt.FallsIn]),
            new(TrotCircle, 5.5, 7, 22, [Felt.FallsIn, Felt.HeadUp]),
            new(Spiral, 5, 7, 27, [Felt.FallsIn]),
            new(TrotWalk, 7, 7, 31),
            new(SmallerLargerTrot, 6.5, 7, 34),
            new(Canter, 7, 5.5, 39, null, [Felt.LateDepart]),
            new(Stretch, 6, 7, 44, [Felt.Tires]),
            new(WalkOff, 7, 7, 51)
        );
        await b.AssessAsync(
            horse,
            6,
            0,
            "",
            true,
            new(Walk, 7, 7, 8),
            new(YieldFromLeg, 7, 7, 13),
            new(ShoulderInWalk, 6.5, 7.5, 17, [Felt.Knows]),
            new(TrotCircle, 6.5, 7.5, 22, [Felt.FallsIn]),
            new(Spiral, 6.5, 7, 27),
            new(TrotWalk, 7.5, 7.5, 31),
            new(SmallerLargerTrot, 7, 7, 34),
            new(Canter, 7.5, 6.5, 39),
            new(Stretch, 7, 7, 44),
            new(WalkOff, 7, 7, 51)
        );
        await b.CareAsync(horse, CareKind.Feet, 30, Farrier, "Shod all round, rolled toes.");
        await b.CareAsync(horse, CareKind.Teeth, 200, Dentist, "Hook upper left taken down.");
        await b.CareAsync(horse, CareKind.Saddle, 120, Saddler);
        await b.CareAsync(horse, CareKind.Therapist, 12, "Nell Farrow, physiotherapist", "Left poll and left loin tight, better after.", 8);
        await b.BodyAsync(horse, 70, 193, 166, 5);
        await b.BodyAsync(horse, 10, 194, 166, 5.5);
        await b.TackAsync(
            horse,
            TackKind.Bit,
            "Bradoon and curb",
            "for the upper rungs",
            null,
            Strand.Flatwork,
            Strand.Lateral,
            Strand.Changes,
            Strand.Collected
        );
        await b.TackAsync(horse, TackKind.Bit, "Loose-ring snaffle, double-jointed", "13 cm");
        await b.TemperAsync(horse, Temperament.Calm);
    }

    public static async Task SablewoodAsync(DemoStory s, Horse horse)
    {
        var b = s.Book;
        await b.AssessAsync(
            horse,
            75,
            1,
            "Jumps anything straight. Left lead was always the worse.",
            true,
            new(Walk, 7, 7, 6),
            new(YieldFromLeg, 7, 6.5, 11),
            new(ShoulderInWalk, 7, 6, 15),
            new(TrotCircle, 7, 6.5, 19, [Felt.FallsOut]),
            new(Spiral, 7, 6.5, 23),
            new(TrotWalk, 7, 7, 27),
            new(SmallerLargerTrot, 7.5, 7.5, 30, [Felt.Knows], [Felt.Knows]),
            new(Canter, 6.5, 7, 34, [Felt.LateDepart]),
            new(Stretch, 7, 7, 39),
            new(WalkOff, 7, 7, 45)
        );
        await b.CareAsync(horse, CareKind.Feet, 47, Farrier, "Shod all round, stud holes.");
        await b.CareAsync(horse, CareKind.Teeth, 160, Dentist);
        await b.CareAsync(horse, CareKind.Saddle, 178, Saddler);
        await b.BodyAsync(horse, 35, 196, 170, 5.5);
        await b.TackAsync(horse, TackKind.Bit, "Loose-ring snaffle, single-jointed", "14 cm");
        await b.TackAsync(
            horse,
            TackKind.Bit,
            "Jumping bit, two rings",
            "14 cm; leverage",
            1.0,
            Strand.Jumping,
            Strand.Grids,
            Strand.CrossCountry
        );
        await b.TackAsync(horse, TackKind.ReinAid, "Running martingale", "", null, Strand.Jumping, Strand.Grids, Strand.CrossCountry);
        await b.AccordionAsync(horse, 70, 10, 3, 3);
        await b.AccordionAsync(horse, 52, 10, 2, 3);
        await b.AccordionAsync(horse, 31, 10, 2, 3);
        await b.AccordionAsync(horse, 16, 10, 2, 4);
        await b.AccordionAsync(horse, 6, 10, 2, 4);
        await b.TemperAsync(horse, Temperament.Bold);
    }

    public static async Task PipitAsync(DemoStory s, Horse horse)
    {
        await s.Book.CareAsync(horse, CareKind.Feet, 39, Farrier, "Trimmed.");
        await s.Book.BodyAsync(horse, 20, 172, 148, 5);
    }
}
