namespace Hippodrome.Core.Horses;

/// <summary>A thing that a horse has to have met before it is asked to work over it.</summary>
public enum Thing
{
    Wood,
    Plastic,
    Pipes,
    Noisy,
    EmptyWings,
    Filler,
    WaterTray,
}

public static class Things
{
    /// <summary>What a horse is held to have met when it is taken on and nobody says (common practice, no source).</summary>
    public static IReadOnlyList<Thing> MetBy(Experience experience) =>
        experience switch
        {
            Experience.Green => [Thing.Wood],
            Experience.Novice => [Thing.Wood, Thing.EmptyWings, Thing.Filler],
            _ => Enum.GetValues<Thing>(),
        };

    /// <summary>"wooden poles", "a water tray".</summary>
    public static string Say(this Thing thing) =>
        thing switch
        {
            Thing.Wood => "wooden poles",
            Thing.Plastic => "plastic poles",
            Thing.Pipes => "pipes",
            Thing.Noisy => "what rattles",
            Thing.EmptyWings => "empty wings",
            Thing.Filler => "fillers",
            _ => "a water tray",
        };
}
