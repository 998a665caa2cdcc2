using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Readiness;

/// <summary>What the dressage test of an aim asks beyond its level.</summary>
public static class TestDemands
{
    /// <summary>
    /// A demand for each rung that the test asks and that none of these demands reaches on its ladder. It is asked on both sides
    /// where the test asks it on both.
    /// </summary>
    /// <param name="asked">What is asked already.</param>
    /// <param name="test">The test that is ridden there.</param>
    public static IReadOnlyList<Demand> Beyond(IReadOnlyList<Demand> asked, DressageTest test)
    {
        ArgumentNullException.ThrowIfNull(asked);
        ArgumentNullException.ThrowIfNull(test);
        var reached = asked
            .Select(d => d.RungId)
            .OfType<string>()
            .Select(Catalogue.Rung)
            .GroupBy(r => r.Strand)
            .ToDictionary(g => g.Key, g => g.Max(r => r.Step));
        return
        [
            .. test
                .Lines.SelectMany((line, at) => TestRungs.Of(test.Lines, at).Select(rung => (Line: line, Rung: rung)))
                .Where(x => x.Rung.Step > reached.GetValueOrDefault(x.Rung.Strand))
                .GroupBy(x => x.Rung.Id)
                .Select(g => Of(g.First().Rung, [.. g.Select(x => x.Line)])),
        ];
    }

    private static Demand Of(Rung rung, IReadOnlyList<TestLine> lines)
    {
        var both = lines.Select(l => l.Turning).OfType<Side>().Distinct().Count() == 2;
        return new Demand($"test-{rung.Id}", DemandKind.Movement, rung.Name, rung.Strand, rung.Id, both, Source.CommonPractice)
        {
            InTest = [.. lines.Select(l => l.Movement).Distinct()],
        };
    }
}
