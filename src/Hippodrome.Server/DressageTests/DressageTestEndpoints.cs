using System.Text;
using Hippodrome.Application;
using Hippodrome.Application.DressageTests;
using Hippodrome.Application.Horses;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.DressageTests;
using Hippodrome.Formats.DressageTests;
using Hippodrome.Formats.Tables;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.DressageTests;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.DressageTests;

/// <summary>A dressage test as the text of its table, and what stands in no line of it.</summary>
public sealed record TestTableEntry(string? Name = null, string? Level = null, ArenaSize? Arena = null, string? Table = null);

public static class DressageTestEndpoints
{
    public static void MapDressageTests(this RouteGroupBuilder api)
    {
        api.MapGet("/dressage-tests", TestsOfYard.ListAsync).Needs(Access.Reads);
        api.MapPost("/dressage-tests", TestsOfYard.AddAsync).Needs(Access.Trains).Creates();
        api.MapPost("/dressage-tests/check", (DressageTestEntry entry) => TestsOfYard.Check(entry)).Needs(Access.Reads);
        api.MapPost("/dressage-tests/mirror", (DressageTestEntry entry) => TestsOfYard.Mirror(entry)).Needs(Access.Reads);
        api.MapPost("/dressage-tests/file", ReadFileAsync).Needs(Access.Trains).Creates();
        api.MapPost("/dressage-tests/table", ReadTableAsync).Needs(Access.Trains).Creates();
        api.MapGet("/dressage-tests/{testId:guid}", TestsOfYard.OneAsync).Needs(Access.Reads);
        api.MapPut("/dressage-tests/{testId:guid}", TestsOfYard.ChangeAsync).Needs(Access.Trains);
        api.MapDelete("/dressage-tests/{testId:guid}", (Guid testId, Visit visit) => TestsOfYard.RemoveAsync(testId, visit, true))
            .Needs(Access.Trains);
        api.MapPost("/dressage-tests/{testId:guid}/restore", (Guid testId, Visit visit) => TestsOfYard.RemoveAsync(testId, visit, false))
            .Needs(Access.Trains);
        api.MapGet("/dressage-tests/{testId:guid}/file", WriteFileAsync).Needs(Access.Reads);
        api.MapGet("/dressage-tests/{testId:guid}/table", WriteTableAsync).Needs(Access.Reads);
        api.MapGet("/test-marks.csv", MarksAsync).Needs(Access.Reads);

        const string OfHorse = "/horses/{horseId}/dressage-tests/{testId:guid}";
        api.MapGet(OfHorse, TestsOfHorse.OneAsync).Needs(Access.Reads);
        api.MapPost(OfHorse + "/part", TestsOfHorse.PartAsync).Needs(Access.Trains);
        api.MapPost(OfHorse + "/ridden", TestsOfHorse.AddRiddenAsync).Needs(Access.Rides).Creates();
        api.MapPut(OfHorse + "/ridden/{riddenId:guid}", TestsOfHorse.ChangeRiddenAsync).Needs(Access.Rides);
        api.MapDelete(OfHorse + "/ridden/{riddenId:guid}", (Guid horseId, Guid testId, Guid riddenId, Visit visit) =>
                TestsOfHorse.RemoveRiddenAsync(horseId, testId, riddenId, visit, true)
            )
            .Needs(Access.Rides);
        api.MapPost(OfHorse + "/ridden/{riddenId:guid}/restore", (Guid horseId, Guid testId, Guid riddenId, Visit visit) =>
                TestsOfHorse.RemoveRiddenAsync(horseId, testId, riddenId, visit, false)
            )
            .Needs(Access.Rides);
    }

    private static Task<Results<FileContentHttpResult, ProblemHttpResult>> WriteFileAsync(Guid testId, Visit visit) =>
        FileAsync(testId, visit, entry => (Encoding.UTF8.GetBytes(DressageTestFile.Write(entry)), "application/json", "json"));

    private static Task<Results<FileContentHttpResult, ProblemHttpResult>> WriteTableAsync(Guid testId, Visit visit) =>
        FileAsync(testId, visit, entry =>
            (CsvFile.Write((entry.Lines ?? []).Select(l => TestTableLine.Of(l, entry.Arena))), CsvFile.ContentType, "csv")
        );

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> FileAsync(
        Guid testId,
        Visit visit,
        Func<DressageTestEntry, (byte[] Bytes, string Type, string Ending)> write
    )
    {
        var read = await TestsOfYard.OneAsync(testId, visit);
        if (read.Why is not null)
        {
            return Problems.NotFound();
        }

        var (bytes, type, ending) = write(read.Value.Entry);
        var name = string.Concat(read.Value.Entry.Name!.ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : '-'));
        return TypedResults.File(bytes, type, $"{name}.{ending}");
    }

    private static async Task<Answer<DressageTestView>> ReadFileAsync(DressageTestFile file, Visit visit)
    {
        var read = file.Check();
        return read.IsFine ? await TestsOfYard.AddAsync(read.Value, visit) : Refusal.Faulty(read.Faults);
    }

    private static async Task<Answer<DressageTestView>> ReadTableAsync(TestTableEntry entry, Visit visit)
    {
        var read = TestTable.Read(entry.Table);
        return read.IsFine
            ? await TestsOfYard.AddAsync(
                new DressageTestEntry(entry.Name, entry.Level, entry.Arena ?? read.Value.Arena, read.Value.Lines),
                visit
            )
            : Refusal.Faulty(read.Faults);
    }

    /// <summary>Every mark of every test as a line.</summary>
    private static async Task<FileContentHttpResult> MarksAsync(Visit visit)
    {
        var horses = (await visit.MyHorsesAsync()).ToDictionary(h => h.Value.Id, h => h.Value.Name);
        var tests = await TestsOfYard.AllAsync(visit);
        var ridden = await visit.Yard.TestsRiddenAsync(horses.Keys);
        return TypedResults.File(
            CsvFile.Write(ridden.SelectMany(r => TestMarkLine.From(horses[r.HorseId], tests.GetValueOrDefault(r.TestId), r.Ridden))),
            CsvFile.ContentType,
            "test-marks.csv"
        );
    }
}
