using System.Text.Json.Serialization;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>A set-up after a change, and what was done to it in words.</summary>
public sealed record ChangedSetUp(SetUpEntry Entry, string Says);

/// <summary>A set-up as asked for; <see cref="Check()"/> turns it into one that can be built.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "family")]
[JsonDerivedType(typeof(PoleLineEntry), "poleLine")]
[JsonDerivedType(typeof(CrossPoleEntry), "crossPole")]
[JsonDerivedType(typeof(FenceLineEntry), "fenceLine")]
[JsonDerivedType(typeof(CurvedPolesEntry), "curvedPoles")]
[JsonDerivedType(typeof(NarrowEntry), "narrow")]
[JsonDerivedType(typeof(CorridorEntry), "corridor")]
[JsonDerivedType(typeof(FigureEntry), "figure")]
[JsonDerivedType(typeof(SquareOfPolesEntry), "squareOfPoles")]
[JsonDerivedType(typeof(CourseEntry), "course")]
public abstract record SetUpEntry
{
    /// <summary>The arena it stands in.</summary>
    public ArenaSize? Arena { get; init; }

    /// <summary>The line it stands on.</summary>
    public ArenaLine? Line { get; init; }

    /// <summary>The way it is ridden.</summary>
    public Heading? Heading { get; init; }

    /// <summary>Where its middle is, from the A end.</summary>
    public double? MiddleMetres { get; init; }

    /// <summary>Longer (or, below zero, shorter) than this horse's own distance; nothing is zero.</summary>
    public double? AdjustMetres { get; init; }

    /// <summary>Turned about its middle, to the right as it is ridden; nothing is along the arena.</summary>
    public double? TurnedDegrees { get; init; }

    /// <summary>It is moved from this horse's own on purpose, also out of the trade's range: told as that, and not warned of.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public bool? OnPurpose { get; init; }

    /// <summary>What its poles are of; wood when nothing.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Material? Material { get; init; }

    /// <summary>What its rails lie in; deep cups when nothing.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Cups? Cups { get; init; }

    /// <summary>The set-up, or everything that is wrong with it.</summary>
    public Outcome<SetUp> Check()
    {
        var checks = new Checks();
        CheckMade(checks);
        var checkedUp = Check(checks);
        return checkedUp.Value is { } setUp ? Outcome<SetUp>.Kept(Meant(setUp), checkedUp.Faults) : checkedUp;
    }

    /// <summary>The set-up as it was kept, with what today's rules remark on it.</summary>
    public (SetUp SetUp, IReadOnlyList<Fault> Remarks) AsKept()
    {
        var read = Check(Checks.Of(kept: true));
        return (Meant(read.OrThrow()), read.Faults);
    }

    private SetUp Meant(SetUp setUp) =>
        setUp with
        {
            OnPurpose = OnPurpose == true,
            Material = Material ?? Setups.Material.Wood,
            Cups = Cups ?? Setups.Cups.Deep,
        };

    private void CheckMade(Checks checks)
    {
        checks.Choice<Material>("material", Material ?? Setups.Material.Wood);
        checks.Choice<Cups>("cups", Cups ?? Setups.Cups.Deep);
    }

    protected abstract Outcome<SetUp> Check(Checks checks);

    /// <summary>There is a distance between its poles or fences that can be longer or shorter.</summary>
    internal virtual bool HasDistance() => true;

    /// <summary>What a mirror along the centre line does to it, beside its line and its turn.</summary>
    internal virtual SetUpEntry InTheMirror() => this;

    /// <summary>To where its family begins: poles are walked over, fences come down to their lowest.</summary>
    public abstract ChangedSetUp BackToWalk();

    /// <summary>One thing more; null at the top of what its family has.</summary>
    public virtual ChangedSetUp? OneRungOn() => null;

    /// <summary>The other way; null at the bottom.</summary>
    public virtual ChangedSetUp? OneRungBack() => null;

    /// <summary>The same question with one small thing otherwise: a count, the place, the way. Never higher, closer or longer.</summary>
    public ChangedSetUp Varied() =>
        OneSmallThing()
        ?? (
            Mirrored() is var other && other != this
                ? new ChangedSetUp(other, "one thing otherwise: on the other side of the school")
                : new ChangedSetUp(
                    this with
                    {
                        Heading = Heading == Arenas.Heading.TowardsC ? Arenas.Heading.TowardsA : Arenas.Heading.TowardsC,
                    },
                    "one thing otherwise: ridden the other way"
                )
        );

    /// <summary>What its family varies first; null where it is the place.</summary>
    private protected virtual ChangedSetUp? OneSmallThing() => null;

