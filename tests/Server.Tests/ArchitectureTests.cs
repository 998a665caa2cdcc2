using System.Reflection;
using System.Text.RegularExpressions;
using Hippodrome.Application;
using Hippodrome.Core.Horses;
using Hippodrome.Formats.Setups;
using Hippodrome.Planning.Blocks;
using Hippodrome.Simulators;
using Hippodrome.Storage;
using NetArchTest.Rules;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>
/// Arrows point one way: Server to Application and Formats, Application to Storage, Planning and Simulators, all of them
/// to Core, and Core to nothing of ours and nothing native.
/// </summary>
public class ArchitectureTests
{
    private static readonly Assembly Core = typeof(Horse).Assembly;

    // No files, no sockets, no processes, no database, no web, no clock and no dice of its own.
    private static readonly string[] Outside =
    [
        "System.IO.File",
        "System.IO.Directory",
        "System.IO.FileStream",
        "System.Net",
        "System.Diagnostics.Process",
        "System.Data",
        "System.Threading.Tasks.Task",
        "System.TimeProvider",
        "System.Random",
        "System.Console",
        "Microsoft",
        "Npgsql",
        "Dapper",
        "Google",
    ];

    [Fact]
    public void Core_reaches_for_nothing_outside_itself()
    {
        Types.InAssembly(Core).ShouldNot().HaveDependencyOnAny(Outside).GetResult().FailingTypeNames.ShouldBe(null);
        // And the check would find it: Storage reaches for its database.
        Types
            .InAssembly(typeof(Database).Assembly)
            .ShouldNot()
            .HaveDependencyOnAny("Npgsql")
            .GetResult()
            .FailingTypeNames.ShouldNotBeEmpty();
        Types
            .InAssembly(typeof(BlockPlanner).Assembly)
            .ShouldNot()
            .HaveDependencyOnAny("Google")
            .GetResult()
            .FailingTypeNames.ShouldNotBeEmpty();
    }

    [Fact]
    public void Core_imports_nothing_of_ours() => OursUsedBy(Core).ShouldBeEmpty();

    [Fact]
    public void Core_asks_nobody_for_the_time()
    {
        var clocks = new[] { nameof(DateTime.Now), nameof(DateTime.UtcNow), nameof(DateTime.Today) }.Select(n => $"get_{n}").ToHashSet();
        Sources()
            .Where(f =>
                File.ReadAllText(f) is var text
                && clocks.Any(c =>
                    text.Contains($"DateTime.{c[4..]}", StringComparison.Ordinal)
                    || text.Contains($"DateTimeOffset.{c[4..]}", StringComparison.Ordinal)
                )
            )
            .ShouldBeEmpty();
    }

    /// <summary>Core's concepts, each before those that are made of it.</summary>
    private static readonly string[] Concepts =
    [
        "Measures",
        "Weather",
        "Conditioning",
        "Aims",
        "Horses",
        "Arenas",
        "Setups",
        "Exercises",
        "DressageTests",
        "Rides",
        "Care",
        "Sessions",
        "Verdicts",
        "Readiness",
        "Assessments",
        "Blocks",
        "Yards",
    ];

    [Fact]
    public void No_concept_of_core_knows_one_that_is_made_of_it()
    {
        Namespaces(Core).Order().ShouldBe(Concepts.Order());
        var types = Core.GetTypes().Where(t => t.Namespace is not null).ToLookup(t => t.Namespace!.Split('.')[2], t => t.Name);
        // Named by a using, by the whole name, or by the last part of it.
        var named = new Regex($@"using Hippodrome\.Core\.(\w+)|\bCore\.(\w+)\.|(?<![\w.])({string.Join('|', Concepts)})\.(\w+)");
        var wrong =
            from file in Sources()
            let text = File.ReadAllText(file)
            let own = Regex.Match(text, @"namespace Hippodrome\.Core\.(\w+)").Groups[1].Value
            from Match m in named.Matches(text)
            let other = m.Groups[1].Value + m.Groups[2].Value + m.Groups[3].Value
            where
                Array.IndexOf(Concepts, other) > Array.IndexOf(Concepts, own)
                && (!m.Groups[3].Success || types[other].Contains(m.Groups[4].Value))
            select $"{own} knows {other}: {Path.GetFileName(file)}";
        wrong.Distinct().ShouldBeEmpty();
    }

    [Fact]
    public void Planning_storage_formats_and_simulators_know_core_only()
    {
        OursUsedBy(typeof(Database).Assembly).ShouldBe(["Hippodrome.Core"]);
        OursUsedBy(typeof(WeatherStation).Assembly).ShouldBe(["Hippodrome.Core"]);
        OursUsedBy(typeof(SetUpFile).Assembly).ShouldBe(["Hippodrome.Core"]);
        OursUsedBy(typeof(BlockPlanner).Assembly).ShouldBe(["Hippodrome.Core"]);
    }

    [Fact]
    public void Application_knows_neither_the_web_nor_who_serves_it()
    {
        var application = typeof(Visit).Assembly;
        OursUsedBy(application).ShouldNotContain("Hippodrome.Server");
        Types
            .InAssembly(application)
            .ShouldNot()
            .HaveDependencyOnAny("Microsoft", "System.Net")
            .GetResult()
            .FailingTypeNames.ShouldBe(null);
    }

    /// <summary>One concept, one name: every folder of Storage is one of Core's or says what is its own.</summary>
    [Fact]
    public void Concepts_have_one_name_everywhere()
    {
        var concepts = Namespaces(Core);
        string[] ofStorage = ["Creations", "Jobs", "People", "Servers"];
        string[] ofServer = ["Demo", "Hosting", "Jobs", "People", "Today"];
        Namespaces(typeof(Visit).Assembly).Except(concepts).ShouldBe(["Today"]);
        Namespaces(typeof(Database).Assembly).Except(concepts).Order().ShouldBe(ofStorage);
        Namespaces(typeof(BlockPlanner).Assembly).Except(concepts).ShouldBeEmpty();
        Namespaces(typeof(Program).Assembly).Except(concepts).Order().ShouldBe(ofServer);
    }

    private static IEnumerable<string> OursUsedBy(Assembly assembly) =>
        assembly.GetReferencedAssemblies().Select(a => a.Name!).Where(n => n.StartsWith("Hippodrome", StringComparison.Ordinal));

    private static IReadOnlyList<string> Namespaces(Assembly assembly) =>
        [
            .. assembly
                .GetTypes()
                .Select(t => t.Namespace?.Split('.'))
                .Where(n => n is ["Hippodrome", _, _, ..])
                .Select(n => n![2])
                .Distinct()
                .Order(),
        ];

    private static IEnumerable<string> Sources() =>
        Directory
            .EnumerateFiles(Path.Combine(Root(), "src", "Hippodrome.Core"), "*.cs", SearchOption.AllDirectories)
            .Where(f => !f.Contains($"{Path.DirectorySeparatorChar}obj{Path.DirectorySeparatorChar}", StringComparison.Ordinal));

    private static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Hippodrome.slnx")))
        {
            folder = folder.Parent!;
        }

        return folder.FullName;
    }
}
