using System.Text.Json.Serialization;
using Hippodrome.Application.Readiness;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Application.Rides;

/// <summary>What became of a tap.</summary>
public enum TapFate
{
    /// <summary>It is new, and kept.</summary>
    Kept,

    /// <summary>It had come before.</summary>
    HadAlready,

    /// <summary>It is not kept; the reasons stand beside it.</summary>
    Refused,
}

/// <summary>The answer to one tap. A refused one holds up no other; who tapped it is shown why.</summary>
/// <param name="Id">The tap.</param>
/// <param name="Fate">What became of it.</param>
/// <param name="Faults">Why it was refused, and what to do.</param>
public sealed record TapAnswer(Guid Id, TapFate Fate, IReadOnlyList<Fault> Faults)
{
    /// <summary>The same id is there and means something else.</summary>
    [JsonIgnore]
    public bool Differs { get; init; }
}

/// <summary>Events of a ride as they come in, each looked at by itself.</summary>
internal static class Sending
{
    private static readonly Fault SaysElse = new(
        "events",
        "It is already there and says something else.",
        "Events are never edited: take the first one back with another tap."
    );

    /// <summary>Appends what can be kept of these events, making the ride if need be; refuses the whole only where its day or its session is wrong.</summary>
    public static async Task<(Ride? Ride, IReadOnlyList<TapAnswer> Taps, Refusal? Refusal)> AppendAsync(
        Guid horseId,
        Guid rideId,
        RideEntry entry,
        Visit visit
    )
    {
        if (RideLog.FaultsOfSending(entry.Events) is { Count: > 0 } faulty)
        {
            return (null, [], Refusal.Faulty(faulty));
        }

        var on = entry.On ?? visit.Today;
        if (on > visit.Today || on < visit.Today.AddYears(-2))
        {
            return (null, [], Refusal.Faulty("on", "A ride is written down on its day or after.", "Give a day up to today."));
        }

        // A session taken off meanwhile and ridden all the same comes back: what was ridden is not lost.
        if (
            entry.SessionId is { } sessionId
            && await visit.Yard.FindSessionAsync(horseId, sessionId) is null
            && !await visit.Yard.RemoveSessionAsync(horseId, sessionId, false)
        )
        {
            return (
                null,
                [],
                Refusal.Faulty("sessionId", "This session is not one of this horse's.", "Choose one from its list, or none.")
            );
        }

        var ride = await visit.Yard.FindRideAsync(rideId);
        if (ride is not null && ride.HorseId != horseId)
        {
            return (null, [], Refusal.NotThere);
        }

        var faults = await FaultsAsync(horseId, rideId, entry.Events!, visit);
        var fine = entry.Events!.Where((e, i) => e is not null && !faults.Contains(i)).ToList();
        var appended = new Appended(new HashSet<Guid>(), new HashSet<Guid>(), null);
        if (fine.Count > 0)
        {
            await visit.Yard.AddRideAsync(rideId, horseId, entry.SessionId, on, visit.Me.Id);
            // Another yard's or another horse's ride of this id, made in the same moment, is as unknown as before.
            ride = await visit.Yard.FindRideAsync(rideId);
            if (ride is null || ride.HorseId != horseId)
            {
                return (null, [], Refusal.NotThere);
            }

            var log = RideLog.Kept(fine);
            appended = await visit.Yard.AppendAsync(rideId, log, visit.Me.Id);
            var added = log.Events.Where(e => appended.Added.Contains(e.Id)).ToList();
            await RaiseHoldAsync(visit, ride, added);
            await FeedStrideCardAsync(visit, ride, added);
            await MeetAsync(visit, ride, added);
            // Not at every tap: it is over, written up afterwards, or was left open on another day.
            if (appended.Ride is { } now && !(now.Rail.IsUnderWay && ride.OnDay == visit.Today))
            {
                await LastDemands.KeepAsync(visit, horseId);
            }
        }

        return (ride, [.. entry.Events!.Select((e, i) => Answer(e, [.. faults[i]], appended))], null);
    }

    private static TapAnswer Answer(RideEvent? e, IReadOnlyList<Fault> faults, Appended appended) =>
        e switch
        {
            null => new TapAnswer(Guid.Empty, TapFate.Refused, faults),
            _ when faults.Count > 0 => new TapAnswer(e.Id, TapFate.Refused, faults),
            _ when appended.Differing.Contains(e.Id) => new TapAnswer(e.Id, TapFate.Refused, [SaysElse]) { Differs = true },
            _ => new TapAnswer(e.Id, appended.Added.Contains(e.Id) ? TapFate.Kept : TapFate.HadAlready, []),
        };

