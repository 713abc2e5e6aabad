using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>The first line, and lines of the class as a whole.</content>
public sealed partial class CardReader
{
    /// <summary>A first line that says nothing of how it runs, with a block's head next below it, is the title.</summary>
    private bool IsOverBlock(CardWords line) => PartOf(line.Text) == CardPart.Main && Listed(line.Text).Items is null && !line.Text.EndsWith(':') && Scan(line.Text, isLine: false) is { Any: false } or { Load: not null, SaysBlock: false, Amount: null, Gaps.Count: 0 }
        && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && BeginsBlock(next.Text);

    /// <summary>“Full body AMRAP” above the warm-up: what the class is called.</summary>
    private bool IsOverWarmUp(CardWords line) => PartOf(line.Text) == CardPart.Main && line.Text.Contains(' ', StringComparison.Ordinal) && !line.Text.Any(char.IsAsciiDigit) && !line.Text.EndsWith(':') && Listed(line.Text).Items is null
        && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && PartOf(next.Text) == CardPart.WarmUp;

    /// <summary>“STRENGTH” above all, where “METCON” and “CORE” stand alone further down: the first of the heads, no title.</summary>
    private bool IsFirstOfHeads(CardWords line)
    {
        bool IsHead(CardWords w) => BlockWord.Match(w.Text) is { Success: true } word && word.Length == w.Text.TrimEnd(':').Length && !w.Text.Any(char.IsAsciiDigit);
        return IsHead(line) && words.Exists(w => w.Number > line.Number && IsHead(w) && w.Raw.Any(char.IsLower) == line.Raw.Any(char.IsLower) && !w.Text.Equals(line.Text, StringComparison.OrdinalIgnoreCase));
    }

    /// <summary>“Saturday EMOM (20 mins)” right above its moves.</summary>
    private bool IsOverItsMoves(CardWords line) =>
        FormatWord.IsMatch(line.Text) && Listed(line.Text).Items is null && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && IsStation(next.Text)
        && Scan(line.Text, isLine: false) is { Scheme: null, Work: null, RoundsLow: null } scan && (scan.Every is not null || scan.IsAmrap) && (scan.Total ?? scan.Length) is > 0 and <= ClassMinutes * 60;

