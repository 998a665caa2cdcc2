using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.DressageTests;

/// <summary>Lays one line behind the other, and says of a line that cannot be laid what is wrong with it.</summary>
internal sealed class TestLaying(Checks checks, Arena arena, TestWay way)
{
    private const double Near = 0.05;

    /// <summary>The line with the letter it ends at and the side it turns to, as far as its way says so.</summary>
    public TestLine Lay(int at, TestLine line)
    {
        string Field(string name) => $"lines[{at}].{name}";
        switch (line.Figure)
        {
            case TestFigure.Straight:
                if (End(line, Field) is { } straight)
                {
                    way.Straight(at, straight, line.Gait);
                }

                return line;
            case TestFigure.Track:
                return Track(at, line, Field);
            case TestFigure.LegYield or TestFigure.HalfPass:
                return Sideways(at, line, Field);
            case TestFigure.Circle or TestFigure.HalfCircle or TestFigure.HalfCircleAndBack:
                return Round(at, line, Field);
            case TestFigure.Serpentine:
                return Serpentine(at, line, Field);
            case TestFigure.Loop:
                return Loop(at, line, Field);
            default:
                return OnTheSpot(at, line, Field);
        }
    }

    private TestLine Track(int at, TestLine line, Func<string, string> field)
    {
        if (End(line, field) is not { } end)
        {
            return line;
        }

        var onIt = Boards.Round(arena, way.At) is not null && Boards.Round(arena, end) is not null;
        checks.That(onIt, field("to"), "The track goes along the boards.", "Give letters of the outside, or ride it straight.");
        if (!onIt)
        {
            return line;
        }

        var rein = line.Turning ?? Boards.Rein(arena, way.At, way.Direction, end);
        checks.That(rein is not null, field("turning"), "Both ways round are as long.", "Say to which side it turns.");
        if (rein is { } known)
        {
            way.Track(at, arena.At(line.To!.Value), known, line.Gait);
        }

        return line with
        {
            Turning = rein,
        };
    }

    private TestLine Sideways(int at, TestLine line, Func<string, string> field)
    {
        if (End(line, field) is not { } end)
        {
            return line;
        }

        var (along, across) = (Math.Abs(end.Along - way.At.Along), end.Across - way.At.Across);
        var goes = along > Near && Math.Abs(across) > Near;
        checks.That(goes, field("to"), "It has to go forwards and sideways.", "Give a letter ahead, and on another line.");
        checks.That(
            !goes || Math.Abs(across) <= along,
            field("to"),
            "It would go more sideways than forwards.",
            "Give a letter further on."
        );
        var forward = end.Along > way.At.Along;
        if (goes)
        {
            way.Sideways(at, end, line.Gait);
        }

        return line with
        {
            Turning = across > 0 == forward ? Side.Right : Side.Left,
        };
    }

    private TestLine Round(int at, TestLine line, Func<string, string> field)
    {
        var radius = line.Metres!.Value / 2;
        var side = line.Turning
            ?? (Fits(Side.Left, radius), Fits(Side.Right, radius)) switch
            {
                (true, false) => Side.Left,
                (false, true) => Side.Right,
                _ => null,
            };
        checks.That(
            side is not null,
            field("turning"),
            Fits(Side.Left, radius) ? "It can be ridden to either side." : "There is no room for it to either side.",
            Fits(Side.Left, radius) ? "Say to which side it turns." : "Make it smaller, or ride it elsewhere."
        );
        if (side is not { } known)
        {
            return line;
        }

        line = line with { Turning = known };
        var (begins, right) = (way.Direction, known == Side.Right ? 1 : -1);
        if (line.Figure == TestFigure.HalfCircleAndBack)
        {
            return End(line, field) is { } back ? BackToTheTrack(at, line, back, radius, right, field) : line;
        }

        var degrees = line.Figure == TestFigure.Circle ? 360 : 180;
        way.Curve(at, Arc(way.At, begins, radius, right * degrees), begins, TestWay.Normal(begins + degrees), line.Gait);
        if (line.Figure == TestFigure.Circle)
        {
            return line;
        }

        var ended = arena.Letters.FirstOrDefault(l => TestWay.Apart(new(l.Along, l.Across), way.At) < Near)?.Letter;
        checks.That(
            line.To is null || line.To == ended,
            field("to"),
            ended is { } letter ? $"Half this circle ends at {letter}." : "Half this circle ends at no letter.",
            ended is null ? "Leave it empty, or change the diameter." : "Give that letter, or change the diameter."
        );
        return line with { To = ended };
    }

    private TestLine BackToTheTrack(int at, TestLine line, FigurePoint to, double radius, int right, Func<string, string> field)
    {
        var begins = way.Direction;
        var centre = TurningWay.Ahead(way.At, begins + (right * 90), radius);
        var apart = TestWay.Apart(centre, to);
        checks.That(apart > radius + Near, field("to"), "That lies within the half circle.", "Give a letter further back along the track.");
        if (apart <= radius + Near)
        {
            return line;
        }

        var leaves = TestWay.DirectionTo(centre, to) + (right * Math.Asin(radius / apart) * 180 / Math.PI);
        var turned = TestWay.Normal(right * (leaves - begins));
        checks.That(
            turned is > 175 and < 275,
            field("to"),
            "From half a circle there is no slanting way back to that letter.",
            "Give a letter of the same long side, behind the one it began at."
        );
        way.Curve(at, Arc(way.At, begins, radius, right * turned), begins, TestWay.Normal(leaves), line.Gait);
        way.Straight(at, to, line.Gait);
        return line;
    }

