using Hippodrome.Core.Blocks;
using Hippodrome.Core.Conditioning;

namespace Hippodrome.Storage.Blocks;

/// <summary>A block with its latest plan.</summary>
/// <param name="HorseId">Whose it is.</param>
/// <param name="Id">Its id.</param>
/// <param name="Entry">What went in.</param>
/// <param name="EndedOn">When it was ended; null while it is under way.</param>
/// <param name="Number">The version of the plan.</param>
/// <param name="Plan">The plan.</param>
/// <param name="At">When this version was made.</param>
public sealed record KeptBlock(Guid HorseId, Guid Id, BlockEntry Entry, DateOnly? EndedOn, int Number, BlockPlan Plan, DateTime At);

/// <summary>One version of a block's plan, without the plan.</summary>
public sealed record BlockVersion(int Number, string Because, string By, DateTime At);

/// <summary>A placed session and whose it is.</summary>
public sealed record HorsePlaced(Guid HorseId, Guid BlockId, PlacedSession Session);

/// <summary>What went into a return, and when it ended.</summary>
public sealed record ReturnBegun(Guid HorseId, Guid Id, BlockEntry Entry, DateOnly? EndedOn);

public static class BlockStore
{
    private sealed record EntryRow(Guid HorseId, Guid Id, DateOnly? EndedOn, string? Entry);

    // The sessions that a version of a plan has, as one text: a row for each costs more than all else.
    private static readonly string WithSessions = $"""
        cross join lateral (
            select '[' || string_agg(s.body::text, ',' order by s.on_day, s.id) || ']' as sessions,
                bool_and(coalesce((s.body -> 'v')::int, 1) >= {Stored.KindOf<PlacedSession>().ReadAsToday}) as read_as_today
            from placed_session s
            where s.yard_id = v.yard_id and s.block_id = v.block_id and s.from_version <= v.number
                and (s.until_version is null or s.until_version > v.number)) p
        """;

    private static readonly string Select = $"""
        select b.horse_id, b.id, v.entry::text as entry, b.ended_on, v.number, v.plan::text as plan, p.sessions, p.read_as_today, v.at
        from block b join lateral (
            select * from block_version where yard_id = b.yard_id and block_id = b.id order by number desc limit 1) v on true {WithSessions}
        where b.yard_id = @yard
        """;

    /// <summary>Blocks under way of these horses, with their latest plans.</summary>
    public static async Task<List<KeptBlock>> BlocksUnderWayAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        [
            .. (
                await yard.QueryAsync<BlockRow>(
                    $"{Select} and b.ended_on is null and b.horse_id = any(@ids)",
                    new { ids = horseIds.ToArray() }
                )
            ).Select(r => r.ToBlock()),
        ];

    /// <summary>What went into the returns of these horses, under way or ended.</summary>
    public static async Task<List<ReturnBegun>> ReturnEntriesAsync(this YardSession yard, IEnumerable<Guid> horseIds) => [.. (
                await yard.QueryAsync<EntryRow>(
                    """
                    select b.horse_id, b.id, b.ended_on, (select v.entry::text from block_version v where v.yard_id = b.yard_id and v.block_id = b.id order by v.number desc limit 1) as entry
                    from block b where b.yard_id = @yard and b.horse_id = any(@ids) and b.entry ->> 'purpose' = 'return'
                    """,
                    new { ids = horseIds.ToArray() }
                )
            ).Where(r => r.Entry is not null).Select(r => new ReturnBegun(r.HorseId, r.Id, Stored.Read<BlockEntry>(r.Entry!), r.EndedOn))];

    /// <summary>Every block of a horse, the latest first.</summary>
    public static async Task<List<KeptBlock>> BlocksAsync(this YardSession yard, Guid horseId) =>
        [
            .. (
                await yard.QueryAsync<BlockRow>($"{Select} and b.horse_id = @horseId order by b.created_at desc, b.id", new { horseId })
            ).Select(r => r.ToBlock()),
        ];

    public static async Task<KeptBlock?> FindBlockAsync(this YardSession yard, Guid horseId, Guid id) =>
        (await yard.QueryAsync<BlockRow>($"{Select} and b.horse_id = @horseId and b.id = @id", new { horseId, id }))
            .SingleOrDefault()
            ?.ToBlock();

