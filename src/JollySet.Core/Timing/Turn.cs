using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>What is done in one go before the count of rounds moves on: a round of a block, or all sets of one station where they come straight.</summary>
/// <param name="Pass">0, or 1 for the second side of a block that does each side.</param>
/// <param name="Number">The round; of straight sets the station.</param>
public readonly record struct Turn(int Block, int Pass, int Number)
{
    /// <summary>The turn a set belongs to.</summary>
    public static Turn Of(Timeline timeline, WorkSet set) =>
        new(set.Block, set.SecondPass ? 1 : 0, timeline.Blocks[set.Block].Format is StraightFormat ? set.Station : set.Round);
}
