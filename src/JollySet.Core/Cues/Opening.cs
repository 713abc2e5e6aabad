using System.Collections.Immutable;
using JollySet.Core.Kit;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues;

/// <summary>What to say before the first move, computed from the plan, so that nothing is promised that does not come.</summary>
public static class Opening
{
    private const int MostSides = 3;

    /// <summary>A sentence each: how much, block by block, sides, kit, options and needs, water, length. Empty for a class with no work.</summary>
    public static IEnumerable<string> Of(Timeline timeline)
    {
        var main = timeline.Blocks.Where(b => b.IsMain && !b.Stations.IsEmpty).ToList();
        if (main.Count == 0)
            yield break;
        yield return HowMuch(timeline, main);
        if (main.Count > 1)
            yield return InOrder(timeline, main);
        if (Doubled(timeline) is { Count: > 0 } doubled)
            yield return $"One side at a time: {Say.List([.. doubled.Take(MostSides)])}{(doubled.Count > MostSides ? $", and {Spoken.Number(doubled.Count - MostSides)} more" : "")}.";
        var optional = timeline.Plan.Brief.Kit.Where(k => k.Contains("optional", StringComparison.OrdinalIgnoreCase)).ToList();
        if (timeline.Plan.Brief.Kit.Except(optional).Concat(KitNeeds.NotNamed(timeline)).ToList() is { Count: > 0 } kit)
            yield return $"You need {Say.List(kit)}{(optional.Count > 0 ? $"; {Say.List(optional)}" : "")}.";
        var lines = main.SelectMany(b => b.Stations).ToList();
        if (lines.Count(s => s.Options.Any(o => o.Kind is OptionKind.Easier or OptionKind.ForNeed)) is var eased and > 0)
            yield return $"There is an easier way for {(eased == lines.Count ? "all" : 2 * eased >= lines.Count ? "most" : "some")} of it; I say it before we start each one.";
        foreach (var need in AskFirst.Of(timeline.Plan.Brief))
            yield return $"{Say.Capital(need)}: do what you have agreed with your clinician, and tell me first.";
        if (timeline.Gaps.Count(g => g.Water) is var water and > 0)
            yield return water == 1 ? "There is one water break; drink whenever you like." : $"There are {Spoken.Of(water, "water break")}; drink whenever you like.";
        if (!timeline.Blocks.Any(b => b.Format is PrepareFormat))
            yield return timeline.Plan.Brief.Before is { } before ? $"Warm up first: {before}." : "Warm up first.";
        yield return "Sharp pain, dizziness, a tight chest: stop at once and tell me.";
        yield return Done(timeline);
    }

    /// <summary>Moves and stations; the whole shape where there is one block.</summary>
    private static string HowMuch(Timeline timeline, List<Block> main)
    {
        var (moves, stations) = (Totals.Of(timeline).DistinctMoves, main.Sum(b => b.Stations.Length));
        var counted = moves == stations ? Spoken.Of(moves, "move") : $"{Spoken.Of(moves, "move")} at {Spoken.Of(stations, "station")}";
        return main.Count == 1 ? $"{Say.Capital(counted)}: {BlockWords.Of(main[0])}." : $"{Say.Capital(counted)}, in {Spoken.Of(main.Count, "block")}.";
    }

    /// <summary>Every block in its order, a repeated one as what it repeats; what may be left out is said so.</summary>
    private static string InOrder(Timeline timeline, List<Block> main)
    {
        var says = main.Select((block, at) =>
        {
            var written = timeline.Plan.Blocks[timeline.Blocks.IndexOf(block)];
            var what = written.Format is AgainFormat again && timeline.Plan.Find(again.Of) is { } first && main.Exists(b => b.Name == first.Name)
                ? $"{BlockWords.NameOf(first)} again"
                : $"{BlockWords.NameOf(block)}, {BlockWords.Of(block)}";
            return $"{(at == 0 ? "First" : at == main.Count - 1 && at > 1 ? "last" : "then")} {what}{(block.Settings.Optional ? ", if there is time" : "")}";
        });
        return string.Join("; ", says) + ".";
    }

    /// <summary>Stations done on one side and then the other, with what that makes in all.</summary>
    private static List<string> Doubled(Timeline timeline) =>
    [
        .. timeline.Sets.Where(s => timeline.Blocks[s.Block].IsMain && s.SecondSide && s.Round == 1)
            .Select(s => s is { Reps: { } reps, HasTarget: true } ? $"{s.Facts.Name} ({Spoken.Number(reps)} a side is {Spoken.Number(2 * reps)})" : s.Reps is null ? $"{s.Facts.Name} ({Say.Time(s.Length)} a side)" : s.Facts.Name)
            .Distinct(),
    ];

    /// <summary>By the clock where everything is said; by likelihood while anything is open.</summary>
    private static string Done(Timeline timeline)
    {
        var open = timeline.Gaps.Any(g => g.Open) || timeline.Plan.Blocks.Any(Ranges.LeavesLengthOpen) || timeline.Sets.Any(s => !s.IsTimed && !s.HasTarget);
        var minutes = (int)Math.Round((open ? timeline.Likely : timeline.Length).InMinutes, MidpointRounding.AwayFromZero);
        return $"Done in {(open ? "about " : "")}{minutes} {(minutes == 1 ? "minute" : "minutes")}.";
    }
}
