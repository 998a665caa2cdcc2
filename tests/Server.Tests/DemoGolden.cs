namespace Hippodrome.Server.Tests;

/// <summary>Where golden files come from: the demo yard's rows, a few of every shape.</summary>
internal static class DemoGolden
{
    public static bool Writes => Environment.GetEnvironmentVariable("HIPPODROME_WRITE_GOLDEN") == "1";
}
