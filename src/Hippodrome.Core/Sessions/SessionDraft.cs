using System.Globalization;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Sessions;

/// <summary>Draws a session up part by part, each with its reason.</summary>
internal sealed class SessionDraft(Wanted wanted, Habits habits, PlanContext context)
{
    private const double ShortestWork = 4;

    private readonly List<PartEntry> _parts = [];
    private readonly List<Why> _because = [];
    private readonly List<string> _notes = [];
    private readonly HashSet<string> _used = [];
    private readonly HashSet<ArenaLine> _lines = [];
    private readonly Places _places = context.Places ?? Places.From([]);

    public SessionProposal Draw()
    {
        if (Prescribed() is { } prescribed)
        {
            return prescribed;
        }

        if (RungInWork() is not { } rung)
        {
            return WalkOnly();
        }

        if (IsLearnedChange(rung))
        {
            return WithChanges(rung);
        }

        var manner = MannerOf(rung);
        var minutes =
            context.Age <= SessionFigures.InHandOnlyTo.Value
                ? Math.Min(wanted.Minutes, SessionFigures.InHandMinutes.Value)
                : wanted.Minutes;
        if (minutes < wanted.Minutes)
        {
            _notes.Add($"At {context.Age} it works {minutes:0} minutes at most.");
        }

        var above = NewRung(rung);
        var last = CoolDownMinutes(minutes, manner);
        var first = WarmUp(minutes, manner, last);
        var work = Math.Max(minutes - first - last, ShortestWork / 2);
        var fresh = above is not null && work >= 12 ? Math.Min(8, Math.Floor(work / 4)) : 0;
        var below = EasyRung(rung);
        var easy = below is not null && work - fresh >= 10 ? Math.Floor((work - fresh) * 0.3) : 0;
        var mainFirst = habits.Ways.Are(ApproachQuestion.FreshOrTired, Approach.MainThingFresh);
        if (easy > 0 && !mainFirst)
        {
            Ride(below!, Phase.Work, easy, "Easy first: what it does well", SessionFigures.MinutesPerGo.Source);
        }

        Ride(
            rung,
            Phase.Work,
            work - fresh - easy,
            _places[rung.Strand] == rung ? "The rung in work" : "Where this ladder begins for it",
            Source.CommonPractice
        );
        if (easy > 0 && mainFirst)
        {
            Ride(below!, Phase.Work, easy, "The main thing while it is fresh; then what it does well", SessionFigures.MinutesPerGo.Source);
        }

        if (fresh > 0)
        {
            Ride(above!, Phase.NewWork, fresh, "New work last, one or two good ones and leave it", SessionFigures.NewWorkWithin.Source);
        }

        CoolDown(last, manner);
        var entry = new SessionEntry(
            wanted.On,
            rung.Name.Length <= 80 ? rung.Name : rung.Name[..80],
            manner,
            wanted.Helper,
            [.. _parts],
            "",
            "",
            wanted.TackIds
        );
        return new SessionProposal(entry, _because, _notes);
    }

    /// <summary>What its state asks for, whatever the focus: the steps after a hold, the weeks of a return, the ride after treatment, a first sit.</summary>
    private SessionProposal? Prescribed() =>
        context.Age <= SessionFigures.InHandOnlyTo.Value ? null
        : context.Heat?.Care == HeatCare.None ? LedOnly()
        : context.Step is { } cleared ? Steps(cleared)
        : context.Ramp is { } ramp && ramp.Trot + ramp.Canter < SessionFigures.HotWork.Value ? Returning(ramp)
        : context.TreatedOn is { } treated && !IsFirstMonth ? Loosening(treated)
        : IsFirstMonth && wanted.Focus is not (Strand.InHand or Strand.Lunge) ? FirstSit()
        : null;

    private bool IsFirstMonth => context.Places is { } places && (places[Strand.Flatwork]?.Step ?? 0) <= 1;

