namespace JollySet.Core.Plans;

/// <summary>Time said between two pieces of work.</summary>
/// <param name="Length">How long; of a range the low end is the clock's.</param>
/// <param name="Water">Whether it is a water break; only a gap that says so is one.</param>
/// <param name="Open">Promised with no length (<c>?</c>): its need, by the clock and in the likely length.</param>
public sealed record Gap(LengthSpan Length, bool Water = false, bool Open = false)
{
    /// <summary>A gap with no length said.</summary>
    public static Gap Promised { get; } = new(new LengthSpan(Plans.Length.Zero), Open: true);

    /// <summary>A plain gap of that length.</summary>
    public static Gap Of(Length length) => new(new LengthSpan(length));

    /// <summary>A plain gap of that many seconds.</summary>
    public static Gap OfSeconds(int seconds) => Of(Plans.Length.Seconds(seconds));
}
