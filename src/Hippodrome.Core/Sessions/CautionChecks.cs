using System.Globalization;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using static Hippodrome.Core.Sessions.PlanChecks;
using static Hippodrome.Core.Sessions.PlanMends;

namespace Hippodrome.Core.Sessions;

/// <summary>What protects horse and rider: holds, restrictions, age, helpers, and rungs that are not open yet.</summary>
internal static class CautionChecks
{
    public static readonly PlanRule[] All =
    [
        new(new Rule(Gravity.FallOrPain, "A held horse does no work until a vet has cleared it", Source.CommonPractice), LamenessHold, c =>
            c.WalkInHandBy is null ? [] : [LedWalk(c)]
        ),
        new(RulesOfWork.RuledOut, Restricted, c => [new Mend("Take what is restricted out", Without(c.Plan, p => IsRestricted(c, p)))]),
        new(RulesOfWork.InHandOnly, TooYoungToRide, c => [LedWalk(c)]),
        new(
            new Rule(
                Gravity.Budget,
                $"{SessionFigures.InHandMinutes.Value} minutes at most at the age of work in hand only",
                SessionFigures.InHandMinutes.Source
            ),
            TooLongForItsAge,
            c => [ShortenTo(c.Plan, SessionFigures.InHandMinutes.Value)]
        ),
        new(new Rule(Gravity.Budget, "Every rung has an age before which it is not asked", Source.CommonPractice), TooYoungForRung, c =>
            [new Mend("Take that work out", Without(c.Plan, p => IsTooYoung(c, p)))]
        ),
        new(RulesOfWork.NobodyJumpsAlone, FenceWithoutHelper, c =>
            [Helped(c.Plan), new Mend("Take the fences out", Without(c.Plan, c.IsJumped))]
        ),
        new(
            new Rule(Gravity.Ease, "A rung is climbed on evidence: no more than one above its place", Source.CommonPractice),
            RungSkipped,
            c => [new Mend("Take that work out", Without(c.Plan, p => SkippedIn(c, p) is not null))]
        ),
        new(
            new Rule(
                Gravity.Budget,
                "A return to work leaves so much of each gait, and poles and fences from a stage on",
                Source.CommonPractice
            ),
            RampExceeded,
            c => [new Mend("Cut it to what its return leaves", Ramped(c, c.Ramp!))]
        ),
        new(
            new Rule(
                Gravity.HoldAndRefer,
                "After a hold the lunge, then long lines, then saddle, each after the one before was level and steady, and one rung down",
                SessionFigures.LightDay.Source
            ),
            StepsAfterClearance,
            c => [new Mend("Make it the step it is at", Stepped(c, c.Step!))]
        ),
        new(
            new Rule(
                Gravity.Budget,
                "The first month under saddle: four calm sits in walk before a few steps of trot, and short",
                SessionFigures.CalmSits.Source
            ),
            FirstMonth,
            c => [new Mend("Make it a calm sit", Sit(c))]
        ),
        new(
            new Rule(Gravity.Budget, "Two or three steps back at a time, and straight", SessionFigures.YoungStepsBack.Source),
            TooManyStepsBack,
            c => [new Mend("Take the steps back out", Without(c.Plan, p => StepsBack(c, p) > SessionFigures.YoungStepsBack.Value))]
        ),
        new(
            new Rule(
                Gravity.HoldAndRefer,
                "Poles and fences wait until somebody has looked at a leg that touches again and again",
                Source.CommonPractice
            ),
            SameLegTouches,
            c => [new Mend("Take the poles and fences out", Without(c.Plan, p => c.SetUpOf(p)?.HasPoles == true || c.IsJumped(p)))]
        ),
        new(new Rule(Gravity.Ease, "A rung opens when those it rests on are reached", Source.CommonPractice), RungNotOpen, c =>
            [
                new Mend(
                    "Take that work out",
                    Without(c.Plan, p =>
                        p.Rung is { } rung && c.Places is { } places && !places.Reached(rung) && places.Missing(rung, c.Age).Count > 0
                    )
                ),
            ]
        ),
        new(new Rule(Gravity.Danger, "Some rungs want a second pair of hands", Source.CommonPractice), RungWithoutHelper, c =>
            [Helped(c.Plan), new Mend("Take that work out", Without(c.Plan, p => p.Rung is { Helper: true } rung && !rung.IsJumped()))]
        ),
        new(
            new Rule(Gravity.Danger, "A helper puts a rolled pole right before the next pass", Source.CommonPractice),
            RaisedPolesWithoutHelper,
            c => [Helped(c.Plan), new Mend("Take the raised poles out", Without(c.Plan, p => c.SetUpOf(p)?.HasRaisedPole == true))]
        ),
    ];

