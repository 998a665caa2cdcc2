using System.Text.Json.Nodes;
using Hippodrome.Application.Rides;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Storage.Horses;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>What a tap may take back: something of its own ride that is its own person's; a trainer's word goes over all of it.</summary>
public class TakingBackTests(App app) : IClassFixture<App>
{
    private static readonly DateTimeOffset Noon = new(2026, 4, 18, 12, 0, 0, TimeSpan.Zero);

    private static TakenBack Back(Guid what) => new(Guid.NewGuid(), Noon.AddMinutes(5), what);

    private static async Task<JsonNode> TapAsync(Client who, Horse horse, Guid ride, params RideEvent[] events) =>
        await who.PostAsync($"/api/horses/{horse.Id}/rides/{ride}/taps", new RideEntry(null, App.Today, events));

    private static async Task<List<JsonNode>> RefusedTapsAsync(Client who, Horse horse, Guid ride, params RideEvent[] events) =>
        [.. (await TapAsync(who, horse, ride, events))["taps"]!.AsArray().Select(t => t!).Where(t => (string)t["fate"]! == "refused")];

    [Fact]
    public async Task A_rider_does_not_delete_a_stride_measurement_by_naming_it_in_a_tap()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"/api/horses/{horse.Id}/strides", Calls.Stride);
        Guid measured;
        await using (var yard = await app.Database.OpenYardAsync(app.YardId))
        {
            measured = (await yard.StrideMeasurementsAsync([horse.Id]))[horse.Id].Single().Id;
        }

        var answer = await app.Rider.SendAsync(
            HttpMethod.Post,
            $"/api/horses/{horse.Id}/rides/{Guid.NewGuid()}/taps",
            new RideEntry(null, App.Today, [Back(measured)])
        );
        await using var after = await app.Database.OpenYardAsync(app.YardId);
        (await after.StrideMeasurementsAsync([horse.Id]))[horse.Id].Select(s => s.Id).ShouldBe([measured], $"{answer.StatusCode}");
    }

    [Fact]
    public async Task A_rider_takes_back_what_they_tapped_and_not_what_the_trainer_tapped()
    {
        var (horse, ride) = (await app.AddHorseAsync(), Guid.NewGuid());
        var trot = new Ridden(Guid.NewGuid(), Noon, Gait.Trot, Rein.Both, 15);
        await TapAsync(app.Trainer, horse, ride, trot);
        var mine = new Ridden(Guid.NewGuid(), Noon, Gait.Walk, Rein.Both, 5);
        await TapAsync(app.Rider, horse, ride, mine, Back(mine.Id));
        var refused = await RefusedTapsAsync(app.Rider, horse, ride, Back(trot.Id));
        refused.Count.ShouldBe(1);
        var record = await app.Trainer.GetAsync($"/api/horses/{horse.Id}/rides/{ride}");
        ((double)record["record"]!["minutes"]!).ShouldBe(15);

        // The trainer may; and the log says whose each was.
        await TapAsync(app.Trainer, horse, ride, Back(trot.Id));
        var log = (await app.Trainer.GetAsync($"/api/horses/{horse.Id}/rides/{ride}"))["log"]!.AsArray();
        var line = log.Single(l => (string?)l!["event"]!["id"] == mine.Id.ToString())!;
        ((string)line["by"]!).ShouldBe("Rider");
        ((string)line["takenBackBy"]!).ShouldBe("Rider");
        ((string)log.Single(l => (string?)l!["event"]!["id"] == trot.Id.ToString())!["takenBackBy"]!).ShouldBe("Trainer");
    }

    [Fact]
    public async Task A_tap_of_one_ride_takes_nothing_back_in_another()
    {
        var (horse, one, other) = (await app.AddHorseAsync(), Guid.NewGuid(), Guid.NewGuid());
        var line = new StridesCounted(Guid.NewGuid(), Noon, null, GaitVariant.TrotWorking, Rein.Left, 20, 7, true, null)
        {
            AsItGoes = true,
        };
        await TapAsync(app.Rider, horse, one, line);
        (await RefusedTapsAsync(app.Rider, horse, other, Back(line.Id))).Count.ShouldBe(1);
        await using var yard = await app.Database.OpenYardAsync(app.YardId);
        (await yard.StrideMeasurementsAsync([horse.Id]))[horse.Id].Count(s => s.Id == line.Id).ShouldBe(1);
    }
}
