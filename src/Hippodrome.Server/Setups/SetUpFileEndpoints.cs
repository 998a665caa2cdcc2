using System.Text;
using Hippodrome.Application;
using Hippodrome.Application.Setups;
using Hippodrome.Formats.Setups;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Setups;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Setups;

/// <summary>Set-ups out as JSON and SVG, and in from JSON.</summary>
public static class SetUpFileEndpoints
{
    public static void MapSetUpFiles(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/set-ups/{setUpId:guid}/file", WriteAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/set-ups/{setUpId:guid}/drawing", DrawAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/set-ups/file", ReadAsync).Needs(Access.Trains);
    }

    private static Task<Results<FileContentHttpResult, ProblemHttpResult>> WriteAsync(Guid horseId, Guid setUpId, Visit visit) =>
        FileAsync(horseId, setUpId, visit, view => (SetUpFile.Write(view.Name, view.Entry, view.Measured), "application/json", "json"));

    private static Task<Results<FileContentHttpResult, ProblemHttpResult>> DrawAsync(Guid horseId, Guid setUpId, Visit visit) =>
        FileAsync(horseId, setUpId, visit, view => (SetUpSvg.Draw(view.Measured), "image/svg+xml", "svg"));

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> FileAsync(
        Guid horseId,
        Guid setUpId,
        Visit visit,
        Func<SetUpView, (string Text, string Type, string Ending)> write
    )
    {
        if (await visit.Yard.FindSetUpAsync(horseId, setUpId) is null)
        {
            return Problems.NotFound();
        }

        var view = await SetUpsOfHorse.ShowAsync(horseId, setUpId, visit);
        var (text, type, ending) = write(view);
        var name = string.Concat(view.Name.ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : '-'));
        return TypedResults.File(Encoding.UTF8.GetBytes(text), type, $"{name}.{ending}");
    }

    private static async Task<Answer<SetUpView>> ReadAsync(Guid horseId, SetUpFile file, Visit visit)
    {
        var read = file.Check();
        return read.IsFine
            ? await SetUpsOfHorse.AddAsync(horseId, new NamedSetUpEntry(read.Value.Name, read.Value.Entry), visit)
            : Refusal.Faulty(read.Faults);
    }
}
