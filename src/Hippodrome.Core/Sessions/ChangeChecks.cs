using System.Globalization;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using static Hippodrome.Core.Sessions.PlanChecks;
using static Hippodrome.Core.Sessions.PlanMends;

namespace Hippodrome.Core.Sessions;

/// <summary>
/// While single flying changes are being learned: in numbers, late, one or two good ones and leave it, never most of a
/// session, not on the day after they boiled over, not beside a corner. Once they are sure everywhere, series are outside this.
/// </summary>
internal static class ChangeChecks
{
    public static readonly PlanRule[] All =
    [
        new(
            new Rule(
                Gravity.StopThere,
                "While they are learned, changes are planned in numbers: one or two good ones, and leave it",
                Source.CommonPractice
            ),
            ChangesWithoutNumber,
            c => [new Mend("Two askings, and leave it", Numbered(c))]
        ),
        new(RulesOfWork.OneOrTwoChanges, TooManyChanges, c => [new Mend("Two askings, and leave it", Numbered(c))]),
        new(
            new Rule(Gravity.StopThere, "Exciting work comes late, when the horse has settled", SessionFigures.NewWorkWithin.Source),
            ChangesTooEarly,
            c => [new Mend("Move the changes to the end", ChangesLast(c))]
        ),
        new(
            new Rule(Gravity.StopThere, "Never most of a session while they are learned", SessionFigures.ChangesShare.Source),
            MostlyChanges,
            c => [new Mend("Take the flying changes out", Without(c.Plan, p => Learned(c).Contains(p)))]
        ),
        new(
            new Rule(Gravity.Danger, "Another day, and not tomorrow, when they have boiled over", SessionFigures.ChangesRest.Source),
            ChangesAfterBoilingOver,
            c => [new Mend("Take the flying changes out", Without(c.Plan, p => Learned(c).Contains(p)))]
        ),
        new(
            new Rule(Gravity.Adjust, "A change beside a corner is a fault of preparation", SessionFigures.ChangeFromCorner.Source),
            ChangeNearCorner,
            c => [new Mend("Take the flying changes out", Without(c.Plan, p => Learned(c).Contains(p)))]
        ),
    ];

    private static Amiss? ChangesWithoutNumber(PlanContext c) =>
        !Learned(c).Any(p => p.Times is null)
            ? null
            : Fault(
                "Flying changes are planned in minutes.",
                $"Say how often they are asked: {SessionFigures.ChangesAsked.Value} times at most.",
                ["no number given"]
            );

    private static Amiss? TooManyChanges(PlanContext c)
    {
        var asked = Learned(c).Sum(p => p.Times ?? 0);
        var most = SessionFigures.ChangesAsked;
        return asked <= most.Value
            ? null
            : Fault(
                $"{asked} flying changes are more than are left overnight.",
                $"{most.Value} askings at most, and stop at one or two good ones.",
                [$"{asked} planned"]
            );
    }

    private static Amiss? ChangesTooEarly(PlanContext c)
    {
        var learned = Learned(c).ToList();
        if (learned.Count == 0)
        {
            return null;
        }

        var first = c.Plan.Parts.TakeWhile(p => !learned.Contains(p)).Sum(p => p.Minutes);
        var beforeCoolDown = c.Plan.Parts.Reverse().SkipWhile(p => p.Phase == Phase.CoolDown).Sum(p => p.Minutes);
        var limit = SessionFigures.NewWorkWithin;
        return beforeCoolDown - first <= limit.Value && learned.TrueForAll(p => p.Phase is Phase.Work or Phase.NewWork)
            ? null
            : Fault(
                "The flying changes come too early.",
                $"Move them into the last {limit.Value} minutes of work.",
                [InMinutes("they start {0} minutes before the cool-down", beforeCoolDown - first)]
            );
    }

    private static Amiss? MostlyChanges(PlanContext c)
    {
        var work = c.Plan.Parts.Where(SessionTotals.IsWork).Sum(p => p.Minutes);
        var changes = Learned(c).Sum(p => p.Minutes);
        var most = SessionFigures.ChangesShare;
        return work == 0 || changes <= most.Value * work
            ? null
            : Fault(
                Minutes("{0} minutes of the work are flying changes.", changes),
                "Mostly something it can do, and one or two changes at the end.",
                [InMinutes("{0} minutes of work", work), InMinutes("{0} minutes of changes", changes)]
            );
    }

    private static Amiss? ChangesAfterBoilingOver(PlanContext c) =>
        c.ChangesBoiledOver is not { } day || c.Plan.On.DayNumber - day.DayNumber >= SessionFigures.ChangesRest.Value || !Learned(c).Any()
            ? null
            : Fault(
                string.Create(CultureInfo.InvariantCulture, $"The changes boiled over on {day:dddd d MMMM}."),
                "Simple changes and what it can do; flying changes another day.",
                [string.Create(CultureInfo.InvariantCulture, $"boiled over on {day:d MMM}")]
            );

    /// <summary>The first or the last change of a figure falls within a few strides of the corner.</summary>
    private static Amiss? ChangeNearCorner(PlanContext c)
    {
        var keep = SessionFigures.ChangeFromCorner;
        var near = c.Card is not { } card
            ? null
            : Learned(c)
                .Select(p => c.SetUpOf(p))
                .OfType<SchoolFigure>()
                .Where(f => f.Kind == FigureKind.Changes)
                .Select(f => (double?)StridesLeft(f, card[f.Variant].Stride))
                .FirstOrDefault(left => left < keep.Value);
        return near is not { } strides
            ? null
            : Fault(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"A change would fall {Math.Max(0, strides):0.#} canter strides from the corner."
                ),
                $"Fewer changes, or {keep.Value:0} strides straight before and after.",
                [string.Create(CultureInfo.InvariantCulture, $"{strides:0.0} strides left at each end of the diagonal")]
            );
    }

    private static double StridesLeft(SchoolFigure figure, Distance stride) =>
        Math.Round(
            ((SchoolFigures.Diagonal(figure.Arena).Length.Metres / stride.Metres) - ((figure.Size.Changes - 1) * figure.Size.Every)) / 2,
            2
        );

    /// <summary>Parts in which single changes are asked of a horse that is learning them.</summary>
    internal static IEnumerable<Part> Learned(PlanContext c) =>
        c.Places is not { } places || places.Reached(Catalogue.Rung("changes/forward-change-collect"))
            ? []
            : c.Plan.Parts.Where(p => AsksChanges(c, p));

    private static bool AsksChanges(PlanContext c, Part part) =>
        part.Manner == Manner.Ridden
        && ImpliedRungs
            .Of(part, c.SetUpOf(part), c.DoseOf(part))
            .Any(any => any.Any(r => r.Strand == Strand.Changes && r.Step >= Catalogue.Rung("changes/single-change").Step));
}
