using Hippodrome.Core.Measures;
using Hippodrome.Server.Demo;
using Hippodrome.Server.People;
using Hippodrome.Storage;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Yards;
using Npgsql;

namespace Hippodrome.Server.Hosting;

/// <summary>What happens before the first request: schema, demo yard, first trainer.</summary>
public static class Start
{
    private const string TimeZone = "Europe/London";

    /// <summary>False when the server cannot go on; the reason has been printed in one line.</summary>
    public static async Task<bool> PrepareAsync(Database database, Passwords passwords, Settings settings, TimeProvider clock)
    {
        ArgumentNullException.ThrowIfNull(database);
        ArgumentNullException.ThrowIfNull(settings);
        try
        {
            await database.MigrateAsync();
        }
        catch (NpgsqlException e)
        {
            await Console.Error.WriteLineAsync($"hippodrome: the database cannot be reached: {e.Message}");
            return false;
        }

        if (await database.HasAnyYardAsync())
        {
            if (settings.Rebuild)
            {
                Console.WriteLine($"Added up anew: {await database.RebuildRideTotalsAsync()} rides");
            }

            return true;
        }

        if (settings.Demo)
        {
            await DemoYard.LoadAsync(
                database,
                passwords.Hash(DemoYard.Password),
                DateOnly.FromDateTime(clock.GetUtcNow().DateTime),
                TimeZone
            );
            return true;
        }

        return await MakeFirstTrainerAsync(database, passwords);
    }

    /// <summary>Says where the yard can be found and, in the demo, who can sign in.</summary>
    public static void Announce(IEnumerable<string> addresses, bool demo)
    {
        Console.WriteLine($"Hippodrome is open at {string.Join(" and ", addresses)}");
        if (demo)
        {
            Console.WriteLine(
                $"""
                Sign in with the password "{DemoYard.Password}" as
                  {DemoYard.Trainer}   the trainer
                  {DemoYard.Rider}     a rider
                  {DemoYard.Owner}   an owner
                  {DemoYard.Vet}     a vet
                """
            );
        }
    }

    /// <summary>Asks on the terminal, or takes the environment's word where nobody sits at it.</summary>
    private static async Task<bool> MakeFirstTrainerAsync(Database database, Passwords passwords)
    {
        var yardName = Ask("HIPPODROME_FIRST_YARD", "Name of the yard: ");
        var name = Ask("HIPPODROME_FIRST_NAME", "Your name: ");
        var email = Ask("HIPPODROME_FIRST_EMAIL", "Your e-mail: ");
        var password = Ask("HIPPODROME_FIRST_PASSWORD", $"A password of {Passwords.Shortest} characters or more: ");

        var checks = new Checks();
        checks.Text("HIPPODROME_FIRST_YARD", yardName, 80);
        checks.Text("HIPPODROME_FIRST_NAME", name, 80);
        checks.Text("HIPPODROME_FIRST_EMAIL", email, 200);
        Passwords.Check(checks, "HIPPODROME_FIRST_PASSWORD", password, name, email, yardName);
        if (checks.Faults.Count > 0)
        {
            await Console.Error.WriteLineAsync(
                $"hippodrome: the first trainer's account cannot be made: {string.Join(" ", checks.Faults.Select(f => $"{f.Field}: {f.Says} {f.Mend}"))}"
            );
            return false;
        }

        await using var yard = await database.OpenYardAsync(Guid.NewGuid());
        await yard.AddYardAsync(yardName.Trim(), TimeZone);
        await yard.AddPersonAsync(Guid.NewGuid(), name.Trim(), email.Trim(), passwords.Hash(password), Role.Trainer, false);
        await yard.CommitAsync();
        return true;
    }

    private static string Ask(string variable, string question)
    {
        if (Environment.GetEnvironmentVariable(variable) is { Length: > 0 } given)
        {
            return given;
        }

        if (Console.IsInputRedirected)
        {
            return "";
        }

        Console.Write(question);
        return Console.ReadLine() ?? "";
    }
}
