using System.Globalization;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>What a placed session is ridden as, drawn up when it comes near.</summary>
public static class DrawUp
{
    /// <summary>The strand a session is to be proposed for; null where it is drawn up plainly.</summary>
    public static Strand? Focus(PlacedSession session)
    {
        ArgumentNullException.ThrowIfNull(session);
        return session.Bouts is not null
            || session.Eased == Easing.ShortFirstDay
            || session.Sets is not null
            || session.Kind is SessionKind.Hack or SessionKind.WalkOnly or SessionKind.Recovery or SessionKind.CanterWork
                ? null
            : session.RungId is { } id && Catalogue.Find(id) is { } rung ? rung.Strand
            : session.Kind.Strand();
    }

    /// <summary>What is wanted of the proposal.</summary>
    public static ProposalEntry Wanted(PlacedSession session, bool helper)
    {
        ArgumentNullException.ThrowIfNull(session);
        return new ProposalEntry(
            session.On,
            Focus(session),
            Math.Max(10, session.Minutes.Total),
            helper,
            session.Kind.NeedsArena() ? Ground.Arena : Ground.OpenGround,
            []
        );
    }

    /// <summary>Walk, what there is of trot and canter (in bouts or sets where it has them), walk.</summary>
    public static SessionEntry Plain(PlacedSession session)
    {
        ArgumentNullException.ThrowIfNull(session);
        if (session.Eased == Easing.ShortFirstDay)
        {
            return new SessionEntry(
                session.On,
                "A short first day",
                Manner.Ridden,
                false,
                SessionTemplates.ShortFirstDay,
                string.Create(CultureInfo.InvariantCulture, $"From the block: {session.Why.Rule}.")
            );
        }

        var (walk, trot, canter) = (session.Minutes.Walk, session.Minutes.Trot, session.Minutes.Canter);
        var last = walk >= 12 ? Math.Max(SessionFigures.WalkLast.Value, walk / 3) : 0;
        var parts = new List<PartEntry>
        {
            PartEntry.Of(Phase.WarmUp, "Walk on a long rein, both reins", Gait.Walk, Rein.Both, walk - last),
        };
        if (session.Bouts is not null)
        {
            AddBouts(parts, Gait.Trot, trot);
            AddBouts(parts, Gait.Canter, canter);
        }
        else
        {
            AddPlain(parts, session, trot, canter);
        }

        if (last > 0)
        {
            parts.Add(PartEntry.Of(Phase.CoolDown, "Walk on a long rein; drop the reins at the end", Gait.Walk, Rein.Both, last));
        }

        return new SessionEntry(
            session.On,
            Emphasis(session),
            session.Kind.Manner(),
            false,
            [.. parts.Where(p => p.Minutes > 0)],
            string.Create(CultureInfo.InvariantCulture, $"From the block: {session.Why.Rule}.")
        );
    }

    private static void AddBouts(List<PartEntry> parts, Gait gait, int minutes)
    {
        if (minutes > 0)
        {
            var bout = SessionFigures.ReturnBout.Value;
            parts.Add(
                new()
                {
                    Phase = Phase.Work,
                    What = $"{gait} in bouts of {bout} seconds, spread out in the walk",
                    Gait = gait,
                    Rein = Rein.Both,
                    Minutes = minutes,
                    Times = minutes * 60 / bout,
                    BoutSeconds = bout,
                    RestSeconds = 2 * bout,
                    Transitions = 2 * (minutes * 60 / bout),
                    TransitionsWith = Gait.Walk,
                }
            );
        }
    }

    /// <summary>Into each bout of a return and out of it again; none elsewhere.</summary>
    internal static int Transitions(PlacedSession session) =>
        session.Bouts is null ? 0 : 2 * ((session.Minutes.Trot + session.Minutes.Canter) * 60 / SessionFigures.ReturnBout.Value);

    private static void AddPlain(List<PartEntry> parts, PlacedSession session, int trot, int canter)
    {
        if (trot > 0)
        {
            parts.Add(
                PartEntry.Of(
                    session.Sets is null ? Phase.Work : Phase.WarmUp,
                    "Trot, loose and forward, both reins",
                    Gait.Trot,
                    Rein.Both,
                    trot
                )
            );
        }

        if (canter > 0)
        {
            parts.Add(
                session.Sets is { } sets
                    ? new()
                    {
                        Phase = Phase.Work,
                        What = $"Sets: {sets.Says}",
                        Gait = Gait.Canter,
                        Rein = Rein.Both,
                        Minutes = canter,
                        Times = sets.Repeats,
                        BoutSeconds = (int)(sets.Minutes * 60),
                        RestSeconds = (int)(sets.Rest * 60),
                        MetresPerMinute = sets.Speed,
                        Outline = Outline.Level,
                        Seat = Seat.Light,
                    }
                    : PartEntry.Of(Phase.Work, "Canter, both leads", Gait.Canter, Rein.Both, canter)
            );
        }
    }

    private static string Emphasis(PlacedSession session)
    {
        var said = session.Kind.Say();
        return $"{char.ToUpperInvariant(said[0])}{said[1..]}";
    }
}
