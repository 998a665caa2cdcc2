using Hippodrome.Core.Assessments;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Storage;
using Hippodrome.Storage.Assessments;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Server.Demo;

/// <summary>A line of a demo sheet: left and right, and what was felt on which.</summary>
internal sealed record Line(AssessmentItem Item, double Left, double Right, int Minute, Felt[]? OnLeft = null, Felt[]? OnRight = null);

/// <summary>Writes the passport's pages of demo horses with the same rules that people's own go through.</summary>
internal sealed class DemoBook(YardSession yard, DemoStory story)
{
    public Task KitAsync(params KitItem[] items) => yard.KeepKitAsync(items);

    /// <summary>An assessment ride on a day; finished when the dropped rein is given.</summary>
    public async Task AssessAsync(Horse horse, int daysAgo, int weeksOff, string reported, bool? dropped, params Line[] lines)
    {
        var on = story.Today.AddDays(-daysAgo);
        var assessment = Assessment.Begin(Guid.NewGuid(), new AssessmentEntry(weeksOff, reported), horse, on).OrThrow();
        await yard.AddAssessmentAsync(horse.Id, assessment, story.Trainer);
        foreach (var line in lines)
        {
            // After a rest the later gaits were ridden on the day they opened.
            var day = TimeOff.OpensOn(Sheet.Of(line.Item).Gait, weeksOff, on) ?? on;
            var gates = Gates.For(assessment, null, [], day);
            var sides = Sheet.Of(line.Item).Reins();
            foreach (var rein in sides)
            {
                var entry = new SheetAnswerEntry(
                    line.Item,
                    rein,
                    rein == Rein.Right ? line.Right : line.Left,
                    rein == Rein.Right ? line.OnRight : line.OnLeft,
                    1,
                    line.Minute
                );
                await yard.KeepAnswerAsync(assessment.Id, SheetAnswer.From(entry, gates, day, "").OrThrow(), story.Trainer);
            }
        }

        if (dropped is { } passed)
        {
            await yard.KeepAnswerAsync(
                assessment.Id,
                SheetAnswer
                    .From(
                        new SheetAnswerEntry(AssessmentItem.DroppedRein, Rein.Both, Minute: lines[^1].Minute + 7, Passed: passed),
                        Gates.For(assessment, null, [], on),
                        on,
                        ""
                    )
                    .OrThrow(),
                story.Trainer
            );
            await yard.FinishAssessmentAsync(horse.Id, assessment.Id, on);
        }
    }

    /// <summary>A saddler was there, and what was done.</summary>
    public Task SaddledAsync(Horse horse, int daysAgo, string by, string found, params SaddleWork[] done) =>
        yard.AddCareVisitAsync(
            horse.Id,
            CareVisit
                .From(
                    Guid.NewGuid(),
                    new CareEntry(CareKind.Saddle, story.Today.AddDays(-daysAgo), by, found) { Saddle = done },
                    horse,
                    story.Today
                )
                .OrThrow(),
            story.Trainer
        );

    /// <summary>What it is fed from a day on.</summary>
    public Task FedAsync(Horse horse, int daysAgo, RationEntry ration) =>
        yard.AddRationAsync(
            horse.Id,
            Ration.From(Guid.NewGuid(), ration with { On = story.Today.AddDays(-daysAgo) }, story.Today).OrThrow(),
            story.Trainer
        );

    public Task CareAsync(Horse horse, CareKind kind, int daysAgo, string by, string found = "", int? again = null) =>
        yard.AddCareVisitAsync(
            horse.Id,
            CareVisit
                .From(Guid.NewGuid(), new CareEntry(kind, story.Today.AddDays(-daysAgo), by, found, again), horse, story.Today)
                .OrThrow(),
            story.Trainer
        );

    /// <summary>Shown to somebody on a day; answered so many days ago, if it was.</summary>
    public async Task ReferAsync(Horse horse, int daysAgo, ReferredTo to, string because, (int DaysAgo, string Word)? answered = null)
    {
        var entry = new ReferralEntry(to, because, WaitingWork.Nothing);
        var referral = Referral.From(Guid.NewGuid(), entry, story.Today.AddDays(-daysAgo)).OrThrow();
        await yard.AddReferralAsync(horse.Id, referral, story.Trainer);
        if (answered is { } outcome)
        {
            await yard.AnswerReferralAsync(
                horse.Id,
                referral.Id,
                story.Today.AddDays(-outcome.DaysAgo),
                outcome.Word,
                story.Trainer,
                "Maren Holt"
            );
        }
    }

    /// <summary>A ladder as an older diary has it: rungs with the day each was come to.</summary>
    public async Task DiaryAsync(Horse horse, params (int DaysAgo, string RungId)[] came)
    {
        foreach (var (daysAgo, rungId) in came)
        {
            await story.MoveAsync(horse, -daysAgo, rungId, MoveKind.ByHand, "from the old diary");
        }
    }

    public Task BodyAsync(Horse horse, int daysAgo, double girth, double length, double condition) =>
        yard.AddBodyMeasureAsync(
            horse.Id,
            BodyMeasure
                .From(Guid.NewGuid(), new BodyEntry(story.Today.AddDays(-daysAgo), girth, length, condition), horse, story.Today)
                .OrThrow(),
            story.Trainer
        );

    public Task TackAsync(Horse horse, TackKind kind, string name, string notes = "", double? fencesFrom = null, params Strand[] strands) =>
        yard.AddTackAsync(horse.Id, Tack.From(Guid.NewGuid(), new TackEntry(kind, name, strands, fencesFrom, notes)).OrThrow());

    public Task AccordionAsync(Horse horse, int daysAgo, double gap, int fewest, int most) =>
        yard.AddAccordionAsync(
            horse.Id,
            Accordion
                .From(Guid.NewGuid(), new AccordionEntry(story.Today.AddDays(-daysAgo), gap, fewest, most), horse, story.Today)
                .OrThrow(),
            story.Trainer
        );

    public Task TemperAsync(Horse horse, Temperament temperament) => yard.SetTemperamentAsync(horse.Id, temperament);

    public Task ChooseAsync(Horse? horse, ApproachQuestion question, string choice, string word) =>
        yard.AddApproachChoiceAsync(horse?.Id, new ApproachEntry(question, choice, word).Check().OrThrow(), story.Trainer);

    public async Task OwnExerciseAsync(OwnExerciseEntry entry)
    {
        var id = Guid.NewGuid();
        entry.Check(id).OrThrow();
        await yard.AddOwnExerciseAsync(id, entry, story.Trainer);
    }

    public Task OwnSessionAsync(OwnSessionEntry entry) =>
        yard.AddOwnSessionAsync(Guid.NewGuid(), entry.Check(story.Today).OrThrow(), story.Trainer);

    public Task NoteAsync(string rungId, string note) => yard.KeepRungNoteAsync(Catalogue.Rung(rungId).Id, note, 0, story.Trainer);
}
