using Hippodrome.Core.Exercises;
using Hippodrome.Core.Measures;
using Hippodrome.Storage.Exercises;

namespace Hippodrome.Application.Exercises;

/// <summary>A trainer's own exercise, as it can be typed over.</summary>
public sealed record OwnExerciseView(Guid Id, OwnExerciseEntry Entry, int Version, string By);

/// <summary>An exercise of the catalogue that this yard wants to see or not.</summary>
public sealed record HiddenEntry(string? ExerciseId = null, bool Hidden = false);

/// <summary>What the yard has to say about a rung. Version 0 is the first note.</summary>
public sealed record RungNoteEntry(string? RungId = null, string? Note = null);

/// <summary>The yard's own part of the library. The catalogue is never overwritten, only hidden or copied.</summary>
public static class OwnLibrary
{
    internal static OwnExerciseView Show(KeptExercise kept) => new(kept.Id, kept.Entry, kept.Version, kept.By);

    public static async Task<Answer<OwnExerciseView>> AddAsync(OwnExerciseEntry entry, Visit visit)
    {
        var id = visit.NewId;
        var read = entry.Check(id);
        if (!read.IsFine)
        {
            return Refusal.Faulty(read.Faults);
        }

        await visit.Yard.AddOwnExerciseAsync(id, entry, visit.Me.Id);
        return Show((await visit.Yard.FindOwnExerciseAsync(id))!);
    }

    public static async Task<Answer<OwnExerciseView>> ChangeAsync(Guid exerciseId, Change<OwnExerciseEntry> change, Visit visit)
    {
        var read = change.Entry.Check(exerciseId);
        if (!read.IsFine)
        {
            return Refusal.Faulty(read.Faults);
        }

        var changed = await visit.Yard.ChangeOwnExerciseAsync(exerciseId, change.Entry, change.Version);
        return await visit.Yard.FindOwnExerciseAsync(exerciseId) is not { } kept ? Refusal.NotThere
            : changed ? Show(kept)
            : Refusal.Changed(Show(kept), change.Entry);
    }

    public static async Task<Answer<Done>> RemoveAsync(Guid exerciseId, Visit visit, bool removed) =>
        await visit.Yard.RemoveOwnExerciseAsync(exerciseId, removed) ? Done.It : Refusal.NotThere;

    public static async Task<Answer<Done>> HideAsync(HiddenEntry entry, Visit visit)
    {
        if (!Catalogue.Exercises.Any(e => e.Id == entry.ExerciseId))
        {
            return Refusal.Faulty(
                "exerciseId",
                "The catalogue has no such exercise.",
                "Choose one of a rung's; your own can be taken off."
            );
        }

        await visit.Yard.HideExerciseAsync(entry.ExerciseId!, entry.Hidden);
        return Done.It;
    }

    public static async Task<Answer<RungNote>> NoteAsync(Change<RungNoteEntry> change, Visit visit)
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
            return Refusal.Faulty(checks.Faults);
        }

        var rungId = change.Entry.RungId!;
        var kept = await visit.Yard.KeepRungNoteAsync(rungId, note, change.Version, visit.Me.Id);
        return await visit.Yard.RungNoteAsync(rungId) is not { } now ? Refusal.NotThere
            : kept ? now
            : Refusal.Changed(now, change.Entry);
    }
}
