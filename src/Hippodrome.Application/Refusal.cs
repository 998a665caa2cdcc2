using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Application;

/// <summary>Why something was not done. Nothing of it is kept.</summary>
public abstract record Refusal
{
    /// <summary>There is no such thing, or it is not this person's to see.</summary>
    public static Refusal NotThere { get; } = new NotThere();

    /// <summary>What was typed cannot be right.</summary>
    public static Refusal Faulty(IReadOnlyList<Fault> faults) => new Faulty(faults);

    /// <summary>One field of it cannot be right.</summary>
    public static Refusal Faulty(string field, string says, string mend) => new Faulty([new Fault(field, says, mend)]);

    /// <summary>Hard faults of a plan.</summary>
    public static Refusal Hard(IEnumerable<PlanFault> hard) => new Faulty([.. hard.Select(f => new Fault("parts", f.Says, f.Mend))]);

    /// <summary>Someone was quicker: both versions, nothing overwritten.</summary>
    public static Refusal Changed(object current, object sent) =>
        new Conflict(
            "Someone else has changed this meanwhile.",
            "Nothing was overwritten. Look at both and choose.",
            [("current", current), ("sent", sent)]
        );
}

/// <summary>There is no such thing here.</summary>
public sealed record NotThere : Refusal;

/// <summary>What was typed cannot be right: each fault names its field and the mend.</summary>
public sealed record Faulty(IReadOnlyList<Fault> Faults) : Refusal;

/// <summary>It does not go with what is kept by now.</summary>
/// <param name="Title">What happened.</param>
/// <param name="Detail">What was left undone, and what to do.</param>
/// <param name="More">What is to be looked at, by name.</param>
public sealed record Conflict(string Title, string Detail, IReadOnlyList<(string Name, object What)> More) : Refusal;
