using System.Text.Json.Serialization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>What a set-up is built of.</summary>
public enum KitKind
{
    Pole,
    Wing,
    Cup,
    Block,
    Filler,

    /// <summary>A cup that lets a rail roll at a touch.</summary>
    FlatCup,
    WaterTray,
}

/// <summary>So many of one kind.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="LengthMetres">Length of a pole; none for the rest.</param>
/// <param name="Count">How many.</param>
public sealed record KitItem(KitKind Kind, double LengthMetres, int Count)
{
    /// <summary>What a pole is of; wood when nothing.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Material? Material { get; init; }

    /// <summary>"4 poles", "2 poles of 1.8 m", "1 wing".</summary>
    public string Says
    {
        get
        {
            var noun = Kind switch
            {
                KitKind.Pole when Material is { } of => Of(of),
                KitKind.FlatCup => "flat cup",
                KitKind.WaterTray => "water tray",
                _ => Kind.ToString().ToLowerInvariant(),
            };
            var length =
                Kind == KitKind.Pole && Math.Abs(LengthMetres - CurvedPoles.PoleLength.Value) > 1e-6
                    ? FormattableString.Invariant($" of {LengthMetres:0.0#} m")
                    : "";
            return $"{Count} {noun}{(Count == 1 ? "" : "s")}{length}";
        }
    }

    private static string Of(Material material) =>
        material switch
        {
            Setups.Material.Plastic => "plastic pole",
            Setups.Material.Pipes => "pipe",
            Setups.Material.Noisy => "rattling pole",
            _ => "pole",
        };
}

/// <summary>A line of a yard's kit as typed.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="LengthMetres">Of a pole.</param>
/// <param name="Count">How many.</param>
/// <param name="Material">Of a pole; wood when nothing.</param>
public sealed record KitItemEntry(KitKind? Kind = null, double? LengthMetres = null, int? Count = null, Material? Material = null);

/// <summary>The kit of a set-up, of several, or of a yard: poles by length, wings, cups, blocks, fillers.</summary>
public static class Kit
{
    /// <summary>Most of one kind that a yard may write down.</summary>
    public const int Most = 500;

    private const int MostLines = 40;

    /// <summary>What one element needs: each rail on a pair of wings of its own, with the ground lines it has (common practice, no source).</summary>
    public static IReadOnlyList<KitItem> Of(Element element)
    {
        ArgumentNullException.ThrowIfNull(element);
        var ground = (int)element.GroundLines;
        return element.Kind switch
        {
            ElementKind.Pole or ElementKind.PlacingPole => Items(element, 1),
            ElementKind.RaisedPole => Items(element, 1, blocks: element.Raised == PoleEnd.Both ? 2 : 1),
            ElementKind.CrossPole => Items(element, 2 + ground, pairs: 1),
            ElementKind.Narrow => Items(element, 1 + ground, pairs: 1),
            ElementKind.Wall => Items(element, 1 + ground, pairs: 1, fillers: 1),
            // An oxer has a second rail under its front one, so that it can be read; a parallel has none.
            ElementKind.AscendingOxer or ElementKind.SquareOxer => Items(element, 3 + ground, pairs: 2, cups: 6),
            ElementKind.Parallel => Items(element, 2 + ground, pairs: 2),
            ElementKind.Upright => Items(element, 1 + ground, pairs: 1),
            ElementKind.WaterTray => [.. Items(element, 1 + ground, pairs: 1), new KitItem(KitKind.WaterTray, 0, 1)],
            ElementKind.EmptyWings => [new KitItem(KitKind.Pole, element.Width, 1), new KitItem(KitKind.Wing, 0, 2)],
            ElementKind.Corridor =>
            [
                new KitItem(
                    KitKind.Pole,
                    CurvedPoles.PoleLength.Value,
                    2 * (int)Math.Ceiling((element.Spread.Metres / CurvedPoles.PoleLength.Value) - 1e-9)
                ),
            ],
            _ => [],
        };
    }

