namespace JollySet.Core.Plans;

/// <summary>Numbers of blocks and stations: unique in a class, given once, and never given again while the class lives.</summary>
public static class Ids
{
    /// <summary>The plan with a number for each block and station that has none yet, or one that another has already.</summary>
    public static ClassPlan Given(ClassPlan plan)
    {
        var seen = new HashSet<int>();
        var last = Math.Max(plan.LastId, plan.Blocks.SelectMany(b => b.Stations.Select(s => s.Id).Prepend(b.Id)).DefaultIfEmpty(0).Max());
        var isWhole = plan.LastId == last && plan.Blocks.SelectMany(b => b.Stations.Select(s => s.Id).Prepend(b.Id)).All(id => id > 0 && seen.Add(id));
        if (isWhole)
            return plan;
        seen.Clear();
        int Own(int id) => id > 0 && seen.Add(id) ? id : ++last;
        var blocks = plan.Blocks.Select(b => b with { Id = Own(b.Id), Stations = [.. b.Stations.Select(s => s with { Id = Own(s.Id) })] });
        return plan with { Blocks = [.. blocks], LastId = last };
    }

    /// <summary>The plan with no numbers, so that two plans can be compared by what they say.</summary>
    public static ClassPlan Without(ClassPlan plan) =>
        plan with { LastId = 0, Blocks = [.. plan.Blocks.Select(b => b with { Id = 0, Stations = [.. b.Stations.Select(s => s with { Id = 0 })] })] };

    /// <summary>A plan of the same shape with that one's numbers, place by place; null where the shapes differ.</summary>
    public static ClassPlan? Placed(ClassPlan from, ClassPlan to)
    {
        if (from.Blocks.Length != to.Blocks.Length || from.Blocks.Zip(to.Blocks).Any(b => b.First.Stations.Length != b.Second.Stations.Length))
            return null;
        var blocks = from.Blocks.Zip(to.Blocks, (was, now) => now with { Id = was.Id, Stations = [.. was.Stations.Zip(now.Stations, (a, b) => b with { Id = a.Id })] });
        return to with { LastId = from.LastId, Blocks = [.. blocks] };
    }

    /// <summary>A plan written anew, with the numbers that its blocks and stations had: blocks by name, stations by their line, then by what is done.</summary>
    /// <param name="same">Whether two stations have the same line.</param>
    public static ClassPlan Carried(ClassPlan from, ClassPlan to, Func<Station, Station, bool> same)
    {
        var blocks = to.Blocks.Select(block => from.Find(block.Name) is { } before ? Carried(before, block, same) : Unnumbered(block));
        return Given(to with { Blocks = [.. blocks], LastId = Math.Max(from.LastId, to.LastId) });
    }

    /// <summary>A block written anew, with its number and those of its stations.</summary>
    public static Block Carried(Block from, Block to, Func<Station, Station, bool> same)
    {
        var left = from.Stations.ToList();
        int Taken(Station station, Func<Station, Station, bool> alike)
        {
            var at = left.FindIndex(s => alike(s, station));
            if (at < 0)
                return 0;
            var id = left[at].Id;
            left.RemoveAt(at);
            return id;
        }

        var stations = to.Stations.Select(s => s with { Id = Taken(s, same) }).ToList();
        static bool Alike(Station a, Station b) => a.Doing.MoveNames().SequenceEqual(b.Doing.MoveNames());
        return to with { Id = from.Id, Stations = [.. stations.Select(s => s.Id > 0 ? s : s with { Id = Taken(s, Alike) })] };
    }

    /// <summary>A block whose numbers another has.</summary>
    public static Block Unnumbered(Block block) => block with { Id = 0, Stations = [.. block.Stations.Select(s => s with { Id = 0 })] };
}
