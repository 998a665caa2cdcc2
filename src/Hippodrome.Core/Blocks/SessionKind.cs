using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>What a day of a block is for.</summary>
public enum SessionKind
{
    Flatwork,
    Lateral,
    Poles,
    Grid,
    Jumping,
    CrossCountry,

    /// <summary>Canter or hill sets.</summary>
    CanterWork,
    Hack,

    /// <summary>On the lunge or on long lines.</summary>
    Lunge,
    InHand,
    WalkOnly,
    Competition,
    Assessment,

    /// <summary>The day after: led or hacked in walk.</summary>
    Recovery,
}

/// <summary>What kinds of sessions ask for, as riders know it.</summary>
public static class SessionKinds
{
    public static IReadOnlyList<SessionKind> All { get; } = Enum.GetValues<SessionKind>();

    /// <summary>Hard days, of which two are not neighbours.</summary>
    public static bool IsHard(this SessionKind kind) => kind.IsJumped() || kind is SessionKind.CanterWork or SessionKind.Competition;

    /// <summary>Something is jumped.</summary>
    public static bool IsJumped(this SessionKind kind) => kind is SessionKind.Grid or SessionKind.Jumping or SessionKind.CrossCountry;

    /// <summary>Fast work, for which lungs and tendons want three days.</summary>
    public static bool IsFast(this SessionKind kind) => kind is SessionKind.CanterWork or SessionKind.CrossCountry;

    public static bool IsEasy(this SessionKind kind) =>
        kind is SessionKind.Hack or SessionKind.Lunge or SessionKind.InHand or SessionKind.WalkOnly or SessionKind.Recovery;

    public static bool NeedsHelper(this SessionKind kind) => kind.IsJumped();

    public static bool NeedsArena(this SessionKind kind) =>
        kind
            is SessionKind.Flatwork
                or SessionKind.Lateral
                or SessionKind.Poles
                or SessionKind.Grid
                or SessionKind.Jumping
                or SessionKind.Lunge
                or SessionKind.Assessment;

    /// <summary>Hills, a gallop track or open country.</summary>
    public static bool NeedsOpenGround(this SessionKind kind) => kind is SessionKind.CanterWork or SessionKind.CrossCountry;

    public static bool IsRidden(this SessionKind kind) => kind is not (SessionKind.InHand or SessionKind.Lunge);

    public static Manner Manner(this SessionKind kind) =>
        kind switch
        {
            SessionKind.InHand => Horses.Manner.InHand,
            SessionKind.Lunge => Horses.Manner.Lunged,
            _ => Horses.Manner.Ridden,
        };

    /// <summary>The ladder a session of this kind works on; null where none is climbed.</summary>
    public static Strand? Strand(this SessionKind kind) =>
        kind switch
        {
            SessionKind.Flatwork => Horses.Strand.Flatwork,
            SessionKind.Lateral => Horses.Strand.Lateral,
            SessionKind.Poles => Horses.Strand.Poles,
            SessionKind.Grid => Horses.Strand.Grids,
            SessionKind.Jumping => Horses.Strand.Jumping,
            SessionKind.CrossCountry => Horses.Strand.CrossCountry,
            SessionKind.CanterWork => Horses.Strand.Fitness,
            SessionKind.Lunge => Horses.Strand.Lunge,
            SessionKind.InHand => Horses.Strand.InHand,
            _ => null,
        };

    /// <summary>The kind of session in which a strand is worked.</summary>
    public static SessionKind Kind(this Strand strand) =>
        strand switch
        {
            Horses.Strand.Flatwork or Horses.Strand.Changes or Horses.Strand.Collected => SessionKind.Flatwork,
            Horses.Strand.Lateral => SessionKind.Lateral,
            Horses.Strand.Poles => SessionKind.Poles,
            Horses.Strand.Grids => SessionKind.Grid,
            Horses.Strand.Jumping or Horses.Strand.Narrow => SessionKind.Jumping,
            Horses.Strand.CrossCountry => SessionKind.CrossCountry,
            Horses.Strand.Fitness => SessionKind.CanterWork,
            Horses.Strand.Lunge => SessionKind.Lunge,
            _ => SessionKind.InHand,
        };

    /// <summary>The fastest gait a session of this kind is ridden in.</summary>
    public static Gait Fastest(this SessionKind kind) =>
        kind switch
        {
            SessionKind.InHand or SessionKind.WalkOnly or SessionKind.Recovery => Gait.Walk,
            SessionKind.Poles or SessionKind.Hack or SessionKind.Lunge or SessionKind.Lateral => Gait.Trot,
            _ => Gait.Canter,
        };

    /// <summary>As riders say it.</summary>
    public static string Say(this SessionKind kind) =>
        kind switch
        {
            SessionKind.Flatwork => "flatwork",
            SessionKind.Lateral => "lateral work",
            SessionKind.Poles => "poles",
            SessionKind.Grid => "grid",
            SessionKind.Jumping => "jumping",
            SessionKind.CrossCountry => "cross-country",
            SessionKind.CanterWork => "canter sets",
            SessionKind.Hack => "hack",
            SessionKind.Lunge => "lunge or long lines",
            SessionKind.InHand => "work in hand",
            SessionKind.WalkOnly => "walk only",
            SessionKind.Competition => "competition",
            SessionKind.Assessment => "assessment",
            _ => "recovery walk",
        };
}