    /// <summary>A calm sit, led; after four of them a few steps of trot.</summary>
    private SessionProposal FirstSit()
    {
        var rung = Catalogue.Ladder(Strand.Flatwork)[0];
        var calm = context.CalmSits >= SessionFigures.CalmSits.Value && Allowed(Gait.Trot) == Gait.Trot;
        var why = Why.Of(
            "The first month under saddle: four calm sits in walk before a few steps of trot",
            [$"{context.CalmSits} calm sits so far"],
            SessionFigures.CalmSits.Source
        );
        if (!wanted.Helper)
        {
            _notes.Add("Nobody is on the ground: a first sit wants a helper, so it is led today.");
            Add(
                PartEntry.Of(
                    Phase.Work,
                    "Led in walk, both sides, halts between",
                    Gait.Walk,
                    Rein.Both,
                    SessionFigures.InHandMinutes.Value
                ),
                why
            );
            return Drawn("Led, and nobody mounts", Manner.InHand);
        }

        Add(
            PartEntry.Of(Phase.WarmUp, "Led in walk, both sides", Gait.Walk, Rein.Both, SessionFigures.WalkFirst.Value) with
            {
                Manner = Manner.InHand,
            },
            why
        );
        Add(
            PartEntry.Of(
                Phase.Work,
                "Sit, led in walk on both reins, and off again",
                Gait.Walk,
                Rein.Both,
                SessionFigures.FirstSit.Value - 1
            ) with
            {
                RungId = rung.Id,
            },
            why
        );
        if (calm)
        {
            Add(PartEntry.Of(Phase.Work, "A few steps of trot, both reins", Gait.Trot, Rein.Both, 1) with { RungId = rung.Id }, why);
        }

        Add(
            PartEntry.Of(Phase.CoolDown, "Led in walk", Gait.Walk, Rein.Both, SessionFigures.WalkLast.Value) with
            {
                Manner = Manner.InHand,
            },
            why
        );
        return Drawn(rung.Name, Manner.Ridden);
    }

    private SessionProposal LedOnly()
    {
        Add(
            PartEntry.Of(Phase.WarmUp, "Walk in hand, in the shade", Gait.Walk, Rein.Both, SessionFigures.InHandMinutes.Value),
            context.Heat!.Why
        );
        _notes.Add($"The heat says: {context.Heat.Says}.");
        return Drawn("Walk in hand", Manner.InHand);
    }

    private SessionProposal Steps(AfterClearance cleared)
    {
        PlanChecks.WalkFirstNeeded(context.Age, context.TemperatureC, out var walkFirst);
        foreach (var part in ClearanceSteps.Of(cleared, walkFirst).Where(p => Allowed(p.Gait!.Value) == p.Gait))
        {
            Add(
                part,
                "After a hold by steps: soundness on the lunge, then long lines, then the saddle",
                [FormattableString.Invariant($"cleared on {cleared.On:d MMMM}"), $"worked on {cleared.WorkedDays} days since"],
                SessionFigures.LightDay.Source
            );
        }

        _notes.Add("Each only after the one before was level and steady.");
        return Drawn("A step back to work", cleared.NoLungeing ? Manner.InHand : Manner.Lunged);
    }

    /// <summary>Walk, with what there is of trot and canter in short bouts spread out in it.</summary>
    private SessionProposal Returning(RampLimit ramp)
    {
        var bout = SessionFigures.ReturnBout.Value;
        var most = Math.Min(wanted.Minutes, ramp.Total);
        var canter = Allowed(Gait.Canter) == Gait.Canter ? Math.Min(ramp.Canter, most / 4) : 0;
        var trot = Allowed(Gait.Trot) == Gait.Trot ? Math.Min(ramp.Trot, most / 4) : 0;
        var walk = most - trot - canter;
        var last = trot + canter > 0 ? Math.Max(Half(walk / 3), Math.Min(SessionFigures.WalkLast.Value, walk / 2)) : 0;
        Add(PartEntry.Of(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, walk - last), ramp.Why);
        foreach (var (gait, minutes) in new[] { (Gait.Trot, trot), (Gait.Canter, canter) }.Where(g => g.Item2 >= 0.5))
        {
            Add(
                new PartEntry
                {
                    Phase = Phase.Work,
                    What = $"{gait} in bouts of {bout} seconds, spread out in the walk",
                    Gait = gait,
                    Rein = Rein.Both,
                    Minutes = Half(minutes),
                    Times = Math.Max(1, (int)(Half(minutes) * 60 / bout)),
                    BoutSeconds = bout,
                    RestSeconds = 2 * bout,
                    Transitions = 2 * Math.Max(1, (int)(Half(minutes) * 60 / bout)),
                    TransitionsWith = Gait.Walk,
                },
                ramp.Why
            );
        }

        if (last > 0)
        {
            Add(PartEntry.Of(Phase.CoolDown, "Walk on a long rein; drop the reins at the end", Gait.Walk, Rein.Both, last), ramp.Why);
        }

        _notes.Add("It is coming back to work: no more than its week leaves, whatever was asked for.");
        return Drawn("Back by steps", Manner.Ridden);
    }

