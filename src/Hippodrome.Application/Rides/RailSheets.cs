using Hippodrome.Application.Sessions;
using Hippodrome.Application.Setups;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Application.Rides;

/// <summary>All that a device has to carry to the arena: it works from this with no signal.</summary>
/// <param name="HorseId">Who is ridden.</param>
/// <param name="HorseName">Its name.</param>
/// <param name="Now">The server's clock, so that a device with a wrong one can be put right.</param>
/// <param name="Today">The day in the yard.</param>
/// <param name="RideId">A planned session's ride bears the session's id, so that two devices without a signal agree.</param>
/// <param name="Session">The plan, if there is one.</param>
/// <param name="Parts">What the rail has to know of each part.</param>
/// <param name="SetUps">What stands, measured for the horse.</param>
/// <param name="Advice">What is said while it is ridden.</param>
/// <param name="Riders">Who may sit on it.</param>
/// <param name="Weather">The air, where anybody knows.</param>
/// <param name="HeldBecause">Why it may not be worked; null when nothing holds.</param>
/// <param name="MayWalkInHand">A vet has allowed walking in hand while it is held.</param>
/// <param name="Known">What a vet has entered as old and known.</param>
/// <param name="Habits">What was short in its last rides: told before it begins, with nothing to answer.</param>
public sealed record RailSheet(
    Guid HorseId,
    string HorseName,
    DateTimeOffset Now,
    DateOnly Today,
    Guid RideId,
    SessionView? Session,
    IReadOnlyList<RailPart> Parts,
    IReadOnlyList<SetUpView> SetUps,
    IReadOnlyList<RailAdvice> Advice,
    IReadOnlyList<string> Riders,
    WeatherReading? Weather,
    string? HeldBecause,
    bool MayWalkInHand,
    IReadOnlyList<KnownFinding> Known,
    IReadOnlyList<RiddenHabit> Habits
);

/// <summary>What became of each tap that was sent, in the order they were sent.</summary>
public sealed record Received(Guid RideId, IReadOnlyList<TapAnswer> Taps);

/// <summary>A picture of a ride: a JPEG in base64.</summary>
public sealed record PhotoEntry(string? Jpeg = null);

/// <summary>What a device carries to the arena, and what it sends back.</summary>
public static class RailSheets
{
    private const int LargestPhoto = 600_000;

    public static async Task<Answer<RailSheet>> SheetAsync(Guid horseId, Guid? sessionId, Visit visit)
    {
        var kept = sessionId is { } id ? await visit.Yard.FindSessionAsync(horseId, id) : null;
        if (sessionId is not null && kept is null)
        {
            return Refusal.NotThere;
        }

        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var book = await PlanBook.OpenAsync(visit, [horseId], visit.Today, visit.Today);
        var setUps = await visit.Yard.SetUpsByIdAsync((kept?.Plan.Parts ?? []).Select(p => p.SetUpId).OfType<Guid>().Distinct(), horseId);
        var built = setUps.ToDictionary(s => s.Id, s => s.Entry.AsKept().SetUp);
        var heat = kept is null
            ? book.Weather.Now is { } now
                ? Heat.Advise(now, horse.HeatLimitC)
                : null
            : book.Weather.HeatOf(kept.Plan, horse);
        var held = book.Holds(horseId).FirstOrDefault();
        var records = await Reviews.LatestRecordsAsync(visit, horseId, visit.Today);
        return new RailSheet(
            horseId,
            horse.Name,
            visit.Now,
            visit.Today,
            kept?.RideId ?? kept?.Plan.Id ?? Guid.NewGuid(),
            kept is null ? null : await visit.ShowSessionAsync(kept),
            [.. (kept?.Plan.Parts ?? []).Select(p => RailPart.Of(p, p.SetUpId is { } s ? built.GetValueOrDefault(s) : null))],
            await visit.ShowSetUpsAsync(horseId, setUps),
            RailAdvices.For(horse, kept?.Plan, heat, Facts(visit, horse, book, records)),
            [.. (await visit.Yard.PeopleAsync()).Where(p => p.Value.Role != Role.Observer).Select(p => p.Value.Name)],
            book.Weather.Now,
            held?.Because,
            held?.WalkInHandBy is not null,
            await visit.Yard.KnownFindingsAsync(horseId),
            RiddenHabits.Of(horse, records, visit.Today)
        );
    }

    /// <summary>What earlier rides and the state of the horse add to the advice of the day.</summary>
    private static RailFacts Facts(Visit visit, Horse horse, PlanBook book, IReadOnlyList<RideRecord> records)
    {
        var ramp = book.Condition.Ramp(horse.Id, visit.Today);
        return new RailFacts(
            book.Condition.Legs(horse.Id, visit.Today),
            [
                .. records
                    .Select(r => r.ByGait.Where(g => g.Gait is Gait.Trot or Gait.Canter or Gait.Gallop).Sum(g => g.Minutes))
                    .Where(m => m > 0),
            ],
            ramp is null ? null : ramp.Trot + ramp.Canter,
            book.PlacesOf(horse.Id).Reached(Catalogue.Rung("changes/forward-change-collect"))
        );
    }

    /// <summary>Every tap of a ride, for a device that joins it; none of one that has not begun.</summary>
    public static async Task<Answer<List<RideEvent>>> TapsAsync(Guid horseId, Guid rideId, Visit visit) =>
        await visit.Yard.FindRideAsync(rideId) switch
        {
            null => new List<RideEvent>(),
            { } ride when ride.HorseId == horseId => (await visit.Yard.LogsAsync([rideId]))[rideId].Events.ToList(),
            _ => Refusal.NotThere,
        };

    public static async Task<Answer<Received>> ReceiveAsync(Guid horseId, Guid rideId, RideEntry entry, Visit visit)
    {
        var (_, taps, refusal) = await Sending.AppendAsync(horseId, rideId, entry, visit);
        return refusal is null ? new Received(rideId, taps) : refusal;
    }

    /// <summary>Keeps a picture, once however often it is sent. It follows the taps that make its ride.</summary>
    public static async Task<Answer<Done>> KeepPhotoAsync(Guid horseId, Guid rideId, Guid photoId, PhotoEntry entry, Visit visit)
    {
        if (await visit.Yard.FindRideAsync(rideId) is not { } ride || ride.HorseId != horseId)
        {
            return Refusal.NotThere;
        }

        var jpeg = new byte[LargestPhoto];
        if (!Convert.TryFromBase64String(entry.Jpeg ?? "", jpeg, out var length) || length < 100 || jpeg is not [0xFF, 0xD8, 0xFF, ..])
        {
            return Refusal.Faulty("jpeg", "This is no picture that can be kept.", $"Send a JPEG of at most {LargestPhoto / 1000} kB.");
        }

        await visit.Yard.AddPhotoAsync(rideId, photoId, jpeg[..length], visit.Me.Id);
        return Done.It;
    }

    public static async Task<Answer<byte[]>> PhotoAsync(Guid horseId, Guid rideId, Guid photoId, Visit visit) =>
        await visit.Yard.FindRideAsync(rideId) is { } ride
        && ride.HorseId == horseId
        && await visit.Yard.FindPhotoAsync(rideId, photoId) is { } jpeg
            ? jpeg
            : Refusal.NotThere;
}
