using Hippodrome.Application.Horses;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Application.Setups;

/// <summary>The set-ups that are to stand.</summary>
public sealed record TonightsArenaEntry(IReadOnlyList<Guid>? SetUpIds = null);

/// <summary>A set-up that stands, built for its horse.</summary>
public sealed record StandingView(Guid SetUpId, Guid HorseId, string HorseName, string Name, MeasuredSetUp Measured);

/// <summary>What stands tonight, what gets in whose way, and the kit it takes.</summary>
public sealed record TonightsArenaView(
    IReadOnlyList<StandingView> Standing,
    IReadOnlyList<Clash> Clashes,
    IReadOnlyList<KitItem> KitNeeded,
    IReadOnlyList<KitItem> KitShort
);

/// <summary>A set-up that is still being thought about, beside what stands.</summary>
/// <param name="Entry">The set-up.</param>
/// <param name="SetUpId">The kept one it would take the place of.</param>
public sealed record BesideEntry(SetUpEntry? Entry = null, Guid? SetUpId = null);

/// <summary>What is to be said of a set-up before it is built.</summary>
/// <param name="MayNot">Why this horse does not come to it at all: held, too young, ruled out. Null when it may.</param>
/// <param name="Says">Where it would get in the way of what stands.</param>
/// <param name="KitShort">What kit would be short for it alone.</param>
public sealed record BesideView(string? MayNot, IReadOnlyList<string> Says, IReadOnlyList<KitItem> KitShort);

/// <summary>The kit of the yard as typed.</summary>
public sealed record KitEntry(IReadOnlyList<KitItemEntry?>? Items = null);

/// <summary>What stands in the arena tonight, what gets in its way, and the yard's kit.</summary>
public static class ArenaTonight
{
    private const int Most = 12;

    public static async Task<TonightsArenaView> ShowAsync(Visit visit)
    {
        var standing = await StandingAsync(visit);
        var needed = Kit.Sum(standing.SelectMany(s => s.Measured.KitNeeded));
        return new TonightsArenaView(
            standing,
            TonightsArena.Check([.. standing.Select(AsStanding)]),
            needed,
            await ShortAsync(needed, visit)
        );
    }

    public static async Task<Answer<TonightsArenaView>> StandAsync(TonightsArenaEntry entry, Visit visit)
    {
        var ids = (entry.SetUpIds ?? []).Distinct().ToList();
        var known = (await visit.Yard.SetUpsByIdAsync(ids)).ToDictionary(s => s.Id);
        var checks = new Checks();
        checks.That(ids.Count <= Most, "setUpIds", $"{ids.Count} set-ups are more than one arena holds.", $"Keep it to {Most}.");
        foreach (var (id, i) in ids.Select((id, i) => (id, i)).Where(x => !known.ContainsKey(x.id)))
        {
            checks.Add($"setUpIds[{i}]", "There is no such set-up.", "Choose one that is kept.");
        }

        var sizes = known.Values.Select(s => s.Entry.Arena).Distinct().ToList();
        checks.That(sizes.Count <= 1, "setUpIds", "They are made for arenas of two sizes.", "Choose set-ups of one arena.");
        return checks.Faults.Count > 0 ? Refusal.Faulty(checks.Faults)
            : await visit.Yard.StandAsync(ids) ? await ShowAsync(visit)
            : Refusal.Faulty([new Fault("setUpIds", "One of them was taken off the list.", "Choose one that is kept.")]);
    }

    public static async Task<Answer<BesideView>> BesideAsync(Guid horseId, BesideEntry entry, Visit visit)
    {
        var checks = new Checks();
        checks.That(entry.Entry is not null, "entry", "There is no set-up here.", "Choose a family and its measures.");
        var setUp = entry.Entry?.Check();
        checks.AddRange(setUp?.Faults ?? []);
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var measured = setUp!.Value!.MeasureFor(await visit.Yard.StrideCardAsync(horse), visit.Me.Tape);
        var held = (await visit.Yard.HoldsAsync([horseId])).FirstOrDefault(h => h.ClearedOn is null)?.Because;
        var restrictions = (await visit.Yard.RestrictionsAsync([horseId]))
            .Where(r => r.ClearedOn is null)
            .Select(r => r.Restriction)
            .ToList();
        var mayNot = WhoCanRide.MayNot(setUp.Value, horse, held, restrictions, visit.Today);
        var others = (await StandingAsync(visit))
            .Where(s => s.SetUpId != entry.SetUpId && s.Measured.Arena.Size == measured.Arena.Size)
            .Select(AsStanding);
        var clashes = TonightsArena.Check([new StandingSetUp("this", measured), .. others]).Where(c => c.First == 0);
        return new BesideView(mayNot, [.. clashes.Select(c => Capital(c.Says))], await ShortAsync(measured.KitNeeded, visit));
    }

    /// <summary>Nothing is short in a yard that has not written its kit down.</summary>
    private static async Task<IReadOnlyList<KitItem>> ShortAsync(IReadOnlyList<KitItem> needed, Visit visit) =>
        await visit.Yard.KitAsync() is { Count: > 0 } owned ? Kit.Short(needed, owned) : [];

    public static async Task<List<KitItem>> KitAsync(Visit visit) => await visit.Yard.KitAsync();

    public static async Task<Answer<List<KitItem>>> KeepKitAsync(KitEntry entry, Visit visit)
    {
        var kit = Kit.Check(entry.Items);
        if (!kit.IsFine)
        {
            return Refusal.Faulty(kit.Faults);
        }

        await visit.Yard.KeepKitAsync(kit.Value!);
        return await visit.Yard.KitAsync();
    }

    /// <summary>What stands for the horses this person may see, each measured from its own card.</summary>
    private static async Task<List<StandingView>> StandingAsync(Visit visit)
    {
        var mine = (await visit.MyHorsesAsync()).ToDictionary(h => h.Value.Id, h => h.Value);
        var standing = (await visit.Yard.TonightsArenaAsync()).FindAll(s => mine.ContainsKey(s.HorseId));
        if (standing.Count == 0)
        {
            return [];
        }

        var strips = await visit.Yard.StrideMeasurementsAsync([.. standing.Select(s => s.HorseId).Distinct()]);
        return standing.ConvertAll(s => new StandingView(
            s.SetUpId,
            s.HorseId,
            mine[s.HorseId].Name,
            s.Name,
            s.Entry.AsKept().SetUp.MeasureFor(StrideCard.For(mine[s.HorseId].Height, strips[s.HorseId]), visit.Me.Tape)
        ));
    }

    private static StandingSetUp AsStanding(StandingView view) => new($"{view.Name} ({view.HorseName})", view.Measured);

    private static string Capital(string says) => char.ToUpperInvariant(says[0]) + says[1..];
}