    private SessionProposal Loosening(DateOnly treated)
    {
        foreach (var part in SessionTemplates.Loosening.Session.Parts!)
        {
            Add(
                Walked(part),
                "The ride after treatment is low: easy trot, transitions, big lines, stretch, a lot of walk",
                [FormattableString.Invariant($"treated on {treated:d MMMM}")],
                Source.CommonPractice
            );
        }

        return Drawn(SessionTemplates.Loosening.Session.Emphasis!, Manner.Ridden);
    }

    /// <summary>The part, in walk where a restriction rules its gait out; and as long in walk first as this horse needs.</summary>
    private PartEntry Walked(PartEntry part)
    {
        PlanChecks.WalkFirstNeeded(context.Age, context.TemperatureC, out var walkFirst);
        var first = part is { Phase: Phase.WarmUp, Gait: Gait.Walk }
            ? part with
            {
                Minutes = Math.Max(part.Minutes!.Value, walkFirst),
            }
            : part;
        return Allowed(part.Gait!.Value) == part.Gait ? first : first with { Gait = Gait.Walk, Transitions = null, TransitionsWith = null };
    }

    private SessionProposal Drawn(string emphasis, Manner manner) =>
        new(new SessionEntry(wanted.On, emphasis, manner, wanted.Helper, [.. _parts], "", "", wanted.TackIds), _because, _notes);

    /// <summary>
    /// What it does well: the rung below; over poles, up to raised ones in trot, walk first unless its approach is trot soon.
    /// </summary>
    private Rung? EasyRung(Rung rung)
    {
        var walk = Catalogue.Rung("poles/walk-poles");
        var walksFirst =
            rung.Strand == Strand.Poles
            && rung.Step > walk.Step
            && rung.Step <= Catalogue.Rung("poles/raised-trot").Step
            && !habits.Ways.Are(ApproachQuestion.Poles, Approach.TrotSoon);
        return walksFirst && WhyNot(walk) is null ? walk
            : rung.FallBack is { } below ? Catalogue.Rung(below)
            : null;
    }

    private bool IsLearnedChange(Rung rung) =>
        rung.Strand == Strand.Changes
        && rung.Step >= SingleChange.Step
        && !_places.Reached(Catalogue.Rung("changes/forward-change-collect"));

    private static Rung SingleChange => Catalogue.Rung("changes/single-change");

    /// <summary>While single changes are learned: what leads to them first, then two askings, late, and leave it.</summary>
    private SessionProposal WithChanges(Rung rung)
    {
        var last = CoolDownMinutes(wanted.Minutes, Manner.Ridden);
        var first = WarmUp(wanted.Minutes, Manner.Ridden, last);
        var work = Math.Max(wanted.Minutes - first - last, ShortestWork);
        var asked = Math.Min(4, Math.Floor(work / 3));
        List<Rung> leads = [.. LeadsToAChange().Where(r => WhyNot(r) is null)];
        foreach (var lead in leads.Count > 0 ? leads : [Catalogue.Rung(SingleChange.FallBack!)])
        {
            Ride(
                lead,
                Phase.Work,
                (work - asked) / Math.Max(1, leads.Count),
                "What leads to a change, which it does well",
                SessionFigures.MinutesPerGo.Source
            );
        }

        if (asked >= 1 && Exercises(rung).FirstOrDefault() is { } exercise)
        {
            Add(
                PartEntry.Of(Phase.NewWork, exercise.Name, exercise.Gait, Rein.Both, asked) with
                {
                    SetUpId = null,
                    MarkHopedFor = rung.Good.Mark,
                    RungId = rung.Id,
                    ExerciseId = exercise.Id,
                    Times = SessionFigures.ChangesAsked.Value / 2,
                },
                "One or two good ones, late, and leave it overnight",
                [$"{rung.Name} ({rung.Strand.Say()})", exercise.How],
                SessionFigures.ChangesAsked.Source
            );
        }

        CoolDown(last, Manner.Ridden);
        return Drawn(rung.Name, Manner.Ridden);
    }

