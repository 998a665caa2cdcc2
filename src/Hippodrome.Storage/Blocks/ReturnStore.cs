using Hippodrome.Core.Blocks;

namespace Hippodrome.Storage.Blocks;

/// <summary>Gates of returns and stages of a vet's plan, answered and cleared.</summary>
public static class ReturnStore
{
    /// <summary>Answers of these horses' blocks by block, in the order they were given.</summary>
    public static async Task<ILookup<Guid, GateAnswer>> GateAnswersAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<GateRow>(
                "select block_id, monday, gate, passed, word from gate_answer where yard_id = @yard and block_id in (select id from block where yard_id = @yard and horse_id = any(@ids)) order by at, id",
                new { ids = horseIds.ToArray() }
            )
        ).ToLookup(r => r.BlockId, r => new GateAnswer(r.Monday, Enum.Parse<ReturnGate>(r.Gate), r.Passed, r.Word));

    public static Task AddGateAnswerAsync(this YardSession yard, Guid blockId, GateAnswer answer, Guid by, DateTimeOffset at)
    {
        ArgumentNullException.ThrowIfNull(answer);
        return yard.ExecuteAsync(
            "insert into gate_answer (yard_id, block_id, id, monday, gate, passed, word, by_person, at) values (@yard, @blockId, @id, @Monday, @gate, @Passed, @Word, @by, @at)",
            new
            {
                blockId,
                id = Guid.NewGuid(),
                answer.Monday,
                gate = answer.Gate.ToString(),
                answer.Passed,
                answer.Word,
                by,
                at = at.ToUniversalTime(),
            }
        );
    }

    public static async Task<ILookup<Guid, StageCleared>> StagesClearedAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<StageRow>(
                "select block_id, stage, on_day, cleared_by from stage_clearance where yard_id = @yard and block_id in (select id from block where yard_id = @yard and horse_id = any(@ids)) order by stage",
                new { ids = horseIds.ToArray() }
            )
        ).ToLookup(r => r.BlockId, r => new StageCleared(r.Stage, r.OnDay, r.ClearedBy));

    /// <summary>Clearing a stage twice keeps the first.</summary>
    public static Task ClearStageAsync(this YardSession yard, Guid blockId, StageCleared cleared, Guid enteredBy)
    {
        ArgumentNullException.ThrowIfNull(cleared);
        return yard.ExecuteAsync(
            "insert into stage_clearance (yard_id, block_id, stage, on_day, cleared_by, entered_by) values (@yard, @blockId, @Stage, @On, @By, @enteredBy) on conflict do nothing",
            new
            {
                blockId,
                cleared.Stage,
                cleared.On,
                cleared.By,
                enteredBy,
            }
        );
    }

    private sealed record GateRow(Guid BlockId, DateOnly Monday, string Gate, bool Passed, string Word);

    private sealed record StageRow(Guid BlockId, int Stage, DateOnly OnDay, string ClearedBy);
}
