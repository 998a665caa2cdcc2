using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Exercises;

/// <summary>A trainer's own exercise as typed, for a rung of the catalogue.</summary>
/// <param name="RungId">The rung it belongs to.</param>
/// <param name="Name">What it is called.</param>
/// <param name="How">How it is ridden.</param>
/// <param name="Gait">The gait most of it is in.</param>
/// <param name="Figure">Where it is ridden.</param>
/// <param name="Repetitions">How often, both reins together.</param>
/// <param name="Minutes">Its dose in minutes; or efforts.</param>
/// <param name="Efforts">Its dose in efforts; or minutes.</param>
/// <param name="Poles">How many poles it takes.</param>
/// <param name="StepsBeforeRest">Steps asked before the rest.</param>
/// <param name="CopiedFrom">The catalogue's exercise it was copied from.</param>
public sealed record OwnExerciseEntry(
    string? RungId = null,
    string? Name = null,
    string? How = null,
    Gait? Gait = null,
    RiddenFigure? Figure = null,
    int? Repetitions = null,
    double? Minutes = null,
    int? Efforts = null,
    int? Poles = null,
    int? StepsBeforeRest = null,
    string? CopiedFrom = null
)
{
    /// <summary>Stands beside the catalogue's; the set-up of a copied one comes along.</summary>
    public Outcome<Exercise> Check(Guid id, bool kept = false)
    {
        var checks = Checks.Of(kept);
        var rung = RungId is null ? null : Catalogue.Find(RungId);
        checks.That(rung is not null, "rungId", "There is no such rung.", "Choose one of the library's.");
        var copied = CopiedFrom is null ? null : Catalogue.Exercises.FirstOrDefault(e => e.Id == CopiedFrom);
        checks.That(CopiedFrom is null || copied is not null, "copiedFrom", "There is no such exercise to copy.", "Leave it out.");
        var name = checks.Text("name", Name, 80);
        var how = checks.Text("how", How, 1000);
        var gait = checks.Choice("gait", Gait);
        var figure = checks.Choice("figure", Figure);
        var repetitions = checks.Whole("repetitions", Repetitions, 1, 60, "times");
        checks.That(
            (Minutes is null) != (Efforts is null),
            "minutes",
            "A dose is minutes, or efforts over fences.",
            "Give one of the two."
        );
        double? minutes = Minutes is null ? null : checks.Number("minutes", Minutes, 0.5, 60, "minutes");
        int? efforts = Efforts is null ? null : checks.Whole("efforts", Efforts, 1, 40, "efforts");
        int? poles = Poles is null ? null : checks.Whole("poles", Poles, 1, 30, "poles");
        int? steps = StepsBeforeRest is null ? null : checks.Whole("stepsBeforeRest", StepsBeforeRest, 1, 20, "steps");
        return checks.Outcome(() =>
            new Exercise(
                id.ToString(),
                rung!.Id,
                name,
                how,
                gait,
                figure,
                repetitions,
                minutes is { } m ? Dose.OfMinutes(m) : Dose.OfEfforts(efforts!.Value),
                poles,
                steps,
                copied?.SetUp
            )
        );
    }
}
