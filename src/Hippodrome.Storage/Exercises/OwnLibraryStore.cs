using Hippodrome.Core.Exercises;

namespace Hippodrome.Storage.Exercises;

/// <summary>A trainer's own exercise, as it was typed.</summary>
public sealed record KeptExercise(Guid Id, OwnExerciseEntry Entry, int Version, string By);

/// <summary>A yard's note on a rung.</summary>
public sealed record RungNote(string RungId, string Note, int Version, string By);

public static class OwnLibraryStore
{
    private const string Select =
        "select e.id, e.entry::text as entry, e.version, p.name as by from own_exercise e join person p on p.yard_id = e.yard_id and p.id = e.made_by where e.yard_id = @yard and e.removed_at is null";

    public static async Task<List<KeptExercise>> OwnExercisesAsync(this YardSession yard, string rungId) =>
        (await yard.QueryAsync<ExerciseRow>($"{Select} and e.rung_id = @rungId order by e.made_at, e.id", new { rungId })).ConvertAll(r =>
            r.ToExercise()
        );

    public static async Task<KeptExercise?> FindOwnExerciseAsync(this YardSession yard, Guid id) =>
        (await yard.FindAsync<ExerciseRow>($"{Select} and e.id = @id", new { id }))?.ToExercise();

    public static Task AddOwnExerciseAsync(this YardSession yard, Guid id, OwnExerciseEntry entry, Guid by)
    {
        ArgumentNullException.ThrowIfNull(entry);
        return yard.ExecuteAsync(
            "insert into own_exercise (yard_id, id, rung_id, entry, made_by) values (@yard, @id, @RungId, @body::jsonb, @by)",
            new
            {
                id,
                entry.RungId,
                body = Stored.Write(entry),
                by,
            }
        );
    }

    /// <summary>False: someone was quicker.</summary>
    public static async Task<bool> ChangeOwnExerciseAsync(this YardSession yard, Guid id, OwnExerciseEntry entry, int version)
    {
        ArgumentNullException.ThrowIfNull(entry);
        return await yard.ExecuteAsync(
                "update own_exercise set rung_id = @RungId, entry = @body::jsonb, version = version + 1 where yard_id = @yard and id = @id and version = @version and removed_at is null",
                new
                {
                    id,
                    entry.RungId,
                    body = Stored.Write(entry),
                    version,
                }
            ) == 1;
    }

    public static async Task<bool> RemoveOwnExerciseAsync(this YardSession yard, Guid id, bool removed) =>
        await yard.ExecuteAsync(
            "update own_exercise set removed_at = case when @removed then now() end where yard_id = @yard and id = @id",
            new { id, removed }
        ) == 1;

    /// <summary>Exercises of the catalogue that this yard does not want to see.</summary>
    public static async Task<IReadOnlySet<string>> HiddenExercisesAsync(this YardSession yard) =>
        (await yard.QueryAsync<string>("select exercise_id from hidden_exercise where yard_id = @yard")).ToHashSet();

    public static Task HideExerciseAsync(this YardSession yard, string exerciseId, bool hidden) =>
        yard.ExecuteAsync(
            hidden
                ? "insert into hidden_exercise (yard_id, exercise_id) values (@yard, @exerciseId) on conflict do nothing"
                : "delete from hidden_exercise where yard_id = @yard and exercise_id = @exerciseId",
            new { exerciseId }
        );

    public static Task<RungNote?> RungNoteAsync(this YardSession yard, string rungId) =>
        yard.FindAsync<RungNote>(
            "select n.rung_id, n.note, n.version, p.name as by from rung_note n join person p on p.yard_id = n.yard_id and p.id = n.by_person where n.yard_id = @yard and n.rung_id = @rungId",
            new { rungId }
        );

    /// <summary>Version 0 is the first note. False: someone was quicker.</summary>
    public static async Task<bool> KeepRungNoteAsync(this YardSession yard, string rungId, string note, int version, Guid by) =>
        await yard.ExecuteAsync(
            version == 0
                ? "insert into rung_note (yard_id, rung_id, note, by_person) values (@yard, @rungId, @note, @by) on conflict do nothing"
                : "update rung_note set note = @note, by_person = @by, version = version + 1 where yard_id = @yard and rung_id = @rungId and version = @version",
            new
            {
                rungId,
                note,
                version,
                by,
            }
        ) == 1;

    private sealed record ExerciseRow(Guid Id, string Entry, int Version, string By)
    {
        public KeptExercise ToExercise() => new(Id, Stored.Read<OwnExerciseEntry>(Entry), Version, By);
    }
}
