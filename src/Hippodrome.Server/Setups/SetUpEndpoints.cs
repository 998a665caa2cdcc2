using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.People;
using Hippodrome.Storage;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Setups;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Setups;

/// <summary>A set-up with a name to keep it by.</summary>
public sealed record NamedSetUpEntry(string? Name = null, SetUpEntry? Entry = null);

/// <summary>A kept set-up, measured for its horse as its stride card stands today.</summary>
/// <param name="Id">The set-up.</param>
/// <param name="Name">As it was named.</param>
/// <param name="Entry">As it was asked for.</param>
/// <param name="Measured">As it is built.</param>
/// <param name="Ridden">It has been ridden.</param>
/// <param name="Version">Of its row.</param>
/// <param name="Remarks">What today's rules would refuse of what was kept under older ones.</param>
public sealed record SetUpView(
    Guid Id,
    string Name,
    SetUpEntry Entry,
    MeasuredSetUp Measured,
    bool Ridden,
    int Version,
    IReadOnlyList<Fault> Remarks
);

/// <summary>A distance that was typed, in all three ways.</summary>
public sealed record ReadDistanceView(Distance Metres, DistanceText Text);

public static class SetUpEndpoints
{
    public static void MapSetUps(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/set-ups", ListAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/set-ups/measure", MeasureAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/set-ups/who-can-ride", WhoCanRideEndpoint.AnswerAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/set-ups/mirrored", Mirror).Needs(Access.Reads);
        api.MapGet("/distance", ReadDistance).Needs(Access.Reads);
        api.MapSetUpFiles();
        api.MapTonightsArena();
        api.MapPost("/horses/{horseId}/set-ups", AddAsync).Needs(Access.Trains).Creates();
        api.MapGet("/horses/{horseId}/set-ups/{setUpId:guid}", OneAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/set-ups/{setUpId:guid}/versions", VersionsAsync).Needs(Access.Reads);
        api.MapPut("/horses/{horseId}/set-ups/{setUpId:guid}", ChangeAsync).Needs(Access.Trains);
        api.MapDelete("/horses/{horseId}/set-ups/{setUpId:guid}", (Guid horseId, Guid setUpId, Visit visit) =>
                RemoveAsync(horseId, setUpId, visit, true)
            )
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/set-ups/{setUpId:guid}/restore", (Guid horseId, Guid setUpId, Visit visit) =>
                RemoveAsync(horseId, setUpId, visit, false)
            )
            .Needs(Access.Trains);
    }

    /// <summary>Kept set-ups, measured for the horse with this person's tape.</summary>
    public static async Task<List<SetUpView>> ShowSetUpsAsync(this Visit visit, Guid horseId, IReadOnlyList<KeptSetUp> kept)
    {
        ArgumentNullException.ThrowIfNull(visit);
        if (kept.Count == 0)
        {
            return [];
        }

        var card = await visit.Book.CardAsync(horseId);
        return
        [
            .. kept.Select(k =>
            {
                var (setUp, remarks) = k.Entry.AsKept();
                return new SetUpView(k.Id, k.Name, k.Entry, setUp.MeasureFor(card, visit.Me.Tape), k.Ridden, k.Version, remarks);
            }),
        ];
    }

    private static async Task<Ok<List<SetUpView>>> ListAsync(Guid horseId, Visit visit) =>
        TypedResults.Ok(await visit.ShowSetUpsAsync(horseId, await visit.Yard.SetUpsAsync(horseId)));

    private static async Task<Results<Ok<MeasuredSetUp>, ProblemHttpResult>> MeasureAsync(Guid horseId, SetUpEntry entry, Visit visit)
    {
        var setUp = entry.Check();
        if (!setUp.IsFine)
        {
            return Problems.Faulty(setUp.Faults);
        }

        var card = await visit.Book.CardAsync(horseId);
        return TypedResults.Ok(setUp.Value.MeasureFor(card, visit.Me.Tape));
    }

    /// <summary>The same for the other rein.</summary>
    private static Results<Ok<SetUpEntry>, ProblemHttpResult> Mirror(Guid horseId, SetUpEntry entry)
    {
        var setUp = entry.Check();
        return setUp.IsFine ? TypedResults.Ok(entry.Mirrored()) : Problems.Faulty(setUp.Faults);
    }

    private static async Task<Results<Ok<List<SetUpVersion>>, ProblemHttpResult>> VersionsAsync(Guid horseId, Guid setUpId, Visit visit) =>
        await visit.Yard.FindSetUpAsync(horseId, setUpId) is null
            ? Problems.NotFound()
            : TypedResults.Ok(await visit.Yard.SetUpVersionsAsync(horseId, setUpId));

    /// <summary>A distance as someone typed it: metres, feet and inches, or their own paces.</summary>
    private static Results<Ok<ReadDistanceView>, ProblemHttpResult> ReadDistance(string? text, Visit visit)
    {
        var read = DistanceReading.Read(text, visit.Me.Tape.Pace);
        return read.IsFine ? TypedResults.Ok(new ReadDistanceView(read.Value.Distance, read.Value.Text)) : Problems.Faulty(read.Faults);
    }

    internal static async Task<Results<Ok<SetUpView>, ProblemHttpResult>> AddAsync(Guid horseId, NamedSetUpEntry entry, Visit visit)
    {
        var (name, faults) = await CheckAsync(horseId, entry, visit);
        if (faults.Count > 0)
        {
            return Problems.Faulty(faults);
        }

        var id = visit.NewId;
        await visit.Yard.AddSetUpAsync(horseId, id, name, entry.Entry!);
        return TypedResults.Ok(await ShowAsync(horseId, id, visit));
    }

    private static async Task<Results<Ok<SetUpView>, ProblemHttpResult>> OneAsync(Guid horseId, Guid setUpId, Visit visit) =>
        await visit.Yard.FindSetUpAsync(horseId, setUpId) is null
            ? Problems.NotFound()
            : TypedResults.Ok(await ShowAsync(horseId, setUpId, visit));

    private static async Task<Results<Ok<SetUpView>, ProblemHttpResult>> ChangeAsync(
        Guid horseId,
        Guid setUpId,
        Change<NamedSetUpEntry> change,
        Visit visit
    )
    {
        if (await visit.Yard.FindSetUpAsync(horseId, setUpId) is not { } kept)
        {
            return Problems.NotFound();
        }

        var (name, faults) = await CheckAsync(horseId, change.Entry, visit);
        if (kept.Ridden)
        {
            faults =
            [
                .. faults,
                new Fault("entry", "This set-up has been ridden, and stays as it was.", "Keep your change as a new set-up."),
            ];
        }

        if (faults.Count > 0)
        {
            return Problems.Faulty(faults);
        }

        return await visit.Yard.ChangeSetUpAsync(horseId, setUpId, name, change.Entry.Entry!, change.Version)
            ? TypedResults.Ok(await ShowAsync(horseId, setUpId, visit))
            : Problems.Conflict(await ShowAsync(horseId, setUpId, visit), change.Entry);
    }

    private static async Task<Results<Ok<List<SetUpView>>, ProblemHttpResult>> RemoveAsync(
        Guid horseId,
        Guid setUpId,
        Visit visit,
        bool removed
    ) =>
        await visit.Yard.RemoveSetUpAsync(horseId, setUpId, removed)
            ? TypedResults.Ok(await visit.ShowSetUpsAsync(horseId, await visit.Yard.SetUpsAsync(horseId)))
            : Problems.NotFound();

    /// <summary>What cannot be kept: no name, a set-up that cannot be built, one that does not fit its arena.</summary>
    private static async Task<(string Name, IReadOnlyList<Fault> Faults)> CheckAsync(Guid horseId, NamedSetUpEntry entry, Visit visit)
    {
        var checks = new Checks();
        var name = checks.Text("name", entry.Name, 120);
        if (entry.Entry is null)
        {
            checks.Add("entry", "There is no set-up here.", "Choose a family and its measures.");
            return (name, checks.Faults);
        }

        var setUp = entry.Entry.Check();
        checks.AddRange(setUp.Faults);
        if (setUp.IsFine)
        {
            var card = await visit.Book.CardAsync(horseId);
            var measured = setUp.Value.MeasureFor(card, visit.Me.Tape);
            var tooHigh = (await visit.Yard.RestrictionsAsync([horseId]))
                .Where(r => r.ClearedOn is null && r.Restriction.HoldsOn(visit.Today))
                .Select(r => r.Restriction)
                .FirstOrDefault(r => setUp.Value.HasFence && r.MostHeight < setUp.Value.HighestFence);
            checks.That(
                tooHigh is null,
                "heightMetres",
                $"{tooHigh?.By} has ruled that out: {tooHigh?.Says}.",
                "Build it lower, or have it cleared and enter the clearance in the passport."
            );
            if (!measured.FitsArena)
            {
                checks.Add("middleMetres", "It does not fit the arena here.", measured.Notices[0]);
            }
        }

        return (name, checks.Faults);
    }

    internal static async Task<SetUpView> ShowAsync(Guid horseId, Guid id, Visit visit) =>
        (await visit.ShowSetUpsAsync(horseId, [(await visit.Yard.FindSetUpAsync(horseId, id))!]))[0];
}
