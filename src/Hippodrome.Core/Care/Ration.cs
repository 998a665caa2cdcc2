using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Care;

/// <summary>What a horse is fed from a day on, as typed.</summary>
/// <param name="On">From which day; today if left out.</param>
/// <param name="Forage">Hay, haylage, grass, in words.</param>
/// <param name="HardFeedKg">Hard feed a day, in kilograms; none is nought.</param>
/// <param name="HardFeed">What it is.</param>
/// <param name="Because">Why it was changed.</param>
/// <param name="By">Who said so.</param>
/// <param name="Advised">A vet or a nutritionist has said so.</param>
public sealed record RationEntry(
    DateOnly? On = null,
    string? Forage = null,
    double? HardFeedKg = null,
    string? HardFeed = null,
    string? Because = null,
    string? By = null,
    bool? Advised = null
);

/// <summary>What a horse is fed from a day on.</summary>
public sealed record Ration(
    Guid Id,
    DateOnly On,
    string Forage,
    double HardFeedKg,
    string HardFeed,
    string Because,
    string By,
    bool Advised
)
{
    private const double MostKg = 12;

    public static Outcome<Ration> From(Guid id, RationEntry entry, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var checks = new Checks();
        var on = entry.On ?? today;
        checks.That(on <= today, "on", "That day has not come yet.", "Give the day it was changed.");
        checks.That(on >= today.AddYears(-2), "on", "That is long ago.", "Give a day within two years.");
        var forage = checks.Text("forage", entry.Forage, 200);
        var kg = checks.Number("hardFeedKg", entry.HardFeedKg ?? 0, 0, MostKg, "kg a day");
        var hard = checks.OptionalText("hardFeed", entry.HardFeed, 200);
        var because = checks.OptionalText("because", entry.Because, 300);
        var by = checks.OptionalText("by", entry.By, 80);
        return checks.Outcome(() => new Ration(id, on, forage, kg, hard, because, by, entry.Advised ?? false));
    }
}

/// <summary>What the hard feed asks for: more only as the work needs it. A vet's or a nutritionist's word goes before all of it.</summary>
/// <param name="Says">What is amiss.</param>
/// <param name="Do">What to do about it.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record FeedRemark(string Says, string Do, Why Why)
{
    public static readonly Figure<double> MostRise = Figure.Chosen(
        "Hard feed rises in a week by at most",
        0.25,
        "of what it was",
        "a gut and a head get used to more in small steps"
    );
    public static readonly Figure<double> LessWork = Figure.Chosen(
        "Work has gone down by so much that hard feed follows it",
        0.30,
        "of the week's minutes",
        "feed for work that is not done makes a horse ill or hot"
    );

    /// <summary>What today's ration says beside the work; nothing where a vet or nutritionist has set it.</summary>
    /// <param name="rations">All of the horse's, the latest first.</param>
    /// <param name="inWalkWeeks">It is coming back to work and walks only.</param>
    /// <param name="minutesLately">Minutes of work in the last seven days.</param>
    /// <param name="minutesBefore">Minutes a week in the four weeks before those.</param>
    public static IReadOnlyList<FeedRemark> Of(IEnumerable<Ration> rations, bool inWalkWeeks, double minutesLately, double minutesBefore)
    {
        var all = rations.Reverse().OrderBy(r => r.On).ToList();
        if (all.Count == 0 || all[^1] is { Advised: true })
        {
            return [];
        }

        var (now, before) = (all[^1], all.Count > 1 ? all[^2] : null);
        return
        [
            .. new[]
            {
                RaisedInWalk(now, before, inWalkWeeks),
                RaisedFast(now, before),
                LessIsWorked(now, minutesLately, minutesBefore),
            }.OfType<FeedRemark>(),
        ];
    }

    private static FeedRemark? RaisedInWalk(Ration now, Ration? before, bool inWalkWeeks) =>
        !inWalkWeeks || before is null || now.HardFeedKg <= before.HardFeedKg
            ? null
            : new FeedRemark(
                "Hard feed was raised in the walk weeks of a return.",
                "Back to what it was, forage as it likes, until it trots; or ask the vet or a nutritionist.",
                Why.Of("Hard feed is not raised in the walk weeks of a return", [Rise(now, before)], Source.CommonPractice)
            );

    /// <summary>Held against what it was fed a week before.</summary>
    private static FeedRemark? RaisedFast(Ration now, Ration? before) =>
        before is null || now.HardFeedKg <= before.HardFeedKg || now.HardFeedKg <= (before.HardFeedKg * (1 + MostRise.Value)) + 0.001
            ? null
            : new FeedRemark(
                "Hard feed rose by more than a quarter at once.",
                FormattableString.Invariant(
                    $"{before.HardFeedKg * (1 + MostRise.Value):0.0#} kg this week, and as much again the next; or ask the vet or a nutritionist."
                ),
                Why.Of("Hard feed rises by at most a quarter a week", [Rise(now, before)], MostRise.Source)
            );

    private static FeedRemark? LessIsWorked(Ration now, double lately, double before) =>
        now.HardFeedKg == 0 || before <= 0 || lately > before * (1 - LessWork.Value)
            ? null
            : new FeedRemark(
                "It works less than it did, and is fed the same.",
                "Less hard feed from today, more forage; it goes up again after the work has.",
                Why.Of(
                    "More energy only as the work needs it, and less when it works less",
                    [
                        FormattableString.Invariant($"{lately:0} minutes in seven days"),
                        FormattableString.Invariant($"{before:0} a week in the four weeks before"),
                        FormattableString.Invariant($"{now.HardFeedKg:0.0#} kg since {now.On:d MMMM}"),
                    ],
                    LessWork.Source
                )
            );

    private static string Rise(Ration now, Ration before) =>
        FormattableString.Invariant($"from {before.HardFeedKg:0.0#} to {now.HardFeedKg:0.0#} kg on {now.On:d MMMM}");
}
