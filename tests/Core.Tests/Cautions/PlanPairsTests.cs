using Hippodrome.Core.Aims;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Care;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Tests.Blocks;
using Hippodrome.Core.Weather;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Setups.FenceLineTests;

namespace Hippodrome.Core.Tests.Cautions;

/// <summary>
/// Pairs of plans that differ in one fact, and that fact flips the answer. Common practice, no source, unless a figure of
/// docs/sources.md says otherwise.
/// </summary>
public class PlanPairsTests
{
    private enum Is
    {
        Soft,
        Hard,
    }

    private sealed record Pair(string Rule, Is Is, PlanContext Faulty, PlanContext Fine);

    private static PlanContext Stretched(double metres, bool helper) =>
        On(Over(), helper: helper, stands: Make.Poles(adjust: metres) with { OnPurpose = true }) with
        {
            Card = Make.Card(),
        };

    private static readonly Guid Stands = Guid.NewGuid();
    private static readonly Why Because = new("x", ["x"], Source.CommonPractice);
    private static readonly string[] Sure =
    [
        "flatwork/ten-metres",
        "lateral/leg-yield-line",
        "poles/trot-poles",
        "lunge/canter-both-ways",
        "in-hand/walk-poles",
    ];

    private static readonly Dictionary<string, Pair> Pairs = new()
    {
        ["a grid that stands whole: built up in stages"] = new(
            "GridStandsWhole",
            Is.Soft,
            On(Over() with { InStages = false }, helper: true, stands: OfThree()),
            On(Over() with { InStages = true }, helper: true, stands: OfThree())
        ),
        ["a grid that stands whole: of two nothing is built up"] = new(
            "GridStandsWhole",
            Is.Soft,
            On(Over() with { InStages = false }, helper: true, stands: OfThree()),
            On(Over() with { InStages = false }, helper: true, stands: OfTwo())
        ),
        ["free before collected: an outline"] = new(
            "CollectedBeforeFree",
            Is.Soft,
            On(Gathered(Outline.Collected)),
            On(Gathered(Outline.Level))
        ),
        ["free before collected: a stride aimed at"] = new(
            "CollectedBeforeFree",
            Is.Soft,
            On(Trot() with { StrideAim = GaitVariant.TrotCollected }),
            On(Trot() with { StrideAim = GaitVariant.TrotWorking })
        ),
        ["free before collected: a rung"] = new(
            "CollectedBeforeFree",
            Is.Soft,
            On(Rung("flatwork/collected-gaits", Gait.Trot)),
            On(Trot(), Rung("flatwork/collected-gaits", Gait.Trot))
        ),
        ["after treatment: the seat"] = new(
            "LoadedSoonAfterTreatment",
            Is.Soft,
            AfterTreatment(Trot() with { Seat = Seat.Sitting }),
            AfterTreatment(Trot() with { Seat = Seat.Rising })
        ),
        ["after treatment: when it goes sideways"] = new(
            "LoadedSoonAfterTreatment",
            Is.Soft,
            AfterTreatment(Rung("lateral/leg-yield-line", Gait.Walk), Trot()),
            AfterTreatment(Trot(), Trot(), Rung("lateral/leg-yield-line", Gait.Walk))
        ),
        ["after treatment: when its strides are bigger"] = new(
            "LoadedSoonAfterTreatment",
            Is.Soft,
            AfterTreatment(Trot() with { StrideAim = GaitVariant.TrotMedium }),
            AfterTreatment(Trot(), Trot(), Trot() with { StrideAim = GaitVariant.TrotMedium })
        ),
        // A fence is a fence however it was entered.
        ["nobody jumps alone: fences typed as a number"] = new("FenceWithoutHelper", Is.Hard, On(Typed(6)), On(Typed(6), helper: true)),
        ["nobody jumps alone: a height typed"] = new("FenceWithoutHelper", Is.Hard, On(Typed(6, 0.4)), On(Trot())),
        ["nobody jumps alone: an exercise of the library"] = new(
            "FenceWithoutHelper",
            Is.Hard,
            On(Of("grids/bounce/one-bounce")),
            On(Of("grids/bounce/one-bounce"), helper: true)
        ),
        ["nobody jumps alone: what stands"] = new(
            "FenceWithoutHelper",
            Is.Hard,
            On(Over(), stands: Make.CrossPole()),
            On(Over(), stands: Make.Poles())
        ),
        ["jumping days side by side: fences typed as a number"] = new(
            "FencesOnNeighbouringDays",
            Is.Soft,
            On(Typed(6, 0.6), helper: true) with
            {
                Nearby = [Jumped(-1)],
            },
            On(Typed(6, 0.6), helper: true) with
            {
                Nearby = [Jumped(-2)],
            }
        ),
        ["the budget of efforts: fences typed as a number"] = new(
            "TooManyEfforts",
            Is.Soft,
            On(Typed(26, 0.6), helper: true),
            On(Typed(25, 0.6), helper: true)
        ),
        ["the height missing"] = new("HeightMissing", Is.Soft, On(Typed(6), helper: true), On(Typed(6, 0.6), helper: true)),
        ["over the horse's limit: a height typed"] = new(
            "FenceTooHigh",
            Is.Soft,
            On(Typed(6, 1.15), helper: true),
            On(Typed(6, 1.10), helper: true)
        ),
        ["over the horse's limit: an exercise set higher"] = new(
            "FenceTooHigh",
            Is.Soft,
            On(Typed(6, 1.15), helper: true),
            On(Typed(6, 1.15), helper: true, entered: 1.15)
        ),
        ["a vet's height: fences typed as a number"] = new(
            "Restricted",
            Is.Hard,
            On(Typed(6, 0.55), helper: true) with
            {
                Restrictions = [Low(0.5)],
            },
            On(Typed(6, 0.5), helper: true) with
            {
                Restrictions = [Low(0.5)],
            }
        ),
        ["the eve: within 20 cm of its height"] = new(
            "BigFenceBeforeCompetition",
            Is.Soft,
            On(Typed(6, 0.85), helper: true, entered: 1.0, eve: true),
            On(Typed(6, 0.80), helper: true, entered: 1.0, eve: true)
        ),
        ["the eve: more than 20 efforts"] = new(
            "BigFenceBeforeCompetition",
            Is.Soft,
            On(Typed(21, 0.6), helper: true, entered: 1.0, eve: true),
            On(Typed(20, 0.6), helper: true, entered: 1.0, eve: true)
        ),
        ["the eve: a grid built up in stages is counted by stages"] = new(
            "BigFenceBeforeCompetition",
            Is.Soft,
            On(
                Of("grids/exit-upright/upright-out") with
                {
                    Times = 14,
                    InStages = false,
                },
                helper: true,
                entered: 1.1,
                eve: true,
                at: "grids/exit-upright"
            ),
            On(
                Of("grids/exit-upright/upright-out") with
                {
                    Times = 6,
                    InStages = true,
                },
                helper: true,
                entered: 1.1,
                eve: true,
                at: "grids/exit-upright"
            )
        ),
        ["the eve is the day before"] = new(
            "BigFenceBeforeCompetition",
            Is.Soft,
            On(Typed(6, 0.85), helper: true, entered: 1.0, eve: true),
            On(Typed(6, 0.85), helper: true, entered: 1.0)
        ),

        // No skipping inside a ladder.
        ["two rungs up on the flat"] = new(
            "RungSkipped",
            Is.Soft,
            On(Rung(Up("poles/trot-poles", 2), Gait.Trot)),
            On(Rung(Up("poles/trot-poles", 1), Gait.Trot))
        ),
        ["two rungs up over fences"] = new(
            "RungSkipped",
            Is.Hard,
            On(Rung(Up("jumping/cross-pole", 2), Gait.Canter), helper: true, at: "jumping/cross-pole"),
            On(Rung(Up("jumping/cross-pole", 1), Gait.Canter), helper: true, at: "jumping/cross-pole")
        ),
        ["two rungs up on the flat under six"] = new(
            "RungSkipped",
            Is.Hard,
            On(Rung(Up("poles/trot-poles", 2), Gait.Trot), age: 5),
            On(Rung(Up("poles/trot-poles", 1), Gait.Trot), age: 5)
        ),
        ["what stands: raised cavaletti in canter"] = new(
            "RungSkipped",
            Is.Soft,
            On(Over(Gait.Canter), stands: Make.Poles(GaitVariant.CanterWorking, 3, Raising.AlternateEnds), at: "poles/single-walk"),
            On(Over(Gait.Canter), stands: Make.Poles(GaitVariant.CanterWorking, 3, Raising.AlternateEnds), at: "poles/canter-pole")
        ),
        ["what stands: raised poles"] = new(
            "RungSkipped",
            Is.Soft,
            On(Over(), stands: Make.Poles(raising: Raising.AlternateEnds), at: "poles/walk-poles"),
            On(Over(), stands: Make.Poles(), at: "poles/walk-poles")
        ),
        ["what stands: a grid"] = new(
            "RungSkipped",
            Is.Hard,
            On(Over(), stands: Built("grids/exit-upright/upright-out"), helper: true, at: "jumping/small-single"),
            On(Over(), stands: Built("grids/exit-upright/upright-out"), helper: true, at: "grids/one-stride")
        ),
        ["a fence as high as a higher rung's"] = new(
            "RungSkipped",
            Is.Hard,
            On(Typed(6, 1.05), helper: true, at: "jumping/cross-pole"),
            On(Typed(6, 0.45), helper: true, at: "jumping/cross-pole")
        ),
        ["a plain gait asks for no rung"] = new(
            "RungSkipped",
            Is.Soft,
            On(Rung("poles/canter-cavaletti", Gait.Canter)),
            On(Make.Part(Phase.Work, Gait.Canter, 6))
        ),
        ["placed by hand, with a word"] = new(
            "RungSkipped",
            Is.Hard,
            On(Rung("jumping/related-lines", Gait.Canter), helper: true, at: "jumping/cross-pole"),
            On(Rung("jumping/related-lines", Gait.Canter), helper: true, at: "jumping/related-lines")
        ),

        // Each check reads the manner of the part.
        ["led at three, and a part of it lunged"] = new(
            "TooYoungToRide",
            Is.Hard,
            On(Parts(Led(5), Led(4) with { Manner = Manner.Lunged }), age: 3),
            On(Parts(Led(5), Led(4)), age: 3)
        ),
        ["three years old: ten minutes"] = new("TooLongForItsAge", Is.Hard, On(Parts(Led(11)), age: 3), On(Parts(Led(10)), age: 3)),
        ["three years old: four steps back"] = new(
            "TooManyStepsBack",
            Is.Soft,
            On(Parts(Led(4) with { SetUpId = Stands }), age: 3, stands: Lane(4)),
            On(Parts(Led(4) with { SetUpId = Stands }), age: 3, stands: Lane(3))
        ),

        // A hold.
        ["held: walking in hand"] = new(
            "LamenessHold",
            Is.Hard,
            On(Parts(Led(10))) with
            {
                HeldBecause = "off",
            },
            On(Parts(Led(10))) with
            {
                HeldBecause = "off",
                WalkInHandBy = "Iva Sorrel",
            }
        ),
        ["held, a vet allows walking in hand: ridden"] = Held(Parts(Led(10) with { Manner = Manner.Ridden })),
        ["held, a vet allows walking in hand: lunged"] = Held(Parts(Led(10) with { Manner = Manner.Lunged })),
        ["held, a vet allows walking in hand: long-reined"] = Held(Parts(Led(10) with { Manner = Manner.LongReined })),
        ["held, a vet allows walking in hand: loose"] = Held(Parts(Led(10) with { Manner = Manner.Loose })),
        ["held, a vet allows walking in hand: in hand in trot"] = Held(Parts(Led(10) with { Gait = Gait.Trot })),
        ["held, a vet allows walking in hand: over poles"] = Held(
            Parts(Led(10) with { SetUpId = Stands }),
            Make.Poles(GaitVariant.WalkMedium)
        ),

        // After a clearance.
        ["cleared: the saddle on the first day"] = new(
            "StepsAfterClearance",
            Is.Soft,
            On(Trot()) with
            {
                Cleared = Cleared(0),
            },
            On(Trot())
        ),
        ["cleared: long lines before the lunge"] = new(
            "StepsAfterClearance",
            Is.Soft,
            On(Parts(Lunge(), Lines(), Led(6))) with
            {
                Cleared = Cleared(0),
            },
            On(Parts(Lunge(), Lines(), Led(6))) with
            {
                Cleared = Cleared(1),
            }
        ),
        ["cleared: the saddle before the long lines"] = new(
            "StepsAfterClearance",
            Is.Soft,
            On(Parts(Lunge(), Lines(), Saddle(6), Led(6))) with
            {
                Cleared = Cleared(1),
            },
            On(Parts(Lunge(), Lines(), Saddle(6), Led(6))) with
            {
                Cleared = Cleared(2),
            }
        ),
        ["cleared: ten minutes in the saddle"] = new(
            "StepsAfterClearance",
            Is.Soft,
            On(Parts(Lunge(), Lines(), Saddle(11), Led(6))) with
            {
                Cleared = Cleared(2),
            },
            On(Parts(Lunge(), Lines(), Saddle(10), Led(6))) with
            {
                Cleared = Cleared(2),
            }
        ),
        ["cleared: not to be lunged"] = new(
            "StepsAfterClearance",
            Is.Soft,
            On(Parts(Lunge(), Led(6))) with
            {
                Cleared = new AfterClearance(Make.Today.AddDays(-1), 0, true),
            },
            On(Parts(Lunge(), Led(6))) with
            {
                Cleared = Cleared(0),
            }
        ),

        // A return.
        ["a return: one minute of trot more"] = new(
            "RampExceeded",
            Is.Soft,
            On(Trot(5)) with
            {
                Ramp = Ramp(),
            },
            On(Trot(4)) with
            {
                Ramp = Ramp(),
            }
        ),
        ["a return: canter"] = new(
            "RampExceeded",
            Is.Soft,
            On(Make.Part(Phase.Work, Gait.Canter, 2)) with
            {
                Ramp = Ramp(),
            },
            On(Make.Part(Phase.Work, Gait.Walk, 2)) with
            {
                Ramp = Ramp(),
            }
        ),
        ["a return: minutes in all"] = new(
            "RampExceeded",
            Is.Soft,
            On(Make.Part(Phase.Work, Gait.Walk, 20)) with
            {
                Ramp = Ramp(),
            },
            On(Make.Part(Phase.Work, Gait.Walk, 13)) with
            {
                Ramp = Ramp(),
            }
        ),
        ["a return: a fence"] = new(
            "RampExceeded",
            Is.Soft,
            On(Typed(2, 0.4, Gait.Walk), helper: true) with
            {
                Ramp = Ramp(),
            },
            On(Typed(2, 0.4, Gait.Walk), helper: true) with
            {
                Ramp = Ramp() with { MayJump = true },
            }
        ),
        ["a return: poles in trot"] = new(
            "RampExceeded",
            Is.Soft,
            On(Over(minutes: 4), stands: Make.Poles()) with
            {
                Ramp = Ramp(),
            },
            On(Over(Gait.Walk, 4), stands: Make.Poles(GaitVariant.WalkMedium)) with
            {
                Ramp = Ramp(),
            }
        ),
        ["after injury no word goes round it"] = new(
            "RampExceeded",
            Is.Hard,
            On(Trot(5)) with
            {
                Ramp = Ramp() with { Binding = true },
            },
            On(Trot(4)) with
            {
                Ramp = Ramp() with { Binding = true },
            }
        ),
        ["a short first day is what its text says"] = new(
            "RampExceeded",
            Is.Soft,
            On(Parts(Led(10), Led(2) with { Manner = Manner.Loose, Gait = Gait.Trot }, Led(5) with { Manner = Manner.Ridden })) with
            {
                Ramp = FirstWeek(),
            },
            On(Parts(Led(10), Led(2) with { Manner = Manner.Loose, Gait = Gait.Trot }, Led(4) with { Manner = Manner.Ridden })) with
            {
                Ramp = FirstWeek(),
            }
        ),
        ["a short first day belongs to the first week"] = new(
            "RampExceeded",
            Is.Soft,
            On(Parts(Led(10), Led(2) with { Manner = Manner.Loose, Gait = Gait.Trot })) with
            {
                Ramp = FirstWeek() with { MayShortFirstDay = false },
            },
            On(Parts(Led(10), Led(2) with { Manner = Manner.Loose, Gait = Gait.Trot })) with
            {
                Ramp = FirstWeek(),
            }
        ),

        // A first month under saddle.
        ["a first sit in trot"] = new("FirstMonth", Is.Soft, Sit(3, Led(8), Saddle(3), Trot(1)), Sit(4, Led(8), Saddle(3), Trot(1))),
        ["a first sit of six minutes"] = new("FirstMonth", Is.Soft, Sit(0, Led(8), Saddle(6)), Sit(0, Led(8), Saddle(5))),
        ["more than twenty minutes in the first month"] = new(
            "FirstMonth",
            Is.Soft,
            Sit(6, Led(12), Saddle(9)),
            Sit(6, Led(12), Saddle(8))
        ),

        // A therapist's visit.
        ["treated: fences are out until the last easy day"] = new(
            "Restricted",
            Is.Hard,
            On(Typed(6, 0.4), helper: true) with
            {
                Restrictions = [Treated(0)],
            },
            On(Typed(6, 0.4), helper: true) with
            {
                Restrictions = [Treated(-1)],
            }
        ),
        ["treated: the lunge is out only where it was said"] = new(
            "Restricted",
            Is.Hard,
            On(Lunge()) with
            {
                Restrictions = [Treated(0, RuledOut.Lunge)],
            },
            On(Lunge()) with
            {
                Restrictions = [Treated(0, RuledOut.Series)],
            }
        ),

        // The same leg.
        ["the same leg: poles"] = new(
            "SameLegTouches",
            Is.Soft,
            On(Over(), stands: Make.Poles()) with
            {
                SameLeg = Because,
            },
            On(Over(), stands: Make.Poles())
        ),
        ["the same leg: flatwork goes on"] = new(
            "SameLegTouches",
            Is.Soft,
            On(Typed(4, 0.5), helper: true) with
            {
                SameLeg = Because,
            },
            On(Trot()) with
            {
                SameLeg = Because,
            }
        ),

        // Far from its own on purpose: 1.365 m and 30 cm are 1.65 m, 121 % of its own; 5 cm are not far.
        ["far on purpose: with a helper, a word"] = new(
            "FarFromItsOwn",
            Is.Soft,
            Stretched(0.3, helper: true),
            Stretched(0.05, helper: true)
        ),
        ["far on purpose: never alone"] = new("FarFromItsOwn", Is.Hard, Stretched(0.3, helper: false), Stretched(0.05, helper: false)),

        // Flying changes while they are learned.
        ["changes in minutes"] = new("ChangesWithoutNumber", Is.Soft, Learns(Change(null)), Learns(Change(2))),
        ["changes: five askings"] = new("TooManyChanges", Is.Soft, Learns(Change(5)), Learns(Change(4))),
        ["changes first thing"] = new("ChangesTooEarly", Is.Soft, Learns(Change(2), Trot(16)), Learns(Trot(16), Change(2))),
        ["changes most of the session"] = new("MostlyChanges", Is.Soft, Learns(Trot(3), Change(2)), Learns(Trot(5), Change(2))),
        ["changes the day after they boiled over"] = new(
            "ChangesAfterBoilingOver",
            Is.Soft,
            Learns(Trot(16), Change(2)) with
            {
                ChangesBoiledOver = Make.Today.AddDays(-1),
            },
            Learns(Trot(16), Change(2)) with
            {
                ChangesBoiledOver = Make.Today.AddDays(-2),
            }
        ),
        ["changes that are confirmed"] = new(
            "TooManyChanges",
            Is.Soft,
            Learns(Change(5)),
            On(Trot(16), Change(5)) with
            {
                Places = Places("changes/forward-change-collect"),
            }
        ),

        // Heat.
        ["an hour that halves the work"] = new(
            "HotDay",
            Is.Soft,
            On(Trot(16)) with
            {
                Heat = Heat.Advise(new WeatherReading(34, 20, false)),
            },
            On(Trot(15)) with
            {
                Heat = Heat.Advise(new WeatherReading(34, 20, false)),
            }
        ),
        ["a cold damp day is no heat"] = new(
            "HotDay",
            Is.Soft,
            On(Trot(16)) with
            {
                Heat = Heat.Advise(new WeatherReading(31, 95, false)),
            },
            On(Trot(16)) with
            {
                Heat = Heat.Advise(new WeatherReading(8, 95, false)),
            }
        ),
        ["its own limit"] = new(
            "HotDay",
            Is.Soft,
            On(Trot(16)) with
            {
                Heat = Heat.Advise(new WeatherReading(26, 40, false), 26),
            },
            On(Trot(16)) with
            {
                Heat = Heat.Advise(new WeatherReading(26, 40, false), 27),
            }
        ),

        // Several days together.
        ["the first rein alternates: a third time running"] = new(
            "FirstReinAgain",
            Is.Soft,
            After([BeganOn(-4, Rein.Left), BeganOn(-2, Rein.Left)], OnLeft()),
            After([BeganOn(-4, Rein.Left), BeganOn(-2, Rein.Right)], OnLeft())
        ),
        ["the first rein alternates: twice is no habit"] = new(
            "FirstReinAgain",
            Is.Soft,
            After([BeganOn(-4, Rein.Left), BeganOn(-2, Rein.Left)], OnLeft()),
            After([BeganOn(-2, Rein.Left)], OnLeft())
        ),
        // Dressage tests.
        ["the whole test once a week: its pieces on any day"] = new(
            "WholeTestAgain",
            Is.Soft,
            After([WholeTestOn(-3)], TestOf()),
            After([WholeTestOn(-3)], TestOf(4, 2))
        ),
        ["the whole test once a week: a week is seven days"] = new(
            "WholeTestAgain",
            Is.Soft,
            After([WholeTestOn(-6)], TestOf()),
            After([WholeTestOn(-7)], TestOf())
        ),
        ["the whole test once a week: twice in a session"] = new(
            "WholeTestAgain",
            Is.Soft,
            On(TestOf(), TestOf()),
            On(TestOf(), TestOf(2, 1))
        ),
        ["the whole test is not the last thing before the day"] = new(
            "WholeTestLast",
            Is.Soft,
            Before(2, [], TestOf()),
            Before(2, [], TestOf(4, 2))
        ),
        ["the whole test is not the last thing: work follows it"] = new(
            "WholeTestLast",
            Is.Soft,
            Before(3, [], TestOf()),
            Before(3, [new NearbyDay(Make.Today.AddDays(2), false, false) { Kinds = [WorkKind.Flat] }], TestOf())
        ),
        ["the whole test is not the last thing: four days before it may be"] = new(
            "WholeTestLast",
            Is.Soft,
            Before(3, [], TestOf()),
            Before(4, [], TestOf())
        ),
        ["the day after a competition: rest or walk"] = new(
            "WorkAfterCompetition",
            Is.Soft,
            On(Trot()) with
            {
                CompetedYesterday = MakeBlock.Aim(Make.Today.AddDays(-1)),
            },
            On(Trot())
        ),
        ["the day after a competition: a walk is right"] = new(
            "WorkAfterCompetition",
            Is.Soft,
            On(Trot()) with
            {
                CompetedYesterday = MakeBlock.Aim(Make.Today.AddDays(-1)),
            },
            Walked() with
            {
                CompetedYesterday = MakeBlock.Aim(Make.Today.AddDays(-1)),
            }
        ),
        ["variety of the young: riding out counts"] = new(
            "OneKindOnly",
            Is.Soft,
            After(FlatFor(5), Trot()) with
            {
                Horse = Make.Horse(5),
            },
            After([.. FlatFor(5), new NearbyDay(Make.Today.AddDays(-3), false, false) { Kinds = [WorkKind.Out] }], Trot()) with
            {
                Horse = Make.Horse(5),
            }
        ),
        ["variety of the young: at seven nobody asks"] = new(
            "OneKindOnly",
            Is.Soft,
            After(FlatFor(5), Trot()) with
            {
                Horse = Make.Horse(6),
            },
            After(FlatFor(5), Trot()) with
            {
                Horse = Make.Horse(7),
            }
        ),
        ["variety of the young: as its approach has it"] = new(
            "OneKindOnly",
            Is.Soft,
            After(FlatFor(5), Trot()) with
            {
                Horse = Make.Horse(5),
            },
            After(FlatFor(5), Trot()) with
            {
                Horse = Make.Horse(5),
                AllRound = false,
            }
        ),
        ["hard ground"] = new("JumpedOnHardGround", Is.Soft, OverField(Going.Frozen), OverField(Going.Good)),
        ["hard ground: poles between wings are walked"] = new(
            "JumpedOnHardGround",
            Is.Soft,
            OverField(Going.Hard),
            OverField(Going.Hard, ElementKind.EmptyWings)
        ),
        ["what it has not met: pipes"] = new(
            "NotMetYet",
            Is.Soft,
            Meets(Make.Poles() with { Material = Material.Pipes }, Thing.Wood),
            Meets(Make.Poles() with { Material = Material.Pipes }, Thing.Wood, Thing.Pipes)
        ),
        ["what it has not met: wood it has"] = new(
            "NotMetYet",
            Is.Soft,
            Meets(Make.Poles() with { Material = Material.Plastic }, Thing.Wood),
            Meets(Make.Poles(), Thing.Wood)
        ),

        // At four.
        ["fences twice in a week at four"] = new(
            "YoungFences",
            Is.Soft,
            On(Typed(4, 0.3), helper: true, age: 4) with
            {
                Nearby = [Jumped(-3)],
            },
            On(Typed(4, 0.3), helper: true, age: 4) with
            {
                Nearby = [Jumped(-7)],
            }
        ),
    };

