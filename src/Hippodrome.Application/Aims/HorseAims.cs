using Hippodrome.Core.Aims;
using Hippodrome.Core.Measures;
using Hippodrome.Storage.Aims;

namespace Hippodrome.Application.Aims;

public sealed record AimView(
    Guid Id,
    string Name,
    DateOnly On,
    int DaysLeft,
    Discipline Discipline,
    string Scheme,
    string Level,
    Distance? HeightMetres,
    string Place,
    int Version
);

/// <summary>What a horse is aimed at.</summary>
public static class HorseAims
{
    public static AimView Show(Aim aim, int version, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(aim);
        return new AimView(
            aim.Id,
            aim.Name,
            aim.On,
            aim.DaysLeft(today),
            aim.Discipline,
            aim.Scheme,
            aim.Level,
            aim.Height,
            aim.Place,
            version
        );
    }

    public static async Task<List<AimView>> ListAsync(Guid horseId, Visit visit) => await AllAsync(horseId, visit);

    public static async Task<Answer<List<AimView>>> AddAsync(Guid horseId, AimEntry entry, Visit visit)
    {
        var aim = Aim.From(visit.NewId, entry, visit.Today);
        if (!aim.IsFine)
        {
            return Refusal.Faulty(aim.Faults);
        }

        await visit.Yard.AddAimAsync(horseId, aim.Value);
        return await AllAsync(horseId, visit);
    }

    public static async Task<Answer<List<AimView>>> ChangeAsync(Guid horseId, Guid aimId, Change<AimEntry> change, Visit visit)
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

        if (await visit.Yard.ChangeAimAsync(horseId, aim.Value, change.Version))
        {
            return await AllAsync(horseId, visit);
        }

        var kept = (await visit.Yard.FindAimAsync(horseId, aimId))!;
        return Refusal.Changed(Show(kept.Value, kept.Version, visit.Today), change.Entry);
    }

    public static async Task<Answer<List<AimView>>> RemoveAsync(Guid horseId, Guid aimId, Visit visit, bool removed) =>
        await visit.Yard.RemoveAimAsync(horseId, aimId, removed) ? await AllAsync(horseId, visit) : Refusal.NotThere;

    private static async Task<List<AimView>> AllAsync(Guid horseId, Visit visit) =>
        (await visit.Yard.AimsAsync([horseId])).ConvertAll(a => Show(a.Aim, a.Version, visit.Today));
}
