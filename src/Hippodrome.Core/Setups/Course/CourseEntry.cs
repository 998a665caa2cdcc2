using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>How the ground rides.</summary>
public enum Going
{
    Good,
    Soft,
    Deep,
    Hard,
    Frozen,
}

/// <summary>How the ground lies from the near end to the far one. Uphill rides longer, downhill shorter: told, not computed.</summary>
public enum Slope
{
    Level,
    Rises,
    Falls,
    Rolling,
}

/// <summary>A field as typed.</summary>
/// <param name="LengthMetres">From the near end to the far one.</param>
/// <param name="WidthMetres">From side to side.</param>
/// <param name="Going">How it rides today.</param>
/// <param name="Slope">How it lies.</param>
public sealed record FieldEntry(double? LengthMetres = null, double? WidthMetres = null, Going? Going = null, Slope? Slope = null);

/// <summary>A fence of a course as typed. It stands anywhere, and is jumped in any direction.</summary>
/// <param name="Kind">What stands there.</param>
/// <param name="AlongMetres">Its middle, from the A end or the near end.</param>
/// <param name="AcrossMetres">Its middle, from the left side.</param>
/// <param name="FacesDegrees">The way it is jumped: none is towards C, turning to the right.</param>
/// <param name="HeightMetres">What shows; none for a pole between wings, a ditch, or water.</param>
/// <param name="SpreadMetres">Of an oxer or a ditch.</param>
/// <param name="DepthMetres">Depth of the water that a step leads out of or into.</param>
/// <param name="Together">A part of the combination with the one before: it takes its number.</param>
public sealed record CourseFenceEntry(
    ElementKind? Kind = null,
    double? AlongMetres = null,
    double? AcrossMetres = null,
    double? FacesDegrees = null,
    double? HeightMetres = null,
    double? SpreadMetres = null,
    double? DepthMetres = null,
    bool? Together = null
);

/// <summary>Numbered fences in an arena or a field, ridden one after the other.</summary>
public sealed record CourseEntry : SetUpEntry
{
    /// <summary>The fences, in the order they are jumped.</summary>
    public IReadOnlyList<CourseFenceEntry?>? Fences { get; init; }

    /// <summary>The field, where it is not in an arena.</summary>
    public FieldEntry? Field { get; init; }

    /// <summary>The speed the time is set by; a jumping course's where nothing is said.</summary>
    public double? MetresPerMinute { get; init; }

    /// <summary>The narrowest turn, as a radius.</summary>
    public double? TurnMetres { get; init; }

    /// <summary>Ground lines of its fences; in front when nothing.</summary>
    public GroundLines? GroundLines { get; init; }

    internal override bool HasDistance() => false;

    protected override Outcome<SetUp> Check(Checks checks)
    {
        var size = checks.Choice("arena", Arena);
        var ground = size == ArenaSize.Field ? CheckField(checks) : new CourseGround(Arenas.Arena.Of(size), Going.Good, Slope.Level);
        var sent = Fences ?? [];
        checks.That(sent.Count > 0, "fences", "No fence stands yet.", "Add the first.");
        checks.That(
            sent.Count <= CourseFigures.MostFences.Value,
            "fences",
            $"{sent.Count} fences are too many for one course.",
            $"Keep it to {CourseFigures.MostFences.Value}."
        );
        var obstacles = sent.Take(CourseFigures.MostFences.Value)
            .Select((e, i) => Obstacle(checks, e ?? new CourseFenceEntry(), i, ground.Arena))
            .ToList();
        var speed = checks.Number("metresPerMinute", MetresPerMinute ?? CourseFigures.Speed.Value, 200, 700, "m/min");
        var turn = checks.Number("turnMetres", TurnMetres ?? CourseFigures.Turn.Value, 4, 20, "m");
        var lines = checks.Choice<GroundLines>("groundLines", GroundLines ?? Setups.GroundLines.Front);
        return checks.Outcome<SetUp>(() => new Course(ground, obstacles, speed, Distance.FromMetres(turn)) { GroundLines = lines });
    }

