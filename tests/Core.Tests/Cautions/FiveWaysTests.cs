using CsCheck;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Exercises.Ladders;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Cautions;

/// <summary>The same fences, heights and goes, entered as a number, an exercise, a session of the trade, a set-up or a copy, get the same faults.</summary>
public class FiveWaysTests
{
    private static readonly Guid Stands = Guid.NewGuid();

    /// <summary>All that looks at fences; the shape of a session and its layouts are looked at elsewhere.</summary>
    private static readonly string[] OfFences =
    [
        "FenceWithoutHelper",
        "RungWithoutHelper",
        "FencesOnNeighbouringDays",
        "TooManyFenceDays",
        "TooManyEfforts",
        "HeightMissing",
        "FenceTooHigh",
        "YoungFences",
        "BigFenceBeforeCompetition",
        "Restricted",
        "RungSkipped",
        "RungNotOpen",
        "TooYoungForRung",
        "RampExceeded",
        "StepsAfterClearance",
        "SameLegTouches",
    ];

    private sealed record Jumper(Horse Horse, string Rung, int Efforts, double Height, bool Helper, Func<PlanContext, PlanContext> With);

    private static readonly Gen<Jumper> Any = Gen.Select(
            Gen.Int[4, 16],
            Gen.Enum<Experience>(),
            Gen.Bool.Select(low => low ? "jumping/course-under" : "jumping/at-height"),
            Gen.Int[1, 45],
            Gen.Int[6, 26],
            Gen.Bool,
            Gen.Int[0, 9],
            Gen.Int[0, 255]
        )
        .Select(
            (age, experience, rung, efforts, height, helper, place, dice) =>
            {
                var horse = Make.Horse(age, experience: experience);
                var places = Places.From(
                    StartingPlaces
                        .Of(horse)
                        .Values.Where(r => r.Strand != Strand.Jumping)
                        .Append(Catalogue.Ladder(Strand.Jumping)[Math.Min(place, Catalogue.Ladder(Strand.Jumping).Count - 1)])
                        .Select(r => new RungMove(r.Strand, r.Id, MoveKind.ByHand, "x", Make.Today))
                );
                var low = Restriction
                    .From(Guid.NewGuid(), new RestrictionEntry("tendon", "the vet", null, null, [], [], 0.7), horse, Make.Today)
                    .OrThrow();
                var show = Aim.From(
                        Guid.NewGuid(),
                        new AimEntry("Show", Make.Today.AddDays(1), Discipline.Jumping, "National", "Novice", 1.0),
                        Make.Today
                    )
                    .OrThrow();
                var why = new Why("x", ["x"], Source.CommonPractice);
                return new Jumper(horse, rung, efforts, height * 0.05, helper, c =>
                    c with
                    {
                        Places = places,
                        Nearby = (dice & 1) == 0 ? [] : [new NearbyDay(Make.Today.AddDays(-1 - (dice % 7)), false, true)],
                        Restrictions = (dice & 2) == 0 ? [] : [low],
                        Competition = (dice & 4) == 0 ? null : show,
                        Ramp = (dice & 24) == 0 ? new RampLimit(40, 10, 10, (dice & 32) == 0, true, (dice & 64) == 0, false, why) : null,
                        SameLeg = (dice & 128) == 0 ? null : why,
                    }
                );
            }
        );

    [Fact]
    public void However_fences_are_entered_the_faults_are_the_same() =>
        Any.Sample(
            j =>
            {
                var typed = Faults(j, ByNumber(j, j.Height));
                Faults(j, ByExercise(j, j.Height)).ShouldBe(typed, "an exercise");
                Faults(j, ByTemplate(j, j.Height)).ShouldBe(typed, "a session of the trade");
                Faults(j, BySetUp(j)).ShouldBe(typed, "a set-up");
                Faults(j, Copied(j, ByNumber(j, j.Height))).ShouldBe(typed, "a copy");
            },
            iter: Cases.Checks
        );

    [Fact]
    public void With_the_height_left_out_they_are_those_of_the_horses_limit() =>
        Any.Sample(
            j =>
            {
                var limit = HeightLimit.Unknown(Context(j, ByNumber(j, null))).Metres;
                string[] atLimit = [.. Faults(j, ByNumber(j, limit)).Append("HeightMissing soft").Order()];
                Faults(j, ByNumber(j, null)).ShouldBe(atLimit, "a number");
                Faults(j, ByExercise(j, null)).ShouldBe(atLimit, "an exercise");
                Faults(j, ByTemplate(j, null)).ShouldBe(atLimit, "a session of the trade");
                Faults(j, Copied(j, ByNumber(j, null))).ShouldBe(atLimit, "a copy");
            },
            iter: Cases.Checks
        );

    private static PartEntry ByNumber(Jumper j, double? height) =>
        Make.Part(Phase.Work, Gait.Canter, 10) with
        {
            RungId = j.Rung,
            Efforts = j.Efforts,
            HeightMetres = height,
        };

    private static PartEntry ByExercise(Jumper j, double? height) =>
        ByNumber(j, height) with
        {
            ExerciseId = Catalogue.ExercisesOf(Catalogue.Rung(j.Rung)).First(e => e.SetUp is null && e.HeightMetres is null).Id,
        };

    /// <summary>What a session of the trade jumps, with the number and the height this horse is to do.</summary>
    private static PartEntry ByTemplate(Jumper j, double? height)
    {
        var part = SessionTemplates.All.SelectMany(t => t.Session.Parts!).First(p => p is { Efforts: not null, Gait: Gait.Canter });
        return part with
        {
            Phase = Phase.Work,
            Minutes = 10,
            RungId = j.Rung,
            ExerciseId = ByExercise(j, height).ExerciseId,
            Efforts = j.Efforts,
            HeightMetres = height,
        };
    }

    private static PartEntry BySetUp(Jumper j) =>
        Make.Part(Phase.Work, Gait.Canter, 10, setUp: Stands) with
        {
            RungId = j.Rung,
            Efforts = j.Efforts,
        };

    /// <summary>Kept on an earlier day, and copied to this one.</summary>
    private static PartEntry Copied(Jumper j, PartEntry part) => Plan(j, part).ToEntry().Parts![1];

    private static SessionPlan Plan(Jumper j, PartEntry part) =>
        Make.Plan([Make.Part(Phase.WarmUp, Gait.Walk, 15), part, Make.Part(Phase.CoolDown, Gait.Walk, 6)], j.Helper);

    private static PlanContext Context(Jumper j, PartEntry part)
    {
        var fence = ExerciseList.Line(ExerciseList.Upright(j.Height)).Check().OrThrow();
        return j.With(
            new PlanContext
            {
                Horse = j.Horse,
                Plan = Plan(j, part),
                SetUps = new Dictionary<Guid, SetUp> { [Stands] = fence },
                Nearby = [],
            }
        );
    }

    private static string[] Faults(Jumper j, PartEntry part) =>
        [
            .. PlanChecks
                .Check(Context(j, part))
                .Where(f => OfFences.Contains(f.Rule))
                .Select(f => $"{f.Rule} {(f.Hard ? "hard" : "soft")}")
                .Order(),
        ];
}
