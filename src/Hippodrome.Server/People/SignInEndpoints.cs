using System.Security.Claims;
using System.Security.Cryptography;
using System.Text;
using Hippodrome.Core.Measures;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Servers;
using Hippodrome.Storage.Yards;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;

namespace Hippodrome.Server.People;

public sealed record SignInEntry(string? Email = null, string? Password = null);

/// <summary>The person who is signed in.</summary>
public sealed record Me(Guid Id, string Name, Role Role, bool IsVet, LengthUnit Unit, double PaceMetres, bool PaceCalibrated);

/// <summary>Who is signed in, if anyone, and the token that every change must carry.</summary>
public sealed record SignInState(Me? Me, string? Yard, DateOnly? Today, string Token);

public static class SignInEndpoints
{
    /// <summary>Failures allowed within the quarter of an hour.</summary>
    public const int MostPerAccount = 5;
    public const int MostPerAddress = 20;
    private const int Minutes = 15;

    // Checked when there is no such person, so that an unknown e-mail takes as long as a wrong password.
    private static readonly string NobodysHash = Passwords.Hash(Guid.NewGuid().ToString());

    public static void MapSignIn(this RouteGroupBuilder api)
    {
        api.MapGet("/sign-in", StateAsync).AllowAnonymous();
        api.MapPost("/sign-in", SignInAsync).AllowAnonymous();
        api.MapDelete("/sign-in", SignOutAsync).AllowAnonymous();
    }

    private static async Task<Ok<SignInState>> StateAsync(HttpContext context, Database database, IAntiforgery antiforgery, TimeProvider clock) =>
        TypedResults.Ok(await StateOfAsync(context, database, antiforgery, clock));

    private static async Task<Results<Ok<SignInState>, ProblemHttpResult>> SignInAsync(
        SignInEntry entry, HttpContext context, Database database, IAntiforgery antiforgery, TimeProvider clock)
    {
        var checks = new Checks();
        var email = checks.Text("email", entry.Email, 200);
        checks.That(entry.Password is { Length: > 0 and <= 200 }, "password", "The password is missing or too long.", "Type your password.");
        if (checks.Faults.Count > 0)
        {
            return Problems.Faulty(checks.Faults);
        }

        var account = Who(email.ToUpperInvariant());
        var address = Who(context.Connection.RemoteIpAddress?.ToString() ?? "");
        // A try counts from the moment it is made, so that many at once are not all let through; a right one is struck off again.
        var mine = Guid.NewGuid();
        if (await database.CountSignInTryAsync(mine, account, Minutes) > MostPerAccount || await database.CountSignInTryAsync(mine, address, Minutes) > MostPerAddress)
        {
            context.Response.Headers.RetryAfter = "900";
            return Problems.Problem(StatusCodes.Status429TooManyRequests, "Too many tries.", $"Wait {Minutes} minutes and try again.");
        }

        var found = await database.FindForSignInAsync(email);
        var right = Passwords.Verify(found?.PasswordHash ?? NobodysHash, entry.Password!);
        if (found is null || !right)
        {
            return Problems.Faulty("password", "That e-mail and password do not belong together.", "Check both and try again.");
        }

        await database.ForgetSignInTriesAsync(mine, account);
        await BeginAsync(context, found.YardId, found.Id, found.Stamp);
        return TypedResults.Ok(await StateOfAsync(context, database, antiforgery, clock));
    }

    private static async Task<Ok<SignInState>> SignOutAsync(HttpContext context, Database database, IAntiforgery antiforgery, TimeProvider clock)
    {
        await context.SignOutAsync(CookieAuthenticationDefaults.AuthenticationScheme);
        context.User = new ClaimsPrincipal(new ClaimsIdentity());
        return TypedResults.Ok(await StateOfAsync(context, database, antiforgery, clock));
    }

    /// <summary>Signs in for this device, until signed out or the password, the role or the key changes.</summary>
    internal static async Task BeginAsync(HttpContext context, Guid yardId, Guid personId, Guid stamp)
    {
        var identity = new ClaimsIdentity(
            [new Claim(ClaimTypes.NameIdentifier, personId.ToString()), new Claim(VisitExtensions.YardClaim, yardId.ToString()), new Claim(VisitExtensions.StampClaim, stamp.ToString())],
            CookieAuthenticationDefaults.AuthenticationScheme);
        var principal = new ClaimsPrincipal(identity);
        await context.SignInAsync(CookieAuthenticationDefaults.AuthenticationScheme, principal, new AuthenticationProperties { IsPersistent = true });
        context.User = principal;
    }

    private static async Task<SignInState> StateOfAsync(HttpContext context, Database database, IAntiforgery antiforgery, TimeProvider clock)
    {
        var token = antiforgery.GetAndStoreTokens(context).RequestToken!;
        if (!Guid.TryParse(context.User.FindFirstValue(VisitExtensions.YardClaim), out var yardId))
        {
            return new SignInState(null, null, null, token);
        }

        await using var yard = await database.OpenYardAsync(yardId, context.RequestAborted);
        var me = (await yard.FindPersonAsync(Guid.Parse(context.User.FindFirstValue(ClaimTypes.NameIdentifier)!)))?.Value;
        if (me is null || me.Stamp.ToString() != context.User.FindFirstValue(VisitExtensions.StampClaim))
        {
            return new SignInState(null, null, null, token);
        }

        var book = await yard.ThisYardAsync();
        var now = TimeZoneInfo.ConvertTime(clock.GetUtcNow(), TimeZoneInfo.FindSystemTimeZoneById(book.TimeZone));
        return new SignInState(PeopleEndpoints.Show(me), book.Name, DateOnly.FromDateTime(now.DateTime), token);
    }

    private static byte[] Who(string who) => SHA256.HashData(Encoding.UTF8.GetBytes(who));
}

/// <summary>Password hashing by the framework's own hasher.</summary>
public static class Passwords
{
    public const int Shortest = 10;

    private static readonly PasswordHasher<object> Hasher = new();
    private static readonly object Anyone = new();

    public static string Hash(string password) => Hasher.HashPassword(Anyone, password);

    public static bool Verify(string hash, string password) => Hasher.VerifyHashedPassword(Anyone, hash, password) != PasswordVerificationResult.Failed;

    public static void Check(Checks checks, string field, string? password)
    {
        ArgumentNullException.ThrowIfNull(checks);
        checks.That(password is { Length: >= Shortest and <= 200 }, field, "The password is too short or far too long.", $"Take {Shortest} characters or more; three odd words do well.");
    }
}
