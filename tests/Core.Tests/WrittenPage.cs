using Shouldly;

namespace Hippodrome.Core.Tests;

/// <summary>
/// A page of docs/ that is made from the code and committed. Run its tests with HIPPODROME_WRITE_SOURCES=1 to write it anew
/// after the code has changed.
/// </summary>
internal static class WrittenPage
{
    public static void ShouldBeAsTheCodeHasIt(string name, string inCode)
    {
        var path = Path.Combine(Root(), "docs", name);
        inCode = inCode.ReplaceLineEndings("\n");
        if (Environment.GetEnvironmentVariable("HIPPODROME_WRITE_SOURCES") == "1")
        {
            File.WriteAllText(path, inCode);
        }

        var written = File.ReadAllText(path);
        inCode.Split('\n').Except(written.Split('\n')).ShouldBeEmpty("the document lacks these");
        written.Split('\n').Except(inCode.Split('\n')).ShouldBeEmpty("the code lacks these");
        (written == inCode).ShouldBeTrue("the order differs");
    }

    private static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Hippodrome.slnx")))
        {
            folder = folder.Parent ?? throw new InvalidOperationException("The tests do not lie below the project's folder.");
        }

        return folder.FullName;
    }
}
