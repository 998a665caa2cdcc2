using Hippodrome.Application.DressageTests;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Readiness;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.DressageTests;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Application.Readiness;

/// <summary>What a horse has shown in twelve weeks of what will be asked.</summary>
/// <param name="Shown">What it has shown.</param>
/// <param name="Tests">The dressage tests that its aims may name.</param>
internal sealed record EvidenceOfHorse(Evidence Shown, IReadOnlyDictionary<Guid, DressageTest> Tests)
{
    /// <summary>What an aim asks: as its trainer wants it, else as its level and its test have it.</summary>
    public IReadOnlyList<Demand> Asked(HorseAim kept)
    {
        ArgumentNullException.ThrowIfNull(kept);
        return kept.Demands ?? Standard(kept.Aim);
    }

    /// <summary>What its level and its test ask.</summary>
    public IReadOnlyList<Demand> Standard(Aim aim)
    {
        ArgumentNullException.ThrowIfNull(aim);
        return LevelDemands.Of(aim, aim.TestId is { } id ? Tests.GetValueOrDefault(id) : null);
    }

    public AimReadiness Readiness(HorseAim kept)
    {
        ArgumentNullException.ThrowIfNull(kept);
        return AimReadiness.Of(kept.Aim.On, Asked(kept), Shown);
    }

    public static async Task<EvidenceOfHorse> OfAsync(Visit visit, Guid horseId)
    {
        var pages = await visit.Book.PagesAsync([horseId]);
        var ridden = (await visit.Book.RiddenAsync([horseId]))[horseId]
            .Where(r => r.OnDay > visit.Today.AddDays(-ReadinessFigures.Remembered.Value))
            .ToList();
        var logged = await visit.Book.RidesAsync(ridden.Select(r => r.RideId));
        var sessions = await visit.Book.SessionsAsync(ridden.Select(r => r.SessionId).OfType<Guid>());
        var plans = ridden.ToDictionary(r => r.RideId, r => r.SessionId is { } id ? sessions.GetValueOrDefault(id)?.Plan : null);
        var kept = await visit.Book.SetUpsAsync(
            plans
                .Values.SelectMany(p => p?.Parts ?? [])
                .Select(p => p.SetUpId)
                .Concat(ridden.SelectMany(r => logged[r.RideId].Record.Rail.Fences).Select(f => f.SetUpId))
                .OfType<Guid>()
                .Distinct()
        );
        var setUps = kept.ToDictionary(s => s.Key, s => s.Value.Entry.AsKept().SetUp);
        var rides = ridden.ConvertAll(r => RideShown.Of(r.RideId, r.OnDay, logged[r.RideId].Record, plans[r.RideId], setUps));
        var block = (await visit.Book.BlocksAsync([horseId])).GetValueOrDefault(horseId);
        using var reads = visit.Yard.Together();
        var moves = visit.Yard.MovesAsync([horseId]);
        var marked = visit.Yard.TestsRiddenAsync([horseId]);
        var tests = TestsOfYard.AllAsync(visit);
        await reads.SendAsync();
        var shown = new Evidence(
            rides,
            pages.Places[horseId],
            [.. (await moves)[horseId].Select(m => m.Move)],
            PaceOfBlocks.Of(block?.Plan.Sessions ?? [], rides, visit.Today),
            [
                .. pages
                    .Aims[horseId]
                    .Where(a => a.Result is { Started: true })
                    .Select(a => new StartShown(a.Aim.On, a.Result!.Penalties == 0 ? a.Aim.Height?.Metres : null)),
            ],
            visit.Today
        )
        {
            Marks = Marks(await marked, await tests, ridden),
            Held = pages.Holds[horseId].FirstOrDefault(h => h.ClearedOn is null)?.Because,
        };
        return new EvidenceOfHorse(shown, await tests);
    }

    /// <summary>Marks of dressage tests, each with the ride it was given for, where somebody said.</summary>
    private static List<MarkShown> Marks(
        IEnumerable<KeptTestRidden> kept,
        IReadOnlyDictionary<Guid, DressageTest> tests,
        IEnumerable<RiddenDay> rides
    )
    {
        var rideOf = rides.Where(r => r.SessionId is not null).ToLookup(r => r.SessionId!.Value, r => (Guid?)r.RideId);
        return
        [
            .. kept.Where(k => tests.ContainsKey(k.TestId))
                .SelectMany(k => MarkShown.Of(tests[k.TestId], k.Ridden, k.SessionId is { } id ? rideOf[id].FirstOrDefault() : null)),
        ];
    }
}
