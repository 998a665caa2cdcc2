using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;
using static Hippodrome.Core.Exercises.Ladders.ExerciseList;
using static Hippodrome.Core.Exercises.RiddenFigure;

namespace Hippodrome.Core.Exercises.Ladders;

/// <summary>Exercises over poles and fences, in the country, and for fitness. Common practice, no source.</summary>
internal static class FenceExercises
{
    public static readonly IReadOnlyList<Exercise> All =
    [
        Minutes(
            "poles/single-walk",
            "Three here and there",
            "Three single poles at odd places, walk over each.",
            Gait.Walk,
            WholeSchool,
            8,
            6,
            poles: 3
        ),
        Minutes(
            "poles/single-walk",
            "One on the centre line",
            "Straight over one pole, turn left, then right.",
            Gait.Walk,
            CentreLine,
            6,
            5,
            poles: 1
        ),
        Minutes(
            "poles/walk-poles",
            "Four on the quarter line",
            "A row of four, long rein, both reins.",
            Gait.Walk,
            QuarterLine,
            8,
            6,
            poles: 4,
            setUp: Poles(GaitVariant.WalkMedium, 4, ArenaLine.LeftQuarterLine)
        ),
        Minutes(
            "poles/walk-poles",
            "Three on the centre line",
            "A row of three, turning a different way each time.",
            Gait.Walk,
            CentreLine,
            8,
            6,
            poles: 3,
            setUp: Poles(GaitVariant.WalkMedium, 3, ArenaLine.CentreLine)
        ),
        Minutes(
            "poles/trot-poles",
            "Four on the quarter line",
            "Rising trot, straight in and away, both reins.",
            Gait.Trot,
            QuarterLine,
            8,
            8,
            poles: 4,
            setUp: Poles(GaitVariant.TrotWorking, 4, ArenaLine.LeftQuarterLine)
        ),
        Minutes(
            "poles/trot-poles",
            "Three on the centre line",
            "Three poles, a circle after them, left and right in turn.",
            Gait.Trot,
            CentreLine,
            8,
            8,
            poles: 3,
            setUp: Poles(GaitVariant.TrotWorking, 3, ArenaLine.CentreLine)
        ),
        Minutes(
            "poles/trot-poles",
            "Five by the track",
            "Five on the inner track, walk before and after.",
            Gait.Trot,
            LongSide,
            6,
            8,
            poles: 5,
            setUp: Poles(GaitVariant.TrotWorking, 5, ArenaLine.RightInnerTrack)
        ),
        Minutes(
            "poles/fan-clock-zigzag",
            "Fan on the circle",
            "Four poles as a fan on a 20 m circle.",
            Gait.Trot,
            Circle20,
            8,
            8,
            poles: 4,
            setUp: Curve(CurveKind.Fan, GaitVariant.TrotWorking, 8)
        ),
        Minutes(
            "poles/fan-clock-zigzag",
            "Clock of four",
            "Four poles at the quarters of a circle; the same strides in each quarter.",
            Gait.Trot,
            Circle20,
            6,
            8,
            poles: 4,
            setUp: Curve(CurveKind.Clock, GaitVariant.TrotWorking, 10)
        ),
        Minutes(
            "poles/fan-clock-zigzag",
            "Zigzag",
            "Poles corner to corner; ride straight through the joins.",
            Gait.Trot,
            CentreLine,
            6,
            6,
            poles: 4,
            setUp: Poles(GaitVariant.TrotWorking, 4, ArenaLine.CentreLine) with
            {
                Laying = Laying.Zigzag,
            }
        ),
        Minutes(
            "poles/raised-trot",
            "Ends up in turn",
            "Four poles, ends raised in turn by 10 cm.",
            Gait.Trot,
            QuarterLine,
            8,
            8,
            poles: 4,
            setUp: Poles(GaitVariant.TrotWorking, 4, ArenaLine.LeftQuarterLine, raised: true)
        ),
        Minutes(
            "poles/raised-trot",
            "Five raised on the centre line",
            "Five, raised in turn, both reins.",
            Gait.Trot,
            CentreLine,
            6,
            8,
            poles: 5,
            setUp: Poles(GaitVariant.TrotWorking, 5, ArenaLine.CentreLine, raised: true)
        ),
        Minutes(
            "poles/canter-pole",
            "One pole on the circle",
            "Canter over it and count down from four.",
            Gait.Canter,
            Circle20,
            8,
            8,
            poles: 1
        ),
        Minutes(
            "poles/canter-pole",
            "Two, counted",
            "Two poles 14 m apart: the same number three times.",
            Gait.Canter,
            QuarterLine,
            6,
            8,
            poles: 2,
            setUp: Line(Pole(), Pole(4, 14))
        ),
        Minutes(
            "poles/canter-cavaletti",
            "Three even",
            "Three low cavaletti, a stride in each gap.",
            Gait.Canter,
            QuarterLine,
            6,
            6,
            poles: 3,
            setUp: Line(Pole(), Pole(), Pole())
        ),
        Minutes(
            "poles/canter-cavaletti",
            "Four on a curve",
            "Four on a large curve, both leads.",
            Gait.Canter,
            Circle20,
            6,
            6,
            poles: 4,
            setUp: Curve(CurveKind.Fan, GaitVariant.CanterWorking, 8.5)
        ),
        Minutes(
            "poles/accordion",
            "Ten in three",
            "Ten metres in three strides; then two, then four.",
            Gait.Canter,
            QuarterLine,
            6,
            8,
            poles: 2,
            setUp: Line(Pole(), Pole(3, 10))
        ),
        Minutes(
            "poles/accordion",
            "Fifteen and ten",
            "A gap of fifteen, then one of ten; name the numbers first.",
            Gait.Canter,
            QuarterLine,
            6,
            8,
            poles: 3,
            setUp: Line(Pole(), Pole(4, 15), Pole(3, 10))
        ),
        Minutes(
            "poles/uneven",
            "Long, short, long",
            "Three gaps that differ; few passes.",
            Gait.Canter,
            QuarterLine,
            4,
            6,
            poles: 4,
            setUp: Poles(GaitVariant.CanterWorking, 4, ArenaLine.LeftQuarterLine) with
            {
                StepMetres = 0.10,
            }
        ),
        Minutes("poles/uneven", "Heights that differ", "Even gaps, uneven heights.", Gait.Canter, QuarterLine, 4, 6, poles: 4),
        Efforts(
            "grids/cross-pole-trot",
            "Low, both reins",
            "A low cross-pole from trot, turn left, turn right.",
            Gait.Trot,
            QuarterLine,
            6,
            poles: 2,
            setUp: CrossPole(0.30, ArenaLine.LeftQuarterLine, placingPole: false)
        ),
        Efforts(
            "grids/cross-pole-trot",
            "On the centre line",
            "Straight from A, halt before C.",
            Gait.Trot,
            CentreLine,
            6,
            poles: 2,
            setUp: CrossPole(0.40, ArenaLine.CentreLine, placingPole: false)
        ),
        Efforts(
            "grids/placing-pole",
            "Placing pole at its own distance",
            "Placing pole and cross-pole, six good ones at most.",
            Gait.Trot,
            QuarterLine,
            6,
            poles: 3,
            setUp: CrossPole(0.50, ArenaLine.RightQuarterLine)
        ),
        Efforts(
            "grids/placing-pole",
            "From the other rein",
            "The same on the other side of the arena.",
            Gait.Trot,
            QuarterLine,
            6,
            poles: 3,
            setUp: CrossPole(0.50, ArenaLine.LeftQuarterLine)
        ),
        Efforts(
            "grids/one-stride",
            "Cross-pole, one stride, upright",
            "Short on purpose, the upright low.",
            Gait.Trot,
            QuarterLine,
            8,
            poles: 5,
            setUp: Grid(Cross(0.50), Upright(0.50, 1))
        ),
        Efforts(
            "grids/one-stride",
            "Turn after it",
            "The same, a turn left and right after it.",
            Gait.Trot,
            QuarterLine,
            8,
            poles: 5,
            setUp: Grid(Cross(0.40), Upright(0.50, 1))
        ),
        Efforts(
            "grids/bounce",
            "One bounce",
            "Cross-pole, one stride, bounce.",
            Gait.Trot,
            QuarterLine,
            8,
            poles: 6,
            setUp: Grid(Cross(0.40), Upright(0.50, 1), Upright(0.50))
        ),
        Efforts(
            "grids/bounce",
            "Bounce first",
            "Two low ones as a bounce, a stride, a cross-pole.",
            Gait.Trot,
            QuarterLine,
            8,
            poles: 6,
            setUp: Grid(Cross(0.40), Upright(0.40), Cross(0.50, 1))
        ),
        Efforts(
            "grids/exit-upright",
            "Upright out",
            "The grid it knows and an upright two strides on.",
            Gait.Trot,
            QuarterLine,
            10,
            poles: 7,
            setUp: Grid(Cross(0.50), Upright(0.50, 1), Upright(0.60, 2))
        ),
        Efforts(
            "grids/exit-upright",
            "Halt after it",
            "The same and a halt before the corner.",
            Gait.Trot,
            QuarterLine,
            8,
            poles: 7,
            setUp: Grid(Cross(0.50), Upright(0.60, 1))
        ),
        Efforts(
            "grids/ascending-oxer",
            "Oxer out, back rail higher",
            "The last fence becomes an oxer.",
            Gait.Trot,
            QuarterLine,
            10,
            poles: 9,
            setUp: Grid(Cross(0.50), Upright(0.50, 1), Oxer(ElementKind.AscendingOxer, 0.70, 0.70, 1))
        ),
        Efforts(
            "grids/ascending-oxer",
            "Fewer before it",
            "A cross-pole, two strides, the oxer.",
            Gait.Trot,
            QuarterLine,
            8,
            poles: 6,
            setUp: Grid(Cross(0.50), Oxer(ElementKind.AscendingOxer, 0.70, 0.70, 2))
        ),
        Efforts(
            "grids/square-oxer",
            "Square it",
            "Front rail up to the back, once or twice through.",
            Gait.Trot,
            QuarterLine,
            10,
            poles: 9,
            setUp: Grid(Cross(0.50), Upright(0.60, 1), Oxer(ElementKind.SquareOxer, 0.70, 0.80, 1))
        ),
        Efforts(
            "grids/square-oxer",
            "Wider by ten",
            "Ten centimetres wider, not higher.",
            Gait.Trot,
            QuarterLine,
            8,
            poles: 9,
            setUp: Grid(Cross(0.50), Upright(0.60, 1), Oxer(ElementKind.SquareOxer, 0.70, 0.90, 1))
        ),
        Minutes(
            "jumping/empty-wings",
            "Whole round of poles",
            "Six poles between wings, one canter.",
            Gait.Canter,
            WholeSchool,
            3,
            8,
            poles: 6,
            setUp: Round(Wings(18, 4), Wings(30, 4), Wings(42, 4), Wings(42, 16, 180), Wings(30, 16, 180), Wings(18, 16, 180))
        ),
        Minutes(
            "jumping/empty-wings",
            "Figure of eight",
            "Two poles on the diagonals, change the rein over them.",
            Gait.Canter,
            Diagonal,
            6,
            8,
            poles: 2,
            setUp: Round(Wings(26, 8, 30), Wings(26, 12, 150))
        ),
        Efforts(
            "jumping/cross-pole",
            "From trot, both reins",
            "Ground line both sides; stop on a good one.",
            Gait.Trot,
            QuarterLine,
            6,
            poles: 4,
            setUp: CrossPole(0.40, ArenaLine.RightQuarterLine, placingPole: false)
        ),
        Efforts(
            "jumping/cross-pole",
            "Two, one each side",
            "One on each long side, trot between.",
            Gait.Trot,
            QuarterLine,
            6,
            poles: 8,
            height: 0.40
        ),
        Efforts(
            "jumping/land-in-canter",
            "Away on the lead",
            "Placing pole, trot in, canter away, name the lead.",
            Gait.Trot,
            QuarterLine,
            6,
            poles: 4,
            setUp: CrossPole(0.50, ArenaLine.LeftQuarterLine)
        ),
        Efforts(
            "jumping/land-in-canter",
            "Turn left, turn right",
            "Land and turn, a different way each time.",
            Gait.Trot,
            CentreLine,
            6,
            poles: 4,
            setUp: CrossPole(0.50, ArenaLine.CentreLine)
        ),
        Efforts(
            "jumping/small-single",
            "Upright and filler",
            "The filler open, then closed.",
            Gait.Canter,
            WholeSchool,
            8,
            poles: 3,
            height: 0.60
        ),
        Efforts(
            "jumping/small-single",
            "Upright, oxer, upright",
            "Three apart, one canter.",
            Gait.Canter,
            WholeSchool,
            9,
            poles: 7,
            height: 0.70
        ),
        Efforts(
            "jumping/related-lines",
            "Four strides",
            "Walked, named, ridden, both reins.",
            Gait.Canter,
            QuarterLine,
            8,
            poles: 6,
            setUp: Line(Upright(0.70), Upright(0.70, 4))
        ),
        Efforts(
            "jumping/related-lines",
            "Five, then four",
            "The same line in five and in four.",
            Gait.Canter,
            QuarterLine,
            8,
            poles: 6,
            setUp: Line(Upright(0.70), Upright(0.70, 5))
        ),
        Efforts(
            "jumping/leads-and-turns",
            "Figure of eight over one",
            "Land on the lead of the new circle.",
            Gait.Canter,
            Circle20,
            8,
            poles: 3,
            height: 0.60
        ),
        Efforts(
            "jumping/leads-and-turns",
            "Turn back",
            "Over it, a 15 m turn, over it the other way.",
            Gait.Canter,
            Circle15,
            8,
            poles: 3,
            height: 0.60
        ),
        Efforts("jumping/course-under", "Eight fences", "A round ten centimetres under, once or twice.", Gait.Canter, WholeSchool, 16),
        Efforts("jumping/course-under", "First and last line", "The two lines that matter, apart.", Gait.Canter, WholeSchool, 10),
        Efforts("jumping/at-height", "Three at height", "A smaller course with three at height.", Gait.Canter, WholeSchool, 12),
        Efforts("jumping/at-height", "One line at height", "One related line, twice.", Gait.Canter, QuarterLine, 8),
        Efforts(
            "narrow/full-width-guided",
            "Straight in, straight away",
            "From both reins, halt on the line after it.",
            Gait.Canter,
            CentreLine,
            6,
            poles: 4,
            setUp: Narrow(3.5, Guides.Both)
        ),
        Efforts(
            "narrow/full-width-guided",
            "From a long line",
            "Twelve strides straight before it.",
            Gait.Canter,
            CentreLine,
            6,
            poles: 4,
            setUp: Narrow(3.5, Guides.Both)
        ),
        Efforts(
            "narrow/narrower-guided",
            "Two and a half",
            "Guides as before.",
            Gait.Canter,
            CentreLine,
            6,
            poles: 4,
            setUp: Narrow(2.5, Guides.Both)
        ),
        Efforts(
            "narrow/narrower-guided",
            "Under two",
            "One metre eighty, guides as before.",
            Gait.Canter,
            CentreLine,
            6,
            poles: 4,
            setUp: Narrow(1.8, Guides.Both)
        ),
        Efforts(
            "narrow/one-guide",
            "Guide on its leaving side",
            "The other one away.",
            Gait.Canter,
            CentreLine,
            6,
            poles: 3,
            setUp: Narrow(1.8, Guides.Left)
        ),
        Efforts(
            "narrow/one-guide",
            "Off a turn",
            "A wide turn, eight strides straight.",
            Gait.Canter,
            CentreLine,
            6,
            poles: 3,
            setUp: Narrow(1.8, Guides.Right)
        ),
        Efforts(
            "narrow/narrower-again",
            "One metre twenty",
            "One guide.",
            Gait.Canter,
            CentreLine,
            6,
            poles: 3,
            setUp: Narrow(1.2, Guides.Left)
        ),
        Efforts(
            "narrow/narrower-again",
            "From trot first",
            "Two from trot, then canter.",
            Gait.Trot,
            CentreLine,
            6,
            poles: 3,
            setUp: Narrow(1.2, Guides.Left, Gait.Trot)
        ),
        Efforts("narrow/barrel", "Alone", "No guides, a long line.", Gait.Canter, CentreLine, 5, setUp: Narrow(0.9, Guides.None)),
        Efforts(
            "narrow/barrel",
            "Both reins, other end",
            "Turned round, from the other side.",
            Gait.Canter,
            CentreLine,
            5,
            setUp: Narrow(0.9, Guides.None)
        ),
        Efforts(
            "narrow/in-combination",
            "Plain, three strides, narrow",
            "The plain one low.",
            Gait.Canter,
            CentreLine,
            8,
            poles: 2,
            height: 0.60
        ),
        Efforts(
            "narrow/in-combination",
            "Plain, one stride, narrow",
            "When three strides are easy.",
            Gait.Canter,
            CentreLine,
            8,
            poles: 2,
            height: 0.60
        ),
        Minutes("cross-country/shallow-water", "In behind a friend", "Walk in, stand, out; then alone.", Gait.Walk, OpenGround, 6, 8),
        Minutes("cross-country/shallow-water", "Through and turn", "Through, turn, back again.", Gait.Walk, OpenGround, 6, 8),
        Efforts("cross-country/steps", "Up, then down", "The smallest step, walk.", Gait.Walk, OpenGround, 8, height: 0.30),
        Efforts("cross-country/steps", "Down on a long rein", "From walk until it steps.", Gait.Walk, OpenGround, 6, height: 0.30),
        Efforts("cross-country/small-fences", "Ten, one after another", "Small, in one canter.", Gait.Canter, OpenGround, 10, height: 0.50),
        Efforts("cross-country/small-fences", "Fifteen with pauses", "In threes, walk between.", Gait.Canter, OpenGround, 15, height: 0.50),
        Efforts(
            "cross-country/banks-and-ditches",
            "Ditch behind a lead",
            "Behind a friend, then alone.",
            Gait.Trot,
            OpenGround,
            6,
            height: 0.40
        ),
        Efforts(
            "cross-country/banks-and-ditches",
            "On and off",
            "A bank up, a few strides, down.",
            Gait.Canter,
            OpenGround,
            8,
            height: 0.50
        ),
        Efforts(
            "cross-country/drop-into-water",
            "Step on land, step in",
            "The step on land first.",
            Gait.Walk,
            OpenGround,
            6,
            height: 0.40
        ),
        Efforts("cross-country/drop-into-water", "From trot", "When walk is dull.", Gait.Trot, OpenGround, 5, height: 0.40),
        Efforts("cross-country/fence-in-water", "On land, then in", "The same small fence.", Gait.Canter, OpenGround, 6, height: 0.50),
        Efforts(
            "cross-country/fence-in-water",
            "The other way",
            "From the other side, as a new question.",
            Gait.Canter,
            OpenGround,
            5,
            height: 0.50
        ),
        Efforts("cross-country/level-speed", "Set up, jump, on", "Five fences out of the level's canter.", Gait.Gallop, OpenGround, 8),
        Efforts("cross-country/level-speed", "Back in three", "Come back in three strides before each.", Gait.Canter, OpenGround, 8),
        Efforts(
            "cross-country/combinations",
            "Each alone first",
            "Each element alone, then two together.",
            Gait.Canter,
            OpenGround,
            10,
            height: 0.60
        ),
        Efforts("cross-country/combinations", "On a line", "Two with a bend between.", Gait.Canter, OpenGround, 8, height: 0.60),
        Minutes("fitness/walk-hardening", "Brisk on the road", "Firm going, ten minutes more each week.", Gait.Walk, OpenGround, 1, 30),
        Minutes("fitness/walk-hardening", "Up and down", "Walk with gentle hills.", Gait.Walk, OpenGround, 1, 40),
        Minutes("fitness/trot-sets", "Six short bouts", "Twenty seconds each, walk between.", Gait.Trot, OpenGround, 6, 2),
        Minutes("fitness/trot-sets", "Three times four", "Three walk between.", Gait.Trot, OpenGround, 3, 12),
        Minutes(
            "fitness/canter-sets",
            "Three times five",
            "At 400 metres a minute, three of walk between.",
            Gait.Canter,
            OpenGround,
            3,
            15
        ),
        Minutes("fitness/canter-sets", "Three times eight", "When three times five leaves something.", Gait.Canter, OpenGround, 3, 24),
        Minutes("fitness/hills", "Five hills in trot", "Up in trot, down in walk.", Gait.Trot, OpenGround, 5, 15),
        Minutes("fitness/hills", "Four hills in canter", "Up in canter, down in walk.", Gait.Canter, OpenGround, 4, 12),
        Minutes("fitness/speed-sets", "One minute in the last set", "A minute near the level's speed.", Gait.Gallop, OpenGround, 1, 12),
        Minutes("fitness/speed-sets", "Two short pieces", "Forty seconds each within the sets.", Gait.Gallop, OpenGround, 2, 12),
    ];
}
