using System.Globalization;
using Hippodrome.Core.Care;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>What a rule saw.</summary>
/// <param name="Times">How much of it: at the rail what was answered is said again once there is more.</param>
/// <param name="Seen">In words.</param>
public sealed record Finding(double Times, string Seen)
{
    /// <param name="times">How much of it.</param>
    /// <param name="seen">In words.</param>
    /// <param name="inputs">What it rests on: sentences, whose numbers are kept with an answer.</param>
    public Finding(double times, string seen, params FormattableString[] inputs)
        : this(times, seen) => Inputs = [.. inputs.Select(Input.Of)];

    /// <param name="times">How much of it.</param>
    /// <param name="seen">In words.</param>
    /// <param name="inputs">What it rests on.</param>
    public Finding(double times, string seen, IReadOnlyList<Input> inputs)
        : this(times, seen) => Inputs = inputs;

    /// <summary>What it rests on.</summary>
    public IReadOnlyList<Input> Inputs { get; } = [];

    /// <summary>What to do, where it depends on what was seen.</summary>
    public string? Do { get; init; }

    /// <summary>What to say at the rail, where it depends on what was seen.</summary>
    public string? Says { get; init; }

    /// <summary>What it does to the next session, where that depends on what was seen.</summary>
    public SessionChange? Change { get; init; }

    /// <summary>Where its limit comes from, where that depends on what was seen.</summary>
    public Source? Source { get; init; }

    /// <summary>Its reason, where another rule has given it.</summary>
    public Why? Why { get; init; }
}

/// <summary>What is said at the rail.</summary>
/// <param name="Says">The line, large.</param>
/// <param name="Do">What to do.</param>
public sealed record RailLine(string Says, string Do)
{
    /// <summary>It is counted anew with each part of the plan.</summary>
    public bool InPart { get; init; } = true;

    /// <summary>"Not now" is offered.</summary>
    public bool CanWait { get; init; } = true;

    /// <summary>The ridden work ends with it.</summary>
    public bool EndsRide { get; init; }

    /// <summary>Nothing is jumped any more in this ride.</summary>
    public bool EndsJumping { get; init; }

    /// <summary>What following it changes in this ride, where that is not what it changes in the next session.</summary>
    public SessionChange? Now { get; init; }

    /// <summary>What was seen is said with it.</summary>
    public bool SaysWhatWasSeen { get; init; }
}

/// <summary>How far back a rule looks, where the ride at hand gives it a reason to.</summary>
/// <param name="Rides">Earlier rides it compares with.</param>
/// <param name="LegDays">Days of touches told by leg.</param>
/// <param name="When">The ride at hand gives a reason.</param>
public sealed record LookBack(int Rides, int LegDays, Func<RideRecord, bool> When)
{
    public static LookBack None { get; } = new(0, 0, _ => false);
}

/// <summary>
/// One small named rule of what a ride says. It is the same object at the rail and in the review; what it says at each
/// moment stands in it, and at a moment for which nothing stands there it is not asked.
/// </summary>
/// <param name="Name">Kept with every answer; it never changes its meaning.</param>
/// <param name="Rule">What holds.</param>
/// <param name="Word">The verdict in a word.</param>
/// <param name="Change">What accepting it does to the next session.</param>
public sealed record RideRule(string Name, Rule Rule, VerdictWord Word, SessionChange Change) : IAsked
{
    /// <summary>A rule that is asked of rides only.</summary>
    public RideRule(string name, Gravity gravity, VerdictWord word, SessionChange change, string because, Source source)
        : this(name, new Rule(gravity, because, source), word, change) { }

    /// <summary>Its place in the one order of gravity.</summary>
    public Gravity Gravity => Rule.Gravity;

    /// <summary>What it sees in a ride; nothing where it has nothing to say.</summary>
    public required Func<VerdictContext, Finding?> Look { get; init; }

    /// <summary>What to do after the ride; null where it does not speak then.</summary>
    public string? Do { get; init; }

    /// <summary>What is said at the rail; null where it does not speak there.</summary>
    public RailLine? Rail { get; init; }

    /// <summary>How far back it looks.</summary>
    public LookBack LooksBack { get; init; } = LookBack.None;

    /// <summary>Whom it refers to when it is accepted, and what waits till then.</summary>
    public Refers? Refers { get; init; }

    /// <summary>False for a fall and for lameness.</summary>
    public bool CanBeOverruled { get; init; } = true;

    /// <summary>A slip of schooling: where early slips are let go, the rail says nothing of it in the warm-up.</summary>
    public bool IsSlip => Gravity == Gravity.Adjust;

    /// <summary>The moments it may speak at.</summary>
    public IReadOnlyList<Moment> Moments =>
        [.. Rail is null ? (Moment[])[] : [Moment.Riding], .. Do is null ? (Moment[])[] : [Moment.Reviewing]];

