using Hippodrome.Storage;

namespace Hippodrome.Application;

/// <summary>Things of one kind by key: each is read once, and again only after one of their tables was written to.</summary>
internal sealed class ReadOnce<TKey, T>(YardSession yard, string[] tables, Func<IReadOnlyCollection<TKey>, Task<Dictionary<TKey, T>>> read)
    where TKey : notnull
{
    private Dictionary<TKey, T> _known = [];
    private readonly HashSet<TKey> _asked = [];
    private readonly HashSet<TKey> _wanted = [];
    private int _written;

    /// <summary>These will be asked for later: they come along with whatever is read first.</summary>
    public void Want(IEnumerable<TKey> keys) => _wanted.UnionWith(keys);

    /// <summary>All that is known, with these among it where they are there.</summary>
    public async Task<IReadOnlyDictionary<TKey, T>> OfAsync(IEnumerable<TKey> keys)
    {
        ForgetWhatMayHaveChanged();
        var missing = keys.Where(_asked.Add).ToList();
        if (missing.Count > 0)
        {
            missing.AddRange(_wanted.Where(_asked.Add));
            _wanted.Clear();
            foreach (var (key, thing) in await read(missing))
            {
                _known[key] = thing;
            }
        }

        return _known;
    }

    /// <summary>What is wanted and not known, for whoever reads it on the way.</summary>
    public IReadOnlyList<TKey> TakeWanted()
    {
        ForgetWhatMayHaveChanged();
        var wanted = _wanted.Where(key => !_asked.Contains(key)).ToList();
        _wanted.Clear();
        return wanted;
    }

    /// <summary>What was read on the way to something else; what was known already stays as it was read first.</summary>
    /// <param name="asked">Keys that were asked for; those not among the things are not there.</param>
    /// <param name="things">What was found, also besides those.</param>
    public void Know(IEnumerable<TKey> asked, IReadOnlyDictionary<TKey, T> things)
    {
        ForgetWhatMayHaveChanged();
        _asked.UnionWith(asked);
        foreach (var (key, thing) in things)
        {
            _asked.Add(key);
            // Read again it may be newer than what was decided from it by now.
            _known.TryAdd(key, thing);
        }
    }

    private void ForgetWhatMayHaveChanged()
    {
        if (_written != yard.WrittenTo(tables))
        {
            // Whoever was given what was known keeps it as it was.
            _known = [];
            _asked.Clear();
            _written = yard.WrittenTo(tables);
        }
    }
}
