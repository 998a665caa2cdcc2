using Hippodrome.Core.Blocks;

namespace Hippodrome.Core.Yards;

/// <summary>One horse's part of a yard's week.</summary>
/// <param name="HorseId">Who.</param>
/// <param name="Name">Its name.</param>
/// <param name="Case">What its block is planned from, with the plan as it stands.</param>
public sealed record HorseWeek(Guid HorseId, string Name, PlanningCase Case);

/// <summary>A session of the yard's week.</summary>
/// <param name="HorseId">The horse.</param>
/// <param name="Session">The session, on its new day and with its rider.</param>
/// <param name="WasOn">The day its block had it on.</param>
/// <param name="Place">Its place in the day's order of work, from 1.</param>
/// <param name="At">About when, for its rider.</param>
/// <param name="Stands">What it is ridden over stands already, from the horse before it.</param>
public sealed record SharedSession(Guid HorseId, PlacedSession Session, DateOnly WasOn, int Place, TimeOnly? At, bool Stands);

/// <summary>A session of a shared week as somebody saw it before keeping it.</summary>
public sealed record SeenSession(Guid HorseId, Guid SessionId, DateOnly On, Guid? RiderId);

/// <summary>Something that does not fit, by name.</summary>
public sealed record Shortage(DateOnly? On, Guid HorseId, string Says);

/// <summary>The yard's week: who rides what when, what had to move, what does not fit.</summary>
public sealed record YardWeek(DateOnly Monday, IReadOnlyList<SharedSession> Sessions, IReadOnlyList<Shortage> Shortages, Solved Solved);
