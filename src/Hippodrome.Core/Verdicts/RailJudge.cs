using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Verdicts;

/// <summary>One line of advice at the rail.</summary>
/// <param name="Rule">The rule's name, the same as in the review.</param>
/// <param name="Says">The line, large.</param>
/// <param name="Do">What to do.</param>
/// <param name="Seen">What was seen, where that is said with it.</param>
/// <param name="CanWait">"Not now" is offered.</param>
/// <param name="EndsRide">The ridden work ends with it.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record RailAdvice(string Rule, string Says, string Do, string? Seen, bool CanWait, bool EndsRide, Why Why)
{
    /// <summary>What following it makes of the rest of the ride.</summary>
    public RestOfRide Then { get; init; } = RestOfRide.AsItIs;
}

/// <summary>How long one part of the plan has been ridden.</summary>
public sealed record PartRidden(int Part, double Seconds);

/// <summary>A test that opens the part that is ridden.</summary>
/// <param name="Test">Which.</param>
/// <param name="Waits">It was not passed: the part waits, or falls away today.</param>
public sealed record OpeningNow(OpeningTest Test, bool Waits);

/// <summary>Where a ride stands after its last tap, and what is said of it.</summary>
public sealed record RailJudgement
{
    /// <summary>The one line that is said now; nothing where nothing is to be said.</summary>
    public required RailAdvice? Advice { get; init; }

    /// <summary>What was put off with "not now" and still stands, in the part that is ridden.</summary>
    public required IReadOnlyList<RailAdvice> PutOff { get; init; }

    /// <summary>The parts as they stand after what was rebuilt and replaced.</summary>
    public required IReadOnlyList<RailPart> Standing { get; init; }

    /// <summary>The stage that stands in the part that is ridden, with the steps from it; null where nothing stands.</summary>
    public required StageNow? Stage { get; init; }

    /// <summary>How many more of the movement of this part may be asked today; null where nobody counts.</summary>
    public required int? MayStillAsk { get; init; }

    /// <summary>The test that opens the part that is ridden, as long as it has not been passed; null where there is none.</summary>
    public required OpeningNow? Opening { get; init; }

    /// <summary>What is left of the limits of a short first day; nothing on any other.</summary>
    public required IReadOnlyList<Countdown> Countdowns { get; init; }

    /// <summary>What was let pass and is asked again, oldest first.</summary>
    public required IReadOnlyList<SignTold> LetPass { get; init; }

    /// <summary>Slips are let pass for now, unless somebody says otherwise.</summary>
    public required bool LetsPass { get; init; }

    /// <summary>Nothing is jumped any more in this ride.</summary>
    public required bool JumpingIsOver { get; init; }

    /// <summary>Nobody rides on.</summary>
    public required bool RidingIsOver { get; init; }

    /// <summary>Seconds ridden up to the last tap.</summary>
    public required double RiddenSeconds { get; init; }

    /// <summary>The same by part of the plan.</summary>
    public required IReadOnlyList<PartRidden> Parts { get; init; }
}

/// <summary>
/// A line that acts at once, wherever the judge has not come yet: what it is said on is told with it, so that a page needs
/// no list of its own.
/// </summary>
/// <param name="Advice">The line.</param>
/// <param name="Signs">Signs it is said on, unless a vet has entered them as old and known.</param>
/// <param name="OnFall">It is said on a fall.</param>
/// <param name="BeforeJumping">It is asked before the first fence, and nothing is jumped until it is answered.</param>
/// <param name="EndsJumping">Nothing is jumped any more in this ride.</param>
public sealed record RailStop(RailAdvice Advice, IReadOnlyList<Sign> Signs, bool OnFall, bool BeforeJumping, bool EndsJumping);

/// <summary>The judge at the rail: after each tap the same rules are asked as in the review, of what was tapped so far.</summary>
public static class RailJudge
{
    /// <summary>What stops the work at once, without anybody being asked.</summary>
    /// <param name="facts">What is known of the ride.</param>
    public static IReadOnlyList<RailStop> StopsOf(RideFacts facts)
    {
        ArgumentNullException.ThrowIfNull(facts);
        var pain = Stop(SoundnessRules.OffOrSore) with { Signs = [.. SignTable.OfPain] };
        var fall = Stop(SoundnessRules.Fall) with { OnFall = true };
        var alone = Stop(PoleAndFenceRules.FenceWithoutHelper) with { BeforeJumping = true };
        return facts.Helper ? [pain, fall] : [pain, fall, alone];
    }

    /// <summary>Where the ride stands after the last of these taps.</summary>
    /// <param name="facts">What is known besides.</param>
    /// <param name="log">Every tap so far.</param>
    public static RailJudgement Judge(RideFacts facts, RideLog log)
    {
        ArgumentNullException.ThrowIfNull(facts);
        var taps = RideTaps.Of(log);
        var course = new Course(facts, taps);
        var seen = RideRules.All.Where(rule => rule.Rail is not null).Select(course.Ask).OfType<Spoken>().ToList();
        var stretches = taps.Timeline.Stretches;
        var rides = taps.Timeline.IsUnderWay;
        var byGravity = seen.OrderBy(s => s.Rule.Gravity).ThenBy(s => s.Rule.Word).ToList();
        return new RailJudgement
        {
            Advice = rides ? byGravity.Find(s => s.Answer is null)?.Advice : null,
            PutOff = rides ? [.. byGravity.Where(s => s.Answer is { Accepted: false }).Select(s => s.Advice)] : [],
            Standing = course.Standing,
            Stage = course.Stage,
            MayStillAsk = course.MayStillAsk,
            Opening = course.Opening,
            Countdowns = FirstDayClock.Of(facts, taps),
            LetPass = [.. course.Signs.Where(s => s.IsOpen)],
            LetsPass = course.LetsPass,
            JumpingIsOver = seen.Exists(s => s.Rule.Rail!.EndsJumping),
            RidingIsOver =
                taps.Events.OfType<Fell>().Any(f => f.Head)
                || taps.Events.OfType<AdviceAnswered>().Any(a => RideRules.All.Any(r => r.Name == a.Rule && r.Rail is { EndsRide: true })),
            RiddenSeconds = Seconds(stretches),
            Parts =
            [
                .. stretches.Where(s => s.Part is not null).GroupBy(s => s.Part!.Value).Select(g => new PartRidden(g.Key, Seconds(g))),
            ],
        };
    }

