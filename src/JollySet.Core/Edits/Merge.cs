using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Edits;

/// <summary>Two changes of one class made apart: whether they touch the same thing, and one put on top of the other with its own parts only.</summary>
public static class Merge
{
    /// <summary>Whether two plans that came from one changed the same part, each in its own way.</summary>
    public static bool Clash(ClassPlan before, ClassPlan mine, ClassPlan theirs)
    {
        mine = Renumbered(before, mine, theirs.LastId);
        var both = PlanParts.Differing(before, mine).Intersect(PlanParts.Differing(before, theirs)).ToList();
        if (both.Count == 0)
            return false;
        var (here, there) = (PlanParts.Of(mine), PlanParts.Of(theirs));
        return both.Any(key => key.EndsWith("order", StringComparison.Ordinal) || here.GetValueOrDefault(key) != there.GetValueOrDefault(key));
    }

    /// <summary>Their plan with what mine changed since <paramref name="before"/>, and nothing else of it.</summary>
    public static ClassPlan OnTop(ClassPlan before, ClassPlan mine, ClassPlan theirs)
    {
        mine = Renumbered(before, mine, theirs.LastId);
        var blocks = Items(before.Blocks, mine.Blocks, theirs.Blocks, b => b.Id, PlanParts.Same, (was, now, there) => OnTop(was, now, there, before, mine));
        return theirs with
        {
            Title = mine.Title != before.Title ? mine.Title : theirs.Title,
            Brief = OnTop(before.Brief, mine.Brief, theirs.Brief),
            Blocks = WithMoved(before, mine, blocks),
            NewMoves = [.. mine.NewMoves.Except(before.NewMoves).Concat(theirs.NewMoves).Concat(mine.NewMoves).DistinctBy(m => m.Name, StringComparer.OrdinalIgnoreCase)],
            LastId = Math.Max(mine.LastId, theirs.LastId),
        };
    }

    private static Brief OnTop(Brief before, Brief mine, Brief theirs)
    {
        static Dictionary<string, string> Lines(Brief brief) => SheetWriter.WriteBrief(brief with { Notes = [], Dismissed = [] }).ToDictionary(l => l.Key, l => l.Value);
        var (was, now) = (Lines(before), Lines(mine));
        var changed = was.Keys.Union(now.Keys).Where(key => was.GetValueOrDefault(key) != now.GetValueOrDefault(key));
        var brief = changed.Aggregate(theirs, (so, key) => BriefParts.Copied(so, mine, key));
        return brief with
        {
            Notes = mine.Notes.SequenceEqual(before.Notes) ? theirs.Notes : mine.Notes,
            // Whom the class has to spare is never dropped by another's list.
            Needs = [.. theirs.Needs.Where(n => !before.Needs.Contains(n) || mine.Needs.Contains(n)).Union(mine.Needs.Except(before.Needs))],
            Dismissed = [.. theirs.Dismissed.Where(d => !before.Dismissed.Contains(d) || mine.Dismissed.Contains(d)).Union(mine.Dismissed.Except(before.Dismissed))],
        };
    }

    private static Block OnTop(Block? before, Block mine, Block? theirs, ClassPlan wholeBefore, ClassPlan wholeMine)
    {
        if (before is null || theirs is null)
            return mine;
        var (was, now) = (PlanParts.OfBlock(before), PlanParts.OfBlock(mine));
        bool Changed(string key) => was.GetValueOrDefault(key) != now.GetValueOrDefault(key);
        var settings = was.Keys.Union(now.Keys).Where(k => k.StartsWith("set:", StringComparison.Ordinal) && Changed(k)).Aggregate(theirs.Settings, (so, key) => SettingParts.Copied(so, mine.Settings, key[4..]));
        return theirs with
        {
            Name = Changed("name") ? mine.Name : theirs.Name,
            Format = Changed("format") ? mine.Format : theirs.Format,
            Settings = settings,
            Notes = Changed("notes") ? mine.Notes : theirs.Notes,
            Stations = Items(before.Stations, mine.Stations, theirs.Stations, s => s.Id, PlanParts.Same, OnTop, id => wholeMine.FindStation(id) is null || wholeBefore.FindStation(id) is null),
        };
    }

