using System.Collections.Immutable;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues.Saying;

/// <summary>Where a rehearsal stops.</summary>
/// <param name="At">From the first word of the class.</param>
public sealed record RehearsalStop(Length At, string Says);

/// <summary>What would go wrong in front of people: a change that cannot be made, an option that is missing, words there is no time for.</summary>
public static class RehearsalStops
{
    private const int Matters = 80;

    /// <summary>In order, one a moment.</summary>
    public static ImmutableArray<RehearsalStop> Of(Timeline timeline, CueSheet sheet)
    {
        var starts = timeline.Segments.Where(s => s.Kind == SegmentKind.Work).GroupBy(s => s.Set).ToDictionary(g => g.Key, g => g.First().Start);
        var first = timeline.Sets.Select((s, i) => (s, i)).GroupBy(s => (timeline.Blocks[s.s.Block].Name, s.s.Station)).ToDictionary(g => g.Key, g => g.First().i);
        var tight = timeline.Gaps.Where(timeline.IsTight).Select(g => (At: starts[g.To], Says: $"The change to {timeline.Sets[g.To].Facts.Name} needs {Say.Time(g.Need)} and has {Say.Time(g.Planned)}."));
        var open = from row in Net.Of(timeline, [.. timeline.Plan.Brief.Needs])
                   let missing = row.Crossings.Where(c => c.Cover.Kind == CoverKind.Open).Select(c => c.Need).ToList()
                   where missing.Count > 0
                   where first.ContainsKey((row.Block.Name, row.Number))
                   select (At: starts[first[(row.Block.Name, row.Number)]], Says: $"{Say.Capital(row.Name)} has no way named for {Say.List(missing)}.");
        var left = sheet.Left.Where(c => c.Matters >= Matters && !c.Outside).Select(c => (c.At, Says: $"No time to say “{c.Text}”"));
        return [.. tight.Concat(open).Concat(left).GroupBy(s => s.At).OrderBy(g => g.Key).Select(g => new RehearsalStop(g.Key, string.Join(" ", g.Select(s => s.Says).Distinct())))];
    }
}
