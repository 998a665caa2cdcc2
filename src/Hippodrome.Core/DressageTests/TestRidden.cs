using Hippodrome.Core.Measures;

namespace Hippodrome.Core.DressageTests;

/// <summary>The mark of one movement, as typed.</summary>
/// <param name="Movement">Its number.</param>
/// <param name="Mark">0 to 10 in halves.</param>
/// <param name="Remark">What was said of it.</param>
public sealed record MovementMarkEntry(int? Movement = null, double? Mark = null, string? Remark = null);

/// <summary>The mark of one movement.</summary>
public sealed record MovementMark(int Movement, Mark Mark, string Remark);

/// <summary>A test, or pieces of it, as it was ridden and marked; as typed.</summary>
/// <param name="On">The day.</param>
/// <param name="Away">It was not at home.</param>
/// <param name="By">Who gave the marks.</param>
/// <param name="Marks">Movement by movement; those that were ridden.</param>
public sealed record TestRiddenEntry(
    DateOnly? On = null,
    bool? Away = null,
    string? By = null,
    IReadOnlyList<MovementMarkEntry>? Marks = null
)
{
    /// <summary>The marks of a test.</summary>
    public Outcome<TestRidden> Check(DressageTest test, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(test);
        var checks = new Checks();
        var on = On ?? default;
        checks.That(On is not null, "on", "The day is missing.", "Give the day it was ridden.");
        checks.That(On is null || on <= today, "on", "That day has not come yet.", "Enter the marks when it has been ridden.");
        checks.That(On is null || on > today.AddYears(-5), "on", "That is more than five years ago.", "Give a day since then.");
        var by = checks.OptionalText("by", By, 80);
        var typed = checks.Lines("marks", Marks, test.Movements.Count);
        checks.That(typed.Count > 0, "marks", "No movement has a mark yet.", "Give one mark at least.");
        var marks = typed.Select((m, i) => Read(checks, m, $"marks[{i}]", test)).ToList();
        var twice = marks.GroupBy(m => m.Movement).FirstOrDefault(g => g.Count() > 1);
        checks.That(twice is null, "marks", $"Movement {twice?.Key} is marked twice.", "Give each of them one mark.");
        return checks.Outcome(() => new TestRidden(on, Away ?? false, by, [.. marks.OrderBy(m => m.Movement)]));
    }

    private static MovementMark Read(Checks checks, MovementMarkEntry typed, string at, DressageTest test)
    {
        var number = checks.Whole($"{at}.movement", typed.Movement, 1, Math.Max(1, test.Movements.Count), "");
        var isMark = typed.Mark is { } mark && Mark.IsMark(mark);
        checks.That(isMark, $"{at}.mark", "Marks go from 0 to 10 in halves.", "Give a mark such as 6.5.");
        return new MovementMark(number, Mark.Of(isMark ? typed.Mark!.Value : 0), checks.OptionalText($"{at}.remark", typed.Remark, 200));
    }
}

/// <summary>A test, or pieces of it, as it was ridden and marked.</summary>
/// <param name="On">The day.</param>
/// <param name="Away">It was not at home.</param>
/// <param name="By">Who gave the marks; may be empty.</param>
/// <param name="Marks">In the order of the test.</param>
public sealed record TestRidden(DateOnly On, bool Away, string By, IReadOnlyList<MovementMark> Marks)
{
    /// <summary>Every movement has its mark.</summary>
    public bool IsWhole(DressageTest test)
    {
        ArgumentNullException.ThrowIfNull(test);
        return test.Movements.All(m => Marks.Any(k => k.Movement == m.Number));
    }

    /// <summary>
    /// Marks times coefficients over the most there are, in per cent to three decimals (FEI dressage rules, from memory); of the
    /// movements that were marked. Null where none of them stands in the test any more.
    /// </summary>
    public decimal? Percent(DressageTest test)
    {
        ArgumentNullException.ThrowIfNull(test);
        var counted = test
            .Movements.Join(Marks, m => m.Number, k => k.Movement, (m, k) => (m.Coefficient, Mark: (decimal)k.Mark.Value))
            .ToList();
        return counted.Count == 0
            ? null
            : Math.Round(
                counted.Sum(c => c.Coefficient * c.Mark) / (counted.Sum(c => c.Coefficient) * 10) * 100,
                TestFigures.PercentDecimals.Value,
                MidpointRounding.AwayFromZero
            );
    }
}

/// <summary>How the marks of one movement go.</summary>
/// <param name="Movement">Its number.</param>
/// <param name="Home">Marks at home, the earliest first.</param>
/// <param name="Away">Marks away, the earliest first.</param>
/// <param name="HomeTrend">Marks a day; null under four days.</param>
/// <param name="AwayTrend">The same away.</param>
public sealed record MovementMarks(
    int Movement,
    IReadOnlyList<DatedMark> Home,
    IReadOnlyList<DatedMark> Away,
    Trend? HomeTrend,
    Trend? AwayTrend
)
{
    /// <summary>How each movement of a test has gone, at home and away.</summary>
    public static IReadOnlyList<MovementMarks> Of(DressageTest test, IReadOnlyList<TestRidden> ridden)
    {
        ArgumentNullException.ThrowIfNull(test);
        return
        [
            .. test.Movements.Select(m =>
            {
                var (home, away) = (Marks(m.Number, false), Marks(m.Number, true));
                return new MovementMarks(m.Number, home, away, TrendOf(home), TrendOf(away));
            }),
        ];

        List<DatedMark> Marks(int movement, bool away) =>
            [
                .. ridden
                    .Where(r => r.Away == away)
                    .OrderBy(r => r.On)
                    .SelectMany(r => r.Marks.Where(k => k.Movement == movement).Select(k => new DatedMark(r.On, k.Mark))),
            ];
    }

    private static Trend? TrendOf(IReadOnlyList<DatedMark> marks) => Trend.Of(marks.Select(m => ((double)m.On.DayNumber, m.Mark.Value)));
}

/// <summary>A mark and its day.</summary>
public sealed record DatedMark(DateOnly On, Mark Mark);
