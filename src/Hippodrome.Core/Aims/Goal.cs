using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Aims;

/// <summary>What a horse works towards beyond one competition, as typed.</summary>
/// <param name="Name">A season, a level, a final.</param>
/// <param name="Until">By when.</param>
public sealed record GoalEntry(string? Name = null, DateOnly? Until = null)
{
    public Outcome<Goal> Check(DateOnly today)
    {
        var checks = new Checks();
        var name = checks.Text("name", Name, 80);
        checks.That(
            Until is { } until && until > today && until <= today.AddYears(3),
            "until",
            "That day does not fit a goal.",
            "Give a day within the next three years."
        );
        return checks.Outcome(() => new Goal(name, Until!.Value));
    }
}

/// <summary>What a horse works towards beyond one competition: its aims are the way there, in order of importance.</summary>
public sealed record Goal(string Name, DateOnly Until);