    public static TheoryData<string> Names => [.. Pairs.Keys];

    [Theory]
    [MemberData(nameof(Names))]
    public void One_fact_flips_the_answer(string name)
    {
        var pair = Pairs[name];
        var fault = PlanChecks.Check(pair.Faulty).SingleOrDefault(f => f.Rule == pair.Rule);
        fault.ShouldNotBeNull(string.Join(", ", PlanChecks.Check(pair.Faulty).Select(f => f.Rule)));
        fault.Hard.ShouldBe(pair.Is == Is.Hard);
        fault.Why.Inputs.ShouldNotBeEmpty();
        PlanChecks.Check(pair.Fine).Where(f => f.Rule == pair.Rule).Select(f => f.Says).ShouldBeEmpty();
    }

    private static PlanContext On(
        PartEntry work,
        bool helper = false,
        SetUpEntry? stands = null,
        int age = 8,
        string? at = null,
        double? entered = null,
        bool eve = false
    ) => On(Make.GoodParts(work), helper, stands, age, at, entered, eve);

    private static PlanContext On(params PartEntry[] work) => On(Make.GoodParts(work), false, null, 8, null, null, false);

    private static PlanContext On(
        IReadOnlyList<PartEntry> parts,
        bool helper = false,
        SetUpEntry? stands = null,
        int age = 8,
        string? at = null,
        double? entered = null,
        bool eve = false
    )
    {
        var setUps = new Dictionary<Guid, SetUp>();
        if (stands is not null)
        {
            setUps[Stands] = stands.Check().OrThrow();
        }

        var competition = entered is null
            ? null
            : Aim.From(
                    Guid.NewGuid(),
                    new AimEntry("Show", Make.Today.AddDays(eve ? 1 : 9), Discipline.Jumping, "National", "Novice", entered),
                    Make.Today
                )
                .OrThrow();
        return new PlanContext
        {
            Horse = Make.Horse(age),
            Plan = Make.Plan(parts, helper),
            SetUps = setUps,
            Nearby = [],
            Places = at is null ? Places() : Places(at),
            Competition = competition,
            Card = Make.Card(),
        };
    }

