using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Drafting;

/// <summary>Gives a draft the gaps its changes need and water in time.</summary>
internal static class Gaps
{
    private static readonly Length Water = Length.Seconds(45);
    private static readonly Length NearlyWater = Length.Minutes(1);

    /// <summary>Where a timed change is too tight, the station before it rests for as long as the change needs.</summary>
    public static ClassPlan Loosened(ClassPlan plan, Studio studio)
    {
        var timeline = TimelineBuilder.Build(plan, studio);
        var tight = timeline.Gaps
            .Where(g => g.Place == GapPlace.Within && timeline.IsTight(g) && plan.Blocks[timeline.Sets[g.From].Block].Format is CircuitFormat or PrepareFormat or ReleaseFormat)
            .GroupBy(g => (timeline.Sets[g.From].Block, timeline.Sets[g.From].Station), g => g.Need);
        foreach (var gap in tight)
        {
            var block = plan.Blocks[gap.Key.Block];
            var line = block.Stations[gap.Key.Station - 1];
            var rest = gap.Max().UpTo(5);
            plan = plan with { Blocks = plan.Blocks.SetItem(gap.Key.Block, block with { Stations = block.Stations.SetItem(gap.Key.Station - 1, line with { Rest = Gap.Of(rest) }) }) };
        }

        return plan;
    }

    /// <summary>Where people would go too long without water, the gap after the block before is a water break.</summary>
    public static ClassPlan Watered(ClassPlan plan, Studio studio)
    {
        var timeline = TimelineBuilder.Build(plan, studio);
        var last = Length.Zero;
        for (var i = 0; i < plan.Blocks.Length; i++)
        {
            var (end, next) = (EndOf(timeline, i), EndOf(timeline, i + 1));
            var block = plan.Blocks[i];
            if (block.Settings.After is { } after && (after.Water || next - last > (plan.Brief.Audience.Contains(Audience.OlderAdults) ? studio.Rules.CheckWaterOlder : studio.Rules.CheckWaterEvery) - NearlyWater))
            {
                last = end;
                plan = plan with { Blocks = plan.Blocks.SetItem(i, block with { Settings = block.Settings with { After = after with { Water = true, Length = new LengthSpan(Length.Max(Water, after.Length.Low)) } } }) };
            }
        }

        return plan;
    }

    private static Length EndOf(Timeline timeline, int block) => timeline.Segments.LastOrDefault(s => s.Block == block && s.Kind != SegmentKind.After)?.End ?? timeline.Length;
}
