namespace Hippodrome.Storage.Horses;

/// <summary>Rows of a horse that can be taken off, and put back.</summary>
public enum Removable
{
    CareVisit,
    BodyMeasure,
    Tack,
    Accordion,
    TimeAway,
    KnownFinding,
    Ration,
}

public static class Removal
{
    /// <summary>False when there is no such row of this horse.</summary>
    public static async Task<bool> RemoveAsync(this YardSession yard, Removable what, Guid horseId, Guid id, bool removed)
    {
        ArgumentNullException.ThrowIfNull(yard);
        var table = what switch
        {
            Removable.CareVisit => "care_visit",
            Removable.BodyMeasure => "body_measure",
            Removable.Tack => "tack",
            Removable.TimeAway => "time_away",
            Removable.KnownFinding => "known_finding",
            Removable.Ration => "ration",
            _ => "accordion",
        };
        return await yard.ExecuteAsync(
                $"update {table} set removed_at = case when @removed then now() end where yard_id = @yard and horse_id = @horseId and id = @id",
                new
                {
                    horseId,
                    id,
                    removed,
                }
            ) == 1;
    }
}
