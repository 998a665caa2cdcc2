using System.Globalization;
using System.Text.Json.Serialization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>A fault of a plan, with its reason and its mends.</summary>
/// <param name="Rule">The check that speaks.</param>
/// <param name="Says">What is wrong.</param>
/// <param name="Mend">What to do about it.</param>
/// <param name="Hard">A hard fault cannot be planned round: the session is not kept.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record PlanFault(string Rule, string Says, string Mend, bool Hard, Why Why)
{
    /// <summary>What mends it at one stroke, the likeliest first; none where only a person can.</summary>
    public IReadOnlyList<Mend> Mends { get; init; } = [];

    /// <summary>The rung on which a trainer who knows better may place the horse; null where that would not mend it.</summary>
    public string? PlaceOn { get; init; }

    /// <summary>The trainer's word why a soft fault stays; null where nobody has kept it.</summary>
    public string? KeptBecause { get; init; }

    /// <summary>Its place in the one order of gravity.</summary>
    [JsonIgnore]
    public Gravity Gravity { get; init; }
}

/// <summary>What a rule finds amiss in a plan.</summary>
/// <param name="Says">What is wrong.</param>
/// <param name="Mend">What to do about it.</param>
/// <param name="Inputs">What that rests on.</param>
internal sealed record Amiss(string Says, string Mend, IReadOnlyList<Input> Inputs)
{
    /// <summary>It cannot be planned round.</summary>
    public bool Hard { get; init; }

    /// <summary>Where its limit comes from, where that depends on the horse.</summary>
    public Source? Source { get; init; }

    /// <summary>Its reason, where another rule has given it.</summary>
    public Why? Why { get; init; }

    /// <summary>The rung on which a trainer may place the horse instead.</summary>
    public string? PlaceOn { get; init; }
}

/// <summary>One rule of a plan, asked while it is planned.</summary>
/// <param name="Rule">What holds.</param>
/// <param name="Look">What it finds amiss, or nothing.</param>
/// <param name="Mends">What mends it at one stroke, the likeliest first; null where only a person can.</param>
internal sealed record PlanRule(Rule Rule, Func<PlanContext, Amiss?> Look, Func<PlanContext, IEnumerable<Mend>>? Mends = null) : IAsked
{
    /// <summary>Kept with every word that overrules it; it never changes its meaning.</summary>
    public string Name => Look.Method.Name;

    public IReadOnlyList<Moment> Moments => [Moment.Planning];

    /// <summary>How many days before the plan's it looks at what was done or is planned there.</summary>
    public int DaysBack { get; init; }

    /// <summary>How many days after it.</summary>
    public int DaysAhead { get; init; }

    /// <summary>How many days before it what stood is looked at.</summary>
    public int LayoutDaysBack { get; init; }

    /// <summary>A mend that would leave nothing to do is not offered.</summary>
    public PlanFault? In(PlanContext context) =>
        Look(context) is { } amiss
            ? new PlanFault(
                Name,
                amiss.Says,
                amiss.Mend,
                amiss.Hard,
                amiss.Why ?? Why.Of(Rule.Says, amiss.Inputs, amiss.Source ?? Rule.Source)
            )
            {
                Gravity = Rule.Gravity,
                PlaceOn = amiss.PlaceOn,
                Mends = [.. (Mends?.Invoke(context) ?? []).Where(m => m.Entry.Parts is { Count: > 0 })],
            }
            : null;
}

/// <summary>The faults a plan can have. One small check each.</summary>
public static class PlanChecks
{
    /// <summary>The check that speaks of feet, which lists that show the feet themselves leave out.</summary>
    public const string OfFeet = nameof(TackChecks.OverdueFeet);

    internal static readonly IReadOnlyList<PlanRule> All =
    [
        .. CautionChecks.All,
        .. ShapeChecks.All,
        .. OutlineChecks.All,
        .. LegChecks.All,
        .. DaysChecks.All,
        .. TestChecks.All,
        .. GroundChecks.All,
        .. ChangeChecks.All,
        .. TackChecks.All,
    ];

    /// <summary>So many days before a plan's day are looked at by some rule, and whoever loads for them asks here.</summary>
    public static int DaysBack { get; } = All.Max(r => r.DaysBack);

    /// <summary>So many days after it.</summary>
    public static int DaysAhead { get; } = All.Max(r => r.DaysAhead);

    /// <summary>What stood so many days before it.</summary>
    public static int LayoutDaysBack { get; } = All.Max(r => r.LayoutDaysBack);

    /// <summary>Every fault of a plan: hard ones first, those kept with a word last, and of each the gravest first.</summary>
    public static IReadOnlyList<PlanFault> Check(PlanContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        return
        [
            .. All.Select(rule => rule.In(context))
                .OfType<PlanFault>()
                .Select(f => f.Hard ? f : f with { KeptBecause = context.Plan.KeptFaults.FirstOrDefault(k => k.Rule == f.Rule)?.Word })
                .OrderByDescending(f => f.Hard)
                .ThenBy(f => f.KeptBecause is not null)
                .ThenBy(f => f.Gravity),
        ];
    }

    /// <summary>The walk this horse needs before anything else, in minutes.</summary>
    public static Why WalkFirstNeeded(int age, double? temperatureC, out int minutes)
    {
        var byAge =
            age >= 18 ? SessionFigures.WalkFirstFrom18
            : age >= 15 ? SessionFigures.WalkFirstFrom15
            : SessionFigures.WalkFirst;
        var cold = temperatureC < SessionFigures.Cold.Value;
        minutes = byAge.Value + (cold ? SessionFigures.ColdWalkMore.Value : 0);
        var inputs = new List<string> { $"age {age}: {byAge.Value} minutes" };
        if (cold)
        {
            inputs.Add(string.Create(CultureInfo.InvariantCulture, $"{temperatureC:0.#} °C: {SessionFigures.ColdWalkMore.Value} more"));
        }

        return new Why("Walk first, loose, both reins: joints and soft tissue need it", inputs, byAge.Source);
    }

    internal static Input Aged(PlanContext c) => $"age {c.Age}, counted from 1 January {c.Horse.Foaled}";

    internal static string Minutes(string format, double minutes)
    {
        var said = string.Format(CultureInfo.InvariantCulture, format.Replace("{0}", "{0:0.#}", StringComparison.Ordinal), minutes);
        return minutes == 1 ? said.Replace("1 minutes", "1 minute", StringComparison.Ordinal) : said;
    }

    /// <summary>The same as what a reason rests on.</summary>
    internal static Input InMinutes(string format, double minutes) => new(Minutes(format, minutes), [minutes]);

    internal static string Ordinal(int n) =>
        n switch
        {
            2 => "second",
            3 => "third",
            4 => "fourth",
            5 => "fifth",
            6 => "sixth",
            7 => "seventh",
            _ => $"{n}th",
        };

    internal static Amiss Stop(string says, string mend, IReadOnlyList<Input> inputs, Source? source = null) =>
        Fault(says, mend, inputs, source) with
        {
            Hard = true,
        };

    internal static Amiss Fault(string says, string mend, IReadOnlyList<Input> inputs, Source? source = null) =>
        new(says, mend, inputs) { Source = source };

    internal static Amiss Fault(string says, string mend, Why why) => new(says, mend, why.Typed) { Why = why };
}
