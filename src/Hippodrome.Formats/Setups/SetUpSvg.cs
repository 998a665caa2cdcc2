using System.Globalization;
using System.Xml.Linq;
using Hippodrome.Core.Setups;

namespace Hippodrome.Formats.Setups;

/// <summary>A set-up drawn to scale in black and white: what stands, the tape, and a reading at each element. One unit is a centimetre.</summary>
public static class SetUpSvg
{
    private const double Margin = 180;
    private const double HalfPole = 150;

    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";

    public static string Draw(MeasuredSetUp measured)
    {
        ArgumentNullException.ThrowIfNull(measured);
        return new XDocument(
            measured.Curve is { } curve ? Curve(measured, curve)
            : IsSquareOnItsLine(measured) ? Line(measured)
            : InArena(measured)
        ).ToString();
    }

    /// <summary>Everything stands square to one straight line.</summary>
    private static bool IsSquareOnItsLine(MeasuredSetUp measured) =>
        measured.Elements.All(e =>
            e.Kind is not (ElementKind.Mark or ElementKind.Corridor) && Math.Abs(e.Faces - measured.Elements[0].Faces) < 1e-6
        );

    /// <summary>In the whole arena, A on the left: what stands, and the way it is ridden.</summary>
    private static XElement InArena(MeasuredSetUp measured)
    {
        const double border = 300;
        var (length, width) = (measured.Arena.Length.Metres * 100, measured.Arena.Width.Metres * 100);
        var root = Root(measured, -border, -border, length + (2 * border), width + (2 * border));
        root.Add(
            new XElement(
                Svg + "rect",
                new XAttribute("width", Number(length)),
                new XAttribute("height", Number(width)),
                new XAttribute("fill", "none"),
                new XAttribute("stroke", "black"),
                new XAttribute("stroke-width", "12")
            )
        );
        foreach (var letter in measured.Arena.Letters.Where(l => l.Across is 0 or 20 || l.Along == 0 || l.Along * 100 >= length))
        {
            root.Add(
                Text(
                    (letter.Along * 100)
                        + (
                            letter.Along == 0 ? -150
                            : letter.Along * 100 >= length ? 150
                            : 0
                        ),
                    (letter.Across * 100)
                        + (
                            letter.Across == 0 ? -80
                            : letter.Across == 20 ? 200
                            : 45
                        ),
                    130,
                    $"{letter.Letter}"
                )
            );
        }

        root.Add(
            new XElement(
                Svg + "polyline",
                new XAttribute("points", string.Join(' ', measured.Track.Select(p => $"{Number(p.Along * 100)},{Number(p.Across * 100)}"))),
                new XAttribute("fill", "none"),
                new XAttribute("stroke", "black"),
                new XAttribute("stroke-width", "8"),
                new XAttribute("stroke-dasharray", "40 30")
            )
        );
        foreach (var (element, i) in measured.Elements.Select((e, i) => (e, i)))
        {
            var ends = element.Ends().ToList();
            var rails = element.Kind switch
            {
                ElementKind.Mark => [],
                ElementKind.Corridor => [(ends[0], ends[2]), (ends[1], ends[3])],
                _ => ends.Chunk(2).Select(pair => (pair[0], pair[1])),
            };
            root.Add(rails.Select(r => Stroke(r.Item1.Along * 100, r.Item1.Across * 100, r.Item2.Along * 100, r.Item2.Across * 100, 18)));
            root.Add(Text(element.Along * 100, (element.Across * 100) - 180, 80, $"{i + 1}"));
        }

        return root;
    }

