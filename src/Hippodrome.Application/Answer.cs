namespace Hippodrome.Application;

/// <summary>What came of a use case: what was asked for, or why not.</summary>
public interface IAnswer
{
    /// <summary>Goes on with whichever it is.</summary>
    TResult Meet<TResult>(IAnswered<TResult> by);
}

/// <summary>Who goes on with an answer.</summary>
public interface IAnswered<out TResult>
{
    TResult Good<T>(T value);

    TResult Refused(Refusal why);
}

/// <summary>What was asked for, or why not.</summary>
/// <typeparam name="T">What was asked for.</typeparam>
public readonly record struct Answer<T> : IAnswer
{
    private readonly T _value;

    private Answer(T value, Refusal? why) => (_value, Why) = (value, why);

    /// <summary>Why not; null where all went well.</summary>
    public Refusal? Why { get; }

    /// <summary>What was asked for.</summary>
    /// <exception cref="InvalidOperationException">It was refused.</exception>
    public T Value => Why is null ? _value : throw new InvalidOperationException("This was refused; ask why first.");

    public TResult Meet<TResult>(IAnswered<TResult> by)
    {
        ArgumentNullException.ThrowIfNull(by);
        return Why is null ? by.Good(_value) : by.Refused(Why);
    }

    public static implicit operator Answer<T>(T value) => new(value, null);

    public static implicit operator Answer<T>(Refusal why) => new(default!, why);
}

/// <summary>It is done, and there is nothing more to say.</summary>
public sealed record Done
{
    public static readonly Done It = new();
}
