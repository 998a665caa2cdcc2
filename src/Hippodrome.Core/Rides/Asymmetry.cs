namespace Hippodrome.Core.Rides;

/// <summary>Left compared with right.</summary>
public static class Asymmetry
{
    /// <summary>
    /// (R-L)/((R+L)/2) x 100 %: above zero is more on the right. Null when there is nothing on either side.
    /// </summary>
    public static double? Index(double left, double right) => left + right == 0 ? null : (right - left) / ((right + left) / 2) * 100;
}
