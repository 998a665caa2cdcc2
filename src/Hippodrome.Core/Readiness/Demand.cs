using System.Text.Json.Serialization;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Readiness;

/// <summary>What kind of thing a level asks.</summary>
public enum DemandKind
{
    /// <summary>A movement, on both reins where it has two.</summary>
    Movement,

    /// <summary>Changes in sequence.</summary>
    Series,

    /// <summary>Fences of a height.</summary>
    Height,

    /// <summary>Fences a stride or two apart: a double, a treble.</summary>
    Combination,

    /// <summary>An oxer of a spread.</summary>
    Spread,

    /// <summary>A related line in the count it was set for.</summary>
    Line,

    /// <summary>Fences with something to look at: a filler, a water tray.</summary>
    Thing,

    /// <summary>A question across country.</summary>
    Question,

    /// <summary>Minutes at a speed.</summary>
    Speed,

    /// <summary>Once away from home.</summary>
    Away,
}

/// <summary>One thing that will be asked.</summary>
/// <param name="Id">Its name among the demands of an aim.</param>
/// <param name="Kind">What kind of thing.</param>
/// <param name="Name">As a trainer says it.</param>
/// <param name="Strand">The ladder that leads there.</param>
/// <param name="RungId">The rung on which it is schooled; null where no rung is its own.</param>
/// <param name="BothSides">It is asked on both reins, leads or legs.</param>
/// <param name="Source">Where it comes from.</param>
public sealed record Demand(string Id, DemandKind Kind, string Name, Strand Strand, string? RungId, bool BothSides, Source Source)
{
    /// <summary>The mark that is wanted where it is marked.</summary>
    public double Mark { get; init; } = ReadinessFigures.MarkWanted.Value;

    /// <summary>How it is told at the rail, where it has a tap of its own.</summary>
    public Movement? Movement { get; init; }

    /// <summary>Of a series: every so many strides.</summary>
    public int? Every { get; init; }

    /// <summary>Of fences, in metres.</summary>
    public double? HeightMetres { get; init; }

    /// <summary>Of a combination: two or three fences.</summary>
    public int? Parts { get; init; }

    /// <summary>Of an oxer, in metres.</summary>
    public double? SpreadMetres { get; init; }

    /// <summary>What there is to look at.</summary>
    public Thing? Thing { get; init; }

    /// <summary>Across country.</summary>
    public QuestionKind? Question { get; init; }

    /// <summary>Metres a minute.</summary>
    public int? Speed { get; init; }

    /// <summary>Minutes at that speed.</summary>
    public double? Minutes { get; init; }

    /// <summary>Movements of the aim's own test that ask it; none where its level does.</summary>
    public IReadOnlyList<int> InTest { get; init; } = [];
}

/// <summary>A demand of an aim as typed: one of the level's, changed or not, or one of the trainer's own.</summary>
/// <param name="Id">Of the level's demand; made up for one of the trainer's own.</param>
/// <param name="Kind">What kind of thing.</param>
/// <param name="Name">As a trainer says it.</param>
/// <param name="RungId">The rung on which it is schooled.</param>
/// <param name="BothSides">On both reins, leads or legs.</param>
/// <param name="Mark">The mark wanted.</param>
/// <param name="Movement">Its tap at the rail.</param>
/// <param name="Every">Of a series: every so many strides.</param>
/// <param name="HeightMetres">Of fences.</param>
/// <param name="Parts">Of a combination.</param>
/// <param name="Question">Across country.</param>
/// <param name="Speed">Metres a minute.</param>
/// <param name="Minutes">At that speed.</param>
/// <param name="SpreadMetres">Of an oxer.</param>
/// <param name="Thing">What there is to look at.</param>
public sealed record DemandEntry(
    string? Id = null,
    DemandKind? Kind = null,
    string? Name = null,
    string? RungId = null,
    bool? BothSides = null,
    double? Mark = null,
    Movement? Movement = null,
    int? Every = null,
    double? HeightMetres = null,
    int? Parts = null,
    QuestionKind? Question = null,
    int? Speed = null,
    double? Minutes = null,
    double? SpreadMetres = null,
    Thing? Thing = null
)
{
    public static DemandEntry Of(Demand d)
    {
        ArgumentNullException.ThrowIfNull(d);
        return new(
            d.Id,
            d.Kind,
            d.Name,
            d.RungId,
            d.BothSides,
            d.Mark,
            d.Movement,
            d.Every,
            d.HeightMetres,
            d.Parts,
            d.Question,
            d.Speed,
            d.Minutes,
            d.SpreadMetres,
            d.Thing
        );
    }
}

