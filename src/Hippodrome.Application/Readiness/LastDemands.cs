using Hippodrome.Core.Readiness;
using Hippodrome.Storage.Aims;

namespace Hippodrome.Application.Readiness;

/// <summary>The one demand that is last of each aim to come, kept for those who ask every morning.</summary>
public static class LastDemands
{
    /// <summary>What readiness is made of besides rides, blocks and aims, which look at it where they are kept.</summary>
    private static readonly string[] MadeOf = ["rung_move", "hold", "test_ridden"];

    /// <summary>Before a visit to a horse is kept: looks at it anew where its rungs, holds or marks were written to since.</summary>
    public static Task FollowAsync(Visit visit, Guid horseId)
    {
        ArgumentNullException.ThrowIfNull(visit);
        return visit.Yard.WrittenTo(MadeOf) == visit.LookedAtReadiness ? Task.CompletedTask : KeepAsync(visit, horseId);
    }

    /// <summary>Looks at it anew. Nobody waits for it who has no aim.</summary>
    public static async Task KeepAsync(Visit visit, Guid horseId)
    {
        ArgumentNullException.ThrowIfNull(visit);
        visit.LookedAtReadiness = visit.Yard.WrittenTo(MadeOf);
        var aims = (await visit.Yard.AimsAsync([horseId])).FindAll(a => a.Aim.On >= visit.Today);
        if (aims.Count == 0)
        {
            return;
        }

        var evidence = await EvidenceOfHorse.OfAsync(visit, horseId);
        foreach (var kept in aims)
        {
            await visit.Yard.KeepLastDemandAsync(horseId, kept.Aim.Id, LastDemand.Of(evidence.Readiness(kept), evidence.Shown));
        }
    }
}
