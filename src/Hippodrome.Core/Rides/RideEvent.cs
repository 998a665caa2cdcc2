using System.Text.Json.Serialization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Rides;

/// <summary>What became of a jump.</summary>
public enum EffortOutcome
{
    Clear,
    Rub,
    Knock,
    RunOutLeft,
    RunOutRight,
    Stop,
}

/// <summary>Where a horse went over a narrow fence; its sides are those of the horse's way.</summary>
public enum NarrowWhere
{
    Middle,
    ALittleLeft,
    ALittleRight,
    OffTheLeftEdge,
    OffTheRightEdge,
}

/// <summary>
/// One thing that happened in a ride, with an id made where it was typed. Events are appended and
/// never edited: a slip is corrected by another event that takes the first one back.
/// </summary>
/// <param name="Id">Made by the client, so that sending twice counts once.</param>
/// <param name="At">When it was tapped or typed.</param>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Ridden), "ridden")]
[JsonDerivedType(typeof(Transitions), "transitions")]
[JsonDerivedType(typeof(PolesPassed), "polesPassed")]
[JsonDerivedType(typeof(Efforts), "efforts")]
[JsonDerivedType(typeof(Marked), "marked")]
[JsonDerivedType(typeof(TensionSeen), "tensionSeen")]
[JsonDerivedType(typeof(ExertionSeen), "exertionSeen")]
[JsonDerivedType(typeof(SignSeen), "signSeen")]
[JsonDerivedType(typeof(ClosingTest), "closingTest")]
[JsonDerivedType(typeof(Noted), "noted")]
[JsonDerivedType(typeof(WeatherRead), "weatherRead")]
[JsonDerivedType(typeof(TakenBack), "takenBack")]
[JsonDerivedType(typeof(GaitNow), "gaitNow")]
[JsonDerivedType(typeof(ReinNow), "reinNow")]
[JsonDerivedType(typeof(PartBegun), "partBegun")]
[JsonDerivedType(typeof(Paused), "paused")]
[JsonDerivedType(typeof(RiderNow), "riderNow")]
[JsonDerivedType(typeof(RideEnded), "rideEnded")]
[JsonDerivedType(typeof(JumpTold), "jumpTold")]
[JsonDerivedType(typeof(ChangeRidden), "changeRidden")]
[JsonDerivedType(typeof(StridesCounted), "stridesCounted")]
[JsonDerivedType(typeof(YieldSteps), "yieldSteps")]
[JsonDerivedType(typeof(AdviceAnswered), "adviceAnswered")]
[JsonDerivedType(typeof(NextToDo), "nextToDo")]
[JsonDerivedType(typeof(LegTouched), "legTouched")]
[JsonDerivedType(typeof(Fell), "fell")]
[JsonDerivedType(typeof(Stands), "stands")]
[JsonDerivedType(typeof(Attempted), "attempted")]
[JsonDerivedType(typeof(SeriesRidden), "seriesRidden")]
[JsonDerivedType(typeof(MoreTold), "moreTold")]
[JsonDerivedType(typeof(AskedAgain), "askedAgain")]
[JsonDerivedType(typeof(QuestionRidden), "questionRidden")]
[JsonDerivedType(typeof(Travelled), "travelled")]
[JsonDerivedType(typeof(MannerNow), "mannerNow")]
[JsonDerivedType(typeof(TackLooked), "tackLooked")]
[JsonDerivedType(typeof(TestAnswered), "testAnswered")]
public abstract record RideEvent(Guid Id, DateTimeOffset At)
{
    /// <summary>Where a recorder at the rail made it; nothing when it was typed in afterwards.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public TapClock? Clock { get; init; }

    internal abstract void Check(Checks checks, string at);

    private protected static void CheckElement(Checks checks, string at, int? element) =>
        checks.That(
            element is null or (>= 1 and <= 30),
            $"{at}.element",
            "No such element stands there.",
            "Count from the first as it is ridden."
        );
}

/// <summary>A device's own count of taps and of seconds, which no change of its wall clock can move.</summary>
/// <param name="Device">Which device.</param>
/// <param name="Run">One opening of the recorder on it; a reload begins another.</param>
/// <param name="Number">A device numbers its taps in a ride as they are made, on through its runs.</param>
/// <param name="Seconds">Seconds since the run began.</param>
public sealed record TapClock(Guid Device, Guid Run, int Number, double Seconds);

/// <summary>Minutes in a gait on a rein.</summary>
public sealed record Ridden(Guid Id, DateTimeOffset At, Gait Gait, Rein Rein, double Minutes) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) => checks.Number($"{at}.minutes", Minutes, 0.1, 240, "minutes");
}

/// <summary>Transitions of one kind.</summary>
public sealed record Transitions(Guid Id, DateTimeOffset At, Gait From, Gait To, int Count) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at)
    {
        checks.Whole($"{at}.count", Count, 1, 500, "transitions");
        checks.That(From != To, $"{at}.to", "A transition goes from one gait to another.", "Choose two different gaits.");
    }
}

