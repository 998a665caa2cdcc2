using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using static Hippodrome.Core.Exercises.Ladders.ExerciseList;
using static Hippodrome.Core.Exercises.RiddenFigure;

namespace Hippodrome.Core.Exercises.Ladders;

/// <summary>Exercises from the ground. Common practice, no source.</summary>
internal static class GroundExercises
{
    public static readonly IReadOnlyList<Exercise> All =
    [
        Minutes(
            "in-hand/lead-and-halt",
            "Letter to letter",
            "Walk from one letter to the next, halt, count to four, on; swap sides half way.",
            Gait.Walk,
            WholeSchool,
            8,
            5
        ),
        Minutes(
            "in-hand/lead-and-halt",
            "Three steps back",
            "Halt, three straight steps back from the voice, walk on.",
            Gait.ReinBack,
            LongSide,
            4,
            4,
            steps: 3
        ),
        Minutes(
            "in-hand/lower-and-bend",
            "Nose down",
            "A light feel down; give at the first inch. Three times, walk, again.",
            Gait.Halt,
            OnTheSpot,
            6,
            4
        ),
        Minutes(
            "in-hand/lower-and-bend",
            "Round to the eye",
            "Bend to one side until the eye shows, wait, straight; the other side.",
            Gait.Halt,
            OnTheSpot,
            6,
            4
        ),
        Minutes(
            "in-hand/pole-corridor",
            "One pole, two sides",
            "Over a single pole led from the left, then from the right.",
            Gait.Walk,
            QuarterLine,
            6,
            4,
            poles: 1,
            setUp: Poles(GaitVariant.WalkMedium, 1, ArenaLine.LeftQuarterLine)
        ),
        Minutes(
            "in-hand/pole-corridor",
            "Halt in the corridor",
            "In between the rails, halt, two steps, halt, out.",
            Gait.Walk,
            QuarterLine,
            4,
            5,
            poles: 2,
            steps: 2,
            setUp: Corridor(2, 2, 0)
        ),
        Minutes(
            "in-hand/walk-poles",
            "Row of four",
            "Led through a row, both sides, long rope.",
            Gait.Walk,
            QuarterLine,
            6,
            5,
            poles: 4,
            setUp: Poles(GaitVariant.WalkMedium, 4, ArenaLine.LeftQuarterLine)
        ),
        Minutes(
            "in-hand/walk-poles",
            "Ends up in turn",
            "The same row with one end of each pole raised in turn.",
            Gait.Walk,
            CentreLine,
            4,
            5,
            poles: 3,
            setUp: Poles(GaitVariant.WalkMedium, 3, ArenaLine.CentreLine, raised: true)
        ),
        Minutes(
            "in-hand/curved-and-raised",
            "Row on a curve",
            "Four poles on a curve; lead the outside first.",
            Gait.Walk,
            Circle15,
            4,
            5,
            poles: 4
        ),
        Minutes(
            "in-hand/curved-and-raised",
            "Someone else leads",
            "The row it knows, with another handler.",
            Gait.Walk,
            QuarterLine,
            4,
            5,
            poles: 4,
            setUp: Poles(GaitVariant.WalkMedium, 4, ArenaLine.RightQuarterLine, raised: true)
        ),
        Minutes(
            "in-hand/long-lines-trot",
            "Large circle and out",
            "A large circle, a straight line, a circle the other way.",
            Gait.Trot,
            Circle20,
            6,
            8
        ),
        Minutes("in-hand/long-lines-trot", "Walk to trot by name", "Transitions on the straight by the voice.", Gait.Trot, LongSide, 8, 8),
        Minutes(
            "in-hand/long-lines-canter",
            "A round and trot",
            "One round of canter, trot, change the rein.",
            Gait.Canter,
            Circle20,
            4,
            6
        ),
        Minutes(
            "in-hand/long-lines-canter",
            "Trot poles on the lines",
            "Straight through four trot poles, walking well behind.",
            Gait.Trot,
            QuarterLine,
            6,
            6,
            poles: 4,
            setUp: Poles(GaitVariant.TrotWorking, 4, ArenaLine.LeftQuarterLine)
        ),
        Minutes(
            "lunge/free-both-ways",
            "Loose and look",
            "Three minutes each way, no aids; watch which way it cuts in.",
            Gait.Trot,
            Circle20,
            4,
            6
        ),
        Minutes("lunge/free-both-ways", "Come in when asked", "Walk on, halt, come in to you; both reins.", Gait.Walk, Circle20, 4, 6),
        Minutes("lunge/surcingle-and-voice", "Walk-trot-walk by voice", "A transition every half circle.", Gait.Trot, Circle20, 10, 8),
        Minutes("lunge/surcingle-and-voice", "Halt and stand", "Trot, walk, halt on the circle, stand, on.", Gait.Walk, Circle20, 6, 6),
        Minutes("lunge/side-aid", "Five and loosen", "Five minutes each rein with the aid, loosen, walk.", Gait.Trot, Circle20, 2, 12),
        Minutes(
            "lunge/side-aid",
            "Bigger and smaller circle",
            "From 20 m in to 15 and out again by walking with it.",
            Gait.Trot,
            Circle15,
            4,
            10
        ),
        Minutes(
            "lunge/canter-both-ways",
            "One round at a time",
            "A round of canter, two of trot; the harder lead first.",
            Gait.Canter,
            Circle20,
            6,
            6
        ),
        Minutes(
            "lunge/canter-both-ways",
            "Depart at the same place",
            "Depart at the same point of the circle until it waits for it.",
            Gait.Canter,
            Circle20,
            6,
            6
        ),
        Minutes(
            "lunge/poles-on-the-circle",
            "Two poles opposite",
            "A pole on either side of the circle.",
            Gait.Trot,
            Circle20,
            6,
            8,
            poles: 2
        ),
        Minutes(
            "lunge/poles-on-the-circle",
            "Fan of four, wide end",
            "Four poles as a fan, out on the wide end.",
            Gait.Trot,
            Circle20,
            6,
            8,
            poles: 4
        ),
    ];
}
