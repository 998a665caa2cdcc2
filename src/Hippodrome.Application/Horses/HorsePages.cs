using Hippodrome.Core.Assessments;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Weather;
using Hippodrome.Core.Yards;
using Hippodrome.Storage;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Assessments;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Weather;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Application.Horses;

/// <summary>
/// What the book says of some horses in a few rows each, read in one statement and once a request, whoever asks.
/// What grows with the years (sessions, rides, strides) is read by those who need it.
/// </summary>
internal sealed class HorsePages
{
    private const int DaysBack = 200;

    /// <summary>A therapist's visit speaks for so many days.</summary>
    public const int DaysTreated = 14;

    // Tables that these pages are read from.
    private static readonly string[] Tables =
    [
        "horse",
        "rung_move",
        "hold",
        "restriction",
        "time_away",
        "assessment",
        "block",
        "block_version",
        "ramp_end",
        "care_visit",
        "leg_look",
        "aim",
        "approach_choice",
        "tack",
        "weather_reading",
        "gate_answer",
        "stage_clearance",
        "person",
        "roster",
    ];

    private readonly int _written;

    private HorsePages(int written) => _written = written;

    public required IReadOnlyDictionary<Guid, Kept<Horse>> Horses { get; init; }

    /// <summary>The latest move on each ladder.</summary>
    public required ILookup<Guid, KeptMove> Moves { get; init; }

    public required IReadOnlyDictionary<Guid, Places> Places { get; init; }

    /// <summary>Holds under way and over, the latest first.</summary>
    public required ILookup<Guid, Hold> Holds { get; init; }

    /// <summary>Restrictions that nobody has cleared, the latest first.</summary>
    public required ILookup<Guid, Restriction> Restrictions { get; init; }

    public required ILookup<Guid, TimeAway> TimeAway { get; init; }

    public required ILookup<Guid, AssessedOn> Assessed { get; init; }

    public required ILookup<Guid, ReturnBegun> Returns { get; init; }

    public required ILookup<Guid, DateOnly> RampEnds { get; init; }

    public required IReadOnlyDictionary<Guid, CareVisit> Treated { get; init; }

    public required IReadOnlyDictionary<Guid, CareVisit> Feet { get; init; }

    public required IReadOnlyDictionary<Guid, LegLook> LegLooks { get; init; }

    /// <summary>Aims gone by and to come, the earliest first.</summary>
    public required ILookup<Guid, HorseAim> Aims { get; init; }

    /// <summary>How each is gone about.</summary>
    public required IReadOnlyDictionary<Guid, Ways> Ways { get; init; }

    /// <summary>Also what has been taken off since: a session keeps what it was planned in.</summary>
    public required IReadOnlyDictionary<Guid, Tack> Tack { get; init; }

    /// <summary>Gates of returns that were answered, by block.</summary>
    public required ILookup<Guid, GateAnswer> Gates { get; init; }

    /// <summary>Stages of a vet's plan that were cleared, by block.</summary>
    public required ILookup<Guid, StageCleared> Stages { get; init; }

    public required IReadOnlyList<Kept<Person>> People { get; init; }

    public required Kept<RosterEntry>? Roster { get; init; }

    /// <summary>The latest reading that somebody typed today.</summary>
    public required WeatherReading? WeatherTyped { get; init; }

    /// <param name="yard">Where they are kept.</param>
    /// <param name="ids">Horses of this yard.</param>
    /// <param name="today">The day it is.</param>
    /// <param name="besides">Begins other small reads, which are asked in the same statement.</param>
    public static async Task<HorsePages> OpenAsync(YardSession yard, IReadOnlyCollection<Guid> ids, DateOnly today, Action besides)
    {
        using var reads = yard.Together();
        var horses = yard.HorsesByIdAsync(ids);
        var moves = yard.LatestMovesAsync(ids);
        var holds = yard.HoldsAsync(ids);
        var restrictions = yard.RestrictionsAsync(ids);
        var away = yard.TimeAwayAsync(ids);
        var assessed = yard.AssessedOnAsync(ids, today.AddDays(-DaysBack));
        var returns = yard.ReturnEntriesAsync(ids);
        var ramps = yard.RampEndsAsync(ids);
        var treated = yard.TherapistVisitsAsync(ids, today.AddDays(-DaysTreated));
        var feet = yard.LastFeetAsync(ids);
        var looks = yard.LegLooksAsync(ids);
        var aims = yard.AimsAsync(ids);
        var ways = yard.WaysAsync(ids);
        var tack = yard.TackOfAsync(ids);
        var weather = yard.WeatherTypedAsync(today);
        var gates = yard.GateAnswersAsync(ids);
        var stages = yard.StagesClearedAsync(ids);
        var people = yard.PeopleAsync();
        var roster = yard.RosterAsync();
        besides();
        await reads.SendAsync();

        var (kept, moved) = ((await horses).ToDictionary(h => h.Value.Id), await moves);
        return new HorsePages(yard.WrittenTo(Tables))
        {
            Horses = kept,
            Moves = moved,
            Places = kept.ToDictionary(h => h.Key, h => Core.Exercises.Places.Of(h.Value.Value, moved[h.Key].Select(m => m.Move))),
            Holds = (await holds).ToLookup(h => h.HorseId),
            Restrictions = (await restrictions).Where(r => r.ClearedOn is null).ToLookup(r => r.HorseId, r => r.Restriction),
            TimeAway = await away,
            Assessed = (await assessed).ToLookup(a => a.HorseId),
            Returns = (await returns).ToLookup(r => r.HorseId),
            RampEnds = await ramps,
            Treated = await treated,
            Feet = await feet,
            LegLooks = await looks,
            Aims = (await aims).ToLookup(a => a.HorseId),
            Ways = await ways,
            Tack = await tack,
            WeatherTyped = await weather,
            Gates = await gates,
            Stages = await stages,
            People = await people,
            Roster = await roster,
        };
    }

    /// <summary>They know these horses, and nothing they were read from has been written to since.</summary>
    public bool Serve(IEnumerable<Guid> ids, YardSession yard) => yard.WrittenTo(Tables) == _written && ids.All(Horses.ContainsKey);
}
