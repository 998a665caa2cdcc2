using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Tests.Rides;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

/// <summary>What stands is known, stage by stage (common practice, no source).</summary>
public class StagesTests
{
    private static readonly FenceLineEntry Grid = new()
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.RightQuarterLine,
        Heading = Heading.TowardsC,
        MiddleMetres = 30,
        Kind = LineKind.Grid,
        ComesIn = Gait.Trot,
        Elements = [new(ElementKind.CrossPole, 0.4), new(ElementKind.Upright, 0.6, null, 1), new(ElementKind.AscendingOxer, 0.7, 0.7, 1)],
    };

    private static readonly RailPart Part = RailPart.Of(
        new Part
        {
            Phase = Phase.Work,
            What = "Grid",
            Gait = Gait.Canter,
            Rein = Rein.Left,
            Minutes = 15,
            SetUpId = Guid.NewGuid(),
            MarkHopedFor = null,
        },
        Grid.AsKept().SetUp
    ) with
    {
        SetUp = Grid,
    };

    private static Stands Stands(SetUpEntry entry) => new(Guid.NewGuid(), default, 0, entry);

    private static Efforts Clear(int count = 1) => new(Guid.NewGuid(), default, null, Rein.Left, 0.4, EffortOutcome.Clear, count);

    private static Railside AtFirst() => new Railside(Railside.Facts() with { Parts = [Part] }).Tap(Stands(Stages.First(Part)!));

    [Fact]
    public void A_grid_climbs_stage_by_stage_to_what_was_planned_and_no_further()
    {
        var (rail, said) = (AtFirst(), new List<string>());
        while (rail.Now.Stage!.Next is { } next)
        {
            said.Add(rail.Now.Stage.Says!);
            rail.Tap(Stands(next.Entry));
        }

        var stages = BuildStages.Of((FenceLine)Grid.AsKept().SetUp);
        said.Count.ShouldBe(stages.Count - 1);
        said[0].ShouldBe($"stage 1 of {stages.Count}: cross-pole 40 cm added");
        var last = (FenceLineEntry)rail.Now.Standing[0].SetUp!;
        last.Elements!.Select(e => (e!.Kind, e.HeightMetres)).ShouldBe(Grid.Elements!.Select(e => (e!.Kind, e.HeightMetres)));
        rail.Now.Stage!.Back.ShouldNotBeNull();
    }

    [Fact]
    public void The_tap_line_and_the_count_of_efforts_are_those_of_the_stage()
    {
        var rail = AtFirst();
        rail.Now.Standing[0].Fences.ShouldBe(1);
        rail.Tap(Stands(rail.Now.Stage!.Next!.Entry)).Now.Standing[0].Fences.ShouldBe(2);
    }

    [Fact]
    public void Calm_once_and_once_more_it_is_the_next_stage_or_leave_it()
    {
        var rail = AtFirst().Tap(Clear());
        rail.Says.ShouldBeNull();
        var advice = rail.Tap(Clear()).Now.Advice!;
        advice.Rule.ShouldBe("StageCalm");
        ((FenceLineEntry)advice.Then.Parts.Single().SetUp!).Elements!.Count.ShouldBe(2);
        // The new stage begins from nothing.
        rail.Answered("StageCalm", accepted: true).Tap(Stands(rail.Now.Stage!.Next!.Entry)).Says.ShouldBeNull();
    }

    [Theory]
    [InlineData(EffortOutcome.Rub)]
    [InlineData(EffortOutcome.Knock)]
    public void A_touch_begins_the_count_again(EffortOutcome outcome)
    {
        var touched = new Efforts(Guid.NewGuid(), default, null, Rein.Left, 0.4, outcome, 1);
        AtFirst().Tap(Clear(), touched, Clear()).Says.ShouldNotBe("StageCalm");
        AtFirst().Tap(touched, Clear(), Clear()).Says.ShouldBe("StageCalm");
    }

    [Fact]
    public void A_first_day_over_fences_ends_when_its_last_stage_went_well_once_and_once_more()
    {
        var cross = Make.CrossPole(0.4);
        var part = Part with { SetUp = cross, Fences = 1 };
        Railside Day(bool first) =>
            new Railside(Railside.Facts() with { Parts = [part], FirstFences = first }).Part(0).Tap(Clear(), Clear());
        var done = Day(true).Now.Advice!;
        done.Rule.ShouldBe("FirstFencesDone");
        done.Then.Parts.Single().Instead.ShouldBe(Instead.Flatwork);
        Day(false).Says.ShouldNotBe("FirstFencesDone");
    }

    [Fact]
    public void Any_other_family_steps_by_its_own_ladder()
    {
        var poles = Make.Poles();
        var part = new RailPart(MarkPad.Poles, 0, 0, 0, null) { SetUp = poles };
        var stage = Stages.Of(part, part)!;
        stage.Says.ShouldBeNull();
        stage.Next.ShouldBe(poles.OneRungOn());
        stage.Back.ShouldBe(poles.OneRungBack());
        ((PoleLineEntry)stage.Easier!.Entry).Variant.ShouldBe(GaitVariant.WalkMedium);
        Stages.Of(part with { SetUp = null }, part with { SetUp = null }).ShouldBeNull();
    }
}
