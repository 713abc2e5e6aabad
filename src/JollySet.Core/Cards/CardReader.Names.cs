using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>What a block is called, and a head with its moves behind it.</content>
public sealed partial class CardReader
{
    private string NameOf(string text, string left, CardPart part, bool isEmpty)
    {
        left = left.TrimEnd(':').Trim();
        var begins = part == CardPart.WarmUp ? WarmUp().Match(text) : part == CardPart.CoolDown ? CoolDown().Match(text) : BlockWord().Match(text);
        if (isEmpty && text.Contains("amrap", StringComparison.OrdinalIgnoreCase))
            return FreeName("AMRAP");
        if (isEmpty && !begins.Success && text.All(char.IsLetter))
            return FreeName(text);
        var name = begins.Success && (isEmpty || !left.StartsWith(begins.Value.Trim(), StringComparison.OrdinalIgnoreCase) || left.Split(' ').Length > FewWords) ? begins.Value
            : isEmpty ? ""
            : WithoutStopsAround(left) is { } bare && bare.Split(' ').Length <= FewWords + 1 ? (begins.Success ? left : bare) : "";
        if (begins.Success && part != CardPart.Main && left.Length > name.Length && left.Split(' ').Length < FewWords && left.EndsWith(begins.Value.Trim(), StringComparison.OrdinalIgnoreCase) && !left.Split(' ').Any(IsEmpty) && left.All(c => char.IsLetter(c) || c is ' ' or '-' or '&'))
            name = left;
        name = Trailing().Replace(name, "").Trim(' ', '-', ':', ',', '.', '(', '[', ']');
        name = OneBell().Replace(name, "");
        if (!name.Contains('(', StringComparison.Ordinal))
            name = name.Trim(')');
        return FreeName(name.Length is > 0 and <= 60 ? name : "A");
    }

