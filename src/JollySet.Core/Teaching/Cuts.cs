using System.Collections.Immutable;
using JollySet.Core.Effort;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Teaching;

/// <summary>What a class could give up while it is taught. Never warm-up, water, cool-down or words on safety; both sides of a move go together.</summary>
public static class Cuts
{
    /// <summary>A class with more work than this is no class that is taught.</summary>
    private const int MostSets = 2000;
    private const int FewestStations = 3;
    private const double Seven = 7;
    private static readonly string[] Safety = ["stop", "pain", "safe", "dizz", "hurt", "exit", "water", "drink", "doctor", "clinician"];

    /// <summary>Everything that could be given up, cheapest first: words, the optional finisher, a round or rung, a station with both its sides, rests down to what the change needs.</summary>
    public static ImmutableArray<Cut> Of(Timeline timeline)
    {
        if (timeline.Sets.Length is 0 or > MostSets)
            return [];
        var parts = Parts(timeline);
        var all = Talks(timeline).Concat(Finishers(timeline)).Concat(parts.SelectMany(p => Rounds(timeline, p))).Concat(parts.SelectMany(p => Stations(timeline, p))).Concat(Rests(timeline));
        return [.. all.Where(c => !c.Takes.IsEmpty && IsEven(timeline, c.Takes)).OrderBy(c => c.Kind).Select((c, number) => new Cut(number, c.Kind, c.Says, c.Takes))];
    }

    /// <summary>The cheapest that win back <paramref name="wanted"/>: in their order until it is enough, and then none more than is needed.</summary>
    /// <param name="current">The segment that is on: what has begun is not cut.</param>
    /// <param name="taken">Numbers of those taken already.</param>
    public static CutOffer Enough(ImmutableArray<Cut> all, int current, IReadOnlyCollection<int> taken, Length wanted)
    {
        var before = Union(all.Where(c => taken.Contains(c.Number)));
        var (chosen, won) = (new List<Cut>(), Length.Zero);
        foreach (var cut in all.Where(c => c.First > current && !taken.Contains(c.Number)))
        {
            if (won >= wanted)
                break;
            if (Won(before, [.. chosen, cut]) is var more && more <= won)
                continue;
            chosen.Add(cut);
            won = more;
        }

        for (var i = chosen.Count - 1; i >= 0; i--)
        {
            List<Cut> without = [.. chosen.Where((_, at) => at != i)];
            if (Won(before, without) is var less && less >= wanted)
                (chosen, won) = (without, less);
        }

        return new CutOffer([.. chosen], won, won >= wanted);
    }

    private static Length Won(Dictionary<int, Length> before, IReadOnlyCollection<Cut> cuts)
    {
        var won = Length.Zero;
        foreach (var (segment, time) in Union(cuts))
            won += Length.Max(Length.Zero, time - before.GetValueOrDefault(segment));
        return won;
    }

    private static Dictionary<int, Length> Union(IEnumerable<Cut> cuts)
    {
        var union = new Dictionary<int, Length>();
        foreach (var (segment, time) in cuts.SelectMany(c => c.Takes))
            union[segment] = Length.Max(union.GetValueOrDefault(segment), time);
        return union;
    }

    private sealed record Rough(CutKind Kind, string Says, ImmutableArray<Taken> Takes);

    /// <summary>One pass through one round of a main block: its first and last segment of work.</summary>
    private sealed record Part(int Block, int Round, int First, int Last, int Before);

    private static ImmutableArray<ImmutableArray<Part>> Parts(Timeline timeline)
    {
        var parts = new List<Part>();
        var before = -1;
        for (var i = 0; i < timeline.Segments.Length; i++)
        {
            if (timeline.Segments[i] is not { Kind: SegmentKind.Work } work)
                continue;
            var set = timeline.Sets[work.Set];
            if (parts is [.., var last] && last.Block == set.Block && last.Round == set.Round && timeline.Sets[timeline.Segments[last.Last].Set].SecondPass == set.SecondPass)
                parts[^1] = last with { Last = i };
            else
                parts.Add(new Part(set.Block, set.Round, i, i, before));
            before = i;
        }

        return [.. parts.Where(p => timeline.Blocks[p.Block].IsMain).GroupBy(p => p.Block).Select(g => g.ToImmutableArray())];
    }

    /// <summary>Words between blocks that say nothing of safety or water; never the first, which open the class, nor what comes after its end.</summary>
    private static IEnumerable<Rough> Talks(Timeline timeline)
    {
        var last = timeline.Segments.Last(s => s.Kind == SegmentKind.Work).Block;
        for (var i = 1; i < timeline.Segments.Length; i++)
            if (timeline.Segments[i] is { Kind: SegmentKind.Talk, Block: > 0 } talk && talk.Block < last && timeline.Blocks[talk.Block] is { Format: TalkFormat } block && !block.Notes.Append(block.Name).Any(IsSafety))
                yield return new Rough(CutKind.Talk, $"the words “{block.Name}”", Whole(timeline, [i]));
    }

    private static bool IsSafety(string text) => Safety.Any(word => text.Contains(word, StringComparison.OrdinalIgnoreCase));

    private static IEnumerable<Rough> Finishers(Timeline timeline) =>
        from block in timeline.Blocks.Select((b, i) => (b, i))
        where block.b.Settings.Optional && block.b.IsMain
        select new Rough(CutKind.Finisher, $"the finisher {block.b.Name}", Whole(timeline, Enumerable.Range(0, timeline.Segments.Length).Where(i => timeline.Segments[i].Block == block.i && !timeline.Segments[i].Water)));

