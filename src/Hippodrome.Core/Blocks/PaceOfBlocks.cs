using Hippodrome.Core.Aims;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Readiness;

namespace Hippodrome.Core.Blocks;

/// <summary>How often each strand is worked: by the days a block has placed, or as the last four weeks had it.</summary>
public static class PaceOfBlocks
{
    private const int LatelyWeeks = 4;

    /// <param name="placed">Sessions placed by the block under way; none where there is no block.</param>
    /// <param name="rides">What was ridden lately.</param>
    /// <param name="today">Today.</param>
    public static PaceOfWork Of(IEnumerable<PlacedSession> placed, IEnumerable<RideShown> rides, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(placed);
        ArgumentNullException.ThrowIfNull(rides);
        var ahead = placed.Where(s => s.On >= today).OrderBy(s => s.On).ToList();
        if (ahead.Count == 0)
        {
            var lately = rides.Where(r => r.On > today.AddDays(-7 * LatelyWeeks));
            return new PaceOfWork(AWeek(lately.Select(r => (IEnumerable<Strand>)r.Strands), LatelyWeeks), false);
        }

        // The run-in is worked otherwise: the weeks before it say how often a strand comes. It is the block's own, so that the
        // pace of a horse does not hang on the day of the aim that is looked at.
        var building = ahead.FindAll(s => s.On < ahead[^1].On.AddDays(-AimFigures.RunInDays.Value));
        var read = building.Count > 0 ? building : ahead;
        return new PaceOfWork(AWeek(read.Select(Strands), Weeks(read)), true);
    }

    private static int Weeks(List<PlacedSession> placed) => (int)Math.Ceiling((placed[^1].On.DayNumber - placed[0].On.DayNumber + 1) / 7.0);

    private static IEnumerable<Strand> Strands(PlacedSession session) =>
        new[] { session.RungId is { } id ? Catalogue.Find(id)?.Strand : null, session.Kind.Strand(), OfKind(session.Kind) }
            .OfType<Strand>()
            .Distinct();

    private static Strand? OfKind(SessionKind kind) => kind == SessionKind.CanterWork ? Strand.Fitness : null;

    /// <summary>A day of flat can be one of changes, collection or sideways work, and a grid is a day of jumping.</summary>
    private static Dictionary<Strand, double> AWeek(IEnumerable<IEnumerable<Strand>> days, int weeks)
    {
        var counts = days.SelectMany(d => d.SelectMany(Widened).Distinct()).CountBy(s => s).ToDictionary();
        return counts.ToDictionary(c => c.Key, c => Math.Round((double)c.Value / weeks, 2));
    }

    private static IEnumerable<Strand> Widened(Strand strand) =>
        strand switch
        {
            Strand.Flatwork => [strand, Strand.Lateral, Strand.Changes, Strand.Collected],
            Strand.Lateral or Strand.Changes or Strand.Collected => [strand, Strand.Flatwork],
            Strand.Grids => [strand, Strand.Jumping],
            _ => [strand],
        };
}
