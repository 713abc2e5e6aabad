using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <summary>Reads a class as it is scribbled. Nothing on a card is dropped and nothing is guessed in silence: what is unsure is asked, what is not about the class is kept as a note where it stood.</summary>
public sealed partial class CardReader
{
    /// <summary>A longer text is no card.</summary>
    public const int MostBytes = 120_000;

    private const int LongRest = 45;
    private const int MostTries = 24;
    private readonly MoveLibrary library;
    private readonly List<CardWords> words;
    private readonly HashSet<int> refused;
    private readonly CardHead head = new();
    private readonly List<CardBlock> blocks = [];
    private readonly List<string> notes = [];
    private readonly Dictionary<int, CardLine> read = [];
    private readonly List<CardQuestion> questions = [];
    private readonly Dictionary<int, CardBlock> settings = [];
    private int? lastMinute;

    private CardReader(List<CardWords> words, MoveLibrary library, HashSet<int> refused) => (this.words, this.library, this.refused) = (words, library, refused);

    private readonly Dictionary<(string, bool), CardScan> scans = [];

    /// <summary>What a stretch of words says; each is taken apart once.</summary>
    private CardScan Scan(string text, bool isLine = true)
    {
        if (!scans.TryGetValue((text, isLine), out var scan))
            scans[(text, isLine)] = scan = new CardScan(text, isLine);
        return scan;
    }

    private CardBlock? Current => blocks.Count > 0 ? blocks[^1] : null;

    /// <summary>The card as it is understood; null where it is larger than a card may be.</summary>
    public static CardReading? Read(string text, MoveLibrary? library = null)
    {
        if (System.Text.Encoding.UTF8.GetByteCount(text) > MostBytes)
            return null;
        // What was sent as a sheet, a card or a table of ours reads as it is.
        var known = library ?? MoveLibrary.Shipped;
        var plain = (text.Contains("\n==", StringComparison.Ordinal) && SheetReader.Read(text, library).Plan is { } sheet ? Keeping.Gate.Pass(sheet).Passed?.Plan : null) ?? PlainCard.Read(text, known) ?? PlainTable.Read(text, known);
        if (plain is not null)
            return new CardReading(plain, [.. text.ReplaceLineEndings("\n").Split('\n').Select((l, i) => new CardLine(i + 1, l, l.Trim().Length == 0 ? CardLineKind.Blank : CardLineKind.Station, l.Trim(), Sureness.Certain, []))], []);
        var lines = CardText.Lines(text.Replace('\0', ' '));
        var refused = new HashSet<int>();
        for (var tries = 0; ; tries++)
        {
            var reader = new CardReader(lines, library ?? MoveLibrary.Shipped, refused);
            if (tries == MostTries)
                refused.UnionWith(lines.Select(l => l.Number));
            reader.ReadLines();
            var (plan, wrong) = CardSheet.Plan(reader.head, reader.blocks, reader.notes);
            if (plan is not null)
                return new CardReading(plan, [.. lines.Select(reader.LineOf)], [.. reader.questions.OrderBy(q => q.Line).ThenBy(q => q.Column)]);
            // What no sheet can say is kept as a note; where that cannot be told, the later half is: a class too long is cut at its end.
            var told = wrong.Where(n => n > 0).ToList();
            var left = lines.Select(l => l.Number).Where(n => !refused.Contains(n)).Distinct().ToList();
            refused.UnionWith(told.Count > 0 ? told : left.Skip(left.Count / 2));
        }
    }

    private CardLine LineOf(CardWords line) => read.GetValueOrDefault(line.Number) ?? new CardLine(line.Number, line.Raw, CardLineKind.Blank, "", Sureness.Certain, []);

