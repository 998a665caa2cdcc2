using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Sessions;

/// <content>Days that the horse's state fixes: heat, a hold just cleared, a return, a treatment, the first month.</content>
internal sealed partial class SessionDraft
{
    /// <summary>
    /// What its state asks for, whatever the focus: the steps after a hold, the weeks of a return, the ride after treatment,
    /// a first sit.
    /// </summary>
    private SessionProposal? Prescribed() =>
        context.Age <= SessionFigures.InHandOnlyTo.Value ? null
        : context.Heat?.Care == HeatCare.None ? LedOnly()
        : context.Step is { } cleared ? Steps(cleared)
        : context.Ramp is { MayShortFirstDay: true } back && habits.Ways.Are(ApproachQuestion.Return, Approach.ShortLesson)
            ? ShortFirstDay(back)
        : context.Ramp is { } ramp && ramp.Trot + ramp.Canter < SessionFigures.HotWork.Value ? Returning(ramp)
        : context.TreatedOn is { } treated && !IsFirstMonth ? Loosening(treated)
        : IsFirstMonth && wanted.Focus is not (Strand.InHand or Strand.Lunge) ? FirstSit()
        : IsUnknown ? Assessing()
        : null;

    /// <summary>
    /// It stands on the first rung under saddle; or it is green, stands on none and is ready for the first. One that has been
    /// ridden for years does not begin there.
    /// </summary>
    private bool IsFirstMonth =>
        context.Places is { } places
        && (
            places[Strand.Flatwork] is { } rung
                ? rung.Step == 1
                : context.Horse.Experience == Experience.Green && WhyNot(Catalogue.Ladder(Strand.Flatwork)[0]) is null
        );

    /// <summary>A calm sit, led; after four of them a few steps of trot.</summary>
    private SessionProposal FirstSit()
    {
        var rung = Catalogue.Ladder(Strand.Flatwork)[0];
        var calm = context.CalmSits >= SessionFigures.CalmSits.Value && Allowed(Gait.Trot) == Gait.Trot;
        var why = Why.Of(
            "The first month under saddle: four calm sits in walk before a few steps of trot",
            [$"{context.CalmSits} calm sits so far"],
            SessionFigures.CalmSits.Source
        );
        if (!wanted.Helper)
        {
            _notes.Add("Nobody is on the ground: a first sit wants a helper, so it is led today.");
            Add(
                PartEntry.Of(
                    Phase.Work,
                    "Led in walk, both sides, halts between",
                    Gait.Walk,
                    Rein.Both,
                    SessionFigures.InHandMinutes.Value
                ),
                why
            );
            return Drawn("Led, and nobody mounts", Manner.InHand);
        }

        Add(
            PartEntry.Of(Phase.WarmUp, "Led in walk, both sides", Gait.Walk, Rein.Both, SessionFigures.WalkFirst.Value) with
            {
                Manner = Manner.InHand,
            },
            why
        );
        Add(
            PartEntry.Of(
                Phase.Work,
                "Sit, led in walk on both reins, and off again",
                Gait.Walk,
                Rein.Both,
                SessionFigures.FirstSit.Value - 1
            ) with
            {
                RungId = rung.Id,
            },
            why
        );
        if (calm)
        {
            Add(PartEntry.Of(Phase.Work, "A few steps of trot, both reins", Gait.Trot, Rein.Both, 1) with { RungId = rung.Id }, why);
        }

        Add(
            PartEntry.Of(Phase.CoolDown, "Led in walk", Gait.Walk, Rein.Both, SessionFigures.WalkLast.Value) with
            {
                Manner = Manner.InHand,
            },
            why
        );
        return Drawn(rung.Name, Manner.Ridden);
    }

    private SessionProposal LedOnly()
    {
        Add(
            PartEntry.Of(Phase.WarmUp, "Walk in hand, in the shade", Gait.Walk, Rein.Both, SessionFigures.InHandMinutes.Value),
            context.Heat!.Why
        );
        _notes.Add($"The heat says: {context.Heat.Says}.");
        return Drawn("Walk in hand", Manner.InHand);
    }

    private SessionProposal Steps(AfterClearance cleared)
    {
        PlanChecks.WalkFirstNeeded(context.Age, context.TemperatureC, out var walkFirst);
        foreach (var part in ClearanceSteps.Of(cleared, walkFirst).Where(p => Allowed(p.Gait!.Value) == p.Gait))
        {
            Add(
                part,
                "After a hold by steps: soundness on the lunge, then long lines, then the saddle",
                [FormattableString.Invariant($"cleared on {cleared.On:d MMMM}"), $"worked on {cleared.WorkedDays} days since"],
                SessionFigures.LightDay.Source
            );
        }

        _notes.Add("Each only after the one before was level and steady.");
        return Drawn("A step back to work", cleared.NoLungeing ? Manner.InHand : Manner.Lunged);
    }

