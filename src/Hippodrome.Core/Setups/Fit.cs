namespace Hippodrome.Core.Setups;

/// <summary>How a gap suits the horse. A word for the gap, never for the ride.</summary>
public enum Fit
{
    TooShort,
    Tight,
    True,
    Forward,
    Long,
}

public static class Fits
{
    /// <summary>The word for what a gap needs over what the horse has.</summary>
    public static Fit Of(double neededOverOwn) =>
        neededOverOwn switch
        {
            _ when neededOverOwn < SetUpFigures.TooShortUnder.Value => Fit.TooShort,
            _ when neededOverOwn < SetUpFigures.TightUnder.Value => Fit.Tight,
            _ when neededOverOwn <= SetUpFigures.TrueTo.Value => Fit.True,
            _ when neededOverOwn <= SetUpFigures.ForwardTo.Value => Fit.Forward,
            _ => Fit.Long,
        };
}
