namespace Hippodrome.Storage.Tests;

/// <summary>Rows as they were kept by the program of each step, written in SQL as they stood then. What is here is never changed.</summary>
internal static class AsKeptThen
{
    public static readonly Guid Yard = Guid.Parse("10000000-0000-0000-0000-000000000001");
    public static readonly Guid OtherYard = Guid.Parse("10000000-0000-0000-0000-000000000002");
    public static readonly Guid Horse = Guid.Parse("20000000-0000-0000-0000-000000000001");
    public static readonly Guid SetUp = Guid.Parse("30000000-0000-0000-0000-000000000001");
    public static readonly Guid Session = Guid.Parse("40000000-0000-0000-0000-000000000001");
    public static readonly Guid Ride = Guid.Parse("50000000-0000-0000-0000-000000000001");
    public static readonly Guid Block = Guid.Parse("80000000-0000-0000-0000-000000000001");

    /// <summary>Of two versions of a plan: this session stays, the other moves from Thursday to Saturday.</summary>
    public static readonly Guid Stays = Guid.Parse("90000000-0000-0000-0000-000000000001");
    public static readonly Guid Moves = Guid.Parse("90000000-0000-0000-0000-000000000002");
    public static readonly Guid Strip = Guid.Parse("60000000-0000-0000-0000-000000000001");
    public static readonly Guid Tap = Guid.Parse("60000000-0000-0000-0000-000000000002");

    private const string Person = "70000000-0000-0000-0000-000000000001";

