namespace Hippodrome.Core.Blocks;

/// <summary>A plan to be kept: some of the changes of one made again, all of them, or the first plan of a block.</summary>
/// <param name="Number">The version they were seen on.</param>
/// <param name="Entry">Other inputs, where they were changed.</param>
/// <param name="Accepted">Sessions whose change is taken over; all of them if left out.</param>
/// <param name="Because">Why, for the record.</param>
/// <param name="Seen">
/// The new plan as it was seen: where it comes out otherwise by now, nothing is kept. Left out, it is kept as it comes out.
/// </param>
public sealed record AcceptPlanEntry(
    int? Number = null,
    BlockEntry? Entry = null,
    IReadOnlyList<Guid>? Accepted = null,
    string? Because = null,
    IReadOnlyList<SeenPlaced?>? Seen = null
);
