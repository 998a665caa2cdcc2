using Hippodrome.Core.Assessments;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;

namespace Hippodrome.Server.Hosting;

/// <summary>What the pages hold of Core's figures and lists: written into the interface with its types, never typed there.</summary>
public sealed record PageFigures
{
    /// <summary>For the workshop.</summary>
    public WorkshopFigures Workshop { get; init; } = WorkshopFigures.All;

    /// <summary>How each movement is told at the rail.</summary>
    public IReadOnlyList<MovementTold> Movements { get; init; } = Core.Rides.Movements.All;

    /// <summary>How each sign is told at the rail.</summary>
    public IReadOnlyList<SignToldAs> Signs { get; init; } = SignTable.All;

    /// <summary>Signs that are shown first at the rail; the others are a page on.</summary>
    public int SignsShown { get; init; } = RideFigures.SignsShown.Value;

    /// <summary>Signs that stop the work at any minute.</summary>
    public IReadOnlyCollection<Sign> StoppingSigns { get; init; } = SignTable.StoppingTheWork;

    /// <summary>Signs of pain, which hold a horse.</summary>
    public IReadOnlyCollection<Sign> PainSigns { get; init; } = SignTable.OfPain;

    /// <summary>What can be felt in an assessment ride and holds a horse.</summary>
    public IReadOnlyList<Felt> PainFelt { get; init; } = [.. Enum.GetValues<Felt>().Where(f => f.Holds() is not null)];

    /// <summary>The mark that is hoped for where nobody says another.</summary>
    public double MarkHoped { get; init; } = SessionFigures.MarkHoped.Value;
}
