using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Verdicts;

/// <summary>What this horse shows again and again stands first among the signs at the rail.</summary>
public static class RepeatedSigns
{
    /// <summary>The same parts, each with the horse's own repeats before what its kind of work is likeliest to show.</summary>
    /// <param name="parts">The parts of a plan.</param>
    /// <param name="records">Its last rides.</param>
    public static IReadOnlyList<RailPart> First(IReadOnlyList<RailPart> parts, IEnumerable<RideRecord> records)
    {
        ArgumentNullException.ThrowIfNull(parts);
        ArgumentNullException.ThrowIfNull(records);
        var repeated = records
            .SelectMany(r => r.Rail.Signs.Where(s => !s.Mine).Select(s => s.Sign).Distinct())
            .CountBy(s => s)
            .Where(s => s.Value >= VerdictFigures.RepeatsFrom.Value)
            .OrderByDescending(s => s.Value)
            .ThenBy(s => s.Key)
            .Take(VerdictFigures.RepeatsShown.Value)
            .Select(s => s.Key)
            .ToList();
        return [.. parts.Select(p => p with { Signs = [.. repeated.Where(p.Signs.Contains), .. p.Signs.Except(repeated)] })];
    }
}
