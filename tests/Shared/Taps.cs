using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Tests.Shared;

/// <summary>Taps of a ride, as a property is tried on them.</summary>
public static class Taps
{
    public static readonly DateTimeOffset Start = new(2026, 4, 18, 8, 0, 0, TimeSpan.Zero);

    /// <summary>Any few taps of a ride, in any order of time; some take earlier ones back.</summary>
    public static readonly Gen<RideEvent[]> Any = Gen.Select(Gen.Guid, Gen.Int[0, 90], Gen.Int[0, 16], Gen.Enum<Rein>(), Gen.Int[1, 20])
        .Array[1, 25]
        .Select(taps =>
            taps.Select(
                    (t, i) =>
                    {
                        var (id, minute, kind, rein, n) = t;
                        var at = Start.AddMinutes(minute);
                        var side = rein == Rein.Both ? Rein.Left : rein;
                        return (RideEvent)(
                            kind switch
                            {
                                0 or 1 => new Ridden(id, at, (Gait)(n % 5), rein, n),
                                2 => new Transitions(id, at, Gait.Walk, Gait.Trot, n),
                                3 => new PolesPassed(id, at, null, side, n, n % 3, n % 2),
                                4 => new Efforts(id, at, null, side, 0.5 + (n / 100.0), (EffortOutcome)(n % 6), n),
                                5 => new Marked(id, at, rein, Mark.Of(n / 2.0), ""),
                                6 => new TensionSeen(id, at, n % 5),
                                7 => new ClosingTest(id, at, n % 2 == 0),
                                8 => new SignSeen(id, at, (Sign)(n % 45), null),
                                9 => new Attempted(id, at, (Movement)(2 + (n % 20)), (HorseAnswer)(n % 4), side),
                                10 => new SeriesRidden(
                                    id,
                                    at,
                                    1 + (n % 4),
                                    5,
                                    n % 3 == 0 ? 3 : null,
                                    n % 2 == 0 ? side : null,
                                    n % 2 == 0 ? 2 : 0,
                                    ArenaPlace.Diagonal
                                ),
                                11 => new MoreTold(id, at, About(taps, n, id), side, (ArenaPlace)(n % 7), null, n % 2 == 0, n % 3 == 0),
                                12 => new AskedAgain(id, at, About(taps, n, id), (HorseAnswer)(n % 4)),
                                13 => new QuestionRidden(id, at, (QuestionKind)(n % 9), (QuestionWay)(n % 6), (QuestionHow)(n % 7)),
                                14 => new MannerNow(id, at, (Manner)(n % 5)),
                                15 => new TestAnswered(id, at, (OpeningTest)(n % 4), n % 2 == 0),
                                _ => new TakenBack(id, at, About(taps, n, id)),
                            }
                        );
                    }
                )
                .ToArray()
        );

    /// <summary>Any other tap of the same ride.</summary>
    private static Guid About((Guid Id, int Minute, int Kind, Rein Rein, int N)[] taps, int n, Guid self) =>
        taps[n % taps.Length].Id == self ? Guid.Empty : taps[n % taps.Length].Id;
}
