using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Readiness;

/// <summary>What the readiness of any aim of a horse is told from, on one day.</summary>
/// <param name="Rides">What was ridden in twelve weeks.</param>
/// <param name="Places">Where the horse stands.</param>
/// <param name="Moves">Its moves on the ladders, in any order.</param>
/// <param name="Pace">How often each strand is worked.</param>
/// <param name="Started">Days on which it started somewhere, and somebody said how it went.</param>
/// <param name="Today">Today.</param>
public sealed record Evidence(
    IReadOnlyList<RideShown> Rides,
    Places Places,
    IReadOnlyList<RungMove> Moves,
    PaceOfWork Pace,
    IReadOnlyList<DateOnly> Started,
    DateOnly Today
)
{
    /// <summary>What holds the horse: until a vet clears it nobody can say what there is time for. Null where nothing does.</summary>
    public string? Held { get; init; }

    /// <summary>Rides or starts since so many days ago.</summary>
    internal List<RideShown> RidesOf(int days) => [.. Rides.Where(r => Within(r.On, days)).OrderBy(r => r.On)];

    internal List<DateOnly> StartsOf(int days) => [.. Started.Where(d => Within(d, days)).Order()];

    private bool Within(DateOnly on, int days) => on <= Today && on > Today.AddDays(-days);
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
