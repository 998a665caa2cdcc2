using Hippodrome.Application.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Storage;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Application.Sessions;

/// <summary>A session with its totals and faults, and the ride made of it.</summary>
public sealed record SessionView
{
    public required Guid Id { get; init; }

    public required DateOnly On { get; init; }

    public required string Emphasis { get; init; }

    public required Manner Manner { get; init; }

    public required bool Helper { get; init; }

    public required IReadOnlyList<Part> Parts { get; init; }

    public required string Notes { get; init; }

    public required string Place { get; init; }

    public required IReadOnlyList<Guid> TackIds { get; init; }

    public required IReadOnlyList<KeptFault> KeptFaults { get; init; }

    public required TimeOnly? StartsAt { get; init; }

    public required int Version { get; init; }

    public required Guid? RideId { get; init; }

    public required SessionCheck Check { get; init; }
}

/// <summary>Sessions: checked, kept with what their exercises build, changed, taken off.</summary>
public static class PlanningSessions
{
    private const int MostDays = 400;
    private const int MostYears = 50;

    /// <summary>Totals and faults of one plan.</summary>
    internal static async Task<SessionCheck> CheckPlanAsync(this Visit visit, Guid horseId, SessionPlan plan) =>
        (await PlanBook.OpenAsync(visit, [horseId], plan.On, plan.On, plan.SetUpIds)).Check(horseId, plan);

    internal static async Task<SessionView> ShowSessionAsync(this Visit visit, KeptSession kept) =>
        (await PlanBook.OpenAsync(visit, [kept.HorseId], kept.Plan.On, kept.Plan.On)).Show(kept);

    public static async Task<Answer<List<SessionView>>> ListAsync(Guid horseId, DateOnly from, DateOnly to, Visit visit)
    {
        if (to < from || to.DayNumber - from.DayNumber > MostDays || Math.Abs(from.Year - visit.Today.Year) > MostYears)
        {
            return Refusal.Faulty(
                "to",
                "That is not a span of days that can be shown.",
                $"Give a last day after the first, at most {MostDays} days on."
            );
        }

        var book = await PlanBook.OpenAsync(visit, [horseId], from, to);
        return (await visit.Yard.SessionsAsync(from, to, [horseId])).ConvertAll(book.Show);
    }

    /// <summary>Totals and faults of a session as it is typed; one that is kept already is not its own neighbour.</summary>
    public static async Task<Answer<SessionCheck>> CheckAsync(Guid horseId, Guid? sessionId, SessionEntry entry, Visit visit)
    {
        var plan = SessionPlan.From(sessionId ?? Guid.NewGuid(), entry, visit.Today);
        return plan.IsFine ? await visit.CheckPlanAsync(horseId, plan.Value) : Refusal.Faulty(plan.Faults);
    }

    /// <summary>What plans of a horse on a day are checked against, for a page that checks them itself.</summary>
    public static async Task<Answer<CarriedPlanning>> FactsAsync(Guid horseId, DateOnly on, Visit visit)
    {
        if (Math.Abs(on.Year - visit.Today.Year) > MostYears)
        {
            return Refusal.Faulty("on", "That is not a day that can be planned.", "Give a day nearer to today.");
        }

        var setUps = (await visit.Yard.SetUpsAsync(horseId)).ToDictionary(s => s.Id, s => s.Entry);
        var book = await PlanBook.OpenAsync(visit, [horseId], on, on, setUps.Keys);
        return CarriedPlanning.Of(book.Facts(horseId, on), visit.Today, book.StridesOf(horseId), setUps);
    }

    public static async Task<Answer<SessionView>> AddAsync(Guid horseId, SessionEntry entry, Visit visit)
    {
        var (plan, refusal) = await ReadAsync(horseId, visit.NewId, entry, visit);
        if (refusal is not null)
        {
            return refusal;
        }

        await visit.Yard.AddSessionAsync(horseId, await SetOutAsync(horseId, plan!, visit));
        return await visit.ShowSessionAsync((await visit.Yard.FindSessionAsync(horseId, plan!.Id))!);
    }

    public static async Task<Answer<SessionView>> OneAsync(Guid horseId, Guid sessionId, Visit visit) =>
        await visit.Yard.FindSessionAsync(horseId, sessionId) is { } kept ? await visit.ShowSessionAsync(kept) : Refusal.NotThere;

    public static async Task<Answer<SessionView>> ChangeAsync(Guid horseId, Guid sessionId, Change<SessionEntry> change, Visit visit)
    {
        if (await visit.Yard.FindSessionAsync(horseId, sessionId) is not { } kept)
        {
            return Refusal.NotThere;
        }

        if (kept.RideId is not null)
        {
            return Refusal.Faulty("parts", "This session has been ridden, and stays as it was.", "Plan another one.");
        }

        var (plan, refusal) = await ReadAsync(horseId, sessionId, change.Entry, visit, kept.Plan.KeptFaults);
        if (refusal is not null)
        {
            return refusal;
        }

        return await visit.Yard.ChangeSessionAsync(horseId, await SetOutAsync(horseId, plan!, visit), change.Version)
            ? await visit.ShowSessionAsync((await visit.Yard.FindSessionAsync(horseId, sessionId))!)
            : Refusal.Changed(await visit.ShowSessionAsync((await visit.Yard.FindSessionAsync(horseId, sessionId))!), change.Entry);
    }

