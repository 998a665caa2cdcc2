using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Sessions;

/// <summary>A session of the trade to start from.</summary>
/// <param name="Id">Its name in addresses.</param>
/// <param name="Name">What it is called.</param>
/// <param name="For">When it is the right one.</param>
/// <param name="Session">Its parts; the day is the trainer's.</param>
public sealed record SessionTemplate(string Id, string Name, string For, SessionEntry Session)
{
    /// <summary>It is the yard's own, and not the trade's.</summary>
    public bool Own { get; init; }

    /// <summary>The rung that most of its work is on; null where no part names one.</summary>
    internal Rung? MainRung =>
        Session.Parts!.Where(p => p.Phase == Phase.Work && p.RungId is not null).MaxBy(p => p.Minutes)?.RungId is { } id
            ? Catalogue.Find(id)
            : null;
}

/// <summary>Sessions of the trade. Common practice, no source; the checks speak for the horse they are given to.</summary>
public static class SessionTemplates
{
    /// <summary>Finds out where a horse stands.</summary>
    internal static SessionTemplate Assessment => All.Single(t => t.Id == "assessment");

    /// <summary>The ride after a therapist's treatment.</summary>
    internal static SessionTemplate Loosening => All.Single(t => t.Id == "loosening");

    public static IReadOnlyList<SessionTemplate> All { get; } =
    [
        new(
            "first-poles-in-hand",
            "First poles in hand",
            "A youngster that has never seen a pole",
            InHand(
                "First poles in hand",
                Work("Lead, halt, step back, letter to letter", Gait.Walk, 3, "in-hand/lead-and-halt", "letter-to-letter"),
                New("One pole, led from both sides", Gait.Walk, 4, "in-hand/pole-corridor", "one-pole-two-sides")
            )
        ),
        new(
            "lungeing-both-ways",
            "Lungeing, both ways",
            "A fresh horse, or a day off its back",
            new SessionEntry(
                Emphasis: "Even on both reins",
                Manner: Manner.Lunged,
                Helper: true,
                Notes: "",
                Parts:
                [
                    Walk(7),
                    On(Rein.Left, Work("Loose, the easier rein", Gait.Trot, 5, "lunge/free-both-ways", "loose-and-look")),
                    On(Rein.Right, Work("Loose, the other rein", Gait.Trot, 5, "lunge/free-both-ways", "loose-and-look")),
                    Between(
                        Work("Walk and trot by voice", Gait.Trot, 4, "lunge/surcingle-and-voice", "walk-trot-walk-by-voice"),
                        10,
                        Gait.Walk
                    ),
                    Last(5),
                ]
            )
        ),
        new(
            "assessment",
            "Assessment ride",
            "A new or returning horse; the sheet itself is on the passport",
            Ridden(
                "Find out where it stands",
                Walk(10),
                Work("Yield from a light leg, both ways", Gait.Walk, 4),
                Work("Shoulder-in: two steps in, two straight, out, both ways", Gait.Walk, 3),
                Work("20 m circle, both ways", Gait.Trot, 6),
                Work("Spiral in to 15 and yield out", Gait.Trot, 5),
                Between(Work("Transitions trot to walk", Gait.Trot, 4), 8, Gait.Walk),
                Work("A little canter, the harder lead first", Gait.Canter, 2),
                Stretch(2),
                Last(8)
            )
        ),
        new(
            "loosening",
            "Loosening after treatment",
            "The first ride after the therapist, as the therapist says",
            Ridden(
                "Loose and low",
                Walk(12),
                Between(Work("Easy trot on big lines, light seat", Gait.Trot, 5), 6, Gait.Walk),
                Work("Stretch all the way down, walk on a long rein", Gait.Walk, 4),
                Between(Work("Easy trot, a few longer strides, each followed by stretch", Gait.Trot, 4), 4, Gait.Walk),
                Work("Stretch all the way down again", Gait.Walk, 3),
                Last(10)
            )
        ),
        new(
            "transitions-day",
            "Transitions day",
            "Any horse in work: they build strength as well as long spells do",
            Ridden(
                "Crisp and soft",
                Walk(8),
                Loose(5),
                Between(
                    Work("Halt-walk-trot by letters", Gait.Trot, 8, "flatwork/lines-and-large-circles", "halt-walk-trot-by-letters"),
                    12,
                    Gait.Walk
                ),
                Between(Work("Half a circle each", Gait.Canter, 8, "flatwork/trot-canter", "half-a-circle-each"), 8, Gait.Trot),
                Stretch(2),
                Last(7)
            )
        ),
        new(
            "lateral-day",
            "Lateral day",
            "A horse that yields two steps and wants to yield four",
            Ridden(
                "Two steps and rest",
                Walk(8),
                Loose(5),
                Work("Two over, two straight", Gait.Walk, 6, "lateral/step-and-rest", "two-over-two-straight"),
                Work("Spiral, rest on 14 and 16", Gait.Walk, 6, "lateral/step-and-rest", "spiral-rest-on-14-and-16"),
                Work("Trot away, large lines", Gait.Trot, 4),
                Stretch(2),
                Last(7)
            )
        ),
        new(
            "first-fences",
            "First fences",
            "Poles are easy, canter is calm, someone is there",
            Helped(
                Ridden(
                    "One cross-pole, both reins",
                    Walk(8),
                    Loose(6),
                    Work("Four trot poles", Gait.Trot, 6, "poles/trot-poles", "four-on-the-quarter-line"),
                    Jump("Cross-pole from trot, both reins", Gait.Trot, 6, "jumping/cross-pole", "from-trot-both-reins", Phase.NewWork),
                    Stretch(2),
                    Last(7)
                )
            )
        ),
        new(
            "grid-day",
            "Grid day",
            "A horse that knows a cross-pole and one stride",
            Helped(
                Ridden(
                    "Quick behind, straight",
                    Walk(8),
                    Loose(6),
                    Work("Canter, forward and back", Gait.Canter, 4),
                    Jump("Cross-pole, one stride, upright", Gait.Trot, 8, "grids/one-stride", "cross-pole-one-stride-upright", Phase.Work),
                    Stretch(2),
                    Last(7)
                )
            )
        ),
        new(
            "day-before",
            "Day before a competition, jumper",
            "Sharp, small and short",
            Helped(
                Ridden(
                    "Small and sharp",
                    Walk(8),
                    Loose(6),
                    Between(Work("Canter, forward and back", Gait.Canter, 3), 4, Gait.Trot),
                    Jump("A low grid, once or twice through", Gait.Trot, 6, "grids/one-stride", "turn-after-it", Phase.Work),
                    Stretch(2),
                    Last(8)
                )
            )
        ),
        new(
            "canter-sets",
            "Canter sets",
            "Conditioning, every third or fourth day, on good ground",
            Ridden(
                "Three times five at 400 m/min",
                Walk(10),
                Loose(6),
                Work("Three times five", Gait.Canter, 15, "fitness/canter-sets", "three-times-five") with
                {
                    Times = 3,
                    BoutSeconds = 300,
                    RestSeconds = 180,
                    Minutes = 21,
                },
                Last(10)
            )
        ),
        new(
            "flying-changes",
            "Flying changes, late in the session",
            "Counter-canter is settled and canter-walk-canter light",
            Ridden(
                "One good change",
                Walk(8),
                Loose(6),
                Between(
                    Work("Canter-walk-canter, lead by name", Gait.Canter, 6, "changes/canter-walk-canter", "name-the-lead"),
                    8,
                    Gait.Walk
                ),
                Work("Counter-canter on the large circle", Gait.Canter, 4, "changes/counter-canter-settled", "twenty-in-counter-canter"),
                New("One or two changes on the diagonal", Gait.Canter, 4, "changes/single-change", "diagonal-before-the-letter") with
                {
                    Times = 2,
                },
                Stretch(2),
                Last(7)
            )
        ),
        new(
            "tempi",
            "Changes in sequence, forward and back",
            "Single changes are sure everywhere",
            Ridden(
                "Forward, change, collect",
                Walk(8),
                Loose(6),
                Between(Work("Five and five on the long sides", Gait.Canter, 5, "flatwork/collected-gaits", "five-and-five"), 6, Gait.Trot),
                Work("Forward, change, collect", Gait.Canter, 5, "changes/forward-change-collect", "forward-change-collect"),
                New("Three fours", Gait.Canter, 4, "changes/every-fourth", "three-fours"),
                Stretch(2),
                Last(7)
            )
        ),
        new(
            "pirouette-and-piaffe",
            "Pirouette and piaffe, as training",
            "Collected work, schooled and not tested",
            Helped(
                Ridden(
                    "More in, and out at any stride",
                    Walk(8),
                    Loose(6),
                    Work("Travers on ten", Gait.Canter, 5, "collected/schooling-pirouette", "travers-on-ten"),
                    Work("Walk on a long rein", Gait.Walk, 3),
                    Work("Half-steps along the wall", Gait.Trot, 5, "collected/half-steps", "from-walk-along-the-wall"),
                    Work("Forward on large lines", Gait.Trot, 4),
                    Stretch(2),
                    Last(7)
                )
            )
        ),
        new(
            "first-water-and-steps",
            "First water and steps, in walk",
            "A young horse's first day in the country",
            Helped(
                Ridden(
                    "In and out, calmly",
                    Walk(12),
                    Loose(5),
                    Work("Walk in, stand, out; then alone", Gait.Walk, 8, "cross-country/shallow-water", "in-behind-a-friend"),
                    Jump("Up the smallest step, then down", Gait.Walk, 6, "cross-country/steps", "up-then-down", Phase.NewWork),
                    Last(10)
                )
            )
        ),
        new(
            "dressage-over-fences",
            "Dressage over fences",
            "A jumper that needs a better canter, not bigger fences",
            Helped(
                Ridden(
                    "The canter between",
                    Walk(8),
                    Loose(6),
                    Work("Shoulder-fore and back to straight", Gait.Canter, 4),
                    Work("Ten in three", Gait.Canter, 6, "poles/accordion", "ten-in-three"),
                    Jump("Figure of eight over one", Gait.Canter, 8, "jumping/leads-and-turns", "figure-of-eight-over-one", Phase.Work),
                    Stretch(2),
                    Last(7)
                )
            )
        ),
        new(
            "first-ride-back",
            "First ride back after turn-out",
            "A sound horse after rest only; the vet's plan goes before it",
            Ridden("Ten minutes, and home", Walk(10, Phase.WarmUp))
        ),
        new(
            "short-first-day",
            "Short first day",
            "A sound horse that was ridden before, after rest only; may be repeated in the first week",
            new SessionEntry(
                Emphasis: "One short lesson, never tired",
                Manner: Manner.Ridden,
                Helper: true,
                Notes: "Under twenty minutes from the first asking to dismounting.",
                Parts: ShortFirstDay
            )
        ),
    ];

