using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Assessments;

/// <summary>What the ride says of a problem that was reported.</summary>
public enum Shown
{
    /// <summary>It was felt.</summary>
    Seen,

    /// <summary>It could have been felt, and was not.</summary>
    NotSeen,

    /// <summary>Nothing that would show it has been ridden yet.</summary>
    NotAskedYet,
}

/// <summary>A problem that was reported, and what this ride says of it.</summary>
/// <param name="Problem">Which.</param>
/// <param name="Shown">Whether it was felt.</param>
/// <param name="Lines">Lines of the sheet ridden in which it can be felt.</param>
/// <param name="SeenIn">Those in which it was.</param>
/// <param name="Why">Rule and inputs.</param>
public sealed record ProblemJudged(Felt Problem, Shown Shown, int Lines, int SeenIn, Why Why);

/// <summary>Problems that others report are judged one by one from what was seen, and not taken over (common practice, no source).</summary>
public static class ReportedProblems
{
    /// <summary>A pain is looked at by a vet before anybody mounts, and that it knows a thing is no problem.</summary>
    public static bool CanBeReported(Felt felt) => Enum.IsDefined(felt) && felt.Holds() is null && felt != Felt.Knows;

    public static IReadOnlyList<ProblemJudged> Of(Assessment assessment)
    {
        ArgumentNullException.ThrowIfNull(assessment);
        return [.. assessment.Problems.Select(p => Judge(assessment, p))];
    }

    private static ProblemJudged Judge(Assessment assessment, Felt problem)
    {
        var ridden = assessment
            .Answers.Where(a => Sheet.Of(a.Item).Chips.Contains(problem))
            .OrderBy(a => a.Item)
            .ThenBy(a => a.Rein)
            .ToList();
        var seen = ridden.FindAll(a => a.Felt.Contains(problem));
        return new ProblemJudged(
            problem,
            seen.Count > 0 ? Shown.Seen
                : ridden.Count > 0 ? Shown.NotSeen
                : Shown.NotAskedYet,
            ridden.Count,
            seen.Count,
            Why.Of(
                "A reported problem is judged by itself, from the lines of the sheet that would show it",
                [$"{ridden.Count} lines ridden that would show it", .. seen.Select(a => $"felt in {Findings.Where(a)}")],
                Source.CommonPractice
            )
        );
    }
}
