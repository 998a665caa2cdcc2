using System.Globalization;
using Hippodrome.Application.Care;
using Hippodrome.Application.Sessions;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Application.Rides;

/// <summary>A trainer's answer to a verdict.</summary>
/// <param name="Rule">Which rule is answered.</param>
/// <param name="Accepted">Accepted, or overruled.</param>
/// <param name="Word">Why, when it is overruled.</param>
/// <param name="ReferTo">Whom it is shown to, where the verdict refers; the one it names if left out.</param>
public sealed record AnswerEntry(string? Rule = null, bool? Accepted = null, string? Word = null, ReferredTo? ReferTo = null);

/// <summary>A rung left for another.</summary>
public sealed record RungMoved(Strand Strand, string From, string To);

/// <summary>What came of an answer.</summary>
/// <param name="Review">The ride with it.</param>
/// <param name="Next">The next session, if one was made.</param>
/// <param name="Says">What was changed in it.</param>
/// <param name="Ladder">Rungs that followed.</param>
/// <param name="BlockId">The block under way that would come out otherwise now; null where there is none.</param>
public sealed record Answered(Review Review, SessionView? Next, IReadOnlyList<string> Says, IReadOnlyList<RungMoved> Ladder, Guid? BlockId);

/// <summary>A trainer's answer to a verdict: overruled with a word, or accepted, which makes the next session.</summary>
public static class AnsweringVerdicts
{
    private const int DaysLookedAhead = 14;

    public static async Task<Answer<Answered>> AnswerAsync(Guid horseId, Guid rideId, AnswerEntry entry, Visit visit)
    {
        // Two taps on "accept" must not make two sessions.
        await visit.Yard.LockAsync(rideId);
        if (await RidePages.OpenAsync(visit, horseId, rideId) is not { } pages)
        {
            return Refusal.NotThere;
        }

        visit.Book.WantRides(pages.ForHabits.Select(r => r.Id));
        var judged = await visit.JudgeOneAsync(pages.Ride, pages.UpTo);
        var verdict = judged.Verdicts.FirstOrDefault(v => v.Rule == entry.Rule);
        var faults = Check(entry, verdict);
        if (faults.Count > 0)
        {
            return Refusal.Faulty(faults);
        }

        var before = pages.Answers.Count == 0 ? null : pages.Answers[0];
        var sameAgain = before is not null && before.Rule == entry.Rule && before.Accepted == entry.Accepted;
        var follows = entry.Accepted == true && !sameAgain;
        // What waits for a referral is out before the next session is made.
        var referral = follows ? await visit.ReferAsync(horseId, rideId, verdict!, entry.ReferTo) : null;
        var ladder = follows ? await FollowOnLadderAsync(visit, judged, verdict!) : [];
        var (nextId, says, blockId) =
            sameAgain ? new NextMade(before!.NextSessionId, ["answered already"])
            : follows ? await MakeNextAsync(visit, judged, verdict!)
            : new NextMade(null, ["overruled, and kept on record"]);
        if (!sameAgain)
        {
            await visit.Yard.AddAnswerAsync(
                rideId,
                verdict!.Rule,
                entry.Accepted == true,
                (entry.Word ?? "").Trim(),
                nextId,
                visit.Me.Id,
                visit.Now,
                SaidVerdict.Of(verdict, FiguresVersion.Current)
            );
        }

        visit.Book.WantSessions(nextId is { } wanted ? [wanted] : []);
        // The ride that was answered and the session made of it are shown from the same reading.
        await visit.Book.SessionsAroundAsync([horseId], Earlier(judged.Ride.OnDay, visit.Today), visit.Today.AddDays(DaysLookedAhead));
        var next = nextId is { } id ? (await visit.Book.SessionsAsync([id])).GetValueOrDefault(id) : null;
        var answered = sameAgain ? pages : (await RidePages.OpenAsync(visit, horseId, rideId))!;
        return new Answered(
            await Reviews.ShowReviewAsync(visit, answered, judged),
            next is null ? null : await visit.ShowSessionAsync(next),
            says,
            ladder,
            referral is { Waits: not WaitingWork.Nothing } || NextIs.BearsUpon(verdict!.Change) ? blockId : null
        );
    }

