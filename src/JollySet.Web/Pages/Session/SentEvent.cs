using JollySet.Core.Teaching;

namespace JollySet.Web.Pages.Session;

/// <summary>An event as the page sends it.</summary>
public sealed record SentEvent(int Number, string? Kind, long AtMs, int? Value)
{
    private const int MostNumber = 100_000;
    private const long Earliest = 946_684_800_000;
    private const long Latest = 4_102_444_800_000;
    private const int MostSeconds = 12 * 3600;

    /// <summary>The event, where everything it says can be; null otherwise.</summary>
    /// <param name="speed">Factor of the device's clock, 1 save in tests.</param>
    public SessionEvent? Checked(int speed) =>
        Number is > 0 and <= MostNumber && AtMs >= Earliest && AtMs <= Latest * speed && (Value is null || Math.Abs((long)Value.Value) <= MostSeconds) && KindOf(Kind) is { } kind
            ? new SessionEvent(Number, kind, AtMs, Value)
            : null;

    /// <summary>The kind of that name; null for a number or anything else.</summary>
    public static EventKind? KindOf(string? name)
    {
        foreach (var kind in Enum.GetValues<EventKind>())
            if (kind.ToString().Equals(name, StringComparison.OrdinalIgnoreCase))
                return kind;
        return null;
    }
}
