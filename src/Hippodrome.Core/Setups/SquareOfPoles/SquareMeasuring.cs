using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>What a square of poles adds to a set-up.</summary>
/// <param name="Way">How it is ridden.</param>
/// <param name="Side">From one pole to the one opposite.</param>
/// <param name="Steps">Of this horse, in a side.</param>
/// <param name="Corner">How far each corner is open, from end to end of two poles.</param>
/// <param name="InWay">Steps from the first that is met to the last.</param>
public sealed record SquareMeasure(SquareWay Way, Distance Side, int Steps, Distance Corner, int InWay);

/// <summary>
/// A side is a whole number of the horse's own steps and never under the length of a pole, so that the corners stay open
/// and no pole lies over another. The diagonal is the side times the root of two, and round a corner it is a quarter of a
/// circle of half the side (geometry).
/// </summary>
internal sealed class SquareMeasuring
{
    private const int PointsOnCurve = 24;

    private readonly SquareOfPoles _square;
    private readonly StrideCard _card;
    private readonly Tape _tape;
    private readonly Distance _step;
    private readonly BuiltDistance _side;
    private readonly int _steps;

    private SquareMeasuring(SquareOfPoles square, StrideCard card, Tape tape)
    {
        (_square, _card, _tape) = (square, card, tape);
        _step = card.OverPoles(square.Variant).Stride * (IsCanter ? 1 : 0.5);
        // Where so few steps would not leave the corners open, the fewest that do.
        _steps = Math.Max(square.Steps, (int)Math.Ceiling((SquareFigures.ShortestSide / _step.Metres) - 1e-9));
        var asked = Distance.FromMetres((_step.Metres * _steps) + square.AdjustMetres);
        var shortest = Distance.FromMetres(SquareFigures.ShortestSide);
        _side = tape.Build(asked, new DistanceRange(shortest, Distance.FromMetres(Math.Max(shortest.Metres, asked.Metres) + _step.Metres)));
    }

    public static MeasuredSetUp Measure(SquareOfPoles square, StrideCard card, Tape tape) =>
        new SquareMeasuring(square, card, tape).Measure();

    private bool IsCanter => _square.Variant.Gait() == Gait.Canter;

    private int Right => _square.Rein == Rein.Right ? 1 : -1;

    private double Half => _side.Built.Metres / 2;

    private double Open => Math.Sqrt(2) * (Half - (CurvedPoles.PoleLength.Value / 2));

    private double Length =>
        _square.Way switch
        {
            SquareWay.Straight => 2 * Half,
            SquareWay.Diagonal => 2 * Half * Math.Sqrt(2),
            _ => Math.PI / 2 * Half,
        };

    /// <summary>Steps of the way from first to last: the side's own straight through, the nearest whole number else.</summary>
    private int Count => _square.Way == SquareWay.Straight ? _steps : Math.Max(1, (int)Math.Round(Length / _step.Metres));

    private MeasuredSetUp Measure()
    {
        var way = new FigurePath([.. Way().Select(InArena)]);
        var gap = GapOf();
        IReadOnlyList<Element> elements = [.. Elements()];
        var (first, last) = _square.Way switch
        {
            SquareWay.Straight => (0, 0),
            SquareWay.Diagonal => (45 * Right, 45 * Right),
            _ => (0, 90 * Right),
        };
        var (before, after) = (_square.Placement.Direction + first + 180, _square.Placement.Direction + last);
        var approach = StraightWay.Of("Approach", Placement.ToTheBoards(_square.Arena, way.Points[0], before), _card[_square.StraightIn]);
        var getaway = StraightWay.Of("Getaway", Placement.ToTheBoards(_square.Arena, way.Points[^1], after), _card[_square.StraightIn]);
        var fits = elements.SelectMany(e => e.Ends()).All(_square.Arena.Holds);
        return new MeasuredSetUp(
            $"Square of four poles, {Said(_steps)} a side, {WaySaid()}",
            _square.Arena,
            _square.Placement.Heading,
            elements,
            [gap],
            Feet(way),
            approach,
            getaway,
            fits,
            [.. Notices(fits)]
        )
        {
            Track =
            [
                Moved(way.Points[0], before, approach.There.Metres),
                .. way.Points,
                Moved(way.Points[^1], after, getaway.There.Metres),
            ],
            Square = new SquareMeasure(_square.Way, _side.Built, _steps, Distance.FromMetres(Open), Count),
            Lead = IsCanter ? (_square.Rein == Rein.Right ? Side.Right : Side.Left) : null,
        };
    }

    private Gap GapOf()
    {
        var length = Distance.FromMetres(Length);
        var needed = length * (1.0 / Count);
        var built = _square.Way == SquareWay.Straight ? _side : new BuiltDistance(length, length, _tape.Say(length), WaySaid());
        var why = Why.Of(
            "A side is a whole number of this horse's steps and never under the length of a pole; the corners stay open",
            [
                $"its own {(IsCanter ? "stride" : "step")} in {_square.Variant.Say()} is {_step}",
                $"{Said(_steps)} are {_step * _steps}; a pole is {CurvedPoles.PoleLength.Value:0.0} m",
                _side.RoundingSays,
                $"{WaySaid()}: {length}, ridden in {Said(Count)} of {needed}",
            ],
            Source.CommonPractice
        );
        return new Gap(built, _step * Count, new DistanceRange(built.Built, built.Built), Fits.Of(needed / _step), why);
    }

