using System.Text.Json.Serialization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Rides;

/// <summary>What is asked for again and again, until it comes by itself.</summary>
public enum Movement
{
    /// <summary>A single flying change.</summary>
    Change,

    /// <summary>Flying changes in sequence.</summary>
    Series,

    /// <summary>Canter from walk or halt.</summary>
    Depart,
    Halt,
    Pirouette,
    HalfSteps,
    Passage,
    Yield,
    ReinBack,
    Lengthening,
    Stretch,

    /// <summary>The rein given for some strides: does it stay as it is?</summary>
    GivenRein,

    /// <summary>The walk by itself.</summary>
    Walk,

    /// <summary>The voice, on the lunge and on long lines.</summary>
    Voice,

    /// <summary>To halt and stand, in hand.</summary>
    Stand,

    /// <summary>Back step by step, in hand.</summary>
    StepBack,

    /// <summary>The head lowered, in hand.</summary>
    HeadDown,

    /// <summary>What it remembers on a first day.</summary>
    Bridle,
    Saddle,
    Mounting,
    Lines,
    ShoulderOver,
    HipsOver,
}

/// <summary>How an asking was answered.</summary>
public enum HorseAnswer
{
    Alone,

    /// <summary>A short reminder, then passive again.</summary>
    Reminded,
    Helped,
    Not,
}

/// <summary>Words of its own that a movement has for its answers.</summary>
public enum AttemptWord
{
    ByItself,
    ByLeg,
    ByRein,
    MoreIn,
    Smaller,
    AllTheWay,
    Half,
    Marches,
    Hurries,
    Short,
    Stayed,
    Leaned,
    CameUp,
    Prompt,
    Dull,
    Stood,
    Moved,
    Straight,
    QuartersLeft,
    QuartersRight,
    Yes,
    No,
}

/// <summary>One asking of a movement.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="Movement">What was asked.</param>
/// <param name="Answered">How it was answered.</param>
/// <param name="Side">The lead, the leg or the rein it was asked on, where it has two.</param>
/// <param name="Where">Where it was asked, where that matters.</param>
public sealed record Attempted(
    Guid Id,
    DateTimeOffset At,
    Movement Movement,
    HorseAnswer Answered,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Rein? Side = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] ArenaPlace? Where = null
) : RideEvent(Id, At)
{
    /// <summary>The movement's own word for it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public AttemptWord? Word { get; init; }

    /// <summary>As the test has it, and not as training.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool InTest { get; init; }

    /// <summary>Steps that came, where they are counted.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? Steps { get; init; }

    internal override void Check(Checks checks, string at)
    {
        checks.That(
            Movement is not (Movement.Change or Movement.Series),
            $"{at}.movement",
            "Flying changes are told as changes and series.",
            "Send it as one of those."
        );
        checks.That(Side != Rein.Both, $"{at}.side", "It is asked on one side at a time.", "Left or right.");
        checks.That(Steps is null or (>= 1 and <= 60), $"{at}.steps", "That is no count of steps.", "Count the steps that came.");
        checks.That(
            Word is not { } word || Movements.Of(Movement).Says(word, Answered),
            $"{at}.word",
            "That is no word for this answer.",
            "Choose one of the movement's own, or none."
        );
    }
}

