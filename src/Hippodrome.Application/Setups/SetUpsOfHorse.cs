using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Application.Setups;

/// <summary>A set-up with a name to keep it by.</summary>
public sealed record NamedSetUpEntry(string? Name = null, SetUpEntry? Entry = null);

/// <summary>A kept set-up, measured for its horse as its stride card stands today.</summary>
/// <param name="Id">The set-up.</param>
/// <param name="Name">As it was named.</param>
/// <param name="Entry">As it was asked for.</param>
/// <param name="Measured">As it is built.</param>
/// <param name="Ridden">It has been ridden.</param>
/// <param name="Version">Of its row.</param>
/// <param name="Remarks">What today's rules would refuse of what was kept under older ones.</param>
public sealed record SetUpView(
    Guid Id,
    string Name,
    SetUpEntry Entry,
    MeasuredSetUp Measured,
    bool Ridden,
    int Version,
    IReadOnlyList<Fault> Remarks
);

/// <summary>A distance that was typed, in all three ways.</summary>
public sealed record ReadDistanceView(Distance Metres, DistanceText Text);

/// <summary>A horse's set-ups: measured, kept, changed with their versions, taken off.</summary>
public static class SetUpsOfHorse
{
    /// <summary>Kept set-ups, measured for the horse with this person's tape.</summary>
    public static async Task<List<SetUpView>> ShowSetUpsAsync(this Visit visit, Guid horseId, IReadOnlyList<KeptSetUp> kept)
    {
        ArgumentNullException.ThrowIfNull(visit);
        if (kept.Count == 0)
        {
            return [];
        }

        var card = await visit.Book.CardAsync(horseId);
        return
        [
            .. kept.Select(k =>
            {
                var (setUp, remarks) = k.Entry.AsKept();
                return new SetUpView(k.Id, k.Name, k.Entry, setUp.MeasureFor(card, visit.Me.Tape), k.Ridden, k.Version, remarks);
            }),
        ];
    }

    public static async Task<List<SetUpView>> ListAsync(Guid horseId, Visit visit) =>
        await visit.ShowSetUpsAsync(horseId, await visit.Yard.SetUpsAsync(horseId));

    public static async Task<Answer<MeasuredSetUp>> MeasureAsync(Guid horseId, SetUpEntry entry, Visit visit)
    {
        var setUp = entry.Check();
        if (!setUp.IsFine)
        {
            return Refusal.Faulty(setUp.Faults);
        }

        var card = await visit.Book.CardAsync(horseId);
        return setUp.Value.MeasureFor(card, visit.Me.Tape);
    }

    /// <summary>What a device needs of the horse to measure set-ups for it by itself.</summary>
    public static async Task<Answer<CarriedHorse>> CarriedAsync(Guid horseId, Visit visit) =>
        CarriedHorse.Of(
            (await visit.Yard.FindHorseAsync(horseId))!.Value.Height,
            (await visit.Yard.StrideMeasurementsAsync([horseId]))[horseId],
            visit.Me.Tape
        );

    /// <summary>The same for the other rein.</summary>
    public static Answer<SetUpEntry> Mirror(Guid horseId, SetUpEntry entry)
    {
        var setUp = entry.Check();
        return setUp.IsFine ? entry.Mirrored() : Refusal.Faulty(setUp.Faults);
    }

    public static async Task<Answer<List<SetUpVersion>>> VersionsAsync(Guid horseId, Guid setUpId, Visit visit) =>
        await visit.Yard.FindSetUpAsync(horseId, setUpId) is null
            ? Refusal.NotThere
            : await visit.Yard.SetUpVersionsAsync(horseId, setUpId);

    /// <summary>A distance as someone typed it: metres, feet and inches, or their own paces.</summary>
    public static Answer<ReadDistanceView> ReadDistance(string? text, Visit visit)
    {
        var read = DistanceReading.Read(text, visit.Me.Tape.Pace);
        return read.IsFine ? new ReadDistanceView(read.Value.Distance, read.Value.Text) : Refusal.Faulty(read.Faults);
    }

