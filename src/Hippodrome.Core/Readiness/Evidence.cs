using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Readiness;

/// <summary>What the readiness of any aim of a horse is told from, on one day.</summary>
/// <param name="Rides">What was ridden in twelve weeks.</param>
/// <param name="Places">Where the horse stands.</param>
/// <param name="Moves">Its moves on the ladders, in any order.</param>
/// <param name="Pace">How often each strand is worked.</param>
/// <param name="Started">Where it started, and somebody said how it went.</param>
/// <param name="Today">Today.</param>
public sealed record Evidence(
    IReadOnlyList<RideShown> Rides,
    Places Places,
    IReadOnlyList<RungMove> Moves,
    PaceOfWork Pace,
    IReadOnlyList<StartShown> Started,
    DateOnly Today
)
{
    /// <summary>What holds the horse: until a vet clears it nobody can say what there is time for. Null where nothing does.</summary>
    public string? Held { get; init; }

    /// <summary>Rides or starts since so many days ago.</summary>
    internal List<RideShown> RidesOf(int days) => [.. Rides.Where(r => Within(r.On, days)).OrderBy(r => r.On)];

    internal List<StartShown> StartsOf(int days) => [.. Started.Where(s => Within(s.On, days)).OrderBy(s => s.On)];

    /// <summary>Marks of dressage tests, movement by movement.</summary>
    public IReadOnlyList<MarkShown> Marks { get; init; } = [];

    internal List<MarkShown> MarksOf(int days) => [.. Marks.Where(m => Within(m.On, days)).OrderBy(m => m.On)];

    private bool Within(DateOnly on, int days) => on <= Today && on > Today.AddDays(-days);
}

/// <summary>A competition as evidence.</summary>
/// <param name="On">Its day.</param>
/// <param name="ClearAtMetres">The height of its fences, where it was clear over them; null where it was not, or there were none.</param>
public sealed record StartShown(DateOnly On, double? ClearAtMetres = null);

/// <summary>The mark of a movement of a dressage test as evidence.</summary>
/// <param name="On">The day.</param>
/// <param name="RideId">The ride it was ridden in; null where nobody said.</param>
/// <param name="Away">It was not at home.</param>
/// <param name="RungIds">Rungs on which what it asks is schooled.</param>
/// <param name="Side">The side it turns to or is bent to; null where it has none.</param>
/// <param name="Mark">0 to 10.</param>
public sealed record MarkShown(DateOnly On, Guid? RideId, bool Away, IReadOnlyList<string> RungIds, Rein? Side, double Mark)
{
    /// <summary>Each mark of a test as it was ridden.</summary>
    public static IEnumerable<MarkShown> Of(DressageTest test, TestRidden ridden, Guid? rideId)
    {
        ArgumentNullException.ThrowIfNull(test);
        ArgumentNullException.ThrowIfNull(ridden);
        return ridden.Marks.Join(
            test.Movements,
            k => k.Movement,
            m => m.Number,
            (k, m) =>
            {
                // The line that asks most of it gives the side.
                var asked = m.Lines.Select(at => (test.Lines[at].Turning, Rungs: TestRungs.Of(test.Lines, at))).ToList();
                Rein? side = asked.MaxBy(l => l.Rungs.Count).Turning switch
                {
                    Horses.Side.Left => Rein.Left,
                    Horses.Side.Right => Rein.Right,
                    _ => null,
                };
                return new MarkShown(
                    ridden.On,
                    rideId,
                    ridden.Away,
                    [.. asked.SelectMany(l => l.Rungs).Select(r => r.Id).Distinct()],
                    side,
                    k.Mark.Value
                );
            }
        );
    }
}

/// <summary>How often each strand is worked: placed sessions of a block, or what was ridden.</summary>
/// <param name="AWeek">Sessions of a week, by strand.</param>
/// <param name="OfBlock">They are a block's; else those of the last four weeks.</param>
public sealed record PaceOfWork(IReadOnlyDictionary<Strand, double> AWeek, bool OfBlock)
{
    public double Of(Strand strand) => AWeek.GetValueOrDefault(strand);

    /// <summary>Chances a week to meet a demand; a day away can be had in any week.</summary>
    internal double For(Demand demand) => demand.Kind == DemandKind.Away ? 1 : Of(demand.Strand);
}
