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
public sealed record ProposedSession(SessionEntry Session, IReadOnlyDictionary<Guid, ChangedSetUp> SetUps, IReadOnlyList<string> Says)
{
    /// <summary>The session after it, which has again what this one leaves out; null where nothing comes back by itself.</summary>
    public SessionEntry? After { get; init; }
}

/// <summary>Makes the next session from the last one and an accepted verdict.</summary>
public static class NextSession
{
    /// <summary>The proposed session, or null where the horse is held and nothing may be ridden.</summary>
    /// <param name="plan">The session that was ridden; null makes a plain one from what was ridden.</param>
    /// <param name="record">What was ridden.</param>
    /// <param name="on">The day it was ridden.</param>
    /// <param name="setUps">The set-ups of the plan.</param>
    /// <param name="change">What the accepted verdict asks.</param>
    /// <param name="rule">The rule whose verdict it is.</param>
    /// <param name="upFrom">The rung that was judged easy, where one was: no other part becomes harder.</param>
    public static ProposedSession? Propose(
        SessionPlan? plan,
        RideRecord record,
        DateOnly on,
        IReadOnlyDictionary<Guid, SetUpEntry> setUps,
        SessionChange change,
        Rung? upFrom = null,
        string? rule = null
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
        var done = rule is not null && record.Rail.AdviceTaken.Contains(rule) ? Stood(ridden, record) : [];
        ProposedSession Rebuilt(Func<SetUpEntry, ChangedSetUp?> change) => Guarded(WithSetUps(last, setUps, change, done), record);

        return change switch
        {
            SessionChange.WalkOnly => WalkOnly(last),
            SessionChange.HalveWork => LessWork(last, 0.5, "the work halved"),
            SessionChange.CutWork => LessWork(
                last,
                1 - VerdictFigures.CutWhenTired.Value,
                string.Create(CultureInfo.InvariantCulture, $"the work cut by {VerdictFigures.CutWhenTired.Value:P0}")
            ),
            SessionChange.Longer => Rebuilt(s => s.LongerBy(VerdictFigures.LongerBy.Value)),
            SessionChange.Shorter => Rebuilt(s => s.LongerBy(-VerdictFigures.ShorterBy.Value)),
            SessionChange.BackToWalk => Rebuilt(s => s.BackToWalk()),
            SessionChange.NoPoles => Without(last, "without poles and fences", p =>
                setUps.ContainsKey(p.SetUpId ?? Guid.Empty)
                || p.Efforts is not null
                || RungOf(p)?.IsJumped() == true
                || RungOf(p)?.Strand == Strand.Poles
            ),
            SessionChange.NoChanges => Without(last, "without flying changes", p =>
                RungOf(p) is { Strand: Strand.Changes } rung && rung.Step >= Catalogue.Rung("changes/single-change").Step
                || (p.SetUpId is { } id && setUps.GetValueOrDefault(id) is FigureEntry { Kind: FigureKind.Changes })
            ) with
            {
                After = last with { On = day.AddDays(1) },
            },
            SessionChange.Vary => Varied(last, setUps),
            SessionChange.RungOn => StepUp(last, setUps, upFrom),
            SessionChange.RungBack when done.Count > 0 || setUps.Values.Any(s => s.OneRungBack() is not null) => Rebuilt(s =>
                s.OneRungBack()
            ),
            SessionChange.RungBack => LessWork(last, 1 - VerdictFigures.CutWhenTired.Value, "less and easier work"),
            _ => new ProposedSession(last, new Dictionary<Guid, ChangedSetUp>(), ["the same again"]),
        };
    }

    /// <summary>What was rebuilt at the rail has its change in it already: it stands again as it stood at the end.</summary>
    private static Dictionary<Guid, SetUpEntry> Stood(SessionEntry ridden, RideRecord record) =>
        record
            .Rail.Stood.Where(s => s.SetUp is not null && s.Part < ridden.Parts!.Count && ridden.Parts[s.Part].SetUpId is not null)
            .GroupBy(s => ridden.Parts![s.Part].SetUpId!.Value)
            .ToDictionary(g => g.Key, g => g.Last().SetUp!);