    /// <summary>
    /// As its approach has it: through canter-walk-canter, through medium canter and simple changes, or half of each.
    /// </summary>
    private IEnumerable<Rung> LeadsToAChange()
    {
        var forward = Catalogue.Rung("flatwork/simple-change");
        var depart = Catalogue.Rung(SingleChange.FallBack!);
        return habits.Ways.Held[ApproachQuestion.FlyingChanges] switch
        {
            Approach.ForwardAndBack => [forward],
            Approach.MixedExercises => [depart, forward],
            _ => [depart],
        };
    }

    private static Manner MannerOf(Rung rung) =>
        rung.Strand switch
        {
            Strand.InHand => rung.Id is "in-hand/long-lines-trot" or "in-hand/long-lines-canter" ? Manner.LongReined : Manner.InHand,
            Strand.Lunge => Manner.Lunged,
            _ => Manner.Ridden,
        };

    /// <summary>Where it stands in the strand asked for; else what leads there; else something that may be done today.</summary>
    private Rung? RungInWork()
    {
        if (context.Places is null)
        {
            _notes.Add("Nobody has said where it stands on the ladders: it begins at the foot of this one. An assessment ride tells more.");
        }

        List<Strand> order =
            context.Age <= SessionFigures.InHandOnlyTo.Value
                ? [wanted.Focus, Strand.InHand]
                : [wanted.Focus, .. Leads(wanted.Focus), Strand.Flatwork, Strand.Lateral, Strand.InHand];
        foreach (var strand in order.Distinct())
        {
            if (Rung(strand) is not { } rung)
            {
                continue;
            }

            if (strand != wanted.Focus)
            {
                _notes.Add($"{Sentence(strand.Say())} in place of {wanted.Focus.Say()}.");
            }

            return rung;
        }

        return null;
    }

    /// <summary>Where nothing of any ladder may be done today.</summary>
    private SessionProposal WalkOnly()
    {
        var young = context.Age <= SessionFigures.InHandOnlyTo.Value;
        var minutes = Math.Min(wanted.Minutes, young ? SessionFigures.InHandMinutes.Value : 30);
        Add(
            new PartEntry
            {
                Phase = Phase.WarmUp,
                What = young ? "Walk in hand" : "Walk on a long rein, both reins",
                Gait = Gait.Walk,
                Rein = Rein.Both,
                Minutes = minutes,
            },
            "Nothing else may be done today",
            _notes,
            Source.CommonPractice
        );
        return new SessionProposal(
            new SessionEntry(wanted.On, "Walk", young ? Manner.InHand : Manner.Ridden, wanted.Helper, [.. _parts], "", "", wanted.TackIds),
            _because,
            _notes
        );
    }

    private static Strand[] Leads(Strand focus) =>
        focus is Strand.Grids or Strand.Jumping or Strand.Narrow or Strand.CrossCountry ? [Strand.Poles] : [];

    private Rung? Rung(Strand strand)
    {
        var ladder = Catalogue.Ladder(strand);
        // A horse that has been ridden for years does not begin with the first month under saddle.
        var at = _places[strand] ?? (strand == Strand.Flatwork && context.Horse.Experience != Experience.Green ? ladder[1] : ladder[0]);
        foreach (var rung in ladder.Take(at.Step).Reverse())
        {
            if (WhyNot(rung) is not { } not)
            {
                return rung;
            }

            if (strand == wanted.Focus)
            {
                _notes.Add($"{rung.Name}: not today, {not}.");
            }
        }

        return null;
    }

    /// <summary>Why a rung cannot be ridden today, or null.</summary>
    private string? WhyNot(Rung rung)
    {
        if (context.Age < rung.YoungestAge.Value)
        {
            return $"at {context.Age} it is too young";
        }

        if (context.Age <= SessionFigures.InHandOnlyTo.Value && rung.Strand != Strand.InHand)
        {
            return $"at {context.Age} it works in hand only";
        }

        if (context.Places is not null && !_places.Reached(rung) && _places.Missing(rung, context.Age) is { Count: > 0 } missing)
        {
            return $"{string.Join(", ", missing)} first";
        }

        if (!wanted.Helper && (rung.Helper || rung.IsJumped()))
        {
            return "nobody is on the ground";
        }

        if (rung.IsOverFences() && JumpingDayNear() is { } near)
        {
            return near;
        }

        if (context.SameLeg is not null && (rung.IsJumped() || rung.Strand == Strand.Poles))
        {
            return "a leg that touches again and again has not been looked at";
        }

        if (
            rung.Strand == Strand.Changes
            && rung.Step >= SingleChange.Step
            && context.ChangesBoiledOver is { } day
            && wanted.On.DayNumber - day.DayNumber < SessionFigures.ChangesRest.Value
        )
        {
            return "the changes have boiled over";
        }

        return Exercises(rung).Any() ? null : "nothing of it suits the place, the restrictions and what stood there lately";
    }

