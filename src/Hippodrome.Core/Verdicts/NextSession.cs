using System.Globalization;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Verdicts;

/// <summary>A session proposed from the one just ridden.</summary>
/// <param name="Session">What to ride.</param>
/// <param name="SetUps">Set-ups that change, by the id of the one they come from.</param>
/// <param name="Says">What was changed, in words.</param>
public sealed record ProposedSession(SessionEntry Session, IReadOnlyDictionary<Guid, ChangedSetUp> SetUps, IReadOnlyList<string> Says);

/// <summary>Makes the next session from the last one and an accepted verdict.</summary>
public static class NextSession
{
    /// <summary>The proposed session, or null where the horse is held and nothing may be ridden.</summary>
    /// <param name="plan">The session that was ridden; null makes a plain one from what was ridden.</param>
    /// <param name="record">What was ridden.</param>
    /// <param name="on">The day it was ridden.</param>
    /// <param name="setUps">The set-ups of the plan.</param>
    /// <param name="change">What the accepted verdict asks.</param>
    public static ProposedSession? Propose(
        SessionPlan? plan,
        RideRecord record,
        DateOnly on,
        IReadOnlyDictionary<Guid, SetUpEntry> setUps,
        SessionChange change
    )
    {
        ArgumentNullException.ThrowIfNull(record);
        ArgumentNullException.ThrowIfNull(setUps);
        if (change == SessionChange.NoRiddenWork)
        {
            return null;
        }

        var ridden = plan?.ToEntry() ?? FromRecord(record);
        var day = on.AddDays(setUps.Values.Any(s => s.Check().Value?.HasFence == true) ? 2 : 1);
        var last = ridden with { On = day, Notes = "" };
        return change switch
        {
            SessionChange.WalkOnly => WalkOnly(last),
            SessionChange.HalveWork => LessWork(last, 0.5, "the work halved"),
            SessionChange.CutWork => LessWork(
                last,
                1 - VerdictFigures.CutWhenTired.Value,
                string.Create(CultureInfo.InvariantCulture, $"the work cut by {VerdictFigures.CutWhenTired.Value:P0}")
            ),
            SessionChange.Longer => WithSetUps(last, setUps, s => s.LongerBy(VerdictFigures.LongerBy.Value)),
            SessionChange.Shorter => WithSetUps(last, setUps, s => s.LongerBy(-VerdictFigures.ShorterBy.Value)),
            SessionChange.BackToWalk => WithSetUps(last, setUps, s => s.BackToWalk()),
            SessionChange.NoPoles => Without(last, "without poles and fences", p =>
                setUps.ContainsKey(p.SetUpId ?? Guid.Empty)
                || p.Efforts is not null
                || RungOf(p)?.IsJumped() == true
                || RungOf(p)?.Strand == Strand.Poles
            ),
            SessionChange.NoChanges => Without(last, "without flying changes", p =>
                RungOf(p) is { Strand: Strand.Changes } rung && rung.Step >= Catalogue.Rung("changes/single-change").Step
                || (p.SetUpId is { } id && setUps.GetValueOrDefault(id) is FigureEntry { Kind: FigureKind.Changes })
            ),
            SessionChange.RungOn => WithSetUps(last, setUps, s => s.OneRungOn()),
            SessionChange.RungBack when setUps.Values.Any(s => s.OneRungBack() is not null) => WithSetUps(last, setUps, s =>
                s.OneRungBack()
            ),
            SessionChange.RungBack => LessWork(last, 1 - VerdictFigures.CutWhenTired.Value, "less and easier work"),
            _ => new ProposedSession(last, new Dictionary<Guid, ChangedSetUp>(), ["the same again"]),
        };
    }

    private static Rung? RungOf(PartEntry part) =>
        part.RungId is { } id ? Catalogue.Find(id)
        : part.ExerciseId is { } exercise && Catalogue.FindExercise(exercise) is { } found ? Catalogue.Rung(found.RungId)
        : null;

