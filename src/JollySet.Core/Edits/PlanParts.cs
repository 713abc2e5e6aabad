using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Edits;

/// <summary>A plan as its smallest parts, each under a key that speaks of numbers: what two plans differ in is told part by part.</summary>
internal static class PlanParts
{
    /// <summary>Every part that is said: key and text.</summary>
    public static Dictionary<string, string> Of(ClassPlan plan)
    {
        var parts = new Dictionary<string, string> { ["title"] = plan.Title, ["notes"] = string.Join('\n', plan.Brief.Notes) };
        foreach (var (key, value) in SheetWriter.WriteBrief(plan.Brief).Where(l => l.Key is not ("note" or "dismissed")))
            parts[$"brief:{key}"] = value;
        foreach (var left in plan.Brief.Dismissed)
            parts[$"dismissed:{left.Code}|{left.Block}|{left.Mark}"] = left.Reason;
        foreach (var block in plan.Blocks)
        {
            parts[BlockKey(block.Id)] = "";
            foreach (var (key, value) in OfBlock(block))
                parts[$"{BlockKey(block.Id)}:{key}"] = value;
            foreach (var station in block.Stations)
            {
                parts[StationKey(station.Id)] = BlockKey(block.Id);
                foreach (var (key, value) in OfStation(station))
                    parts[$"{StationKey(station.Id)}:{key}"] = value;
            }
        }

        return parts;
    }

    /// <summary>The keys of what differs; a changed order of what both have is a part too.</summary>
    public static HashSet<string> Differing(ClassPlan before, ClassPlan after)
    {
        var (was, now) = (Of(before), Of(after));
        var keys = was.Keys.Union(now.Keys).Where(key => was.GetValueOrDefault(key) != now.GetValueOrDefault(key)).ToHashSet();
        if (IsReordered(before.Blocks.Select(b => b.Id), after.Blocks.Select(b => b.Id)))
            keys.Add("order");
        foreach (var block in before.Blocks)
            if (after.FindBlock(block.Id) is { } then && IsReordered(block.Stations.Select(s => s.Id), then.Stations.Select(s => s.Id)))
                keys.Add($"{BlockKey(block.Id)}:order");
        return keys;
    }

    /// <summary>Whether those that stand in both stand in another order.</summary>
    public static bool IsReordered(IEnumerable<int> before, IEnumerable<int> after)
    {
        var (was, now) = (before.ToList(), after.ToList());
        return !was.Where(now.Contains).SequenceEqual(now.Where(was.Contains));
    }

    /// <summary>The settings, name, format and notes of a block, each in the sheet's words.</summary>
    public static Dictionary<string, string> OfBlock(Block block)
    {
        var parts = SheetWriter.WriteSettings(block.Settings).ToDictionary(s => $"set:{s.Key}", s => s.Value);
        parts["name"] = block.Name;
        parts["format"] = block.Format is AgainFormat again ? $"again {again.Of}" : SheetWriter.WriteFormat(block.Format);
        parts["notes"] = string.Join('\n', block.Notes);
        return parts;
    }

    /// <summary>The parts of a station, each in the sheet's words.</summary>
    public static Dictionary<string, string> OfStation(Station station)
    {
        var parts = new Dictionary<string, string>
        {
            ["move"] = SheetWriter.WriteDoing(station.Doing),
            ["amount"] = SheetWriter.WriteAmount(station.Amount) + (station.Pulses is null ? "" : $" pulses {station.Pulses.Count}"),
            ["load"] = SheetWriter.WriteLoad(station.Load),
            ["tempo"] = SheetWriter.WriteTempo(station.Tempo),
            ["sides"] = SheetWriter.WriteSides(station.Sides),
            ["rest"] = SheetWriter.WriteGap(station.Rest),
            ["start"] = string.Join('/', station.StartRungs),
            ["demo"] = station.Demo is { } demo ? Sheets.Notation.TimeNotation.Bare(demo) : "",
            ["shows"] = station.Shows ?? "",
            ["kit"] = string.Join('\n', station.Kit),
            ["notes"] = string.Join('\n', station.Notes),
        };
        foreach (var kind in station.Options.GroupBy(OptionKey))
            parts[kind.Key] = string.Join('\n', kind.Select(o => SheetWriter.WriteWay(o.Way)));
        return parts;
    }

    /// <summary>Whether two stations say the same.</summary>
    public static bool Same(Station a, Station b)
    {
        var (one, other) = (OfStation(a), OfStation(b));
        return one.Count == other.Count && one.All(part => other.GetValueOrDefault(part.Key) == part.Value);
    }

    /// <summary>Whether two blocks say the same, stations included.</summary>
    public static bool Same(Block a, Block b)
    {
        var (one, other) = (OfBlock(a), OfBlock(b));
        return one.Count == other.Count && one.All(part => other.GetValueOrDefault(part.Key) == part.Value)
            && a.Stations.Length == b.Stations.Length && a.Stations.Zip(b.Stations).All(s => s.First.Id == s.Second.Id && Same(s.First, s.Second));
    }

    /// <summary>Options of one kind and need are one part.</summary>
    public static string OptionKey(StationOption option) => $"option:{option.Kind}:{option.Need}";

    private static string BlockKey(int id) => string.Create(CultureInfo.InvariantCulture, $"block:{id}");

    private static string StationKey(int id) => string.Create(CultureInfo.InvariantCulture, $"station:{id}");
}
