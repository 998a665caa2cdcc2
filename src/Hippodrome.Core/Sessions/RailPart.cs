using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <summary>The marks that a part of a session asks for.</summary>
public enum MarkPad
{
    Flat,
    Poles,
    Fence,
    Changes,
    Sideways,

    /// <summary>Askings of movements.</summary>
    Asked,

    /// <summary>Questions across country.</summary>
    Questions,
}

/// <summary>A distance on which strides are counted.</summary>
/// <param name="Metres">Inside to inside.</param>
/// <param name="Planned">The count it was set for.</param>
/// <param name="OverPoles">Between ground poles.</param>
/// <param name="Variant">How it is ridden.</param>
public sealed record LineToCount(double Metres, int Planned, bool OverPoles, GaitVariant Variant);

/// <summary>What the rail has to know of one part of a plan.</summary>
/// <param name="Pad">Which marks lie uppermost.</param>
/// <param name="Fences">Fences in one go through it.</param>
/// <param name="CountsAs">What one go counts against the budget of efforts.</param>
/// <param name="HeightMetres">Its highest fence.</param>
/// <param name="Line">Where strides are counted, if anywhere.</param>
public sealed record RailPart(MarkPad Pad, int Fences, double CountsAs, double HeightMetres, LineToCount? Line)
{
    /// <summary>Poles that stand in it; the rate of touches is by the pole crossed.</summary>
    public int Poles { get; init; }

    /// <summary>How the horse is worked in it.</summary>
    public Manner Manner { get; init; }

    /// <summary>Warm-up, work or cool-down.</summary>
    public Phase Phase { get; init; }

    /// <summary>Its minutes.</summary>
    public double Minutes { get; init; }

    /// <summary>How often something is asked in it; null where nobody counts.</summary>
    public int? Times { get; init; }

    /// <summary>Movements that are asked in it, the likeliest first.</summary>
    public IReadOnlyList<Movement> Asks { get; init; } = [];

    /// <summary>Signs it is likeliest to show, the first of them first.</summary>
    public IReadOnlyList<Sign> Signs { get; init; } = [];

    /// <summary>What stands at first, where it is built in stages; null where all of it stands from the beginning.</summary>
    public SetUpEntry? FirstStage { get; init; }

    /// <summary>The test that opens it; null where it needs none.</summary>
    public OpeningTest? OpensWith { get; init; }

    /// <summary>On the lunge: the rein is changed after so many minutes, the rig loosened between; null elsewhere.</summary>
    public double? ChangeReinAfter { get; init; }

    /// <summary>Gaps of its line on which strides are counted; the last of them is its line.</summary>
    public IReadOnlyList<LineToCount> Lines { get; init; } = [];

    /// <summary>What stands in it.</summary>
    public Guid? SetUpId { get; init; }

    internal bool IsJumped => Fences > 0 || Pad is MarkPad.Fence or MarkPad.Questions;

    /// <summary>As it was entered, or rebuilt since.</summary>
    public SetUpEntry? SetUp { get; init; }

    /// <summary>What it is ridden as in the place of what was planned.</summary>
    public Instead? Instead { get; init; }

    /// <summary>The mark on both reins that ends it early; null where none is hoped for.</summary>
    public double? MarkHopedFor { get; init; }

    /// <summary>The parts of a plan, with what stands in them.</summary>
    public static IReadOnlyList<RailPart> Of(SessionPlan? plan, IReadOnlyDictionary<Guid, SetUp> setUps) =>
        plan is null ? [] : [.. plan.Parts.Select(p => Of(p, p.SetUpOf(setUps)) with { OpensWith = OpeningTests.Before(plan, p) })];

