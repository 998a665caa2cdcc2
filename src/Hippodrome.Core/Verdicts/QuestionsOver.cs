using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>A question across country over rides, each way of it by itself.</summary>
/// <param name="Question">Which.</param>
/// <param name="Way">The way it was ridden.</param>
/// <param name="Easy">Goes that were easy: boldly, or looked and went.</param>
/// <param name="Goes">Goes in all.</param>
/// <param name="UnderstoodOn">Days on which it was understood.</param>
public sealed record QuestionsOver(QuestionKind Question, QuestionWay Way, int Easy, int Goes, IReadOnlyList<DateOnly> UnderstoodOn)
{
    /// <summary>Every question that was ridden; rides in any order.</summary>
    public static IReadOnlyList<QuestionsOver> Of(IEnumerable<RiddenOnce> rides)
    {
        ArgumentNullException.ThrowIfNull(rides);
        return
        [
            .. rides
                .SelectMany(r => r.Record.Rail.Questions.Select(q => (r.On, Told: q)))
                .GroupBy(q => (q.Told.Question, q.Told.Way))
                .OrderBy(g => g.Key)
                .Select(g => new QuestionsOver(
                    g.Key.Question,
                    g.Key.Way,
                    g.Sum(q => q.Told.Goes.Count(go => go is QuestionHow.Boldly or QuestionHow.Looked)),
                    g.Sum(q => q.Told.Goes.Count),
                    [.. g.Where(q => q.Told.IsUnderstood).Select(q => q.On).Distinct().Order()]
                )),
        ];
    }
}