    /// <summary>
    /// Up or back: the rungs that the ride was judged on follow, each where the horse stands on it still. So that no ride
    /// moves a rung twice.
    /// </summary>
    private static async Task<IReadOnlyList<RungMoved>> FollowOnLadderAsync(Visit visit, JudgedRide judged, Verdict verdict)
    {
        RungWord? way = verdict.Change switch
        {
            SessionChange.RungOn => RungWord.Up,
            SessionChange.RungBack => RungWord.Back,
            _ => null,
        };
        var horseId = judged.Ride.HorseId;
        var places = (await visit.Book.PagesAsync([horseId])).Places[horseId];
        var moved = judged
            .Context.Rungs.Where(r => r.Word == way && r.ToRungId is not null && places[r.Rung.Strand] == r.Rung)
            .DistinctBy(r => r.Rung.Strand)
            .ToList();
        foreach (var rung in moved)
        {
            var kind = way == RungWord.Up ? MoveKind.Climbed : MoveKind.WentBack;
            await visit.Yard.AddMoveAsync(
                horseId,
                new RungMove(rung.Rung.Strand, rung.ToRungId, kind, rung.Why.Rule, visit.Today),
                visit.Me.Id
            );
        }

        return moved.ConvertAll(r => new RungMoved(r.Rung.Strand, r.Rung.Name, Catalogue.Rung(r.ToRungId!).Name));
    }

    private static IReadOnlyList<Fault> Check(AnswerEntry entry, Verdict? verdict)
    {
        var checks = new Checks();
        checks.That(verdict is not null, "rule", "No such rule has spoken on this ride.", "Answer one of the verdicts shown.");
        checks.That(entry.Accepted is not null, "accepted", "Accepted or overruled?", "Choose one.");
        var word = checks.OptionalText("word", entry.Word, 500);
        checks.That(
            entry.ReferTo is null || Enum.IsDefined(entry.ReferTo.Value),
            "referTo",
            "There is nobody of that kind.",
            "Choose from the list."
        );
        if (entry.Accepted == false && verdict is not null)
        {
            checks.That(
                verdict.CanBeOverruled,
                "accepted",
                "This cannot be overruled: it protects the horse.",
                "Follow it, and call the vet."
            );
            checks.That(word.Length > 0, "word", "A word why is missing.", "Say why you see it otherwise; it is kept beside the advice.");
        }

        return checks.Faults;
    }

    /// <summary>The next session, what was changed in it, and the block that has work ahead.</summary>
    private sealed record NextMade(Guid? Id, IReadOnlyList<string> Says, Guid? BlockId = null);

    /// <summary>Makes the next session with the change the verdict asks for, on the first free day.</summary>
    private static async Task<NextMade> MakeNextAsync(Visit visit, JudgedRide judged, Verdict verdict)
    {
        var horseId = judged.Ride.HorseId;
        var entries = judged.SetUps.ToDictionary(s => s.Id, s => s.Entry);
        var proposed = Core.Verdicts.NextSession.Propose(
            judged.Session?.Plan,
            judged.Context.Record,
            judged.Ride.OnDay,
            entries,
            verdict.Change,
            judged.Context.Rungs.FirstOrDefault(r => r.Word == RungWord.Up)?.Rung,
            verdict.Rule
        );
        if (proposed is null)
        {
            var held = (await visit.Book.BlocksAsync([horseId])).GetValueOrDefault(horseId);
            return new NextMade(null, ["no ridden work until a vet has cleared it"], held?.Id);
        }

        // What was kept under older rules can ask for what today's refuse: then the next one is the trainer's to make.
        if (
            proposed.SetUps.Values.SelectMany(s => s.Entry.Check().Faults).Select(f => f.Says).Distinct().ToList() is { Count: > 0 } refused
        )
        {
            return new NextMade(null, refused);
        }

        var changed = await KeepSetUpsAsync(visit, horseId, proposed.SetUps);
        var from = Later(proposed.Session.On!.Value, visit.Today);
        var placedAhead = await visit.Yard.PlacedAsync(
            [horseId],
            Earlier(judged.Ride.OnDay, from),
            Later(visit.Today, from).AddDays(DaysLookedAhead)
        );
        var blockId = placedAhead.FirstOrDefault(p => p.Session.On >= visit.Today)?.BlockId;
        var sessions = await visit.Book.SessionsAroundAsync([horseId], from, from.AddDays(DaysLookedAhead));
        var placed = PlacedNext(visit, judged, placedAhead, sessions);
        var entry = proposed.Session with
        {
            On = placed?.Session.On ?? FirstFreeDay(from, placedAhead, sessions),
            Parts =
            [
                .. proposed.Session.Parts!.Select(p =>
                    p.SetUpId is { } id && changed.TryGetValue(id, out var now) ? p with { SetUpId = now } : p
                ),
            ],
        };
        var read = SessionPlan.From(placed?.Session.Id ?? Guid.NewGuid(), entry, visit.Today);
        if (!read.IsFine)
        {
            return new NextMade(null, [.. read.Faults.Select(f => f.Says)], blockId);
        }

        var plan = read.Value;
        var hard = (await visit.CheckPlanAsync(horseId, plan)).Faults.Where(f => f.Hard).Select(f => f.Says).ToList();
        if (hard.Count > 0)
        {
            return new NextMade(null, hard, blockId);
        }

        // A placed session that was drawn up once and taken off is there under its id still.
        if (placed is not null && await visit.Yard.RemoveSessionAsync(horseId, plan.Id, false))
        {
            await visit.Yard.ChangeSessionAsync(horseId, plan, (await visit.Yard.FindSessionAsync(horseId, plan.Id))!.Version);
        }
        else
        {
            await visit.Yard.AddSessionAsync(horseId, plan);
        }

        var after = placed is null && proposed.After is { } again ? await MakeAfterAsync(visit, horseId, again, plan.On) : null;
        return new NextMade(plan.Id, after is null ? proposed.Says : [.. proposed.Says, after], blockId);
    }