    /// <summary>What it says of a whole ride.</summary>
    internal Verdict? Review(VerdictContext context) =>
        Do is null || Look(context) is not { } seen
            ? null
            : new Verdict(Name, Word, seen.Seen, seen.Do ?? Do, seen.Change ?? Change, CanBeOverruled, WhyOf(seen), Gravity)
            {
                Inputs = seen.Inputs,
                Refers = Refers,
            };

    /// <summary>What it says at the rail of what it saw there.</summary>
    internal RailAdvice AtTheRail(RailLine line, Finding seen) =>
        new(
            Name,
            seen.Says ?? line.Says,
            line.Do,
            line.SaysWhatWasSeen
                ? string.Create(CultureInfo.InvariantCulture, $"{char.ToUpperInvariant(seen.Seen[0])}{seen.Seen[1..]}.")
                : null,
            line.CanWait,
            line.EndsRide,
            WhyOf(seen)
        );

    private Why WhyOf(Finding seen) => seen.Why ?? Why.Of(Rule.Says, seen.Inputs, seen.Source ?? Rule.Source);
}

/// <summary>The ways in which most rules are written.</summary>
internal static class Rules
{
    /// <summary>A rule of the trade.</summary>
    public static RideRule Practice(
        string name,
        Gravity gravity,
        VerdictWord word,
        SessionChange change,
        string because,
        Func<VerdictContext, Finding?> look,
        string? @do,
        RailLine? rail = null
    ) =>
        new(name, gravity, word, change, because, Source.CommonPractice)
        {
            Look = look,
            Do = @do,
            Rail = rail,
        };

    /// <summary>A rule of the trade that speaks on a sign.</summary>
    public static RideRule OnSign(
        string name,
        Gravity gravity,
        VerdictWord word,
        SessionChange change,
        string because,
        Sign sign,
        string seen,
        string? @do,
        RailLine? rail = null
    ) => Practice(name, gravity, word, change, because, c => Saw(c.Record, sign, seen), @do, rail);

    /// <summary>A sign that was told, with the rein it was told on.</summary>
    public static Finding? Saw(RideRecord record, Sign sign, string seen)
    {
        var times = record.Counts.Signs.GetValueOrDefault(sign);
        var rein = record.Signs.FirstOrDefault(s => s.Sign == sign)?.Rein;
        return times == 0
            ? null
            : new Finding(
                times,
                seen,
                rein is null ? (FormattableString)$"{seen}" : $"{seen} on the {rein.ToString()!.ToLowerInvariant()} rein"
            );
    }

    /// <summary>A rule of the trade that speaks on any of a few signs, told by side and place.</summary>
    public static RideRule OnSigns(
        string name,
        Gravity gravity,
        VerdictWord word,
        SessionChange change,
        string because,
        Sign[] signs,
        string seen,
        string? @do,
        RailLine? rail = null
    ) => Practice(name, gravity, word, change, because, c => SawAny(c.Record, signs, seen), @do, rail);

    /// <summary>Signs that were told, by rein ridden, side and place: the three are never mixed.</summary>
    public static Finding? SawAny(RideRecord record, Sign[] signs, string seen)
    {
        var times = signs.Sum(s => record.Counts.Signs.GetValueOrDefault(s));
        return times == 0
            ? null
            : new Finding(
                times,
                seen,
                [
                    .. record
                        .Rail.Signs.Where(s => s.Counts && signs.Contains(s.Sign))
                        .CountBy(s => $"{s.Sign.Say()}{s.On()}")
                        .Select(s => (FormattableString)$"{s.Key} {Times(s.Value)}"),
                ]
            );
    }

    /// <summary>Askings that were answered with one of these words.</summary>
    public static Finding? Words(RideRecord record, string seen, params AttemptWord[] words) =>
        Of(record.Rail.Attempts.Where(a => !a.Mine && a.Word is { } word && words.Contains(word)), seen);

    /// <summary>Askings of a movement that were not answered.</summary>
    public static Finding? NotGiven(RideRecord record, Movement movement, string seen) =>
        Of(record.Rail.Attempts.Where(a => a is { Mine: false, Answered: HorseAnswer.Not } && a.Movement == movement), seen);

    /// <summary>Two findings as one: what was seen is said as the first has it.</summary>
    public static Finding? Also(Finding? first, Finding? second) =>
        first is null ? second
        : second is null ? first
        : new Finding(first.Times + second.Times, first.Seen, [.. first.Inputs, .. second.Inputs]);

    public static string List(IReadOnlyList<string> things) => string.Join(", ", things);

    private static Finding? Of(IEnumerable<Attempt> attempts, string seen)
    {
        var found = attempts.ToList();
        return found.Count == 0
            ? null
            : new Finding(
                found.Count,
                seen,
                [
                    .. found
                        .CountBy(a => $"{a.Movement.Say()}{a.OnSide()}{(a.Steps is { } n ? $", {n} steps" : "")}")
                        .Select(a => (FormattableString)$"{a.Key} {Times(a.Value)}"),
                ]
            );
    }

    public static string Times(int n) =>
        n switch
        {
            1 => "once",
            2 => "twice",
            _ => $"{n} times",
        };
}
