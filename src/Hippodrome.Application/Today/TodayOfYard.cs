using Hippodrome.Application.Aims;
using Hippodrome.Application.Care;
using Hippodrome.Application.Horses;
using Hippodrome.Application.Rides;
using Hippodrome.Application.Sessions;
using Hippodrome.Core.Assessments;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Care;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Hippodrome.Core.Yards;
using Hippodrome.Storage;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Today;

/// <summary>Something to know before tacking up.</summary>
/// <param name="Text">In words.</param>
/// <param name="Grave">It stops the work, rather than changing it.</param>
public sealed record Warning(string Text, bool Grave);

/// <summary>A ride whose verdict nobody has answered yet.</summary>
public sealed record WaitingVerdict(Guid RideId, DateOnly On, VerdictWord Word, string Seen, string Do);

/// <summary>What a block has placed and nobody has drawn up yet.</summary>
public sealed record PlacedToday(Guid BlockId, PlacedSession Session);

/// <summary>A session of another day: enough to find it, its checks are its own page's.</summary>
public sealed record NextPlanned(Guid Id, DateOnly On, string Emphasis);

/// <summary>One horse's day.</summary>
public sealed record HorseToday
{
    /// <summary>Whose day.</summary>
    public required HorseView Horse { get; init; }

    /// <summary>What is planned or ridden.</summary>
    public required IReadOnlyList<SessionView> Sessions { get; init; }

    /// <summary>What its block has placed today.</summary>
    public required PlacedToday? Placed { get; init; }

    /// <summary>The next session planned after today.</summary>
    public required NextPlanned? Next { get; init; }

    /// <summary>The next one placed.</summary>
    public required PlacedToday? NextPlaced { get; init; }

    /// <summary>Its next competition.</summary>
    public required AimView? Aim { get; init; }

    /// <summary>To know before tacking up.</summary>
    public required IReadOnlyList<Warning> Warnings { get; init; }

    /// <summary>A verdict nobody has answered, where it asks for something.</summary>
    public required WaitingVerdict? Waiting { get; init; }

    /// <summary>Days since it was last worked.</summary>
    public required int? DaysSinceRidden { get; init; }

    /// <summary>Nothing has been written for two weeks since this day: off, or worked and not written down?</summary>
    public required DateOnly? SilentSince { get; init; }

    /// <summary>A fall that nobody has asked after: how are both?</summary>
    public required OpenFall? Fall { get; init; }

    /// <summary>Whom it is shown to, and for how long already, the oldest first.</summary>
    public required IReadOnlyList<ReferralLine> Referrals { get; init; }

    /// <summary>Gates of its return that wait for an answer.</summary>
    public required GatesWaiting? Gates { get; init; }

    /// <summary>Where it stands in the morning's list.</summary>
    public required Triage Triage { get; init; }

    /// <summary>An assessment ride that is offered; null where none is due.</summary>
    public required NextAssessment? Assessment { get; init; }

    /// <summary>It was treated and not worked since: the loosening session is the next ride.</summary>
    public required bool Loosen { get; init; }
}

public sealed record YardToday(DateOnly On, WeatherReading? Weather, HeatAdvice? Heat, IReadOnlyList<HorseToday> Horses);

/// <summary>Today for everybody: each horse's work, and what is to be known before tacking up.</summary>
public static class TodayOfYard
{
    private const int DaysAhead = 7;
    private const int DaysAfterAFall = 7;