    /// <summary>What goes makes room for something it can do; the minutes stay.</summary>
    private static ProposedSession Without(SessionEntry last, string says, Func<PartEntry, bool> goes)
    {
        var parts = last.Parts!.Select(p =>
            goes(p)
                ? new PartEntry
                {
                    Phase = Phase.Work,
                    What = "Something it does well: large circles, transitions, simple changes",
                    Gait = p.Gait is Gait.Canter or Gait.Trot ? p.Gait : Gait.Trot,
                    Rein = p.Rein,
                    Minutes = p.Minutes,
                }
                : p
        );
        return new ProposedSession(last with { Parts = [.. parts] }, new Dictionary<Guid, ChangedSetUp>(), [says]);
    }

    /// <summary>A walk day is no longer than the session it takes the place of.</summary>
    private static ProposedSession WalkOnly(SessionEntry last) =>
        new(
            last with
            {
                Emphasis = "Walk",
                Parts =
                [
                    new PartEntry
                    {
                        Phase = Phase.WarmUp,
                        What = "Walk on a long rein, both reins",
                        Gait = Gait.Walk,
                        Rein = Rein.Both,
                        Minutes = Math.Min(VerdictFigures.WalkDay.Value, last.Parts!.Sum(p => p.Minutes ?? 0)),
                    },
                ],
            },
            new Dictionary<Guid, ChangedSetUp>(),
            ["walk only"]
        );

    private static ProposedSession LessWork(SessionEntry last, double keep, string says)
    {
        var parts = last.Parts!.Select(p =>
            p.Phase is Phase.Work or Phase.NewWork
                ? p with
                {
                    Minutes = Math.Max(1, Math.Round((p.Minutes ?? 0) * keep * 2, MidpointRounding.AwayFromZero) / 2),
                }
                : p
        );
        return new ProposedSession(last with { Parts = [.. parts] }, new Dictionary<Guid, ChangedSetUp>(), [says]);
    }

    private static ProposedSession WithSetUps(
        SessionEntry last,
        IReadOnlyDictionary<Guid, SetUpEntry> setUps,
        Func<SetUpEntry, ChangedSetUp?> change
    )
    {
        var changed = setUps
            .Select(s => (s.Key, Changed: change(s.Value)))
            .Where(s => s.Changed is not null)
            .ToDictionary(s => s.Key, s => s.Changed!);
        var parts = last.Parts!.Select(p =>
            p.SetUpId is { } id && changed.TryGetValue(id, out var setUp) && setUp.Entry is PoleLineEntry { Variant: { } variant }
                ? p with
                {
                    Gait = variant.Gait(),
                    What = $"{variant.Gait()} poles",
                }
                : p
        );
        IReadOnlyList<string> says =
            setUps.Count == 0 ? ["no set-up to change: the same again, and the next step is yours to choose"]
            : changed.Count == 0 ? ["the set-up is at the end of its ladder: the same again"]
            : [.. changed.Values.Select(c => c.Says).Distinct()];
        return new ProposedSession(last with { Parts = [.. parts] }, changed, says);
    }

    /// <summary>A ride nobody planned, as a session: walk, what was trotted and cantered, walk.</summary>
    private static SessionEntry FromRecord(RideRecord record)
    {
        var parts = new List<PartEntry> { PartEntry.Of(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, 10) };
        parts.AddRange(
            record
                .ByGait.Where(g => g.Gait is Gait.Trot or Gait.Canter && g.Minutes >= 1)
                .Select(g => new PartEntry
                {
                    Phase = Phase.Work,
                    What = g.Gait == Gait.Trot ? "Trot, both reins" : "Canter, both leads",
                    Gait = g.Gait,
                    Rein = Rein.Both,
                    Minutes = Math.Min(90, Math.Round(g.Minutes)),
                })
        );
        parts.Add(PartEntry.Of(Phase.CoolDown, "Walk on a long rein", Gait.Walk, Rein.Both, 8));
        return new SessionEntry(null, "Flatwork", Manner.Ridden, false, parts, "");
    }
}
