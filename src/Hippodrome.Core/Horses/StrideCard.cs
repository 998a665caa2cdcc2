using System.Collections.Concurrent;
using System.Globalization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

/// <summary>What is known of one variant of one horse's gaits.</summary>
/// <param name="Variant">Which.</param>
/// <param name="Stride">Best estimate of one full stride.</param>
/// <param name="Spread">How far the true value may well be off (one standard deviation).</param>
/// <param name="Speed">Best estimate of the speed.</param>
/// <param name="Tempo">Strides a minute.</param>
/// <param name="Measurements">How many strips it rests on; 0 is a start value.</param>
/// <param name="LastMeasured">The latest of them.</param>
/// <param name="Why">How it came about.</param>
public sealed record StrideEstimate(
    GaitVariant Variant,
    Distance Stride,
    Distance Spread,
    Speed Speed,
    double Tempo,
    int Measurements,
    DateOnly? LastMeasured,
    Why Why
);

/// <summary>
/// A horse's strides by gait and variant: published start values scaled by its height, drawn towards
/// its own measured strips, each weighed by how sure it is.
/// </summary>
public sealed record StrideCard
{
    private readonly HorseHeight _height;
    private readonly ILookup<GaitVariant, StrideMeasurement> _measured;

    // Each with its reason, so only those that somebody asks for are made.
    private readonly ConcurrentDictionary<GaitVariant, StrideEstimate> _estimates = new();

    private StrideCard(HorseHeight height, ILookup<GaitVariant, StrideMeasurement> measured) => (_height, _measured) = (height, measured);

    public IReadOnlyList<StrideEstimate> Estimates => [.. GaitVariants.All.Select(v => this[v])];

    public static StrideCard For(HorseHeight height, IEnumerable<StrideMeasurement> measured)
    {
        ArgumentNullException.ThrowIfNull(height);
        return new StrideCard(height, measured.ToLookup(m => m.Variant));
    }

    public StrideEstimate this[GaitVariant variant] => _estimates.GetOrAdd(variant, v => Estimate(v, _height, [.. _measured[v]]));

    /// <summary>The way covered in a gait; none for halt, and rein-back is not counted.</summary>
    public Distance Covered(Gait gait, double minutes) =>
        gait switch
        {
            Gait.Gallop => this[GaitVariant.CanterCourse].Speed.Over(minutes),
            _ when gait.Usual() is { } usual => this[usual].Speed.Over(minutes),
            _ => Distance.Zero,
        };

    /// <summary>What a start value, or a range of the trade, is multiplied by for a horse of this height: 1 for one of 165 cm.</summary>
    public static double HeightScale(HorseHeight height)
    {
        ArgumentNullException.ThrowIfNull(height);
        var typical = StrideFigures.HeightOfStartValues.Value;
        return 1 - (StrideFigures.HeightShare.Value * (typical - height.Centimetres) / typical);
    }

    /// <summary>A range of the trade, which is one for a horse of 165 cm, as it is for this one.</summary>
    public Figure<DistanceRange> Scaled(Figure<DistanceRange> range)
    {
        ArgumentNullException.ThrowIfNull(range);
        var scale = HeightScale(_height);
        return range with { Value = new DistanceRange(range.Value.Shortest * scale, range.Value.Longest * scale) };
    }

    /// <summary>The stride over poles in a gait: a working canter over poles is not that of a dressage arena.</summary>
    public StrideEstimate OverPoles(GaitVariant variant) => this[variant == GaitVariant.CanterWorking ? GaitVariant.CanterPoles : variant];

    private static StrideEstimate Estimate(GaitVariant variant, HorseHeight height, List<StrideMeasurement> measured)
    {
        var figure = StrideFigures.StartOf(variant);
        var scale = HeightScale(height);
        var start = Distance.FromMetres(figure.Value.StrideMetres * scale);
        var startSpread = start.Metres * StrideFigures.StartSpread.Value;
        var strides = Combine(start.Metres, startSpread, [.. measured.Select(m => (m.Stride.Metres, m.Spread.Metres))]);
        var startSpeed = figure.Value.MetresPerSecond * scale;
        var speeds = Combine(
            startSpeed,
            startSpeed * StrideFigures.StartSpread.Value,
            [
                .. measured
                    .Where(m => m.Speed is not null)
                    .Select(m => (m.Speed!.Value.MetresPerSecond, m.Speed.Value.MetresPerSecond * (m.Spread / m.Stride))),
            ]
        );
        return new StrideEstimate(
            variant,
            Distance.FromMetres(strides.Mean),
            Distance.FromMetres(strides.Spread),
            Speed.FromMetresPerSecond(speeds.Mean),
            speeds.Mean / strides.Mean * 60,
            measured.Count,
            measured.Count == 0 ? null : measured.Max(m => m.On),
            Explain(figure, height, scale, start, measured)
        );
    }

    /// <summary>
    /// Mean weighed by 1/spread² of the start value and each measurement, and its spread; where the
    /// measurements scatter more than they should, their own standard error is shown instead.
    /// </summary>
    private static (double Mean, double Spread) Combine(
        double start,
        double startSpread,
        IReadOnlyList<(double Value, double Spread)> measured
    )
    {
        var weights = 1 / (startSpread * startSpread);
        var sum = start * weights;
        foreach (var (value, spread) in measured)
        {
            weights += 1 / (spread * spread);
            sum += value / (spread * spread);
        }

        var expected = Math.Sqrt(1 / weights);
        return (sum / weights, Math.Max(expected, StandardError(measured)));
    }

    private static double StandardError(IReadOnlyList<(double Value, double Spread)> measured)
    {
        if (measured.Count < 2)
        {
            return 0;
        }

        var mean = measured.Average(m => m.Value);
        var variance = measured.Sum(m => (m.Value - mean) * (m.Value - mean)) / (measured.Count - 1);
        return Math.Sqrt(variance / measured.Count);
    }

    private static Why Explain(
        Figure<StartValue> figure,
        HorseHeight height,
        double scale,
        Distance start,
        List<StrideMeasurement> measured
    )
    {
        var inputs = new List<string>
        {
            string.Create(
                CultureInfo.InvariantCulture,
                $"start value {figure.Value.StrideMetres:0.00} m for a horse of {StrideFigures.HeightOfStartValues.Value:0} cm"
            ),
            string.Create(CultureInfo.InvariantCulture, $"this horse stands {height.Centimetres:0} cm: times {scale:0.00} makes {start}"),
        };
        inputs.AddRange(
            measured
                .OrderBy(m => m.On)
                .Select(m =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"{m.On:d MMM yyyy}: {m.Strip.Metres:0.#} m in {m.Strides:0.#} strides{(m.Seconds is { } s ? string.Create(CultureInfo.InvariantCulture, $" and {s:0.#} s") : ", counted between poles,")} makes {m.Stride}, give or take {m.Spread.Centimetres:0} cm"
                    )
                )
        );
        return measured.Count == 0
            ? new Why("Published start value, scaled by height", inputs, figure.Source)
            : new Why(
                "Start value and measured strips, each weighed by how sure it is",
                inputs,
                Source.Chosen("a measured strip counts for more the more strides it holds; the start value fades as strips come in")
            );
    }
}
