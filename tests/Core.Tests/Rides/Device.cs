using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Tests.Rides;

/// <summary>Taps at the rail: a device with a clock of its own that a test can move about.</summary>
internal sealed class Device
{
    public static readonly DateTimeOffset Morning = new(2026, 4, 18, 7, 0, 0, TimeSpan.Zero);

    private readonly Guid _id = Guid.NewGuid();
    private Guid _run = Guid.NewGuid();
    private double _runBegan;
    private int _number;

    /// <summary>How far its wall clock is ahead of the true time, in minutes.</summary>
    public double Ahead { get; set; }

    /// <summary>Minutes its seconds have missed, asleep.</summary>
    public double Slept { get; set; }

    public void Reload(double minute)
    {
        _run = Guid.NewGuid();
        _runBegan = minute;
        Slept = 0;
    }

    public RideEvent Tap(double minute, Func<Guid, DateTimeOffset, RideEvent> make) =>
        make(Guid.NewGuid(), Morning.AddMinutes(minute + Ahead)) with
        {
            Clock = new TapClock(_id, _run, _number++, (minute - _runBegan - Slept) * 60),
        };

    public RideEvent Gait(double minute, Gait gait) => Tap(minute, (id, at) => new GaitNow(id, at, gait));

    public RideEvent Rein(double minute, Rein rein) => Tap(minute, (id, at) => new ReinNow(id, at, rein));

    public RideEvent Part(double minute, int part) => Tap(minute, (id, at) => new PartBegun(id, at, part));

    public RideEvent End(double minute) => Tap(minute, (id, at) => new RideEnded(id, at));
}
