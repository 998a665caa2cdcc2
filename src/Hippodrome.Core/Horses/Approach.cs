using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

/// <summary>What a horse is like to deal with.</summary>
public enum Temperament
{
    Calm,
    Bold,
    Hot,
    Clever,
    Worried,
}

/// <summary>Where good trainers differ.</summary>
public enum ApproachQuestion
{
    HeadAndNeck,
    Order,
    FreshOrTired,
    Return,
    Poles,
    Touching,
    VaryOrRepeat,
    DistanceDoesNotFit,
    Mistake,
    FlyingChanges,
    Rushing,
    Lungeing,
    WrongLead,
    GoingUp,
    SecondTry,
    Insisting,
    Breadth,
}

/// <summary>One way of doing it. The first of a question is the default unless the temperament asks for another.</summary>
public sealed record ApproachChoice(string Id, string Says);

/// <summary>A question, its choices, and why the first of them is the default.</summary>
public sealed record ApproachTopic(
    ApproachQuestion Question,
    string Asks,
    IReadOnlyList<ApproachChoice> Choices,
    string DefaultBecause,
    IReadOnlyDictionary<Temperament, string>? ByTemperament = null
)
{
    /// <summary>The default for a horse of this temperament.</summary>
    public ApproachChoice DefaultFor(Temperament? temperament) =>
        temperament is { } t && ByTemperament?.GetValueOrDefault(t) is { } id ? Choices.First(c => c.Id == id) : Choices[0];
}

/// <summary>A choice as made, for a horse or for the yard.</summary>
/// <param name="Question">Which question.</param>
/// <param name="Choice">Its id; nothing goes back to the default above.</param>
/// <param name="Word">Why.</param>
public sealed record ApproachEntry(ApproachQuestion? Question = null, string? Choice = null, string? Word = null)
{
    public Outcome<ApproachMade> Check()
    {
        var checks = new Checks();
        var question = checks.Choice("question", Question);
        checks.That(
            checks.Faults.Count > 0 || Choice is null || Approach.Of(question).Choices.Any(c => c.Id == Choice),
            "choice",
            "That is not one of its choices.",
            "Choose from the list."
        );
        var word = checks.OptionalText("word", Word, 300);
        return checks.Outcome(() => new ApproachMade(question, Choice, word));
    }
}

/// <summary>A choice that was made; null goes back to the default above.</summary>
public sealed record ApproachMade(ApproachQuestion Question, string? Choice, string Word);

/// <summary>The questions on which good trainers differ (common practice, no source). Defaults are chosen for Hippodrome.</summary>
public static class Approach
{
    public const string ShortLesson = "short-lesson";
    public const string AssessmentFirst = "assessment";
    public const string AllRound = "all-round";

