using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Care;

/// <summary>How a horse's saddle stands: what lies under it since when, and when it was last flocked.</summary>
/// <param name="ShimSince">A shim is in since this day; null where none is.</param>
/// <param name="PadSince">A pad is under it since this day; null where none is.</param>
/// <param name="ReflockedOn">When it was last flocked anew.</param>
/// <param name="LookAgainOn">Under a shim or a pad the back changes: it is looked at again by this day; null where nothing is under it.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record SaddleNow(DateOnly? ShimSince, DateOnly? PadSince, DateOnly? ReflockedOn, DateOnly? LookAgainOn, Why Why)
{
    public static readonly Figure<int> UnderShimWeeks = Figure.Chosen(
        "A saddle with a shim or a pad under it is looked at again after",
        4,
        "weeks",
        "muscle that is missing comes back in weeks, and then the shim presses"
    );

    /// <summary>From the saddler's visits; null where none says what was done.</summary>
    public static SaddleNow? Of(IEnumerable<CareVisit> visits)
    {
        var told = visits.Where(v => v.Saddle.Count > 0).OrderBy(v => v.On).ToList();
        if (told.Count == 0)
        {
            return null;
        }

        var shim = Since(told, SaddleWork.Shimmed, SaddleWork.ShimOut);
        var pad = Since(told, SaddleWork.PadOn, SaddleWork.PadOff);
        var under = shim is not null || pad is not null;
        return new SaddleNow(
            shim,
            pad,
            told.LastOrDefault(v => v.Saddle.Contains(SaddleWork.Reflocked))?.On,
            under ? told[^1].On.AddDays(7 * UnderShimWeeks.Value) : null,
            Why.Of(
                "Lost muscle changes the back: pad, shim or reflock, and look again until the shape is back",
                [FormattableString.Invariant($"last seen to on {told[^1].On:d MMMM yyyy}")],
                UnderShimWeeks.Source
            )
        );
    }

    /// <summary>The day something was put under it and not taken out since.</summary>
    private static DateOnly? Since(IReadOnlyList<CareVisit> told, SaddleWork put, SaddleWork taken)
    {
        DateOnly? since = null;
        foreach (var visit in told)
        {
            since =
                visit.Saddle.Contains(put) ? since ?? visit.On
                : visit.Saddle.Contains(taken) ? null
                : since;
        }

        return since;
    }
}
