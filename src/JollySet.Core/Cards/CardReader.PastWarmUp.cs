using System.Text.RegularExpressions;
using JollySet.Core.Plans;

namespace JollySet.Core.Cards;

/// <content>Where a warm-up is over though no head says so.</content>
public sealed partial class CardReader
{
    /// <summary>Begins the class below a warm-up: at number 1 where its own moves stand on its line, at the next number where it is one of a list itself.</summary>
    private void BeginsPastWarmUp(CardWords line)
    {
        if (Current is not { Part: CardPart.WarmUp } warmUp || blocks.Count >= Limits.Blocks || Numbered.Match(line.Raw) is not { Success: true } m || CardPhrases.PartOf(line.Text) != CardPart.Main || !IsStation(line.Text))
            return;
        var isNext = Numbered.Match(LineAt(warmUp.Line).Raw) is { Success: true } above && int.Parse(above.Groups["n"].Value, System.Globalization.CultureInfo.InvariantCulture) + 1 is var next && m.Groups["n"].Value == next.ToString(System.Globalization.CultureInfo.InvariantCulture);
        if ((isNext && warmUp is { Length: not null, Stations.Count: 0 }) || (m.Groups["n"].Value == "1" && warmUp.Stations.Count > 1 && warmUp.Stations.TrueForAll(s => s.Line == warmUp.Line)))
            blocks.Add(begunForStations = new CardBlock(line.Number, FreeName("A"), CardPart.Main));
    }

    /// <summary>“Warm-up run 10 min”, “20 press-ups”, …, “repeat x4”: what is counted and done again is no warm-up.</summary>
    private void CountedBelowWarmUp()
    {
        foreach (var warmUp in blocks.FindAll(b => b is { Part: CardPart.WarmUp, RoundsLow: > 1, Stations.Count: > 1, Work: null, Scheme: null }))
        {
            var from = warmUp.Stations.FindIndex(s => s.Line != warmUp.Line);
            if (from < 0 || (from == 0 && warmUp.Length is null) || blocks.Count >= Limits.Blocks || warmUp.Stations.Skip(from).ToList() is not { Count: > 1 } below || below.Count(s => s.Amount is ['x', ..]) * 2 < below.Count)
                continue;
            var block = new CardBlock(below[0].Line, FreeName("A"), CardPart.Main) { RoundsLow = warmUp.RoundsLow, RoundsHigh = warmUp.RoundsHigh, Rest = warmUp.Rest, Between = warmUp.Between, After = warmUp.After, Water = warmUp.Water };
            (warmUp.RoundsLow, warmUp.RoundsHigh, warmUp.Rest, warmUp.Between, warmUp.After, warmUp.Water) = (null, null, null, null, null, false);
            var told = settings.Where(s => s.Value == warmUp).Select(s => s.Key).ToList();
            // What stands below “repeat x4” is done once.
            var again = below.TakeWhile(s => told.Count == 0 || s.Line < told.Max()).ToList();
            block.Stations.AddRange(again);
            warmUp.Stations.RemoveRange(from, below.Count);
            blocks.Insert(blocks.IndexOf(warmUp) + 1, block);
            told.ForEach(line => settings[line] = block);
            if (again.Count == below.Count || again.Count == 0 || blocks.Count >= Limits.Blocks)
            {
                block.Stations.AddRange(below.Skip(again.Count));
                continue;
            }

            var next = new CardBlock(below[again.Count].Line, FreeName("A"), CardPart.Main);
            next.Stations.AddRange(below.Skip(again.Count));
            blocks.Insert(blocks.IndexOf(block) + 1, next);
        }
    }

    /// <summary>“Warm up 5 mins” above moves and “40/20 x 3” below them: those are not the warm-up’s.</summary>
    private void ToldBelowWarmUp()
    {
        for (var at = 1; at < blocks.Count; at++)
        {
            var (warmUp, block) = (blocks[at - 1], blocks[at]);
            if (warmUp is not { Part: CardPart.WarmUp, RoundsLow: null, Work: null } || block is not { Part: CardPart.Main, Stations.Count: 0, HasSettings: true, IsUnnamed: true, IsAmrap: false, Length: null })
                continue;
            var from = warmUp.Stations.FindIndex(s => s.Line != warmUp.Line);
            if (from < 0 || warmUp.Stations.Count - from < 2 || (from == 0 && warmUp.Length is null))
                continue;
            block.Stations.AddRange(warmUp.Stations.Skip(from));
            warmUp.Stations.RemoveRange(from, warmUp.Stations.Count - from);
            settings[block.Line] = block;
        }
    }

    private static CardPattern Numbered => field ??= new(@"^\s*(?<n>[0-9]{1,2})(?:\s?[.):]|\s-)\s*(?=[A-Za-z0-9])");
}
