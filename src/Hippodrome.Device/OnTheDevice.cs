using System.Runtime.InteropServices.JavaScript;
using System.Text.Json;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
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

    /// <summary>Where a ride stands after its last tap, and what the rules say of it.</summary>
    /// <param name="facts">The <see cref="RideFacts"/> that came with the sheet.</param>
    /// <param name="taps">Every <see cref="RideEvent"/> of the ride so far.</param>
    /// <returns>A <see cref="RailJudgement"/>.</returns>
    [JSExport]
    public static string Judge(string facts, string taps) =>
        JsonSerializer.Serialize(
            RailJudge.Judge(
                JsonSerializer.Deserialize(facts, DeviceJson.Ours.RideFacts)!,
                RideLog.Kept(JsonSerializer.Deserialize(taps, DeviceJson.Ours.ListRideEvent)!)
            ),
            DeviceJson.Ours.RailJudgement
        );

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
