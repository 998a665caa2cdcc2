using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Exercises;

/// <summary>A trainer's own exercise as typed, for a rung of the catalogue.</summary>
public sealed record OwnExerciseEntry
{
    /// <summary>The rung it belongs to.</summary>
    public string? RungId { get; init; }

    /// <summary>What it is called.</summary>
    public string? Name { get; init; }

    /// <summary>How it is ridden.</summary>
    public string? How { get; init; }

    /// <summary>The gait most of it is in.</summary>
    public Gait? Gait { get; init; }

    /// <summary>Where it is ridden.</summary>
    public RiddenFigure? Figure { get; init; }

    /// <summary>How often, both reins together.</summary>
    public int? Repetitions { get; init; }

    /// <summary>Its dose in minutes; or efforts.</summary>
    public double? Minutes { get; init; }

    /// <summary>Its dose in efforts; or minutes.</summary>
    public int? Efforts { get; init; }

    /// <summary>How many poles it takes.</summary>
    public int? Poles { get; init; }

    /// <summary>Steps asked before the rest.</summary>
    public int? StepsBeforeRest { get; init; }

    /// <summary>The catalogue's exercise it was copied from.</summary>
    public string? CopiedFrom { get; init; }

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
            new Exercise
            {
                Id = id.ToString(),
                RungId = rung!.Id,
                Name = name,
                How = how,
                Gait = gait,
                Figure = figure,
                Repetitions = repetitions,
                Dose = minutes is { } m ? Dose.OfMinutes(m) : Dose.OfEfforts(efforts!.Value),
                Poles = poles,
                StepsBeforeRest = steps,
                SetUp = copied?.SetUp,
            }
        );
    }
}
