using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;

namespace Hippodrome.Core.Tests.Rides;

/// <summary>Somebody at the rail who taps, and is told what the judge says after each tap. It begins in walk in the first part.</summary>
internal sealed class Railside
{
    private readonly Device _device = new();
    private readonly List<RideEvent> _taps = [];
    private readonly RideFacts _facts;
    private double _minute;

    public Railside(RideFacts? facts = null)
    {
        _facts = facts ?? Facts();
        Tap(new PartBegun(Guid.NewGuid(), default, 0), new GaitNow(Guid.NewGuid(), default, Gait.Walk));
    }

    /// <summary>A novice on a day with a helper, without plan, heat or history.</summary>
    public static RideFacts Facts(Experience experience = Experience.Novice) => new(Make.Today, experience, null, []) { Helper = true };

    public IReadOnlyList<RideEvent> Taps => _taps;

    public RideLog Log => RideLog.Kept(_taps);

    public RailJudgement Now => RailJudge.Judge(_facts, Log);

    /// <summary>The rule that speaks, or nothing.</summary>
    public string? Says => Now.Advice?.Rule;

    /// <summary>One after the other, six seconds apart.</summary>
    public Railside Tap(params RideEvent[] taps)
    {
        foreach (var tap in taps)
        {
            _minute += 0.1;
            _taps.Add(_device.Tap(_minute, (_, at) => tap with { At = at }));
        }

        return this;
    }

    /// <summary>Goes on for so many minutes.</summary>
    public Railside For(double minutes)
    {
        _minute += minutes;
        return this;
    }

    public Railside Part(int part) => Tap(new PartBegun(Guid.NewGuid(), default, part));

    public Railside In(Gait gait) => Tap(new GaitNow(Guid.NewGuid(), default, gait));

    public Railside Answered(string rule, bool accepted = false) => Tap(new AdviceAnswered(Guid.NewGuid(), default, rule, accepted));
}
