namespace Hippodrome.Core.Horses;

/// <summary>The twelve ladders a horse is schooled up, each from the ground.</summary>
public enum Strand
{
    InHand,
    Lunge,
    Flatwork,
    Lateral,
    Changes,
    Collected,
    Poles,
    Grids,
    Jumping,
    Narrow,
    CrossCountry,
    Fitness,
}

public static class StrandWords
{
    /// <summary>"in hand", as riders say it.</summary>
    public static string Say(this Strand strand) =>
        strand switch
        {
            Strand.InHand => "in hand",
            Strand.Lunge => "lunge",
            Strand.Flatwork => "flatwork",
            Strand.Lateral => "lateral work",
            Strand.Changes => "changes",
            Strand.Collected => "collected work",
            Strand.Poles => "poles",
            Strand.Grids => "grids",
            Strand.Jumping => "jumping",
            Strand.Narrow => "narrow fences",
            Strand.CrossCountry => "cross-country",
            _ => "fitness",
        };
}
