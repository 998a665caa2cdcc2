using Hippodrome.Core.Rides;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Rides;

/// <summary>What whoever rode last asks of the next ride, as it was typed at the closing, and what was let pass in it.</summary>
/// <param name="RideId">The ride it was typed after.</param>
/// <param name="On">Its day.</param>
/// <param name="Rider">Who rode.</param>
/// <param name="Words">The words.</param>
public sealed record NextTime(Guid RideId, DateOnly On, string Rider, IReadOnlyList<string> Words);

/// <summary>The last word before the next ride.</summary>
public static class NextTimes
{
    /// <summary>What the last ride asks of the next; null where it asks nothing.</summary>
    public static async Task<LastWord> ReadAsync(Guid horseId, Visit visit)
    {
        var latest = await visit.Yard.LatestRidesAsync([horseId], visit.Today, 1);
        var logged = await visit.Book.RidesAsync(latest.Select(r => r.Id));
        return new LastWord(Of(latest, id => logged[id].Record));
    }

    /// <param name="latest">Rides, the latest first.</param>
    /// <param name="recordOf">What each of them came to.</param>
    /// <param name="besides">A ride under way: what is typed after it is for the one after.</param>
    internal static NextTime? Of(IEnumerable<Ride> latest, Func<Guid, RideRecord> recordOf, Guid? besides = null) =>
        latest.FirstOrDefault(r => r.Id != besides) is { } last && WordsOf(recordOf(last.Id).Rail) is { Count: > 0 } words
            ? new NextTime(last.Id, last.OnDay, last.RiderName, words)
            : null;

    /// <summary>As it was typed, and what was let pass and has not come.</summary>
    private static IReadOnlyList<string> WordsOf(RailRecord rail) =>
        rail.LeftForAnotherDay.Count == 0
            ? rail.Next
            : [.. rail.Next, $"Ask again once it is loose: {string.Join(", ", rail.LeftForAnotherDay)}."];
}

/// <summary>The last word, if one was left.</summary>
public sealed record LastWord(NextTime? NextTime);
