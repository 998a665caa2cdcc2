using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Rides;

/// <summary>What is kept of one ride in a few rows each, read in one statement.</summary>
/// <param name="Ride">The ride.</param>
/// <param name="UpTo">Rides of its horse up to its day, the latest first, itself among them.</param>
/// <param name="Senders">Who sent each of its events.</param>
/// <param name="Answers">What trainers made of its verdicts, the latest first.</param>
/// <param name="Photos">Its pictures.</param>
/// <param name="Referral">The referral that one of its verdicts has opened.</param>
internal sealed record RidePages(
    Ride Ride,
    IReadOnlyList<Ride> UpTo,
    IReadOnlyDictionary<Guid, EventSender> Senders,
    IReadOnlyList<VerdictAnswer> Answers,
    IReadOnlyList<Guid> Photos,
    KeptReferral? Referral
)
{
    /// <summary>Not every ride is tapped, so more are looked at than are counted.</summary>
    public static int MostForHabits => 2 * VerdictFigures.HabitRides.Value;

    /// <summary>The rides that habits are looked for in.</summary>
    public IEnumerable<Ride> ForHabits => UpTo.Take(MostForHabits);

    /// <summary>Null where there is no such ride of this horse.</summary>
    public static async Task<RidePages?> OpenAsync(Visit visit, Guid horseId, Guid rideId)
    {
        using var reads = visit.Yard.Together();
        var upTo = visit.Yard.RidesUpToAsync(rideId, Math.Max(Judging.LookBack, MostForHabits));
        var senders = visit.Yard.SendersAsync(rideId);
        var answers = visit.Yard.AnswersAsync([rideId]);
        var photos = visit.Yard.PhotosAsync(rideId);
        var referrals = visit.Yard.ReferralsAsync(horseId);
        await reads.SendAsync();
        return (await upTo).Find(r => r.Id == rideId) is { } ride && ride.HorseId == horseId
            ? new RidePages(
                ride,
                await upTo,
                await senders,
                await answers,
                await photos,
                (await referrals).Find(r => r.Referral.RideId == rideId)
            )
            : null;
    }
}
