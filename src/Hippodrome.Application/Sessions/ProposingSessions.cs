using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Application.Sessions;

/// <summary>A session proposed from where the horse stands.</summary>
public static class ProposingSessions
{
    /// <summary>A session for this horse from where it stands; nothing is kept.</summary>
    public static async Task<Answer<SessionProposal>> ProposeAsync(Guid horseId, ProposalEntry entry, Visit visit)
    {
        var wanted = entry.Check(visit.Today);
        if (!wanted.IsFine)
        {
            return Refusal.Faulty(wanted.Faults);
        }

        var blank = SessionPlan.Kept(Guid.Empty, wanted.Value.On, "", Manner.Ridden, wanted.Value.Helper, [], "", "", wanted.Value.TackIds);
        var book = await PlanBook.OpenAsync(visit, [horseId], wanted.Value.On, wanted.Value.On, blank.SetUpIds);
        var habits = await book.HabitsBeforeAsync(visit.Book, horseId, blank, wanted.Value.Focus);
        var proposal = SessionProposal.For(wanted.Value, habits, plan => book.Context(horseId, plan));
        return proposal.IsFine ? proposal.Value : Refusal.Faulty(proposal.Faults);
    }
}
