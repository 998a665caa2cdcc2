using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>
/// The way between two elements of a line for one horse: landing, strides, take-off. Inside face to inside face,
/// so that a spread is measured from its back rail.
/// </summary>
internal sealed record FenceGaps(FenceLine Line, StrideCard Card, Tape Tape)
{
    private static readonly GaitVariant[] Canters =
    [
        GaitVariant.CanterCollected,
        GaitVariant.CanterWorking,
        GaitVariant.CanterMedium,
        GaitVariant.CanterExtended,
    ];

    /// <summary>The gap before the element at this place, which is not the first.</summary>
    public Gap Before(int place)
    {
        var (before, element) = (Line.Elements[place - 1], Line.Elements[place]);
        var (own, range, between) = (before.IsPole, element.IsPole) switch
        {
            (true, true) => Poles(element.Strides),
            (false, false) => Fences(place, before, element),
            _ => PlacingPole(place),
        };
        var trade = Card.Scaled(range);
        var asked = element.Typed ?? Distance.FromMetres(Math.Max(0, own.Metres + Line.AdjustMetres));
        var built = element.Typed is { } typed
            ? new BuiltDistance(typed, typed, Tape.Say(typed), "as it was typed")
            : Tape.Build(asked, Line.Guard(trade.Value), own);
        return between is null
            ? new Gap(built, own, trade.Value, Fits.Of(built.Built / own), Explain(own, trade, built, []))
            : Counted(between, built, own, trade);
    }

    /// <summary>The mean of its canter strides before this element: the first behind a trot fence is not yet a course canter.</summary>
    private Distance StrideBefore(int place)
    {
        var strides = Math.Max(1, Line.Elements[place].Strides);
        var share = Line.Kind == LineKind.Grid && strides <= 2 ? SetUpFigures.InsideGrid.Value : 1;
        var first = AfterTrot(place) ? SetUpFigures.AfterTrot.Value : share;
        return Card[GaitVariant.CanterCourse].Stride * ((first + (share * (strides - 1))) / strides);
    }

    /// <summary>The first gap behind the first fence of a line come to in trot.</summary>
    private bool AfterTrot(int place) => Line.ComesIn == Gait.Trot && Line.Elements.Take(place).Count(e => !e.IsPole) == 1;

    /// <summary>Ground poles: n strides between take n + 1 stride lengths, the bound over the pole being one.</summary>
    private (Distance Own, Figure<DistanceRange> Trade, Between? Between) Poles(int strides)
    {
        var stride = Card[GaitVariant.CanterPoles].Stride;
        var own = stride * (strides + 1);
        var trade =
            strides == 0
                ? SetUpFigures.CanterPoles
                : SetUpFigures.CountedStride with
                {
                    Value = DistanceRange.Metres(
                        SetUpFigures.CountedStride.Value.Shortest.Metres * (strides + 1),
                        SetUpFigures.CountedStride.Value.Longest.Metres * (strides + 1)
                    ),
                };
        return (own, trade, strides == 0 ? null : new Between(strides, Distance.Zero, stride, own * (1.0 / (strides + 1)), stride, null));
    }

    private (Distance Own, Figure<DistanceRange> Trade, Between? Between) PlacingPole(int place)
    {
        var first = Line.Elements.Take(place).All(e => e.IsPole);
        return Line.ComesIn == Gait.Trot && first
            ? (Card[GaitVariant.TrotWorking].Stride * SetUpFigures.TypicalPlacing.Value, SetUpFigures.TrotPlacingPole, null)
            : (Card[GaitVariant.CanterCourse].Stride * SetUpFigures.TypicalCanterPlacing.Value, SetUpFigures.CanterPlacingPole, null);
    }

    private (Distance Own, Figure<DistanceRange> Trade, Between? Between) Fences(int place, LineElement before, LineElement element)
    {
        var (landing, takeOff) = (JumpRoom.Of(before.Height, Card), JumpRoom.Of(element.Height, Card));
        var stride = StrideBefore(place);
        var own = landing + (stride * element.Strides) + takeOff;
        return (
            own,
            TradeOf(place, element.Strides),
            new Between(element.Strides, landing, takeOff, stride, element.Strides == 0 ? landing + takeOff : stride, null)
        );
    }