    /// <summary>Adds a block; the one under way ends the day before.</summary>
    public static async Task AddBlockAsync(this YardSession yard, Guid horseId, Guid id, BlockEntry entry, DateOnly start)
    {
        await yard.ExecuteAsync(
            "update block set ended_on = @ended where yard_id = @yard and horse_id = @horseId and ended_on is null",
            new { horseId, ended = start.AddDays(-1) }
        );
        await yard.ExecuteAsync(
            "insert into block (yard_id, horse_id, id, entry) values (@yard, @horseId, @id, @entry::jsonb)",
            new
            {
                horseId,
                id,
                entry = Stored.Write(entry),
            }
        );
    }

    /// <summary>Ends a block on a day; what it had placed is placed no more. False: there is no such block, or it has ended.</summary>
    public static async Task<bool> EndBlockAsync(this YardSession yard, Guid horseId, Guid id, DateOnly on) =>
        await yard.ExecuteAsync(
            "update block set ended_on = @on where yard_id = @yard and horse_id = @horseId and id = @id and ended_on is null",
            new
            {
                horseId,
                id,
                on,
            }
        ) == 1;

    /// <summary>
    /// Keeps a version of a plan and makes its sessions the ones that count. A session that the version before had just so
    /// stays the row it is. False: someone was quicker.
    /// </summary>
    public static async Task<bool> KeepPlanAsync(
        this YardSession yard,
        Guid horseId,
        Guid blockId,
        int number,
        BlockEntry entry,
        BlockPlan plan,
        string because,
        Guid by,
        DateTimeOffset at
    )
    {
        ArgumentNullException.ThrowIfNull(plan);
        var sessions = plan.Sessions.ToList();
        // Two that keep at once wait for one another at the number of the version, and the later one keeps nothing.
        var kept = await yard.QueryAsync<int>(
            """
            with kept as (
                insert into block_version (yard_id, block_id, number, entry, plan, because, by_person, at)
                select @yard, @blockId, @number, @entry::jsonb, @plan::jsonb, @because, @by, @at
                where not exists (select from block_version where yard_id = @yard and block_id = @blockId and number >= @number)
                on conflict (yard_id, block_id, number) do nothing returning number),
            sent as (select * from unnest(@ids, @days, @bodies::jsonb[]) as s (id, on_day, body)),
            now as (select id, body from placed_session where yard_id = @yard and block_id = @blockId and until_version is null),
            gone as (
                update placed_session p set until_version = @number
                where p.yard_id = @yard and p.block_id = @blockId and p.until_version is null and exists (select from kept)
                    and not exists (select from sent s where s.id = p.id and s.body = p.body)),
            placed as (
                insert into placed_session (yard_id, horse_id, block_id, id, on_day, body, from_version)
                select @yard, @horseId, @blockId, s.id, s.on_day, s.body, @number from sent s
                where exists (select from kept) and not exists (select from now n where n.id = s.id and n.body = s.body))
            select number from kept
            """,
            new
            {
                horseId,
                blockId,
                number,
                entry = Stored.Write(entry),
                plan = Stored.Write(Without(plan)),
                because,
                by,
                at = at.ToUniversalTime(),
                ids = sessions.ConvertAll(s => s.Id).ToArray(),
                days = sessions.ConvertAll(s => s.On.ToDateTime(TimeOnly.MinValue)).ToArray(),
                bodies = sessions.ConvertAll(Stored.Write).ToArray(),
            }
        );
        return kept.Count == 1;
    }

    private static BlockPlan Without(BlockPlan plan) => plan with { Weeks = [.. plan.Weeks.Select(w => w with { Sessions = [] })] };

    /// <summary>A plan as it was kept with the sessions it has, each in its week.</summary>
    private static BlockPlan ReadPlan(string plan, string? sessions, bool? readAsToday)
    {
        var byMonday = Stored.ReadAll<PlacedSession>(sessions ?? "[]", readAsToday ?? true).ToLookup(s => TrainingLoad.Monday(s.On));
        var read = Stored.Read<BlockPlan>(plan);
        return read with { Weeks = [.. read.Weeks.Select(w => w with { Sessions = [.. byMonday[w.Monday]] })] };
    }

