using Hippodrome.Core.Yards;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Yards;

/// <summary>The order of a morning: what needs a word first, then the work, then what is done. Common practice, no source.</summary>
public class TriageTests
{
    private static readonly bool[] OneToRide = [false];

    [Fact]
    public void A_word_goes_before_the_work_and_work_before_what_is_done()
    {
        Triage.Of([Waits.Verdict], OneToRide).Place.ShouldBe(TodayPlace.AWordFirst);
        Triage.Of([], OneToRide).Place.ShouldBe(TodayPlace.ToWork);
        Triage.Of([], [true, false]).Place.ShouldBe(TodayPlace.ToWork);
        Triage.Of([], [true, true]).Place.ShouldBe(TodayPlace.Done);
        Triage.Of([], []).Place.ShouldBe(TodayPlace.Nothing);
        Triage.Of([Waits.Silence], []).Place.ShouldBe(TodayPlace.AWordFirst);
    }

    [Fact]
    public void What_waits_is_said_once_and_the_gravest_first() =>
        Triage
            .Of([Waits.SoftFault, Waits.Referral, Waits.Fall, Waits.Referral], OneToRide)
            .Waits.ShouldBe([Waits.Fall, Waits.Referral, Waits.SoftFault]);

    [Fact]
    public void Thirty_horses_come_in_the_order_of_the_morning()
    {
        (string Name, TimeOnly? At, Triage Triage)[] horses =
        [
            ("Done", null, Triage.Of([], [true])),
            ("Late", new TimeOnly(10, 0), Triage.Of([], OneToRide)),
            ("Bay", null, Triage.Of([], OneToRide)),
            ("Early", new TimeOnly(7, 30), Triage.Of([], OneToRide)),
            ("Free", null, Triage.Of([], [])),
            ("Asked", new TimeOnly(6, 0), Triage.Of([Waits.Verdict], OneToRide)),
            ("Held", null, Triage.Of([Waits.SoftFault, Waits.Hold], [])),
            ("Amber", null, Triage.Of([], OneToRide)),
        ];
        Triage
            .InOrder(horses, h => h.Triage, h => h.At, h => h.Name)
            .Select(h => h.Name)
            .ShouldBe(["Held", "Asked", "Early", "Late", "Amber", "Bay", "Done", "Free"]);
    }
}
