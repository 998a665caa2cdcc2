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
        new()
        {
            Slug = "lead-and-halt",
            Name = "Lead, halt, step back",
            YoungestAge = FromYearling,
            Purpose = "Manners, and a horse that waits for you.",
            How = "Walk beside the shoulder, both sides. Halt from the voice; ask for three steps straight back, and walk on.",
            Good = Good.OnTheFlat("Halts beside you and steps back straight, led from either side."),
            Watch = "Crowding your shoulder, swinging the quarters when it backs.",
            Caution = Ropes,
        },
        new()
        {
            Slug = "lower-and-bend",
            Name = "Lower the head, bend both ways",
            YoungestAge = FromYearling,
            Purpose = "A neck that gives, and a first look at the stiff side.",
            How = "From a light feel on the headcollar the nose comes down; then round to each side until the eye shows.",
            Good = Good.OnTheFlat("Head down from a light feel and a soft bend to both sides."),
            Watch = "One side answering later than the other: note which.",
        },
        new()
        {
            Slug = "pole-corridor",
            Name = "Single pole, then a corridor",
            YoungestAge = FromTwo,
            Purpose = "Feet that are placed on purpose.",
            How = "Over one pole, then between two rails a metre apart: halt inside, a counted number of steps, on.",
            Good = Good.OverPoles("Halts inside the rails where asked and walks out the number of steps you named."),
            Watch = "Rushing out of the far end.",
            Kit = ["2 poles"],
            Helper = true,
            MostAWeek = TwiceAWeek,
            Caution = Ages,
        },
        new()
        {
            Slug = "walk-poles",
            Name = "Three or four walk poles",
            YoungestAge = FromTwo,
            Purpose = "Rhythm and a lifted foot.",
            How = "A row of poles a step apart, led at the shoulder on a long rope; then one end of each raised.",
            Good = Good.OverPoles("Keeps its rhythm through the row on both sides, head low."),
            Watch = "Jumping two at once: spread them or take one out.",
            Kit = ["4 poles", "2 blocks"],
            Helper = true,
            MostAWeek = TwiceAWeek,
            Caution = Ages,
        },
        new()
        {
            Slug = "curved-and-raised",
            Name = "Curved and raised poles, other handlers",
            YoungestAge = FromTwo,
            Purpose = "The same answer to a new question and a new person.",
            How = "Lay the row on a curve, raise ends in turn, and let someone else lead.",
            Good = Good.OverPoles("As calm with another handler as with you."),
            Watch = "A new person and a new layout on the same day: one of them is enough.",
            Kit = ["4 poles", "4 blocks"],
            Helper = true,
            MostAWeek = TwiceAWeek,
            Caution = Ages,
        },
        new()
        {
            Slug = "long-lines-trot",
            Name = "Long lines, walk and steady trot",
            YoungestAge = FromFour,
            Purpose = "Steering and tempo before there is a rider.",
            How = "Two lines through the surcingle; large circles and changes of rein in walk, then a steady trot.",
            Good = Good.OnTheFlat("One tempo on both reins, changes of rein without a pull."),
            Watch = "Lines round the hind legs; a helper at the head the first times.",
            Needs = ["lunge/surcingle-and-voice"],
            Kit = ["surcingle", "2 lines"],
            Helper = true,
            Caution = Ropes,
            Ask = "Your vet, whether the young body is ready to circle.",
        },
        new()
        {
            Slug = "long-lines-canter",
            Name = "Long lines, canter and trot poles",
            YoungestAge = FromFour,
            Purpose = "Departs by the voice and strength without weight.",
            How = "Trot-canter-trot on large circles; a row of trot poles on the straight.",
            Good = Good.OverPoles("Departs on the right lead both ways and trots the poles clean."),
            Watch = "Leaning in on the circle: larger, slower.",
            Needs = ["lunge/canter-both-ways"],
            Kit = ["surcingle", "2 lines", "3 poles"],
            Helper = true,
            Caution = Ropes,
        }
    );

    public static readonly IReadOnlyList<Rung> Lunge = Ladder.Of(
        Strand.Lunge,
        "lunge",
        new()
        {
            Slug = "free-both-ways",
            Name = "Free, both ways",
            YoungestAge = FromFour,
            Purpose = "Looseness, and a look at how it moves by itself.",
            How = "In a small fenced ring or on the line without side aids: walk and trot on both reins, a few minutes each.",
            Good = Good.OnTheFlat("Finds its own tempo and comes in when asked, both ways."),
            Watch = "Cutting in on one side.",
            Needs = ["in-hand/lead-and-halt"],
            Helper = true,
            Caution = "Never a horse too young, never small circles, both sides alike.",
            Ask = "Your vet, whether the young body is ready to circle.",
        },
        new()
        {
            Slug = "surcingle-and-voice",
            Name = "Surcingle, transitions by voice",
            YoungestAge = FromFour,
            Purpose = "Girth and voice understood before the saddle.",
            How = "Surcingle without side aids; walk-trot-walk-halt by the voice, equal minutes on both reins.",
            Good = Good.OnTheFlat("Every transition from the voice within half a circle, both ways."),
            Watch = "A cold back: loosen, walk, ask the saddler.",
            Kit = ["surcingle", "lunge line"],
        },
        new()
        {
            Slug = "side-aid",
            Name = "Side aid or rig, even on both sides",
            YoungestAge = FromFour,
            Purpose = "A steady contact to reach into.",
            How = "A side aid at equal length, long; loosened between, never longer than ten minutes at a time.",
            Good = Good.OnTheFlat("Reaches into the aid and chews, the same on both reins."),
            Watch = "Curled under, or leaning on it: longer, or off.",
            Kit = ["surcingle", "side aid"],
            Caution = "An aid that is too short hurts: long first, loosened between, even on both sides.",
        },
        new()
        {
            Slug = "canter-both-ways",
            Name = "Canter both ways",
            YoungestAge = FromFour,
            Purpose = "Balance in canter without a rider.",
            How = "From trot on a 20 m circle, a round or two at a time, the harder lead first and short.",
            Good = Good.OnTheFlat("Right lead at the first asking and a round held in balance, both ways."),
            Watch = "Disunited, or racing: back to trot until the tempo is there.",
            Caution = "Good ground only; a fresh horse on a circle slips.",
        },
        new()
        {
            Slug = "poles-on-the-circle",
            Name = "Poles on the circle",
            YoungestAge = FromFive,
            Purpose = "Bend, lift and strength of the inner hind.",
            How = "Two to four poles on the circle as a fan; walk, then trot, out on the wide end first.",
            Good = Good.OverPoles("Steps through the fan clean on both reins without falling in."),
            Watch = "Always the same pole touched: look left against right.",
            Needs = ["poles/trot-poles"],
            Kit = ["4 poles"],
            Helper = true,
            MostAWeek = TwiceAWeek,
        }
    );
}
