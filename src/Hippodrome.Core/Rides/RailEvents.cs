using System.Text.Json.Serialization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Rides;

public enum Leg
{
    LeftFore,
    RightFore,
    LeftHind,
    RightHind,
}

/// <summary>Where the horse took off.</summary>
public enum TakeOff
{
    Close,
    Good,
    Long,
}

/// <summary>What made a jump what it was.</summary>
public enum JumpCause
{
    Track,
    Pace,
    Hand,
    Horse,
    Distraction,
}

/// <summary>How a flying change came.</summary>
public enum ChangeQuality
{
    Clean,
    Late,
    ShortBehind,
    None,
}

/// <summary>From now on this gait, until another or a pause. At the rail the first one begins the ride.</summary>
public sealed record GaitNow(Guid Id, DateTimeOffset At, Gait Gait) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) { }
}

/// <summary>From now on this rein.</summary>
public sealed record ReinNow(Guid Id, DateTimeOffset At, Rein Rein) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) { }
}

/// <summary>From now on this part of the plan, counted from 0.</summary>
public sealed record PartBegun(Guid Id, DateTimeOffset At, int Part) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) => checks.Whole($"{at}.part", Part, 0, 29, "");
}

/// <summary>Nobody rides: an interruption, until the next gait.</summary>
public sealed record Paused(Guid Id, DateTimeOffset At, string Because) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) => checks.OptionalText($"{at}.because", Because, 120);
}

/// <summary>Someone else sits on the horse from now on.</summary>
public sealed record RiderNow(Guid Id, DateTimeOffset At, string Rider) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) => checks.Text($"{at}.rider", Rider, 80);
}

/// <summary>The ride is over. A gait tapped later takes it up again.</summary>
public sealed record RideEnded(Guid Id, DateTimeOffset At) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) { }
}

/// <summary>More about a jump, or a way over poles, that was tapped before: whatever was seen of it.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="Jump">The event of the jump, or of the pass.</param>
/// <param name="TakeOff">Close, good or long.</param>
/// <param name="LandedOn">The lead it landed on.</param>
/// <param name="ChangedBeforeTurn">A wrong lead was mended before the turn.</param>
/// <param name="Cause">Track, pace or hand are the rider's; the horse is not marked down for them.</param>
public sealed record JumpTold(
    Guid Id,
    DateTimeOffset At,
    Guid Jump,
    TakeOff? TakeOff,
    Rein? LandedOn,
    bool? ChangedBeforeTurn,
    JumpCause? Cause
) : RideEvent(Id, At)
{
    /// <summary>Untidy, though it went.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool Untidy { get; init; }

    internal override void Check(Checks checks, string at)
    {
        checks.That(Jump != Id, $"{at}.jump", "This does not say which jump.", "Name the event of the jump.");
        checks.That(LandedOn != Rein.Both, $"{at}.landedOn", "A horse lands on one lead.", "Left or right.");
    }
}

/// <summary>A flying change asked for.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="To">The new lead.</param>
/// <param name="Quality">How it came.</param>
/// <param name="Where">Where it was asked.</param>
public sealed record ChangeRidden(Guid Id, DateTimeOffset At, Rein To, ChangeQuality Quality, ArenaPlace Where) : RideEvent(Id, At)
{
    /// <summary>How the asking was answered; alone where nobody said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public HorseAnswer? Answered { get; init; }

    /// <summary>As the test has it, and not as training.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool InTest { get; init; }

    internal override void Check(Checks checks, string at) =>
        checks.That(To != Rein.Both, $"{at}.to", "A change goes to one lead.", "Left or right.");
}

/// <summary>Strides counted between two poles or fences a known distance apart.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="SetUpId">The line, if it is a set-up.</param>
/// <param name="Variant">How it was ridden.</param>
/// <param name="Rein">On which rein.</param>
/// <param name="Metres">The distance between, from inside to inside.</param>
/// <param name="Strides">Strides between; the bound over the poles is not counted.</param>
/// <param name="OverPoles">Between ground poles, where n strides take n + 1 stride lengths.</param>
/// <param name="Planned">The count that was planned.</param>
public sealed record StridesCounted(
    Guid Id,
    DateTimeOffset At,
    Guid? SetUpId,
    GaitVariant Variant,
    Rein Rein,
    double Metres,
    int Strides,
    bool OverPoles,
    int? Planned
) : RideEvent(Id, At)
{
    /// <summary>Which gap of the line, from 1; null where it has one.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? Gap { get; init; }

    /// <summary>Ridden as it goes and not for a count: only this tells the horse's own stride.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool AsItGoes { get; init; }

    internal override void Check(Checks checks, string at)
    {
        checks.Number($"{at}.metres", Metres, 2, 120, "m");
        checks.Whole($"{at}.strides", Strides, 0, 40, "strides");
        checks.That(Gap is null or (>= 1 and <= 20), $"{at}.gap", "The line has no such gap.", "Count the gaps from the first.");
    }
}

/// <summary>Steps sideways on one side: asked and given.</summary>
public sealed record YieldSteps(Guid Id, DateTimeOffset At, Rein AwayFrom, int Asked, int Given) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at)
    {
        checks.That(AwayFrom != Rein.Both, $"{at}.awayFrom", "A horse yields from one leg.", "Left or right.");
        checks.Whole($"{at}.asked", Asked, 1, 40, "steps");
        checks.Whole($"{at}.given", Given, 0, 40, "steps");
    }
}

/// <summary>Advice given while it was ridden, and what was made of it.</summary>
public sealed record AdviceAnswered(Guid Id, DateTimeOffset At, string Rule, bool Accepted) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) => checks.Text($"{at}.rule", Rule, 60);
}

/// <summary>What to take up next time.</summary>
public sealed record NextToDo(Guid Id, DateTimeOffset At, string Text) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) => checks.Text($"{at}.text", Text, 500);
}
