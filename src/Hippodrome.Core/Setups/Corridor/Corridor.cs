using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Two lines of poles on the ground to walk between, with halts inside and steps back.</summary>
public sealed record CorridorEntry : SetUpEntry
{
    /// <summary>Poles of three metres in each of the two lines: 1 to 6.</summary>
    public int? Sections { get; init; }

    /// <summary>Between the lines.</summary>
    public double? WidthMetres { get; init; }

    /// <summary>Halts inside, evenly spread: 0 to 3.</summary>
    public int? Halts { get; init; }

    /// <summary>Steps back at the last halt.</summary>
    public int? BackSteps { get; init; }

    protected override Outcome<SetUp> Check(Checks checks)
    {
        var (arena, placement, _) = CheckPlace(checks);
        var sections = checks.Whole("sections", Sections, 1, 6, "poles");
        var range = SetUpFigures.CorridorWidth.Value;
        var width = checks.Number("widthMetres", WidthMetres, range.Shortest.Metres, range.Longest.Metres, "m");
        var halts = checks.Whole("halts", Halts, 0, 3, "halts");
        var back = checks.Whole("backSteps", BackSteps, 0, SetUpFigures.CorridorBack.Value, "steps");
        checks.That(
            back == 0 || halts > 0,
            "backSteps",
            "Steps back begin from a halt, and there is none.",
            "Add a halt, or leave the steps back out."
        );
        return checks.Outcome<SetUp>(() => new Corridor(arena, placement, sections, Distance.FromMetres(width), halts, back));
    }

    internal override bool HasDistance() => false;

    public override ChangedSetUp BackToWalk() => new(this, "the corridor stays as it is: it is walked");
}

/// <summary>A corridor of poles, walked through with halts and counted steps.</summary>
public sealed record Corridor : SetUp
{
    internal Corridor(Arena arena, Placement placement, int sections, Distance width, int halts, int backSteps)
        : base(arena, placement, 0) => (Sections, Width, Halts, BackSteps) = (sections, width, halts, backSteps);

    public int Sections { get; }

    public Distance Width { get; }

    public int Halts { get; }

    public int BackSteps { get; }

    public override bool HasFence => false;

    public override Distance HighestFence => Distance.Zero;

    public override bool HasRaisedPole => false;

    public override GaitVariant Approach => GaitVariant.WalkMedium;

    /// <summary>It is come to in walk, and a few walk strides make straight.</summary>
    internal override GaitVariant StraightIn => GaitVariant.WalkMedium;

    public override MeasuredSetUp OwnFor(StrideCard card, Tape tape) => MeasureFor(card, tape);

    /// <summary>The way from halt to halt, and how many of this horse's walk steps it takes.</summary>
    protected override MeasuredSetUp Measure(StrideCard card, Tape tape)
    {
        var length = CurvedPoles.PoleLength.Value * Sections;
        var part = Distance.FromMetres(length / (Halts + 1));
        var own = card[GaitVariant.WalkMedium].Stride * 0.5;
        var count = Math.Max(1, (int)Math.Round(part / own));
        var step = part * (1.0 / count);
        var why = Why.Of(
            "The way from halt to halt in whole steps of this horse's walk",
            [$"from halt to halt: {part}", $"half of its medium walk stride of {own * 2} is {own}", $"{count} steps of {step}"],
            Source.CommonPractice
        );
        var gap = new Gap(
            new BuiltDistance(part, part, tape.Say(part), $"{count} steps of {step}"),
            own * count,
            new DistanceRange(part, part),
            Fits.Of(step / own),
            why
        );

        var measuring = new LineMeasuring(this, card, tape, Distance.FromMetres(length));
        var way = measuring.Element(
            ElementKind.Corridor,
            FormattableString.Invariant($"Corridor, {Width.Metres:0.00} m wide"),
            Distance.Zero,
            Distance.Zero,
            spread: Distance.FromMetres(length)
        ) with
        {
            Width = Width.Metres,
        };
        var marks = Enumerable
            .Range(1, Halts + 1)
            .Select(i => measuring.Element(ElementKind.Mark, Name(i, count), part * i, Distance.Zero));
        measuring.Steps(Enumerable.Range(-2, (count * (Halts + 1)) + 4).Select(i => (i + 0.5) * step.Metres), Gait.Walk);
        return measuring.Finish(Title(count), [way, .. marks], [.. Enumerable.Repeat(gap, Halts + 1)], Notices(own));
    }

    private string Name(int place, int count)
    {
        var steps = $"after {count} steps";
        return place > Halts ? $"Out, {steps}"
            : place == Halts && BackSteps > 0 ? $"Halt {place}, {steps}; {BackSteps} back"
            : $"Halt {place}, {steps}";
    }

    private string Title(int count) =>
        Halts == 0
            ? $"Corridor of {Sections}, {count} steps"
            : $"Corridor of {Sections}, {Halts} {(Halts == 1 ? "halt" : "halts")}, {count} steps between";

    private IEnumerable<string> Notices(Distance own)
    {
        if (BackSteps > 0)
        {
            yield return FormattableString.Invariant(
                $"{BackSteps} steps back take about {BackSteps * own.Metres:0.0} m at its walk step, less when it steps back short. A few straight ones, then forward."
            );
        }

        yield return "In hand walk at its shoulder and outside the poles, never in front of it.";
    }
}
