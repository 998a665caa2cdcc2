using Hippodrome.Core.Aims;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <content>The day before a competition: a small grid it knows, where it has one of its own.</content>
internal sealed partial class SessionDraft
{
    private SessionProposal? OnTheEve()
    {
        if (
            context.Competition is not { Discipline: not Discipline.Dressage } aim
            || aim.DaysLeft(wanted.On) != 1
            || !wanted.Helper
            || wanted.Focus is not (Strand.Grids or Strand.Jumping)
            || OwnGrid(aim) is not { } own
        )
        {
            return null;
        }

        var last = CoolDownMinutes(wanted.Minutes, Manner.Ridden);
        var first = WarmUp(wanted.Minutes, Manner.Ridden, last);
        var passes = own.Stages.Sum(s => s.Passes);
        Add(
            PartEntry.Of(
                Phase.Work,
                "Its own grid, built up in stages",
                own.Line.ComesIn,
                Rein.Both,
                Math.Max(ShortestWork, Math.Min(wanted.Minutes - first - last, Half(passes * SessionFigures.MinutesPerGo.Value)))
            ) with
            {
                SetUpId = own.Id,
                InStages = true,
                Times = passes,
            },
            Why.Of(
                "The day before, a small grid that it knows: sharp, and nothing taken from tomorrow",
                [
                    $"{aim.Name} is tomorrow",
                    FormattableString.Invariant($"{own.Stages.Sum(s => s.Efforts):0.#} efforts in {own.Stages.Count} stages"),
                    FormattableString.Invariant($"highest {own.Line.HighestFence.Metres:0.00} m"),
                ],
                SessionFigures.DayBeforeEfforts.Source
            )
        );
        CoolDown(last, Manner.Ridden);
        return Drawn("The day before: its own small grid", Manner.Ridden);
    }

    /// <summary>The largest of its own grids that keeps the eve's efforts and stays well under the competition's height.</summary>
    private (Guid Id, FenceLine Line, IReadOnlyList<BuildStage> Stages)? OwnGrid(Aim aim)
    {
        var most = aim.Height is { } height ? height.Metres - SessionFigures.UnderCompetition.Value : double.MaxValue;
        return habits
            .OwnGrids.Select(id => (Id: id, Line: context.SetUps.GetValueOrDefault(id) as FenceLine))
            .Where(g => g.Line is { Kind: LineKind.Grid } line && line.HighestFence.Metres <= most + 1e-9)
            .Select(g => (g.Id, Line: g.Line!, Stages: BuildStages.Of(g.Line!)))
            .Where(g => g.Stages.Count > 0 && g.Stages.Sum(s => s.Efforts) <= SessionFigures.DayBeforeEfforts.Value)
            .OrderByDescending(g => g.Stages.Sum(s => s.Efforts))
            .ThenBy(g => g.Id)
            .Select(g => ((Guid, FenceLine, IReadOnlyList<BuildStage>)?)g)
            .FirstOrDefault();
    }
}
