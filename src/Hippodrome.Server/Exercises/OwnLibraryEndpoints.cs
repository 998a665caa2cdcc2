using Hippodrome.Application;
using Hippodrome.Application.Exercises;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Exercises;

public static class OwnLibraryEndpoints
{
    public static void MapOwnLibrary(this RouteGroupBuilder api)
    {
        api.MapPost("/library/exercises", OwnLibrary.AddAsync).Needs(Access.Trains).Creates();
        api.MapPut("/library/exercises/{exerciseId:guid}", OwnLibrary.ChangeAsync).Needs(Access.Trains);
        api.MapDelete("/library/exercises/{exerciseId:guid}", (Guid exerciseId, Visit visit) =>
                OwnLibrary.RemoveAsync(exerciseId, visit, true)
            )
            .Needs(Access.Trains);
        api.MapPost("/library/exercises/{exerciseId:guid}/restore", (Guid exerciseId, Visit visit) =>
                OwnLibrary.RemoveAsync(exerciseId, visit, false)
            )
            .Needs(Access.Trains);
        api.MapPut("/library/hidden", OwnLibrary.HideAsync).Needs(Access.Trains);
        api.MapPut("/library/notes", OwnLibrary.NoteAsync).Needs(Access.Trains);
    }
}
