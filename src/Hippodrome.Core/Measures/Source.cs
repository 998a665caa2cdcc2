using System.Text.Json.Serialization;

namespace Hippodrome.Core.Measures;

/// <summary>How far a figure can be trusted.</summary>
public enum SourceClass
{
    /// <summary>A standard, rule book, handbook or paper.</summary>
    Published,

    /// <summary>What the trade does; nobody has written it down where we could point at it.</summary>
    CommonPractice,

    /// <summary>Chosen for Hippodrome, with the reason beside it. A trainer may think otherwise.</summary>
    Chosen,
}

/// <summary>Where a figure or a rule comes from, in words fit to show.</summary>
public sealed record Source
{
    // Also by the store, which reads back what was kept.
    [JsonConstructor]
    public Source(SourceClass @class, string says) => (Class, Says) = (@class, says);

    public SourceClass Class { get; }

    public string Says { get; }

    /// <summary>What the trade does, no source.</summary>
    public static Source CommonPractice { get; } = new(SourceClass.CommonPractice, "common practice, no source");

    public static Source Published(string work) => new(SourceClass.Published, work);

    /// <summary>A published value that was written down from memory and is still to be looked up.</summary>
    public static Source PublishedFromMemory(string work) => new(SourceClass.Published, $"{work} (value from memory)");

    public static Source Chosen(string reason) => new(SourceClass.Chosen, reason);
}

/// <summary>Why a number is what it is: the rule, what went into it, and how far to trust it.</summary>
/// <param name="Rule">The rule, in words.</param>
/// <param name="Inputs">What went into it, as it is said; read by people only.</param>
/// <param name="Source">How far to trust it.</param>
public sealed record Why(string Rule, IReadOnlyList<string> Inputs, Source Source)
{
    /// <summary>What went into it, with its numbers; none where it was read back or said in words only.</summary>
    [JsonIgnore]
    public IReadOnlyList<Input> Typed { get; private init; } = [];

    /// <summary>A reason whose inputs keep their numbers.</summary>
    public static Why Of(string rule, IReadOnlyList<Input> inputs, Source source) =>
        new(rule, [.. inputs.Select(i => i.Says)], source) { Typed = inputs };
}
