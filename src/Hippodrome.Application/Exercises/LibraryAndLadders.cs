using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Application.Exercises;

/// <summary>A figure as it is shown: its value, and how far to trust it.</summary>
public sealed record FigureView(int Value, Source Source);

/// <summary>A rung as the library shows it.</summary>
public sealed record RungView
{
    public required string Id { get; init; }

    public required Strand Strand { get; init; }

    public required int Step { get; init; }

    public required string Name { get; init; }

    public required string Purpose { get; init; }

    public required string How { get; init; }

    public required Good Good { get; init; }

    public required string Watch { get; init; }

    public required IReadOnlyList<string> Needs { get; init; }

    public required string? FallBack { get; init; }

    public required FigureView YoungestAge { get; init; }

    public required bool Helper { get; init; }

    public required IReadOnlyList<string> Kit { get; init; }

    public required FigureView? MostAWeek { get; init; }

    public required FigureView SessionsToGoUp { get; init; }

    public required string? Caution { get; init; }

    public required string? Ask { get; init; }
}

/// <summary>A strand with its rungs, the first at the bottom.</summary>
public sealed record LadderView(Strand Strand, IReadOnlyList<RungView> Rungs);

/// <summary>The catalogue, the same for every horse.</summary>
public sealed record Library(IReadOnlyList<LadderView> Ladders);

/// <summary>Where a horse stands on one ladder, which way the evidence points, and what holds the next rung back.</summary>
/// <param name="Strand">The ladder.</param>
/// <param name="RungId">The rung; null where it has not begun.</param>
/// <param name="Stated">Said when it was taken on, and not moved since.</param>
/// <param name="Verdict">Which way the evidence points.</param>
/// <param name="NextRungId">The rung above.</param>
/// <param name="Missing">What holds the next rung back.</param>
/// <param name="LastMove">How it came there.</param>
public sealed record PlaceView(
    Strand Strand,
    string? RungId,
    bool Stated,
    RungVerdict? Verdict,
    string? NextRungId,
    IReadOnlyList<string> Missing,
    MoveView? LastMove
);

/// <summary>A move on a ladder.</summary>
public sealed record MoveView(string? RungId, MoveKind Kind, string Word, DateOnly On, string By);

/// <summary>A ride as evidence for a rung.</summary>
public sealed record EvidenceView(
    Guid RideId,
    DateOnly On,
    string Rider,
    MarksByRein Marks,
    int? TensionPeak,
    bool? ClosingTestPassed,
    bool Good
);

/// <summary>
/// An exercise of a rung: its set-up measured for the horse where a family can build it, else its figure drawn;
/// whether the yard has hidden it; and for a trainer's own, what can be typed over.
/// </summary>
public sealed record ExerciseView(Exercise Exercise, MeasuredSetUp? Measured, FigureDrawing? Drawn, bool Hidden, OwnExerciseView? Own);

/// <summary>A rung for one horse: its texts, the evidence ride by ride, every move on its ladder, its exercises.</summary>
public sealed record RungPage(
    RungView Rung,
    PlaceView Place,
    bool Reached,
    IReadOnlyList<string> Missing,
    IReadOnlyList<EvidenceView> Evidence,
    IReadOnlyList<MoveView> Moves,
    IReadOnlyList<ExerciseView> Exercises,
    RungNote? Note,
    Patience? Patience
);

/// <summary>Follows the evidence on one ladder.</summary>
public sealed record ClimbEntry(Strand? Strand = null);

/// <summary>The library, and where a horse stands on its ladders.</summary>
public static class LibraryAndLadders
{
    public static Library All { get; } = new([.. Catalogue.Strands.Select(s => new LadderView(s, [.. Catalogue.Ladder(s).Select(Show)]))]);

    private static RungView Show(Rung r) =>
        new()
        {
            Id = r.Id,
            Strand = r.Strand,
            Step = r.Step,
            Name = r.Name,
            Purpose = r.Purpose,
            How = r.How,
            Good = r.Good,
            Watch = r.Watch,
            Needs = r.Needs,
            FallBack = r.FallBack,
            YoungestAge = Show(r.YoungestAge),
            Helper = r.Helper,
            Kit = r.Kit,
            MostAWeek = r.MostAWeek is null ? null : Show(r.MostAWeek),
            SessionsToGoUp = Show(r.SessionsToGoUp),
            Caution = r.Caution,
            Ask = r.Ask,
        };

