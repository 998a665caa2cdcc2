using System.Globalization;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <content>Flying changes: in numbers, by approach and by what the last ride said.</content>
internal sealed partial class SessionDraft
{
    private static Rung SingleChange => Catalogue.Rung("changes/single-change");

    private static Rung EveryFourth => Catalogue.Rung("changes/every-fourth");

    private bool IsLearnedChange(Rung rung) =>
        rung.Strand == Strand.Changes
        && rung.Step >= SingleChange.Step
        && !_places.Reached(Catalogue.Rung("changes/forward-change-collect"));

    private static bool IsSeries(Rung rung) => rung.Strand == Strand.Changes && rung.Step >= EveryFourth.Step;

    /// <summary>While single changes are learned: what leads to them first, then a few askings, late, and leave it.</summary>
    private SessionProposal WithChanges(Rung rung)
    {
        var last = CoolDownMinutes(wanted.Minutes, Manner.Ridden);
        var first = WarmUp(wanted.Minutes, Manner.Ridden, last);
        var work = Math.Max(wanted.Minutes - first - last, ShortestWork);
        var times = Askings(out var because);
        var asked = Math.Min(times + 1, Math.Floor(work / 3));
        List<Rung> leads = [.. LeadsToAChange().Where(r => WhyNot(r) is null)];
        if (habits.LastTime?.Changes == ChangesSaid.NoAnswer)
        {
            work -= Sharpen(work);
        }

        foreach (var lead in leads.Count > 0 ? leads : [Catalogue.Rung(SingleChange.FallBack!)])
        {
            Ride(
                lead,
                Phase.Work,
                (work - asked) / Math.Max(1, leads.Count),
                "What leads to a change, which it does well",
                SessionFigures.MinutesPerGo.Source
            );
        }

        if (asked >= 1 && Exercises(rung).FirstOrDefault() is { } exercise)
        {
            Add(
                PartOf(exercise, Phase.NewWork, asked, Rein.Both, 1) with
                {
                    Times = times,
                },
                "Few, late, and leave it overnight",
                [$"{rung.Name} ({rung.Strand.Say()})", exercise.How, because, .. Again(exercise)],
                SessionFigures.ChangesAsked.Source
            );
        }

        CoolDown(last, Manner.Ridden);
        return Drawn(rung.Name, Manner.Ridden);
    }

    /// <summary>How often a change is asked: as its approach has it, and fewer where the last ones were not calm and good.</summary>
    private int Askings(out string because)
    {
        var ways = habits.Ways;
        var (times, said) =
            ways.Are(ApproachQuestion.SecondTry, Approach.Tomorrow) ? (1, "a good one is left for tomorrow")
            : ways.Are(ApproachQuestion.SecondTry, Approach.EveryTime) ? (3, "until it is there every time")
            : (2, "one, and one that confirms it");
        if (habits.LastTime?.Changes is ChangesSaid.Tense or ChangesSaid.NotGood && times > 1)
        {
            because = string.Create(
                CultureInfo.InvariantCulture,
                $"once in place of {times}: the last were {(habits.LastTime.Changes == ChangesSaid.Tense ? "tense" : "late or not there")}"
            );
            return 1;
        }

        because = said;
        return times;
    }

    /// <summary>No answer to the aid last time: the departs are made quick first; how many minutes that takes.</summary>
    private double Sharpen(double work)
    {
        var minutes = Math.Min(4, Math.Floor(work / 3));
        Add(
            PartEntry.Of(
                Phase.Work,
                "Canter from walk at a light aid, until it is prompt on both leads",
                Gait.Canter,
                Rein.Both,
                minutes
            ) with
            {
                Transitions = 10,
                TransitionsWith = Gait.Walk,
                Outline = Outline.Level,
                Seat = Seat.Sitting,
            },
            "Sharpen first: the last changes had no answer to the aid",
            [],
            Source.CommonPractice
        );
        return minutes;
    }

    /// <summary>
    /// As its approach has it: through canter-walk-canter, through medium canter and simple changes, or half of each.
    /// </summary>
    private IEnumerable<Rung> LeadsToAChange()
    {
        var forward = Catalogue.Rung("flatwork/simple-change");
        var depart = Catalogue.Rung(SingleChange.FallBack!);
        return habits.Ways.Held[ApproachQuestion.FlyingChanges] switch
        {
            Approach.ForwardAndBack => [forward],
            Approach.MixedExercises => [depart, forward],
            _ => [depart],
        };
    }

    /// <summary>Series by the number, the canter refreshed between; a count that was whole opens the next one, once or twice.</summary>
    private SessionProposal WithSeries(Rung rung)
    {
        var above = habits.LastTime is null or { IsCalm: true } ? NewRung(rung) : null;
        var last = CoolDownMinutes(wanted.Minutes, Manner.Ridden);
        var first = WarmUp(wanted.Minutes, Manner.Ridden, last);
        var left = Math.Max(wanted.Minutes - first - last, ShortestWork);
        left -= FreeAndBig(rung, left);
        var below = Catalogue.Rung(rung.FallBack ?? rung.Id);
        left -= Series(below, Phase.Work, "The count it does well, before the one in work", ShortSeries);
        left -= Refresh(left);
        left -= Series(rung, Phase.Work, "The count in work, by the number", null);
        // The next count and the canter before it.
        var forAbove = above is not null && left >= 6 ? ShortSeries + 3 : 0;
        if (left - forAbove >= 2)
        {
            Add(
                PartEntry.Of(
                    Phase.Work,
                    "Walk on a long rein, some of it after each series",
                    Gait.Walk,
                    Rein.Both,
                    Half(left - forAbove)
                ) with
                {
                    Outline = Outline.Long,
                },
                "Rest after hard efforts, and praise",
                [],
                Source.CommonPractice
            );
        }

        if (forAbove > 0)
        {
            Refresh(forAbove);
            Series(above!, Phase.NewWork, "Whole at one count: the next one, once or twice, and leave it", ShortSeries);
        }

        CoolDown(last, Manner.Ridden);
        return Drawn(rung.Name, Manner.Ridden);
    }

    private const int ShortSeries = 2;

    private double Series(Rung rung, Phase phase, string why, int? atMost)
    {
        if (Exercises(rung).FirstOrDefault() is not { } exercise)
        {
            return 0;
        }

        var reason = Why.Of(why, [$"{rung.Name} ({rung.Strand.Say()})", exercise.How, .. Again(exercise)], Source.CommonPractice);
        Take(exercise);
        var times = Math.Min(exercise.Repetitions, atMost ?? exercise.Repetitions);
        Add(PartOf(exercise, phase, times * SessionFigures.MinutesPerGo.Value + 1, Rein.Both, 1) with { Times = times }, reason);
        return times * SessionFigures.MinutesPerGo.Value + 1;
    }

    private double Refresh(double left)
    {
        if (left < 5)
        {
            return 0;
        }

        Add(
            PartEntry.Of(Phase.Work, "Canter forward and back, then walk on a long rein", Gait.Canter, Rein.Both, 2) with
            {
                Outline = Outline.Level,
                Seat = Seat.Light,
                StrideAim = GaitVariant.CanterMedium,
            },
            "The canter is refreshed between two series",
            [],
            Source.CommonPractice
        );
        return 2;
    }
}
