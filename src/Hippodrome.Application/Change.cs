namespace Hippodrome.Application;

/// <summary>An edit of a row that was read at this version.</summary>
public sealed record Change<T>(int Version, T Entry)
    where T : notnull;
