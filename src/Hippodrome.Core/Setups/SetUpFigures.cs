using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>The figures behind poles and fences.</summary>
public static class SetUpFigures
{
    public static readonly Figure<DistanceRange> WalkPoles = Figure.Practice("Walk pole spacing", DistanceRange.Metres(0.80, 1.00), "");
    public static readonly Figure<DistanceRange> TrotPoles = Figure.Practice("Trot pole spacing", DistanceRange.Metres(1.20, 1.50), "");
    public static readonly Figure<DistanceRange> CanterPoles = Figure.Practice(
        "Canter pole spacing, ground or low",
        DistanceRange.Metres(2.70, 3.50),
        ""
    );
    public static readonly Figure<DistanceRange> TrotPlacingPole = Figure.Practice(
        "Trot placing pole to cross-pole",
        DistanceRange.Metres(2.40, 2.70),
        ""
    );

    public static readonly Figure<double> TypicalPlacing = Figure.Chosen(
        "Placing distance as a share of the working trot stride",
        2.55 / 2.73,
        "",
        "puts the horse of the published trot in the middle of the trade's range; two steps, the second gathered for the jump"
    );

    public static readonly Figure<double> RaisedPoleHeight = Figure.Published(
        "Highest raised pole in walk and trot",
        0.20,
        "m",
        "Klimke, Cavaletti"
    );
    public static readonly Figure<double> RaisedCanterPoleHeight = Figure.Published(
        "Highest raised pole in canter",
        0.50,
        "m",
        "Klimke, Cavaletti"
    );
    public static readonly Figure<double> StartRaisedPole = Figure.Chosen("A raised pole begins at", 0.10, "m", "one low block");
    public static readonly Figure<double> StartCavaletti = Figure.Chosen("A cavaletti of a line begins at", 0.20, "m", "its usual height");
    public static readonly Figure<double> StartCrossPole = Figure.Chosen("A cross-pole begins at", 0.50, "m", "its middle steps over");
    public static readonly Figure<double> StartFence = Figure.Chosen("A fence begins at", 0.60, "m", "small, and a fence all the same");
    public static readonly Figure<double> StartSpread = Figure.Chosen("A spread begins at", 0.80, "m", "wider than high, and small");
    public static readonly Figure<double> StartStep = Figure.Chosen("A step begins at", 0.30, "m", "the smallest there is, in walk");
    public static readonly Figure<double> StartCorridor = Figure.Chosen(
        "A corridor begins as wide as",
        1.20,
        "m",
        "a horse and a hand on each side"
    );
    public static readonly Figure<double> UnevenStep = Figure.Chosen(
        "Most that each gap between poles grows or shrinks on the last",
        0.10,
        "m",
        "two steps of the tape: a top rung's question, and still inside the trade's range"
    );

    public static readonly Figure<DistanceRange> TypedPoleGap = Figure.Chosen(
        "Between two poles of a row, where the distance is typed",
        DistanceRange.Metres(0.50, 4.50),
        "",
        "from the walk step of the smallest pony to a long canter stride of the tallest horse"
    );

    public static readonly Figure<int> FewestTrotPoles = Figure.Practice("Fewest trot poles: two invite a jump", 3, "poles");
    public static readonly Figure<int> MostPoles = Figure.Chosen(
        "Most poles in a line",
        8,
        "poles",
        "more tire the back before they teach"
    );

    public static readonly Figure<DistanceRange> CrossPoleHeight = Figure.Chosen(
        "Height of a cross-pole's middle",
        DistanceRange.Metres(0.20, 0.80),
        "",
        "higher than that the slope of the poles is a fence of its own"
    );

    public static readonly Figure<double> HeightStep = Figure.Chosen(
        "A step up or down",
        0.10,
        "m",
        "one hole of most wings or two: enough to feel, too little to frighten"
    );
    public static readonly Figure<double> MostAdjusted = Figure.Chosen(
        "Most that a distance is moved from the horse's own",
        0.60,
        "m",
        "two feet; further off it is another exercise"
    );

    public static readonly Figure<double> RoomAtNothing = Figure.Chosen(
        "Take-off and landing room, constant part",
        0.90,
        "m",
        "with 0.93 a metre of height gives 1.83 m (6 ft, two paces) at 1.0 m"
    );
    public static readonly Figure<double> RoomPerMetre = Figure.Chosen(
        "Take-off and landing room, for each metre of height",
        0.93,
        "m",
        "with 0.90 m gives 1.83 m (6 ft, two paces) at 1.0 m"
    );
    public static readonly Figure<double> RoomLowest = Figure.Chosen(
        "Height under which the room stays the same",
        0.50,
        "m",
        "a horse leaves the ground no later for a lower pole"
    );

