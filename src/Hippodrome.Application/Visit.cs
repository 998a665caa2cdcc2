using Hippodrome.Storage;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Application;

/// <summary>One person in their yard for as long as one thing takes: an open transaction, who they are, what day it is.</summary>
/// <param name="Yard">The transaction.</param>
/// <param name="Me">Who asks.</param>
/// <param name="Place">Their yard: its name, its clock, its weather.</param>
/// <param name="Now">The time there.</param>
/// <param name="NewId">The id of what is made, if anything is: the one its maker gave, else a new one.</param>
public sealed record Visit(YardSession Yard, Person Me, Yard Place, DateTimeOffset Now, Guid NewId)
{
    public DateOnly Today => DateOnly.FromDateTime(Now.DateTime);

    public bool Trains => Me.Role == Role.Trainer;

    /// <summary>How often what readiness is made of had been written to when it was last looked at.</summary>
    internal int LookedAtReadiness { get; set; }

    /// <summary>What is read of the yard, once.</summary>
    internal YardBook Book { get; } = new(Yard, DateOnly.FromDateTime(Now.DateTime));
}