    private string? JumpingDayNear() =>
        LegChecks.JumpsBeside(context.Nearby, wanted.On) is not null ? "it jumps on a neighbouring day"
        : LegChecks.HasJumpedEnough(context.Nearby, wanted.On) ? "it has jumped often enough in seven days"
        : null;

    /// <summary>The rung above, where today is a day for something new.</summary>
    private Rung? NewRung(Rung rung)
    {
        if (_places[rung.Strand] != rung || Catalogue.Above(rung) is not { } above)
        {
            return null;
        }

        var not =
            context.Competition is { } aim && aim.DaysLeft(wanted.On) is 0 or 1 ? "the competition is next"
            : context.Heat?.Care.IsHeat() == true ? "it is hot"
            : context.Cleared is not null ? "its hold has just been cleared"
            : context.Ramp is not null ? "it is coming back from a break"
            : WhyNot(above);
        if (not is null)
        {
            return above;
        }

        _notes.Add($"Nothing new: {not}.");
        return null;
    }

    /// <summary>What may be ridden of a rung, the longest unused first and what needs no rebuilding; what stood the last two times is left out.</summary>
    private IEnumerable<Exercise> Exercises(Rung rung) =>
        Catalogue
            .ExercisesOf(rung)
            .Where(e =>
                (e.Figure == RiddenFigure.OpenGround) == (wanted.Ground == Ground.OpenGround)
                || (
                    wanted.Ground == Ground.OpenGround
                    && e.SetUp is null
                    && e.Figure is RiddenFigure.WholeSchool or RiddenFigure.Circle20 or RiddenFigure.OnTheSpot
                )
            )
            .Where(e => !(context.Restrictions ?? []).Any(r => r.HoldsOn(wanted.On) && Breaks(e, rung, r)))
            .Where(e => Layout.KeyOf(e.SetUp?.Check().Value) is not { } key || !StoodTwice(key))
            .Where(e => context.SameLeg is null || (e.Poles is null && e.SetUp?.Check().Value is not { HasPoles: true }))
            .Where(e =>
                !IsEve
                || Height(e) is not { } height
                || height <= context.Competition!.Height!.Value.Metres - SessionFigures.UnderCompetition.Value
            )
            .OrderBy(e => habits.Exercises.Count(id => id == e.Id) + (_used.Contains(e.Id) ? 100 : 0) + (StandsInTheWay(e) ? 50 : 0));

    private bool IsEve => context.Competition is { Height: not null } aim && aim.DaysLeft(wanted.On) == 1;

    /// <summary>Height of an exercise's highest fence: its own, what it builds, or as high as goes with the horse; null where nothing is jumped.</summary>
    private double? Height(Exercise exercise) =>
        exercise.SetUp?.Check().Value is { } setUp
            ? (setUp.HasFence ? setUp.HighestFence.Metres : null)
            : exercise.HeightMetres ?? (exercise.Dose.Efforts is null ? null : WithTheHorse(exercise));

    /// <summary>At height what the horse goes to; else ten centimetres under it.</summary>
    private double WithTheHorse(Exercise exercise) =>
        Math.Round(
            Math.Max(
                0.3,
                HeightLimit.Unknown(context).Metres - (exercise.RungId == "jumping/at-height" ? 0 : SessionFigures.OverCompetition.Value)
            ),
            2
        );

    /// <summary>It would be built where something of this session stands already.</summary>
    private bool StandsInTheWay(Exercise exercise) => exercise.SetUp is { Line: { } line } and not FigureEntry && _lines.Contains(line);

    private bool StoodTwice(string key)
    {
        var running = (context.Layouts ?? []).Take(SessionFigures.SameLayoutRunning.Value - 1).ToList();
        return running.Count == SessionFigures.SameLayoutRunning.Value - 1 && running.TrueForAll(l => l.Contains(key));
    }

