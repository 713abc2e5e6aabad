using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Spoken;

/// <summary>A class and where in it somebody is who says something.</summary>
/// <param name="Block">The number of the open block; 0 for none.</param>
/// <param name="Station">The number of the station that is open; 0 for none.</param>
public sealed record Here(Timeline Timeline, int Block, int Station)
{
    /// <summary>The plan.</summary>
    public ClassPlan Plan => Timeline.Plan;

    /// <summary>The open block, else the first of the main part.</summary>
    public Block? Open => Plan.FindBlock(Block) ?? Plan.Blocks.FirstOrDefault(b => b.IsMain) ?? Plan.Blocks.FirstOrDefault();

    /// <summary>The block of that name, its letter, or the first words of it; null where there is none.</summary>
    public Block? BlockNamed(string words)
    {
        var wanted = words.Trim();
        bool Begins(Block b) => b.Name.StartsWith(wanted, StringComparison.OrdinalIgnoreCase);
        return Plan.Blocks.FirstOrDefault(b => b.Name.Equals(wanted, StringComparison.OrdinalIgnoreCase))
            ?? Plan.Blocks.FirstOrDefault(b => Begins(b) && (b.Name.Length == wanted.Length || !char.IsLetterOrDigit(b.Name[wanted.Length])))
            ?? Plan.Blocks.FirstOrDefault(b => Begins(b) && wanted.Length > 2);
    }

    /// <summary>The station of that move, by its name, another name of it or some of its words; where there are several, the open one, then the nearest to it. Null where there is none.</summary>
    public Station? StationNamed(string words)
    {
        var move = Timeline.Facts.MoveOf(words.Trim())?.Name;
        var wanted = Tokens(words);
        if (wanted.Count == 0)
            return null;
        return Plan.Blocks.SelectMany(b => b.Stations.Select(s => (Block: b, Station: s)))
            .Select(p => (p.Station, p.Block, Fit: FitOf(p.Station, move, words.Trim(), wanted)))
            .Where(p => p.Fit > 0)
            .OrderByDescending(p => p.Fit).ThenByDescending(p => p.Station.Id == Station).ThenByDescending(p => p.Block == Open).ThenByDescending(p => p.Block.IsMain)
            .Select(p => p.Station).FirstOrDefault();
    }

    private int FitOf(Station station, string? move, string words, HashSet<string> wanted)
    {
        var name = Facts.NameOf(station.Doing);
        if (name.Equals(words, StringComparison.OrdinalIgnoreCase))
            return 3;
        if (move is not null && Timeline.Facts.MoveOf(name)?.Name == move)
            return 2;
        return wanted.IsSubsetOf(Tokens(name)) ? 1 : 0;
    }

    private static HashSet<string> Tokens(string words) =>
        [.. words.ToLowerInvariant().Split([' ', '-', '&', '+'], StringSplitOptions.RemoveEmptyEntries).Where(w => w is not ("the" or "a" or "an")).Select(w => w.Length > 3 && w.EndsWith('s') && !w.EndsWith("ss", StringComparison.Ordinal) ? w[..^1] : w)];
}
