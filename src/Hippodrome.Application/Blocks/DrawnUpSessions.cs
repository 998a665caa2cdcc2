using Hippodrome.Application.Sessions;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Sessions;

namespace Hippodrome.Application.Blocks;

/// <summary>Placed sessions with a content of their own: drawn up when they come near, and moved with the plan.</summary>
internal static class DrawnUpSessions
{
    /// <summary>
    /// The session a placed one is ridden as, by its own id; drawn up from where the horse stands today unless it is
    /// there already.
    /// </summary>
    public static async Task<Answer<SessionView>> DrawUpAsync(Visit visit, Guid horseId, PlacedSession placed, bool helper)
    {
        if (await visit.Yard.FindSessionAsync(horseId, placed.Id) is { } there)
        {
            return await visit.ShowSessionAsync(there);
        }

        if (placed.On < visit.Today)
        {
            return Refusal.Faulty("sessionId", "Its day is past.", "Write the ride up as it was, or plan a new session.");
        }

        var proposed = await ProposedAsync(visit, horseId, placed, helper);
        if (!proposed.IsFine)
        {
            return Refusal.Faulty(proposed.Faults);
        }

        var plan = SessionPlan.From(placed.Id, proposed.Value with { On = placed.On }, visit.Today);
        if (!plan.IsFine)
        {
            return Refusal.Faulty(plan.Faults);
        }

        var hard = (await visit.CheckPlanAsync(horseId, plan.Value)).Faults.Where(f => f.Hard).ToList();
        if (hard.Count > 0)
        {
            return Refusal.Hard(hard);
        }

        // One that was taken off before comes back as it was.
        if (!await visit.Yard.RemoveSessionAsync(horseId, placed.Id, false))
        {
            await visit.Yard.AddSessionAsync(horseId, await PlanningSessions.SetOutAsync(horseId, plan.Value, visit));
        }

        return await visit.ShowSessionAsync((await visit.Yard.FindSessionAsync(horseId, placed.Id))!);
    }

    /// <summary>What has been drawn up of these plans and not been ridden, from today on, by id.</summary>
    public static async Task<IReadOnlyDictionary<Guid, KeptSession>> OfAsync(Visit visit, IEnumerable<BlockPlan> plans)
    {
        var ahead = plans.SelectMany(p => p.Sessions).Select(s => s.Id).ToList();
        var sessions = ahead.Count == 0 ? [] : await visit.Yard.SessionsByIdAsync(ahead);
        return sessions.FindAll(s => s.RideId is null && s.Plan.On >= visit.Today).ToDictionary(s => s.Plan.Id);
    }

    /// <summary>Sessions that were drawn up follow their day; those the plan has dropped go, unless they were ridden.</summary>
    /// <param name="visit">Who asks.</param>
    /// <param name="horseId">Whose plan it is.</param>
    /// <param name="drawnUp">What has been drawn up, of this plan among others.</param>
    /// <param name="before">The plan as it was.</param>
    /// <param name="after">The plan as it is kept now.</param>
    public static async Task FollowAsync(
        Visit visit,
        Guid horseId,
        IReadOnlyDictionary<Guid, KeptSession> drawnUp,
        BlockPlan before,
        BlockPlan after
    )
    {
        foreach (var placed in before.Sessions.Where(s => drawnUp.ContainsKey(s.Id)))
        {
            var (session, now) = (drawnUp[placed.Id], after.Find(placed.Id));
            if (now is null || now.Kind != placed.Kind)
            {
                await visit.Yard.RemoveSessionAsync(horseId, placed.Id, true);
            }
            else if (now.On != session.Plan.On)
            {
                await visit.Yard.MoveSessionAsync(horseId, placed.Id, now.On, session.Version);
            }
        }
    }

    private static async Task<Core.Measures.Outcome<SessionEntry>> ProposedAsync(
        Visit visit,
        Guid horseId,
        PlacedSession placed,
        bool helper
    )
    {
        var checks = new Core.Measures.Checks();
        if (DrawUp.Focus(placed) is null)
        {
            return checks.Outcome(() => DrawUp.Plain(placed));
        }

        var wanted = DrawUp.Wanted(placed, helper).Check(visit.Today);
        if (!wanted.IsFine)
        {
            checks.AddRange(wanted.Faults);
            return checks.Outcome<SessionEntry>(() => null!);
        }

        var (proposal, _) = await ProposingSessions.DrawAsync(visit, horseId, wanted.Value);
        checks.AddRange(proposal.Faults);
        return checks.Outcome(() => proposal.Value!.Session);
    }
}
