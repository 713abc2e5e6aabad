using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Lines that begin a block or say how one runs.</content>
public sealed partial class CardReader
{
    /// <summary>No ladder is gone more often.</summary>
    private const int MostAgain = 5;

    /// <summary>Seconds of a drink of which nothing more is said.</summary>
    private const int Drinks = 60;

    private bool TakesBlock(CardWords line)
    {
        var text = line.Text;
        if (Backwards.IsMatch(text) || AgainIfTime.IsMatch(text))
        {
            Note(line);
            return true;
        }

        if (TakesSameMoves(line) || TakesMinutesInAll(line))
            return true;
        // “For time” above what is done.
        if (ForTimeAlone.IsMatch(text) && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } raced && IsStation(raced.Text))
        {
            blocks.Add(new CardBlock(line.Number, FreeName("For time"), CardPart.Main) { IsNamed = true });
            Say(line, CardLineKind.Block, Current!.Name);
            return true;
        }

        (text, var length) = ByTheClock(text);
        if (length is not null)
            text = AsTabata(text);
        var isSame = SameTimes.IsMatch(text) && blocks.Exists(IsSaid);
        var (before, items) = Listed(isSame ? SameTimes.Replace(text, "") : text);
        (before, var besides) = WithoutBesides(before);
        var part = PartOf(before);
        var begins = part == CardPart.Main ? Begin(before) : Match.Empty;
        // “Circuit for 16”: as many people.
        if (begins.Success && ForPeople.Match(before) is { Success: true } many)
        {
            var number = many.Groups["n"].Value;
            head.People ??= int.Parse(number, CultureInfo.InvariantCulture);
            before = before.Remove(many.Index, many.Length);
            Ask(line, $"for {number}: people or minutes?", ($"{number} people", line.Raw), ($"{number} minutes", line.Raw.Replace($"for {number}", $"{number} min", StringComparison.OrdinalIgnoreCase)));
        }

        // The number of “circuit 2” counts no rounds.
        var scan = Scan(begins.Success && char.IsAsciiDigit(begins.Value[^1]) ? before[begins.Length..] : before, isLine: false);
        var isNamed = part != CardPart.Main || begins.Success || Super.IsMatch(before) || Talk.IsMatch(before);
        var isEmpty = IsEmpty(scan.Left);
        var named = scan.Left;
        if (part != CardPart.Main && length is null && scan.Length is null && scan.RepsLow is null && BareMinutes.Match(WithoutBrackets(named)) is { Success: true } bare)
        {
            besides.AddRange(Brackets.Matches(named).Select(m => m.Groups["in"].Value));
            (length, named) = (int.Parse(bare.Groups["n"].Value, CultureInfo.InvariantCulture) * 60, WithoutBrackets(named)[..bare.Index]);
        }

        // “Finisher - 2 mins wall sit”.
        if (items is null && part == CardPart.Main && begins.Success && before.IndexOf(" - ", StringComparison.Ordinal) is > 0 and var dashed && dashed <= begins.Length + 1 && Scan(before[(dashed + 3)..]) is { SaysBlock: false, Amount: not null } alone && Understood(WithoutBrackets(alone.Left)) is not null)
            (before, items, scan, named, isEmpty) = (before[..dashed], before[(dashed + 3)..], Scan("", isLine: false), begins.Value, false);
        // “Partner challenge - 100 burpees, split however you like”.
        else if (items is null && part == CardPart.Main && begins.Success && before.IndexOf(" - ", StringComparison.Ordinal) is > 0 and var led && led <= begins.Length + 1 && before.IndexOf(", ", led, StringComparison.Ordinal) is > 0 and var tail && Scan(before[(led + 3)..tail]) is { SaysBlock: false, Amount: not null } thing && Understood(thing.Left) is not null && Scan(before[(tail + 2)..]) is { Any: false } loose && Understood(loose.Left) is null)
        {
            besides.Add(before[(tail + 2)..]);
            (before, items, scan, named, isEmpty) = (before[..led], before[(led + 3)..tail], Scan("", isLine: false), begins.Value, false);
        }