    private void ReadLines()
    {
        var isFirst = true;
        foreach (var line in words)
        {
            if (line.Text.Length == 0)
            {
                if (line.Raw.Any(char.IsLetterOrDigit))
                    Say(line, CardLineKind.Head, CardNumbers.IsTimed(line.Raw) ? "the end" : "the table’s headings");
                continue;
            }

            if (refused.Contains(line.Number) || line.Text.Length > CardText.LongestLine)
                Note(line);
            else
                Take(line, isFirst);
            isFirst = false;
        }

        head.Minutes ??= lastMinute;
        Split();
        foreach (var (from, to) in CardInherit.HandDown(blocks))
        {
            settings.Remove(from.Line);
            Say(LineAt(from.Line), read.GetValueOrDefault(from.Line)?.Kind == CardLineKind.Head ? CardLineKind.Head : CardLineKind.Setting, string.Join(" · ", to.Select(b => b.Told())));
        }

        CardGaps.Closed(blocks, questions, words);
        // What was asked and guessed is in by now: each line is told as it will be.
        foreach (var told in blocks.SelectMany(b => b.Stations).GroupBy(s => s.Line))
            if (read.GetValueOrDefault(told.Key) is { Kind: CardLineKind.Station } line)
                read[told.Key] = line with { Read = string.Join(" · ", told.Select(s => s.Told())), Sure = questions.Exists(q => q.Line == told.Key) ? Sureness.Likely : Sureness.Certain };
        foreach (var (line, block) in settings)
            Say(LineAt(line), CardLineKind.Setting, block.Told());
        foreach (var block in blocks)
            if (read.GetValueOrDefault(block.Line)?.Kind != CardLineKind.Station || block.Stations.TrueForAll(s => s.Line != block.Line) || Listed(LineAt(block.Line).Text).Items is not null)
                Say(LineAt(block.Line), CardLineKind.Block, block.Told());
    }

    private CardWords LineAt(int number) => words.Find(w => w.Number == number)!;

    private void Take(CardWords line, bool isFirst)
    {
        line = line with { Text = Reworded(line.Text) };
        if (isFirst && ((line.IsHeading && PartOf(line.Text) == CardPart.Main) || !BeginsBlock(line.Text) || (TitleBesides().IsMatch(line.Text) && !Talk().IsMatch(line.Text)) || IsTopic(line.Text) || IsOverBlock(line) || IsTitled(line.Text)) && !IsStation(line.Text) && (Scan(line.Text) is { Sets: null } || !BriefWords.Focus(Scan(line.Text).Left).IsEmpty))
        {
            if (IsSpoken().IsMatch(line.Text) && line.Text.Split(' ').Length > FewWords)
            {
                Note(line);
                head.Overhear(line.Text);
            }
            else if (IsSentence(line.Text) && !line.IsHeading && !line.Text.Any(char.IsAsciiDigit))
                Note(line);
            else if (!TakesTitle(line))
                Note(line);
            return;
        }

        if (blocks.Count == 0 && !HeadKey().IsMatch(line.Text) && !BeginsBlock(line.Text) && !IsStation(line.Text) && TakesHead(line, mayTitle: false))
            return;
        if (HeadKey().IsMatch(line.Text) || BriefWords.Need(line.Text) is not null)
        {
            if (!TakesHead(line, mayTitle: false))
                Note(line);
            return;
        }

        // What is more than a class holds is kept in words.
        if (blocks.Count >= Limits.Blocks && (BeginsBlock(line.Text) || IsName(line) || line.Letter != Current!.Letter || Current.Stations.Count >= Limits.Stations))
        {
            Note(line);
            return;
        }

        // Whoever has to be spared is heard wherever it is written.
        if (!IsStation(line.Text) && CardHead.NeedsIn(line.Text).Needs is { IsEmpty: false } needs)
        {
            foreach (var need in needs)
                head.AddNeed(need);
            if (!BeginsBlock(line.Text))
            {
                Note(line);
                return;
            }
        }

        if (GoesOn().IsMatch(line.Text) && IsEmpty(line.Text) && !Scan(line.Text, isLine: false).Any)
        {
            Say(line, CardLineKind.Setting, "goes on");
            return;
        }

        // “15 s rest between each. 2 min rest, then all again, 3 rounds”: each sentence says how it runs.
        if (FullStop().Split(line.Text) is { Length: > 1 } sentences && sentences.All(s => Scan(s, isLine: false) is { Any: true } said && IsEmpty(said.Left)))
        {
            foreach (var sentence in sentences)
                Take(line with { Text = sentence }, isFirst: false);
            return;
        }

        if (TakesAll(line) || TakesBlock(line) || TakesGap(line))
            return;
        TakeStations(line, line.Text);
    }

    /// <summary>A first line that says nothing of how it runs, with a block's head next below it, is the title.</summary>
    private bool IsOverBlock(CardWords line) => PartOf(line.Text) == CardPart.Main && !line.Text.EndsWith(':') && Scan(line.Text, isLine: false) is { Any: false }
        && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && BeginsBlock(next.Text);