/// <summary>Passes over a line of poles on one rein: each either clean or touched; some of either rushed.</summary>
public sealed record PolesPassed(Guid Id, DateTimeOffset At, Guid? SetUpId, Rein Rein, int Clean, int Touched, int Rushed)
    : RideEvent(Id, At)
{
    /// <summary>The leg that touched, if someone saw it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Leg? Leg { get; init; }

    /// <summary>Poles that stood at that moment.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? Poles { get; init; }

    /// <summary>The pole that was touched, from 1, if someone saw it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? Element { get; init; }

    internal override void Check(Checks checks, string at)
    {
        checks.That(Poles is null or (>= 1 and <= 30), $"{at}.poles", "That is no row of poles.", "Count the poles that stood.");
        CheckElement(checks, at, Element);
        checks.Whole($"{at}.clean", Clean, 0, 200, "passes");
        checks.Whole($"{at}.touched", Touched, 0, 200, "passes");
        checks.Whole($"{at}.rushed", Rushed, 0, 200, "passes");
        checks.That(Clean + Touched > 0, $"{at}.clean", "No pass was made.", "Count the passes, clean or touched.");
        checks.That(
            Rushed <= Clean + Touched,
            $"{at}.rushed",
            $"{Rushed} were rushed and only {Clean + Touched} were made.",
            "Count rushed passes among the clean and touched ones."
        );
        checks.That(Rein != Rein.Both, $"{at}.rein", "Left and right are counted apart here.", "Give the passes of each rein.");
    }
}

/// <summary>Jumps with the same outcome on one rein.</summary>
public sealed record Efforts(Guid Id, DateTimeOffset At, Guid? SetUpId, Rein Rein, double HeightMetres, EffortOutcome Outcome, int Count)
    : RideEvent(Id, At)
{
    /// <summary>The leg that rubbed or knocked, if someone saw it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Leg? Leg { get; init; }

    /// <summary>The fence of the line, from 1, if someone saw it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? Element { get; init; }

    /// <summary>Where it went over a narrow fence.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public NarrowWhere? Over { get; init; }

    internal override void Check(Checks checks, string at)
    {
        CheckElement(checks, at, Element);
        checks.Number($"{at}.heightMetres", HeightMetres, 0.1, 2.0, "m");
        checks.Whole($"{at}.count", Count, 1, 100, "jumps");
        checks.That(Rein != Rein.Both, $"{at}.rein", "Left and right are counted apart here.", "Give the jumps of each rein.");
    }
}

/// <summary>A mark for the work on one rein.</summary>
public sealed record Marked(Guid Id, DateTimeOffset At, Rein Rein, Mark Mark, string About) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) => checks.OptionalText($"{at}.about", About, 120);
}

/// <summary>Tension in five words: 0 asleep, 1 relaxed and attentive, 2 keen, 3 tense, 4 over the top.</summary>
public sealed record TensionSeen(Guid Id, DateTimeOffset At, int Tension) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) => checks.Whole($"{at}.tension", Tension, 0, 4, "");
}

/// <summary>How hard it was for the horse, 0 to 10 (Borg CR-10; Foster 2001).</summary>
public sealed record ExertionSeen(Guid Id, DateTimeOffset At, double Exertion) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) => checks.Number($"{at}.exertion", Exertion, 0, 10, "");
}

/// <summary>A sign, on one rein where it belongs to one.</summary>
public sealed record SignSeen(Guid Id, DateTimeOffset At, Sign Sign, Rein? Rein) : RideEvent(Id, At)
{
    /// <summary>What a vet has entered as old and known, where this is that and nothing new.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Guid? Known { get; init; }

    internal override void Check(Checks checks, string at) { }
}

/// <summary>Reins dropped at the end: did the head go down and out?</summary>
public sealed record ClosingTest(Guid Id, DateTimeOffset At, bool Passed) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) { }
}

/// <summary>A word in the rider's own words.</summary>
public sealed record Noted(Guid Id, DateTimeOffset At, string Text) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) => checks.Text($"{at}.text", Text, 4000);
}

/// <summary>Temperature and humidity at the ride.</summary>
public sealed record WeatherRead(Guid Id, DateTimeOffset At, double TemperatureC, double HumidityPercent, bool Simulated)
    : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at)
    {
        checks.Number($"{at}.temperatureC", TemperatureC, -30, 50, "°C");
        checks.Number($"{at}.humidityPercent", HumidityPercent, 0, 100, "%");
    }
}

/// <summary>Touches of poles told by leg, as a total.</summary>
public sealed record LegTouched(Guid Id, DateTimeOffset At, Leg Leg, int Count) : RideEvent(Id, At)
{
    /// <summary>The pole that was touched, from 1, if someone saw it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? Element { get; init; }

    internal override void Check(Checks checks, string at)
    {
        checks.Whole($"{at}.count", Count, 1, 200, "touches");
        CheckElement(checks, at, Element);
    }
}

/// <summary>Who fell.</summary>
public enum Faller
{
    Rider,
    Horse,
    Both,
}

/// <summary>A fall: jumping ends, the horse is looked over and the rider seen to.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="Who">Who fell.</param>
/// <param name="Head">A knock to the head: no more riding that day, and a doctor.</param>
public sealed record Fell(Guid Id, DateTimeOffset At, Faller Who, bool Head) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) { }
}

/// <summary>An earlier event no longer counts. It stays in the log.</summary>
public sealed record TakenBack(Guid Id, DateTimeOffset At, Guid Event) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) =>
        checks.That(Event != Id, $"{at}.event", "An event cannot take itself back.", "Name the event that was wrong.");
}
