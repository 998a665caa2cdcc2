using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>One stroke that mends a fault.</summary>
/// <param name="Label">What it does, as a trainer would say it.</param>
/// <param name="Entry">The session with it done.</param>
public sealed record Mend(string Label, SessionEntry Entry);

/// <summary>What mends each fault at one stroke. A mend that would leave nothing to do is not offered.</summary>
internal static class PlanMends
{
    public static IReadOnlyList<Mend> For(string rule, PlanContext c) => [.. All(rule, c).Where(m => m.Entry.Parts is { Count: > 0 })];

    private static IEnumerable<Mend> All(string rule, PlanContext c)
    {
        var plan = c.Plan;
        return rule switch
        {
            "LamenessHold" or "TooYoungToRide" => [new("Make it work in hand, walk only", (Without(plan, p => p.Gait is not (Gait.Walk or Gait.Halt or Gait.ReinBack) || c.IsJumped(p))) with { Manner = Manner.InHand })],
            "TooLongForItsAge" => [ShortenTo(plan, SessionFigures.InHandMinutes.Value)],
            "Restricted" => [new("Take what is restricted out", Without(plan, p => IsRestricted(c, p)))],
            "TooYoungForRung" => [new("Take that work out", Without(plan, p => p.Rung is { } rung && c.Age < rung.YoungestAge.Value))],
            "FenceWithoutHelper" => [Helped(plan), new("Take the fences out", Without(plan, c.IsJumped))],
            "RaisedPolesWithoutHelper" => [Helped(plan), new("Take the raised poles out", Without(plan, p => c.SetUpOf(p)?.HasRaisedPole == true))],
            "RungWithoutHelper" => [Helped(plan), new("Take that work out", Without(plan, p => p.Rung is { Helper: true } rung && !rung.IsJumped()))],
            "RungNotOpen" => [new("Take that work out", Without(plan, p => p.Rung is { } rung && c.Places is { } places && !places.Reached(rung) && places.Missing(rung, c.Age).Count > 0))],
            "NotLightAfterHold" => [new("Make it a light day", Light(c))],
            "WalkFirstTooShort" => [WalkFirst(c)],
            "NoCoolDown" => [WalkLast(plan)],
            "NewWorkTooEarly" => [new("Move the new work to the end", NewWorkLast(plan))],
            "NothingButNewWork" => [new("Begin with something it does well", WorkBefore(plan))],
            "MoreThanOneNewThing" => [new("Keep the first new thing only", OneNewThing(plan))],
            "OneReinTooMuch" => [new("Ride the work on both reins", With(plan, p => SessionTotals.IsWork(p) ? p.ToEntry() with { Rein = Rein.Both } : p.ToEntry()))],
            "TooManyPoleDays" => [new("Take the poles out", Without(plan, p => c.SetUpOf(p)?.HasPoles == true)), NextDay(plan, 1)],
            "FencesOnNeighbouringDays" => [NextDay(plan, c.Nearby.Any(d => d.Fences && d.On > plan.On) ? 3 : 1), new("Take the fences out", Without(plan, c.IsJumped))],
            "TooManyFenceDays" => [new("Take the fences out", Without(plan, c.IsJumped)), NextDay(plan, 2)],
            "TooManyEfforts" => [FewerEfforts(c, SessionFigures.MostEfforts(c.Horse.Experience).Value)],
            "BigFenceBeforeCompetition" => [new("Take the fences out", Without(plan, c.IsJumped))],
            "SameLayoutAgain" => [new("Take it out today", Without(plan, p => Setups.Layout.KeyOf(c.SetUpOf(p)) is { } key && c.Layouts!.Take(2).All(l => l.Contains(key))))],
            "PolesInHandTooLong" => [new($"Cut the poles to {SessionFigures.InHandPoles.Value} minutes", CutParts(plan, p => c.SetUpOf(p)?.HasPoles == true, SessionFigures.InHandPoles.Value))],
            "LongInFirstWeekBack" => [ShortenTo(plan, SessionFigures.FirstWeekBack.Value)],
            "HotDay" => c.Heat!.Care == Weather.HeatCare.Halve ? [new($"Cut trot and canter to {SessionFigures.HotWork.Value} minutes", CutParts(plan, LegChecks.IsFast, SessionFigures.HotWork.Value))] : [new("Walk only", Without(plan, p => LegChecks.IsFast(p) || c.IsJumped(p)))],
            "TackNotAllowed" => [new("Leave that piece at home", plan.ToEntry() with { TackIds = [.. plan.TackIds.Except((c.Tack ?? []).Where(t => !c.Kinds.All(t.IsFor) || (t.FencesFrom is { } from && c.HighestFence < from)).Select(t => t.Id))] })],
            _ => [],
        };
    }

    private static SessionEntry With(SessionPlan plan, Func<Part, PartEntry> change) => plan.ToEntry() with { Parts = [.. plan.Parts.Select(change)] };

    private static SessionEntry Without(SessionPlan plan, Func<Part, bool> goes) => plan.ToEntry() with { Parts = [.. plan.Parts.Where(p => !goes(p)).Select(p => p.ToEntry())] };

    private static Mend Helped(SessionPlan plan) => new("Someone will be on the ground", plan.ToEntry() with { Helper = true });

    private static Mend NextDay(SessionPlan plan, int days) => new(
        string.Create(CultureInfo.InvariantCulture, $"Move it to {plan.On.AddDays(days):dddd d MMMM}"), plan.ToEntry() with { On = plan.On.AddDays(days) });

