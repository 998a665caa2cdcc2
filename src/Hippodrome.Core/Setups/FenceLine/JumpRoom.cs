using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>
/// The ground a jump takes: about two paces, 6 ft, on each side of a fence of one metre for a horse with a course stride
/// of 12 ft (common practice). Height is height; the rest is the horse's, so that a pony's bounce is a pony's.
/// </summary>
public static class JumpRoom
{
    /// <summary>Take-off and landing alike, for a fence of this height. A spread adds nothing: landing is measured from its back rail.</summary>
    public static Distance Of(Distance height, StrideCard card)
    {
        ArgumentNullException.ThrowIfNull(card);
        var own = card[GaitVariant.CanterCourse].Stride.Metres / StrideFigures.CanterCourse.Value.StrideMetres;
        var counted = Math.Max(SetUpFigures.RoomLowest.Value, height.Metres);
        return Distance.FromMetres((SetUpFigures.RoomAtNothing.Value * own) + (SetUpFigures.RoomPerMetre.Value * counted));
    }
}
