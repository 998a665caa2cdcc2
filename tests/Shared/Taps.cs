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
    public static readonly Gen<RideEvent[]> Any = Gen.Select(Gen.Guid, Gen.Int[0, 90], Gen.Int[0, 9], Gen.Enum<Rein>(), Gen.Int[1, 20])
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
                                8 => new SignSeen(id, at, (Sign)(n % 18), null),
                                _ => new TakenBack(id, at, taps[n % taps.Length].Item1 == id ? Guid.Empty : taps[n % taps.Length].Item1),
                            }
                        );
                    }
                )
                .ToArray()
        );
}