    private static XElement Line(MeasuredSetUp measured)
    {
        var length = measured.Length.Metres * 100;
        var size = Math.Max(26, length / 60);
        var root = Root(measured, -Margin, -HalfPole - (3 * size), length + (2 * Margin), (2 * HalfPole) + (9 * size));
        foreach (var (element, i) in measured.Elements.Select((e, i) => (e, i)))
        {
            var x = element.At.Metres * 100;
            root.Add(Rails(element).Select(r => Stroke(x + r.From, r.Top, x + r.To, r.Bottom, 9)));
            root.Add(Text(x + (element.Spread.Metres * 50), -HalfPole - size, size, $"{i + 1}"));
            root.Add(Text(x, HalfPole + (2.2 * size), size, element.AtText.Metres));
        }

        root.Add(Stroke(0, HalfPole + (0.8 * size), length, HalfPole + (0.8 * size), 3));
        foreach (var (gap, i) in measured.Gaps.Select((g, i) => (g, i)))
        {
            var from = measured.Elements[i].At.Metres + measured.Elements[i].Spread.Metres;
            root.Add(Text((from + (gap.Built.Built.Metres / 2)) * 100, HalfPole + (4 * size), size, gap.Built.Text.Metres));
        }

        return root;
    }

    /// <summary>A cross-pole crosses; an oxer has two rails; everything else one.</summary>
    private static IEnumerable<(double From, double Top, double To, double Bottom)> Rails(Element element)
    {
        if (element.Kind == ElementKind.CrossPole)
        {
            yield return (-12, -HalfPole, 12, HalfPole);
            yield return (12, -HalfPole, -12, HalfPole);
            yield break;
        }

        yield return (0, -HalfPole, 0, HalfPole);
        if (element.Spread.Metres > 0)
        {
            var back = element.Spread.Metres * 100;
            yield return (back, -HalfPole, back, HalfPole);
        }
    }

    private static XElement Curve(MeasuredSetUp measured, CurveMeasure curve)
    {
        var radius = curve.Radius.Metres * 100;
        var room = radius + HalfPole + 80;
        var root = Root(measured, -room, -room, 2 * room, 2 * room);
        root.Add(
            new XElement(
                Svg + "circle",
                new XAttribute("r", Number(radius)),
                new XAttribute("fill", "none"),
                new XAttribute("stroke", "black"),
                new XAttribute("stroke-width", "3"),
                new XAttribute("stroke-dasharray", "14 10")
            )
        );
        root.Add(new XElement(Svg + "circle", new XAttribute("r", "6")));
        foreach (var (degrees, i) in curve.Degrees.Select((d, i) => (d * Math.PI / 180, i)))
        {
            var (x, y) = (Math.Cos(degrees), Math.Sin(degrees));
            root.Add(Stroke((radius - HalfPole) * x, (radius - HalfPole) * y, (radius + HalfPole) * x, (radius + HalfPole) * y, 9));
            root.Add(Text((radius + HalfPole + 40) * x, ((radius + HalfPole + 40) * y) + 10, 30, $"{i + 1}"));
        }

        root.Add(Text(0, 60, 34, measured.Gaps[0].Built.Text.Metres));
        return root;
    }

    private static XElement Root(MeasuredSetUp measured, double left, double top, double width, double height) =>
        new(
            Svg + "svg",
            new XAttribute("viewBox", $"{Number(left)} {Number(top)} {Number(width)} {Number(height)}"),
            new XElement(Svg + "title", measured.Title)
        );

    private static XElement Stroke(double x1, double y1, double x2, double y2, double width) =>
        new(
            Svg + "line",
            new XAttribute("x1", Number(x1)),
            new XAttribute("y1", Number(y1)),
            new XAttribute("x2", Number(x2)),
            new XAttribute("y2", Number(y2)),
            new XAttribute("stroke", "black"),
            new XAttribute("stroke-width", Number(width)),
            new XAttribute("stroke-linecap", "round")
        );

    private static XElement Text(double x, double y, double size, string text) =>
        new(
            Svg + "text",
            new XAttribute("x", Number(x)),
            new XAttribute("y", Number(y)),
            new XAttribute("font-size", Number(size)),
            new XAttribute("font-family", "sans-serif"),
            new XAttribute("text-anchor", "middle"),
            text
        );

    private static string Number(double value) => Math.Round(value, 2).ToString(CultureInfo.InvariantCulture);
}
