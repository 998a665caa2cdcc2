using System.Reflection;
using System.Security.Cryptography;
using System.Text;
using Hippodrome.Core.Measures;

namespace Hippodrome.Application;

/// <summary>The figures of the trade as they stand in this build: another name as soon as one of them changes.</summary>
public static class FiguresVersion
{
    public static string Current { get; } = Of(All());

    internal static string Of(IEnumerable<IFigure> figures) =>
        Convert.ToHexStringLower(
            SHA256.HashData(
                Encoding.UTF8.GetBytes(string.Join('\n', figures.Select(f => $"{f.Name} = {f.Shown}").Order(StringComparer.Ordinal)))
            )
        )[..12];

    private static IEnumerable<IFigure> All() =>
        typeof(IFigure)
            .Assembly.GetTypes()
            .Where(t => !t.ContainsGenericParameters)
            .SelectMany(t => t.GetFields(BindingFlags.Static | BindingFlags.Public | BindingFlags.NonPublic))
            .Where(f => typeof(IFigure).IsAssignableFrom(f.FieldType))
            .Select(f => (IFigure)f.GetValue(null)!);
}