    /// <summary>A narrow fence guards the side it was left by: a side of the horse's way, not of the drawing.</summary>
    private static ProposedSession Guarded(ProposedSession next, RideRecord record)
    {
        var left = record.Counts.RanOut.GetValueOrDefault(Rein.Left) + record.Rail.Narrow.GetValueOrDefault(NarrowWhere.OffTheLeftEdge);
        var right = record.Counts.RanOut.GetValueOrDefault(Rein.Right) + record.Rail.Narrow.GetValueOrDefault(NarrowWhere.OffTheRightEdge);
        return left + right == 0
            ? next
            : next with
            {
                SetUps = next.SetUps.ToDictionary(
                    s => s.Key,
                    s =>
                        s.Value.Entry is NarrowEntry narrow
                            ? s.Value with
                            {
                                Entry = narrow.Guarding(right > left ? Side.Right : Side.Left),
                            }
                            : s.Value
                ),
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
        Func<SetUpEntry, ChangedSetUp?> change,
        IReadOnlyDictionary<Guid, SetUpEntry>? done = null
    )
    {
        var changed = setUps
            .Select(s =>
                (
                    s.Key,
                    Changed: done?.GetValueOrDefault(s.Key) is { } stood
                        ? new ChangedSetUp(stood, "as it stood at the end")
                        : change(s.Value)
                )
            )
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
        return new ProposedSession(
            last with
            {
                Parts = [.. parts],
            },
            changed,
            changed.Count == 0 ? ["the same again"] : [.. changed.Values.Select(c => c.Says).Distinct()]
        );
    }

    /// <summary>Up: the set-up's own next stage; with none left, the easiest work of the next rung; at the top, a variation.</summary>
    private static ProposedSession StepUp(SessionEntry last, IReadOnlyDictionary<Guid, SetUpEntry> setUps, Rung? upFrom)
    {
        var stage = WithSetUps(last, setUps, s => s.OneRungOn());
        if (stage.SetUps.Count > 0)
        {
            return stage;
        }

        return upFrom is not null && Catalogue.Above(upFrom) is { } above && Catalogue.ExercisesOf(above).FirstOrDefault() is { } easiest
            ? Instead(last, p => RungOf(p) == upFrom, easiest, $"one rung up: {easiest.Name}")
            : Varied(last, setUps);
    }

    /// <summary>One small thing otherwise: of what stands, else another exercise of the same rung, else less help.</summary>
    private static ProposedSession Varied(SessionEntry last, IReadOnlyDictionary<Guid, SetUpEntry> setUps)
    {
        if (setUps.Count > 0)
        {
            var first = last.Parts!.Select(p => p.SetUpId).OfType<Guid>().First(setUps.ContainsKey);
            return WithSetUps(last, setUps.Where(s => s.Key == first).ToDictionary(), s => s.Varied());
        }

        var worked = last.Parts!.LastOrDefault(p => p.Phase is Phase.Work or Phase.NewWork);
        if (worked is not null && RungOf(worked) is { } rung && Otherwise(rung, worked) is { } other)
        {
            return Instead(last, p => p == worked, other, $"one thing otherwise: {other.Name}");
        }

        const string Less = ", with less help";
        return worked is null || worked.What!.EndsWith(Less, StringComparison.Ordinal)
            ? new ProposedSession(last, new Dictionary<Guid, ChangedSetUp>(), ["the same again"])
            : new ProposedSession(
                last with
                {
                    Parts = [.. last.Parts!.Select(p => p == worked ? p with { What = worked.What + Less } : p)],
                },
                new Dictionary<Guid, ChangedSetUp>(),
                ["one thing otherwise: less help"]
            );
    }

    /// <summary>The exercise after this one on its rung, in the same gait and with nothing to build.</summary>
    private static Exercise? Otherwise(Rung rung, PartEntry part)
    {
        var ways = Catalogue
            .ExercisesOf(rung)
            .Where(e => e.Gait == part.Gait && e is { SetUp: null, Poles: null, HeightMetres: null, Dose.Efforts: null })
            .ToList();
        var now = ways.FindIndex(e => e.Id == part.ExerciseId);
        return ways.Count > (now < 0 ? 0 : 1) ? ways[(now + 1) % ways.Count] : null;
    }

    /// <summary>The last part of these becomes this exercise; its minutes stay.</summary>
    private static ProposedSession Instead(SessionEntry last, Func<PartEntry, bool> goes, Exercise exercise, string says)
    {
        var part = last.Parts!.LastOrDefault(goes);
        return new ProposedSession(
            last with
            {
                Parts =
                [
                    .. last.Parts!.Select(p =>
                        p != part
                            ? p
                            : new PartEntry
                            {
                                Phase = p.Phase,
                                What = exercise.Name,
                                Gait = exercise.Gait,
                                Rein = p.Rein,
                                Minutes = p.Minutes,
                                RungId = exercise.RungId,
                                ExerciseId = exercise.Id,
                                Efforts = exercise.Dose.Efforts,
                                Manner = p.Manner,
                            }
                    ),
                ],
            },
            new Dictionary<Guid, ChangedSetUp>(),
            [part is null ? "the same again" : says]
        );
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
