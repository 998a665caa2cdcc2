using Hippodrome.Core.Assessments;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Storage.Assessments;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Application.Assessments;

/// <summary>An assessment in a list.</summary>
public sealed record AssessmentLine(
    Guid Id,
    DateOnly StartedOn,
    DateOnly? FinishedOn,
    string By,
    int WeeksOff,
    int Answered,
    SideFinding StiffSide
);

/// <summary>A line of the sheet with its gate, its sides in words and what was answered.</summary>
public sealed record SheetLine(SheetItem Item, Gate Gate, IReadOnlyList<SheetSide> Sides);

/// <summary>One side of a line.</summary>
public sealed record SheetSide(Rein Rein, string Says, SheetAnswer? Answer);

/// <summary>A sheet, all that it says so far, and the baseline beside it.</summary>
public sealed record AssessmentView
{
    public required Guid Id { get; init; }

    public required DateOnly StartedOn { get; init; }

    public required DateOnly? FinishedOn { get; init; }

    public required string By { get; init; }

    public required int WeeksOff { get; init; }

    public required string Reported { get; init; }

    /// <summary>Problems that were reported, each judged by itself.</summary>
    public required IReadOnlyList<ProblemJudged> Problems { get; init; }

    /// <summary>Minutes of walk before anything else.</summary>
    public required int WalkFirst { get; init; }

    public required IReadOnlyList<SheetLine> Lines { get; init; }

    public required Findings Findings { get; init; }

    public required IReadOnlyList<RungProposal> Proposals { get; init; }

    public required FirstWeeks? FirstWeeks { get; init; }

    public required Guid? BesideId { get; init; }

    public required DateOnly? BesideOn { get; init; }

    public required IReadOnlyList<ComparedLine> Beside { get; init; }
}

/// <summary>Taps, sent as often as needed: the last of a line and side stays.</summary>
public sealed record SheetAnswersEntry(IReadOnlyList<SheetAnswerEntry?>? Answers = null);

/// <summary>The strands whose proposals are followed.</summary>
public sealed record AcceptEntry(IReadOnlyList<Strand>? Strands = null);

/// <summary>Assessment rides: the sheet, what it says so far, and what follows from it.</summary>
public static class AssessmentRides
{
    private const int MostAnswers = 60;

    public static async Task<List<AssessmentLine>> ListAsync(Guid horseId, Visit visit) =>
        (await visit.Yard.AssessmentsAsync(horseId)).ConvertAll(k => new AssessmentLine(
            k.Assessment.Id,
            k.Assessment.StartedOn,
            k.Assessment.FinishedOn,
            k.By,
            k.Assessment.WeeksOff,
            k.Assessment.Answers.Count,
            SideRules.StiffSide(k.Assessment)
        ));

    public static async Task<Answer<AssessmentView>> BeginAsync(Guid horseId, AssessmentEntry entry, Visit visit)
    {
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var begun = Assessment.Begin(visit.NewId, entry, horse, visit.Today);
        if (!begun.IsFine)
        {
            return Refusal.Faulty(begun.Faults);
        }

        await visit.Yard.LockAsync(horseId);
        if ((await visit.Yard.AssessmentsAsync(horseId)).Find(k => k.Assessment.FinishedOn is null) is { } open)
        {
            return Refusal.Faulty(
                "",
                $"There is an unfinished sheet of {open.Assessment.StartedOn:d MMMM}.",
                "Take it up again, or finish it as it is."
            );
        }

        if (await HeldAsync(visit, horseId) is { } held)
        {
            return Refusal.Faulty("", $"{horse.Name} is held: {held}.", "No work until a vet has cleared it.");
        }

        await visit.Yard.AddAssessmentAsync(horseId, begun.Value, visit.Me.Id);
        return (await ShowAsync(visit, horseId, begun.Value.Id, null))!;
    }

    public static async Task<Answer<AssessmentView>> OneAsync(Guid horseId, Guid assessmentId, Visit visit, Guid? beside) =>
        await ShowAsync(visit, horseId, assessmentId, beside) is { } view ? view : Refusal.NotThere;

    /// <summary>Keeps taps. All of one sending are kept or none; a sign of lameness holds the horse at once.</summary>
    public static async Task<Answer<AssessmentView>> AnswerAsync(Guid horseId, Guid assessmentId, SheetAnswersEntry entry, Visit visit)
    {
        if ((await visit.Yard.AssessmentsAsync(horseId)).Find(k => k.Assessment.Id == assessmentId)?.Assessment is not { } assessment)
        {
            return Refusal.NotThere;
        }

        var sent = entry.Answers ?? [];
        if (assessment.FinishedOn is not null || sent.Count is 0 or > MostAnswers)
        {
            return assessment.FinishedOn is not null
                ? Refusal.Faulty("answers", "This sheet is finished, and stays as it was.", "Begin another one.")
                : Refusal.Faulty(
                    "answers",
                    sent.Count == 0 ? "There is no answer in this." : "More answers than the sheet has lines.",
                    "Send what was tapped."
                );
        }

        var gates = await GatesAsync(visit, horseId, assessment);
        var read = sent.Select((a, i) => SheetAnswer.From(a, gates, visit.Today, $"answers[{i}]")).ToList();
        if (read.SelectMany(a => a.Faults).ToList() is { Count: > 0 } faults)
        {
            return Refusal.Faulty(faults);
        }

        foreach (var answer in read.Select(a => a.OrThrow()))
        {
            await visit.Yard.KeepAnswerAsync(assessmentId, answer, visit.Me.Id);
            var before = assessment.At(answer.Item, answer.Rein)?.Felt ?? [];
            if (answer.Felt.Except(before).Select(f => f.Holds()).OfType<string>().FirstOrDefault() is { } because)
            {
                await visit.Yard.RaiseHoldAsync(horseId, because, visit.Today);
            }
        }

        return (await ShowAsync(visit, horseId, assessmentId, null))!;
    }

