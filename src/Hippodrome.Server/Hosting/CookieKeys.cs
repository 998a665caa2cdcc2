using System.Xml.Linq;
using Hippodrome.Storage;
using Hippodrome.Storage.Servers;
using Microsoft.AspNetCore.DataProtection.Repositories;

namespace Hippodrome.Server.Hosting;

/// <summary>Cookie keys kept in PostgreSQL, so that every server reads every server's cookies.</summary>
public sealed class CookieKeys(Database database) : IXmlRepository
{
    public IReadOnlyCollection<XElement> GetAllElements() => [.. database.CookieKeys().Select(XElement.Parse)];

    public void StoreElement(XElement element, string friendlyName)
    {
        ArgumentNullException.ThrowIfNull(element);
        database.AddCookieKey(friendlyName, element.ToString(SaveOptions.DisableFormatting));
    }
}
