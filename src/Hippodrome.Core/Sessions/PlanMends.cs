using System.Globalization;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Sessions;

/// <summary>One stroke that mends a fault.</summary>
/// <param name="Label">What it does, as a trainer would say it.</param>
/// <param name="Entry">The session with it done.</param>
public sealed record Mend(string Label, SessionEntry Entry);

/// <summary>How a plan is mended at one stroke: what the rules offer beside what they find.</summary>
internal static class PlanMends
{
    internal static SessionEntry With(SessionPlan plan, Func<Part, PartEntry> change) =>
        plan.ToEntry() with
        {
            Parts = [.. plan.Parts.Select(change)],
        };

    internal static SessionEntry Without(SessionPlan plan, Func<Part, bool> goes) =>
        plan.ToEntry() with
        {
            Parts = [.. plan.Parts.Where(p => !goes(p)).Select(p => p.ToEntry())],
        };

    internal static Mend Helped(SessionPlan plan) => new("Someone will be on the ground", plan.ToEntry() with { Helper = true });

    internal static Mend NextDay(SessionPlan plan, int days) =>
        new(
            string.Create(CultureInfo.InvariantCulture, $"Move it to {plan.On.AddDays(days):dddd d MMMM}"),
            plan.ToEntry() with
            {
                On = plan.On.AddDays(days),
            }
        );

    internal static bool IsRestricted(PlanContext c, Part part) =>
        (c.Restrictions ?? [])
            .Where(r => r.HoldsOn(c.Plan.On))
            .Any(r => r.NoGaits.Contains(part.Gait) || c.StrandsOf(part).Any(r.NoStrands.Contains) || CautionChecks.IsTooHigh(c, part, r));

    internal static Mend WalkFirst(PlanContext c)
    {
        PlanChecks.WalkFirstNeeded(c.Age, c.TemperatureC, out var needed);
        var add = needed - ShapeChecks.WalkedFirst(c.Plan);
        var parts = c.Plan.Parts.Select(p => p.ToEntry()).ToList();
        if (parts is [{ Phase: Phase.WarmUp, Gait: Gait.Walk } first, ..])
        {
            parts[0] = first with { Minutes = first.Minutes + add };
        }
        else
        {
            parts.Insert(0, PartEntry.Of(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, add));
        }

        return new(PlanChecks.Minutes("Add {0} minutes of walk first", add), c.Plan.ToEntry() with { Parts = parts });
    }

    internal static Mend WalkLast(SessionPlan plan)
    {
        var add = SessionFigures.WalkLast.Value - ShapeChecks.WalkedLast(plan);
        var parts = plan.Parts.Select(p => p.ToEntry()).ToList();
        if (parts is [.., { Phase: Phase.CoolDown, Gait: Gait.Walk } last])
        {
            parts[^1] = last with { Minutes = last.Minutes + add };
        }
        else
        {
            parts.Add(PartEntry.Of(Phase.CoolDown, "Walk on a long rein", Gait.Walk, Rein.Both, add));
        }

        return new(PlanChecks.Minutes("Add {0} minutes of walk at the end", add), plan.ToEntry() with { Parts = parts });
    }

    internal static SessionEntry NewWorkLast(SessionPlan plan)
    {
        var newWork = plan.Parts.Where(p => p.Phase == Phase.NewWork).ToList();
        var moved = plan
            .Parts.Where(p => p.Phase is not (Phase.NewWork or Phase.CoolDown))
            .Concat(newWork)
            .Concat(plan.Parts.Where(p => p.Phase == Phase.CoolDown));
        var fits = Math.Min(1, SessionFigures.NewWorkWithin.Value / newWork.Sum(p => p.Minutes));
        return plan.ToEntry() with { Parts = [.. moved.Select(p => p.Phase == Phase.NewWork ? Scaled(p, fits) : p.ToEntry())] };
    }

    internal static SessionEntry WorkBefore(SessionPlan plan)
    {
        var parts = plan.Parts.Select(p => p.ToEntry()).ToList();
        var at = parts.FindIndex(p => p.Phase == Phase.NewWork);
        parts.Insert(at, PartEntry.Of(Phase.Work, "Large circles and transitions, as it knows them", Gait.Trot, Rein.Both, 5));
        return plan.ToEntry() with { Parts = parts };
    }

