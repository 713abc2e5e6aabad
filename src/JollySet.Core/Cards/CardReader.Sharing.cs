using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>What is said once for several blocks: the moves that they share, how each of them runs.</content>
public sealed partial class CardReader
{
    /// <summary>Heads that wait for the moves they share.</summary>
    private List<CardBlock> sharing = [];

    /// <summary>The last heads in a row that say how they run and name no moves yet.</summary>
    private List<CardBlock> OpenHeads() => [.. blocks.AsEnumerable().Reverse().TakeWhile(b => b is { Part: CardPart.Main, HasSettings: true, Stations.Count: 0 }).Reverse()];

    /// <summary>The moves that several heads share stand in each of them.</summary>
    private void Share()
    {
        if (sharing.Count == 0 || sharing[^1] is not { Stations.Count: > 0 } last)
            return;
        foreach (var head in sharing.SkipLast(1).Where(h => h.Stations.Count == 0))
            head.Stations.AddRange(last.Stations.Select(s => s.Turned(s.Line, s.Sides)));
    }

    /// <summary>“Same 5 moves each set, twice through: squat, row”: what the heads above share, and how each of them goes.</summary>
    private bool TakesSameMoves(CardWords line)
    {
        if (!(SameMovesEach.Match(line.Text) is { Success: true } same && Scan(same.Groups["how"].Value, isLine: false) is var all && IsEmpty(all.Left) && (!same.Groups["more"].Success || Listed(line.Text).Items is not null) && OpenHeads() is { Count: > 1 } heads))
            return false;
        sharing = heads;
        if (all.Any)
            heads.ForEach(h => Applied(h, all, line, isSetting: false));
        Say(line, CardLineKind.Setting, $"the same moves: {string.Join(", ", heads.Select(h => h.Name))}");
        if (Listed(line.Text).Items is { } these)
            TakeStations(line, these, isListed: true);
        return true;
    }

    /// <summary>How it runs, below several blocks with their moves on their own lines: said of each of them, it is of all; else whose it is cannot be told, and it is kept in words.</summary>
    private bool TakesBelowLists(CardWords line, CardScan scan)
    {
        if (!IsBelowLists())
            return false;
        // “x3”.
        if (scan is { Work: null, Scheme: null, Every: null, IsAmrap: false } && (scan.RoundsLow ?? scan.RepsLow) is not null)
        {
            Note(line);
            return true;
        }

        // “8 x 20/10 each, 1 min between”.
        if (scan.Work is null || !ForEach.IsMatch(line.Text))
            return false;
        var below = blocks.FindAll(b => b is { Part: CardPart.Main, HasSettings: false, Stations.Count: > 1 });
        foreach (var one in below)
        {
            Applied(one, scan, line, isSetting: false);
            // Of each of the blocks, not of each of their moves.
            one.IsEachWhole = false;
            (one.After, one.Between) = one.Between is { } gap && scan.Gaps.Count > 0 ? (one == below[^1] ? one.After : gap, null) : (one.After, one.Between);
        }

        if (scan is { Work: 20, Rest: 10, RoundsLow: 8 } && below.TrueForAll(b => b.Stations.Count is 2 or 4))
            Ask(line, "eight of each move, or eight in all?", ("eight of each", line.Raw), ("eight in all", CardGaps.EightInAll(line.Raw, below[0].Stations.Count)));
        Say(line, CardLineKind.Setting, string.Join(" · ", below.Select(b => b.Told())));
        return true;
    }

    private bool IsBelowLists() => blocks.Count > 1 && blocks.TakeLast(2).All(b => b.Part == CardPart.Main && b.RoundsLow is null && b.Stations.Count > 1 && b.Stations.TrueForAll(s => s.Line == b.Line));
}
