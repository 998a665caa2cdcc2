using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.DressageTests;

/// <summary>A dressage test as typed, letter to letter in the yard's own words.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Level">The level it is of, in words; may be left out.</param>
/// <param name="Arena">Its arena.</param>
/// <param name="Lines">What is ridden, in order.</param>
public sealed record DressageTestEntry(
    string? Name = null,
    string? Level = null,
    ArenaSize? Arena = null,
    IReadOnlyList<TestLineEntry>? Lines = null
)
{
    private const int MostLines = 80;
    private const int MostCoefficient = 4;

    /// <summary>The test, or everything that is wrong with it.</summary>
    public Outcome<DressageTest> Check() => Read(new Checks());

    /// <summary>As it was kept: what today's rules would refuse is remarked on.</summary>
    public Outcome<DressageTest> AsKept() => Read(Checks.Of(kept: true));

    /// <summary>The same test on the other rein.</summary>
    public DressageTestEntry InTheMirror() => this with { Lines = Lines?.Select(l => l?.InTheMirror()!).ToList() };

    private Outcome<DressageTest> Read(Checks checks)
    {
        var name = checks.Text("name", Name, 80);
        var level = checks.OptionalText("level", Level, 60);
        var size = checks.Choice("arena", Arena);
        checks.That(size != ArenaSize.Field, "arena", "A field has no letters.", "Choose 60 x 20 or 40 x 20.");
        var arena = size == ArenaSize.FortyByTwenty ? Arenas.Arena.Forty : Arenas.Arena.Sixty;
        var typed = checks.Lines("lines", Lines, MostLines).Take(MostLines).ToList();
        checks.That(typed.Count > 0, "lines", "There is nothing in this test yet.", "Begin with A to X along the centre line.");
        var way = new TestWay(arena);
        var reader = new LineReader(checks, arena, way);
        var lines = typed.Select(reader.Read).ToList();
        // A way with a hole in it says nothing about its turns.
        if (checks.Faults.All(f => !f.Field.StartsWith("lines", StringComparison.Ordinal)))
        {
            foreach (var (line, says, mend) in way.Faults())
            {
                checks.Add($"lines[{line}]", says, mend);
            }
        }

        var coefficients = typed.Select((l, i) => Coefficient(checks, l, i)).OfType<int>().ToList();
        return checks.Outcome(() => new DressageTest(name, level, arena, lines, coefficients, way.Lay(lines.Count)));
    }

    private static int? Coefficient(Checks checks, TestLineEntry line, int i) =>
        line.Coefficient is null
            ? i == 0
                ? 1
                : null
            : checks.Whole($"lines[{i}].coefficient", line.Coefficient, 1, MostCoefficient, "");

    /// <summary>Reads line after line, and lays the way as it goes.</summary>
    private sealed class LineReader(Checks checks, Arena arena, TestWay way)
    {
        private readonly TestLaying _laying = new(checks, arena, way);
        private int _at = -1;
        private int _movement;
        private char? _letter = 'A';
        private GaitVariant _gait = GaitVariant.TrotWorking;

        public TestLine Read(TestLineEntry typed)
        {
            _at++;
            var figure = checks.Choice(Field("figure"), typed.Figure);
            var words = checks.Text(Field("words"), typed.Words, 200);
            var gait =
                figure is TestFigure.Halt or TestFigure.ReinBack && typed.Gait is null ? _gait : checks.Choice(Field("gait"), typed.Gait);
            checks.That(
                gait is not (GaitVariant.CanterCourse or GaitVariant.CanterPoles),
                Field("gait"),
                "That is no gait of a dressage test.",
                "Choose another canter."
            );
            var from = Letter("from", typed.From);
            var to = Letter("to", typed.To);
            checks.That(
                typed.From is null || from is null || from == _letter,
                Field("from"),
                _letter is { } at
                    ? $"It begins at {from}, and the line before ends at {at}."
                    : $"It begins at {from}, and the line before ends at no letter.",
                "Put the way between in, or begin where the line before ends."
            );
            _movement += _at == 0 || typed.Coefficient is not null ? 1 : 0;
            var line = new TestLine(
                figure,
                _letter,
                figure is TestFigure.Circle || figure.IsOnTheSpot() ? _letter : to,
                gait,
                Asked(typed, figure, gait),
                words,
                _movement
            )
            {
                Turning = typed.Turning is null ? null : checks.Choice(Field("turning"), typed.Turning),
                Metres = Metres(typed, figure),
                Count = Count(typed, figure, gait),
                Every = typed.Asked == AskedOnTheWay.Changes ? checks.Whole(Field("every"), typed.Every, 1, 6, "strides") : null,
                Degrees = figure == TestFigure.Pirouette ? Degrees(typed) : null,
            };
            checks.That(
                typed.To is null || to is null || line.To == to,
                Field("to"),
                "It ends where it begins.",
                "Leave this empty, or give the letter it begins at."
            );
            line = _laying.Lay(_at, line);
            (_letter, _gait) = (line.To, gait);
            return line;
        }

        private string Field(string name) => $"lines[{_at}].{name}";

        private char? Letter(string field, string? typed)
        {
            if (string.IsNullOrWhiteSpace(typed))
            {
                return null;
            }

            var letter = typed.Trim().Length == 1 ? char.ToUpperInvariant(typed.Trim()[0]) : '\0';
            var there = arena.Letters.Any(l => l.Letter == letter);
            checks.That(
                there,
                Field(field),
                "There is no such letter in this arena.",
                $"Give one of {string.Join(" ", arena.Letters.Select(l => l.Letter))}."
            );
            return there ? letter : null;
        }

        private AskedOnTheWay? Asked(TestLineEntry typed, TestFigure figure, GaitVariant gait)
        {
            if (typed.Asked is null)
            {
                return null;
            }

            var asked = checks.Choice(Field("asked"), typed.Asked);
            var canter = gait.Gait() == Gait.Canter;
            var (fits, mend) = asked switch
            {
                AskedOnTheWay.ShoulderIn or AskedOnTheWay.Travers or AskedOnTheWay.Renvers => (
                    figure is TestFigure.Straight or TestFigure.Track && gait.Gait() != Gait.Canter,
                    "Ride it along the track or a straight line, in walk or trot."
                ),
                AskedOnTheWay.Changes => (
                    figure is TestFigure.Straight or TestFigure.Track && canter,
                    "Ride them on a straight line, in canter."
                ),
                AskedOnTheWay.Change or AskedOnTheWay.SimpleChange => (canter && !figure.IsOnTheSpot(), "Ride it in canter, on a way."),
                AskedOnTheWay.Passage => (
                    gait == GaitVariant.TrotCollected && !figure.IsOnTheSpot(),
                    "It is ridden in collected trot, on a way."
                ),
                _ => (!figure.IsOnTheSpot(), "Ask it on a way."),
            };
            checks.That(fits, Field("asked"), "That cannot be asked on this line.", mend);
            return asked;
        }

        private double? Metres(TestLineEntry typed, TestFigure figure) =>
            figure switch
            {
                TestFigure.Circle or TestFigure.HalfCircle or TestFigure.HalfCircleAndBack => checks.Number(
                    Field("metres"),
                    typed.Metres,
                    TestFigures.Volte.Value,
                    20,
                    "m"
                ),
                TestFigure.Loop => checks.Number(Field("metres"), typed.Metres, 1, 10, "m"),
                _ => null,
            };

        private int? Count(TestLineEntry typed, TestFigure figure, GaitVariant gait) =>
            figure switch
            {
                TestFigure.Serpentine => checks.Whole(Field("count"), typed.Count, 2, 6, "loops"),
                TestFigure.Halt => checks.Whole(Field("count"), typed.Count ?? TestFigures.HaltSeconds.Value, 1, 60, "seconds"),
                TestFigure.ReinBack => checks.Whole(Field("count"), typed.Count, 2, 10, "steps"),
                TestFigure.Piaffe => checks.Whole(Field("count"), typed.Count, 2, 20, "steps"),
                TestFigure.Pirouette => checks.Whole(Field("count"), typed.Count, 3, 16, gait.Gait() == Gait.Walk ? "steps" : "strides"),
                _ when typed.Asked == AskedOnTheWay.Changes => checks.Whole(Field("count"), typed.Count, 2, 21, "changes"),
                _ => null,
            };

        private int Degrees(TestLineEntry typed)
        {
            checks.That(typed.Degrees is 180 or 360, Field("degrees"), "A pirouette is half or whole.", "Give 180 or 360.");
            return typed.Degrees == 360 ? 360 : 180;
        }
    }
}
