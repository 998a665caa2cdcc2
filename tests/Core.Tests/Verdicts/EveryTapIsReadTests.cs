using System.Globalization;
using System.Reflection;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using System.Text.RegularExpressions;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Tests.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>
/// Nothing is tapped that nothing reads: every kind of event of the API document, and every choice of each of its fields,
/// makes the verdicts, the rail, what repeats, the sums or the ladder come out otherwise. What a record only echoes does not
/// count.
/// </summary>
public class EveryTapIsReadTests
{
    private static readonly JsonSerializerOptions Options = Json.Options;

    private static Guid New => Guid.NewGuid();

    private static readonly Efforts Jump = new(New, default, null, Rein.Left, 0.6, EffortOutcome.Clear, 1);
    private static readonly SignSeen Slip = new(New, default, Sign.Leans, Rein.Left);

    /// <summary>One of each kind, after what it is about.</summary>
    private static readonly Dictionary<Type, (RideEvent Event, RideEvent[] Before)> Samples = new RideEvent[]
    {
        new Ridden(New, default, Gait.Trot, Rein.Left, 5),
        new Transitions(New, default, Gait.Walk, Gait.Trot, 3),
        new PolesPassed(New, default, null, Rein.Left, 1, 1, 0) { Leg = Leg.LeftHind, Element = 2 },
        Jump with
        {
            Id = New,
            Outcome = EffortOutcome.Rub,
            Leg = Leg.LeftHind,
            Element = 2,
        },
        new Marked(New, default, Rein.Left, Mark.Of(6), ""),
        new TensionSeen(New, default, 3),
        new ExertionSeen(New, default, 4),
        Slip with
        {
            Id = New,
        },
        new ClosingTest(New, default, false),
        new WeatherRead(New, default, 33, 70, false),
        new PartBegun(New, default, 1),
        new Paused(New, default, ""),
        new RiderNow(New, default, "Tam"),
        new RideEnded(New, default),
        new ChangeRidden(New, default, Rein.Left, ChangeQuality.Late, ArenaPlace.Diagonal),
        new StridesCounted(New, default, null, GaitVariant.CanterWorking, Rein.Left, 10, 3, true, 3),
        new YieldSteps(New, default, Rein.Left, 4, 0),
        new LegTouched(New, default, Leg.LeftHind, 2) { Element = 1 },
        new Fell(New, default, Faller.Rider, false),
        new Stands(New, default, 0, null, Instead.Walk),
        new Attempted(New, default, Movement.Halt, HorseAnswer.Not, null, ArenaPlace.CentreLine),
        new SeriesRidden(New, default, 4, 5, null, Rein.Left, 3, ArenaPlace.Diagonal),
        new QuestionRidden(New, default, QuestionKind.Log, QuestionWay.FromLeft, QuestionHow.Boldly),
        new Travelled(New, default, TravelHow.Smooth),
        new MannerNow(New, default, Manner.InHand),
        new TackLooked(New, default, false, true, true, true, 5),
        new TestAnswered(New, default, OpeningTest.PromptDeparts, false),
    }
        .Select(e => ((RideEvent Event, RideEvent[] Before))(e, []))
        .Append(((RideEvent Event, RideEvent[] Before))(new GaitNow(New, default, Gait.Trot), [new GaitNow(New, default, Gait.Canter)]))
        .Append(((RideEvent Event, RideEvent[] Before))(new ReinNow(New, default, Rein.Left), [new ReinNow(New, default, Rein.Right)]))
        .Append(
            ((RideEvent Event, RideEvent[] Before))
                (new JumpTold(New, default, Jump.Id, TakeOff.Long, Rein.Right, null, JumpCause.Hand), [Jump])
        )
        .Append(((RideEvent Event, RideEvent[] Before))(new MoreTold(New, default, Slip.Id, Rein.Left), [Slip]))
        .Append(
            ((RideEvent Event, RideEvent[] Before))
                (new AskedAgain(New, default, Slip.Id, HorseAnswer.Alone), [Slip, new MoreTold(New, default, Slip.Id, Later: true)])
        )
        .Append(((RideEvent Event, RideEvent[] Before))(new AdviceAnswered(New, default, "LeansOnHand", true), [Slip]))
        .Append(((RideEvent Event, RideEvent[] Before))(new TakenBack(New, default, Slip.Id), [Slip]))
        .ToDictionary(s => s.Event.GetType());

    /// <summary>Words only: they are for people, and no rule reads them.</summary>
    private static readonly Type[] Words = [typeof(Noted), typeof(NextToDo)];

    /// <summary>What a choice changes somewhere that is not looked at here, each with the place.</summary>
    private static readonly Dictionary<string, string> Elsewhere = new()
    {
        ["GaitNow.Gait=Canter"] = "it canters already",
        ["ReinNow.Rein=Right"] = "it is ridden already",
        ["TackLooked.AsLastTime=true"] = "the question before the start is answered, and not asked again",
        ["StridesCounted.AsItGoes=true"] = "the stride card is fed (RailTests)",
        ["SignSeen.Known"] = "a vet's old finding holds no horse (RideRulesTests)",
        ["WeatherRead.Simulated=true"] = "a reading of the stand-in is shown as that",
    };

