using JollySet.Core.Plans;

namespace JollySet.Core.Fitting;

/// <summary>One way a block might be, beside how it is.</summary>
/// <param name="Block">Its place in the class.</param>
/// <param name="Changed">The block as it would be; null where it is dropped.</param>
/// <param name="Delta">How much longer or shorter that makes the class, by the length aimed at.</param>
/// <param name="Cost">How much it changes.</param>
/// <param name="IsChief">Whether it makes a change of the kind asked for.</param>
public sealed record BlockChoice(int Block, Block? Changed, Length Delta, int Cost, bool IsChief);