    /// <summary>All of a session, where it does not begin and end with walk in the saddle.</summary>
    private static List<PartEntry> Parts(params PartEntry[] parts) => [.. parts];

    private static Places Places(params string[] at)
    {
        // Sure of the ground it stands on, of fences as far as the pair says; one that says nothing jumps small courses.
        var rungs = Sure.Concat(at.Length > 0 ? at : ["jumping/course-under", "grids/ascending-oxer"])
            .GroupBy(r => Catalogue.Rung(r).Strand)
            .Select(g => g.Last());
        return Core.Exercises.Places.From(rungs.Select(r => new RungMove(Catalogue.Rung(r).Strand, r, MoveKind.ByHand, "x", Make.Today)));
    }

    private static PlanContext After(IReadOnlyList<NearbyDay> earlier, params PartEntry[] work) => On(work) with { Earlier = earlier };

    private static PlanContext Walked() =>
        On((IReadOnlyList<PartEntry>)[Make.Part(Phase.WarmUp, Gait.Walk, 30)], false, null, 8, null, null, false);

    private static readonly Guid Test = ShippedTests.All[0].Id;

    private static PartEntry TestOf(params int[] pieces) =>
        Make.Part(Phase.Work, Gait.Trot, 6) with
        {
            TestId = Test,
            TestPieces = pieces.Length == 0 ? null : pieces,
        };