    [Fact]
    public void Every_kind_there_is_is_looked_at() =>
        typeof(RideEvent)
            .GetCustomAttributes<JsonDerivedTypeAttribute>()
            .Select(a => a.DerivedType)
            .Except(Words)
            .ShouldBe(Samples.Keys, ignoreOrder: true);

    /// <summary>The check can fail: a word alone changes nothing of what is looked at.</summary>
    [Fact]
    public void A_word_alone_is_not_read() => Read([new Noted(New, default, "quiet")]).ShouldBe(Read([]));

    [Fact]
    public void Every_choice_of_every_event_is_read()
    {
        var unread = new List<string>();
        foreach (var (type, (sample, before)) in Samples)
        {
            foreach (var (name, choice) in Choices(sample))
            {
                if (RideLog.FaultsOf(choice with { At = Make.Morning }, 0).Count > 0 || Elsewhere.Keys.Any(name.StartsWith))
                {
                    continue;
                }

                if (Read([.. before]) == Read([.. before, choice]))
                {
                    unread.Add(name);
                }
            }
        }

        unread.ShouldBeEmpty();
    }

    private static IEnumerable<(string, RideEvent)> Choices(RideEvent sample)
    {
        yield return ($"{sample.GetType().Name}", sample);
        foreach (var property in sample.GetType().GetProperties().Where(p => p.CanWrite))
        {
            var type = Nullable.GetUnderlyingType(property.PropertyType) ?? property.PropertyType;
            object[] values =
                type.IsEnum ? [.. Enum.GetValues(type).Cast<object>()]
                : type == typeof(bool) ? [true]
                : [];
            foreach (var value in values)
            {
                var body = JsonSerializer.SerializeToNode(sample, Options)!.AsObject();
                body[JsonNamingPolicy.CamelCase.ConvertName(property.Name)] = JsonSerializer.SerializeToNode(value, type, Options);
                yield return (
                    $"{sample.GetType().Name}.{property.Name}={value.ToString()!.Replace("True", "true")}",
                    body.Deserialize<RideEvent>(Options)!
                );
            }
        }
    }

    /// <summary>What is made of a ride twice ridden, on a plan with a test, on a short first day.</summary>
    private static string Read(RideEvent[] events)
    {
        var facts = Railside.Facts() with
        {
            FirstDay = true,
            Parts =
            [
                new RailPart(MarkPad.Changes, 0, 0, 0, null)
                {
                    Phase = Phase.Work,
                    Minutes = 10,
                    Times = 3,
                    OpensWith = OpeningTest.PromptDeparts,
                },
                new RailPart(MarkPad.Poles, 0, 0, 0, null)
                {
                    Phase = Phase.Work,
                    Minutes = 5,
                    SetUp = Make.Poles(),
                },
            ],
        };
        // The same minutes, however much was tapped in them.
        var tapped = new Railside(facts).Tap([.. events]).For(10 - (events.Length * 0.1)).Tap(new ReinNow(New, default, Rein.Both));
        var record = RideRecord.Fold(tapped.Log);
        var rides = new[] { 0, 3 }
            .Select(d => new RiddenOnce(Guid.Empty, Make.Today.AddDays(-d), "Verity", record) { Parts = ["Changes", "Poles"] })
            .ToList();
        var rung = Catalogue.Rung("changes/single-change");
        var earlier = new[] { new EarlierRide(Make.Today.AddDays(-3), record) };
        var read = JsonSerializer.Serialize(
            new object?[]
            {
                RideRules.Judge(new VerdictContext(facts, record, earlier)),
                tapped.Now,
                WhatRepeats
                    .Of(rides)
                    .Select(r => new
                    {
                        r.Kind,
                        r.What,
                        r.Times,
                        r.In,
                        r.OnFirstRein,
                    }),
                AttemptsOver.Of(rides),
                RidersDistance.Over(rides),
                OneHind.Of([record]),
                RideTotals.Of(record) with
                {
                    Notes = [],
                },
                record.Rail.Riders,
                record.Rail.Travels,
                record.Rail.Manners,
                record.Rail.Lines,
                record.Rail.Jumps,
                record.Rail.Ended is null,
                TackLooks.AskedOn(Make.Today, false, [(Make.Today, record)]).ToString(),
                QuestionsOver.Of(rides),
                RungRules.IsGood(rung, record),
            },
            Options
        );
        // Minutes come from dates: the last digits are their arithmetic.
        return Regex.Replace(read, @"\d+\.\d+", n =>
            Math.Round(double.Parse(n.Value, CultureInfo.InvariantCulture), 2).ToString(CultureInfo.InvariantCulture)
        );
    }
}