    private TestLine Serpentine(int at, TestLine line, Func<string, string> field)
    {
        var (ends, loops) = (line.From is 'A' or 'C' ? (line.From == 'A' ? 'C' : 'A') : (char?)null, line.Count!.Value);
        checks.That(ends is not null, field("from"), "A serpentine begins at A or at C.", "Ride to one of them first.");
        checks.That(
            SchoolFigures.LoopsFit(arena, loops),
            field("count"),
            FormattableString.Invariant($"{loops} loops would be {arena.Length.Metres / loops:0.0} m wide here."),
            "Loops are 8 to 20 m wide: choose more of them, or fewer."
        );
        if (ends is not { } end || !SchoolFigures.LoopsFit(arena, loops))
        {
            return line;
        }

        checks.That(line.To is null || line.To == end, field("to"), $"It ends at {end}.", $"Give {end}, or leave it empty.");
        var begins = way.Direction;
        var right = TestWay.Angle(begins, Boards.Direction(arena, way.At, Side.Right)) < 90;
        var path = SchoolFigures.Serpentine(arena, loops);
        path = line.From == 'C' ? path.TurnedRound(arena) : path;
        path = right ? path : path.Mirrored(arena);
        var points = path.Points.Where((p, i) => i == 0 || TestWay.Apart(path.Points[i - 1], p) > 1e-9).ToList();
        // The first loop turns as the rein goes, and each behind it the other way.
        var rein = right == (loops % 2 == 1) ? Side.Right : Side.Left;
        way.Curve(
            at,
            points,
            Boards.Direction(arena, points[0], right ? Side.Right : Side.Left),
            Boards.Direction(arena, points[^1], rein),
            line.Gait
        );
        return line with { To = end, Turning = right ? Side.Right : Side.Left };
    }

    private TestLine Loop(int at, TestLine line, Func<string, string> field)
    {
        if (End(line, field) is not { } end)
        {
            return line;
        }

        var begin = way.At;
        var wall =
            begin.Across < Near ? 0
            : begin.Across > arena.Width.Metres - Near ? arena.Width.Metres
            : -1;
        var sameSide = wall >= 0 && Math.Abs(end.Across - begin.Across) < Near && Math.Abs(end.Along - begin.Along) > Near;
        checks.That(sameSide, field("to"), "A loop lies along one long side.", "Give two letters of the same long side.");
        if (!sameSide)
        {
            return line;
        }

        const int steps = 120;
        var inward = wall == 0 ? 1 : -1;
        var points = Enumerable
            .Range(0, steps + 1)
            .Select(i =>
            {
                var share = (double)i / steps;
                var depth = line.Metres!.Value * (1 - Math.Cos(2 * Math.PI * share)) / 2;
                return new FigurePoint(begin.Along + ((end.Along - begin.Along) * share), begin.Across + (inward * depth));
            })
            .ToList();
        var along = end.Along > begin.Along ? 0 : 180;
        way.Curve(at, points, along, along, line.Gait);
        return line with { Turning = inward > 0 == (along == 0) ? Side.Right : Side.Left };
    }

    private TestLine OnTheSpot(int at, TestLine line, Func<string, string> field)
    {
        var turned = 0;
        if (line.Figure == TestFigure.Pirouette)
        {
            checks.That(line.Turning is not null, field("turning"), "A pirouette turns to one side.", "Say to which.");
            checks.That(
                line.Gait is GaitVariant.WalkCollected or GaitVariant.WalkMedium or GaitVariant.CanterCollected,
                field("gait"),
                "A pirouette is ridden in walk or in collected canter.",
                "Choose one of the two."
            );
            turned = (line.Turning == Side.Right ? 1 : -1) * line.Degrees!.Value;
        }

        checks.That(
            line.Figure != TestFigure.Piaffe || line.Gait == GaitVariant.TrotCollected,
            field("gait"),
            "Piaffe is a trot, and the most collected one.",
            "Choose collected trot."
        );
        way.Spot(at, turned, line.Gait);
        return line;
    }

    private FigurePoint? End(TestLine line, Func<string, string> field)
    {
        if (line.To is { } letter)
        {
            var at = arena.At(letter);
            var end = new FigurePoint(at.Along, at.Across);
            var moves = TestWay.Apart(way.At, end) > Near;
            checks.That(moves, field("to"), $"It is at {letter} already.", "Give the letter it goes to.");
            return moves ? end : null;
        }

        checks.That(checks.Faults.Any(f => f.Field == field("to")), field("to"), "It goes nowhere yet.", "Give the letter it ends at.");
        return null;
    }

    private bool Fits(Side side, double radius) =>
        Arc(way.At, way.Direction, radius, side == Side.Right ? 360 : -360).TrueForAll(arena.Holds);

    private static List<FigurePoint> Arc(FigurePoint from, double direction, double radius, double turned)
    {
        var steps = (int)Math.Ceiling(Math.Abs(turned) / 2);
        var right = Math.Sign(turned);
        var centre = TurningWay.Ahead(from, direction + (right * 90), radius);
        return
        [
            .. Enumerable
                .Range(0, steps + 1)
                .Select(i => TurningWay.Ahead(centre, direction - (right * 90) + (turned * i / steps), radius)),
        ];
    }
}
