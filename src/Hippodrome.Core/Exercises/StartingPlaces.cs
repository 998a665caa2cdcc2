using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Exercises;

/// <summary>
/// Where a horse stands on the day it is taken on, by the one thing that was asked: how far it has come, or the level it
/// goes at. Stated, movable, and replaced by evidence. Chosen for Hippodrome: what such a horse is usually sure of.
/// </summary>
public static class StartingPlaces
{
    private static readonly string[] Green =
    [
        "in-hand/walk-poles",
        "lunge/surcingle-and-voice",
        "flatwork/lines-and-large-circles",
        "lateral/turn-on-forehand",
        "poles/walk-poles",
        "fitness/walk-hardening",
    ];

    private static readonly string[] Novice =
    [
        "in-hand/walk-poles",
        "lunge/canter-both-ways",
        "flatwork/fifteen-metres",
        "lateral/leg-yield-line",
        "poles/canter-pole",
        "grids/bounce",
        "jumping/related-lines",
        "narrow/one-guide",
        "cross-country/banks-and-ditches",
        "fitness/canter-sets",
    ];

    private static readonly string[] Established =
    [
        "in-hand/long-lines-canter",
        "lunge/poles-on-the-circle",
        "flatwork/collected-gaits",
        "lateral/lateral-canter",
        "changes/changes-elsewhere",
        "collected/ten-metre-canter",
        "poles/uneven",
        "grids/square-oxer",
        "jumping/at-height",
        "narrow/in-combination",
        "cross-country/combinations",
        "fitness/speed-sets",
    ];

    private static readonly string[] OnTheGround = ["in-hand/walk-poles", "lunge/canter-both-ways", "fitness/trot-sets"];

    private static readonly Dictionary<GoesAt, string[]> ByLevel = new()
    {
        [GoesAt.Preliminary] = [.. OnTheGround, "flatwork/trot-canter", "lateral/four-steps", "poles/trot-poles"],
        [GoesAt.DressageNovice] = [.. OnTheGround, "flatwork/fifteen-metres", "lateral/leg-yield-line", "poles/trot-poles"],
        [GoesAt.Elementary] =
        [
            .. OnTheGround,
            "flatwork/simple-change",
            "lateral/shoulder-in",
            "changes/counter-canter-settled",
            "poles/raised-trot",
        ],
        [GoesAt.Medium] =
        [
            .. OnTheGround,
            "flatwork/collected-gaits",
            "lateral/half-pass-trot",
            "changes/canter-walk-canter",
            "collected/ten-metre-canter",
            "poles/raised-trot",
        ],
        [GoesAt.AdvancedMedium] =
        [
            .. OnTheGround,
            "flatwork/collected-gaits",
            "lateral/lateral-canter",
            "changes/changes-elsewhere",
            "collected/schooling-pirouette",
            "poles/raised-trot",
        ],
        [GoesAt.Advanced] =
        [
            .. OnTheGround,
            "flatwork/collected-gaits",
            "lateral/lateral-canter",
            "changes/every-third",
            "collected/half-pirouette",
            "poles/raised-trot",
        ],
        [GoesAt.SmallTour] =
        [
            .. OnTheGround,
            "flatwork/collected-gaits",
            "lateral/lateral-canter",
            "changes/every-second",
            "collected/half-pirouette",
            "poles/raised-trot",
        ],
        [GoesAt.BigTour] =
        [
            .. OnTheGround,
            "flatwork/collected-gaits",
            "lateral/lateral-canter",
            "changes/every-stride",
            "collected/passage",
            "poles/raised-trot",
        ],
        [GoesAt.Jumping80] =
        [
            .. OnTheGround,
            "flatwork/fifteen-metres",
            "lateral/four-steps",
            "poles/canter-pole",
            "grids/bounce",
            "jumping/related-lines",
        ],
        [GoesAt.Jumping100] =
        [
            .. OnTheGround,
            "flatwork/ten-metres",
            "lateral/leg-yield-line",
            "poles/canter-cavaletti",
            "grids/ascending-oxer",
            "jumping/course-under",
            "narrow/one-guide",
        ],
        [GoesAt.Jumping120] = Established,
        [GoesAt.Eventing80] = Novice,
        [GoesAt.Eventing100] =
        [
            "in-hand/walk-poles",
            "lunge/canter-both-ways",
            "flatwork/simple-change",
            "lateral/shoulder-in",
            "poles/canter-cavaletti",
            "grids/ascending-oxer",
            "jumping/course-under",
            "narrow/narrower-again",
            "cross-country/fence-in-water",
            "fitness/hills",
        ],
        [GoesAt.EventingNovice] = Established,
    };

    /// <summary>The rung of each ladder, as high as age and what it rests on allow; a ladder with none has not been begun.</summary>
    /// <param name="horse">The horse, with what was stated of it.</param>
    public static IReadOnlyDictionary<Strand, Rung> Of(Horse horse)
    {
        ArgumentNullException.ThrowIfNull(horse);
        var age = horse.Age(horse.EnteredOn);
        var stated = horse.GoesAt is { } level
            ? ByLevel[level]
            : horse.Experience switch
            {
                Experience.Green => Green,
                Experience.Novice => Novice,
                _ => Established,
            };
        var at = stated.Select(Catalogue.Rung).Select(r => OfAge(r, age)).OfType<Rung>().ToDictionary(r => r.Strand);
        // One rung down can take away what another rests on, so until nothing moves any more.
        while (at.Values.FirstOrDefault(r => !IsOpen(r, at)) is { } tooHigh)
        {
            at.Remove(tooHigh.Strand);
            if (tooHigh.FallBack is { } below)
            {
                at[tooHigh.Strand] = Catalogue.Rung(below);
            }
        }

        return at;
    }

    private static Rung? OfAge(Rung rung, int age) =>
        Catalogue.Ladder(rung.Strand).Take(rung.Step).LastOrDefault(r => age >= r.YoungestAge.Value);

    private static bool IsOpen(Rung rung, Dictionary<Strand, Rung> at) =>
        rung.Needs.Select(Catalogue.Rung).All(n => at.TryGetValue(n.Strand, out var has) && has.Step >= n.Step);
}
