using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>The step at one radius of a fan: nearer the centre it is shorter.</summary>
public sealed record StepAtRadius(Distance Radius, Distance Step, Fit Fit);

/// <summary>A diameter whose quarters hold a whole number of this horse's strides.</summary>
public sealed record WholeQuarter(int Strides, Distance Diameter);

/// <summary>What a curve of poles adds to a set-up.</summary>
/// <param name="CentreAlong">Centre, metres from the A end.</param>
/// <param name="CentreAcross">Centre, metres from the left long side.</param>
/// <param name="Radius">From the centre to the way that is ridden.</param>
/// <param name="Degrees">Where each pole lies, from the way to C, turning to the right long side.</param>
/// <param name="Straight">The straight tape between the middles of two poles; the arc is what is ridden.</param>
/// <param name="Radii">The step at radii from the inner to the outer end of the poles.</param>
/// <param name="StridesAQuarter">Stride lengths in a quarter of a clock; nothing for a fan.</param>
/// <param name="WholeQuarters">Diameters near this one whose quarters come out whole.</param>
public sealed record CurveMeasure(
    double CentreAlong,
    double CentreAcross,
    Distance Radius,
    IReadOnlyList<double> Degrees,
    Distance Straight,
    IReadOnlyList<StepAtRadius> Radii,
    double? StridesAQuarter,
    IReadOnlyList<WholeQuarter> WholeQuarters
);

/// <summary>
/// A fan's spacing is the arc along the ridden radius: at radius r it is s r / R. A clock's quarter is a quarter of the
/// circle (geometry).
/// </summary>
internal static class CurveMeasuring
{
    /// <summary>Every quarter of a metre of a pole of three.</summary>
    private const int RadiiShown = 13;

    public static MeasuredSetUp Measure(CurvedPoles curve, StrideCard card, Tape tape) =>
        curve.Kind == CurveKind.Fan ? Fan(curve, card, tape) : Clock(curve, card, tape);

    private static MeasuredSetUp Fan(CurvedPoles fan, StrideCard card, Tape tape)
    {
        var trade = card.Scaled(SetUpFigures.PoleSpacing(fan.Variant.Gait()));
        var own = Step(fan, card);
        var asked = Distance.FromMetres(Math.Max(0, own.Metres + fan.AdjustMetres));
        var built = tape.Build(asked, fan.Guard(trade.Value), own);
        var radius = fan.Radius.Metres;
        var angle = built.Built.Metres / radius;
        var straight = Distance.FromMetres(2 * radius * Math.Sin(angle / 2));
        var why = Why.Of(
            "The arc along the ridden radius is the horse's step; nearer the centre it is shorter",
            [$"its own step is {own}", $"the trade sets {trade.Value}", built.RoundingSays, $"straight between the middles: {straight}"],
            trade.Source
        );
        var gap = new Gap(built, own, trade.Value, Fits.Of(built.Built / own), why);
        var half = CurvedPoles.PoleLength.Value / 2;
        var radii = Enumerable
            .Range(0, RadiiShown)
            .Select(i => radius - half + (i * 2 * half / (RadiiShown - 1)))
            .Select(r => new StepAtRadius(Distance.FromMetres(r), Distance.FromMetres(angle * r), Fits.Of(angle * r / own.Metres)))
            .ToList();
        var degrees = Enumerable
            .Range(0, fan.Poles)
            .Select(i => Begins(fan) + (Turn(fan) * (i - ((fan.Poles - 1) / 2.0)) * angle * 180 / Math.PI))
            .ToList();
        var title = FormattableString.Invariant($"Fan of {fan.Poles}, {built.Text.Metres} at {radius:0.0} m from the centre");
        return Finish(
            fan,
            card,
            tape,
            title,
            [.. Enumerable.Repeat(gap, fan.Poles - 1)],
            degrees,
            new CurveMeasure(0, 0, fan.Radius, degrees, straight, radii, null, [])
        );
    }