/// <summary>Flying changes in sequence, as one asking.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="Every">Every so many strides.</param>
/// <param name="Planned">So many changes were asked.</param>
/// <param name="MissedAt">The change that was missed, from 1; null where none was.</param>
/// <param name="LateBehind">The hind leg that was late; null where neither was.</param>
/// <param name="Late">In so many of the changes.</param>
/// <param name="Where">Where it was asked.</param>
public sealed record SeriesRidden(
    Guid Id,
    DateTimeOffset At,
    int Every,
    int Planned,
    int? MissedAt,
    Rein? LateBehind,
    int Late,
    ArenaPlace Where
) : RideEvent(Id, At)
{
    /// <summary>As the test has it, and not as training.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool InTest { get; init; }

    internal bool IsWhole => MissedAt is null && Late == 0;

    internal override void Check(Checks checks, string at)
    {
        checks.Whole($"{at}.every", Every, 1, 4, "strides");
        checks.Whole($"{at}.planned", Planned, 2, 21, "changes");
        checks.That(
            MissedAt is null || (MissedAt >= 1 && MissedAt <= Planned),
            $"{at}.missedAt",
            "That change was not asked.",
            "Count the changes from the first."
        );
        checks.Whole($"{at}.late", Late, 0, Planned, "changes");
        checks.That(
            LateBehind is null == (Late == 0) && LateBehind != Rein.Both,
            $"{at}.lateBehind",
            "A hind leg was late in some of the changes, or neither was.",
            "Say which hind, and how often."
        );
    }
}

/// <summary>An asking as the record tells it, whatever it was tapped as.</summary>
/// <param name="Movement">What was asked.</param>
/// <param name="Every">In a series: every so many strides.</param>
/// <param name="Side">Lead, leg or rein, where it has two.</param>
/// <param name="Where">Where it was asked.</param>
/// <param name="Answered">How it was answered.</param>
/// <param name="Good">Alone, and without a fault.</param>
public sealed record Attempt(Movement Movement, int? Every, Rein? Side, ArenaPlace? Where, HorseAnswer Answered, bool Good)
{
    /// <summary>The movement's own word for it.</summary>
    public AttemptWord? Word { get; init; }

    /// <summary>The rider's own slip: not counted against the horse.</summary>
    public bool Mine { get; init; }

    /// <summary>As the test has it.</summary>
    public bool InTest { get; init; }

    /// <summary>Steps that came, where they are counted.</summary>
    public int? Steps { get; init; }

    /// <summary>The part of the plan it was asked in.</summary>
    public int? Part { get; init; }

    /// <summary>The hind leg that was late in it.</summary>
    public Rein? LateBehind { get; init; }

    /// <summary>The asking that an event tells; null where it tells none.</summary>
    internal static Attempt? Of(RideEvent e, int? part) =>
        e switch
        {
            Attempted a => new Attempt(a.Movement, null, a.Side, a.Where, a.Answered, a.Answered == HorseAnswer.Alone)
            {
                Word = a.Word,
                InTest = a.InTest,
                Steps = a.Steps,
                Part = part,
            },
            SeriesRidden s => new Attempt(
                Movement.Series,
                s.Every,
                null,
                s.Where,
                s.IsWhole ? HorseAnswer.Alone : HorseAnswer.Not,
                s.IsWhole
            )
            {
                InTest = s.InTest,
                Steps = s.IsWhole ? s.Planned : (s.MissedAt ?? s.Planned) - 1,
                Part = part,
                LateBehind = s.LateBehind,
            },
            ChangeRidden c => OfChange(c, part),
            YieldSteps y => new Attempt(
                Movement.Yield,
                null,
                y.AwayFrom,
                null,
                y.Given >= y.Asked ? HorseAnswer.Alone
                    : y.Given > 0 ? HorseAnswer.Helped
                    : HorseAnswer.Not,
                y.Given >= y.Asked
            )
            {
                Steps = y.Given,
                Part = part,
            },
            _ => null,
        };

    private static Attempt OfChange(ChangeRidden c, int? part)
    {
        var answered = c.Quality == ChangeQuality.None ? HorseAnswer.Not : c.Answered ?? HorseAnswer.Alone;
        return new Attempt(
            Movement.Change,
            null,
            c.To,
            c.Where,
            answered,
            c.Quality == ChangeQuality.Clean && answered == HorseAnswer.Alone
        )
        {
            InTest = c.InTest,
            Part = part,
            // A canter is begun by its outside hind, and so is the canter after a change (common practice).
            LateBehind = c.Quality is ChangeQuality.Late or ChangeQuality.ShortBehind ? c.To.Other() : null,
        };
    }
}
