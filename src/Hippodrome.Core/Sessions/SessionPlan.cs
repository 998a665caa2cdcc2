using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Sessions;

/// <summary>One part of a planned session.</summary>
public sealed record Part
{
    /// <summary>Warm-up, work, new work or cool-down.</summary>
    public required Phase Phase { get; init; }

    /// <summary>What is done.</summary>
    public required string What { get; init; }

    /// <summary>The gait most of it is in.</summary>
    public required Gait Gait { get; init; }

    /// <summary>The rein, or both.</summary>
    public required Rein Rein { get; init; }

    /// <summary>How long; reckoned from times or fences where nobody gave it.</summary>
    public required double Minutes { get; init; }

    /// <summary>A set-up it is ridden over.</summary>
    public required Guid? SetUpId { get; init; }

    /// <summary>The mark that would make it good.</summary>
    public required Mark? MarkHopedFor { get; init; }

    /// <summary>The rung it works on.</summary>
    public string? RungId { get; init; }

    /// <summary>The exercise of the library it is.</summary>
    public string? ExerciseId { get; init; }

    /// <summary>How often.</summary>
    public int? Times { get; init; }

    /// <summary>Fences jumped, each one counted.</summary>
    public int? Efforts { get; init; }

    /// <summary>How many, up and down together.</summary>
    public int? Transitions { get; init; }

    /// <summary>The other gait of them.</summary>
    public Gait? TransitionsWith { get; init; }

    /// <summary>Ridden in bouts of so many seconds.</summary>
    public int? BoutSeconds { get; init; }

    /// <summary>Walk between two bouts.</summary>
    public int? RestSeconds { get; init; }

    /// <summary>The rung it works on, if any.</summary>
    internal Rung? Rung => RungId is null ? null : Catalogue.Find(RungId);

    /// <summary>The exercise of the library it is, if any.</summary>
    internal Exercise? Exercise => ExerciseId is null ? null : Catalogue.FindExercise(ExerciseId);

    /// <summary>How the horse is worked in it.</summary>
    public Manner Manner { get; init; }

    /// <summary>Height of its fences in metres, as typed; null where nobody gave one, and where a set-up says it.</summary>
    public double? HeightMetres { get; init; }

    /// <summary>A grid is built up element by element; null is as the trade has it.</summary>
    public bool? InStages { get; init; }

    /// <summary>A test before it, beside those the trade has anyway.</summary>
    public OpeningTest? OpensWith { get; init; }

    /// <summary>The outline asked for; null where nobody said.</summary>
    public Outline? Outline { get; init; }

    /// <summary>How the rider sits; null where nobody said, and where nobody sits on it.</summary>
    public Seat? Seat { get; init; }

    /// <summary>The stride aimed at, of its gait; null is its usual one.</summary>
    public GaitVariant? StrideAim { get; init; }

    /// <summary>The speed of its bouts; null is the horse's own.</summary>
    public int? MetresPerMinute { get; init; }

    /// <summary>The dressage test that is ridden in it.</summary>
    public Guid? TestId { get; init; }

    /// <summary>Movements of that test in the order they are ridden; none is the whole test.</summary>
    public IReadOnlyList<int> TestPieces { get; init; } = [];

    /// <summary>A test from beginning to end.</summary>
    internal bool IsWholeTest => TestId is not null && TestPieces.Count == 0;

    internal PartEntry ToEntry() =>
        PartEntry.Of(Phase, What, Gait, Rein, Minutes) with
        {
            SetUpId = SetUpId,
            MarkHopedFor = MarkHopedFor?.Value,
            RungId = RungId,
            ExerciseId = ExerciseId,
            Times = Times,
            Efforts = Efforts,
            Transitions = Transitions,
            TransitionsWith = TransitionsWith,
            BoutSeconds = BoutSeconds,
            RestSeconds = RestSeconds,
            Manner = Manner,
            HeightMetres = HeightMetres,
            InStages = InStages,
            OpensWith = OpensWith,
            Outline = Outline,
            Seat = Seat,
            StrideAim = StrideAim,
            MetresPerMinute = MetresPerMinute,
            TestId = TestId,
            TestPieces = TestPieces.Count == 0 ? null : TestPieces,
        };
}

