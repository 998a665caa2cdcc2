namespace Hippodrome.Core.Rides;

/// <summary>Where in the arena something was asked or happened.</summary>
public enum ArenaPlace
{
    Diagonal,
    LongSide,
    ShortSide,
    Circle,
    CentreLine,

    /// <summary>Beside a corner: a fault of preparation for a change.</summary>
    Corner,

    /// <summary>At the way in and out, to which many are drawn.</summary>
    Gate,
}
