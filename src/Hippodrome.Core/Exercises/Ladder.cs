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
internal sealed record RungDraft(
    string Slug,
    string Name,
    Measures.Figure<int> YoungestAge,
    string Purpose,
    string How,
    Good Good,
    string Watch,
    string[]? Needs = null,
    string[]? Kit = null,
    bool Helper = false,
    Measures.Figure<int>? MostAWeek = null,
    Measures.Figure<int>? SessionsToGoUp = null,
    string? Caution = null,
    string? Ask = null,
    Measures.Figure<double>? MostHeight = null,
    bool NoFence = false
);
