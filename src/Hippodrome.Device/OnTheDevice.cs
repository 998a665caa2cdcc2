using System.Runtime.InteropServices.JavaScript;
using System.Text.Json;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;

namespace Hippodrome.Device;

/// <summary>What a page asks of Core on the device, in the JSON of the server's endpoints.</summary>
public static partial class OnTheDevice
{
    /// <summary>A set-up measured for a horse, as POST /horses/{horseId}/set-ups/measure answers it.</summary>
    /// <param name="horse">A <see cref="CarriedHorse"/>.</param>
    /// <param name="entry">A <see cref="SetUpEntry"/>.</param>
    /// <returns>An <see cref="Answered{T}"/>: the measured set-up, or the faults of the entry.</returns>
    [JSExport]
    public static string Measure(string horse, string entry)
    {
        var carried = JsonSerializer.Deserialize(horse, DeviceJson.Ours.CarriedHorse)!;
        var setUp = JsonSerializer.Deserialize(entry, DeviceJson.Ours.SetUpEntry)!.Check();
        return JsonSerializer.Serialize(
            setUp.IsFine
                ? new Answered<MeasuredSetUp>(setUp.Value.MeasureFor(carried.Card(), carried.Tape()), [])
                : new(null, setUp.Faults),
            DeviceJson.Ours.AnsweredMeasuredSetUp
        );
    }

    /// <summary>A set-up for the other rein, as POST /horses/{horseId}/set-ups/mirrored answers it.</summary>
    /// <param name="entry">A <see cref="SetUpEntry"/>.</param>
    /// <returns>An <see cref="Answered{T}"/>: the set-up mirrored, or the faults of the entry.</returns>
    [JSExport]
    public static string Mirror(string entry)
    {
        var read = JsonSerializer.Deserialize(entry, DeviceJson.Ours.SetUpEntry)!;
        var setUp = read.Check();
        return JsonSerializer.Serialize(
            setUp.IsFine ? new Answered<SetUpEntry>(read.Mirrored(), []) : new(null, setUp.Faults),
            DeviceJson.Ours.AnsweredSetUpEntry
        );
    }

    private static (CarriedPlanning Carried, PlanFacts Facts)? _planning;

    /// <summary>What plans are checked against from now on.</summary>
    /// <param name="planning">A <see cref="CarriedPlanning"/>.</param>
    [JSExport]
    public static void Plan(string planning)
    {
        var carried = JsonSerializer.Deserialize(planning, DeviceJson.Ours.CarriedPlanning)!;
        _planning = (carried, carried.Facts());
    }

    /// <summary>Totals and faults of a session, as POST /horses/{horseId}/sessions/check answers it.</summary>
    /// <param name="sessionId">Which, where it is kept already; else empty.</param>
    /// <param name="entry">A <see cref="SessionEntry"/> for the day of the facts handed over last.</param>
    /// <returns>An <see cref="Answered{T}"/>: the check, or the faults of the entry.</returns>
    [JSExport]
    public static string CheckSession(string sessionId, string entry)
    {
        var (carried, facts) = _planning!.Value;
        var id = sessionId.Length == 0 ? Guid.NewGuid() : Guid.Parse(sessionId);
        var plan = SessionPlan.From(id, JsonSerializer.Deserialize(entry, DeviceJson.Ours.SessionEntry)!, carried.Today);
        return JsonSerializer.Serialize(
            plan.IsFine ? new Answered<SessionCheck>(facts.Check(plan.Value), []) : new(null, plan.Faults),
            DeviceJson.Ours.AnsweredSessionCheck
        );
    }

    private static RideFacts? _facts;
    private static readonly List<RideEvent> _taps = [];

    /// <summary>A ride begins, or another than before: what was tapped of that one is forgotten here.</summary>
    /// <param name="facts">The <see cref="RideFacts"/> that came with the sheet.</param>
    [JSExport]
    public static void Begin(string facts)
    {
        _facts = JsonSerializer.Deserialize(facts, DeviceJson.Ours.RideFacts)!;
        _taps.Clear();
    }

    /// <summary>
    /// Where the ride that was begun stands after its last tap, and what the rules say of it. Only new taps are handed over.
    /// </summary>
    /// <param name="more">Each <see cref="RideEvent"/> that has not been handed over yet.</param>
    /// <returns>A <see cref="RailJudgement"/>.</returns>
    [JSExport]
    public static string Judge(string more)
    {
        _taps.AddRange(JsonSerializer.Deserialize(more, DeviceJson.Ours.ListRideEvent)!);
        return JsonSerializer.Serialize(RailJudge.Judge(_facts!, RideLog.Kept(_taps)), DeviceJson.Ours.RailJudgement);
    }

    /// <summary>A whole ride, judged after every tap, as POST /rides/judge answers it.</summary>
    /// <param name="ride">A <see cref="RideCase"/>.</param>
    /// <returns>A <see cref="JudgedTap"/> for each of its taps.</returns>
    [JSExport]
    public static string JudgeCourse(string ride) =>
        JsonSerializer.Serialize(
            JsonSerializer.Deserialize(ride, DeviceJson.Ours.RideCase)!.Course(),
            DeviceJson.Ours.IReadOnlyListJudgedTap
        );
}

/// <summary>An answer, or what was at fault.</summary>
public sealed record Answered<T>(T? Answer, IReadOnlyList<Fault> Faults);
