using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Setups.FenceLineTests;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>A grid is built one thing at a time (common practice, no source).</summary>
public class BuildStagesTests
{
    private static IReadOnlyList<BuildStage> Stages(params LineElementEntry[] elements) =>
        BuildStages.Of((FenceLine)Line(LineKind.Grid, Gait.Trot, elements).Check().OrThrow());

    /// <summary>Cross-pole; an upright one stride on; an exit upright; it becomes ascending, then square.</summary>
    [Fact]
    public void The_trades_grid_stands_up_fence_by_fence_and_widens_last() =>
        Stages(Cross(0.5), Upright(0.5, 1), Oxer(0.5, 1))
            .Select(s => s.Changed)
            .ShouldBe([
                "cross-pole 50 cm added",
                "upright 50 cm added",
                "upright 50 cm added",
                "upright 50 cm becomes ascending oxer 50 x 80 cm",
                "ascending oxer 50 x 80 cm becomes square oxer 50 x 80 cm",
            ]);

    private static FenceLineEntry Ordered(params BuildStageEntry[] stages) =>
        Line(LineKind.Grid, Gait.Trot, Cross(0.4), Upright(0.6, 1), Oxer(0.6, 1)) with
        {
            Stages = stages,
        };

    private static BuildStageEntry Adds(int element) => new(StageKind.Adds, element);

    [Fact]
    public void A_trainer_builds_it_from_the_end_and_leaves_the_oxer_for_another_day()
    {
        var entry = Ordered(Adds(1), Adds(2), new(StageKind.Up), Adds(0));
        BuildStages
            .Of((FenceLine)entry.Check().OrThrow())
            .Select(s => s.Changed)
            .ShouldBe(["upright 50 cm added", "upright 50 cm added", "up, to 60 cm", "cross-pole 40 cm added"]);
    }

    [Fact]
    public void The_usual_stages_sent_back_are_the_same_stages()
    {
        var line = (FenceLine)Ordered().Check().OrThrow();
        var usual = BuildStages.Of(line);
        var sent = Ordered([.. usual.Select(s => new BuildStageEntry(s.Kind, s.Element))]);
        BuildStages.Of((FenceLine)sent.Check().OrThrow()).Select(s => s.Changed).ShouldBe(usual.Select(s => s.Changed));
    }

    [Fact]
    public void Each_stage_that_cannot_follow_says_why()
    {
        string? Fault(params BuildStageEntry[] stages) => Ordered(stages).Check().Faults is [var first, ..] ? first.Field : null;
        Fault(Adds(0), Adds(2)).ShouldBe("stages[1]");
        Fault(Adds(0), Adds(0)).ShouldBe("stages[1]");
        Fault(Adds(0), new(StageKind.Up)).ShouldBe("stages[1]");
        Fault(Adds(0), new(StageKind.Widens, 2)).ShouldBe("stages[1]");
        Fault(Adds(7)).ShouldBe("stages[0].element");
        Fault(Adds(2), new(StageKind.Widens, 2), new(StageKind.Widens, 2)).ShouldBeNull();
    }

    [Fact]
    public void A_high_fence_joins_low_and_goes_up_ten_centimetres_at_a_time() =>
        Stages(Cross(0.4), Upright(0.75, 1)).Select(s => s.Stands[^1].Height.Metres).ShouldBe([0.4, 0.5, 0.6, 0.7, 0.75], 1e-9);

    /// <summary>Two goes where a fence is new, one where only height rises; counted half under 50 cm.</summary>
    [Fact]
    public void A_small_grid_comes_to_a_dozen_efforts()
    {
        var stages = Stages(Pole(), Cross(0.4), Upright(0.5, 1), Upright(0.6, 1));
        stages.Count.ShouldBe(5);
        stages.Sum(s => s.Efforts).ShouldBe(0 + 1 + 3 + 5 + 2.5);
    }

