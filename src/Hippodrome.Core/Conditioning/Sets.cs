using System.Globalization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Conditioning;

/// <summary>Sets a horse does now and the level it works towards, as typed.</summary>
/// <param name="Scheme">Whose level.</param>
/// <param name="Level">The level in that scheme's words.</param>
/// <param name="Repeats">Sets in a session.</param>
/// <param name="Minutes">Minutes of a set.</param>
/// <param name="Speed">Metres a minute.</param>
/// <param name="Rest">Walk between two sets, in minutes.</param>
public sealed record SetsEntry(
    Scheme? Scheme = null,
    string? Level = null,
    int? Repeats = null,
    double? Minutes = null,
    int? Speed = null,
    double? Rest = null
);

/// <summary>So many times so many minutes at a speed, with walk between and not after the last.</summary>
public sealed record CanterSets(int Repeats, double Minutes, int Speed, double Rest)
{
    public double WorkMinutes => Repeats * Minutes;

    public double Metres => WorkMinutes * Speed;

    public double AllMinutes => WorkMinutes + ((Repeats - 1) * Rest);

    public string Says => string.Create(CultureInfo.InvariantCulture, $"{Repeats} × {Minutes:0.#} min at {Speed}, {Rest:0.#} walk between");
}

/// <summary>The sets of a conditioning block: what it does now, and the level's speed.</summary>
public sealed record Sets(CanterSets Now, Level Level)
{
    internal static Sets? Check(Checks checks, SetsEntry? entry)
    {
        var scheme = checks.Choice("sets.scheme", entry?.Scheme);
        var level = Levels.Find(scheme, entry?.Level);
        checks.That(
            level is not null,
            "sets.level",
            "This scheme has no such level.",
            $"Choose one of {string.Join(", ", Levels.All.Where(l => l.Scheme == scheme).Select(l => l.Name))}."
        );
        var repeats = checks.Whole("sets.repeats", entry?.Repeats, 1, 8, "sets");
        var minutes = checks.Number("sets.minutes", entry?.Minutes, 1, 12, "minutes");
        var speed = checks.Whole("sets.speed", entry?.Speed, 200, 700, "m/min");
        var rest = checks.Number("sets.rest", entry?.Rest ?? 3, 1, 10, "minutes");
        return level is null ? null : new Sets(new CanterSets(repeats, minutes, speed, rest), level);
    }
}