    /// <summary>What the class is called and all else that its line says of it, and how it runs; its minutes are the block's.</summary>
    private void TakesTitleOverMoves(CardWords line)
    {
        var (scan, minutes) = (Scan(line.Text, isLine: false), head.Minutes);
        if (!HowWords.Replace(MinutesBeside.Replace(line.Text, " "), "").Any(char.IsLetter) || !TakesTitle(line))
        {
            TakesBlock(line);
            return;
        }

        head.Minutes = minutes;
        TakesBlock(line with { Text = string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{FormatWord.Match(line.Text).Value} {(scan.Total ?? scan.Length) / 60} min") });
    }

    private static CardPattern FormatWord => field ??= new(@"\b(?:e\d?mom|amrap)\b", RegexOptions.IgnoreCase);

    private static CardPattern HowWords => field ??= new(@"\b(?:e\d?mom|amrap|for|x|an?|the|in|of|class|workout)\b", RegexOptions.IgnoreCase);

    private static CardPattern MinutesBeside => field ??= new(@"\s*(?:\bfor\s+)?\(?\b\d{1,2}[\s-]*(?:mins?\b|minutes?\b|')\)?\s*", RegexOptions.IgnoreCase);

    /// <summary>What was heard in what the card leaves open: “KB Thursday (45)”, a list with minutes before all else.</summary>
    private void AskedOfHead()
    {
        if (head is { AreMinutesLikely: true, Minutes: { } many } && $"({many})" is var bracket && words.Find(w => w.Raw.Contains(bracket, StringComparison.Ordinal)) is { } title)
            Ask(title, $"{many}: minutes or people?", ($"{many} minutes", title.Raw), ($"{many} people", title.Raw.Replace(bracket, $"({many} people)", StringComparison.Ordinal)));
        if (blocks.Find(b => b is { Part: CardPart.WarmUp, Stations.Count: > 0 }) is { } warmUp && LineAt(warmUp.Line) is var first && FirstList.IsMatch(first.Text) && PartOf(first.Raw) == CardPart.Main)
            Ask(first, "is this the warm-up?", ("the warm-up", first.Raw), ("a block of its own", $"Block: {first.Raw.Trim()}"));
    }

    /// <summary>“Upper 20 min no kit:”: minutes of a whole class, and nothing of how it runs.</summary>
    private bool IsTitled(string text) => text.EndsWith(':') && (ClassLong.IsMatch(text) || (PlanNamed.IsMatch(text) && text.Contains(' ', StringComparison.Ordinal))) && PartOf(text) == CardPart.Main && Scan(text, isLine: false) is { SaysBlock: false, Gaps.Count: 0 };

    /// <summary>“20 min KB EMOM” above its minutes, on a card without a title: how it runs, and what the class is called.</summary>
    private void TitledByItsBlock()
    {
        if (head.Title.Length > 0 || blocks is not [var block, ..] || words.Find(w => w.Text.Length > 0) is not { } first || block.Line != first.Number || block.Stations.Exists(s => s.Line == first.Number))
            return;
        // “Push” above nothing but sets: the class, and all of it.
        if (block is { IsStraight: true, Part: CardPart.Main } && first.Text.Trim(':').Equals(block.Name, StringComparison.OrdinalIgnoreCase) && blocks.TrueForAll(b => b == block || b.Part != CardPart.Main || (b.IsStraight && (b.IsUnnamed || b.Name.StartsWith(block.Name, StringComparison.OrdinalIgnoreCase)))) && TakesHead(first, mayTitle: true))
        {
            foreach (var (b, at) in blocks.FindAll(b => b.Part == CardPart.Main).Select((b, at) => (b, at)))
                b.Name = ((char)('A' + at)).ToString();
            return;
        }

        if (block.Part == CardPart.Main && Array.Exists(first.Text.Split(' '), w => BriefWords.Kit(w) is not null) && head.Take(first.Text, mayTitle: true) is { Over.Length: > 0 } taken)
            // What the block has said already is not said again.
            notes.AddRange(taken.Over.Split(", ").Where(o => Scan(o, isLine: false) is { SaysBlock: false, Gaps.Count: 0 } && !block.Notes.Exists(n => n.Contains(o, StringComparison.Ordinal))));
    }

    /// <summary>“For Monday I want to keep it simple”, on a card without a title: it is called by its day.</summary>
    private void TitledByItsDay()
    {
        if (head.Title.Length == 0 && words.Where(w => w.Text.Length > 0).Take(MostTitling).FirstOrDefault(w => Weekday.IsMatch(w.Text)) is { } line && read.GetValueOrDefault(line.Number)?.Kind is CardLineKind.Note or CardLineKind.Head)
            (head.Title, titled) = (CardHead.Capped(OfIt.Replace(Weekday.Match(line.Text).Value, "")), line.Number);
    }

    /// <summary>Slips are put right to read the card; what it is called stays as it was written.</summary>
    private void TitledAsWritten()
    {
        if (head.Title.Length == 0)
            return;
        // “Sat 25/10” has been read with a stop in it.
        foreach (var line in words.Where(w => w.Text.Length > 0).Take(MostTitling))
            head.Title = DayByStop.Replace(head.Title, d => line.Raw.Contains($"{d.Groups["d"].Value}/{d.Groups["m"].Value}", StringComparison.Ordinal) ? $"{d.Groups["d"].Value}/{d.Groups["m"].Value}" : d.Value);
        char[] signs = [' ', ',', ':', '-', '–', '.', '!'];
        var titles = head.Title.Split(signs, StringSplitOptions.RemoveEmptyEntries);
        foreach (var line in words.Where(w => w.Text.Length > 0).Take(MostTitling).Select(w => CardText.Plain(w.Raw).Split(signs, StringSplitOptions.RemoveEmptyEntries)))
        {
            // The line it is of has all of its words.
            var put = Array.ConvertAll(line, word => CardSlips.Put(word, IsWord));
            if (!Array.TrueForAll(titles, t => put.Contains(t)))
                continue;
            for (var i = 0; i < line.Length; i++)
                if (put[i] != line[i])
                    head.Title = CardHead.Capped(string.Join(' ', head.Title.Split(' ').Select(t => t == put[i] ? line[i] : t)));
            return;
        }
    }

    private static CardPattern DayByStop => field ??= new(@"(?<![0-9.])(?<d>[0-9]{1,2})\.(?<m>[0-9]{1,2})(?![0-9.])");

    private static CardPattern Weekday => field ??= new(@"(?<!\b(?:because|since|after)\b.*|\bthanks\s+for\s+(?:last\s+)?|\blast\s+)\b(?:mon|tues|wednes|thurs|fri|satur|sun)day(?:'s)?(?:\s+(?:morning|lunchtime|evening|night|\d{1,2}(?:[.:]\d\d)?\s*[ap]m))?\b", RegexOptions.IgnoreCase);

    private static CardPattern SpeaksOfIt => field ??= new(@"^(?:it|this|that|there|they|these|those)(?:'\w+|\s+(?:is|are|was|were|will|has|have))\s", RegexOptions.IgnoreCase);

    /// <summary>Whether words are several parts of the body and nothing else: “legs & core”.</summary>
    private static bool AreRegions(string text) => Regions.Split(text) is { Length: > 1 } parts && Array.TrueForAll(parts, p => !BriefWords.Focus(p).IsEmpty);

    private static CardPattern Regions => field ??= new(@"\s*(?:,|&|\+|/|\band\b)\s*", RegexOptions.IgnoreCase);

    private static CardPattern OfIt => field ??= new(@"'s$");

    /// <summary>“Warm up - 5 mins”: no title of a class.</summary>
    private static CardPattern OpensWithWarmUp => field ??= new(@"^(?:the\s+)?(?:wu|w/u|warm(?:ing)?[\s-]?up)\s*[-:=,(]", RegexOptions.IgnoreCase);

    /// <summary>Lines that a title may stand in.</summary>
    private const int MostTitling = 4;

    private bool TakesHead(CardWords line, bool mayTitle)
    {
        if (head.Take(line.Text, mayTitle) is not { } taken)
            return false;
        if (taken.Over.Length > 0)
        {
            // “Mind shoulders (Pat)” among what is said of the class: whoever it is has to be spared.
            foreach (var piece in Commas.Split(taken.Over))
                if (MindedAlone.Match(WithoutBrackets(piece)) is { Success: true } minded && NeedOfPart(minded) is { } need)
                    head.AddNeed(need);
            // A sentence out of whose middle something was taken is kept whole.
            notes.Add((IsSpoken.IsMatch(line.Text) || SpeaksOfIt.IsMatch(line.Text)) && !line.Text.Contains(taken.Over, StringComparison.Ordinal) ? AsTyped(line) : taken.Over.Contains('(', StringComparison.Ordinal) ? taken.Over : taken.Over.TrimEnd(')'));
            if (mayTitle || IsSpoken.IsMatch(line.Text) || IsSentence(line.Text) || taken.Over.Split(' ').Length > FewWords)
                taken.Read = string.Join(" · ", head.Overhear(mayTitle ? taken.Over : line.Text, kitOnly: mayTitle && !IsSpoken.IsMatch(line.Text)).Prepend(taken.Read));
        }

        Say(line, CardLineKind.Head, taken.Over.Length > 0 ? $"{taken.Read} · note: {taken.Over}" : taken.Read);
        return true;
    }

    /// <summary>The first line; what it says of how the class runs goes to the blocks that do not say so themselves.</summary>
    private bool TakesTitle(CardWords line)
    {
        var pieces = TitleParts.Split(line.Text);
        var runs = pieces.Where(p => Scan(p, isLine: false) is var scan && (scan.SaysBlock || scan.Gaps.Count > 0 || scan.IsEach || scan.SaysNoRest) && IsEmpty(scan.Left)).ToList();
        var water = pieces.FirstOrDefault(p => Scan(p, isLine: false) is { Length: not null } scan && Drink.IsMatch(WithoutStops(scan.Left)));
        if (runs.Count == 0 || runs.Count == pieces.Length)
            return TakesHead(line, mayTitle: true);
        var isTaken = TakesHead(line with { Text = string.Join(", ", pieces.Except(runs).Where(p => p != water)) }, mayTitle: true);
        var block = new CardBlock(line.Number, FreeName("A"), CardPart.Main);
        blocks.Add(block);
        foreach (var piece in runs)
            Applied(block, Scan(piece, isLine: false), line);
        if (water is not null)
            (block.Between, block.WaterBetween) = (Scan(water, isLine: false).Length, true);
        if (isTaken)
            settings.Remove(line.Number);
        return true;
    }
}
