using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Building;

/// <summary>A block the product has put together, with the reason for each line.</summary>
/// <param name="Why">One for each station, in order.</param>
public sealed record Built(Block Block, ImmutableArray<string> Why);