/// <summary>A soft fault that the trainer has seen and keeps, with a word why.</summary>
/// <param name="Rule">The check that spoke.</param>
/// <param name="Word">Why it stays.</param>
/// <param name="Said">The fault as it was shown; null where it was kept before that was.</param>
public sealed record KeptFault(string Rule, string Word, SaidFault? Said = null);

/// <summary>A fault as it was shown to whoever kept the plan with it: evidence, read by people only and compared by no code.</summary>
/// <param name="Says">What was wrong.</param>
/// <param name="Why">Rule, inputs, source.</param>
/// <param name="Figures">The version of the figures it rested on.</param>
public sealed record SaidFault(string Says, Why Why, string Figures)
{
    /// <summary>What it rested on, with its numbers.</summary>
    public IReadOnlyList<Input> Inputs { get; init; } = [];
}

/// <summary>A session that has been thought out: its parts in order, on a day.</summary>
public sealed record SessionPlan
{
    private const double LowestFence = 0.1;
    private const double HighestFence = 1.8;

    private SessionPlan(
        Guid id,
        DateOnly on,
        string emphasis,
        Manner manner,
        bool helper,
        IReadOnlyList<Part> parts,
        string notes,
        string place,
        IReadOnlyList<Guid> tackIds,
        IReadOnlyList<KeptFault> keptFaults
    ) =>
        (Id, On, Emphasis, Manner, Helper, Parts, Notes, Place, TackIds, KeptFaults) = (
            id,
            on,
            emphasis,
            manner,
            helper,
            parts,
            notes,
            place,
            tackIds,
            keptFaults
        );

    public Guid Id { get; }

    public DateOnly On { get; }

    public string Emphasis { get; }

    public Manner Manner { get; }

    public bool Helper { get; }

    public IReadOnlyList<Part> Parts { get; }

    public string Notes { get; }

    /// <summary>Where, when it is not at home; empty at home.</summary>
    public string Place { get; }

    /// <summary>Bits and aids it is ridden in.</summary>
    public IReadOnlyList<Guid> TackIds { get; }

    /// <summary>Soft faults that stay, each with a word why.</summary>
    public IReadOnlyList<KeptFault> KeptFaults { get; }

    /// <summary>When it begins; null where nobody has said.</summary>
    public TimeOnly? StartsAt { get; private init; }

    public double Minutes => Parts.Sum(p => p.Minutes);

    /// <summary>The set-ups its parts name.</summary>
    public IEnumerable<Guid> SetUpIds => Parts.Select(p => p.SetUpId).OfType<Guid>();

    /// <summary>Nothing but leading.</summary>
    internal bool IsLed => Parts.All(p => p.Manner == Manner.InHand);

    /// <summary>Nothing but walk.</summary>
    internal bool IsWalked => Parts.All(p => p.Gait is Gait.Walk or Gait.Halt);

    internal double MinutesIn(Manner manner) => Parts.Where(p => p.Manner == manner).Sum(p => p.Minutes);

    /// <summary>Minutes that count as walk, trot or canter.</summary>
    public double CountedAs(Gait gait) => Parts.Where(p => p.Gait.CountsAs() == gait).Sum(p => p.Minutes);

    public static Outcome<SessionPlan> From(Guid id, SessionEntry entry, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var checks = new Checks();
        var on = entry.On ?? default;
        checks.That(entry.On is not null, "on", "The day is missing.", "Give the day of the session.");
        checks.That(
            entry.On is null || (on >= today.AddYears(-2) && on <= today.AddYears(2)),
            "on",
            $"{on:yyyy-MM-dd} is too far away.",
            "Give a day within two years."
        );
        var emphasis = checks.Text("emphasis", entry.Emphasis, 80);
        var manner = checks.Choice("manner", entry.Manner);
        var notes = checks.OptionalText("notes", entry.Notes, 4000);
        var place = checks.OptionalText("place", entry.Place, 80);
        var tack = entry.TackIds?.Distinct().ToList() ?? [];
        checks.That(tack.Count <= 12, "tackIds", "More than a dozen pieces are no bridle.", "Choose those that matter.");
        var kept = (entry.KeptFaults ?? [])
            .Take(20)
            .Select(
                (k, i) =>
                    new KeptFault(checks.Text($"keptFaults[{i}].rule", k?.Rule, 60), checks.Text($"keptFaults[{i}].word", k?.Word, 300))
            )
            .DistinctBy(k => k.Rule)
            .ToList();
        var parts = entry.Parts ?? [];
        checks.That(parts.Count > 0, "parts", "There is nothing in this session yet.", "Add a part: walk first.");
        checks.That(parts.Count <= 30, "parts", "More than thirty parts is no session.", "Put some together.");
        var made = parts.Take(30).Select((p, i) => PartFrom(checks, p, i, manner)).ToList();
        return checks.Outcome(() =>
            new SessionPlan(id, on, emphasis, manner, entry.Helper ?? false, made, notes, place, tack, kept) { StartsAt = entry.StartsAt }
        );
    }

