using Hippodrome.Core.Horses;
using static Hippodrome.Core.Exercises.ExerciseFigures;

namespace Hippodrome.Core.Exercises.Ladders;

/// <summary>Under saddle on the flat: flatwork, lateral, changes, collected work. Common practice, no source; the order follows the scale of training.</summary>
internal static class FlatLadders
{
    private const string FirstRides = "Hat and body protector, a helper on the ground, four or five minutes at first.";

    public static readonly IReadOnlyList<Rung> Flatwork = Ladder.Of(
        Strand.Flatwork,
        "flatwork",
        new(
            "first-month",
            "First month under saddle",
            FromFour,
            "A rider is no surprise, and leg means forward.",
            "About two weeks of groundwork, then first sits of a few minutes. Leg before rein to stop; forward from the halt with an open hand.",
            Good.OnTheFlat("Stands to be mounted, walks off from the leg, stops from the seat."),
            "Upright round both bends before straight; a tight back.",
            Needs: ["in-hand/lower-and-bend", "lunge/surcingle-and-voice"],
            Helper: true,
            MostAWeek: ThriceAWeek,
            Caution: FirstRides,
            Ask: "Your vet and your saddler before the first sit."
        ),
        new(
            "lines-and-large-circles",
            "Straight lines, 20 m circles",
            FromFour,
            "Rhythm and steering.",
            "Halt-walk-trot transitions, straight lines off the track, 20 m circles on both reins.",
            Good.OnTheFlat("One rhythm on both reins and straight between two letters."),
            "The inner shoulder on the stiff side."
        ),
        new(
            "trot-canter",
            "Trot-canter, three loops, stretch",
            FromFour,
            "Looseness in all three gaits.",
            "Trot-canter-trot on the circle, a three-loop serpentine, stretch forward and down on the circle.",
            Good.OnTheFlat("Departs within a few strides on both leads and follows the rein down."),
            "The late lead: which hind was it?"
        ),
        new(
            "fifteen-metres",
            "15 m circles, lengthening, give and retake",
            FromFive,
            "Self-carriage and a first adjustable stride.",
            "15 m circles in trot and canter, a few longer strides on the long side, both reins given for two strides.",
            Good.OnTheFlat("Keeps tempo and outline when the rein is given."),
            "Quicker instead of longer."
        ),
        new(
            "ten-metres",
            "10 m circles, medium trot, walk-canter",
            FromFive,
            "Weight on the inner hind.",
            "10 m circles in trot, medium trot on the diagonal, canter from walk.",
            Good.OnTheFlat("A crisp walk-canter on both leads; the same medium trot at the end as at the start."),
            "A dull depart foretells a weak flying change.",
            Needs: ["lateral/leg-yield-line"]
        ),
        new(
            "simple-change",
            "Simple change, counter-canter, medium canter",
            FromSix,
            "Straightness in canter.",
            "Canter-walk-canter, counter-canter on a shallow loop and then round the short side, medium canter and back.",
            Good.OnTheFlat("Two or three clear walk steps and the new lead at once, both ways."),
            "Quarters drifting in the counter-canter.",
            Needs: ["lateral/shoulder-in"],
            MostAWeek: ThriceAWeek
        ),
        new(
            "collected-gaits",
            "Collected and extended gaits, rein-back",
            FromSix,
            "The whole range, there and back.",
            "Collected to extended and back in trot and canter; rein-back of a named number of steps and straight on.",
            Good.OnTheFlat("The difference is seen from the far end of the arena and the tempo is the same."),
            "Tension taken for impulsion.",
            Needs: ["lateral/travers"],
            MostAWeek: ThriceAWeek
        )
    );

