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
        new()
        {
            Slug = "first-month",
            Name = "First month under saddle",
            YoungestAge = FromFour,
            Purpose = "A rider is no surprise, and leg means forward.",
            How =
                "About two weeks of groundwork, then first sits of a few minutes. "
                + "Leg before rein to stop; forward from the halt with an open hand.",
            Good = Good.OnTheFlat("Stands to be mounted, walks off from the leg, stops from the seat."),
            Watch = "Upright round both bends before straight; a tight back.",
            Needs = ["in-hand/lower-and-bend", "lunge/surcingle-and-voice"],
            Helper = true,
            MostAWeek = ThriceAWeek,
            Caution = FirstRides,
            Ask = "Your vet and your saddler before the first sit.",
        },
        new()
        {
            Slug = "lines-and-large-circles",
            Name = "Straight lines, 20 m circles",
            YoungestAge = FromFour,
            Purpose = "Rhythm and steering.",
            How = "Halt-walk-trot transitions, straight lines off the track, 20 m circles on both reins.",
            Good = Good.OnTheFlat("One rhythm on both reins and straight between two letters."),
            Watch = "The inner shoulder on the stiff side.",
        },
        new()
        {
            Slug = "trot-canter",
            Name = "Trot-canter, three loops, stretch",
            YoungestAge = FromFour,
            Purpose = "Looseness in all three gaits.",
            How = "Trot-canter-trot on the circle, a three-loop serpentine, stretch forward and down on the circle.",
            Good = Good.OnTheFlat("Departs within a few strides on both leads and follows the rein down."),
            Watch = "The late lead: which hind was it?",
        },
        new()
        {
            Slug = "fifteen-metres",
            Name = "15 m circles, lengthening, give and retake",
            YoungestAge = FromFive,
            Purpose = "Self-carriage and a first adjustable stride.",
            How = "15 m circles in trot and canter, a few longer strides on the long side, both reins given for two strides.",
            Good = Good.OnTheFlat("Keeps tempo and outline when the rein is given."),
            Watch = "Quicker instead of longer.",
        },
        new()
        {
            Slug = "ten-metres",
            Name = "10 m circles, medium trot, walk-canter",
            YoungestAge = FromFive,
            Purpose = "Weight on the inner hind.",
            How = "10 m circles in trot, medium trot on the diagonal, canter from walk.",
            Good = Good.OnTheFlat("A crisp walk-canter on both leads; the same medium trot at the end as at the start."),
            Watch = "A dull depart foretells a weak flying change.",
            Needs = ["lateral/leg-yield-line"],
        },
        new()
        {
            Slug = "simple-change",
            Name = "Simple change, counter-canter, medium canter",
            YoungestAge = FromSix,
            Purpose = "Straightness in canter.",
            How = "Canter-walk-canter, counter-canter on a shallow loop and then round the short side, medium canter and back.",
            Good = Good.OnTheFlat("Two or three clear walk steps and the new lead at once, both ways."),
            Watch = "Quarters drifting in the counter-canter.",
            Needs = ["lateral/shoulder-in"],
            MostAWeek = ThriceAWeek,
        },
        new()
        {
            Slug = "collected-gaits",
            Name = "Collected and extended gaits, rein-back",
            YoungestAge = FromSix,
            Purpose = "The whole range, there and back.",
            How = "Collected to extended and back in trot and canter; rein-back of a named number of steps and straight on.",
            Good = Good.OnTheFlat("The difference is seen from the far end of the arena and the tempo is the same."),
            Watch = "Tension taken for impulsion.",
            Needs = ["lateral/travers"],
            MostAWeek = ThriceAWeek,
        }
    );

    public static readonly IReadOnlyList<Rung> Lateral = Ladder.Of(
        Strand.Lateral,
        "lateral",
        new()
        {
            Slug = "turn-on-forehand",
            Name = "Turn on the forehand",
            YoungestAge = FromFour,
            Purpose = "The leg can also mean: over.",
            How = "From the halt, one step at a time away from one leg; praise, walk on.",
            Good = Good.OnTheFlat("Steps over from a light leg, one step for one aid, both ways."),
            Watch = "Walking forward through the hand.",
            Needs = ["flatwork/lines-and-large-circles"],
        },
        new()
        {
            Slug = "step-and-rest",
            Name = "Leg-yield, two steps and rest",
            YoungestAge = FromFour,
            Purpose = "Sideways without worry.",
            How = "Two steps over, straight and praise, two steps more. Spiral to 12 m: two out and rest on 14, two more and rest on 16.",
            Good = Good.OnTheFlat("Two good sets each way before more is asked."),
            Watch = "Rushing away from the leg: fewer steps, longer rest.",
        },
        new()
        {
            Slug = "four-steps",
            Name = "Leg-yield of four, spiral in and yield out",
            YoungestAge = FromFour,
            Purpose = "Bend kept while the hind legs cross.",
            How = "Four steps over; spiral in from 20 to 12 m and yield out again, about half a metre a step.",
            Good = Good.OnTheFlat("Crossing the same behind to left and right."),
            Watch = "Falling out over the shoulder: straighten first.",
        },
        new()
        {
            Slug = "leg-yield-line",
            Name = "Leg-yield, quarter line to track",
            YoungestAge = FromFive,
            Purpose = "Straight, parallel and forward.",
            How = "Turn onto the quarter line, a horse's length straight, then over to the track, five metres sideways.",
            Good = Good.OnTheFlat("Parallel to the track all the way, tempo kept, both ways."),
            Watch = "Quarters trailing on the stiff side.",
        },
        new()
        {
            Slug = "shoulder-in",
            Name = "Shoulder-fore and shoulder-in",
            YoungestAge = FromFive,
            Purpose = "The inner hind carries.",
            How = "Shoulder-fore first, then three tracks at about thirty degrees; in walk two steps in, two straight; then in trot.",
            Good = Good.OnTheFlat("The angle stays and the neck does not make it, both reins."),
            Watch = "Neck-in: the shoulders still on the track.",
            Needs = ["flatwork/fifteen-metres"],
        },
        new()
        {
            Slug = "travers",
            Name = "Travers and renvers",
            YoungestAge = FromSix,
            Purpose = "Quarters that go where they are asked.",
            How = "Out of the corner, quarters in, bent round the inner leg; then the same with the tail to the wall.",
            Good = Good.OnTheFlat("Bent in the direction it goes, tempo kept, both reins."),
            Watch = "Losing the bend and running sideways.",
            Needs = ["flatwork/ten-metres"],
            MostAWeek = ThriceAWeek,
        },
        new()
        {
            Slug = "half-pass-trot",
            Name = "Half-pass in trot",
            YoungestAge = FromSix,
            Purpose = "Travers on a diagonal line, with swing.",
            How = "From shoulder-in out of the corner onto the half-diagonal; a few steps, straight, a few more.",
            Good = Good.OnTheFlat("Shoulders lead a little and the poll stays level, both ways."),
            Watch = "Quarters leading, or a tilted head.",
            MostAWeek = ThriceAWeek,
        },
        new()
        {
            Slug = "lateral-canter",
            Name = "Shoulder-fore, travers and half-pass in canter",
            YoungestAge = FromSix,
            Purpose = "A straight, carrying canter.",
            How = "Shoulder-fore on the long side, a few strides of travers, half-pass of a few metres.",
            Good = Good.OnTheFlat("The canter keeps its jump and its three beats."),
            Watch = "Four beats: forward first.",
            Needs = ["flatwork/simple-change"],
            MostAWeek = ThriceAWeek,
        }
    );

    private const string Excitement =
        "Exciting work: late in the session, one or two good ones and leave it, not tomorrow if it boiled over twice.";

    public static readonly IReadOnlyList<Rung> Changes = Ladder.Of(
        Strand.Changes,
        "changes",
        new()
        {
            Slug = "counter-canter-settled",
            Name = "Counter-canter settled",
            YoungestAge = FromSix,
            Purpose = "The lead is the rider's to choose.",
            How = "Shallow loops, then a whole short side in counter-canter, both leads.",
            Good = Good.OnTheFlat("As quiet in counter-canter as in true, both leads."),
            Watch = "Changing by itself on the stiff side.",
            Needs = ["flatwork/simple-change"],
        },
        new()
        {
            Slug = "counter-canter-bent",
            Name = "Counter-canter, bent both ways",
            YoungestAge = FromSix,
            Purpose = "A ribcage that gives without the lead falling over.",
            How = "On the long side change the bend in the neck and ribs and back again without a change of lead.",
            Good = Good.OnTheFlat("The canter does not alter while the bend does."),
            Watch = "Hand before leg.",
        },
        new()
        {
            Slug = "canter-walk-canter",
            Name = "Light canter-walk-canter on either lead",
            YoungestAge = FromSix,
            Purpose = "Two leads at one light aid.",
            How = "Down to walk in one stride and up on the lead you name, anywhere.",
            Good = Good.OnTheFlat("Crisp on either lead from a light leg."),
            Watch = "A dull depart: forward until it is crisp.",
        },
        new()
        {
            Slug = "single-change",
            Name = "Single change on a diagonal",
            YoungestAge = FromSix,
            Purpose = "The first change.",
            How = "A straight line out of the corner, canter made lively, the aid well before the letter. Diagonal first.",
            Good = Good.OnTheFlat("Through in front and behind in one stride; calm again within a circle."),
            Watch = "Late or short behind: straighter, away from the corner, the same hind in other work.",
            SessionsToGoUp = SessionsForChanges,
            MostAWeek = ThriceAWeek,
            Caution = Excitement,
        },
        new()
        {
            Slug = "changes-elsewhere",
            Name = "Changes elsewhere, straight",
            YoungestAge = FromSix,
            Purpose = "The aid and not the place.",
            How = "On the long side at E or B, on the centre line; straight before, control afterwards.",
            Good = Good.OnTheFlat("Clean both ways at three different places."),
            Watch = "Losing control after the first may last for months: stay here.",
            SessionsToGoUp = SessionsForChanges,
            MostAWeek = ThriceAWeek,
            Caution = Excitement,
        },
        new()
        {
            Slug = "forward-change-collect",
            Name = "Forward, change, collect",
            YoungestAge = FromSeven,
            Purpose = "Rideable between two changes.",
            How = "A pattern of forward, change, collect; not counted yet.",
            Good = Good.OnTheFlat("Collects at once after each change."),
            Watch = "Anticipating the aid: ride on, halt elsewhere.",
            SessionsToGoUp = SessionsForChanges,
            MostAWeek = ThriceAWeek,
            Caution = Excitement,
        },
        new()
        {
            Slug = "every-fourth",
            Name = "Three or more every fourth stride",
            YoungestAge = FromSeven,
            Purpose = "Counting begins.",
            How = "Three on the diagonal every fourth stride, five when three are easy.",
            Good = Good.OnTheFlat("Straight, equal and counted without a hurry."),
            Watch = "Swinging from side to side.",
            SessionsToGoUp = SessionsForChanges,
            MostAWeek = ThriceAWeek,
            Caution = Excitement,
        },
        new()
        {
            Slug = "every-third",
            Name = "Every third stride",
            YoungestAge = FromSeven,
            Purpose = "The same, nearer together.",
            How = "Freer than a test wants; five, then seven.",
            Good = Good.OnTheFlat("As large in front and behind as the fours."),
            Watch = "Shorter changes: forward again.",
            SessionsToGoUp = SessionsForChanges,
            MostAWeek = ThriceAWeek,
            Caution = Excitement,
        },
        new()
        {
            Slug = "every-second",
            Name = "Every second stride",
            YoungestAge = FromSeven,
            Purpose = "Quick aids and a quiet rider.",
            How = "Quieter aids, three and five before seven and nine.",
            Good = Good.OnTheFlat("Nine without a mistake, straight."),
            Watch = "The rider swinging more than the horse.",
            SessionsToGoUp = SessionsForChanges,
            MostAWeek = ThriceAWeek,
            Caution = Excitement,
        },
        new()
        {
            Slug = "every-stride",
            Name = "Every stride",
            YoungestAge = FromEight,
            Purpose = "The last of the ladder.",
            How = "Two, then three, then five; collected but quick.",
            Good = Good.OnTheFlat("Seven without a mistake on both diagonals."),
            Watch = "Tension: threes and twos again.",
            SessionsToGoUp = SessionsForChanges,
            MostAWeek = TwiceAWeek,
            Caution = Excitement,
        }
    );

    private const string Carrying = "The hardest work there is for the hind legs: short, with long pauses, and never in a row of days.";

    public static readonly IReadOnlyList<Rung> Collected = Ladder.Of(
        Strand.Collected,
        "collected",
        new()
        {
            Slug = "ten-metre-canter",
            Name = "10 m circle in canter",
            YoungestAge = FromSix,
            Purpose = "The canter carries on a small circle.",
            How = "Spiral in from 15 to 10 m, two rounds, out again; both leads.",
            Good = Good.OnTheFlat("The same three beats at 10 m as at 15, both leads."),
            Watch = "Quarters swinging out on the stiff side.",
            Needs = ["flatwork/simple-change"],
            MostAWeek = ThriceAWeek,
        },
        new()
        {
            Slug = "schooling-pirouette",
            Name = "Schooling pirouette",
            YoungestAge = FromSeven,
            Purpose = "“More in” is not the same as “smaller”.",
            How = "Travers on a 10 m circle between the quarter lines; a few strides nearly on the spot, out again.",
            Good = Good.OnTheFlat("Can be made larger at any stride."),
            Watch = "Spinning: out at once.",
            Needs = ["lateral/lateral-canter"],
            MostAWeek = TwiceAWeek,
            Caution = Carrying,
        },
        new()
        {
            Slug = "half-pirouette",
            Name = "Half pirouette",
            YoungestAge = FromSeven,
            Purpose = "Three to five strides, and out straight.",
            How = "On the diagonal after a few strides of shoulder-fore; count them.",
            Good = Good.OnTheFlat("Three to five strides, the lead kept, straight out."),
            Watch = "A stiff hind that was late in the change is often the one here.",
            MostAWeek = TwiceAWeek,
            Caution = Carrying,
        },
        new()
        {
            Slug = "half-steps",
            Name = "Half-steps",
            YoungestAge = FromSeven,
            Purpose = "The first thought of piaffe.",
            How = "From walk or a short trot, a few shortened diagonal steps, forward out of them; praise the attempt.",
            Good = Good.OnTheFlat("Offers a few even steps and goes forward from them."),
            Watch = "Worry: walk, another day.",
            Needs = ["flatwork/collected-gaits"],
            Helper = true,
            MostAWeek = TwiceAWeek,
            Caution = Carrying,
        },
        new()
        {
            Slug = "piaffe",
            Name = "Piaffe",
            YoungestAge = FromEight,
            Purpose = "On the spot, and willing.",
            How = "Six to ten even steps, a little forward; out before it is tired.",
            Good = Good.OnTheFlat("Ten even steps, both hind legs alike."),
            Watch = "Crossing or rocking behind.",
            Helper = true,
            MostAWeek = TwiceAWeek,
            Caution = Carrying,
        },
        new()
        {
            Slug = "passage",
            Name = "Passage and the transitions",
            YoungestAge = FromEight,
            Purpose = "The highest trot, and from it to piaffe and back.",
            How = "A few strides out of a collected trot; later passage-piaffe-passage.",
            Good = Good.OnTheFlat("Regular steps and fluent transitions."),
            Watch = "Uneven hind legs: rest, and have it looked at if it stays.",
            MostAWeek = TwiceAWeek,
            Caution = Carrying,
        }
    );
}
