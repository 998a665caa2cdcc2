using System.Security.Claims;
using Hippodrome.Core.Measures;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.People;

public sealed record SignInEntry(string? Email = null, string? Password = null);

/// <summary>The person who is signed in.</summary>
public sealed record Me(Guid Id, string Name, Role Role, bool IsVet, LengthUnit Unit, double PaceMetres, bool PaceCalibrated);

/// <summary>Who is signed in, if anyone, and the token that every change must carry.</summary>
public sealed record SignInState(Me? Me, string? Yard, DateOnly? Today, string Token);

public static class SignInEndpoints
{
    public static void MapSignIn(this RouteGroupBuilder api)
    {
        api.MapGet("/sign-in", StateAsync).AllowAnonymous().BearsSecret();
        api.MapPost("/sign-in", SignInAsync).AllowAnonymous().BearsSecret();
        api.MapDelete("/sign-in", SignOutAsync).AllowAnonymous().BearsSecret();
    }

    private static async Task<Ok<SignInState>> StateAsync(
        HttpContext context,
        Database database,
        IAntiforgery antiforgery,
        TimeProvider clock
    ) => TypedResults.Ok(await StateOfAsync(context, database, antiforgery, clock));

    private static async Task<Results<Ok<SignInState>, ProblemHttpResult>> SignInAsync(
        SignInEntry entry,
        HttpContext context,
        Database database,
        Passwords passwords,
        KnownDevice device,
        IAntiforgery antiforgery,
        TimeProvider clock
    )
    {
        var checks = new Checks();
        var email = checks.Text("email", entry.Email, 200);
        checks.That(
            entry.Password is { Length: > 0 and <= 200 },
            "password",
            "The password is missing or too long.",
            "Type your password."
        );
        if (checks.Faults.Count > 0)
        {
            return Problems.Faulty(checks.Faults);
        }

        var account = email.ToUpperInvariant();
        var guess = await database.AtTheDoorAsync(context, account, device.Of(context, account));
        if (guess.Refused(context) is { } wait)
        {
            return wait;
        }

        var found = await database.FindForSignInAsync(email);
        var right = passwords.Verify(found?.PasswordHash, entry.Password!);
        if (found is null || !right)
        {
            return Problems.Faulty("password", "That e-mail and password do not belong together.", "Check both and try again.");
        }

        await guess.WasRightAsync();
        device.Remember(context, account);
        await using (var yard = await database.OpenYardAsync(found.YardId, context.RequestAborted))
        {
            await BeginAsync(context, yard, found.Id);
            await yard.CommitAsync();
        }

        return TypedResults.Ok(await StateOfAsync(context, database, antiforgery, clock));
    }

    /// <summary>Ends the sign-in on the server: a copy of its cookie opens nothing from now on.</summary>
    private static async Task<Ok<SignInState>> SignOutAsync(
        HttpContext context,
        Database database,
        IAntiforgery antiforgery,
        TimeProvider clock
    )
    {
        if (context.User.SignIn() is { } signIn)
        {
            await using var yard = await database.OpenYardAsync(signIn.YardId, context.RequestAborted);
            await yard.EndSignInAsync(signIn.Id);
            await yard.CommitAsync();
        }

        await context.SignOutAsync(CookieAuthenticationDefaults.AuthenticationScheme);
        context.User = new ClaimsPrincipal(new ClaimsIdentity());
        return TypedResults.Ok(await StateOfAsync(context, database, antiforgery, clock));
    }

    /// <summary>Signs in on this device, until signed out or the password or the role changes.</summary>
    internal static async Task BeginAsync(HttpContext context, YardSession yard, Guid personId)
    {
        var id = Guid.NewGuid();
        await yard.BeginSignInAsync(id, personId);
        var identity = new ClaimsIdentity(
            [
                new Claim(ClaimTypes.NameIdentifier, personId.ToString()),
                new Claim(Visits.YardClaim, yard.YardId.ToString()),
                new Claim(Visits.SignInClaim, id.ToString()),
            ],
            CookieAuthenticationDefaults.AuthenticationScheme
        );
        var principal = new ClaimsPrincipal(identity);
        await context.SignInAsync(
            CookieAuthenticationDefaults.AuthenticationScheme,
            principal,
            new AuthenticationProperties { IsPersistent = true }
        );
        context.User = principal;
    }

    private static async Task<SignInState> StateOfAsync(
        HttpContext context,
        Database database,
        IAntiforgery antiforgery,
        TimeProvider clock
    )
    {
        var token = antiforgery.GetAndStoreTokens(context).RequestToken!;
        if (context.User.SignIn() is not { } signIn)
        {
            return new SignInState(null, null, null, token);
        }

        await using var yard = await database.OpenYardAsync(signIn.YardId, context.RequestAborted);
        if (await yard.SignedInAsync(signIn.Id) is not { } me)
        {
            return new SignInState(null, null, null, token);
        }

        var book = await yard.ThisYardAsync();
        var now = TimeZoneInfo.ConvertTime(clock.GetUtcNow(), TimeZoneInfo.FindSystemTimeZoneById(book.TimeZone));
        return new SignInState(PeopleEndpoints.Show(me), book.Name, DateOnly.FromDateTime(now.DateTime), token);
    }
}
