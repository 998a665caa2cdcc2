namespace Hippodrome.Core.Sessions;

/// <summary>What the last flying changes came to.</summary>
public enum ChangesSaid
{
    /// <summary>None was asked.</summary>
    NotAsked,

    /// <summary>The last was good, and calm.</summary>
    Good,

    /// <summary>Late, or with help.</summary>
    NotGood,

    /// <summary>No answer to the aid at all.</summary>
    NoAnswer,

    /// <summary>Tension came up over them.</summary>
    Tense,
}

/// <summary>What the last ride of a strand says to the next one.</summary>
/// <param name="IsCalm">Nothing told against it: one small thing may be otherwise now.</param>
/// <param name="Changes">What its flying changes came to.</param>
public sealed record LastTime(bool IsCalm, ChangesSaid Changes);
