using Hippodrome.Core.Horses;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Horses;

/// <summary>
/// Where good trainers differ (common practice, no source). Each answer says what it changes; that it does is tested where
/// it does.
/// </summary>
public class ApproachTests
{
    [Fact]
    public void Every_question_has_choices_a_default_and_its_reason()
    {
        Approach.Topics.Select(t => t.Question).ShouldBe(Enum.GetValues<ApproachQuestion>());
        Approach.Topics.ShouldAllBe(t =>
            t.Choices.Count >= 2 && t.DefaultBecause.Length > 10 && t.Choices.Select(c => c.Id).Distinct().Count() == t.Choices.Count
        );
        Approach
            .Topics.SelectMany(t =>
                (t.ByTemperament ?? new Dictionary<Temperament, string>()).Values.Select(id => t.Choices.Any(c => c.Id == id))
            )
            .ShouldAllBe(known => known);
    }

    [Fact]
    public void Every_answer_says_what_it_changes_and_no_two_the_same()
    {
        var does = Approach.Topics.SelectMany(t => t.Choices.Select(c => c.Does)).ToList();
        does.ShouldAllBe(d => d.Length > 20 && d.EndsWith('.'));
        does.Distinct().Count().ShouldBe(does.Count);
    }

    [Fact]
    public void Its_own_choice_goes_before_the_yards_and_the_yards_before_the_default()
    {
        var topic = Approach.Of(ApproachQuestion.VaryOrRepeat);
        Approach.Holds(topic, "vary", "repeat", Temperament.Worried).Id.ShouldBe("vary");
        Approach.Holds(topic, null, "repeat", Temperament.Hot).Id.ShouldBe("repeat");
        Approach.Holds(topic, null, null, Temperament.Hot).Id.ShouldBe("vary");
        Approach.Holds(topic, null, null, Temperament.Worried).Id.ShouldBe("repeat");
    }

    /// <summary>Making a horse hit a rail hurts and does not teach: no choice offers it.</summary>
    [Fact]
    public void No_choice_makes_a_horse_hit_a_rail() =>
        Approach.Of(ApproachQuestion.Touching).Choices.Select(c => c.Id).ShouldBe(["leave-it", "easier-at-once"]);

    [Fact]
    public void A_choice_of_another_question_is_refused() =>
        new ApproachEntry(ApproachQuestion.Poles, "long-and-low").Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("choice");
}