    /// <summary>A little loose, the long lines, and a few minutes in the saddle with each gait both ways.</summary>
    internal static IReadOnlyList<PartEntry> ShortFirstDay =>
        [
            PartEntry.Of(Phase.WarmUp, "Led in walk, both sides", Gait.Walk, Rein.Both, 3) with
            {
                Manner = Manner.InHand,
            },
            PartEntry.Of(Phase.Work, "Loose, both ways", Gait.Trot, Rein.Both, 1.5) with
            {
                Manner = Manner.Loose,
            },
            PartEntry.Of(Phase.Work, "Long lines, walk and a little trot", Gait.Walk, Rein.Both, 6) with
            {
                Manner = Manner.LongReined,
            },
            PartEntry.Of(Phase.Work, "In the saddle: walk, both ways", Gait.Walk, Rein.Both, 2) with
            {
                Manner = Manner.Ridden,
            },
            PartEntry.Of(Phase.Work, "A little trot, both ways", Gait.Trot, Rein.Both, 1.5) with
            {
                Manner = Manner.Ridden,
            },
            PartEntry.Of(Phase.Work, "A few strides of canter, both ways", Gait.Canter, Rein.Both, 1) with
            {
                Manner = Manner.Ridden,
            },
            PartEntry.Of(Phase.CoolDown, "Led in walk", Gait.Walk, Rein.Both, 3) with
            {
                Manner = Manner.InHand,
            },
        ];

