using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>One asking as a dot: when and where it was, and how it was answered.</summary>
public sealed record AttemptDot(DateOnly On, Guid RideId, HorseAnswer Answered, bool Good, ArenaPlace? Where, bool InTest);

/// <summary>A movement on one side or lead, over rides: what it does every time, and not its best.</summary>
/// <param name="Movement">Which.</param>
/// <param name="Every">In a series: every so many strides.</param>
/// <param name="Side">Lead, leg or rein, where it has two.</param>
/// <param name="Last">Its last askings, the latest last.</param>
/// <param name="Training">How reliable it is as training; null where it was not asked so.</param>
/// <param name="InTest">The same as the test has it.</param>
/// <param name="Places">So many different places it was good at.</param>
/// <param name="Anticipated">Places at which it is anticipated: there another is asked next time.</param>
public sealed record AttemptsOver(
    Movement Movement,
    int? Every,
    Rein? Side,
    IReadOnlyList<AttemptDot> Last,
    Reliability? Training,
    Reliability? InTest,
    int Places,
    IReadOnlyList<ArenaPlace> Anticipated
)
{
    /// <summary>Nine of the last ten alone, whatever the help of those before.</summary>
    public bool Confirmed => Training is { Confirmed: true };

    /// <summary>Every movement that was asked, as often as it was asked; the rider's own slips are left out.</summary>
    /// <param name="rides">In any order.</param>
    public static IReadOnlyList<AttemptsOver> Of(IEnumerable<RiddenOnce> rides)
    {
        ArgumentNullException.ThrowIfNull(rides);
        var inOrder = rides.OrderBy(r => r.On).ToList();
        return
        [
            .. inOrder
                .SelectMany(r => r.Record.Rail.Attempts.Where(a => !a.Mine).Select(a => (Ride: r, Attempt: a)))
                .GroupBy(x => (x.Attempt.Movement, x.Attempt.Every, x.Attempt.Side))
                .OrderBy(g => g.Key)
                .Select(g => Over(g.Key.Movement, g.Key.Every, g.Key.Side, [.. g], inOrder)),
        ];
    }

    /// <summary>Single flying changes are confirmed on both leads.</summary>
    /// <param name="latestFirst">Its rides, the latest first.</param>
    public static bool ChangesAreConfirmed(IEnumerable<RideRecord> latestFirst)
    {
        var changes = latestFirst
            .SelectMany(r => r.Rail.Attempts.Reverse().Where(a => a is { Movement: Movement.Change, Mine: false, InTest: false }))
            .ToLookup(a => a.Side);
        return new[] { Rein.Left, Rein.Right }.All(lead => Reliability.Of(changes[lead].Select(a => a.Good)) is { Confirmed: true });
    }

    private static AttemptsOver Over(
        Movement movement,
        int? every,
        Rein? side,
        List<(RiddenOnce Ride, Attempt Attempt)> asked,
        List<RiddenOnce> rides
    )
    {
        Reliability? Of(bool inTest) => Reliability.Of(asked.Where(a => a.Attempt.InTest == inTest).Reverse().Select(a => a.Attempt.Good));
        return new AttemptsOver(
            movement,
            every,
            side,
            [
                .. asked
                    .TakeLast(Reliability.Counted.Value)
                    .Select(a => new AttemptDot(
                        a.Ride.On,
                        a.Ride.RideId,
                        a.Attempt.Answered,
                        a.Attempt.Good,
                        a.Attempt.Where,
                        a.Attempt.InTest
                    )),
            ],
            Of(inTest: false),
            Of(inTest: true),
            asked.Where(a => a.Attempt is { Good: true, Where: not null }).Select(a => a.Attempt.Where).Distinct().Count(),
            movement is Movement.Change or Movement.Series or Movement.Halt
                ?
                [
                    .. rides
                        .SelectMany(r => r.Record.Rail.Signs)
                        .Where(s => s is { Sign: Sign.Anticipates, Where: not null, Mine: false })
                        .Select(s => s.Where!.Value)
                        .Distinct()
                        .Order(),
                ]
                : []
        );
    }
}
