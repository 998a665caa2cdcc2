using Hippodrome.Core.Assessments;
using Hippodrome.Core.Horses;

namespace Hippodrome.Storage.Assessments;

/// <summary>An assessment, whose it is and who began it.</summary>
public sealed record KeptAssessment(Guid HorseId, Assessment Assessment, string By);

public static class AssessmentStore
{
    /// <summary>Every assessment of a horse, the latest first.</summary>
    public static async Task<List<KeptAssessment>> AssessmentsAsync(this YardSession yard, Guid horseId)
    {
        var rows = await yard.QueryAsync<AssessmentRow>(
            """
            select a.horse_id, a.id, a.started_on, a.weeks_off, a.reported, array_to_string(a.problems, ',') as problems, a.finished_on, p.name as by
            from assessment a join person p on p.yard_id = a.yard_id and p.id = a.begun_by
            where a.yard_id = @yard and a.horse_id = @horseId order by a.started_on desc, a.made_at desc, a.id
            """,
            new { horseId }
        );
        var answers =
            rows.Count == 0
                ? Enumerable.Empty<AnswerRow>().ToLookup(a => a.AssessmentId, a => a.ToAnswer())
                : (
                    await yard.QueryAsync<AnswerRow>(
                        """
                        select assessment_id, item, rein, mark, array_to_string(felt, ',') as felt, tension, minute, passed, on_day
                        from assessment_answer where yard_id = @yard and assessment_id = any(@ids)
                        """,
                        new { ids = rows.Select(r => r.Id).ToArray() }
                    )
                ).ToLookup(a => a.AssessmentId, a => a.ToAnswer());
        return
        [
            .. rows.Select(r => new KeptAssessment(
                r.HorseId,
                new Assessment(
                    r.Id,
                    r.StartedOn,
                    r.WeeksOff,
                    r.Reported,
                    [.. answers[r.Id].OrderBy(a => a.Item).ThenBy(a => a.Rein)],
                    r.FinishedOn
                )
                {
                    Problems = [.. r.Problems.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(Enum.Parse<Felt>)],
                },
                r.By
            )),
        ];
    }

    /// <summary>When these horses were assessed, since a day.</summary>
    public static Task<List<AssessedOn>> AssessedOnAsync(this YardSession yard, IEnumerable<Guid> horseIds, DateOnly since) =>
        yard.QueryAsync<AssessedOn>(
            "select horse_id, id, started_on, weeks_off, finished_on from assessment where yard_id = @yard and horse_id = any(@ids) and started_on >= @since",
            new { ids = horseIds.ToArray(), since }
        );

    public static Task AddAssessmentAsync(this YardSession yard, Guid horseId, Assessment assessment, Guid by)
    {
        ArgumentNullException.ThrowIfNull(assessment);
        return yard.ExecuteAsync(
            "insert into assessment (yard_id, horse_id, id, started_on, weeks_off, reported, problems, begun_by) values (@yard, @horseId, @Id, @StartedOn, @WeeksOff, @Reported, @problems, @by)",
            new
            {
                horseId,
                assessment.Id,
                assessment.StartedOn,
                assessment.WeeksOff,
                assessment.Reported,
                problems = assessment.Problems.Select(p => p.ToString()).ToArray(),
                by,
            }
        );
    }

    /// <summary>Keeps an answer; a later one of the same line and side takes its place.</summary>
    public static Task KeepAnswerAsync(this YardSession yard, Guid assessmentId, SheetAnswer answer, Guid by)
    {
        ArgumentNullException.ThrowIfNull(answer);
        return yard.ExecuteAsync(
            """
            insert into assessment_answer (yard_id, assessment_id, item, rein, mark, felt, tension, minute, passed, on_day, tapped_by)
            values (@yard, @assessmentId, @item, @rein, @mark, @felt, @Tension, @Minute, @Passed, @On, @by)
            on conflict (yard_id, assessment_id, item, rein) do update set
                mark = excluded.mark, felt = excluded.felt, tension = excluded.tension, minute = excluded.minute, passed = excluded.passed,
                on_day = excluded.on_day, tapped_by = excluded.tapped_by
            """,
            new
            {
                assessmentId,
                item = answer.Item.ToString(),
                rein = answer.Rein.ToString(),
                mark = answer.Mark?.Value,
                felt = answer.Felt.Select(f => f.ToString()).ToArray(),
                answer.Tension,
                answer.Minute,
                answer.Passed,
                answer.On,
                by,
            }
        );
    }

    /// <summary>False when it has been finished already.</summary>
    public static async Task<bool> FinishAssessmentAsync(this YardSession yard, Guid horseId, Guid id, DateOnly on) =>
        await yard.ExecuteAsync(
            "update assessment set finished_on = @on where yard_id = @yard and horse_id = @horseId and id = @id and finished_on is null",
            new
            {
                horseId,
                id,
                on,
            }
        ) == 1;

    private sealed record AssessmentRow(
        Guid HorseId,
        Guid Id,
        DateOnly StartedOn,
        int WeeksOff,
        string Reported,
        string Problems,
        DateOnly? FinishedOn,
        string By
    );

    private sealed record AnswerRow(
        Guid AssessmentId,
        string Item,
        string Rein,
        double? Mark,
        string Felt,
        int? Tension,
        int? Minute,
        bool? Passed,
        DateOnly OnDay
    )
    {
        public SheetAnswer ToAnswer() =>
            new(
                Enum.Parse<AssessmentItem>(Item),
                Enum.Parse<Rein>(Rein),
                Mark is { } mark ? Core.Measures.Mark.Of(mark) : null,
                [.. Felt.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(Enum.Parse<Felt>)],
                Tension,
                Minute,
                Passed,
                OnDay
            );
    }
}
