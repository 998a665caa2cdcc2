using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <summary>Minutes and ground covered in one gait.</summary>
public sealed record GaitTotal(Gait Gait, double Minutes, Distance Way);

/// <summary>Fences of one height.</summary>
public sealed record PlannedEfforts(double? HeightMetres, int Count);

/// <summary>What a session adds up to.</summary>
public sealed record SessionTotals
{
    /// <summary>Everything.</summary>
    public required double Minutes { get; init; }

    /// <summary>Work and new work only.</summary>
    public required double WorkMinutes { get; init; }

    /// <summary>Minutes and metres, from walk to gallop.</summary>
    public required IReadOnlyList<GaitTotal> ByGait { get; init; }

    /// <summary>On the left rein; "both" counts half.</summary>
    public required double LeftMinutes { get; init; }

    /// <summary>On the right rein.</summary>
    public required double RightMinutes { get; init; }

    /// <summary>From one part to the next, and those planned within a part.</summary>
    public required IReadOnlyList<TransitionCount> Transitions { get; init; }

    /// <summary>Over poles.</summary>
    public required int Passes { get; init; }

    /// <summary>Fences by height; a height nobody gave comes last.</summary>
    public required IReadOnlyList<PlannedEfforts> Efforts { get; init; }

    /// <summary>The same with small ones and bounces counted half.</summary>
    public required double EffortsCounted { get; init; }

    /// <summary>Expected exertion times minutes (Foster 2001).</summary>
    public required double ExpectedLoad { get; init; }

    /// <summary>How the load came about.</summary>
    public required Why LoadWhy { get; init; }

    /// <param name="plan">The plan.</param>
    /// <param name="card">The horse's stride card.</param>
    /// <param name="setUps">The set-ups its parts name; none where nothing stands.</param>
    public static SessionTotals Of(SessionPlan plan, StrideCard card, IReadOnlyDictionary<Guid, SetUp>? setUps = null)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(card);
        var doses = plan.Parts.Select(p => PartDose.Of(p, p.SetUpOf(setUps))).ToList();
        return new SessionTotals
        {
            Minutes = plan.Minutes,
            WorkMinutes = plan.Parts.Where(IsWork).Sum(p => p.Minutes),
            ByGait = PlannedByGait(plan.Parts, card),
            LeftMinutes = OnRein(plan.Parts, Rein.Left),
            RightMinutes = OnRein(plan.Parts, Rein.Right),
            Transitions = PlannedTransitions(plan.Parts),
            Passes = doses.Sum(d => d.Passes),
            Efforts =
            [
                .. doses
                    .SelectMany(d => d.Fences)
                    .GroupBy(f => f.Height?.Metres)
                    .OrderBy(g => g.Key is null)
                    .ThenBy(g => g.Key)
                    .Select(g => new PlannedEfforts(g.Key, g.Count())),
            ],
            EffortsCounted = doses.Sum(d => d.Counted),
            ExpectedLoad = plan.Parts.Sum(p => p.Minutes * Exertion(p.Gait)),
            LoadWhy = Why.Of(
                "Expected exertion of each gait times its minutes",
                [
                    .. plan
                        .Parts.GroupBy(p => p.Gait)
                        .OrderBy(g => g.Key)
                        .Select(g =>
                            FormattableString.Invariant(
                                $"{g.Key.ToString().ToLowerInvariant()}: {g.Sum(p => p.Minutes):0.#} minutes at {Exertion(g.Key):0.#}"
                            )
                        ),
                ],
                SessionFigures.ExertionOfTrot.Source
            ),
        };
    }

    /// <summary>Minutes by gait, and metres at the stride or the speed that each part aims at.</summary>
    private static List<GaitTotal> PlannedByGait(IReadOnlyList<Part> parts, StrideCard card) =>
        [
            .. parts
                .GroupBy(p => p.Gait)
                .OrderBy(g => g.Key)
                .Select(g => new GaitTotal(g.Key, g.Sum(p => p.Minutes), Distance.FromMetres(g.Sum(p => WayOf(p, card).Metres)))),
        ];

    /// <summary>At the speed of its bouts where it has one, else at the stride it aims at, else as the horse goes.</summary>
    internal static Distance WayOf(Part part, StrideCard card) =>
        part.MetresPerMinute is { } speed ? Distance.FromMetres(speed * MinutesInBouts(part))
        : part.StrideAim is { } aim ? card[aim].Speed.Over(part.Minutes)
        : card.Covered(part.Gait, part.Minutes);

    /// <summary>Minutes of a part that are its bouts, without the rests between.</summary>
    private static double MinutesInBouts(Part part) =>
        part is { BoutSeconds: { } bout, Times: { } times } ? Math.Min(part.Minutes, times * bout / 60.0) : part.Minutes;

    /// <summary>Minutes by gait, and metres at this horse's own speeds.</summary>
    public static IReadOnlyList<GaitTotal> GaitTotals(IEnumerable<(Gait Gait, double Minutes)> ridden, StrideCard card)
    {
        ArgumentNullException.ThrowIfNull(card);
        return
        [
            .. ridden
                .GroupBy(r => r.Gait, r => r.Minutes)
                .OrderBy(g => g.Key)
                .Select(g => new GaitTotal(g.Key, g.Sum(), card.Covered(g.Key, g.Sum()))),
        ];
    }

    internal static bool IsWork(Part part) => part.Phase is Phase.Work or Phase.NewWork;

    internal static double OnRein(IEnumerable<Part> parts, Rein rein) =>
        parts.Sum(p =>
            p.Rein == rein ? p.Minutes
            : p.Rein == Rein.Both ? p.Minutes / 2
            : 0
        );

    private static double Exertion(Gait gait) =>
        gait switch
        {
            Gait.Trot => SessionFigures.ExertionOfTrot.Value,
            Gait.Canter => SessionFigures.ExertionOfCanter.Value,
            Gait.Gallop => SessionFigures.ExertionOfGallop.Value,
            _ => SessionFigures.ExertionOfWalk.Value,
        };

    /// <summary>One at each change of gait between parts; those within a part go down and up in turn, down first.</summary>
    private static List<TransitionCount> PlannedTransitions(IReadOnlyList<Part> parts)
    {
        var between = parts
            .Zip(parts.Skip(1))
            .Where(p => p.First.Gait != p.Second.Gait)
            .Select(p => (From: p.First.Gait, To: p.Second.Gait, Count: 1));
        var within = parts
            .Where(p => p.Transitions is not null)
            .SelectMany(p =>
                new[]
                {
                    (From: p.Gait, To: p.TransitionsWith!.Value, Count: (p.Transitions!.Value + 1) / 2),
                    (From: p.TransitionsWith!.Value, To: p.Gait, Count: p.Transitions!.Value / 2),
                }
            );
        return
        [
            .. between
                .Concat(within)
                .GroupBy(t => (t.From, t.To))
                .OrderBy(g => g.Key)
                .Select(g => new TransitionCount(g.Key.From, g.Key.To, g.Sum(t => t.Count)))
                .Where(t => t.Count > 0),
        ];
    }
}
