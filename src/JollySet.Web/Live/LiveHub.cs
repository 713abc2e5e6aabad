using System.Collections.Concurrent;
using System.Threading.Channels;

namespace JollySet.Web.Live;

/// <summary>Tells everyone who looks at a class what has happened to it. One who is too slow to hear all of it asks for the whole again.</summary>
public sealed class LiveHub
{
    /// <summary>The most that listen to all classes together.</summary>
    public const int Most = 2000;

    private const int MostWaiting = 64;
    private readonly ConcurrentDictionary<Guid, ConcurrentDictionary<Channel<string>, byte>> listening = new();
    private readonly ConcurrentDictionary<Guid, long> ahead = new();
    private int count;

    /// <summary>How many listen.</summary>
    public int Count => Volatile.Read(ref count);

    /// <summary>How far the clock of the device that teaches is ahead of this machine's, in ms.</summary>
    public long AheadOf(Guid session) => ahead.GetValueOrDefault(session);

    /// <summary>The teaching device has said how far its clock is ahead; true where that is news worth telling.</summary>
    public bool Ahead(Guid session, long ms)
    {
        const long worthTelling = 40;
        if (ahead.TryGetValue(session, out var known) && Math.Abs(known - ms) < worthTelling)
            return false;
        ahead[session] = ms;
        return true;
    }

    /// <summary>Tells it to all who listen to that class.</summary>
    public void Tell(Guid session, string message)
    {
        if (!listening.TryGetValue(session, out var channels))
            return;
        foreach (var channel in channels.Keys)
            channel.Writer.TryWrite(message);
    }

    /// <summary>Whether one more may listen.</summary>
    public bool HasRoom => Count < Most;

    /// <summary>Listens until it is cancelled.</summary>
    /// <param name="first">What there is so far. It is asked for when this one is heard by all already, so that nothing falls between.</param>
    public async IAsyncEnumerable<string> Listen(Guid session, Func<string> first, [System.Runtime.CompilerServices.EnumeratorCancellation] CancellationToken cancelled)
    {
        // Who falls far behind loses the oldest: numbers then no longer follow on each other, and the page asks for all of them.
        var channel = Channel.CreateBounded<string>(new BoundedChannelOptions(MostWaiting) { FullMode = BoundedChannelFullMode.DropOldest, SingleReader = true });
        Interlocked.Increment(ref count);
        try
        {
            listening.GetOrAdd(session, _ => new())[channel] = 0;
            channel.Writer.TryWrite(first());
            while (await WaitAsync(channel, cancelled))
                while (channel.Reader.TryRead(out var message))
                    yield return message;
        }
        finally
        {
            Interlocked.Decrement(ref count);
            // The class's own list stays, empty: taking it away could lose one who comes in at that very moment.
            if (listening.TryGetValue(session, out var channels))
                channels.TryRemove(channel, out _);
        }
    }

    private static async Task<bool> WaitAsync(Channel<string> channel, CancellationToken cancelled)
    {
        try
        {
            return await channel.Reader.WaitToReadAsync(cancelled);
        }
        catch (OperationCanceledException)
        {
            return false;
        }
    }
}
