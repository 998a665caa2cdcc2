using System.Diagnostics;
using System.Globalization;

namespace Hippodrome.Bench;

/// <summary>What the server's process has used of the processors, as Linux counts it in hundredths of a second.</summary>
internal static class ServerProcess
{
    private static readonly string Stat = $"/proc/{Environment.GetEnvironmentVariable("HIPPODROME_BENCH_PID")}/stat";

    public static double CpuMilliseconds()
    {
        var fields = File.ReadAllText(Stat).Split(") ")[1].Split(' ');
        return (long.Parse(fields[11], CultureInfo.InvariantCulture) + long.Parse(fields[12], CultureInfo.InvariantCulture)) * 10;
    }
}

/// <summary>
/// How fast this machine is at the moment: what it takes for a fixed piece of work, the floor beside the server's
/// processor time.
/// </summary>
internal static class Pace
{
    public static double CpuMilliseconds()
    {
        var before = Process.GetCurrentProcess().TotalProcessorTime;
        var sum = 0L;
        for (var i = 0; i < 100_000_000; i++)
        {
            sum += i ^ sum;
        }

        GC.KeepAlive(sum);
        return (Process.GetCurrentProcess().TotalProcessorTime - before).TotalMilliseconds;
    }
}

/// <summary>How long a thing takes, many times over.</summary>
/// <param name="Median">In milliseconds.</param>
/// <param name="P95">In milliseconds.</param>
/// <param name="Cpu">Of the server's process, the mean in milliseconds.</param>
internal sealed record Timed(double Median, double P95, double Cpu)
{
    public static async Task<Timed> OfAsync(int rounds, Func<Task> work)
    {
        for (var i = 0; i < Math.Max(10, rounds / 5); i++)
        {
            await work();
        }

        var times = new List<double>(rounds);
        var before = ServerProcess.CpuMilliseconds();
        for (var i = 0; i < rounds; i++)
        {
            var start = Stopwatch.GetTimestamp();
            await work();
            times.Add(Stopwatch.GetElapsedTime(start).TotalMilliseconds);
        }

        return Of(times) with
        {
            Cpu = (ServerProcess.CpuMilliseconds() - before) / rounds,
        };
    }

    public static Timed Of(IEnumerable<double> times)
    {
        var sorted = times.Order().ToList();
        return new Timed(sorted[sorted.Count / 2], sorted[(int)(sorted.Count * 0.95)], 0);
    }
}
