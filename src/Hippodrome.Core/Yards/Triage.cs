namespace Hippodrome.Core.Yards;

/// <summary>Where a horse stands in the morning's list.</summary>
public enum TodayPlace
{
    /// <summary>Somebody has to say something before it is worked, or about why it is not.</summary>
    AWordFirst,

    /// <summary>It is to be worked.</summary>
    ToWork,

    /// <summary>All of its day is done.</summary>
    Done,

    /// <summary>Nothing is planned.</summary>
    Nothing,
}

/// <summary>What waits for a word, the gravest first.</summary>
public enum Waits
{
    /// <summary>A fall that nobody has asked after.</summary>
    Fall,

    /// <summary>It is held.</summary>
    Hold,

    /// <summary>Its plan cannot be ridden as it is.</summary>
    HardFault,

    /// <summary>Somebody was asked to look at it, and has not answered.</summary>
    Referral,

    /// <summary>A verdict that asks for something.</summary>
    Verdict,

    /// <summary>Gates of a return that nobody has answered.</summary>
    Gate,

    /// <summary>Nothing written for weeks: off, or not written down?</summary>
    Silence,

    /// <summary>Its plan has a fault that nobody has kept or mended.</summary>
    SoftFault,
}

/// <summary>Where a horse stands in the morning's list, and what it waits for.</summary>
/// <param name="Place">Its place.</param>
/// <param name="Waits">What waits for a word, the gravest first; nothing where nothing does.</param>
public sealed record Triage(TodayPlace Place, IReadOnlyList<Waits> Waits)
{
    /// <summary>What needs a word first, then the work, then what is done; a plan without a helper's hour goes by its own.</summary>
    /// <param name="waits">What waits, in any order.</param>
    /// <param name="sessions">Whether each of its sessions today has been ridden; what its block has placed is one that has not.</param>
    public static Triage Of(IEnumerable<Waits> waits, IReadOnlyCollection<bool> sessions)
    {
        ArgumentNullException.ThrowIfNull(sessions);
        List<Waits> inOrder = [.. waits.Distinct().Order()];
        return new Triage(
            inOrder.Count > 0 ? TodayPlace.AWordFirst
                : sessions.Contains(false) ? TodayPlace.ToWork
                : sessions.Count > 0 ? TodayPlace.Done
                : TodayPlace.Nothing,
            inOrder
        );
    }

    /// <summary>Horses in the order of the morning: by place, by what is gravest, by the hour they begin, by name.</summary>
    public static IOrderedEnumerable<T> InOrder<T>(
        IEnumerable<T> horses,
        Func<T, Triage> triage,
        Func<T, TimeOnly?> begins,
        Func<T, string> name
    ) =>
        horses
            .OrderBy(h => triage(h).Place)
            .ThenBy(h => triage(h).Waits.Select(w => (int)w).DefaultIfEmpty(int.MaxValue).First())
            .ThenBy(h => begins(h) ?? TimeOnly.MaxValue)
            .ThenBy(name, StringComparer.Ordinal);
}
