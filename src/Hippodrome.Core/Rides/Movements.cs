namespace Hippodrome.Core.Rides;

/// <summary>What a movement is asked on, where it has two sides.</summary>
public enum AskedOn
{
    Nothing,
    Lead,
    Leg,
    Rein,
}

/// <summary>A word of a movement's own, and how it was answered when it is said.</summary>
public sealed record MovementWord(AttemptWord Word, HorseAnswer Answered);

/// <summary>How a movement is told at the rail.</summary>
/// <param name="Movement">Which.</param>
/// <param name="On">Lead, leg or rein.</param>
/// <param name="HasPlace">Where it was asked matters.</param>
/// <param name="CountsSteps">Its steps are counted.</param>
/// <param name="Words">Its own words for how it was answered; where it has some, they are what is asked.</param>
public sealed record MovementTold(Movement Movement, AskedOn On, bool HasPlace, bool CountsSteps, IReadOnlyList<MovementWord> Words)
{
    /// <summary>Ways in which it is asked, told beside how it was answered.</summary>
    public IReadOnlyList<AttemptWord> Ways { get; init; } = [];

    /// <summary>It is asked from the ground too: in hand, on the lunge, on long lines. Nothing else is offered there.</summary>
    public bool FromGround =>
        Movement
            is Movement.Halt
                or Movement.Stretch
                or Movement.Walk
                or Movement.Voice
                or Movement.Stand
                or Movement.StepBack
                or Movement.HeadDown
                or Movement.Bridle
                or Movement.Saddle
                or Movement.Mounting
                or Movement.Lines
                or Movement.ShoulderOver
                or Movement.HipsOver;

    /// <summary>A word that fits this answer.</summary>
    internal bool Says(AttemptWord word, HorseAnswer answered) =>
        Ways.Contains(word) || Words.Any(w => w.Word == word && w.Answered == answered);
}

/// <summary>The movements, with their words (common practice).</summary>
public static class Movements
{
    // What a horse still knows of what it was taught from the ground is told in these.
    private static readonly MovementWord[] Remembered =
    [
        Says(AttemptWord.Yes, HorseAnswer.Alone),
        Says(AttemptWord.Half, HorseAnswer.Reminded),
        Says(AttemptWord.No, HorseAnswer.Not),
    ];

    /// <summary>Every movement that is told by an attempt, a change or a series.</summary>
    public static IReadOnlyList<MovementTold> All { get; } =
    [
        new(Movement.Change, AskedOn.Lead, true, false, []),
        new(Movement.Series, AskedOn.Nothing, true, false, []),
        new(
            Movement.Depart,
            AskedOn.Lead,
            false,
            false,
            [Says(AttemptWord.Prompt, HorseAnswer.Alone), Says(AttemptWord.Dull, HorseAnswer.Helped)]
        ),
        new(
            Movement.Halt,
            AskedOn.Nothing,
            true,
            false,
            [
                Says(AttemptWord.ByItself, HorseAnswer.Alone),
                Says(AttemptWord.ByLeg, HorseAnswer.Reminded),
                Says(AttemptWord.ByRein, HorseAnswer.Helped),
            ]
        ),
        new(Movement.Pirouette, AskedOn.Lead, false, false, []) { Ways = [AttemptWord.MoreIn, AttemptWord.Smaller] },
        new(Movement.HalfSteps, AskedOn.Nothing, false, true, []),
        new(Movement.Passage, AskedOn.Nothing, false, true, []),
        new(Movement.Yield, AskedOn.Leg, false, true, []),
        new(Movement.ReinBack, AskedOn.Nothing, false, true, []),
        new(Movement.Lengthening, AskedOn.Rein, false, false, []),
        new(
            Movement.Stretch,
            AskedOn.Rein,
            false,
            false,
            [Says(AttemptWord.AllTheWay, HorseAnswer.Alone), Says(AttemptWord.Half, HorseAnswer.Helped)]
        ),
        new(
            Movement.GivenRein,
            AskedOn.Rein,
            false,
            false,
            [
                Says(AttemptWord.Stayed, HorseAnswer.Alone),
                Says(AttemptWord.Leaned, HorseAnswer.Not),
                Says(AttemptWord.CameUp, HorseAnswer.Not),
            ]
        ),
        new(
            Movement.Walk,
            AskedOn.Nothing,
            false,
            false,
            [
                Says(AttemptWord.Marches, HorseAnswer.Alone),
                Says(AttemptWord.Hurries, HorseAnswer.Not),
                Says(AttemptWord.Short, HorseAnswer.Not),
            ]
        ),
        new(Movement.Voice, AskedOn.Rein, false, false, []),
        new(
            Movement.Stand,
            AskedOn.Nothing,
            false,
            false,
            [Says(AttemptWord.Stood, HorseAnswer.Alone), Says(AttemptWord.Moved, HorseAnswer.Reminded)]
        ),
        new(
            Movement.StepBack,
            AskedOn.Nothing,
            false,
            true,
            [
                Says(AttemptWord.Straight, HorseAnswer.Alone),
                Says(AttemptWord.QuartersLeft, HorseAnswer.Not),
                Says(AttemptWord.QuartersRight, HorseAnswer.Not),
            ]
        ),
        new(Movement.HeadDown, AskedOn.Nothing, false, false, []),
        new(Movement.Bridle, AskedOn.Nothing, false, false, Remembered),
        new(Movement.Saddle, AskedOn.Nothing, false, false, Remembered),
        new(Movement.Mounting, AskedOn.Nothing, false, false, Remembered),
        new(Movement.Lines, AskedOn.Nothing, false, false, Remembered),
        new(Movement.ShoulderOver, AskedOn.Leg, false, false, Remembered),
        new(Movement.HipsOver, AskedOn.Leg, false, false, Remembered),
    ];

    private static readonly Dictionary<Movement, MovementTold> ByMovement = All.ToDictionary(m => m.Movement);

    public static MovementTold Of(Movement movement) => ByMovement[movement];

    private static MovementWord Says(AttemptWord word, HorseAnswer answered) => new(word, answered);
}