    public static RailPart Of(Part part, SetUp? setUp)
    {
        ArgumentNullException.ThrowIfNull(part);
        return new RailPart(
            PadFor(part, setUp),
            setUp?.Fences.Count ?? 0,
            CountedInOneGo(setUp),
            setUp is { HasFence: true } ? setUp.HighestFence.Metres : part.HeightMetres ?? part.Exercise?.HeightMetres ?? 0,
            LineOf(setUp)
        )
        {
            Poles = setUp?.PolesCrossed ?? part.Exercise?.Poles ?? 0,
            Manner = part.Manner,
            Phase = part.Phase,
            SetUpId = part.SetUpId,
            MarkHopedFor = part.MarkHopedFor?.Value,
            Minutes = part.Minutes,
            Times = part.Times,
            Asks = AskedFor.In(part),
            // Even on both sides (common practice).
            ChangeReinAfter = part is { Manner: Manner.Lunged, Rein: Rein.Both } ? part.Minutes / 2 : null,
            Signs = LikelySigns.In(part.Manner, PadFor(part, setUp)),
            Lines = LinesOf(setUp),
        };
    }

    /// <summary>The part with what was entered for it.</summary>
    public RailPart With(SetUpEntry? setUp)
    {
        var part = this with { SetUp = setUp };
        return part with { FirstStage = Stages.First(part) };
    }

    /// <summary>The part once something else stands in it, or something else is ridden.</summary>
    public RailPart Now(Stands stands)
    {
        ArgumentNullException.ThrowIfNull(stands);
        if (stands.SetUp is not { } entry)
        {
            return new RailPart(MarkPad.Flat, 0, 0, 0, null)
            {
                Manner = Manner,
                Phase = Phase,
                Instead = stands.Instead,
                Minutes = Minutes,
                Signs = LikelySigns.In(Manner, MarkPad.Flat),
                Asks = stands.Instead == Rides.Instead.SimpleChanges ? [Movement.Depart] : [],
            };
        }

        var setUp = entry.AsKept().SetUp;
        return this with
        {
            Fences = setUp.Fences.Count,
            CountsAs = CountedInOneGo(setUp),
            HeightMetres = setUp.HasFence ? setUp.HighestFence.Metres : 0,
            Poles = setUp.PolesCrossed ?? 0,
            Line = LineOf(setUp),
            Lines = LinesOf(setUp),
            SetUp = entry,
            Instead = null,
        };
    }

    private static double CountedInOneGo(SetUp? setUp) => setUp is { HasFence: true } ? PartDose.OneGo(setUp) : 0;

    private static MarkPad PadFor(Part part, SetUp? setUp) =>
        part switch
        {
            _ when part.Rung?.Strand == Strand.CrossCountry => MarkPad.Questions,
            _ when setUp is { HasFence: true } || part.Rung?.IsJumped() == true => MarkPad.Fence,
            _ when setUp is { HasPoles: true } || part.Rung?.Strand == Strand.Poles => MarkPad.Poles,
            _ when part.Rung?.Strand == Strand.Changes => MarkPad.Changes,
            _ when part.Rung?.Strand == Strand.Lateral => MarkPad.Sideways,
            _ when AskedFor.IsWhatItIsFor(part) => MarkPad.Asked,
            _ => MarkPad.Flat,
        };

    private static LineToCount? LineOf(SetUp? setUp) => LinesOf(setUp) is [.., var last] ? last : null;

    /// <summary>Gaps between two poles or two fences that have strides in them and a distance somebody typed.</summary>
    private static IReadOnlyList<LineToCount> LinesOf(SetUp? setUp) =>
        setUp is not FenceLine line
            ? []
            :
            [
                .. line
                    .Elements.Zip(line.Elements.Skip(1))
                    .Where(gap => gap.Second is { Strides: > 0, Typed: not null } && gap.Second.IsPole == gap.First.IsPole)
                    .Select(gap => new LineToCount(
                        gap.Second.Typed!.Value.Metres,
                        gap.Second.Strides,
                        gap.Second.IsPole,
                        gap.Second.IsPole ? GaitVariant.CanterPoles : GaitVariant.CanterCourse
                    )),
            ];
}