    private static Station OnTop(Station? before, Station mine, Station? theirs)
    {
        if (before is null || theirs is null)
            return mine;
        var (was, now) = (PlanParts.OfStation(before), PlanParts.OfStation(mine));
        bool Changed(string key) => was.GetValueOrDefault(key) != now.GetValueOrDefault(key);
        bool OptionChanged(StationOption option) => Changed(PlanParts.OptionKey(option));
        return theirs with
        {
            Doing = Changed("move") ? mine.Doing : theirs.Doing,
            Amount = Changed("amount") ? mine.Amount : theirs.Amount,
            Pulses = Changed("amount") ? mine.Pulses : theirs.Pulses,
            Load = Changed("load") ? mine.Load : theirs.Load,
            Tempo = Changed("tempo") ? mine.Tempo : theirs.Tempo,
            Sides = Changed("sides") ? mine.Sides : theirs.Sides,
            Rest = Changed("rest") ? mine.Rest : theirs.Rest,
            StartRungs = Changed("start") ? mine.StartRungs : theirs.StartRungs,
            Demo = Changed("demo") ? mine.Demo : theirs.Demo,
            Shows = Changed("shows") ? mine.Shows : theirs.Shows,
            Kit = Changed("kit") ? mine.Kit : theirs.Kit,
            Notes = Changed("notes") ? mine.Notes : theirs.Notes,
            Options = [.. theirs.Options.Where(o => !OptionChanged(o)), .. mine.Options.Where(OptionChanged)],
        };
    }

    /// <summary>A list merged: what mine took out goes, what it added comes after what stood before it there, and its order holds where it changed it.</summary>
    /// <param name="isLocal">Whether an item that left or came really did so, rather than moved to another list.</param>
    private static ImmutableArray<T> Items<T>(ImmutableArray<T> before, ImmutableArray<T> mine, ImmutableArray<T> theirs, Func<T, int> id, Func<T, T, bool> same, Func<T?, T, T?, T> onTop, Func<int, bool>? isLocal = null)
        where T : class
    {
        T? In(ImmutableArray<T> items, int wanted) => items.FirstOrDefault(i => id(i) == wanted);
        bool Moved(int wanted) => isLocal is not null && !isLocal(wanted);
        var kept = new List<T>();
        foreach (var item in theirs)
        {
            if (In(mine, id(item)) is { } now)
                kept.Add(onTop(In(before, id(item)), now, item));
            else if (In(before, id(item)) is null || Moved(id(item)))
                kept.Add(item);
        }

        // What mine added, and what it changed that is gone over there.
        for (var at = 0; at < mine.Length; at++)
        {
            if (kept.Exists(k => id(k) == id(mine[at])))
                continue;
            var was = In(before, id(mine[at]));
            if ((was is not null && same(was, mine[at])) || Moved(id(mine[at])))
                continue;
            var after = mine.Take(at).Reverse().Select(m => kept.FindIndex(k => id(k) == id(m))).FirstOrDefault(i => i >= 0, -1);
            kept.Insert(after + 1, mine[at]);
        }

        if (!PlanParts.IsReordered(before.Select(id), mine.Select(id)))
            return [.. kept];
        var order = mine.Select(id).ToList();
        var places = kept.Select((item, at) => (item, at)).Where(k => order.Contains(id(k.item))).Select(k => k.at).ToList();
        var sorted = places.Select(at => kept[at]).OrderBy(k => order.IndexOf(id(k))).ToList();
        for (var i = 0; i < places.Count; i++)
            kept[places[i]] = sorted[i];
        return [.. kept];
    }

    /// <summary>Stations that mine put into another block.</summary>
    private static ImmutableArray<Block> WithMoved(ClassPlan before, ClassPlan mine, ImmutableArray<Block> blocks)
    {
        foreach (var block in mine.Blocks)
        {
            for (var at = 0; at < block.Stations.Length; at++)
            {
                var station = block.Stations[at];
                if (before.FindStation(station.Id) is not { } was || was.Block.Id == block.Id || !blocks.Any(b => b.Id == block.Id))
                    continue;
                blocks = [.. blocks.Select(b => b with { Stations = b.Stations.RemoveAll(s => s.Id == station.Id) })];
                var into = blocks.First(b => b.Id == block.Id);
                blocks = blocks.Replace(into, into with { Stations = into.Stations.Insert(Math.Min(at, into.Stations.Length), station) });
            }
        }

        return blocks;
    }

    /// <summary>What mine added takes numbers that theirs cannot have.</summary>
    private static ClassPlan Renumbered(ClassPlan before, ClassPlan mine, int lastThere)
    {
        var next = Math.Max(mine.LastId, lastThere);
        int Id(int id) => id > before.LastId ? ++next : id;
        var blocks = mine.Blocks.Select(b => b with { Id = Id(b.Id), Stations = [.. b.Stations.Select(s => s with { Id = Id(s.Id) })] }).ToImmutableArray();
        return mine with { Blocks = blocks, LastId = next };
    }
}
