namespace Hippodrome.Core.Setups;

/// <summary>What has to be carried out: each fence with a ground line, each rail on its own pair of wings (common practice).</summary>
public sealed record KitNeeded(int Poles, int Wings, int Cups, int Blocks)
{
    public static KitNeeded For(IReadOnlyList<Element> elements)
    {
        ArgumentNullException.ThrowIfNull(elements);
        var each = elements.Select(Of).ToList();
        return new KitNeeded(each.Sum(k => k.Poles), each.Sum(k => k.Wings), each.Sum(k => k.Cups), each.Sum(k => k.Blocks));
    }

    private static KitNeeded Of(Element element) => element.Kind switch
    {
        ElementKind.Pole or ElementKind.PlacingPole => new(1, 0, 0, 0),
        ElementKind.RaisedPole => new(1, 0, 0, element.Raised == PoleEnd.Both ? 2 : 1),
        // Its rail, the generous ground pole, and guides are laid as they are wanted.
        ElementKind.Narrow => new(4, 2, 2, 0),
        // Two crossed rails and a ground line on both sides: it is jumped from either rein.
        ElementKind.CrossPole => new(4, 2, 2, 0),
        ElementKind.Wall => new(1, 2, 2, 0),
        ElementKind.AscendingOxer or ElementKind.SquareOxer => new(4, 4, 4, 0),
        _ => new(2, 2, 2, 0),
    };
}
