using Hippodrome.Storage.Horses;

namespace Hippodrome.Application.Horses;

/// <summary>Rows of a horse that are taken off, and come back.</summary>
public static class Removals
{
    public static async Task<Answer<Done>> RemoveAsync(Removable what, Guid horseId, Guid id, Visit visit, bool removed) =>
        await visit.Yard.RemoveAsync(what, horseId, id, removed) ? Done.It : Refusal.NotThere;
}