    private bool Breaks(Exercise exercise, Rung rung, Restriction restriction) =>
        restriction.NoGaits.Contains(exercise.Gait)
        || restriction.NoStrands.Contains(rung.Strand)
        || (
            restriction.MostHeight is { } most
            && (
                exercise.SetUp?.Check().Value is { HasFence: true } setUp
                    ? setUp.HighestFence > most
                    : rung.IsJumped() && (most == Distance.Zero || Height(exercise) > most.Metres)
            )
        );

    /// <summary>Minutes of a rung on both reins, the start rein first; a second exercise where one would be ridden too long.</summary>
    private void Ride(Rung rung, Phase phase, double minutes, string why, Source source)
    {
        var left = minutes;
        foreach (var exercise in Exercises(rung).Take(phase == Phase.NewWork ? 1 : 2).ToList())
        {
            if (left < 1)
            {
                return;
            }

            var dose = exercise.Dose.Minutes ?? exercise.Dose.Efforts!.Value * SessionFigures.MinutesPerGo.Value;
            var ridden = Math.Min(left, phase == Phase.NewWork ? Math.Min(dose, 4) : Math.Max(dose, 6) * 1.5);
            _used.Add(exercise.Id);
            if (StandsInTheWay(exercise))
            {
                _notes.Add($"{exercise.Name} stands where something else stood: rebuild between the two.");
            }

            if (exercise.SetUp is { Line: { } line } and not FigureEntry)
            {
                _lines.Add(line);
            }

            Both(exercise, phase, ridden, Why.Of(why, [$"{rung.Name} ({rung.Strand.Say()})", exercise.How, .. Started()], source));
            left -= ridden;
        }

        if (left >= 2 && rung.Strand != Strand.InHand && phase == Phase.Work)
        {
            Add(
                PartEntry.Of(
                    phase,
                    "Large circles and transitions, a walk on a long rein between",
                    Allowed(Gait.Trot),
                    Rein.Both,
                    Half(left)
                ),
                "Loose again between, and the minutes that are left",
                [],
                Source.CommonPractice
            );
        }
    }

    private void Both(Exercise exercise, Phase phase, double minutes, Why why)
    {
        // A grid is jumped whole or not at all: fences come by the go.
        var inOneGo = Math.Max(1, exercise.SetUp?.Check().Value?.Fences.Count ?? 1);
        int? Efforts(double share) =>
            exercise.Dose.Efforts is { } dose ? Math.Max(1, (int)Math.Round(Math.Min(dose, minutes) * share / inOneGo)) * inOneGo : null;
        PartEntry Part(Rein rein, double share) =>
            new()
            {
                Phase = phase,
                What = exercise.Name,
                Gait = exercise.Gait,
                Rein = rein,
                Minutes = Math.Max(0.5, Half(minutes * share)),
                SetUpId = null,
                MarkHopedFor = Catalogue.Rung(exercise.RungId).Good.Mark,
                RungId = exercise.RungId,
                ExerciseId = exercise.Id,
                Times = exercise.Dose.Efforts is null && exercise.SetUp is not null ? Math.Max(1, (int)(minutes * share)) : null,
                Efforts = Efforts(share),
                HeightMetres = exercise.SetUp is null ? Height(exercise) : null,
                Manner = MannerOf(Catalogue.Rung(exercise.RungId)),
            };
        if (exercise.Figure is RiddenFigure.OpenGround or RiddenFigure.OnTheSpot || minutes < 2)
        {
            Add(Part(Rein.Both, 1), why);
            return;
        }

        Add(Part(StartRein, 0.5), why);
        Add(Part(StartRein == Rein.Left ? Rein.Right : Rein.Left, 0.5), why);
    }

    private Rein StartRein => habits.LastStartRein == Rein.Left ? Rein.Right : Rein.Left;

    private IEnumerable<string> Started() =>
        [
            habits.LastStartRein is { } rein and not Rein.Both
                ? $"last time the {rein.ToString().ToLowerInvariant()} rein came first: today the other"
                : $"the {StartRein.ToString().ToLowerInvariant()} rein first, the other next time",
        ];

