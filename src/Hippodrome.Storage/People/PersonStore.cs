using Dapper;
using Hippodrome.Core.Measures;
using Npgsql;

namespace Hippodrome.Storage.People;

public enum Role
{
    Trainer,
    Rider,
    Observer,
}

/// <summary>Someone who signs in.</summary>
public sealed record Person(Guid Id, string Name, string Email, Role Role, bool IsVet, LengthUnit Unit, PersonPace Pace)
{
    /// <summary>One more repeat before a harder step.</summary>
    public bool IsCareful { get; init; }

    public Tape Tape => new(Unit, Pace);
}

/// <summary>What signing in needs to know of a person.</summary>
public sealed record SignInRow(Guid YardId, Guid Id, string PasswordHash);

public static class PersonStore
{
    private const string Columns = "id, name, email, role, is_vet, unit, pace_metres, careful, version";

    /// <summary>The one person with this e-mail, whatever the yard.</summary>
    public static async Task<SignInRow?> FindForSignInAsync(this Database database, string email)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.App.OpenConnectionAsync();
        await using var transaction = await connection.BeginTransactionAsync();
        await connection.ExecuteAsync("select set_config('hippodrome.signing_in', @email, true)", new { email }, transaction);
        return await connection.QuerySingleOrDefaultAsync<SignInRow>(
            "select yard_id, id, password_hash from person where lower(email) = lower(@email)",
            new { email },
            transaction
        );
    }

    public static Task<Kept<Person>?> FindPersonAsync(this YardSession yard, Guid id) => yard.FindPersonWhereAsync("id = @id", new { id });

    internal static async Task<Kept<Person>?> FindPersonWhereAsync(this YardSession yard, string condition, object values) =>
        (await yard.FindAsync<PersonRow>($"select {Columns} from person where yard_id = @yard and {condition}", values))?.ToPerson();

    public static async Task<List<Kept<Person>>> PeopleAsync(this YardSession yard) =>
        [
            .. (await yard.QueryAsync<PersonRow>($"select {Columns} from person where yard_id = @yard order by name")).Select(p =>
                p.ToPerson()
            ),
        ];

    /// <summary>False when someone, here or elsewhere, already signs in with this e-mail.</summary>
    public static async Task<bool> AddPersonAsync(
        this YardSession yard,
        Guid id,
        string name,
        string email,
        string passwordHash,
        Role role,
        bool isVet,
        bool isCareful = false
    )
    {
        try
        {
            await yard.ExecuteAsync("savepoint adding_person");
            await yard.ExecuteAsync(
                """
                insert into person (yard_id, id, name, email, password_hash, role, is_vet, careful)
                values (@yard, @id, @name, @email, @passwordHash, @role, @isVet, @isCareful)
                """,
                new
                {
                    id,
                    name,
                    email,
                    passwordHash,
                    role = role.ToString(),
                    isVet,
                    isCareful,
                }
            );
            return true;
        }
        catch (PostgresException e) when (e.SqlState == PostgresErrorCodes.UniqueViolation)
        {
            await yard.ExecuteAsync("rollback to savepoint adding_person");
            return false;
        }
    }

    /// <summary>Changes name, role and vet's mark. A new role ends the person's sessions. False: someone was quicker.</summary>
    public static async Task<bool> ChangePersonAsync(
        this YardSession yard,
        Guid id,
        string name,
        Role role,
        bool isVet,
        bool isCareful,
        int version
    ) =>
        await yard.ExecuteAsync(
            """
            with ended as (
                update signed_in s set ended_at = now() from person p
                where s.yard_id = @yard and s.person_id = @id and s.ended_at is null
                    and p.yard_id = @yard and p.id = @id and p.version = @version and (p.role, p.is_vet) <> (@role, @isVet))
            update person set name = @name, role = @role, is_vet = @isVet, careful = @isCareful, version = version + 1
            where yard_id = @yard and id = @id and version = @version
            """,
            new
            {
                id,
                name,
                role = role.ToString(),
                isVet,
                isCareful,
                version,
            }
        ) == 1;

    public static Task ChangeMeasuresAsync(this YardSession yard, Guid id, LengthUnit unit, PersonPace pace)
    {
        ArgumentNullException.ThrowIfNull(pace);
        return yard.ExecuteAsync(
            "update person set unit = @unit, pace_metres = @pace where yard_id = @yard and id = @id",
            new
            {
                id,
                unit = unit.ToString(),
                pace = pace.Calibrated ? pace.Length.Metres : (double?)null,
            }
        );
    }

    /// <summary>A new password ends every session begun with the old one.</summary>
    public static Task ChangePasswordAsync(this YardSession yard, Guid id, string passwordHash) =>
        yard.ExecuteAsync(
            """
            with ended as (update signed_in set ended_at = now() where yard_id = @yard and person_id = @id and ended_at is null)
            update person set password_hash = @passwordHash where yard_id = @yard and id = @id
            """,
            new { id, passwordHash }
        );

    /// <summary>Which horses each person has been given.</summary>
    public static async Task<ILookup<Guid, Guid>> GivenHorsesAsync(this YardSession yard) =>
        (await yard.QueryAsync<GivenRow>("select person_id, horse_id from horse_person where yard_id = @yard")).ToLookup(
            r => r.PersonId,
            r => r.HorseId
        );

    public static async Task GiveHorsesAsync(this YardSession yard, Guid personId, IEnumerable<Guid> horseIds)
    {
        await yard.ExecuteAsync("delete from horse_person where yard_id = @yard and person_id = @personId", new { personId });
        await yard.ExecuteAsync(
            """
            insert into horse_person (yard_id, horse_id, person_id)
            select yard_id, id, @personId from horse where yard_id = @yard and id = any(@ids)
            """,
            new { personId, ids = horseIds.Distinct().ToArray() }
        );
    }

    private sealed record GivenRow(Guid PersonId, Guid HorseId);

    private sealed record PersonRow(
        Guid Id,
        string Name,
        string Email,
        string Role,
        bool IsVet,
        string Unit,
        double? PaceMetres,
        bool Careful,
        int Version
    )
    {
        public Kept<Person> ToPerson() =>
            new(
                new Person(
                    Id,
                    Name,
                    Email,
                    Enum.Parse<Role>(Role),
                    IsVet,
                    Enum.Parse<LengthUnit>(Unit),
                    PersonPace.Kept(PaceMetres is { } m ? Distance.FromMetres(m) : null)
                )
                {
                    IsCareful = Careful,
                },
                Version
            );
    }
}
