namespace Hippodrome.Core.Horses;

/// <summary>A side of the horse's body, which is not the rein it is ridden on.</summary>
public enum Side
{
    Left,
    Right,
}

public static class Sides
{
    public static Side Other(this Side side) => side == Side.Left ? Side.Right : Side.Left;

    /// <summary>The other rein; both stay both.</summary>
    public static Rein Other(this Rein rein) =>
        rein switch
        {
            Rein.Left => Rein.Right,
            Rein.Right => Rein.Left,
            _ => rein,
        };

    /// <summary>The side on the inside of a rein; null for both reins.</summary>
    public static Side? Inside(this Rein rein) =>
        rein switch
        {
            Rein.Left => Side.Left,
            Rein.Right => Side.Right,
            _ => null,
        };

    public static string Say(this Side side) => side == Side.Left ? "left" : "right";
}
