namespace Hippodrome.Core.Sessions;

/// <summary>The horse's outline in a part: free and long before it is collected.</summary>
public enum Outline
{
    /// <summary>Long and low, nose out.</summary>
    Long,

    /// <summary>Level: neither long nor taller than it goes by itself.</summary>
    Level,

    /// <summary>Taller, the hind legs under.</summary>
    Collected,
}

/// <summary>How the rider sits in a part.</summary>
public enum Seat
{
    /// <summary>Out of the saddle, the back left free.</summary>
    Light,

    /// <summary>Rising.</summary>
    Rising,

    /// <summary>Sitting.</summary>
    Sitting,
}
