using Hippodrome.Application.DressageTests;
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
public sealed record RailSheet
{
    /// <summary>Who is ridden.</summary>
    public required Guid HorseId { get; init; }

    /// <summary>Its name.</summary>
    public required string HorseName { get; init; }

    /// <summary>The server's clock, so that a device with a wrong one can be put right.</summary>
    public required DateTimeOffset Now { get; init; }

    /// <summary>The day in the yard.</summary>
    public required DateOnly Today { get; init; }

    /// <summary>A planned session's ride bears the session's id, so that two devices without a signal agree.</summary>
    public required Guid RideId { get; init; }

    /// <summary>The plan, if there is one.</summary>
    public required SessionView? Session { get; init; }

    /// <summary>Pieces of dressage tests that are ridden, part by part.</summary>
    public required IReadOnlyList<PiecesOfPart> Pieces { get; init; }

    /// <summary>What stands, measured for the horse.</summary>
    public required IReadOnlyList<SetUpView> SetUps { get; init; }

    /// <summary>What is rebuilt at the rail is measured against this.</summary>
    public required CarriedHorse Carried { get; init; }

    /// <summary>What the rules know besides the taps: the judge on the device is given it with them.</summary>
    public required RideFacts Facts { get; init; }

    /// <summary>What stops the work at once, also where the judge has not come.</summary>
    public required IReadOnlyList<RailStop> Stops { get; init; }

    /// <summary>Who may sit on it.</summary>
    public required IReadOnlyList<string> Riders { get; init; }

    /// <summary>The air, where anybody knows.</summary>
    public required WeatherReading? Weather { get; init; }

    /// <summary>Why it may not be worked; null when nothing holds.</summary>
    public required string? HeldBecause { get; init; }

    /// <summary>A vet has allowed walking in hand while it is held.</summary>
    public required bool MayWalkInHand { get; init; }

    /// <summary>What a vet has entered as old and known.</summary>
    public required IReadOnlyList<KnownFinding> Known { get; init; }

    /// <summary>What was short in its last rides: told before it begins, with nothing to answer.</summary>
    public required IReadOnlyList<RiddenHabit> Habits { get; init; }

    /// <summary>What the last ride asks of this one; null where it asks nothing.</summary>
    public required NextTime? NextTime { get; init; }

    /// <summary>How rig and tack are asked about before it begins.</summary>
    public required TackAsked Tack { get; init; }

    /// <summary>The plan read aloud to whoever rides alone; null where nothing is planned.</summary>
    public required SpokenSheet? Spoken { get; init; }
}

/// <summary>Rig and tack are looked at before the start: in a tap as last time, or in full after a change and once a week.</summary>
/// <param name="InFull">It is time to look in full.</param>
/// <param name="Hole">The hole of the last time; null where nobody said.</param>
public sealed record TackAsked(bool InFull, int? Hole);

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
        var latest = await visit.Yard.LatestRidesAsync([horseId], visit.Today, RidePages.MostForHabits);
        var logged = await visit.Book.RidesAsync(latest.Select(r => r.Id));
        var records = latest.ConvertAll(r => logged[r.Id].Record);
        var rideId = kept?.RideId ?? kept?.Plan.Id ?? Guid.NewGuid();
        var entries = setUps.ToDictionary(s => s.Id, s => s.Entry);
        var planned = RideFacts.Of(horse, visit.Today, kept?.Plan, built);
        var facts = FactsOf(
            visit,
            horse,
            book,
            records,
            planned with
            {
                Heat = heat,
                Parts = [.. planned.Parts.Select(p => p.With(p.SetUpId is { } id ? entries.GetValueOrDefault(id) : null))],
            }
        );
        var (inFull, hole) = TackLooks.AskedOn(
            visit.Today,
            await TackChangedAsync(horseId, kept, latest, visit),
            latest.ConvertAll(r => (r.OnDay, logged[r.Id].Record))
        );
        return new RailSheet
        {
            HorseId = horseId,
            HorseName = horse.Name,
            Now = visit.Now,
            Today = visit.Today,
            RideId = rideId,
            Session = kept is null ? null : await visit.ShowSessionAsync(kept),
            Pieces = await visit.PiecesAsync(kept?.Plan),
            SetUps = await visit.ShowSetUpsAsync(horseId, setUps),
            Carried = CarriedHorse.Of(horse.Height, book.StridesOf(horseId), visit.Me.Tape),
            Facts = facts,
            Stops = RailJudge.StopsOf(facts),
            Riders = [.. (await visit.Yard.PeopleAsync()).Where(p => p.Value.Role != Role.Observer).Select(p => p.Value.Name)],
            Weather = book.Weather.Now,
            HeldBecause = held?.Because,
            MayWalkInHand = held?.WalkInHandBy is not null,
            Known = await visit.Yard.KnownFindingsAsync(horseId),
            Habits = RiddenHabits.Of(horse, records, visit.Today),
            NextTime = NextTimes.Of(latest, id => logged[id].Record, rideId),
            Tack = new TackAsked(inFull, hole),
            Spoken = kept is null ? null : SpokenSheet.Of(kept.Plan, facts.Parts),
        };
    }

    /// <summary>Other tack is planned than was planned for the last ride.</summary>
    private static async Task<bool> TackChangedAsync(Guid horseId, KeptSession? kept, IReadOnlyList<Ride> latest, Visit visit) =>
        kept is not null
        && latest.FirstOrDefault(r => r.SessionId is { } id && id != kept.Plan.Id)?.SessionId is { } before
        && await visit.Yard.FindSessionAsync(horseId, before) is { } last
        && !last.Plan.TackIds.ToHashSet().SetEquals(kept.Plan.TackIds);

    /// <summary>With what earlier rides and the state of the horse add.</summary>
    private static RideFacts FactsOf(Visit visit, Horse horse, PlanBook book, IReadOnlyList<RideRecord> records, RideFacts planned)
    {
        var ramp = book.Condition.Ramp(horse.Id, visit.Today);
        return planned with
        {
            Legs = book.Condition.Legs(horse.Id, visit.Today),
            UsualFast = [.. records.Select(r => r.ByGait.Where(g => g.Gait.IsFasterThanWalk()).Sum(g => g.Minutes)).Where(m => m > 0)],
            Ways = book.WaysOf(horse.Id),
            RampFast = ramp is null ? null : ramp.Trot + ramp.Canter,
            ChangesAreSure =
                book.PlacesOf(horse.Id).Reached(Catalogue.Rung("changes/forward-change-collect"))
                || AttemptsOver.ChangesAreConfirmed(records),
            FirstDay = ramp is { MayShortFirstDay: true } && FirstDayClock.IsShort(planned.Parts),
            CarefulRider = visit.Me.IsCareful,
            FirstFences = !book.PlacesOf(horse.Id).Reached(Catalogue.Rung("jumping/land-in-canter")),
            Parts = RepeatedSigns.First(planned.Parts, records),
        };
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
