using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>The way from one fence of a course to the next.</summary>
/// <param name="From">Number of the fence it leaves.</param>
/// <param name="To">Number of the fence it comes to.</param>
/// <param name="Length">Inside face to inside face, along the way.</param>
/// <param name="TurnDegrees">Turned in all.</param>
/// <param name="TurnTo">The side of the last turn; null where it is straight.</param>
/// <param name="Radius">Of its turns; none where it is straight.</param>
/// <param name="StraightStrides">Straight before the take-off, in this horse's course strides.</param>
/// <param name="Strides">This horse's, between landing and take-off.</param>
/// <param name="Counted">The whole number that is nearest; null where a count says nothing.</param>
/// <param name="ChangeOfLead">It lands for one turn and has to turn the other way next.</param>
/// <param name="Inside">The way stays on the ground there is.</param>
public sealed record CourseLeg(
    string From,
    string To,
    Distance Length,
    double TurnDegrees,
    Side? TurnTo,
    Distance? Radius,
    double StraightStrides,
    double Strides,
    int? Counted,
    bool ChangeOfLead,
    bool Inside
);

/// <summary>What a course comes to for one horse.</summary>
/// <param name="Numbers">Of each fence, in order.</param>
/// <param name="Legs">From fence to fence.</param>
/// <param name="Way">From start to finish.</param>
/// <param name="MetresPerMinute">The speed the time is set by.</param>
/// <param name="TimeAllowed">Seconds, rounded up.</param>
/// <param name="TimeLimit">Seconds.</param>
/// <param name="Efforts">Fences jumped in one round.</param>
/// <param name="Going">How the ground rides.</param>
/// <param name="Slope">How it lies.</param>
/// <param name="Why">How the way and the time come about.</param>
public sealed record CourseMeasure(
    IReadOnlyList<string> Numbers,
    IReadOnlyList<CourseLeg> Legs,
    Distance Way,
    double MetresPerMinute,
    int TimeAllowed,
    int TimeLimit,
    int Efforts,
    Going Going,
    Slope Slope,
    Why Why
);

/// <summary>Fence to fence: straight on landing, a turn no tighter than the course allows, straight to the take-off.</summary>
internal sealed class CourseMeasuring
{
    /// <summary>Two fences nearly in one line are ridden straight, a little across.</summary>
    private const double NearlyStraight = 4;

    private readonly Course _course;
    private readonly StrideCard _card;
    private readonly Tape _tape;
    private readonly double _stride;
    private readonly IReadOnlyList<string> _numbers;

    public CourseMeasuring(Course course, StrideCard card, Tape tape)
    {
        (_course, _card, _tape, _stride) = (course, card, tape, card[GaitVariant.CanterCourse].Stride.Metres);
        _numbers = course.Numbers();
    }

    public MeasuredSetUp Measure()
    {
        var ways = Enumerable.Range(1, _course.Obstacles.Count - 1).Select(Way).ToList();
        var (before, after) = (StraightBefore(), StraightAfter());
        var at = new List<double> { 0 };
        for (var i = 0; i < ways.Count; i++)
        {
            at.Add(at[i] + _course.Obstacles[i].Spread.Metres + ways[i].Length);
        }

        var line = CourseFigures.StartBefore.Value;
        var (start, finish) = (Math.Min(before, line), Math.Min(after, line));
        var whole = Distance.FromMetres(Math.Round(start + at[^1] + _course.Obstacles[^1].Spread.Metres + finish, 2));
        var legs = ways.Select((w, i) => Leg(ways, w, i)).ToList();
        var elements = _course.Obstacles.Select((o, i) => Stands(o, _numbers[i], at[i])).ToList();
        var inside = legs.TrueForAll(l => l.Inside) && elements.TrueForAll(e => e.Ends().All(_course.Arena.Holds));
        var first = _course.Obstacles[0];
        var approach = StraightWay.Of("Approach", before, _card[_course.StraightIn]);
        var getaway = StraightWay.Of("Getaway", after, _card[_course.StraightIn]);
        return new MeasuredSetUp(
            Title(),
            _course.Arena,
            Heading.TowardsC,
            elements,
            [.. ways.Select((w, i) => GapOf(w, legs[i], i))],
            Feet(ways, at, start),
            approach,
            getaway,
            inside,
            [.. Notices(legs, inside)]
        )
        {
            Track =
            [
                TurningWay.Ahead(first.At, first.Faces, -start),
                first.At,
                .. ways.SelectMany(w => w.Points),
                _course.Obstacles[^1].Back,
                TurningWay.Ahead(_course.Obstacles[^1].Back, _course.Obstacles[^1].Faces, finish),
            ],
            Lead = legs.FirstOrDefault(l => l.TurnTo is not null)?.TurnTo ?? Side.Left,
            Course = Measure(legs, whole),
        };
    }

