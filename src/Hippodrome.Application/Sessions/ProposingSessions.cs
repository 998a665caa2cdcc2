using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Yards;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;

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

        var (proposal, book) = await DrawAsync(visit, horseId, wanted.Value);
        if (!proposal.IsFine)
        {
            return Refusal.Faulty(proposal.Faults);
        }

        var own = (await visit.Yard.OwnSessionsAsync()).Select(OwnSessions.Show);
        return proposal.Value with { Own = SessionProposal.OfYard(own, wanted.Value, plan => book.Context(horseId, plan)) };
    }

    /// <summary>A session drawn up for what is wanted, and the book it was drawn from.</summary>
    internal static async Task<(Outcome<SessionProposal> Proposal, PlanBook Book)> DrawAsync(Visit visit, Guid horseId, Wanted wanted)
    {
        var pages = await visit.Book.PagesAsync([horseId]);
        // Its own grids matter on one day only, and are read on that day only.
        var isEve = pages.Aims[horseId].Any(a => a.Aim.DaysLeft(wanted.On) == 1);
        var grids = isEve ? (await visit.Yard.SetUpsAsync(horseId)).FindAll(s => s.Entry is FenceLineEntry { Kind: LineKind.Grid }) : [];
        var blank = SessionPlan.Kept(Guid.Empty, wanted.On, "", Manner.Ridden, wanted.Helper, [], "", "", wanted.TackIds);
        var book = await PlanBook.OpenAsync(visit, [horseId], wanted.On, wanted.On, grids.Select(g => g.Id));
        var before = await book.HabitsBeforeAsync(visit.Book, horseId, blank, wanted.Focus);
        var habits = before with { OwnGrids = [.. grids.Select(g => g.Id)] };
        return (SessionProposal.For(wanted, habits, plan => book.Context(horseId, plan)), book);
    }

    /// <summary>Somebody is about on this day of the week, as the yard's hours have it; a yard that has not written them is open all week.</summary>
    private static bool IsSomebodyThere(RosterEntry? roster, DateOnly? on) =>
        on is { } day && roster?.HelperDays?.Contains(day.DayOfWeek) != false;
}
