using Dapper;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;
using Npgsql;
using Shouldly;
using Xunit;

namespace Hippodrome.Storage.Tests;

/// <summary>PostgreSQL itself keeps yards apart, also from a query that forgets its yard.</summary>
public class YardsApartTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task A_query_that_forgets_its_yard_sees_its_own_yard_only()
    {
        var seen = await store.InAsync(store.Here, yard => yard.QueryAsync<Guid>("select id from horse"));
        seen.ShouldBe([store.Here.Horse.Id]);
    }

    [Fact]
    public async Task A_query_that_asks_for_another_yard_by_name_sees_nothing()
    {
        var seen = await store.InAsync(store.Here, yard =>
            yard.QueryAsync<Guid>("select id from horse where yard_id = @there", new { there = store.There.Id })
        );
        seen.ShouldBeEmpty();
    }

    [Fact]
    public async Task Without_a_yard_there_is_nothing_to_see()
    {
        await using var connection = await store.Database.App.OpenConnectionAsync(TestContext.Current.CancellationToken);
        foreach (var table in await YardTablesAsync(connection))
        {
            (await connection.ExecuteScalarAsync<int>($"select count(*) from {table}")).ShouldBe(0, table);
        }
    }

    [Fact]
    public async Task A_change_that_forgets_its_yard_leaves_the_others_alone()
    {
        await store.InAsync(store.Here, yard => yard.ExecuteAsync("update horse set notes = 'changed'"));
        var there = await store.InAsync(store.There, yard => yard.FindHorseAsync(store.There.Horse.Id));
        there!.Value.Notes.ShouldBe("");
    }

    [Fact]
    public async Task Nothing_can_be_written_into_another_yard()
    {
        var thrown = await Should.ThrowAsync<PostgresException>(() =>
            store.InAsync(store.Here, yard =>
                yard.ExecuteAsync(
                    "insert into aim (yard_id, horse_id, id, name, on_day, discipline, scheme, level) values (@there, @horse, gen_random_uuid(), 'x', '2026-05-01', 'Jumping', 'x', 'x')",
                    new { there = store.There.Id, horse = store.There.Horse.Id }
                )
            )
        );
        thrown.SqlState.ShouldBe(PostgresErrorCodes.InsufficientPrivilege);
    }

    [Fact]
    public async Task A_row_cannot_point_into_another_yard()
    {
        var thrown = await Should.ThrowAsync<PostgresException>(() =>
            store.InAsync(store.Here, yard =>
                yard.ExecuteAsync(
                    "insert into horse_person (yard_id, horse_id, person_id) values (@yard, @horse, @person)",
                    new { horse = store.There.Horse.Id, person = store.Here.TrainerId }
                )
            )
        );
        thrown.SqlState.ShouldBe(PostgresErrorCodes.ForeignKeyViolation);
    }

    [Fact]
    public async Task Signing_in_sees_the_one_person_with_that_e_mail_and_no_other()
    {
        var found = await store.Database.FindForSignInAsync(store.There.Email.ToUpperInvariant());
        found!.YardId.ShouldBe(store.There.Id);
        (await store.Database.FindForSignInAsync("nobody@fernhollow.example")).ShouldBeNull();

        await using var connection = await store.Database.App.OpenConnectionAsync(TestContext.Current.CancellationToken);
        await using var transaction = await connection.BeginTransactionAsync(TestContext.Current.CancellationToken);
        await connection.ExecuteAsync("select set_config('hippodrome.signing_in', @Email, true)", new { store.Here.Email });
        (await connection.QueryAsync<Guid>("select id from person")).ShouldBe([store.Here.TrainerId]);
    }

    [Fact]
    public async Task The_yard_does_not_stay_on_the_connection()
    {
        await store.InAsync(store.Here, yard => yard.HorsesAsync());
        await using var connection = await store.Database.App.OpenConnectionAsync(TestContext.Current.CancellationToken);
        (await connection.ExecuteScalarAsync<string?>("select nullif(current_setting('hippodrome.yard', true), '')")).ShouldBeNull();
    }

    [Fact]
    public async Task Every_table_of_a_yard_is_under_forced_row_level_security()
    {
        await using var owner = new NpgsqlConnection(store.OwnerConnection);
        var bare = await owner.QueryAsync<string>(
            """
            select c.relname from pg_class c
            where c.relnamespace = 'public'::regnamespace and c.relkind = 'r' and not (c.relrowsecurity and c.relforcerowsecurity)
            """
        );

        // What several servers share belongs to no yard; the schema's own journal is the migrations'.
        bare.Order().ShouldBe(["cookie_key", "installation", "job", "schemaversions", "sign_in_try"]);
    }

    [Fact]
    public async Task Every_foreign_key_of_a_yards_table_carries_the_yard()
    {
        await using var owner = new NpgsqlConnection(store.OwnerConnection);
        var without = await owner.QueryAsync<string>(
            """
            select conname from pg_constraint
            where contype = 'f' and connamespace = 'public'::regnamespace
              and not exists (
                select from unnest(conkey) k join pg_attribute a on a.attrelid = conrelid and a.attnum = k where a.attname = 'yard_id')
            """
        );
        without.ShouldBeEmpty();
    }

    [Fact]
    public async Task The_applications_role_can_neither_pass_row_level_security_nor_make_anything()
    {
        await using var owner = new NpgsqlConnection(store.OwnerConnection);
        var role = await owner.QuerySingleAsync<(bool Super, bool Bypass, bool MakesRoles, bool MakesDatabases)>(
            "select rolsuper, rolbypassrls, rolcreaterole, rolcreatedb from pg_roles where rolname = @AppRole",
            new { Database.AppRole }
        );
        role.ShouldBe((false, false, false, false));
        var thrown = await Should.ThrowAsync<PostgresException>(() =>
            store.InAsync(store.Here, yard => yard.ExecuteAsync("create table loophole (id int)"))
        );
        thrown.SqlState.ShouldBe(PostgresErrorCodes.InsufficientPrivilege);
    }

    private static Task<IEnumerable<string>> YardTablesAsync(NpgsqlConnection connection) =>
        connection.QueryAsync<string>(
            """
            select relname from pg_class c where relnamespace = 'public'::regnamespace and relkind = 'r' and c.relrowsecurity
              and has_table_privilege(oid, 'select')
            """
        );
}
