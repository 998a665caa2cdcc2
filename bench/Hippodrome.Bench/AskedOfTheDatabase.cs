using System.Globalization;
using System.Text.Json;
using System.Text.RegularExpressions;
using Dapper;
using Npgsql;
using NpgsqlTypes;

namespace Hippodrome.Bench;

/// <summary>A statement as PostgreSQL logged it, with what was put in.</summary>
internal sealed record AskedStatement(string Sql, IReadOnlyList<string?> Values);

/// <summary>
/// What a request asks of the database, from PostgreSQL's own log, and the same asked once more bare: the floor of an
/// endpoint is its very SQL, sent by the driver, with its answer read and thrown away.
/// </summary>
internal sealed partial class AskedOfTheDatabase(NpgsqlConnection owner, NpgsqlDataSource app, string log)
{
    /// <summary>Every statement of one request on a warm connection, begin and commit too.</summary>
    public async Task<IReadOnlyList<AskedStatement>> OfAsync(Func<Task> request)
    {
        var until = new FileInfo(log).Length;
        await SetAsync("alter system set log_statement = 'all'");
        // Two more go before the one that counts, so that what is logged is asked on a warm connection.
        await request();
        await Task.Delay(300);
        until = new FileInfo(log).Length;
        await request();
        await Task.Delay(300);
        await SetAsync("alter system reset log_statement");
        await using var file = new FileStream(log, FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
        file.Seek(until, SeekOrigin.Begin);
        using var reader = new StreamReader(file);
        var asked = new List<AskedStatement>();
        while (await reader.ReadLineAsync() is { } line)
        {
            var entry = JsonDocument.Parse(line).RootElement;
            var by = Text(entry, "application_name");
            if (by == "hippodrome" && Logged().Match(Text(entry, "message")) is { Success: true } match)
            {
                var values = Values(Text(entry, "detail"));
                asked.Add(new AskedStatement(Number().Replace(match.Groups[1].Value, n => Typed(n, values)), values));
            }
        }

        return asked;
    }

    /// <summary>Asks these statements in their order, in a transaction as they came.</summary>
    public async Task AskAsync(IReadOnlyList<AskedStatement> statements)
    {
        await using var connection = await app.OpenConnectionAsync();
        foreach (var (sql, values) in statements)
        {
            await using var command = new NpgsqlCommand(sql, connection);
            foreach (var value in values)
            {
                command.Parameters.Add(new NpgsqlParameter { Value = (object?)value ?? DBNull.Value, NpgsqlDbType = NpgsqlDbType.Unknown });
            }

            await using var rows = await command.ExecuteReaderAsync();
            while (await rows.ReadAsync())
            {
                for (var i = 0; i < rows.FieldCount; i++)
                {
                    rows.GetValue(i);
                }
            }
        }
    }

    private async Task SetAsync(string setting)
    {
        await owner.ExecuteAsync(setting);
        await owner.ExecuteAsync("select pg_reload_conf()");
        await Task.Delay(300);
    }

    private static string Text(JsonElement entry, string name) => entry.TryGetProperty(name, out var value) ? value.GetString() ?? "" : "";

    private static List<string?> Values(string detail) =>
        [
            .. Value()
                .Matches(detail)
                .Select(m => m.Groups["null"].Success ? null : m.Groups["text"].Value.Replace("''", "'", StringComparison.Ordinal)),
        ];

    /// <summary>The log does not say of what type a value was, and shows it as text.</summary>
    private static string Typed(Match number, List<string?> values) =>
        values.ElementAtOrDefault(int.Parse(number.Groups[1].ValueSpan, CultureInfo.InvariantCulture) - 1) switch
        {
            null => number.Value,
            { } v when Guid.TryParseExact(v, "D", out _) => IsText(number) ? number.Value : $"{number.Value}::uuid",
            { } v when v.StartsWith('{') => v.Length == 2 || Guid.TryParse(v.Trim('{', '}').Split(',')[0], out _)
                ? $"{number.Value}::uuid[]"
                : $"{number.Value}::text[]",
            { } v when DateOnly.TryParseExact(v, "yyyy-MM-dd", out _) => $"{number.Value}::date",
            { } v when int.TryParse(v, CultureInfo.InvariantCulture, out _) => $"{number.Value}::int",
            "-infinity" => $"{number.Value}::date",
            "t" or "f" => $"{number.Value}::boolean",
            { } v when v.StartsWith("\\x", StringComparison.Ordinal) => $"{number.Value}::bytea",
            _ => $"{number.Value}::text",
        };

    /// <summary>A setting is text, also one that names a yard.</summary>
    private static bool IsText(Match number) => number.Result("$`").EndsWith("set_config('hippodrome.yard', ", StringComparison.Ordinal);

    [GeneratedRegex(@"\$(\d+)")]
    private static partial Regex Number();

    [GeneratedRegex(@"^(?:statement|execute [^:]+): (.*)$", RegexOptions.Singleline)]
    private static partial Regex Logged();

    [GeneratedRegex(@"\$\d+ = (?:(?<null>NULL)|'(?<text>(?:[^']|'')*)')")]
    private static partial Regex Value();
}
