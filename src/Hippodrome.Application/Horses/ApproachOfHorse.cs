using Hippodrome.Core.Horses;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Application.Horses;

/// <summary>Whose choice holds.</summary>
public enum ChoiceFrom
{
    Default,
    Yard,
    Own,
}

/// <summary>A question with its choices, the one that holds and why.</summary>
public sealed record TopicView(
    ApproachQuestion Question,
    string Asks,
    IReadOnlyList<ApproachChoice> Choices,
    string Holds,
    ChoiceFrom From,
    string Because,
    string? By,
    DateTime? At
);

/// <summary>The approach of a horse or of the yard.</summary>
public sealed record ApproachView(Temperament? Temperament, IReadOnlyList<TopicView> Topics);

/// <summary>What the horse is like; nothing is not said.</summary>
public sealed record TemperamentEntry(Temperament? Temperament = null);

/// <summary>Where good trainers differ: what the yard has chosen, and what holds for one horse.</summary>
public static class ApproachOfHorse
{
    public static async Task<Answer<ApproachView>> ChooseAsync(Visit visit, Guid? horseId, ApproachEntry entry)
    {
        var made = entry.Check();
        if (!made.IsFine)
        {
            return Refusal.Faulty(made.Faults);
        }

        await visit.Yard.AddApproachChoiceAsync(horseId, made.Value, visit.Me.Id);
        return await ShowAsync(visit, horseId);
    }

    public static async Task<ApproachView> TemperAsync(Guid horseId, TemperamentEntry entry, Visit visit)
    {
        await visit.Yard.SetTemperamentAsync(horseId, entry.Temperament);
        return await ShowAsync(visit, horseId);
    }

    public static async Task<ApproachView> ShowAsync(Visit visit, Guid? horseId)
    {
        var choices = await visit.Yard.ApproachChoicesAsync(horseId);
        var temperament = horseId is { } id ? await visit.Yard.TemperamentAsync(id) : null;
        return new ApproachView(
            temperament,
            [
                .. Approach.Topics.Select(topic =>
                {
                    KeptChoice? Latest(bool own) =>
                        choices.FindLast(c => c.HorseId is not null == own && c.Made.Question == topic.Question)
                            is { Made.Choice: not null } kept
                            ? kept
                            : null;
                    var (own, yard) = (Latest(true), Latest(false));
                    var from =
                        own is not null ? ChoiceFrom.Own
                        : yard is not null ? ChoiceFrom.Yard
                        : ChoiceFrom.Default;
                    var kept = own ?? yard;
                    var holds = Approach.Holds(topic, own?.Made.Choice, yard?.Made.Choice, temperament);
                    return new TopicView(
                        topic.Question,
                        topic.Asks,
                        topic.Choices,
                        holds.Id,
                        from,
                        kept is { Made.Word.Length: > 0 } ? kept.Made.Word
                            : from == ChoiceFrom.Default && holds != topic.Choices[0]
                                ? $"for a {temperament?.ToString().ToLowerInvariant()} horse"
                            : topic.DefaultBecause,
                        kept?.By,
                        kept?.At
                    );
                }),
            ]
        );
    }
}
