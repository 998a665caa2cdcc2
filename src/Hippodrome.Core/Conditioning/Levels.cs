using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Conditioning;

/// <summary>Whose level it is. The same word means different things in different schemes.</summary>
public enum Scheme
{
    /// <summary>British national eventing.</summary>
    British,

    /// <summary>American national eventing.</summary>
    American,

    /// <summary>International, long format.</summary>
    International,
}

/// <summary>A level of eventing with the speed it is ridden at.</summary>
/// <param name="Scheme">Whose level it is.</param>
/// <param name="Name">The level in that scheme's words.</param>
/// <param name="LeastSpeed">The lower end, in m/min.</param>
/// <param name="Speed">The speed, or the upper end, in m/min.</param>
/// <param name="LeastMinutes">Shortest course at that speed, where the rules give it.</param>
/// <param name="MostMinutes">Longest course at that speed, where the rules give it.</param>
/// <param name="Source">Where it comes from.</param>
public sealed record Level(Scheme Scheme, string Name, int LeastSpeed, int Speed, int? LeastMinutes, int? MostMinutes, Source Source)
{
    public int? LeastMetres => Speed * LeastMinutes;

    public int? MostMetres => Speed * MostMinutes;
}

/// <summary>Speeds and distances of the levels.</summary>
public static class Levels
{
    public static readonly Figure<string> BritishSpeeds = Figure.Published(
        "Speeds across country, British national levels",
        "80 435, 90 450, 100 475, Novice 520, Intermediate 550, Advanced 570",
        "m/min",
        "British Eventing rules"
    );
    public static readonly Figure<string> AmericanSpeeds = Figure.Published(
        "Speeds across country, American national levels",
        "Beginner Novice 300-350, Novice 350-400, Training 420-470, Preliminary 520, Intermediate 550, Advanced 570",
        "m/min",
        "USEF eventing rules"
    );
    public static readonly Figure<string> InternationalSpeeds = Figure.Published(
        "Speeds and minutes across country, international long format",
        "2* 520 7-9, 3* 550 8-10, 4* 570 10-11, 5* 570 11-12",
        "m/min and minutes",
        "FEI eventing rules"
    );

    public static IReadOnlyList<Level> All { get; } =
    [
        British("80", 435),
        British("90", 450),
        British("100", 475),
        British("Novice", 520),
        British("Intermediate", 550),
        British("Advanced", 570),
        American("Beginner Novice", 300, 350),
        American("Novice", 350, 400),
        American("Training", 420, 470),
        American("Preliminary", 520, 520),
        American("Intermediate", 550, 550),
        American("Advanced", 570, 570),
        International("2*", 520, 7, 9),
        International("3*", 550, 8, 10),
        International("4*", 570, 10, 11),
        International("5*", 570, 11, 12),
    ];

    public static Level? Find(Scheme scheme, string? name) =>
        All.FirstOrDefault(l => l.Scheme == scheme && l.Name.Equals(name?.Trim(), StringComparison.OrdinalIgnoreCase));

    private static Level British(string name, int speed) => new(Scheme.British, name, speed, speed, null, null, BritishSpeeds.Source);

    private static Level American(string name, int least, int most) =>
        new(Scheme.American, name, least, most, null, null, AmericanSpeeds.Source);

    private static Level International(string name, int speed, int least, int most) =>
        new(Scheme.International, name, speed, speed, least, most, InternationalSpeeds.Source);
}
