using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace Hippodrome.Formats.Calendars;

/// <summary>One entry of a calendar: a whole day, or from a time for some minutes.</summary>
/// <param name="Id">Stays the same when the plan changes, so that a calendar moves it and does not double it.</param>
/// <param name="Revision">Goes up with every change (RFC 5545, SEQUENCE).</param>
/// <param name="On">The day.</param>
/// <param name="Minutes">How long; a whole day where nothing is given.</param>
/// <param name="Title">What it is.</param>
/// <param name="Says">More about it.</param>
public sealed record CalendarEntry(Guid Id, int Revision, DateOnly On, int? Minutes, string Title, string Says);

/// <summary>Writes iCalendar (RFC 5545).</summary>
public static class CalendarFile
{
    public const string ContentType = "text/calendar; charset=utf-8";

    /// <param name="name">The calendar's name.</param>
    /// <param name="entries">What is in it.</param>
    /// <param name="stamp">When it was written, in UTC.</param>
    public static string Write(string name, IEnumerable<CalendarEntry> entries, DateTime stamp)
    {
        var calendar = new Calendar { ProductId = "-//Hippodrome//Training calendar//EN" };
        calendar.AddProperty("X-WR-CALNAME", name);
        foreach (var entry in entries.OrderBy(e => e.On).ThenBy(e => e.Id))
        {
            calendar.Events.Add(
                new CalendarEvent
                {
                    Uid = $"{entry.Id}@hippodrome",
                    Sequence = entry.Revision,
                    DtStamp = new CalDateTime(stamp, "UTC"),
                    // Whole days: when in the day a horse is ridden is settled in the yard, not in the calendar.
                    Start = new CalDateTime(entry.On),
                    End = new CalDateTime(entry.On.AddDays(1)),
                    Summary = entry.Minutes is { } minutes ? $"{entry.Title}, {minutes} min" : entry.Title,
                    Description = entry.Says,
                    Transparency = TransparencyType.Transparent,
                }
            );
        }

        return new CalendarSerializer().SerializeToString(calendar) ?? "";
    }
}
