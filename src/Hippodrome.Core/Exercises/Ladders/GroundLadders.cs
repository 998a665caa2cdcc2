using Hippodrome.Core.Horses;
using static Hippodrome.Core.Exercises.ExerciseFigures;

namespace Hippodrome.Core.Exercises.Ladders;

/// <summary>Work from the ground: in hand, and on the lunge. The rungs are common practice, no source.</summary>
internal static class GroundLadders
{
    private const string Ages = "Young joints: a few minutes, on good ground, and stop while it is still easy.";
    private const string Ropes = "Gloves and a hat; never a hand through a loop.";

    public static readonly IReadOnlyList<Rung> InHand = Ladder.Of(
        Strand.InHand,
        "in-hand",
        new(
            "lead-and-halt",
            "Lead, halt, step back",
            FromYearling,
            "Manners, and a horse that waits for you.",
            "Walk beside the shoulder, both sides. Halt from the voice; ask for three steps straight back, and walk on.",
            Good.OnTheFlat("Halts beside you and steps back straight, led from either side."),
            "Crowding your shoulder, swinging the quarters when it backs.",
            Caution: Ropes
        ),
        new(
            "lower-and-bend",
            "Lower the head, bend both ways",
            FromYearling,
            "A neck that gives, and a first look at the stiff side.",
            "From a light feel on the headcollar the nose comes down; then round to each side until the eye shows.",
            Good.OnTheFlat("Head down from a light feel and a soft bend to both sides."),
            "One side answering later than the other: note which."
        ),
        new(
            "pole-corridor",
            "Single pole, then a corridor",
            FromTwo,
            "Feet that are placed on purpose.",
            "Over one pole, then between two rails a metre apart: halt inside, a counted number of steps, on.",
            Good.OverPoles("Halts inside the rails where asked and walks out the number of steps you named."),
            "Rushing out of the far end.",
            Kit: ["2 poles"],
            Helper: true,
            MostAWeek: TwiceAWeek,
            Caution: Ages
        ),
        new(
            "walk-poles",
            "Three or four walk poles",
            FromTwo,
            "Rhythm and a lifted foot.",
            "A row of poles a step apart, led at the shoulder on a long rope; then one end of each raised.",
            Good.OverPoles("Keeps its rhythm through the row on both sides, head low."),
            "Jumping two at once: spread them or take one out.",
            Kit: ["4 poles", "2 blocks"],
            Helper: true,
            MostAWeek: TwiceAWeek,
            Caution: Ages
        ),
        new(
            "curved-and-raised",
            "Curved and raised poles, other handlers",
            FromTwo,
            "The same answer to a new question and a new person.",
            "Lay the row on a curve, raise ends in turn, and let someone else lead.",
            Good.OverPoles("As calm with another handler as with you."),
            "A new person and a new layout on the same day: one of them is enough.",
            Kit: ["4 poles", "4 blocks"],
            Helper: true,
            MostAWeek: TwiceAWeek,
            Caution: Ages
        ),
        new(
            "long-lines-trot",
            "Long lines, walk and steady trot",
            FromFour,
            "Steering and tempo before there is a rider.",
            "Two lines through the surcingle; large circles and changes of rein in walk, then a steady trot.",
            Good.OnTheFlat("One tempo on both reins, changes of rein without a pull."),
            "Lines round the hind legs; a helper at the head the first times.",
            Needs: ["lunge/surcingle-and-voice"],
            Kit: ["surcingle", "2 lines"],
            Helper: true,
            Caution: Ropes,
            Ask: "Your vet, whether the young body is ready to circle."
        ),
        new(
            "long-lines-canter",
            "Long lines, canter and trot poles",
            FromFour,
            "Departs by the voice and strength without weight.",
            "Trot-canter-trot on large circles; a row of trot poles on the straight.",
            Good.OverPoles("Departs on the right lead both ways and trots the poles clean."),
            "Leaning in on the circle: larger, slower.",
            Needs: ["lunge/canter-both-ways"],
            Kit: ["surcingle", "2 lines", "3 poles"],
            Helper: true,
            Caution: Ropes
        )
    );

    public static readonly IReadOnlyList<Rung> Lunge = Ladder.Of(
        Strand.Lunge,
        "lunge",
        new(
            "free-both-ways",
            "Free, both ways",
            FromFour,
            "Looseness, and a look at how it moves by itself.",
            "In a small fenced ring or on the line without side aids: walk and trot on both reins, a few minutes each.",
            Good.OnTheFlat("Finds its own tempo and comes in when asked, both ways."),
            "Cutting in on one side.",
            Needs: ["in-hand/lead-and-halt"],
            Helper: true,
            Caution: "Never a horse too young, never small circles, both sides alike.",
            Ask: "Your vet, whether the young body is ready to circle."
        ),
        new(
            "surcingle-and-voice",
            "Surcingle, transitions by voice",
            FromFour,
            "Girth and voice understood before the saddle.",
            "Surcingle without side aids; walk-trot-walk-halt by the voice, equal minutes on both reins.",
            Good.OnTheFlat("Every transition from the voice within half a circle, both ways."),
            "A cold back: loosen, walk, ask the saddler.",
            Kit: ["surcingle", "lunge line"]
        ),
        new(
            "side-aid",
            "Side aid or rig, even on both sides",
            FromFour,
            "A steady contact to reach into.",
            "A side aid at equal length, long; loosened between, never longer than ten minutes at a time.",
            Good.OnTheFlat("Reaches into the aid and chews, the same on both reins."),
            "Curled under, or leaning on it: longer, or off.",
            Kit: ["surcingle", "side aid"],
            Caution: "An aid that is too short hurts: long first, loosened between, even on both sides."
        ),
        new(
            "canter-both-ways",
            "Canter both ways",
            FromFour,
            "Balance in canter without a rider.",
            "From trot on a 20 m circle, a round or two at a time, the harder lead first and short.",
            Good.OnTheFlat("Right lead at the first asking and a round held in balance, both ways."),
            "Disunited, or racing: back to trot until the tempo is there.",
            Caution: "Good ground only; a fresh horse on a circle slips."
        ),
        new(
            "poles-on-the-circle",
            "Poles on the circle",
            FromFive,
            "Bend, lift and strength of the inner hind.",
            "Two to four poles on the circle as a fan; walk, then trot, out on the wide end first.",
            Good.OverPoles("Steps through the fan clean on both reins without falling in."),
            "Always the same pole touched: look left against right.",
            Needs: ["poles/trot-poles"],
            Kit: ["4 poles"],
            Helper: true,
            MostAWeek: TwiceAWeek
        )
    );
}
