using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Sessions;

/// <summary>Tests that open a part of a plan: those somebody set, and those of the trade (common practice).</summary>
internal static class OpeningTests
{
    /// <summary>The test before a part; null where it needs none.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="part">One of its parts.</param>
    public static OpeningTest? Before(SessionPlan plan, Part part) =>
        part.OpensWith
        ?? (
            part switch
            {
                { Manner: Manner.Lunged, Gait: Gait.Canter } => OpeningTest.LevelOnTheLunge,
                { Manner: Manner.Ridden } when IsFirstRidden(plan, part) => OpeningTest.VoiceAnswered,
                { Manner: Manner.Ridden, Rung.Strand: Strand.Collected } => OpeningTest.GivenReinStays,
                { Manner: Manner.Ridden, Rung: { Strand: Strand.Changes } rung }
                    when rung.Step >= Catalogue.Rung("changes/single-change").Step => OpeningTest.PromptDeparts,
                _ => null,
            }
        );

    /// <summary>The first part in the saddle after work on a line.</summary>
    private static bool IsFirstRidden(SessionPlan plan, Part part) =>
        plan.Parts.TakeWhile(p => p != part).ToList() is { Count: > 0 } before
        && before[^1].Manner is Manner.Lunged or Manner.LongReined
        && before.TrueForAll(p => p.Manner != Manner.Ridden);
}
