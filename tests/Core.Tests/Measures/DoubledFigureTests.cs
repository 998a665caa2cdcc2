using System.Reflection;
using System.Runtime.Loader;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Tests.Rides;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Measures;

/// <summary>
/// A figure lives once: doubled in a second Core beside this one, it changes what is said at the rail, in the review, of a
/// plan, on the tape and in the pages, and nothing else has to be edited. Server and device ask through this same JSON.
/// </summary>
public sealed class DoubledFigureTests
{
    [Fact]
    public void Efforts_of_a_novice_change_the_rail()
    {
        var taps = new Railside().Tap(Make.Jumped(Rein.Left, EffortOutcome.Clear, 26)).Taps;
        var ride = Json.Write(new RideCase(Railside.Facts(), taps, []));
        Course(Plain, ride).ShouldContain("EffortBudget");
        Course(OtherCore.With(typeof(SessionFigures), nameof(SessionFigures.MostEffortsNovice)), ride).ShouldNotContain("EffortBudget");
    }

    [Fact]
    public void Touches_of_one_leg_change_rail_and_review_alike()
    {
        var taps = new Railside().Tap(new LegTouched(Guid.NewGuid(), default, Leg.LeftFore, 5)).Taps;
        var ride = Json.Write(new RideCase(Railside.Facts(), taps, []));
        string[] sides = ["\"rail\":", "\"review\":["];
        string Said(OtherCore core, int side) => Course(core, ride).Split(sides[side])[^1].Split(sides[1])[0];
        var doubled = OtherCore.With(typeof(VerdictFigures), nameof(VerdictFigures.SameLegInOne));
        for (var side = 0; side < sides.Length; side++)
        {
            Said(Plain, side).ShouldContain("SameLeg");
            Said(doubled, side).ShouldNotContain("SameLeg");
        }
    }

    [Fact]
    public void The_walk_that_comes_first_changes_the_check_of_a_plan()
    {
        var facts = new PlanFacts
        {
            On = Make.Today,
            Horse = Make.Horse(),
            Card = Make.Card(),
            SetUps = new Dictionary<Guid, SetUp>(),
            Nearby = [],
            Places = Places.At([]),
            Restrictions = [],
            Tack = new Dictionary<Guid, Tack>(),
            Air = new AirOfDay([], WorkingHours.Usual, null, null),
        };
        var carried = Json.Write(CarriedPlanning.Of(facts, Make.Today, [], new Dictionary<Guid, SetUpEntry>()));
        var entry = Json.Write(
            new SessionEntry(
                Make.Today,
                "Flatwork",
                Manner.Ridden,
                false,
                [Make.Part(Phase.WarmUp, Gait.Walk, 8), Make.Part(Phase.Work, Gait.Trot, 15), Make.Part(Phase.CoolDown, Gait.Walk, 6)],
                ""
            )
        );
        Faults(Plain, carried, entry).ShouldNotContain("WalkFirstTooShort");
        Faults(OtherCore.With(typeof(SessionFigures), nameof(SessionFigures.WalkFirst)), carried, entry).ShouldContain("WalkFirstTooShort");
    }

    [Fact]
    public void The_step_of_a_tape_changes_what_is_built_and_what_a_page_snaps_to()
    {
        var entry = Json.Write<SetUpEntry>(
            new PoleLineEntry
            {
                Arena = ArenaSize.SixtyByTwenty,
                Line = ArenaLine.LeftQuarterLine,
                Heading = Heading.TowardsC,
                MiddleMetres = 30,
                Variant = GaitVariant.TrotWorking,
                Poles = 4,
                Raising = Raising.Ground,
            }
        );
        var horse = Json.Write(CarriedHorse.Of(Make.Height(165), [], new Tape(LengthUnit.Metres, PersonPace.Uncalibrated)));
        var doubled = OtherCore.With(typeof(Tape), nameof(Tape.MetreStep));
        Gap(Plain, horse, entry).ShouldContain("\"metres\":\"1.35 m\"");
        Gap(doubled, horse, entry).ShouldContain("\"metres\":\"1.40 m\"");
        Workshop(Plain).ShouldContain("\"metreStep\":0.05");
        Workshop(doubled).ShouldContain("\"metreStep\":0.1");
    }

    private static readonly OtherCore Plain = new();

    private static string Course(OtherCore core, string ride) =>
        core.Write(OtherCore.Call(core.Read<RideCase>(ride), nameof(RideCase.Course))!);

    private static string Faults(OtherCore core, string carried, string entry)
    {
        var facts = OtherCore.Call(core.Read<CarriedPlanning>(carried), nameof(CarriedPlanning.Facts))!;
        var plan = core.CallOn<SessionPlan>(nameof(SessionPlan.From), Guid.NewGuid(), core.Read<SessionEntry>(entry), Make.Today)!;
        return core.Write(OtherCore.Call(facts, nameof(PlanFacts.Check), OtherCore.Call(plan, "get_Value")!)!);
    }

    private static string Gap(OtherCore core, string horse, string entry)
    {
        var carried = core.Read<CarriedHorse>(horse);
        var setUp = OtherCore.Call(OtherCore.Call(core.Read<SetUpEntry>(entry), nameof(SetUpEntry.Check))!, "get_Value")!;
        var (card, tape) = (OtherCore.Call(carried, nameof(CarriedHorse.Card))!, OtherCore.Call(carried, nameof(CarriedHorse.Tape))!);
        return core.Write(OtherCore.Call(setUp, nameof(SetUp.MeasureFor), card, tape)!);
    }

    private static string Workshop(OtherCore core) => core.Write(Activator.CreateInstance(core.Type(typeof(WorkshopFigures)))!);

    /// <summary>A second Core, loaded beside this one, of which one figure may be doubled.</summary>
    private sealed class OtherCore : AssemblyLoadContext
    {
        private Assembly Core => field ??= LoadFromAssemblyPath(typeof(RideCase).Assembly.Location);

        /// <summary>What Core rests on is shared.</summary>
        protected override Assembly? Load(AssemblyName assemblyName) => null;

        public static OtherCore With(Type of, string figure)
        {
            var core = new OtherCore();
            var there = core.Type(of).GetField(figure, BindingFlags.Public | BindingFlags.Static)!.GetValue(null)!;
            var value = there.GetType().GetField("<Value>k__BackingField", BindingFlags.NonPublic | BindingFlags.Instance)!;
            object doubled = value.GetValue(there) switch
            {
                int whole => (object)(whole * 2),
                var number => (double)number! * 2,
            };
            value.SetValue(there, doubled);
            return core;
        }

        public Type Type(Type here) => Core.GetType(here.FullName!, throwOnError: true)!;

        public object Read<T>(string json) =>
            Type(typeof(Json)).GetMethod(nameof(Json.Read))!.MakeGenericMethod(Type(typeof(T))).Invoke(null, [json])!;

        public string Write(object value) =>
            (string)Type(typeof(Json)).GetMethod(nameof(Json.Write))!.MakeGenericMethod(value.GetType()).Invoke(null, [value])!;

        public static object? Call(object on, string method, params object[] with) => Fitting(on.GetType(), method, with).Invoke(on, with);

        public object? CallOn<T>(string method, params object[] with) => Fitting(Type(typeof(T)), method, with).Invoke(null, with);

        private static MethodInfo Fitting(Type of, string method, object[] with) =>
            of.GetMethods().Single(m => m.Name == method && m.GetParameters().Length == with.Length);
    }
}
