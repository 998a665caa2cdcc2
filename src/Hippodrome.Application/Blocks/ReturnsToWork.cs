using Hippodrome.Core.Blocks;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Measures;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Application.Blocks;

/// <summary>A gate of a week, as answered.</summary>
/// <param name="Monday">The week.</param>
/// <param name="Gate">Which gate.</param>
/// <param name="Passed">Passed or not.</param>
/// <param name="Word">What was seen.</param>
/// <param name="Known">What a vet has entered as old and known, where this is that and nothing new.</param>
public sealed record GateEntry(
    DateOnly? Monday = null,
    ReturnGate? Gate = null,
    bool? Passed = null,
    string? Word = null,
    Guid? Known = null
);

/// <summary>A stage of the vet's plan that has been cleared, as entered.</summary>
public sealed record StageClearanceEntry(int? Stage = null, DateOnly? On = null, string? By = null);

/// <summary>Gates of a return to work and stages of a vet's plan, as they are answered and cleared.</summary>
public static class ReturnsToWork
{
    /// <summary>Keeps an answer; earlier ones stay on record.</summary>
    public static async Task<Answer<BlockView>> AnswerAsync(Guid horseId, Guid blockId, GateEntry entry, Visit visit)
    {
        if (await visit.Yard.FindBlockAsync(horseId, blockId) is not { } kept)
        {
            return Refusal.NotThere;
        }

        var checks = new Checks();
        var gate = checks.Choice("gate", entry.Gate);
        checks.That(kept.Entry.Purpose == Purpose.Return, "gate", "Only a return has gates.", "Nothing to answer here.");
        checks.That(
            entry.Monday is { } day && kept.Plan.Weeks.Any(w => w.Monday == day) && day <= visit.Today,
            "monday",
            "That is not a week of this block that has begun.",
            "Give the Monday of one of its weeks."
        );
        checks.That(entry.Passed is not null, "passed", "Passed or not?", "Choose one.");
        var word = checks.OptionalText("word", entry.Word, 300);
        var known = entry.Known is { } id ? (await visit.Yard.KnownFindingsAsync(horseId)).Find(k => k.Id == id) : null;
        checks.That(
            entry.Known is null || (known is not null && gate == ReturnGate.LegsCool),
            "known",
            "Nobody has entered that as old and known.",
            "Let a vet enter it in the passport first."
        );
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        var passed = entry.Passed!.Value || known is not null;
        await visit.Yard.AddGateAnswerAsync(
            blockId,
            new GateAnswer(TrainingLoad.Monday(entry.Monday!.Value), gate, passed, known is null ? word : $"old and known: {known.What}"),
            visit.Me.Id,
            visit.Now
        );
        // Heat or swelling is a sign of lameness like any other, wherever it is told.
        if (gate == ReturnGate.LegsCool && !passed)
        {
            await visit.Yard.RaiseHoldAsync(horseId, "heat or swelling in a leg the next morning", visit.Today);
        }

        return await BlockViews.ShowAsync(visit, kept);
    }

    public static async Task<Answer<BlockView>> ClearAsync(Guid horseId, Guid blockId, StageClearanceEntry entry, Visit visit)
    {
        if (await visit.Yard.FindBlockAsync(horseId, blockId) is not { } kept)
        {
            return Refusal.NotThere;
        }

        var stages = kept.Entry.Return?.Stages ?? [];
        var checks = new Checks();
        var by = checks.Text("by", entry.By, 80);
        checks.That(
            entry.Stage is { } stage && stage > 0 && stage < stages.Count && !string.IsNullOrWhiteSpace(stages[stage].WaitsFor),
            "stage",
            "No stage of this plan waits for that.",
            "Choose the stage that waits."
        );
        checks.That(
            entry.On is { } on && on <= visit.Today && on >= visit.Today.AddYears(-1),
            "on",
            "That day has not come yet, or is missing.",
            "Give the day it was cleared."
        );
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        await visit.Yard.ClearStageAsync(blockId, new StageCleared(entry.Stage!.Value, entry.On!.Value, by), visit.Me.Id);
        return await BlockViews.ShowAsync(visit, kept);
    }
}
