using Hippodrome.Core.Aims;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;

namespace Hippodrome.Server.Demo;

/// <summary>The six horses of the demo yard, a small story each.</summary>
internal static class DemoHorses
{
    private static PartEntry Trot(double minutes, string what, Guid? setUp = null, Rein rein = Rein.Both, string? rung = null) =>
        PartEntry.Of(Phase.Work, what, Gait.Trot, rein, minutes) with
        {
            SetUpId = setUp,
            MarkHopedFor = 6.5,
            RungId = rung,
        };

    private static PartEntry Canter(double minutes, string what, Phase phase = Phase.Work, string? rung = null) =>
        PartEntry.Of(phase, what, Gait.Canter, Rein.Both, minutes) with
        {
            SetUpId = null,
            MarkHopedFor = 6.5,
            RungId = rung,
        };

    private static PartEntry Loosen(double minutes) => PartEntry.Of(Phase.WarmUp, "Trot, loose and forward", Gait.Trot, Rein.Both, minutes);

    /// <summary>Green five-year-old: rushed the first poles, went back to walk, and is ready for more.</summary>
    public static async Task<Guid> QuillanAsync(DemoStory s)
    {
        var horse = await s.HorseAsync(
            "Quillan",
            5,
            "16.0 hh",
            Sex.Gelding,
            Experience.Green,
            "Kind, looks at everything once. Started under saddle last autumn."
        );
        await s.StrideAsync(horse, GaitVariant.WalkMedium, 25, 20, 11, Counted.Strides, 12.2);
        await s.StrideAsync(horse, GaitVariant.TrotWorking, 25, 20, 15, Counted.Steps, 5.7);
        await s.StrideAsync(horse, GaitVariant.TrotWorking, 11, 30, 22.5, Counted.Steps, 8.4);
        await s.AimAsync(horse, "Ashlode young horse day", 68, Discipline.Jumping, LevelDemands.NationalJumping, "0.70 m", 0.70, "Ashlode");
        await s.AimAsync(
            horse,
            "Ashlode walk and trot",
            75,
            Discipline.Dressage,
            LevelDemands.NationalDressage,
            "Intro",
            null,
            "Ashlode",
            Importance.Step
        );
        var trot = await s.SetUpAsync(horse, DemoStory.Poles(GaitVariant.TrotWorking, 3));
        var walk = await s.SetUpAsync(horse, DemoStory.Poles(GaitVariant.WalkMedium, 4));
        await s.SetUpAsync(
            horse,
            new SquareOfPolesEntry
            {
                Arena = ArenaSize.SixtyByTwenty,
                Line = ArenaLine.CentreLine,
                Heading = Heading.TowardsC,
                MiddleMetres = 30,
                AdjustMetres = 0,
                Variant = GaitVariant.WalkMedium,
                Steps = 4,
                Way = SquareWay.RoundTheCorner,
                Rein = Rein.Left,
            }
        );
        PartEntry[] flat =
        [
            Loosen(5),
            Trot(10, "20 m circles, both reins"),
            Canter(4, "First canter departs", rung: "flatwork/trot-canter"),
        ];
        PartEntry[] overTrot = [Loosen(5), Trot(8, "Large circles"), Trot(8, "Trot poles", trot, rung: "poles/trot-poles")];
        PartEntry[] overWalk =
        [
            Loosen(5),
            Trot(8, "Large circles"),
            PartEntry.Of(Phase.Work, "Walk poles", Gait.Walk, Rein.Both, 8) with
            {
                SetUpId = walk,
                MarkHopedFor = 6.5,
                RungId = "poles/walk-poles",
            },
        ];
        await s.PlacesAsync(
            horse,
            "in-hand/curved-and-raised",
            "lunge/side-aid",
            "flatwork/trot-canter",
            "lateral/step-and-rest",
            "poles/walk-poles",
            "fitness/trot-sets"
        );
        await s.MoveAsync(horse, -21, "poles/trot-poles", MoveKind.ByHand, "bold in the lesson: let him try");
        await s.MoveAsync(horse, -20, "poles/walk-poles", MoveKind.ByHand, "rushed the trot poles on both reins");
        await s.MoveAsync(horse, -6, "poles/trot-poles", MoveKind.ByHand, "calm and clean over walk poles");

        await s.RideAsync(horse, await s.SessionAsync(horse, -23, "Steady tempo", false, 8, 7, flat), new Went(6, 6), accepts: "Stay");
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -20, "First trot poles", true, 8, 7, overTrot),
            new Went(
                5,
                5.5,
                3,
                true,
                4,
                [DemoStory.Passes(trot, Rein.Left, 2, 2, 3), DemoStory.Passes(trot, Rein.Right, 3, 1, 2)],
                "Quicker each time he saw them."
            ),
            accepts: "RushesPoles"
        );
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -18, "Walk poles", true, 8, 7, overWalk),
            new Went(6, 6.5, 2, true, 3, [DemoStory.Passes(walk, Rein.Left, 5, 1), DemoStory.Passes(walk, Rein.Right, 6)]),
            accepts: "TouchesNowAndThen"
        );
        await s.RideAsync(horse, await s.SessionAsync(horse, -14, "Steady tempo", false, 8, 7, flat), new Went(6.5, 6.5));
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -11, "Walk poles", true, 8, 7, overWalk),
            new Went(7, 7, 1, true, 3, [DemoStory.Passes(walk, Rein.Left, 6), DemoStory.Passes(walk, Rein.Right, 6)])
        );
        await s.RideAsync(horse, await s.SessionAsync(horse, -7, "Steady tempo", false, 8, 7, flat), new Went(6.5, 7));
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -4, "Trot poles", true, 8, 7, overTrot),
            new Went(7, 7, 1, true, 4, [DemoStory.Passes(trot, Rein.Left, 5, 1), DemoStory.Passes(trot, Rein.Right, 6)])
        );
        await s.RailAsync(
            horse,
            await s.SessionAsync(horse, -2, "Trot poles", true, 8, 7, overTrot),
            6,
            new Went(7.5, 7, Next: "One more pole, same place.")
        );
        await s.SessionAsync(horse, 0, "Steady tempo", false, 8, 7, flat);
        await s.SessionAsync(horse, 2, "Trot poles", true, 8, 7, overTrot);
        await DemoPassports.QuillanAsync(s, horse);
        return horse.Id;
    }

    /// <summary>Seven-year-old learning changes; the left rein comes slowly.</summary>
    public static async Task<Guid> TarnLarkAsync(DemoStory s)
    {
        var horse = await s.HorseAsync(
            "Tarn Lark",
            7,
            "16.1 hh",
            Sex.Mare,
            Experience.Novice,
            "Stiff right. Keen in front, late behind when it gets exciting."
        );
        await s.StrideAsync(horse, GaitVariant.WalkMedium, 30, 30, 16, Counted.Strides, 17.5);
        await s.StrideAsync(horse, GaitVariant.TrotWorking, 30, 30, 21.5, Counted.Steps, 8.2);
        await s.StrideAsync(horse, GaitVariant.TrotWorking, 16, 40, 29, Counted.Steps, 11.1);
        await s.StrideAsync(horse, GaitVariant.CanterWorking, 16, 40, 16.5, Counted.Strides, 10.1);
        await s.AimAsync(
            horse,
            "Marlwick spring dressage",
            54,
            Discipline.Dressage,
            LevelDemands.NationalDressage,
            "Medium",
            null,
            "Marlwick",
            test: DemoTests.LongMeadow.Id
        );
        await s.AimAsync(
            horse,
            "Marlwick evening league",
            33,
            Discipline.Dressage,
            LevelDemands.NationalDressage,
            "Novice",
            null,
            "Marlwick",
            Importance.Step,
            DemoTests.ThursdayLines
        );
        await s.SetUpAsync(
            horse,
            new CurvedPolesEntry
            {
                Arena = ArenaSize.SixtyByTwenty,
                Line = ArenaLine.CentreLine,
                Heading = Heading.TowardsC,
                MiddleMetres = 30,
                AdjustMetres = 0,
                Kind = CurveKind.Fan,
                Variant = GaitVariant.TrotWorking,
                Poles = 4,
                RadiusMetres = 8,
            }
        );
        var raised = await s.SetUpAsync(horse, DemoStory.Poles(GaitVariant.TrotWorking, 4, ArenaLine.CentreLine, Raising.AlternateEnds));
        await s.StandAsync(raised);
        await s.SetUpAsync(
            horse,
            DemoStory.Figure(FigureKind.LegYield, GaitVariant.TrotWorking) with
            {
                SidewaysMetres = 5,
                ForwardMetres = 30,
            }
        );
        PartEntry[] changes =
        [
            Loosen(6),
            Canter(6, "Counter-canter, both leads"),
            Canter(4, "Canter-walk-canter"),
            Canter(5, "Single change on the diagonal", Phase.NewWork, "changes/single-change"),
        ];
        PartEntry[] lateral =
        [
            Loosen(6),
            Trot(12, "Shoulder-in and travers, both reins", rung: "lateral/travers"),
            Canter(6, "Working canter, give and retake"),
        ];
        PartEntry[] poles = [Loosen(6), Trot(8, "Lengthen and collect"), Trot(10, "Raised trot poles", raised, rung: "poles/raised-trot")];
        await s.Book.DiaryAsync(horse, (330, "poles/walk-poles"), (318, "poles/trot-poles"), (257, "poles/raised-trot"));
        await s.PlacesAsync(
            horse,
            "in-hand/long-lines-canter",
            "lunge/poles-on-the-circle",
            "flatwork/simple-change",
            "lateral/travers",
            "changes/single-change",
            "collected/ten-metre-canter",
            "poles/raised-trot",
            "grids/placing-pole",
            "jumping/cross-pole",
            "fitness/trot-sets"
        );

        await s.RideAsync(horse, await s.SessionAsync(horse, -24, "Lateral work", false, 10, 8, lateral), new Went(6, 7, 2));
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -21, "Raised poles", true, 10, 8, poles),
            new Went(6, 7, 2, true, 5, [DemoStory.Passes(raised, Rein.Left, 4, 1), DemoStory.Passes(raised, Rein.Right, 5)])
        );
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -17, "First change", false, 10, 8, changes),
            new Went(5.5, 6.5, 3, false, 6, null, "One through, one late behind. Left it there."),
            accepts: "ClosingTestFailed"
        );
        // Her rider comes in a little sooner each time: a habit, told beside Begin.
        await s.RailAsync(
            horse,
            await s.SessionAsync(horse, -15, "Lateral work", false, 10, 8, lateral),
            0,
            new Went(6.5, 7, 2),
            walkedLast: 4
        );
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -10, "Raised poles", true, 10, 8, poles),
            new Went(6.5, 7, 1, true, 5, [DemoStory.Passes(raised, Rein.Left, 5, 1), DemoStory.Passes(raised, Rein.Right, 6)])
        );
        await s.RailAsync(
            horse,
            await s.SessionAsync(horse, -8, "Single changes", false, 10, 8, changes),
            0,
            new Went(6.5, 7, 2, true, 6),
            walkedLast: 3
        );
        await s.RailAsync(
            horse,
            await s.SessionAsync(horse, -3, "Lateral work", false, 10, 8, lateral),
            0,
            new Went(7, 7, 1),
            walkedLast: 2
        );
        var last = await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -1, "Single changes", false, 10, 8, changes),
            new Went(6.5, 7, 4, true, 7, null, "Boiled over after the second change."),
            by: s.Trainer
        );
        await s.OverruleAsync(last, "OverTheTop", "Wind and the tractor, not the work. Same again on a quiet day.");
        await s.SessionAsync(horse, 0, "Raised poles", true, 10, 8, poles);
        await s.SessionAsync(horse, 1, "Lateral work", false, 10, 8, lateral);
        await DemoPassports.TarnLarkAsync(s, horse);
        return horse.Id;
    }

    /// <summary>Eventer coming back from a rest: slow minutes, and a day that was too long.</summary>
    public static async Task<Guid> BrannocAsync(DemoStory s)
    {
        var horse = await s.HorseAsync(
            "Brannoc",
            10,
            "16.3 hh",
            Sex.Gelding,
            Experience.Established,
            "Six weeks in the field over the autumn. Walk weeks done; trot began three weeks ago."
        );
        await s.StrideAsync(horse, GaitVariant.WalkMedium, 20, 20, 10, Counted.Strides, 11.2);
        await s.StrideAsync(horse, GaitVariant.TrotWorking, 8, 20, 14, Counted.Steps, 5.4);
        await s.AimAsync(
            horse,
            "Thornley cross-country day",
            96,
            Discipline.Eventing,
            LevelDemands.NationalEventing,
            "100",
            1.00,
            "Thornley Park",
            test: DemoTests.FirstFrost.Id
        );
        await s.PlacesAsync(
            horse,
            "in-hand/long-lines-canter",
            "lunge/canter-both-ways",
            "flatwork/simple-change",
            "lateral/shoulder-in",
            "poles/accordion",
            "grids/square-oxer",
            "jumping/at-height",
            "narrow/barrel",
            "cross-country/level-speed",
            "fitness/walk-hardening"
        );
        await s.RestrictAsync(
            horse,
            "coming back from a long rest",
            "Iva Sorrel, vet",
            -24,
            11,
            [Gait.Canter, Gait.Gallop],
            [Strand.Grids, Strand.Jumping, Strand.Narrow, Strand.CrossCountry]
        );
        await s.MoveAsync(horse, -22, "fitness/trot-sets", MoveKind.ByHand, "forty minutes of walk, legs cool: trot begins");
        foreach (
            var (day, minutes) in new[]
            {
                (46, 10),
                (44, 10),
                (41, 10),
                (39, 20),
                (37, 20),
                (34, 20),
                (32, 20),
                (30, 20),
                (27, 20),
                (25, 30),
                (23, 30),
            }
        )
        {
            await s.RideAsync(
                horse,
                await s.KeepAsync(
                    horse,
                    new SessionEntry(
                        s.Today.AddDays(-day),
                        "Return: walk",
                        Manner.Ridden,
                        false,
                        [PartEntry.Of(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, minutes)],
                        ""
                    )
                ),
                new Went(6, 6, 1, true, 1),
                accepts: "Stay"
            );
        }

        for (var week = 3; week >= 1; week--)
        {
            // The first week of trot is two minutes; its four are ridden for two weeks, as the last one tired it.
            var trot = week == 3 ? 2 : 4;
            foreach (var day in new[] { 6, 4, 2 })
            {
                var tired = week == 1 && day == 2;
                var plan = await s.SessionAsync(
                    horse,
                    -((week - 1) * 7) - day,
                    "Return: walk with a little trot",
                    false,
                    22,
                    10,
                    Trot(trot, $"Trot in short bouts, {trot} minutes in all", rung: "fitness/trot-sets")
                );
                await s.RideAsync(
                    horse,
                    plan,
                    new Went(
                        6,
                        6.5,
                        1,
                        !tired,
                        tired ? 6 : 3,
                        null,
                        tired ? "Quick and on the forehand in the last bout." : null,
                        tired ? Sign.Tired : null
                    ),
                    accepts: tired ? null : "Stay"
                );
            }
        }

        await s.SessionAsync(
            horse,
            0,
            "Return: walk with a little trot",
            false,
            22,
            6,
            Trot(4, "Trot in short bouts, 4 minutes in all", rung: "fitness/trot-sets") with
            {
                Times = 12,
                BoutSeconds = 20,
                RestSeconds = 40,
            }
        );
        await s.SetUpAsync(horse, DemoCourses.BehindTheBarn);
        await DemoPassports.BrannocAsync(s, horse);
        return horse.Id;
    }

    /// <summary>Dressage mare of fourteen whose left rein comes level over the weeks.</summary>
    public static async Task<Guid> VerityAsync(DemoStory s)
    {
        var horse = await s.HorseAsync(
            "Old Verity",
            14,
            "16.2 hh",
            Sex.Mare,
            Experience.Established,
            "Stiff left, hollow right. Needs her walk; then gives everything."
        );
        await s.StrideAsync(horse, GaitVariant.TrotWorking, 101, 30, 23.5, Counted.Steps, 9.1);
        await s.StrideAsync(horse, GaitVariant.TrotCollected, 18, 30, 24.5, Counted.Steps, 9.6);
        await s.StrideAsync(horse, GaitVariant.TrotWorking, 18, 30, 22.5, Counted.Steps, 8.6);
        await s.AimAsync(
            horse,
            "Winter gala, Lindhurst",
            33,
            Discipline.Dressage,
            LevelDemands.NationalDressage,
            "Advanced Medium",
            null,
            "Lindhurst"
        );
        await s.WantsAsync(horse, "half-pass-canter", 6.5);
        await s.SetUpAsync(horse, DemoStory.Figure(FigureKind.Changes, GaitVariant.CanterCollected) with { Changes = 5, Every = 4 });
        await s.SetUpAsync(horse, DemoStory.Figure(FigureKind.Serpentine, GaitVariant.TrotWorking) with { Loops = 4 });
        double[] left = [5, 5.5, 5.5, 6, 6, 6.5, 6.5, 7];
        PartEntry[] work =
        [
            Loosen(6),
            Trot(9, "Shoulder-in, left first", rein: Rein.Left),
            Trot(7, "Shoulder-in", rein: Rein.Right),
            Canter(6, "Half-pass and straight", rung: "lateral/lateral-canter"),
        ];
        await s.Book.DiaryAsync(horse, (900, "poles/walk-poles"), (880, "poles/trot-poles"), (786, "poles/raised-trot"));
        await s.PlacesAsync(
            horse,
            115,
            "in-hand/long-lines-canter",
            "lunge/poles-on-the-circle",
            "flatwork/collected-gaits",
            "lateral/lateral-canter",
            "changes/every-fourth",
            "collected/schooling-pirouette",
            "poles/accordion",
            "fitness/trot-sets"
        );
        await s.MoveAsync(horse, -30, "collected/half-pirouette", MoveKind.Climbed, "alone on both leads, four times running");
        // The winter: little changed, and it is what the spring is compared with.
        for (var day = -113; day < -30; day += 7)
        {
            await s.RideAsync(
                horse,
                await s.SessionAsync(horse, day, "Suppleness, left rein", false, 12, 10, work),
                new Went(left[0], 7),
                s.Trainer
            );
        }

        for (var i = 0; i < left.Length; i++)
        {
            var plan = await s.SessionAsync(horse, -26 + (i * 3), "Suppleness, left rein", false, 12, 10, work);
            await s.RideAsync(
                horse,
                plan,
                new Went(left[i], 7, 1, true, 5, DemoTold.OfVerity(i)),
                by: s.Trainer,
                accepts: i < left.Length - 1 ? "Stay" : null
            );
        }

        await s.SessionAsync(horse, 0, "Suppleness, left rein", false, 12, 10, work);
        await s.SessionAsync(horse, 3, "Suppleness, left rein", false, 12, 10, work);
        await s.SessionAsync(horse, 1, "Pieces of the test", false, 12, 10, [Loosen(6), DemoTests.Pieces(horse)]);
        await s.Tests.VerityAsync(horse);
        await s.Book.ReferAsync(
            horse,
            41,
            ReferredTo.Saddler,
            "the saddle slips to the right on the left rein",
            (36, "Wren Askew evened the panel on the left; slips no more")
        );
        await DemoPassports.VerityAsync(s, horse);
        return horse.Id;
    }

    /// <summary>Jumper with a competition in three weeks; a run-out put the fence back down.</summary>
    public static async Task<Guid> SablewoodAsync(DemoStory s)
    {
        var horse = await s.HorseAsync(
            "Sablewood",
            12,
            "16.2 hh",
            Sex.Gelding,
            Experience.Established,
            "Careful, brave, drifts left when the pole comes up fast."
        );
        await s.StrideAsync(horse, GaitVariant.TrotWorking, 14, 20, 14.5, Counted.Steps, 5.4);
        await s.StrideAsync(horse, GaitVariant.CanterWorking, 14, 40, 16, Counted.Strides, 9.6);
        await s.StrideAsync(horse, GaitVariant.CanterCourse, 14, 44, 12, Counted.Strides, 7.6);
        await s.AimAsync(
            horse,
            "Harrowmere indoor, 1.20 m",
            21,
            Discipline.Jumping,
            LevelDemands.NationalJumping,
            "1.20 m",
            1.20,
            "Harrowmere"
        );
        await s.StartedAsync(
            horse,
            "Harrowmere winter cup",
            20,
            "1.10 m",
            1.10,
            new AimResult(true, 4, null, 0, 3, 22, "the canter, and the turns to the right", "drifted left at the oxers")
        );
        var cross = await s.SetUpAsync(horse, DemoStory.CrossPole(0.60));
        var lower = await s.SetUpAsync(horse, DemoStory.CrossPole(0.50));
        await s.SetUpAsync(
            horse,
            new NarrowEntry
            {
                Arena = ArenaSize.SixtyByTwenty,
                Line = ArenaLine.CentreLine,
                Heading = Heading.TowardsC,
                MiddleMetres = 30,
                AdjustMetres = 0,
                WidthMetres = 1.8,
                Guides = Guides.Both,
                HeightMetres = 0.6,
                ComesIn = Gait.Canter,
            }
        );
        var line = await s.SetUpAsync(horse, DemoStory.Line(new(ElementKind.Upright, 1.0), new(ElementKind.SquareOxer, 1.0, 1.1, 5)));
        await s.SetUpAsync(
            horse,
            DemoStory.Line(new(ElementKind.Upright, 1.0), new(ElementKind.SquareOxer, 1.0, 1.1, 5)) with
            {
                Line = ArenaLine.CentreLine,
                BendDegrees = 45,
                BendTo = Rein.Left,
            }
        );
        var grid = await s.SetUpAsync(
            horse,
            DemoStory.Grid(
                new(ElementKind.CrossPole, 0.5),
                new(ElementKind.Upright, 0.6, null, 0),
                new(ElementKind.Upright, 0.7, null, 1),
                new(ElementKind.SquareOxer, 0.8, 0.9, 1)
            )
        );
        await s.StandAsync(grid, line);
        await s.SetUpAsync(horse, DemoCourses.FiveInTheArena);
        PartEntry[] bold =
        [
            Loosen(6),
            Canter(8, "Transitions, shorter and longer"),
            Trot(9, "Cross-pole from trot", cross, rung: "narrow/one-guide"),
        ];
        PartEntry[] jump =
        [
            Loosen(6),
            Canter(8, "Transitions, shorter and longer"),
            Trot(9, "Cross-pole from trot", cross, rung: "narrow/narrower-guided"),
        ];
        PartEntry[] small =
        [
            Loosen(6),
            Canter(8, "Transitions, shorter and longer"),
            Trot(9, "Cross-pole from trot", lower, rung: "narrow/narrower-guided"),
        ];
        await s.Book.DiaryAsync(horse, (610, "poles/walk-poles"), (603, "poles/trot-poles"), (570, "poles/raised-trot"));
        await s.PlacesAsync(
            horse,
            "in-hand/long-lines-canter",
            "lunge/poles-on-the-circle",
            "flatwork/simple-change",
            "lateral/shoulder-in",
            "changes/single-change",
            "poles/accordion",
            "grids/square-oxer",
            "jumping/course-under",
            "narrow/one-guide",
            "fitness/canter-sets"
        );
        await s.MoveAsync(horse, -12, "narrow/narrower-guided", MoveKind.ByHand, "slipped out to the left: guide poles back on both sides");
        PartEntry[] flat = [Loosen(6), Trot(10, "Transitions within the trot"), Canter(10, "Counted strides, both leads")];
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -19, "Straight over a small fence", true, 9, 8, bold),
            new Went(
                7,
                7,
                2,
                true,
                5,
                [
                    DemoStory.Jumped(cross, Rein.Left, 0.6, EffortOutcome.Clear, 4),
                    DemoStory.Jumped(cross, Rein.Right, 0.6, EffortOutcome.Clear, 4),
                    DemoStory.Touched(Leg.LeftHind, 1),
                ]
            )
        );
        await s.RideAsync(horse, await s.SessionAsync(horse, -16, "Adjustable canter", false, 9, 8, flat), new Went(7, 7.5, 2));
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -12, "Straight over a small fence", true, 9, 8, bold),
            new Went(
                5.5,
                7,
                2,
                true,
                5,
                [
                    DemoStory.Jumped(cross, Rein.Left, 0.6, EffortOutcome.RunOutLeft, 1),
                    DemoStory.Jumped(cross, Rein.Left, 0.6, EffortOutcome.Clear, 2),
                    DemoStory.Jumped(cross, Rein.Right, 0.6, EffortOutcome.Clear, 4),
                ],
                "Slipped out to the left off the left rein."
            ),
            accepts: "RanOut"
        );
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -10, "Straight over a small fence", true, 9, 8, small),
            new Went(
                7,
                7,
                1,
                true,
                4,
                [
                    DemoStory.Jumped(lower, Rein.Left, 0.5, EffortOutcome.Clear, 4),
                    DemoStory.Jumped(lower, Rein.Right, 0.5, EffortOutcome.Clear, 4),
                    DemoStory.Touched(Leg.LeftHind, 1),
                    DemoStory.Touched(Leg.RightFore, 1),
                ]
            )
        );
        await s.RideAsync(horse, await s.SessionAsync(horse, -6, "Adjustable canter", false, 9, 8, flat), new Went(7, 7, 2));
        await s.RideAsync(
            horse,
            await s.SessionAsync(horse, -3, "Straight over a small fence", true, 9, 8, jump),
            new Went(
                7,
                7.5,
                2,
                true,
                5,
                [
                    DemoStory.Jumped(cross, Rein.Left, 0.6, EffortOutcome.Clear, 3),
                    DemoStory.Jumped(cross, Rein.Left, 0.6, EffortOutcome.Rub, 1) with
                    {
                        Leg = Leg.LeftHind,
                    },
                    DemoStory.Jumped(cross, Rein.Right, 0.6, EffortOutcome.Clear, 4),
                ],
                null,
                Sign.DriftedLeft
            )
        );
        await s.SessionAsync(horse, 0, "Straight over a small fence", true, 9, 8, jump);
        await s.SessionAsync(horse, 2, "Adjustable canter", false, 9, 8, flat);
        await s.Book.ReferAsync(horse, 3, ReferredTo.Physiotherapist, "drifts and rubs to the left, most often with the left hind");
        await DemoPassports.SablewoodAsync(s, horse);
        return horse.Id;
    }

    /// <summary>Three-year-old: in hand, ten minutes, and held since a warm leg two days ago.</summary>
    public static async Task<Guid> PipitAsync(DemoStory s)
    {
        var horse = await s.HorseAsync("Pipit", 3, "15.3 hh", Sex.Mare, Experience.Green, "Leads well. Learning to wait.");
        await s.PlacesAsync(horse, "in-hand/pole-corridor");
        var corridor = new CorridorEntry
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 50,
            AdjustMetres = 0,
            Sections = 3,
            WidthMetres = 1.2,
            Halts = 1,
            BackSteps = 3,
            TurnedDegrees = 90,
        };
        await s.StandAsync(await s.SetUpAsync(horse, corridor));
        SessionEntry InHand(int day, string what) =>
            new(
                s.Today.AddDays(day),
                "In hand",
                Manner.InHand,
                true,
                [
                    PartEntry.Of(Phase.WarmUp, "Lead out, halt, walk on", Gait.Walk, Rein.Both, 4),
                    PartEntry.Of(Phase.Work, what, Gait.Walk, Rein.Both, 4) with
                    {
                        RungId = "in-hand/pole-corridor",
                    },
                    PartEntry.Of(Phase.CoolDown, "Lead home", Gait.Walk, Rein.Both, 2),
                ],
                ""
            );
        await s.RideAsync(
            horse,
            await s.KeepAsync(horse, InHand(-12, "Halt and a few steps back")),
            new Went(6, 6.5, 2, true, 1),
            accepts: "Stay"
        );
        await s.RideAsync(horse, await s.KeepAsync(horse, InHand(-8, "Single pole")), new Went(6.5, 6.5, 2, true, 1), accepts: "Stay");
        await s.RideAsync(
            horse,
            await s.KeepAsync(horse, InHand(-2, "Single pole, both sides")),
            new Went(6, 6, 2, true, 1, null, "Left fore warm when we came in.", Sign.HeatInLeg)
        );
        await s.HoldAsync(horse, "heat in a leg", 2);
        await DemoPassports.PipitAsync(s, horse);
        return horse.Id;
    }
}