    /// <summary>A session read back from the store.</summary>
    public static SessionPlan Kept(
        Guid id,
        DateOnly on,
        string emphasis,
        Manner manner,
        bool helper,
        IReadOnlyList<Part> parts,
        string notes,
        string place = "",
        IReadOnlyList<Guid>? tackIds = null,
        IReadOnlyList<KeptFault>? keptFaults = null,
        TimeOnly? startsAt = null
    ) => new(id, on, emphasis, manner, helper, parts, notes, place, tackIds ?? [], keptFaults ?? []) { StartsAt = startsAt };

    /// <summary>The same session as something to type over, for a copy or a change.</summary>
    public SessionEntry ToEntry() =>
        new(
            On,
            Emphasis,
            Manner,
            Helper,
            [.. Parts.Select(p => p.ToEntry())],
            Notes,
            Place,
            TackIds,
            [.. KeptFaults.Select(k => new KeptFaultEntry(k.Rule, k.Word))]
        )
        {
            StartsAt = StartsAt,
        };

    /// <summary>The same session on another day; nothing else of it is looked at again.</summary>
    public SessionPlan MovedTo(DateOnly day) => Kept(Id, day, Emphasis, Manner, Helper, Parts, Notes, Place, TackIds, KeptFaults, StartsAt);

    /// <summary>
    /// The same session, its kept faults with what was said of them: as it was said when the word was first kept, else as the
    /// checks say it now.
    /// </summary>
    /// <param name="faults">What the checks say.</param>
    /// <param name="before">What was kept before.</param>
    /// <param name="figures">The version of the figures.</param>
    public SessionPlan WithWhatWasSaid(IReadOnlyList<PlanFault> faults, IReadOnlyList<KeptFault> before, string figures)
    {
        ArgumentNullException.ThrowIfNull(faults);
        SaidFault? Now(string rule) =>
            faults.FirstOrDefault(f => f.Rule == rule) is { } f ? new SaidFault(f.Says, f.Why, figures) { Inputs = f.Why.Typed } : null;
        var kept = KeptFaults.Select(k =>
            k with
            {
                Said = before.FirstOrDefault(b => (b.Rule, b.Word) == (k.Rule, k.Word))?.Said ?? Now(k.Rule),
            }
        );
        return Kept(Id, On, Emphasis, Manner, Helper, Parts, Notes, Place, TackIds, [.. kept], StartsAt);
    }

    /// <summary>The same session with other parts, as a mend makes them.</summary>
    internal SessionPlan With(IReadOnlyList<PartEntry> parts) => From(Id, ToEntry() with { Parts = parts }, On).OrThrow();