    /// <summary>The later rounds first; the first is never given up. Where a block does each side, both passes go together.</summary>
    private static IEnumerable<Rough> Rounds(Timeline timeline, ImmutableArray<Part> parts)
    {
        var block = timeline.Blocks[parts[0].Block];
        if (block.Format is AmrapFormat or StraightFormat)
            yield break;
        foreach (var round in parts.GroupBy(p => p.Round).Where(g => g.Key > 1).OrderByDescending(g => g.Key))
            yield return new Rough(CutKind.Round, $"{(block.Rungs is { } rungs ? $"rung {rungs.Counts[round.Key - 1]}" : $"round {round.Key}")} of {block.Name}", Whole(timeline, round.SelectMany(p => Enumerable.Range(p.Before + 1, p.Last - p.Before)).Where(i => !timeline.Segments[i].Water)));
    }

    /// <summary>One station of one round, with both its sides and the shorter of the gaps beside it; never of stations that are linked.</summary>
    private static IEnumerable<Rough> Stations(Timeline timeline, ImmutableArray<Part> parts)
    {
        var block = timeline.Blocks[parts[0].Block];
        if (block.IsLinked || block.Format is AmrapFormat or StraightFormat or MinuteFormat or FlowFormat || block.Stations.Length < FewestStations)
            yield break;
        foreach (var round in parts.GroupBy(p => p.Round).OrderByDescending(g => g.Key))
            for (var station = block.Stations.Length; station >= 1; station--)
                yield return new Rough(
                    CutKind.Station,
                    $"{Facts.NameOf(block.Stations[station - 1].Doing)}{(block.RoundCount > 1 ? $" in round {round.Key}" : "")} of {block.Name}",
                    Whole(timeline, round.SelectMany(p => OfStation(timeline, p, station))));
    }

    private static IEnumerable<int> OfStation(Timeline timeline, Part part, int station)
    {
        var works = Enumerable.Range(part.First, part.Last - part.First + 1).Where(i => timeline.Segments[i] is { Kind: SegmentKind.Work } s && timeline.Sets[s.Set].Station == station).ToList();
        if (works.Count == 0)
            return [];
        var own = Enumerable.Range(works[0], works[^1] - works[0] + 1);
        var before = works[0] == part.First ? [] : Gap(timeline, works[0], -1);
        var after = works[^1] == part.Last ? [] : Gap(timeline, works[^1], 1);
        var gap = before.Count == 0 ? after : after.Count == 0 || Time(before) < Time(after) ? before : after;
        return own.Concat(gap).Where(i => !timeline.Segments[i].Water);
        Length Time(IEnumerable<int> segments) => segments.Sum(i => timeline.Segments[i].Length);
    }

    /// <summary>The segments between a work and the one before or after it.</summary>
    private static List<int> Gap(Timeline timeline, int work, int way)
    {
        var gap = new List<int>();
        for (var i = work + way; timeline.Segments[i].Kind != SegmentKind.Work; i += way)
            gap.Add(i);
        return gap;
    }

    /// <summary>Rests of each round, down to what the change needs, where a newcomer is not at seven of ten or more.</summary>
    private static IEnumerable<Rough> Rests(Timeline timeline)
    {
        var efforts = EffortModel.AtSetEnds(timeline, Person.Newcomer);
        var longest = timeline.Segments.Select((s, i) => (s, i)).Where(s => s.s is { Gap: >= 0, Kind: SegmentKind.Rest or SegmentKind.Between or SegmentKind.After or SegmentKind.Pause })
            .GroupBy(s => s.s.Gap).ToDictionary(g => g.Key, g => g.MaxBy(s => s.s.Length).i);
        var shorter =
            from number in Enumerable.Range(0, timeline.Gaps.Length)
            let gap = timeline.Gaps[number]
            where !gap.Water && gap.Said && efforts.GetValueOrDefault(gap.From) < Seven
            let set = timeline.Sets[gap.From]
            where timeline.Blocks[set.Block] is { IsMain: true, Format: not (MinuteFormat or FlowFormat) } && gap.Planned > gap.Need
            let rest = longest.GetValueOrDefault(number, -1)
            where rest >= 0
            let taken = Length.Min(gap.Planned - gap.Need, timeline.Segments[rest].Length).DownTo(1)
            where taken > Length.Zero
            select (set.Block, set.Round, Taken: new Taken(rest, taken));
        return shorter.GroupBy(g => (g.Block, g.Round)).OrderByDescending(g => g.Key)
            .Select(g => new Rough(CutKind.Rest, $"shorter rests in {(timeline.Blocks[g.Key.Block].RoundCount > 1 ? $"round {g.Key.Round} of " : "")}{timeline.Blocks[g.Key.Block].Name}", [.. g.Select(t => t.Taken)]));
    }

    private static ImmutableArray<Taken> Whole(Timeline timeline, IEnumerable<int> segments) =>
        [.. segments.Distinct().Order().Where(i => timeline.Segments[i].Length > Length.Zero).Select(i => new Taken(i, timeline.Segments[i].Length))];

    /// <summary>Whether it takes as much from the left as from the right of each move.</summary>
    private static bool IsEven(Timeline timeline, ImmutableArray<Taken> takes)
    {
        Length Of(IEnumerable<Taken> some, Side side) => some.Where(t => timeline.Segments[t.Segment].Side == side).Sum(t => t.Time);
        return takes.Where(t => timeline.Segments[t.Segment] is { Kind: SegmentKind.Work, Side: Side.Left or Side.Right })
            .GroupBy(t => timeline.Sets[timeline.Segments[t.Segment].Set].Facts.Name)
            .All(g => Of(g, Side.Left) == Of(g, Side.Right));
    }
}