    /// <summary>Walk, with what there is of trot and canter in short bouts spread out in it.</summary>
    private SessionProposal Returning(RampLimit ramp)
    {
        var bout = SessionFigures.ReturnBout.Value;
        var most = Math.Min(wanted.Minutes, ramp.Total);
        var canter = Allowed(Gait.Canter) == Gait.Canter ? Math.Min(ramp.Canter, most / 4) : 0;
        var trot = Allowed(Gait.Trot) == Gait.Trot ? Math.Min(ramp.Trot, most / 4) : 0;
        var walk = most - trot - canter;
        var last = trot + canter > 0 ? Math.Max(Half(walk / 3), Math.Min(SessionFigures.WalkLast.Value, walk / 2)) : 0;
        Add(PartEntry.Of(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, walk - last), ramp.Why);
        foreach (var (gait, minutes) in new[] { (Gait.Trot, trot), (Gait.Canter, canter) }.Where(g => g.Item2 >= 0.5))
        {
            Add(
                new PartEntry
                {
                    Phase = Phase.Work,
                    What = $"{gait} in bouts of {bout} seconds, spread out in the walk",
                    Gait = gait,
                    Rein = Rein.Both,
                    Minutes = Half(minutes),
                    Times = Math.Max(1, (int)(Half(minutes) * 60 / bout)),
                    BoutSeconds = bout,
                    RestSeconds = 2 * bout,
                    Transitions = 2 * Math.Max(1, (int)(Half(minutes) * 60 / bout)),
                    TransitionsWith = Gait.Walk,
                },
                ramp.Why
            );
        }

        if (last > 0)
        {
            Add(PartEntry.Of(Phase.CoolDown, "Walk on a long rein; drop the reins at the end", Gait.Walk, Rein.Both, last), ramp.Why);
        }

        _notes.Add("It is coming back to work: no more than its week leaves, whatever was asked for.");
        return Drawn("Back by steps", Manner.Ridden);
    }

    /// <summary>Where its approach is one short lesson: a little of everything, never tired, in the first week only.</summary>
    private SessionProposal ShortFirstDay(RampLimit ramp)
    {
        foreach (var part in SessionTemplates.ShortFirstDay.Where(p => Allowed(p.Gait!.Value) == p.Gait))
        {
            Add(part, ramp.Why);
        }

        _notes.Add($"Under {SessionFigures.ShortFirstDay.Value} minutes from the first asking to dismounting; the ramp's days follow.");
        return Drawn("A short first day", Manner.Ridden);
    }

    /// <summary>It has been ridden for years and nobody has said where it stands: that is found out, in the time there is.</summary>
    private bool IsUnknown =>
        context.Places is { } places
        && places[Strand.Flatwork] is null
        && context.Horse.Experience != Experience.Green
        && context.Ramp is null
        && wanted.Focus is not (Strand.InHand or Strand.Lunge);

    private SessionProposal Assessing()
    {
        var parts = SessionTemplates.Assessment.Session.Parts!.ToList();
        // What tires most goes first where there is little time.
        while (parts.Sum(p => p.Minutes) > wanted.Minutes && parts.FindLastIndex(p => p.Phase == Phase.Work) is var last and > 1)
        {
            parts.RemoveAt(last);
        }

        foreach (var part in parts)
        {
            Add(
                Walked(part),
                "Where it stands is found out before it is worked on",
                [$"nothing said of its {Strand.Flatwork.Say()}"],
                Source.CommonPractice
            );
        }

        _notes.Add("Nobody has said where it stands in the saddle: ride the assessment, or place it on the ladders.");
        return Drawn(SessionTemplates.Assessment.Session.Emphasis!, Manner.Ridden);
    }

    private SessionProposal Loosening(DateOnly treated)
    {
        foreach (var part in SessionTemplates.Loosening.Session.Parts!)
        {
            Add(
                Walked(part),
                "The ride after treatment is low: easy trot, transitions, big lines, stretch, a lot of walk",
                [FormattableString.Invariant($"treated on {treated:d MMMM}")],
                Source.CommonPractice
            );
        }

        return Drawn(SessionTemplates.Loosening.Session.Emphasis!, Manner.Ridden);
    }

    /// <summary>The part, in walk where a restriction rules its gait out; and as long in walk first as this horse needs.</summary>
    private PartEntry Walked(PartEntry part)
    {
        PlanChecks.WalkFirstNeeded(context.Age, context.TemperatureC, out var walkFirst);
        var first = part is { Phase: Phase.WarmUp, Gait: Gait.Walk }
            ? part with
            {
                Minutes = Math.Max(part.Minutes!.Value, walkFirst),
            }
            : part;
        return Allowed(part.Gait!.Value) == part.Gait ? first : first with { Gait = Gait.Walk, Transitions = null, TransitionsWith = null };
    }

    /// <summary>Where nothing of any ladder may be done today.</summary>
    private SessionProposal WalkOnly()
    {
        var young = context.Age <= SessionFigures.InHandOnlyTo.Value;
        var minutes = Math.Min(wanted.Minutes, young ? SessionFigures.InHandMinutes.Value : 30);
        Add(
            new PartEntry
            {
                Phase = Phase.WarmUp,
                What = young ? "Walk in hand" : "Walk on a long rein, both reins",
                Gait = Gait.Walk,
                Rein = Rein.Both,
                Minutes = minutes,
            },
            "Nothing else may be done today",
            _notes,
            Source.CommonPractice
        );
        return new SessionProposal(
            new SessionEntry(wanted.On, "Walk", young ? Manner.InHand : Manner.Ridden, wanted.Helper, [.. _parts], "", "", wanted.TackIds),
            _because,
            _notes
        );
    }
}
