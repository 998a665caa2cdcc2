using Hippodrome.Core.Horses;

namespace Hippodrome.Storage.Horses;

/// <summary>Something a vet has entered as old and known: it does not hold the horse.</summary>
public sealed record KnownFinding(Guid Id, Guid HorseId, string What, string ByWhom, DateOnly OnDay);

/// <summary>Days off that were told, ramps that were ended, and what is old and known.</summary>
public static class TimeAwayStore
{
    /// <summary>What was told by horse, the earliest first.</summary>
    public static async Task<ILookup<Guid, TimeAway>> TimeAwayAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<AwayRow>(
                "select horse_id, id, from_day, until_day, because, word from time_away where yard_id = @yard and horse_id = any(@ids) and removed_at is null order by from_day, told_at",
                new { ids = horseIds.ToArray() }
            )
        ).ToLookup(
            r => r.HorseId,
            r => new TimeAway(r.Id, r.FromDay, r.UntilDay, r.Because is { } because ? Enum.Parse<OffBecause>(because) : null, r.Word)
        );

    public static Task AddTimeAwayAsync(this YardSession yard, Guid horseId, TimeAway away, Guid by)
    {
        ArgumentNullException.ThrowIfNull(away);
        return yard.ExecuteAsync(
            "insert into time_away (yard_id, horse_id, id, from_day, until_day, because, word, told_by) values (@yard, @horseId, @Id, @From, @Until, @because, @Word, @by)",
            new
            {
                horseId,
                away.Id,
                away.From,
                away.Until,
                because = away.Because?.ToString(),
                away.Word,
                by,
            }
        );
    }

    /// <summary>Days on which a ramp was ended with a word, by horse.</summary>
    public static async Task<ILookup<Guid, DateOnly>> RampEndsAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<EndRow>(
                "select horse_id, on_day from ramp_end where yard_id = @yard and horse_id = any(@ids)",
                new { ids = horseIds.ToArray() }
            )
        ).ToLookup(r => r.HorseId, r => r.OnDay);

    public static Task EndRampAsync(this YardSession yard, Guid horseId, DateOnly on, string word, Guid by) =>
        yard.ExecuteAsync(
            "insert into ramp_end (yard_id, horse_id, id, on_day, word, by_person) values (@yard, @horseId, @id, @on, @word, @by)",
            new
            {
                horseId,
                id = Guid.NewGuid(),
                on,
                word,
                by,
            }
        );

    public static Task<List<KnownFinding>> KnownFindingsAsync(this YardSession yard, Guid horseId) =>
        yard.QueryAsync<KnownFinding>(
            "select id, horse_id, what, by_whom, on_day from known_finding where yard_id = @yard and horse_id = @horseId and removed_at is null order by on_day, id",
            new { horseId }
        );

    public static Task AddKnownFindingAsync(this YardSession yard, KnownFinding finding, Guid by) =>
        yard.ExecuteAsync(
            "insert into known_finding (yard_id, horse_id, id, what, by_whom, on_day, entered_by) values (@yard, @HorseId, @Id, @What, @ByWhom, @OnDay, @by)",
            new
            {
                finding.HorseId,
                finding.Id,
                finding.What,
                finding.ByWhom,
                finding.OnDay,
                by,
            }
        );

    private sealed record AwayRow(Guid HorseId, Guid Id, DateOnly FromDay, DateOnly? UntilDay, string? Because, string Word);

    private sealed record EndRow(Guid HorseId, DateOnly OnDay);
}
