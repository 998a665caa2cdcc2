using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Server.Demo;

/// <summary>A planned session as someone tapped it at the rail: to the minute, with a girth to tighten and one slip.</summary>
internal sealed class DemoTaps
{
    private readonly List<RideEvent> _events = [];
    private readonly Guid _device = Guid.NewGuid();
    private readonly DateTimeOffset _began;
    private double _minute;

    private DemoTaps(DateTimeOffset began) => _began = began;

    /// <param name="plan">What is ridden.</param>
    /// <param name="passes">Clean passes over what stands, on each rein.</param>
    /// <param name="went">Marks, tension, exertion, closing test, and what to do next time.</param>
    /// <param name="walkedLast">Minutes of the last part, where the rider came in sooner than planned.</param>
    public static IReadOnlyList<RideEvent> Of(SessionPlan plan, int passes, Went went, double? walkedLast = null)
    {
        var taps = new DemoTaps(new DateTimeOffset(plan.On, new TimeOnly(8, 30), TimeSpan.Zero));
        foreach (var (part, i) in plan.Parts.Select((p, i) => (p, i)))
        {
            taps.Tap((id, at) => new PartBegun(id, at, i));
            if (i == 1)
            {
                taps.Slip();
                taps.Stop(2, "Girth or tack");
            }

            taps.Ride(part, i == plan.Parts.Count - 1 ? walkedLast ?? part.Minutes : part.Minutes, passes);
            if (part.Phase == Phase.Work)
            {
                taps.Tap((id, at) => new Marked(id, at, Rein.Left, Mark.Of(went.Left!.Value), ""));
                taps.Tap((id, at) => new Marked(id, at, Rein.Right, Mark.Of(went.Right!.Value), ""));
            }
        }

        taps.Tap((id, at) => new RideEnded(id, at));
        taps.Tap((id, at) => new ClosingTest(id, at, went.Passed));
        taps.Tap((id, at) => new ExertionSeen(id, at, went.Exertion));
        taps.Tap((id, at) => new TensionSeen(id, at, went.Tension));
        if (went.Next is { } next)
        {
            taps.Tap((id, at) => new NextToDo(id, at, next));
        }

        return taps._events;
    }

    private void Ride(Part part, double minutes, int passes)
    {
        Rein[] reins = part.Rein == Rein.Both ? [Rein.Left, Rein.Right] : [part.Rein];
        Tap((id, at) => new GaitNow(id, at, part.Gait));
        foreach (var rein in reins)
        {
            Tap((id, at) => new ReinNow(id, at, rein));
            var each = minutes / reins.Length;
            var over = part.SetUpId is null ? 0 : passes;
            for (var n = 0; n < over; n++)
            {
                _minute += each / over;
                Tap((id, at) => new PolesPassed(id, at, part.SetUpId, rein, 1, 0, 0));
            }

            _minute += over == 0 ? each : 0;
        }
    }

    /// <summary>Canter tapped for trot, seen at once and taken back.</summary>
    private void Slip()
    {
        Tap((id, at) => new GaitNow(id, at, Gait.Canter));
        var slip = _events[^1].Id;
        Tap((id, at) => new TakenBack(id, at, slip));
    }

    private void Stop(double minutes, string because)
    {
        Tap((id, at) => new Paused(id, at, because));
        _minute += minutes;
    }

    private void Tap(Func<Guid, DateTimeOffset, RideEvent> make) =>
        _events.Add(
            make(Guid.NewGuid(), _began.AddMinutes(_minute)) with
            {
                Clock = new TapClock(_device, _device, _events.Count, _minute * 60),
            }
        );
}
