using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Rides;

/// <summary>What is told of a ride, as riders say it in the middle of a sentence.</summary>
public static class RideWords
{
    /// <summary>"left hind".</summary>
    public static string Say(this Leg leg) =>
        leg switch
        {
            Leg.LeftFore => "left fore",
            Leg.RightFore => "right fore",
            Leg.LeftHind => "left hind",
            _ => "right hind",
        };

    /// <summary>"sore in the back".</summary>
    public static string Say(this Sign sign) =>
        sign switch
        {
            Sign.OffOrUnlevel => "off or unlevel",
            Sign.SoreBack => "sore in the back",
            Sign.HeatInLeg => "heat or swelling in a leg",
            Sign.Tired => "tired",
            Sign.RushedBold => "rushed, bold",
            Sign.RushedWorried => "rushed, worried",
            Sign.AddedStride => "struggled and added a stride",
            Sign.FlatAndLong => "got long and flat",
            Sign.DriftedLeft => "drifted left",
            Sign.DriftedRight => "drifted right",
            Sign.WrongLead => "wrong lead",
            Sign.TempoLost => "lost the tempo",
            Sign.RefusedYield => "refused to yield",
            Sign.HeadUpShortNeck => "head up, short in the neck",
            Sign.BehindBitOrLeg => "behind the bit or the leg",
            Sign.BrokeIntoCanter => "broke into canter",
            Sign.Spooked => "spooked and came back",
            Sign.Distracted => "looked elsewhere",
            Sign.Leans => "leaned on the hand",
            Sign.FallsIn => "fell in",
            Sign.FallsOut => "fell out",
            Sign.Bulges => "bulged",
            Sign.QuartersSwing => "swung the quarters",
            Sign.CrookedAgainstLeg => "crooked against the leg",
            Sign.AtTheGate => "drawn to the gate",
            Sign.BehindTheBit => "behind the bit",
            Sign.BehindTheLeg => "behind the leg",
            Sign.NeckOnly => "bent in the neck only",
            Sign.RunsThroughHand => "ran through the hand",
            Sign.RunsOffAfter => "ran off after the fence",
            Sign.LeapsDown => "leapt down",
            Sign.LateDepart => "late into canter",
            Sign.LateBehind => "late behind",
            Sign.Anticipates => "anticipated",
            Sign.Blows => "blew or sweated beyond the work",
            Sign.Frightened => "frightened",
            Sign.Braced => "braced",
            Sign.Stuck => "stuck or out of balance",
            Sign.Mouth => "fussy in the mouth",
            Sign.SoftAndReady => "soft and ready",
            Sign.Bucks => "bucked or kicked out",
            Sign.BreathesAndThinks => "began to breathe and think",
            Sign.BadDistance => "a bad distance",
            Sign.VoiceNotAnswered => "did not answer the voice",
            _ => "on the forehand",
        };

    /// <summary>"left", for a side of the horse or of its way.</summary>
    public static string Say(this Rein side) =>
        side switch
        {
            Rein.Left => "left",
            Rein.Right => "right",
            _ => "both",
        };

    /// <summary>"on the long side".</summary>
    public static string Say(this ArenaPlace place) =>
        place switch
        {
            ArenaPlace.Diagonal => "on the diagonal",
            ArenaPlace.LongSide => "on the long side",
            ArenaPlace.ShortSide => "on the short side",
            ArenaPlace.Circle => "on the circle",
            ArenaPlace.CentreLine => "on the centre line",
            ArenaPlace.Corner => "beside the corner",
            _ => "at the gate",
        };