    private CourseMeasure Measure(List<CourseLeg> legs, Distance whole)
    {
        var allowed = Seconds(whole, _course.MetresPerMinute);
        return new CourseMeasure(
            _numbers,
            legs,
            whole,
            _course.MetresPerMinute,
            allowed,
            (int)(allowed * CourseFigures.LimitOfAllowed.Value),
            _course.Obstacles.Count(o => o.IsJumped),
            _course.Ground.Going,
            _course.Ground.Slope,
            Why.Of(
                "The way from start to finish over the speed, rounded up; each leg straight on landing, turned no tighter than the course allows, straight to the take-off",
                [
                    $"the way is {whole}",
                    FormattableString.Invariant($"at {_course.MetresPerMinute:0} m/min"),
                    $"no turn tighter than a radius of {_course.Turn}",
                ],
                CourseFigures.Speed.Source
            )
        );
    }

    /// <summary>Seconds for a way at a speed, rounded up once, from an exact decimal: 520 m at 520 m/min are 60 s.</summary>
    internal static int Seconds(Distance way, double metresPerMinute) =>
        (int)Math.Ceiling(Math.Round((decimal)way.Metres, 4) * 60 / (decimal)metresPerMinute);

    /// <summary>The way ridden to a fence, and how straight it arrives.</summary>
    private sealed record Ridden(
        IReadOnlyList<FigurePoint> Points,
        double Length,
        TurningWay? Turn,
        double Straight,
        double Landing,
        double TakeOff,
        bool Inside
    )
    {
        /// <summary>Left below zero.</summary>
        public double LastTurn =>
            Turn is null ? 0
            : Math.Abs(Turn.Last) > 1 ? Turn.Last
            : Turn.First;

        public double FirstTurn =>
            Turn is null ? 0
            : Math.Abs(Turn.First) > 1 ? Turn.First
            : Turn.Last;
    }

    /// <summary>As straight to the fence and as wide in the turn as the ground allows, in this order; else the nearest there is.</summary>
    private Ridden Way(int place)
    {
        var (before, next) = (_course.Obstacles[place - 1], _course.Obstacles[place]);
        var (landing, takeOff) = (Room(before), Room(next));
        if (Straight(before, next) is { } metres)
        {
            return new Ridden([before.Back, next.At], metres, null, metres, landing, takeOff, true);
        }

        var narrow = _course.Turn.Metres;
        var wide = Math.Max(narrow, CourseFigures.WideTurn.Value);
        var radii = new[] { wide, (wide + narrow) / 2, narrow }.Distinct().ToList();
        var ways =
            from strides in Enumerable.Range(0, (int)SetUpFigures.StraightStrides.Value + 1).Reverse()
            from radius in radii
            select Ride(before, next, landing, takeOff, strides * _stride, radius);
        return ways.FirstOrDefault(w => w.Inside && w.Turn!.Turned <= 270) ?? Ride(before, next, landing, takeOff, 0, narrow);
    }

    private Ridden Ride(Obstacle from, Obstacle to, double landing, double takeOff, double straight, double radius)
    {
        var leaves = TurningWay.Ahead(from.Back, from.Faces, landing);
        var arrives = TurningWay.Ahead(to.At, to.Faces, -takeOff - straight);
        var turn = TurningWay.Shortest(leaves, from.Faces, arrives, to.Faces, radius);
        List<FigurePoint> points = [from.Back, .. turn.Points(), to.At];
        return new Ridden(
            points,
            landing + turn.Length + straight + takeOff,
            turn,
            straight + (Math.Abs(turn.Last) < 1 ? turn.Straight : 0) + takeOff,
            landing,
            takeOff,
            points.TrueForAll(HasRoom)
        );
    }

