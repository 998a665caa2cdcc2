using Hippodrome.Application;
using Hippodrome.Application.Readiness;
using Hippodrome.Storage;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Server.Demo;

/// <summary>
/// An invented yard with invented people and horses, and some weeks of history up to today, told so
/// that every screen has something to say.
/// </summary>
public static class DemoYard
{
    public const string Password = "three odd socks";
    public const string Trainer = "maren@fernhollow.example";
    public const string Rider = "tam@fernhollow.example";
    public const string Owner = "odile@fernhollow.example";
    public const string Vet = "iva@fernhollow.example";

    public static async Task LoadAsync(Database database, string passwordHash, DateOnly today, string timeZone)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var yard = await database.OpenYardAsync(Guid.NewGuid());
        await yard.AddYardAsync("Fernhollow", timeZone);
        // The demo has no thermometer: it takes the stand-in's word, knowingly.
        await yard.SetWeatherAsync(WeatherSource.StandIn, 7, 18);
        var trainer = await PersonAsync(yard, passwordHash, "Maren Holt", Trainer, Role.Trainer);
        var rider = await PersonAsync(yard, passwordHash, "Tam Birkett", Rider, Role.Rider);
        var owner = await PersonAsync(yard, passwordHash, "Odile Farrant", Owner, Role.Observer);
        var vet = await PersonAsync(yard, passwordHash, "Iva Sorrel", Vet, Role.Observer, isVet: true);

        var story = new DemoStory(yard, today, trainer, rider);
        var quillan = await DemoHorses.QuillanAsync(story);
        var lark = await DemoHorses.TarnLarkAsync(story);
        var brannoc = await DemoHorses.BrannocAsync(story);
        var verity = await DemoHorses.VerityAsync(story);
        await DemoHorses.SablewoodAsync(story);
        await DemoHorses.PipitAsync(story);

        await DemoPassports.YardAsync(story);
        await story.Tests.OfYardAsync();
        await story.Blocks.RosterAsync();
        await story.Blocks.AllAsync();

        await yard.GiveHorsesAsync(rider, [quillan, lark, brannoc]);
        await yard.GiveHorsesAsync(owner, [verity]);
        await yard.GiveHorsesAsync(vet, [brannoc, verity]);
        var visit = new Visit(
            yard,
            (await yard.FindPersonAsync(trainer))!.Value,
            await yard.ThisYardAsync(),
            new DateTimeOffset(today, new TimeOnly(5, 0), TimeSpan.Zero),
            Guid.NewGuid()
        );
        foreach (var horse in await yard.HorsesAsync())
        {
            await LastDemands.KeepAsync(visit, horse.Value.Id);
        }

        await yard.CommitAsync();
    }

    private static async Task<Guid> PersonAsync(
        YardSession yard,
        string passwordHash,
        string name,
        string email,
        Role role,
        bool isVet = false
    )
    {
        var id = Guid.NewGuid();
        await yard.AddPersonAsync(id, name, email, passwordHash, role, isVet);
        return id;
    }
}
