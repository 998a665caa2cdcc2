using Hippodrome.Core.Conditioning;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Conditioning;

/// <summary>Speeds and distances of the levels: British Eventing rules, USEF eventing rules, FEI eventing rules (values from memory).</summary>
public class LevelsTests
{
    [Theory]
    [InlineData(Scheme.British, "80", 435, 435)]
    [InlineData(Scheme.British, "90", 450, 450)]
    [InlineData(Scheme.British, "100", 475, 475)]
    [InlineData(Scheme.British, "Novice", 520, 520)]
    [InlineData(Scheme.British, "Intermediate", 550, 550)]
    [InlineData(Scheme.British, "Advanced", 570, 570)]
    [InlineData(Scheme.American, "Beginner Novice", 300, 350)]
    [InlineData(Scheme.American, "Novice", 350, 400)]
    [InlineData(Scheme.American, "Training", 420, 470)]
    [InlineData(Scheme.American, "Preliminary", 520, 520)]
    [InlineData(Scheme.American, "Intermediate", 550, 550)]
    [InlineData(Scheme.American, "Advanced", 570, 570)]
    public void A_level_has_its_schemes_speed(Scheme scheme, string name, int least, int most)
    {
        var level = Levels.Find(scheme, name)!;
        (level.LeastSpeed, level.Speed).ShouldBe((least, most));
    }

    [Theory]
    [InlineData("2*", 520, 3640, 4680)]
    [InlineData("3*", 550, 4400, 5500)]
    [InlineData("4*", 570, 5700, 6270)]
    [InlineData("5*", 570, 6270, 6840)]
    public void The_long_format_is_speed_times_minutes(string name, int speed, int least, int most)
    {
        var level = Levels.Find(Scheme.International, name)!;
        (level.Speed, level.LeastMetres, level.MostMetres).ShouldBe((speed, least, most));
    }

    [Fact]
    public void Novice_means_another_speed_in_another_scheme() =>
        Levels.Find(Scheme.British, "Novice")!.Speed.ShouldNotBe(Levels.Find(Scheme.American, "Novice")!.Speed);

    [Fact]
    public void Sets_count_the_rests_between_and_not_after_the_last()
    {
        // 3 x 5 at 400 with 3 walk: 15 minutes of canter, 6000 m, 21 minutes in all.
        var sets = new CanterSets(3, 5, 400, 3);
        (sets.WorkMinutes, sets.Metres, sets.AllMinutes).ShouldBe((15, 6000, 21));
    }
}
