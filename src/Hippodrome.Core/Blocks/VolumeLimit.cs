using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Blocks;

/// <summary>
/// What restrictions and growth leave of a week: a gait that is out has no minutes, one that comes back begins small,
/// and the week grows no faster than it may. Nothing here ever adds a minute.
/// </summary>
internal sealed class VolumeLimit(HorseNow horse, MinutesByGait now)
{
    private MinutesByGait _before = now;
    private MinutesByGait? _beforeThat;

    /// <summary>Gaits that are still less than the curve would have them, since they were out.</summary>
    private IReadOnlyList<Gait> _behind = [];

    public WeekTarget Allowed(WeekTarget target)
    {
        // After a lighter week growth is measured against the week before it.
        var measure = _beforeThat is { } full && _before.Total <= LoadFigures.LighterWeek.Value * full.Total ? full : _before;
        var minutes = Left(target, measure);
        _behind =
        [
            .. minutes.Trot < target.Minutes.Trot ? [Gait.Trot] : (Gait[])[],
            .. minutes.Canter < target.Minutes.Canter ? [Gait.Canter] : (Gait[])[],
        ];
        (_beforeThat, _before) = (_before, minutes);
        return minutes == target.Minutes ? target : Lessened(target, minutes);
    }

    private MinutesByGait Left(WeekTarget target, MinutesByGait measure)
    {
        var minutes = target.Minutes.Without(g => horse.IsOut(g, target.Monday));
        if (target.Ramp is not null)
        {
            return minutes;
        }

        var back = BlockFigures.TrotMinutesMore.Value * Math.Max(1, target.Sessions);
        minutes = minutes with
        {
            Trot = _behind.Contains(Gait.Trot) ? Math.Min(minutes.Trot, Math.Max(measure.Trot, _before.Trot) + back) : minutes.Trot,
            Canter = _behind.Contains(Gait.Canter)
                ? Math.Min(minutes.Canter, Math.Max(measure.Canter, _before.Canter) + back)
                : minutes.Canter,
        };
        if (target.Number == 1 || measure.Total == 0)
        {
            return minutes;
        }

        var most = (int)Math.Floor((measure.Total * (1 + LoadFigures.WeeklyGrowth.Value)) + 1e-9);
        return Cut(minutes, minutes.Total - most, measure);
    }

    private WeekTarget Lessened(WeekTarget target, MinutesByGait minutes)
    {
        var least = BlockFigures.LeastMinutes.Value;
        var room = target.Ramp is not null ? (minutes.Total > 0 ? target.Sessions : 0) : (minutes.Total + least - 1) / least;
        var less = $"{target.Minutes.Total - minutes.Total} minutes less: {Because(target.Cause.Out)}";
        return target with
        {
            Sessions = Math.Min(target.Sessions, room),
            Goal = target.Goal with { Minutes = minutes, Rises = Rise.Nothing },
            Ramp = target.Ramp is { } ramp ? ramp with { Each = ramp.Each.Without(g => horse.IsOut(g, target.Monday)) } : null,
            Sets = minutes.Canter < target.Minutes.Canter ? null : target.Sets,
            Why = target.Why with { Inputs = [.. target.Why.Inputs, less] },
        };
    }

    private static string Because(IReadOnlyList<Gait> gaits) =>
        gaits.Count > 0
            ? $"no {string.Join(" and ", gaits.Select(g => g.ToString().ToLowerInvariant()))} while it is restricted"
            : "a gait or a week that was less comes back by steps";

    /// <summary>Less by so many minutes: first of what walk and trot have grown, then of canter, trot and walk.</summary>
    private static MinutesByGait Cut(MinutesByGait minutes, int by, MinutesByGait measure)
    {
        int Take(int most)
        {
            var taken = Math.Clamp(by, 0, Math.Max(0, most));
            by -= taken;
            return taken;
        }

        var walk = minutes.Walk - Take(minutes.Walk - measure.Walk);
        var trot = minutes.Trot - Take(minutes.Trot - measure.Trot);
        var canter = minutes.Canter - Take(minutes.Canter);
        trot -= Take(trot);
        return new MinutesByGait(walk - Take(walk), trot, canter);
    }
}
