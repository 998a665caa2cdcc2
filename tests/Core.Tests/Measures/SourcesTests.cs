using System.Reflection;
using System.Text;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Measures;

/// <summary>
/// <c>docs/sources.md</c> lists every figure of the trade with its class and source, as the code has
/// them.
/// </summary>
public class SourcesTests
{
    [Fact]
    public void The_document_lists_every_figure_as_the_code_has_it() => WrittenPage.ShouldBeAsTheCodeHasIt("sources.md", Document());

    [Fact]
    public void No_figure_goes_by_the_name_of_another() =>
        Figures().SelectMany(g => g).GroupBy(f => f.Name).Where(g => g.Count() > 1).Select(g => g.Key).ShouldBeEmpty();

    [Fact]
    public void Every_chosen_figure_gives_its_reason_and_every_published_one_its_work() =>
        Figures().SelectMany(g => g).ShouldAllBe(f => f.Source.Says.Length >= 10 && f.Name.Length > 3 && f.Shown.Length > 0);

    private static List<IGrouping<string, IFigure>> Figures() =>
        [
            .. typeof(IFigure)
                .Assembly.GetTypes()
                .OrderBy(t => t.FullName, StringComparer.Ordinal)
                .SelectMany(t =>
                    t.GetFields(BindingFlags.Static | BindingFlags.Public | BindingFlags.NonPublic)
                        .Where(f => typeof(IFigure).IsAssignableFrom(f.FieldType))
                        .Select(f => (Concept: t.Namespace!.Split('.')[^1], Figure: (IFigure)f.GetValue(null)!))
                )
                .GroupBy(f => f.Concept, f => f.Figure),
        ];

    private static string Document()
    {
        var text = new StringBuilder(
            """
            # Figures and where they come from

            Every figure of the trade that the code uses, as the code has it; a test compares this page with the code.

            - **Published**: a standard, rule book, handbook or paper. "Value from memory" means that it was written down from memory and is still to be looked up.
            - **Practice**: what the trade does; nobody has written it down where we could point at it.
            - **Chosen**: chosen for Hippodrome, for the reason given. A trainer may think otherwise.

            """
        ).AppendLine();
        foreach (var concept in Figures())
        {
            text.AppendLine()
                .AppendLine($"## {concept.Key}")
                .AppendLine()
                .AppendLine("| figure | value | class | source or reason |")
                .AppendLine("|---|---|---|---|");
            foreach (var f in concept)
            {
                text.AppendLine($"| {f.Name} | {f.Shown} | {Class(f.Source.Class)} | {f.Source.Says} |");
            }
        }

        return text.ToString();
    }

    private static string Class(SourceClass @class) =>
        @class switch
        {
            SourceClass.Published => "published",
            SourceClass.CommonPractice => "practice",
            _ => "chosen",
        };
}
