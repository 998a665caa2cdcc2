using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Planning.Blocks;

namespace Hippodrome.Core.Tests.Blocks;

/// <summary>Blocks and horses to plan with: plain ones, of which a test changes the one thing it is about.</summary>
internal static class MakeBlock
{
    /// <summary>A Monday.</summary>
    public static readonly DateOnly Start = new(2026, 3, 2);

    public static readonly DayOfWeek[] Six =
    [
        DayOfWeek.Tuesday,
        DayOfWeek.Wednesday,
        DayOfWeek.Thursday,
        DayOfWeek.Friday,
        DayOfWeek.Saturday,
        DayOfWeek.Sunday,
    ];
    public static readonly DayOfWeek[] Helped = [DayOfWeek.Tuesday, DayOfWeek.Thursday, DayOfWeek.Saturday];

    public static Aim Aim(DateOnly on, Discipline discipline = Discipline.Jumping, double? height = null) =>
        Core.Aims.Aim.Kept(
            Guid.NewGuid(),
            "Ashlode",
            on,
            discipline,
            "League",
            "Novice",
            height is { } h ? Distance.FromMetres(h) : null,
            ""
        );

    public static HorseNow Horse(
        int age = 9,
        IReadOnlyList<Restriction>? restrictions = null,
        string? held = null,
        AfterClearance? cleared = null,
        params Aim[] aims
    ) =>
        new(
            Core.Horses.Horse.Kept(
                Guid.NewGuid(),
                "Bramble",
                Start.Year - age,
                HorseHeight.Kept(165),
                Sex.Gelding,
                Experience.Novice,
                "",
                Start
            ),
            Places(),
            restrictions ?? [],
            held,
            cleared,
            aims
        );

    public static Places Places(params string[] rungs) =>
        Core.Exercises.Places.From(
            (
                rungs.Length > 0
                    ? rungs
                    :
                    [
                        "in-hand/long-lines-canter",
                        "lunge/canter-both-ways",
                        "flatwork/simple-change",
                        "lateral/shoulder-in",
                        "poles/raised-trot",
                        "grids/two-elements",
                        "jumping/single-fences",
                        "cross-country/banks-and-ditches",
                        "fitness/canter-sets",
                    ]
            )
                .Select(Catalogue.Find)
                .OfType<Rung>()
                .Select(r => new RungMove(r.Strand, r.Id, MoveKind.ByHand, "", Start))
        );

    public static BlockEntry Entry(Purpose purpose = Purpose.Schooling, int? weeks = 8, Aim? aim = null) =>
        new()
        {
            Name = "Spring",
            Purpose = purpose,
            Start = Start,
            Weeks = aim is null ? weeks : null,
            AimId = aim?.Id,
            Discipline = Discipline.Jumping,
            Focus = [Strand.Grids, Strand.Flatwork],
            Now = new MinutesByGait(110, 80, 30),
            Days = Six,
            HelperDays = Helped,
            ArenaDays = Six,
            OpenGroundDays = [DayOfWeek.Wednesday, DayOfWeek.Sunday],
            Return = purpose == Purpose.Return ? new ReturnEntry(8, OffBecause.Rest) : null,
            Sets = purpose == Purpose.Conditioning ? new SetsEntry(Scheme.British, "Novice", 3, 5, 400, 3) : null,
        };

    public static Block Block(BlockEntry? entry = null, params Aim[] aims) =>
        Core.Blocks.Block.From(Guid.Parse("6f9619ff-8b86-d011-b42d-00c04fc964ff"), entry ?? Entry(), aims, Start).OrThrow();

    public static PlanningCase Case(BlockEntry? entry = null, HorseNow? horse = null)
    {
        var now = horse ?? Horse();
        return PlanningCase.First(Block(entry, [.. now.Aims]), now, Start);
    }

    public static BlockPlan Plan(BlockEntry? entry = null, HorseNow? horse = null) => BlockPlanner.Plan(Case(entry, horse)).OrThrow();

    /// <summary>The same block on a later day: what was placed before a day was ridden, unless it is among the missed.</summary>
    public static PlanningCase On(this PlanningCase first, BlockPlan plan, DateOnly today, DateOnly? riddenBefore = null) =>
        first with
        {
            Former = plan,
            Today = today,
            Done = plan.Sessions.Where(s => s.On < (riddenBefore ?? today)).Select(s => s.Id).ToHashSet(),
        };

    public static Restriction No(DateOnly since, DateOnly? until, params Gait[] gaits) =>
        Restriction.Kept(Guid.NewGuid(), "strain", "Iva Sorrel, vet", since, until, gaits, [], null);
}
