using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>
/// The rungs a horse is expected to stand on, week by week, if all goes well: a rung takes a few sessions, and the
/// next one opens only when what it rests on has been reached and the horse is old enough.
/// </summary>
internal sealed class RungsExpected
{
    private readonly PlanningCase _case;
    private readonly Dictionary<Strand, int> _had = [];
    private readonly List<RungMove> _moves;
    private Places _places;

    public RungsExpected(PlanningCase planned)
    {
        _case = planned;
        _moves = [.. Catalogue.Strands.Where(s => planned.Horse.Places[s] is not null).Select(s => Move(s, planned.Horse.Places[s]!))];
        _places = Places.From(_moves);
    }

    /// <summary>One rung down on every ladder in the saddle, after missed days.</summary>
    public void OneBack(DateOnly on)
    {
        _moves.AddRange(_places.AfterLameness("missed days", on));
        _places = Places.From(_moves);
        _had.Clear();
    }

    /// <summary>Rungs of a week, by the strands its kinds of session work on, before any of them is ridden.</summary>
    public IReadOnlyList<RungExpected> Week(WeekTarget target, IReadOnlyDictionary<SessionKind, int> sessions)
    {
        var rungs = new List<RungExpected>();
        foreach (var (strand, n) in Strands(sessions))
        {
            if (RungOf(strand, target.Monday) is not { } rung)
            {
                continue;
            }

            var need = rung.SessionsToGoUp.Value * BlockFigures.SlackOfRungs.Value;
            rungs.Add(
                new RungExpected(
                    rung.Id,
                    Why.Of(
                        "A rung is climbed on evidence; this is where it is expected to be if all goes well",
                        [
                            _places[strand] is null
                                ? "not begun yet: the first rung"
                                : $"{_had.GetValueOrDefault(strand)} of about {need} sessions on it before this week",
                        ],
                        BlockFigures.SlackOfRungs.Source
                    )
                )
            );
            Ride(strand, rung, n, need, target);
        }

        return rungs;
    }

    private IEnumerable<(Strand Strand, int Sessions)> Strands(IReadOnlyDictionary<SessionKind, int> sessions)
    {
        foreach (var (kind, n) in sessions.Where(s => s.Value > 0).OrderBy(s => s.Key))
        {
            // A focus strand of the same kind of session goes before the kind's own ladder.
            var focus = _case.Block.Focus.Where(f => f.Kind() == kind).Select(f => (Strand?)f).FirstOrDefault();
            if ((focus ?? kind.Strand()) is { } strand)
            {
                yield return (strand, n);
            }
        }
    }

    private Rung? RungOf(Strand strand, DateOnly on)
    {
        var rung = _places[strand] ?? Catalogue.Ladder(strand)[0];
        return _case.Horse.Horse.Age(on) >= rung.YoungestAge.Value ? rung : null;
    }

    private void Ride(Strand strand, Rung rung, int sessions, int need, WeekTarget target)
    {
        _had[strand] = _had.GetValueOrDefault(strand) + sessions;
        var climbs =
            _had[strand] >= need && !target.Goal.Lighter && target.Phase is not (BlockPhase.RunIn or BlockPhase.Walk or BlockPhase.Stage);
        if (climbs && Catalogue.Above(rung) is { } above && _places.Missing(above, _case.Horse.Horse.Age(target.Monday)).Count == 0)
        {
            _had[strand] = 0;
            _moves.Add(Move(strand, above));
        }
        else if (_places[strand] is null)
        {
            _moves.Add(Move(strand, rung));
        }

        _places = Places.From(_moves);
    }

    private static RungMove Move(Strand strand, Rung rung) => new(strand, rung.Id, MoveKind.ByHand, "", default);
}
