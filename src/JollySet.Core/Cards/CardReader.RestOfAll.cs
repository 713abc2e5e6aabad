using System.Globalization;
using System.Text.RegularExpressions;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>A rest that is said once for the sets of the whole class: above the first of them, or below the last.</content>
public sealed partial class CardReader
{
    private (CardWords Line, int Seconds, int? High, CardGap For)? restOfAll;

    /// <summary>“60 s rest between sets” above all blocks, or closing several that do not say theirs.</summary>
    private bool TakesRestOfAll(CardWords line)
    {
        if (!line.Text.Any(char.IsAsciiDigit) || (blocks.Count > 0 && Current is not { Part: CardPart.Main, Stations.Count: > 0 }))
            return false;
        var text = OfAllSets.Replace(OfLifts.Replace(line.Text.Trim(' ', '(', ')', '.'), ""), " ").Trim();
        if (Scan(text, isLine: false) is not { Gaps: [var gap], Work: null, RoundsLow: null, RepsLow: null, Length: null, Sets: null, Scheme: null, Every: null, Load: null, Remark: null, SaysWater: false } scan || gap.For == CardGap.After || !IsEmpty(scan.Left) || BetweenBlocks.IsMatch(line.Text))
            return false;
        if (blocks.Count == 0)
        {
            if (restOfAll is not null || head.Title.Length == 0)
                return false;
            restOfAll = (line, gap.Seconds, gap.High, gap.For);
            Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"rest {gap.Seconds} s, where no other is said"));
            return true;
        }

        var open = blocks.FindAll(IsOpenSets);
        if (open.Count < 2 || (open[^1] != Current && !OfLifts.IsMatch(line.Text)) || !(text != line.Text.Trim(' ', '(', ')', '.') || words.Find(w => w.Number > line.Number && w.Text.Length > 0) is not { } next || PartOf(next.Text) != CardPart.Main))
            return false;
        open.ForEach(b => (b.Rest, b.RestHigh) = (gap.Seconds, gap.High));
        Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"rest {gap.Seconds} s · {string.Join(", ", open.Select(b => b.Name))}"));
        return true;
    }

    private static bool IsOpenSets(CardBlock block) =>
        block is { Part: CardPart.Main, Stations.Count: > 0, Rest: null, Between: null, Every: null, IsAmrap: false, Scheme: null } && (block.IsLinked || block.IsStraight) && block.Stations.TrueForAll(s => s.Rest is null);

    /// <summary>Gives the rest told above them to the sets, and where there are none to the rounds; told of nothing, it is kept in words.</summary>
    private void RestAsToldAbove()
    {
        if (restOfAll is not { } rest)
            return;
        var sets = blocks.FindAll(IsOpenSets);
        sets.ForEach(b => (b.Rest, b.RestHigh) = (rest.Seconds, rest.High));
        var rounds = sets.Count > 0 || rest.High is not null || !(rest.For == CardGap.Rounds || rest.Seconds >= LongRest) ? [] : blocks.FindAll(b => b is { Part: CardPart.Main, RoundsLow: > 1, Between: null, Stations.Count: > 0, Every: null, IsAmrap: false, Scheme: null });
        rounds.ForEach(b => b.Between = rest.Seconds);
        var stations = sets.Count + rounds.Count > 0 || rest.For == CardGap.Rounds ? [] : blocks.FindAll(b => b is { Part: CardPart.Main, Rest: null, Stations.Count: > 1, Every: null, IsAmrap: false, Scheme: null });
        stations.ForEach(b => (b.Rest, b.RestHigh) = (rest.Seconds, rest.High));
        if (sets.Count + rounds.Count + stations.Count > 0)
            return;
        notes.Add(AsTyped(rest.Line));
        Say(rest.Line, CardLineKind.Note, "note, kept here");
    }

    /// <summary>“On the big lifts”: the sets, not the rounds below them.</summary>
    private static CardPattern OfLifts => field ??= new(@"\s+(?:on|for|of)\s+(?:all\s+)?(?:the\s+)?(?:big|main|heavy|strength)\s+(?:lifts?|sets?|moves|ones|stuff)\b", RegexOptions.IgnoreCase);

    private static CardPattern OfAllSets => field ??= new(@"\b(?:for|of|on|between)\s+(?:all|everything|each|every)(?:\s+(?:the\s+)?(?:sets?|of\s+them|exercises|lifts|supersets))?\b|\b(?:throughout|all\s+round)\b|^all\s+(?:with|have|get)\s+", RegexOptions.IgnoreCase);
}
