using System.Text.Json.Serialization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Arenas;

/// <summary>The two sizes of a dressage arena, and a field outdoors, which has a size of its own.</summary>
public enum ArenaSize
{
    SixtyByTwenty,
    FortyByTwenty,
    Field,
}

/// <summary>
/// A letter of the arena. <paramref name="Along"/> is metres from the A end; <paramref name="Across"/>
/// is metres from the left long side as one comes in at A and looks to C.
/// </summary>
public sealed record ArenaLetter(char Letter, double Along, double Across);

/// <summary>
/// A dressage arena with its letters. Seen from above the letters run clockwise A K V E S H C M R B P F,
/// so with A drawn on the left the K side stands along the top.
/// </summary>
public sealed record Arena
{
    public static readonly Figure<string> LettersOfSixty = Figure.Published(
        "Letters of the 60 x 20 arena",
        "K V E S H and F P B R M at 6, 18, 30, 42, 54 m from the A end; D L X I G on the centre line at the same",
        "",
        "FEI dressage arena"
    );

    public static readonly Figure<string> LettersOfForty = Figure.Published(
        "Letters of the 40 x 20 arena",
        "K E H and F B M at 6, 20, 34 m from the A end; D X G on the centre line at the same",
        "",
        "FEI dressage arena"
    );

    public static readonly Figure<double> CornerDepth = Figure.Chosen(
        "Length a ridden corner takes",
        5.0,
        "m",
        "a quarter of a 10 m circle; a line is straight only after it"
    );

    private const double Short = 20;

    private Arena(ArenaSize size, double length, IReadOnlyList<ArenaLetter> letters) =>
        (Size, Length, Letters) = (size, Distance.FromMetres(length), letters);

    public ArenaSize Size { get; }

    public Distance Length { get; }

    public Distance Width { get; private init; } = Distance.FromMetres(Short);

    public IReadOnlyList<ArenaLetter> Letters { get; }

    [JsonIgnore]
    public static Arena Sixty { get; } = new(ArenaSize.SixtyByTwenty, 60, Lay(60, "KVESH", "FPBRM", "DLXIG", [6, 18, 30, 42, 54]));

    [JsonIgnore]
    public static Arena Forty { get; } = new(ArenaSize.FortyByTwenty, 40, Lay(40, "KEH", "FBM", "DXG", [6, 20, 34]));

    public static Arena Of(ArenaSize size) =>
        size switch
        {
            ArenaSize.SixtyByTwenty => Sixty,
            ArenaSize.FortyByTwenty => Forty,
            _ => Field(UsualField.Long, UsualField.Wide),
        };

    /// <summary>A field of this size: no letters, and no boards but its hedges.</summary>
    public static Arena Field(Distance length, Distance width) => new(ArenaSize.Field, length.Metres, []) { Width = width };

    private static readonly (Distance Long, Distance Wide) UsualField = (Distance.FromMetres(100), Distance.FromMetres(60));

    /// <exception cref="ArgumentException">This arena has no such letter.</exception>
    public ArenaLetter At(char letter) =>
        Letters.FirstOrDefault(l => l.Letter == letter)
        ?? throw new ArgumentException($"There is no {letter} in this arena.", nameof(letter));

    /// <summary>Whether a point lies inside the boards.</summary>
    public bool Holds(FigurePoint point)
    {
        ArgumentNullException.ThrowIfNull(point);
        const double hair = 1e-3;
        return point.Along >= -hair && point.Along <= Length.Metres + hair && point.Across >= -hair && point.Across <= Width.Metres + hair;
    }

    /// <summary>Straight from one letter to another.</summary>
    public Distance Between(char from, char to)
    {
        var (a, b) = (At(from), At(to));
        return Distance.FromMetres(double.Hypot(a.Along - b.Along, a.Across - b.Across));
    }

    /// <summary>All the way round a circle of this diameter.</summary>
    public static Distance Circle(Distance diameter) => diameter * Math.PI;

    private static List<ArenaLetter> Lay(double length, string left, string right, string centre, double[] along)
    {
        var letters = new List<ArenaLetter> { new('A', 0, Short / 2), new('C', length, Short / 2) };
        letters.AddRange(left.Select((letter, i) => new ArenaLetter(letter, along[i], 0)));
        letters.AddRange(right.Select((letter, i) => new ArenaLetter(letter, along[i], Short)));
        letters.AddRange(centre.Select((letter, i) => new ArenaLetter(letter, along[i], Short / 2)));
        return letters;
    }
}
