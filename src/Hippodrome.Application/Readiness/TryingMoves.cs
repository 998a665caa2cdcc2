using Hippodrome.Application.Blocks;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;
using Hippodrome.Planning;
using Hippodrome.Storage.Aims;

namespace Hippodrome.Application.Readiness;

/// <summary>More work towards an aim as the planner has it: what it would come to, and all that is needed to keep it.</summary>
/// <param name="Move">What it comes to.</param>
/// <param name="BlockId">The block it changes; null where it would be a new one.</param>
/// <param name="Number">The version of that block it was tried on.</param>
/// <param name="Entry">Its inputs.</param>
/// <param name="Plan">Its plan, as it was seen.</param>
public sealed record MoveTried(AimMove Move, Guid? BlockId, int? Number, BlockEntry Entry, BlockPlan Plan);

/// <summary>What a day or a helper more in the week would come to: tried by the planner, nothing is kept.</summary>
public static class TryingMoves
{
    public static async Task<Answer<MoveTried>> TryAsync(
        Guid horseId,
        Guid aimId,
        AimMoveKind kind,
        Visit visit,
        IProgress<PlanProgress>? progress,
        CancellationToken cancel
    )
    {
        if (await visit.Yard.FindAimAsync(horseId, aimId) is null)
        {
            return Refusal.NotThere;
        }

        var block = (await visit.Book.BlocksAsync([horseId])).GetValueOrDefault(horseId);
        var entry = block?.Entry
            ?? (await PlanningBlocks.SuggestAsync(horseId, visit)).Entry with
            {
                AimId = aimId,
                Weeks = null,
                Discipline = null,
            };
        var there = (await BlockBook.RosterAsync(visit)).DaysThere();
        var more = kind == AimMoveKind.Days ? MoreWork.DayMore(entry, there) : MoreWork.HelpMore(entry, there);
        if (more is not var (typed, says))
        {
            return kind == AimMoveKind.Days
                ? Refusal.Faulty("days", "No day more can be worked.", "It works six days, or nobody who rides is there on another.")
                : Refusal.Faulty(
                    "helperDays",
                    "No more help is to be had.",
                    "Somebody is on the ground on every day it works, or nobody else is there."
                );
        }

        Answer<BlockPlan> plan;
        if (block is null)
        {
            plan = await PlanningBlocks.PreviewAsync(horseId, typed, visit, progress, cancel);
        }
        else
        {
            var again = await PlanningBlocks.AgainAsync(horseId, block.Id, new AgainEntry(typed), visit, progress, cancel);
            plan = again.Why is { } refused ? refused : again.Value.Plan;
        }

        return plan.Why is { } why ? why : await ShowAsync(plan.Value);

        async Task<Answer<MoveTried>> ShowAsync(BlockPlan planned)
        {
            var horse = await EvidenceOfHorse.OfAsync(visit, horseId);
            var kept = (await visit.Book.PagesAsync([horseId])).Aims[horseId].First(a => a.Aim.Id == aimId);
            var readiness = AimReadiness.Of(
                kept.Aim.On,
                horse.Asked(kept),
                horse.Shown with
                {
                    Pace = PaceOfBlocks.Of(planned.Sessions, horse.Shown.Rides, visit.Today),
                }
            );
            return new MoveTried(AimMove.Of(kind, says, readiness), block?.Id, block?.Number, typed, planned);
        }
    }
}
