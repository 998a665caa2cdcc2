using Hippodrome.Application.Care;
using Hippodrome.Application.Sessions;
using Hippodrome.Application.Setups;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Rides;

/// <summary>Events of a ride, sent as often as needed: the same id counts once.</summary>
/// <param name="SessionId">The session ridden, if one was planned.</param>
/// <param name="On">The day of the ride.</param>
/// <param name="Events">What happened.</param>
public sealed record RideEntry(Guid? SessionId = null, DateOnly? On = null, IReadOnlyList<RideEvent>? Events = null);

/// <summary>A ride in a list.</summary>
public sealed record RideLine
{
    public required Guid Id { get; init; }

    public required DateOnly On { get; init; }

    public required string Rider { get; init; }

    public required double Minutes { get; init; }

    public required MarksByRein Marks { get; init; }

    public required VerdictWord Word { get; init; }

    public required string Do { get; init; }
}

/// <summary>An event as the log shows it: struck through when it was taken back.</summary>
/// <param name="Event">What happened.</param>
/// <param name="By">Who sent it.</param>
/// <param name="TakenBackBy">Who took it back; null when it stands.</param>
/// <param name="Mine">Whoever looks may take it back.</param>
public sealed record LoggedEvent(RideEvent Event, string By, string? TakenBackBy, bool Mine);

/// <summary>One part of the plan beside what was done in it; nothing was where it was not tapped part by part.</summary>
public sealed record PartCompared(Part Planned, PartDone? Done);

/// <summary>Everything about a ride: planned beside done, left beside right, what the rules say.</summary>
public sealed record Review
{
    public required Guid Id { get; init; }

    public required DateOnly On { get; init; }

    public required string Rider { get; init; }

    public required SessionView? Session { get; init; }

    public required IReadOnlyList<SetUpView> SetUps { get; init; }

    public required RideRecord Record { get; init; }

    public required IReadOnlyList<GaitTotal> Done { get; init; }

    public required IReadOnlyList<PartCompared> Parts { get; init; }

    public required BothReins<double> MinutesByRein { get; init; }

    public required double? MarksAsymmetry { get; init; }

    public required HeatAdvice? Heat { get; init; }

    /// <summary>One thing that has become better: told before anything is asked for.</summary>
    public required Better? Better { get; init; }

    public required IReadOnlyList<Verdict> Verdicts { get; init; }

    /// <summary>What was answered, where the rules do not say it any more: it leads, as it was said.</summary>
    public required SaidVerdict? AsAnswered { get; init; }

    public required IReadOnlyList<RiddenHabit> Habits { get; init; }

    public required IReadOnlyList<VerdictAnswer> Answers { get; init; }

    /// <summary>The referral that one of its verdicts has opened.</summary>
    public required ReferralLine? Referral { get; init; }

    public required IReadOnlyList<LoggedEvent> Log { get; init; }

    public required IReadOnlyList<Guid> Photos { get; init; }
}

/// <summary>A ride looked back at: planned and done, left and right, what the rules say of it.</summary>
public static class Reviews
{
    private const int MostListed = 200;

    public static async Task<List<RideLine>> ListAsync(Guid horseId, Visit visit, int? most)
    {
        var listed = Math.Clamp(most ?? 40, 1, MostListed);
        // A few more are read than listed, so that the oldest line is judged like the others.
        var rides = await visit.Yard.LatestRidesAsync([horseId], visit.Today, listed + Judging.LookBack);
        var judged = await visit.JudgeAsync(rides[..Math.Min(listed, rides.Count)], rides);
        var answers = (await visit.Yard.AnswersAsync(judged.Select(j => j.Ride.Id))).DistinctBy(a => a.RideId).ToDictionary(a => a.RideId);
        return judged.ConvertAll(j =>
        {
            var said = AsAnswered(j, answers.GetValueOrDefault(j.Ride.Id));
            return new RideLine
            {
                Id = j.Ride.Id,
                On = j.Ride.OnDay,
                Rider = j.Ride.RiderName,
                Minutes = j.Context.Record.Minutes,
                Marks = j.Context.Record.Marks,
                Word = said?.Word ?? j.Verdicts[0].Word,
                Do = said?.Do ?? j.Verdicts[0].Do,
            };
        });
    }

    /// <summary>
    /// The verdict that was answered, as it was said, where the rules do not say it any more: the horse has gone on since, or
    /// back, because of it. Null where they say it still, or nobody has answered.
    /// </summary>
    private static SaidVerdict? AsAnswered(JudgedRide judged, VerdictAnswer? answer) =>
        answer is null || judged.Verdicts.Any(v => v.Rule == answer.Rule) ? null : answer.Said;

