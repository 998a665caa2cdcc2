using System.Globalization;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Sessions;

/// <summary>What is called out, for a device that has a sound and no voice.</summary>
public enum SpokenKind
{
    /// <summary>A part begins.</summary>
    Part,

    /// <summary>The other rein.</summary>
    Rein,

    /// <summary>A bout begins.</summary>
    Bout,

    /// <summary>Walk now.</summary>
    Walk,

    /// <summary>The plan is over.</summary>
    End,
}

/// <summary>One thing called out to a rider who is alone.</summary>
/// <param name="Seconds">Seconds after the beginning.</param>
/// <param name="Part">The part of the plan, from 0.</param>
/// <param name="Gait">The gait from then on.</param>
/// <param name="Rein">The rein from then on.</param>
/// <param name="Kind">What sounds where there is no voice.</param>
/// <param name="Says">What the voice says.</param>
public sealed record SpokenCall(int Seconds, int Part, Gait Gait, Rein Rein, SpokenKind Kind, string Says);

/// <summary>
/// A plan read aloud to a rider who has nobody at the rail: part, minutes, rein, "walk now". Nobody jumps alone: a plan with a
/// fence in it is not read.
/// </summary>
/// <param name="Calls">What is called out and when, in its order; none where it is not read.</param>
/// <param name="Seconds">How long it takes.</param>
/// <param name="NotAlone">Why it is not read; null where it is.</param>
public sealed record SpokenSheet(IReadOnlyList<SpokenCall> Calls, int Seconds, string? NotAlone)
{
    /// <param name="plan">What is to be ridden.</param>
    /// <param name="parts">Its parts as the rail knows them.</param>
    public static SpokenSheet Of(SessionPlan plan, IReadOnlyList<RailPart> parts)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(parts);
        if (parts.Any(p => p.IsJumped))
        {
            return new SpokenSheet([], 0, "Nobody jumps alone: have somebody there for the fences.");
        }

        List<SpokenCall> calls = [];
        var (at, rein) = (0, Rein.Left);
        foreach (var (part, i) in plan.Parts.Select((p, i) => (p, i)))
        {
            calls.AddRange(OfPart(part, i, at, rein));
            at += SecondsOf(part);
            rein = calls[^1].Rein;
        }

        calls.Add(new SpokenCall(at, plan.Parts.Count - 1, Gait.Walk, rein, SpokenKind.End, "That was all. Walk until it is quiet."));
        return new SpokenSheet(calls, at, null);
    }

    private static int SecondsOf(Part part) => (int)Math.Round(part.Minutes * 60, MidpointRounding.AwayFromZero);

    /// <summary>Its beginning, the change of rein at half its time where both are ridden, and its bouts with the walk between.</summary>
    private static IEnumerable<SpokenCall> OfPart(Part part, int index, int at, Rein before)
    {
        var first = part.Rein == Rein.Both ? before : part.Rein;
        var begins = new SpokenCall(
            at,
            index,
            part.Gait,
            first,
            SpokenKind.Part,
            $"{(part.Gait == Gait.Walk && index > 0 ? "Walk now. " : "")}{part.What}. "
                + $"{Say(part.Gait)}, {SayMinutes(part.Minutes)}, {Say(first)} rein."
        );
        var half = at + SecondsOf(part) / 2;
        var other = part.Rein == Rein.Both ? first.Other() : first;
        var ends = at + SecondsOf(part);
        List<SpokenCall> during = [.. BoutsOf(part, index, at).Where(c => c.Seconds < ends)];
        if (part.Rein == Rein.Both)
        {
            var gait = during.LastOrDefault(c => c.Seconds <= half)?.Gait ?? part.Gait;
            during.Add(new SpokenCall(half, index, gait, other, SpokenKind.Rein, $"The other rein: {Say(other)}."));
        }

        return during.OrderBy(c => c.Seconds).Select(c => c with { Rein = c.Seconds < half ? first : other }).Prepend(begins);
    }

    /// <summary>Each rest and each bout after the first, as far as the part goes.</summary>
    private static IEnumerable<SpokenCall> BoutsOf(Part part, int index, int at)
    {
        if (part is not { BoutSeconds: { } bout, RestSeconds: { } rest })
        {
            yield break;
        }

        for (var n = 1; n < (part.Times ?? 1); n++)
        {
            var over = at + n * bout + (n - 1) * rest;
            yield return new SpokenCall(over, index, Gait.Walk, default, SpokenKind.Walk, $"Walk now, {SaySeconds(rest)}.");
            yield return new SpokenCall(over + rest, index, part.Gait, default, SpokenKind.Bout, $"{Say(part.Gait)}, bout {n + 1}.");
        }
    }

    private static string Say(Gait gait) =>
        gait switch
        {
            Gait.Halt => "Halt",
            Gait.Walk => "Walk",
            Gait.Trot => "Trot",
            Gait.Canter => "Canter",
            Gait.ReinBack => "Rein back",
            _ => "Gallop",
        };

    private static string Say(Rein rein) => rein == Rein.Left ? "left" : "right";

    private static string SayMinutes(double minutes) =>
        string.Create(CultureInfo.InvariantCulture, $"{minutes:0.#} {(minutes == 1 ? "minute" : "minutes")}");

    private static string SaySeconds(int seconds) => seconds % 60 == 0 ? SayMinutes(seconds / 60) : $"{seconds} seconds";
}