    internal static SessionEntry OneNewThing(SessionPlan plan)
    {
        var first = plan.Parts.First(p => p.Phase == Phase.NewWork).What;
        return Without(plan, p => p.Phase == Phase.NewWork && !string.Equals(p.What, first, StringComparison.OrdinalIgnoreCase));
    }

    internal static Mend LedWalk(PlanContext c) =>
        new(
            "Make it work in hand, walk only",
            InManner(
                Without(c.Plan, p =>
                    p.Gait.IsFasterThanWalk()
                    || c.IsJumped(p)
                    || (c.HeldBecause is not null && (c.SetUpOf(p) is not null || p.Gait == Gait.ReinBack))
                ),
                Manner.InHand
            )
        );

    internal static SessionEntry InManner(SessionEntry entry, Manner manner) =>
        entry with
        {
            Manner = manner,
            Parts = [.. entry.Parts!.Select(p => p with { Manner = manner })],
        };

    /// <summary>What jumps or is too fast goes; then the minutes are cut, the fastest gait first.</summary>
    internal static SessionEntry Ramped(PlanContext c, RampLimit ramp)
    {
        bool Poles(Part p) => c.SetUpOf(p)?.HasPoles == true;
        var parts = c
            .Plan.Parts.Where(p => ramp.MayJump || (!c.IsJumped(p) && (!Poles(p) || (ramp.MayWalkPoles && p.Gait == Gait.Walk))))
            .Where(p => (ramp.Canter > 0 || p.Gait.CountsAs() != Gait.Canter) && (ramp.Trot > 0 || p.Gait != Gait.Trot))
            .ToList();
        if (parts.Count == 0)
        {
            return c.Plan.ToEntry() with { Parts = [] };
        }

        List<PartEntry> Cut(Func<Part, bool> which, double most)
        {
            var all = parts.Where(which).Sum(p => p.Minutes);
            return [.. parts.Select(p => which(p) && all > most ? Scaled(p, most / all) : p.ToEntry())];
        }

        var plan = c.Plan.With(Cut(p => p.Gait.CountsAs() == Gait.Canter, ramp.Canter));
        parts = [.. plan.Parts];
        plan = plan.With(Cut(p => p.Gait == Gait.Trot, ramp.Trot));
        parts = [.. plan.Parts];
        var fast = plan.CountedAs(Gait.Trot) + plan.CountedAs(Gait.Canter);
        return plan.With(Cut(p => !p.Gait.IsFasterThanWalk() && p.Manner != Manner.InHand, Math.Max(1, ramp.Total - fast))).ToEntry();
    }

    /// <summary>On the lunge, or led; from the second day the long lines after it; then a few minutes of walk in the saddle.</summary>
    internal static SessionEntry Stepped(PlanContext c, AfterClearance cleared)
    {
        PlanChecks.WalkFirstNeeded(c.Age, c.TemperatureC, out var walkFirst);
        return c.Plan.ToEntry() with
        {
            Manner = cleared.NoLungeing ? Manner.InHand : Manner.Lunged,
            Parts = ClearanceSteps.Of(cleared, walkFirst),
        };
    }

    internal static SessionEntry Sit(PlanContext c)
    {
        var early = c.CalmSits < SessionFigures.CalmSits.Value;
        var ridden = c.Plan.Parts.Where(p => p.Manner == Manner.Ridden).ToList();
        var kept = early ? ridden.Where(p => p.Gait is Gait.Walk or Gait.Halt) : ridden;
        var most = early ? SessionFigures.FirstSit.Value : SessionFigures.FirstMonthSession.Value / 2.0;
        var saddle = kept.Sum(p => p.Minutes);
        var ground = c.Plan.Parts.Where(p => p.Manner != Manner.Ridden).ToList();
        var room = SessionFigures.FirstMonthSession.Value - Math.Min(saddle, most);
        var onGround = ground.Sum(p => p.Minutes);
        var sits =
            saddle == 0
                ? [PartEntry.Of(Phase.Work, "Sit, led in walk on both reins", Gait.Walk, Rein.Both, most) with { Manner = Manner.Ridden }]
                : kept.Select(p => saddle > most ? Scaled(p, most / saddle) : p.ToEntry()).ToArray();
        var onFoot = ground.Select(p => onGround > room ? Scaled(p, room / onGround) : p.ToEntry()).ToList();
        return c.Plan.ToEntry() with { Parts = [.. onFoot.Concat(sits).OrderBy(p => p.Phase)] };
    }

