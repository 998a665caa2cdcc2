namespace Hippodrome.Core.Blocks;

/// <summary>A kind of session on a day.</summary>
internal readonly record struct Slot(DateOnly On, SessionKind Kind);