    private static NearbyDay WholeTestOn(int day) => new(Make.Today.AddDays(day), false, false) { WholeTests = [Test] };

    /// <summary>So many days before a dressage competition.</summary>
    private static PlanContext Before(int days, IReadOnlyList<NearbyDay> nearby, params PartEntry[] work) =>
        On(work) with
        {
            Nearby = nearby,
            Competition = MakeBlock.Aim(Make.Today.AddDays(days), Discipline.Dressage),
        };

    private static NearbyDay BeganOn(int day, Rein rein) => new(Make.Today.AddDays(day), false, false) { FirstRein = rein };

    private static PartEntry[] OnLeft() =>
        [Make.Part(Phase.Work, Gait.Trot, 6, Rein.Left), Make.Part(Phase.Work, Gait.Trot, 6, Rein.Right)];

    private static List<NearbyDay> FlatFor(int days) =>
        [.. Enumerable.Range(1, days).Select(d => new NearbyDay(Make.Today.AddDays(-2 * d), false, false) { Kinds = [WorkKind.Flat] })];

    private static PlanContext OverField(Going going, ElementKind kind = ElementKind.Upright) =>
        On(
            Over(Gait.Canter),
            helper: true,
            stands: Setups.CourseTests.Out(Setups.CourseTests.Fence(60, 40, kind: kind, height: 0.6)) with
            {
                Field = new FieldEntry(120, 80, going),
            }
        );

