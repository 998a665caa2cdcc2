namespace Hippodrome.Core.Horses;

/// <summary>How a horse is worked: from the saddle or from the ground.</summary>
public enum Manner
{
    Ridden,

    /// <summary>Led.</summary>
    InHand,
    Lunged,

    /// <summary>On long lines.</summary>
    LongReined,

    /// <summary>Free, without a line.</summary>
    Loose,
}
