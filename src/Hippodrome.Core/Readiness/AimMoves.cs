using Hippodrome.Core.Aims;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Readiness;

/// <summary>What of an aim, or of the work towards it, is moved.</summary>
public enum AimMoveKind
{
    /// <summary>A level lower on that day.</summary>
    Level,

    /// <summary>The same later.</summary>
    Date,

    /// <summary>A day of work more in the week.</summary>
    Days,

    /// <summary>Somebody on the ground on more days.</summary>
    Help,
}

/// <summary>A move that was tried, and what it comes to.</summary>
/// <param name="Kind">What is moved.</param>
/// <param name="Says">What would be done.</param>
/// <param name="Time">Whether there is time then.</param>
/// <param name="Last">The demand that is last then; null where all are met.</param>
/// <param name="Level">Of a level lower: which.</param>
/// <param name="HeightMetres">Its height, where it has one.</param>
/// <param name="On">Of a later day: which.</param>
public sealed record AimMove(
    AimMoveKind Kind,
    string Says,
    InTime Time,
    string? Last,
    string? Level = null,
    double? HeightMetres = null,
    DateOnly? On = null
)
{
    public static AimMove Of(AimMoveKind kind, string says, AimReadiness readiness)
    {
        ArgumentNullException.ThrowIfNull(readiness);
        return new(kind, says, readiness.Time, readiness.Last?.Readiness.Demand.Name);
    }
}

/// <summary>The moves of an aim itself that gain time; those of the work towards it are planned.</summary>
public static class AimMoves
{
    public static readonly Figure<int> MostWeeksLater = Figure.Chosen(
        "An aim is moved later by at most",
        26,
        "weeks",
        "half a year: further off it is another aim"
    );

    /// <summary>
    /// The nearest lower level of its scheme for which there is time on that day; else the nearest for which there is more. Null
    /// where no lower one gains anything.
    /// </summary>
    public static AimMove? Lower(Aim aim, InTime now, Evidence evidence)
    {
        ArgumentNullException.ThrowIfNull(aim);
        AimMove? gains = null;
        for (
            var level = LevelDemands.Find(aim.Discipline, aim.Scheme, aim.Level);
            level is not null && gains?.Time != InTime.InTime;
            level = LevelDemands.Below(level)
        )
        {
            var then = AimReadiness.Of(aim.On, level.Demands, evidence);
            if (!level.Name.Equals(aim.Level, StringComparison.OrdinalIgnoreCase) && then.Time < (gains?.Time ?? now))
            {
                gains = AimMove.Of(AimMoveKind.Level, $"{level.Name} on that day", then) with
                {
                    Level = level.Name,
                    HeightMetres = level.HeightMetres,
                };
            }
        }

        return gains;
    }

    /// <summary>The first day, whole weeks later, for which there is time; null where half a year does not do it.</summary>
    public static AimMove? Later(Aim aim, IReadOnlyList<Demand> demands, InTime now, Evidence evidence)
    {
        ArgumentNullException.ThrowIfNull(aim);
        return now == InTime.InTime
            ? null
            : Enumerable
                .Range(1, MostWeeksLater.Value)
                .Select(weeks => (Weeks: weeks, On: aim.On.AddDays(7 * weeks)))
                .Select(d => (d.Weeks, d.On, Then: AimReadiness.Of(d.On, demands, evidence)))
                .Where(d => d.Then.Time == InTime.InTime)
                .Select(d =>
                    AimMove.Of(AimMoveKind.Date, $"{d.Weeks} {(d.Weeks == 1 ? "week" : "weeks")} later, the same level", d.Then) with
                    {
                        On = d.On,
                    }
                )
                .FirstOrDefault();
    }
}
