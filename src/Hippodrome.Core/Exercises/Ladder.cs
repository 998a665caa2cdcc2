using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Exercises;

/// <summary>Builds one strand's ladder: each rung is numbered and falls back to the one below it.</summary>
internal static class Ladder
{
    public static IReadOnlyList<Rung> Of(Strand strand, string prefix, params RungDraft[] drafts) =>
        [
            .. drafts.Select(
                (d, i) =>
                    new Rung
                    {
                        Id = $"{prefix}/{d.Slug}",
                        Strand = strand,
                        Step = i + 1,
                        Name = d.Name,
                        Purpose = d.Purpose,
                        How = d.How,
                        Good = d.Good,
                        Watch = d.Watch,
                        Needs = d.Needs ?? [],
                        FallBack = i == 0 ? null : $"{prefix}/{drafts[i - 1].Slug}",
                        YoungestAge = d.YoungestAge,
                        Helper = d.Helper,
                        Kit = d.Kit ?? [],
                        MostAWeek = d.MostAWeek,
                        SessionsToGoUp = d.SessionsToGoUp ?? ExerciseFigures.SessionsToGoUp,
                        Caution = d.Caution,
                        Ask = d.Ask,
                        MostHeight = d.MostHeight,
                        NoFence = d.NoFence,
                    }
            ),
        ];
}

/// <summary>A rung as its ladder writes it down.</summary>
internal sealed record RungDraft
{
    public required string Slug { get; init; }

    public required string Name { get; init; }

    public required Measures.Figure<int> YoungestAge { get; init; }

    public required string Purpose { get; init; }

    public required string How { get; init; }

    public required Good Good { get; init; }

    public required string Watch { get; init; }

    public string[]? Needs { get; init; }

    public string[]? Kit { get; init; }

    public bool Helper { get; init; }

    public Measures.Figure<int>? MostAWeek { get; init; }

    public Measures.Figure<int>? SessionsToGoUp { get; init; }

    public string? Caution { get; init; }

    public string? Ask { get; init; }

    public Measures.Figure<double>? MostHeight { get; init; }

    public bool NoFence { get; init; }
}
