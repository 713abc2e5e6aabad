using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>What a check may read.</summary>
public sealed record ClassUnderReview(Timeline Timeline)
{
    /// <summary>The plan.</summary>
    public ClassPlan Plan => Timeline.Plan;

    /// <summary>Muscles, patterns, regions and pairs.</summary>
    public ClassBalance Balance => ClassBalance.Of(Timeline);

    private readonly Lazy<ImmutableArray<Streak>> streaks = new(() => Core.Balance.Streaks.Of(Timeline));

    /// <summary>What works longest without a break, reckoned once.</summary>
    public ImmutableArray<Streak> Streaks => streaks.Value;

    private readonly ILookup<int, WorkSet> setsByBlock = Timeline.Sets.ToLookup(s => s.Block);

    /// <summary>The work periods of a block, in order.</summary>
    public IEnumerable<WorkSet> SetsOf(int block) => setsByBlock[block];

    /// <summary>The house rules.</summary>
    public HouseRules Rules => Timeline.Rules;

    /// <summary>The blocks that have stations of their own, with their place in the class.</summary>
    public IEnumerable<(Block Block, int Index)> OwnBlocks =>
        Plan.Blocks.Select((block, index) => (block, index)).Where(b => !b.block.Stations.IsEmpty);

    /// <summary>Who comes; where nobody is named, a mixed group of newcomers and regulars.</summary>
    public ImmutableArray<Audience> People => Plan.Brief.Audience.IsEmpty ? [Audience.Newcomer, Audience.Regular] : Plan.Brief.Audience;

    /// <summary>Whether newcomers or first-timers are among them.</summary>
    public bool NewcomersCome => People.Any(a => a is Audience.Newcomer or Audience.FirstTimers);

    /// <summary>What it is for; strength endurance where nothing is said.</summary>
    public Goal Goal => Plan.Brief.Goal ?? Goal.StrengthEndurance;

    /// <summary>The minutes booked; the class's own length where none are said.</summary>
    public Length Booked => Plan.Brief.Minutes is { } minutes ? Length.Minutes(minutes) : Timeline.Length;

    /// <summary>What a finding that rests on people nobody named adds; else nothing.</summary>
    public string TakenPeople => Plan.Brief.Audience.IsEmpty ? " Nobody is named: taken as newcomers and regulars." : "";

    /// <summary>The same for the goal.</summary>
    public string TakenGoal => Plan.Brief.Goal is null ? " No goal is named: taken as strength endurance." : "";

    /// <summary>Whether a figure passes its limit by more than the slack: just beside it nobody would say a word.</summary>
    public bool IsOver(decimal value, decimal limit) => value > limit * (1 + Rules.CheckSlack);

    /// <summary>The same the other way.</summary>
    public bool IsUnder(decimal value, decimal limit) => value < limit * (1 - Rules.CheckSlack);

    /// <summary>The work periods of main blocks and finishers.</summary>
    public IEnumerable<WorkSet> MainSets => Timeline.Sets.Where(s => Timeline.Blocks[s.Block].IsMain);
}
