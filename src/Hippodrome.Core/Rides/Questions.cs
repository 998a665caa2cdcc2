using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Rides;

/// <summary>A kind of question across country.</summary>
public enum QuestionKind
{
    Water,
    Step,
    Drop,
    Ditch,
    Narrow,
    Log,
    Corner,
    Combination,
    FenceInWater,
}

/// <summary>The way it is ridden: the same question from the other side is another question.</summary>
public enum QuestionWay
{
    Up,
    Down,
    In,
    Out,
    FromLeft,
    FromRight,
}

/// <summary>How it was answered.</summary>
public enum QuestionHow
{
    Boldly,
    Looked,
    Leapt,

    /// <summary>Stalled, and went.</summary>
    Stalled,
    Refused,
    RanOutLeft,
    RanOutRight,
}

/// <summary>A question across country, ridden once.</summary>
public sealed record QuestionRidden(Guid Id, DateTimeOffset At, QuestionKind Question, QuestionWay Way, QuestionHow How) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) { }

    /// <summary>Something is jumped in it; into water and up or down a step a horse may walk.</summary>
    internal bool IsJumped => Question is not (QuestionKind.Water or QuestionKind.Step);
}

/// <summary>How it went from one fence to the next.</summary>
public enum TravelHow
{
    Smooth,
    Steadied,
    StrungOut,
}

/// <summary>From one fence to the next across country.</summary>
public sealed record Travelled(Guid Id, DateTimeOffset At, TravelHow How) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) { }
}

/// <summary>One question of a ride, each way of it by itself.</summary>
/// <param name="Question">Which.</param>
/// <param name="Way">The way it was ridden.</param>
/// <param name="Goes">How each go went, the first first.</param>
public sealed record QuestionTold(QuestionKind Question, QuestionWay Way, IReadOnlyList<QuestionHow> Goes)
{
    /// <summary>The third easy go in a row says it is understood, the fourth where it looked at one of them (common practice).</summary>
    public bool IsUnderstood
    {
        get
        {
            var easy = Goes.Reverse().TakeWhile(g => g is QuestionHow.Boldly or QuestionHow.Looked).ToList();
            return easy.Count >= RideFigures.EasyGoes.Value + (easy.Take(RideFigures.EasyGoes.Value).Contains(QuestionHow.Looked) ? 1 : 0);
        }
    }

    internal static IReadOnlyList<QuestionTold> Of(IEnumerable<RideEvent> events) =>
        [
            .. events
                .OfType<QuestionRidden>()
                .GroupBy(q => (q.Question, q.Way))
                .Select(g => new QuestionTold(g.Key.Question, g.Key.Way, [.. g.Select(q => q.How)])),
        ];
}
