using System.Globalization;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Measures;

/// <summary>A sentence and the numbers in it, from one writing.</summary>
public class InputTests
{
    [Fact]
    public void A_sentence_keeps_its_numbers_unrounded_and_in_their_order()
    {
        Input said = $"left {6.55:0.#}, {3} of {7} on {"Monday"}";
        said.Says.ShouldBe("left 6.6, 3 of 7 on Monday");
        said.Values.ShouldBe([6.55, 3, 7]);
        ((Input)"nobody has said").Values.ShouldBeEmpty();
        Input.Of($"left {6.55:0.#}").ShouldBe(new Input("left 6.6", [6.55]));
    }

    [Fact]
    public void It_is_said_alike_in_every_country()
    {
        var here = CultureInfo.CurrentCulture;
        try
        {
            CultureInfo.CurrentCulture = CultureInfo.GetCultureInfo("de-DE");
            Input said = $"{1.5:0.0} m on {new DateOnly(2026, 3, 4):d MMMM}";
            said.Says.ShouldBe("1.5 m on 4 March");
        }
        finally
        {
            CultureInfo.CurrentCulture = here;
        }
    }

    [Fact]
    public void A_reason_says_its_inputs_and_keeps_their_numbers()
    {
        var why = Why.Of("Poles at most twice a week", [$"{3} pole days in seven", "age four"], Source.CommonPractice);
        why.Inputs.ShouldBe(["3 pole days in seven", "age four"]);
        why.Typed.SelectMany(i => i.Values).ShouldBe([3]);
    }
}