    /// <summary>Versions of a block's plan, the latest first.</summary>
    public static Task<List<BlockVersion>> BlockVersionsAsync(this YardSession yard, Guid blockId) =>
        yard.QueryAsync<BlockVersion>(
            """
            select v.number, v.because, p.name as by, v.at from block_version v join person p on p.yard_id = v.yard_id and p.id = v.by_person
            where v.yard_id = @yard and v.block_id = @blockId order by v.number desc
            """,
            new { blockId }
        );

    public static async Task<(BlockEntry Entry, BlockPlan Plan)?> FindBlockVersionAsync(this YardSession yard, Guid blockId, int number) =>
        (
            await yard.FindAsync<VersionRow>(
                $"""
                select v.entry::text as entry, v.plan::text as plan, p.sessions, p.read_as_today from block_version v {WithSessions}
                where v.yard_id = @yard and v.block_id = @blockId and v.number = @number
                """,
                new { blockId, number }
            )
        )
            is { } row
            ? (Stored.Read<BlockEntry>(row.Entry), ReadPlan(row.Plan, row.Sessions, row.ReadAsToday))
            : null;

    /// <summary>What blocks under way have placed for these horses between two days, both included.</summary>
    public static async Task<List<HorsePlaced>> PlacedAsync(
        this YardSession yard,
        IEnumerable<Guid> horseIds,
        DateOnly from,
        DateOnly to
    ) =>
        [
            .. (
                await yard.QueryAsync<PlacedRow>(
                    """
                    select s.horse_id, s.block_id, s.body::text as body from placed_session s join block b on b.yard_id = s.yard_id and b.id = s.block_id
                    where s.yard_id = @yard and s.horse_id = any(@ids) and s.on_day between @from and @to
                        and s.until_version is null and b.ended_on is null order by s.on_day, s.id
                    """,
                    new
                    {
                        ids = horseIds.ToArray(),
                        from,
                        to,
                    }
                )
            ).Select(r => new HorsePlaced(r.HorseId, r.BlockId, Stored.Read<PlacedSession>(r.Body))),
        ];

    /// <summary>The version of the plan that each block under way of these horses has now.</summary>
    public static async Task<IReadOnlyDictionary<Guid, int>> BlockNumbersAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<NumberRow>(
                """
                select b.id, (select max(v.number) from block_version v where v.yard_id = b.yard_id and v.block_id = b.id) as number
                from block b where b.yard_id = @yard and b.horse_id = any(@ids) and b.ended_on is null
                """,
                new { ids = horseIds.ToArray() }
            )
        ).ToDictionary(b => b.Id, b => b.Number);

    /// <summary>How many sessions the other horses' blocks have placed on each day from a day on.</summary>
    public static async Task<IReadOnlyDictionary<DateOnly, int>> PlacedBesideAsync(this YardSession yard, Guid horseId, DateOnly from) =>
        (
            await yard.QueryAsync<DayRow>(
                """
                select s.on_day, count(*)::int as sessions from placed_session s join block b on b.yard_id = s.yard_id and b.id = s.block_id
                where s.yard_id = @yard and s.horse_id <> @horseId and s.on_day >= @from
                    and s.until_version is null and b.ended_on is null group by s.on_day
                """,
                new { horseId, from }
            )
        ).ToDictionary(d => d.OnDay, d => d.Sessions);

    private sealed record NumberRow(Guid Id, int Number);

    private sealed record DayRow(DateOnly OnDay, int Sessions);

    private sealed record BlockRow(
        Guid HorseId,
        Guid Id,
        string Entry,
        DateOnly? EndedOn,
        int Number,
        string Plan,
        string? Sessions,
        bool? ReadAsToday,
        DateTime At
    )
    {
        public KeptBlock ToBlock() =>
            new(HorseId, Id, Stored.Read<BlockEntry>(Entry), EndedOn, Number, ReadPlan(Plan, Sessions, ReadAsToday), At);
    }

    private sealed record VersionRow(string Entry, string Plan, string? Sessions, bool? ReadAsToday);

    private sealed record PlacedRow(Guid HorseId, Guid BlockId, string Body);
}
