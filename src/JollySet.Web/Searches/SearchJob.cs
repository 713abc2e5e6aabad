using System.Diagnostics;

namespace JollySet.Web.Searches;

/// <summary>One search under way: what it tells, what it found, and a way to stop it.</summary>
public sealed class SearchJob : IProgress<string>, IDisposable
{
    private static readonly TimeSpan LongestTime = TimeSpan.FromSeconds(60);
    private static readonly TimeSpan LongestUnasked = TimeSpan.FromSeconds(8);
    private const long MostBytes = 400_000_000;

    private readonly CancellationTokenSource stopping = new();
    private readonly Stopwatch clock = new();
    private readonly long bytesAtStart = Environment.WorkingSet;
    private readonly Lock ending = new();
    private bool ended;
    private long lastAsked = Stopwatch.GetTimestamp();

    internal SearchJob(string owner) => Owner = owner;

    /// <summary>Its name in addresses.</summary>
    public Guid Id { get; } = Guid.NewGuid();

    /// <summary>What it is for; a new one for the same stops it.</summary>
    public string Owner { get; }

    /// <summary>How far it is, in a sentence.</summary>
    public string Says { get; private set; } = "It waits for another search to end.";

    /// <summary>Why it was stopped before it was done; null where it was not.</summary>
    public string? StoppedFor { get; private set; }

    /// <summary>What it found, once it is done.</summary>
    public Task<object> Result { get; internal set; } = null!;

    /// <summary>Asked for when it is to end with what it has.</summary>
    public CancellationToken Stopping => stopping.Token;

    /// <inheritdoc/>
    public void Report(string value) => Says = value;

    /// <summary>Somebody waits for it.</summary>
    public void Asked() => lastAsked = Stopwatch.GetTimestamp();

    /// <summary>It has a place and starts; its time counts from here.</summary>
    internal void Begin()
    {
        Says = "Looking.";
        clock.Start();
    }

    /// <summary>Ends it with what was found so far; nothing to one that is done.</summary>
    public void Stop(string why = "You stopped it")
    {
        lock (ending)
        {
            if (ended)
                return;
            StoppedFor ??= why;
            stopping.Cancel();
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        lock (ending)
        {
            ended = true;
            stopping.Dispose();
        }
    }

    /// <summary>Keeps its limits until it is done: time, memory, and that somebody waits.</summary>
    internal async Task Watch()
    {
        while (!Result.IsCompleted)
        {
            await Task.WhenAny(Result, Task.Delay(250));
            if (clock.Elapsed > LongestTime)
                Stop($"It had its {LongestTime.TotalSeconds:0} seconds");
            else if (Environment.WorkingSet - bytesAtStart > MostBytes)
                Stop("It took too much memory");
            else if (Stopwatch.GetElapsedTime(lastAsked) > LongestUnasked)
                Stop("Nobody waited for it");
        }

        Dispose();
    }
}
