namespace Hippodrome.Storage.People;

/// <summary>Sign-ins under way: one for each device somebody has signed in on. They end here, whatever a cookie says.</summary>
public static class SignedInStore
{
    /// <summary>After so many days a device has to sign in again.</summary>
    public const int LongestDays = 180;

    public static Task BeginSignInAsync(this YardSession yard, Guid id, Guid personId) =>
        yard.ExecuteAsync("insert into signed_in (yard_id, id, person_id) values (@yard, @id, @personId)", new { id, personId });

    public static Task EndSignInAsync(this YardSession yard, Guid id) =>
        yard.ExecuteAsync("update signed_in set ended_at = now() where yard_id = @yard and id = @id and ended_at is null", new { id });

    /// <summary>Whose sign-in this is; null where it has ended or grown too old.</summary>
    public static async Task<Person?> SignedInAsync(this YardSession yard, Guid id) =>
        (
            await yard.FindPersonWhereAsync(
                "id = (select person_id from signed_in where yard_id = @yard and id = @id and ended_at is null and begun_at > now() - make_interval(days => @LongestDays))",
                new { id, LongestDays }
            )
        )?.Value;
}
