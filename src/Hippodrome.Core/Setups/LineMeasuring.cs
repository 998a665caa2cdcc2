using System.Globalization;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>What all set-ups on a straight line have in common: room, drawing, the horse's feet.</summary>
internal sealed class LineMeasuring(SetUp setUp, StrideCard card, Tape tape, Distance length)
{
    /// <summary>Half the width between left and right feet; for the drawing only.</summary>
    internal const double HalfTrackWidth = 0.16;

    private readonly List<Hoofprint> _hoofprints = [];
    private readonly Side _lead = setUp.Placement.Lead(setUp.Arena);

    /// <summary>Something that stands this far along the tape, square to the way unless it is slanted.</summary>
    public Element Element(
        ElementKind kind,
        string name,
        Distance at,
        Distance height,
        PoleEnd raised = PoleEnd.None,
        Distance spread = default,
        double slant = 0
    )
    {
        var place = Point(at.Metres, 0);
        return new Element(kind, name, at, tape.Say(at), height, raised, Math.Round(place.Along, 4), Math.Round(place.Across, 4), spread)
        {
            Faces = setUp.Placement.Direction + slant,
            Width = CurvedPoles.PoleLength.Value,
        };
    }

    /// <summary>Feet of walk and trot: one side, then the other, a step apart; the hind foot falls into the fore's print.</summary>
    public void Steps(IEnumerable<double> at, Gait gait)
    {
        var side = 1;
        foreach (var metres in at)
        {
            Print(metres, side * HalfTrackWidth, gait);
            side = -side;
        }
    }

    /// <summary>Four feet of one canter stride: on the left lead right hind, the diagonal, left fore; on the right lead the other way.</summary>
    public void CanterStride(double from, double stride)
    {
        foreach (var (share, side) in CanterFeet(_lead))
        {
            Print(from + (share * stride), side, Gait.Canter);
        }
    }

    internal static IEnumerable<(double Share, double Side)> CanterFeet(Side lead)
    {
        var outside = lead == Side.Left ? HalfTrackWidth : -HalfTrackWidth;
        return [(0, outside), (0.14, -outside), (0.34, outside), (0.48, -outside)];
    }

    public MeasuredSetUp Finish(string title, IReadOnlyList<Element> elements, IReadOnlyList<Gap> gaps, IEnumerable<string> notices)
    {
        var (first, last) = (Point(0, 0), Point(length.Metres, 0));
        var before = Placement.ToTheBoards(setUp.Arena, first, setUp.Placement.Direction + 180);
        var after = Placement.ToTheBoards(setUp.Arena, last, setUp.Placement.Direction);
        var fits = before >= 0 && after >= 0 && elements.All(e => e.Ends().All(setUp.Arena.Holds));
        var all = new List<string>(notices);
        if (!fits)
        {
            all.Insert(0, DoesNotFit());
        }

        if (setUp.HasFence)
        {
            all.Add("Never jump alone: a helper on the ground or a second rider.");
        }

        var (approach, getaway) = (Straight("Approach", before), Straight("Getaway", after));
        return new MeasuredSetUp(title, setUp.Arena, setUp.Placement.Heading, elements, gaps, _hoofprints, approach, getaway, fits, all)
        {
            Track = [Point(-approach.There.Metres, 0), Point(length.Metres + getaway.There.Metres, 0)],
            Lead = setUp.HasFence || setUp.Approach.Gait() == Gait.Canter ? _lead : null,
        };
    }

    private string DoesNotFit()
    {
        var (half, room) = (length.Metres / 2, setUp.Arena.Length.Metres);
        return setUp.Placement.TurnedDegrees == 0 && half * 2 <= room
            ? string.Create(
                CultureInfo.InvariantCulture,
                $"It does not fit here: it is {length.Metres:0.00} m long. Put its middle between {half:0.0} and {room - half:0.0} m from A."
            )
            : string.Create(
                CultureInfo.InvariantCulture,
                $"It does not fit here: it is {length.Metres:0.00} m long. Move it, turn it back along the arena, or take something out."
            );
    }

    private StraightWay Straight(string name, double toTheWall) => StraightWay.Of(name, toTheWall, card[setUp.StraightIn]);

    private void Print(double metres, double side, Gait gait)
    {
        var place = Point(metres, side);
        if (setUp.Arena.Holds(place))
        {
            _hoofprints.Add(new Hoofprint(Math.Round(place.Along, 3), Math.Round(place.Across, 3), gait, Math.Round(metres, 3), side));
        }
    }

    private FigurePoint Point(double metres, double right)
    {
        var place = setUp.Placement.At(metres - (length.Metres / 2), right);
        return new FigurePoint(Math.Round(place.Along, 4), Math.Round(place.Across, 4));
    }
}