    public static async Task<YardToday> TodayAsync(Visit visit)
    {
        var horses = await visit.MyHorsesAsync();
        var ids = horses.ConvertAll(h => h.Value.Id);
        var until = visit.Today.AddDays(DaysAhead);
        var rides = await visit.Yard.LatestRidesAsync(ids, visit.Today, Judging.LookBack + 1);
        var latest = rides.DistinctBy(r => r.HorseId).ToDictionary(r => r.HorseId);
        var (pages, placed, falls, answered, referrals) = await PagesAsync(visit, ids, until, latest.Values);
        var open = latest.Values.Where(r => !answered.Contains(r.Id)).ToList();
        // What is planned and what was ridden ask for the same kinds of thing: each is read once for both.
        visit.Book.WantSessions(open.Select(r => r.SessionId).OfType<Guid>());
        visit.Book.WantRides(open.Select(r => r.Id));
        await visit.Book.SessionsAroundAsync(ids, visit.Today, until.AddDays(PlanChecks.DaysAhead));
        visit.Book.WantRidesOnRungs(ConditionBook.FirstMonths(pages, ids));
        await visit.RidesOnRungsOfAsync(open);
        var book = await PlanBook.OpenAsync(visit, ids, visit.Today, until);
        var waiting = await WaitingAsync(visit, open, rides);
        var reading = book.Weather.Now;
        return new YardToday(
            visit.Today,
            reading,
            reading is null ? null : Heat.Advise(reading),
            [
                .. Triage.InOrder(
                    horses.Select(Show),
                    h => h.Triage,
                    h => h.Sessions.Where(s => s.RideId is null).Min(s => s.StartsAt),
                    h => h.Horse.Name
                ),
            ]
        );

        HorseToday Show(Kept<Horse> kept)
        {
            var id = kept.Value.Id;
            var today = book.On(id, visit.Today).Select(book.Show).ToList();
            var next = book.After(id, visit.Today).FirstOrDefault(s => s.RideId is null);
            // A session planned for the day, drawn up or by hand, stands for what the block has placed there.
            var open = placed[id].Where(p => !book.On(id, p.Session.On).Any()).Select(p => new PlacedToday(p.BlockId, p.Session)).ToList();
            var aim = book.NextAim(id, visit.Today);
            var ride = latest.GetValueOrDefault(id);
            var ofBlock =
                today.Exists(s => s.RideId is not null) || ride?.OnDay == visit.Today ? null : open.Find(p => p.Session.On == visit.Today);
            var (fall, gates) = (falls.GetValueOrDefault(id), book.Condition.Gates(id));
            var silent = book.Holds(id).Any() ? null : Silence.Since(ride?.OnDay, book.Condition.Told(id), visit.Today);
            // "Stay" and "carry on" ask for nothing.
            var verdict = waiting.GetValueOrDefault(id) is { Word: not (VerdictWord.Stay or VerdictWord.CarryOn) } asks ? asks : null;
            return new HorseToday
            {
                Horse = Passports.Show(kept, visit.Today),
                Sessions = today,
                Placed = ofBlock,
                Next = next is null ? null : new NextPlanned(next.Plan.Id, next.Plan.On, next.Plan.Emphasis),
                NextPlaced = open.Find(p => p.Session.On > visit.Today && (next is null || p.Session.On < next.Plan.On)),
                Aim = aim is null ? null : HorseAims.Show(aim, visit.Today),
                Warnings = Warn(book, id, visit.Today, today),
                Waiting = verdict,
                DaysSinceRidden = ride is null ? null : visit.Today.DayNumber - ride.OnDay.DayNumber,
                SilentSince = silent,
                Fall = fall,
                Referrals = [.. referrals[id].Select(r => ReferralsOfHorse.Show(r, visit.Today))],
                Gates = gates,
                Triage = Triage.Of(
                    Waiting(
                        (Waits.Fall, fall is not null),
                        (Waits.Hold, book.Holds(id).Any()),
                        (Waits.HardFault, Open(today).Any(f => f.Hard)),
                        (Waits.Referral, referrals[id].Any()),
                        (Waits.Verdict, verdict is not null),
                        (Waits.Gate, gates is not null),
                        (Waits.Silence, silent is not null),
                        (Waits.SoftFault, Open(today).Any())
                    ),
                    [.. today.Select(s => s.RideId is not null), .. ofBlock is null ? Array.Empty<bool>() : [false]]
                ),
                Assessment =
                    book.Holds(id).Any() || ofBlock is not null ? null : NextAssessment.Of(kept.Value, pages.Assessed[id], visit.Today),
                Loosen = book.Condition.TreatedOn(id, visit.Today) is not null,
            };
        }
    }

    private static IEnumerable<Waits> Waiting(params (Waits Waits, bool Does)[] all) => all.Where(w => w.Does).Select(w => w.Waits);

    /// <summary>Faults of what is still to be ridden that nobody has kept with a word; the feet have their own line.</summary>
    private static IEnumerable<PlanFault> Open(IEnumerable<SessionView> sessions) =>
        sessions
            .Where(s => s.RideId is null)
            .SelectMany(s => s.Check.Faults)
            .Where(f => f.Rule != PlanChecks.OfFeet && f.KeptBecause is null);

