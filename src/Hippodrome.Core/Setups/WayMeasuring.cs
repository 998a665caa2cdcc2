using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Setups;

/// <summary>This horse's feet along a way that is not straight.</summary>
internal sealed class WayMeasuring(Arena arena, FigurePath way)
{
    private readonly List<Hoofprint> _prints = [];

    public IReadOnlyList<Hoofprint> Prints => _prints;

    /// <summary>Feet of walk and trot, left and right in turn, a step apart from one place to another.</summary>
    public void Steps(double from, double to, double step, Gait gait)
    {
        for (var (at, side) = (from, LineMeasuring.HalfTrackWidth); at <= to; (at, side) = (at + step, -side))
        {
            Print(at, side, gait);
        }
    }

    /// <summary>The four feet of one canter stride on a lead.</summary>
    public void CanterStride(double from, double stride, Side lead)
    {
        foreach (var (share, side) in LineMeasuring.CanterFeet(lead))
        {
            Print(from + (share * stride), side, Gait.Canter);
        }
    }

    /// <summary>The point this far along, and the direction there; straight on beyond either end.</summary>
    public (FigurePoint At, double Direction) Place(double metres)
    {
        const double hair = 0.02;
        var length = way.Length.Metres;
        var inside = Math.Clamp(metres, 0, length);
        var (a, b) = (way.At(Metres(Math.Max(0, inside - hair))), way.At(Metres(Math.Min(length, inside + hair))));
        var direction = Math.Atan2(b.Across - a.Across, b.Along - a.Along) * 180 / Math.PI;
        var at = way.At(Metres(inside));
        var (sin, cos) = Math.SinCos(direction * Math.PI / 180);
        return (new FigurePoint(at.Along + ((metres - inside) * cos), at.Across + ((metres - inside) * sin)), direction);
    }

    private void Print(double metres, double right, Gait gait)
    {
        var (at, direction) = Place(metres);
        var (sin, cos) = Math.SinCos(direction * Math.PI / 180);
        var foot = new FigurePoint(Math.Round(at.Along - (right * sin), 3), Math.Round(at.Across + (right * cos), 3));
        if (arena.Holds(foot))
        {
            _prints.Add(new Hoofprint(foot.Along, foot.Across, gait, Math.Round(metres, 3), right));
        }
    }

    private static Measures.Distance Metres(double metres) => Measures.Distance.FromMetres(metres);
}