    private static Amiss? LamenessHold(PlanContext c) =>
        c.HeldBecause is null || IsWalkInHand(c)
            ? null
            : Stop(
                $"{c.Horse.Name} is held: {c.HeldBecause}.",
                c.WalkInHandBy is { } vet
                    ? $"Rest, or walking in hand as {vet} has said; nothing else until it is cleared."
                    : "No work of any kind until a vet has cleared it: rest. Enter the clearance in the passport.",
                [c.HeldBecause]
            );

    /// <summary>Walking in hand while it is held, where a vet has said so.</summary>
    internal static bool IsWalkInHand(PlanContext c) =>
        c.WalkInHandBy is not null && c.Plan.IsLed && c.Plan.IsWalked && !c.HasPoles && !c.HasFence;

    /// <summary>The first restriction that the plan would break: a gait, a strand or a height that is out.</summary>
    private static Amiss? Restricted(PlanContext c)
    {
        foreach (var restriction in (c.Restrictions ?? []).Where(r => r.HoldsOn(c.Plan.On)))
        {
            var gait = c
                .Plan.Parts.Select(p => p.Gait)
                .Where(restriction.NoGaits.Contains)
                .Select(g => g.ToString().ToLowerInvariant())
                .FirstOrDefault();
            var strand = c.Plan.Parts.SelectMany(c.StrandsOf).Where(restriction.NoStrands.Contains).Select(s => s.Say()).FirstOrDefault();
            var fence = c.Plan.Parts.Any(p => IsTooHigh(c, p, restriction)) ? "that fence" : null;
            if ((gait ?? strand ?? fence) is { } broken)
            {
                return Stop(
                    $"{c.Horse.Name} is restricted ({restriction.Because}): {restriction.Says}.",
                    $"Take {broken} out, or {EndsWith(restriction)}.",
                    [$"said by {restriction.By}", restriction.Until is { } until ? $"until {until:d MMMM}" : "until it is cleared"]
                );
            }
        }

        return null;
    }

    private static string EndsWith(Restriction restriction) =>
        restriction switch
        {
            { ReferralId: not null } => "have somebody look, and write what came of the referral",
            _ => "have it cleared and enter the clearance in the passport",
        };

    private static Amiss? TooYoungToRide(PlanContext c) =>
        c.Age > SessionFigures.InHandOnlyTo.Value || c.Plan.IsLed
            ? null
            : Stop(
                $"{c.Horse.Name} is {c.Age}: too young to be ridden, lunged, long-reined or worked loose.",
                "Plan work in hand, ten minutes at most.",
                [Aged(c)]
            );

    private static Amiss? TooLongForItsAge(PlanContext c) =>
        c.Age > SessionFigures.InHandOnlyTo.Value || c.Plan.Minutes <= SessionFigures.InHandMinutes.Value
            ? null
            : Stop(
                Minutes($"{{0}} minutes is too long for a horse of {c.Age}.", c.Plan.Minutes),
                $"Keep it to {SessionFigures.InHandMinutes.Value} minutes.",
                [Aged(c)]
            );

    /// <summary>What is asked, chosen or implied by what stands. Age alone never refuses work in hand.</summary>
    private static Amiss? TooYoungForRung(PlanContext c)
    {
        var rung = c
            .Plan.Parts.Where(p => IsTooYoung(c, p))
            .SelectMany(p => Asked(c, p))
            .Select(any => any.MinBy(r => r.YoungestAge.Value)!)
            .FirstOrDefault(r => c.Age < r.YoungestAge.Value);
        return rung is null
            ? null
            : Stop(
                $"{c.Horse.Name} is {c.Age}: too young for {rung.Name}.",
                $"Wait until it is {rung.YoungestAge.Value}.",
                [Aged(c)],
                rung.YoungestAge.Source
            );
    }

