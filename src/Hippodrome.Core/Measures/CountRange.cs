namespace Hippodrome.Core.Measures;

/// <summary>From so many to so many, both included.</summary>
public readonly record struct CountRange(int Least, int Most)
{
    public override string ToString() => $"{Least} to {Most}";
}
