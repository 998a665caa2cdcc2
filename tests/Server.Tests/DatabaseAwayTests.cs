using Npgsql;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>The database cuts every connection: what fails, fails clearly, and the next request works.</summary>
public class DatabaseAwayTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task Connections_cut_in_mid_use_are_told_as_such_and_work_goes_on()
    {
        await using var cluster = NpgsqlDataSource.Create(Environment.GetEnvironmentVariable("HIPPODROME_TEST_DATABASE")!);
        var statuses = new List<int>();
        for (var round = 0; round < 10; round++)
        {
            var requests = Enumerable.Range(0, 6).Select(_ => app.Trainer.SendAsync(HttpMethod.Get, "/api/today")).ToList();
            await using var cut = cluster.CreateCommand(
                "select pg_terminate_backend(pid) from pg_stat_activity where application_name = 'hippodrome' and datname = @mine"
            );
            cut.Parameters.AddWithValue("mine", app.DatabaseName);
            await cut.ExecuteNonQueryAsync();
            foreach (var answer in await Task.WhenAll(requests))
            {
                statuses.Add((int)answer.StatusCode);
                if ((int)answer.StatusCode == 503)
                {
                    answer.Headers.RetryAfter.ShouldNotBeNull();
                    (await Problem.ReadAsync(answer)).Title.ShouldContain("cannot be reached");
                }
            }
        }

        statuses.ShouldAllBe(s => s == 200 || s == 503);

        // Idle connections that were cut are found out as they are used; soon there is none left.
        var good = false;
        for (var tries = 0; tries < 40 && !good; tries++)
        {
            good = (await app.Trainer.SendAsync(HttpMethod.Get, "/health/ready")).IsSuccessStatusCode;
        }

        good.ShouldBeTrue();
        await app.Trainer.GetAsync("/api/today");
    }
}
