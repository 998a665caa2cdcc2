using System.Collections;
using System.Reflection;
using System.Text;
using System.Text.RegularExpressions;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Care;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary><c>docs/rules.md</c> lists every rule with its moments, as the code has them.</summary>
public partial class RulesPageTests
{
    [Fact]
    public void The_page_lists_every_rule_as_the_code_has_it() => WrittenPage.ShouldBeAsTheCodeHasIt("rules.md", Page());

    [Fact]
    public void No_rule_goes_by_the_name_of_another()
    {
        string[] names = [.. RideRules.All.Select(r => r.Name), .. PlanRules()];
        // Nobody jumps alone in a plan and at the rail: the same rule at two moments.
        names.GroupBy(n => n).Where(g => g.Count() > 1).Select(g => g.Key).ShouldBe(["FenceWithoutHelper"]);
    }

    [Fact]
    public void Every_rule_of_a_ride_may_speak_at_some_moment_and_gives_its_reason() =>
        RideRules.All.ShouldAllBe(r => r.Moments.Count > 0 && r.Because.Length > 10 && r.Source.Says.Length >= 10);

    private static string Page()
    {
        var text = new StringBuilder(
            """
            # Rules and when they speak

            Every rule of the job, as the code has it; a test compares this page with the code. Where several speak, the gravest leads; of
            two of the same gravity the more careful word, then the one that stands first here.

            ## What a ride says

            One object a rule, asked after each tap at the rail (*riding*) and of the whole ride (*reviewing*). At the rail it
            counts anew with each part of the plan, or over the whole ride. The effect is what accepting it does to the next session.

            | rule | says | asked | gravity | word | effect | looks back | source |
            |---|---|---|---|---|---|---|---|

            """
        );
        foreach (var rule in RideRules.All)
        {
            text.AppendLine(
                $"| {rule.Name} | {rule.Because} | {Asked(rule)} | {Words(rule.Gravity)} | {Words(rule.Word)} "
                    + $"| {Effect(rule)} | {Back(rule.LooksBack)} | {Class(rule.Source)} |"
            );
        }

        text.AppendLine()
            .AppendLine(
                """
                ## What a plan may not do

                Asked of a session while it is planned, of a proposal, and once more as it is kept. A hard fault cannot be planned
                round, a soft one is kept with a word; of each the gravest comes first.

                | rule | gravity | mended at one stroke |
                |---|---|---|
                """
            );
        foreach (var rule in AllPlanRules)
        {
            text.AppendLine($"| {rule.Name} | {Words(rule.Gravity)} | {(rule.Mends is null ? "" : "yes")} |");
        }

        Names(text, "What a block may not do", "Asked of every day of a block, and of every drop on its calendar.", BlockRules());
        return text.ToString();
    }

    private static void Names(StringBuilder text, string title, string says, IEnumerable<string> names)
    {
        text.AppendLine().AppendLine($"## {title}").AppendLine().AppendLine(says).AppendLine();
        foreach (var name in names)
        {
            text.AppendLine($"- {name}");
        }
    }

    private static PlanRule[] AllPlanRules => (PlanRule[])AllOf(typeof(PlanChecks));

    private static IEnumerable<string> PlanRules() => AllPlanRules.Select(r => r.Name);

    private static List<string> BlockRules() => [.. AllOf(typeof(HardRules)).Cast<Delegate>().Select(r => r.Method.Name)];

    private static IEnumerable AllOf(Type rules) =>
        (IEnumerable)rules.GetField("All", BindingFlags.Static | BindingFlags.NonPublic)!.GetValue(null)!;

    private static string Asked(RideRule rule) =>
        string.Join(
            ", ",
            rule.Moments.Select(m =>
                m == Moment.Riding
                    ? rule.Rail!.InPart
                        ? "riding (part)"
                        : "riding (ride)"
                    : "reviewing"
            )
        );

    private static string Effect(RideRule rule) =>
        string.Join(
            ", ",
            new[]
            {
                rule.Do is null ? null : Words(rule.Change),
                rule.Rail is { EndsRide: true } ? "ends the ride" : null,
                rule.Rail is { EndsJumping: true } ? "ends the jumping" : null,
                rule.Refers is { } refers
                    ? $"shown to the {refers.To.Say()}{(refers.Waits == WaitingWork.Nothing ? "" : $", {refers.Waits.Say()} wait")}"
                    : null,
                rule.CanBeOverruled ? null : "cannot be overruled",
            }.OfType<string>()
        );

    private static string Back(LookBack back) =>
        back switch
        {
            { Rides: > 0 } => back.Rides == 1 ? "1 ride" : $"{back.Rides} rides",
            { LegDays: > 0 } => $"{back.LegDays} days",
            _ => "",
        };

    private static string Class(Source source) =>
        source.Class switch
        {
            SourceClass.Published => $"published: {source.Says}",
            SourceClass.CommonPractice => "practice",
            _ => $"chosen: {source.Says}",
        };

    private static string Words(Enum value) => Capital().Replace(value.ToString(), " $0").Trim().ToLowerInvariant();

    [GeneratedRegex("[A-Z]")]
    private static partial Regex Capital();
}
