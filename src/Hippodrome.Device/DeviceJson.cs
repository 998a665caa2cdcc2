using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;

namespace Hippodrome.Device;

/// <summary>The shapes that cross between page and Core, written as the server writes them.</summary>
[JsonSerializable(typeof(CarriedHorse))]
[JsonSerializable(typeof(SetUpEntry))]
[JsonSerializable(typeof(Answered<MeasuredSetUp>))]
[JsonSerializable(typeof(CarriedPlanning))]
[JsonSerializable(typeof(SessionEntry))]
[JsonSerializable(typeof(Answered<SessionCheck>))]
[JsonSerializable(typeof(Answered<SetUpEntry>))]
[JsonSerializable(typeof(RideFacts))]
[JsonSerializable(typeof(List<RideEvent>))]
[JsonSerializable(typeof(RailJudgement))]
[JsonSerializable(typeof(RideCase))]
[JsonSerializable(typeof(IReadOnlyList<JudgedTap>))]
internal sealed partial class DeviceJson : JsonSerializerContext
{
    /// <summary>With the server's own options, so that both write the same to the byte.</summary>
    public static DeviceJson Ours { get; } =
        new(Json.Apply(new JsonSerializerOptions(JsonSerializerDefaults.Web) { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping }));
}