    private static Part PartFrom(Checks checks, PartEntry? part, int i, Manner manner)
    {
        string Field(string name) => $"parts[{i}].{name}";
        if (part is null)
        {
            checks.Add($"parts[{i}]", "This part is empty.", "Fill it in or take it out.");
            return new Part
            {
                Phase = default,
                What = "",
                Gait = default,
                Rein = default,
                Minutes = 0,
                SetUpId = null,
                MarkHopedFor = null,
            };
        }

        var phase = checks.Choice(Field("phase"), part.Phase);
        var what = checks.Text(Field("what"), part.What, 120);
        var gait = checks.Choice(Field("gait"), part.Gait);
        var rein = checks.Choice(Field("rein"), part.Rein);
        int? times = part.Times is null ? null : checks.Whole(Field("times"), part.Times, 1, 200, "times");
        int? efforts = part.Efforts is null ? null : checks.Whole(Field("efforts"), part.Efforts, 1, 100, "fences");
        int? transitions = part.Transitions is null ? null : checks.Whole(Field("transitions"), part.Transitions, 1, 200, "transitions");
        checks.That(
            transitions is null || (part.TransitionsWith is { } other && Enum.IsDefined(other) && other != gait),
            Field("transitionsWith"),
            "Transitions go between two gaits.",
            "Choose the other gait."
        );
        int? bout = part.BoutSeconds is null ? null : checks.Whole(Field("boutSeconds"), part.BoutSeconds, 5, 1800, "seconds");
        int? rest = part.RestSeconds is null ? null : checks.Whole(Field("restSeconds"), part.RestSeconds, 5, 1800, "seconds");
        var minutes = checks.Number(Field("minutes"), part.Minutes ?? Reckoned(times, efforts, bout, rest), 0.5, 180, "minutes");
        Mark? mark = null;
        if (part.MarkHopedFor is { } hoped)
        {
            checks.That(Mark.IsMark(hoped), Field("markHopedFor"), "Marks go from 0 to 10 in halves.", "Give a mark such as 6.5.");
            mark = Mark.IsMark(hoped) ? Mark.Of(hoped) : null;
        }

        checks.That(
            part.RungId is null || Catalogue.Find(part.RungId) is not null,
            Field("rungId"),
            "There is no such rung.",
            "Choose one of the library's, or none."
        );
        checks.That(
            part.ExerciseId is null || Catalogue.FindExercise(part.ExerciseId) is not null,
            Field("exerciseId"),
            "There is no such exercise.",
            "Choose one of the library's, or none."
        );
        var own = checks.Choice<Manner>(Field("manner"), part.Manner ?? manner);
        double? height = part.HeightMetres is null
            ? null
            : checks.Number(Field("heightMetres"), part.HeightMetres, LowestFence, HighestFence, "m");
        checks.That(
            part.StrideAim is not { } aim || (Enum.IsDefined(aim) && aim.Gait() == gait),
            Field("strideAim"),
            "That stride belongs to another gait.",
            "Choose one of this part's gait, or none."
        );
        int? speed = part.MetresPerMinute is null
            ? null
            : checks.Whole(Field("metresPerMinute"), part.MetresPerMinute, 50, 900, "metres a minute");
        var pieces = part.TestPieces ?? [];
        checks.That(
            pieces.Count <= 40 && pieces.All(n => n is >= 1 and <= 80),
            Field("testPieces"),
            "These are no pieces of a test.",
            "Choose some of its movements, by their numbers."
        );
        checks.That(
            pieces.Count == 0 || part.TestId is not null,
            Field("testId"),
            "It is not said which test these pieces are of.",
            "Choose the test, or take the pieces out."
        );
        return new Part
        {
            Phase = phase,
            What = what,
            Gait = gait,
            Rein = rein,
            Minutes = minutes,
            SetUpId = part.SetUpId,
            MarkHopedFor = mark,
            RungId = part.RungId,
            ExerciseId = part.ExerciseId,
            Times = times,
            Efforts = efforts,
            Transitions = transitions,
            TransitionsWith = transitions is null ? null : part.TransitionsWith,
            BoutSeconds = bout,
            RestSeconds = rest,
            Manner = own,
            HeightMetres = height,
            InStages = part.InStages,
            OpensWith = part.OpensWith is { } test && Enum.IsDefined(test) ? test : null,
            Outline = part.Outline is null ? null : checks.Choice<Outline>(Field("outline"), part.Outline),
            Seat = part.Seat is null || own != Horses.Manner.Ridden ? null : checks.Choice<Seat>(Field("seat"), part.Seat),
            StrideAim = part.StrideAim,
            MetresPerMinute = speed,
            TestId = part.TestId,
            TestPieces = pieces,
        };
    }

    /// <summary>Minutes from times or fences, about one a minute; bouts and the rests between them by the clock.</summary>
    private static double? Reckoned(int? times, int? efforts, int? bout, int? rest) =>
        bout is { } seconds && times is { } bouts
            ? Math.Ceiling(((bouts * seconds) + ((bouts - 1) * (rest ?? 0))) / 30.0) / 2
            : (times ?? efforts) * SessionFigures.MinutesPerGo.Value;
}