    /// <summary>
    /// What the book says of the horses, what blocks have placed, falls nobody has asked after, which rides' verdicts have been
    /// answered, and whom horses are shown to.
    /// </summary>
    private static async Task<(
        HorsePages Pages,
        ILookup<Guid, HorsePlaced> Placed,
        Dictionary<Guid, OpenFall> Falls,
        HashSet<Guid> Answered,
        ILookup<Guid, KeptReferral> Referrals
    )> PagesAsync(Visit visit, List<Guid> ids, DateOnly until, IEnumerable<Ride> latest)
    {
        Task<List<HorsePlaced>> placed = null!;
        Task<List<OpenFall>> falls = null!;
        Task<List<VerdictAnswer>> answers = null!;
        Task<List<KeptReferral>> referrals = null!;
        Task strides = null!;
        var pages = await visit.Book.PagesAsync(ids, () =>
        {
            placed = visit.Yard.PlacedAsync(ids, visit.Today, until);
            falls = visit.Yard.OpenFallsAsync(ids, visit.Today.AddDays(-DaysAfterAFall), visit.Today);
            answers = visit.Yard.AnswersAsync(latest.Select(r => r.Id));
            referrals = visit.Yard.OpenReferralsAsync(ids);
            // Every plan is checked against its horse's strides.
            strides = visit.Book.StridesAsync(ids);
        });
        await strides;
        return (
            pages,
            (await placed).ToLookup(p => p.HorseId),
            (await falls).DistinctBy(f => f.HorseId).ToDictionary(f => f.HorseId),
            (await answers).Select(a => a.RideId).ToHashSet(),
            (await referrals).ToLookup(r => r.HorseId)
        );
    }

    private static List<Warning> Warn(PlanBook book, Guid id, DateOnly today, List<SessionView> sessions) =>
        [
            .. book.Holds(id)
                .Select(h => new Warning(
                    $"Held since {h.Since:d MMMM}: {h.Because}. {(h.WalkInHandBy is { } vet ? $"Only rest, or walking in hand as {vet} has said." : "No work of any kind until a vet clears it.")}",
                    h.WalkInHandBy is null
                )),
            // What waits for a referral is told with it.
            .. book.Restrictions(id)
                .Where(r => r.HoldsOn(today) && r.ReferralId is null)
                .Select(r => new Warning($"Restricted by {r.By} ({r.Because}): {r.Says}.", false)),
            .. book.Condition.Cleared(id, today) is { } cleared
                ? [new Warning($"Cleared on {cleared.On:d MMMM}: {Step(cleared)}.", false)]
                : (IEnumerable<Warning>)[],
            .. book.Condition.Ramp(id, today) is { } ramp
                ?
                [
                    new Warning(
                        FormattableString.Invariant(
                            $"Coming back to work: {ramp.Total} minutes a session, {ramp.Trot} of trot and {ramp.Canter} of canter in them{(ramp.MayJump ? "" : ", no fence")}."
                        ),
                        false
                    ),
                ]
                : (IEnumerable<Warning>)[],
            .. book.Feet(id, today) is { State: CareState.Overdue } feet
                ? [new Warning($"Feet: {char.ToLowerInvariant(feet.Says[0])}{feet.Says[1..]}", false)]
                : (IEnumerable<Warning>)[],
            .. Open(sessions).Select(f => new Warning($"{f.Says} {f.Mend}", f.Hard)),
        ];

    private static string Step(AfterClearance cleared) =>
        cleared.WorkedDays switch
        {
            0 => cleared.NoLungeing ? "led first, to show it sound" : "the lunge first, to show it sound",
            1 => "the long lines today, after the lunge",
            _ => "a first short walk in the saddle today, after the lunge and the lines",
        };

    /// <summary>The leading verdict of each of these rides, which nobody has answered.</summary>
    private static async Task<Dictionary<Guid, WaitingVerdict>> WaitingAsync(
        Visit visit,
        IReadOnlyList<Ride> open,
        IReadOnlyList<Ride> rides
    ) =>
        (await visit.JudgeAsync(open, rides)).ToDictionary(
            j => j.Ride.HorseId,
            j =>
            {
                var lead = j.Verdicts[0];
                return new WaitingVerdict(j.Ride.Id, j.Ride.OnDay, lead.Word, lead.Seen, lead.Do);
            }
        );
}