    /// <summary>What a whole set-up needs, with the guide poles of a narrow fence.</summary>
    public static IReadOnlyList<KitItem> Of(IReadOnlyList<Element> elements, Guides? guides = null)
    {
        var poles = guides switch
        {
            Guides.Both => 2,
            Guides.Left or Guides.Right => 1,
            _ => 0,
        };
        return Sum(elements.SelectMany(Of).Append(new KitItem(KitKind.Pole, CurvedPoles.PoleLength.Value, poles)));
    }

    /// <summary>The same of another material, or in flat cups.</summary>
    public static IReadOnlyList<KitItem> MadeOf(IReadOnlyList<KitItem> items, Material material, Cups cups) =>
        [
            .. items.Select(i =>
                i.Kind == KitKind.Pole && material != Material.Wood ? i with { Material = material }
                : i.Kind == KitKind.Cup && cups == Cups.Flat ? i with { Kind = KitKind.FlatCup }
                : i
            ),
        ];

    /// <summary>Several lists as one, poles by length first.</summary>
    public static IReadOnlyList<KitItem> Sum(IEnumerable<KitItem> items) =>
        [
            .. items
                .GroupBy(i => (i.Kind, i.LengthMetres, i.Material))
                .Select(g => new KitItem(g.Key.Kind, g.Key.LengthMetres, g.Sum(i => i.Count)) { Material = g.Key.Material })
                .Where(i => i.Count > 0)
                .OrderBy(i => i.Kind)
                .ThenByDescending(i => i.LengthMetres),
        ];

    /// <summary>What is needed and not there.</summary>
    public static IReadOnlyList<KitItem> Short(IReadOnlyList<KitItem> needed, IReadOnlyList<KitItem> owned)
    {
        ArgumentNullException.ThrowIfNull(needed);
        return
        [
            .. needed
                .Select(n =>
                    n with
                    {
                        Count =
                            n.Count
                            - owned
                                .Where(o =>
                                    o.Kind == n.Kind && o.Material == n.Material && Math.Abs(o.LengthMetres - n.LengthMetres) < 1e-6
                                )
                                .Sum(o => o.Count),
                    }
                )
                .Where(n => n.Count > 0),
        ];
    }

    public static string Say(IReadOnlyList<KitItem> items) => string.Join(", ", items.Select(i => i.Says));

    /// <summary>A yard's own list as typed: each kind and length once, and no count that cannot be.</summary>
    public static Outcome<IReadOnlyList<KitItem>> Check(IReadOnlyList<KitItemEntry?>? items)
    {
        var checks = new Checks();
        var sent = items ?? [];
        checks.That(sent.Count <= MostLines, "items", "That is more than can be written down here.", $"Keep it to {MostLines} lines.");
        var read = sent.Take(MostLines).Select((item, i) => Item(checks, item ?? new KitItemEntry(), $"items[{i}]")).ToList();
        var twice = read.GroupBy(i => (i.Kind, i.LengthMetres, i.Material)).FirstOrDefault(g => g.Count() > 1);
        checks.That(
            checks.Faults.Count > 0 || twice is null,
            "items",
            $"{twice?.First().Kind} stands there twice.",
            "Put the two together."
        );
        return checks.Outcome(() => Sum(read));
    }

    private static KitItem Item(Checks checks, KitItemEntry entry, string at)
    {
        var kind = checks.Choice($"{at}.kind", entry.Kind);
        var length = kind == KitKind.Pole ? checks.Number($"{at}.lengthMetres", entry.LengthMetres, 0.5, 6, "m") : 0;
        var material = checks.Choice<Material>($"{at}.material", entry.Material ?? Material.Wood);
        return new KitItem(kind, length, checks.Whole($"{at}.count", entry.Count, 0, Most, ""))
        {
            Material = kind == KitKind.Pole && material != Material.Wood ? material : null,
        };
    }

    private static List<KitItem> Items(Element element, int poles, int pairs = 0, int cups = 0, int blocks = 0, int fillers = 0) =>
        [
            .. new KitItem[]
            {
                new(KitKind.Pole, element.Width, poles),
                new(KitKind.Wing, 0, 2 * pairs),
                new(KitKind.Cup, 0, cups > 0 ? cups : 2 * pairs),
                new(KitKind.Block, 0, blocks),
                new(KitKind.Filler, 0, fillers),
            }.Where(i => i.Count > 0),
        ];
}