    private Figure<DistanceRange> TradeOf(int place, int strides) =>
        (Line.Kind, strides) switch
        {
            (_, 0) => AfterTrot(place) ? SetUpFigures.BounceFromTrot : SetUpFigures.BounceFromCanter,
            (_, 1) when AfterTrot(place) => SetUpFigures.OneStrideFromTrot,
            (LineKind.Grid, 1) => SetUpFigures.OneStrideInGrid,
            (LineKind.Grid, 2) => SetUpFigures.TwoStridesInGrid,
            (LineKind.RelatedLine, 1) => SetUpFigures.OneStrideAtHeight,
            (LineKind.RelatedLine, 2) => SetUpFigures.TwoStridesAtHeight,
            _ => Figure.Published(
                $"{strides} strides between fences",
                DistanceRange.Metres(
                    (SetUpFigures.CourseStride.Value * (strides + 1)) - SetUpFigures.LineLeeway.Value,
                    (SetUpFigures.CourseStride.Value * (strides + 1)) + SetUpFigures.LineLeeway.Value
                ),
                "",
                "course-building convention"
            ),
        };

    /// <summary>With the stride that the built distance needs, its fit, and the count beside it.</summary>
    private Gap Counted(Between between, BuiltDistance built, Distance own, Figure<DistanceRange> trade)
    {
        var needed = between.StrideIn(built.Built, between.Strides);
        var fit = Fits.Of(needed / between.StrideOwn);
        var otherwise = new[] { between.Strides - 1, between.Strides + 1 }
            .Where(n => n > 0 && between.Strides > 0)
            .Select(n => (Strides: n, Needed: between.StrideIn(built.Built, n)))
            .OrderBy(c => Math.Abs((c.Needed / between.StrideOwn) - 1))
            .Select(c => new OtherCount(c.Strides, c.Needed, Fits.Of(c.Needed / between.StrideOwn)))
            .FirstOrDefault();
        var inputs =
            between.Strides == 0 ? [$"landing {between.Landing} and take-off {between.TakeOff}"]
            : between.Landing == Distance.Zero ? [$"{between.Strides + 1} stride lengths of {between.StrideOwn}, one of them over the pole"]
            : new List<string>
            {
                $"landing {between.Landing}, {between.Strides} of its strides of {between.StrideOwn} here, take-off {between.TakeOff}",
            };
        return new Gap(
            built,
            own,
            trade.Value,
            fit,
            Explain(own, trade, built, [.. inputs, $"as built each stride has to be {needed}"]),
            between with
            {
                StrideNeeded = needed,
                Otherwise = otherwise,
                Counts = between.Landing == Distance.Zero ? Counts(built.Built) : [],
            }
        );
    }

    /// <summary>Every count whose stride a horse can have, and which of this one's canters rides it: 10 m in two, three or four.</summary>
    private List<CountedWay> Counts(Distance gap) =>
        Enumerable
            .Range(1, SetUpFigures.MostStrides.Value)
            .Select(n => (Strides: n, Needed: gap * (1.0 / (n + 1))))
            .Where(c => SetUpFigures.CountedStride.Value.Holds(Distance.FromMetres(Math.Round(c.Needed.Metres, 3))))
            .Select(c =>
            {
                var canter = Canters.MinBy(v => Math.Abs((c.Needed / Card[v].Stride) - 1));
                // The word is for what the horse does over poles, as it is everywhere on the page; the canter says how it is ridden.
                return new CountedWay(c.Strides, c.Needed, canter, Fits.Of(c.Needed / Card[GaitVariant.CanterPoles].Stride));
            })
            .ToList();

    private Why Explain(Distance own, Figure<DistanceRange> trade, BuiltDistance built, IReadOnlyList<string> more)
    {
        var inputs = new List<string> { $"this horse's own is {own}", $"the trade sets {trade.Value}" };
        if (Line.AdjustMetres != 0)
        {
            inputs.Add(FormattableString.Invariant($"moved by {Line.AdjustMetres * 100:+0;-0} cm"));
        }

        return new Why(
            "Landing, the horse's strides, take-off; the trade's range, for its height, guards what is moved",
            [.. more, .. inputs, built.RoundingSays],
            trade.Source
        );
    }
}
