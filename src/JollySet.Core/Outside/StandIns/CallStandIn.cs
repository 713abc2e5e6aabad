namespace JollySet.Core.Outside.StandIns;

/// <summary>A call whose delay wanders between one second and four, and from which people fall out now and then and come back.</summary>
public sealed class CallStandIn(bool fails) : ICameraCall
{
    private const int People = 9;
    private const long SlotMs = 20_000;
    private const int LeastDelay = 1000;
    private const int Wanders = 3000;
    private const int MostDropped = 3;

    /// <inheritdoc/>
    public Heard<CallState> At(long ms)
    {
        if (fails)
            return new(null, "The call is gone; the class goes on here.");
        var slot = Math.Max(0, ms) / SlotMs;
        var dropped = Noise.Of(3, slot, MostDropped);
        return new(new CallState(People - dropped, dropped, LeastDelay + Noise.Of(4, slot, Wanders)));
    }
}
