namespace JollySet.Core.Plans;

/// <summary>Time said between two pieces of work.</summary>
/// <param name="Seconds">How long, in seconds; of a range the low end is the clock's.</param>
/// <param name="Water">Whether it is a water break; only a gap that says so is one.</param>
/// <param name="Open">Promised with no length (<c>?</c>): nothing by the clock, its need in the likely length.</param>
public sealed record Gap(Span Seconds, bool Water = false, bool Open = false)
{
    /// <summary>A plain gap of that many seconds.</summary>
    public static Gap Of(int seconds) => new(new Span(seconds));
}
