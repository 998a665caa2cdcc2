using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Readiness;

/// <summary>A part of a ride as evidence.</summary>
/// <param name="RungIds">Rungs it stands for: what was chosen, and what stood.</param>
/// <param name="Marks">The mean mark of each rein.</param>
/// <param name="SetsSpeed">Metres a minute of its sets; null where it has none.</param>
/// <param name="SetsMinutes">Minutes of them that were ridden.</param>
public sealed record PartShown(IReadOnlyList<string> RungIds, MarksByRein Marks, int? SetsSpeed, double SetsMinutes);

/// <summary>What a ride shows of what will be asked.</summary>
/// <param name="RideId">Which.</param>
/// <param name="On">The day.</param>
/// <param name="Away">It was not at home.</param>
/// <param name="Record">What was told of it.</param>
/// <param name="Parts">Its parts.</param>
/// <param name="Combinations">The most fences a stride or two apart, in each set-up that was jumped.</param>
/// <param name="CourseFences">Fences of each course that was jumped.</param>
public sealed record RideShown(
    Guid RideId,
    DateOnly On,
    bool Away,
    RideRecord Record,
    IReadOnlyList<PartShown> Parts,
    IReadOnlyDictionary<Guid, int> Combinations,
    IReadOnlyDictionary<Guid, int> CourseFences
)
{
    /// <summary>The widest oxer of each set-up that was jumped, in metres; none where it has no oxer.</summary>
    public IReadOnlyDictionary<Guid, double> Spreads { get; init; } = new Dictionary<Guid, double>();

    /// <summary>What there was to look at in each set-up that was jumped.</summary>
    public IReadOnlyDictionary<Guid, IReadOnlySet<Thing>> Things { get; init; } = new Dictionary<Guid, IReadOnlySet<Thing>>();

    /// <summary>Strands it worked on.</summary>
    public IReadOnlySet<Strand> Strands =>
        Parts.SelectMany(p => p.RungIds).Select(id => Catalogue.Find(id)?.Strand).OfType<Strand>().ToHashSet();

    /// <param name="rideId">Which.</param>
    /// <param name="on">The day.</param>
    /// <param name="record">What was told of it.</param>
    /// <param name="plan">What was planned; null where nothing was.</param>
    /// <param name="setUps">The set-ups it names.</param>
    public static RideShown Of(Guid rideId, DateOnly on, RideRecord record, SessionPlan? plan, IReadOnlyDictionary<Guid, SetUp> setUps)
    {
        ArgumentNullException.ThrowIfNull(record);
        ArgumentNullException.ThrowIfNull(setUps);
        var parts = plan?.Parts ?? [];
        var jumped = record.Rail.Fences.Select(f => f.SetUpId).OfType<Guid>().Distinct().Where(setUps.ContainsKey).ToList();
        return new RideShown(
            rideId,
            on,
            plan?.Place.Length > 0,
            record,
            [.. parts.Select((p, i) => Shown(p, record.Rail.Parts.FirstOrDefault(d => d.Part == i), parts.Count, record, setUps))],
            jumped.ToDictionary(id => id, id => InARow(setUps[id])),
            jumped.Where(id => setUps[id] is Course).ToDictionary(id => id, id => setUps[id].Fences.Count)
        )
        {
            Spreads = jumped
                .Select(id => (id, Widest: WidestOxer(setUps[id])))
                .Where(s => s.Widest > 0)
                .ToDictionary(s => s.id, s => s.Widest),
            Things = jumped.ToDictionary(id => id, id => WhatItMeets.In(setUps[id])),
        };
    }

    private static PartShown Shown(Part part, PartDone? done, int parts, RideRecord record, IReadOnlyDictionary<Guid, SetUp> setUps)
    {
        var setUp = part.SetUpOf(setUps);
        var dose = PartDose.Of(part, setUp);
        // A ride of one part, or one written up as a whole, has its marks for the whole.
        var marks = done?.Marks ?? (parts == 1 || record.Rail.Parts.Count == 0 ? record.Marks : new MarksByRein(null, null));
        var worked = done is null ? 0 : done.ByGait.Where(g => g.Gait.CountsAs() == Gait.Canter).Sum(g => g.Minutes);
        var planned = part is { Times: { } times, BoutSeconds: { } bout } ? times * bout / 60.0 : part.Minutes;
        return new PartShown(
            [.. ImpliedRungs.Of(part, setUp, dose).SelectMany(any => any).Select(r => r.Id).Distinct()],
            marks,
            part.MetresPerMinute,
            part.MetresPerMinute is null ? 0 : Math.Min(planned, done is null ? planned : worked)
        );
    }

    private static double WidestOxer(SetUp setUp) =>
        setUp switch
        {
            FenceLine line => line.Elements.Where(e => e.IsOxer).Select(e => e.Spread.Metres).DefaultIfEmpty(0).Max(),
            Course course => course.Obstacles.Where(o => o.Kind.IsOxer()).Select(o => o.Spread.Metres).DefaultIfEmpty(0).Max(),
            _ => 0,
        };

    /// <summary>The longest run of fences with one stride or two between them.</summary>
    private static int InARow(SetUp setUp)
    {
        var close = setUp switch
        {
            FenceLine line => line.Elements.Where(e => !e.IsPole).Select(e => e.Strides is 1 or 2),
            Course course => course.Obstacles.Where(o => o.IsJumped).Select(o => o.Together),
            _ => [],
        };
        var (longest, run) = (0, 0);
        foreach (var joins in close)
        {
            run = joins && run > 0 ? run + 1 : 1;
            longest = Math.Max(longest, run);
        }

        return longest;
    }
}
