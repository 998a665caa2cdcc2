using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Sessions;

/// <summary>The session that a horse is at after a hold has been cleared. Steps and not dates.</summary>
internal static class ClearanceSteps
{
    /// <param name="cleared">How far it has come since.</param>
    /// <param name="walkFirst">Minutes of walk this horse needs before anything else.</param>
    public static IReadOnlyList<PartEntry> Of(AfterClearance cleared, int walkFirst)
    {
        var ground = cleared.NoLungeing ? Manner.InHand : Manner.Lunged;
        List<PartEntry> parts =
        [
            new()
            {
                Phase = Phase.WarmUp,
                What = cleared.NoLungeing ? "Led in walk, both sides" : "Walk on the lunge, both ways",
                Gait = Gait.Walk,
                Rein = Rein.Both,
                Minutes = walkFirst,
                Manner = ground,
            },
            new()
            {
                Phase = Phase.Work,
                What = cleared.NoLungeing ? "Led, trot up and back a few times: level?" : "Trot on the lunge: level and steady both ways?",
                Gait = Gait.Trot,
                Rein = Rein.Both,
                Minutes = 3,
                Manner = ground,
            },
        ];
        if (cleared.WorkedDays > 0)
        {
            parts.Add(
                PartEntry.Of(Phase.Work, "Long lines, large circles and straight", Gait.Trot, Rein.Both, 3) with
                {
                    Manner = Manner.LongReined,
                }
            );
        }

        if (cleared.WorkedDays > 1)
        {
            var left = SessionFigures.LightDay.Value - SessionFigures.WalkLast.Value - parts.Sum(p => p.Minutes!.Value);
            parts.Add(
                new()
                {
                    Phase = Phase.Work,
                    What = "In the saddle, walk on a long rein, both reins",
                    Gait = Gait.Walk,
                    Rein = Rein.Both,
                    Minutes = Math.Min(SessionFigures.FirstSaddleAfterHold.Value - 2, left),
                    Manner = Manner.Ridden,
                }
            );
        }

        parts.Add(
            PartEntry.Of(Phase.CoolDown, "Walk, led", Gait.Walk, Rein.Both, SessionFigures.WalkLast.Value) with
            {
                Manner = Manner.InHand,
            }
        );
        return parts;
    }
}