    private static FigureView Show(Figure<int> figure) => new(figure.Value, figure.Source);

    internal static MoveView Show(KeptMove kept) => new(kept.Move.RungId, kept.Move.Kind, kept.Move.Word, kept.Move.On, kept.By);

    public static async Task<List<PlaceView>> PlacesAsync(Guid horseId, Visit visit)
    {
        var book = await LadderBook.OpenAsync(visit, horseId);
        return Catalogue.Strands.Select(book.Show).ToList();
    }

    public static async Task<Answer<RungPage>> RungAsync(Guid horseId, string strand, string rung, Visit visit)
    {
        if (Catalogue.Find($"{strand}/{rung}") is not { } found)
        {
            return Refusal.NotThere;
        }

        var book = await LadderBook.OpenAsync(visit, horseId, found);
        var card = await visit.Yard.StrideCardAsync(book.Horse);
        var hidden = await visit.Yard.HiddenExercisesAsync();
        ExerciseView Draw(Exercise e, OwnExerciseView? own)
        {
            var measured = e.SetUp?.Check().OrThrow().MeasureFor(card, visit.Me.Tape);
            return new ExerciseView(e, measured, measured is null ? FigureDrawing.Of(e, card) : null, hidden.Contains(e.Id), own);
        }

        var own = (await visit.Yard.OwnExercisesAsync(found.Id)).Select(k =>
            Draw(k.Entry.Check(k.Id, kept: true).OrThrow(), OwnLibrary.Show(k))
        );
        return new RungPage(
            Show(found),
            book.Show(found.Strand),
            book.Places.Reached(found),
            book.Places.Missing(found, book.Age),
            book.Evidence(found),
            [.. book.Moves.Where(m => m.Move.Strand == found.Strand).Reverse().Select(Show)],
            [.. own, .. Catalogue.ExercisesOf(found).Select(e => Draw(e, null))],
            await visit.Yard.RungNoteAsync(found.Id),
            Patience.On(found, (await visit.Yard.MovesOnAsync(found.Strand)).Select(horse => horse.ToList()))
        );
    }

    /// <summary>By a trainer's hand, with a word why; the evidence goes on being shown beside it.</summary>
    public static async Task<Answer<List<PlaceView>>> MoveAsync(Guid horseId, RungMoveEntry entry, Visit visit)
    {
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var move = entry.Check(horse.Age(visit.Today), visit.Today);
        if (!move.IsFine)
        {
            return Refusal.Faulty(move.Faults);
        }

        await visit.Yard.AddMoveAsync(horseId, move.Value, visit.Me.Id);
        return await PlacesAsync(horseId, visit);
    }

    /// <summary>Placed on all ladders that are named, with one word for all of them.</summary>
    public static async Task<Answer<List<PlaceView>>> PlaceAsync(Guid horseId, PlacesEntry entry, Visit visit)
    {
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var moves = entry.Check(horse.Age(visit.Today), visit.Today);
        if (!moves.IsFine)
        {
            return Refusal.Faulty(moves.Faults);
        }

        foreach (var move in moves.Value)
        {
            await visit.Yard.AddMoveAsync(horseId, move, visit.Me.Id);
        }

        return await PlacesAsync(horseId, visit);
    }

    public static async Task<Answer<List<PlaceView>>> ClimbAsync(Guid horseId, ClimbEntry entry, Visit visit)
    {
        var checks = new Checks();
        var strand = checks.Choice("strand", entry.Strand);
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        // Two taps must not climb two rungs on the same evidence.
        await visit.Yard.LockAsync(horseId);
        var verdict = (await LadderBook.OpenAsync(visit, horseId)).Show(strand).Verdict;
        if (verdict is not { ToRungId: { } to })
        {
            return Refusal.Faulty(
                "strand",
                "The evidence does not move it on this ladder.",
                verdict is { Missing.Count: > 0 } ? $"Missing: {string.Join(", ", verdict.Missing)}." : "Move it by hand, with a word why."
            );
        }

        var move = new RungMove(
            strand,
            to,
            verdict.Word == RungWord.Up ? MoveKind.Climbed : MoveKind.WentBack,
            verdict.Why.Rule,
            visit.Today
        );
        await visit.Yard.AddMoveAsync(horseId, move, visit.Me.Id);
        return await PlacesAsync(horseId, visit);
    }
}
