using Hippodrome.Application;
using Hippodrome.Core.Measures;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage;
using Hippodrome.Storage.People;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.People;

/// <summary>A person as a trainer types them.</summary>
public sealed record PersonEntry(
    string? Name = null,
    string? Email = null,
    string? Password = null,
    Role? Role = null,
    bool? IsVet = null,
    IReadOnlyList<Guid>? HorseIds = null,
    bool? IsCareful = null
);

/// <summary>A person as trainers see them.</summary>
/// <param name="Id">Who.</param>
/// <param name="Name">Their name.</param>
/// <param name="Email">What they sign in with.</param>
/// <param name="Role">What they may do.</param>
/// <param name="IsVet">A vet.</param>
/// <param name="HorseIds">Horses given to them.</param>
/// <param name="Version">For the next change.</param>
/// <param name="IsCareful">A rider who is given one more repeat before a harder step.</param>
public sealed record PersonView(
    Guid Id,
    string Name,
    string Email,
    Role Role,
    bool IsVet,
    IReadOnlyList<Guid> HorseIds,
    int Version,
    bool IsCareful
);

/// <summary>How I like to measure. Paces over the 20 m strip calibrate mine; nothing leaves it as it is.</summary>
public sealed record MeasuresEntry(LengthUnit? Unit = null, double? PacesOver20Metres = null);

public sealed record PasswordEntry(string? Old = null, string? New = null);

public static class PeopleEndpoints
{
    public static void MapPeople(this RouteGroupBuilder api)
    {
        api.MapGet("/people", ListAsync).Needs(Access.Trains);
        api.MapPost("/people", AddAsync).Needs(Access.Trains).Creates();
        api.MapPut("/people/{personId:guid}", ChangeAsync).Needs(Access.Trains);
        api.MapPut("/me/measures", ChangeMeasuresAsync).Needs(Access.Reads);
        api.MapPut("/me/password", ChangePasswordAsync).Needs(Access.Reads).BearsSecret();
    }

    public static Me Show(Person me)
    {
        ArgumentNullException.ThrowIfNull(me);
        return new Me(me.Id, me.Name, me.Role, me.IsVet, me.Unit, me.Pace.Length.Metres, me.Pace.Calibrated);
    }

    private static async Task<Ok<List<PersonView>>> ListAsync(Visit visit)
    {
        var given = await visit.Yard.GivenHorsesAsync();
        return TypedResults.Ok((await visit.Yard.PeopleAsync()).ConvertAll(p => Show(p, given[p.Value.Id])));
    }

    private static async Task<Results<Ok<PersonView>, ProblemHttpResult>> AddAsync(PersonEntry entry, Visit visit, Passwords passwords)
    {
        var checks = new Checks();
        var (name, role, isVet) = CheckPerson(checks, entry);
        var email = checks.Text("email", entry.Email, 200);
        checks.That(
            email.Length == 0 || (email.Contains('@', StringComparison.Ordinal) && email.Length >= 3),
            "email",
            "That is not an e-mail address.",
            "Write it like name@yard.example."
        );
        Passwords.Check(checks, "password", entry.Password, name, email, visit.Place.Name);
        if (checks.Faults.Count > 0)
        {
            return Problems.Faulty(checks.Faults);
        }

        var id = visit.NewId;
        if (!await visit.Yard.AddPersonAsync(id, name, email, passwords.Hash(entry.Password!), role, isVet, entry.IsCareful ?? false))
        {
            return Problems.Faulty("email", "Someone already signs in with this e-mail.", "Take another.");
        }

        await visit.Yard.GiveHorsesAsync(id, entry.HorseIds ?? []);
        return TypedResults.Ok(await ShowAsync(visit.Yard, id));
    }

