using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Application.Horses;

/// <summary>Every restriction, and a clear word where open ones do not say the same.</summary>
public sealed record Restrictions(IReadOnlyList<RestrictionView> All, IReadOnlyList<string> Contradictions);

/// <summary>A restriction as the passport shows it.</summary>
public sealed record RestrictionView(Restriction Restriction, bool Holds, DateOnly? ClearedOn, string? ClearedBy);

/// <summary>What a vet or a trainer has ruled out, and its clearance.</summary>
public static class RestrictionsOfHorse
{
    public static async Task<Restrictions> ListAsync(Guid horseId, Visit visit) => await AllAsync(horseId, visit);

    public static async Task<Answer<Restrictions>> AddAsync(Guid horseId, RestrictionEntry entry, Visit visit)
    {
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var restriction = Restriction.From(visit.NewId, entry, horse, visit.Today);
        if (!restriction.IsFine)
        {
            return Refusal.Faulty(restriction.Faults);
        }

        await visit.Yard.AddRestrictionAsync(horseId, restriction.Value, visit.Me.Id);
        return await AllAsync(horseId, visit);
    }

    public static async Task<Answer<Restrictions>> ClearAsync(Guid horseId, Guid restrictionId, ClearanceEntry entry, Visit visit)
    {
        if ((await visit.Yard.RestrictionsAsync([horseId])).Find(r => r.Restriction.Id == restrictionId) is not { } kept)
        {
            return Refusal.NotThere;
        }

        var checks = new Checks();
        var (by, on) = entry.Check(checks, kept.Restriction.Since, visit.Today);
        checks.That(
            kept.Restriction.ReferralId is null,
            "by",
            "This waits for its referral.",
            "Write there what came of it: then it ends by itself."
        );
        checks.That(kept.ClearedOn is null, "by", "This has been cleared already.", "Nothing is left to do.");
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        await visit.Yard.ClearRestrictionAsync(horseId, restrictionId, on, by, visit.Me.Id);
        return await AllAsync(horseId, visit);
    }

    private static async Task<Restrictions> AllAsync(Guid horseId, Visit visit)
    {
        var all = (await visit.Yard.RestrictionsAsync([horseId])).ConvertAll(r => new RestrictionView(
            r.Restriction,
            r.ClearedOn is null && r.Restriction.HoldsOn(visit.Today),
            r.ClearedOn,
            r.ClearedBy
        ));
        return new Restrictions(
            all,
            Contradictions.Of([.. all.Where(r => r.Holds && r.Restriction.ReferralId is null).Select(r => r.Restriction)])
        );
    }
}
