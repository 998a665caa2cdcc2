using Hippodrome.Core.Care;

namespace Hippodrome.Storage.Care;

/// <summary>A referral, whose it is, and who opened it.</summary>
public sealed record KeptReferral(Guid HorseId, Referral Referral, string OpenedBy);

public static class ReferralStore
{
    private const string Select = """
        select r.horse_id, r.id, r.to_whom, r.because, r.waits, r.on_day, r.ride_id, r.rule, r.answered_on, r.answer,
            a.name as answered_by, p.name as opened_by
        from referral r join person p on p.yard_id = @yard and p.id = r.opened_by
        left join person a on a.yard_id = @yard and a.id = r.answered_by
        where r.yard_id = @yard
        """;

    /// <summary>Referrals of a horse, the open ones first and of each the latest first.</summary>
    public static async Task<List<KeptReferral>> ReferralsAsync(this YardSession yard, Guid horseId) =>
        (
            await yard.QueryAsync<ReferralRow>(
                $"{Select} and r.horse_id = @horseId order by r.answered_on is not null, r.on_day desc, r.id",
                new { horseId }
            )
        ).ConvertAll(r => r.ToReferral());

    /// <summary>Referrals of these horses that nobody has answered, the oldest first.</summary>
    public static async Task<List<KeptReferral>> OpenReferralsAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<ReferralRow>(
                $"{Select} and r.horse_id = any(@ids) and r.answered_on is null order by r.on_day, r.id",
                new { ids = horseIds.ToArray() }
            )
        ).ConvertAll(r => r.ToReferral());

    public static async Task<KeptReferral?> FindReferralAsync(this YardSession yard, Guid horseId, Guid id) =>
        (await yard.FindAsync<ReferralRow>($"{Select} and r.horse_id = @horseId and r.id = @id", new { horseId, id }))?.ToReferral();

    public static Task AddReferralAsync(this YardSession yard, Guid horseId, Referral referral, Guid openedBy)
    {
        ArgumentNullException.ThrowIfNull(referral);
        return yard.ExecuteAsync(
            """
            insert into referral (yard_id, horse_id, id, to_whom, because, waits, on_day, ride_id, rule, opened_by)
            values (@yard, @horseId, @Id, @to, @Because, @waits, @On, @RideId, @Rule, @openedBy)
            """,
            new
            {
                horseId,
                referral.Id,
                to = referral.To.ToString(),
                referral.Because,
                waits = referral.Waits.ToString(),
                referral.On,
                referral.RideId,
                referral.Rule,
                openedBy,
            }
        );
    }

    /// <summary>
    /// Writes what came of it, and ends the restriction that waited for it. False when it is not this horse's, or has been
    /// answered.
    /// </summary>
    public static async Task<bool> AnswerReferralAsync(
        this YardSession yard,
        Guid horseId,
        Guid id,
        DateOnly on,
        string answer,
        Guid by,
        string name
    )
    {
        var values = new
        {
            horseId,
            id,
            on,
            answer,
            by,
            name,
        };
        var answered = await yard.ExecuteAsync(
            """
            update referral set answered_on = @on, answer = @answer, answered_by = @by
            where yard_id = @yard and horse_id = @horseId and id = @id and answered_on is null
            """,
            values
        );
        if (answered == 0)
        {
            return false;
        }

        await yard.ExecuteAsync(
            """
            update restriction set cleared_on = @on, cleared_by = @name, cleared_entered_by = @by
            where yard_id = @yard and referral_id = @id and cleared_on is null
            """,
            values
        );
        return true;
    }

    private sealed record ReferralRow(
        Guid HorseId,
        Guid Id,
        string ToWhom,
        string Because,
        string Waits,
        DateOnly OnDay,
        Guid? RideId,
        string? Rule,
        DateOnly? AnsweredOn,
        string? Answer,
        string? AnsweredBy,
        string OpenedBy
    )
    {
        public KeptReferral ToReferral() =>
            new(
                HorseId,
                new Referral(
                    Id,
                    Enum.Parse<ReferredTo>(ToWhom),
                    Because,
                    Enum.Parse<WaitingWork>(Waits),
                    OnDay,
                    RideId,
                    Rule,
                    AnsweredOn is { } on ? new ReferralOutcome(on, AnsweredBy!, Answer!) : null
                ),
                OpenedBy
            );
    }
}
