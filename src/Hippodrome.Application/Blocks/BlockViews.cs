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
/// <param name="OffBecause">Why it was off that day, where somebody has told; null where it was ridden.</param>
public sealed record SessionState(Guid Id, bool DrawnUp, Guid? RideId, string? OffBecause);

/// <summary>A block, its plan, and how it goes.</summary>
public sealed record BlockView
{
    public required Guid Id { get; init; }

    public required BlockEntry Entry { get; init; }

    public required string Name { get; init; }

    public required Purpose Purpose { get; init; }

    public required DateOnly Start { get; init; }

    public required DateOnly End { get; init; }

    public required AimView? Aim { get; init; }

    public required DateOnly? EndedOn { get; init; }

    public required int Number { get; init; }

    public required BlockPlan Plan { get; init; }

    public required IReadOnlyList<SessionState> States { get; init; }

    public required IReadOnlyList<PlannedAndDone> Weeks { get; init; }

    public required IReadOnlyList<GateAnswer> Gates { get; init; }

    public required IReadOnlyList<StageCleared> StagesCleared { get; init; }

    public required IReadOnlyList<BlockVersion> Versions { get; init; }

    public required string? PlanAgainBecause { get; init; }
}

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
                done.Contains(s.Id) ? (rides.Find(r => r.SessionId == s.Id) ?? rides.Find(r => r.OnDay == s.On))?.RideId : null,
                done.Contains(s.Id) ? null : book.OffBecause(kept.HorseId, s.On)
            ))
            .ToList();
        return new BlockView
        {
            Id = kept.Id,
            Entry = kept.Entry,
            Name = block.Name,
            Purpose = block.Purpose,
            Start = block.Start,
            End = block.End,
            Aim = block.Aim is { } aim ? HorseAims.Show(book.AimOf(kept.HorseId, aim.Id), visit.Today) : null,
            EndedOn = kept.EndedOn,
            Number = kept.Number,
            Plan = kept.Plan,
            States = states,
            Weeks = PlannedAndDone.ByWeek(kept.Plan, await BlockBook.RiddenAsync(visit, rides), done, card),
            Gates = [.. book.Gates(kept.Id)],
            StagesCleared = [.. book.StagesCleared(kept.Id)],
            Versions = await visit.Yard.BlockVersionsAsync(kept.Id),
            PlanAgainBecause = kept.EndedOn is null
                ? Overtaken.By(book.Case(kept, await book.LatelyAsync(visit, kept)), DateOnly.FromDateTime(kept.At))
                : null,
        };
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
