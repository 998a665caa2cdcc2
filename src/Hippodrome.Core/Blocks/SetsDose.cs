using Hippodrome.Core.Conditioning;

namespace Hippodrome.Core.Blocks;

/// <summary>
/// Sets of canter from week to week: they grow by half a minute to their longest, and then their speed rises to the level's.
/// </summary>
internal sealed class SetsDose(Sets? sets)
{
    private CanterSets? _dose = sets?.Now;

    /// <summary>There are sets.</summary>
    public bool Any => _dose is not null;

    /// <summary>They are not yet as fast as the level.</summary>
    public bool MayBeFaster => _dose is { } dose && sets is not null && dose.Speed < sets.Level.Speed;

    /// <summary>They last as long as sets may; what can still rise is their speed.</summary>
    public bool IsLongest => _dose is { } dose && dose.Minutes >= BlockFigures.LongestSet.Value;

    /// <summary>The next week's; null where there are none.</summary>
    public CanterSets? Next(Rise rises, bool oneFewer)
    {
        if (_dose is not { } dose || sets is null)
        {
            return null;
        }

        _dose = rises switch
        {
            Rise.Minutes => dose with
            {
                Minutes = Math.Min(BlockFigures.LongestSet.Value, dose.Minutes + BlockFigures.SetMinutesMore.Value),
            },
            Rise.Speed => dose with { Speed = Math.Min(Math.Max(dose.Speed, sets.Level.Speed), dose.Speed + BlockFigures.SpeedMore.Value) },
            _ => dose,
        };
        return oneFewer ? _dose with { Repeats = Math.Max(1, _dose.Repeats - 1) } : _dose;
    }
}