    private static SessionEntry Ridden(string emphasis, params PartEntry[] parts) =>
        new(Emphasis: emphasis, Manner: Manner.Ridden, Helper: false, Parts: parts, Notes: "");

    private static SessionEntry InHand(string emphasis, params PartEntry[] parts) =>
        new(Emphasis: emphasis, Manner: Manner.InHand, Helper: true, Parts: parts, Notes: "");

    private static SessionEntry Helped(SessionEntry session) => session with { Helper = true };

    private static PartEntry Walk(double minutes, Phase phase = Phase.WarmUp) =>
        PartEntry.Of(phase, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, minutes);

    private static PartEntry Loose(double minutes) =>
        PartEntry.Of(Phase.WarmUp, "Trot, loose and forward, both reins", Gait.Trot, Rein.Both, minutes);

    private static PartEntry Stretch(double minutes) =>
        PartEntry.Of(Phase.CoolDown, "Stretch in trot on the large circle", Gait.Trot, Rein.Both, minutes);

    private static PartEntry Last(double minutes) =>
        PartEntry.Of(Phase.CoolDown, "Walk on a long rein; drop the reins at the end", Gait.Walk, Rein.Both, minutes);

    private static PartEntry Work(string what, Gait gait, double minutes, string? rung = null, string? exercise = null) =>
        new()
        {
            Phase = Phase.Work,
            What = what,
            Gait = gait,
            Rein = Rein.Both,
            Minutes = minutes,
            MarkHopedFor = rung is null ? null : SessionFigures.MarkHoped.Value,
            RungId = rung,
            ExerciseId = rung is null ? null : $"{rung}/{exercise}",
        };

    private static PartEntry New(string what, Gait gait, double minutes, string rung, string exercise) =>
        Work(what, gait, minutes, rung, exercise) with
        {
            Phase = Phase.NewWork,
        };

    private static PartEntry Jump(string what, Gait gait, int efforts, string rung, string exercise, Phase phase) =>
        Work(what, gait, efforts * SessionFigures.MinutesPerGo.Value, rung, exercise) with
        {
            Phase = phase,
            Efforts = efforts,
        };

    private static PartEntry Between(PartEntry part, int transitions, Gait with) =>
        part with
        {
            Transitions = transitions,
            TransitionsWith = with,
        };

    private static PartEntry On(Rein rein, PartEntry part) => part with { Rein = rein };
}