    /// <summary>The way between two fences that stand nearly in one line; null where it has to turn.</summary>
    private static double? Straight(Obstacle from, Obstacle to)
    {
        var (along, across) = (to.At.Along - from.Back.Along, to.At.Across - from.Back.Across);
        var heading = Math.Atan2(across, along) * 180 / Math.PI;
        return Askew(from.Faces, heading) <= NearlyStraight && Askew(heading, to.Faces) <= NearlyStraight
            ? double.Hypot(along, across)
            : null;
    }

    private static double Askew(double a, double b) => Math.Abs(((a - b + 540) % 360) - 180);

    private bool HasRoom(FigurePoint point)
    {
        var room = CourseFigures.ToTheSide.Value - 1e-6;
        return point.Along >= room
            && point.Along <= _course.Arena.Length.Metres - room
            && point.Across >= room
            && point.Across <= _course.Arena.Width.Metres - room;
    }

    /// <summary>The room the jump takes; over a pole on the ground, half a stride.</summary>
    private double Room(Obstacle obstacle) => obstacle.IsJumped ? JumpRoom.Of(obstacle.Height, _card).Metres : _stride / 2;

    private double StraightBefore() =>
        Math.Max(0, Placement.ToTheBoards(_course.Arena, _course.Obstacles[0].At, _course.Obstacles[0].Faces + 180));

    private double StraightAfter() =>
        Math.Max(0, Placement.ToTheBoards(_course.Arena, _course.Obstacles[^1].Back, _course.Obstacles[^1].Faces));

    private CourseLeg Leg(List<Ridden> ways, Ridden way, int i)
    {
        var strides = Math.Max(0, way.Length - way.Landing - way.TakeOff) / _stride;
        var turned = way.Turn?.Turned ?? 0;
        var counts = strides <= SetUpFigures.MostStrides.Value + 0.5 && turned <= SetUpFigures.MostBend.Value;
        var next = i + 1 < ways.Count ? ways[i + 1].FirstTurn : 0;
        return new CourseLeg(
            _numbers[i],
            _numbers[i + 1],
            Distance.FromMetres(Math.Round(way.Length, 2)),
            Math.Round(turned, 1),
            way.LastTurn == 0 ? null
                : way.LastTurn > 0 ? Side.Right
                : Side.Left,
            way.Turn is not null && turned > 1 ? Distance.FromMetres(way.Turn.Radius) : (Distance?)null,
            Math.Round(Math.Max(0, way.Straight - way.TakeOff) / _stride, 1),
            Math.Round(strides, 2),
            counts ? (int)Math.Round(strides) : null,
            way.LastTurn * next < 0,
            way.Inside
        );
    }

    /// <summary>A line that can be counted is a gap as between the fences of a line; what is longer or turns more has no fit.</summary>
    private Gap GapOf(Ridden way, CourseLeg leg, int i)
    {
        var length = leg.Length;
        var built = new BuiltDistance(length, length, _tape.Say(length), "as it stands");
        var trade = new DistanceRange(length, length);
        if (leg.Counted is not { } count)
        {
            return new Gap(
                built,
                length,
                trade,
                Fit.True,
                Why.Of(
                    "Ridden from the canter: too long, or too much of a turn, for a count to say anything",
                    [$"{length}"],
                    Source.CommonPractice
                )
            );
        }

        var (landing, takeOff) = (Distance.FromMetres(way.Landing), Distance.FromMetres(way.TakeOff));
        var own = Distance.FromMetres(way.Landing + (count * _stride) + way.TakeOff);
        var stride = Distance.FromMetres(_stride);
        var between = new Between(count, landing, takeOff, stride, count == 0 ? landing + takeOff : stride, null);
        var needed = between.StrideIn(length, count);
        var fit = Fits.Of(needed / between.StrideOwn);
        var other = new[] { count - 1, count + 1 }
            .Where(n => n > 0 && count > 0)
            .Select(n => (Strides: n, Needed: between.StrideIn(length, n)))
            .OrderBy(c => Math.Abs((c.Needed / between.StrideOwn) - 1))
            .Select(c => new OtherCount(c.Strides, c.Needed, Fits.Of(c.Needed / between.StrideOwn)))
            .FirstOrDefault();
        return new Gap(
            built,
            own,
            trade,
            fit,
            Why.Of(
                "Landing, the horse's strides of a course, take-off, along the way that is ridden",
                [
                    $"landing {landing}, {count} of its strides of {stride}, take-off {takeOff}: {own}",
                    $"from {_numbers[i]} to {_numbers[i + 1]} it is {length}: each stride has to be {needed}",
                ],
                SetUpFigures.CourseStride.Source
            ),
            between with
            {
                StrideNeeded = needed,
                Otherwise = other,
            }
        );
    }

