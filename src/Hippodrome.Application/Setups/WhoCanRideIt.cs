using Hippodrome.Application.Horses;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Application.Setups;

/// <summary>What stands, and who waits for it.</summary>
/// <param name="Entry">The set-up, built for the horse of the address.</param>
/// <param name="HorseIds">Horses that come; all that one may see if left out.</param>
/// <param name="Green">Where green horses come.</param>
public sealed record WhoCanRideEntry(SetUpEntry? Entry = null, IReadOnlyList<Guid>? HorseIds = null, GreenHorses? Green = null);

/// <summary>A horse on what stands, and why it does not come to it at all, where something forbids it.</summary>
public sealed record HorseCanRide(Guid HorseId, bool Green, string? MayNot, HorseOnSetUp On);

/// <summary>Every horse on what stands, and the order that moves the poles least where they are not too many.</summary>
public sealed record WhoCanRideView(IReadOnlyList<string> Elements, IReadOnlyList<HorseCanRide> Horses, OrderOfRiding? Order);

/// <summary>A set-up that is built, held against the other horses.</summary>
public static class WhoCanRideIt
{
    public static async Task<Answer<WhoCanRideView>> AnswerAsync(Guid horseId, WhoCanRideEntry entry, Visit visit)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(visit);
        var checks = new Checks();
        checks.That(entry.Entry is not null, "entry", "There is no set-up here.", "Choose a family and its measures.");
        var setUp = entry.Entry?.Check();
        checks.AddRange(setUp?.Faults ?? []);
        var mine = await visit.MyHorsesAsync();
        var asked = entry.HorseIds is null ? mine : mine.FindAll(h => entry.HorseIds.Contains(h.Value.Id));
        checks.That(asked.Count > 0, "horseIds", "No horse is named.", "Choose the horses that come.");
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        var strips = await visit.Yard.StrideMeasurementsAsync([.. asked.Select(h => h.Value.Id), horseId]);
        StrideCard Card(Horse horse) => StrideCard.For(horse.Height, strips[horse.Id]);
        var builtFor = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var built = setUp!.Value!.MeasureFor(Card(builtFor), visit.Me.Tape);
        var ids = asked.ConvertAll(h => h.Value.Id);
        var holds = (await visit.Yard.HoldsAsync(ids)).Where(h => h.ClearedOn is null).ToLookup(h => h.HorseId);
        var restrictions = (await visit.Yard.RestrictionsAsync(ids))
            .Where(r => r.ClearedOn is null)
            .ToLookup(r => r.HorseId, r => r.Restriction);
        var horses = asked.ConvertAll(h => new HorseCanRide(
            h.Value.Id,
            h.Value.Experience == Experience.Green,
            WhoCanRide.MayNot(
                setUp.Value,
                h.Value,
                holds[h.Value.Id].FirstOrDefault()?.Because,
                [.. restrictions[h.Value.Id]],
                visit.Today
            ),
            WhoCanRide.As(setUp.Value, built, h.Value.Name, Card(h.Value), visit.Me.Tape)
        ));
        var come = horses.FindAll(h => h.MayNot is null);
        return new WhoCanRideView(
            [.. built.Elements.Select(e => e.Name)],
            horses,
            setUp.Value is Course || come.Count is 0 or > OrderOfRiding.MostHorses
                ? null
                : OrderOfRiding.Of(
                    [.. come.Select(h => new Waiting(h.On.Name, h.On.Positions, h.Green))],
                    entry.Green ?? GreenHorses.Anywhere
                )
        );
    }
}
