using Hippodrome.Core.Aims;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Rides;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Readiness.LevelDemands;

namespace Hippodrome.Core.Tests.Readiness;

/// <summary>What the levels ask beside national and FEI rules. Values from memory; they change yearly, so they count apart.</summary>
public class LevelDemandsTests
{
    /// <summary>British eventing, mean lengths across country and fence heights (national handbooks, from memory): optimum time is way by speed.</summary>
    [Theory]
    [InlineData("80", 1750, 435, 0.80)]
    [InlineData("90", 1900, 450, 0.90)]
    [InlineData("100", 2200, 475, 1.00)]
    [InlineData("Novice", 2200, 520, 1.10)]
    [InlineData("Intermediate", 3010, 550, 1.15)]
    [InlineData("Advanced", 3600, 570, 1.20)]
    public void A_national_event_asks_its_way_at_its_speed(string level, int metres, int speed, double height)
    {
        var asked = All.Single(l => l.Scheme == NationalEventing && l.Name == level);
        var gallop = asked.Demands.Single(d => d.Kind == DemandKind.Speed);
        gallop.Speed.ShouldBe(speed);
        ((decimal)gallop.Minutes!.Value).ShouldBe(Math.Round((decimal)metres / speed, 1));
        asked.HeightMetres.ShouldBe(height);
        // Show jumping five centimetres over the cross-country fences (national rules, from memory).
        asked.Demands.Single(d => d.Kind == DemandKind.Height).HeightMetres!.Value.ShouldBe(height + 0.05, 1e-9);
    }

    /// <summary>FEI eventing rules, long format: speeds and least minutes of 2*, 3*, 4*, 5*; heights from memory.</summary>
    [Theory]
    [InlineData("2*", 520, 1.10)]
    [InlineData("3*", 550, 1.15)]
    [InlineData("4*", 570, 1.20)]
    [InlineData("5*", 570, 1.20)]
    public void An_international_event_asks_its_speed(string level, int speed, double height)
    {
        var asked = All.Single(l => l.Scheme == FeiEventing && l.Name == level);
        asked.Demands.Single(d => d.Kind == DemandKind.Speed).Speed.ShouldBe(speed);
        asked.HeightMetres.ShouldBe(height);
    }

    /// <summary>Dressage first; national one-day events jump before the cross-country, FEI long formats after it (rule books, from memory).</summary>
    [Theory]
    [InlineData(NationalEventing, "90", new[] { EventPhase.Dressage, EventPhase.Jumping, EventPhase.CrossCountry })]
    [InlineData(FeiEventing, "3*", new[] { EventPhase.Dressage, EventPhase.CrossCountry, EventPhase.Jumping })]
    public void Phases_come_in_their_order(string scheme, string level, EventPhase[] phases) =>
        All.Single(l => l.Scheme == scheme && l.Name == level).Phases.ShouldBe(phases);

    /// <summary>Rules change yearly: each number says of when it is, so that a trainer knows how far to trust it.</summary>
    [Fact]
    public void Each_level_says_where_its_numbers_come_from_and_of_when_they_are() =>
        All.ShouldAllBe(l =>
            l.Source.Class == SourceClass.Published && l.Source.Says.Contains("2026") && l.Source.Says.Contains("from memory")
        );

    /// <summary>National jumping: a double from 0.80 m, a treble from 1.00 m (from memory).</summary>
    [Theory]
    [InlineData("0.70 m", 0)]
    [InlineData("0.80 m", 2)]
    [InlineData("0.90 m", 2)]
    [InlineData("1.00 m", 3)]
    [InlineData("1.40 m", 3)]
    public void Combinations_come_with_the_height(string level, int most) =>
        All.Single(l => l.Scheme == NationalJumping && l.Name == level)
            .Demands.Where(d => d.Kind == DemandKind.Combination)
            .Select(d => d.Parts!.Value)
            .DefaultIfEmpty(0)
            .Max()
            .ShouldBe(most);

    /// <summary>Which level first asks a movement: national and FEI dressage tests (from memory).</summary>
    [Theory]
    [InlineData("Intro", "free-walk")]
    [InlineData("Preliminary", "stretch")]
    [InlineData("Novice", "given-rein")]
    [InlineData("Elementary", "simple-change")]
    [InlineData("Elementary", "shoulder-in")]
    [InlineData("Medium", "half-pass-trot")]
    [InlineData("Medium", "walk-pirouette")]
    [InlineData("Advanced Medium", "half-pass-canter")]
    [InlineData("Advanced Medium", "change")]
    [InlineData("Advanced", "series-3")]
    [InlineData("Small tour", "series-2")]
    [InlineData("Big tour", "series-1")]
    [InlineData("Big tour", "piaffe")]
    public void A_movement_is_asked_from_its_level_on(string level, string demand)
    {
        var dressage = All.Where(l => l.Discipline == Discipline.Dressage).ToList();
        dressage.First(l => l.Demands.Any(d => d.Id == demand)).Name.ShouldBe(level);
    }

