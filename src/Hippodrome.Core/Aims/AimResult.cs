using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Aims;

/// <summary>How a competition went, as typed.</summary>
/// <param name="Started">It started; else it was withdrawn.</param>
/// <param name="Penalties">Over fences and across country, in all.</param>
/// <param name="PercentOfMarks">Of the dressage.</param>
/// <param name="SecondsOver">Over the time allowed; under it is nothing.</param>
/// <param name="Place">In the order.</param>
/// <param name="Of">Starters.</param>
/// <param name="Held">What held.</param>
/// <param name="DidNotHold">What did not.</param>
public sealed record AimResultEntry(
    bool? Started = null,
    double? Penalties = null,
    double? PercentOfMarks = null,
    int? SecondsOver = null,
    int? Place = null,
    int? Of = null,
    string? Held = null,
    string? DidNotHold = null
)
{
    /// <summary>The result of an aim whose day has come.</summary>
    public Outcome<AimResult> Check(Aim aim, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(aim);
        var checks = new Checks();
        checks.That(aim.On <= today, "started", "Its day has not come yet.", "Enter it on the day or after.");
        double? penalties = Penalties is null ? null : checks.Number("penalties", Penalties, 0, 200, "penalties");
        checks.That(
            Penalties is null || aim.Discipline != Discipline.Dressage,
            "penalties",
            "There are no penalties in dressage.",
            "Give the marks in per cent."
        );
        double? percent = PercentOfMarks is null ? null : checks.Number("percentOfMarks", PercentOfMarks, 0, 100, "%");
        checks.That(
            PercentOfMarks is null || aim.Discipline != Discipline.Jumping,
            "percentOfMarks",
            "There are no marks in jumping.",
            "Give the penalties."
        );
        int? over = SecondsOver is null ? null : checks.Whole("secondsOver", SecondsOver, 0, 1200, "seconds");
        int? place = Place is null ? null : checks.Whole("place", Place, 1, 500, "");
        int? of = Of is null ? null : checks.Whole("of", Of, 1, 500, "starters");
        checks.That(
            place is null || of is null || place <= of,
            "place",
            "That is behind the last.",
            "Give the place, and how many started."
        );
        var held = checks.OptionalText("held", Held, 400);
        var not = checks.OptionalText("didNotHold", DidNotHold, 400);
        return checks.Outcome(() => new AimResult(Started ?? true, penalties, percent, over, place, of, held, not));
    }
}

/// <summary>How a competition went.</summary>
public sealed record AimResult(
    bool Started,
    double? Penalties,
    double? PercentOfMarks,
    int? SecondsOver,
    int? Place,
    int? Of,
    string Held,
    string DidNotHold
);
