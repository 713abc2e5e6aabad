using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>A block as it was and as it is, the first round of each, one rope under the other on one scale.</summary>
/// <param name="Was">Rounds and length before; null where the block was not there.</param>
/// <param name="Then">Rounds and length after; null where it is gone.</param>
/// <param name="Svg">The two ropes, without words.</param>
public sealed record TwoRopes(string Block, BlockRun? Was, BlockRun? Then, string Svg);

/// <summary>How often a block goes round and how long it takes in all.</summary>
public sealed record BlockRun(int Rounds, Length Length);

/// <summary>Two states of one class on one line: what was is hung as a ghost above what is, and strands lead each flag to its new place.</summary>
public static class TwoBuntings
{
    private const double Width = 520;
    private const double Side = 4;
    private const double GhostDrop = 9;
    private const double Between = 30;
    private const double Drop = 22;
    private const double MostMoved = 1.5;

    /// <summary>The blocks that hang otherwise, in the order of the later state; those that are gone come last.</summary>
    public static ImmutableArray<TwoRopes> Of(Timeline was, Timeline then)
    {
        var (before, after) = BuntingLayout.OfBoth(was, then, Width - (2 * Side));
        var (old, now) = (Hangings(was, before), Hangings(then, after));
        var stays = now.Select(n => (Was: old.FirstOrDefault(o => o.Key == n.Key), Then: (Hanging?)n));
        var gone = old.Where(o => now.All(n => n.Key != o.Key)).Select(o => ((Hanging?)o, (Hanging?)null));
        return [.. stays.Concat(gone).Where(p => !Alike(p.Item1, p.Item2)).Select(p => Drawn(p.Item1, p.Item2))];
    }

    /// <summary>A block's first rope; one that is repeated counts by its turn.</summary>
    private sealed record Hanging((int Id, int Turn) Key, Block Block, BlockRun Run, Rope Rope);

    private static List<Hanging> Hangings(Timeline timeline, ImmutableArray<Rope> ropes)
    {
        var lengths = timeline.Segments.GroupBy(s => s.Block).ToDictionary(g => g.Key, g => g.Sum(s => s.Length));
        var turns = new Dictionary<int, int>();
        return [.. ropes.Where(r => r.First).Select(r =>
        {
            var block = timeline.Blocks[r.Block];
            return new Hanging((block.Id, turns[block.Id] = turns.GetValueOrDefault(block.Id) + 1), block, new BlockRun(block.RoundCount, lengths.GetValueOrDefault(r.Block)), r);
        })];
    }

    private static bool Alike(Hanging? was, Hanging? then) =>
        was is not null && then is not null && was.Run == then.Run && was.Block.Name == then.Block.Name
        && was.Rope.Flags.Select(f => (f.Name, f.X, f.Width, f.Hem)).SequenceEqual(then.Rope.Flags.Select(f => (f.Name, f.X, f.Width, f.Hem)));

    private static TwoRopes Drawn(Hanging? was, Hanging? then)
    {
        var low = was is null ? 4 : Between + 4;
        var svg = new Svg().Open("svg", "class", "bunting small two-ropes", "viewBox", $"0 0 {Width} {FlagPath.N(then is null ? Between : low + Drop + 4)}", "aria-hidden", "true", "focusable", "false");
        if (was is not null && then is not null)
            foreach (var (from, to) in Strands(was, then))
                svg.Draw("path", "class", "strand", "d", $"M{FlagPath.N(from)} {FlagPath.N(4 + GhostDrop)}L{FlagPath.N(to)} {FlagPath.N(low)}");
        if (was is not null)
            Hang(svg, was.Rope, 4, GhostDrop, "was");
        if (then is not null)
            Hang(svg, then.Rope, low, Drop, "then");
        return new TwoRopes((then ?? was)!.Block.Name, was?.Run, then?.Run, svg.Close().ToString());
    }

    private static void Hang(Svg svg, Rope rope, double y, double drop, string state)
    {
        svg.Open("g", "class", state).Draw("path", "class", "rope", "d", $"M{Side - 3} {FlagPath.N(y)}H{FlagPath.N(rope.Length + Side + 3)}");
        foreach (var flag in rope.Flags)
            svg.Draw("path", "class", flag.Hem == Hem.Unsaid ? "cloth unsaid" : "cloth", "fill", state == "was" ? null : $"url(#weave-{Weaves.NameOf(flag.Family)})", "d", FlagPath.Of(flag.Hem, Side + flag.X, y, Math.Max(3, flag.Width), drop, 4));
        svg.Close();
    }

    /// <summary>From the middle of each flag that was to the middle of the same station's flag, where it hangs elsewhere.</summary>
    private static IEnumerable<(double From, double To)> Strands(Hanging was, Hanging then)
    {
        var places = Middles(then).ToDictionary(m => m.Key, m => m.Middle);
        return Middles(was).Where(m => places.ContainsKey(m.Key)).Select(m => (m.Middle, To: places[m.Key])).Where(s => Math.Abs(s.Middle - s.To) > MostMoved);
    }

    private static IEnumerable<((int Station, int Nth) Key, double Middle)> Middles(Hanging hanging) =>
        hanging.Rope.Flags.Where(f => f.Station > 0 && f.Station <= hanging.Block.Stations.Length)
            .GroupBy(f => hanging.Block.Stations[f.Station - 1].Id)
            .SelectMany(g => g.Select((f, nth) => ((g.Key, nth), Side + f.X + (f.Width / 2))));
}
