using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Web.Pages.Plan;

/// <summary>A change from one station to the next, over all rounds: what the plan gives it and what it needs.</summary>
/// <param name="Costs">Work that is lost, or what it takes beyond the clock; empty where it fits.</param>
public sealed record ChangeRow(string From, string To, string Where, string Has, string Needs, string Costs, bool IsTight)
{
    /// <summary>The changes that begin in a block, in order.</summary>
    public static ImmutableArray<ChangeRow> Of(Timeline timeline, int block) =>
    [
        .. timeline.Gaps
            .Where(g => timeline.Sets[g.From].Block == block)
            .GroupBy(g => (timeline.Sets[g.From].Station, ToBlock: timeline.Sets[g.To].Block, ToStation: timeline.Sets[g.To].Station, g.Place))
            .Select(g => RowOf(timeline, [.. g])),
    ];

    /// <summary>The first change after a station, in few words; null after the class's last.</summary>
    public static (string Words, bool IsTight)? After(Timeline timeline, int block, int station)
    {
        var gap = timeline.Gaps.FirstOrDefault(g => timeline.Sets[g.From].Block == block && timeline.Sets[g.From].Station == station && g.Place != GapPlace.OtherSide);
        return gap is null ? null : (gap.Lost > Length.Zero ? $"{Say.Time(gap.Need - gap.Planned)} short: the change needs {gap.Need.InWholeSeconds} s, has {HasText(gap)}" : $"the change needs {gap.Need.InWholeSeconds} s, has {HasText(gap)}", gap.Lost > Length.Zero);
    }

    private static ChangeRow RowOf(Timeline timeline, ImmutableArray<GapRecord> gaps)
    {
        var first = gaps[0];
        var (lost, extra) = (gaps.Sum(g => g.Lost), gaps.Sum(g => g.Extra));
        return new ChangeRow(
            Say.Capital(timeline.Sets[first.From].Facts.Name),
            first.Place == GapPlace.OtherSide ? "other side" : timeline.Sets[first.To].Facts.Name,
            first.Place switch
            {
                GapPlace.AfterRound => "after a round",
                GapPlace.AfterBlock => $"to {timeline.Blocks[timeline.Sets[first.To].Block].Name}",
                _ => gaps.Length > 1 ? $"{gaps.Length} times" : "",
            },
            string.Join(", ", gaps.Select(HasText).Distinct()),
            RangeText(gaps.Max(g => g.Need), gaps.Min(g => g.Need)),
            lost > Length.Zero ? $"{Say.Time(lost)} of work lost" : extra > Length.Zero ? $"likely {Say.Time(extra)} longer" : "",
            lost > Length.Zero);
    }

    private static string HasText(GapRecord gap) => gap.Open ? "no length said" : gap.Said || gap.Planned > Length.Zero ? $"{gap.Planned.InWholeSeconds} s" : "nothing said";

    private static string RangeText(Length most, Length least) => most == least ? $"{most.InWholeSeconds} s" : $"{most.InWholeSeconds}–{least.InWholeSeconds} s";
}
