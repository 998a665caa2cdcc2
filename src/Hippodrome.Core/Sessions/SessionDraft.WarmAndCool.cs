using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <content>Walk first, the warm-up in this horse's own order, and the way down.</content>
internal sealed partial class SessionDraft
{
    /// <summary>Walk first, then loose in this horse's own order; how many minutes it takes.</summary>
    private double WarmUp(double minutes, Manner manner, double last)
    {
        if (manner == Manner.InHand)
        {
            return 0;
        }

        var why = PlanChecks.WalkFirstNeeded(context.Age, context.TemperatureC, out var needed);
        var walk = Math.Min(needed, Math.Max(2, minutes - last - ShortestWork));
        Add(PartEntry.Of(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, walk) with { Outline = Outline.Long }, why);
        var loose = Math.Clamp(Math.Floor(minutes * 0.15), 0, 8);
        if (loose < 3 || minutes - walk - loose - last < ShortestWork || Allowed(Gait.Trot) != Gait.Trot)
        {
            return walk;
        }

        var canters =
            manner == Manner.Ridden
            && minutes >= 35
            && Allowed(Gait.Canter) == Gait.Canter
            && _places.Reached(Catalogue.Rung("flatwork/trot-canter"));
        var ways = habits.Ways;
        var sideways = manner == Manner.Ridden && ways.Are(ApproachQuestion.Order, Approach.SidewaysFirst) && loose >= 4;
        var trotMinutes = loose - (canters ? 2 : 0) - (sideways ? 2 : 0);
        var trot = PartEntry.Of(Phase.WarmUp, Trotted(manner), Gait.Trot, Rein.Both, trotMinutes) with
        {
            Outline = ways.Are(ApproachQuestion.HeadAndNeck, Approach.LightAndTaller) ? Outline.Level : Outline.Long,
            Seat = manner == Manner.Ridden ? Seat.Rising : null,
        };
        var canter = PartEntry.Of(Phase.WarmUp, "A round of easy canter on each rein", Gait.Canter, Rein.Both, 2) with
        {
            Outline = Outline.Level,
            Seat = Seat.Light,
        };
        var steps = PartEntry.Of(Phase.WarmUp, "Halts, transitions and a few steps to the side, both ways", Gait.Walk, Rein.Both, 2);
        PartEntry[] inOrder =
        [
            .. sideways ? (PartEntry[])[steps] : [],
            .. canters && CantersEarly ? (PartEntry[])[canter] : [],
            trot,
            .. canters && !CantersEarly ? (PartEntry[])[canter] : [],
        ];
        foreach (var part in inOrder.Where(p => p.Minutes > 0))
        {
            Add(part, "Warm-up in this horse's own order", [ways.On(ApproachQuestion.Order).Says], Source.CommonPractice);
        }

        if (manner == Manner.Lunged && !ways.Are(ApproachQuestion.Lungeing, "plain"))
        {
            _notes.Add($"{ways.On(ApproachQuestion.Lungeing).Says}: looked at before, and loosened between the reins.");
        }

        return walk + loose;
    }

    private bool CantersEarly => habits.Ways.Are(ApproachQuestion.Order, Approach.CanterEarly);

    private string Trotted(Manner manner) =>
        manner != Manner.Ridden ? "Trot, loose and forward, both reins"
        : habits.Ways.Are(ApproachQuestion.HeadAndNeck, Approach.LightAndTaller) ? "Trot, light and taller from the start, both reins"
        : "Trot, long and low, nose out, both reins";

    private static double CoolDownMinutes(double minutes, Manner manner) =>
        manner == Manner.InHand
            ? 0
            : Math.Min(
                SessionFigures.WalkLast.Value
                    + (
                        minutes >= 40 ? 5
                        : minutes >= 30 ? 2
                        : 0
                    ),
                Math.Max(2, minutes - 10)
            );

    private void CoolDown(double minutes, Manner manner)
    {
        if (minutes <= 0)
        {
            return;
        }

        var stretch = minutes > SessionFigures.WalkLast.Value && manner == Manner.Ridden && Allowed(Gait.Trot) == Gait.Trot ? 2 : 0;
        if (stretch > 0)
        {
            Add(
                PartEntry.Of(Phase.CoolDown, "Stretch in trot on the large circle", Gait.Trot, Rein.Both, stretch) with
                {
                    Outline = Outline.Long,
                    Seat = Seat.Rising,
                },
                "Finish on something it does well",
                [],
                Source.CommonPractice
            );
        }

        Add(
            PartEntry.Of(Phase.CoolDown, "Walk on a long rein; drop the reins at the end", Gait.Walk, Rein.Both, minutes - stretch) with
            {
                Outline = Outline.Long,
            },
            "Breath and muscle come down, and the closing test says whether it was too much",
            [],
            SessionFigures.WalkLast.Source
        );
    }
}
