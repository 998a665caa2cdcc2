namespace Hippodrome.Planning;

/// <summary>How far planning is: so many of all its weeks are placed.</summary>
public readonly record struct PlanProgress(int Done, int OfAll);
