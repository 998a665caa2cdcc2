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
    Lungeing,
    WrongLead,
    GoingUp,
    SecondTry,
    Insisting,
    Breadth,
}

/// <summary>One way of doing it. The first of a question is the default unless the temperament asks for another.</summary>
/// <param name="Id">Its name in what is kept.</param>
/// <param name="Says">What it is.</param>
/// <param name="Does">What it changes in proposals, at the rail or in the review.</param>
public sealed record ApproachChoice(string Id, string Says, string Does);

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
    public const string LightAndTaller = "light-and-taller";
    public const string CanterEarly = "canter-early";
    public const string SidewaysFirst = "sideways-first";
    public const string MainThingFresh = "fresh";
    public const string TrotSoon = "trot-soon";
    public const string EasierAtOnce = "easier-at-once";
    public const string Repeat = "repeat";
    public const string AnotherCount = "another-count";
    public const string ChangeThePace = "change-the-pace";
    public const string FindOut = "find-out";
    public const string TakeItNow = "take-it-now";
    public const string LetItGo = "let-it-go";
    public const string ForwardAndBack = "through-forward-back";
    public const string MixedExercises = "mixed";
    public const string SideAid = "side-aid";
    public const string Rig = "rig";
    public const string LeaveTheLead = "leave-it";
    public const string ByRepeats = "by-repeats";
    public const string Tomorrow = "tomorrow";
    public const string EveryTime = "every-time";
    public const string ATouch = "a-touch";

    /// <summary>
    /// The questions. How rushing at fences is met is none of them: the sign that is tapped says whether it was bold or
    /// worried, and each has its own answer.
    /// </summary>
    public static IReadOnlyList<ApproachTopic> Topics { get; } =
    [
        new(
            ApproachQuestion.HeadAndNeck,
            "Head and neck in the warm-up",
            [
                new("long-and-low", "Long and low, nose out", "Proposals warm up in trot long and low."),
                new(LightAndTaller, "Light and taller from the start", "Proposals warm up in trot light and taller."),
            ],
            "a back that has stretched carries better; curled under is a fault either way"
        ),
        new(
            ApproachQuestion.Order,
            "Order of the warm-up",
            [
                new("walk-trot-canter", "Walk, then trot until loose", "Proposals trot before they canter."),
                new(
                    CanterEarly,
                    "Walk, then canter early",
                    "Proposals canter before they trot, and begin the work in canter, where it canters safely."
                ),
                new(
                    SidewaysFirst,
                    "Walk, then transitions and sideways steps",
                    "Proposals put transitions and steps to the side before trot."
                ),
            ],
            "walk comes first always; trot loosens most horses",
            new Dictionary<Temperament, string> { [Temperament.Hot] = CanterEarly }
        ),
        new(
            ApproachQuestion.FreshOrTired,
            "The main thing of the day",
            [
                new("late", "Late, once a keen horse has settled", "Proposals begin the work with what it does well."),
                new(
                    MainThingFresh,
                    "Early, while it is fresh",
                    "Proposals begin the work with the rung in work, and the easy thing follows."
                ),
            ],
            "exciting work settles late; tired behind is a stop either way"
        ),
        new(
            ApproachQuestion.Return,
            "Coming back from a rest",
            [
                new("slow-ramp", "The slow ramp of walk weeks", "Blocks of return begin with the ramp."),
                new(ShortLesson, "One short lesson, then the ramp", "Blocks of return begin with one short lesson."),
                new(AssessmentFirst, "An assessment cut short at the first tiredness", "Blocks of return begin with an assessment ride."),
            ],
            "tissue hardens slower than memory returns"
        ),
        new(
            ApproachQuestion.Poles,
            "First poles",
            [
                new("walk-first", "Mostly walk at first", "Proposals over poles begin in walk, up to raised trot poles."),
                new(TrotSoon, "Trot and canter soon", "Proposals over poles begin with the rung below."),
            ],
            "walk over poles teaches where the feet are before speed hides it"
        ),
        new(
            ApproachQuestion.Touching,
            "A touch or a rub",
            [
                new("leave-it", "Leave it to teach; look into it when it is regular", "One touch or rub changes nothing."),
                new(EasierAtOnce, "Make it easier at once", "A touch or a rub is spoken of at the rail, and the next session is easier."),
            ],
            "a pole that rolls is teacher enough; no horse is ever made to hit one"
        ),
        new(
            ApproachQuestion.VaryOrRepeat,
            "Vary or repeat",
            [
                new(
                    "vary",
                    "One small thing otherwise after each calm ride",
                    "A calm ride is followed by one thing otherwise; the same layout a third time running is a fault of a plan."
                ),
                new(
                    Repeat,
                    "Repeat the same question until it is easy",
                    "A calm ride is followed by the same again; the same layout a third time running is no fault of a plan."
                ),
            ],
            "staying on a rung is not the same again; what is easy is trusted, and a worried horse trusts what it knows",
            new Dictionary<Temperament, string> { [Temperament.Worried] = Repeat }
        ),
        new(
            ApproachQuestion.DistanceDoesNotFit,
            "A distance does not fit",
            [
                new("move-the-pole", "Move the pole to the horse", "A struggle or a flat jump moves the distance, now and next time."),
                new(AnotherCount, "Ride another number of strides", "The distance stays, and another count is ridden."),
                new(ChangeThePace, "Change the pace coming in", "The distance stays, and the canter before it changes."),
            ],
            "a grid is set for the horse that jumps it"
        ),
        new(
            ApproachQuestion.Mistake,
            "After a mistake",
            [
                new("rebuild", "Bring the help back at once", "A guide goes up at the first drift."),
                new(FindOut, "Let it find out", "A first drift is let pass; from the second on a guide goes up."),
                new(TakeItNow, "Take each slip now", "A drift is straightened at once, before the next fence."),
                new(
                    LetItGo,
                    "Let early slips go",
                    "Slips of schooling in the warm-up are not spoken of at the rail; the review tells them."
                ),
            ],
            "a second mistake is half a habit",
            new Dictionary<Temperament, string> { [Temperament.Bold] = FindOut, [Temperament.Hot] = LetItGo }
        ),
        new(
            ApproachQuestion.FlyingChanges,
            "First flying changes",
            [
                new(
                    "through-counter-canter",
                    "Through counter-canter and canter-walk-canter",
                    "Proposals lead to a change through canter-walk-canter."
                ),
                new(
                    ForwardAndBack,
                    "Through quality, forward and back",
                    "Proposals lead to a change through medium canter and simple changes."
                ),
                new(MixedExercises, "A mix of exercises", "Proposals lead to a change through half of each."),
            ],
            "a straight, calm depart is the change in two halves"
        ),
        new(
            ApproachQuestion.Lungeing,
            "Lungeing",
            [
                new("plain", "Without aids, both ways", "Proposals on the lunge name no aid."),
                new(SideAid, "Side reins, even on both sides", "Proposals on the lunge name side reins, and loosen them between."),
                new(
                    Rig,
                    "A rig behind the quarters, even on both sides",
                    "Proposals on the lunge name the rig, looked at before, and loosen it between."
                ),
            ],
            "loosened between, and never on a horse too young"
        ),
        new(
            ApproachQuestion.WrongLead,
            "Wrong lead over a fence",
            [
                new("mend-before-turn", "Mend it before the turn", "A wrong lead asks for a change before the turn."),
                new(LeaveTheLead, "Leave it, and ride straight on", "A wrong lead asks for straight on, and nothing is changed."),
            ],
            "in the ring the turn comes soon"
        ),
        new(
            ApproachQuestion.GoingUp,
            "Going up a rung",
            [
                new("by-ease", "When it has become easy", "A rung is climbed after the good sessions running that it asks for."),
                new(ByRepeats, "By the third or fourth good go", "Over poles and fences one good session with four clean goes is enough."),
            ],
            "confidence is the horse's own date"
        ),
        new(
            ApproachQuestion.SecondTry,
            "After a success",
            [
                new("one-repeat", "One repeat confirms it", "An aim met or a good change asks for one repeat."),
                new(Tomorrow, "Leave it for another day", "An aim met or a good change ends that work."),
                new(EveryTime, "Until it is there every time", "An aim is met once three marks running on both reins reach it."),
            ],
            "one repeat tells skill from luck",
            new Dictionary<Temperament, string> { [Temperament.Worried] = Tomorrow }
        ),
        new(
            ApproachQuestion.Insisting,
            "Insisting",
            [
                new("praise", "Praise the attempt", "A yield refused asks for two steps and praise."),
                new(ATouch, "A touch of the whip to say where", "A yield refused asks for a touch that says where, and praise."),
            ],
            "it tries again what was praised; nothing is ever a punishment"
        ),
        new(
            ApproachQuestion.Breadth,
            "Breadth",
            [
                new(AllRound, "Flat, poles, jumping and country to age six", "Blocks of a young horse hold every kind of work."),
                new("early-special", "The main discipline early", "Blocks of a young horse hold its own discipline first."),
            ],
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

/// <summary>How one horse is gone about: the choice that holds on every question.</summary>
/// <param name="Held">By question, the id of the choice.</param>
public sealed record Ways(IReadOnlyDictionary<ApproachQuestion, string> Held)
{
    /// <summary>Everything as by default.</summary>
    public static Ways Default { get; } = new(Approach.Topics.ToDictionary(t => t.Question, t => t.Choices[0].Id));

    /// <summary>This choice holds on this question.</summary>
    public bool Are(ApproachQuestion question, string choice) => Held.GetValueOrDefault(question) == choice;

    /// <summary>The choice that holds on this question.</summary>
    public ApproachChoice On(ApproachQuestion question) => Approach.Of(question).Choices.First(c => c.Id == Held[question]);

    /// <summary>The same with another choice.</summary>
    public Ways With(ApproachQuestion question, string choice) =>
        new(new Dictionary<ApproachQuestion, string>(Held) { [question] = choice });
}