    private static async Task<Results<Ok<PersonView>, ProblemHttpResult>> ChangeAsync(
        Guid personId,
        Change<PersonEntry> change,
        Visit visit
    )
    {
        if (await visit.Yard.FindPersonAsync(personId) is null)
        {
            return Problems.NotFound();
        }

        var checks = new Checks();
        var (name, role, isVet) = CheckPerson(checks, change.Entry);
        checks.That(
            personId != visit.Me.Id || role == Role.Trainer,
            "role",
            "You cannot take your own trainer's role away.",
            "Have another trainer do it."
        );
        if (checks.Faults.Count > 0)
        {
            return Problems.Faulty(checks.Faults);
        }

        if (!await visit.Yard.ChangePersonAsync(personId, name, role, isVet, change.Entry.IsCareful ?? false, change.Version))
        {
            return Problems.Conflict(await ShowAsync(visit.Yard, personId), change.Entry with { Password = null });
        }

        await visit.Yard.GiveHorsesAsync(personId, change.Entry.HorseIds ?? []);
        return TypedResults.Ok(await ShowAsync(visit.Yard, personId));
    }

    private static async Task<Results<Ok<Me>, ProblemHttpResult>> ChangeMeasuresAsync(MeasuresEntry entry, Visit visit)
    {
        var checks = new Checks();
        var unit = checks.Choice("unit", entry.Unit);
        var pace = visit.Me.Pace;
        if (entry.PacesOver20Metres is { } paces)
        {
            var walked = PersonPace.FromCount(paces);
            checks.AddRange(walked.Faults);
            pace = walked.Value ?? pace;
        }

        if (checks.Faults.Count > 0)
        {
            return Problems.Faulty(checks.Faults);
        }

        await visit.Yard.ChangeMeasuresAsync(visit.Me.Id, unit, pace);
        return TypedResults.Ok(Show(visit.Me with { Unit = unit, Pace = pace }));
    }

    private static async Task<Results<Ok<Me>, ProblemHttpResult>> ChangePasswordAsync(
        PasswordEntry entry,
        Visit visit,
        HttpContext context,
        Database database,
        Passwords passwords
    )
    {
        var guess = await database.AtTheOldPasswordAsync(visit.Me.Id);
        if (guess.Refused(context) is { } wait)
        {
            return wait;
        }

        var kept = await database.FindForSignInAsync(visit.Me.Email);
        if (kept is null || !passwords.Verify(kept.PasswordHash, entry.Old ?? ""))
        {
            return Problems.Faulty("old", "That is not your password.", "Type the one you signed in with.");
        }

        await guess.WasRightAsync();
        var checks = new Checks();
        Passwords.Check(checks, "new", entry.New, visit.Me.Name, visit.Me.Email, visit.Place.Name);
        if (checks.Faults.Count > 0)
        {
            return Problems.Faulty(checks.Faults);
        }

        await visit.Yard.ChangePasswordAsync(visit.Me.Id, passwords.Hash(entry.New!));
        await SignInEndpoints.BeginAsync(context, visit.Yard, visit.Me.Id);
        return TypedResults.Ok(Show(visit.Me));
    }

    private static (string Name, Role Role, bool IsVet) CheckPerson(Checks checks, PersonEntry entry)
    {
        var name = checks.Text("name", entry.Name, 80);
        var role = checks.Choice("role", entry.Role);
        var isVet = entry.IsVet ?? false;
        checks.That(
            !isVet || role == Role.Observer,
            "isVet",
            "A vet comes as an observer.",
            "Choose observer, or take the vet's mark away."
        );
        return (name, role, isVet);
    }

    private static async Task<PersonView> ShowAsync(YardSession yard, Guid id) =>
        Show((await yard.FindPersonAsync(id))!, (await yard.GivenHorsesAsync())[id]);

    private static PersonView Show(Kept<Person> kept, IEnumerable<Guid> horses) =>
        new(
            kept.Value.Id,
            kept.Value.Name,
            kept.Value.Email,
            kept.Value.Role,
            kept.Value.IsVet,
            [.. horses],
            kept.Version,
            kept.Value.IsCareful
        );
}
