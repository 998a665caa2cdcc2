namespace Hippodrome.Core.Measures;

/// <summary>When a rule is asked.</summary>
public enum Moment
{
    /// <summary>Of the days of a block, as sessions are placed and moved.</summary>
    Placing,

    /// <summary>Of a session, while it is planned or proposed, and once more as it is kept.</summary>
    Planning,

    /// <summary>After each tap at the rail, of what was tapped so far.</summary>
    Riding,

    /// <summary>After the ride, of all of it.</summary>
    Reviewing,
}

/// <summary>
/// A rule of the job: what holds, how grave it is where it does not, and how far to trust it. A rule that is asked of
/// a block's days, of a plan, at the rail and after the ride is one object there; what each of them can see of it differs.
/// </summary>
/// <param name="Gravity">Its place in the one order of gravity.</param>
/// <param name="Says">The rule, in words.</param>
/// <param name="Source">Where it comes from.</param>
public sealed record Rule(Gravity Gravity, string Says, Source Source);

/// <summary>A rule as it is asked: by a name that is kept with every answer, at its moments.</summary>
public interface IAsked
{
    /// <summary>It never changes its meaning.</summary>
    string Name { get; }

    /// <summary>What holds.</summary>
    Rule Rule { get; }

    /// <summary>When it may speak.</summary>
    IReadOnlyList<Moment> Moments { get; }
}