    /// <summary>"the half-steps".</summary>
    public static string Say(this Movement movement) =>
        movement switch
        {
            Movement.Change => "flying change",
            Movement.Series => "series of changes",
            Movement.Depart => "canter depart",
            Movement.Halt => "halt",
            Movement.Pirouette => "pirouette",
            Movement.HalfSteps => "half-steps",
            Movement.Passage => "passage",
            Movement.Yield => "yield",
            Movement.ReinBack => "rein-back",
            Movement.Lengthening => "lengthening",
            Movement.Stretch => "stretch",
            Movement.GivenRein => "rein given",
            Movement.Walk => "walk",
            Movement.Voice => "voice",
            Movement.Stand => "halt and stand",
            Movement.StepBack => "step back",
            Movement.HeadDown => "head down",
            Movement.Bridle => "stands for the bridle",
            Movement.Saddle => "stands for the saddle",
            Movement.Mounting => "stands for mounting",
            Movement.Lines => "long lines",
            Movement.ShoulderOver => "shoulder over",
            _ => "hips over",
        };

    /// <summary>"the filler".</summary>
    public static string Say(this FrightenedOf of) =>
        of switch
        {
            FrightenedOf.Poles => "the poles",
            FrightenedOf.Material => "the material",
            FrightenedOf.Filler => "the filler",
            FrightenedOf.Water => "the water",
            FrightenedOf.Noise => "a noise",
            _ => "a thing",
        };

    /// <summary>"a little left of the middle".</summary>
    public static string Say(this NarrowWhere where) =>
        where switch
        {
            NarrowWhere.Middle => "in the middle",
            NarrowWhere.ALittleLeft => "a little left of the middle",
            NarrowWhere.ALittleRight => "a little right of the middle",
            NarrowWhere.OffTheLeftEdge => "off the left edge",
            _ => "off the right edge",
        };

    /// <summary>"the hand".</summary>
    public static string Say(this JumpCause cause) =>
        cause switch
        {
            JumpCause.Track => "the track",
            JumpCause.Pace => "the pace",
            JumpCause.Hand => "the hand",
            JumpCause.Horse => "the horse",
            _ => "distraction",
        };

    /// <summary>"the given rein stays".</summary>
    public static string Say(this OpeningTest test) =>
        test switch
        {
            OpeningTest.GivenReinStays => "the given rein stays",
            OpeningTest.PromptDeparts => "prompt departs on both leads",
            OpeningTest.VoiceAnswered => "the voice is answered",
            _ => "level on the lunge",
        };

    /// <summary>"water, in".</summary>
    public static string Say(this QuestionTold told)
    {
        ArgumentNullException.ThrowIfNull(told);
        return $"{told.Question.Say()} {told.Way.Say()}";
    }

    /// <summary>"fence in water".</summary>
    public static string Say(this QuestionKind question) =>
        question switch
        {
            QuestionKind.FenceInWater => "fence in water",
            QuestionKind.Combination => "combination",
            QuestionKind.Narrow => "narrow",
            QuestionKind.Corner => "corner",
            QuestionKind.Water => "water",
            QuestionKind.Step => "step",
            QuestionKind.Drop => "drop",
            QuestionKind.Ditch => "ditch",
            _ => "log",
        };

    /// <summary>"from the left".</summary>
    public static string Say(this QuestionWay way) =>
        way switch
        {
            QuestionWay.Up => "up",
            QuestionWay.Down => "down",
            QuestionWay.In => "in",
            QuestionWay.Out => "out",
            QuestionWay.FromLeft => "from the left",
            _ => "from the right",
        };

    /// <summary>Side, rein ridden and place of a sign, each by its own name; nothing where nothing was told.</summary>
    internal static string On(this SignTold sign) =>
        (sign.Side is { } side ? $", {side.Say()}" : "")
        + (sign.Rein is Rein.Left or Rein.Right ? $", {sign.Rein.Value.Say()} rein" : "")
        + (sign.Where is { } where ? $", {where.Say()}" : "");

    /// <summary>Lead, leg or rein of an asking; nothing where it has none.</summary>
    internal static string OnSide(this Attempt attempt) =>
        attempt.Side is not { } side
            ? ""
            : Movements.Of(attempt.Movement).On switch
            {
                AskedOn.Lead => $", {side.Say()} lead",
                AskedOn.Leg => $", {side.Say()} leg",
                AskedOn.Rein => $", {side.Say()} rein",
                _ => "",
            };
}
