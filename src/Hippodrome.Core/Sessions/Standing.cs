using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Sessions;

/// <summary>What a horse may do on a day, the strictest first.</summary>
public enum MayDo
{
    Rest,
    InHandOnly,
    WithinLimits,
    AnyWork,
}

/// <summary>The answer to "what may it do today", with each reason.</summary>
public sealed record Standing(MayDo May, string Says, IReadOnlyList<string> Because)
{
    /// <param name="horse">The horse.</param>
    /// <param name="heldBecause">Why it is held; null when nothing holds it.</param>
    /// <param name="restrictions">A vet's, a trainer's and a therapist's.</param>
    /// <param name="day">The day.</param>
    /// <param name="walkInHandBy">The vet who has allowed walking in hand while it is held; null when nobody has.</param>
    public static Standing On(
        Horse horse,
        string? heldBecause,
        IReadOnlyList<Restriction> restrictions,
        DateOnly day,
        string? walkInHandBy = null
    )
    {
        ArgumentNullException.ThrowIfNull(horse);
        ArgumentNullException.ThrowIfNull(restrictions);
        var open = restrictions.Where(r => r.HoldsOn(day)).ToList();
        var because = new List<string>();
        if (heldBecause is not null)
        {
            because.Add(walkInHandBy is null ? $"held: {heldBecause}" : $"held: {heldBecause}; walking in hand as {walkInHandBy} has said");
        }

        var age = horse.Age(day);
        if (age <= SessionFigures.InHandOnlyTo.Value)
        {
            because.Add($"age {age}: in hand, {SessionFigures.InHandMinutes.Value} minutes at most");
        }

        because.AddRange(open.Select(r => $"{r.Because}: {r.By}, {HowLong(r)}"));
        return heldBecause is not null
                ? new Standing(MayDo.Rest, walkInHandBy is null ? "Rest until a vet clears it" : "Rest, or a walk in hand", because)
            : age <= SessionFigures.InHandOnlyTo.Value ? new Standing(MayDo.InHandOnly, "Work in hand only", because)
            : open.Count > 0 ? new Standing(MayDo.WithinLimits, Allowed(open), because)
            : new Standing(MayDo.AnyWork, "Any work its rungs are open for", because);
    }

    private static string HowLong(Restriction restriction) =>
        restriction switch
        {
            { Until: { } until } => FormattableString.Invariant($"until {until:d MMMM}"),
            { ReferralId: not null } => "until answered",
            _ => "until cleared",
        };

    /// <summary>The gaits that are left, and whether it may jump.</summary>
    private static string Allowed(List<Restriction> open)
    {
        Gait[] asked = [Gait.Walk, Gait.Trot, Gait.Canter, Gait.Gallop];
        var left = asked.Where(g => !open.Exists(r => r.NoGaits.Contains(g))).Select(g => g.ToString().ToLowerInvariant()).ToList();
        var gaits = left.Count switch
        {
            0 => "No gait at all",
            4 => "Every gait",
            1 => $"{char.ToUpperInvariant(left[0][0])}{left[0][1..]} only",
            _ =>
                $"{char.ToUpperInvariant(left[0][0])}{left[0][1..]}{string.Concat(left.Skip(1).SkipLast(1).Select(g => $", {g}"))} and {left[^1]} only",
        };
        var most = open.Where(r => r.MostHeight is not null)
            .Select(r => r.MostHeight!.Value.Metres)
            .DefaultIfEmpty(double.PositiveInfinity)
            .Min();
        var strands = open.SelectMany(r => r.NoStrands).Distinct().Order().Select(s => s.Say()).ToList();
        return gaits
            + (
                double.IsPositiveInfinity(most) ? ""
                : most == 0 ? ", no fence"
                : FormattableString.Invariant($", fences to {most:0.00} m")
            )
            + (strands.Count == 0 ? "" : $"; no {string.Join(", no ", strands)}");
    }
}
