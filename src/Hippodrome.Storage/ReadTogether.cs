using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.RegularExpressions;
using Dapper;

namespace Hippodrome.Storage;

/// <summary>
/// Several small reads as one statement: their rows come as JSON, each with the number of its read. For reads of a few
/// rows; large ones are quicker by themselves. A read that asks again with what it has read cannot be among them.
/// </summary>
public sealed partial class ReadTogether : IDisposable
{
    /// <summary>Rows as PostgreSQL writes them in JSON.</summary>
    internal static readonly JsonSerializerOptions Rows = new()
    {
        PropertyNamingPolicy = JsonNamingPolicy.SnakeCaseLower,
        Converters = { new UtcTimes(), new JsonStringEnumConverter() },
    };

    private readonly Func<string, DynamicParameters, Task<List<Row>>> _send;
    private readonly Action _end;
    private readonly List<string> _statements = [];
    private readonly List<Action<List<string>>> _answer = [];
    private readonly DynamicParameters _values = new();

    internal ReadTogether(Func<string, DynamicParameters, Task<List<Row>>> send, Action end) => (_send, _end) = (send, end);

    internal sealed record Row(int Read, long N, string Body);

    /// <summary>Asks all that was begun; each of them can be awaited from then on.</summary>
    public async Task SendAsync()
    {
        // Each read numbers its own rows, so that their order is kept whatever is done with the whole.
        var parts = _statements.Select(
            (sql, i) =>
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"select {i} as read, row_number() over () as n, row_to_json(q{i})::text as body from (\n{sql}\n) q{i}"
                )
        );
        var rows = (await _send(string.Join("\nunion all\n", parts), _values)).ToLookup(r => r.Read);
        for (var i = 0; i < _answer.Count; i++)
        {
            _answer[i]([.. rows[i].OrderBy(r => r.N).Select(r => r.Body)]);
        }
    }

    public void Dispose() => _end();

    internal Task<List<T>> Ask<T>(string sql, object? values)
    {
        var prefix = string.Create(CultureInfo.InvariantCulture, $"r{_statements.Count}_");
        foreach (var value in values?.GetType().GetProperties() ?? [])
        {
            _values.Add(prefix + value.Name, value.GetValue(values));
        }

        // The yard is one for all.
        _statements.Add(Parameter().Replace(sql, m => m.Value == "@yard" ? m.Value : $"@{prefix}{m.Groups[1].Value}"));
        var answered = new TaskCompletionSource<List<T>>();
        _answer.Add(bodies => answered.SetResult(bodies.ConvertAll(Read<T>)));
        return answered.Task;
    }

    private static T Read<T>(string body)
    {
        if (typeof(T).IsClass && typeof(T) != typeof(string))
        {
            return JsonSerializer.Deserialize<T>(body, Rows)!;
        }

        using var row = JsonDocument.Parse(body);
        return row.RootElement.EnumerateObject().Single().Value.Deserialize<T>(Rows)!;
    }

    [GeneratedRegex("@([A-Za-z][A-Za-z0-9_]*)")]
    private static partial Regex Parameter();

    /// <summary>Times as the driver gives them: in UTC.</summary>
    private sealed class UtcTimes : JsonConverter<DateTime>
    {
        public override DateTime Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            reader.GetDateTimeOffset().UtcDateTime;

        public override void Write(Utf8JsonWriter writer, DateTime value, JsonSerializerOptions options) => writer.WriteStringValue(value);
    }
}
