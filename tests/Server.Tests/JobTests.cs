using System.Net;
using System.Net.Http.Json;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Measures;
using Hippodrome.Storage;
using Hippodrome.Storage.Jobs;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Long work: ordered, waited for, stopped, left alone, taken on by another server, and never done for whoever may not order it.</summary>
public class JobTests(App app) : IClassFixture<App>
{
    private static readonly BlockEntry FourWeeks = new()
    {
        Name = "Four weeks",
        Purpose = Purpose.Schooling,
        Start = App.Today.AddDays(2),
        Weeks = 4,
        Discipline = Core.Aims.Discipline.Dressage,
        Now = new MinutesByGait(90, 60, 20),
        Days = [DayOfWeek.Tuesday, DayOfWeek.Thursday, DayOfWeek.Saturday],
    };

    private string PlanOfBramble => $"{Calls.Of(app.Horse)}/blocks/plan";

    [Fact]
    public async Task What_is_ordered_is_asked_after_until_it_is_there()
    {
        var ordered = await OrderAsync(FourWeeks);
        ordered.StatusCode.ShouldBe(HttpStatusCode.Accepted);
        ((string)(await Client.JsonAsync(ordered))["state"]!).ShouldBe("waiting");
        var done = await DoneAsync(app.Trainer, ordered.Headers.Location!.ToString());
        done.StatusCode.ShouldBe(HttpStatusCode.OK);
        done.Content.Headers.ContentType!.MediaType.ShouldBe("application/json");
        (await Client.JsonAsync(done))["weeks"]!.AsArray().Count.ShouldBe(4);
    }

    [Fact]
    public async Task What_is_wrong_with_an_order_is_said_by_field_as_it_would_have_been_at_once()
    {
        var refused = await app.Trainer.RefusedAsync(HttpMethod.Post, PlanOfBramble, FourWeeks with { Weeks = 400 });
        refused.Status.ShouldBe(400);
        refused.Fields.ShouldContain("weeks");
    }

