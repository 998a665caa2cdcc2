using Hippodrome.Core.Aims;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;
using Npgsql;
using Shouldly;
using Xunit;

namespace Hippodrome.Storage.Tests;

/// <summary>What is put in comes out again, late edits are told, and what is taken off can come back.</summary>
public class StoresTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    private static readonly PoleLineEntry Poles = new()
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.CentreLine,
        Heading = Heading.TowardsC,
        MiddleMetres = 30,
        AdjustMetres = 0.05,
        Variant = GaitVariant.TrotWorking,
        Poles = 4,
        Raising = Raising.AlternateEnds,
        HeightMetres = 0.1,
    };

    private Guid HorseId => store.Here.Horse.Id;

    [Fact]
    public async Task A_horse_comes_back_as_it_was_entered()
    {
        var horse = StoreFixture.NewHorse("Quill");
        await store.InAsync(store.Here, yard => yard.AddHorseAsync(horse));
        var kept = (await store.InAsync(store.Here, yard => yard.FindHorseAsync(horse.Id)))!.Value;
        kept.Met.ShouldBe(horse.Met);
        (kept with { Met = horse.Met }).ShouldBe(horse);
    }

    [Fact]
    public async Task The_later_of_two_edits_of_the_same_version_changes_nothing()
    {
        var horse = StoreFixture.NewHorse("Twice");
        await store.InAsync(store.Here, yard => yard.AddHorseAsync(horse));
        Horse Noted(string notes) =>
            Horse.Kept(horse.Id, horse.Name, horse.Foaled, horse.Height, horse.Sex, horse.Experience, notes, horse.EnteredOn);
        (await store.InAsync(store.Here, yard => yard.ChangeHorseAsync(Noted("first"), 1))).ShouldBeTrue();
        (await store.InAsync(store.Here, yard => yard.ChangeHorseAsync(Noted("second"), 1))).ShouldBeFalse();
        var kept = await store.InAsync(store.Here, yard => yard.FindHorseAsync(horse.Id));
        (kept!.Value.Notes, kept.Version).ShouldBe(("first", 2));
    }

    [Fact]
    public async Task Sessions_with_the_same_poles_in_the_same_place_have_the_same_built()
    {
        var setUps = new[] { Poles, Poles, Poles with { Poles = 5 } };
        var sessions = new List<Guid>();
        foreach (var entry in setUps)
        {
            var setUp = Guid.NewGuid();
            await store.InAsync(store.Here, yard => yard.AddSetUpAsync(HorseId, setUp, "Poles", entry));
            var plan = Plan(
                new(2026, 4, 21),
                PartEntry.Of(Phase.WarmUp, "Walk", Gait.Walk, Rein.Both, 8),
                PartEntry.Of(Phase.Work, "Poles", Gait.Trot, Rein.Left, 12) with
                {
                    SetUpId = setUp,
                },
                PartEntry.Of(Phase.Work, "Again", Gait.Trot, Rein.Right, 12) with
                {
                    SetUpId = setUp,
                }
            );
            await store.InAsync(store.Here, yard => yard.AddSessionAsync(HorseId, plan));
            sessions.Add(plan.Id);
        }

        var built = await store.InAsync(store.Here, yard => yard.BuiltForAsync([.. sessions, Guid.NewGuid()]));
        built.Keys.ShouldBe(sessions, true);
        built[sessions[1]].ShouldBe(built[sessions[0]]);
        built[sessions[2]].ShouldNotBe(built[sessions[0]]);
        (await store.InAsync(store.There, yard => yard.BuiltForAsync(sessions))).ShouldBeEmpty();
    }

    [Fact]
    public async Task A_session_keeps_its_parts_in_order()
    {
        var setUp = Guid.NewGuid();
        await store.InAsync(store.Here, yard => yard.AddSetUpAsync(HorseId, setUp, "Poles", Poles));
        var plan = Plan(
            new(2026, 4, 20),
            PartEntry.Of(Phase.WarmUp, "Walk", Gait.Walk, Rein.Both, 8),
            PartEntry.Of(Phase.Work, "Poles", Gait.Trot, Rein.Left, 12.5) with
            {
                SetUpId = setUp,
                MarkHopedFor = 6.5,
            },
            PartEntry.Of(Phase.CoolDown, "Walk", Gait.Walk, Rein.Both, 6)
        );
        await store.InAsync(store.Here, yard => yard.AddSessionAsync(HorseId, plan));
        var kept = await store.InAsync(store.Here, yard => yard.FindSessionAsync(HorseId, plan.Id));
        kept!.Plan.Parts.ShouldBe(plan.Parts);
        Json.Write(kept.Plan.ToEntry()).ShouldBe(Json.Write(plan.ToEntry()));

        var shorter = SessionPlan.Kept(plan.Id, plan.On, plan.Emphasis, plan.Manner, plan.Helper, [plan.Parts[0]], plan.Notes);
        (await store.InAsync(store.Here, yard => yard.ChangeSessionAsync(HorseId, shorter, 1))).ShouldBeTrue();
        (await store.InAsync(store.Here, yard => yard.ChangeSessionAsync(HorseId, plan, 1))).ShouldBeFalse();
        (await store.InAsync(store.Here, yard => yard.FindSessionAsync(HorseId, plan.Id)))!.Plan.Parts.ShouldBe([plan.Parts[0]]);
    }

    [Fact]
    public async Task A_session_cannot_use_another_horses_set_up()
    {
        var (other, setUp) = (StoreFixture.NewHorse("Other"), Guid.NewGuid());
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddHorseAsync(other);
            await yard.AddSetUpAsync(other.Id, setUp, "Poles", Poles);
        });
        var plan = Plan(new(2026, 4, 21), PartEntry.Of(Phase.Work, "Poles", Gait.Trot, Rein.Both, 10) with { SetUpId = setUp });
        var thrown = await Should.ThrowAsync<PostgresException>(() =>
            store.InAsync(store.Here, yard => yard.AddSessionAsync(HorseId, plan))
        );
        thrown.SqlState.ShouldBe(PostgresErrorCodes.ForeignKeyViolation);
    }

    [Fact]
    public async Task Set_ups_of_every_family_come_back_as_they_were()
    {
        SetUpEntry[] entries =
        [
            Poles,
            new CrossPoleEntry
            {
                Arena = ArenaSize.FortyByTwenty,
                Line = ArenaLine.RightInnerTrack,
                Heading = Heading.TowardsA,
                MiddleMetres = 20,
                AdjustMetres = -0.1,
                HeightMetres = 0.45,
            },
        ];
        foreach (var entry in entries)
        {
            var id = Guid.NewGuid();
            await store.InAsync(store.Here, yard => yard.AddSetUpAsync(HorseId, id, "One", entry));
            (await store.InAsync(store.Here, yard => yard.FindSetUpAsync(HorseId, id)))!.Entry.ShouldBe(entry);
        }
    }

    [Fact]
    public async Task What_is_taken_off_the_list_can_be_put_back()
    {
        var (setUp, aim) = (
            Guid.NewGuid(),
            Aim.From(
                    Guid.NewGuid(),
                    new AimEntry("Show", new DateOnly(2026, 5, 1), Discipline.Jumping, "League", "Novice", 0.9),
                    StoreFixture.Today
                )
                .OrThrow()
        );
        var strip = StrideMeasurement.Kept(Guid.NewGuid(), GaitVariant.TrotWorking, Distance.FromMetres(30), 11, 8.2, StoreFixture.Today);
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddSetUpAsync(HorseId, setUp, "Poles", Poles);
            await yard.AddAimAsync(HorseId, aim);
            await yard.AddStrideAsync(HorseId, strip);
        });
        foreach (var removed in new[] { true, false })
        {
            await store.InAsync(store.Here, async yard =>
            {
                (await yard.RemoveSetUpAsync(HorseId, setUp, removed)).ShouldBeTrue();
                (await yard.RemoveAimAsync(HorseId, aim.Id, removed)).ShouldBeTrue();
                (await yard.RemoveStrideAsync(HorseId, strip.Id, removed)).ShouldBeTrue();
            });
            await store.InAsync(store.Here, async yard =>
            {
                (await yard.SetUpsAsync(HorseId)).Exists(s => s.Id == setUp).ShouldBe(!removed);
                (await yard.AimsAsync([HorseId])).Exists(a => a.Aim == aim).ShouldBe(!removed);
                (await yard.StrideMeasurementsAsync([HorseId]))[HorseId].Contains(strip).ShouldBe(!removed);
            });
        }
    }

    [Fact]
    public async Task A_horse_is_held_once_and_cleared_once()
    {
        await store.InAsync(store.There, async yard =>
        {
            var horseId = store.There.Horse.Id;
            await yard.RaiseHoldAsync(horseId, "heat in a leg", StoreFixture.Today);
            await yard.RaiseHoldAsync(horseId, "off or unlevel", StoreFixture.Today);
            var hold = (await yard.HoldsAsync([horseId])).ShouldHaveSingleItem();
            hold.Because.ShouldBe("heat in a leg");
            (await yard.ClearHoldAsync(horseId, hold.Id, StoreFixture.Today, "Iva Sorrel", false, store.There.TrainerId)).ShouldBeTrue();
            (await yard.ClearHoldAsync(horseId, hold.Id, StoreFixture.Today, "Someone else", false, store.There.TrainerId)).ShouldBeFalse();
            (await yard.HoldsAsync([horseId])).ShouldHaveSingleItem().ClearedBy.ShouldBe("Iva Sorrel");
        });
    }

    [Theory]
    [InlineData(new[] { Gait.Canter, Gait.Gallop }, new[] { Strand.Grids }, 0.4)]
    [InlineData(new[] { Gait.Trot }, new Strand[0], null)]
    public async Task A_restriction_comes_back_as_it_was_said_and_is_cleared_once(Gait[] gaits, Strand[] strands, double? height)
    {
        var said = Restriction
            .From(
                Guid.NewGuid(),
                new RestrictionEntry("strain", "Iva Sorrel", StoreFixture.Today, null, gaits, strands, height),
                store.Here.Horse,
                StoreFixture.Today
            )
            .OrThrow();
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddRestrictionAsync(HorseId, said, store.Here.TrainerId);
            var kept = (await yard.RestrictionsAsync([HorseId])).Single(r => r.Restriction.Id == said.Id);
            Json.Write(kept.Restriction).ShouldBe(Json.Write(said));
            (await yard.ClearRestrictionAsync(HorseId, said.Id, StoreFixture.Today, "Iva Sorrel", store.Here.TrainerId)).ShouldBeTrue();
            (await yard.ClearRestrictionAsync(HorseId, said.Id, StoreFixture.Today, "Someone else", store.Here.TrainerId)).ShouldBeFalse();
            (await yard.RestrictionsAsync([HorseId])).Single(r => r.Restriction.Id == said.Id).ClearedBy.ShouldBe("Iva Sorrel");
        });
    }

    [Fact]
    public async Task An_e_mail_signs_in_one_person_whatever_the_yard_and_the_transaction_goes_on() =>
        await store.InAsync(store.Here, async yard =>
        {
            (
                await yard.AddPersonAsync(Guid.NewGuid(), "Double", store.There.Email.ToUpperInvariant(), "hash", Role.Rider, false)
            ).ShouldBeFalse();
            (await yard.AddPersonAsync(Guid.NewGuid(), "Single", "single@fernhollow.example", "hash", Role.Rider, false)).ShouldBeTrue();
        });

    [Fact]
    public async Task A_new_role_ends_the_persons_sessions_and_a_new_name_does_not()
    {
        var (id, signIn) = (Guid.NewGuid(), Guid.NewGuid());
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddPersonAsync(id, "Rider", "signed.in@fernhollow.example", "hash", Role.Rider, false);
            await yard.BeginSignInAsync(signIn, id);
        });
        async Task<bool> IsSignedIn() => await store.InAsync(store.Here, yard => yard.SignedInAsync(signIn)) is not null;
        (await IsSignedIn()).ShouldBeTrue();
        (await store.InAsync(store.There, yard => yard.SignedInAsync(signIn))).ShouldBeNull();
        await store.InAsync(store.Here, yard => yard.ChangePersonAsync(id, "Renamed", Role.Rider, false, false, 1));
        (await IsSignedIn()).ShouldBeTrue();
        await store.InAsync(store.Here, yard => yard.ChangePersonAsync(id, "Too late", Role.Observer, false, false, 1));
        (await IsSignedIn()).ShouldBeTrue("an edit that came too late changes nothing");
        await store.InAsync(store.Here, yard => yard.ChangePersonAsync(id, "Renamed", Role.Observer, false, false, 2));
        (await IsSignedIn()).ShouldBeFalse();
    }

    [Fact]
    public async Task Only_horses_of_the_yard_can_be_given()
    {
        var rider = Guid.NewGuid();
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddPersonAsync(rider, "Rider", "given@fernhollow.example", "hash", Role.Rider, false);
            await yard.GiveHorsesAsync(rider, [HorseId, HorseId, store.There.Horse.Id]);
            (await yard.HorsesGivenToAsync(rider)).ShouldHaveSingleItem().Value.Id.ShouldBe(HorseId);
            (await yard.HorsesGivenToAsync(rider)).ShouldContain(h => h.Value.Id == HorseId);
            await yard.GiveHorsesAsync(rider, []);
            (await yard.HorsesGivenToAsync(rider)).ShouldBeEmpty();
        });
    }

    [Fact]
    public async Task What_is_not_committed_has_not_happened()
    {
        var horse = StoreFixture.NewHorse("Ghost");
        await using (var yard = await store.Database.OpenYardAsync(store.Here.Id, TestContext.Current.CancellationToken))
        {
            await yard.AddHorseAsync(horse);
        }

        (await store.InAsync(store.Here, yard => yard.FindHorseAsync(horse.Id))).ShouldBeNull();
    }

    private static SessionPlan Plan(DateOnly on, params PartEntry[] parts) =>
        SessionPlan
            .From(Guid.NewGuid(), new SessionEntry(on, "Straightness", Manner.Ridden, true, parts, "Mind the corner."), StoreFixture.Today)
            .OrThrow();
}
