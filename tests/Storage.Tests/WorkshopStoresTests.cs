using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Storage.Setups;
using Npgsql;
using Shouldly;
using Xunit;

namespace Hippodrome.Storage.Tests;

/// <summary>Versions of a set-up, what stands tonight, and the kit: kept, and each yard's own.</summary>
public class WorkshopStoresTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    private static readonly CorridorEntry Corridor = new()
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.CentreLine,
        Heading = Heading.TowardsC,
        MiddleMetres = 30,
        AdjustMetres = 0,
        Sections = 2,
        WidthMetres = 1.1,
        Halts = 1,
        BackSteps = 3,
        TurnedDegrees = 45,
    };

    private static readonly FigureEntry Figure = new()
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.CentreLine,
        Heading = Heading.TowardsC,
        MiddleMetres = 30,
        AdjustMetres = 0,
        Kind = FigureKind.Changes,
        Variant = GaitVariant.CanterCollected,
        Rein = Rein.Right,
        Changes = 5,
        Every = 4,
    };

    private async Task<Guid> KeepAsync(SetUpEntry entry, string name = "Kept")
    {
        var id = Guid.NewGuid();
        await store.InAsync(store.Here, yard => yard.AddSetUpAsync(store.Here.Horse.Id, id, name, entry));
        return id;
    }

    /// <summary>Every family comes back as it went in.</summary>
    [Fact]
    public async Task Each_family_comes_back_as_it_was_kept()
    {
        SetUpEntry[] all =
        [
            Corridor,
            Figure,
            new PoleLineEntry
            {
                Arena = ArenaSize.SixtyByTwenty,
                Line = ArenaLine.CentreLine,
                Heading = Heading.TowardsA,
                MiddleMetres = 30,
                AdjustMetres = 0,
                Variant = GaitVariant.CanterWorking,
                Poles = 8,
                Raising = Raising.BothEnds,
                HeightMetres = 0.3,
                StepMetres = 0.05,
                Laying = Laying.Square,
                FirstRaised = Side.Right,
            },
            new FenceLineEntry
            {
                Arena = ArenaSize.SixtyByTwenty,
                Line = ArenaLine.CentreLine,
                Heading = Heading.TowardsC,
                MiddleMetres = 30,
                AdjustMetres = 0,
                Kind = LineKind.RelatedLine,
                ComesIn = Gait.Canter,
                Elements = [new(ElementKind.Upright, 1.0), new(ElementKind.Parallel, 1.0, 0.9, 5)],
                GroundLines = GroundLines.BothSides,
                BendDegrees = 40,
                BendTo = Rein.Left,
            },
        ];
        foreach (var entry in all)
        {
            var id = await KeepAsync(entry);
            var kept = await store.InAsync(store.Here, yard => yard.FindSetUpAsync(store.Here.Horse.Id, id));
            Json.Write(kept!.Entry).ShouldBe(Json.Write(entry));
        }
    }

    [Fact]
    public async Task A_change_keeps_the_version_before_it_and_a_late_one_keeps_nothing()
    {
        var id = await KeepAsync(Corridor, "First");
        Task<bool> ChangeAsync(string name, int version) =>
            store.InAsync(store.Here, yard =>
                yard.ChangeSetUpAsync(store.Here.Horse.Id, id, name, Corridor with { Sections = 4 }, version)
            );
        (await ChangeAsync("Second", 1)).ShouldBeTrue();
        (await ChangeAsync("Too late", 1)).ShouldBeFalse();
        var versions = await store.InAsync(store.Here, yard => yard.SetUpVersionsAsync(store.Here.Horse.Id, id));
        versions.Select(v => (v.Version, v.Name, ((CorridorEntry)v.Entry).Sections)).ShouldBe([(2, "Second", 4), (1, "First", 2)]);
        versions.ShouldAllBe(v => v.KeptAt > DateTimeOffset.UtcNow.AddMinutes(-5));
        (await store.InAsync(store.There, yard => yard.SetUpVersionsAsync(store.Here.Horse.Id, id))).ShouldBeEmpty();
    }

    [Fact]
    public async Task What_stands_is_put_up_and_taken_down_as_a_whole()
    {
        var (corridor, figure) = (await KeepAsync(Corridor, "Corridor"), await KeepAsync(Figure, "Figure"));
        Task<bool> StandAsync(params Guid[] ids) => store.InAsync(store.Here, yard => yard.StandAsync(ids));
        async Task<List<string>> StandsAsync() =>
            (await store.InAsync(store.Here, yard => yard.TonightsArenaAsync())).ConvertAll(s => s.Name);
        (await StandAsync(corridor, figure)).ShouldBeTrue();
        (await StandsAsync()).ShouldBe(["Corridor", "Figure"]);
        (await StandAsync(figure)).ShouldBeTrue();
        (await StandsAsync()).ShouldBe(["Figure"]);

        // What is taken off the list no longer stands, and cannot be put up.
        await store.InAsync(store.Here, yard => yard.RemoveSetUpAsync(store.Here.Horse.Id, figure, true));
        (await StandsAsync()).ShouldBeEmpty();
        (await StandAsync(figure)).ShouldBeFalse();
        (await store.InAsync(store.There, yard => yard.StandAsync([corridor]))).ShouldBeFalse();
    }

    [Fact]
    public async Task The_kit_is_the_last_list_and_each_yards_own()
    {
        KitItem[] first = [new(KitKind.Pole, 3, 24), new(KitKind.Pole, 1.8, 2), new(KitKind.Wing, 0, 10)];
        await store.InAsync(store.Here, yard => yard.KeepKitAsync(first));
        (await store.InAsync(store.Here, yard => yard.KitAsync())).ShouldBe(first);
        await store.InAsync(store.Here, yard => yard.KeepKitAsync([new(KitKind.Block, 0, 6)]));
        (await store.InAsync(store.Here, yard => yard.KitAsync())).ShouldBe([new KitItem(KitKind.Block, 0, 6)]);
        (await store.InAsync(store.There, yard => yard.KitAsync())).ShouldBeEmpty();
    }

    /// <summary>The database itself refuses what cannot be, should the program forget.</summary>
    [Theory]
    [InlineData(KitKind.Wing, 3.0, 4)]
    [InlineData(KitKind.Pole, 0.0, 4)]
    [InlineData(KitKind.Pole, 3.0, 0)]
    public async Task Kit_that_cannot_be_is_refused_by_the_database(KitKind kind, double length, int count)
    {
        var refused = await Should.ThrowAsync<PostgresException>(
            store.InAsync(store.There, yard => yard.KeepKitAsync([new(kind, length, count)]))
        );
        refused.SqlState.ShouldBe(PostgresErrorCodes.CheckViolation);
    }
}
