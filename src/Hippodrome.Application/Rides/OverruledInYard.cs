using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Rides;

/// <summary>What the ride after one said.</summary>
/// <param name="RideId">Which.</param>
/// <param name="On">Its day.</param>
/// <param name="Word">Its gravest verdict in a word.</param>
/// <param name="Seen">What was seen.</param>
/// <param name="Again">The rule that had been overruled spoke again.</param>
public sealed record RideAfter(Guid RideId, DateOnly On, VerdictWord Word, string Seen, bool Again);

/// <summary>One verdict that somebody saw otherwise.</summary>
/// <param name="HorseId">The horse.</param>
/// <param name="HorseName">Its name.</param>
/// <param name="RideId">The ride.</param>
/// <param name="On">Its day.</param>
/// <param name="By">Who overruled it.</param>
/// <param name="Word">Why.</param>
/// <param name="Said">What the verdict had said; null where that was not kept yet.</param>
/// <param name="After">What came of it; null until the horse is ridden again.</param>
public sealed record OverruledOnce(
    Guid HorseId,
    string HorseName,
    Guid RideId,
    DateOnly On,
    string By,
    string Word,
    string? Said,
    RideAfter? After
);

/// <summary>A rule, how often it was answered and how often overruled.</summary>
/// <param name="Rule">Its name, kept with every answer.</param>
/// <param name="Says">The rule in words; null of one that is there no more.</param>
/// <param name="Answered">Verdicts of it that were answered.</param>
/// <param name="Times">Those that were overruled, the latest first.</param>
public sealed record OverruledRule(string Rule, string? Says, int Answered, IReadOnlyList<OverruledOnce> Times);

/// <summary>What the yard's trainers saw otherwise than the rules, and what came of it.</summary>
public static class OverruledInYard
{
    private const int DaysBack = 365;

    /// <summary>Rules that were overruled in the last year, the most often overruled first.</summary>
    public static async Task<List<OverruledRule>> ListAsync(Visit visit)
    {
        var from = visit.Today.AddDays(-DaysBack);
        var horses = (await visit.Yard.HorsesAsync()).ToDictionary(h => h.Value.Id, h => h.Value.Name);
        var answers = (await visit.Yard.AnswersOfYardAsync(from)).FindAll(a => horses.ContainsKey(a.HorseId));
        var overruled = answers.FindAll(a => !a.Accepted);
        var rides = await visit.Yard.LatestRidesAsync([.. overruled.Select(a => a.HorseId).Distinct()], visit.Today, DaysBack);
        var after = overruled
            .Select(a => rides.LastOrDefault(r => r.HorseId == a.HorseId && r.OnDay > a.OnDay))
            .OfType<Ride>()
            .DistinctBy(r => r.Id)
            .ToList();
        var judged = (await visit.JudgeAsync(after, rides)).ToDictionary(j => j.Ride.Id);

        OverruledOnce Once(YardAnswer a)
        {
            var next = rides.LastOrDefault(r => r.HorseId == a.HorseId && r.OnDay > a.OnDay);
            return new OverruledOnce(
                a.HorseId,
                horses[a.HorseId],
                a.RideId,
                a.OnDay,
                a.By,
                a.Word,
                a.Said?.Do,
                next is null ? null : After(judged[next.Id], a.Rule)
            );
        }

        return
        [
            .. answers
                .GroupBy(a => a.Rule)
                .Where(g => g.Any(a => !a.Accepted))
                .Select(g => new OverruledRule(
                    g.Key,
                    RideRules.All.FirstOrDefault(r => r.Name == g.Key)?.Rule.Says,
                    g.Count(),
                    [.. g.Where(a => !a.Accepted).OrderByDescending(a => a.OnDay).Select(Once)]
                ))
                .OrderByDescending(r => r.Times.Count)
                .ThenBy(r => r.Rule, StringComparer.Ordinal),
        ];
    }

    private static RideAfter After(JudgedRide ride, string rule)
    {
        var gravest = ride.Verdicts[0];
        return new RideAfter(ride.Ride.Id, ride.Ride.OnDay, gravest.Word, gravest.Seen, ride.Verdicts.Any(v => v.Rule == rule));
    }
}