    public static readonly IReadOnlyList<Rung> Lateral = Ladder.Of(
        Strand.Lateral,
        "lateral",
        new(
            "turn-on-forehand",
            "Turn on the forehand",
            FromFour,
            "The leg can also mean: over.",
            "From the halt, one step at a time away from one leg; praise, walk on.",
            Good.OnTheFlat("Steps over from a light leg, one step for one aid, both ways."),
            "Walking forward through the hand.",
            Needs: ["flatwork/lines-and-large-circles"]
        ),
        new(
            "step-and-rest",
            "Leg-yield, two steps and rest",
            FromFour,
            "Sideways without worry.",
            "Two steps over, straight and praise, two steps more. Spiral to 12 m: two out and rest on 14, two more and rest on 16.",
            Good.OnTheFlat("Two good sets each way before more is asked."),
            "Rushing away from the leg: fewer steps, longer rest."
        ),
        new(
            "four-steps",
            "Leg-yield of four, spiral in and yield out",
            FromFour,
            "Bend kept while the hind legs cross.",
            "Four steps over; spiral in from 20 to 12 m and yield out again, about half a metre a step.",
            Good.OnTheFlat("Crossing the same behind to left and right."),
            "Falling out over the shoulder: straighten first."
        ),
        new(
            "leg-yield-line",
            "Leg-yield, quarter line to track",
            FromFive,
            "Straight, parallel and forward.",
            "Turn onto the quarter line, a horse's length straight, then over to the track, five metres sideways.",
            Good.OnTheFlat("Parallel to the track all the way, tempo kept, both ways."),
            "Quarters trailing on the stiff side."
        ),
        new(
            "shoulder-in",
            "Shoulder-fore and shoulder-in",
            FromFive,
            "The inner hind carries.",
            "Shoulder-fore first, then three tracks at about thirty degrees; in walk two steps in, two straight; then in trot.",
            Good.OnTheFlat("The angle stays and the neck does not make it, both reins."),
            "Neck-in: the shoulders still on the track.",
            Needs: ["flatwork/fifteen-metres"]
        ),
        new(
            "travers",
            "Travers and renvers",
            FromSix,
            "Quarters that go where they are asked.",
            "Out of the corner, quarters in, bent round the inner leg; then the same with the tail to the wall.",
            Good.OnTheFlat("Bent in the direction it goes, tempo kept, both reins."),
            "Losing the bend and running sideways.",
            Needs: ["flatwork/ten-metres"],
            MostAWeek: ThriceAWeek
        ),
        new(
            "half-pass-trot",
            "Half-pass in trot",
            FromSix,
            "Travers on a diagonal line, with swing.",
            "From shoulder-in out of the corner onto the half-diagonal; a few steps, straight, a few more.",
            Good.OnTheFlat("Shoulders lead a little and the poll stays level, both ways."),
            "Quarters leading, or a tilted head.",
            MostAWeek: ThriceAWeek
        ),
        new(
            "lateral-canter",
            "Shoulder-fore, travers and half-pass in canter",
            FromSix,
            "A straight, carrying canter.",
            "Shoulder-fore on the long side, a few strides of travers, half-pass of a few metres.",
            Good.OnTheFlat("The canter keeps its jump and its three beats."),
            "Four beats: forward first.",
            Needs: ["flatwork/simple-change"],
            MostAWeek: ThriceAWeek
        )
    );

    private const string Excitement =
        "Exciting work: late in the session, one or two good ones and leave it, not tomorrow if it boiled over twice.";

    public static readonly IReadOnlyList<Rung> Changes = Ladder.Of(
        Strand.Changes,
        "changes",
        new(
            "counter-canter-settled",
            "Counter-canter settled",
            FromSix,
            "The lead is the rider's to choose.",
            "Shallow loops, then a whole short side in counter-canter, both leads.",
            Good.OnTheFlat("As quiet in counter-canter as in true, both leads."),
            "Changing by itself on the stiff side.",
            Needs: ["flatwork/simple-change"]
        ),
        new(
            "counter-canter-bent",
            "Counter-canter, bent both ways",
            FromSix,
            "A ribcage that gives without the lead falling over.",
            "On the long side change the bend in the neck and ribs and back again without a change of lead.",
            Good.OnTheFlat("The canter does not alter while the bend does."),
            "Hand before leg."
        ),
        new(
            "canter-walk-canter",
            "Light canter-walk-canter on either lead",
            FromSix,
            "Two leads at one light aid.",
            "Down to walk in one stride and up on the lead you name, anywhere.",
            Good.OnTheFlat("Crisp on either lead from a light leg."),
            "A dull depart: forward until it is crisp."
        ),
        new(
            "single-change",
            "Single change on a diagonal",
            FromSix,
            "The first change.",
            "A straight line out of the corner, canter made lively, the aid well before the letter. Diagonal first.",
            Good.OnTheFlat("Through in front and behind in one stride; calm again within a circle."),
            "Late or short behind: straighter, away from the corner, the same hind in other work.",
            SessionsToGoUp: SessionsForChanges,
            MostAWeek: ThriceAWeek,
            Caution: Excitement
        ),
        new(
            "changes-elsewhere",
            "Changes elsewhere, straight",
            FromSix,
            "The aid and not the place.",
            "On the long side at E or B, on the centre line; straight before, control afterwards.",
            Good.OnTheFlat("Clean both ways at three different places."),
            "Losing control after the first may last for months: stay here.",
            SessionsToGoUp: SessionsForChanges,
            MostAWeek: ThriceAWeek,
            Caution: Excitement
        ),
        new(
            "forward-change-collect",
            "Forward, change, collect",
            FromSeven,
            "Rideable between two changes.",
            "A pattern of forward, change, collect; not counted yet.",
            Good.OnTheFlat("Collects at once after each change."),
            "Anticipating the aid: ride on, halt elsewhere.",
            SessionsToGoUp: SessionsForChanges,
            MostAWeek: ThriceAWeek,
            Caution: Excitement
        ),
        new(
            "every-fourth",
            "Three or more every fourth stride",
            FromSeven,
            "Counting begins.",
            "Three on the diagonal every fourth stride, five when three are easy.",
            Good.OnTheFlat("Straight, equal and counted without a hurry."),
            "Swinging from side to side.",
            SessionsToGoUp: SessionsForChanges,
            MostAWeek: ThriceAWeek,
            Caution: Excitement
        ),
        new(
            "every-third",
            "Every third stride",
            FromSeven,
            "The same, nearer together.",
            "Freer than a test wants; five, then seven.",
            Good.OnTheFlat("As large in front and behind as the fours."),
            "Shorter changes: forward again.",
            SessionsToGoUp: SessionsForChanges,
            MostAWeek: ThriceAWeek,
            Caution: Excitement
        ),
        new(
            "every-second",
            "Every second stride",
            FromSeven,
            "Quick aids and a quiet rider.",
            "Quieter aids, three and five before seven and nine.",
            Good.OnTheFlat("Nine without a mistake, straight."),
            "The rider swinging more than the horse.",
            SessionsToGoUp: SessionsForChanges,
            MostAWeek: ThriceAWeek,
            Caution: Excitement
        ),
        new(
            "every-stride",
            "Every stride",
            FromEight,
            "The last of the ladder.",
            "Two, then three, then five; collected but quick.",
            Good.OnTheFlat("Seven without a mistake on both diagonals."),
            "Tension: threes and twos again.",
            SessionsToGoUp: SessionsForChanges,
            MostAWeek: TwiceAWeek,
            Caution: Excitement
        )
    );

