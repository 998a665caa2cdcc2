using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Storage.Horses;

public static class AccordionStore
{
    /// <summary>Accordion rides of a horse, the latest first.</summary>
    public static async Task<List<Accordion>> AccordionsAsync(this YardSession yard, Guid horseId) =>
        (
            await yard.QueryAsync<AccordionRow>(
                "select id, on_day, gap_m, fewest, most from accordion where yard_id = @yard and horse_id = @horseId and removed_at is null order by on_day desc, id",
                new { horseId }
            )
        ).ConvertAll(r => new Accordion(r.Id, r.OnDay, Distance.FromMetres(r.GapM), r.Fewest, r.Most));

    public static Task AddAccordionAsync(this YardSession yard, Guid horseId, Accordion ridden, Guid by)
    {
        ArgumentNullException.ThrowIfNull(ridden);
        return yard.ExecuteAsync(
            "insert into accordion (yard_id, horse_id, id, on_day, gap_m, fewest, most, entered_by) values (@yard, @horseId, @Id, @On, @gap, @Fewest, @Most, @by)",
            new
            {
                horseId,
                ridden.Id,
                ridden.On,
                gap = ridden.Gap.Metres,
                ridden.Fewest,
                ridden.Most,
                by,
            }
        );
    }

    private sealed record AccordionRow(Guid Id, DateOnly OnDay, double GapM, int Fewest, int Most);
}
