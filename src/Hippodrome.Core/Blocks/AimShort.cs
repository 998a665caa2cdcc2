using Hippodrome.Core.Aims;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>
/// Where a block that is ridden as planned still comes to less than its aim asks, it says so: speed and minutes of its sets, and
/// the rung for the height. It is never filled with weeks as if they were enough.
/// </summary>
public static class AimShort
{
    public static IReadOnlyList<string> Of(PlanningCase planned, IReadOnlyList<BlockWeek> weeks)
    {
        ArgumentNullException.ThrowIfNull(planned);
        ArgumentNullException.ThrowIfNull(weeks);
        return planned.Block.Aim is not { } aim
            ? []
            :
            [
                .. new[]
                {
                    Speed(planned.Block.Sets?.Level, aim, weeks),
                    Minutes(planned.Block.Sets?.Level, aim, weeks),
                    Height(planned, aim, weeks),
                }.OfType<string>(),
            ];
    }

    private static CanterSets? LastSets(Aim aim, IReadOnlyList<BlockWeek> weeks) =>
        weeks
            .SelectMany(w => w.Sessions)
            .Where(s => s.On < aim.On)
            .OrderBy(s => s.On)
            .Select(s => s.Sets)
            .OfType<CanterSets>()
            .LastOrDefault();

    private static string? Speed(Level? level, Aim aim, IReadOnlyList<BlockWeek> weeks) =>
        level is not null && LastSets(aim, weeks) is { } last && last.Speed < level.LeastSpeed
            ? $"{aim.Name} is ridden at {level.LeastSpeed} m/min, and by then its sets come to {last.Speed}: begin earlier, or go a level lower."
            : null;

    /// <summary>Half of the level's minutes at speed in one session, as readiness asks it.</summary>
    private static string? Minutes(Level? level, Aim aim, IReadOnlyList<BlockWeek> weeks) =>
        level?.LeastMinutes is { } asked && LastSets(aim, weeks) is { } last && last.WorkMinutes * 2 < asked
            ? FormattableString.Invariant(
                $"{aim.Name} lasts {asked} minutes at speed, and by then a session of sets comes to {last.WorkMinutes:0.#}: half of it is the least."
            )
            : null;

    private static string? Height(PlanningCase planned, Aim aim, IReadOnlyList<BlockWeek> weeks)
    {
        if (aim.Height is not { } height)
        {
            return null;
        }

        var asked = ImpliedRungs.AtHeight(height.Metres);
        var expected = weeks
            .Where(w => w.Monday <= aim.On)
            .SelectMany(w => w.Rungs)
            .Select(r => Catalogue.Rung(r.RungId))
            .LastOrDefault(r => r.Strand == Strand.Jumping);
        var stands = planned.Horse.Places[Strand.Jumping];
        var by = expected is null || stands?.Step > expected.Step ? stands : expected;
        return by is not null && by.Step >= asked.Step
            ? null
            : $"{aim.Name} asks for “{asked.Name}”, and by then it is expected on “{by?.Name ?? "no rung of jumping"}”: there is not the time in these weeks if it climbs as most do.";
    }
}
