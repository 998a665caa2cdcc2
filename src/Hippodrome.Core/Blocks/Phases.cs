using System.Globalization;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>The phases of a block, from the aim backwards.</summary>
internal static class Phases
{
    /// <summary>The phase of every week. A return has those of its ramp instead.</summary>
    public static IReadOnlyList<BlockPhase> Of(Block block, Calendar calendar)
    {
        var runIn = RunInWeeks(block, calendar);
        var before = block.Weeks - runIn;
        var @base =
            block.Purpose == Purpose.RunIn
                ? 0
                : (int)Math.Round(before * BlockFigures.BasePart.Value / 100.0, MidpointRounding.AwayFromZero);
        var climb =
            block.Purpose == Purpose.RunIn
                ? 0
                : Math.Min(before - @base, (int)Math.Round(before * BlockFigures.ClimbPart.Value / 100.0, MidpointRounding.AwayFromZero));
        return
        [
            .. Enumerable.Repeat(BlockPhase.Base, @base),
            .. Enumerable.Repeat(BlockPhase.Climb, climb),
            .. Enumerable.Repeat(BlockPhase.AtLevel, before - @base - climb),
            .. Enumerable.Repeat(BlockPhase.RunIn, runIn),
        ];
    }

    /// <summary>Runs of equal weeks, with what they are called and why they are there.</summary>
    public static IReadOnlyList<PhaseSpan> Spans(Block block, IReadOnlyList<BlockPhase> phases)
    {
        var spans = new List<PhaseSpan>();
        for (var first = 0; first < phases.Count; )
        {
            var last = first;
            while (last + 1 < phases.Count && phases[last + 1] == phases[first])
            {
                last++;
            }

            spans.Add(
                new PhaseSpan(
                    phases[first],
                    first + 1,
                    last + 1,
                    Say(phases[first], block),
                    Because(phases[first], block, last - first + 1)
                )
            );
            first = last + 1;
        }

        return spans;
    }

    public static string Say(BlockPhase phase, Block block) =>
        phase switch
        {
            BlockPhase.Base => "Build the base",
            BlockPhase.Climb when block.Purpose == Purpose.Conditioning => "Longer sets",
            BlockPhase.Climb => block.Focus.Count == 0 ? "Climb" : $"Climb: {string.Join(", ", block.Focus.Take(2).Select(f => f.Say()))}",
            BlockPhase.AtLevel when block.Purpose == Purpose.Conditioning => "Near the speed",
            BlockPhase.AtLevel when block.Purpose == Purpose.RunIn => "Sharpen",
            BlockPhase.AtLevel => "At the level",
            BlockPhase.RunIn => "Run-in",
            BlockPhase.Walk => "Walk",
            BlockPhase.Trot => "Trot comes in",
            BlockPhase.Canter => "Canter comes in",
            _ => "The vet's plan",
        };

    private static int RunInWeeks(Block block, Calendar calendar)
    {
        var weeks = calendar.Mondays.Count(m =>
            calendar.RunInDays(m) >= 4 || (block.Aim is { } aim && aim.On >= m && aim.On < m.AddDays(7))
        );
        return Math.Min(weeks, block.Weeks);
    }

    private static Why Because(BlockPhase phase, Block block, int weeks)
    {
        var length = weeks == 1 ? "1 week" : $"{weeks} weeks";
        return phase switch
        {
            BlockPhase.RunIn => Why.Of(
                "Volume falls before the day, sharpness is kept",
                [$"{block.Aim!.Name} on {block.Aim.On:d MMMM}", $"the last {AimFigures.RunInDays.Value} days", length],
                BlockFigures.RunInRange.Source
            ),
            BlockPhase.Base => Why.Of(
                "The base comes first",
                [length, $"{BlockFigures.BasePart.Value} per cent of the weeks before the run-in"],
                BlockFigures.BasePart.Source
            ),
            BlockPhase.Climb => Why.Of(
                "Then the horse climbs, one thing at a time",
                [length, $"{BlockFigures.ClimbPart.Value} per cent of the weeks before the run-in"],
                BlockFigures.ClimbPart.Source
            ),
            BlockPhase.AtLevel => new Why(
                "What the day asks is ridden at home before it",
                [length, "what is left before the run-in"],
                BlockFigures.ClimbPart.Source
            ),
            BlockPhase.Stage => new Why("After injury or illness the vet's plan leads", [length], Source.CommonPractice),
            BlockPhase.Walk => Why.Of(
                "Walk only at first, the longer off the longer",
                [length, $"{block.Return?.WeeksOff} weeks off"],
                Horses.TimeOff.ThreeWalkWeeks.Source
            ),
            BlockPhase.Trot => Why.Of(
                "Trot comes in inside the walk time, in short bouts",
                [length, $"{BlockFigures.TrotMinutesMore.Value} minutes more a session each week"],
                BlockFigures.TrotMinutesMore.Source
            ),
            _ => new Why("Canter at the earliest two weeks after trot began", [length], Horses.TimeOff.CanterAfterTrot.Source),
        };
    }
}
