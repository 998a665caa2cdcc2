using Hippodrome.Core.Horses;

namespace Hippodrome.Storage.Horses;

/// <summary>A choice, whose it is (a horse's, or the yard's where none is named), by whom and when.</summary>
public sealed record KeptChoice(Guid? HorseId, ApproachMade Made, string By, DateTime At);

public static class ApproachStore
{
    /// <summary>Every choice of the yard and of this horse, in the order they were made.</summary>
    public static async Task<List<KeptChoice>> ApproachChoicesAsync(this YardSession yard, Guid? horseId) =>
        (
            await yard.QueryAsync<ChoiceRow>(
                """
                select c.horse_id, c.question, c.choice, c.word, p.name as by, c.made_at as at
                from approach_choice c join person p on p.yard_id = c.yard_id and p.id = c.by_person
                where c.yard_id = @yard and (c.horse_id is null or c.horse_id = @horseId) order by c.n
                """,
                new { horseId }
            )
        ).ConvertAll(r => new KeptChoice(
            r.HorseId,
            new ApproachMade(Enum.Parse<ApproachQuestion>(r.Question), r.Choice, r.Word),
            r.By,
            r.At
        ));

    /// <summary>The choice that holds for each of these horses on one question.</summary>
    public static async Task<Dictionary<Guid, ApproachChoice>> ApproachHoldsAsync(
        this YardSession yard,
        ApproachQuestion question,
        IEnumerable<Guid> horseIds
    ) =>
        (
            await yard.QueryAsync<HoldsRow>(
                """
                select h.id, h.temperament,
                    (select c.choice from approach_choice c where c.yard_id = @yard and c.horse_id = h.id and c.question = @question order by c.n desc limit 1) as own,
                    (select c.choice from approach_choice c where c.yard_id = @yard and c.horse_id is null and c.question = @question order by c.n desc limit 1) as yard_choice
                from horse h where h.yard_id = @yard and h.id = any(@ids)
                """,
                new { question = question.ToString(), ids = horseIds.ToArray() }
            )
        ).ToDictionary(
            r => r.Id,
            r => Approach.Holds(Approach.Of(question), r.Own, r.YardChoice, r.Temperament is { } t ? Enum.Parse<Temperament>(t) : null)
        );

    public static Task AddApproachChoiceAsync(this YardSession yard, Guid? horseId, ApproachMade made, Guid by)
    {
        ArgumentNullException.ThrowIfNull(made);
        return yard.ExecuteAsync(
            "insert into approach_choice (yard_id, horse_id, question, choice, word, by_person) values (@yard, @horseId, @question, @Choice, @Word, @by)",
            new
            {
                horseId,
                question = made.Question.ToString(),
                made.Choice,
                made.Word,
                by,
            }
        );
    }

    public static async Task<Temperament?> TemperamentAsync(this YardSession yard, Guid horseId) =>
        (
            await yard.QueryAsync<string?>("select temperament from horse where yard_id = @yard and id = @horseId", new { horseId })
        ).SingleOrDefault()
            is { } text
            ? Enum.Parse<Temperament>(text)
            : null;

    public static Task SetTemperamentAsync(this YardSession yard, Guid horseId, Temperament? temperament) =>
        yard.ExecuteAsync(
            "update horse set temperament = @temperament where yard_id = @yard and id = @horseId",
            new { horseId, temperament = temperament?.ToString() }
        );

    private sealed record HoldsRow(Guid Id, string? Temperament, string? Own, string? YardChoice);

    private sealed record ChoiceRow(Guid? HorseId, string Question, string? Choice, string Word, string By, DateTime At);
}
