using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>Where there is room to ride.</summary>
public enum Ground
{
    Arena,
    OpenGround,
}

/// <summary>What is wanted of a proposed session, as typed.</summary>
/// <param name="On">The day.</param>
/// <param name="Focus">The strand to work on.</param>
/// <param name="Minutes">How long there is.</param>
/// <param name="Helper">Someone is on the ground; as the yard's hours have it when nothing is said.</param>
/// <param name="Ground">In the arena, or out.</param>
/// <param name="TackIds">Bits and aids it is ridden in.</param>
public sealed record ProposalEntry(
    DateOnly? On = null,
    Strand? Focus = null,
    double? Minutes = null,
    bool? Helper = null,
    Ground? Ground = null,
    IReadOnlyList<Guid>? TackIds = null
)
{
    public Outcome<Wanted> Check(DateOnly today)
    {
        var checks = new Checks();
        checks.That(
            On is { } on && on >= today && on <= today.AddYears(1),
            "on",
            "That day cannot be planned.",
            "Give a day from today on."
        );
        var focus = checks.Choice("focus", Focus);
        var minutes = checks.Number("minutes", Minutes, 10, 120, "minutes");
        var ground = checks.Choice<Sessions.Ground>("ground", Ground ?? Sessions.Ground.Arena);
        return checks.Outcome(() => new Wanted(On!.Value, focus, minutes, Helper ?? false, ground, TackIds?.Distinct().ToList() ?? []));
    }
}

/// <summary>What is wanted of a proposed session.</summary>
public sealed record Wanted(DateOnly On, Strand Focus, double Minutes, bool Helper, Ground Ground, IReadOnlyList<Guid> TackIds);

/// <summary>What went before, and how this horse is worked.</summary>
/// <param name="LastStartRein">The rein its last work began on; null when nobody knows.</param>
/// <param name="Exercises">Exercises of its latest sessions, the latest first, one or more times each.</param>
/// <param name="Ways">How it is gone about, where good trainers differ.</param>
/// <param name="LastTime">What the last ride of this strand said; null where there was none.</param>
public sealed record Habits(Rein? LastStartRein, IReadOnlyList<string> Exercises, Ways Ways, LastTime? LastTime = null)
{
    /// <summary>Its own grids, which may stand the day before a competition; told only then.</summary>
    public IReadOnlyList<Guid> OwnGrids { get; init; } = [];
}

/// <summary>A proposed session, with the reason of each part.</summary>
/// <param name="Session">What to ride.</param>
/// <param name="Because">Why each part is there, in the order of the parts.</param>
/// <param name="Notes">What was left out or changed, and why.</param>
public sealed record SessionProposal(SessionEntry Session, IReadOnlyList<Why> Because, IReadOnlyList<string> Notes)
{
    /// <summary>Sessions of the yard's own for the same strand that could be ridden instead: nothing is amiss with them today.</summary>
    public IReadOnlyList<SessionTemplate> Own { get; init; } = [];

    /// <summary>
    /// Of the yard's own sessions those that work on what is wanted, fit the time, and have no fault for this horse on that
    /// day.
    /// </summary>
    public static IReadOnlyList<SessionTemplate> OfYard(
        IEnumerable<SessionTemplate> own,
        Wanted wanted,
        Func<SessionPlan, PlanContext> contextOf
    )
    {
        ArgumentNullException.ThrowIfNull(wanted);
        ArgumentNullException.ThrowIfNull(contextOf);
        return
        [
            .. own.Where(t => t.MainRung?.Strand == wanted.Focus && (wanted.Helper || t.Session.Helper != true))
                .Where(t =>
                    SessionPlan.From(Guid.Empty, t.Session with { On = wanted.On, Helper = wanted.Helper }, wanted.On).Value is { } plan
                    && plan.Minutes <= wanted.Minutes
                    && PlanChecks.Check(contextOf(plan)).Count == 0
                ),
        ];
    }

    private const int MostMends = 24;

