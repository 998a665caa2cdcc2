using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules that speak before the work and between its stages.</summary>
internal static class StageRules
{
    /// <summary>Nobody moves until it is put right.</summary>
    private static readonly RideRule TackAmiss = Rules.Practice(
        "TackAmiss",
        Gravity.Danger,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "Rig and tack are even, the girth snug and the line safe before anything moves",
        c =>
            c.Record.Rail.Tack is { IsAmiss: true } tack
                ? new Finding(1, $"tack amiss: {Rules.List(Amiss(tack))}", [.. Amiss(tack).Select(a => (FormattableString)$"{a}")])
                : null,
        "Look at it in full before the next ride.",
        new("Put the tack right before anything moves.", "Even on both sides, girth snug, line safe.")
        {
            InPart = false,
            CanWait = false,
            SaysWhatWasSeen = true,
        }
    );

    /// <summary>A calm, straight go and one repeat: the stage rises the same day.</summary>
    private static readonly RideRule StageCalm = Rules.Practice(
        "StageCalm",
        Gravity.GoOn,
        VerdictWord.Up,
        SessionChange.RungOn,
        "A stage rises the same day after a calm, straight go and one repeat",
        c =>
            c.StageNext is { } next && c.Record.Counts.CalmGoes >= GoesAsked(c)
                ? new Finding(
                    c.Record.Counts.CalmGoes,
                    "calm, as the stage asks",
                    $"calm {Rules.Times(c.Record.Counts.CalmGoes)} as it stands"
                )
                {
                    Do = next.Says,
                }
                : null,
        null,
        new("Calm: the next stage, or leave it.", "One thing more, once or twice through it.")
    );

    /// <summary>The last planned stage went well once and was confirmed once.</summary>
    private static readonly RideRule FirstFencesDone = Rules.Practice(
        "FirstFencesDone",
        Gravity.StopThere,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "A first day over fences ends when the last planned stage went well once and was confirmed once",
        c =>
            c.Facts.FirstFences && c.IsLastStage && c.Record.Counts.CalmGoes >= GoesAsked(c)
                ? new Finding(Stage(c), "the last stage, well and once more", $"calm {Rules.Times(c.Record.Counts.CalmGoes)} as it stands")
                : null,
        null,
        new("Well, and once more: end the fences here.", "A first day stays small and ends on the first good one.")
        {
            Now = SessionChange.NoPoles,
        }
    );

    public static readonly RideRule[] All = [TackAmiss, FirstFencesDone, StageCalm];

    /// <summary>Said once of each stage.</summary>
    private static int Stage(VerdictContext c) => c.Record.Counts.Rebuilt + 1;

    private static int GoesAsked(VerdictContext c) =>
        VerdictFigures.GoesAStage.Value + (c.Facts.CarefulRider ? VerdictFigures.CarefulGoes.Value : 0);

    private static IReadOnlyList<string> Amiss(TackLooked tack) =>
        [
            .. tack.Even == false ? (string[])["not even"] : [],
            .. tack.GirthSnug == false ? (string[])["girth not snug"] : [],
            .. tack.LineSafe == false ? (string[])["line not safe"] : [],
        ];
}
