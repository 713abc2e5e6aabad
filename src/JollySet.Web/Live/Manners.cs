using System.Threading.RateLimiting;

namespace JollySet.Web.Live;

/// <summary>How much anyone may ask by code before they are asked to wait: codes cannot be guessed, and a flood from one place does not reach the class.</summary>
public sealed class Manners : IDisposable
{
    private static readonly TimeSpan Window = TimeSpan.FromMinutes(1);
    private readonly PartitionedRateLimiter<string> wrongCodes = Limiter(20);
    private readonly PartitionedRateLimiter<string> presses = Limiter(240);
    private readonly PartitionedRateLimiter<string> notes = Limiter(60);

    /// <summary>Whether one more code that opens nothing is answered from there.</summary>
    public bool MayGuess(HttpContext context) => Take(wrongCodes, Place(context));

    /// <summary>Whether one more press is taken from there.</summary>
    public bool MayPress(HttpContext context) => Take(presses, Place(context));

    /// <summary>Whether one more note is taken from there, under whatever name.</summary>
    public bool MayNote(HttpContext context) => Take(notes, Place(context));

    /// <inheritdoc/>
    public void Dispose()
    {
        wrongCodes.Dispose();
        presses.Dispose();
        notes.Dispose();
    }

    private static bool Take(PartitionedRateLimiter<string> limiter, string place)
    {
        using var lease = limiter.AttemptAcquire(place);
        return lease.IsAcquired;
    }

    private static string Place(HttpContext context) => context.Connection.RemoteIpAddress?.ToString() ?? "here";

    private static PartitionedRateLimiter<string> Limiter(int most) =>
        PartitionedRateLimiter.Create<string, string>(place => RateLimitPartition.GetFixedWindowLimiter(place, _ => new FixedWindowRateLimiterOptions { PermitLimit = most, Window = Window, QueueLimit = 0 }));
}