    internal static SessionEntry Numbered(PlanContext c)
    {
        var learned = ChangeChecks.Learned(c).ToList();
        var two = learned.Take(SessionFigures.ChangesAsked.Value / 2).ToList();
        return c.Plan.ToEntry() with
        {
            Parts =
            [
                .. c
                    .Plan.Parts.Where(p => !learned.Contains(p) || two.Contains(p))
                    .Select(p => two.Contains(p) ? p.ToEntry() with { Times = SessionFigures.ChangesAsked.Value / 2 } : p.ToEntry()),
            ],
        };
    }

    internal static SessionEntry ChangesLast(PlanContext c)
    {
        var learned = ChangeChecks.Learned(c).ToList();
        var asNew = c.Plan.With([
            .. c.Plan.Parts.Select(p => learned.Contains(p) ? p.ToEntry() with { Phase = Phase.NewWork } : p.ToEntry()),
        ]);
        return NewWorkLast(asNew);
    }

    internal static Mend Halved(PlanContext c)
    {
        var fewer =
            c.EffortsCounted > LegChecks.HotEfforts(c) ? c.Plan.With(FewerEfforts(c, (int)LegChecks.HotEfforts(c)).Entry.Parts!) : c.Plan;
        var fast = fewer.Parts.Where(LegChecks.IsFast).Sum(p => p.Minutes);
        return new(
            $"Cut trot and canter to {SessionFigures.HotWork.Value} minutes",
            fast > SessionFigures.HotWork.Value ? CutParts(fewer, LegChecks.IsFast, SessionFigures.HotWork.Value) : fewer.ToEntry()
        );
    }

    /// <summary>Work gives way first; walk only where there is no work left to cut.</summary>
    internal static Mend ShortenTo(SessionPlan plan, double minutes)
    {
        var label = PlanChecks.Minutes("Shorten it to {0} minutes", minutes);
        var rest = plan.Minutes - plan.Parts.Where(SessionTotals.IsWork).Sum(p => p.Minutes);
        var work = plan.Minutes - rest;
        return work > 0 && rest < minutes
            ? new(label, Scale(plan, (minutes - rest) / work, SessionTotals.IsWork))
            : new(label, Scale(plan, minutes / plan.Minutes, _ => true));
    }

    internal static SessionEntry CutParts(SessionPlan plan, Func<Part, bool> which, double minutes) =>
        Scale(plan, minutes / plan.Parts.Where(which).Sum(p => p.Minutes), which);

    internal static SessionEntry Scale(SessionPlan plan, double by, Func<Part, bool> which) =>
        With(plan, p => which(p) ? Scaled(p, by) : p.ToEntry());

    internal static PartEntry Scaled(Part part, double by) =>
        part.ToEntry() with
        {
            Minutes = Half(part.Minutes * by),
            Times = Fewer(part.Times, by),
            Efforts = Fewer(part.Efforts, by),
        };

    internal static Mend FewerEfforts(PlanContext c, int budget)
    {
        var by = budget / c.EffortsCounted;
        return new(string.Create(CultureInfo.InvariantCulture, $"Cut the jumping to {budget} efforts"), With(c.Plan, p =>
            {
                var dose = PartDose.Of(p, c.SetUpOf(p));
                return dose.Counted == 0
                    ? p.ToEntry()
                    : Scaled(p, by) with
                    {
                        Times = null,
                        Efforts = Math.Max(1, (int)Math.Floor(dose.Fences.Count * by)),
                    };
            }));
    }

    internal static int? Fewer(int? count, double by) => count is { } n ? Math.Max(1, (int)Math.Floor(n * by)) : null;

    /// <summary>Down to half minutes, and never nothing.</summary>
    internal static double Half(double minutes) => Math.Max(0.5, Math.Floor(minutes * 2) / 2);
}
