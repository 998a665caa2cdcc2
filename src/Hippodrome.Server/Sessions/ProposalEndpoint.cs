using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Horses;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Sessions;

internal static class ProposalEndpoint
{
    /// <summary>A session for this horse from where it stands; nothing is kept.</summary>
    public static async Task<Results<Ok<SessionProposal>, ProblemHttpResult>> ProposeAsync(Guid horseId, ProposalEntry entry, Visit visit)
    {
        var wanted = entry.Check(visit.Today);
        if (!wanted.IsFine)
        {
            return Problems.Faulty(wanted.Faults);
        }

        var blank = SessionPlan.Kept(Guid.Empty, wanted.Value.On, "", Manner.Ridden, wanted.Value.Helper, [], "", "", wanted.Value.TackIds);
        var book = await PlanBook.OpenAsync(visit, [horseId], wanted.Value.On, wanted.Value.On, blank);
        var order = (await visit.Yard.ApproachHoldsAsync(ApproachQuestion.Order, [horseId]))[horseId];
        var proposal = SessionProposal.For(wanted.Value, book.HabitsBefore(horseId, blank, order.Id == "canter-early"), plan =>
            book.Context(horseId, plan)
        );
        return proposal.IsFine ? TypedResults.Ok(proposal.Value) : Problems.Faulty(proposal.Faults);
    }
}
