namespace Hippodrome.Core.Rides;

/// <summary>Goes over what stands now that were calm and clean, one after the other up to the last.</summary>
internal static class CalmGoes
{
    /// <param name="events">Taps of one part, in order; what was rebuilt last stands.</param>
    public static int Of(IReadOnlyList<RideEvent> events)
    {
        var goes = 0;
        // A go through several fences is tapped fence by fence where one was not clear.
        var untidy = events.OfType<JumpTold>().Where(t => t.Untidy).Select(t => t.Jump).ToHashSet();
        foreach (var e in events)
        {
            goes = e switch
            {
                Stands => 0,
                PolesPassed p => p.Touched + p.Rushed == 0 ? goes + p.Clean : 0,
                Efforts f => f.Outcome == EffortOutcome.Clear && f.Over is null or NarrowWhere.Middle && !untidy.Contains(f.Id)
                    ? goes + 1
                    : 0,
                SignSeen s => s.Sign is Sign.SoftAndReady or Sign.Spooked ? goes : 0,
                TensionSeen t => t.Tension >= 3 ? 0 : goes,
                Fell => 0,
                _ => goes,
            };
        }

        return goes;
    }
}

/// <summary>The same asking that gets worse.</summary>
internal static class Worse
{
    /// <summary>
    /// Askings of one movement on one side that came out worse each time, three times running; or three that were each
    /// followed by more tension than the one before.
    /// </summary>
    public static (Movement Movement, int Times) Running(IReadOnlyList<Attempt> attempts, IReadOnlyList<TensionSeen> tension)
    {
        var most = RideFigures.WorseRunning.Value;
        var worse = attempts
            .Where(a => !a.Mine)
            .GroupBy(a => (a.Movement, a.Every, a.Side))
            .Select(g => (g.Key.Movement, Times: Count(g.Select(Badness).ToList(), most)))
            .FirstOrDefault(w => w.Times > 0);
        var rising = tension.Select(t => (double)t.Tension).ToList();
        return worse.Times > 0 ? worse
            : attempts.Count >= most && rising.Count >= most && Count(rising, most) is > 0 and var times ? (attempts[^1].Movement, times)
            : default;
    }

    private static double Badness(Attempt a) =>
        // A series that breaks off earlier is worse.
        a.Movement == Movement.Series
        && !a.Good
            ? 100 - (a.Steps ?? 0)
        : a.Good ? 0
        : 1 + (int)a.Answered;

    /// <summary>How often so many in a row stand in rising order.</summary>
    private static int Count(List<double> values, int most) =>
        Enumerable
            .Range(0, Math.Max(0, values.Count - most + 1))
            .Count(i => Enumerable.Range(i, most - 1).All(k => values[k] < values[k + 1]));
}
