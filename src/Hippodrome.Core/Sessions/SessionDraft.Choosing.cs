using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Sessions;

/// <content>Which rung may be ridden today, and which ways of riding it.</content>
internal sealed partial class SessionDraft
{
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
            // Nobody sits a first month again to warm up.
            : rung.FallBack is { } below && below != Catalogue.Ladder(Strand.Flatwork)[0].Id ? Catalogue.Rung(below)
            : null;
    }

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

    /// <summary>
    /// What may be ridden of a rung, the longest unused first and what needs no rebuilding; what stood the last two times is
    /// left out.
    /// </summary>
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
            .Where(e => context.RepeatsUntilEasy || Layout.KeyOf(e.SetUp?.Check().Value) is not { } key || !StoodTwice(key))
            .Where(e => wanted.Helper || !IsBuilt(e) || _built.Contains(e.Id) || _built.Count <= SessionFigures.RebuildsAlone.Value)
            .Where(e => context.SameLeg is null || (e.Poles is null && e.SetUp?.Check().Value is not { HasPoles: true }))
            .Where(e =>
                !IsEve
                || Height(e) is not { } height
                || height <= context.Competition!.Height!.Value.Metres - SessionFigures.UnderCompetition.Value
            )
            .OrderBy(e => IsRepeated(e) ? 0 : 1)
            .ThenBy(e => habits.Exercises.Count(id => id == e.Id) + (_used.Contains(e.Id) ? 100 : 0) + (StandsInTheWay(e) ? 50 : 0));

    /// <summary>Something is set out for it: changed for another it has to be rebuilt.</summary>
    private static bool IsBuilt(Exercise exercise) => exercise.SetUp is not null and not FigureEntry;

    /// <summary>
    /// What was not calm yet, and whatever is repeated until it is, comes again as it was; after a calm ride one thing is
    /// otherwise.
    /// </summary>
    private bool IsRepeated(Exercise exercise) =>
        (habits.LastTime is { IsCalm: false } || context.RepeatsUntilEasy)
        && !_used.Contains(exercise.Id)
        && habits.Exercises.FirstOrDefault(id => Catalogue.FindExercise(id)?.RungId == exercise.RungId) == exercise.Id;

    private bool IsEve => context.Competition is { Height: not null } aim && aim.DaysLeft(wanted.On) == 1;

    /// <summary>
    /// Height of an exercise's highest fence: its own, what it builds, or as high as goes with the horse; null where nothing
    /// is jumped.
    /// </summary>
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
}