    /// <summary>What is wrong with these events, by their place in the sending.</summary>
    private static async Task<ILookup<int, Fault>> FaultsAsync(Guid horseId, Guid rideId, IReadOnlyList<RideEvent> sent, Visit visit)
    {
        var faults = sent.SelectMany((e, i) => RideLog.FaultsOf(e, i).Select(f => (At: i, Fault: f))).ToList();
        var events = sent.Select((e, i) => (Event: e, At: i)).Where(e => e.Event is not null).ToList();

        var setUps = await UnknownSetUpsAsync(visit, horseId, events.Select(e => SetUpOf(e.Event)).OfType<Guid>());
        faults.AddRange(
            events
                .Where(e => SetUpOf(e.Event) is { } id && setUps.Contains(id))
                .Select(e =>
                    (
                        e.At,
                        new Fault(
                            $"events[{e.At}].setUpId",
                            "This set-up is not one of this horse's.",
                            "Choose one from its list, or none."
                        )
                    )
                )
        );

        var findings = events.Select(e => (e.At, Known: (e.Event as SignSeen)?.Known)).Where(e => e.Known is not null).ToList();
        if (findings.Count > 0)
        {
            var known = (await visit.Yard.KnownFindingsAsync(horseId)).Select(k => k.Id).ToHashSet();
            faults.AddRange(
                findings
                    .Where(f => !known.Contains(f.Known!.Value))
                    .Select(f =>
                        (
                            f.At,
                            new Fault(
                                $"events[{f.At}].known",
                                "Nobody has entered that as old and known.",
                                "Let a vet enter it in the passport first, or leave it out."
                            )
                        )
                    )
            );
        }

        var backs = events.Where(e => e.Event is TakenBack).Select(e => (e.At, What: ((TakenBack)e.Event).Event)).ToList();
        if (backs.Count > 0)
        {
            var senders = await visit.Yard.SendersAsync(rideId);
            var here = events.Select(e => e.Event.Id).ToHashSet();
            faults.AddRange(
                backs
                    .Select(b => (b.At, Fault: WhyNotTakenBack(b.What, $"events[{b.At}].event", senders, here, visit)))
                    .Where(b => b.Fault is not null)
                    .Select(b => (b.At, b.Fault!))
            );
        }

        return faults.ToLookup(f => f.At, f => f.Fault);
    }

    /// <summary>A tap takes back what belongs to its own ride: a rider what they tapped themselves, a trainer anything in it.</summary>
    private static Fault? WhyNotTakenBack(
        Guid what,
        string field,
        IReadOnlyDictionary<Guid, EventSender> senders,
        HashSet<Guid> here,
        Visit visit
    ) =>
        senders.TryGetValue(what, out var sender)
            ? MayTakeBack(sender.PersonId, visit)
                ? null
                : new Fault(field, $"{sender.Name} tapped that.", "Ask them, or a trainer, to take it back.")
            : here.Contains(what)
                ? null
                : new Fault(field, "That was not tapped in this ride.", "Take it back in the ride it belongs to.");

    /// <summary>Whether this person may take back what that one sent.</summary>
    public static bool MayTakeBack(Guid sentBy, Visit visit) => visit.Trains || sentBy == visit.Me.Id;

    private static Guid? SetUpOf(RideEvent e) =>
        e switch
        {
            PolesPassed p => p.SetUpId,
            Efforts f => f.SetUpId,
            StridesCounted l => l.SetUpId,
            _ => null,
        };

    /// <summary>Set-ups named by events that are not this horse's.</summary>
    private static async Task<HashSet<Guid>> UnknownSetUpsAsync(Visit visit, Guid horseId, IEnumerable<Guid> named)
    {
        var unknown = named.ToHashSet();
        if (unknown.Count > 0)
        {
            unknown.ExceptWith((await visit.Yard.SetUpsByIdAsync(unknown, horseId)).Select(s => s.Id));
        }

        return unknown;
    }

    /// <summary>A line over poles ridden as it goes is a measurement of the stride; taken back, it is one no more.</summary>
    private static async Task FeedStrideCardAsync(Visit visit, Ride ride, IReadOnlyList<RideEvent> added)
    {
        foreach (var line in added.OfType<StridesCounted>().Where(l => l is { OverPoles: true, AsItGoes: true }))
        {
            if (
                StrideMeasurement.FromLine(line.Id, line.Variant, Distance.FromMetres(line.Metres), line.Strides, ride.OnDay) is
                { } measured
            )
            {
                await visit.Yard.AddStrideAsync(ride.HorseId, measured, ride.Id);
            }
        }

        if (added.OfType<TakenBack>().Select(t => t.Event).ToList() is { Count: > 0 } back)
        {
            await visit.Yard.RemoveStridesOfRideAsync(ride.Id, back);
        }
    }

    /// <summary>What it went over it has met.</summary>
    private static async Task MeetAsync(Visit visit, Ride ride, IReadOnlyList<RideEvent> added)
    {
        var over = added.Select(SetUpOf).OfType<Guid>().ToHashSet();
        if (over.Count == 0)
        {
            return;
        }

        var stood = await visit.Yard.SetUpsByIdAsync(over, ride.HorseId);
        await visit.Yard.MeetAsync(ride.HorseId, stood.SelectMany(s => WhatItMeets.In(s.Entry.AsKept().SetUp)).Distinct());
    }

    /// <summary>
    /// A sign of pain holds the horse at once, whoever noted it, and whether or not it is taken back
    /// later. Only a new sign does: events sent again after a clearance hold nobody.
    /// </summary>
    private static async Task RaiseHoldAsync(Visit visit, Ride ride, IEnumerable<RideEvent> added)
    {
        if (SoundnessRules.SaysPain(added.OfType<SignSeen>().Where(s => s.Known is null).Select(s => s.Sign)) is { } because)
        {
            await visit.Yard.RaiseHoldAsync(ride.HorseId, because, ride.OnDay);
        }
    }
}
