using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Exercises;

/// <summary>How a horse came to its place on a ladder.</summary>
public enum MoveKind
{
    /// <summary>On the evidence of its rides.</summary>
    Climbed,

    /// <summary>On the evidence of its rides, down.</summary>
    WentBack,

    /// <summary>One rung down after lameness was cleared.</summary>
    AfterLameness,

    /// <summary>By a trainer's hand, with a word why.</summary>
    ByHand,

    /// <summary>From what an assessment ride showed, as the trainer accepted it.</summary>
    Assessed,
}

/// <summary>One move on one ladder. Moves are appended; the latest says where the horse stands.</summary>
/// <param name="Strand">Which ladder.</param>
/// <param name="RungId">Where to; null is off the ladder, not begun.</param>
/// <param name="Kind">How it came about.</param>
/// <param name="Word">Why, in words.</param>
/// <param name="On">The day.</param>
public sealed record RungMove(Strand Strand, string? RungId, MoveKind Kind, string Word, DateOnly On);

/// <summary>A move by hand as typed.</summary>
/// <param name="Strand">Which ladder.</param>
/// <param name="RungId">Where to; nothing is off the ladder.</param>
/// <param name="Word">Why.</param>
public sealed record RungMoveEntry(Strand? Strand = null, string? RungId = null, string? Word = null)
{
    /// <summary>Refuses a rung of another ladder, one the horse is too young for, and a move without a word.</summary>
    public Outcome<RungMove> Check(int age, DateOnly today)
    {
        var checks = new Checks();
        var strand = checks.Choice("strand", Strand);
        var word = checks.Text("word", Word, 300);
        if (RungId is not null)
        {
            var rung = Catalogue.Find(RungId);
            checks.That(
                rung is not null && rung.Strand == strand,
                "rungId",
                "There is no such rung on this ladder.",
                "Choose one of its rungs."
            );
            checks.That(
                rung is null || age >= rung.YoungestAge.Value,
                "rungId",
                $"At {age} it is too young: {rung?.YoungestAge.Source.Says}.",
                $"Wait until it is {rung?.YoungestAge.Value}."
            );
        }

        return checks.Outcome(() => new RungMove(strand, RungId, MoveKind.ByHand, word, today));
    }
}

/// <summary>One ladder of a sheet on which a horse is placed on all of them.</summary>
/// <param name="Strand">The ladder.</param>
/// <param name="RungId">Where it stands; nothing where it has not begun.</param>
public sealed record PlaceEntry(Strand? Strand = null, string? RungId = null);

/// <summary>The twelve ladders on one sheet: where a horse stands, with one word how that is known.</summary>
/// <param name="Places">The ladders on which something is said.</param>
/// <param name="Word">How that is known.</param>
public sealed record PlacesEntry(IReadOnlyList<PlaceEntry>? Places = null, string? Word = null)
{
    /// <summary>A move for each ladder; refuses what a single move refuses, and a ladder named twice.</summary>
    public Outcome<IReadOnlyList<RungMove>> Check(int age, DateOnly today)
    {
        var checks = new Checks();
        checks.Text("word", Word, 300);
        var places = Places ?? [];
        checks.That(places.Count > 0, "places", "No ladder is named.", "Say where it stands on one of them at least.");
        checks.That(
            places.Select(p => p?.Strand).Distinct().Count() == places.Count,
            "places",
            "A ladder is named twice.",
            "Name each of them once."
        );
        var moves = places
            .Take(Catalogue.Strands.Count)
            .Select(p => new RungMoveEntry(p?.Strand, p?.RungId, Word ?? "").Check(age, today))
            .ToList();
        foreach (var (move, i) in moves.Select((m, i) => (m, i)))
        {
            checks.AddRange(move.Faults.Where(f => f.Field != "word").Select(f => f with { Field = $"places[{i}].{f.Field}" }));
        }

        return checks.Outcome<IReadOnlyList<RungMove>>(() => [.. moves.Select(m => m.Value!)]);
    }
}

/// <summary>Where a horse stands on every ladder.</summary>
public sealed class Places
{
    private readonly Dictionary<Strand, Rung?> _at;
    private HashSet<Strand> _stated = [];

    private Places(Dictionary<Strand, Rung?> at) => _at = at;

    /// <summary>The rung it stands on; null where it has not begun.</summary>
    public Rung? this[Strand strand] => _at.GetValueOrDefault(strand);

    /// <param name="moves">In the order they were made; a later one of a strand takes the place of an earlier one.</param>
    public static Places From(IEnumerable<RungMove> moves) =>
        new(moves.GroupBy(m => m.Strand).ToDictionary(g => g.Key, g => g.Last().RungId is { } id ? Catalogue.Find(id) : null));

    /// <summary>On these rungs, and not begun on the other ladders.</summary>
    public static Places At(IEnumerable<Rung> rungs) => new(rungs.ToDictionary(r => r.Strand, r => (Rung?)r));

    /// <summary>Where a horse stands: by its moves, and on ladders nobody has moved it on, as stated when it was taken on.</summary>
    /// <param name="horse">The horse.</param>
    /// <param name="moves">In the order they were made.</param>
    public static Places Of(Horse horse, IEnumerable<RungMove> moves)
    {
        var moved = From(moves);
        var stated = StartingPlaces.Of(horse).Where(s => !moved._at.ContainsKey(s.Key)).ToDictionary();
        foreach (var (strand, rung) in stated)
        {
            moved._at[strand] = rung;
        }

        return new Places(moved._at) { _stated = stated.Keys.ToHashSet() };
    }

    /// <summary>Nobody has moved it on this ladder: it stands where it was said to stand when it was taken on.</summary>
    public bool IsStated(Strand strand) => _stated.Contains(strand);

    /// <summary>It stands on this rung, or above it.</summary>
    public bool Reached(Rung rung)
    {
        ArgumentNullException.ThrowIfNull(rung);
        return this[rung.Strand] is { } at && at.Step >= rung.Step;
    }

    /// <summary>What still holds a rung back: prerequisites not reached, and age.</summary>
    public IReadOnlyList<string> Missing(Rung rung, int age)
    {
        ArgumentNullException.ThrowIfNull(rung);
        var missing = rung.Needs.Select(Catalogue.Rung).Where(r => !Reached(r)).Select(r => $"{r.Name} ({r.Strand.Say()})").ToList();
        if (age < rung.YoungestAge.Value)
        {
            missing.Add($"age {rung.YoungestAge.Value}");
        }

        return missing;
    }

    /// <summary>One rung down on every ladder but the in-hand one, after lameness. The first rung stays.</summary>
    public IReadOnlyList<RungMove> AfterLameness(string because, DateOnly on) =>
        [
            .. _at
                .Values.OfType<Rung>()
                .Where(r => r.Strand != Strand.InHand && r.FallBack is not null)
                .Select(r => new RungMove(r.Strand, r.FallBack, MoveKind.AfterLameness, $"after {because}", on)),
        ];
}
