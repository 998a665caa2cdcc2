using Hippodrome.Core.Readiness;
using Hippodrome.Storage.Aims;

namespace Hippodrome.Application.Readiness;

/// <summary>The one demand that is last of each aim to come, kept for those who ask every morning.</summary>
public static class LastDemands
{
    /// <summary>Looks at it anew where something was ridden, planned or moved. Nobody waits for it who has no aim.</summary>
    public static async Task KeepAsync(Visit visit, Guid horseId)
    {
        ArgumentNullException.ThrowIfNull(visit);
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