    private static PlanContext Meets(SetUpEntry stands, params Thing[] met) =>
        On(Over(), stands: stands) with
        {
            Horse = Make.Horse(8, met: met),
        };

    private static PartEntry Trot(double minutes = 10) => Make.Part(Phase.Work, Gait.Trot, minutes);

    private static FenceLineEntry OfTwo() => Grid(Cross(0.4), Upright(0.4, 1));

    private static FenceLineEntry OfThree() => Grid(Cross(0.4), Upright(0.4, 1), Upright(0.5, 1));

    private static FenceLineEntry Grid(params LineElementEntry[] elements) => Line(LineKind.Grid, Gait.Trot, elements);

    private static PartEntry Gathered(Outline outline) => Trot() with { Outline = outline };

    private static PlanContext AfterTreatment(params PartEntry[] work) => On(work) with { TreatedOn = Make.Today.AddDays(-1) };

    private static PartEntry Led(double minutes) => Make.Part(Phase.Work, Gait.Walk, minutes) with { Manner = Manner.InHand };

    private static PartEntry Saddle(double minutes) => Make.Part(Phase.Work, Gait.Walk, minutes) with { Manner = Manner.Ridden };

    private static PartEntry Lunge() => Make.Part(Phase.Work, Gait.Trot, 3) with { Manner = Manner.Lunged };

