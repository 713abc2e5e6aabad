namespace JollySet.Core.Plans;

/// <summary>Time said between two pieces of work.</summary>
/// <param name="Seconds">How long, in seconds; of a range the low end is the clock's.</param>
/// <param name="Water">Whether it is a water break; only a gap that says so is one.</param>
/// <param name="Open">Promised with no length (<c>?</c>): its need, by the clock and in the likely length.</param>
public sealed record Gap(Span Seconds, bool Water = false, bool Open = false)
{
    /// <summary>A gap with no length said.</summary>
    public static Gap Promised { get; } = new(new Span(0), Open: true);

    /// <summary>A plain gap of that many seconds.</summary>
    public static Gap Of(int seconds) => new(new Span(seconds));
}