    public static async Task<Answer<Review>> ReviewAsync(Guid horseId, Guid rideId, Visit visit) =>
        await RidePages.OpenAsync(visit, horseId, rideId) is { } ride ? await ShowReviewAsync(visit, ride) : Refusal.NotThere;

    /// <summary>A form that was filled in: it is kept whole or not at all.</summary>
    public static async Task<Answer<Review>> AppendAndShowAsync(Guid horseId, Guid rideId, RideEntry entry, Visit visit)
    {
        var (ride, taps, refusal) = await Sending.AppendAsync(horseId, rideId, entry, visit);
        if (refusal is not null)
        {
            return refusal;
        }

        var refused = taps.Where(t => t.Fate == TapFate.Refused).ToList();
        return refused.Exists(t => t.Differs)
                ? new Conflict(
                    "An event is already there and says something else.",
                    "Events are never edited: take the first one back with another event.",
                    [("events", refused.Where(t => t.Differs).Select(t => t.Id))]
                )
            : refused.Count > 0 ? Refusal.Faulty([.. refused.SelectMany(t => t.Faults)])
            : await ShowReviewAsync(visit, (await RidePages.OpenAsync(visit, horseId, ride!.Id))!);
    }

    /// <param name="visit">Who asks.</param>
    /// <param name="pages">What is kept of the ride.</param>
    /// <param name="known">The ride as it was judged already in this request.</param>
    internal static async Task<Review> ShowReviewAsync(Visit visit, RidePages pages, JudgedRide? known = null)
    {
        var ride = pages.Ride;
        visit.Book.WantRides(pages.ForHabits.Select(r => r.Id));
        var judged = known ?? await visit.JudgeOneAsync(ride, pages.UpTo);
        var record = judged.Context.Record;
        var card = await visit.Book.CardAsync(ride.HorseId);
        var senders = pages.Senders;
        var logged = await visit.Book.RidesAsync(pages.ForHabits.Select(r => r.Id));
        // A tap that arrived after its senders were read is listed the next time it is looked at.
        var listed = judged.Log.Events.Where(e => senders.ContainsKey(e.Id)).ToList();
        var takenBack = listed.OfType<TakenBack>().DistinctBy(t => t.Event).ToDictionary(t => t.Event, t => senders[t.Id].Name);
        return new Review
        {
            Id = ride.Id,
            On = ride.OnDay,
            Rider = ride.RiderName,
            Session = judged.Session is null ? null : await visit.ShowSessionAsync(judged.Session),
            SetUps = await visit.ShowSetUpsAsync(ride.HorseId, judged.SetUps),
            Record = record,
            Done = SessionTotals.GaitTotals(record.ByGait.Select(g => (g.Gait, g.Minutes)), card),
            Parts =
            [
                .. (judged.Session?.Plan.Parts ?? []).Select(
                    (p, i) => new PartCompared(p, record.Rail.Parts.FirstOrDefault(d => d.Part == i))
                ),
            ],
            MinutesByRein = new BothReins<double>(record.ByGait.Sum(g => g.Left), record.ByGait.Sum(g => g.Right)),
            MarksAsymmetry = record.Marks is { Left: { } left, Right: { } right } ? Asymmetry.Index(left, right) : null,
            Heat = judged.Context.Heat,
            // Pain goes before all praise.
            Better =
                judged.Verdicts[0].Gravity == Gravity.FallOrPain
                    ? null
                    : Better.Of(record, pages.ForHabits.SkipWhile(r => r.Id != ride.Id).Skip(1).Select(r => logged[r.Id].Record)),
            Verdicts = judged.Verdicts,
            AsAnswered = AsAnswered(judged, pages.Answers.Count == 0 ? null : pages.Answers[0]),
            Habits = RiddenHabits.Of(judged.Horse, pages.ForHabits.Select(r => logged[r.Id].Record), ride.OnDay),
            Answers = pages.Answers,
            Referral = pages.Referral is { } referral ? ReferralsOfHorse.Show(referral, visit.Today) : null,
            Log =
            [
                .. listed.Select(e => new LoggedEvent(
                    e,
                    senders[e.Id].Name,
                    takenBack.GetValueOrDefault(e.Id),
                    Sending.MayTakeBack(senders[e.Id].PersonId, visit)
                )),
            ],
            Photos = pages.Photos,
        };
    }
}
