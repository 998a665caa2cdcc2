using Hippodrome.Core.Aims;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>What the weeks of a block are made of: gaits by phase, and kinds of session by discipline, phase and focus.</summary>
internal static class SessionMix
{
    private const string Reason =
        "where a sound horse of the discipline usually ends up; what it does now leads, and moves towards it slowly";

    public static readonly Figure<string> GaitShares = Figure.Chosen(
        "Share of walk, trot and canter in a working week",
        "base 50/38/12, climb 45/38/17, at the level 42/38/20; conditioning 45/33/22",
        "per cent",
        Reason
    );
    public static readonly Figure<string> Mix = Figure.Chosen(
        "Weights of the kinds of session by discipline",
        "see the session mix",
        "",
        "flat work every other day, what the discipline is about once or twice a week, and one day out of the arena"
    );
    public static readonly Figure<double> FocusWeight = Figure.Chosen(
        "The first focus strand counts in the mix",
        2.0,
        "times; the next ones 1.5 and 1.25",
        "enough to come up every week, not enough to crowd the rest out"
    );

    /// <summary>The gait shares a phase moves towards.</summary>
    public static (double Walk, double Trot, double Canter) Shares(Block block, BlockPhase phase) =>
        (block.Purpose, phase) switch
        {
            (Purpose.Conditioning, _) => (0.45, 0.33, 0.22),
            (_, BlockPhase.Climb) => (0.45, 0.38, 0.17),
            (_, BlockPhase.AtLevel or BlockPhase.RunIn) => (0.42, 0.38, 0.20),
            _ => (0.50, 0.38, 0.12),
        };

    /// <summary>The weight of each kind in a phase, before what the horse may not do is taken out.</summary>
    public static IReadOnlyDictionary<SessionKind, double> Weights(Block block, BlockPhase phase)
    {
        var weights = new Dictionary<SessionKind, double>(Discipline(block.Discipline));
        if (block.Purpose == Purpose.Conditioning)
        {
            weights[SessionKind.CanterWork] = 2;
            weights[SessionKind.Hack] = 1.5;
        }

        foreach (var kind in weights.Keys.ToList())
        {
            weights[kind] *= Phase(kind, phase);
        }

        foreach (var (strand, i) in block.Focus.Take(3).Select((f, i) => (f, i)))
        {
            var kind = strand.Kind();
            weights[kind] = Math.Max(0.5, weights.GetValueOrDefault(kind)) * (1 + ((FocusWeight.Value - 1) / Math.Pow(2, i)));
        }

        return weights;
    }

    private static Dictionary<SessionKind, double> Discipline(Discipline discipline) =>
        discipline switch
        {
            Aims.Discipline.Dressage => new()
            {
                [SessionKind.Flatwork] = 2.2,
                [SessionKind.Lateral] = 1.5,
                [SessionKind.Poles] = 0.8,
                [SessionKind.Hack] = 1.1,
                [SessionKind.Lunge] = 0.4,
            },
            Aims.Discipline.Jumping => new()
            {
                [SessionKind.Flatwork] = 1.8,
                [SessionKind.Lateral] = 0.7,
                [SessionKind.Poles] = 0.8,
                [SessionKind.Grid] = 0.9,
                [SessionKind.Jumping] = 0.8,
                [SessionKind.Hack] = 1,
            },
            _ => new()
            {
                [SessionKind.Flatwork] = 1.6,
                [SessionKind.Lateral] = 0.5,
                [SessionKind.Poles] = 0.4,
                [SessionKind.Grid] = 0.7,
                [SessionKind.Jumping] = 0.6,
                [SessionKind.CrossCountry] = 0.4,
                [SessionKind.CanterWork] = 0.9,
                [SessionKind.Hack] = 0.9,
            },
        };

    private static double Phase(SessionKind kind, BlockPhase phase) =>
        (phase, kind) switch
        {
            (BlockPhase.Base, SessionKind.Hack or SessionKind.Poles) => 1.3,
            (BlockPhase.Base, SessionKind.Jumping) => 0.5,
            (BlockPhase.Base, SessionKind.CrossCountry) => 0,
            (BlockPhase.AtLevel, SessionKind.Jumping or SessionKind.CrossCountry) => 1.4,
            (BlockPhase.RunIn, SessionKind.CrossCountry or SessionKind.Poles) => 0.3,
            (BlockPhase.RunIn, SessionKind.Jumping) => 0.7,
            _ => 1,
        };
}
