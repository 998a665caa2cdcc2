using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>How high a horse is jumped: by how far it has come, by its next competition, and never over what a restriction leaves.</summary>
internal static class HeightLimit
{
    /// <summary>The horse's limit; a fence without a height is held to be this high, or as high as its rung goes.</summary>
    public static Distance Of(PlanContext c)
    {
        var own = Math.Max(SessionFigures.HighestFence(c.Horse.Experience).Value, c.Places?[Strand.Jumping]?.MostHeight?.Value ?? 0);
        var over = c.Horse.Experience == Experience.Established ? SessionFigures.OverCompetition.Value : 0;
        var entered = c.Competition?.Height is { } height ? height.Metres + over : 0;
        return Distance.FromMetres(Math.Min(Math.Max(own, entered), Restricted(c)));
    }

    /// <summary>What a fence without a height is held to be: the limit, within what the rung of jumping in work goes to.</summary>
    public static Distance Unknown(PlanContext c)
    {
        var rung = c.Places is null ? null : c.Places[Strand.Jumping] ?? Catalogue.Rung("jumping/cross-pole");
        var most = rung is null
            ? double.PositiveInfinity
            : rung.MostHeight?.Value ?? (rung.NoFence ? ExerciseFigures.CrossPoleHeight.Value : double.PositiveInfinity);
        return Distance.FromMetres(Math.Min(Of(c).Metres, most));
    }

    private static double Restricted(PlanContext c) =>
        (c.Restrictions ?? [])
            .Where(r => r.HoldsOn(c.Plan.On) && r.MostHeight is not null)
            .Select(r => r.MostHeight!.Value.Metres)
            .DefaultIfEmpty(double.PositiveInfinity)
            .Min();
}