    /// <summary>The name, or the next like it that no block has: A, then B; Main, then Main 2.</summary>
    private string FreeName(string name)
    {
        var taken = blocks.Select(b => b.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        if (name is [>= 'A' and <= 'Z'])
        {
            for (var letter = name[0]; letter <= 'Z'; letter++)
                if (!taken.Contains(letter.ToString()))
                    return letter.ToString();
            name = "Block";
        }

        for (var n = 1; ; n++)
        {
            var free = n == 1 ? name : string.Create(CultureInfo.InvariantCulture, $"{name} {n}");
            if (!taken.Contains(free))
                return free;
        }
    }

    /// <summary>Head and list of a line that has both: “warm-up: jog, hip circles”.</summary>
    private (string Head, string? Items) Listed(string text)
    {
        if (!lists.TryGetValue(text, out var listed))
            lists[text] = listed = ListOf(text);
        return listed;
    }

    private (string Head, string? Items) ListOf(string text)
    {
        // “5 rounds: 1 min fast, 1 min walk”: times and a word each.
        if (TimesAndWords().Match(text) is { Success: true } timed && Scan(timed.Groups["head"].Value, isLine: false) is { RoundsLow: not null } round && IsEmpty(round.Left))
            return (timed.Groups["head"].Value, timed.Groups["items"].Value);
        for (var colon = text.IndexOf(':', StringComparison.Ordinal); colon > 0 && colon < text.Length - 1; colon = text.IndexOf(':', colon + 1))
        {
            if (char.IsAsciiDigit(text[colon - 1]) && char.IsAsciiDigit(text[colon + 1]))
                continue;
            var items = text[(colon + 1)..].Trim();
            var isPart = PartOf(text[..colon]) != CardPart.Main;
            // “T1: squat jumps / plank”.
            if (Strokes().Split(HowBehind(items).Items) is { Length: > 1 and <= 6 } struck && (struck is { Length: 2 } && struck.All(t => Understood(Scan(t).Left) is not null)
                || ((Super().IsMatch(text[..colon]) || BlockWord().IsMatch(text[..colon])) && struck.All(t => Scan(t).Left is var left && left.Any(char.IsLetter) && left.Split(' ').Length <= FewWords) && (Super().IsMatch(text[..colon]) || struck.Any(t => Understood(WithoutStopsAround(Scan(t).Left)) is not null)))))
                items = string.Join(", ", struck.Concat(HowBehind(items).How));
            isPart |= !BriefWords.Focus(text[..colon]).IsEmpty || Scan(text[..colon], isLine: false).Work is not null;
            var bare = HowAtEnd().Match(items) is { Success: true } how && Scan(how.Groups["how"].Value, isLine: false) is { Any: true } said && IsEmpty(said.Left) ? how.Groups["items"].Value : HowBehind(items).Items;
            var listed = Parted(bare, isShort: isPart || bare.Length < items.Length || Super().IsMatch(text[..colon])).Select(i => Scan(i).Left).ToList();
            // “Finisher: wall sit - max hold x 2”.
            if (listed.Count == 1 && BlockWord().IsMatch(text[..(colon + 1)]) && (IsMove(Dashes().Split(listed[0])[0].Trim()) || Or().Split(listed[0]) is [var one, _] && IsMove(one)))
                return (text[..colon], items);
            var isCoolDown = PartOf(text[..colon]) == CardPart.CoolDown;
            if (listed.Count > 0 && listed.Exists(i => i.Length > 0 && ((listed.Count > 1 && Super().IsMatch(text[..colon])) || ((Scan(text[..colon], isLine: false).SaysBlock && (listed.Count > 1 || (BlockWord().IsMatch(text) && i.Split(' ').Length <= 3 && i.All(c => char.IsLetter(c) || c is ' ' or '-')))) || IsMove(WithoutBrackets(i)) || (isCoolDown && Understood(i + " stretch") is not null) || (isPart && listed.Count > 1 && i.Split(' ').Length <= 3)))) && (isPart || BlockWord().IsMatch(text[..(colon + 1)]) || listed.Count > 1 || Scan(text[..colon], isLine: false).SaysBlock))
                return (text[..colon], items);
        }

        // “Stretch hips, hamstrings, lats”.
        if (StretchOf().Match(text) is { Success: true } stretched && Commas().Split(stretched.Groups["items"].Value).SelectMany(i => And().Split(i)).ToList() is { Count: > 0 } all && (all.Count > 1 || blocks.Count > 0) && all.All(i => i.Split(' ').Length <= 3) && all.Any(i => Understood(i + " stretch") is not null))
            return (stretched.Groups["head"].Value, string.Join(", ", all));

        // “A warm-up (about 4 minutes, just marching and reaching)”.
        if (PartOf(text) != CardPart.Main && InBrackets().Match(text) is { Success: true } told && Commas().Split(told.Groups["in"].Value).SelectMany(i => And().Split(i)).Select(i => i.Trim()).ToList() is var pieces
            && pieces.FindAll(i => !IsEmpty(Scan(i, isLine: false).Left)) is { Count: > 0 } named && named.Exists(i => Understood(WithoutStopsAround(Scan(i).Left)) is not null) && named.TrueForAll(i => i.Split(' ').Length <= 3 && !i.Any(char.IsAsciiDigit)))
            return ($"{told.Groups["head"].Value} {string.Join(' ', pieces.Except(named))}", string.Join(", ", named.Select(WithoutStopsAround)));

        // “Warm up - 6 mins - jog, arm circles”: the last dash before a list, on a line that begins a block.
        for (var dash = text.LastIndexOf(" - ", StringComparison.Ordinal); dash > 0; dash = text.LastIndexOf(" - ", dash, StringComparison.Ordinal))
        {
            var (before, items) = (text[..dash], text[(dash + 3)..].Trim());
            if ((PartOf(before) != CardPart.Main || BlockWord().IsMatch(before) || Super().IsMatch(before) || Scan(before, isLine: false).SaysBlock) && Understood(Scan(before).Left) is null
                && Parted(items, isShort: PartOf(before) != CardPart.Main || Scan(before, isLine: false).SaysBlock).ConvertAll(i => WithoutBrackets(Scan(i).Left)) is { Count: > 1 } moves && moves.Exists(i => Understood(i) is not null))
                return (before, items);
        }

        return (text, null);
    }

    /// <summary>A list without what is said behind it of how its moves are done: “swings, pulldowns, 40 s each, 30 s rest”.</summary>
    private (string Items, List<string> How) HowBehind(string items)
    {
        var how = new List<string>();
        items = items.Replace("; ", ", ", StringComparison.Ordinal);
        if (TimesAtEnd().Match(items) is { Success: true } all && Commas().Split(items[..all.Index]) is { Length: > 2 } own && own.All(i => Scan(i).Amount is not null))
            (items, how) = (items[..all.Index], [$"x{all.Groups["n"].Value}"]);
        for (var comma = items.LastIndexOf(", ", StringComparison.Ordinal); comma > 0 && (items.IndexOf(", ", StringComparison.Ordinal) < comma || TimesOnly().IsMatch(items[(comma + 2)..]) || Strokes().IsMatch(items[..comma])); comma = items.LastIndexOf(", ", StringComparison.Ordinal))
        {
            if (Scan(items[(comma + 2)..], isLine: false) is not { Sets: null, Sides: null, Load: null } scan || !(scan.SaysBlock || scan.IsEach || scan.Gaps.Count > 0 || TimesOnly().IsMatch(items[(comma + 2)..])) || !IsEmpty(scan.Left))
                break;
            how.Insert(0, items[(comma + 2)..]);
            items = items[..comma];
        }

        return (items, how);
    }

    /// <summary>Whether words name what a class is about rather than a block of it: “lower body strength”.</summary>
    private bool IsTopic(string text) => Topic().IsMatch(text) && !Scan(text, isLine: false).SaysBlock && !text.EndsWith(':') && Scan(text, isLine: false).RepsLow is null && Scan(text, isLine: false).Sets is null;

    /// <summary>A few words with nothing said but how it runs in the next line are a block's name.</summary>
    private bool IsName(CardWords line) => line.Text.Split(' ').Length <= 4 && !Scan(line.Text).Any && Understood(line.Text) is null
        && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next
        && ((Scan(next.Text, isLine: false) is { SaysBlock: true } scan && IsEmpty(scan.Left) && !BlockWord().IsMatch(next.Text)) || IsAfterDrink(next) || IsOverSets(line, next));

    /// <summary>Whether a line of work comes after the drink that closed the block before.</summary>
    private bool IsAfterDrink(CardWords next) => Current is { After: not null, Water: true, Part: CardPart.Main, Stations.Count: > 0 } && Scan(next.Text) is { RepsLow: not null } && IsStation(next.Text);

    /// <summary>Whether words stand alone at the head of a paragraph of sets, after another block.</summary>
    private bool IsOverSets(CardWords line, CardWords next) => Current is { Stations.Count: > 0 } && next.Number == line.Number + 1 && line.Letter is null
        && words.Find(w => w.Number == line.Number - 1) is { Text.Length: 0 } && Scan(next.Text) is { Sets: not null } sets && Understood(WithoutBrackets(sets.Left)) is not null;
}