    internal static bool IsTooYoung(PlanContext c, Part part) =>
        Asked(c, part)
            .Any(any => any.All(r => c.Age < r.YoungestAge.Value && !(r.Strand == Strand.InHand && part.Manner == Manner.InHand)));

    private static Amiss? FenceWithoutHelper(PlanContext c) =>
        !c.Plan.Parts.Any(c.IsJumped) || c.Plan.Helper
            ? null
            : Stop(
                "There is a fence in this session and nobody on the ground.",
                "Find a helper or a second rider, or take the fence out.",
                ["nobody jumps alone"]
            );

    /// <summary>More than one rung above where the horse stands, as it was chosen or as what stands implies it.</summary>
    private static Amiss? RungSkipped(PlanContext c)
    {
        var rung = c.Plan.Parts.Select(p => SkippedIn(c, p)).OfType<Rung>().OrderByDescending(r => IsHardToSkip(c, r)).FirstOrDefault();
        if (rung is null)
        {
            return null;
        }

        var at = c.Places![rung.Strand];
        var between = Catalogue.Ladder(rung.Strand).Skip(at?.Step ?? 0).Take(rung.Step - 1 - (at?.Step ?? 0)).Select(r => r.Name).ToList();
        Input[] inputs =
        [
            $"it stands {(at is null ? $"not on the ladder of {rung.Strand.Say()} yet" : $"on {at.Name}")}",
            $"missing: {string.Join(", ", between)}",
        ];
        var (says, mend) = (
            $"{rung.Name} is {rung.Step - (at?.Step ?? 0)} rungs above its place in {rung.Strand.Say()}.",
            $"First {between[0]}; or place it on the rung below by hand, with a word why."
        );
        return Fault(says, mend, inputs) with { Hard = IsHardToSkip(c, rung), PlaceOn = rung.FallBack };
    }

    /// <summary>The rung that a part skips to; null where none is skipped, or where a rung within reach would be the same work.</summary>
    internal static Rung? SkippedIn(PlanContext c, Part part) =>
        c.Places is not { } places
            ? null
            : Asked(c, part)
                .Where(any => any.All(r => r.Step > (places[r.Strand]?.Step ?? 0) + 1))
                .Select(any => any[0])
                .OrderByDescending(r => IsHardToSkip(c, r))
                .FirstOrDefault();

    private static bool IsHardToSkip(PlanContext c, Rung rung) =>
        rung.IsJumped() || (c.Age < SessionFigures.YoungTo.Value && rung.Step > 2);

    private static IEnumerable<IReadOnlyList<Rung>> Asked(PlanContext c, Part part) =>
        ImpliedRungs.Of(part, c.SetUpOf(part), c.DoseOf(part));

    /// <summary>Minutes, gaits, poles and fences beyond what a return to work leaves on that day.</summary>
    private static Amiss? RampExceeded(PlanContext c)
    {
        if (c.Age <= SessionFigures.InHandOnlyTo.Value || c.Ramp is not { } ramp || Beyond(c, ramp) is not { } beyond)
        {
            return null;
        }

        var says = $"It is coming back to work, and this goes beyond: {beyond}.";
        var mend = FormattableString.Invariant(
            $"{ramp.Total} minutes at most, {ramp.Trot} of trot and {ramp.Canter} of canter in them{(ramp.MayJump ? "" : ", no fence")}."
        );
        return Fault(says, mend, ramp.Why) with { Hard = ramp.Binding };
    }

    private static string? Beyond(PlanContext c, RampLimit ramp)
    {
        var plan = c.Plan;
        var (trot, canter) = (plan.CountedAs(Gait.Trot), plan.CountedAs(Gait.Canter));
        var worked = plan.Parts.Where(p => p.Manner != Manner.InHand || p.Gait is not (Gait.Walk or Gait.Halt)).Sum(p => p.Minutes);
        return ramp.MayShortFirstDay && IsShortFirstDay(c) ? null
            : c.HasFence && !ramp.MayJump ? "a fence"
            : c.HasPoles
            && !ramp.MayJump
            && !(ramp.MayWalkPoles && plan.Parts.Where(p => c.SetUpOf(p)?.HasPoles == true).All(p => p.Gait == Gait.Walk))
                ? (ramp.MayWalkPoles ? "poles faster than walk" : "poles")
            : canter > ramp.Canter ? Minutes("{0} minutes of canter", canter)
            : trot > ramp.Trot ? Minutes("{0} minutes of trot", trot)
            : worked > ramp.Total ? Minutes("{0} minutes in all", worked)
            : null;
    }

