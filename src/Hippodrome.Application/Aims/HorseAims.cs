using Hippodrome.Application.DressageTests;
using Hippodrome.Application.Readiness;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;
using Hippodrome.Storage.Aims;

namespace Hippodrome.Application.Aims;

/// <summary>The demand that was last when the aim was last looked at, and whether there is time for it by today.</summary>
/// <param name="Name">Which; null where all were met.</param>
/// <param name="HowFar">How it stood.</param>
/// <param name="Time">Whether there is time.</param>
/// <param name="AsOf">The day it was looked at.</param>
public sealed record LastOfAim(string? Name, HowFar HowFar, InTime Time, DateOnly AsOf);

/// <summary>A competition worked towards.</summary>
public sealed record AimView
{
    public required Guid Id { get; init; }

    public required string Name { get; init; }

    public required DateOnly On { get; init; }

    public required int DaysLeft { get; init; }

    public required Discipline Discipline { get; init; }

    public required string Scheme { get; init; }

    public required string Level { get; init; }

    public required Distance? HeightMetres { get; init; }

    public required string Place { get; init; }

    public required Importance Importance { get; init; }

    /// <summary>The dressage test that is ridden there; null where nobody has said.</summary>
    public required Guid? TestId { get; init; }

    public required int Version { get; init; }

    /// <summary>Its demands differ from its level's.</summary>
    public required bool OwnDemands { get; init; }

    /// <summary>The one that is last; null where nobody has looked, or the day is over.</summary>
    public required LastOfAim? Last { get; init; }

    public required AimResult? Result { get; init; }
}

/// <summary>What a horse works towards, and its competitions on the way.</summary>
/// <param name="Goal">Null where nobody has said.</param>
/// <param name="Aims">The earliest first.</param>
public sealed record AimsView(Goal? Goal, IReadOnlyList<AimView> Aims);

/// <summary>What a horse is aimed at.</summary>
public static class HorseAims
{
    public static AimView Show(HorseAim kept, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(kept);
        var aim = kept.Aim;
        return new AimView
        {
            Id = aim.Id,
            Name = aim.Name,
            On = aim.On,
            DaysLeft = aim.DaysLeft(today),
            Discipline = aim.Discipline,
            Scheme = aim.Scheme,
            Level = aim.Level,
            HeightMetres = aim.Height,
            Place = aim.Place,
            Importance = aim.Importance,
            TestId = aim.TestId,
            Version = kept.Version,
            OwnDemands = kept.Demands is not null,
            Last =
                aim.On >= today && kept.LastDemand is { } last
                    ? new LastOfAim(last.Name, last.HowFar, last.On(aim.On, today), last.AsOf)
                    : null,
            Result = kept.Result,
        };
    }

    public static Task<AimsView> ListAsync(Guid horseId, Visit visit) => AllAsync(horseId, visit);

    public static async Task<Answer<AimsView>> AddAsync(Guid horseId, AimEntry entry, Visit visit)
    {
        var aim = Aim.From(visit.NewId, entry, visit.Today);
        if (!aim.IsFine)
        {
            return Refusal.Faulty(aim.Faults);
        }

        if (!await HasItsTestAsync(aim.Value, visit))
        {
            return NoSuchTest;
        }

        await visit.Yard.AddAimAsync(horseId, aim.Value);
        await LastDemands.KeepAsync(visit, horseId);
        return await AllAsync(horseId, visit);
    }

    public static async Task<Answer<AimsView>> ChangeAsync(Guid horseId, Guid aimId, Change<AimEntry> change, Visit visit)
    {
        if (await visit.Yard.FindAimAsync(horseId, aimId) is null)
        {
            return Refusal.NotThere;
        }

        var aim = Aim.From(aimId, change.Entry, visit.Today);
        if (!aim.IsFine)
        {
            return Refusal.Faulty(aim.Faults);
        }

        if (!await HasItsTestAsync(aim.Value, visit))
        {
            return NoSuchTest;
        }

        if (!await visit.Yard.ChangeAimAsync(horseId, aim.Value, change.Version))
        {
            return Refusal.Changed(await TheirsAsync(horseId, aimId, visit), change.Entry);
        }

        await LastDemands.KeepAsync(visit, horseId);
        return await AllAsync(horseId, visit);
    }

    private static Refusal NoSuchTest { get; } = Refusal.Faulty("testId", "There is no such test.", "Choose one of the list, or none.");

    private static async Task<bool> HasItsTestAsync(Aim aim, Visit visit) =>
        aim.TestId is not { } test || (await TestsOfYard.AllAsync(visit)).ContainsKey(test);

    public static async Task<Answer<AimsView>> RemoveAsync(Guid horseId, Guid aimId, Visit visit, bool removed) =>
        await visit.Yard.RemoveAimAsync(horseId, aimId, removed) ? await AllAsync(horseId, visit) : Refusal.NotThere;

    /// <summary>How it went.</summary>
    public static async Task<Answer<AimsView>> KeepResultAsync(Guid horseId, Guid aimId, Change<AimResultEntry> change, Visit visit)
    {
        if (await visit.Yard.FindAimAsync(horseId, aimId) is not { } kept)
        {
            return Refusal.NotThere;
        }

        var result = change.Entry.Check(kept.Aim, visit.Today);
        if (!result.IsFine)
        {
            return Refusal.Faulty(result.Faults);
        }

        if (!await visit.Yard.KeepResultAsync(horseId, aimId, result.Value, change.Version))
        {
            return Refusal.Changed(await TheirsAsync(horseId, aimId, visit), change.Entry);
        }

        await LastDemands.KeepAsync(visit, horseId);
        return await AllAsync(horseId, visit);
    }

    /// <summary>What it works towards beyond one competition; without a name nothing any more.</summary>
    public static async Task<Answer<AimsView>> KeepGoalAsync(Guid horseId, GoalEntry entry, Visit visit)
    {
        if (string.IsNullOrWhiteSpace(entry.Name) && entry.Until is null)
        {
            await visit.Yard.KeepGoalAsync(horseId, null);
            return await AllAsync(horseId, visit);
        }

        var goal = entry.Check(visit.Today);
        if (!goal.IsFine)
        {
            return Refusal.Faulty(goal.Faults);
        }

        await visit.Yard.KeepGoalAsync(horseId, goal.Value);
        return await AllAsync(horseId, visit);
    }

    /// <summary>An aim as somebody else has it by now.</summary>
    internal static async Task<AimView> TheirsAsync(Guid horseId, Guid aimId, Visit visit) =>
        Show((await visit.Yard.FindAimAsync(horseId, aimId))!, visit.Today);

    private static async Task<AimsView> AllAsync(Guid horseId, Visit visit)
    {
        using var reads = visit.Yard.Together();
        var (goal, aims) = (visit.Yard.GoalAsync(horseId), visit.Yard.AimsAsync([horseId]));
        await reads.SendAsync();
        return new AimsView((await goal)?.Value, (await aims).ConvertAll(a => Show(a, visit.Today)));
    }
}
