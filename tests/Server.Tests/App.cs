using System.Net;
using Hippodrome.Core.Horses;
using Hippodrome.Server.People;
using Hippodrome.Storage;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;
using Hippodrome.Tests.Shared;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Extensions.Configuration;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Options;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>
/// The server as it runs, over a database of its own, on a fixed day: a yard with a trainer, riders,
/// an owner and a vet, and another yard beside it.
/// </summary>
public sealed class App : IAsyncLifetime
{
    public const string Password = "three odd socks";
    public static readonly DateOnly Today = new(2026, 4, 18);

    /// <summary>In the tests a request comes from the address this header names.</summary>
    public const string AddressHeader = "X-Test-Address";

    /// <summary>The one proxy named in the settings.</summary>
    public const string Proxy = "10.9.8.7";

    public const string Address = "https://book.fernhollow.example";

    // What guards passwords is how long one guess takes; the tests make hundreds and need not wait for each.
    private const int Guesses = 500;

    public static Passwords Passwords { get; } = new(Options.Create(new PasswordHasherOptions { IterationCount = Guesses }));

    private TestDatabase? _database;
    private Factory? _factory;

    public Database Database => _database!.Database;

    public string OwnerConnection => _database!.OwnerConnection;

    public string DatabaseName => new Npgsql.NpgsqlConnectionStringBuilder(_database!.OwnerConnection).Database!;

    public Guid YardId { get; } = Guid.NewGuid();

    public Guid OtherYardId { get; } = Guid.NewGuid();

    /// <summary>A horse that the rider, the owner and the vet have been given.</summary>
    public Horse Horse { get; private set; } = null!;

    public Client Trainer { get; private set; } = null!;

    public Client Rider { get; private set; } = null!;

    public Client Owner { get; private set; } = null!;

    public Client Vet { get; private set; } = null!;

    /// <summary>A rider of the same yard who has not been given the horse.</summary>
    public Client Stranger { get; private set; } = null!;

    /// <summary>The trainer of the other yard.</summary>
    public Client Elsewhere { get; private set; } = null!;

    public Client Nobody { get; private set; } = null!;

    public async ValueTask InitializeAsync()
    {
        _database = await TestDatabase.MakeAsync();
        Horse = NewHorse("Bramble");
        var people = await FillAsync();
        _factory = new Factory(_database.OwnerConnection);
        Nobody = await ClientAsync();
        Trainer = await ClientAsync("trainer@here.example", people[0]);
        Rider = await ClientAsync("rider@here.example", people[1]);
        Owner = await ClientAsync("owner@here.example", people[2]);
        Vet = await ClientAsync("vet@here.example", people[3]);
        Stranger = await ClientAsync("stranger@here.example", people[4]);
        Elsewhere = await ClientAsync("trainer@there.example", people[5]);
    }

    public async ValueTask DisposeAsync()
    {
        await _factory!.DisposeAsync();
        await _database!.DisposeAsync();
    }

    public IServiceProvider Services => _factory!.Services;

    public static Horse NewHorse(string name, int age = 8) =>
        Horse.From(Guid.NewGuid(), new HorseEntry(name, Today.Year - age, "165 cm", Sex.Mare, Experience.Novice), Today).OrThrow();

    /// <summary>A browser of its own, signed in if an e-mail is given.</summary>
    public async Task<Client> ClientAsync(string? email = null, Guid id = default)
    {
        var client = new Client(
            _factory!.CreateClient(
                new WebApplicationFactoryClientOptions { BaseAddress = new Uri("https://localhost"), AllowAutoRedirect = false }
            ),
            id
        );
        await client.RefreshAsync();
        if (email is not null)
        {
            await client.SignInAsync(email, Password);
        }

        return client;
    }

    /// <summary>Sends what it is told and keeps no cookies.</summary>
    public Client Bare() =>
        new(
            _factory!.CreateClient(
                new WebApplicationFactoryClientOptions { BaseAddress = new Uri("https://localhost"), HandleCookies = false }
            ),
            default
        );

