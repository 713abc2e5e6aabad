using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Kit;

/// <summary>When so many of a thing are in use.</summary>
/// <param name="Block">Index of the block.</param>
/// <param name="Station">The line's number in its block, from 1.</param>
public sealed record KitSpell(int Block, int Station, Length Start, Length End, int Pieces);

/// <summary>What one person uses of one thing.</summary>
public sealed record KitPiece(string Item, string Size, int Pieces)
{
    /// <summary>The thing with its size, as it is said.</summary>
    public string What => Size.Length == 0 ? Item : $"{Size} {Item}";
}

/// <summary>What a class needs of one thing in one size, for everyone at once.</summary>
/// <param name="Size">As the plan says it: <c>heavy</c>, <c>8 kg</c>; empty where it says none.</param>
/// <param name="Needed">The most that are in use at one moment.</param>
/// <param name="There">Null where nobody said how many there are.</param>
public sealed record KitDemand(string Item, string Size, int Needed, int? There, ImmutableArray<KitSpell> Spells)
{
    /// <summary>How many are missing; none where nobody counted.</summary>
    public int Short => There is { } there ? Math.Max(0, Needed - there) : 0;

    /// <summary>The thing with its size, as it is said.</summary>
    public string What => Size.Length == 0 ? Item : $"{Size} {Item}";

    /// <summary>Whether it is of the same thing in the same size.</summary>
    public bool IsLike(KitDemand other) => (Item, Size) == (other.Item, other.Size);
}

/// <summary>What a class needs for a headcount, by size and by when.</summary>
public static class KitDemands
{
    /// <summary>Each thing in each size, in the order of use. A mat is counted where the room says how many it has.</summary>
    /// <param name="people">Who come; those who follow along at home each have their own.</param>
    /// <param name="stock">What there is; empty where nobody said.</param>
    public static ImmutableArray<KitDemand> Of(Timeline timeline, int people, ImmutableArray<StockLine> stock)
    {
        var starts = timeline.Segments.Where(s => s.Kind == SegmentKind.Work).GroupBy(s => s.Set).ToDictionary(g => g.Key, g => (g.First().Start, g.Last().End));
        var atOnce = new Dictionary<(int Block, int Round, string Item, string Size), int>();
        var ofRound = new Dictionary<(int Block, int Round), List<List<KitPiece>>>();
        var spells =
            from set in timeline.Sets.Select((set, index) => (set, index))
            where set.set.Station > 0 && starts.ContainsKey(set.index)
            let block = timeline.Blocks[set.set.Block]
            from line in LinesOf(block, set.set)
            from use in Uses(timeline, block, line, set.set.Round)
            let span = starts[set.index]
            select (use.Item, use.Size, Spell: new KitSpell(set.set.Block, set.set.Station, span.Start, span.End, InUse(block, set.set, use)));
        return [.. spells.GroupBy(s => (s.Item, s.Size)).Select(g => new KitDemand(g.Key.Item, g.Key.Size, MostAtOnce(g.Select(s => s.Spell)), There(stock, g.Key.Item, g.Key.Size), [.. g.Select(s => s.Spell)]))];

        int InUse(Block block, WorkSet set, KitPiece use)
        {
            if (Shared.Of(block) is Sharing.None or Sharing.Pairs)
                return use.Pieces * Shared.AtOnce(block, people);
            var key = (set.Block, set.Round, use.Item, use.Size);
            if (atOnce.TryGetValue(key, out var most))
                return most;
            if (!ofRound.TryGetValue((set.Block, set.Round), out var each))
                ofRound[(set.Block, set.Round)] = each = [.. block.Stations.Select(s => Uses(timeline, block, s, set.Round).ToList())];
            return atOnce[key] = Shared.InUse(block, people, [.. each.Select(pieces => pieces.Where(u => (u.Item, u.Size) == (use.Item, use.Size)).Sum(u => u.Pieces))]);
        }
    }

    /// <summary>What one person uses at a line in that round, each thing once.</summary>
    public static IEnumerable<KitPiece> Uses(Timeline timeline, Block block, Station line, int round = 1) =>
        KitMeant.Of(timeline, block, line).Distinct().Where(item => item != "wall").Select(item => new KitPiece(KitList.Kind(item), KitList.IsHeld(item) ? SizeOf(line.Load?.Rounds.At(round)) : "", KitUse.PiecesOf(line, item)));

    /// <summary>What the brief lists, counted where it counts; a thing it lists without a number is counted in the room.</summary>
    public static ImmutableArray<StockLine> Stock(Brief brief, ImmutableArray<StockLine> room)
    {
        var listed = brief.Kit.Select(StockLine.Of).ToList();
        return [.. listed.Where(l => l.Pieces is not null || !room.Any(r => r.Item == l.Item)), .. room.Where(r => !listed.Any(l => l.Item == r.Item && l.Pieces is not null))];
    }

    /// <summary>How often what people hold changes in the main part.</summary>
    public static int WeightChanges(Timeline timeline)
    {
        var held = timeline.Sets.Where(s => timeline.Blocks[s.Block].IsMain && !s.SecondSide && s.Facts.Held.Length > 0).Select(s => s.Facts.Held).ToList();
        return held.Zip(held.Skip(1)).Count(p => p.First != p.Second);
    }

    /// <summary>The line that a work period does; of several in one, such as a stack, all of its block.</summary>
    private static ImmutableArray<Station> LinesOf(Block block, WorkSet set) => block.Format is AmrapFormat ? block.Stations : [set.Line];

    private static int MostAtOnce(IEnumerable<KitSpell> spells) => spells.Max(s => s.Pieces);

    private static string SizeOf(Load? load) => load switch
    {
        { Mass: { } mass, Unit: var unit } => StockLine.Of($"{mass.ToString(System.Globalization.CultureInfo.InvariantCulture)}{(unit == MassUnit.Lb ? "lb" : "kg")}").Size,
        { Level: LoadLevel.Light or LoadLevel.Moderate or LoadLevel.Heavy } => load.Level.Value.ToString().ToLowerInvariant(),
        _ => "",
    };

    /// <summary>Sizes in words are matched with masses by their order: the lightest that is there is light, the heaviest heavy; where there is one mass alone it serves for all.</summary>
    /// <returns>Null where nobody counted.</returns>
    public static int? There(ImmutableArray<StockLine> stock, string item, string size)
    {
        if (stock.IsEmpty)
            return null;
        var lines = stock.Where(s => s.Item.Equals(item, StringComparison.OrdinalIgnoreCase)).ToList();
        if (lines.Count == 0)
            return KitList.IsGiven(item) ? null : 0;
        var fitting = size.Length == 0 ? lines : [.. lines.Where(l => Fits(l, size, lines))];
        return fitting.Any(l => l.Pieces is null) ? null : fitting.Sum(l => l.Pieces!.Value);
    }

    private static bool Fits(StockLine line, string size, List<StockLine> all)
    {
        if (line.Size == size || line.Size.Length == 0)
            return true;
        var masses = all.Select(l => l.Kilograms).OfType<decimal>().Distinct().Order().ToList();
        if (line.Kilograms is not { } kg)
            return false;
        return size switch
        {
            "light" => kg == masses[0],
            "heavy" => kg == masses[^1],
            "moderate" => masses.Count < 3 || (kg != masses[0] && kg != masses[^1]),
            _ => false,
        };
    }
}
