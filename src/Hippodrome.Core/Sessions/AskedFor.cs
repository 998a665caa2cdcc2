using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Sessions;

/// <summary>The movements that a part of a plan asks for, so that the rail has their keys (common practice).</summary>
internal static class AskedFor
{
    private static readonly Dictionary<string, Movement[]> ByRung = new()
    {
        ["in-hand/lead-and-halt"] = [Movement.Stand, Movement.StepBack],
        ["in-hand/lower-and-bend"] = [Movement.HeadDown, Movement.ShoulderOver, Movement.HipsOver],
        ["in-hand/pole-corridor"] = [Movement.Stand, Movement.StepBack, Movement.HeadDown],
        ["in-hand/long-lines-trot"] = [Movement.Voice, Movement.Lines, Movement.Stand],
        ["in-hand/long-lines-canter"] = [Movement.Voice, Movement.Lines],
        ["flatwork/first-month"] = [Movement.Mounting, Movement.Halt, Movement.Walk],
        ["flatwork/fifteen-metres"] = [Movement.Lengthening, Movement.GivenRein],
        ["flatwork/ten-metres"] = [Movement.Depart, Movement.Lengthening, Movement.GivenRein],
        ["flatwork/simple-change"] = [Movement.Depart, Movement.Lengthening, Movement.GivenRein],
        ["flatwork/collected-gaits"] = [Movement.ReinBack, Movement.Lengthening, Movement.GivenRein],
        ["changes/canter-walk-canter"] = [Movement.Depart],
        ["changes/every-fourth"] = [Movement.Series, Movement.Change],
        ["changes/every-third"] = [Movement.Series, Movement.Change],
        ["changes/every-second"] = [Movement.Series, Movement.Change],
        ["changes/every-stride"] = [Movement.Series, Movement.Change],
        ["collected/schooling-pirouette"] = [Movement.Pirouette],
        ["collected/half-pirouette"] = [Movement.Pirouette],
        ["collected/half-steps"] = [Movement.HalfSteps],
        ["collected/piaffe"] = [Movement.HalfSteps],
        ["collected/passage"] = [Movement.Passage, Movement.HalfSteps],
    };

    /// <summary>Collected work, and work from the ground: askings are its marks.</summary>
    public static bool IsWhatItIsFor(Part part) =>
        part.Manner is Manner.InHand or Manner.Lunged or Manner.LongReined || part.Rung?.Strand == Strand.Collected;

    /// <summary>Those of its rung, else of its strand and of how the horse is worked.</summary>
    public static IReadOnlyList<Movement> In(Part part)
    {
        var rung = part.RungId ?? part.Exercise?.RungId;
        return rung is not null && ByRung.TryGetValue(rung, out var asked) ? asked
            : part.Manner == Manner.InHand ? [Movement.Stand, Movement.StepBack, Movement.HeadDown]
            : part.Manner == Manner.Lunged ? [Movement.Voice, Movement.Stretch]
            : part.Manner == Manner.LongReined ? [Movement.Voice, Movement.Lines]
            : part.Rung?.Strand switch
            {
                Strand.Changes => [Movement.Change],
                Strand.Lateral => [Movement.Yield],
                Strand.Collected => [Movement.HalfSteps, Movement.Pirouette],
                _ when part.Phase == Phase.CoolDown => [Movement.Stretch, Movement.Walk],
                _ when part.Gait is Gait.Walk or Gait.Halt => [Movement.Walk, Movement.Halt],
                _ => [Movement.Halt, Movement.GivenRein, Movement.Stretch],
            };
    }
}