/// <summary>The demands of an aim as its trainer wants them, as typed.</summary>
public sealed record DemandsEntry(IReadOnlyList<DemandEntry>? Demands = null)
{
    private const int Most = 40;

    /// <summary>Each of them, or everything that is wrong with them.</summary>
    public Outcome<IReadOnlyList<Demand>> Check()
    {
        var checks = new Checks();
        var read = Read(checks);
        return checks.Outcome<IReadOnlyList<Demand>>(() => read);
    }

    /// <summary>As they were kept.</summary>
    public IReadOnlyList<Demand> AsKept() => Read(Checks.Of(kept: true));

    private List<Demand> Read(Checks checks)
    {
        var sent = checks.Lines("demands", Demands, Most);
        var read = sent.Select((d, i) => One(checks, d, $"demands[{i}]")).ToList();
        var twice = read.GroupBy(d => d.Id).FirstOrDefault(g => g.Key.Length > 0 && g.Count() > 1);
        checks.That(twice is null, "demands", $"“{twice?.First().Name}” stands there twice.", "Take one of them out.");
        return read;
    }

    private static Demand One(Checks checks, DemandEntry entry, string at)
    {
        var kind = checks.Choice($"{at}.kind", entry.Kind);
        var name = checks.Text($"{at}.name", entry.Name, 80);
        var id = checks.Text($"{at}.id", entry.Id, 60);
        var rung = entry.RungId is null ? null : Catalogue.Find(entry.RungId);
        checks.That(entry.RungId is null || rung is not null, $"{at}.rungId", "There is no such rung.", "Choose one of the ladders.");
        checks.That(
            entry.Movement is null || Enum.IsDefined(entry.Movement.Value),
            $"{at}.movement",
            "Nothing of that name is tapped at the rail.",
            "Choose one of the list, or none."
        );
        checks.That(
            kind != DemandKind.Movement || rung is not null || entry.Movement is not null,
            $"{at}.rungId",
            "Nothing would say whether it can do it.",
            "Give the rung it is schooled on, or the tap it is told with."
        );
        return new Demand(id, kind, name, rung?.Strand ?? StrandOf(kind), rung?.Id, entry.BothSides ?? false, Source.CommonPractice)
        {
            Mark = checks.Number($"{at}.mark", entry.Mark ?? ReadinessFigures.MarkWanted.Value, 4, 10, ""),
            Movement = entry.Movement ?? (kind == DemandKind.Series ? Rides.Movement.Series : null),
            Every = kind == DemandKind.Series ? checks.Whole($"{at}.every", entry.Every, 1, 6, "strides") : null,
            HeightMetres = kind == DemandKind.Height ? checks.Number($"{at}.heightMetres", entry.HeightMetres, 0.3, 1.7, "m") : null,
            Parts = kind == DemandKind.Combination ? checks.Whole($"{at}.parts", entry.Parts, 2, 3, "fences") : null,
            SpreadMetres = kind == DemandKind.Spread ? checks.Number($"{at}.spreadMetres", entry.SpreadMetres, 0.3, 2.2, "m") : null,
            Thing = kind == DemandKind.Thing ? checks.Choice($"{at}.thing", entry.Thing) : null,
            Question = kind == DemandKind.Question ? checks.Choice($"{at}.question", entry.Question) : null,
            Speed = kind == DemandKind.Speed ? checks.Whole($"{at}.speed", entry.Speed, 200, 700, "m/min") : null,
            Minutes = kind == DemandKind.Speed ? checks.Number($"{at}.minutes", entry.Minutes, 1, 15, "minutes") : null,
        };
    }

    internal static Strand StrandOf(DemandKind kind) =>
        kind switch
        {
            DemandKind.Series => Strand.Changes,
            DemandKind.Height or DemandKind.Combination or DemandKind.Spread or DemandKind.Line or DemandKind.Thing => Strand.Jumping,
            DemandKind.Question => Strand.CrossCountry,
            DemandKind.Speed => Strand.Fitness,
            _ => Strand.Flatwork,
        };
}