    /// <summary>
    /// The trade's grid of four: a cross-pole, a small upright that becomes a bounce's first part, an exit that ends as a square
    /// oxer. Six to eight stages, within an established horse's budget of 40 (common practice, no source).
    /// </summary>
    [Theory]
    [InlineData(0.5)]
    [InlineData(0.6)]
    [InlineData(0.7)]
    public void A_grid_of_four_has_six_to_eight_stages_and_keeps_its_budget(double height)
    {
        var stages = Stages(Cross(0.5), Upright(height, 1), Upright(height, 0), Oxer(height, 1));
        stages.Count.ShouldBeInRange(6, 8);
        stages.Sum(s => s.Efforts).ShouldBeLessThanOrEqualTo(40);
        stages.Select(s => s.Passes).Take(4).ShouldAllBe(p => p == 2);
        stages.Select(s => s.Passes).Skip(4).ShouldAllBe(p => p == 1);
    }

    /// <summary>25 to 40 efforts are an established horse's day (chosen, from common practice).</summary>
    [Fact]
    public void More_than_a_days_work_is_said_so()
    {
        IReadOnlyList<string> Notices(double height) =>
            Make.Measured(
                Line(LineKind.Grid, Gait.Trot, Cross(0.5), Upright(height, 1), Upright(height, 1), Upright(height, 1), Oxer(height, 1))
            ).Notices;
        Notices(1.2).ShouldContain(n => n.Contains("more than one day's work"));
        Notices(0.5).ShouldNotContain(n => n.Contains("more than one day's work"));
    }

    [Fact]
    public void A_bounce_counts_half() => Stages(Cross(0.5), Upright(0.5, 0))[^1].Efforts.ShouldBe(2 * 1.5);

    [Fact]
    public void A_single_fence_and_a_related_line_are_built_at_once()
    {
        Stages(Pole(), Cross(0.5)).ShouldBeEmpty();
        BuildStages.Of((FenceLine)Line(LineKind.RelatedLine, Gait.Canter, Upright(1), Upright(1, 4)).Check().OrThrow()).ShouldBeEmpty();
    }

    /// <summary>From stage to stage one element more, all heights up together, or one oxer wider; the last stage is what was asked for.</summary>
    [Fact]
    public void From_stage_to_stage_one_thing_changes()
    {
        var fence = Gen.Select(Gen.Int[0, 2], Gen.Int[3, 10], Gen.Int[1, 2])
            .Select(
                (kind, height, strides) =>
                    kind switch
                    {
                        0 => Cross(Math.Min(0.8, height / 10.0), strides),
                        1 => Upright(height / 10.0, strides),
                        _ => Oxer(height / 10.0, strides),
                    }
            );
        fence
            .Array[2, 5]
            .Sample(
                fences =>
                {
                    var line = (FenceLine)Line(LineKind.Grid, Gait.Trot, fences).Check().OrThrow();
                    var stages = BuildStages.Of(line);
                    stages[^1].Stands.ShouldBe(line.Elements);
                    foreach (var (before, after) in stages.Zip(stages.Skip(1)))
                    {
                        var more = after.Stands.Count - before.Stands.Count;
                        var changed = before.Stands.Zip(after.Stands).Count(p => p.First != p.Second);
                        var rises = before.Stands.Zip(after.Stands).Any(p => p.First.Height < p.Second.Height);
                        (rises ? more == 0 && changed >= 1 : more + changed == 1).ShouldBeTrue();
                        before
                            .Stands.Zip(after.Stands)
                            .Where(p => p.First != p.Second)
                            .ShouldAllBe(p => p.First.Height == p.Second.Height || p.First.Kind == p.Second.Kind);
                        after.Stands.Zip(before.Stands).ShouldAllBe(p => p.First.Height.Metres - p.Second.Height.Metres <= 0.1 + 1e-9);
                    }
                },
                iter: Cases.SetUps
            );
    }
}
