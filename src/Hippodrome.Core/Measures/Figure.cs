using System.Globalization;

namespace Hippodrome.Core.Measures;

/// <summary>A number of the trade as <c>docs/sources.md</c> lists it.</summary>
public interface IFigure
{
    string Name { get; }

    string Shown { get; }

    Source Source { get; }
}

/// <summary>A number of the trade, kept beside its name, its unit and its source.</summary>
public sealed record Figure<T>(string Name, T Value, string Unit, Source Source) : IFigure
    where T : notnull
{
    public string Shown =>
        string.Create(CultureInfo.InvariantCulture, $"{(Value is double number ? Math.Round(number, 4) : Value)} {Unit}").TrimEnd();
}

/// <summary>Short ways to write a figure down.</summary>
public static class Figure
{
    public static Figure<T> Published<T>(string name, T value, string unit, string work)
        where T : notnull => new(name, value, unit, Source.PublishedFromMemory(work));

    public static Figure<T> Practice<T>(string name, T value, string unit)
        where T : notnull => new(name, value, unit, Source.CommonPractice);

    public static Figure<T> Chosen<T>(string name, T value, string unit, string reason)
        where T : notnull => new(name, value, unit, Source.Chosen(reason));
}
