using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Exercises;

/// <summary>How long the yard's own horses took on a rung.</summary>
public class PatienceTests
{
    private static readonly Rung Trot = Catalogue.Rung("poles/trot-poles");
    private static readonly string Below = Catalogue.Ladder(Strand.Poles)[Trot.Step - 2].Id;
    private static readonly string Above = Catalogue.Above(Trot)!.Id;

    [Fact]
    public void From_three_horses_on_the_fewest_and_the_most_weeks_are_told()
    {
        var patience = Patience.On(Trot, [Took(35), Took(98), Took(40)])!;
        (patience.Horses, patience.FewestWeeks, patience.MostWeeks).ShouldBe((3, 5, 14));
        Patience.On(Trot, [Took(35), Took(98)]).ShouldBeNull();
    }

    [Fact]
    public void Days_on_which_it_fell_back_between_count_too()
    {
        IReadOnlyList<RungMove> back =
        [
            Move(Below, 0),
            Move(Trot.Id, 7),
            Move(Below, 20, MoveKind.WentBack),
            Move(Trot.Id, 40),
            Move(Above, 77),
        ];
        Patience.On(Trot, [back, Took(70), Took(70)])!.FewestWeeks.ShouldBe(10);
    }

    [Fact]
    public void A_horse_that_was_placed_there_or_is_there_still_says_nothing()
    {
        IReadOnlyList<RungMove> bought = [Move(Trot.Id, 0, MoveKind.ByHand), Move(Above, 7)];
        IReadOnlyList<RungMove> still = [Move(Below, 0), Move(Trot.Id, 7)];
        IReadOnlyList<RungMove> lame = [Move(Above, 0), Move(Trot.Id, 9, MoveKind.AfterLameness), Move(Above, 30)];
        Patience.On(Trot, [Took(35), Took(98), bought, still, lame]).ShouldBeNull();
    }

    private static IReadOnlyList<RungMove> Took(int days) => [Move(Below, 0), Move(Trot.Id, 10), Move(Above, 10 + days)];

    private static RungMove Move(string rung, int day, MoveKind kind = MoveKind.Climbed) =>
        new(Strand.Poles, rung, kind, "x", Make.Today.AddDays(day));
}
