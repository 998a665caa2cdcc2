using Hippodrome.Application.Aims;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;
using Hippodrome.Storage.Aims;

namespace Hippodrome.Application.Readiness;

/// <summary>An aim: what it asks, what is shown of it, and whether there is time.</summary>
public sealed record ReadinessView
{
    public required AimView Aim { get; init; }

    /// <summary>Its level, as the lists have it; null where it is of the yard's own.</summary>
    public required LevelAsked? Level { get; init; }

    /// <summary>What its level and its test ask.</summary>
    public required IReadOnlyList<Demand> Standard { get; init; }

    /// <summary>Each demand, those that are last first.</summary>
    public required IReadOnlyList<DemandInTime> Demands { get; init; }

    public required InTime Time { get; init; }

    public required int WeeksLeft { get; init; }

    /// <summary>The first day of which evidence is shown.</summary>
    public required DateOnly From { get; init; }

    /// <summary>From here on evidence counts in full.</summary>
    public required DateOnly LatelyFrom { get; init; }

    /// <summary>Nothing new is built from here.</summary>
    public required DateOnly RunInFrom { get; init; }

    public required DateOnly Today { get; init; }

    /// <summary>Moves of the aim itself that gain time.</summary>
    public required IReadOnlyList<AimMove> Moves { get; init; }

    /// <summary>More work towards it can be planned: there is no time yet, and the day has not come.</summary>
    public required bool MayPlan { get; init; }
}

/// <summary>Whether a horse will be ready.</summary>
public static class ReadinessOfAim
{
    public static IReadOnlyList<LevelAsked> Levels() => LevelDemands.All;

    public static async Task<Answer<ReadinessView>> OneAsync(Guid horseId, Guid aimId, Visit visit)
    {
        var evidence = await EvidenceOfHorse.OfAsync(visit, horseId);
        return (await visit.Book.PagesAsync([horseId])).Aims[horseId].FirstOrDefault(a => a.Aim.Id == aimId) is { } kept
            ? Show(kept, evidence)
            : Refusal.NotThere;
    }

    /// <summary>What it asks from now on; no demands are those of its level and its test again.</summary>
    public static async Task<Answer<ReadinessView>> ChangeDemandsAsync(Guid horseId, Guid aimId, Change<DemandsEntry> change, Visit visit)
    {
        if (await visit.Yard.FindAimAsync(horseId, aimId) is null)
        {
            return Refusal.NotThere;
        }

        var asked = change.Entry.Demands is null ? null : change.Entry;
        if (asked?.Check() is { IsFine: false } wrong)
        {
            return Refusal.Faulty(wrong.Faults);
        }

        if (!await visit.Yard.KeepDemandsAsync(horseId, aimId, asked, change.Version))
        {
            return Refusal.Changed(await HorseAims.TheirsAsync(horseId, aimId, visit), change.Entry);
        }

        await LastDemands.KeepAsync(visit, horseId);
        return await OneAsync(horseId, aimId, visit);
    }

    private static ReadinessView Show(HorseAim kept, EvidenceOfHorse horse)
    {
        var (aim, evidence, readiness) = (kept.Aim, horse.Shown, horse.Readiness(kept));
        var ahead = aim.On > evidence.Today && readiness.Time != InTime.InTime;
        return new ReadinessView
        {
            Aim = HorseAims.Show(kept, evidence.Today),
            Level = LevelDemands.Find(aim.Discipline, aim.Scheme, aim.Level),
            Standard = horse.Standard(aim),
            Demands = readiness.Demands,
            Time = readiness.Time,
            WeeksLeft = readiness.WeeksLeft,
            From = evidence.Today.AddDays(1 - ReadinessFigures.Remembered.Value),
            LatelyFrom = evidence.Today.AddDays(1 - ReadinessFigures.Lately.Value),
            RunInFrom = aim.On.AddDays(-AimFigures.RunInDays.Value),
            Today = evidence.Today,
            Moves = ahead
                ?
                [
                    .. new[]
                    {
                        AimMoves.Lower(aim, readiness.Time, evidence),
                        AimMoves.Later(aim, horse.Asked(kept), readiness.Time, evidence),
                    }.OfType<AimMove>(),
                ]
                : [],
            MayPlan = ahead,
        };
    }
}
