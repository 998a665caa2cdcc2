using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Horses;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Horses;

/// <summary>Every restriction, and a clear word where open ones do not say the same.</summary>
public sealed record Restrictions(IReadOnlyList<RestrictionView> All, IReadOnlyList<string> Contradictions);

/// <summary>A restriction as the passport shows it.</summary>
public sealed record RestrictionView(Restriction Restriction, bool Holds, DateOnly? ClearedOn, string? ClearedBy);

public static class RestrictionEndpoints
{
    public static void MapRestrictions(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/restrictions", ListAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/restrictions", AddAsync).Needs(Access.Clears).Creates();
        api.MapPost("/horses/{horseId}/restrictions/{restrictionId:guid}/clearance", ClearAsync).Needs(Access.Clears).Creates();
    }

    private static async Task<Ok<Restrictions>> ListAsync(Guid horseId, Visit visit) => TypedResults.Ok(await AllAsync(horseId, visit));

    private static async Task<Results<Ok<Restrictions>, ProblemHttpResult>> AddAsync(Guid horseId, RestrictionEntry entry, Visit visit)
    {
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var restriction = Restriction.From(visit.NewId, entry, horse, visit.Today);
        if (!restriction.IsFine)
        {
            return Problems.Faulty(restriction.Faults);
        }

        await visit.Yard.AddRestrictionAsync(horseId, restriction.Value, visit.Me.Id);
        return TypedResults.Ok(await AllAsync(horseId, visit));
    }

    private static async Task<Results<Ok<Restrictions>, ProblemHttpResult>> ClearAsync(
        Guid horseId,
        Guid restrictionId,
        ClearanceEntry entry,
        Visit visit
    )
    {
        if ((await visit.Yard.RestrictionsAsync([horseId])).Find(r => r.Restriction.Id == restrictionId) is not { } kept)
        {
            return Problems.NotFound();
        }

        var checks = new Checks();
        var (by, on) = entry.Check(checks, kept.Restriction.Since, visit.Today);
        checks.That(kept.ClearedOn is null, "by", "This has been cleared already.", "Nothing is left to do.");
        if (checks.Faults.Count > 0)
        {
            return Problems.Faulty(checks.Faults);
        }

        await visit.Yard.ClearRestrictionAsync(horseId, restrictionId, on, by, visit.Me.Id);
        return TypedResults.Ok(await AllAsync(horseId, visit));
    }

    private static async Task<Restrictions> AllAsync(Guid horseId, Visit visit)
    {
        var all = (await visit.Yard.RestrictionsAsync([horseId])).ConvertAll(r => new RestrictionView(
            r.Restriction,
            r.ClearedOn is null && r.Restriction.HoldsOn(visit.Today),
            r.ClearedOn,
            r.ClearedBy
        ));
        return new Restrictions(all, Contradictions.Of([.. all.Where(r => r.Holds).Select(r => r.Restriction)]));
    }
}