    public static readonly Figure<double> AfterTrot = Figure.Chosen(
        "Canter stride after a trot approach, of the course stride",
        0.85,
        "",
        "the first strides after a trot fence are not yet a course canter"
    );

    public static readonly Figure<double> InsideGrid = Figure.Chosen(
        "Canter stride inside a grid, of the course stride",
        0.90,
        "",
        "a grid asks for an active canter that waits"
    );
    public static readonly Figure<double> CourseStride = Figure.Published(
        "Course canter stride (12 ft)",
        3.66,
        "m",
        "course-building convention"
    );

    public static readonly Figure<DistanceRange> CountedStride = Figure.Practice(
        "Canter stride over counted ground poles: 10 m in four to 15 m in three",
        DistanceRange.Metres(2.00, 3.75),
        ""
    );
    public static readonly Figure<DistanceRange> CanterPlacingPole = Figure.Practice(
        "Canter placing or landing pole",
        DistanceRange.Metres(2.70, 3.00),
        ""
    );
    public static readonly Figure<double> TypicalCanterPlacing = Figure.Chosen(
        "Canter placing distance as a share of the course stride",
        2.85 / 3.66,
        "",
        "puts the typical horse in the middle of the trade's range"
    );
    public static readonly Figure<DistanceRange> BounceFromTrot = Figure.Practice("Bounce from trot", DistanceRange.Metres(2.70, 3.00), "");
    public static readonly Figure<DistanceRange> BounceFromCanter = Figure.Practice(
        "Bounce from canter",
        DistanceRange.Metres(3.00, 3.70),
        ""
    );
    public static readonly Figure<DistanceRange> OneStrideFromTrot = Figure.Practice(
        "One stride, trot approach",
        DistanceRange.Metres(5.40, 5.90),
        ""
    );
    public static readonly Figure<DistanceRange> OneStrideInGrid = Figure.Practice(
        "One stride inside a grid",
        DistanceRange.Metres(6.10, 6.70),
        ""
    );
    public static readonly Figure<DistanceRange> TwoStridesInGrid = Figure.Practice(
        "Two strides inside a grid",
        DistanceRange.Metres(9.10, 10.40),
        ""
    );
    public static readonly Figure<DistanceRange> OneStrideAtHeight = Figure.Published(
        "One stride at competition height (24 to 26 ft)",
        DistanceRange.Metres(7.30, 7.90),
        "",
        "course-building convention"
    );
    public static readonly Figure<DistanceRange> TwoStridesAtHeight = Figure.Published(
        "Two strides at competition height (34 to 36 ft)",
        DistanceRange.Metres(10.40, 11.00),
        "",
        "course-building convention"
    );
    public static readonly Figure<double> LineLeeway = Figure.Chosen(
        "Leeway of a related line either way",
        0.30,
        "m",
        "a foot, as the convention leaves for one and two strides"
    );

    public static readonly Figure<DistanceRange> FenceHeight = Figure.Chosen(
        "Height of an upright, oxer or wall",
        DistanceRange.Metres(0.30, 1.60),
        "",
        "lower is a pole, higher is beyond this program"
    );
    public static readonly Figure<DistanceRange> OxerSpread = Figure.Chosen(
        "Spread of an oxer",
        DistanceRange.Metres(0.30, 2.00),
        "",
        "narrower reads as an upright, wider is beyond this program"
    );
    public static readonly Figure<int> MostElements = Figure.Chosen(
        "Most elements of a grid",
        9,
        "elements",
        "more than that is two grids"
    );
    public static readonly Figure<int> MostStrides = Figure.Chosen(
        "Most strides between two fences that are counted",
        8,
        "strides",
        "further apart a count says nothing any more"
    );
    public static readonly Figure<double> FirstStands = Figure.Chosen(
        "A fence joins a grid no higher than",
        0.50,
        "m",
        "new and small before it is high"
    );
    public static readonly Figure<int> PassesOfNew = Figure.Practice("Passes where an element of a grid is new", 2, "passes");
    public static readonly Figure<int> PassesOfMore = Figure.Practice("Passes where only height or spread rises", 1, "pass");

    public static readonly Figure<double> EffortsOfADay = Figure.Chosen(
        "Most jumping efforts of an established horse in a day",
        40.0,
        "efforts",
        "the upper end of what trainers ask of one; a green horse has fifteen, a novice twenty-five"
    );