    private Element Stands(Obstacle obstacle, string number, double at)
    {
        var reading = Distance.FromMetres(Math.Round(at, 2));
        return new Element(
            obstacle.Kind,
            $"{number}: {obstacle.Name}",
            reading,
            _tape.Say(reading),
            obstacle.Height,
            obstacle.Kind == ElementKind.CrossPole ? PoleEnd.Both : PoleEnd.None,
            Math.Round(obstacle.At.Along, 4),
            Math.Round(obstacle.At.Across, 4),
            obstacle.Spread
        )
        {
            Faces = obstacle.Faces,
            Width = CurvedPoles.PoleLength.Value,
            GroundLines = obstacle.Kind.IsCountry() || obstacle.Kind.IsPole() ? GroundLines.None : _course.GroundLines,
        };
    }

    private string Title()
    {
        var jumped = _course.Obstacles.Count(o => o.IsJumped);
        var last = _numbers[^1].TrimEnd('a', 'b', 'c', 'd', 'e');
        return jumped == 0
            ? $"Round of {_course.Obstacles.Count} poles between empty wings"
            : FormattableString.Invariant(
                $"Course of {last}{(last == "1" ? " fence" : " fences")}, to {_course.HighestFence.Centimetres:0} cm"
            );
    }

    /// <summary>The strides between landing and take-off, on the lead of the turn that comes.</summary>
    private List<Hoofprint> Feet(List<Ridden> ways, List<double> at, double start)
    {
        var prints = new List<Hoofprint>();
        for (var i = 0; i < ways.Count; i++)
        {
            var measuring = new WayMeasuring(_course.Arena, new FigurePath(ways[i].Points));
            var lead = ways[i].FirstTurn < 0 ? Side.Left : Side.Right;
            var room = Math.Max(0, ways[i].Length - ways[i].Landing - ways[i].TakeOff);
            var strides = (int)Math.Round(room / _stride);
            for (var k = 0; k < strides; k++)
            {
                measuring.CanterStride(ways[i].Landing + (k * room / strides), room / strides, lead);
            }

            var from = start + at[i] + _course.Obstacles[i].Spread.Metres;
            prints.AddRange(measuring.Prints.Select(p => p with { At = Math.Round(p.At + from, 3) }));
        }

        return prints;
    }

    private IEnumerable<string> Notices(List<CourseLeg> legs, bool inside)
    {
        foreach (var leg in legs.Where(l => !l.Inside))
        {
            yield return $"From {leg.From} to {leg.To} there is no way on this ground with a turn of {_course.Turn}: move one of them.";
        }

        if (!inside && legs.TrueForAll(l => l.Inside))
        {
            yield return "A fence stands partly off the ground there is: move it in.";
        }

        foreach (var leg in legs.Where(l => l.Inside && l.TurnTo is not null && l.StraightStrides < 2))
        {
            yield return FormattableString.Invariant(
                $"{leg.To} comes {leg.StraightStrides:0.#} strides out of the turn: for a horse that is quick to see its fence, or move it."
            );
        }

        if (_course.Ground.Going is Going.Hard or Going.Frozen)
        {
            yield return $"The ground is {_course.Ground.Going.ToString().ToLowerInvariant()}: no jumping and no fast work on it.";
        }

        if (_course.Ground.Slope != Slope.Level)
        {
            yield return "Uphill rides longer and downhill shorter than the count says.";
        }

        if (_course.HasFence)
        {
            yield return "Never jump alone: a helper on the ground or a second rider.";
        }
    }
}