    /// <summary>Under twenty minutes in all, loose work under three, in the saddle under five: as its own text has it.</summary>
    private static bool IsShortFirstDay(PlanContext c) =>
        !c.HasFence
        && !c.HasPoles
        && c.Plan.Minutes < SessionFigures.ShortFirstDay.Value
        && c.Plan.MinutesIn(Manner.Loose) < SessionFigures.ShortFirstLoose.Value
        && c.Plan.MinutesIn(Manner.Ridden) < SessionFigures.ShortFirstRidden.Value;

    /// <summary>After a hold by steps, not dates: the lunge, from the second day the long lines, then the saddle, short and in walk.</summary>
    private static Amiss? StepsAfterClearance(PlanContext c)
    {
        if (c.Age <= SessionFigures.InHandOnlyTo.Value || c.Step is not { } cleared || TooSoon(c, cleared) is not { } soon)
        {
            return null;
        }

        var ground = cleared.NoLungeing ? "led" : "on the lunge";
        return Fault(
            string.Create(CultureInfo.InvariantCulture, $"Its hold was cleared on {cleared.On:d MMMM}, and this is too soon: {soon}."),
            cleared.WorkedDays switch
            {
                0 => $"Walk and trot {ground}, {SessionFigures.LightDay.Value} minutes at most, nothing to step over.",
                1 =>
                    $"{(cleared.NoLungeing ? "Led" : "The lunge")} first, then the long lines, with a little canter where the tempo holds.",
                _ => $"First {ground}; then the saddle, {SessionFigures.FirstSaddleAfterHold.Value:0} minutes in walk.",
            },
            [$"worked on {cleared.WorkedDays} {(cleared.WorkedDays == 1 ? "day" : "days")} since"]
        );
    }

    private static string? TooSoon(PlanContext c, AfterClearance cleared)
    {
        var plan = c.Plan;
        var canter = plan.CountedAs(Gait.Canter);
        var ridden = plan.Parts.Where(p => p.Manner == Manner.Ridden).ToList();
        return c.HasFence ? "a fence"
            : c.HasPoles ? "poles"
            : cleared.NoLungeing && plan.MinutesIn(Manner.Lunged) + plan.MinutesIn(Manner.Loose) > 0 ? "the clearance rules lungeing out"
            : plan.MinutesIn(Manner.Loose) > 0 ? "loose work"
            : plan.Minutes > SessionFigures.LightDay.Value ? Minutes("{0} minutes", plan.Minutes)
            : cleared.WorkedDays == 0 && plan.MinutesIn(Manner.LongReined) > 0 ? "long lines before the lunge has shown it sound"
            : cleared.WorkedDays < 2 && ridden.Count > 0 ? "the saddle before the long lines"
            : canter > 0
            && (
                cleared.WorkedDays == 0
                || canter > SessionFigures.FirstCanterAfterHold.Value
                || plan.Parts.Any(p => p.Gait.CountsAs() == Gait.Canter && p.Manner != Manner.LongReined)
            )
                ? "canter"
            : ridden.Count > 0 && plan.Parts[0].Manner == Manner.Ridden ? "the saddle before the ground"
            : ridden.Exists(p => p.Gait is not (Gait.Walk or Gait.Halt)) ? "faster than walk in the saddle"
            : ridden.Sum(p => p.Minutes) > SessionFigures.FirstSaddleAfterHold.Value
                ? Minutes("{0} minutes in the saddle", ridden.Sum(p => p.Minutes))
            : null;
    }