    public static async Task<Answer<Done>> RemoveAsync(Guid horseId, Guid sessionId, Visit visit, bool removed)
    {
        if (removed && await visit.Yard.FindSessionAsync(horseId, sessionId) is { RideId: not null })
        {
            return Refusal.Faulty("", "This session has been ridden, and stays.", "Leave it where it is.");
        }

        return await visit.Yard.RemoveSessionAsync(horseId, sessionId, removed) ? Done.It : Refusal.NotThere;
    }

    /// <summary>The plan with what its exercises build set out for the horse: one that is there already is taken.</summary>
    internal static async Task<SessionPlan> SetOutAsync(Guid horseId, SessionPlan plan, Visit visit)
    {
        static SetUpEntry? Builds(PartEntry part) =>
            part is { SetUpId: null, ExerciseId: { } id } ? Catalogue.FindExercise(id)?.SetUp : null;
        var entry = plan.ToEntry();
        if (!entry.Parts!.Any(p => Builds(p) is not null))
        {
            return plan;
        }

        var there = (await visit.Yard.SetUpsAsync(horseId))
            .DistinctBy(s => Json.Write(s.Entry))
            .ToDictionary(s => Json.Write(s.Entry), s => s.Id);
        var parts = new List<PartEntry>();
        foreach (var part in entry.Parts!)
        {
            if (Builds(part) is not { } built)
            {
                parts.Add(part);
                continue;
            }

            if (!there.TryGetValue(Json.Write(built), out var id))
            {
                there[Json.Write(built)] = id = Guid.NewGuid();
                await visit.Yard.AddSetUpAsync(horseId, id, Catalogue.Exercise(part.ExerciseId!).Name, built);
            }

            parts.Add(part with { SetUpId = id });
        }

        return SessionPlan.From(plan.Id, entry with { Parts = parts }, visit.Today).OrThrow().WithWhatWasSaid([], plan.KeptFaults, "");
    }

    /// <summary>Tests that the yard does not have, and movements that a test does not have.</summary>
    private static async Task<List<Fault>> UnknownPiecesAsync(this Visit visit, SessionPlan plan)
    {
        var named = plan.Parts.Select((p, i) => (Part: p, At: i)).Where(p => p.Part.TestId is not null).ToList();
        if (named.Count == 0)
        {
            return [];
        }

        var tests = await TestsOfYard.AllAsync(visit);
        return
        [
            .. named.SelectMany(p =>
                tests.TryGetValue(p.Part.TestId!.Value, out var test)
                    ? TestParts.Unknown(test, p.Part.TestPieces, $"parts[{p.At}].testPieces")
                    : [new Fault($"parts[{p.At}].testId", "This yard has no such test.", "Choose one of its list.")]
            ),
        ];
    }

    /// <summary>A plan that may be kept, or why not.</summary>
    private static async Task<(SessionPlan? Plan, Refusal? Refusal)> ReadAsync(
        Guid horseId,
        Guid id,
        SessionEntry entry,
        Visit visit,
        IReadOnlyList<KeptFault>? keptBefore = null
    )
    {
        var plan = SessionPlan.From(id, entry, visit.Today);
        if (!plan.IsFine)
        {
            return (null, Refusal.Faulty(plan.Faults));
        }

        var named = plan.Value.Parts.Select((p, i) => (p.SetUpId, i)).Where(p => p.SetUpId is not null).ToList();
        var known = (await visit.Yard.SetUpsByIdAsync(named.Select(n => n.SetUpId!.Value), horseId)).ConvertAll(s => s.Id);
        var unknown = named.FindAll(n => !known.Contains(n.SetUpId!.Value));
        if (unknown.Count > 0)
        {
            return (
                null,
                Refusal.Faulty([
                    .. unknown.Select(n => new Fault(
                        $"parts[{n.i}].setUpId",
                        "This set-up is not one of this horse's.",
                        "Choose one from its list."
                    )),
                ])
            );
        }

        var tack = (await visit.Yard.TackAsync(horseId)).ConvertAll(t => t.Value.Id);
        if (plan.Value.TackIds.Any(t => !tack.Contains(t)))
        {
            return (
                null,
                Refusal.Faulty("tackIds", "A piece of tack is not one of this horse's, or has been taken off.", "Choose from its list.")
            );
        }

        if (await visit.UnknownPiecesAsync(plan.Value) is { Count: > 0 } pieces)
        {
            return (null, Refusal.Faulty(pieces));
        }

        var faults = (await visit.CheckPlanAsync(horseId, plan.Value)).Faults;
        var hard = faults.Where(f => f.Hard).ToList();
        return hard.Count > 0
            ? (null, Refusal.Hard(hard))
            : (plan.Value.WithWhatWasSaid(faults, keptBefore ?? [], FiguresVersion.Current), null);
    }
}