    /// <summary>What the way meets stands first. Readings are on a tape along the line, from the first pole's middle to the far one's.</summary>
    private IEnumerable<Element> Elements()
    {
        var (zero, half, side) = (Distance.Zero, _side.Built * 0.5, _side.Built);
        var (straight, round) = (_square.Way == SquareWay.Straight, _square.Way == SquareWay.RoundTheCorner);
        var near = Stands(ElementKind.Pole, _square.Way == SquareWay.Diagonal ? "Near pole" : "First pole", -Half, 0, 0, zero);
        var far = Stands(ElementKind.Pole, straight ? "Second pole" : "Far pole", Half, 0, 0, side);
        var turnedTo = Stands(ElementKind.Pole, $"{(round ? "Second" : "Other")} pole, {Aside(Right)}", 0, Right * Half, 90 * Right, half);
        var other = Stands(ElementKind.Pole, $"Other pole, {Aside(-Right)}", 0, -Right * Half, 90, half);
        return _square.Way switch
        {
            SquareWay.Straight => [near, far, turnedTo, other],
            SquareWay.RoundTheCorner => [near, turnedTo, far, other],
            _ =>
            [
                Stands(ElementKind.Mark, "In by the corner", -Half, -Right * Half, 45 * Right, zero),
                Stands(ElementKind.Mark, "Out by the corner", Half, Right * Half, 45 * Right, side),
                near,
                far,
                turnedTo,
                other,
            ],
        };
    }

    private Element Stands(ElementKind kind, string name, double ahead, double right, double turned, Distance at)
    {
        var place = _square.Placement.At(ahead, right);
        return new Element(
            kind,
            name,
            at,
            _tape.Say(at),
            Distance.Zero,
            PoleEnd.None,
            Math.Round(place.Along, 4),
            Math.Round(place.Across, 4),
            Distance.Zero
        )
        {
            Faces = _square.Placement.Direction + turned,
            Width = kind == ElementKind.Mark ? 0 : CurvedPoles.PoleLength.Value,
        };
    }

    /// <summary>From the first it meets to the last: ahead of the middle, and to its right.</summary>
    private IEnumerable<(double Ahead, double Right)> Way() =>
        _square.Way switch
        {
            SquareWay.Straight => [(-Half, 0), (Half, 0)],
            SquareWay.Diagonal => [(-Half, -Right * Half), (Half, Right * Half)],
            _ => Enumerable
                .Range(0, PointsOnCurve + 1)
                .Select(i => Math.PI / 2 * i / PointsOnCurve)
                .Select(turn => ((Half * Math.Sin(turn)) - Half, Right * (Half - (Half * Math.Cos(turn))))),
        };

    private FigurePoint InArena((double Ahead, double Right) at) => _square.Placement.At(at.Ahead, at.Right);

    /// <summary>Two steps before and after, and half a step from each pole, so that the poles lie in the middle of one.</summary>
    private IReadOnlyList<Hoofprint> Feet(FigurePath way)
    {
        var measuring = new WayMeasuring(_square.Arena, way);
        var own = way.Length.Metres / Count;
        if (!IsCanter)
        {
            measuring.Steps(-2.5 * own, way.Length.Metres + (2.6 * own), own, _square.Variant.Gait());
            return measuring.Prints;
        }

        var lead = _square.Rein == Rein.Right ? Side.Right : Side.Left;
        for (var stride = -1; stride <= Count; stride++)
        {
            measuring.CanterStride((stride + 0.25) * own, own, lead);
        }

        return measuring.Prints;
    }

    private IEnumerable<string> Notices(bool fits)
    {
        if (!fits)
        {
            yield return "It does not fit here: move its middle, or take another line.";
        }

        if (_steps > _square.Steps)
        {
            yield return $"{Said(_square.Steps)} would leave no open corner: it is set for {Said(_steps)}.";
        }

        yield return FormattableString.Invariant(
            $"Each corner is open by {Open:0.00} m. No pole lies over another: a pole that rolls under a foot takes the leg with it."
        );
    }

    private static FigurePoint Moved(FigurePoint from, double direction, double metres)
    {
        var (sin, cos) = Placement.SinCos(direction);
        return new FigurePoint(from.Along + (metres * cos), from.Across + (metres * sin));
    }

    private string Said(int count) =>
        IsCanter ? (count == 1 ? "1 stride" : $"{count} strides") : (count == 1 ? "1 step" : $"{count} steps");

    private string WaySaid() =>
        _square.Way switch
        {
            SquareWay.Straight => "straight through",
            SquareWay.Diagonal => "on the diagonal",
            _ => "round the corner",
        };

    private string Aside(int right) => $"{_side.Built * 0.5} to the {(right > 0 ? "right" : "left")}";
}
