using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>The ground a jump takes: about two paces, 6 ft, on each side of a fence of one metre (common practice).</summary>
public static class JumpRoom
{
    /// <summary>Take-off and landing alike, for a fence of this height. A spread adds nothing: landing is measured from its back rail.</summary>
    public static Distance Of(Distance height)
    {
        var counted = Math.Max(SetUpFigures.RoomLowest.Value, height.Metres);
        return Distance.FromMetres(SetUpFigures.RoomAtNothing.Value + (SetUpFigures.RoomPerMetre.Value * counted));
    }
}
