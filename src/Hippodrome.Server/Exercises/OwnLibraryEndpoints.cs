using Hippodrome.Core.Exercises;
using Hippodrome.Core.Measures;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.People;
using Hippodrome.Storage.Exercises;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Exercises;

/// <summary>A trainer's own exercise, as it can be typed over.</summary>
public sealed record OwnExerciseView(Guid Id, OwnExerciseEntry Entry, int Version, string By);

/// <summary>An exercise of the catalogue that this yard wants to see or not.</summary>
public sealed record HiddenEntry(string? ExerciseId = null, bool Hidden = false);

/// <summary>What the yard has to say about a rung. Version 0 is the first note.</summary>
public sealed record RungNoteEntry(string? RungId = null, string? Note = null);

/// <summary>The yard's own part of the library. The catalogue is never overwritten, only hidden or copied.</summary>
public static class OwnLibraryEndpoints
{
    public static void MapOwnLibrary(this RouteGroupBuilder api)
    {
        api.MapPost("/library/exercises", AddAsync).Needs(Access.Trains).Creates();
        api.MapPut("/library/exercises/{exerciseId:guid}", ChangeAsync).Needs(Access.Trains);
        api.MapDelete("/library/exercises/{exerciseId:guid}", (Guid exerciseId, Visit visit) => RemoveAsync(exerciseId, visit, true))
            .Needs(Access.Trains);
        api.MapPost("/library/exercises/{exerciseId:guid}/restore", (Guid exerciseId, Visit visit) => RemoveAsync(exerciseId, visit, false))
            .Needs(Access.Trains);
        api.MapPut("/library/hidden", HideAsync).Needs(Access.Trains);
        api.MapPut("/library/notes", NoteAsync).Needs(Access.Trains);
    }

    internal static OwnExerciseView Show(KeptExercise kept) => new(kept.Id, kept.Entry, kept.Version, kept.By);

    private static async Task<Results<Ok<OwnExerciseView>, ProblemHttpResult>> AddAsync(OwnExerciseEntry entry, Visit visit)
    {
        var id = visit.NewId;
        var read = entry.Check(id);
        if (!read.IsFine)
        {
            return Problems.Faulty(read.Faults);
        }

        await visit.Yard.AddOwnExerciseAsync(id, entry, visit.Me.Id);
        return TypedResults.Ok(Show((await visit.Yard.FindOwnExerciseAsync(id))!));
    }

    private static async Task<Results<Ok<OwnExerciseView>, ProblemHttpResult>> ChangeAsync(
        Guid exerciseId,
        Change<OwnExerciseEntry> change,
        Visit visit
    )
    {
        var read = change.Entry.Check(exerciseId);
        if (!read.IsFine)
        {
            return Problems.Faulty(read.Faults);
        }

        var changed = await visit.Yard.ChangeOwnExerciseAsync(exerciseId, change.Entry, change.Version);
        return await visit.Yard.FindOwnExerciseAsync(exerciseId) is not { } kept ? Problems.NotFound()
            : changed ? TypedResults.Ok(Show(kept))
            : Problems.Conflict(Show(kept), change.Entry);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> RemoveAsync(Guid exerciseId, Visit visit, bool removed) =>
        await visit.Yard.RemoveOwnExerciseAsync(exerciseId, removed) ? TypedResults.NoContent() : Problems.NotFound();

    private static async Task<Results<NoContent, ProblemHttpResult>> HideAsync(HiddenEntry entry, Visit visit)
    {
        if (!Catalogue.Exercises.Any(e => e.Id == entry.ExerciseId))
        {
            return Problems.Faulty(
                "exerciseId",
                "The catalogue has no such exercise.",
                "Choose one of a rung's; your own can be taken off."
            );
        }

        await visit.Yard.HideExerciseAsync(entry.ExerciseId!, entry.Hidden);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<RungNote>, ProblemHttpResult>> NoteAsync(Change<RungNoteEntry> change, Visit visit)
    {
        var checks = new Checks();
        checks.That(
            change.Entry.RungId is not null && Catalogue.Find(change.Entry.RungId) is not null,
            "rungId",
            "There is no such rung.",
            "Choose one of the library's."
        );
        var note = checks.OptionalText("note", change.Entry.Note, 2000);
        if (checks.Faults.Count > 0)
        {
            return Problems.Faulty(checks.Faults);
        }

        var rungId = change.Entry.RungId!;
        var kept = await visit.Yard.KeepRungNoteAsync(rungId, note, change.Version, visit.Me.Id);
        return await visit.Yard.RungNoteAsync(rungId) is not { } now ? Problems.NotFound()
            : kept ? TypedResults.Ok(now)
            : Problems.Conflict(now, change.Entry);
    }
}
