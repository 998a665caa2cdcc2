using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <content>Where a young horse begins: led, and over its first fences.</content>
internal sealed partial class SessionDraft
{
    /// <summary>Led: up to three years everything is, later what stands on the ladder in hand before the long lines.</summary>
    private static bool IsFromTheGround(Rung rung) => MannerOf(rung) == Manner.InHand && rung.Strand == Strand.InHand;

    /// <summary>
    /// Lead and halt, the nose down, then what its rung has standing, a few minutes of it; never longer than its age bears.
    /// </summary>
    private SessionProposal InHandDay(Rung rung)
    {
        var most =
            context.Age <= SessionFigures.InHandOnlyTo.Value ? SessionFigures.InHandMinutes.Value : SessionFigures.LongestInHand.Value;
        var minutes = Math.Min(wanted.Minutes, most);
        if (minutes < wanted.Minutes)
        {
            _notes.Add($"At {context.Age} it works {minutes:0} minutes in hand at most.");
        }

        List<(Rung Rung, double Share, string Why)> inOrder =
        [
            (
                Catalogue.Rung("in-hand/lead-and-halt"),
                0.3,
                "In hand it begins with leading: from both sides, halts, a few straight steps back"
            ),
            (Catalogue.Rung("in-hand/lower-and-bend"), 0.2, "The nose comes down before anything is asked over poles"),
            (rung, 0.5, "What its rung has standing, a few minutes of it"),
        ];
        var asked = inOrder.Where(s => s.Rung.Step <= rung.Step).DistinctBy(s => s.Rung.Id).ToList();
        foreach (var (led, share, why) in asked)
        {
            if (Exercises(led).FirstOrDefault() is not { } exercise)
            {
                continue;
            }

            Take(exercise);
            // What is left out gives its minutes to the rest.
            var ridden = Math.Min(
                minutes * share / asked.Sum(s => s.Share),
                exercise.Poles is null ? minutes : SessionFigures.InHandPoles.Value
            );
            Add(
                PartOf(exercise, Phase.Work, ridden, Rein.Both, 1),
                Why.Of(why, [led.Name, exercise.How], exercise.Poles is null ? Source.CommonPractice : SessionFigures.InHandPoles.Source)
            );
        }

        return Drawn(rung.Name, Manner.InHand);
    }

    private static bool IsFirstFence(Rung rung) => rung.Strand == Strand.Jumping && rung.Step <= Catalogue.Rung("jumping/cross-pole").Step;

    /// <summary>
    /// Between empty wings; a cross-pole in trot on each rein; a placing pole once it has trotted in calm. It ends when the last
    /// of them went well once and was confirmed once.
    /// </summary>
    private SessionProposal FirstFences(Rung rung)
    {
        var last = CoolDownMinutes(wanted.Minutes, Manner.Ridden);
        var first = WarmUp(wanted.Minutes, Manner.Ridden, last);
        var cross = Catalogue.Rung("jumping/cross-pole");
        var fences = rung == cross || NewRung(rung) == cross;
        var goes = Math.Min(6, Math.Max(2, Math.Floor(wanted.Minutes - first - last - 6)));
        Wings(fences ? 4 : goes + 2);
        if (fences)
        {
            Jump(
                cross,
                rung == cross ? Phase.Work : Phase.NewWork,
                goes,
                "A low cross-pole from trot on each rein, poles free to roll, a ground line on both sides"
            );
            if (habits.LastTime is { IsCalm: true })
            {
                Add(
                    PartEntry.Of(Phase.NewWork, "The same with a placing pole before it, twice", Gait.Trot, Rein.Both, 2) with
                    {
                        RungId = cross.Id,
                        Efforts = 2,
                        HeightMetres = SessionFigures.FirstFence.Value,
                        Outline = Outline.Level,
                        Seat = Seat.Light,
                    },
                    "It trotted in calm last time: a placing pole, and leave it",
                    [cross.Name],
                    Source.CommonPractice
                );
            }
        }

        _notes.Add(
            "It ends with the first good go at the last of these and one that confirms it, or at the budget, whichever comes first."
        );
        CoolDown(last, Manner.Ridden);
        return Drawn(rung.Name, Manner.Ridden);
    }

    private void Wings(double minutes)
    {
        var wings = Catalogue.Rung("jumping/empty-wings");
        if (Exercises(wings).FirstOrDefault() is { } exercise)
        {
            Take(exercise);
            Add(
                PartOf(exercise, Phase.Work, minutes, Rein.Both, 1) with
                {
                    Gait = context.Age < SessionFigures.SitsFrom.Value ? Gait.Trot : exercise.Gait,
                },
                Why.Of("Poles between empty wings first: open lines, one calm gait", [wings.Name, exercise.How], Source.CommonPractice)
            );
        }
    }

    private void Jump(Rung rung, Phase phase, double goes, string why)
    {
        if (Exercises(rung).FirstOrDefault() is not { } exercise)
        {
            return;
        }

        Take(exercise);
        var reason = Why.Of(why, [rung.Name, exercise.How, .. Started()], Source.CommonPractice);
        Rein[] reins = goes >= 4 ? [StartRein, StartRein.Other()] : [Rein.Both];
        foreach (var rein in reins)
        {
            var share = Math.Max(1, (int)goes / reins.Length);
            Add(PartOf(exercise, phase, share, rein, 1) with { Efforts = share }, reason);
        }
    }
}
