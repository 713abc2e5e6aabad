namespace JollySet.Core.Outside.StandIns;

/// <summary>A list on which one in eight comes late, within four minutes, and one in fifteen never.</summary>
public sealed class BookingStandIn(bool fails) : IBookingList
{
    private const int LateOneIn = 8;
    private const int NeverOneIn = 15;
    private const long ComeWithinMs = 240_000;
    private const long ComeBeforeMs = 600_000;

    /// <inheritdoc/>
    public Heard<Headcount> At(int booked, long ms)
    {
        if (fails)
            return new(null, "The booking list cannot be reached; count by eye.");
        var (late, never) = (booked / LateOneIn, booked / NeverOneIn);
        var punctual = booked - late - never;
        var early = ms >= 0 ? punctual : (int)(punctual * Math.Clamp(ComeBeforeMs + ms, 0, ComeBeforeMs) / ComeBeforeMs);
        var came = ms <= 0 ? 0 : (int)(late * Math.Min(ms, ComeWithinMs) / ComeWithinMs);
        return new(new Headcount(booked, early + came, came));
    }
}
