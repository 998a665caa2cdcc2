namespace Hippodrome.Core.Rides;

/// <summary>What a movement is asked on, where it has two sides.</summary>
public enum AskedOn
{
    Nothing,
    Lead,
    Leg,
    Rein,
}

/// <summary>A word of a movement's own, and how it was answered when it is said; null where that is asked besides.</summary>
public sealed record MovementWord(AttemptWord Word, Answered? Answered);

/// <summary>How a movement is told at the rail.</summary>
/// <param name="Movement">Which.</param>
/// <param name="On">Lead, leg or rein.</param>
/// <param name="HasPlace">Where it was asked matters.</param>
/// <param name="CountsSteps">Its steps are counted.</param>
/// <param name="Words">Its own words; where it has those that say how it was answered, they are all that is asked.</param>
public sealed record MovementTold(Movement Movement, AskedOn On, bool HasPlace, bool CountsSteps, IReadOnlyList<MovementWord> Words);

/// <summary>The movements, with their words (common practice).</summary>
public static class Movements
{
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
            [Says(AttemptWord.Prompt, Answered.Alone), Says(AttemptWord.Dull, Answered.Helped)]
        ),
        new(
            Movement.Halt,
            AskedOn.Nothing,
            true,
            false,
            [
                Says(AttemptWord.ByItself, Answered.Alone),
                Says(AttemptWord.ByLeg, Answered.Reminded),
                Says(AttemptWord.ByRein, Answered.Helped),
            ]
        ),
        new(Movement.Pirouette, AskedOn.Lead, false, false, [Says(AttemptWord.MoreIn), Says(AttemptWord.Smaller)]),
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
            [Says(AttemptWord.AllTheWay, Answered.Alone), Says(AttemptWord.Half, Answered.Helped)]
        ),
        new(
            Movement.GivenRein,
            AskedOn.Rein,
            false,
            false,
            [Says(AttemptWord.Stayed, Answered.Alone), Says(AttemptWord.Leaned, Answered.Not), Says(AttemptWord.CameUp, Answered.Not)]
        ),
        new(
            Movement.Walk,
            AskedOn.Nothing,
            false,
            false,
            [Says(AttemptWord.Marches, Answered.Alone), Says(AttemptWord.Hurries, Answered.Not), Says(AttemptWord.Short, Answered.Not)]
        ),
        new(Movement.Voice, AskedOn.Rein, false, false, []),
        new(
            Movement.Stand,
            AskedOn.Nothing,
            false,
            false,
            [Says(AttemptWord.Stood, Answered.Alone), Says(AttemptWord.Moved, Answered.Reminded)]
        ),
        new(
            Movement.StepBack,
            AskedOn.Nothing,
            false,
            true,
            [
                Says(AttemptWord.Straight, Answered.Alone),
                Says(AttemptWord.QuartersLeft, Answered.Not),
                Says(AttemptWord.QuartersRight, Answered.Not),
            ]
        ),
        new(Movement.HeadDown, AskedOn.Nothing, false, false, []),
        new(Movement.Bridle, AskedOn.Nothing, false, false, []),
        new(Movement.Saddle, AskedOn.Nothing, false, false, []),
        new(Movement.Mounting, AskedOn.Nothing, false, false, []),
        new(Movement.Lines, AskedOn.Nothing, false, false, []),
        new(Movement.ShoulderOver, AskedOn.Leg, false, false, []),
        new(Movement.HipsOver, AskedOn.Leg, false, false, []),
    ];

    private static readonly Dictionary<Movement, MovementTold> ByMovement = All.ToDictionary(m => m.Movement);

    public static MovementTold Of(Movement movement) => ByMovement[movement];

    private static MovementWord Says(AttemptWord word, Answered? answered = null) => new(word, answered);
}
