using BenchmarkDotNet.Attributes;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Bench;

/// <summary>
/// What measuring a set-up costs in Core, beside a floor: the bare arithmetic of a line of poles, with
/// nothing explained, drawn or rounded.
/// </summary>
[MemoryDiagnoser]
[ShortRunJob]
public class MeasuringSetUps
{
    private static readonly HorseHeight Height = HorseHeight.Kept(165);

    private readonly StrideMeasurement[] _strips =
    [
        .. Enumerable
            .Range(0, 24)
            .Select(i =>
                StrideMeasurement.Kept(
                    Guid.NewGuid(),
                    GaitVariants.All[i % 12],
                    Distance.FromMetres(30),
                    11 + (i % 3),
                    9,
                    new DateOnly(2026, 1, 1 + i)
                )
            ),
    ];

    private readonly SetUp _poles = new PoleLineEntry
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.CentreLine,
        Heading = Heading.TowardsC,
        MiddleMetres = 30,
        AdjustMetres = 0,
        Variant = GaitVariant.TrotWorking,
        Poles = 6,
        Raising = Raising.AlternateEnds,
        HeightMetres = 0.1,
    }
        .Check()
        .OrThrow();
    private readonly SetUp _crossPole = new CrossPoleEntry
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.CentreLine,
        Heading = Heading.TowardsC,
        MiddleMetres = 30,
        AdjustMetres = 0,
        HeightMetres = 0.5,
    }
        .Check()
        .OrThrow();
    private readonly SetUp _grid = Line(
            LineKind.Grid,
            Gait.Trot,
            new(ElementKind.Pole),
            new(ElementKind.CrossPole, 0.5),
            new(ElementKind.Upright, 0.6),
            new(ElementKind.Upright, 0.7, null, 1),
            new(ElementKind.SquareOxer, 0.8, 0.9, 1)
        )
        .Check()
        .OrThrow();
    private readonly SetUp _bend = (
        Line(LineKind.RelatedLine, Gait.Canter, new(ElementKind.Upright, 1.0), new(ElementKind.SquareOxer, 1.0, 1.1, 5)) with
        {
            BendDegrees = 45,
            BendTo = Rein.Left,
        }
    )
        .Check()
        .OrThrow();
    private StrideCard _card = null!;

    [GlobalSetup]
    public void SetUp() => _card = StrideCard.For(Height, _strips);

    [Benchmark(Baseline = true)]
    public double BareArithmetic()
    {
        var spacing = Math.Round(Math.Clamp(_card[GaitVariant.TrotWorking].Stride.Metres / 2, 1.2, 1.5) / 0.05) * 0.05;
        var sum = 0.0;
        for (var i = 0; i < 6; i++)
        {
            sum += spacing * i;
        }

        return sum;
    }

    [Benchmark]
    public MeasuredSetUp SixRaisedPoles() => _poles.MeasureFor(_card, Tape.Metric);

    [Benchmark]
    public MeasuredSetUp CrossPoleWithPlacingPole() => _crossPole.MeasureFor(_card, Tape.Metric);

    [Benchmark]
    public MeasuredSetUp GridOfFourWithItsStages() => _grid.MeasureFor(_card, Tape.Metric);

    [Benchmark]
    public MeasuredSetUp BendingLine() => _bend.MeasureFor(_card, Tape.Metric);

    [Benchmark]
    public StrideCard StrideCardOfTwentyFourStrips() => StrideCard.For(Height, _strips);

    private static FenceLineEntry Line(LineKind kind, Gait comesIn, params LineElementEntry[] elements) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = kind,
            ComesIn = comesIn,
            Elements = elements,
        };
}