    private static PartEntry Lines() => Make.Part(Phase.Work, Gait.Trot, 3) with { Manner = Manner.LongReined };

    private static PartEntry Typed(int fences, double? height = null, Gait gait = Gait.Trot) =>
        Make.Part(Phase.Work, gait, 3) with
        {
            Efforts = fences,
            HeightMetres = height,
        };

    private static PartEntry Rung(string id, Gait gait) => Make.Part(Phase.Work, gait, 6) with { RungId = id };

    /// <summary>So many rungs above one.</summary>
    private static string Up(string id, int rungs) => Catalogue.Ladder(Catalogue.Rung(id).Strand)[Catalogue.Rung(id).Step - 1 + rungs].Id;

    private static PartEntry Over(Gait gait = Gait.Trot, double minutes = 6) => Make.Part(Phase.Work, gait, minutes, setUp: Stands);

    private static PartEntry Of(string exercise) =>
        Make.Part(Phase.Work, Gait.Trot, 8) with
        {
            ExerciseId = exercise,
            RungId = Catalogue.Exercise(exercise).RungId,
        };

    private static CorridorEntry Lane(int stepsBack) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Sections = 2,
            WidthMetres = 1.1,
            Halts = 1,
            BackSteps = stepsBack,
        };

    private static SetUpEntry Built(string exercise) => Catalogue.Exercise(exercise).SetUp!;

    private static PartEntry Change(int? times) =>
        Make.Part(Phase.NewWork, Gait.Canter, 4) with
        {
            RungId = "changes/single-change",
            Times = times,
        };

    private static PlanContext Learns(params PartEntry[] work) =>
        On(Make.GoodParts(work.Length == 1 ? [Trot(16), .. work] : work)) with
        {
            Places = Places("changes/counter-canter-settled"),
        };

    private static PlanContext Sit(int calm, params PartEntry[] parts) =>
        On(parts, age: 4) with
        {
            Places = Core.Exercises.Places.From([]),
            CalmSits = calm,
        };

    private static AfterClearance Cleared(int days) => new(Make.Today.AddDays(-1), days, false);

    private static RampLimit Ramp() => new(36, 4, 0, false, true, false, false, Because);

    private static RampLimit FirstWeek() => new(10, 0, 0, false, false, false, true, Because);

    private static NearbyDay Jumped(int day) => new(Make.Today.AddDays(day), false, true);

    private static Restriction Low(double metres) =>
        Restriction
            .From(Guid.NewGuid(), new RestrictionEntry("tendon", "the vet", null, null, [], [], metres), Make.Horse(), Make.Today)
            .OrThrow();

    private static Restriction Treated(int easyUntil, RuledOut ruledOut = RuledOut.Fences) =>
        new CareVisit(Guid.NewGuid(), CareKind.Therapist, Make.Today.AddDays(-2), "Jory Penhale", "", null)
        {
            EasyUntil = Make.Today.AddDays(easyUntil),
            RuledOut = [ruledOut],
        }.AsRestriction()!;

    private static Pair Held(List<PartEntry> parts, SetUpEntry? stands = null) =>
        new(
            "LamenessHold",
            Is.Hard,
            On(parts, stands: stands) with
            {
                HeldBecause = "off",
                WalkInHandBy = "Iva Sorrel",
            },
            On(Parts(Led(10))) with
            {
                HeldBecause = "off",
                WalkInHandBy = "Iva Sorrel",
            }
        );
}
