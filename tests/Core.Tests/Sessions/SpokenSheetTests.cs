using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

/// <summary>A plan read aloud to whoever rides alone. That nobody jumps alone is common practice, no source.</summary>
public class SpokenSheetTests
{
    [Fact]
    public void Part_minutes_rein_and_walk_now_are_called_out()
    {
        var sheet = Read(
            Make.Part(Phase.WarmUp, Gait.Walk, 10, Rein.Both, "Long rein"),
            Make.Part(Phase.Work, Gait.Trot, 8, Rein.Right, "Large circles"),
            Make.Part(Phase.CoolDown, Gait.Walk, 5, Rein.Left, "Long rein")
        );
        sheet
            .Calls.Select(c => (c.Seconds, c.Says))
            .ShouldBe([
                (0, "Long rein. Walk, 10 minutes, left rein."),
                (300, "The other rein: right."),
                (600, "Large circles. Trot, 8 minutes, right rein."),
                (1080, "Walk now. Long rein. Walk, 5 minutes, left rein."),
                (1380, "That was all. Walk until it is quiet."),
            ]);
        sheet.Seconds.ShouldBe(1380);
    }

    [Fact]
    public void Bouts_are_called_with_the_walk_between_them()
    {
        var sheet = Read(Make.Part(Phase.Work, Gait.Canter, 6, Rein.Left, "Sets") with { Times = 2, BoutSeconds = 120, RestSeconds = 60 });
        sheet
            .Calls.Select(c => (c.Seconds, c.Gait, c.Says))
            .ShouldBe([
                (0, Gait.Canter, "Sets. Canter, 6 minutes, left rein."),
                (120, Gait.Walk, "Walk now, 1 minute."),
                (180, Gait.Canter, "Canter, bout 2."),
                (360, Gait.Walk, "That was all. Walk until it is quiet."),
            ]);
    }

    [Fact]
    public void A_plan_with_a_fence_is_not_read()
    {
        var id = Guid.NewGuid();
        var plan = Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 10, setUp: id)), helper: true);
        var setUps = new Dictionary<Guid, SetUp> { [id] = Make.CrossPole().Check().OrThrow() };
        var sheet = SpokenSheet.Of(plan, RailPart.Of(plan, setUps));
        sheet.Calls.ShouldBeEmpty();
        sheet.NotAlone.ShouldNotBeNull();
    }

    [Fact]
    public void Calls_come_in_order_within_the_plan_and_both_reins_get_their_half() =>
        Gen.Select(Gen.Int[1, 40], Gen.Enum<Rein>(), Gen.OneOf(Gen.Const(Gait.Walk), Gen.Const(Gait.Trot), Gen.Const(Gait.Canter)))
            .Array[1, 6]
            .Sample(parts =>
            {
                var sheet = Read([.. parts.Select(p => Make.Part(Phase.Work, p.Item3, p.Item1, p.Item2))]);
                sheet.Calls.Select(c => c.Seconds).ShouldBeInOrder();
                sheet.Seconds.ShouldBe(60 * parts.Sum(p => p.Item1));
                for (var i = 0; i < parts.Length; i++)
                {
                    var reins = sheet.Calls.Where(c => c.Part == i && c.Kind != SpokenKind.End).Select(c => c.Rein).Distinct().ToList();
                    reins.Count.ShouldBe(parts[i].Item2 == Rein.Both ? 2 : 1);
                }
            });

    private static SpokenSheet Read(params PartEntry[] parts)
    {
        var plan = Make.Plan(parts);
        return SpokenSheet.Of(plan, RailPart.Of(plan, new Dictionary<Guid, SetUp>()));
    }
}
