using System.Text.Json;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Storage.Sessions;

/// <summary>A kept session: whose it is, and the ride made of it, if any.</summary>
public sealed record KeptSession(Guid HorseId, SessionPlan Plan, int Version, Guid? RideId);

public static class SessionStore
{
    private const string Select = """
        select s.horse_id, s.id, s.on_day, s.emphasis, s.manner, s.helper, s.notes, s.version, s.place, s.starts_at, array_to_string(s.tack_ids, ',') as tack_ids, s.kept_faults::text as kept_faults,
            (select r.id from ride r where r.yard_id = s.yard_id and r.session_id = s.id order by r.created_at limit 1) as ride_id,
            (select coalesce(json_agg(p order by p.place), '[]')::text from (
                select place, phase, what, gait, rein, minutes, set_up_id, mark_hoped_for, rung_id, exercise_id,
                    times, efforts, transitions, transitions_with, bout_seconds, rest_seconds, manner, height_m,
                    in_stages, opens_with, outline, seat, stride_aim, metres_per_minute, test_id, test_pieces
                from session_part where yard_id = s.yard_id and session_id = s.id) p) as parts
        from session s where s.yard_id = @yard and s.removed_at is null
        """;

    /// <summary>
    /// Sessions of these horses between two days, both included; before <paramref name="builtBefore"/> only those with something
    /// to step or jump over. Those of <paramref name="also"/> come along, whenever they are.
    /// </summary>
    public static async Task<List<KeptSession>> SessionsAsync(
        this YardSession yard,
        DateOnly from,
        DateOnly to,
        IEnumerable<Guid> horseIds,
        DateOnly? builtBefore = null,
        IEnumerable<Guid>? also = null
    ) =>
        (
            await yard.QueryAsync<SessionRow>(
                // One part is looked for in each session: asked whether there are any, PostgreSQL reads every part of the yard.
                $"""
                {Select} and (s.id = any(@also) or s.on_day between @from and @to and s.horse_id = any(@ids)
                    and (s.on_day >= @all or (select true from session_part p where p.yard_id = s.yard_id and p.session_id = s.id
                        and (p.set_up_id is not null or p.efforts is not null or p.exercise_id is not null
                            or p.rung_id like any (array['grids/%', 'jumping/%', 'narrow/%', 'cross-country/%'])) limit 1)))
                order by s.on_day, s.created_at, s.id
                """,
                new
                {
                    from,
                    to,
                    all = builtBefore ?? from,
                    ids = horseIds.ToArray(),
                    also = (also ?? []).ToArray(),
                }
            )
        ).ConvertAll(r => r.ToSession());

    public static async Task<List<KeptSession>> SessionsByIdAsync(this YardSession yard, IEnumerable<Guid> ids) =>
        (await yard.QueryAsync<SessionRow>($"{Select} and s.id = any(@ids)", new { ids = ids.ToArray() })).ConvertAll(r => r.ToSession());

    /// <summary>What each of these sessions has set out, as a word that is equal where the same is built in the same place.</summary>
    public static async Task<IReadOnlyDictionary<Guid, string>> BuiltForAsync(this YardSession yard, IEnumerable<Guid> ids) =>
        (
            await yard.QueryAsync<(Guid SessionId, string Built)>(
                """
                -- Session by session: the other way round every part of the yard is read for the few that have a set-up.
                select s.id, b.built from unnest(@ids) as s (id) cross join lateral (
                    select string_agg(distinct md5(u.entry::text), ' ' order by md5(u.entry::text)) as built
                    from session_part p join set_up u on u.yard_id = @yard and u.id = p.set_up_id
                    where p.yard_id = @yard and p.session_id = s.id and p.set_up_id is not null) b
                where b.built is not null
                """,
                new { ids = ids.ToArray() }
            )
        ).ToDictionary(r => r.SessionId, r => r.Built);

    public static async Task<KeptSession?> FindSessionAsync(this YardSession yard, Guid horseId, Guid id) =>
        (await yard.QueryAsync<SessionRow>($"{Select} and s.horse_id = @horseId and s.id = @id", new { horseId, id }))
            .SingleOrDefault()
            ?.ToSession();

    public static async Task AddSessionAsync(this YardSession yard, Guid horseId, SessionPlan plan)
    {
        await yard.ExecuteAsync(
            """
            insert into session (yard_id, horse_id, id, on_day, emphasis, manner, helper, notes, place, tack_ids, kept_faults, starts_at)
            values (@yard, @horseId, @Id, @On, @Emphasis, @manner, @Helper, @Notes, @Place, @tackIds, @keptFaults::jsonb, @StartsAt)
            """,
            Values(horseId, plan)
        );
        await AddPartsAsync(yard, horseId, plan);
    }

