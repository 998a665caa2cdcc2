using Hippodrome.Core.Horses;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Application.Horses;

/// <summary>A piece of tack as lists show it.</summary>
public sealed record TackView(Tack Tack, int Version);

/// <summary>A horse's tack, and what each bit is for.</summary>
public static class TackOfHorse
{
    public static async Task<List<TackView>> ListAsync(Guid horseId, Visit visit) => await AllAsync(horseId, visit);

    public static async Task<Answer<List<TackView>>> AddAsync(Guid horseId, TackEntry entry, Visit visit)
    {
        var tack = Tack.From(visit.NewId, entry);
        if (!tack.IsFine)
        {
            return Refusal.Faulty(tack.Faults);
        }

        await visit.Yard.AddTackAsync(horseId, tack.Value);
        return await AllAsync(horseId, visit);
    }

    public static async Task<Answer<List<TackView>>> ChangeAsync(Guid horseId, Guid id, Change<TackEntry> change, Visit visit)
    {
        var tack = Tack.From(id, change.Entry);
        if (!tack.IsFine)
        {
            return Refusal.Faulty(tack.Faults);
        }

        if (await visit.Yard.ChangeTackAsync(horseId, tack.Value, change.Version))
        {
            return await AllAsync(horseId, visit);
        }

        return (await AllAsync(horseId, visit)).Find(t => t.Tack.Id == id) is { } theirs
            ? Refusal.Changed(theirs, change.Entry)
            : Refusal.NotThere;
    }

    private static async Task<List<TackView>> AllAsync(Guid horseId, Visit visit) =>
        (await visit.Yard.TackAsync(horseId)).ConvertAll(t => new TackView(t.Value, t.Version));
}
