using System.Globalization;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <summary>Draws a session up part by part, each with its reason.</summary>
internal sealed partial class SessionDraft(Wanted wanted, Habits habits, PlanContext context)
{
    private const double ShortestWork = 4;

    /// <summary>A rein ridden for so long is followed by walk on a loose rein before the other.</summary>
    private const double LongOnARein = 4;

    private readonly List<PartEntry> _parts = [];
    private readonly List<Why> _because = [];
    private readonly List<string> _notes = [];
    private readonly HashSet<string> _used = [];
    private readonly HashSet<string> _built = [];
    private readonly HashSet<ArenaLine> _lines = [];
    private readonly Places _places = context.Places ?? Places.From([]);

    public SessionProposal Draw() =>
        Prescribed()
        ?? OnTheEve()
        ?? (
            RungInWork() is not { } rung ? WalkOnly()
            : IsFromTheGround(rung) ? InHandDay(rung)
            : IsFirstFence(rung) ? FirstFences(rung)
            : IsLearnedChange(rung) ? WithChanges(rung)
            : IsSeries(rung) ? WithSeries(rung)
            : Shaped(rung)
        );

    /// <summary>Walk, its own warm-up, from easy to hard or the main thing fresh, new work last, the way down.</summary>
    private SessionProposal Shaped(Rung rung)
    {
        var manner = MannerOf(rung);
        var above = NewRung(rung);
        var last = CoolDownMinutes(wanted.Minutes, manner);
        var first = WarmUp(wanted.Minutes, manner, last);
        var work = Math.Max(wanted.Minutes - first - last, ShortestWork / 2);
        work -= FreeAndBig(rung, work);
        var fresh = above is not null && work >= 12 ? Math.Min(8, Math.Floor(work / 4)) : 0;
        var below = EasyRung(rung);
        var easy = below is not null && work - fresh >= 10 ? Math.Floor((work - fresh) * 0.3) : 0;
        var why = MainThingFirst(rung);
        if (easy > 0 && why is null)
        {
            Ride(below!, Phase.Work, easy, "Easy first: what it does well", SessionFigures.MinutesPerGo.Source);
        }

        Ride(
            rung,
            Phase.Work,
            work - fresh - easy,
            why ?? (_places[rung.Strand] == rung ? "The rung in work" : "Where this ladder begins for it"),
            Source.CommonPractice
        );
        if (easy > 0 && why is not null)
        {
            Ride(below!, Phase.Work, easy, "The main thing first; then what it does well", SessionFigures.MinutesPerGo.Source);
        }

        if (fresh > 0)
        {
            Ride(above!, Phase.NewWork, fresh, "New work last, one or two good ones and leave it", SessionFigures.NewWorkWithin.Source);
        }

        CoolDown(last, manner);
        return Drawn(rung.Name.Length <= 80 ? rung.Name : rung.Name[..80], manner);
    }

    /// <summary>
    /// Why the rung in work comes before what it does well: as its approach has it; canter early is a purpose too. Null where
    /// it does not.
    /// </summary>
    private string? MainThingFirst(Rung rung) =>
        habits.Ways.Are(ApproachQuestion.FreshOrTired, Approach.MainThingFresh) ? "The main thing while it is fresh"
        : CantersEarly && Exercises(rung).FirstOrDefault()?.Gait == Gait.Canter ? "Canter early, while there is more energy than patience"
        : null;

    /// <summary>Before collected work the same gait free and big; how many minutes it takes.</summary>
    private double FreeAndBig(Rung rung, double work)
    {
        if (
            !rung.IsCollected()
            || work < 9
            || Exercises(rung).FirstOrDefault()?.Gait is not (Gait.Trot or Gait.Canter)
            || AllowedBig(rung) is not { } gait
        )
        {
            return 0;
        }

        Add(
            PartEntry.Of(Phase.Work, "Bigger strides on the long sides, and back to its own", gait, Rein.Both, 3) with
            {
                Outline = Outline.Level,
                Seat = gait == Gait.Trot ? Seat.Rising : Seat.Light,
                StrideAim = gait == Gait.Trot ? GaitVariant.TrotMedium : GaitVariant.CanterMedium,
            },
            "Free and big before collected: what is gathered has to be there first",
            [rung.Name],
            Source.CommonPractice
        );
        return 3;
    }

    private Gait? AllowedBig(Rung rung) =>
        Exercises(rung).First().Gait is var gait && Allowed(gait) == gait && _places.Reached(Catalogue.Rung("flatwork/fifteen-metres"))
            ? gait
            : null;

    private SessionProposal Drawn(string emphasis, Manner manner) =>
        new(new SessionEntry(wanted.On, emphasis, manner, wanted.Helper, [.. _parts], "", "", wanted.TackIds), _because, _notes);

    private static Manner MannerOf(Rung rung) =>
        rung.Strand switch
        {
            Strand.InHand => rung.Id is "in-hand/long-lines-trot" or "in-hand/long-lines-canter" ? Manner.LongReined : Manner.InHand,
            Strand.Lunge => Manner.Lunged,
            _ => Manner.Ridden,
        };

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

            // What the first of the two has had built may leave no time to rebuild for the second.
            if (!Exercises(rung).Contains(exercise))
            {
                continue;
            }

