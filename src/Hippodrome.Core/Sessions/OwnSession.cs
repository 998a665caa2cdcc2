using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>A session of the yard's own as typed, to start from again with any horse.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="For">When it is the right one.</param>
/// <param name="Session">Its parts; day, tack and what stood for one horse are left behind.</param>
public sealed record OwnSessionEntry(string? Name = null, string? For = null, SessionEntry? Session = null)
{
    /// <summary>The template it makes: checked as a plan is, and no more of it kept than suits any horse.</summary>
    /// <param name="today">The day it is kept on.</param>
    public Outcome<OwnSessionEntry> Check(DateOnly today)
    {
        var checks = new Checks();
        var name = checks.Text("name", Name, 80);
        var meant = checks.OptionalText("for", For, 200);
        var session = (Session ?? new SessionEntry()) with
        {
            On = today,
            StartsAt = null,
            Place = "",
            TackIds = [],
            KeptFaults = [],
            Parts = Session?.Parts?.Select(p => p is null ? null! : p with { SetUpId = null }).ToList(),
        };
        var plan = SessionPlan.From(Guid.Empty, session, today);
        checks.AddRange(plan.Faults.Select(f => f with { Field = $"session.{f.Field}" }));
        return checks.Outcome(() => new OwnSessionEntry(name, meant, plan.Value!.ToEntry() with { On = null }));
    }
}