        // “Warm-up: 5 min march, squats, arm circles”: minutes before a list of which nothing else is timed are of all of it.
        if (items is not null && part != CardPart.Main && (length ?? scan.Length) is null && MinutesOfAll.Match(items) is { Success: true } total && Commas.Split(items) is { Length: > 2 } timed && timed.Skip(1).All(i => !i.Any(char.IsAsciiDigit)))
        {
            length = int.Parse(total.Groups["n"].Value, CultureInfo.InvariantCulture) * 60;
            items = items[total.Length..];
            var opener = Commas.Split(items)[0];
            Ask(line, $"{total.Groups["n"].Value} min: for all of these?", ("all of them", line.Raw), ($"the {opener.ToLowerInvariant()} alone", line.Raw.Replace(total.Value + opener, $"{opener} {total.Groups["n"].Value} min", StringComparison.Ordinal)));
        }

        // How it runs and what is done on one line: “tabata 8 x 20/10 burpees”, “21-15-9 thrusters, swings”.
        if (items is null && scan.SaysBlock && !text.EndsWith(':') && Done(named, begins.Value, scan.Scheme is not null || scan.RoundsLow is not null) is { } done)
            (items, named) = (done, begins.Value);
        // “Warm up 5 min marching and arm swings”.
        if (items is null && part != CardPart.Main && (length ?? scan.Length) is not null && Done(WarmUp.Replace(CoolDown.Replace(named, ""), ""), "", severalOnly: true) is { } several)
            (items, named) = (several, "");
        if (isEmpty && !isNamed && items is null && TakesBelowLists(line, scan))
            return true;
        if (!isNamed && !scan.SaysBlock && !(text.EndsWith(':') && !isEmpty) && items is null && !(line.IsHeading && !isEmpty) && length is null)
            return TakesUnnamed(line, scan, before, part, isEmpty);
        if (scan.Sets is not null && Understood(scan.Left) is not null && !isNamed)
            return false;
        if (isNamed && part == CardPart.Main && !scan.SaysBlock && items is null && scan.SaysStation && scan.RepsLow is null && scan.Left.Split(' ').Length > 2)
            return false;
        // A move with its rounds on one line: squats 3 rounds of 10.
        if (!isNamed && scan.SaysBlock && items is null && Scan(before) is var whole && !text.EndsWith(':') && (Understood(WithoutBrackets(whole.Left)) is not null || (GoesOn.IsMatch(text) && Understood(WithoutStopsAround(WithoutBrackets(whole.Left))) is not null)))
            return false;
        var goesOn = Current is { Stations.Count: > 0 } been && (GoesOn.IsMatch(text) ? been.Part != CardPart.Main || text.EndsWith(':') : been.Part != CardPart.Main && text.EndsWith(':'));
        if (!isEmpty && !isNamed && !goesOn && length is null && items is null && !text.EndsWith(':') && Current is { Stations.Count: > 0, Part: CardPart.Main, HasSettings: false } open
            && text.IndexOf(", ", StringComparison.Ordinal) is > 0 and var comma && Scan(text[..comma], isLine: false) is { SaysBlock: true } first && IsEmpty(first.Left) && Scan(text[(comma + 2)..]) is { Any: false } other)
        {
            open.Notes.Add(other.Left);
            return Applied(open, first, line);
        }

