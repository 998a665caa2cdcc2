using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Exercises;

public class OwnExerciseTests
{
    private static readonly OwnExerciseEntry Good = new()
    {
        RungId = "poles/trot-poles",
        Name = "Five on the curve",
        How = "From the short side.",
        Gait = Gait.Trot,
        Figure = RiddenFigure.QuarterLine,
        Repetitions = 6,
        Minutes = 8,
        Poles = 5,
    };

    [Fact]
    public void A_trainers_own_stands_beside_the_catalogues()
    {
        var exercise = Good.Check(Guid.NewGuid()).OrThrow();
        (exercise.RungId, exercise.Dose.Minutes, exercise.Poles, exercise.SetUp).ShouldBe(("poles/trot-poles", 8, 5, null));
        Catalogue.Exercises.ShouldNotContain(e => e.Name == exercise.Name);
    }

    [Fact]
    public void A_copy_brings_its_set_up_along()
    {
        var copied = Catalogue.Exercises.First(e => e.SetUp is not null);
        (Good with { RungId = copied.RungId, CopiedFrom = copied.Id }).Check(Guid.NewGuid()).OrThrow().SetUp.ShouldBe(copied.SetUp);
    }

    [Fact]
    public void Every_fault_is_told_at_once() =>
        new OwnExerciseEntry
        {
            RungId = "poles/none",
            Name = "",
            How = " ",
            Gait = null,
            Figure = null,
            Repetitions = 0,
            Minutes = 8,
            Efforts = 8,
            CopiedFrom = "nothing",
        }
            .Check(Guid.NewGuid())
            .Faults.Select(f => f.Field)
            .ShouldBe(["rungId", "copiedFrom", "name", "how", "gait", "figure", "repetitions", "minutes"]);

    [Fact]
    public void A_dose_is_one_of_two()
    {
        (Good with { Minutes = null }).Check(Guid.NewGuid()).Faults.ShouldHaveSingleItem().Field.ShouldBe("minutes");
        (Good with { Minutes = null, Efforts = 10 }).Check(Guid.NewGuid()).OrThrow().Dose.Efforts.ShouldBe(10);
    }

    /// <summary>A drawing for every exercise that has no set-up and lies in the arena, with this horse's strides along it.</summary>
    [Fact]
    public void Every_exercise_in_the_arena_can_be_drawn()
    {
        var card = Make.Card();
        foreach (var exercise in Catalogue.Exercises.Where(e => e.Figure is not (RiddenFigure.OpenGround or RiddenFigure.OnTheSpot)))
        {
            var drawing = FigureDrawing.Of(exercise, card).ShouldNotBeNull(exercise.Id);
            drawing.Prints.Count.ShouldBe((int)Math.Floor(drawing.Strides) + (drawing.Closed ? 0 : 1), exercise.Id);
            drawing.Strides.ShouldBe(drawing.Length / card[drawing.Gait.Usual()!.Value].Stride, 1e-9);
        }

        FigureDrawing.Of(Catalogue.Exercises.First(e => e.Figure == RiddenFigure.OpenGround), card).ShouldBeNull();
    }

    /// <summary>62.8 m of circle at a working canter of 2.35 m are 26.7 strides (Clayton 1994, value from memory).</summary>
    [Fact]
    public void A_longer_horse_takes_fewer_strides_round_the_circle()
    {
        var canter = Catalogue.Exercises.First(e => e is { Figure: RiddenFigure.Circle20, Gait: Gait.Canter });
        FigureDrawing.Of(canter, Make.Card())!.Strides.ShouldBe(26.74, 0.02);
        FigureDrawing.Of(canter, Make.Card(175))!.Strides.ShouldBeLessThan(26);
    }
}