    public static readonly Figure<double> MostBend = Figure.Chosen(
        "Most that a bending line turns",
        120.0,
        "degrees",
        "further round it is a turn and not a line"
    );
    public static readonly Figure<int> FewestBendingStrides = Figure.Chosen(
        "Fewest strides of a bending line",
        3,
        "strides",
        "fewer leave no room for landing straight, a curve, and straight again"
    );
    public static readonly Figure<double> TightestBend = Figure.Chosen(
        "Tightest curve between two fences, radius",
        8.0,
        "m",
        "a 16 m circle is about the smallest that keeps a jumping canter"
    );
    public static readonly Figure<double> GroundLineOut = Figure.Practice("Ground line before a fence", 0.25, "m");
    public static readonly Figure<double> PeakOver = Figure.Chosen(
        "Room over the rails in the side view",
        0.25,
        "m",
        "an illustration: horses clear a small fence by about a hoof's length or two"
    );

    public static readonly Figure<DistanceRange> CorridorWidth = Figure.Chosen(
        "Between the two lines of a corridor",
        DistanceRange.Metres(1.00, 1.20),
        "",
        "straight without touching, and no room to swing the quarters"
    );
    public static readonly Figure<int> CorridorBack = Figure.Chosen(
        "Most steps back in a corridor",
        6,
        "steps",
        "a few, straight; more of them make a horse hurry or drag"
    );

    public static readonly Figure<DistanceRange> SidewaysStep = Figure.Chosen(
        "Sideways in one crossing step",
        DistanceRange.Metres(0.40, 0.50),
        "",
        "a hoof set over the other in front of it, without a rush"
    );
    public static readonly Figure<double> ShoulderInAngle = Figure.Published(
        "Shoulder-in on three tracks",
        30.0,
        "degrees",
        "FEI dressage rules"
    );
    public static readonly Figure<int> StraightBeforeChanges = Figure.Chosen(
        "Straight strides kept at each end of changes in sequence",
        2,
        "strides",
        "a horse is straight before the first and balanced after the last, away from the corner"
    );
    public static readonly Figure<int> SpiralCircuits = Figure.Practice("Circuits of a spiral each way", 2, "circuits");

    public static readonly Figure<int> MostPiaffe = Figure.Chosen(
        "Most steps of piaffe in one go",
        20,
        "steps",
        "the tests ask for twelve to fifteen; a few good ones teach more than many"
    );
    public static readonly Figure<CountRange> WholePirouette = Figure.Published(
        "Strides of a whole pirouette in canter",
        new CountRange(6, 8),
        "strides",
        "FEI dressage rules"
    );
    public static readonly Figure<CountRange> HalfPirouette = Figure.Published(
        "Strides of a half pirouette in canter",
        new CountRange(3, 4),
        "strides",
        "FEI dressage rules"
    );
    public static readonly Figure<double> WorkingPirouette = Figure.Published(
        "Widest circle of the hind feet in a working pirouette",
        3.0,
        "m",
        "FEI dressage rules"
    );

    public static readonly Figure<double> StraightStrides = Figure.Chosen(
        "Straight canter strides before and after",
        4.0,
        "strides",
        "time to be straight, to look, and to be asked nothing else"
    );

    public static readonly Figure<double> TooShortUnder = Fits("too short under", 0.88);
    public static readonly Figure<double> TightUnder = Fits("tight under", 0.95);
    public static readonly Figure<double> TrueTo = Fits("true up to", 1.05);
    public static readonly Figure<double> ForwardTo = Fits("forward up to, long beyond", 1.10);

    /// <summary>What is said of a distance outside the trade's range for a horse of this height.</summary>
    internal static string OutOfRange(SetUp setUp, Distance asked, Distance own, DistanceRange trade, string what)
    {
        var side = asked < trade.Shortest ? "shorter" : "longer";
        return setUp.OnPurpose && asked != own
                ? $"{char.ToUpperInvariant(side[0])}{side[1..]} on purpose: {asked}; its own is {own}, and the trade sets {trade} for its height."
            : trade.Holds(own) ? $"{asked} would be {side} than the trade sets for its height ({trade}); {what} stay inside it."
            : $"Its own {own} is {side} than the trade sets for its height ({trade}): built as this horse goes.";
    }

    /// <summary>The trade's spacing between poles in a gait.</summary>
    public static Figure<DistanceRange> PoleSpacing(Gait gait) =>
        gait switch
        {
            Gait.Walk => WalkPoles,
            Gait.Trot => TrotPoles,
            _ => CanterPoles,
        };

    private static Figure<double> Fits(string word, double share) =>
        Figure.Chosen(
            $"Fit: {word}",
            share,
            "of the horse's own",
            "five in a hundred is what a rider can ride; twice that has to be seen coming"
        );
}