    private static MeasuredSetUp Clock(CurvedPoles clock, StrideCard card, Tape tape)
    {
        var stride = card.OverPoles(clock.Variant).Stride;
        var quarter = Distance.FromMetres(Math.PI / 2 * clock.Radius.Metres);
        // Counted as everywhere between ground poles: n strides take n + 1 stride lengths, one of them over the pole.
        var strides = (quarter / stride) - 1;
        var whole = Math.Max(1, (int)Math.Round(strides));
        var near = new[] { whole - 1, whole, whole + 1 }
            .Where(n => n > 0)
            .Select(n => new WholeQuarter(n, Distance.FromMetres(4 * (n + 1) * stride.Metres / Math.PI)))
            .Where(w => w.Diameter.Metres >= 2 * CurvedPoles.Tightest.Value && w.Diameter.Metres <= 2 * CurvedPoles.Widest.Value)
            .ToList();
        var needed = quarter * (1.0 / (whole + 1));
        var why = Why.Of(
            "A quarter of the circle over the horse's stride; the same number is counted in each quarter",
            [
                $"circle of {clock.Radius.Metres * 2:0.0} m: a quarter is {quarter}",
                $"its stride over poles is {stride}",
                $"{quarter / stride:0.0} stride lengths, one of them over the pole: ridden in {whole} strides of {needed}",
            ],
            Source.CommonPractice
        );
        var built = new BuiltDistance(quarter, quarter, tape.Say(quarter), "a quarter of the circle");
        var gap = new Gap(
            built,
            stride * (whole + 1),
            new DistanceRange(quarter, quarter),
            Fits.Of(needed / stride),
            why,
            new Between(whole, Distance.Zero, Distance.Zero, needed, stride, null)
        );
        double[] degrees = [.. Enumerable.Range(0, CurvedPoles.OfAClock).Select(i => Begins(clock) + (Turn(clock) * 90 * i))];
        var title = FormattableString.Invariant($"Clock of four on a circle of {clock.Radius.Metres * 2:0.#} m, {whole} in each quarter");
        var straight = Distance.FromMetres(clock.Radius.Metres * Math.Sqrt(2));
        return Finish(
            clock,
            card,
            tape,
            title,
            [.. Enumerable.Repeat(gap, 3)],
            degrees,
            new CurveMeasure(0, 0, clock.Radius, degrees, straight, [], strides, near)
        );
    }

    private static int Turn(CurvedPoles curve) => curve.Rein == Rein.Right ? 1 : -1;

    /// <summary>Where the way points as it is ridden: the centre is on its right on the right rein, on its left on the left.</summary>
    private static double Begins(CurvedPoles curve) => Math.Round(curve.Placement.Direction - (Turn(curve) * 90) + 360, 6) % 360;

    private static Distance Step(CurvedPoles curve, StrideCard card) =>
        card.OverPoles(curve.Variant).Stride * (curve.Variant.Gait() == Gait.Canter ? 1 : 0.5);

