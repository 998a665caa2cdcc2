using System.Security.Cryptography;
using Microsoft.AspNetCore.DataProtection;

namespace Hippodrome.Server.People;

/// <summary>
/// A device that people have signed in on remembers, in a signed cookie, for which accounts: there it is
/// counted by itself, so that strangers who guess at an account do not shut its own devices out.
/// </summary>
public sealed class KnownDevice(IDataProtectionProvider protection)
{
    private const string CookieName = "hippodrome-device";
    private const int MostAccounts = 8;
    private static readonly TimeSpan Remembered = TimeSpan.FromDays(400);

    private readonly IDataProtector _protector = protection.CreateProtector("Hippodrome.KnownDevice");

    /// <summary>The device's own id, if this account has signed in on it before.</summary>
    public string? Of(HttpContext context, string account)
    {
        ArgumentNullException.ThrowIfNull(context);
        var (device, accounts) = Read(context);
        return accounts.Contains(account) ? device : null;
    }

    public void Remember(HttpContext context, string account)
    {
        ArgumentNullException.ThrowIfNull(context);
        var (device, accounts) = Read(context);
        string[] now = [account, .. accounts.Where(a => a != account).Take(MostAccounts - 1)];
        context.Response.Cookies.Append(
            CookieName,
            _protector.Protect(string.Join('\n', [device, .. now])),
            new CookieOptions
            {
                HttpOnly = true,
                Secure = context.Request.IsHttps,
                SameSite = SameSiteMode.Strict,
                MaxAge = Remembered,
                Path = "/",
            }
        );
    }

    private (string Device, string[] Accounts) Read(HttpContext context)
    {
        if (context.Request.Cookies[CookieName] is { } cookie)
        {
            try
            {
                var lines = _protector.Unprotect(cookie).Split('\n');
                return (lines[0], lines[1..]);
            }
            catch (CryptographicException)
            {
                // Not ours, or signed with keys that are gone: a new device.
            }
        }

        return (Guid.NewGuid().ToString("N"), []);
    }
}
