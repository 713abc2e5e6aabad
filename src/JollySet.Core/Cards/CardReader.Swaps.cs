using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>A line of other ways to do moves that stand above it: “modifications: knees - swap curtsy for reverse lunge”.</content>
public sealed partial class CardReader
{
    /// <summary>Takes such a line: what is said of a move that stands above is that move's way, a line of which that cannot be told is a note.</summary>
    private bool TakesSwaps(CardWords line)
    {
        var isHeaded = SwapsAre.Match(line.Text);
        if (!isHeaded.Success && !SwapFor.IsMatch(line.Text))
            return false;
        var pieces = SwapPieces.Split(line.Text[isHeaded.Length..]).Where(p => p.Trim().Length > 0).ToList();
        var told = pieces.ConvertAll(SwapOf);
        if (told.Count == 0 || told.Contains(null) || told.Exists(t => t!.Value.Station.Options.Count >= MostWays))
        {
            if (isHeaded.Success && blocks.Count > 0)
                Note(line);
            return isHeaded.Success && blocks.Count > 0;
        }

        foreach (var (station, kind, way) in told.Select(t => t!.Value))
            AddOption(station, kind, way);
        Say(line, CardLineKind.Setting, string.Join(" · ", told.Select(t => $"{t!.Value.Station.Name}: {t.Value.Kind}: {t.Value.Way}")));
        return true;
    }

    /// <summary>“There's one with a bad knee, so give her bridges instead of the lunges”: the sentence is kept, its way stands beside the move, and who has to be spared is heard.</summary>
    private bool TakesSwapForWhom(CardWords line)
    {
        if (blocks.Count == 0 || !line.Text.Contains("instead of", StringComparison.OrdinalIgnoreCase) || InsteadOf.Match(line.Text) is not { Success: true } m || CardHead.NeedsIn(line.Text).Needs is not [var need])
            return false;
        // “So give her bridges”: the last words of it are the move.
        var said = m.Groups["b"].Value.Split([' ', ':', ','], StringSplitOptions.RemoveEmptyEntries).TakeLast(MostOfName).ToList();
        while (said.Count > 0 && Understood(string.Join(' ', said)) is null)
            said.RemoveAt(0);
        if (said.Count == 0 || SwapOf($"{string.Join(' ', said)} instead of {m.Groups["a"].Value}") is not { } swap || swap.Station.Options.Count >= MostWays)
            return false;
        head.AddNeed(need);
        AddOption(swap.Station, $"for {need}", swap.Way);
        Note(line);
        besides[line.Number] = $"{swap.Station.Name}: for {need}: {swap.Way}";
        return true;
    }

    private const int MostOfName = 4;

    private static CardPattern InsteadOf => field ??= new(@"^(?<b>[^;]{3,110}?)\s+instead\s+of\s+(?:the\s+)?(?<a>[a-z][a-z' -]{2,30}?)(?:\s+(?:for|if)\s+[a-z][a-z' -]{2,50})?\.?$", RegexOptions.IgnoreCase);

    /// <summary>The station that a piece speaks of, and its way; null where that cannot be told.</summary>
    private (CardStation Station, string Kind, string Way)? SwapOf(string piece)
    {
        if (SwapFor.Match(piece) is not { Success: true } m)
            return null;
        var (from, way) = (m.Groups["a"].Value.Trim(), m.Groups["b"].Value.Trim());
        if (Understood(way) is not { } other)
            return null;
        var need = m.Groups["n"].Success ? BriefWords.Need(m.Groups["n"].Value.Trim()) : null;
        if (m.Groups["n"].Success && need is null)
            return null;
        var meant = Understood(from);
        var of = blocks.SelectMany(b => b.Stations).Where(s => s.Move is not null && ((meant is not null && s.Move.Name == meant.Name) || $" {s.Name} ".Contains($" {from} ", StringComparison.OrdinalIgnoreCase))).ToList();
        return of is [var station] && station.Move!.Name != other.Name ? (station, need is not null ? $"for {need}" : WayKind(station.Move, other) ?? "or", way) : null;
    }

    /// <summary>No more ways beside one move.</summary>
    private const int MostWays = 6;

    private static CardPattern SwapsAre => field ??= new(@"^(?:mods?|modifications?|options?|adaptations?|regressions?|adjustments?|alternatives?|swaps?)\s*(?::|\s-\s)\s*", RegexOptions.IgnoreCase);

    /// <summary>“Knees: swap curtsy lunge for reverse lunge”, “bad knees - reverse lunge instead of curtsy lunge”.</summary>
    private static CardPattern SwapFor => field ??= new(@"^(?:(?:for\s+)?(?<n>[a-z][a-z' -]{2,24}?)\s*(?:[:=]|\s-)\s*)?(?:(?:swap|change|replace|sub(?:stitute)?|switch)\s+(?:the\s+)?(?<a>[a-z][a-z' -]{2,40}?)\s+(?:for|with|to)\s+(?:an?\s+)?(?<b>[a-z][a-z' -]{2,40})|(?:do\s+)?(?:an?\s+)?(?<b>[a-z][a-z' -]{2,40}?)\s+instead\s+of\s+(?:the\s+)?(?<a>[a-z][a-z' -]{2,40}))\.?$", RegexOptions.IgnoreCase);

    private static CardPattern SwapPieces => field ??= new(@"\s*[;,]\s*|\.\s+");
}