    private static RailStop Stop(RideRule rule) =>
        new(rule.AtTheRail(rule.Rail!, new Finding(1, rule.Name)), [], false, false, rule.Rail!.EndsJumping);

    private static double Seconds(IEnumerable<Stretch> stretches) => Math.Round(stretches.Sum(s => s.Minutes) * 60, 1);

    /// <param name="Answer">What was answered, where there is nothing more of it since.</param>
    private sealed record Spoken(RideRule Rule, RailAdvice Advice, AdviceAnswered? Answer);

    /// <summary>One ride so far: all of it, the part that is being ridden, and either as it was when an advice was answered.</summary>
    private sealed class Course(RideFacts facts, RideTaps taps)
    {
        private const int Tense = 3;

        private readonly int? _part = taps.Events.OfType<PartBegun>().LastOrDefault()?.Part;
        private readonly Dictionary<(bool InPart, int Taps), VerdictContext> _contexts = [];

        public IReadOnlyList<RailPart> Standing { get; } = facts.PartsNow(taps);

        /// <summary>Every sign so far.</summary>
        public IReadOnlyList<SignTold> Signs { get; } = Told.Signs(taps);

        private RailPart? Planned => _part is { } part && part < facts.Parts.Count ? facts.Parts[part] : null;

        public StageNow? Stage => Planned is { } planned ? Stages.Of(planned, Standing[_part!.Value]) : null;

        public OpeningNow? Opening
        {
            get
            {
                if (Planned?.OpensWith is not { } test || Standing[_part!.Value].Instead is not null)
                {
                    return null;
                }

                var answer = taps.Events.OfType<TestAnswered>().LastOrDefault(t => t.Test == test);
                return answer?.Passed == true ? null : new OpeningNow(test, answer is not null);
            }
        }

        /// <summary>Its approach lets early slips go, or it is tense just now, and the work has not begun.</summary>
        public bool LetsPass =>
            Planned?.Phase == Phase.WarmUp
            && (
                facts.Ways.Are(ApproachQuestion.Mistake, Approach.LetItGo)
                || taps.Events.OfType<TensionSeen>().LastOrDefault() is { Tension: Tense }
            );

        /// <summary>Single changes while they are learned by their own limit, else what was planned.</summary>
        public int? MayStillAsk
        {
            get
            {
                if (Planned is not { } planned)
                {
                    return null;
                }

                var asked = Told.Attempts(taps).Count(a => a.Part == _part);
                var changes = planned.Pad == MarkPad.Changes && !facts.ChangesAreSure;
                int? most = changes ? Math.Min(planned.Times ?? int.MaxValue, SessionFigures.ChangesAsked.Value) : planned.Times;
                return most is { } limit ? Math.Max(0, limit - asked) : null;
            }
        }

        public Spoken? Ask(RideRule rule)
        {
            var line = rule.Rail!;
            if (rule.IsSlip && IsLetGo)
            {
                return null;
            }

            if (rule.Look(ContextAt(line.InPart, taps.Events.Count)) is not { } seen)
            {
                return null;
            }

            var answeredAt = LastAnswer(rule, line.InPart);
            // Answered, and nothing of it since.
            var answered = answeredAt >= 0 && rule.Look(ContextAt(line.InPart, answeredAt))?.Times >= seen.Times;
            var advice = rule.AtTheRail(line, seen) with
            {
                Then = RestOfRide.Of(seen.Change ?? line.Now ?? rule.Change, line, rule.Gravity, facts.Parts, Standing, _part),
            };
            return new Spoken(rule, advice, answered ? (AdviceAnswered)taps.Events[answeredAt] : null);
        }

        private int LastAnswer(RideRule rule, bool inPart)
        {
            for (var i = taps.Events.Count - 1; i >= 0; i--)
            {
                if (taps.Events[i] is AdviceAnswered answer && answer.Rule == rule.Name && (!inPart || IsHere(answer)))
                {
                    return i;
                }
            }

            return -1;
        }

        /// <summary>What the rules look at after so many taps.</summary>
        private VerdictContext ContextAt(bool inPart, int count)
        {
            if (!_contexts.TryGetValue((inPart, count), out var context))
            {
                var first = taps.Events.Take(count).Where(e => !inPart || IsHere(e)).ToHashSet(ReferenceEqualityComparer.Instance);
                context = new VerdictContext(facts, RideRecord.Of(taps.Where(first.Contains)), [])
                {
                    Moment = Moment.Riding,
                    Part = _part,
                    StandsNow = _part is { } now && now < Standing.Count ? Standing[now] : null,
                };
                _contexts[(inPart, count)] = context;
            }

            return context;
        }

        private bool IsLetGo => Planned?.Phase == Phase.WarmUp && facts.Ways.Are(ApproachQuestion.Mistake, Approach.LetItGo);

        private bool IsHere(RideEvent e) => taps.Timeline.PartOf(e) == _part;
    }
}