    /// <summary>Puts another horse into the yard, given to the rider, the owner and the vet.</summary>
    public async Task<Horse> AddHorseAsync(int age = 8)
    {
        var horse = NewHorse($"Horse {Guid.NewGuid():N}"[..20], age);
        await using var yard = await Database.OpenYardAsync(YardId);
        await yard.AddHorseAsync(horse);
        foreach (var person in new[] { Rider.Id, Owner.Id, Vet.Id })
        {
            var given = (await yard.HorsesGivenToAsync(person)).ConvertAll(h => h.Value.Id);
            await yard.GiveHorsesAsync(person, [.. given, horse.Id]);
        }

        await yard.CommitAsync();
        return horse;
    }

    private async Task<List<Guid>> FillAsync()
    {
        var hash = Passwords.Hash(Password);
        var ids = Enumerable.Range(0, 6).Select(_ => Guid.NewGuid()).ToList();
        await using (var yard = await Database.OpenYardAsync(YardId))
        {
            await yard.AddYardAsync("Here", "Europe/London");
            await yard.AddHorseAsync(Horse);
            await yard.AddPersonAsync(ids[0], "Trainer", "trainer@here.example", hash, Role.Trainer, false);
            await yard.AddPersonAsync(ids[1], "Rider", "rider@here.example", hash, Role.Rider, false);
            await yard.AddPersonAsync(ids[2], "Owner", "owner@here.example", hash, Role.Observer, false);
            await yard.AddPersonAsync(ids[3], "Vet", "vet@here.example", hash, Role.Observer, true);
            await yard.AddPersonAsync(ids[4], "Stranger", "stranger@here.example", hash, Role.Rider, false);
            foreach (var given in ids[1..4])
            {
                await yard.GiveHorsesAsync(given, [Horse.Id]);
            }

            await yard.CommitAsync();
        }

        await using (var yard = await Database.OpenYardAsync(OtherYardId))
        {
            await yard.AddYardAsync("There", "Europe/London");
            await yard.AddHorseAsync(NewHorse("Theirs"));
            await yard.AddPersonAsync(ids[5], "Other trainer", "trainer@there.example", hash, Role.Trainer, false);
            await yard.CommitAsync();
        }

        return ids;
    }

    internal sealed class Factory(string connection, string? files = null) : WebApplicationFactory<Program>
    {
        protected override IHost CreateHost(IHostBuilder builder)
        {
            builder.ConfigureHostConfiguration(configuration =>
                configuration.AddInMemoryCollection(
                    new Dictionary<string, string?>
                    {
                        ["HIPPODROME_DATABASE"] = connection,
                        ["HIPPODROME_TODAY"] = "2026-04-18",
                        ["HIPPODROME_PROXIES"] = Proxy,
                        ["HIPPODROME_ADDRESS"] = Address,
                    }
                )
            );
            return base.CreateHost(builder);
        }

        protected override void ConfigureWebHost(IWebHostBuilder builder)
        {
            builder
                .UseEnvironment("Production")
                .ConfigureServices(services =>
                    services
                        .AddSingleton<IStartupFilter, FromTheNamedAddress>()
                        .Configure<PasswordHasherOptions>(cost => cost.IterationCount = Guesses)
                );
            if (files is not null)
            {
                builder.UseWebRoot(files);
            }
        }
    }

    private sealed class FromTheNamedAddress : IStartupFilter
    {
        public Action<IApplicationBuilder> Configure(Action<IApplicationBuilder> next) =>
            app =>
            {
                app.Use(
                    (context, on) =>
                    {
                        context.Connection.RemoteIpAddress = IPAddress.Parse(
                            context.Request.Headers[AddressHeader].FirstOrDefault() ?? "192.0.2.1"
                        );
                        return on(context);
                    }
                );
                next(app);
            };
    }
}
