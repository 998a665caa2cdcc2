using Hippodrome.Core.Care;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Care;

/// <summary>A referral in a list.</summary>
/// <param name="Referral">The referral.</param>
/// <param name="OpenedBy">Who opened it.</param>
/// <param name="DaysOpen">Days it is or was open.</param>
/// <param name="Waits">The work that waits, in words; nothing where none does.</param>
public sealed record ReferralLine(Referral Referral, string OpenedBy, int DaysOpen, string? Waits);

/// <summary>A referral as it is shown, printed and sent: reason, counts, days, and who saw to the horse before.</summary>
public sealed record ReferralPage(
    string HorseName,
    int Age,
    string Hands,
    ReferralLine Line,
    ReferralPaper Paper,
    IReadOnlyList<CareVisit> Visits
);

/// <summary>Horses shown to vet, physiotherapist, farrier or saddler, until somebody writes what came of it.</summary>
public static class ReferralsOfHorse
{
    private const int LongestReason = 160;

    public static async Task<List<ReferralLine>> ListAsync(Guid horseId, Visit visit) =>
        (await visit.Yard.ReferralsAsync(horseId)).ConvertAll(k => Show(k, visit.Today));

    public static async Task<Answer<ReferralPage>> OneAsync(Guid horseId, Guid referralId, Visit visit)
    {
        if (await visit.Yard.FindReferralAsync(horseId, referralId) is not { } kept)
        {
            return Refusal.NotThere;
        }

        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var on = kept.Referral.On;
        var rides = await visit.Yard.LatestRidesAsync([horseId], on, int.MaxValue, on.AddDays(1 - CareFigures.ReferralDays.Value));
        var logged = await visit.Book.RidesAsync(rides.Select(r => r.Id));
        var visits = await visit.Yard.CareVisitsAsync(horseId);
        return new ReferralPage(
            horse.Name,
            horse.Age(visit.Today),
            horse.Height.Hands,
            Show(kept, visit.Today),
            ReferralPaper.Of(horse, kept.Referral, rides.Select(r => new ReferredRide(r.Id, r.OnDay, r.RiderName, logged[r.Id].Record))),
            [.. visits.GroupBy(v => v.Kind).Select(g => g.First())]
        );
    }

    /// <summary>By hand, with a reason.</summary>
    public static async Task<Answer<List<ReferralLine>>> AddAsync(Guid horseId, ReferralEntry entry, Visit visit)
    {
        var read = Referral.From(visit.NewId, entry, visit.Today);
        if (!read.IsFine)
        {
            return Refusal.Faulty(read.Faults);
        }

        await visit.OpenReferralAsync(horseId, read.Value);
        return await ListAsync(horseId, visit);
    }

    public static async Task<Answer<List<ReferralLine>>> AnswerAsync(Guid horseId, Guid referralId, ReferralOutcomeEntry entry, Visit visit)
    {
        if (await visit.Yard.FindReferralAsync(horseId, referralId) is not { Referral: var referral })
        {
            return Refusal.NotThere;
        }

        var checks = new Checks();
        var word = checks.Text("word", entry.Word, 500);
        checks.That(referral.Outcome is null, "word", "This has been answered already.", "Open another referral if it comes back.");
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        await visit.Yard.AnswerReferralAsync(horseId, referralId, visit.Today, word, visit.Me.Id, visit.Me.Name);
        if (SoundnessRules.IsOfALeg(referral.Rule))
        {
            // Somebody has looked: its touches start from zero.
            await visit.Yard.AddLegLookAsync(new LegLook(horseId, visit.Today, word[..Math.Min(word.Length, 300)]), visit.Me.Id);
        }

        return await ListAsync(horseId, visit);
    }

    /// <summary>
    /// The referral that an accepted verdict asks for; the one that this ride or this rule has opened where there is one. Null
    /// where the verdict refers to nobody.
    /// </summary>
    internal static async Task<Referral?> ReferAsync(this Visit visit, Guid horseId, Guid rideId, Verdict verdict, ReferredTo? to)
    {
        if (verdict.Refers is not { } refers)
        {
            return null;
        }

        var there = (await visit.Yard.ReferralsAsync(horseId)).Find(r =>
            r.Referral.Rule == verdict.Rule && (r.Referral.Outcome is null || r.Referral.RideId == rideId)
        );
        if (there is not null)
        {
            return there.Referral;
        }

        var because = verdict.Seen.Length > LongestReason ? verdict.Seen[..LongestReason] : verdict.Seen;
        var referral = new Referral(Guid.NewGuid(), to ?? refers.To, because, refers.Waits, visit.Today, rideId, verdict.Rule, null);
        await visit.OpenReferralAsync(horseId, referral);
        return referral;
    }

    private static async Task OpenReferralAsync(this Visit visit, Guid horseId, Referral referral)
    {
        await visit.Yard.AddReferralAsync(horseId, referral, visit.Me.Id);
        if (referral.AsRestriction(Guid.NewGuid()) is { } waits)
        {
            await visit.Yard.AddRestrictionAsync(horseId, waits, visit.Me.Id);
        }
    }

    internal static ReferralLine Show(KeptReferral kept, DateOnly today)
    {
        var referral = kept.Referral;
        return new ReferralLine(
            referral,
            kept.OpenedBy,
            referral.DaysOpen(referral.Outcome?.On ?? today),
            referral.Waits == WaitingWork.Nothing ? null : referral.Waits.Say()
        );
    }
}
