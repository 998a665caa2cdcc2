using Hippodrome.Core.Aims;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Readiness;

/// <summary>What eventing asks: dressage, then across country, then fences five centimetres higher.</summary>
internal static class EventingLevels
{
    public static IEnumerable<LevelAsked> National() =>
        new[]
        {
            (Name: "80", Height: 0.80, Metres: 1750, Dressage: "Preliminary"),
            (Name: "90", Height: 0.90, Metres: 1900, Dressage: "Preliminary"),
            (Name: "100", Height: 1.00, Metres: 2200, Dressage: "Novice"),
            (Name: "Novice", Height: 1.10, Metres: 2200, Dressage: "Novice"),
            (Name: "Intermediate", Height: 1.15, Metres: 3010, Dressage: "Elementary"),
            (Name: "Advanced", Height: 1.20, Metres: 3600, Dressage: "Medium"),
        }.Select(l =>
        {
            var speed = Conditioning.Levels.Find(Scheme.British, l.Name)!.Speed;
            return Event(
                LevelDemands.NationalEventing,
                l.Name,
                l.Height,
                speed,
                Math.Round((double)l.Metres / speed, 1),
                l.Dressage,
                $"about {l.Metres} m across country"
            );
        });

    public static IEnumerable<LevelAsked> International() =>
        Conditioning
            .Levels.All.Where(l => l.Scheme == Scheme.International)
            .Select(l =>
                Event(
                    LevelDemands.FeiEventing,
                    l.Name,
                    l.Name switch
                    {
                        "2*" => 1.10,
                        "3*" => 1.15,
                        _ => 1.20,
                    },
                    l.Speed,
                    l.LeastMinutes!.Value,
                    l.Name == "2*" ? "Elementary" : "Medium",
                    $"{l.LeastMetres} to {l.MostMetres} m across country"
                )
            );

    /// <summary>Dressage, across country, and jumping five centimetres higher; each asks its own.</summary>
    private static LevelAsked Event(string scheme, string name, double height, int speed, double minutes, string dressage, string facts) =>
        new(
            Discipline.Eventing,
            scheme,
            name,
            height,
            facts,
            [
                .. OfDressage(dressage),
                new Demand(
                    "speed",
                    DemandKind.Speed,
                    FormattableString.Invariant($"{minutes:0.#} minutes at {speed} m/min"),
                    Strand.Fitness,
                    "fitness/speed-sets",
                    false,
                    ReadinessFigures.EventingAsked.Source
                )
                {
                    Speed = speed,
                    Minutes = minutes,
                },
                .. Questions(height)
                    .Select(q => new Demand(
                        $"question-{q.ToString().ToLowerInvariant()}",
                        DemandKind.Question,
                        Say(q),
                        Strand.CrossCountry,
                        RungOf(q),
                        false,
                        ReadinessFigures.EventingAsked.Source
                    )
                    {
                        Question = q,
                    }),
                JumpingLevels.Height("Fences", height + 0.05, ReadinessFigures.EventingAsked.Source),
                JumpingLevels.Combination(2),
                .. LevelDemands.AwayOnce(),
            ],
            ReadinessFigures.EventingAsked.Source
        )
        {
            // A national one-day event jumps before it goes across country; a long format has it the other way round.
            Phases =
                scheme == LevelDemands.NationalEventing
                    ? [EventPhase.Dressage, EventPhase.Jumping, EventPhase.CrossCountry]
                    : [EventPhase.Dressage, EventPhase.CrossCountry, EventPhase.Jumping],
        };

    private static IEnumerable<Demand> OfDressage(string level) =>
        DressageLevels.All().First(l => l.Name == level).Demands.Where(d => d.Kind != DemandKind.Away);

    /// <summary>Ditch and step up from 80; water, step down and combination from 90; narrow and simple corner from 100.</summary>
    private static IEnumerable<QuestionKind> Questions(double height) =>
        [
            QuestionKind.Ditch,
            QuestionKind.Step,
            .. height >= 0.90 ? [QuestionKind.Water, QuestionKind.Drop, QuestionKind.Combination] : (QuestionKind[])[],
            .. height >= 1.00 ? [QuestionKind.Narrow, QuestionKind.Corner] : (QuestionKind[])[],
        ];

    private static string Say(QuestionKind question) =>
        question switch
        {
            QuestionKind.Step => "Step up",
            QuestionKind.Drop => "Step down",
            QuestionKind.Narrow => "Narrow fence",
            QuestionKind.Corner => "Simple corner",
            QuestionKind.Combination => "Combination across country",
            _ => question.ToString(),
        };

    private static string RungOf(QuestionKind question) =>
        question switch
        {
            QuestionKind.Water => "cross-country/shallow-water",
            QuestionKind.Step or QuestionKind.Drop => "cross-country/steps",
            QuestionKind.Ditch => "cross-country/banks-and-ditches",
            QuestionKind.Combination => "cross-country/combinations",
            _ => "narrow/barrel",
        };
}
