using Hippodrome.Core.Aims;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Readiness;

/// <summary>What the dressage levels ask: each asks what the one below it asks, and more.</summary>
internal static class DressageLevels
{
    public static IEnumerable<LevelAsked> All()
    {
        var asked = new List<Demand>();
        foreach (var (name, more) in Movements)
        {
            asked = [.. asked, .. more];
            var fei = name is "Small tour" or "Big tour";
            yield return new LevelAsked(
                Discipline.Dressage,
                fei ? LevelDemands.FeiDressage : LevelDemands.NationalDressage,
                name,
                null,
                "",
                [.. Latest(asked), .. LevelDemands.AwayOnce()],
                ReadinessFigures.DressageAsked.Source
            );
        }
    }

    /// <summary>A harder form of a movement takes the place of the easier one.</summary>
    private static IEnumerable<Demand> Latest(List<Demand> asked) => asked.GroupBy(d => d.Id).Select(g => g.Last());

    private static readonly (string Level, Demand[] More)[] Movements =
    [
        (
            "Intro",
            [
                Asked("large-circles", "Trot, 20 m circles", "flatwork/lines-and-large-circles"),
                Asked("halt", "Halt", "flatwork/lines-and-large-circles", Movement.Halt, both: false),
                Asked("free-walk", "Free walk", null, Movement.Walk, both: false),
            ]
        ),
        (
            "Preliminary",
            [
                Asked("canter-circles", "Working canter and 20 m circles, both leads", "flatwork/trot-canter"),
                Asked("stretch", "Stretch on the circle", "flatwork/trot-canter", Movement.Stretch),
            ]
        ),
        (
            "Novice",
            [
                Asked("fifteen-canter", "15 m canter circles", "flatwork/fifteen-metres"),
                Asked("lengthened", "Lengthened strides in trot and canter", "flatwork/fifteen-metres", Movement.Lengthening),
                Asked("given-rein", "Give and retake", "flatwork/fifteen-metres", Movement.GivenRein),
                Asked("counter-canter", "Shallow loop in counter-canter", "changes/counter-canter-settled"),
            ]
        ),
        (
            "Elementary",
            [
                Asked("ten-metres", "10 m circles", "flatwork/ten-metres"),
                Asked("shoulder-in", "Shoulder-in", "lateral/shoulder-in"),
                Asked("leg-yield", "Leg-yield", "lateral/leg-yield-line", Movement.Yield),
                Asked("lengthened", "Medium trot and canter", "flatwork/ten-metres", Movement.Lengthening),
                Asked("depart", "Walk-canter-walk", "changes/canter-walk-canter", Movement.Depart),
                Asked("simple-change", "Simple changes", "flatwork/simple-change"),
                Asked("rein-back", "Rein-back", "flatwork/collected-gaits", Movement.ReinBack, both: false),
                Asked("counter-canter", "Counter-canter", "changes/counter-canter-bent"),
            ]
        ),
        (
            "Medium",
            [
                Asked("travers", "Travers", "lateral/travers"),
                Asked("half-pass-trot", "Half-pass in trot", "lateral/half-pass-trot"),
                Asked("lengthened", "Collected and extended gaits", "flatwork/collected-gaits", Movement.Lengthening),
                Asked("walk-pirouette", "Half pirouette in walk, turn on the haunches", null, Movement.Pirouette),
            ]
        ),
        (
            "Advanced Medium",
            [
                Asked("half-pass-canter", "Half-pass in canter", "lateral/lateral-canter"),
                Asked("change", "Single flying changes", "changes/single-change", Movement.Change),
                Asked("travers", "Travers and renvers", "lateral/travers"),
            ]
        ),
        (
            "Advanced",
            [
                Series(4),
                Series(3),
                Asked("canter-pirouette", "Working half pirouettes in canter", "collected/half-pirouette", Movement.Pirouette),
            ]
        ),
        ("Small tour", [Series(2), Asked("canter-pirouette", "Half and whole pirouettes", "collected/half-pirouette", Movement.Pirouette)]),
        (
            "Big tour",
            [
                Series(1),
                Asked("piaffe", "Piaffe", "collected/piaffe", Movement.HalfSteps, both: false),
                Asked("passage", "Passage", "collected/passage", Movement.Passage, both: false),
            ]
        ),
    ];

    private static Demand Asked(string id, string name, string? rung, Movement? movement = null, bool both = true) =>
        new(
            id,
            DemandKind.Movement,
            name,
            rung is null ? Strand.Flatwork : Catalogue.Rung(rung).Strand,
            rung,
            both,
            ReadinessFigures.DressageAsked.Source
        )
        {
            Movement = movement,
        };

    private static Demand Series(int every)
    {
        var rung = every switch
        {
            1 => "changes/every-stride",
            2 => "changes/every-second",
            3 => "changes/every-third",
            _ => "changes/every-fourth",
        };
        return new Demand(
            $"series-{every}",
            DemandKind.Series,
            Catalogue.Rung(rung).Name,
            Strand.Changes,
            rung,
            false,
            ReadinessFigures.DressageAsked.Source
        )
        {
            Movement = Movement.Series,
            Every = every,
        };
    }
}
