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
        // Where one name is kept at two moments it is the same rule there.
        Asked.GroupBy(r => r.Name).Where(g => g.Select(r => r.Rule).Distinct().Count() > 1).Select(g => g.Key).ShouldBeEmpty();
        RideRules.All.Select(r => r.Name).ShouldBeUnique();
        PlanChecks.All.Select(r => r.Name).ShouldBeUnique();
        HardRules.All.Select(r => r.Name).ShouldBeUnique();
    }

    [Fact]
    public void Every_rule_may_speak_at_some_moment_and_gives_its_reason() =>
        Asked.ShouldAllBe(r => r.Moments.Count > 0 && r.Rule.Says.Length > 10 && r.Rule.Source.Says.Length >= 10);

    [Fact]
    public void What_several_moments_ask_is_one_object_there() =>
        Asked
            .GroupBy(r => r.Rule.Says)
            .Where(g => g.Count() > 1)
            .ShouldAllBe(g => g.All(r => ReferenceEquals(r.Rule, g.First().Rule) || g.All(o => o is RideRule)));

    [Theory]
    [InlineData("Nobody jumps alone", "placing, planning, riding")]
    [InlineData("The strictest of the heat rules holds", "planning, riding, reviewing")]
    [InlineData("At most 3 jumping days in seven", "placing, planning")]
    public void A_rule_is_asked_at_its_moments(string says, string moments) =>
        MomentsOf(Asked.Where(r => r.Rule.Says == says)).ShouldBe(moments);

    private static IReadOnlyList<IAsked> Asked => [.. HardRules.All, .. PlanChecks.All, .. RideRules.All];

    private static string Page()
    {
        var text = new StringBuilder(
            """
            # Rules and when they speak

            Every rule of the job, as the code has it; a test compares this page with the code. Where several speak, the gravest leads; of
            two of the same gravity the more careful word, then the one that stands first here. A rule that is asked of a block's days
            (*placing*), of a session as it is planned or proposed (*planning*), after each tap (*riding*) and of the whole ride
            (*reviewing*) is one object at all of them; the names are those its answers are kept under.

            | rule | asked | kept as | gravity | source |
            |---|---|---|---|---|

            """
        );
        foreach (var rule in Asked.GroupBy(r => r.Rule).OrderBy(g => g.Key.Gravity))
        {
            text.AppendLine(
                $"| {rule.Key.Says} | {MomentsOf(rule)} | {string.Join(", ", rule.Select(r => r.Name).Distinct())} "
                    + $"| {Words(rule.Key.Gravity)} | {Class(rule.Key.Source)} |"
            );
        }

        text.AppendLine()
            .AppendLine(
                """
                ## Of rides

                At the rail it counts anew with each part of the plan, or over the whole ride. The effect is what accepting it does to the
                next session.

                | kept as | asked | word | effect | looks back |
                |---|---|---|---|---|
                """
            );
        foreach (var rule in RideRules.All)
        {
            text.AppendLine($"| {rule.Name} | {AskedOf(rule)} | {Words(rule.Word)} | {Effect(rule)} | {Back(rule.LooksBack)} |");
        }

        text.AppendLine()
            .AppendLine(
                """
                ## Of plans

                A hard fault cannot be planned round, a soft one is kept with a word; of each the gravest comes first.

                | kept as | mended at one stroke | looks at |
                |---|---|---|
                """
            );
        foreach (var rule in PlanChecks.All)
        {
            text.AppendLine($"| {rule.Name} | {(rule.Mends is null ? "" : "yes")} | {Around(rule)} |");
        }

        return text.ToString();
    }

    private static string MomentsOf(IEnumerable<IAsked> rules) =>
        string.Join(", ", rules.SelectMany(r => r.Moments).Distinct().Order().Select(m => Words(m)));

    private static string Around(PlanRule rule) =>
        rule switch
        {
            { LayoutDaysBack: > 0 } => $"what stood {rule.LayoutDaysBack} days back",
            { DaysAhead: > 0 } => $"{rule.DaysBack} day back and {rule.DaysAhead} ahead",
            { DaysBack: > 0 } => $"{rule.DaysBack} days back",
            _ => "",
        };

    private static string AskedOf(RideRule rule) =>
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
