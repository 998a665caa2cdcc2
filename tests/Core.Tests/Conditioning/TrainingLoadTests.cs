using CsCheck;
using Hippodrome.Core.Conditioning;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Conditioning;

public class TrainingLoadTests
{
    /// <summary>A Sunday.</summary>
    private static readonly DateOnly Sunday = new(2026, 4, 19);

    private static TrainingLoad Week(params double[] loads) =>
        TrainingLoad.Of([.. loads.Select((l, i) => new DayLoad(Sunday.AddDays(i - loads.Length + 1), l / 5, l))], 1, Sunday);

    // Foster 1998 (definitions from memory), worked by hand: 300, 0, 400, 0, 500, 0, 300 sum to 1500; their mean is
    // 214.29 and their sample standard deviation 211.57, so monotony is 1.0128 and strain 1519.3.
    [Fact]
    public void Monotony_and_strain_of_a_week_worked_by_hand()
    {
        var week = Week(300, 0, 400, 0, 500, 0, 300).Weeks.ShouldHaveSingleItem();
        week.Load.ShouldBe(1500);
        week.Monotony!.Value.ShouldBe(1.0128, 1e-4);
        week.Strain!.Value.ShouldBe(1519.3, 0.1);
    }

    [Fact]
    public void A_week_of_equal_loads_has_no_monotony_and_no_strain()
    {
        var week = Week(100, 100, 100, 100, 100, 100, 100).Weeks[0];
        (week.Monotony, week.Strain, week.Load).ShouldBe((null, null, 700));
    }

    // Williams 2017 (from memory): lambda 2/(7+1) = 0.25. From 100: 0.25 x 200 + 0.75 x 100 = 125; a day off, 93.75.
    // Long: lambda 2/29; 100, then 100 + 100 x 2/29 = 106.897, then x 27/29 = 99.524.
    [Fact]
    public void Moving_averages_start_at_the_first_days_load()
    {
        var load = TrainingLoad.Of([new DayLoad(Sunday.AddDays(-2), 20, 100), new DayLoad(Sunday.AddDays(-1), 40, 200)], 1, Sunday);
        load.ShortAverage!.Value.ShouldBe(93.75, 1e-9);
        load.LongAverage!.Value.ShouldBe(99.524, 1e-3);
        TrainingLoad.Of([], 1, Sunday).ShortAverage.ShouldBeNull();
    }

    [Theory]
    [InlineData(100, 110, false)]
    [InlineData(100, 111, true)]
    [InlineData(200, 160, false)]
    public void A_week_grows_by_a_tenth_at_most(double before, double now, bool tooFast)
    {
        var weeks = TrainingLoad.Of([new DayLoad(Sunday.AddDays(-7), before, null), new DayLoad(Sunday, now, null)], 2, Sunday).Weeks;
        weeks[1].Growth!.Value.ShouldBe((now / before) - 1, 1e-9);
        weeks[1].TooFast.ShouldBe(tooFast);
    }

    // 100, 110, 121, then a quarter down: 91. The fifth week is measured against 121 and not against 91 (common practice; the growth is chosen).
    [Fact]
    public void The_week_after_a_lighter_one_is_measured_against_the_week_before_it()
    {
        double[] minutes = [100, 110, 121, 91, 130];
        var weeks = TrainingLoad.Of([.. minutes.Select((m, i) => new DayLoad(Sunday.AddDays((i - 4) * 7), m, null))], 5, Sunday).Weeks;
        weeks.ShouldAllBe(w => !w.TooFast);
        weeks[4].MeasuredBy.ShouldBe(weeks[2].Monday);
        weeks[3].Growth!.Value.ShouldBe(-0.248, 1e-3);
    }

    [Fact]
    public void The_week_in_which_work_began_measures_none()
    {
        var weeks = TrainingLoad
            .Of(
                [new DayLoad(Sunday.AddDays(-14), 30, null), new DayLoad(Sunday.AddDays(-7), 100, null), new DayLoad(Sunday, 104, null)],
                4,
                Sunday
            )
            .Weeks;
        weeks.Select(w => w.Growth is { } g ? Math.Round(g, 6) : (double?)null).ShouldBe([null, null, null, 0.04]);
    }

    [Fact]
    public void A_week_under_way_is_not_measured_yet()
    {
        var wednesday = Sunday.AddDays(-4);
        var week = TrainingLoad.Of([new DayLoad(Sunday.AddDays(-7), 100, null), new DayLoad(wednesday, 300, null)], 2, wednesday).Weeks[1];
        (week.Growth, week.TooFast, week.Minutes).ShouldBe((null, false, 300));
    }

    [Fact]
    public void Days_without_a_word_on_exertion_are_counted_and_add_no_load()
    {
        var week = TrainingLoad.Of([new DayLoad(Sunday, 40, null), new DayLoad(Sunday.AddDays(-1), 30, 120)], 1, Sunday).Weeks[0];
        (week.Minutes, week.Load, week.Unsaid).ShouldBe((70, 120, 1));
    }

    [Fact]
    public void A_week_begins_on_monday()
    {
        TrainingLoad.Monday(Sunday).ShouldBe(new DateOnly(2026, 4, 13));
        TrainingLoad.Monday(new DateOnly(2026, 4, 13)).ShouldBe(new DateOnly(2026, 4, 13));
    }

    [Fact]
    public void Loads_add_up_and_the_order_of_days_does_not_matter() =>
        Gen.Select(Gen.Int[0, 69], Gen.Int[0, 400])
            .Array[0, 40]
            .Sample(days =>
            {
                var given = days.Select(d => new DayLoad(Sunday.AddDays(-d.Item1), d.Item2 / 5.0, d.Item2)).ToList();
                var load = TrainingLoad.Of(given, 10, Sunday);
                var turned = TrainingLoad.Of([.. given.AsEnumerable().Reverse()], 10, Sunday);
                return Math.Abs(load.Weeks.Sum(w => w.Load) - days.Sum(d => (double)d.Item2)) < 1e-6
                    && Math.Abs((load.ShortAverage ?? 0) - (turned.ShortAverage ?? 0)) < 1e-9
                    && load.Weeks.All(w => w.Strain is null || double.IsFinite(w.Strain.Value));
            });
}
