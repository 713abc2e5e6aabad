using JollySet.Core.Balance;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>One idea of what to catch. A check reads and never changes; adding one touches no other file.</summary>
public interface ICheck
{
    /// <summary>What it finds in the class; nothing when all is well.</summary>
    IEnumerable<Finding> Look(ClassUnderReview review);
}

/// <summary>What a check may read.</summary>
public sealed record ClassUnderReview(Timeline Timeline)
{
    /// <summary>The plan.</summary>
    public ClassPlan Plan => Timeline.Plan;

    private readonly Lazy<ClassBalance> balance = new(() => ClassBalance.Of(Timeline));

    /// <summary>Muscles, patterns, regions and pairs, weighed once.</summary>
    public ClassBalance Balance => balance.Value;

    private readonly ILookup<int, WorkSet> setsByBlock = Timeline.Sets.ToLookup(s => s.Block);

    /// <summary>The work periods of a block, in order.</summary>
    public IEnumerable<WorkSet> SetsOf(int block) => setsByBlock[block];

    /// <summary>The house rules.</summary>
    public HouseRules Rules => Timeline.Rules;

    /// <summary>The blocks that have stations of their own, with their place in the class.</summary>
    public IEnumerable<(Block Block, int Index)> OwnBlocks =>
        Plan.Blocks.Select((block, index) => (block, index)).Where(b => !b.block.Stations.IsEmpty);
}