    /// <summary>Questions across country: ditch and step up at 80, water from 90, narrow fence and corner from 100 (from memory).</summary>
    [Theory]
    [InlineData("80", QuestionKind.Ditch, true)]
    [InlineData("80", QuestionKind.Water, false)]
    [InlineData("90", QuestionKind.Water, true)]
    [InlineData("90", QuestionKind.Corner, false)]
    [InlineData("100", QuestionKind.Corner, true)]
    [InlineData("100", QuestionKind.Narrow, true)]
    public void Questions_come_level_by_level(string level, QuestionKind question, bool asked) =>
        All.Single(l => l.Scheme == NationalEventing && l.Name == level).Demands.Any(d => d.Question == question).ShouldBe(asked);

    [Fact]
    public void Every_level_asks_at_least_what_the_one_below_it_asks()
    {
        foreach (var level in All.Where(l => l.Discipline == Discipline.Dressage))
        {
            if (Below(level) is { } below)
            {
                below.Demands.Select(d => d.Id).ShouldBeSubsetOf(level.Demands.Select(d => d.Id));
            }
        }

        foreach (var level in All.Where(l => Below(l) is not null && l.HeightMetres is not null))
        {
            level.HeightMetres!.Value.ShouldBeGreaterThanOrEqualTo(Below(level)!.HeightMetres!.Value);
        }
    }

    [Fact]
    public void Every_demand_says_what_would_show_it_and_is_there_once()
    {
        foreach (var level in All)
        {
            level.Demands.Select(d => d.Id).ShouldBeUnique();
            level.Demands.ShouldAllBe(d => d.RungId == null || Catalogue.Find(d.RungId) != null);
            new DemandsEntry([.. level.Demands.Select(DemandEntry.Of)]).Check().IsFine.ShouldBeTrue();
        }
    }

    [Fact]
    public void Who_goes_on_from_a_level_of_their_own_is_asked_what_its_height_asks()
    {
        var aim = Aim.From(
                Guid.NewGuid(),
                new AimEntry("Yard day", Make.Today.AddDays(30), Discipline.Jumping, "Ours", "Big ones", 1.05, "Home"),
                Make.Today
            )
            .OrThrow();
        LevelDemands
            .Of(aim, null)
            .Select(d => d.Id)
            .ShouldBe(["height", "spread", "line", "filler", "double", "treble", "water-tray", "away"]);
    }

    [Fact]
    public void Marks_may_stand_over_the_levels_own()
    {
        var halt = DemandEntry.Of(MakeEvidence.Of(NationalDressage, "Intro", "halt"));
        new DemandsEntry([halt with { Mark = 7.5 }]).Check().OrThrow().Single().Mark.ShouldBe(7.5);
    }

    /// <summary>Wrong things to enter: each names its line, and how it is mended.</summary>
    [Theory]
    [InlineData("kind")]
    [InlineData("name")]
    [InlineData("id")]
    [InlineData("rungId")]
    [InlineData("mark")]
    [InlineData("every")]
    [InlineData("heightMetres")]
    [InlineData("parts")]
    [InlineData("question")]
    [InlineData("speed")]
    [InlineData("minutes")]
    [InlineData("movement")]
    public void A_wrong_line_is_named(string field)
    {
        var fine = new DemandEntry("own-1", DemandKind.Movement, "Serpentine", "flatwork/ten-metres");
        var wrong = field switch
        {
            "kind" => fine with { Kind = null },
            "name" => fine with { Name = " " },
            "id" => fine with { Id = null },
            "rungId" => fine with { RungId = "flatwork/no-such" },
            "mark" => fine with { Mark = 11 },
            "every" => fine with { Kind = DemandKind.Series, Every = 9 },
            "heightMetres" => fine with { Kind = DemandKind.Height, HeightMetres = 3 },
            "parts" => fine with { Kind = DemandKind.Combination, Parts = 7 },
            "question" => fine with { Kind = DemandKind.Question },
            "speed" => fine with { Kind = DemandKind.Speed, Speed = 5, Minutes = 4 },
            "minutes" => fine with { Kind = DemandKind.Speed, Speed = 500, Minutes = 90 },
            _ => fine with { Movement = (Movement)999 },
        };
        new DemandsEntry([wrong]).Check().Faults.ShouldContain(f => f.Field == $"demands[0].{field}" && f.Mend.Length > 0);
    }

    [Fact]
    public void A_movement_that_nothing_would_tell_of_is_refused() =>
        new DemandsEntry([new DemandEntry("own-1", DemandKind.Movement, "Elegance")])
            .Check()
            .Faults.Single()
            .Field.ShouldBe("demands[0].rungId");
}
