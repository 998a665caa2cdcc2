using BenchmarkDotNet.Running;
using Hippodrome.Bench;

if (args is ["http", ..])
{
    return await ReadOverHttp.RunAsync(args.Length > 1 ? int.Parse(args[1], System.Globalization.CultureInfo.InvariantCulture) : 400);
}

if (args is ["crowd"])
{
    return await ReadOverHttp.CrowdAsync();
}

if (args is ["blocks", ..])
{
    return PlanningBlocks.Run(args.Length > 1 ? int.Parse(args[1], System.Globalization.CultureInfo.InvariantCulture) : 9);
}

if (args is ["kill", ..])
{
    return await KillingTheServer.RunAsync(
        args.Length > 1 ? int.Parse(args[1], System.Globalization.CultureInfo.InvariantCulture) : 200,
        seed: 1
    );
}

BenchmarkSwitcher.FromAssembly(typeof(MeasuringSetUps).Assembly).Run(args);
return 0;