    private const string Carrying = "The hardest work there is for the hind legs: short, with long pauses, and never in a row of days.";

    public static readonly IReadOnlyList<Rung> Collected = Ladder.Of(
        Strand.Collected,
        "collected",
        new(
            "ten-metre-canter",
            "10 m circle in canter",
            FromSix,
            "The canter carries on a small circle.",
            "Spiral in from 15 to 10 m, two rounds, out again; both leads.",
            Good.OnTheFlat("The same three beats at 10 m as at 15, both leads."),
            "Quarters swinging out on the stiff side.",
            Needs: ["flatwork/simple-change"],
            MostAWeek: ThriceAWeek
        ),
        new(
            "schooling-pirouette",
            "Schooling pirouette",
            FromSeven,
            "“More in” is not the same as “smaller”.",
            "Travers on a 10 m circle between the quarter lines; a few strides nearly on the spot, out again.",
            Good.OnTheFlat("Can be made larger at any stride."),
            "Spinning: out at once.",
            Needs: ["lateral/lateral-canter"],
            MostAWeek: TwiceAWeek,
            Caution: Carrying
        ),
        new(
            "half-pirouette",
            "Half pirouette",
            FromSeven,
            "Three to five strides, and out straight.",
            "On the diagonal after a few strides of shoulder-fore; count them.",
            Good.OnTheFlat("Three to five strides, the lead kept, straight out."),
            "A stiff hind that was late in the change is often the one here.",
            MostAWeek: TwiceAWeek,
            Caution: Carrying
        ),
        new(
            "half-steps",
            "Half-steps",
            FromSeven,
            "The first thought of piaffe.",
            "From walk or a short trot, a few shortened diagonal steps, forward out of them; praise the attempt.",
            Good.OnTheFlat("Offers a few even steps and goes forward from them."),
            "Worry: walk, another day.",
            Needs: ["flatwork/collected-gaits"],
            Helper: true,
            MostAWeek: TwiceAWeek,
            Caution: Carrying
        ),
        new(
            "piaffe",
            "Piaffe",
            FromEight,
            "On the spot, and willing.",
            "Six to ten even steps, a little forward; out before it is tired.",
            Good.OnTheFlat("Ten even steps, both hind legs alike."),
            "Crossing or rocking behind.",
            Helper: true,
            MostAWeek: TwiceAWeek,
            Caution: Carrying
        ),
        new(
            "passage",
            "Passage and the transitions",
            FromEight,
            "The highest trot, and from it to piaffe and back.",
            "A few strides out of a collected trot; later passage-piaffe-passage.",
            Good.OnTheFlat("Regular steps and fluent transitions."),
            "Uneven hind legs: rest, and have it looked at if it stays.",
            MostAWeek: TwiceAWeek,
            Caution: Carrying
        )
    );
}