    /// <summary>False: someone was quicker.</summary>
    public static async Task<bool> ChangeSessionAsync(this YardSession yard, Guid horseId, SessionPlan plan, int version)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var changed = await yard.ExecuteAsync(
            """
            update session set on_day = @On, emphasis = @Emphasis, manner = @manner, helper = @Helper, notes = @Notes, place = @Place, tack_ids = @tackIds,
                kept_faults = @keptFaults::jsonb, starts_at = @StartsAt, version = version + 1
            where yard_id = @yard and horse_id = @horseId and id = @Id and version = @version and removed_at is null
            """,
            Values(horseId, plan, version)
        );
        if (changed == 0)
        {
            return false;
        }

        await yard.ExecuteAsync("delete from session_part where yard_id = @yard and session_id = @Id", new { plan.Id });
        await AddPartsAsync(yard, horseId, plan);
        return true;
    }

    /// <summary>The same session on another day. False: someone was quicker.</summary>
    public static async Task<bool> MoveSessionAsync(this YardSession yard, Guid horseId, Guid id, DateOnly on, int version) =>
        await yard.ExecuteAsync(
            "update session set on_day = @on, version = version + 1 where yard_id = @yard and horse_id = @horseId and id = @id and version = @version and removed_at is null",
            new
            {
                horseId,
                id,
                on,
                version,
            }
        ) == 1;

    public static async Task<bool> RemoveSessionAsync(this YardSession yard, Guid horseId, Guid id, bool removed) =>
        await yard.ExecuteAsync(
            "update session set removed_at = case when @removed then now() end where yard_id = @yard and horse_id = @horseId and id = @id",
            new
            {
                horseId,
                id,
                removed,
            }
        ) == 1;

    private static Task<int> AddPartsAsync(YardSession yard, Guid horseId, SessionPlan plan) =>
        yard.ExecuteAsync(
            """
            insert into session_part (yard_id, horse_id, session_id, place, phase, what, gait, rein, minutes,
                set_up_id, mark_hoped_for, rung_id, exercise_id, times, efforts, transitions, transitions_with,
                bout_seconds, rest_seconds, manner, height_m, in_stages, opens_with, outline, seat, stride_aim, metres_per_minute, test_id, test_pieces)
            select @yard, @horseId, @sessionId, p.place, p.phase, p.what, p.gait, p.rein, p.minutes,
                p.set_up_id, p.mark_hoped_for, p.rung_id, p.exercise_id, p.times, p.efforts, p.transitions, p.transitions_with,
                p.bout_seconds, p.rest_seconds, p.manner, p.height_m, p.in_stages, p.opens_with, p.outline,
                p.seat, p.stride_aim, p.metres_per_minute, p.test_id, p.test_pieces
            from jsonb_populate_recordset(null::session_part, @parts::jsonb) as p
            """,
            new
            {
                horseId,
                sessionId = plan.Id,
                parts = JsonSerializer.Serialize(plan.Parts.Select(PartRow.Of), ReadTogether.Rows),
            }
        );

    private static object Values(Guid horseId, SessionPlan plan, int version = 0) =>
        new
        {
            horseId,
            plan.Id,
            plan.On,
            plan.Emphasis,
            manner = plan.Manner.ToString(),
            plan.Helper,
            plan.Notes,
            plan.Place,
            tackIds = plan.TackIds.ToArray(),
            keptFaults = Stored.Write(new KeptFaults(plan.KeptFaults)),
            plan.StartsAt,
            version,
        };

    private sealed record SessionRow
    {
        public required Guid HorseId { get; init; }

        public required Guid Id { get; init; }

        public required DateOnly OnDay { get; init; }

        public required string Emphasis { get; init; }

        public required string Manner { get; init; }

        public required bool Helper { get; init; }

        public required string Notes { get; init; }

        public required int Version { get; init; }

        public required string Place { get; init; }

        public required TimeOnly? StartsAt { get; init; }

        public required string TackIds { get; init; }

        public required string KeptFaults { get; init; }

        public required Guid? RideId { get; init; }

        public required string Parts { get; init; }

        public KeptSession ToSession() =>
            ToSession(Enum.Parse<Manner>(Manner), JsonSerializer.Deserialize<List<PartRow>>(Parts, ReadTogether.Rows)!);

        private KeptSession ToSession(Manner manner, IEnumerable<PartRow> parts) =>
            new(
                HorseId,
                SessionPlan.Kept(
                    Id,
                    OnDay,
                    Emphasis,
                    manner,
                    Helper,
                    [.. parts.Select(p => p.ToPart(manner))],
                    Notes,
                    Place,
                    [.. TackIds.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(Guid.Parse)],
                    Stored.Read<KeptFaults>(KeptFaults).Faults,
                    StartsAt
                ),
                Version,
                RideId
            );
    }

    private sealed record PartRow
    {
        public required int Place { get; init; }

        public required string Phase { get; init; }

        public required string What { get; init; }

        public required string Gait { get; init; }

        public required string Rein { get; init; }

        public required double Minutes { get; init; }

        public required Guid? SetUpId { get; init; }

        public required double? MarkHopedFor { get; init; }

        public required string? RungId { get; init; }

        public required string? ExerciseId { get; init; }

        public required int? Times { get; init; }

        public required int? Efforts { get; init; }

        public required int? Transitions { get; init; }

        public required string? TransitionsWith { get; init; }

        public required int? BoutSeconds { get; init; }

        public required int? RestSeconds { get; init; }

        public required string? Manner { get; init; }

        public required double? HeightM { get; init; }

        public required bool? InStages { get; init; }

        public required string? OpensWith { get; init; }

        public required string? Outline { get; init; }

        public required string? Seat { get; init; }

        public required string? StrideAim { get; init; }

        public required int? MetresPerMinute { get; init; }

        public required Guid? TestId { get; init; }

        public required IReadOnlyList<int>? TestPieces { get; init; }

        public static PartRow Of(Part part, int place) =>
            new()
            {
                Place = place,
                Phase = part.Phase.ToString(),
                What = part.What,
                Gait = part.Gait.ToString(),
                Rein = part.Rein.ToString(),
                Minutes = part.Minutes,
                SetUpId = part.SetUpId,
                MarkHopedFor = part.MarkHopedFor?.Value,
                RungId = part.RungId,
                ExerciseId = part.ExerciseId,
                Times = part.Times,
                Efforts = part.Efforts,
                Transitions = part.Transitions,
                TransitionsWith = part.TransitionsWith?.ToString(),
                BoutSeconds = part.BoutSeconds,
                RestSeconds = part.RestSeconds,
                Manner = part.Manner.ToString(),
                HeightM = part.HeightMetres,
                InStages = part.InStages,
                OpensWith = part.OpensWith?.ToString(),
                Outline = part.Outline?.ToString(),
                Seat = part.Seat?.ToString(),
                StrideAim = part.StrideAim?.ToString(),
                MetresPerMinute = part.MetresPerMinute,
                TestId = part.TestId,
                TestPieces = part.TestPieces.Count == 0 ? null : part.TestPieces,
            };

        /// <param name="ofSession">How the session is worked: parts from before they had a manner of their own are worked so.</param>
        public Part ToPart(Manner ofSession) =>
            new()
            {
                Phase = Enum.Parse<Phase>(Phase),
                What = What,
                Gait = Enum.Parse<Gait>(Gait),
                Rein = Enum.Parse<Rein>(Rein),
                Minutes = Minutes,
                SetUpId = SetUpId,
                MarkHopedFor = MarkHopedFor is { } mark ? Mark.Of(mark) : null,
                RungId = RungId,
                ExerciseId = ExerciseId,
                Times = Times,
                Efforts = Efforts,
                Transitions = Transitions,
                TransitionsWith = TransitionsWith is { } with ? Enum.Parse<Gait>(with) : null,
                BoutSeconds = BoutSeconds,
                RestSeconds = RestSeconds,
                Manner = Manner is { } own ? Enum.Parse<Manner>(own) : ofSession,
                HeightMetres = HeightM,
                InStages = InStages,
                OpensWith = OpensWith is { } test ? Enum.Parse<OpeningTest>(test) : null,
                Outline = Outline is { } outline ? Enum.Parse<Outline>(outline) : null,
                Seat = Seat is { } seat ? Enum.Parse<Seat>(seat) : null,
                StrideAim = StrideAim is { } aim ? Enum.Parse<GaitVariant>(aim) : null,
                MetresPerMinute = MetresPerMinute,
                TestId = TestId,
                TestPieces = TestPieces ?? [],
            };
    }
}