    /// <summary>Walk first, then loose in this horse's own order; how many minutes it takes.</summary>
    private double WarmUp(double minutes, Manner manner, double last)
    {
        if (manner == Manner.InHand)
        {
            return 0;
        }

        var why = PlanChecks.WalkFirstNeeded(context.Age, context.TemperatureC, out var needed);
        var walk = Math.Min(needed, Math.Max(2, minutes - last - ShortestWork));
        Add(PartEntry.Of(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, walk), why);
        var loose = Math.Clamp(Math.Floor(minutes * 0.15), 0, 8);
        if (loose < 3 || minutes - walk - loose - last < ShortestWork || Allowed(Gait.Trot) != Gait.Trot)
        {
            return walk;
        }

        var canters =
            manner == Manner.Ridden
            && minutes >= 35
            && Allowed(Gait.Canter) == Gait.Canter
            && _places.Reached(Catalogue.Rung("flatwork/trot-canter"));
        var ways = habits.Ways;
        var sideways = manner == Manner.Ridden && ways.Are(ApproachQuestion.Order, Approach.SidewaysFirst) && loose >= 4;
        var trotMinutes = loose - (canters ? 2 : 0) - (sideways ? 2 : 0);
        var trot = PartEntry.Of(Phase.WarmUp, Trotted(manner), Gait.Trot, Rein.Both, trotMinutes);
        var canter = PartEntry.Of(Phase.WarmUp, "A round of easy canter on each rein", Gait.Canter, Rein.Both, 2);
        var steps = PartEntry.Of(Phase.WarmUp, "Halts, transitions and a few steps to the side, both ways", Gait.Walk, Rein.Both, 2);
        var canterEarly = ways.Are(ApproachQuestion.Order, Approach.CanterEarly);
        PartEntry[] inOrder =
        [
            .. sideways ? (PartEntry[])[steps] : [],
            .. canters && canterEarly ? (PartEntry[])[canter] : [],
            trot,
            .. canters && !canterEarly ? (PartEntry[])[canter] : [],
        ];
        foreach (var part in inOrder.Where(p => p.Minutes > 0))
        {
            Add(part, "Warm-up in this horse's own order", [ways.On(ApproachQuestion.Order).Says], Source.CommonPractice);
        }

        if (manner == Manner.Lunged && !ways.Are(ApproachQuestion.Lungeing, "plain"))
        {
            _notes.Add($"{ways.On(ApproachQuestion.Lungeing).Says}: looked at before, and loosened between the reins.");
        }

        return walk + loose;
    }

    private string Trotted(Manner manner) =>
        manner != Manner.Ridden ? "Trot, loose and forward, both reins"
        : habits.Ways.Are(ApproachQuestion.HeadAndNeck, Approach.LightAndTaller) ? "Trot, light and taller from the start, both reins"
        : "Trot, long and low, nose out, both reins";

    private static double CoolDownMinutes(double minutes, Manner manner) =>
        manner == Manner.InHand
            ? 0
            : Math.Min(
                SessionFigures.WalkLast.Value
                    + (
                        minutes >= 40 ? 5
                        : minutes >= 30 ? 2
                        : 0
                    ),
                Math.Max(2, minutes - 10)
            );

    private void CoolDown(double minutes, Manner manner)
    {
        if (minutes <= 0)
        {
            return;
        }

        var stretch = minutes > SessionFigures.WalkLast.Value && manner == Manner.Ridden && Allowed(Gait.Trot) == Gait.Trot ? 2 : 0;
        if (stretch > 0)
        {
            Add(
                PartEntry.Of(Phase.CoolDown, "Stretch in trot on the large circle", Gait.Trot, Rein.Both, stretch),
                "Finish on something it does well",
                [],
                Source.CommonPractice
            );
        }

        Add(
            PartEntry.Of(Phase.CoolDown, "Walk on a long rein; drop the reins at the end", Gait.Walk, Rein.Both, minutes - stretch),
            "Breath and muscle come down, and the closing test says whether it was too much",
            [],
            SessionFigures.WalkLast.Source
        );
    }

    /// <summary>The gait, or walk where a restriction rules it out.</summary>
    private Gait Allowed(Gait gait) =>
        (context.Restrictions ?? []).Any(r => r.HoldsOn(wanted.On) && r.NoGaits.Contains(gait)) ? Gait.Walk : gait;

    private void Add(PartEntry part, string rule, IReadOnlyList<string> inputs, Source source) => Add(part, new Why(rule, inputs, source));

    private void Add(PartEntry part, Why why)
    {
        _parts.Add(part);
        _because.Add(why);
    }

    private static double Half(double minutes) => Math.Floor(minutes * 2) / 2;

    private static string Sentence(string words) => char.ToUpper(words[0], CultureInfo.InvariantCulture) + words[1..];
}
