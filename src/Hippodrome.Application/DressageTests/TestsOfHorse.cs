using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Storage.DressageTests;

namespace Hippodrome.Application.DressageTests;

/// <summary>A test as a horse rode it, with what the marks come to.</summary>
/// <param name="Id">Which.</param>
/// <param name="Version">Of the row.</param>
/// <param name="Ridden">Day, place, marks.</param>
/// <param name="Whole">Every movement has its mark.</param>
/// <param name="Percent">Of the marks there are; of those that were ridden where they were pieces.</param>
/// <param name="SessionId">The session it was ridden in; null where nobody said.</param>
public sealed record TestRiddenView(Guid Id, int Version, TestRidden Ridden, bool Whole, decimal? Percent, Guid? SessionId);

/// <summary>A test for one horse: as it would ride it, and how it went.</summary>
/// <param name="Test">The test.</param>
/// <param name="Laid">Way, strides and time at this horse's gaits, and what follows on what too quickly for it.</param>
/// <param name="Ridden">How it went, the latest first.</param>
/// <param name="Marks">Movement by movement, at home and away.</param>
/// <param name="ToSchool">Pieces that are worth schooling now, what matters most first.</param>
public sealed record TestOfHorseView(
    DressageTestView Test,
    LaidTest Laid,
    IReadOnlyList<TestRiddenView> Ridden,
    IReadOnlyList<MovementMarks> Marks,
    IReadOnlyList<PieceToSchool> ToSchool
);

/// <summary>Pieces of a test that are wanted in a session; none is the whole of it.</summary>
public sealed record PiecesEntry(IReadOnlyList<int>? Pieces = null);

/// <summary>Marks of a test, and the session they are of.</summary>
public sealed record MarkedTestEntry(TestRiddenEntry? Ridden = null, Guid? SessionId = null);

/// <summary>A test as one horse rides it.</summary>
public static class TestsOfHorse
{
    public static async Task<Answer<TestOfHorseView>> OneAsync(Guid horseId, Guid testId, Visit visit)
    {
        if (await TestsOfYard.FindAsync(testId, visit) is not { } view)
        {
            return Refusal.NotThere;
        }

        var test = view.Entry.AsKept().Value!;
        var kept = (await visit.Yard.TestsRiddenAsync([horseId])).FindAll(r => r.TestId == testId);
        var laid = await LayAsync(horseId, test, visit);
        var marks = MovementMarks.Of(test, kept.ConvertAll(r => r.Ridden));
        return new TestOfHorseView(
            view,
            laid,
            [
                .. kept.AsEnumerable()
                    .Reverse()
                    .Select(r => new TestRiddenView(
                        r.Id,
                        r.Version,
                        r.Ridden,
                        r.Ridden.IsWhole(test),
                        r.Ridden.Percent(test),
                        r.SessionId
                    )),
            ],
            marks,
            PieceToSchool.Of(laid, marks)
        );
    }

    /// <summary>Pieces of it as a part of a session, in another order than the test's.</summary>
    public static async Task<Answer<PartEntry>> PartAsync(Guid horseId, Guid testId, PiecesEntry entry, Visit visit)
    {
        if (await TestsOfYard.FindAsync(testId, visit) is not { } view)
        {
            return Refusal.NotThere;
        }

        var test = view.Entry.AsKept().Value!;
        var part = TestParts.Of(testId, test, await LayAsync(horseId, test, visit), entry.Pieces);
        return part.IsFine ? part.Value : Refusal.Faulty(part.Faults);
    }

    public static async Task<Answer<TestOfHorseView>> AddRiddenAsync(Guid horseId, Guid testId, MarkedTestEntry entry, Visit visit)
    {
        if (await TestsOfYard.FindAsync(testId, visit) is not { } view)
        {
            return Refusal.NotThere;
        }

        var ridden = (entry.Ridden ?? new TestRiddenEntry()).Check(view.Entry.AsKept().Value!, visit.Today);
        if (!ridden.IsFine)
        {
            return Refusal.Faulty(InEntry(ridden.Faults));
        }

        if (entry.SessionId is { } session && (await visit.Book.SessionsAsync([session])).GetValueOrDefault(session)?.HorseId != horseId)
        {
            return Refusal.Faulty("sessionId", "This session is not one of this horse's.", "Leave it out, or choose one of its own.");
        }

        await visit.Yard.AddTestRiddenAsync(new KeptTestRidden(visit.NewId, horseId, testId, entry.SessionId, ridden.Value, 1));
        return await OneAsync(horseId, testId, visit);
    }

    public static async Task<Answer<TestOfHorseView>> ChangeRiddenAsync(
        Guid horseId,
        Guid testId,
        Guid riddenId,
        Change<MarkedTestEntry> change,
        Visit visit
    )
    {
        if (await TestsOfYard.FindAsync(testId, visit) is not { } view || await RiddenAsync(horseId, testId, riddenId, visit) is null)
        {
            return Refusal.NotThere;
        }

        var ridden = (change.Entry.Ridden ?? new TestRiddenEntry()).Check(view.Entry.AsKept().Value!, visit.Today);
        if (!ridden.IsFine)
        {
            return Refusal.Faulty(InEntry(ridden.Faults));
        }

        return await visit.Yard.ChangeTestRiddenAsync(horseId, riddenId, ridden.Value, change.Version)
            ? await OneAsync(horseId, testId, visit)
            : Refusal.Changed((await RiddenAsync(horseId, testId, riddenId, visit))!.Ridden, change.Entry);
    }

    public static async Task<Answer<TestOfHorseView>> RemoveRiddenAsync(
        Guid horseId,
        Guid testId,
        Guid riddenId,
        Visit visit,
        bool removed
    ) => await visit.Yard.RemoveTestRiddenAsync(horseId, riddenId, removed) ? await OneAsync(horseId, testId, visit) : Refusal.NotThere;

    private static async Task<KeptTestRidden?> RiddenAsync(Guid horseId, Guid testId, Guid riddenId, Visit visit) =>
        (await visit.Yard.TestsRiddenAsync([horseId])).Find(r => r.Id == riddenId && r.TestId == testId);

    private static async Task<LaidTest> LayAsync(Guid horseId, DressageTest test, Visit visit)
    {
        var pages = await visit.Book.PagesAsync([horseId]);
        var card = StrideCard.For(pages.Horses[horseId].Value.Height, (await visit.Book.StridesAsync([horseId]))[horseId]);
        return LaidTest.For(test, card, pages.Places[horseId]);
    }

    private static List<Fault> InEntry(IEnumerable<Fault> faults) => [.. faults.Select(f => f with { Field = $"ridden.{f.Field}" })];
}