    private static bool IsRestricted(PlanContext c, Part part) => (c.Restrictions ?? []).Where(r => r.HoldsOn(c.Plan.On)).Any(r =>
        r.NoGaits.Contains(part.Gait) || (part.Rung is { } rung && r.NoStrands.Contains(rung.Strand)) || CautionChecks.IsTooHigh(c, part, r));

    private static Mend WalkFirst(PlanContext c)
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
            parts.Insert(0, new PartEntry(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, add));
        }

        return new(PlanChecks.Minutes("Add {0} minutes of walk first", add), c.Plan.ToEntry() with { Parts = parts });
    }

    private static Mend WalkLast(SessionPlan plan)
    {
        var add = SessionFigures.WalkLast.Value - ShapeChecks.WalkedLast(plan);
        var parts = plan.Parts.Select(p => p.ToEntry()).ToList();
        if (parts is [.., { Phase: Phase.CoolDown, Gait: Gait.Walk } last])
        {
            parts[^1] = last with { Minutes = last.Minutes + add };
        }
        else
        {
            parts.Add(new PartEntry(Phase.CoolDown, "Walk on a long rein", Gait.Walk, Rein.Both, add));
        }

        return new(PlanChecks.Minutes("Add {0} minutes of walk at the end", add), plan.ToEntry() with { Parts = parts });
    }

    private static SessionEntry NewWorkLast(SessionPlan plan)
    {
        var newWork = plan.Parts.Where(p => p.Phase == Phase.NewWork).ToList();
        var moved = plan.Parts.Where(p => p.Phase is not (Phase.NewWork or Phase.CoolDown)).Concat(newWork).Concat(plan.Parts.Where(p => p.Phase == Phase.CoolDown));
        var fits = Math.Min(1, SessionFigures.NewWorkWithin.Value / newWork.Sum(p => p.Minutes));
        return plan.ToEntry() with { Parts = [.. moved.Select(p => p.Phase == Phase.NewWork ? Scaled(p, fits) : p.ToEntry())] };
    }

    private static SessionEntry WorkBefore(SessionPlan plan)
    {
        var parts = plan.Parts.Select(p => p.ToEntry()).ToList();
        var at = parts.FindIndex(p => p.Phase == Phase.NewWork);
        parts.Insert(at, new PartEntry(Phase.Work, "Large circles and transitions, as it knows them", Gait.Trot, Rein.Both, 5));
        return plan.ToEntry() with { Parts = parts };
    }

    private static SessionEntry OneNewThing(SessionPlan plan)
    {
        var first = plan.Parts.First(p => p.Phase == Phase.NewWork).What;
        return Without(plan, p => p.Phase == Phase.NewWork && !string.Equals(p.What, first, StringComparison.OrdinalIgnoreCase));
    }

    private static SessionEntry Light(PlanContext c)
    {
        var calm = Without(c.Plan, p => p.Gait is Gait.Canter or Gait.Gallop || c.IsJumped(p));
        var minutes = calm.Parts!.Sum(p => p.Minutes ?? 0);
        var fits = Math.Min(1, SessionFigures.LightDay.Value / Math.Max(1, minutes));
        return calm with { Parts = [.. calm.Parts!.Select(p => p with { Minutes = Half(p.Minutes!.Value * fits) })] };
    }

    /// <summary>Work gives way first; walk only where there is no work left to cut.</summary>
    private static Mend ShortenTo(SessionPlan plan, double minutes)
    {
        var label = PlanChecks.Minutes("Shorten it to {0} minutes", minutes);
        var rest = plan.Minutes - plan.Parts.Where(SessionTotals.IsWork).Sum(p => p.Minutes);
        var work = plan.Minutes - rest;
        return work > 0 && rest < minutes
            ? new(label, Scale(plan, (minutes - rest) / work, SessionTotals.IsWork))
            : new(label, Scale(plan, minutes / plan.Minutes, _ => true));
    }

    private static SessionEntry CutParts(SessionPlan plan, Func<Part, bool> which, double minutes) =>
        Scale(plan, minutes / plan.Parts.Where(which).Sum(p => p.Minutes), which);

    private static SessionEntry Scale(SessionPlan plan, double by, Func<Part, bool> which) => With(plan, p => which(p) ? Scaled(p, by) : p.ToEntry());

    private static PartEntry Scaled(Part part, double by) => part.ToEntry() with { Minutes = Half(part.Minutes * by), Times = Fewer(part.Times, by), Efforts = Fewer(part.Efforts, by) };

    private static Mend FewerEfforts(PlanContext c, int budget)
    {
        var by = budget / c.EffortsCounted;
        return new(string.Create(CultureInfo.InvariantCulture, $"Cut the jumping to {budget} efforts"), With(c.Plan, p =>
        {
            var dose = PartDose.Of(p, c.SetUpOf(p));
            return dose.Counted == 0 ? p.ToEntry() : Scaled(p, by) with { Times = null, Efforts = Math.Max(1, (int)Math.Floor(dose.Fences.Count * by)) };
        }));
    }

    private static int? Fewer(int? count, double by) => count is { } n ? Math.Max(1, (int)Math.Floor(n * by)) : null;

    /// <summary>Down to half minutes, and never nothing.</summary>
    private static double Half(double minutes) => Math.Max(0.5, Math.Floor(minutes * 2) / 2);
}
