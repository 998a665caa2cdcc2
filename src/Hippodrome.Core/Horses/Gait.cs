namespace Hippodrome.Core.Horses;

/// <summary>The gaits, from standing to galloping.</summary>
public enum Gait
{
    Halt,
    Walk,
    Trot,
    Canter,
    Gallop,
    ReinBack,
}

/// <summary>How the minutes of gaits are counted together (common practice, no source).</summary>
public static class CountedGaits
{
    /// <summary>Walk, trot or canter: halt and rein back rest with the walk, a gallop tires as a canter does.</summary>
    public static Gait CountsAs(this Gait gait) =>
        gait switch
        {
            Gait.Halt or Gait.ReinBack => Gait.Walk,
            Gait.Gallop => Gait.Canter,
            _ => gait,
        };

    public static bool IsFasterThanWalk(this Gait gait) => gait.CountsAs() != Gait.Walk;
}

/// <summary>The direction ridden, or both in turn.</summary>
public enum Rein
{
    Left,
    Right,
    Both,
}

/// <summary>The variations within a gait that have a stride of their own on the stride card.</summary>
public enum GaitVariant
{
    WalkCollected,
    WalkMedium,
    WalkExtended,
    TrotCollected,
    TrotWorking,
    TrotMedium,
    TrotExtended,
    CanterCollected,
    CanterWorking,
    CanterMedium,
    CanterExtended,

    /// <summary>The canter of a jumping course.</summary>
    CanterCourse,

    /// <summary>The canter over poles on the ground or low ones: longer than a working one, and waiting.</summary>
    CanterPoles,
}

public static class GaitVariants
{
    public static IReadOnlyList<GaitVariant> All { get; } = Enum.GetValues<GaitVariant>();

    public static Gait Gait(this GaitVariant variant) =>
        variant switch
        {
            <= GaitVariant.WalkExtended => Horses.Gait.Walk,
            <= GaitVariant.TrotExtended => Horses.Gait.Trot,
            _ => Horses.Gait.Canter,
        };

    /// <summary>What a gait is ridden in when nothing else is said; none for halt, gallop and rein-back.</summary>
    public static GaitVariant? Usual(this Gait gait) =>
        gait switch
        {
            Horses.Gait.Walk => GaitVariant.WalkMedium,
            Horses.Gait.Trot => GaitVariant.TrotWorking,
            Horses.Gait.Canter => GaitVariant.CanterWorking,
            _ => null,
        };

    /// <summary>"working trot", as riders say it.</summary>
    public static string Say(this GaitVariant variant) =>
        variant switch
        {
            GaitVariant.WalkCollected => "collected walk",
            GaitVariant.WalkMedium => "medium walk",
            GaitVariant.WalkExtended => "extended walk",
            GaitVariant.TrotCollected => "collected trot",
            GaitVariant.TrotWorking => "working trot",
            GaitVariant.TrotMedium => "medium trot",
            GaitVariant.TrotExtended => "extended trot",
            GaitVariant.CanterCollected => "collected canter",
            GaitVariant.CanterWorking => "working canter",
            GaitVariant.CanterMedium => "medium canter",
            GaitVariant.CanterExtended => "extended canter",
            GaitVariant.CanterPoles => "canter over poles",
            _ => "course canter",
        };
}
