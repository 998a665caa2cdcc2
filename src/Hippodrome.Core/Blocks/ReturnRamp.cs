using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>One week of a return.</summary>
/// <param name="Step">From 1.</param>
/// <param name="Phase">Walk, trot, canter, or a stage of the vet's plan.</param>
/// <param name="Sessions">Sessions in the week.</param>
/// <param name="Each">Minutes of each.</param>
/// <param name="Bouts">Bouts of the new gait in each; null where it is only walked.</param>
/// <param name="MayJump">Canter has been steady long enough.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record ReturnStep(int Step, BlockPhase Phase, int Sessions, MinutesByGait Each, int? Bouts, bool MayJump, Why Why);

/// <summary>The weeks of a return: walk, then trot inside the walk time, then trot and canter in turn; or the vet's stages.</summary>
public static class ReturnRamp
{
    /// <summary>The week a step stands for. Steps go on for as long as they are asked for.</summary>
    public static ReturnStep At(Return back, int step)
    {
        ArgumentNullException.ThrowIfNull(back);
        ArgumentOutOfRangeException.ThrowIfLessThan(step, 1);
        return back.Stages.Count > 0 ? OfTheVet(back.Stages, step) : AfterRest(back.WalkWeeks, back.WeeksOff, step);
    }

    /// <summary>The stage of the vet's plan a step belongs to, from 0; the last one goes on.</summary>
    public static int StageAt(IReadOnlyList<Stage> stages, int step)
    {
        ArgumentNullException.ThrowIfNull(stages);
        for (var i = 0; i < stages.Count; i++)
        {
            step -= stages[i].Weeks;
            if (step <= 0)
            {
                return i;
            }
        }

        return stages.Count - 1;
    }

    private static ReturnStep OfTheVet(IReadOnlyList<Stage> stages, int step)
    {
        var at = StageAt(stages, step);
        var stage = stages[at];
        return new ReturnStep(
            step,
            BlockPhase.Stage,
            stage.Sessions,
            stage.Each,
            null,
            false,
            Why.Of(
                "After injury or illness the vet's plan leads",
                [$"stage {at + 1} of {stages.Count}: {stage.What}"],
                Source.CommonPractice
            )
        );
    }

    private static ReturnStep AfterRest(int walkWeeks, int weeksOff, int step)
    {
        var days = BlockFigures.ReturnDays.Value;
        var more = BlockFigures.TrotMinutesMore.Value;
        if (step <= walkWeeks)
        {
            var walk = Whole(step);
            return new ReturnStep(
                step,
                BlockPhase.Walk,
                days,
                new MinutesByGait(walk, 0, 0),
                null,
                false,
                Why.Of(
                    "Walk under saddle, ten minutes a day in the first week, ten more each week",
                    [$"{weeksOff} weeks off: {walkWeeks} walk weeks", $"walk week {step}: {walk} minutes a day"],
                    TimeOff.WalkMinutesMore.Source
                )
            );
        }

        // Trot goes up in the first weeks; then canter and trot take turns, since only one of them goes up in a week.
        var after = step - walkWeeks;
        var alone = TimeOff.CanterAfterTrot.Value;
        var turns = Math.Max(0, after - alone);
        var whole = Whole(step);
        var (trot, canter) = Fitting(more * (Math.Min(after, alone) + (turns / 2)), more * ((turns + 1) / 2), whole);
        var inCanter = turns % 2 == 1;
        return new ReturnStep(
            step,
            after <= alone ? BlockPhase.Trot : BlockPhase.Canter,
            days,
            new MinutesByGait(whole - trot - canter, trot, canter),
            (inCanter ? canter : trot) * 60 / SessionFigures.ReturnBout.Value,
            turns > BlockFigures.JumpAfterCanter.Value,
            Why.Of(
                $"{more} minutes more a session each week, in trot or in canter and never in both, inside the walk time",
                [
                    $"week {after} since trot began",
                    $"trot {trot}, canter {canter} minutes a session of {whole}",
                    $"canter at the earliest {alone} weeks after trot",
                ],
                after <= alone ? BlockFigures.TrotMinutesMore.Source : TimeOff.CanterAfterTrot.Source
            )
        );
    }

    /// <summary>Ten minutes more each week to forty, however many of the weeks are walked only; from there on as any week grows.</summary>
    private static int Whole(int step)
    {
        var most = TimeOff.WalkMinutesMost.Value;
        var weeks = most / TimeOff.WalkMinutesMore.Value;
        return step <= weeks
            ? step * TimeOff.WalkMinutesMore.Value
            : (int)
                Math.Min(
                    BlockFigures.MostMinutes.Value,
                    Math.Floor((most * Math.Pow(1 + LoadFigures.WeeklyGrowth.Value, step - weeks)) + 1e-9)
                );
    }

    /// <summary>Half of the session stays walk, whatever the weeks would make of it.</summary>
    private static (int Trot, int Canter) Fitting(int trot, int canter, int whole)
    {
        var most = whole / 2;
        var kept = Math.Min(canter, most / 3);
        return (Math.Min(trot, most - kept), kept);
    }
}