    [Fact]
    public async Task What_was_stopped_stays_stopped()
    {
        var job = await OrderedBeforeAsync(app.Trainer.Id, AtWork);
        (await app.Trainer.SendAsync(HttpMethod.Delete, $"/api/jobs/{job}")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        // Whoever works on it is told so, and what they had found by then is not kept.
        (await app.Database.GoOnWithJobAsync(job, 1, 2)).ShouldBeFalse();
        await using var yard = await app.Database.OpenYardAsync(app.YardId);
        await yard.AnswerJobAsync(job, 200, "{}");
        await yard.CommitAsync();
        var problem = await app.Trainer.RefusedAsync(HttpMethod.Get, $"/api/jobs/{job}");
        problem.Status.ShouldBe(410);
        problem.Title.ShouldBe("This was stopped.");
    }

    /// <summary>As when a trainer is made a rider between ordering and its turn: the order is a rider's by then.</summary>
    [Fact]
    public async Task Whoever_may_not_order_it_any_more_is_refused_when_its_turn_comes()
    {
        var job = await OrderedBeforeAsync(app.Rider.Id);
        await PassAsync();
        (await DoneAsync(app.Rider, $"/api/jobs/{job}")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    [Fact]
    public async Task A_job_whose_server_died_is_taken_on_by_another()
    {
        var job = await OrderedBeforeAsync(app.Trainer.Id, "state = 'Working', tries = 1, beat_at = now() - interval '20 seconds'");
        await PassAsync();
        (await DoneAsync(app.Trainer, $"/api/jobs/{job}")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task A_job_that_has_killed_three_servers_is_given_up()
    {
        var job = await OrderedBeforeAsync(app.Trainer.Id, "state = 'Working', tries = 3, beat_at = now() - interval '20 seconds'");
        await PassAsync();
        (await DoneAsync(app.Trainer, $"/api/jobs/{job}")).StatusCode.ShouldBe(HttpStatusCode.InternalServerError);
    }

    /// <summary>What is kept and that it was are one: neither a stopped order nor a server that died halfway leaves half of it.</summary>
    [Fact]
    public async Task A_plan_is_kept_once_however_often_its_order_is_taken_on()
    {
        var (horse, made) = (await app.AddHorseAsync(), Guid.NewGuid());
        var order = new JobOrder(Guid.NewGuid(), app.Trainer.Id, "keep-block", horse.Id)
        {
            Keeping = new AcceptPlanEntry(Entry: FourWeeks),
            Creation = new OrderedCreation(made, [1, 2, 3]),
        };
        await OrderedBeforeAsync(order, $"{AtWork}");
        await SetAsync(order.Id, "state = 'Ended'");
        await PassAsync();
        (await app.Trainer.GetAsync($"{Calls.Of(horse)}/blocks")).AsArray().ShouldBeEmpty();

        await SetAsync(order.Id, "state = 'Working', tries = 1, asked_at = now(), beat_at = now() - interval '20 seconds'");
        await PassAsync();
        (await DoneAsync(app.Trainer, $"/api/jobs/{order.Id}")).StatusCode.ShouldBe(HttpStatusCode.OK);
        var sentAgain = order with { Id = Guid.NewGuid() };
        await OrderedBeforeAsync(sentAgain);
        await PassAsync();
        var answer = await Client.JsonAsync(await DoneAsync(app.Trainer, $"/api/jobs/{sentAgain.Id}"));
        ((string)answer["id"]!).ShouldBe(made.ToString());
        (await app.Trainer.GetAsync($"{Calls.Of(horse)}/blocks")).AsArray().Count.ShouldBe(1);
    }

    [Fact]
    public async Task Planning_that_nobody_asks_after_ends()
    {
        var job = await OrderedBeforeAsync(app.Trainer.Id, "asked_at = now() - interval '11 seconds'");
        await PassAsync();
        (await app.Trainer.RefusedAsync(HttpMethod.Get, $"/api/jobs/{job}")).Status.ShouldBe(410);

        // One that is being worked on too: whoever works on it is told to stop.
        job = await OrderedBeforeAsync(app.Trainer.Id, $"{AtWork}, asked_at = now() - interval '11 seconds'");
        (await app.Database.GoOnWithJobAsync(job, 1, 2)).ShouldBeFalse();
        (await app.Trainer.RefusedAsync(HttpMethod.Get, $"/api/jobs/{job}")).Status.ShouldBe(410);
    }

    [Fact]
    public async Task Twenty_are_done_in_turn_and_the_one_more_is_asked_to_come_again()
    {
        var jobs = new List<Guid>();
        for (var n = 0; n < 20; n++)
        {
            jobs.Add(await OrderedBeforeAsync(app.Elsewhere.Id, AtWork, app.OtherYardId));
        }

        var refused = await app.Elsewhere.RefusedAsync(HttpMethod.Post, "/api/week/share", new Application.Yards.WeekEntry(Monday));
        refused.Status.ShouldBe(429);
        await using (var yard = await app.Database.OpenYardAsync(app.OtherYardId))
        {
            await yard.ExecuteAsync("update job set state = 'Waiting' where id = any(@jobs)", new { jobs = jobs.ToArray() });
            await yard.CommitAsync();
        }

        await PassAsync();
        foreach (var job in jobs)
        {
            (await DoneAsync(app.Elsewhere, $"/api/jobs/{job}")).StatusCode.ShouldBe(HttpStatusCode.OK);
        }
    }

    [Fact]
    public async Task What_is_long_over_is_forgotten()
    {
        var job = await OrderedBeforeAsync(app.Trainer.Id, "state = 'Ended', asked_at = now() - interval '11 minutes'");
        var over = await app.Database.JobsLongOverAsync();
        over[app.YardId].ShouldContain(job);
        await using var yard = await app.Database.OpenYardAsync(app.YardId);
        await yard.ForgetJobsAsync(over[app.YardId]);
        await yard.CommitAsync();
        (await app.Trainer.RefusedAsync(HttpMethod.Get, $"/api/jobs/{job}")).Status.ShouldBe(404);
    }

    /// <summary>Another server works on it, and has said so just now.</summary>
    private const string AtWork = "state = 'Working', beat_at = now()";

    private static readonly DateOnly Monday = new(2026, 4, 13);

    private Task<HttpResponseMessage> OrderAsync(BlockEntry entry) =>
        app.Trainer.SendContentAsync(HttpMethod.Post, PlanOfBramble, JsonContent.Create(entry, options: Json.Options));

    /// <summary>A share of the week that was ordered on another server, and stands in the queue like this.</summary>
    private Task<Guid> OrderedBeforeAsync(Guid personId, string standing = "done = 0", Guid? yardId = null) =>
        OrderedBeforeAsync(new JobOrder(Guid.NewGuid(), personId, "share-week", Monday: Monday), standing, yardId);

    private async Task<Guid> OrderedBeforeAsync(JobOrder order, string standing = "done = 0", Guid? yardId = null)
    {
        await using var yard = await app.Database.OpenYardAsync(yardId ?? app.YardId);
        (await yard.OrderJobAsync(order)).ShouldBeTrue();
        await yard.ExecuteAsync($"update job set ordered_at = now() - interval '1 minute', {standing} where id = @Id", new { order.Id });
        await yard.CommitAsync();
        return order.Id;
    }

    private async Task SetAsync(Guid id, string standing)
    {
        await using var yard = await app.Database.OpenYardAsync(app.YardId);
        await yard.ExecuteAsync($"update job set {standing} where id = @id", new { id });
        await yard.CommitAsync();
    }

    /// <summary>An order by this server's people, which wakes it: what waits before it is done first.</summary>
    private async Task PassAsync() => await app.Trainer.PostAsync("/api/week/share", new Application.Yards.WeekEntry(Monday));

    private static async Task<HttpResponseMessage> DoneAsync(Client client, string at)
    {
        HttpResponseMessage answer;
        while ((answer = await client.SendAsync(HttpMethod.Get, at)).StatusCode == HttpStatusCode.Accepted)
        {
            await Task.Delay(20);
        }

        return answer;
    }
}
