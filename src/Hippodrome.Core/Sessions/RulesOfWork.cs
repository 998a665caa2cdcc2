using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>Rules that more than one moment asks: of a block's days, of a plan, of a ride.</summary>
internal static class RulesOfWork
{
    public static readonly Rule NobodyJumpsAlone = new(Gravity.Danger, "Nobody jumps alone", Source.CommonPractice);

    public static readonly Rule RuledOut = new(
        Gravity.HoldAndRefer,
        "What a vet, a therapist or an open referral has ruled out stays out",
        Source.CommonPractice
    );

    public static readonly Rule InHandOnly = new(
        Gravity.Budget,
        $"Up to the age of {SessionFigures.InHandOnlyTo.Value} a horse is worked in hand only",
        SessionFigures.InHandOnlyTo.Source
    );

    public static readonly Rule PoleDaysOfTheYoung = new(
        Gravity.Budget,
        $"Poles on at most {SessionFigures.YoungPolesPerWeek.Value} days in seven for a young horse",
        SessionFigures.YoungPolesPerWeek.Source
    );

    public static readonly Rule JumpingDays = new(
        Gravity.Budget,
        $"At most {SessionFigures.FenceDaysPerWeek.Value} jumping days in seven",
        SessionFigures.FenceDaysPerWeek.Source
    );

    public static readonly Rule FenceBudget = new(
        Gravity.Budget,
        "Fences in a session have a budget; small ones and the second of a bounce count half, poles are counted apart",
        SessionFigures.MostEffortsGreen.Source
    );

    public static readonly Rule Heat = new(Gravity.Heat, "The strictest of the heat rules holds", Source.CommonPractice);

    public static readonly Rule OneOrTwoChanges = new(
        Gravity.StopThere,
        "One or two good changes, then leave it overnight",
        SessionFigures.ChangesAsked.Source
    );

    public static readonly Rule DayAfterCompetition = new(
        Gravity.Budget,
        "Rest or walk on the day after a competition",
        Source.CommonPractice
    );

    public static readonly Rule DayBeforeCompetition = new(
        Gravity.Budget,
        "The day before, a light grid keeps a jumper sharp; a big fence takes from tomorrow",
        SessionFigures.UnderCompetition.Source
    );
}
