using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Yards;
using Hippodrome.Storage.Sessions;

namespace Hippodrome.Application.Sessions;

/// <summary>A session proposed from where the horse stands.</summary>
public static class ProposingSessions
{
    /// <summary>A session for this horse from where it stands; nothing is kept.</summary>
    public static async Task<Answer<SessionProposal>> ProposeAsync(Guid horseId, ProposalEntry entry, Visit visit)
    {
        var pages = await visit.Book.PagesAsync([horseId]);
        var wanted = (entry with { Helper = entry.Helper ?? IsSomebodyThere(pages.Roster?.Value, entry.On) }).Check(visit.Today);
        if (!wanted.IsFine)
        {
            return Refusal.Faulty(wanted.Faults);
        }

        var blank = SessionPlan.Kept(Guid.Empty, wanted.Value.On, "", Manner.Ridden, wanted.Value.Helper, [], "", "", wanted.Value.TackIds);
        var book = await PlanBook.OpenAsync(visit, [horseId], wanted.Value.On, wanted.Value.On, blank.SetUpIds);
        var habits = await book.HabitsBeforeAsync(visit.Book, horseId, blank, wanted.Value.Focus);
        var proposal = SessionProposal.For(wanted.Value, habits, plan => book.Context(horseId, plan));
        if (!proposal.IsFine)
        {
            return Refusal.Faulty(proposal.Faults);
        }

        var own = (await visit.Yard.OwnSessionsAsync()).Select(OwnSessions.Show);
        return proposal.Value with { Own = SessionProposal.OfYard(own, wanted.Value, plan => book.Context(horseId, plan)) };
    }

    /// <summary>Somebody is about on this day of the week, as the yard's hours have it.</summary>
    private static bool IsSomebodyThere(RosterEntry? roster, DateOnly? on) =>
        on is { } day && roster?.HelperDays?.Contains(day.DayOfWeek) == true;
}
