using Hippodrome.Core.Measures;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;

namespace Hippodrome.Server.People;

/// <summary>Password hashing by the framework's own hasher, and how soon one is guessed by zxcvbn.</summary>
public sealed class Passwords(IOptions<PasswordHasherOptions> cost)
{
    public const int Shortest = 10;

    /// <summary>Of 0 to 4, by how long guessing takes.</summary>
    private const int WeakestScore = 3;

    // Its work grows with the square of the length, and what comes after this many characters does not make a password weak.
    private const int LookedAt = 100;

    private static readonly object Anyone = new();

    private readonly PasswordHasher<object> _hasher = new(cost);
    private string? _nobodys;

    public string Hash(string password) => _hasher.HashPassword(Anyone, password);

    /// <summary>Whether it is the password. Where there is no such person it takes as long as a wrong one.</summary>
    public bool Verify(string? hash, string password) =>
        _hasher.VerifyHashedPassword(Anyone, hash ?? (_nobodys ??= Hash(Guid.NewGuid().ToString())), password)
            != PasswordVerificationResult.Failed
        && hash is not null;

    /// <summary>A password for somebody of whom others know all this: name, e-mail, yard.</summary>
    public static void Check(Checks checks, string field, string? password, params IEnumerable<string> known)
    {
        ArgumentNullException.ThrowIfNull(checks);
        var before = checks.Faults.Count;
        checks.That(
            password is { Length: >= Shortest and <= 200 },
            field,
            "The password is too short or far too long.",
            $"Take {Shortest} characters or more; three odd words do well."
        );
        if (checks.Faults.Count == before && password is not null)
        {
            var guessed = Zxcvbn.Zxcvbn.MatchPassword(password[..Math.Min(password.Length, LookedAt)], Words([.. known]));
            checks.That(
                guessed.Score >= WeakestScore,
                field,
                "This password is guessed too soon.",
                "Leave out names, dates and keys that lie side by side; three odd words do well."
            );
        }
    }

    private static IEnumerable<string> Words(IReadOnlyList<string> known) =>
        known.Concat(known.SelectMany(k => k.Split([' ', '@', '.', '-', '_'], StringSplitOptions.RemoveEmptyEntries))).Append("hippodrome");
}