    /// <summary>Calm sits come first, in walk and short; no session is long.</summary>
    private static Amiss? FirstMonth(PlanContext c)
    {
        var ridden = c.Plan.Parts.Where(p => p.Manner == Manner.Ridden).ToList();
        if (c.Places is not { } places || (places[Strand.Flatwork]?.Step ?? 0) > 1 || ridden.Count == 0)
        {
            return null;
        }

        var early = c.CalmSits < SessionFigures.CalmSits.Value;
        var (saddle, session) = (ridden.Sum(p => p.Minutes), SessionFigures.FirstMonthSession);
        var says =
            c.Plan.Minutes > session.Value ? Minutes("{0} minutes is long for the first month under saddle.", c.Plan.Minutes)
            : early && ridden.Exists(p => p.Gait is not (Gait.Walk or Gait.Halt)) ? "Trot comes after four calm sits in walk."
            : early && saddle > SessionFigures.FirstSit.Value ? Minutes("{0} minutes is long for a first sit.", saddle)
            : null;
        return says is null
            ? null
            : Fault(
                says,
                early
                    ? $"A sit of four or {SessionFigures.FirstSit.Value} minutes, led in walk both ways; {session.Value} minutes in all at most."
                    : $"{session.Value} minutes in all at most; a few steps of trot.",
                [$"{c.CalmSits} calm sits so far", InMinutes("{0} minutes planned in the saddle", saddle)]
            );
    }

    /// <summary>Stepping back is a few steps at a time for a young back.</summary>
    private static Amiss? TooManyStepsBack(PlanContext c)
    {
        var most = SessionFigures.YoungStepsBack;
        var steps = c.Plan.Parts.Select(p => StepsBack(c, p)).Append(0).Max();
        return c.Age > SessionFigures.InHandOnlyTo.Value || steps <= most.Value
            ? null
            : Fault(
                $"{steps} steps back at a time are many for a horse of {c.Age}.",
                $"Two or {most.Value} at a time, straight.",
                [Aged(c), $"{steps} steps"]
            );
    }

    internal static int StepsBack(PlanContext c, Part part) =>
        Math.Max(
            (c.SetUpOf(part) as Setups.Corridor)?.BackSteps ?? 0,
            part.Gait == Gait.ReinBack ? part.Exercise?.StepsBeforeRest ?? 0 : 0
        );

    /// <summary>Poles and fences wait until somebody has looked at a leg that touches again and again; the flat goes on.</summary>
    private static Amiss? SameLegTouches(PlanContext c) =>
        c.SameLeg is not { } why || (!c.HasFence && !c.HasPoles)
            ? null
            : Fault(
                "One leg touches again and again, and nobody has looked at it yet.",
                "Flatwork until a physiotherapist or vet has looked; then write down in the passport that it was looked at.",
                why
            );

    /// <summary>A rung whose prerequisites in other strands are not reached.</summary>
    private static Amiss? RungNotOpen(PlanContext c)
    {
        var rung = c.Places is null
            ? null
            : c.PlannedRungs.FirstOrDefault(r => !c.Places.Reached(r) && c.Places.Missing(r, c.Age).Count > 0);
        var missing = rung is null ? [] : c.Places!.Missing(rung, c.Age);
        return rung is null
            ? null
            : Fault($"{rung.Name} is not open yet: {string.Join(", ", missing)} first.", "Work on what is missing.", [.. missing]);
    }

    private static Amiss? RungWithoutHelper(PlanContext c)
    {
        var rung = c.Plan.Helper ? null : c.PlannedRungs.FirstOrDefault(r => r.Helper && !r.IsJumped());
        return rung is null
            ? null
            : Fault(
                $"{rung.Name} wants a helper, and nobody is on the ground.",
                "Find a helper, or work on another rung.",
                [rung.Caution ?? rung.Watch]
            );
    }

    private static Amiss? RaisedPolesWithoutHelper(PlanContext c) =>
        c.Plan.Helper || !c.PlannedSetUps.Any(s => s.HasRaisedPole)
            ? null
            : Fault(
                "Raised poles and nobody on the ground.",
                "Find a helper, or leave the poles on the ground.",
                ["raised poles", "no helper"]
            );

    internal static bool IsTooHigh(PlanContext c, Part part, Restriction restriction) =>
        restriction.MostHeight is { } most && (most == Distance.Zero ? c.IsJumped(part) : c.DoseOf(part).Highest > most);
}
