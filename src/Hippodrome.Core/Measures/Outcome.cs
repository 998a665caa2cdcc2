using System.Diagnostics.CodeAnalysis;
using System.Globalization;

namespace Hippodrome.Core.Measures;

/// <summary>Something typed that cannot be so: the field, what is wrong, and how to mend it.</summary>
public sealed record Fault(string Field, string Says, string Mend);

/// <summary>
/// Either a value that is right, or every fault found in what was typed. Of what was kept before there is always a
/// value, and the faults are what today's rules remark on it.
/// </summary>
public sealed class Outcome<T>
    where T : class
{
    private Outcome(T? value, IReadOnlyList<Fault> faults) => (Value, Faults) = (value, faults);

    public T? Value { get; }

    public IReadOnlyList<Fault> Faults { get; }

    [MemberNotNullWhen(true, nameof(Value))]
    public bool IsFine => Value is not null;

    internal static Outcome<T> Fine(T value) => new(value, []);

    internal static Outcome<T> Kept(T value, IReadOnlyList<Fault> remarks) => new(value, remarks);

    internal static Outcome<T> Wrong(IReadOnlyList<Fault> faults) => new(null, faults);

    /// <summary>The value, where the caller knows it to be right (read back from our own store, or demo data).</summary>
    /// <exception cref="InvalidOperationException">It was not right after all: a fault of the program.</exception>
    public T OrThrow() => Value ?? throw new InvalidOperationException(string.Join("; ", Faults.Select(f => $"{f.Field}: {f.Says}")));
}

/// <summary>Collects the faults of one entry, so that a person hears all of them at once.</summary>
public sealed class Checks
{
    private readonly List<Fault> _faults = [];
    private readonly bool _kept;

    /// <summary>Checks what is being typed.</summary>
    public Checks() { }

    private Checks(bool kept) => _kept = kept;

    /// <summary>
    /// Reads what was typed and kept before, whatever the rules have become since: values stay as they are, and
    /// what today's rules would refuse is remarked on.
    /// </summary>
    public static Checks Of(bool kept) => new(kept);

    public IReadOnlyList<Fault> Faults => _faults;

    /// <summary>Whether this is read from what was kept, and not typed just now.</summary>
    internal bool IsKept => _kept;

    public void Add(string field, string says, string mend) => _faults.Add(new Fault(field, says, mend));

    public void AddRange(IEnumerable<Fault> faults) => _faults.AddRange(faults);

    /// <summary>Records a fault unless <paramref name="holds"/>.</summary>
    public void That(bool holds, string field, string says, string mend)
    {
        if (!holds)
        {
            Add(field, says, mend);
        }
    }

    /// <summary>A text that must be there, trimmed, at most <paramref name="longest"/> characters.</summary>
    public string Text(string field, string? typed, int longest)
    {
        var text = OptionalText(field, typed, longest);
        That(text.Length > 0 || HasFault(field), field, "This is empty.", "Write something here.");
        return text;
    }

    /// <summary>A text that may be left out.</summary>
    public string OptionalText(string field, string? typed, int longest)
    {
        var text = (typed ?? "").Trim();
        That(text.Length <= longest, field, $"This is {text.Length} characters long.", $"Keep it to {longest} characters.");
        That(
            !text.Any(c => char.IsControl(c) && c is not ('\n' or '\r' or '\t')),
            field,
            "There is a character in this that cannot be shown.",
            "Type it again by hand."
        );
        return text;
    }

    /// <summary>
    /// A number within bounds, both included; NaN and infinity are never within. What it answers is always
    /// within, so that nothing built from it while more faults are collected can be impossible.
    /// </summary>
    public double Number(string field, double? typed, double least, double most, string unit)
    {
        if (typed is null)
        {
            Add(
                field,
                "This is empty.",
                $"Give a number from {Say(least)} to {Say(most)} {unit}.".Replace(" .", ".", StringComparison.Ordinal)
            );
        }
        else if (!(typed >= least && typed <= most))
        {
            Add(
                field,
                $"{Say(typed.Value)} {unit} cannot be right.".Replace("  ", " ", StringComparison.Ordinal),
                $"Give a number from {Say(least)} to {Say(most)} {unit}.".Replace(" .", ".", StringComparison.Ordinal)
            );
        }

        return typed is { } value && ((value >= least && value <= most) || (_kept && double.IsFinite(value))) ? value : least;
    }

    public int Whole(string field, int? typed, int least, int most, string unit) => (int)Number(field, typed, least, most, unit);

    /// <summary>The lines of a list, at most so many and none of them empty.</summary>
    public IReadOnlyList<T> Lines<T>(string field, IReadOnlyList<T>? typed, int most)
        where T : class
    {
        var lines = (typed ?? []).OfType<T>().ToList();
        That(lines.Count == (typed?.Count ?? 0), field, "There is an empty line in this.", "Take it out, or fill it in.");
        That(lines.Count <= most, field, $"There are {lines.Count} of these.", $"Keep to {most}.");
        return lines;
    }

    /// <summary>A choice that must be made.</summary>
    public TEnum Choice<TEnum>(string field, TEnum? typed)
        where TEnum : struct, Enum
    {
        That(typed is { } chosen && Enum.IsDefined(chosen), field, "Nothing is chosen here.", "Choose one.");
        return typed.GetValueOrDefault();
    }

    /// <summary>The value if nothing was wrong, else the faults.</summary>
    public Outcome<T> Outcome<T>(Func<T> build)
        where T : class
    {
        ArgumentNullException.ThrowIfNull(build);
        return _kept ? Measures.Outcome<T>.Kept(build(), _faults)
            : _faults.Count == 0 ? Measures.Outcome<T>.Fine(build())
            : Measures.Outcome<T>.Wrong(_faults);
    }

    private bool HasFault(string field) => _faults.Exists(f => f.Field == field);

    private static string Say(double number) =>
        Math.Abs(number) < 1e6
            ? number.ToString("0.##", CultureInfo.InvariantCulture)
            : number.ToString("0.#E0", CultureInfo.InvariantCulture);
}