    /// <summary>“Upper 20 min no kit:”: minutes of a whole class, and nothing of how it runs.</summary>
    private bool IsTitled(string text) => text.EndsWith(':') && ClassLong().IsMatch(text) && PartOf(text) == CardPart.Main && Scan(text, isLine: false) is { SaysBlock: false, Gaps.Count: 0 };

    private bool TakesHead(CardWords line, bool mayTitle)
    {
        if (head.Take(line.Text, mayTitle) is not { } taken)
            return false;
        if (taken.Over.Length > 0)
            notes.Add(taken.Over);
        Say(line, CardLineKind.Head, taken.Over.Length > 0 ? $"{taken.Read} · note: {taken.Over}" : taken.Read);
        return true;
    }

    /// <summary>The first line; what it says of how the class runs goes to the blocks that do not say so themselves.</summary>
    private bool TakesTitle(CardWords line)
    {
        var pieces = TitleParts().Split(line.Text);
        var runs = pieces.Where(p => Scan(p, isLine: false) is var scan && (scan.SaysBlock || scan.Gaps.Count > 0 || scan.IsEach) && (IsEmpty(scan.Left) || (scan.Gaps.Count == 0 && scan.Work is not null && scan.Left.Split(' ').Length < 3))).ToList();
        var water = pieces.FirstOrDefault(p => Scan(p, isLine: false) is { Length: not null } scan && Drink().IsMatch(WithoutStops(scan.Left)));
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

    /// <summary>Whether words begin a block rather than a line of one.</summary>
    private bool BeginsBlock(string text)
    {
        if (Margin().IsMatch(text) || PartOf(text) != CardPart.Main || Super().IsMatch(text) || Talk().IsMatch(text))
            return true;
        var scan = Scan(text, isLine: false);
        return scan.SaysBlock || (text.Contains(": ", StringComparison.Ordinal) && !HeadKey().IsMatch(text) && Listed(text).Items is not null && Commas().Split(text).Length > 2) || (BlockWord().IsMatch(text) && library.Understood(scan.Left) is null);
    }

    /// <summary>Whether words are certainly a move, with or without how much of it.</summary>
    private bool IsStation(string text) => Scan(text) is { SaysBlock: false } scan && library.Understood(WithoutBrackets(scan.Left)) is not null;

    /// <summary>“Each round 3 times, 40s per exercise”: how all blocks run that have not said so.</summary>
    private bool TakesAll(CardWords line)
    {
        if (!OfEachRound().IsMatch(line.Text))
            return false;
        var scan = Scan(OfEachRound().Replace(line.Text, ""), isLine: false);
        var open = blocks.FindAll(b => b is { Part: CardPart.Main, HasSettings: false, Stations.Count: > 0 });
        if (open.Count == 0 || !IsEmpty(scan.Left) || !(scan.SaysBlock || scan.IsEach || scan.RepsLow is not null))
            return false;
        foreach (var block in open)
            Applied(block, scan, line, isSetting: false);
        Say(line, CardLineKind.Setting, string.Join(" · ", open.Select(b => b.Told())));
        return true;
    }

    private bool TakesBlock(CardWords line)
    {
        var text = line.Text;
        var length = (int?)null;
        if (Margin().Match(text) is { Success: true } margin)
        {
            lastMinute = int.Parse(margin.Groups["b"].Value, CultureInfo.InvariantCulture);
            length = (lastMinute - int.Parse(margin.Groups["a"].Value, CultureInfo.InvariantCulture)) * 60;
            text = text[margin.Length..];
            if (length <= 0)
                length = null;
        }

        var (before, items) = Listed(text);
        var part = PartOf(before);
        var begins = part == CardPart.Main ? BlockWord().Match(before) : Match.Empty;
        // The number of “circuit 2” counts no rounds.
        var scan = Scan(begins.Success && char.IsAsciiDigit(begins.Value[^1]) ? before[begins.Length..] : before, isLine: false);
        var isNamed = part != CardPart.Main || begins.Success || Super().IsMatch(before) || Talk().IsMatch(before);
        var isEmpty = IsEmpty(scan.Left);
        var named = scan.Left;
        if (part != CardPart.Main && length is null && scan.Length is null && scan.RepsLow is null && BareMinutes().Match(named) is { Success: true } bare)
            (length, named) = (int.Parse(bare.Groups["n"].Value, CultureInfo.InvariantCulture) * 60, named[..bare.Index]);
        // How it runs and what is done on one line: “tabata 8 x 20/10 burpees”, “21-15-9 thrusters, swings”.
        if (items is null && scan.SaysBlock && !text.EndsWith(':') && Done(named, begins.Value, scan.Scheme is not null || scan.RoundsLow is not null) is { } done)
            (items, named) = (done, begins.Value);
        // “x3” below several blocks with their moves on their own lines: whose it is cannot be told.
        if (isEmpty && !isNamed && items is null && scan is { Work: null, Scheme: null, Every: null, IsAmrap: false } && (scan.RoundsLow ?? scan.RepsLow) is not null && IsBelowLists())
        {
            Note(line);
            return true;
        }

        if (!isNamed && !scan.SaysBlock && !(text.EndsWith(':') && !isEmpty) && items is null && !(line.IsHeading && !isEmpty) && length is null)
        {
            if (isEmpty && scan.Sets is not null && TakesUnder(line, scan))
                return true;
            if (isEmpty && (scan.SaysEachSide || scan.Sets is not null) && (Current is not { Stations.Count: 0 } || (text.EndsWith(':') && Current is { Part: not CardPart.Main, Length: not null })))
                blocks.Add(new CardBlock(line.Number, FreeName("A"), CardPart.Main));
            else if (IsName(line))
                blocks.Add(new CardBlock(line.Number, NameOf(before, scan.Left, part, isEmpty), CardPart.Main));
            if (IsName(line) || (isEmpty && Current is not null && (scan.RepsLow is not null || scan.IsEach || scan.SaysEachSide || scan.Sets is not null)))
                return Applied(Current!, scan, line);
            return false;
        }
        if (scan.Sets is not null && library.Understood(scan.Left) is not null && !isNamed)
            return false;
        if (isNamed && part == CardPart.Main && !scan.SaysBlock && items is null && scan.SaysStation && scan.RepsLow is null && scan.Left.Split(' ').Length > 2)
            return false;
        // A move with its rounds on one line: squats 3 rounds of 10.
        if (!isNamed && scan.SaysBlock && items is null && Scan(before) is var whole && !text.EndsWith(':') && (library.Understood(WithoutBrackets(whole.Left)) is not null || (GoesOn().IsMatch(text) && library.Understood(WithoutStopsAround(WithoutBrackets(whole.Left))) is not null)))
            return false;
        var goesOn = Current is { Stations.Count: > 0 } been && (GoesOn().IsMatch(text) ? been.Part != CardPart.Main || text.EndsWith(':') : been.Part != CardPart.Main && text.EndsWith(':'));
        if (!isEmpty && !isNamed && !goesOn && length is null && items is null && !text.EndsWith(':') && Current is { Stations.Count: > 0, Part: CardPart.Main, HasSettings: false } open
            && text.IndexOf(", ", StringComparison.Ordinal) is > 0 and var comma && Scan(text[..comma], isLine: false) is { SaysBlock: true } first && IsEmpty(first.Left) && Scan(text[(comma + 2)..]) is { Any: false } other)
        {
            open.Notes.Add(other.Left);
            return Applied(open, first, line);
        }

        if (isEmpty && !isNamed && !goesOn && length is null && items is null && Current is { } current && ((current.Stations.Count == 0 && !(current.Part != CardPart.Main && current.Length is not null && (scan.Work is not null || scan.RoundsLow > 2 || text.EndsWith(':')))) || (current.Part == CardPart.Main && !current.HasSettings) || scan.Work is null && scan.Scheme is null && scan.Every is null && !scan.IsAmrap && current.RoundsLow is null) && Applied(current, scan, line))
            return true;
        // Words behind how it runs are no name: “40 s work, 10 s rest, all on the mat”.
        var isBehind = part == CardPart.Main && !isNamed && !isEmpty && items is null && !text.EndsWith(':') && char.IsAsciiDigit(text[0]) && !line.IsHeading;
        var entitled = begins.Success && char.IsAsciiDigit(begins.Value[^1]) ? $"{begins.Value} {named}" : named;
        var block = new CardBlock(line.Number, NameOf(before, entitled, part, isEmpty || isBehind || named.Length == 0), part) { Length = length ?? scan.Length, IsTalk = part == CardPart.Main && Talk().IsMatch(before) };
        if (scan.IsEach || scan.SaysEachSide)
            block.Length = length;
        block.IsSuperset = Super().IsMatch(before);
        blocks.Add(block);
        Applied(block, scan, line, isSetting: false);
        if (items is not null)
        {
            // “… crunches. 1 min rest between sets.”: how it runs stands after the moves.
            if (items.LastIndexOf(". ", StringComparison.Ordinal) is > 0 and var stop && Scan(items[(stop + 2)..], isLine: false) is { } ending && (ending.SaysBlock || ending.Gaps.Count > 0) && IsEmpty(ending.Left))
            {
                Applied(block, ending, line, isSetting: false);
                items = items[..stop];
            }

            // “Biceps: curls, hammer curls - 30s each, no rest”, “warm-up: march, arm circles (6 mins)”.
            if (HowAtEnd().Match(items) is { Success: true } end && Scan(end.Groups["how"].Value, isLine: false) is { Any: true } at && IsEmpty(at.Left) && (Parted(end.Groups["items"].Value, isShort: true).Count > 1 || part != CardPart.Main))
            {
                if (part != CardPart.Main && at.Length is { } long_ && !at.IsEach)
                    block.Length ??= long_;
                else
                    Applied(block, at, line, isSetting: false);
                items = end.Groups["items"].Value;
            }

            // “Finisher: burpees 20 on 10 off x 8”.
            if (Scan(items, isLine: false) is { SaysBlock: true } within && Parted(items).Count == 1 && library.Understood(within.Left) is not null)
            {
                Applied(block, within, line, isSetting: false);
                items = within.Left;
            }

            var each = Scan(items, isLine: false);
            if (each.IsEach)
                block.Work ??= each.Length;
            // “Finisher: 3 rounds 30/30 - plank, dead bug”: how it runs stands before the moves.
            if (items.IndexOf(" - ", StringComparison.Ordinal) is > 0 and var dash && Scan(items[..dash], isLine: false) is { SaysBlock: true } how && IsEmpty(how.Left))
            {
                Applied(block, how, line, isSetting: false);
                items = items[(dash + 3)..];
            }

            if (block.Scheme is null && each.Scheme is not null)
                (block.Scheme, items) = (each.Scheme, each.Left);
            TakeStations(line, items, isListed: true);
        }

        // Words that are neither its name nor how it runs are kept beside it.
        if (items is null && Beside(entitled, block.Name) is { } beside)
            block.Notes.Add(beside);
        Say(line, CardLineKind.Block, block.Name);
        return true;
    }

    private bool IsBelowLists() => blocks.Count > 1 && blocks.TakeLast(2).All(b => b.Part == CardPart.Main && b.RoundsLow is null && b.Stations.Count > 1 && b.Stations.TrueForAll(s => s.Line == b.Line));

    /// <summary>What is left of a block's words besides its name; null where it is nothing or only filler.</summary>
    private static string? Beside(string left, string name)
    {
        var words = name.Length == 1 ? left : left.StartsWith(name, StringComparison.OrdinalIgnoreCase) ? left[name.Length..] : !left.Contains(name, StringComparison.OrdinalIgnoreCase) ? left : left.Remove(left.IndexOf(name, StringComparison.OrdinalIgnoreCase), name.Length);
        words = words.Trim(' ', ',', '.', ':', ';', '-', '!', '(', ')', '[', ']', '/', '+');
        return WithoutStops(words) is { Length: > 2 } said && said.Any(char.IsLetter) ? words : null;
    }

    /// <summary>The moves that are left of a block's line: one after its word, or several; null where they are none.</summary>
    private string? Done(string left, string begins, bool severalOnly)
    {
        left = GoesOn().Replace(left, "").TrimStart(' ', ',', ':');
        var rest = begins.Length > 0 && left.StartsWith(begins, StringComparison.OrdinalIgnoreCase) ? left[begins.Length..].Trim(' ', ':', '-', ',') : left;
        var parts = Parted(UpOrDown().Replace(rest, ""));
        if (parts.Count == 1 && And().Split(parts[0]) is { Length: > 1 } both)
            parts = [.. both];
        rest = string.Join(", ", parts);
        return rest.Length > 0 && (begins.Length > 0 || (severalOnly && parts.Count > 1)) && parts.TrueForAll(p => library.Understood(WithoutBrackets(Scan(p).Left)) is not null) ? rest : null;
    }

    /// <summary>Gives a block what a line says of how it runs.</summary>
    private bool Applied(CardBlock block, CardScan scan, CardWords line, bool isSetting = true)
    {
        // “x3” beside no other count is rounds; “10 x each, 3 rounds” and “3 x 12” are what every station does.
        var forAll = scan.Sets is not null || (scan.RoundsLow is not null && scan.RepsLow is not null) || scan.SaysEachSide;
        block.ForAll = forAll ? scan : block.ForAll;
        block.RoundsLow = scan.RoundsLow ?? block.RoundsLow ?? (!forAll && scan.RepsLow is > 0 and <= Limits.Rounds ? scan.RepsLow : null);
        block.RoundsHigh = scan.RoundsHigh ?? block.RoundsHigh;
        block.Work = scan.Work ?? (scan.IsEach || scan.SaysEachSide ? scan.Length : null) ?? block.Work;
        block.Rest = scan.Rest ?? block.Rest;
        (block.Scheme, block.Every, block.Total, block.IsAmrap) = (scan.Scheme ?? block.Scheme, scan.Every ?? block.Every, scan.Total ?? block.Total, scan.IsAmrap || block.IsAmrap);
        if (isSetting && !scan.IsEach)
            block.Length = scan.Length ?? block.Length;
        foreach (var (seconds, high, gap) in scan.Gaps)
            Gap(block, seconds, gap, onHead: true, high);
        // What a block has no word for is kept beside it.
        if (scan.Load is not null || scan.Remark is not null || (!forAll && (scan.Sides is not null || scan.Tempo is not null)))
            block.Notes.Add(line.Text);
        // A ladder goes its rungs once.
        if (block.Scheme is not null && scan.Scheme is null && scan.RoundsLow is not null)
            block.Notes.Add(line.Text);
        if (isSetting)
            settings[line.Number] = block;
        return true;
    }

    private static void Gap(CardBlock block, int seconds, CardGap gap, bool onHead, int? high = null)
    {
        block.RestHigh = high ?? block.RestHigh;
        var isLinked = block.Letter is not null || block.IsSuperset || block.Scheme is not null;
        if (gap == CardGap.After)
            block.After = seconds;
        else if (block is { IsStraight: true, IsSuperset: false, Letter: null } && !onHead && gap == CardGap.Unsaid && block.ForAll is null)
            (block.Stations[^1].Rest, block.Stations[^1].RestHigh) = (seconds, high);
        else if (block.Scheme is not null && block.Rest is { } inner && inner != seconds)
            block.Notes.Add(string.Create(CultureInfo.InvariantCulture, $"rest {seconds} s"));
        else if (isLinked || block.IsStraight || block.ForAll?.Sets is not null)
            block.Rest = seconds;
        else if (gap == CardGap.Rounds)
            block.Between = seconds;
        else if (gap == CardGap.Moves)
            block.Rest = seconds;
        else if (!onHead && block.Stations.Count > 0)
            (block.Stations[^1].Rest, block.ClosesAfterRounds) = (seconds, block is { Rest: not null, RoundsLow: > 1 });
        else if (block.Rest is not null || seconds >= LongRest || (block.RoundsLow > 1 && block.Work is null))
            block.Between = seconds;
        else
            block.Rest = seconds;
    }

    /// <summary>A line that says nothing but a rest, or that it is time to drink.</summary>
    private bool TakesGap(CardWords line)
    {
        if (Current is not { } block)
            return false;
        var scan = Scan(line.Text, isLine: false);
        var drinks = scan.SaysWater || Drink().IsMatch(WithoutStops(scan.Left));
        if (scan.Gaps.Count > 0 && (IsEmpty(scan.Left) || drinks))
        {
            block.IsRested = block.IsStraight && scan.Gaps[0].For == CardGap.Unsaid;
            // A rest below a block whose moves stood on its own line comes after it.
            var closes = block.Part == CardPart.Main && !(block.RoundsLow > 1) && !block.IsLinked && block.Stations.Count > 1 && block.Stations.TrueForAll(s => s.Line == block.Line);
            foreach (var (seconds, high, gap) in scan.Gaps.Select(g => closes && g.For == CardGap.Unsaid ? (g.Seconds, g.High, CardGap.After) : g))
                Gap(block, seconds, drinks && gap != CardGap.Rounds ? CardGap.After : gap, onHead: false, high);
            var inBetween = drinks && scan.Gaps.Exists(g => g.For == CardGap.Rounds);
            (block.Water, block.WaterBetween) = (block.Water || (drinks && !inBetween), block.WaterBetween || inBetween);
            Say(line, CardLineKind.Setting, drinks ? $"{(inBetween ? "between rounds of" : "after")} {block.Name}: {scan.Gaps[0].Seconds} s, with water" : $"rest {scan.Gaps[0].Seconds} s");
            return true;
        }

        if (scan.SaysNoRest && IsEmpty(scan.Left))
        {
            Say(line, CardLineKind.Setting, "no rest");
            return true;
        }

        if (scan.Gaps.Count > 0 && BeginsWithRest().IsMatch(line.Text))
        {
            Note(line);
            return true;
        }

        if (AfterRounds().IsMatch(line.Text) && scan.Gaps.Count == 0)
        {
            Note(line);
            return true;
        }

        if (!drinks)
            return false;
        (block.After, block.Water) = (scan.Length ?? block.After ?? 60, true);
        Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"after {block.Name}: {block.After} s, with water"));
        if (scan.Length is null)
            Ask(line, $"how long for the drink after {block.Name}?", ("60 s, with water", $"{line.Text.TrimEnd('!', '.')} 60s"), ("30 s", $"{line.Text.TrimEnd('!', '.')} 30s"), ("90 s", $"{line.Text.TrimEnd('!', '.')} 90s"));
        return true;
    }

    private void Ask(CardWords line, string text, params (string Label, string Instead)[] choices)
    {
        if (!questions.Exists(q => q.Line == line.Number && q.Text == text))
            questions.Add(new CardQuestion(line.Number, 1, text, [.. choices.Select(c => new CardChoice(c.Label, c.Instead))]));
    }

    private void Note(CardWords line)
    {
        var text = CardText.Plain(words.Count(w => w.Number == line.Number) > 1 ? line.Text : line.Raw).TrimStart('-', '*', '+', '>', '~', ' ');
        if (text.StartsWith("note:", StringComparison.OrdinalIgnoreCase))
            text = text[5..].Trim();
        if (text.Length == 0)
            return;
        if (Current is { } block)
            block.Notes.Add(text);
        else
            notes.Add(text);
        questions.RemoveAll(q => q.Line == line.Number);
        var needs = CardHead.NeedsIn(text).Needs;
        foreach (var need in needs)
            head.AddNeed(need);
        read[line.Number] = new CardLine(line.Number, line.Raw, CardLineKind.Note, needs.IsEmpty ? "note, kept here" : $"note, kept here · needs: {string.Join(", ", needs)}", Sureness.Certain, []);
    }

    private void Say(CardWords line, CardLineKind kind, string text) =>
        read[line.Number] = new CardLine(line.Number, line.Raw, kind, text, Sureness.Certain, read.GetValueOrDefault(line.Number)?.Moves ?? []);

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
        name = Trailing().Replace(name, "").Trim(' ', '-', ':', ',', '.', '(', ')', '[', ']');
        return FreeName(name.Length is > 0 and <= 60 ? name : "A");
    }

    /// <summary>The name, or the next like it that no block has: A, then B; Main, then Main 2.</summary>
    private string FreeName(string name)
    {
        bool Taken(string n) => blocks.Exists(b => b.Name.Equals(n, StringComparison.OrdinalIgnoreCase));
        if (name is [>= 'A' and <= 'Z'])
        {
            for (var letter = name[0]; letter <= 'Z'; letter++)
                if (!Taken(letter.ToString()))
                    return letter.ToString();
            name = "Block";
        }

        for (var n = 1; ; n++)
        {
            var free = n == 1 ? name : string.Create(CultureInfo.InvariantCulture, $"{name} {n}");
            if (!Taken(free))
                return free;
        }
    }

    /// <summary>Head and list of a line that has both: “warm-up: jog, hip circles”.</summary>
    private (string Head, string? Items) Listed(string text)
    {
        for (var colon = text.IndexOf(':', StringComparison.Ordinal); colon > 0 && colon < text.Length - 1; colon = text.IndexOf(':', colon + 1))
        {
            if (char.IsAsciiDigit(text[colon - 1]) && char.IsAsciiDigit(text[colon + 1]))
                continue;
            var items = text[(colon + 1)..].Trim();
            var isPart = PartOf(text[..colon]) != CardPart.Main;
            // “T1: squat jumps / plank”.
            if (Strokes().Split(items) is { Length: 2 } two && two.All(t => library.Understood(Scan(t).Left) is not null))
                items = string.Join(", ", two);
            isPart |= !BriefWords.Focus(text[..colon]).IsEmpty;
            var bare = HowAtEnd().Match(items) is { Success: true } how && Scan(how.Groups["how"].Value, isLine: false) is { Any: true } said && IsEmpty(said.Left) ? how.Groups["items"].Value : items;
            var listed = Parted(bare, isShort: isPart || bare.Length < items.Length).Select(i => Scan(i).Left).ToList();
            var isCoolDown = PartOf(text[..colon]) == CardPart.CoolDown;
            if (listed.Count > 0 && listed.Exists(i => i.Length > 0 && ((listed.Count > 1 && Scan(text[..colon], isLine: false).SaysBlock) || IsMove(WithoutBrackets(i)) || (isCoolDown && library.Understood(i + " stretch") is not null) || (isPart && listed.Count > 1 && i.Split(' ').Length <= 3))) && (isPart || BlockWord().IsMatch(text[..(colon + 1)]) || listed.Count > 1 || Scan(text[..colon], isLine: false).SaysBlock))
                return (text[..colon], items);
        }

        // “Stretch hips, hamstrings, lats”.
        if (StretchOf().Match(text) is { Success: true } stretched && Commas().Split(stretched.Groups["items"].Value) is { Length: > 1 } all && all.All(i => i.Split(' ').Length <= 3) && all.Any(i => library.Understood(i + " stretch") is not null))
            return (stretched.Groups["head"].Value, stretched.Groups["items"].Value);

        // “A warm-up (about 4 minutes, just marching and reaching)”.
        if (PartOf(text) != CardPart.Main && InBrackets().Match(text) is { Success: true } told && Commas().Split(told.Groups["in"].Value).SelectMany(i => And().Split(i)).Select(i => i.Trim()).ToList() is var pieces
            && pieces.FindAll(i => !IsEmpty(Scan(i, isLine: false).Left)) is { Count: > 0 } named && named.Exists(i => library.Understood(WithoutStopsAround(Scan(i).Left)) is not null) && named.TrueForAll(i => i.Split(' ').Length <= 3 && !i.Any(char.IsAsciiDigit)))
            return ($"{told.Groups["head"].Value} {string.Join(' ', pieces.Except(named))}", string.Join(", ", named.Select(WithoutStopsAround)));

        // “Warm up - 6 mins - jog, arm circles”: the last dash before a list, on a line that begins a block.
        for (var dash = text.LastIndexOf(" - ", StringComparison.Ordinal); dash > 0; dash = text.LastIndexOf(" - ", dash, StringComparison.Ordinal))
        {
            var (before, items) = (text[..dash], text[(dash + 3)..].Trim());
            if ((PartOf(before) != CardPart.Main || BlockWord().IsMatch(before) || Super().IsMatch(before) || Scan(before, isLine: false).SaysBlock) && library.Understood(Scan(before).Left) is null
                && Parted(items).ConvertAll(i => WithoutBrackets(Scan(i).Left)) is { Count: > 1 } moves && moves.Exists(i => library.Understood(i) is not null))
                return (before, items);
        }

        return (text, null);
    }

    /// <summary>Whether words name what a class is about rather than a block of it: “lower body strength”.</summary>
    private bool IsTopic(string text) => Topic().IsMatch(text) && !Scan(text, isLine: false).SaysBlock && !text.EndsWith(':') && Scan(text, isLine: false).RepsLow is null && Scan(text, isLine: false).Sets is null;

    /// <summary>A few words with nothing said but how it runs in the next line are a block's name.</summary>
    private bool IsName(CardWords line) => line.Text.Split(' ').Length <= 4 && !Scan(line.Text).Any && library.Understood(line.Text) is null
        && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && Scan(next.Text, isLine: false) is { SaysBlock: true } scan && IsEmpty(scan.Left) && !BlockWord().IsMatch(next.Text);
}
