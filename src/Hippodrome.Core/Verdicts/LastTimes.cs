using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Verdicts;

/// <summary>What a ride says to the next proposal.</summary>
public static class LastTimes
{
    public static LastTime Of(RideRecord ride)
    {
        ArgumentNullException.ThrowIfNull(ride);
        return new LastTime(RungRules.IsCalm(ride), ChangesOf(ride));
    }

    private static ChangesSaid ChangesOf(RideRecord ride)
    {
        // The rider's own slip is not counted against the horse.
        var changes = ride.Rail.Attempts.Where(a => a.Movement == Movement.Change && !a.Mine).ToList();
        return changes.Count == 0 ? ChangesSaid.NotAsked
            : ride.TensionPeak > VerdictFigures.CalmTension.Value ? ChangesSaid.Tense
            : changes.TrueForAll(a => a.Answered == HorseAnswer.Not) ? ChangesSaid.NoAnswer
            : changes[^1].Good ? ChangesSaid.Good
            : ChangesSaid.NotGood;
    }
}