    public static async Task<Answer<SetUpView>> AddAsync(Guid horseId, NamedSetUpEntry entry, Visit visit)
    {
        var (name, faults) = await CheckAsync(horseId, entry, visit);
        if (faults.Count > 0)
        {
            return Refusal.Faulty(faults);
        }

        var id = visit.NewId;
        await visit.Yard.AddSetUpAsync(horseId, id, name, entry.Entry!);
        return await ShowAsync(horseId, id, visit);
    }

    public static async Task<Answer<SetUpView>> OneAsync(Guid horseId, Guid setUpId, Visit visit) =>
        await visit.Yard.FindSetUpAsync(horseId, setUpId) is null ? Refusal.NotThere : await ShowAsync(horseId, setUpId, visit);

    public static async Task<Answer<SetUpView>> ChangeAsync(Guid horseId, Guid setUpId, Change<NamedSetUpEntry> change, Visit visit)
    {
        if (await visit.Yard.FindSetUpAsync(horseId, setUpId) is not { } kept)
        {
            return Refusal.NotThere;
        }

        var (name, faults) = await CheckAsync(horseId, change.Entry, visit);
        if (kept.Ridden)
        {
            faults =
            [
                .. faults,
                new Fault("entry", "This set-up has been ridden, and stays as it was.", "Keep your change as a new set-up."),
            ];
        }

        if (faults.Count > 0)
        {
            return Refusal.Faulty(faults);
        }

        return await visit.Yard.ChangeSetUpAsync(horseId, setUpId, name, change.Entry.Entry!, change.Version)
            ? await ShowAsync(horseId, setUpId, visit)
            : Refusal.Changed(await ShowAsync(horseId, setUpId, visit), change.Entry);
    }

    public static async Task<Answer<List<SetUpView>>> RemoveAsync(Guid horseId, Guid setUpId, Visit visit, bool removed) =>
        await visit.Yard.RemoveSetUpAsync(horseId, setUpId, removed)
            ? await visit.ShowSetUpsAsync(horseId, await visit.Yard.SetUpsAsync(horseId))
            : Refusal.NotThere;

    /// <summary>What cannot be kept: no name, a set-up that cannot be built, one that does not fit its arena.</summary>
    private static async Task<(string Name, IReadOnlyList<Fault> Faults)> CheckAsync(Guid horseId, NamedSetUpEntry entry, Visit visit)
    {
        var checks = new Checks();
        var name = checks.Text("name", entry.Name, 120);
        if (entry.Entry is null)
        {
            checks.Add("entry", "There is no set-up here.", "Choose a family and its measures.");
            return (name, checks.Faults);
        }

        var setUp = entry.Entry.Check();
        checks.AddRange(setUp.Faults);
        if (setUp.IsFine)
        {
            var card = await visit.Book.CardAsync(horseId);
            var measured = setUp.Value.MeasureFor(card, visit.Me.Tape);
            var tooHigh = (await visit.Yard.RestrictionsAsync([horseId]))
                .Where(r => r.ClearedOn is null && r.Restriction.HoldsOn(visit.Today))
                .Select(r => r.Restriction)
                .FirstOrDefault(r => setUp.Value.HasFence && r.MostHeight < setUp.Value.HighestFence);
            checks.That(
                tooHigh is null,
                "heightMetres",
                $"{tooHigh?.By} has ruled that out: {tooHigh?.Says}.",
                "Build it lower, or have it cleared and enter the clearance in the passport."
            );
            if (!measured.FitsArena)
            {
                checks.Add("middleMetres", "It does not fit the arena here.", measured.Notices[0]);
            }
        }

        return (name, checks.Faults);
    }

    internal static async Task<SetUpView> ShowAsync(Guid horseId, Guid id, Visit visit) =>
        (await visit.ShowSetUpsAsync(horseId, [(await visit.Yard.FindSetUpAsync(horseId, id))!]))[0];
}
