using System.Text.Json;
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
        )
            // A question that is asked no more is passed over.
            .Where(r => Enum.TryParse<ApproachQuestion>(r.Question, out _))
            .Select(r => new KeptChoice(
                r.HorseId,
                new ApproachMade(Enum.Parse<ApproachQuestion>(r.Question), r.Choice, r.Word),
                r.By,
                r.At
            ))
            .ToList();

    /// <summary>The choices that hold for each of these horses.</summary>
    public static async Task<Dictionary<Guid, Ways>> WaysAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<WaysRow>(
                """
                select h.id, h.temperament,
                    (select json_object_agg(c.question, c.choice) from (
                        select distinct on (question) question, choice from approach_choice
                        where yard_id = @yard and horse_id = h.id order by question, n desc) c)::text as own,
                    (select json_object_agg(c.question, c.choice) from (
                        select distinct on (question) question, choice from approach_choice
                        where yard_id = @yard and horse_id is null order by question, n desc) c)::text as of_yard
                from horse h where h.yard_id = @yard and h.id = any(@ids)
                """,
                new { ids = horseIds.ToArray() }
            )
        ).ToDictionary(r => r.Id, r => r.Hold());

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

    private sealed record WaysRow(Guid Id, string? Temperament, string? Own, string? OfYard)
    {
        public Ways Hold()
        {
            var (own, yard) = (Read(Own), Read(OfYard));
            Temperament? temperament = Temperament is { } t ? Enum.Parse<Temperament>(t) : null;
            return new Ways(
                Approach.Topics.ToDictionary(
                    topic => topic.Question,
                    topic =>
                        Approach
                            .Holds(
                                topic,
                                own.GetValueOrDefault($"{topic.Question}"),
                                yard.GetValueOrDefault($"{topic.Question}"),
                                temperament
                            )
                            .Id
                )
            );
        }

        private static Dictionary<string, string?> Read(string? choices) =>
            choices is null ? [] : JsonSerializer.Deserialize<Dictionary<string, string?>>(choices)!;
    }

    private sealed record ChoiceRow(Guid? HorseId, string Question, string? Choice, string Word, string By, DateTime At);
}
