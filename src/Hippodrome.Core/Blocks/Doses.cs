using System.Globalization;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>How a week's minutes, fences and sets fall on its sessions.</summary>
internal static class Doses
{
    public static readonly Figure<string> Split = Figure.Chosen(
        "How a week's minutes fall on kinds of session",
        "see the doses",
        "",
        "a flat session is half trot, a hack mostly walk, canter sets mostly canter; what the week has is shared out in these proportions"
    );
    public static readonly Figure<string> EffortShare = Figure.Chosen(
        "Fences of a session by phase, of the most for the horse",
        "base 50, climb 70, at the level 80, run-in 50, return 40",
        "per cent",
        "room for a second go at what did not work"
    );

    /// <summary>Minutes for each session of a week; they add up to the week's; a gait that no kind in it has is walked.</summary>
    public static IReadOnlyList<MinutesByGait> Of(MinutesByGait week, IReadOnlyList<SessionKind> kinds, ReturnStep? ramp, CanterSets? sets)
    {
        if (ramp is not null)
        {
            return
            [
                .. kinds.Select(k =>
                    k == SessionKind.WalkOnly && ramp.Phase != BlockPhase.Walk ? new MinutesByGait(ramp.Each.Total, 0, 0) : ramp.Each
                ),
            ];
        }

        var weights = kinds.Select(Weights).ToList();
        var trot = MinutesByGait.Shared(week.Trot, [.. weights.Select(w => w.Trot)]);
        var canter = Canter(week.Canter, kinds, weights.ConvertAll(w => w.Canter), sets);
        // Where every session of a week is walked, it is walked for as long.
        var walk = MinutesByGait.Shared(week.Total - trot.Sum() - canter.Sum(), [.. weights.Select(w => w.Walk)]);
        return [.. kinds.Select((_, i) => new MinutesByGait(walk[i], trot[i], canter[i]))];
    }

    /// <summary>Sets are cantered whole where the week has the minutes; the rest of its canter falls on the other kinds.</summary>
    private static IReadOnlyList<int> Canter(int minutes, IReadOnlyList<SessionKind> kinds, List<double> weights, CanterSets? sets)
    {
        var inSets = kinds.Count(k => k == SessionKind.CanterWork);
        if (sets is null || inSets == 0)
        {
            return MinutesByGait.Shared(minutes, weights);
        }

        var each = Math.Min((int)Math.Ceiling(sets.WorkMinutes), minutes / inSets);
        var others = MinutesByGait.Shared(
            minutes - (each * inSets),
            [.. kinds.Select((k, i) => k == SessionKind.CanterWork ? 0 : weights[i])]
        );
        // With nothing but sets in the week, what is left over falls on them one by one.
        var left = others.Sum() == 0 ? minutes - (each * inSets) : 0;
        return [.. kinds.Select((k, i) => k == SessionKind.CanterWork ? each + (left-- > 0 ? 1 : 0) : others[i])];
    }

    /// <summary>The sets that fit the canter a session has: fewer of them, or one that is shorter.</summary>
    public static CanterSets? Fitting(SessionKind kind, CanterSets? sets, int canter) =>
        kind != SessionKind.CanterWork || sets is null || canter == 0 ? null
        : sets.WorkMinutes <= canter ? sets
        : canter >= sets.Minutes ? sets with { Repeats = (int)(canter / sets.Minutes) }
        : sets with { Repeats = 1, Minutes = canter };

    /// <summary>So many minutes in all, in the proportions of a kind of session.</summary>
    public static MinutesByGait Typical(SessionKind kind, int minutes)
    {
        var (walk, trot, canter) = Weights(kind);
        var shares = MinutesByGait.Shared(minutes, [walk, trot, canter]);
        return new MinutesByGait(shares[0], shares[1], shares[2]);
    }

    /// <summary>Fences counted, for kinds that jump.</summary>
    public static int? Efforts(SessionKind kind, WeekTarget target, HorseNow horse, bool dayBefore)
    {
        if (!kind.IsJumped())
        {
            return null;
        }

        var share = target.Ramp is not null
            ? 0.4
            : target.Phase switch
            {
                BlockPhase.Climb => 0.7,
                BlockPhase.AtLevel => 0.8,
                _ => 0.5,
            };
        var efforts = (int)Math.Floor(SessionFigures.MostEfforts(horse.Horse.Experience).Value * share);
        return dayBefore ? Math.Min(efforts, SessionFigures.DayBeforeEfforts.Value) : efforts;
    }

    public static Why Because(
        SessionKind kind,
        WeekTarget target,
        int? efforts,
        CanterSets? sets,
        bool dayBefore,
        IReadOnlyList<string> more
    )
    {
        var inputs = new List<string>
        {
            target.Ramp is null
                ? $"week {target.Number}: {target.Minutes.Total} minutes on {target.Sessions} sessions"
                : $"week {target.Number}: {target.Ramp.Why.Inputs[^1]}",
        };
        if (efforts is { } n)
        {
            inputs.Add($"{n} fences at most");
        }

        if (sets is not null)
        {
            inputs.Add(string.Create(CultureInfo.InvariantCulture, $"{sets.Says}: {sets.Metres:0} m"));
        }

        if (dayBefore)
        {
            inputs.Add("the day before a competition: light, and nothing at its height");
        }

        inputs.AddRange(more);
        return new Why(Rule(kind), inputs, kind == SessionKind.CanterWork ? BlockFigures.FastEvery.Source : SessionMix.Mix.Source);
    }

    private static string Rule(SessionKind kind) =>
        kind switch
        {
            SessionKind.Hack or SessionKind.WalkOnly or SessionKind.Recovery => "Easy days are where the work of the hard ones settles",
            SessionKind.CanterWork => "Canter sets at most every third day, walk between",
            SessionKind.Grid or SessionKind.Jumping or SessionKind.CrossCountry =>
                "Jumping days with a day between, at most three in seven, with a helper",
            SessionKind.InHand => "In hand until the body is ready to carry",
            _ => "Work in turn, so that no strand is more than half of the week",
        };

    private static (double Walk, double Trot, double Canter) Weights(SessionKind kind) =>
        kind switch
        {
            SessionKind.Flatwork => (15, 20, 8),
            SessionKind.Lateral => (15, 18, 5),
            SessionKind.Poles => (16, 16, 5),
            SessionKind.Grid => (16, 12, 9),
            SessionKind.Jumping => (16, 12, 11),
            SessionKind.CrossCountry => (18, 12, 16),
            SessionKind.CanterWork => (20, 10, 24),
            SessionKind.Hack => (34, 10, 3),
            SessionKind.Lunge => (12, 14, 4),
            _ => (25, 0, 0),
        };
}
