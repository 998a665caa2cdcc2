using BenchmarkDotNet.Attributes;
using Hippodrome.Core.Setups;

namespace Hippodrome.Bench;

/// <summary>What the exact order of riding costs, beside a floor: always the horse that is nearest next, which is not exact.</summary>
[MemoryDiagnoser]
[ShortRunJob]
public class OrderingHorses
{
    /// <summary>Horses that come.</summary>
    [Params(6, 10)]
    public int Horses { get; set; }

    private Waiting[] _waiting = [];

    [GlobalSetup]
    public void SetUp() =>
        _waiting = [
            .. Enumerable
                .Range(0, Horses)
                .Select(i => new Waiting(
                    $"{i}",
                    [0, 6.1 + (i * 7 % 11 * 0.05), 12.4 + (i * 5 % 11 * 0.1), 19 + (i * 3 % 11 * 0.15)],
                    i % 3 == 0
                )),
        ];

    [Benchmark(Baseline = true)]
    public double NearestNext()
    {
        var left = _waiting.ToList();
        var (at, moved) = (left[0], 0.0);
        left.RemoveAt(0);
        while (left.Count > 0)
        {
            var next = left.MinBy(w => Moved(at, w))!;
            moved += Moved(at, next);
            left.Remove(next);
            at = next;
        }

        return moved;

        static double Moved(Waiting a, Waiting b) => a.Positions.Zip(b.Positions, (x, y) => Math.Abs(x - y)).Sum();
    }

    [Benchmark]
    public OrderOfRiding ExactOrder() => OrderOfRiding.Of(_waiting, GreenHorses.Anywhere);
}
