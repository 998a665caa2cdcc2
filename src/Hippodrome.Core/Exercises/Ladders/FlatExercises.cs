using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;
using static Hippodrome.Core.Exercises.Ladders.ExerciseList;
using static Hippodrome.Core.Exercises.RiddenFigure;

namespace Hippodrome.Core.Exercises.Ladders;

/// <summary>Exercises on the flat. Common practice, no source.</summary>
internal static class FlatExercises
{
    public static readonly IReadOnlyList<Exercise> All =
    [
        Minutes(
            "flatwork/first-month",
            "Sit and walk a circle",
            "Mounted by a helper, led one circle, off again.",
            Gait.Walk,
            Circle20,
            2,
            5
        ),
        Minutes(
            "flatwork/first-month",
            "Forward from the halt",
            "Halt, open the hand, leg: forward. Praise the first step.",
            Gait.Walk,
            WholeSchool,
            6,
            5
        ),
        Minutes(
            "flatwork/lines-and-large-circles",
            "Circle at A, X and C",
            "A 20 m circle at each, straight between.",
            Gait.Trot,
            Circle20,
            6,
            10
        ),
        Minutes(
            "flatwork/lines-and-large-circles",
            "Off the track",
            "Down the quarter line as straight as the track.",
            Gait.Trot,
            QuarterLine,
            6,
            8
        ),
        Minutes(
            "flatwork/lines-and-large-circles",
            "Halt-walk-trot by letters",
            "A transition at every second letter.",
            Gait.Trot,
            WholeSchool,
            10,
            8
        ),
        Minutes("flatwork/trot-canter", "Half a circle each", "Half a circle trot, half canter.", Gait.Canter, Circle20, 8, 8),
        Minutes(
            "flatwork/trot-canter",
            "Three loops",
            "A serpentine of three loops, a change of bend on the centre line.",
            Gait.Trot,
            Serpentine,
            4,
            8,
            setUp: Figure(FigureKind.Serpentine, GaitVariant.TrotWorking) with
            {
                Loops = 3,
            }
        ),
        Minutes(
            "flatwork/trot-canter",
            "Chew the rein out",
            "On the circle let it follow the rein down and take it up again.",
            Gait.Trot,
            Circle20,
            4,
            6
        ),
        Minutes(
            "flatwork/fifteen-metres",
            "Fifteen, then long side",
            "A 15 m circle at the corner, longer strides down the long side.",
            Gait.Trot,
            Circle15,
            6,
            10
        ),
        Minutes("flatwork/fifteen-metres", "Give for two strides", "Both reins given over X and at E and B.", Gait.Canter, Circle20, 6, 8),
        Minutes(
            "flatwork/ten-metres",
            "Ten metres at V and R",
            "A 10 m circle, straight, a medium trot on the next diagonal.",
            Gait.Trot,
            Circle10,
            6,
            10
        ),
        Minutes("flatwork/ten-metres", "Canter from walk", "Four clear steps of walk, canter; both leads.", Gait.Canter, Circle20, 8, 8),
        Minutes(
            "flatwork/simple-change",
            "Simple change over the centre line",
            "Circle left, three walk steps on the centre line, circle right.",
            Gait.Canter,
            Circle20,
            6,
            8
        ),
        Minutes(
            "flatwork/simple-change",
            "Shallow loop in counter-canter",
            "Five metres off the track and back, later ten.",
            Gait.Canter,
            LongSide,
            6,
            8
        ),
        Minutes(
            "flatwork/collected-gaits",
            "Five and five",
            "Five collected strides, five medium, five collected.",
            Gait.Canter,
            LongSide,
            6,
            10
        ),
        Minutes("flatwork/collected-gaits", "Rein-back and trot", "Four steps back, trot at once.", Gait.Trot, LongSide, 4, 6, steps: 4),
        Minutes(
            "lateral/turn-on-forehand",
            "Quarter turn by the rail",
            "One step at a time, four steps, walk on.",
            Gait.Halt,
            OnTheSpot,
            4,
            5,
            steps: 1
        ),
        Minutes(
            "lateral/turn-on-forehand",
            "Half turn and away",
            "Half a turn and straight off into trot.",
            Gait.Walk,
            OnTheSpot,
            4,
            5,
            steps: 2
        ),
        Minutes("lateral/step-and-rest", "Two over, two straight", "Along the long side in walk.", Gait.Walk, LongSide, 6, 6, steps: 2),
        Minutes(
            "lateral/step-and-rest",
            "Spiral, rest on 14 and 16",
            "In to 12 m; two steps out and rest on 14, two more and rest on 16.",
            Gait.Walk,
            Circle15,
            4,
            8,
            steps: 2,
            setUp: Spiral(GaitVariant.WalkMedium, 16, 12)
        ),
        Minutes(
            "lateral/four-steps",
            "Spiral in and yield out",
            "From 20 in to 12 and out in sets of four.",
            Gait.Trot,
            Circle15,
            4,
            8,
            steps: 4,
            setUp: Spiral(GaitVariant.TrotWorking, 20, 12)
        ),
        Minutes(
            "lateral/four-steps",
            "Four over on the diagonal",
            "From the quarter line in trot, four over, straight, four over.",
            Gait.Trot,
            Diagonal,
            4,
            6,
            steps: 4
        ),
        Minutes(
            "lateral/leg-yield-line",
            "Quarter line to track",
            "A length straight, then over to the track by the last letter.",
            Gait.Trot,
            QuarterLine,
            6,
            8
        ),
        Minutes("lateral/leg-yield-line", "Out and back", "Track to quarter line and back again.", Gait.Trot, LongSide, 4, 8),
        Minutes("lateral/shoulder-in", "Two in, two straight", "In walk, counted; then in trot.", Gait.Walk, LongSide, 6, 8, steps: 2),
        Minutes(
            "lateral/shoulder-in",
            "Ten metres, then in",
            "A 10 m circle in the corner, shoulder-in out of it.",
            Gait.Trot,
            LongSide,
            6,
            10
        ),
        Minutes("lateral/travers", "Quarters in to E", "From the corner to the half marker, straight on.", Gait.Trot, LongSide, 6, 8),
        Minutes(
            "lateral/travers",
            "Travers, circle, renvers",
            "Travers, a 10 m circle, renvers on the next long side.",
            Gait.Trot,
            LongSide,
            4,
            10
        ),
        Minutes("lateral/half-pass-trot", "Shoulder-in, half-pass, straight", "A few steps of each.", Gait.Trot, Diagonal, 4, 8),
        Minutes(
            "lateral/half-pass-trot",
            "Half-pass to the centre line",
            "Corner to X, straight on to C.",
            Gait.Trot,
            Diagonal,
            4,
            8,
            setUp: Figure(FigureKind.HalfPass, GaitVariant.TrotCollected) with
            {
                SidewaysMetres = 10,
                ForwardMetres = 24,
            }
        ),
        Minutes("lateral/lateral-canter", "Shoulder-fore on the long side", "A foot's width in, both leads.", Gait.Canter, LongSide, 6, 8),
        Minutes(
            "lateral/lateral-canter",
            "Half-pass a few metres",
            "From the centre line five metres over, straight.",
            Gait.Canter,
            CentreLine,
            4,
            8
        ),
        Minutes(
            "changes/counter-canter-settled",
            "Loop and short side",
            "A shallow loop; then stay in it round the short side.",
            Gait.Canter,
            WholeSchool,
            4,
            8
        ),
        Minutes(
            "changes/counter-canter-settled",
            "Twenty in counter-canter",
            "A 20 m circle on the outside lead.",
            Gait.Canter,
            Circle20,
            4,
            8
        ),
        Minutes("changes/counter-canter-bent", "Bend out, bend in", "Four strides each on the long side.", Gait.Canter, LongSide, 6, 8),
        Minutes(
            "changes/counter-canter-bent",
            "Bend on the circle",
            "Change the bend every half circle, the lead stays.",
            Gait.Canter,
            Circle20,
            4,
            8
        ),
        Minutes("changes/canter-walk-canter", "Name the lead", "Walk; a helper names the lead; canter.", Gait.Canter, WholeSchool, 8, 8),
        Minutes(
            "changes/canter-walk-canter",
            "Over the centre line",
            "Left, walk three steps, right, on a figure of eight.",
            Gait.Canter,
            Circle20,
            6,
            8
        ),
        Minutes(
            "changes/single-change",
            "Diagonal, before the letter",
            "Out of the corner, straight, the aid two strides before the track.",
            Gait.Canter,
            Diagonal,
            2,
            4
        ),
        Minutes(
            "changes/single-change",
            "Diagonal to R",
            "To R, S, V or P: twelve metres more straight before the corner.",
            Gait.Canter,
            Diagonal,
            2,
            4,
            setUp: Figure(FigureKind.ShortDiagonal, GaitVariant.CanterWorking)
        ),
        Minutes(
            "changes/changes-elsewhere",
            "At E and B",
            "On the long side into counter-canter and back on another day.",
            Gait.Canter,
            LongSide,
            3,
            4
        ),
        Minutes("changes/changes-elsewhere", "On the centre line", "One at X, halt at G.", Gait.Canter, CentreLine, 3, 4),
        Minutes(
            "changes/forward-change-collect",
            "Forward, change, collect",
            "Six forward, one change, six collected, not counted aloud.",
            Gait.Canter,
            Diagonal,
            3,
            5
        ),
        Minutes(
            "changes/forward-change-collect",
            "Long side, short side",
            "Forward on the long, change, collect on the short.",
            Gait.Canter,
            WholeSchool,
            3,
            5
        ),
        Minutes("changes/every-fourth", "Three fours", "Three on the diagonal.", Gait.Canter, Diagonal, 3, 5, setUp: Changes(3, 4)),
        Minutes(
            "changes/every-fourth",
            "Five fours",
            "Five, when three were easy twice.",
            Gait.Canter,
            Diagonal,
            3,
            5,
            setUp: Changes(5, 4)
        ),
        Minutes("changes/every-third", "Five threes", "Free and large.", Gait.Canter, Diagonal, 3, 5, setUp: Changes(5, 3)),
        Minutes("changes/every-third", "Fours into threes", "Two fours, two threes.", Gait.Canter, Diagonal, 3, 5),
        Minutes("changes/every-second", "Three twos", "Three, straight on.", Gait.Canter, Diagonal, 3, 5, setUp: Changes(3, 2)),
        Minutes("changes/every-second", "Nine twos", "When five are easy.", Gait.Canter, Diagonal, 2, 5, setUp: Changes(9, 2)),
        Minutes("changes/every-stride", "Two, and on", "Two, straight on, two more.", Gait.Canter, Diagonal, 3, 4),
        Minutes("changes/every-stride", "Five and seven", "Five first; seven when five were easy.", Gait.Canter, Diagonal, 2, 4),
        Minutes(
            "collected/ten-metre-canter",
            "Spiral to ten",
            "From 15 in to 10, two rounds, out.",
            Gait.Canter,
            Circle10,
            4,
            6,
            setUp: Spiral(GaitVariant.CanterCollected, 15, 10)
        ),
        Minutes("collected/ten-metre-canter", "Ten at the corner", "A 10 m circle at each corner.", Gait.Canter, Circle10, 4, 6),
        Minutes(
            "collected/schooling-pirouette",
            "Travers on ten",
            "Quarters in on a 10 m circle between the quarter lines; out at any stride.",
            Gait.Canter,
            Circle10,
            4,
            5
        ),
        Minutes(
            "collected/schooling-pirouette",
            "More in, larger",
            "Two strides nearly on the spot, then larger.",
            Gait.Canter,
            Circle10,
            4,
            5
        ),
        Minutes(
            "collected/half-pirouette",
            "On the diagonal",
            "Shoulder-fore, half turn in three to five, back.",
            Gait.Canter,
            Diagonal,
            4,
            5
        ),
        Minutes("collected/half-pirouette", "From the half-pass", "Half-pass, half turn, half-pass back.", Gait.Canter, Diagonal, 2, 5),
        Minutes("collected/half-steps", "From walk, along the wall", "A few steps, forward, praise.", Gait.Trot, LongSide, 6, 5, steps: 4),
        Minutes("collected/half-steps", "From a short trot", "Shorten for six steps, forward.", Gait.Trot, LongSide, 6, 5, steps: 6),
        Minutes("collected/piaffe", "Six and forward", "Six steps, a little forward, trot on.", Gait.Trot, LongSide, 4, 4, steps: 6),
        Minutes("collected/piaffe", "Ten at X", "Ten on the centre line, walk.", Gait.Trot, CentreLine, 3, 4, steps: 10),
        Minutes("collected/passage", "A few strides out of collection", "Eight strides, collected trot.", Gait.Trot, LongSide, 4, 5),
        Minutes("collected/passage", "Passage-piaffe-passage", "Each into the next without a pause.", Gait.Trot, CentreLine, 2, 5),
    ];
}
