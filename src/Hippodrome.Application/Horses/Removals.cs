using Hippodrome.Storage.Horses;

namespace Hippodrome.Application.Horses;

public static class Removals
{
    public static async Task<Answer<Done>> RemoveAsync(Removable what, Guid horseId, Guid id, Visit visit, bool removed) =>
        await visit.Yard.RemoveAsync(what, horseId, id, removed) ? Done.It : Refusal.NotThere;
}