    private CourseGround CheckField(Checks checks)
    {
        var field = Field ?? new FieldEntry();
        var length = checks.Number("field.lengthMetres", field.LengthMetres, 20, CourseFigures.LongestField.Value, "m");
        var width = checks.Number("field.widthMetres", field.WidthMetres, 15, CourseFigures.LongestField.Value, "m");
        return new CourseGround(
            Arenas.Arena.Field(Distance.FromMetres(length), Distance.FromMetres(width)),
            checks.Choice<Going>("field.going", field.Going ?? Going.Good),
            checks.Choice<Slope>("field.slope", field.Slope ?? Slope.Level)
        );
    }

    private static Obstacle Obstacle(Checks checks, CourseFenceEntry entry, int place, Arena arena)
    {
        var at = $"fences[{place}]";
        var kind = checks.Choice($"{at}.kind", entry.Kind);
        checks.That(
            entry.Kind is null || CourseFences.Kinds.Contains(kind),
            $"{at}.kind",
            "That is no fence of a course.",
            "Choose one of the list."
        );
        checks.That(
            !kind.IsCountry() || arena.Size == ArenaSize.Field,
            $"{at}.kind",
            "That does not stand in an arena.",
            "Build the course in a field, or choose another fence."
        );
        var along = checks.Number($"{at}.alongMetres", entry.AlongMetres, 0, arena.Length.Metres, "m");
        var across = checks.Number($"{at}.acrossMetres", entry.AcrossMetres, 0, arena.Width.Metres, "m");
        var faces = checks.Number($"{at}.facesDegrees", entry.FacesDegrees, -360, 360, "degrees");
        var (height, spread, depth) = CourseFences.Sizes(checks, entry, kind, at);
        checks.That(
            place > 0 || entry.Together != true,
            $"{at}.together",
            "Nothing stands before the first.",
            "Let it have a number of its own."
        );
        return new Obstacle(
            kind,
            new FigurePoint(along, across),
            ((faces % 360) + 360) % 360,
            Distance.FromMetres(height),
            Distance.FromMetres(spread),
            Distance.FromMetres(depth),
            place > 0 && entry.Together == true
        );
    }

    internal override SetUpEntry InTheMirror()
    {
        var width = Arena == ArenaSize.Field ? Field?.WidthMetres ?? 0 : Arenas.Arena.Of(Arena ?? ArenaSize.SixtyByTwenty).Width.Metres;
        return this with
        {
            Fences =
            [
                .. (Fences ?? []).Select(f =>
                    f is null
                        ? null
                        : f with
                        {
                            AcrossMetres = f.AcrossMetres is { } across ? Math.Round(width - across, 4) : null,
                            FacesDegrees = f.FacesDegrees is { } faces and not 0 ? -faces : f.FacesDegrees,
                        }
                ),
            ],
        };
    }

    public override ChangedSetUp BackToWalk() => new(AtHeights(_ => 0), "as low as it goes, a few fences at a time");

    /// <summary>Every fence a step higher, as far as its kind goes.</summary>
    public override ChangedSetUp? OneRungOn() =>
        (Fences ?? []).Any(f => f?.HeightMetres is { } h && h + HeightStep <= CourseFences.Height(f.Kind).Longest.Metres + 1e-9)
            ? new(AtHeights(h => h + HeightStep), "one step on: every fence 10 cm up, where it stood")
            : null;

    public override ChangedSetUp? OneRungBack() =>
        (Fences ?? []).Any(f => f is not null && f.HeightMetres > CourseFences.Height(f.Kind).Shortest.Metres + 1e-9)
            ? new(AtHeights(h => h - HeightStep), "one step back: every fence 10 cm down")
            : null;

    private CourseEntry AtHeights(Func<double, double> height) =>
        this with
        {
            Fences =
            [
                .. (Fences ?? []).Select(f =>
                    f?.HeightMetres is { } h
                        ? f with
                        {
                            HeightMetres = Math.Round(
                                Math.Clamp(
                                    height(h),
                                    CourseFences.Height(f.Kind).Shortest.Metres,
                                    CourseFences.Height(f.Kind).Longest.Metres
                                ),
                                2
                            ),
                        }
                        : f
                ),
            ],
        };
}
