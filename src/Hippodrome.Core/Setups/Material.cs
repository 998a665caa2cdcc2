using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Setups;

/// <summary>What the poles of a set-up are of. Wood teaches and does not clatter (common practice, no source).</summary>
public enum Material
{
    Wood,
    Plastic,
    Pipes,

    /// <summary>What rattles or clangs when it is touched.</summary>
    Noisy,
}

/// <summary>What a rail lies in: a flat cup lets it roll at a touch. For first fences always (common practice, no source).</summary>
public enum Cups
{
    Deep,
    Flat,
}

public static class WhatItMeets
{
    /// <summary>What a horse meets in what stands.</summary>
    public static IReadOnlySet<Thing> In(SetUp setUp)
    {
        ArgumentNullException.ThrowIfNull(setUp);
        var things = new HashSet<Thing>();
        if (setUp.HasPoles || setUp.HasFence)
        {
            things.Add(Of(setUp.Material));
        }

        things.UnionWith(setUp.Stands.Select(Of).OfType<Thing>());
        return things;
    }

    private static Thing Of(Material material) =>
        material switch
        {
            Material.Plastic => Thing.Plastic,
            Material.Pipes => Thing.Pipes,
            Material.Noisy => Thing.Noisy,
            _ => Thing.Wood,
        };

    private static Thing? Of(ElementKind kind) =>
        kind switch
        {
            ElementKind.EmptyWings => Thing.EmptyWings,
            ElementKind.Wall => Thing.Filler,
            ElementKind.WaterTray => Thing.WaterTray,
            _ => null,
        };
}
