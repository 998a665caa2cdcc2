using Hippodrome.Application.DressageTests;
using Hippodrome.Application.Horses;
using Hippodrome.Application.Readiness;
using Hippodrome.Core.Aims;
using Hippodrome.Storage.Aims;

namespace Hippodrome.Application.Aims;

/// <summary>What came of a table of aims.</summary>
/// <param name="Added">Competitions that are new.</param>
/// <param name="ThereAlready">Those of the same horse, day and name that were there: they stay as they are.</param>
public sealed record AimsTaken(int Added, int ThereAlready);

/// <summary>Aims and results taken in from a table, all of them or none.</summary>
public static class TakingAims
{
    public static async Task<Answer<AimsTaken>> TakeAsync(IReadOnlyList<AimRow> rows, Visit visit)
    {
        ArgumentNullException.ThrowIfNull(rows);
        ArgumentNullException.ThrowIfNull(visit);
        var horses = (await visit.MyHorsesAsync()).ToLookup(h => h.Value.Name, h => h.Value.Id, StringComparer.OrdinalIgnoreCase);
        var tests = (await TestsOfYard.ListAsync(visit)).ToLookup(t => t.Name, t => t.Id, StringComparer.OrdinalIgnoreCase);
        var read = AimRows.Check(rows, horses, tests, Guid.NewGuid, visit.Today);
        if (!read.IsFine)
        {
            return Refusal.Faulty(read.Faults);
        }

        var known = (await visit.Yard.AimsAsync(read.Value.Select(a => a.HorseId).Distinct()))
            .Select(a => (a.HorseId, a.Aim.On, a.Aim.Name))
            .ToHashSet();
        // The same line twice is one competition.
        var added = read.Value.Where(a => known.Add((a.HorseId, a.Aim.On, a.Aim.Name))).ToList();
        foreach (var one in added)
        {
            await visit.Yard.AddAimAsync(one.HorseId, one.Aim);
            if (one.Result is not null)
            {
                await visit.Yard.KeepResultAsync(one.HorseId, one.Aim.Id, one.Result, 1);
            }
        }

        foreach (var horse in added.Select(a => a.HorseId).Distinct())
        {
            await LastDemands.KeepAsync(visit, horse);
        }

        return new AimsTaken(added.Count, read.Value.Count - added.Count);
    }
}
