using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Blocks;

/// <summary>Whole minutes in walk, trot and canter; gallop counts as canter.</summary>
public sealed record MinutesByGait(int Walk, int Trot, int Canter)
{
    public static MinutesByGait None { get; } = new(0, 0, 0);

    public int Total => Walk + Trot + Canter;

    public static MinutesByGait operator +(MinutesByGait a, MinutesByGait b) => new(a.Walk + b.Walk, a.Trot + b.Trot, a.Canter + b.Canter);

    /// <summary>So many times the same.</summary>
    public static MinutesByGait operator *(MinutesByGait each, int times) => new(each.Walk * times, each.Trot * times, each.Canter * times);

    public static MinutesByGait Sum(IEnumerable<MinutesByGait> all) => all.Aggregate(None, (a, b) => a + b);

    /// <summary>A share of every gait, each rounded down, so that a cut is never smaller than it says.</summary>
    public MinutesByGait Times(double share) => new((int)(Walk * share), (int)(Trot * share), (int)(Canter * share));

    /// <summary>Without the gaits that are out.</summary>
    public MinutesByGait Without(Func<Gait, bool> isOut) =>
        new(isOut(Gait.Walk) ? 0 : Walk, isOut(Gait.Trot) ? 0 : Trot, isOut(Gait.Canter) ? 0 : Canter);

    /// <summary>
    /// A whole number shared out by weights so that the shares add up to it: each gets its rounded-down part, and
    /// what is left goes one by one to the largest remainders (Hamilton's method), the earlier first.
    /// </summary>
    public static IReadOnlyList<int> Shared(int whole, IReadOnlyList<double> weights)
    {
        ArgumentNullException.ThrowIfNull(weights);
        var sum = weights.Sum();
        if (whole <= 0 || sum <= 0)
        {
            return [.. weights.Select(_ => 0)];
        }

        var exact = weights.Select(w => whole * w / sum).ToList();
        var shares = exact.ConvertAll(e => (int)Math.Floor(e));
        foreach (
            var i in Enumerable
                .Range(0, weights.Count)
                .OrderByDescending(i => exact[i] - shares[i])
                .ThenBy(i => i)
                .Take(whole - shares.Sum())
        )
        {
            shares[i]++;
        }

        return shares;
    }
}