    /// <summary>Longer, or shorter when below zero; the trade's range still holds when it is measured. Null where there is no distance to move.</summary>
    public ChangedSetUp? LongerBy(double metres)
    {
        var most = SetUpFigures.MostAdjusted.Value;
        var adjust = Math.Clamp(Math.Round((AdjustMetres ?? 0) + metres, 2), -most, most);
        var says = FormattableString.Invariant(
            $"{Math.Abs(metres) * 100:0} cm {(metres < 0 ? "shorter" : "longer")}, as far as the trade's range allows"
        );
        return HasDistance() ? new ChangedSetUp(this with { AdjustMetres = adjust }, says) : null;
    }

    /// <summary>For the other rein, as a mirror along the centre line would show it. Mirrored twice it is what it was.</summary>
    public SetUpEntry Mirrored()
    {
        var turned = TurnedDegrees is { } degrees and not 0 ? -degrees : TurnedDegrees;
        return (this with { Line = Line?.Mirrored(), TurnedDegrees = turned }).InTheMirror();
    }

    /// <summary>The gait that poles on the ground are ridden in: any but the canter of a course.</summary>
    private protected static GaitVariant CheckGaitOverPoles(Checks checks, GaitVariant? variant)
    {
        checks.That(
            variant is not GaitVariant.CanterCourse,
            "variant",
            "Nobody rides poles in the canter of a course.",
            "Choose a working or collected canter."
        );
        return checks.Choice("variant", variant);
    }

    private protected static double HeightStep => SetUpFigures.HeightStep.Value;

    /// <summary>Further round it is the same line ridden the other way.</summary>
    private const double MostTurned = 90;

    private protected (Arena Arena, Placement Placement, double Adjust) CheckPlace(Checks checks)
    {
        checks.That(
            Arena != ArenaSize.Field,
            "arena",
            "A field has no lines to stand on.",
            "Choose an arena, or build a course: its fences stand anywhere."
        );
        var arena = Arenas.Arena.Of(checks.Choice("arena", Arena));
        var line = checks.Choice("line", Line);
        var heading = checks.Choice("heading", Heading);
        var middle = checks.Number("middleMetres", MiddleMetres, 0, arena.Length.Metres, "m from A");
        var adjust = checks.Number(
            "adjustMetres",
            AdjustMetres ?? 0,
            -SetUpFigures.MostAdjusted.Value,
            SetUpFigures.MostAdjusted.Value,
            "m"
        );
        var turned = checks.Number("turnedDegrees", TurnedDegrees ?? 0, -MostTurned, MostTurned, "degrees");
        return (arena, new Placement(line, heading, Distance.FromMetres(middle), turned), adjust);
    }
}

/// <summary>A cross-pole from trot with a placing pole before it.</summary>
public sealed record CrossPoleEntry : SetUpEntry
{
    /// <summary>Height of its middle.</summary>
    public double? HeightMetres { get; init; }

    /// <summary>A placing pole lies before it; one does where nothing is said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public bool? PlacingPole { get; init; }

    internal override bool HasDistance() => PlacingPole != false;

    protected override Outcome<SetUp> Check(Checks checks)
    {
        var (arena, placement, adjust) = CheckPlace(checks);
        var range = SetUpFigures.CrossPoleHeight.Value;
        var height = checks.Number("heightMetres", HeightMetres, range.Shortest.Metres, range.Longest.Metres, "m");
        return checks.Outcome<SetUp>(() => new CrossPole(arena, placement, adjust, Distance.FromMetres(height), PlacingPole != false));
    }

    public override ChangedSetUp BackToWalk() =>
        new(this with { HeightMetres = Lowest, AdjustMetres = 0 }, "as low as it goes, and walk between the tries");

    /// <summary>Its placing pole, once it trots in calmly; then higher.</summary>
    public override ChangedSetUp? OneRungOn() =>
        PlacingPole == false ? new(this with { PlacingPole = null }, "one step on: a placing pole before it, the height as it was")
        : (HeightMetres ?? 0) + HeightStep <= SetUpFigures.CrossPoleHeight.Value.Longest.Metres + 1e-9
            ? new(
                this with
                {
                    HeightMetres = Math.Round((HeightMetres ?? 0) + HeightStep, 2),
                },
                "one step on: 10 cm up, the distance as it was"
            )
        : null;

    public override ChangedSetUp? OneRungBack() =>
        (HeightMetres ?? 0) - HeightStep >= Lowest - 1e-9
            ? new(this with { HeightMetres = Math.Round((HeightMetres ?? 0) - HeightStep, 2) }, "one step back: 10 cm down")
            : null;

    private static double Lowest => SetUpFigures.CrossPoleHeight.Value.Shortest.Metres;
}
