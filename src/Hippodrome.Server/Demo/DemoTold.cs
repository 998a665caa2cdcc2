using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;

namespace Hippodrome.Server.Demo;

/// <summary>What a helper told of Verity's spring: the left side lets go, and the pirouette comes by itself.</summary>
internal static class DemoTold
{
    /// <param name="ride">Which of her eight rides, from 0.</param>
    public static IReadOnlyList<RideEvent> OfVerity(int ride)
    {
        var leans = new SignSeen(Guid.NewGuid(), DateTimeOffset.UtcNow, Sign.Leans, Rein.Left);
        var told = new List<RideEvent>
        {
            Asked(Movement.Pirouette, Answer(ride), Rein.Left),
            Asked(Movement.Pirouette, HorseAnswer.Alone, Rein.Right),
            Asked(Movement.Depart, HorseAnswer.Alone, Rein.Left) with
            {
                Word = AttemptWord.Prompt,
            },
            Asked(Movement.Halt, HorseAnswer.Alone, null) with
            {
                Word = AttemptWord.ByItself,
                Where = ArenaPlace.CentreLine,
                InTest = ride == 6,
            },
        };
        // Let pass in the warm-up, and gone when it was asked again.
        if (ride < 6)
        {
            told.Add(leans);
            told.Add(new MoreTold(Guid.NewGuid(), DateTimeOffset.UtcNow, leans.Id, Rein.Left, ArenaPlace.Circle, Later: true));
            told.Add(new AskedAgain(Guid.NewGuid(), DateTimeOffset.UtcNow, leans.Id, HorseAnswer.Alone));
        }

        return told;
    }

    private static HorseAnswer Answer(int ride) =>
        ride switch
        {
            < 2 => HorseAnswer.Helped,
            2 => HorseAnswer.Reminded,
            _ => HorseAnswer.Alone,
        };

    private static Attempted Asked(Movement movement, HorseAnswer answered, Rein? side) =>
        new(Guid.NewGuid(), DateTimeOffset.UtcNow, movement, answered, side);
}