    public static async Task<Answer<AssessmentView>> FinishAsync(Guid horseId, Guid assessmentId, Visit visit)
    {
        if ((await visit.Yard.AssessmentsAsync(horseId)).Find(k => k.Assessment.Id == assessmentId) is not { } kept)
        {
            return Refusal.NotThere;
        }

        if (kept.Assessment.Answers.Count == 0)
        {
            return Refusal.Faulty("answers", "Nothing has been marked yet.", "Mark a line first, or come back later: the sheet waits.");
        }

        return await visit.Yard.FinishAssessmentAsync(horseId, assessmentId, visit.Today)
            ? (await ShowAsync(visit, horseId, assessmentId, null))!
            : Refusal.Faulty("", "This sheet is finished already.", "Nothing is left to do.");
    }

    /// <summary>Follows proposals: the horse is moved to them, and the ride is the reason.</summary>
    public static async Task<Answer<AssessmentView>> AcceptAsync(Guid horseId, Guid assessmentId, AcceptEntry entry, Visit visit)
    {
        await visit.Yard.LockAsync(horseId);
        if (await ShowAsync(visit, horseId, assessmentId, null) is not { } view)
        {
            return Refusal.NotThere;
        }

        var moves = view.Proposals.Where(p => p.Moves && entry.Strands?.Contains(p.Strand) == true).ToList();
        if (view.FinishedOn is null || moves.Count == 0)
        {
            return view.FinishedOn is null
                ? Refusal.Faulty("strands", "The sheet is not finished.", "Finish it first.")
                : Refusal.Faulty("strands", "None of these would move.", "Choose a strand whose proposal differs from where it stands.");
        }

        foreach (var p in moves)
        {
            await visit.Yard.AddMoveAsync(
                horseId,
                new RungMove(p.Strand, p.RungId, MoveKind.Assessed, $"assessment ride of {view.StartedOn:d MMMM}: {p.Says}", visit.Today),
                visit.Me.Id
            );
        }

        return (await ShowAsync(visit, horseId, assessmentId, null))!;
    }

    private static async Task<AssessmentView?> ShowAsync(Visit visit, Guid horseId, Guid id, Guid? besideId)
    {
        var all = await visit.Yard.AssessmentsAsync(horseId);
        if (all.Find(k => k.Assessment.Id == id) is not { } kept)
        {
            return null;
        }

        var a = kept.Assessment;
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var places = Places.From((await visit.Yard.MovesAsync([horseId]))[horseId].Select(m => m.Move));
        var gates = await GatesAsync(visit, horseId, a);
        PlanChecks.WalkFirstNeeded(horse.Age(a.StartedOn), null, out var walkFirst);
        // The baseline is the first that was finished; any earlier one may lie beside instead.
        var earlier = all.SkipWhile(k => k.Assessment.Id != id)
            .Skip(1)
            .Select(k => k.Assessment)
            .Where(x => x.FinishedOn is not null)
            .ToList();
        var beside = earlier.Find(x => x.Id == besideId) ?? earlier.LastOrDefault();
        return new AssessmentView
        {
            Id = a.Id,
            StartedOn = a.StartedOn,
            FinishedOn = a.FinishedOn,
            By = kept.By,
            WeeksOff = a.WeeksOff,
            Reported = a.Reported,
            Problems = ReportedProblems.Of(a),
            WalkFirst = walkFirst,
            Lines =
            [
                .. Sheet.Items.Select(i => new SheetLine(
                    i,
                    gates.First(g => g.Item == i.Item),
                    [.. i.Reins().Select(r => new SheetSide(r, i.Say(r), a.At(i.Item, r)))]
                )),
            ],
            Findings = Findings.Of(a, walkFirst),
            Proposals = RungProposals.Of(a, places, horse.Age(visit.Today)),
            FirstWeeks = FirstWeeks.Of(a, walkFirst),
            BesideId = beside?.Id,
            BesideOn = beside?.StartedOn,
            Beside = beside is null ? [] : Comparison.Of(beside, a),
        };
    }

    private static async Task<IReadOnlyList<Gate>> GatesAsync(Visit visit, Guid horseId, Assessment assessment) =>
        Gates.For(
            assessment,
            await HeldAsync(visit, horseId),
            [.. (await visit.Yard.RestrictionsAsync([horseId])).Where(r => r.ClearedOn is null).Select(r => r.Restriction)],
            visit.Today
        );

    private static async Task<string?> HeldAsync(Visit visit, Guid horseId) =>
        (await visit.Yard.HoldsAsync([horseId])).Find(h => h.ClearedOn is null)?.Because;
}
