using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Care;

/// <summary>How often a horse is seen to, and the figures of weight and condition.</summary>
public static class CareFigures
{
    public static readonly Figure<int> FeetWeeks = Figure.Practice("Farrier or trim every", 6, "weeks");
    public static readonly Figure<int> SaddleWeeks = Figure.Practice("Saddle looked at every", 26, "weeks");
    public static readonly Figure<int> TeethWeeks = Figure.Practice("Teeth every", 52, "weeks");
    public static readonly Figure<int> YoungTeethWeeks = Figure.Practice("Teeth every, while they are changing", 26, "weeks");
    public static readonly Figure<int> TeethChangeTo = Figure.Practice("Teeth are changing to age", 5, "years");
    public static readonly Figure<int> SaddleAfterReturn = Figure.Chosen(
        "Saddle again after work began again",
        3,
        "weeks",
        "by the third or fourth week the back has another shape"
    );
    public static readonly Figure<int> SaddleAfterReturnAgain = Figure.Chosen(
        "Saddle once more after work began again",
        8,
        "weeks",
        "by then the topline is back, or is not"
    );
    public static readonly Figure<int> EasyDays = Figure.Practice("Easy after a therapist's treatment, the next", 2, "days");
    public static readonly Figure<int> LongestEasy = Figure.Chosen(
        "Easy after a treatment, at the longest",
        60,
        "days",
        "longer than that it is a restriction of its own"
    );
    public static readonly Figure<int> ReferralDays = Figure.Chosen(
        "A referral counts what was told in the",
        28,
        "days before it",
        "the time over which the same leg is looked at"
    );
    public static readonly Figure<int> SoonWithin = Figure.Chosen("Due soon within", 7, "days", "time enough to ring");
    public static readonly Figure<int> LongestInterval = Figure.Chosen(
        "Longest interval that can be set",
        104,
        "weeks",
        "beyond two years it is a mistyped number"
    );
    public static readonly Figure<double> GirthSquaredByLength = Figure.Published(
        "Weight from girth and length: girth² x length over",
        11877.0,
        "cm³ a kilogram",
        "Carroll and Huntington 1988, Equine Veterinary Journal 20:41-45"
    );
    public static readonly Figure<string> Condition = Figure.Published(
        "Body condition",
        "1 poor to 9 extremely fat, halves allowed",
        "",
        "Henneke et al. 1983, Equine Veterinary Journal 15:371-372"
    );
}