    /// <summary>
    /// A session for the horse from where it stands: walk, its own warm-up, the easy thing, the rung in work on
    /// both reins, new work last, cool-down and closing test. What a check finds in it is mended where it
    /// can be without another day or another person. The same inputs give the same session.
    /// </summary>
    /// <param name="wanted">What is wanted.</param>
    /// <param name="habits">What went before.</param>
    /// <param name="contextOf">What a plan for this horse is checked against.</param>
    public static Outcome<SessionProposal> For(Wanted wanted, Habits habits, Func<SessionPlan, PlanContext> contextOf)
    {
        ArgumentNullException.ThrowIfNull(wanted);
        ArgumentNullException.ThrowIfNull(habits);
        ArgumentNullException.ThrowIfNull(contextOf);
        var looked = contextOf(Blank(wanted));
        var checks = new Checks();
        var atRest = (looked.Restrictions ?? []).FirstOrDefault(r => r.HoldsOn(wanted.On) && r.NoGaits.Contains(Gait.Walk));
        if (looked is { HeldBecause: { } held, WalkInHandBy: { } vet })
        {
            return checks.Outcome(() => WalkInHand(wanted, held, vet));
        }

        if ((looked.HeldBecause ?? atRest?.Because) is { } because)
        {
            checks.Add("focus", $"{looked.Horse.Name} is held: {because}.", "Nothing is proposed until a vet has cleared it.");
            return Outcome<SessionProposal>.Wrong(checks.Faults);
        }

        var mended = Mended(new SessionDraft(wanted, habits, looked).Draw(), wanted, contextOf);
        var left = PlanChecks
            .Check(contextOf(SessionPlan.From(Guid.Empty, mended.Session, wanted.On).OrThrow()))
            .FirstOrDefault(f => f.Hard);
        checks.That(left is null, "focus", left?.Says ?? "", left?.Mend ?? "");
        return checks.Outcome(() => mended);
    }

    /// <summary>All that a held horse may do, where a vet has said so.</summary>
    private static SessionProposal WalkInHand(Wanted wanted, string held, string vet) =>
        new(
            new SessionEntry(
                wanted.On,
                "Walk in hand",
                Manner.InHand,
                wanted.Helper,
                [PartEntry.Of(Phase.WarmUp, "Walk in hand, both sides", Gait.Walk, Rein.Both, SessionFigures.InHandMinutes.Value)],
                "",
                "",
                []
            ),
            [Why.Of("While it is held: only walking in hand, as the vet has said", [held, $"said by {vet}"], Source.CommonPractice)],
            [$"Held: {held}. Only walking in hand, as {vet} has said."]
        );

    private static SessionPlan Blank(Wanted wanted) =>
        SessionPlan.Kept(
            Guid.Empty,
            wanted.On,
            "–",
            Manner.Ridden,
            wanted.Helper,
            [
                new Part
                {
                    Phase = Phase.WarmUp,
                    What = "Walk",
                    Gait = Gait.Walk,
                    Rein = Rein.Both,
                    Minutes = 1,
                    SetUpId = null,
                    MarkHopedFor = null,
                },
            ],
            "",
            "",
            wanted.TackIds
        );

    private static SessionProposal Mended(SessionProposal drafted, Wanted wanted, Func<SessionPlan, PlanContext> contextOf)
    {
        var reasons = drafted
            .Session.Parts!.Zip(drafted.Because)
            .DistinctBy(p => (p.First.What, p.First.Rein))
            .ToDictionary(p => (p.First.What, p.First.Rein), p => p.Second);
        var (entry, notes) = (drafted.Session, drafted.Notes.ToList());
        for (var i = 0; i < MostMends; i++)
        {
            var plan = SessionPlan.From(Guid.Empty, entry, wanted.On).OrThrow();
            var found = PlanChecks
                .Check(contextOf(plan))
                .Select(f => (Fault: f, Mend: f.Mends.FirstOrDefault(m => m.Entry.On == entry.On && m.Entry.Helper == entry.Helper)))
                .FirstOrDefault(f => f.Mend is not null);
            if (found.Mend is null)
            {
                break;
            }

            entry = found.Mend.Entry;
            notes.Add($"{found.Fault.Says} {found.Mend.Label}: done.");
        }

        return new SessionProposal(
            entry,
            [
                .. entry.Parts!.Select(p =>
                    reasons.GetValueOrDefault((p.What, p.Rein))
                    ?? new Why("Put in to mend a fault of the plan", [p.What!], Source.CommonPractice)
                ),
            ],
            notes
        );
    }
}
