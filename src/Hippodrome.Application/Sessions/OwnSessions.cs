using Hippodrome.Core.Sessions;
using Hippodrome.Storage.Sessions;

namespace Hippodrome.Application.Sessions;

/// <summary>Sessions to start from: the trade's, and those the yard's trainers have kept.</summary>
public static class OwnSessions
{
    /// <summary>The yard's own first, by name, then the trade's.</summary>
    public static async Task<List<SessionTemplate>> ListAsync(Visit visit) =>
        [.. (await visit.Yard.OwnSessionsAsync()).Select(Show), .. SessionTemplates.All];

    public static async Task<Answer<SessionTemplate>> AddAsync(OwnSessionEntry entry, Visit visit)
    {
        var read = entry.Check(visit.Today);
        if (!read.IsFine)
        {
            return Refusal.Faulty(read.Faults);
        }

        var id = visit.NewId;
        await visit.Yard.AddOwnSessionAsync(id, read.Value, visit.Me.Id);
        return Show(new KeptOwnSession(id, read.Value));
    }

    public static async Task<Answer<Done>> RemoveAsync(Guid templateId, Visit visit, bool removed) =>
        await visit.Yard.RemoveOwnSessionAsync(templateId, removed) ? Done.It : Refusal.NotThere;

    internal static SessionTemplate Show(KeptOwnSession kept) =>
        new(kept.Id.ToString(), kept.Entry.Name!, kept.Entry.For ?? "", kept.Entry.Session!) { Own = true };
}
