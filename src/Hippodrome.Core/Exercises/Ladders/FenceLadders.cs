using Hippodrome.Core.Horses;
using static Hippodrome.Core.Exercises.ExerciseFigures;

namespace Hippodrome.Core.Exercises.Ladders;

/// <summary>Poles, grids, jumping, narrow fences, cross-country, fitness. Common practice, no source.</summary>
internal static class FenceLadders
{
    private const string Fence = "Never jump alone: a helper on the ground or a second rider, a hat, and poles that roll.";
    private const string Country = "A helper or a second rider, hat and body protector, the ground walked first; stop while it is fun.";
    private const string Fast = "Good ground only, legs felt the next morning, never two fast days running.";

    public static readonly IReadOnlyList<Rung> Poles = Ladder.Of(
        Strand.Poles,
        "poles",
        new(
            "single-walk",
            "Single poles in walk",
            FromFour,
            "Looking where the feet go.",
            "One pole here and there, in walk on a long rein, both reins, at different places.",
            Good.OverPoles("Steps over without a change of rhythm."),
            "Jumping it: lead over it first.",
            Needs: ["flatwork/lines-and-large-circles"],
            Kit: ["3 poles"],
            MostAWeek: TwiceAWeek
        ),
        new(
            "walk-poles",
            "Three to four walk poles",
            FromFour,
            "Swing in the back and a longer walk.",
            "A row a step apart; long rein, head low, both reins.",
            Good.OverPoles("Every step in its gap on both reins."),
            "Quick at the last pole.",
            Kit: ["4 poles"],
            MostAWeek: TwiceAWeek
        ),
        new(
            "trot-poles",
            "Trot poles",
            FromFour,
            "Rhythm, lift, and left against right.",
            "Three or four a trot step apart, never two; rising, straight in and straight away.",
            Good.OverPoles("Four passes in five clean on both reins and no rushing."),
            "Rushing: back to walk over them.",
            Needs: ["flatwork/trot-canter"],
            Kit: ["4 poles"],
            MostAWeek: TwiceAWeek
        ),
        new(
            "fan-clock-zigzag",
            "Fan, clock, zigzag in trot",
            FromFive,
            "Bend and balance over the pole.",
            "A fan on a curve, four poles on a circle, or a zigzag; ride the wide end first.",
            Good.OverPoles("Keeps bend and tempo on both reins."),
            "Drifting to the wide end on the stiff side.",
            Kit: ["4 poles"],
            MostAWeek: ThriceAWeek
        ),
        new(
            "raised-trot",
            "Raised trot poles",
            FromFive,
            "Strength of back and hind legs.",
            "Ends raised in turn, then both ends, no higher than a hand and a half.",
            Good.OverPoles("Clean on both reins, back swinging."),
            "Always the same leg: have it looked at.",
            Kit: ["4 poles", "8 blocks"],
            Helper: true,
            MostAWeek: TwiceAWeek,
            Caution: "A helper puts a rolled pole right before the next pass."
        ),
        new(
            "canter-pole",
            "Canter pole, counted lines",
            FromFive,
            "A canter that can be counted.",
            "One pole, then two at a known distance: count aloud, the same number three times.",
            Good.OverPoles("The number you named, three times running, both leads."),
            "A different number each time: the canter first.",
            Needs: ["flatwork/fifteen-metres"],
            Kit: ["2 poles"],
            MostAWeek: ThriceAWeek
        ),
        new(
            "canter-cavaletti",
            "Canter cavaletti, even",
            FromFive,
            "Jump in the canter.",
            "Three or four low cavaletti a canter stride apart, even.",
            Good.OverPoles("One stride in each gap, quiet, both leads."),
            "Flat and fast: shorter, or fewer.",
            Kit: ["4 poles", "8 blocks"],
            Helper: true,
            MostAWeek: TwiceAWeek,
            Caution: Fence
        ),
        new(
            "accordion",
            "The accordion",
            FromSix,
            "Longer and shorter at will.",
            "Ten metres between two poles in two, three and four strides; fifteen in three, four or five.",
            Good.OverPoles("All three numbers on both leads."),
            "Quicker in place of longer.",
            Needs: ["flatwork/simple-change"],
            Kit: ["2 poles"],
            MostAWeek: ThriceAWeek
        ),
        new(
            "uneven",
            "Uneven distances and heights",
            FromSix,
            "Eyes and quick feet.",
            "Distances and heights that differ along the row; a trained horse, a helper, few passes.",
            Good.OverPoles("Sorts it out calmly on both leads."),
            "Worry: even again.",
            Kit: ["5 poles", "10 blocks"],
            Helper: true,
            MostAWeek: TwiceAWeek,
            Caution: Fence
        )
    );

