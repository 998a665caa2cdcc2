using Hippodrome.Application;
using Hippodrome.Application.Blocks;
using Hippodrome.Application.Readiness;
using Hippodrome.Application.Yards;
using Hippodrome.Core.Readiness;
using Hippodrome.Planning;
using Hippodrome.Storage.Jobs;

namespace Hippodrome.Server.Jobs;

/// <summary>A kind of long work, and the use case that does it. Trainers order it; who they are is asked again when it is done.</summary>
internal sealed record JobKind(string Name, Func<JobOrder, Visit, IProgress<PlanProgress>, CancellationToken, Task<IAnswer>> DoAsync)
{
    public static readonly JobKind PlanBlock = new("plan-block", async (order, visit, progress, cancel) =>
        await PlanningBlocks.PreviewAsync(order.HorseId!.Value, order.Entry!, visit, progress, cancel)
    );

    public static readonly JobKind PlanAgain = new("plan-again", async (order, visit, progress, cancel) =>
        await PlanningBlocks.AgainAsync(order.HorseId!.Value, order.BlockId!.Value, new AgainEntry(order.Entry), visit, progress, cancel)
    );

    public static readonly JobKind KeepBlock = new("keep-block", async (order, visit, progress, cancel) =>
        await PlanningBlocks.AddAsync(
            order.HorseId!.Value,
            new KeepBlockEntry(order.Keeping!.Entry, order.Keeping.Seen),
            visit,
            progress,
            cancel
        )
    );

    public static readonly JobKind AcceptPlan = new("accept-plan", async (order, visit, progress, cancel) =>
        await PlanningBlocks.AcceptAsync(order.HorseId!.Value, order.BlockId!.Value, order.Keeping!, visit, progress, cancel)
    );

    public static readonly JobKind ShareWeek = new("share-week", async (order, visit, _, cancel) =>
        await WeekOfYard.ShareAsync(new WeekEntry(order.Monday), visit, cancel)
    );

    public static readonly JobKind TryDayMore = Try("try-day-more", AimMoveKind.Days);

    public static readonly JobKind TryMoreHelp = Try("try-more-help", AimMoveKind.Help);

    private static JobKind Try(string name, AimMoveKind kind) =>
        new(name, async (order, visit, progress, cancel) =>
            await TryingMoves.TryAsync(order.HorseId!.Value, order.AimId!.Value, kind, visit, progress, cancel)
        );

    private static readonly Dictionary<string, JobKind> ByName = new[]
    {
        PlanBlock,
        PlanAgain,
        KeepBlock,
        AcceptPlan,
        ShareWeek,
        TryDayMore,
        TryMoreHelp,
    }.ToDictionary(k => k.Name);

    /// <exception cref="KeyNotFoundException">No build of ours ordered this.</exception>
    public static JobKind Of(JobOrder order) => ByName[order.Kind];
}