            var dose = exercise.Dose.Minutes ?? exercise.Dose.Efforts!.Value * SessionFigures.MinutesPerGo.Value;
            var ridden = Math.Min(left, phase == Phase.NewWork ? Math.Min(dose, 4) : Math.Max(dose, 6) * 1.5);
            // Said before it is taken: what is ridden already is no repetition of last time.
            var reason = Why.Of(why, [$"{rung.Name} ({rung.Strand.Say()})", exercise.How, .. Again(exercise), .. Started()], source);
            Take(exercise);
            Both(exercise, phase, ridden, reason);
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
                ) with
                {
                    Outline = Outline.Level,
                    Seat = MannerOf(rung) == Manner.Ridden ? Seat.Rising : null,
                    Manner = MannerOf(rung),
                },
                "Loose again between, and the minutes that are left",
                [],
                Source.CommonPractice
            );
        }
    }

    /// <summary>It is ridden today: it is not offered again, and what stood in its way is rebuilt.</summary>
    private void Take(Exercise exercise)
    {
        _used.Add(exercise.Id);
        if (StandsInTheWay(exercise))
        {
            _notes.Add($"{exercise.Name} stands where something else stood: rebuild between the two.");
        }

        if (IsBuilt(exercise))
        {
            _built.Add(exercise.Id);
            if (exercise.SetUp!.Line is { } line)
            {
                _lines.Add(line);
            }
        }
    }

    private IEnumerable<string> Again(Exercise exercise) => IsRepeated(exercise) ? ["as it was last time: it was not calm yet"] : [];

    private void Both(Exercise exercise, Phase phase, double minutes, Why why)
    {
        if (exercise.Figure is RiddenFigure.OpenGround or RiddenFigure.OnTheSpot || minutes < 2)
        {
            Add(PartOf(exercise, phase, minutes, Rein.Both, 1), why);
            return;
        }

        var between = Between(exercise, minutes);
        var ridden = minutes - (between?.Minutes ?? 0);
        Add(PartOf(exercise, phase, ridden, StartRein, 0.5), why);
        if (between is not null)
        {
            Add(between, "Stretch and walk between the reins, and the attempt is praised", [], Source.CommonPractice);
        }

        Add(PartOf(exercise, phase, ridden, StartRein.Other(), 0.5), why);
    }

    private PartEntry PartOf(Exercise exercise, Phase phase, double minutes, Rein rein, double share)
    {
        var rung = Catalogue.Rung(exercise.RungId);
        // A grid is jumped whole or not at all: fences come by the go.
        var inOneGo = Math.Max(1, exercise.SetUp?.Check().Value?.Fences.Count ?? 1);
        return new()
        {
            Phase = phase,
            What = exercise.Name,
            Gait = exercise.Gait,
            Rein = rein,
            Minutes = Math.Max(0.5, Half(minutes * share)),
            SetUpId = null,
            MarkHopedFor = rung.Good.Mark,
            RungId = exercise.RungId,
            ExerciseId = exercise.Id,
            Times = exercise.Dose.Efforts is null && exercise.SetUp is not null ? Math.Max(1, (int)(minutes * share)) : null,
            Efforts = exercise.Dose.Efforts is { } dose
                ? Math.Max(1, (int)Math.Round(Math.Min(dose, minutes) * share / inOneGo)) * inOneGo
                : null,
            HeightMetres = exercise.SetUp is null ? Height(exercise) : null,
            Manner = MannerOf(rung),
            Outline = OutlineOf(rung),
            Seat = SeatOf(rung, exercise.Gait),
            StrideAim = StrideAimOf(rung, exercise.Gait),
        };
    }

    private static Outline? OutlineOf(Rung rung) =>
        MannerOf(rung) == Manner.InHand ? null
        : rung.IsCollected() ? Outline.Collected
        : Outline.Level;

    /// <summary>Sitting where it is collected; light over fences and in a young horse's canter; rising in any other trot.</summary>
    private Seat? SeatOf(Rung rung, Gait gait) =>
        MannerOf(rung) != Manner.Ridden || gait is not (Gait.Trot or Gait.Canter or Gait.Gallop) ? null
        : rung.IsCollected() ? Seat.Sitting
        : rung.IsJumped()
        || rung.Strand is Strand.Fitness
        || (gait == Gait.Canter && (rung.Strand == Strand.Poles || context.Age < SessionFigures.SitsFrom.Value))
            ? Seat.Light
        : gait == Gait.Trot ? Seat.Rising
        : Seat.Sitting;

    private static GaitVariant? StrideAimOf(Rung rung, Gait gait) =>
        (rung.IsCollected(), gait) switch
        {
            (true, Gait.Trot) => GaitVariant.TrotCollected,
            (true, Gait.Canter) => GaitVariant.CanterCollected,
            _ => null,
        };

    /// <summary>
    /// Walk on a loose rein between the reins; on the lunge always, the aid loosened. Null where a rein is short, or walked.
    /// </summary>
    private static PartEntry? Between(Exercise exercise, double minutes)
    {
        var manner = MannerOf(Catalogue.Rung(exercise.RungId));
        var lunged = manner == Manner.Lunged;
        return exercise.Gait is not (Gait.Trot or Gait.Canter) || manner == Manner.InHand || minutes < (lunged ? 5 : 2 * LongOnARein)
            ? null
            : PartEntry.Of(
                Phase.Work,
                lunged ? "Walk and stretch, everything loosened, before the other rein" : "Walk on a loose rein before the other rein",
                Gait.Walk,
                Rein.Both,
                lunged ? SessionFigures.BetweenReinsOnTheLunge.Value : 1
            ) with
            {
                Manner = manner,
                Outline = Outline.Long,
            };
    }

    private Rein StartRein => habits.LastStartRein == Rein.Left ? Rein.Right : Rein.Left;

    private IEnumerable<string> Started() =>
        [
            habits.LastStartRein is { } rein and not Rein.Both
                ? $"last time the {rein.ToString().ToLowerInvariant()} rein came first: today the other"
                : $"the {StartRein.ToString().ToLowerInvariant()} rein first, the other next time",
        ];

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
