namespace Hippodrome.Storage.Creations;

/// <summary>What was sent under an id before, and what was answered.</summary>
/// <param name="ByPerson">Who sent it.</param>
/// <param name="Content">A hash of where it was sent and what was sent.</param>
/// <param name="Answer">What was answered; nothing once nobody can be waiting for it any more.</param>
public sealed record Creation(Guid ByPerson, byte[] Content, string? Answer);

/// <summary>Creations by the id that whoever makes them gave: a signal that fails makes people send again, and it is made once all the same.</summary>
public static class CreationStore
{
    /// <summary>How long an answer is kept for who asks again.</summary>
    private const int AnswerDays = 2;

    /// <summary>Claims the id for this transaction, waiting for another that is at it; answers what was made under it before, or null.</summary>
    public static async Task<Creation?> BeginCreationAsync(this YardSession yard, Guid id, Guid byPerson, byte[] content) =>
        await yard.ExecuteAsync(
            "insert into creation (yard_id, id, by_person, content) values (@yard, @id, @byPerson, @content) on conflict do nothing",
            new
            {
                id,
                byPerson,
                content,
            }
        ) == 1
            ? null
            : await yard.FindAsync<Creation>(
                "select by_person, content, answer from creation where yard_id = @yard and id = @id",
                new { id }
            );

    /// <summary>Keeps what was answered, and forgets answers that nobody can be waiting for.</summary>
    public static Task KeepAnswerAsync(this YardSession yard, Guid id, string answer) =>
        yard.ExecuteAsync(
            """
            with old as (update creation set answer = null where yard_id = @yard and answer is not null and made_at < now() - make_interval(days => @AnswerDays))
            update creation set answer = @answer where yard_id = @yard and id = @id
            """,
            new
            {
                id,
                answer,
                AnswerDays,
            }
        );
}
