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
        new(Gravity.StopThere, ChangesWithoutNumber, c => [new Mend("Two askings, and leave it", Numbered(c))]),
        new(Gravity.StopThere, TooManyChanges, c => [new Mend("Two askings, and leave it", Numbered(c))]),
        new(Gravity.StopThere, ChangesTooEarly, c => [new Mend("Move the changes to the end", ChangesLast(c))]),
        new(Gravity.StopThere, MostlyChanges, c => [new Mend("Take the flying changes out", Without(c.Plan, p => Learned(c).Contains(p)))]),
        new(Gravity.Danger, ChangesAfterBoilingOver, c =>
            [new Mend("Take the flying changes out", Without(c.Plan, p => Learned(c).Contains(p)))]
        ),
        new(Gravity.Adjust, ChangeNearCorner, c => [new Mend("Take the flying changes out", Without(c.Plan, p => Learned(c).Contains(p)))]),
    ];

    private static PlanFault? ChangesWithoutNumber(PlanContext c) =>
        !Learned(c).Any(p => p.Times is null)
            ? null
            : Fault(
                nameof(ChangesWithoutNumber),
                "Flying changes are planned in minutes.",
                $"Say how often they are asked: {SessionFigures.ChangesAsked.Value} times at most.",
                "While they are learned, changes are planned in numbers: one or two good ones, and leave it",
                ["no number given"],
                Source.CommonPractice
            );

    private static PlanFault? TooManyChanges(PlanContext c)
    {
        var asked = Learned(c).Sum(p => p.Times ?? 0);
        var most = SessionFigures.ChangesAsked;
        return asked <= most.Value
            ? null
            : Fault(
                nameof(TooManyChanges),
                $"{asked} flying changes are more than are left overnight.",
                $"{most.Value} askings at most, and stop at one or two good ones.",
                "One or two good changes, then leave it overnight",
                [$"{asked} planned"],
                most.Source
            );
    }

    private static PlanFault? ChangesTooEarly(PlanContext c)
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
                nameof(ChangesTooEarly),
                "The flying changes come too early.",
                $"Move them into the last {limit.Value} minutes of work.",
                "Exciting work comes late, when the horse has settled",
                [InMinutes("they start {0} minutes before the cool-down", beforeCoolDown - first)],
                limit.Source
            );
    }

    private static PlanFault? MostlyChanges(PlanContext c)
    {
        var work = c.Plan.Parts.Where(SessionTotals.IsWork).Sum(p => p.Minutes);
        var changes = Learned(c).Sum(p => p.Minutes);
        var most = SessionFigures.ChangesShare;
        return work == 0 || changes <= most.Value * work
            ? null
            : Fault(
                nameof(MostlyChanges),
                Minutes("{0} minutes of the work are flying changes.", changes),
                "Mostly something it can do, and one or two changes at the end.",
                "Never most of a session while they are learned",
                [InMinutes("{0} minutes of work", work), InMinutes("{0} minutes of changes", changes)],
                most.Source
            );
    }

    private static PlanFault? ChangesAfterBoilingOver(PlanContext c) =>
        c.ChangesBoiledOver is not { } day || c.Plan.On.DayNumber - day.DayNumber >= SessionFigures.ChangesRest.Value || !Learned(c).Any()
            ? null
            : Fault(
                nameof(ChangesAfterBoilingOver),
                string.Create(CultureInfo.InvariantCulture, $"The changes boiled over on {day:dddd d MMMM}."),
                "Simple changes and what it can do; flying changes another day.",
                "Another day, and not tomorrow, when they have boiled over",
                [string.Create(CultureInfo.InvariantCulture, $"boiled over on {day:d MMM}")],
                SessionFigures.ChangesRest.Source
            );

    /// <summary>The first or the last change of a figure falls within a few strides of the corner.</summary>
    private static PlanFault? ChangeNearCorner(PlanContext c)
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
                nameof(ChangeNearCorner),
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"A change would fall {Math.Max(0, strides):0.#} canter strides from the corner."
                ),
                $"Fewer changes, or {keep.Value:0} strides straight before and after.",
                "A change beside a corner is a fault of preparation",
                [string.Create(CultureInfo.InvariantCulture, $"{strides:0.0} strides left at each end of the diagonal")],
                keep.Source
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

    private static PlanFault Fault(string rule, string says, string mend, string why, IReadOnlyList<Input> inputs, Source source) =>
        Soft(rule, says, mend, Why.Of(why, inputs, source));
}
