using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>What all set-ups on a straight line have in common: room, drawing, the horse's feet.</summary>
internal sealed class LineMeasuring(SetUp setUp, StrideCard card, Tape tape, Distance length)
{
    /// <summary>Half the width between left and right feet; for the drawing only.</summary>
    private const double HalfTrackWidth = 0.16;

    private readonly List<Hoofprint> _hoofprints = [];

    public Element Element(ElementKind kind, string name, Distance at, Distance height, PoleEnd raised, Distance spread = default) =>
        new(kind, name, at, tape.Say(at), height, raised, Along(at.Metres), setUp.Placement.Across, spread);

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

    /// <summary>Four feet of one canter stride on the left lead: right hind, the diagonal, left fore.</summary>
    public void CanterStride(double from, double stride)
    {
        Print(from, HalfTrackWidth, Gait.Canter);
        Print(from + (0.14 * stride), -HalfTrackWidth, Gait.Canter);
        Print(from + (0.34 * stride), HalfTrackWidth, Gait.Canter);
        Print(from + (0.48 * stride), -HalfTrackWidth, Gait.Canter);
    }

    public MeasuredSetUp Finish(string title, IReadOnlyList<Element> elements, IReadOnlyList<Gap> gaps, IEnumerable<string> notices)
    {
        var arenaLength = setUp.Arena.Length.Metres;
        var before = setUp.Placement.Before(setUp.Arena, length);
        var after = arenaLength - before - length.Metres;
        var fits = before >= 0 && after >= 0;
        var all = new List<string>(notices);
        if (!fits)
        {
            all.Insert(0, string.Create(CultureInfo.InvariantCulture, $"It does not fit here: it is {length.Metres:0.00} m long. Put its middle between {length.Metres / 2:0.0} and {arenaLength - (length.Metres / 2):0.0} m from A."));
        }

        if (setUp.HasFence)
        {
            all.Add("Never jump alone: a helper on the ground or a second rider.");
        }

        return new MeasuredSetUp(
            title, setUp.Arena, setUp.Placement.Heading, elements, gaps, _hoofprints,
            Straight("Approach", before), Straight("Getaway", after), fits, all);
    }

    private StraightWay Straight(string name, double toTheWall)
    {
        var there = Distance.FromMetres(Math.Max(0, toTheWall - Arenas.Arena.CornerDepth.Value));
        var stride = card[GaitVariant.CanterWorking].Stride;
        var wanted = stride * SetUpFigures.StraightStrides.Value;
        var enough = there >= wanted;
        var strides = string.Create(CultureInfo.InvariantCulture, $"{there.Metres:0.0} m straight, {there / stride:0.0} of its canter strides");
        return new StraightWay(there, wanted, enough, enough
            ? $"{name}: {strides}."
            : string.Create(CultureInfo.InvariantCulture, $"{name} short: {strides}; {wanted.Metres - there.Metres:0.0} m more would make four."));
    }

    private void Print(double metres, double side, Gait gait)
    {
        var along = Along(metres);
        if (along < 0 || along > setUp.Arena.Length.Metres)
        {
            return;
        }

        // The left of a horse riding towards C is the side of the small numbers.
        var across = setUp.Placement.Heading == Arenas.Heading.TowardsC ? side : -side;
        _hoofprints.Add(new Hoofprint(Math.Round(along, 3), setUp.Placement.Across + across, gait));
    }

    private double Along(double metres) => Math.Round(setUp.Placement.Along(setUp.Arena, length, metres), 4);
}