    /// <summary>What the next session leaves out comes back in the one after it, where the checks let it be.</summary>
    private static async Task<string?> MakeAfterAsync(Visit visit, Guid horseId, SessionEntry entry, DateOnly next)
    {
        var from = next.AddDays(1);
        var sessions = await visit.Yard.SessionsAsync(from, from.AddDays(DaysLookedAhead), [horseId]);
        var read = SessionPlan.From(Guid.NewGuid(), entry with { On = FirstFreeDay(from, [], sessions) }, visit.Today);
        if (!read.IsFine || (await visit.CheckPlanAsync(horseId, read.Value)).Faults.Any(f => f.Hard))
        {
            return null;
        }

        await visit.Yard.AddSessionAsync(horseId, read.Value);
        return string.Create(CultureInfo.InvariantCulture, $"with them again on {read.Value.On:dddd d MMMM}");
    }

    private static DateOnly Earlier(DateOnly a, DateOnly b) => a < b ? a : b;

    private static DateOnly Later(DateOnly a, DateOnly b) => a > b ? a : b;

    /// <summary>Keeps each changed set-up as a new one; what was ridden stays as it was.</summary>
    private static async Task<Dictionary<Guid, Guid>> KeepSetUpsAsync(
        Visit visit,
        Guid horseId,
        IReadOnlyDictionary<Guid, ChangedSetUp> changed
    )
    {
        var card = await visit.Book.CardAsync(horseId);
        var ids = new Dictionary<Guid, Guid>();
        foreach (var (old, change) in changed)
        {
            var id = Guid.NewGuid();
            var title = change.Entry.AsKept().SetUp.MeasureFor(card, visit.Me.Tape).Title;
            await visit.Yard.AddSetUpAsync(horseId, id, title, change.Entry);
            ids[old] = id;
        }

        return ids;
    }

    /// <summary>The next session of the same kind that the horse's block has placed and nobody has drawn up: the answer is ridden there.</summary>
    private static HorsePlaced? PlacedNext(
        Visit visit,
        JudgedRide judged,
        IReadOnlyList<HorsePlaced> placed,
        IReadOnlyList<KeptSession> sessions
    )
    {
        var kind = placed.FirstOrDefault(p => p.Session.Id == judged.Ride.SessionId || p.Session.On == judged.Ride.OnDay)?.Session.Kind;
        var drawnUp = sessions.Select(s => s.Plan.Id).ToHashSet();
        return placed.FirstOrDefault(p =>
            p.Session.Kind == kind && p.Session.On >= visit.Today && p.Session.On > judged.Ride.OnDay && !drawnUp.Contains(p.Session.Id)
        );
    }

    private static DateOnly FirstFreeDay(DateOnly from, IReadOnlyList<HorsePlaced> placed, IReadOnlyList<KeptSession> sessions)
    {
        var taken = sessions.Select(s => s.Plan.On).Concat(placed.Select(p => p.Session.On)).ToHashSet();
        return Enumerable
            .Range(0, DaysLookedAhead)
            .Select(from.AddDays)
            .FirstOrDefault(d => !taken.Contains(d), from.AddDays(DaysLookedAhead));
    }
}
