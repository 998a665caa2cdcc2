using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>One part of a planned session.</summary>
public sealed record Part(Phase Phase, string What, Gait Gait, Rein Rein, double Minutes, Guid? SetUpId, Mark? MarkHopedFor, string? RungId = null)
{
    /// <summary>The rung it works on, if any.</summary>
    internal Rung? Rung => RungId is null ? null : Catalogue.Find(RungId);
}

/// <summary>A session that has been thought out: its parts in order, on a day.</summary>
public sealed record SessionPlan
{
    private SessionPlan(Guid id, DateOnly on, string emphasis, Manner manner, bool helper, IReadOnlyList<Part> parts, string notes, string place, IReadOnlyList<Guid> tackIds) =>
        (Id, On, Emphasis, Manner, Helper, Parts, Notes, Place, TackIds) = (id, on, emphasis, manner, helper, parts, notes, place, tackIds);

    public Guid Id { get; }

    public DateOnly On { get; }

    public string Emphasis { get; }

    public Manner Manner { get; }

    public bool Helper { get; }

    public IReadOnlyList<Part> Parts { get; }

    public string Notes { get; }

    /// <summary>Where, when it is not at home; empty at home.</summary>
    public string Place { get; }

    /// <summary>Bits and aids it is ridden in.</summary>
    public IReadOnlyList<Guid> TackIds { get; }

    public double Minutes => Parts.Sum(p => p.Minutes);

    public static Outcome<SessionPlan> From(Guid id, SessionEntry entry, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var checks = new Checks();
        var on = entry.On ?? default;
        checks.That(entry.On is not null, "on", "The day is missing.", "Give the day of the session.");
        checks.That(entry.On is null || (on >= today.AddYears(-2) && on <= today.AddYears(2)), "on", $"{on:yyyy-MM-dd} is too far away.", "Give a day within two years.");
        var emphasis = checks.Text("emphasis", entry.Emphasis, 80);
        var manner = checks.Choice("manner", entry.Manner);
        var notes = checks.OptionalText("notes", entry.Notes, 4000);
        var place = checks.OptionalText("place", entry.Place, 80);
        var tack = entry.TackIds?.Distinct().ToList() ?? [];
        checks.That(tack.Count <= 12, "tackIds", "More than a dozen pieces are no bridle.", "Choose those that matter.");
        var parts = entry.Parts ?? [];
        checks.That(parts.Count > 0, "parts", "There is nothing in this session yet.", "Add a part: walk first.");
        checks.That(parts.Count <= 30, "parts", "More than thirty parts is no session.", "Put some together.");
        var made = parts.Take(30).Select((p, i) => PartFrom(checks, p, i)).ToList();
        return checks.Outcome(() => new SessionPlan(id, on, emphasis, manner, entry.Helper ?? false, made, notes, place, tack));
    }

    /// <summary>A session read back from the store.</summary>
    public static SessionPlan Kept(Guid id, DateOnly on, string emphasis, Manner manner, bool helper, IReadOnlyList<Part> parts, string notes, string place = "", IReadOnlyList<Guid>? tackIds = null) =>
        new(id, on, emphasis, manner, helper, parts, notes, place, tackIds ?? []);

    /// <summary>The same session as something to type over, for a copy or a change.</summary>
    public SessionEntry ToEntry() => new(On, Emphasis, Manner, Helper, [.. Parts.Select(p => new PartEntry(p.Phase, p.What, p.Gait, p.Rein, p.Minutes, p.SetUpId, p.MarkHopedFor?.Value, p.RungId))], Notes, Place, TackIds);

    private static Part PartFrom(Checks checks, PartEntry? part, int i)
    {
        string Field(string name) => $"parts[{i}].{name}";
        if (part is null)
        {
            checks.Add($"parts[{i}]", "This part is empty.", "Fill it in or take it out.");
            return new Part(default, "", default, default, 0, null, null);
        }

        var phase = checks.Choice(Field("phase"), part.Phase);
        var what = checks.Text(Field("what"), part.What, 120);
        var gait = checks.Choice(Field("gait"), part.Gait);
        var rein = checks.Choice(Field("rein"), part.Rein);
        var minutes = checks.Number(Field("minutes"), part.Minutes, 0.5, 180, "minutes");
        Mark? mark = null;
        if (part.MarkHopedFor is { } hoped)
        {
            checks.That(Mark.IsMark(hoped), Field("markHopedFor"), "Marks go from 0 to 10 in halves.", "Give a mark such as 6.5.");
            mark = Mark.IsMark(hoped) ? Mark.Of(hoped) : null;
        }

        checks.That(part.RungId is null || Catalogue.Find(part.RungId) is not null, Field("rungId"), "There is no such rung.", "Choose one of the library's, or none.");
        return new Part(phase, what, gait, rein, minutes, part.SetUpId, mark, part.RungId);
    }
}
