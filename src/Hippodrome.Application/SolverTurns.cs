namespace Hippodrome.Application;

/// <summary>Solvers take turns: as many at once as leave a core for everybody who only reads.</summary>
public static class SolverTurns
{
    /// <summary>So many at once.</summary>
    public static int AtOnce { get; } = Math.Max(1, Environment.ProcessorCount - 1);

    private static readonly SemaphoreSlim Turns = new(AtOnce);

    internal static async Task<T> TakeAsync<T>(Func<T> solve, CancellationToken cancel)
    {
        await Turns.WaitAsync(cancel);
        try
        {
            return solve();
        }
        finally
        {
            Turns.Release();
        }
    }
}
