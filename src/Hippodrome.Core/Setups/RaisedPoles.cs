using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>How the poles of a line lie.</summary>
public enum Raising
{
    Ground,
    AlternateEnds,
    BothEnds,
}

/// <summary>Poles on blocks or in cups: which end is up, how high it may be, and what is said of them.</summary>
internal static class RaisedPoles
{
    public const string Care = "Raised poles: have a helper on the ground, and blocks that let a pole roll.";

    /// <summary>Height of a raised end as typed; nothing on the ground.</summary>
    public static Distance Height(Checks checks, Raising raising, double? heightMetres, GaitVariant variant, string field = "heightMetres")
    {
        var highest = (variant.Gait() == Gait.Canter ? SetUpFigures.RaisedCanterPoleHeight : SetUpFigures.RaisedPoleHeight).Value;
        return Distance.FromMetres(raising == Raising.Ground ? 0 : checks.Number(field, heightMetres, 0.05, highest, "m"));
    }

    /// <summary>The end of a pole that is up.</summary>
    /// <param name="raising">How they lie.</param>
    /// <param name="index">Which pole, from 0.</param>
    /// <param name="first">The end of the first pole that is up where they are raised in turn.</param>
    public static PoleEnd End(Raising raising, int index, Side first) =>
        raising switch
        {
            Raising.BothEnds => PoleEnd.Both,
            Raising.AlternateEnds => (index % 2 == 0) == (first == Side.Left) ? PoleEnd.Left : PoleEnd.Right,
            _ => PoleEnd.None,
        };

    public static string Name(int index, PoleEnd end) =>
        end switch
        {
            PoleEnd.Left => $"Pole {index + 1}, left end up",
            PoleEnd.Right => $"Pole {index + 1}, right end up",
            PoleEnd.Both => $"Pole {index + 1}, both ends up",
            _ => $"Pole {index + 1}",
        };

    /// <summary>After a title; nothing on the ground.</summary>
    public static string Says(Raising raising, Distance height) =>
        raising switch
        {
            Raising.AlternateEnds => FormattableString.Invariant($", ends raised {height.Centimetres:0} cm in turn"),
            Raising.BothEnds => FormattableString.Invariant($", raised {height.Centimetres:0} cm"),
            _ => "",
        };
}