    public static readonly IReadOnlyList<Rung> Grids = Ladder.Of(
        Strand.Grids,
        "grids",
        new(
            "cross-pole-trot",
            "Cross-pole from trot",
            FromFour,
            "Straight, and no more than a large trot step.",
            "Low, trot in, both reins, straight in off a square turn and a turn after it.",
            Good.OverFences("Straight on both reins and trot again within a few strides."),
            "Rushing, or drifting to one side.",
            Needs: ["poles/trot-poles", "jumping/empty-wings"],
            Kit: ["2 poles", "1 pair of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "placing-pole",
            "Placing pole and cross-pole",
            FromFive,
            "The take-off found for it.",
            "A placing pole before the cross-pole, at this horse's distance.",
            Good.OverFences("Meets it the same each time."),
            "Touching the placing pole: look at the distance.",
            Kit: ["3 poles", "1 pair of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "one-stride",
            "Two elements, one stride",
            FromFive,
            "Landing and going again.",
            "A small upright one stride on, short on purpose so that it sits. One thing at a time, once or twice through.",
            Good.OverFences("One stride, straight, both reins."),
            "Scrambling: thirty centimetres longer.",
            Kit: ["5 poles", "2 pairs of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "bounce",
            "Add a bounce",
            FromFive,
            "Quick, strong hind legs.",
            "The upright becomes the first part of a bounce.",
            Good.OverFences("In and out without a stride between, in rhythm."),
            "Hanging a leg: lower, longer.",
            Kit: ["6 poles", "3 pairs of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "exit-upright",
            "Exit upright",
            FromFive,
            "Waiting to the end of the grid.",
            "An upright at the end, a stride or two on.",
            Good.OverFences("Waits for the last fence and lands straight."),
            "Running on after it: a circle, a halt.",
            Kit: ["7 poles", "4 pairs of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "ascending-oxer",
            "Exit ascending oxer",
            FromSix,
            "Width, with a helpful front.",
            "The last upright becomes an oxer, back rail higher.",
            Good.OverFences("Opens over the top and lands in balance."),
            "Flat over the back rail.",
            Kit: ["9 poles", "5 pairs of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "square-oxer",
            "Square oxer",
            FromSix,
            "Its best shape.",
            "Front and back rail level; height last of all.",
            Good.OverFences("Even over front and back rail, both reins."),
            "Tired behind: end.",
            Kit: ["9 poles", "5 pairs of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Fence
        )
    );

    public static readonly IReadOnlyList<Rung> Jumping = Ladder.Of(
        Strand.Jumping,
        "jumping",
        new(
            "empty-wings",
            "Poles between empty wings",
            FromFour,
            "A whole course before there is a fence.",
            "Poles on the ground between wings without cups, lines open, not near a corner; a calm canter round all of them.",
            Good.OverPoles("A whole round in one canter, both leads."),
            "Looking at the wings: walk past them first.",
            Needs: ["poles/trot-poles"],
            Kit: ["6 poles", "6 pairs of wings"],
            Helper: true,
            NoFence: true,
            MostAWeek: ThriceAWeek,
            Caution: Fence
        ),
        new(
            "cross-pole",
            "Cross-pole, ground line both sides",
            FromFour,
            "The first fence, and easy.",
            "Trot in, eyes past it, hands apart; both reins; stop early on a good one.",
            Good.OverFences("Straight from trot on both reins."),
            "A stop from doubt: one it can walk over.",
            Kit: ["4 poles", "1 pair of wings"],
            Helper: true,
            MostHeight: CrossPoleHeight,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "land-in-canter",
            "Placing pole, land in canter",
            FromFive,
            "Away from the fence in balance.",
            "Placing pole, trot in, canter away on the lead it landed on; change before the turn.",
            Good.OverFences("Canters away straight, and the lead is yours before the turn."),
            "The wrong lead left until the corner.",
            Needs: ["grids/placing-pole"],
            Kit: ["4 poles", "1 pair of wings"],
            Helper: true,
            MostHeight: LandInCanterHeight,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "small-single",
            "Small uprights and oxers, fillers",
            FromFive,
            "The same canter to everything.",
            "Single fences from canter, small, with fillers laid open at first.",
            Good.OverFences("The same rhythm to upright, oxer and filler."),
            "Looking down: open the filler, help it over.",
            Needs: ["poles/canter-pole"],
            Kit: ["6 poles", "2 pairs of wings", "1 filler"],
            Helper: true,
            MostHeight: SmallHeight,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "related-lines",
            "Related lines, counted",
            FromFive,
            "A number, and the canter that fits it.",
            "Three, four and five strides between small fences, walked and counted.",
            Good.OverFences("The number you walked, both reins."),
            "Held too much or chased: the cause is the rider's.",
            Needs: ["grids/one-stride"],
            Kit: ["6 poles", "2 pairs of wings"],
            Helper: true,
            MostHeight: RelatedHeight,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "leads-and-turns",
            "Leads and turns",
            FromSix,
            "Track before height.",
            "Figures of eight over a small fence, turns back, the lead landed on.",
            Good.OverFences("Lands or changes before each turn."),
            "Falling in on the stiff side.",
            Needs: ["flatwork/simple-change"],
            Kit: ["6 poles", "3 pairs of wings"],
            Helper: true,
            MostHeight: TurnsHeight,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "course-under",
            "A course ten centimetres under",
            FromSix,
            "All of it together, easily.",
            "A whole course at ten centimetres under the aim.",
            Good.OverFences("A round in one canter with something left."),
            "Tired in the last line: end, and shorter next time.",
            Needs: ["grids/ascending-oxer"],
            Kit: ["a course"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Fence
        ),
        new(
            "at-height",
            "At height",
            FromSix,
            "What the competition asks, once in a while.",
            "A few fences at height in a course that is mostly smaller.",
            Good.OverFences("The same canter, the same shape."),
            "A big fence the day before: never.",
            Needs: ["grids/square-oxer"],
            Kit: ["a course"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Fence
        )
    );

    public static readonly IReadOnlyList<Rung> Narrow = Ladder.Of(
        Strand.Narrow,
        "narrow",
        new(
            "full-width-guided",
            "Full width, guide poles both sides",
            FromFive,
            "Straight is the only way.",
            "Wings, a guide pole on each side, a generous ground pole that stays all along.",
            Good.OverFences("Straight in and straight away, both reins."),
            "Leaning on one guide.",
            Needs: ["jumping/small-single"],
            Kit: ["4 poles", "1 pair of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            SessionsToGoUp: SessionsForNarrow,
            Caution: Fence
        ),
        new(
            "narrower-guided",
            "Narrower, guides kept",
            FromFive,
            "The same, with less to aim at.",
            "Two and a half metres, then under two, guides as before.",
            Good.OverFences("Straight at the narrower width, both reins."),
            "Any sideways jump: the last width that was safe.",
            Kit: ["4 poles", "1 pair of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            SessionsToGoUp: SessionsForNarrow,
            Caution: Fence
        ),
        new(
            "one-guide",
            "One guide away",
            FromFive,
            "Holding the line by itself on one side.",
            "Take the guide off the side it never leaves by.",
            Good.OverFences("As straight with one as with two."),
            "Guard the side it left by.",
            Kit: ["3 poles", "1 pair of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            SessionsToGoUp: SessionsForNarrow,
            Caution: Fence
        ),
        new(
            "narrower-again",
            "Narrower again",
            FromSix,
            "A metre and a bit.",
            "One guide, one metre twenty.",
            Good.OverFences("Straight, both reins, no longer a question."),
            "Quick and crooked: slower, guides back.",
            Kit: ["3 poles", "1 pair of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            SessionsToGoUp: SessionsForNarrow,
            Caution: Fence
        ),
        new(
            "barrel",
            "Barrel width, none",
            FromSix,
            "Trust and a straight line.",
            "Ninety centimetres without guides; the ground pole stays.",
            Good.OverFences("Straight from both reins."),
            "A run-out: guides back at once, not again at this width today.",
            Kit: ["1 narrow fence"],
            Helper: true,
            MostAWeek: JumpDays,
            SessionsToGoUp: SessionsForNarrow,
            Caution: Fence
        ),
        new(
            "in-combination",
            "In a combination",
            FromSix,
            "A line held over two.",
            "The narrow one second, a stride or three after a plain fence.",
            Good.OverFences("Locks on to the second as soon as it lands."),
            "Looking elsewhere at the landing.",
            Needs: ["jumping/related-lines"],
            Kit: ["1 narrow fence", "2 poles", "1 pair of wings"],
            Helper: true,
            MostAWeek: JumpDays,
            SessionsToGoUp: SessionsForNarrow,
            Caution: Fence
        )
    );

    public static readonly IReadOnlyList<Rung> CrossCountry = Ladder.Of(
        Strand.CrossCountry,
        "cross-country",
        new(
            "shallow-water",
            "In and out of shallow water",
            FromFive,
            "Water is only wet ground.",
            "Walk in behind a steady horse, stand, walk out; again until it is dull.",
            Good.OverFences("Walks in alone on a long rein."),
            "Never first in the session, never fought.",
            Needs: ["flatwork/trot-canter"],
            Helper: true,
            NoFence: true,
            MostAWeek: JumpDays,
            Caution: Country
        ),
        new(
            "steps",
            "Step up, then down, in walk",
            FromFive,
            "Lowering itself, not leaping.",
            "Up first; down from walk on a long rein until it steps.",
            Good.OverFences("Steps down without a leap."),
            "Leaping: walk again until it lowers itself.",
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Country
        ),
        new(
            "small-fences",
            "Ten to fifteen small fences, steady",
            FromFive,
            "One canter out in the open.",
            "Small logs and hanging rails, many of them, one after another.",
            Good.OverFences("Settles after the first few and stays settled."),
            "Bold and breathing hard: one more, then end.",
            Needs: ["jumping/small-single"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Country
        ),
        new(
            "banks-and-ditches",
            "Banks, ditches",
            FromFive,
            "Ground that goes up, down and away.",
            "Small ones, a lead the first time, each until it is easy.",
            Good.OverFences("Straight, from trot or a steady canter."),
            "Looking into the ditch: a lead, a smaller one.",
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Country
        ),
        new(
            "drop-into-water",
            "Drop into water",
            FromSix,
            "The step and the water together.",
            "The smallest step there is; its height is what shows and the depth as well.",
            Good.OverFences("Pops in and canters out."),
            "A leap in: the step on land again.",
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Country
        ),
        new(
            "fence-in-water",
            "Fence in water",
            FromSix,
            "Jumping with wet feet.",
            "The same fence on land first, then in the water.",
            Good.OverFences("The same jump in water as on land."),
            "The other direction is another question.",
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Country
        ),
        new(
            "level-speed",
            "Course at level speed",
            FromSix,
            "The pace of the level, and back from it.",
            "A few fences out of the canter of the level; set up, jump, go on.",
            Good.OverFences("Comes back in three strides and goes on again."),
            "On the forehand late in the course: tired, stop.",
            Needs: ["fitness/canter-sets"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Country
        ),
        new(
            "combinations",
            "Combinations",
            FromSix,
            "Questions close together.",
            "Walked first, each element alone before they are ridden together.",
            Good.OverFences("Holds its line through all of it."),
            "A glance off: the last part alone, guides back.",
            Needs: ["narrow/barrel"],
            Helper: true,
            MostAWeek: JumpDays,
            Caution: Country
        )
    );

    public static readonly IReadOnlyList<Rung> Fitness = Ladder.Of(
        Strand.Fitness,
        "fitness",
        new(
            "walk-hardening",
            "Walk hardening",
            FromFour,
            "Tendons and hooves need weeks where the heart needs days.",
            "Ridden walk, brisk, on firm going; ten minutes more each week.",
            Good.OnTheFlat("Forty minutes of brisk walk and legs cool the next morning."),
            "Heat or filling in a leg."
        ),
        new(
            "trot-sets",
            "Trot sets",
            FromFour,
            "The first breath.",
            "Bouts of trot with walk between; two minutes more a week, in trot or in canter and not in both.",
            Good.OnTheFlat("Breath back within the walk between."),
            "Quick and on the forehand: tired, stop.",
            Needs: ["flatwork/lines-and-large-circles"]
        ),
        new(
            "canter-sets",
            "Canter sets",
            FromFive,
            "Staying power for the aim.",
            "Three times five minutes at 400 metres a minute, three of walk between; every third or fourth day at most.",
            Good.OnTheFlat("The third set like the first."),
            "Hard or deep ground: walk home.",
            Needs: ["flatwork/fifteen-metres"],
            MostAWeek: FastDays,
            Caution: Fast
        ),
        new(
            "hills",
            "Hills",
            FromFive,
            "Hind legs without speed.",
            "Up in trot or canter, down in walk.",
            Good.OnTheFlat("Up in one rhythm, breath back at the bottom."),
            "Down in trot: never while it learns.",
            MostAWeek: FastDays,
            Caution: Fast
        ),
        new(
            "speed-sets",
            "Speed sets",
            FromSix,
            "A little of what the level asks.",
            "Short pieces near the speed of the level within canter sets.",
            Good.OnTheFlat("Comes back to the set's pace when asked."),
            "Only as the aim asks for it; ask what the heart says.",
            Needs: ["cross-country/small-fences"],
            MostAWeek: FastDays,
            Caution: Fast,
            Ask: "Your vet, if it has been off for illness or injury."
        )
    );
}
