namespace Hippodrome.Tests.Shared;

/// <summary>
/// How many cases each property is tried on: few in every run, many when <c>./hippodrome bench properties</c> asks for
/// them with HIPPODROME_CASES=long. All counts stand here; a property without one takes the library's hundred.
/// </summary>
public static class Cases
{
    private static readonly bool Long = Environment.GetEnvironmentVariable("HIPPODROME_CASES") == "long";

    /// <summary>Blocks of a season, each planned two or three times: a second of work for ten.</summary>
    public static readonly int Blocks = Of(50, 1000);

    /// <summary>Weeks of a yard shared out among its people.</summary>
    public static readonly int YardWeeks = Of(24, 600);

    /// <summary>Sessions proposed or drawn up for any horse.</summary>
    public static readonly int Proposals = Of(60, 2000);

    /// <summary>Sessions checked, each several ways.</summary>
    public static readonly int Checks = Of(150, 4000);

    /// <summary>Set-ups built stage by stage, in one arena, or for several horses.</summary>
    public static readonly int SetUps = Of(60, 2000);

    /// <summary>Rides of an assessment, and what is due of care.</summary>
    public static readonly int Rides = Of(200, 5000);

    /// <summary>Rides sent to a database, by several devices at once.</summary>
    public static readonly int SentRides = Of(15, 500);

    /// <summary>Arithmetic alone.</summary>
    public static readonly int Sums = Of(300, 20_000);

    /// <summary>Kinds of rubbish put into each field of each endpoint; which ones moves on from field to field.</summary>
    public static readonly int RubbishInEachField = Of(4, 16);

    /// <summary>Days of the year on which the demo yard is loaded.</summary>
    public static readonly int DemoDays = Of(2, 5);

    /// <summary>Kept bodies in which the same number is aged and read.</summary>
    public static readonly int AgedOfAShape = Of(3, int.MaxValue);

    /// <summary>Kept bodies aged in the demo yard, each with every page asked for again.</summary>
    public static readonly int AgedBodies = Of(50, 200);

    private static int Of(int few, int many) => Long ? many : few;
}