    public static IReadOnlyList<ApproachTopic> Topics { get; } =
    [
        new(
            ApproachQuestion.HeadAndNeck,
            "Head and neck in the warm-up",
            [new("long-and-low", "Long and low, nose out"), new("light-and-taller", "Light and taller from the start")],
            "a back that has stretched carries better; curled under is a fault either way"
        ),
        new(
            ApproachQuestion.Order,
            "Order of the warm-up",
            [
                new("walk-trot-canter", "Walk, then trot until loose"),
                new("canter-early", "Walk, then canter early"),
                new("sideways-first", "Walk, then transitions and sideways steps"),
            ],
            "walk comes first always; trot loosens most horses",
            new Dictionary<Temperament, string> { [Temperament.Hot] = "canter-early" }
        ),
        new(
            ApproachQuestion.FreshOrTired,
            "The main thing of the day",
            [new("late", "Late, once a keen horse has settled"), new("fresh", "Early, while it is fresh")],
            "exciting work settles late; tired behind is a stop either way"
        ),
        new(
            ApproachQuestion.Return,
            "Coming back from a rest",
            [
                new("slow-ramp", "The slow ramp of walk weeks"),
                new(ShortLesson, "One short lesson, then the ramp"),
                new(AssessmentFirst, "An assessment cut short at the first tiredness"),
            ],
            "tissue hardens slower than memory returns"
        ),
        new(
            ApproachQuestion.Poles,
            "First poles",
            [new("walk-first", "Mostly walk at first"), new("trot-soon", "Trot and canter soon")],
            "walk over poles teaches where the feet are before speed hides it"
        ),
        new(
            ApproachQuestion.Touching,
            "A touch or a rub",
            [new("leave-it", "Leave it to teach; look into it when it is regular"), new("easier-at-once", "Make it easier at once")],
            "a pole that rolls is teacher enough; no horse is ever made to hit one"
        ),
        new(
            ApproachQuestion.VaryOrRepeat,
            "Vary or repeat",
            [new("repeat", "Repeat the same question until it is easy"), new("vary", "Vary, with little repeated")],
            "what is easy is trusted",
            new Dictionary<Temperament, string> { [Temperament.Hot] = "vary", [Temperament.Clever] = "vary" }
        ),
        new(
            ApproachQuestion.DistanceDoesNotFit,
            "A distance does not fit",
            [
                new("move-the-pole", "Move the pole to the horse"),
                new("another-count", "Ride another number of strides"),
                new("change-the-pace", "Change the pace coming in"),
            ],
            "a grid is set for the horse that jumps it"
        ),
        new(
            ApproachQuestion.Mistake,
            "After a mistake",
            [
                new("rebuild", "Bring the help back at once"),
                new("find-out", "Let it find out"),
                new("take-it-now", "Take each slip now"),
                new("let-it-go", "Let early slips go"),
            ],
            "a second mistake is half a habit",
            new Dictionary<Temperament, string> { [Temperament.Bold] = "find-out", [Temperament.Hot] = "let-it-go" }
        ),
        new(
            ApproachQuestion.FlyingChanges,
            "First flying changes",
            [
                new("through-counter-canter", "Through counter-canter and canter-walk-canter"),
                new("through-forward-back", "Through quality, forward and back"),
                new("mixed", "A mix of exercises"),
            ],
            "a straight, calm depart is the change in two halves"
        ),
        new(
            ApproachQuestion.Rushing,
            "Rushing at fences",
            [new("smaller-and-fewer", "Smaller and fewer"), new("close-together", "Small fences close together and a waiting hand")],
            "most rushing is worry",
            new Dictionary<Temperament, string> { [Temperament.Bold] = "close-together" }
        ),
        new(
            ApproachQuestion.Lungeing,
            "Lungeing",
            [
                new("plain", "Without aids, both ways"),
                new("side-aid", "Side reins, even on both sides"),
                new("rig", "A rig behind the quarters, even on both sides"),
            ],
            "loosened between, and never on a horse too young"
        ),
        new(
            ApproachQuestion.WrongLead,
            "Wrong lead over a fence",
            [new("mend-before-turn", "Mend it before the turn"), new("leave-it", "Leave it, and ride straight on")],
            "in the ring the turn comes soon"
        ),
        new(
            ApproachQuestion.GoingUp,
            "Going up a rung",
            [new("by-ease", "When it has become easy"), new("by-repeats", "By the third or fourth good go")],
            "confidence is the horse's own date"
        ),
        new(
            ApproachQuestion.SecondTry,
            "After a success",
            [
                new("one-repeat", "One repeat confirms it"),
                new("tomorrow", "Leave it for another day"),
                new("every-time", "Until it is there every time"),
            ],
            "one repeat tells skill from luck",
            new Dictionary<Temperament, string> { [Temperament.Worried] = "tomorrow" }
        ),
        new(
            ApproachQuestion.Insisting,
            "Insisting",
            [new("praise", "Praise the attempt"), new("a-touch", "A touch of the whip to say where")],
            "it tries again what was praised; nothing is ever a punishment"
        ),
        new(
            ApproachQuestion.Breadth,
            "Breadth",
            [new(AllRound, "Flat, poles, jumping and country to age six"), new("early-special", "The main discipline early")],
            "a young horse learns to use its body by using it in many ways"
        ),
    ];

    public static ApproachTopic Of(ApproachQuestion question) => Topics[(int)question];

    /// <summary>What holds for a horse: its own choice, else the yard's, else the default for its temperament.</summary>
    public static ApproachChoice Holds(ApproachTopic topic, string? own, string? yard, Temperament? temperament)
    {
        ArgumentNullException.ThrowIfNull(topic);
        return topic.Choices.FirstOrDefault(c => c.Id == own)
            ?? topic.Choices.FirstOrDefault(c => c.Id == yard)
            ?? topic.DefaultFor(temperament);
    }
}
