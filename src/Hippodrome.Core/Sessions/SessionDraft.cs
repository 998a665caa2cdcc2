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
        if (RungInWork() is not { } rung)
        {
            return WalkOnly();
        }

        var manner = rung.Strand == Strand.InHand ? Manner.InHand : rung.Strand == Strand.Lunge ? Manner.Lunged : Manner.Ridden;
        var minutes = context.Age <= SessionFigures.InHandOnlyTo.Value ? Math.Min(wanted.Minutes, SessionFigures.InHandMinutes.Value) : wanted.Minutes;
        if (minutes < wanted.Minutes)
        {
            _notes.Add($"At {context.Age} it works {minutes:0} minutes at most.");
        }

        var above = NewRung(rung);
        var last = CoolDownMinutes(minutes, manner);
        var first = WarmUp(minutes, manner, last);
        var work = Math.Max(minutes - first - last, ShortestWork / 2);
        var fresh = above is not null && work >= 12 ? Math.Min(8, Math.Floor(work / 4)) : 0;
        var easy = rung.FallBack is { } below && work - fresh >= 10 ? Math.Floor((work - fresh) * 0.3) : 0;
        if (easy > 0)
        {
            Ride(Catalogue.Rung(rung.FallBack!), Phase.Work, easy, "Easy first: the rung below, which it does well", SessionFigures.MinutesPerGo.Source);
        }

        Ride(rung, Phase.Work, work - fresh - easy, _places[rung.Strand] == rung ? "The rung in work" : "Where this ladder begins for it", Source.CommonPractice);
        if (fresh > 0)
        {
            Ride(above!, Phase.NewWork, fresh, "New work last, one or two good ones and leave it", SessionFigures.NewWorkWithin.Source);
        }

        CoolDown(last, manner);
        var entry = new SessionEntry(wanted.On, rung.Name.Length <= 80 ? rung.Name : rung.Name[..80], manner, wanted.Helper, [.. _parts], "", "", wanted.TackIds);
        return new SessionProposal(entry, _because, _notes);
    }

    /// <summary>Where it stands in the strand asked for; else what leads there; else something that may be done today.</summary>
    private Rung? RungInWork()
    {
        if (context.Places is null)
        {
            _notes.Add("Nobody has said where it stands on the ladders: it begins at the foot of this one. An assessment ride tells more.");
        }

        List<Strand> order = context.Age <= SessionFigures.InHandOnlyTo.Value ? [wanted.Focus, Strand.InHand] : [wanted.Focus, .. Leads(wanted.Focus), Strand.Flatwork, Strand.Lateral, Strand.InHand];
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
        Add(new PartEntry(Phase.WarmUp, young ? "Walk in hand" : "Walk on a long rein, both reins", Gait.Walk, Rein.Both, minutes), "Nothing else may be done today", _notes, Source.CommonPractice);
        return new SessionProposal(new SessionEntry(wanted.On, "Walk", young ? Manner.InHand : Manner.Ridden, wanted.Helper, [.. _parts], "", "", wanted.TackIds), _because, _notes);
    }

    private static Strand[] Leads(Strand focus) => focus is Strand.Grids or Strand.Jumping or Strand.Narrow or Strand.CrossCountry ? [Strand.Poles] : [];

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

        if (rung.IsJumped() && JumpingDayNear() is { } near)
        {
            return near;
        }

        return Exercises(rung).Any() ? null : "nothing of it suits the place, the restrictions and what stood there lately";
    }

    private string? JumpingDayNear() =>
        context.Nearby.Any(d => d.Fences && Math.Abs(d.On.DayNumber - wanted.On.DayNumber) == 1) ? "it jumps on a neighbouring day"
            : context.Nearby.Count(d => d.Fences && d.On < wanted.On && d.On >= wanted.On.AddDays(-6)) >= SessionFigures.FenceDaysPerWeek.Value ? "it has jumped often enough in seven days" : null;

    /// <summary>The rung above, where today is a day for something new.</summary>
    private Rung? NewRung(Rung rung)
    {
        if (_places[rung.Strand] != rung || Catalogue.Above(rung) is not { } above)
        {
            return null;
        }

        var not = context.Competition is { } aim && aim.DaysLeft(wanted.On) is 0 or 1 ? "the competition is next"
            : context.Heat is { Care: > HeatCare.Go } ? "it is hot"
            : context.ClearedOn is not null ? "its hold has just been cleared"
            : LegChecks.BackSince(context.RiddenOn ?? [], wanted.On) is not null ? "it is just back from a break"
            : WhyNot(above);
        if (not is null)
        {
            return above;
        }

        _notes.Add($"Nothing new: {not}.");
        return null;
    }

    /// <summary>What may be ridden of a rung, the longest unused first and what needs no rebuilding; what stood the last two times is left out.</summary>
    private IEnumerable<Exercise> Exercises(Rung rung) => Catalogue.ExercisesOf(rung)
        .Where(e => (e.Figure == RiddenFigure.OpenGround) == (wanted.Ground == Ground.OpenGround) || (wanted.Ground == Ground.OpenGround && e.SetUp is null && e.Figure is RiddenFigure.WholeSchool or RiddenFigure.Circle20 or RiddenFigure.OnTheSpot))
        .Where(e => !(context.Restrictions ?? []).Any(r => r.HoldsOn(wanted.On) && Breaks(e, rung, r)))
        .Where(e => Layout.KeyOf(e.SetUp?.Check().Value) is not { } key || !StoodTwice(key))
        .OrderBy(e => habits.Exercises.Count(id => id == e.Id) + (_used.Contains(e.Id) ? 100 : 0) + (StandsInTheWay(e) ? 50 : 0));

    /// <summary>It would be built where something of this session stands already.</summary>
    private bool StandsInTheWay(Exercise exercise) => exercise.SetUp is { Line: { } line } and not FigureEntry && _lines.Contains(line);

    private bool StoodTwice(string key)
    {
        var running = (context.Layouts ?? []).Take(SessionFigures.SameLayoutRunning.Value - 1).ToList();
        return running.Count == SessionFigures.SameLayoutRunning.Value - 1 && running.TrueForAll(l => l.Contains(key));
    }

    private static bool Breaks(Exercise exercise, Rung rung, Restriction restriction) =>
        restriction.NoGaits.Contains(exercise.Gait) || restriction.NoStrands.Contains(rung.Strand)
        || (restriction.MostHeight is { } most && (exercise.SetUp?.Check().Value is { HasFence: true } setUp ? setUp.HighestFence > most : rung.IsJumped()));

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

            Both(exercise, phase, ridden, new Why(why, [$"{rung.Name} ({rung.Strand.Say()})", exercise.How, .. Started()], source));
            left -= ridden;
        }

        if (left >= 2 && rung.Strand != Strand.InHand && phase == Phase.Work)
        {
            Add(new PartEntry(phase, "Large circles and transitions, a walk on a long rein between", Allowed(Gait.Trot), Rein.Both, Half(left)), "Loose again between, and the minutes that are left", [], Source.CommonPractice);
        }
    }

    private void Both(Exercise exercise, Phase phase, double minutes, Why why)
    {
        // A grid is jumped whole or not at all: fences come by the go.
        var inOneGo = Math.Max(1, exercise.SetUp?.Check().Value?.Fences.Count ?? 1);
        int? Efforts(double share) => exercise.Dose.Efforts is { } dose ? Math.Max(1, (int)Math.Round(Math.Min(dose, minutes) * share / inOneGo)) * inOneGo : null;
        PartEntry Part(Rein rein, double share) => new(
            phase, exercise.Name, exercise.Gait, rein, Math.Max(0.5, Half(minutes * share)), null, Catalogue.Rung(exercise.RungId).Good.Mark, exercise.RungId, exercise.Id,
            exercise.Dose.Efforts is null && exercise.SetUp is not null ? Math.Max(1, (int)(minutes * share)) : null, Efforts(share));
        if (exercise.Figure is RiddenFigure.OpenGround or RiddenFigure.OnTheSpot || minutes < 2)
        {
            Add(Part(Rein.Both, 1), why);
            return;
        }

        Add(Part(StartRein, 0.5), why);
        Add(Part(StartRein == Rein.Left ? Rein.Right : Rein.Left, 0.5), why);
    }

    private Rein StartRein => habits.LastStartRein == Rein.Left ? Rein.Right : Rein.Left;

    private IEnumerable<string> Started() => [habits.LastStartRein is { } rein and not Rein.Both ? $"last time the {rein.ToString().ToLowerInvariant()} rein came first: today the other" : $"the {StartRein.ToString().ToLowerInvariant()} rein first, the other next time"];

    /// <summary>Walk first, then loose in this horse's own order; how many minutes it takes.</summary>
    private double WarmUp(double minutes, Manner manner, double last)
    {
        if (manner == Manner.InHand)
        {
            return 0;
        }

        var why = PlanChecks.WalkFirstNeeded(context.Age, context.TemperatureC, out var needed);
        var walk = Math.Min(needed, Math.Max(2, minutes - last - ShortestWork));
        Add(new PartEntry(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, walk), why);
        var loose = Math.Clamp(Math.Floor(minutes * 0.15), 0, 8);
        if (loose < 3 || minutes - walk - loose - last < ShortestWork || Allowed(Gait.Trot) != Gait.Trot)
        {
            return walk;
        }

        var canters = manner == Manner.Ridden && minutes >= 35 && Allowed(Gait.Canter) == Gait.Canter && _places.Reached(Catalogue.Rung("flatwork/trot-canter"));
        var trot = new PartEntry(Phase.WarmUp, "Trot, loose and forward, both reins", Gait.Trot, Rein.Both, canters ? loose - 2 : loose);
        var canter = new PartEntry(Phase.WarmUp, "A round of easy canter on each rein", Gait.Canter, Rein.Both, 2);
        foreach (var part in canters ? habits.CanterEarly ? new[] { canter, trot } : [trot, canter] : [trot])
        {
            Add(part, "Warm-up in this horse's own order", [habits.CanterEarly ? "canter before trot, for more energy than patience" : "trot until loose, then canter"], Source.CommonPractice);
        }

        return walk + loose;
    }

    private static double CoolDownMinutes(double minutes, Manner manner) =>
        manner == Manner.InHand ? 0 : Math.Min(SessionFigures.WalkLast.Value + (minutes >= 40 ? 5 : minutes >= 30 ? 2 : 0), Math.Max(2, minutes - 10));

    private void CoolDown(double minutes, Manner manner)
    {
        if (minutes <= 0)
        {
            return;
        }

        var stretch = minutes > SessionFigures.WalkLast.Value && manner == Manner.Ridden && Allowed(Gait.Trot) == Gait.Trot ? 2 : 0;
        if (stretch > 0)
        {
            Add(new PartEntry(Phase.CoolDown, "Stretch in trot on the large circle", Gait.Trot, Rein.Both, stretch), "Finish on something it does well", [], Source.CommonPractice);
        }

        Add(new PartEntry(Phase.CoolDown, "Walk on a long rein; drop the reins at the end", Gait.Walk, Rein.Both, minutes - stretch), "Breath and muscle come down, and the closing test says whether it was too much", [], SessionFigures.WalkLast.Source);
    }

    /// <summary>The gait, or walk where a restriction rules it out.</summary>
    private Gait Allowed(Gait gait) => (context.Restrictions ?? []).Any(r => r.HoldsOn(wanted.On) && r.NoGaits.Contains(gait)) ? Gait.Walk : gait;

    private void Add(PartEntry part, string rule, IReadOnlyList<string> inputs, Source source) => Add(part, new Why(rule, inputs, source));

    private void Add(PartEntry part, Why why)
    {
        _parts.Add(part);
        _because.Add(why);
    }

    private static double Half(double minutes) => Math.Floor(minutes * 2) / 2;

    private static string Sentence(string words) => char.ToUpper(words[0], CultureInfo.InvariantCulture) + words[1..];
}