    private static MeasuredSetUp Finish(
        CurvedPoles curve,
        StrideCard card,
        Tape tape,
        string title,
        IReadOnlyList<Gap> gaps,
        IReadOnlyList<double> degrees,
        CurveMeasure measure
    )
    {
        var (along, across) = (curve.Placement.Middle.Metres, curve.Placement.Across);
        var radius = curve.Radius.Metres;
        (double Along, double Across) At(double angle) =>
            (along + (radius * Math.Cos(angle * Math.PI / 180)), across + (radius * Math.Sin(angle * Math.PI / 180)));
        var read = Distance.Zero;
        var elements = new List<Element>();
        foreach (var (angle, i) in degrees.Select((d, i) => (d, i)))
        {
            read = i == 0 ? read : read + gaps[i - 1].Built.Built;
            var (x, y) = At(angle);
            var raised = RaisedPoles.End(curve.Raising, i, curve.Outer);
            elements.Add(
                new Element(
                    curve.HasRaisedPole ? ElementKind.RaisedPole : ElementKind.Pole,
                    RaisedPoles.Name(i, raised),
                    read,
                    tape.Say(read),
                    curve.Height,
                    raised,
                    Math.Round(x, 4),
                    Math.Round(y, 4),
                    Distance.Zero
                )
                {
                    Faces = angle + (Turn(curve) * 90),
                    Width = CurvedPoles.PoleLength.Value,
                }
            );
        }

        var outer = radius + (CurvedPoles.PoleLength.Value / 2);
        var fits =
            curve.Kind == CurveKind.Clock
                ? Inside(along - radius, curve.Arena.Length.Metres, 2 * radius)
                    && Inside(across - radius, curve.Arena.Width.Metres, 2 * radius)
                : degrees
                    .Select(d =>
                        (Along: along + (outer * Math.Cos(d * Math.PI / 180)), Across: across + (outer * Math.Sin(d * Math.PI / 180)))
                    )
                    .All(p => Inside(p.Along, curve.Arena.Length.Metres, 0) && Inside(p.Across, curve.Arena.Width.Metres, 0));
        var stride = card[GaitVariant.CanterWorking].Stride;
        var onCurve = new StraightWay(
            Distance.FromMetres(Math.Max(0, (Math.PI * radius) - (gaps[0].Built.Built.Metres * gaps.Count / 2))),
            stride * SetUpFigures.StraightStrides.Value,
            true,
            "Come to it on the curve, and stay on it after."
        );
        string[] notices =
        [
            .. fits
                ? Array.Empty<string>()
                :
                [
                    FormattableString.Invariant(
                        $"It does not fit here: it needs {outer:0.0} m round its centre. Move the centre, or ride it tighter."
                    ),
                ],
            .. curve.HasRaisedPole ? [RaisedPoles.Care] : Array.Empty<string>(),
        ];
        return new MeasuredSetUp(
            $"{title}{RaisedPoles.Says(curve.Raising, curve.Height)}",
            curve.Arena,
            curve.Placement.Heading,
            elements,
            gaps,
            Prints(curve, card, degrees, At),
            onCurve,
            onCurve,
            fits,
            notices
        )
        {
            Curve = measure with { CentreAlong = along, CentreAcross = across },
            Track = [.. Ridden(curve, degrees).Select(At).Select(p => new FigurePoint(Math.Round(p.Along, 4), Math.Round(p.Across, 4)))],
            Lead =
                curve.Variant.Gait() == Gait.Canter
                    ? curve.Rein == Rein.Right
                        ? Side.Right
                        : Side.Left
                    : null,
        };
    }

    /// <summary>
    /// The way that is ridden, as angles: a clock's whole circle, a fan's poles and a part of the circle before and after.
    /// </summary>
    private static IEnumerable<double> Ridden(CurvedPoles curve, IReadOnlyList<double> degrees)
    {
        const int points = 60;
        const double around = 60;
        var (from, to) =
            curve.Kind == CurveKind.Clock
                ? (degrees[0], degrees[0] + 360)
                : (degrees[0] - (Turn(curve) * around), degrees[^1] + (Turn(curve) * around));
        return Enumerable.Range(0, points + 1).Select(i => from + ((to - from) * i / points));
    }

    private static bool Inside(double from, double room, double size) => from >= -1e-9 && from + size <= room + 1e-9;

    /// <summary>Along the ridden radius: a step or a stride apart, before the first pole and after the last.</summary>
    private static List<Hoofprint> Prints(
        CurvedPoles curve,
        StrideCard card,
        IReadOnlyList<double> degrees,
        Func<double, (double Along, double Across)> at
    )
    {
        var step = Step(curve, card).Metres / curve.Radius.Metres * 180 / Math.PI;
        var prints = new List<double>();
        if (curve.Kind == CurveKind.Clock)
        {
            prints.AddRange(Enumerable.Range(0, (int)(360 / step)).Select(i => degrees[0] + (Turn(curve) * (i + 0.5) * step)));
        }
        else
        {
            var gap = degrees[1] - degrees[0];
            prints.AddRange(Enumerable.Range(1, 3).Select(i => degrees[0] - (gap / 2) - (Turn(curve) * (i - 1) * step)));
            prints.AddRange(degrees.SkipLast(1).Select(d => d + (gap / 2)));
            prints.AddRange(Enumerable.Range(0, 3).Select(i => degrees[^1] + (gap / 2) + (Turn(curve) * i * step)));
        }

        double Read(double angle) => Math.Round(Turn(curve) * (angle - degrees[0]) * Math.PI / 180 * curve.Radius.Metres, 3);
        return
        [
            .. prints
                .Select(angle => (angle, p: at(angle)))
                .Where(x => curve.Arena.Holds(new FigurePoint(x.p.Along, x.p.Across)))
                .Select(x => new Hoofprint(Math.Round(x.p.Along, 3), Math.Round(x.p.Across, 3), curve.Variant.Gait(), Read(x.angle), 0)),
        ];
    }
}
