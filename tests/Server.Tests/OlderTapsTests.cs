using System.Text;
using System.Text.Json.Nodes;
using Hippodrome.Core.Rides;
using Hippodrome.Server.Rides;
using Hippodrome.Storage;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Taps that waited on a device until an event had another shape.</summary>
public class OlderTapsTests
{
    /// <summary>As it will be: in version 2 the rein of a mark is called a hand, in version 3 a mark is out of a hundred.</summary>
    private static readonly StoredKind Marks = new(
        "ride-event",
        typeof(RideEvent),
        first => With(first, "hand", first["rein"]?.DeepClone()),
        second => With(second, "mark", (double?)second["mark"] * 10)
    );

    private static JsonObject With(JsonObject body, string name, JsonNode? value)
    {
        body[name] = value;
        return body;
    }

    private static JsonNode OfToday(string body) => JsonNode.Parse(OlderTaps.OfToday(Encoding.UTF8.GetBytes(body), Marks))!;

    [Theory]
    [InlineData("", "left", 70)]
    [InlineData("\"v\":1,", "left", 70)]
    [InlineData("\"v\":2,", null, 70)]
    [InlineData("\"v\":3,", null, 7)]
    public void A_tap_goes_through_the_upcasters_it_has_not_been_through(string version, string? hand, double mark)
    {
        var tap = OfToday($$"""{"on":"2026-04-18","events":[{{{version}}"kind":"marked","rein":"left","mark":7}]}""")["events"]![0]!;
        ((string?)tap["hand"]).ShouldBe(hand);
        ((double)tap["mark"]!).ShouldBe(mark);
    }

    [Fact]
    public void Taps_of_several_shapes_may_come_in_one_sending() =>
        OfToday("""{"events":[{"v":1,"mark":6},null,{"v":3,"mark":60}]}""")["events"]!
            .AsArray()
            .Select(e => (double?)e?["mark"])
            .ShouldBe([60, null, 60]);

    [Theory]
    [InlineData("")]
    [InlineData("{")]
    [InlineData("[]")]
    [InlineData("""{"events":"none"}""")]
    public void What_is_no_sending_is_left_for_the_reader_to_refuse(string body) =>
        Encoding.UTF8.GetString(OlderTaps.OfToday(Encoding.UTF8.GetBytes(body), Marks)).ShouldBe(body);

    [Fact]
    public void A_version_that_is_rubbish_counts_as_the_first() =>
        ((double)OfToday("""{"events":[{"v":"x","mark":6}]}""")["events"]![0]!["mark"]!).ShouldBe(60);
}