    /// <summary>What a yard keeps right after this migration; null where the step brought nothing to keep.</summary>
    public static string? Of(string migration, Guid yard) =>
        migration switch
        {
            "0001" => $"""
                insert into yard (id, name, time_zone) values ('{yard}', 'Kept', 'Europe/London');
                insert into person (yard_id, id, name, email, password_hash, role, stamp) values ('{yard}', '{Person}', 'Trainer', '{yard}@kept.example', 'hash', 'Trainer', '{Person}');
                insert into horse (yard_id, id, name, foaled, height_cm, sex, experience) values ('{yard}', '{Horse}', 'Old Copper', 2016, 165, 'Mare', 'Novice');
                insert into stride_measurement (yard_id, horse_id, id, variant, strip_m, strides, seconds, on_day) values ('{yard}', '{Horse}', '{Strip}', 'TrotWorking', 30, 11, 8.2, '2025-03-01');
                """,
            "0002" => $$"""
                insert into set_up (yard_id, horse_id, id, name, entry) values ('{{yard}}', '{{Horse}}', '{{SetUp}}', 'Before versions',
                    '{"family": "crossPole", "arena": "sixtyByTwenty", "line": "centreLine", "heading": "towardsC", "middleMetres": 30, "adjustMetres": 0, "heightMetres": 0.5}');
                insert into session (yard_id, horse_id, id, on_day, emphasis, manner, helper) values ('{{yard}}', '{{Horse}}', '{{Session}}', '2025-03-02', 'Straightness', 'Ridden', true);
                insert into session_part (yard_id, horse_id, session_id, place, phase, what, gait, rein, minutes, set_up_id) values
                    ('{{yard}}', '{{Horse}}', '{{Session}}', 0, 'Work', 'Cross-pole', 'Trot', 'Both', 10, '{{SetUp}}');
                insert into ride (yard_id, horse_id, id, session_id, on_day, rider_id) values ('{{yard}}', '{{Horse}}', '{{Ride}}', '{{Session}}', '2025-03-02', '{{Person}}');
                insert into ride_event (yard_id, ride_id, id, at, body, sent_by) values ('{{yard}}', '{{Ride}}', '60000000-0000-0000-0000-000000000009', '2025-03-02T12:00Z',
                    '{"kind": "marked", "id": "60000000-0000-0000-0000-000000000009", "at": "2025-03-02T12:00:00+00:00", "rein": "left", "mark": 6.5, "about": ""}', '{{Person}}');
                """,
            "0009" => $$"""
                insert into ride_event (yard_id, ride_id, id, at, body, sent_by) values ('{{yard}}', '{{Ride}}', '{{Tap}}', '2025-03-02T12:05Z',
                    '{"kind": "stridesCounted", "id": "{{Tap}}", "at": "2025-03-02T12:05:00+00:00", "setUpId": null, "variant": "trotWorking", "rein": "left", "metres": 20, "strides": 7, "overPoles": true, "planned": null}', '{{Person}}');
                insert into stride_measurement (yard_id, horse_id, id, variant, strip_m, strides, seconds, on_day) values ('{{yard}}', '{{Horse}}', '{{Tap}}', 'TrotWorking', 20, 8, null, '2025-03-02');
                """,
            "0010" =>
                $$"""
                insert into block (yard_id, horse_id, id, entry) values ('{{yard}}', '{{Horse}}', '{{Block}}',
                    '{"name": "Spring", "purpose": "schooling", "start": "2025-03-03", "weeks": 1}');
                insert into block_version (yard_id, block_id, number, entry, plan, because, by_person, at) values
                    ('{{yard}}', '{{Block}}', 1, '{"name": "Spring", "purpose": "schooling", "start": "2025-03-03", "weeks": 1}',
                        '{{Plan(
                    $"{Placed(Stays, "2025-03-04")}, {Placed(Moves, "2025-03-06")}"
                )}}', 'the first plan', '{{Person}}', '2025-03-01T12:00Z'),
                    ('{{yard}}', '{{Block}}', 2, '{"name": "Spring", "purpose": "schooling", "start": "2025-03-03", "weeks": 1}',
                        '{{Plan(
                    $"{Placed(Stays, "2025-03-04")}, {Placed(Moves, "2025-03-08")}"
                )}}', 'moved', '{{Person}}', '2025-03-02T12:00Z');
                insert into placed_session (yard_id, horse_id, block_id, id, on_day, body) values
                    ('{{yard}}', '{{Horse}}', '{{Block}}', '{{Stays}}', '2025-03-04', '{{Placed(Stays, "2025-03-04")}}'),
                    ('{{yard}}', '{{Horse}}', '{{Block}}', '{{Moves}}', '2025-03-08', '{{Placed(Moves, "2025-03-08")}}');
                """,
            "0011" => $$"""
                insert into set_up (yard_id, horse_id, id, name, entry) values ('{{yard}}', '{{Horse}}', '30000000-0000-0000-0000-000000000002', 'After versions',
                    '{"family": "crossPole", "arena": "sixtyByTwenty", "line": "centreLine", "heading": "towardsC", "middleMetres": 20, "adjustMetres": 0, "heightMetres": 0.6}');
                insert into roster (yard_id, entry) values ('{{yard}}', '{"riders": [], "helperDays": ["tuesday"], "helperMinutesADay": 120, "arenaDays": [], "arenaMinutesADay": 300, "arenaAtOnce": 2, "openDays": null, "startsAt": "07:00:00"}');
                """,
            _ => null,
        };

    private const string Because = """{"rule": "a rule", "inputs": [], "source": {"says": "as it was", "class": "chosen"}}""";
    private const string Minutes = """{"trot": 10, "walk": 20, "canter": 5}""";

    private static string Plan(string sessions) =>
        $$"""
            {"phases": [], "setbacks": [], "skipped": [], "added": [], "notes": [], "sessions": [{{sessions}}],
             "solved": {"cost": 0, "bound": 0, "optimal": true, "cancelled": false},
             "weeks": [{"number": 1, "monday": "2025-03-03", "phase": "atLevel", "rises": "nothing", "lighter": false, "heldUntil": null, "rungs": [], "bent": [],
                "mix": {{Because}}, "why": {{Because}}, "target": {{Minutes}}, "minutes": {{Minutes}}, "sessions": [{{sessions}}]}]}
            """;

    private static string Placed(Guid id, string on) =>
        $$"""
            {"id": "{{id}}", "on": "{{on}}", "why": {{Because}}, "bent": [], "kind": "hack", "sets": null, "bouts": null, "pinned": false,
             "rungId": null, "efforts": null, "minutes": {{Minutes}}, "riderId": null, "shortFirstDay": false}
            """;
}
