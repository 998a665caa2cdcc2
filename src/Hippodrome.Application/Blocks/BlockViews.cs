using Hippodrome.Application.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Sessions;

namespace Hippodrome.Application.Blocks;

/// <summary>A session of a block with what has become of it.</summary>
/// <param name="Id">The placed session.</param>
/// <param name="DrawnUp">It has been drawn up in the composer.</param>
/// <param name="RideId">The ride it was, or that was ridden on its day.</param>
public sealed record SessionState(Guid Id, bool DrawnUp, Guid? RideId);

/// <summary>A block, its plan, and how it goes.</summary>
public sealed record BlockView(
    Guid Id,
    BlockEntry Entry,
    string Name,
    Purpose Purpose,
    DateOnly Start,
    DateOnly End,
    AimView? Aim,
    DateOnly? EndedOn,
    int Number,
    BlockPlan Plan,
    IReadOnlyList<SessionState> States,
    IReadOnlyList<PlannedAndDone> Weeks,
    IReadOnlyList<GateAnswer> Gates,
    IReadOnlyList<StageCleared> StagesCleared,
    IReadOnlyList<BlockVersion> Versions,
    string? PlanAgainBecause
);

/// <summary>A block in a line.</summary>
public sealed record BlockLine(Guid Id, string Name, Purpose Purpose, DateOnly Start, DateOnly End, DateOnly? EndedOn);

internal static class BlockViews
{
    public static async Task<BlockView> ShowAsync(Visit visit, KeptBlock kept)
    {
        var book = await BlockBook.OpenAsync(visit, [kept.HorseId], kept);
        var block = book.BlockOf(kept);
        var done = book.Done(kept);
        var rides = book.Ridden(kept.HorseId).Where(r => r.OnDay >= block.FirstMonday && r.OnDay <= block.End).ToList();
        var drawnUp = (await visit.Yard.SessionsByIdAsync(kept.Plan.Sessions.Select(s => s.Id))).ToDictionary(s => s.Plan.Id);
        var card = await visit.Yard.StrideCardAsync(book.Horse(kept.HorseId).Horse);
        var states = kept
            .Plan.Sessions.Select(s => new SessionState(
                s.Id,
                drawnUp.ContainsKey(s.Id),
                done.Contains(s.Id) ? (rides.Find(r => r.SessionId == s.Id) ?? rides.Find(r => r.OnDay == s.On))?.RideId : null
            ))
            .ToList();
        return new BlockView(
            kept.Id,
            kept.Entry,
            block.Name,
            block.Purpose,
            block.Start,
            block.End,
            block.Aim is { } aim ? HorseAims.Show(aim, 0, visit.Today) : null,
            kept.EndedOn,
            kept.Number,
            kept.Plan,
            states,
            PlannedAndDone.ByWeek(kept.Plan, await BlockBook.RiddenAsync(visit, rides), done, card),
            [.. book.Gates(kept.Id)],
            [.. book.StagesCleared(kept.Id)],
            await visit.Yard.BlockVersionsAsync(kept.Id),
            kept.EndedOn is null ? Overtaken.By(book.Case(kept, await book.LatelyAsync(visit, kept)), DateOnly.FromDateTime(kept.At)) : null
        );
    }

    public static BlockLine Line(KeptBlock kept) =>
        new(
            kept.Id,
            kept.Entry.Name!,
            kept.Entry.Purpose!.Value,
            kept.Entry.Start!.Value,
            kept.EndedOn ?? kept.Plan.Weeks[^1].Monday.AddDays(6),
            kept.EndedOn
        );
}