        if (isEmpty && !isNamed && items is null && Current is { Scheme: not null, Stations.Count: > 0 } rungs && scan is { RoundsLow: > 1 and <= MostAgain and var often, Work: null, Scheme: null, Gaps.Count: 0 } && RepeatAgain.IsMatch(text) && blocks.Count + often <= Limits.Blocks)
        {
            for (var n = 1; n < often; n++)
                blocks.Add(rungs.Again(line.Number, FreeName(rungs.Name)));
            Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"{rungs.Name}: {often} times"));
            return true;
        }

        if (items is null && length is null && (isEmpty || begins.Length == before.Length || IsEmpty(BlockWord.Replace(scan.Left, ""))) && TakesAmrapBelow(line, scan))
            return true;
        if (!isNamed && items is null && length is null && TakesRepeat(line, scan, isEmpty))
            return true;
        // Below a list how it runs may stand on several lines.
        if (isEmpty && !isNamed && !goesOn && length is null && items is null && Current is { Part: CardPart.Main, Stations.Count: > 0 } listed && settings.GetValueOrDefault(LineAbove(line)) == listed && LineAbove(line) > listed.Stations[^1].Line
            && (scan.Work is null || listed.Work is null) && (scan.RoundsLow is null || listed.RoundsLow is null) && scan is { Scheme: null, Every: null, IsAmrap: false } && (words.Find(w => w.Number > line.Number && w.Text.Length > 0) is not { } after || after.Letter is not null || !IsStation(after.Text)))
            return Applied(listed, scan, line);
        if (isEmpty && !isNamed && !goesOn && length is null && items is null && Current is { IsOwnTime: false } current && !IsOfOthers(line, current, scan) && !IsWhole(current, scan) && !IsDone(current, scan, line) && ((current.Stations.Count == 0 && !(current.Part != CardPart.Main && (current.Length is not null || (current.Notes.Count > 0 && scan.RoundsLow > 1)) && (scan.Work is not null || scan.Scheme is not null || scan.Every is not null || scan.IsAmrap || scan.RoundsLow > 2 || text.EndsWith(':')))) || (current.Part == CardPart.Main && !current.HasSettings && !((scan.Scheme is not null || scan.IsAmrap || (scan.Every is not null && current.Stations.Exists(s => s.Sets > 1))) && current.Stations.Count > 0 && current.Stations.TrueForAll(s => s.Amount is not null))) || scan.Work is null && scan.Scheme is null && scan.Every is null && !scan.IsAmrap && current.RoundsLow is null && current is not { Part: not CardPart.Main, Length: not null, Stations.Count: 0 }) && Applied(current, scan, line))
            return true;
        // “40/20: squats, rows” right below “circuit x3”: how long, and what, of the block that has neither.
        if (isEmpty && !isNamed && !isSame && length is null && items is not null && scan is { Work: not null, RoundsLow: null, Scheme: null } && Current is { Part: CardPart.Main, IsNamed: true, Stations.Count: 0, RoundsLow: not null, Work: null, Scheme: null, Length: null, IsOwnTime: false } waiting && LineAbove(line) == waiting.Line)
        {
            Applied(waiting, scan, line, isSetting: false);
            TakeItems(waiting, items, part, line);
            return true;
        }

        // Words behind how it runs are no name: “40 s work, 10 s rest, all on the mat”.
        var isBehind = part == CardPart.Main && !isNamed && !isEmpty && items is null && (!text.EndsWith(':') || SaysHow.IsMatch(named)) && char.IsAsciiDigit(text[0]) && !line.IsHeading;
        var entitled = begins.Success && char.IsAsciiDigit(begins.Value[^1]) && named != begins.Value ? $"{begins.Value}{(before[begins.Length..].StartsWith(" - ", StringComparison.Ordinal) && named.Length > 0 && char.IsLetter(named[0]) ? " –" : "")} {named}" : named;
        // “Hello + kit check (1 DB, mat)”: its name stands before the bracket, the kit in it is heard.
        var isTalk = part == CardPart.Main && (Talk.IsMatch(before) || (length is not null && TalkWord.IsMatch(before)));
        var asides = besides;
        if (isTalk && Brackets.Match(before) is { Success: true, Index: > 0 } told && Scan(told.Groups["in"].Value, isLine: false).Length is null)
        {
            head.AddKits(told.Groups["in"].Value);
            asides.AddRange(new[] { told.Groups["in"].Value, before[(told.Index + told.Length)..].Trim(' ', ',', ';', '-', '.') }.Where(a => a.Any(char.IsLetterOrDigit)));
            before = entitled = named = before[..told.Index].Trim();
        }

        var block = new CardBlock(line.Number, NameOf(before, entitled, part, isEmpty || isBehind || named.Length == 0), part) { Length = length ?? scan.Length, IsTalk = isTalk, IsNamed = begins.Success, Begun = line.Text };
        if (scan.IsEach || scan.SaysEachSide)
            block.Length = length;
        block.IsSuperset = Super.IsMatch(before);
        block.IsOfEach = OfEachBelow.IsMatch(line.Raw);
        block.Notes.AddRange(asides);
        var isForTime = ForTime.IsMatch(line.Raw);
        if (isForTime && block.IsUnnamed && !LetteredHead.IsMatch(line.Raw))
            block.Name = FreeName("For time");
        else if (isForTime && !block.Name.Contains("for time", StringComparison.OrdinalIgnoreCase) && !block.Notes.Exists(n => ForTime.IsMatch(n)))
            block.Notes.Add("for time");
        blocks.Add(block);
        Applied(block, scan, line, isSetting: false);
        if (isSame)
        {
            var like = blocks.FindLast(b => b != block && IsSaid(b))!;
            block.RunsAs(like);
            block.Scheme ??= like.Scheme;
        }
        // “Superset (x3, 60s)”: a time beside a count is the rest.
        if (block.IsSuperset && scan is { Length: <= 180 and var rest, IsEach: false, Gaps.Count: 0 } && (scan.RoundsLow ?? scan.RepsLow) > 1)
        {
            block.Length = length;
            Gap(block, rest, CardGap.Unsaid, onHead: true);
        }

        if (items is not null)
            TakeItems(block, items, part, line);

        // Words that are neither its name nor how it runs are kept beside it.
        if ((items is null || isEmpty || begins.Success || entitled.StartsWith(block.Name, StringComparison.OrdinalIgnoreCase)) && Beside(entitled, block.Name, part) is { } beside && !block.Notes.Exists(n => n.Contains(beside, StringComparison.OrdinalIgnoreCase)))
        {
            // What had its middle taken out is kept whole.
            var kept = beside.Contains(", ,", StringComparison.Ordinal) || beside.Count(c => c == '(') != beside.Count(c => c == ')') || (IsSpoken.IsMatch(line.Text) && !line.Text.Contains(beside, StringComparison.Ordinal)) ? AsTyped(line) : beside;
            if (!block.Notes.Contains(kept))
                block.Notes.Add(kept);
            if (part == CardPart.Main)
                head.HearPeople(beside);
            foreach (var piece in Commas.Split(beside))
                if (OnlyThis.Match(piece) is { Success: true } only)
                    head.AddKit(only.Groups["k"].Value);
        }

        Say(line, CardLineKind.Block, block.Name);
        return true;
    }

    /// <summary>“3 rounds, 40/20” above moves and below a block whose moves each say their own sets: how the moves below it run.</summary>
    private bool IsOfOthers(CardWords line, CardBlock above, CardScan scan) =>
        (scan.RoundsLow ?? scan.Work) is not null && above.Stations.Count > 0 && (above.Stations.TrueForAll(s => s.Amount is { } amount && (s.Sets > 1 || amount.Contains('/', StringComparison.Ordinal))) || IsTimedList(above))
        && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } below && IsStation(below.Text);

    /// <summary>“Core 5 min: plank, crunches”: how long all of it is has been said, and all that is done in it.</summary>
    private static bool IsTimedList(CardBlock block) => block is { Part: CardPart.Main, Length: >= 60, Work: null, RoundsLow: null, Every: null } && block.Stations.Count > 1 && block.Stations.TrueForAll(s => s.Line == block.Line);

    private static CardPattern ForTime => field ??= new(@"(?<!\bnot\s)\bfor\s+time\b|\bRFT\b", RegexOptions.IgnoreCase);

    private static CardPattern LetteredHead => field ??= new(@"^\W*[A-H]\s*(?:[.):/-]|\s-)");

    /// <summary>“Repeat whole thing if there's time”: nobody can say whether there is.</summary>
    private static CardPattern AgainIfTime => field ??= new(@"^(?:and\s+|then\s+)?(?:repeat|do|go|run)\b[a-z ']{0,30}\bif\s+(?:there(?:'s|\s+is)\s+|we\s+have\s+|you\s+have\s+)?(?:any\s+)?time[a-z ]{0,12}[.!]*$", RegexOptions.IgnoreCase);

    private static CardPattern ForTimeAlone => field ??= new(@"^for\s+time\s*[:-]?$", RegexOptions.IgnoreCase);

    /// <summary>A line without a name that says nothing of how a block runs: of the block it is in, or the head of one because of what is below it.</summary>
    private bool TakesUnnamed(CardWords line, CardScan scan, string before, CardPart part, bool isEmpty)
    {
        var isName = IsName(line);
        if (isEmpty && scan.Sets is not null && TakesUnder(line, scan))
            return true;
        // “(Each side)” below a move: how that one is done.
        if (isEmpty && scan is { SaysEachSide: true, Amount: null, Work: null, SaysBlock: false, Gaps.Count: 0 } && Current is { Stations: [.., var done] })
        {
            done.Sides ??= scan.Sides ?? "each side";
            Say(line, CardLineKind.Setting, $"{done.Name}: {done.Sides}");
            return true;
        }

        if (isEmpty && Current is null && scan.IsEach && (scan.Gaps.Count > 0 || line.Text.EndsWith(':') || (scan.Length is not null && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } opens && (IsStation(opens.Text) || AreMoves(opens.Text) || AreMoves(opens.Text.Replace(" / ", ", ", StringComparison.Ordinal)) || ListIs.IsMatch(opens.Text)))))
            blocks.Add(new CardBlock(line.Number, FreeName("A"), CardPart.Main));
        else if (isEmpty && (scan.SaysEachSide || scan.Sets is not null) && (Current is not { Stations.Count: 0 } || Current is { Part: not CardPart.Main, Length: not null }))
            blocks.Add(new CardBlock(line.Number, FreeName("A"), CardPart.Main));
        else if (isEmpty && Current is { } complete && IsWhole(complete, scan))
            blocks.Add(new CardBlock(line.Number, FreeName("A"), CardPart.Main));
        else if (isName |= IsOverMoves(line, scan) || IsNextPart(line, scan))
        {
            blocks.Add(new CardBlock(line.Number, NameOf(before, WithoutBrackets(scan.Left), part, isEmpty), CardPart.Main));
            if (Beside(scan.Left, Current!.Name) is { } others)
                Current.Notes.Add(others);
        }

        if (isName || (isEmpty && Current is not null && (scan.RepsLow is not null || scan.IsEach || scan.SaysEachSide || scan.Sets is not null)))
            return Applied(Current!, scan, line);
        return false;
    }

    /// <summary>“3 rounds” below “Buy-in: 50 skips” or an EMOM, with moves of its own below it, is not theirs.</summary>
    private bool IsDone(CardBlock block, CardScan scan, CardWords line) =>
        scan is { RoundsLow: not null, Work: null, Scheme: null, Every: null, IsAmrap: false } && block is { Part: CardPart.Main, Stations.Count: > 0 } && ((block is { IsNamed: true, HasSettings: false } && block.Stations.TrueForAll(s => s.Line == block.Line && s.Amount is not null)) || block.Every is not null || block.IsAmrap || block.Scheme is not null) && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && (IsStation(next.Text) || (GoesOn.IsMatch(line.Text) && Scan(next.Text) is { SaysBlock: false, Amount: not null })) && !Begin(next.Text).Success;

    /// <summary>Whether how a block runs is said: of its rounds or of each of its moves.</summary>
    private static bool IsSaid(CardBlock block) => block is { Part: CardPart.Main } && (block.HasSettings || block.ForAll is not null);

    /// <summary>Whether a warm-up told on one line, moves and all, is not what a line about each move speaks of.</summary>
    private static bool IsWhole(CardBlock block, CardScan scan) =>
        (block is { Part: CardPart.Main, Every: not null, Stations.Count: > 0 } && scan is { Work: not null, Rest: not null }) ||
        block is { Part: not CardPart.Main, Stations.Count: > 1 } && (block.Length is not null || block.Stations.Exists(s => s.Amount is not null)) && block.Stations.TrueForAll(s => s.Line == block.Line) && (scan.IsEach || scan.SaysBlock);

    /// <summary>What is left of a block's words besides its name; null where it is nothing or only filler.</summary>
    private static string? Beside(string left, string name, CardPart part = CardPart.Main)
    {
        left = part == CardPart.Main ? left : AtTheEnd.Replace(GoesOn.Replace(left, "").Trim(), "");
        var words = name.Length <= 1 ? left : left.StartsWith(name, StringComparison.OrdinalIgnoreCase) ? left[name.Length..] : !left.Contains(name, StringComparison.OrdinalIgnoreCase) ? left : left.Remove(left.IndexOf(name, StringComparison.OrdinalIgnoreCase), name.Length);
        words = words.Trim(' ', ',', '.', ':', ';', '-', '!', '(', ')', '[', ']', '/', '+', '|');
        // “(2 sets of 10) of each, rest when you need to”.
        if (words.StartsWith("of each, ", StringComparison.OrdinalIgnoreCase))
            words = words["of each, ".Length..];
        return WithoutStops(words) is { Length: > 2 } said && said.Any(char.IsLetter) && !LeadsInto.IsMatch(words) && (part != CardPart.Main || BlockWord.Match(words).Length < words.Length) ? words : null;
    }

    /// <summary>“Start with a little (warm up)”, “a good (stretch)”: words that only lead to a part.</summary>
    private static CardPattern LeadsInto => field ??= new(@"^(?:(?:start|starting|finish|finishing|end|begin|with|an?|some|the|little|quick|nice|good|proper|short|bit|of|first|then|just)\b\s*)+$", RegexOptions.IgnoreCase);

    /// <summary>The moves that are left of a block's line: one after its word, or several; null where they are none.</summary>
    private string? Done(string left, string begins, bool severalOnly)
    {
        left = GoesOn.Replace(left, "").TrimStart(' ', ',', ':');
        var rest = begins.Length > 0 && left.StartsWith(begins, StringComparison.OrdinalIgnoreCase) ? left[begins.Length..].Trim(' ', ':', '-', ',') : left;
        var parts = Parted(UpOrDown.Replace(rest, ""));
        if (parts.Count == 1 && Understood(parts[0]) is null && InARow(parts[0]) is { } row)
            parts = row;
        if (parts.Count == 1 && AndSign.Split(parts[0]) is { Length: > 1 } both && Understood(parts[0]) is null)
            parts = [.. both];
        // “… & burpees, cap 8'”: what is told behind the moves is kept beside the block.
        while (parts.Count > 1 && Cap.IsMatch(parts[^1]) && IsEmpty(Scan(parts[^1], isLine: false).Left))
            parts.RemoveAt(parts.Count - 1);
        rest = string.Join(", ", parts);
        // In a list of three a name may be asked about: “lunges, curls, dips”.
        var known = parts.Count(p => Understood(WithoutBrackets(Scan(p).Left)) is not null);
        var areMoves = known == parts.Count || (parts.Count > 2 && known > 0 && parts.TrueForAll(p => Scan(p) is { RepsLow: not null } own && KnownAs(WithoutBrackets(own.Left)) != Sureness.Unknown)) || (known > 1 && known * 2 > parts.Count && parts.TrueForAll(p => p.Split(' ').Length <= 3 && p.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'')));
        return rest.Length > 0 && (begins.Length > 0 || (severalOnly && parts.Count > 1)) && areMoves ? rest : null;
    }

    /// <summary>Gives a block what a line says of how it runs.</summary>
    private bool Applied(CardBlock block, CardScan scan, CardWords line, bool isSetting = true)
    {
        // “3 rounds of each pair” below several: of all of them.
        if (isSetting && block.IsLinked && scan.RoundsLow is not null && OfEachBelow.IsMatch(line.Raw))
            foreach (var pair in blocks.AsEnumerable().Reverse().SkipWhile(b => b != block).Skip(1).TakeWhile(b => b is { IsLinked: true, RoundsLow: null }).ToList())
                Applied(pair, scan, line, isSetting: false);
        // “x3” beside no other count is rounds; “10 x each, 3 rounds” and “3 x 12” are what every station does.
        var forAll = scan.Sets is not null || scan.IsOfAll || scan.SaysReps || (scan.RoundsLow is not null && scan.RepsLow is not null) || scan.SaysEachSide;
        block.ForAll = forAll ? scan : block.ForAll;
        // “10 of each, 2 rounds” below bare names is theirs.
        if (isSetting && scan is { IsOfAll: true, Sets: null } && block.Stations.TrueForAll(s => s is { Amount: null, Sets: null }))
            block.Stations.ForEach(s => s.Take(scan));
        block.RoundsLow = scan.RoundsLow ?? block.RoundsLow ?? (!forAll && scan.RepsLow is > 0 and <= Limits.Rounds ? scan.RepsLow : null);
        block.RoundsHigh = scan.RoundsHigh ?? block.RoundsHigh;
        block.Work = scan.Work ?? (scan.IsEach || scan.SaysEachSide ? scan.Length : null) ?? block.Work;
        block.Rest = scan.Rest ?? block.Rest;
        block.ByRound = scan.ByRoundTimes ?? block.ByRound;
        block.Off = scan is { Work: not null, Rest: { } off } ? off : block.Off;
        block.SaysNoRest |= scan.SaysNoRest;
        block.Tabatas ??= scan.Tabatas;
        block.SaysEach |= scan is { RoundsLow: > 1, Work: not null, Rest: not null } && SoOftenEach.IsMatch(line.Text);
        block.IsEachWhole |= scan is { RoundsLow: > 1, Work: not null, Rest: not null, Gaps.Count: > 0 } && WholeEach.IsMatch(line.Text);
        (block.Scheme, block.Every, block.Total, block.IsAmrap) = (scan.Scheme ?? block.Scheme, scan.Every ?? block.Every, scan.Total ?? block.Total, scan.IsAmrap || block.IsAmrap);
        if ((isSetting || scan.IsAmrap) && !scan.IsEach)
            block.Length = scan.Length ?? block.Length;
        // “15 s rest between, 3 rounds, 45 s between rounds”: the one that says no more is between the moves.
        var isOfRounds = scan.Gaps.Count > 1 && scan.Gaps.Exists(g => g.For == CardGap.Rounds);
        foreach (var (seconds, high, gap) in scan.Gaps)
            Gap(block, seconds, isOfRounds && gap == CardGap.Unsaid ? CardGap.Moves : gap, onHead: true, high);
        block.WaterBetween |= scan.SaysWater && scan.Gaps.Exists(g => g.For == CardGap.Rounds);
        if (scan.IsDrinkOpen)
        {
            (block.Between, block.WaterBetween) = (block.Between ?? Drinks, true);
            Ask(line, "how long for the drink between rounds?", [.. new[] { "60 s", "30 s", "90 s" }.Select(t => (t, WaterBetweenWord.Replace(line.Raw, $"{t} water between", 1)))]);
        }

        // What a block has no word for is kept beside it.
        if (scan.Load is not null || scan.Remark is not null || (!forAll && (scan.Sides is not null || scan.Tempo is not null)))
            block.Notes.Add(AsTyped(line));
        // A ladder goes its rungs once.
        if (block.Scheme is { } rungs && scan.Scheme is null && (scan.RoundsLow ?? (TimesOnly.IsMatch(line.Text) || scan.RepsLow is null ? null : scan.RepsLow)) is { } times && times != rungs.Numbers.Count && (scan.RoundsLow is not null || IsEmpty(scan.Left)))
            block.Notes.Add(AsTyped(line));
        if (isSetting)
            settings[line.Number] = block;
        return true;
    }

    private static void Gap(CardBlock block, int seconds, CardGap gap, bool onHead, int? high = null)
    {
        // “20/10 x 8 each” and a minute between exercises: all of one before the next.
        if ((gap == CardGap.Moves || (gap == CardGap.After && block.Stations.Count > 1)) && block is { SaysEach: true, Rest: { } short_ } && short_ < seconds)
        {
            (block.IsEachWhole, block.Between) = (true, seconds);
            return;
        }

        var isLinked = block.Letter is not null || block.IsSuperset || block.Scheme is not null;
        if (gap == CardGap.After || (!onHead && block is { Stations.Count: 0, Begun: { } begun } && SaysSame.IsMatch(begun)))
            block.After = seconds;
        else if (block is { IsStraight: true, IsSuperset: false, Letter: null } && !onHead && gap == CardGap.Unsaid && block.ForAll is null)
            (block.Stations[^1].Rest, block.Stations[^1].RestHigh) = (seconds, high);
        else if (block.Scheme is not null && gap == CardGap.Moves)
            (block.Pause, block.Rest) = (seconds, block.Rest ?? seconds);
        else if (block.Pause is not null && gap == CardGap.Rounds)
            block.Rest = seconds;
        else if (block.Scheme is not null && block.Rest is { } inner && inner != seconds)
            block.Notes.Add(string.Create(CultureInfo.InvariantCulture, $"rest {seconds} s"));
        else if (gap == CardGap.Moves && !isLinked && block is { RoundsLow: > 1, Work: not null, Rest: { } within } && seconds > within)
            block.Between = seconds;
        else if (gap == CardGap.Moves && !isLinked && block.RoundsLow > 1 && block.Stations.Count > 1 && block.Stations.TrueForAll(s => s.Rest is not null))
            block.Between = seconds;
        else if (isLinked || block.IsStraight || block.ForAll?.Sets is not null || gap == CardGap.Moves)
            (block.Rest, block.RestHigh) = (seconds, high);
        else if (gap == CardGap.Rounds)
            block.Between = seconds;
        else if (!onHead && block.Stations.Count > 0)
            (block.Stations[^1].Rest, block.ClosesAfterRounds) = (seconds, block is { Rest: not null, RoundsLow: > 1 } || block.Name.Contains("tabata", StringComparison.OrdinalIgnoreCase));
        else if (block.Rest is not null || seconds >= LongRest || (block.RoundsLow > 1 && block.Work is null && !(onHead && block.Stations.Count > 1 && block.Stations.TrueForAll(s => s.Amount is [.., 's']))))
            block.Between = seconds;
        else
            (block.Rest, block.RestHigh) = (seconds, high);
    }
}
