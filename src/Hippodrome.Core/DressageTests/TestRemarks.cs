using System.Globalization;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.DressageTests;

/// <summary>What a trainer should know of a place in a test, for one horse.</summary>
/// <param name="Rule">The rule that speaks.</param>
/// <param name="Movement">Where: the number of the movement.</param>
/// <param name="Says">What is the matter.</param>
/// <param name="Mend">What to school.</param>
/// <param name="RungId">Where that is schooled; null where it is a matter of what follows on what.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record TestRemark(string Rule, int Movement, string Says, string Mend, string? RungId, Why Why);

/// <summary>What follows on what too quickly for a horse, and what it has not been schooled in.</summary>
internal static class TestRemarks
{
    private delegate IEnumerable<TestRemark> Looks(IReadOnlyList<LaidLine> lines, Places places);

    private static readonly Looks[] All = [CollectedTooSoon, GaitsTooClose, BendsTooClose, NotSchooled];

    public static IReadOnlyList<TestRemark> Of(IReadOnlyList<LaidLine> lines, Places places) =>
        [.. All.SelectMany(look => look(lines, places)).OrderBy(r => r.Movement)];

    /// <summary>A medium trot, then a ten metre circle.</summary>
    private static IEnumerable<TestRemark> CollectedTooSoon(IReadOnlyList<LaidLine> lines, Places places)
    {
        var needs = places.Reached(Catalogue.Rung("flatwork/collected-gaits"))
            ? TestFigures.StridesToCollect
            : TestFigures.StridesToCollectGreen;
        for (var i = 0; i < lines.Count; i++)
        {
            if (!IsLong(lines[i].Line.Gait))
            {
                continue;
            }

            var (between, next) = Ahead(lines, i, l => IsLong(l.Gait) || AsksToCollect(l), needs.Value);
            if (next < lines.Count && AsksToCollect(lines[next].Line) && between < needs.Value)
            {
                yield return new TestRemark(
                    nameof(CollectedTooSoon),
                    lines[next].Line.Movement,
                    $"“{lines[next].Line.Words}” comes {Strides(between)} after the {lines[i].Line.Gait.Say()}.",
                    $"School the way back first: {needs.Value} strides for this horse, then fewer.",
                    null,
                    Why.Of(
                        "From longer strides to something collected it needs strides in between",
                        [$"between: {Strides(between)}", $"for this horse: {needs.Value} at least"],
                        needs.Source
                    )
                );
            }
        }
    }

    /// <summary>Two transitions, and too few strides between them.</summary>
    private static IEnumerable<TestRemark> GaitsTooClose(IReadOnlyList<LaidLine> lines, Places places)
    {
        var least = TestFigures.StridesOfAGait;
        for (var i = 1; i + 1 < lines.Count; i++)
        {
            var (from, gait) = (GaitOf(lines[i - 1].Line), GaitOf(lines[i].Line));
            if (from == gait || gait is Gait.Halt or Gait.ReinBack)
            {
                continue;
            }

            var (more, next) = Ahead(lines, i, l => GaitOf(l) != gait, double.MaxValue);
            var strides = lines[i].Strides + more;
            if (next < lines.Count && strides < least.Value)
            {
                yield return new TestRemark(
                    nameof(GaitsTooClose),
                    lines[i].Line.Movement,
                    $"“{lines[i].Line.Words}” is {Strides(strides)} of {Say(gait)} between two transitions.",
                    "School both transitions further apart, and bring them together.",
                    null,
                    Why.Of(
                        "A gait is shown before it is left again",
                        [$"strides: {Strides(strides)}", $"at least {least.Value}"],
                        least.Source
                    )
                );
            }
        }
    }

    /// <summary>A bend one way, and one the other at once.</summary>
    private static IEnumerable<TestRemark> BendsTooClose(IReadOnlyList<LaidLine> lines, Places places)
    {
        var least = TestFigures.StridesToBend;
        for (var i = 0; i + 1 < lines.Count; i++)
        {
            if (Bend(lines[i].Line) is not { } bend)
            {
                continue;
            }

            var (between, next) = Ahead(lines, i, l => Bend(l) is not null, least.Value);
            if (next < lines.Count && between < least.Value && Bend(lines[next].Line) == bend.Other())
            {
                yield return new TestRemark(
                    nameof(BendsTooClose),
                    lines[next].Line.Movement,
                    $"“{lines[next].Line.Words}” wants the other bend {Strides(between)} after “{lines[i].Line.Words}”.",
                    "School the change of bend by itself: straighten, count two, ask.",
                    null,
                    Why.Of(
                        "Between two bends it is straight once",
                        [$"between: {Strides(between)}", $"at least {least.Value}"],
                        least.Source
                    )
                );
            }
        }
    }

    /// <summary>Asked, and not schooled yet: each rung once, where it is asked first.</summary>
    private static IEnumerable<TestRemark> NotSchooled(IReadOnlyList<LaidLine> lines, Places places)
    {
        var test = lines.Select(l => l.Line).ToList();
        return lines
            .SelectMany((l, i) => TestRungs.Of(test, i).Select(rung => (l.Line, Rung: rung)))
            .Where(asked => !places.Reached(asked.Rung))
            .DistinctBy(asked => asked.Rung.Id)
            .Select(asked => new TestRemark(
                nameof(NotSchooled),
                asked.Line.Movement,
                $"“{asked.Line.Words}” asks for “{asked.Rung.Name}”: it is not there yet.",
                "School that rung first, or choose another test.",
                asked.Rung.Id,
                Why.Of(
                    "What a test asks is schooled before it",
                    [
                        places[asked.Rung.Strand] is { } at ? $"it stands on “{at.Name}”" : "it has not begun on this ladder",
                        $"asked: “{asked.Rung.Name}”",
                    ],
                    Source.CommonPractice
                )
            ));
    }

    /// <summary>Strides behind a line up to one at which is looked, and where that is; no further than so many strides.</summary>
    private static (double Strides, int At) Ahead(IReadOnlyList<LaidLine> lines, int from, Predicate<TestLine> until, double enough)
    {
        var (strides, at) = (0.0, from + 1);
        while (at < lines.Count && !until(lines[at].Line) && strides < enough)
        {
            strides += lines[at++].Strides;
        }

        return (strides, at);
    }

    private static bool IsLong(GaitVariant gait) =>
        gait is GaitVariant.TrotMedium or GaitVariant.TrotExtended or GaitVariant.CanterMedium or GaitVariant.CanterExtended;

    private static bool AsksToCollect(TestLine line) =>
        line.IsOnTheSpot
        || (line.IsRound && line.Metres <= 10)
        || line.IsLateral
        || line.Asked is AskedOnTheWay.SimpleChange or AskedOnTheWay.Passage;

    private static Gait GaitOf(TestLine line) =>
        line.Figure switch
        {
            TestFigure.Halt => Gait.Halt,
            TestFigure.ReinBack => Gait.ReinBack,
            _ => line.Gait.Gait(),
        };

    /// <summary>The side a line is bent to, where it is bent for its own sake.</summary>
    private static Side? Bend(TestLine line) =>
        line.Figure is TestFigure.HalfPass or TestFigure.Circle or TestFigure.HalfCircle ? line.Turning : null;

    private static string Say(Gait gait) => gait.ToString().ToLowerInvariant();

    private static string Strides(double strides) =>
        strides < 0.5 ? "no stride"
        : Math.Round(strides) == 1 ? "one stride"
        : Math.Round(strides).ToString("0", CultureInfo.InvariantCulture) + " strides";
}
