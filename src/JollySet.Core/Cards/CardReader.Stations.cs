using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Lines of work: a move with its amount, load, sides and options, or several of them.</content>
public sealed partial class CardReader
{
    private const int MostInARow = 24;

    /// <summary>A bare number behind what is held is seconds from here.</summary>
    private const int LeastHeld = 15;

    /// <summary>No more moves are done as one.</summary>
    private const int MostAsOne = 4;

    /// <summary>The names so far, as they came.</summary>
    private readonly List<(string Name, int Block)> spoken = [];
    private static readonly HashSet<string> Adjustments = new(Enum.GetValues<Adjustment>().Select(a => Words.Of(a)), StringComparer.OrdinalIgnoreCase);

    /// <param name="isListed">Whether they stand behind a block's head: there a few words nobody knows are a move too.</param>
    private void TakeStations(CardWords line, string text, bool isListed = false)
    {
        // “Ball squat / ball crunch / ball pass” below a head that waits for its moves.
        if (!isListed && Current is { Stations.Count: 0, HasSettings: true, Part: CardPart.Main } && Strokes.Split(text) is { Length: > 2 } struck && AreShortNames(struck))
            text = string.Join(", ", struck);
        isListed |= IsListOfPart(line, text) || AreOfSuperset(text);
        if (!isListed && (BeginsBelowRounds(line) || IsBelowClosed(line)))
            blocks.Add(new CardBlock(line.Number, FreeName("A"), CardPart.Main));
        if (!isListed && Joined.Split(text) is { Length: > 1 } round && IsRound(line, round))
        {
            TakeStations(line, string.Join(", ", round), isListed: true);
            return;
        }

        if (!isListed && Joined.Split(text) is { Length: > 1 and <= 4 } joined && Array.TrueForAll(joined, p => Scan(p) is { Amount: not null, SaysBlock: false } part && Understood(WithoutBrackets(part.Left)) is not null))
        {
            TakePair(line, joined);
            return;
        }

        if (!isListed && SignsOff.IsMatch(text))
        {
            Note(line);
            return;
        }

        // “Cat cow, thread the needle (1 min each)”: all of them.
        CardScan? ofAll = null;
        if (HowAtEnd.Match(text) is { Success: true } end && Scan(end.Groups["how"].Value, isLine: false) is { IsEach: true, Length: not null } each && IsEmpty(each.Left) && Parted(end.Groups["items"].Value, isListed).Count > 1)
            (text, ofAll) = (end.Groups["items"].Value, each);
        var parts = Parted(text, isListed);
        // “Halos and side leg lifts, 20 each”: two of them, though one of the names be asked about.
        if (parts.Count == 1 && Both(text) is { } both)
            parts = both;
        // “…, squat thrusts, rest”: the last of the stations is to rest.
        var rests = parts.Count > 2 && Current is { Every: null, Part: CardPart.Main } && StationOfRest.IsMatch(parts[^1]);
        if (rests)
            parts.RemoveAt(parts.Count - 1);
        if (parts.Count > 1 && Current is { } told && parts.RemoveAll(p => SwapAlone.IsMatch(p) || TheUsual.IsMatch(p)) > 0)
            told.Notes.Add(CardText.Plain(line.Raw));
        var found = parts.Select(part => RestInSlot(line, part) ?? StationOf(line, part) ?? (isListed && part.Split(' ').Length <= FewWords && !NoName.IsMatch(part) && char.IsLetter(part[0]) && part.All(c => char.IsLetterOrDigit(c) || c is ' ' or '-' or '\'' or '+' or '/' or '&') ? Unknown(line, part) : null)).ToList();
        if (found.Contains(null) && found.Count > 1)
        {
            // In a list what is no move by itself is told beside the one before it.
            if (isListed && found[0] is not null && found.Count(f => f is null) * 2 < found.Count)
                foreach (var at in Enumerable.Range(1, found.Count - 1).Where(i => found[i] is null))
                    found.Take(at).Last(f => f is not null)!.Notes.Add(Parted(text, isShort: true)[at]);
            else if (isListed && found[0] is null && found.Count > 2 && found.Count(f => f is not null) == found.Count - 1)
                Current!.Notes.Add(Parted(text, isShort: true)[0]);
            else
                found = [StationOf(line, text)];
        }

        var stations = found.OfType<CardStation>().ToList();
        if (stations.Count == 0 || Current?.Stations.Count + stations.Count > Limits.Stations || (stations.TrueForAll(s => s.Move is null) && IsSentence(text)))
        {
            Note(line);
            return;
        }

        HeldAll(line, stations);
        // “Hip hinges, halos, squats x10 each”: so often each of them, where the last has no sides.
        if (stations.Count > 1 && stations[^1] is { Amount: not null, Sets: null, Sides: "each side", Move.Sides: MoveSides.Both } ending && CountEach.IsMatch(text) && stations.SkipLast(1).All(s => s is { Amount: null, Sets: null }))
        {
            ending.Sides = null;
            foreach (var other in stations)
                other.Amount = ending.Amount;
        }

        // “3 x 10 squats, lunges, rows”: each of them.
        if (stations is [{ Sets: not null, Amount: not null } first, _, ..] && stations.Skip(1).All(s => s is { Sets: null, Amount: null, Move: not null }))
            foreach (var other in stations.Skip(1))
                (other.Sets, other.Amount) = (first.Sets, first.Amount);
        foreach (var station in stations)
        {
            if (!Puts(line, station))
            {
                Note(line);
                return;
            }

            station.Take(Current!.ForAll);
            station.Amount ??= ofAll?.Amount;
        }

        if (rests)
            Current!.Stations[^1].Rested++;
        var unsure = questions.Exists(q => q.Line == line.Number);
        read[line.Number] = new CardLine(line.Number, line.Raw, CardLineKind.Station, "", unsure ? Sureness.Likely : Sureness.Certain, [.. stations.Select(s => s.Name)]);
    }

    /// <summary>“Station 1: battle ropes (easier: slower)”: a move whether it is known or not, and no title.</summary>
    private bool TakesNumbered(CardWords line)
    {
        if (!StationNumbered.IsMatch(line.Raw) || WithoutBrackets(line.Text) is not { Length: > 2 } name || name.Split(' ').Length > FewWords || !name.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'') || name.Contains(" - ", StringComparison.Ordinal) || !CardHead.NeedsIn(line.Text).Needs.IsEmpty || Understood(name) is not null || StationOfRest.IsMatch(name) || PartOf(name) != CardPart.Main || Begin(name).Success)
            return false;
        if (Current is null)
            blocks.Add(new CardBlock(line.Number, FreeName("A"), CardPart.Main));
        var station = Unknown(line, name);
        foreach (Match bracket in Brackets.Matches(line.Text))
            if (WaySaid(bracket.Groups["in"].Value) is { } way && station.Options.Count < MostWays)
                AddOption(station, way.Kind, way.Text);
            else
                station.Notes.Add(bracket.Groups["in"].Value);
        if (!Puts(line, station))
            Note(line);
        else
            read[line.Number] = new CardLine(line.Number, line.Raw, CardLineKind.Station, "", Sureness.Likely, [name]);
        return true;
    }

    private static CardPattern StationNumbered => field ??= new(@"^\W*(?:stations?|stn|exercise|ex)\s*#?[0-9]{1,2}\s*[-:.)]", RegexOptions.IgnoreCase);

    /// <summary>Two moves that a line names with “and” between, each with what is said of both; null where it names none such.</summary>
    private List<string>? Both(string text) =>
        Scan(text) is { Amount: not null, SaysBlock: false, Left: var names } && text.IndexOf(names, StringComparison.Ordinal) is >= 0 and var at && names.Length > 0 && And.Split(names) is { Length: 2 } two && Understood(names) is null && KnownAs(names) == Sureness.Unknown
        && two.All(n => n.Split(' ').Length <= 3 && KnownAs(n) != Sureness.Unknown) ? [.. two.Select(n => text[..at] + n + OfEachAtEnd.Replace(text[(at + names.Length)..], ""))] : null;

    private static CardPattern OfEachAtEnd => field ??= new(@"\s+(?:of\s+)?each\.?$", RegexOptions.IgnoreCase);

    /// <summary>Whether a line right below “warm up” is the list of what is done in it, known by two of its names: “toe taps, heel digs, arm reaches, seated marching”.</summary>
    private bool IsListOfPart(CardWords line, string text) => IsListBelowColon(text) || Current is { Stations.Count: 0 } block && (block.Part != CardPart.Main || (block.HasSettings && Commas.Split(text) is { Length: > 2 } many && many.All(p => p.Split(' ').Length <= FewWords && !IsSpoken.IsMatch(p)) && many.Count(p => Understood(WithoutBrackets(Scan(p).Left)) is not null) * 2 > many.Length)) && Commas.Split(text) is { Length: > 2 } pieces && pieces.Count(p => Understood(WithoutBrackets(Scan(p).Left)) is not null) > 1
        || Current is { Stations.Count: 0, HasSettings: true, Part: CardPart.Main } waiting && waiting.Line == LineAbove(line) && AreShortNames(Commas.Split(text));

    /// <summary>“5 min walk” below “6 x (200m run, 10 squats), 90s rest”: what is done so often has ended with its bracket.</summary>
    private bool IsBelowClosed(CardWords line) => blocks.Count < Limits.Blocks && Current is { Part: CardPart.Main, Stations.Count: > 0 } above && above.Line != line.Number && above.Stations.TrueForAll(s => s.Line == above.Line) && InBracketSoOften.IsMatch(LineAt(above.Line).Raw);

    private static CardPattern InBracketSoOften => field ??= new(@"^\W*[0-9]{1,2}\s*(?:x|rounds?|times|sets)\s*[(\[][^()]*[)\]][^()]*$", RegexOptions.IgnoreCase);

    /// <summary>Whether several names of a few words, letters alone, are the moves a head waits for, though only some of them are known.</summary>
    private bool AreShortNames(string[] names) => names.Length > 2 && Array.TrueForAll(names, n => n.Split(' ').Count(w => w != "+") <= 3 && n.Length > 2 && n.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'' or '+') && !IsSpoken.IsMatch(n) && !GoesOn.IsMatch(n) && !NoName.IsMatch(n) && PartOf(n) == CardPart.Main) && names.Count(n => Understood(n) is not null) * 4 >= names.Length;

    /// <summary>“Plank 60, side plank 30, hollow 30, superman 30”: where most are held for so long, bare numbers are seconds of the others too; asked.</summary>
    private void HeldAll(CardWords line, List<CardStation> stations)
    {
        var held = stations.FindAll(s => s is { Amount: [.., 's'], Move.Tags.IsHold: true });
        // Where one says that it is seconds, what does not is a count.
        if (stations.Count < 3 || held.Count * 2 < stations.Count || held.Exists(s => line.Text.Contains($"{s.Name} {s.Amount}", StringComparison.OrdinalIgnoreCase)))
            return;
        foreach (var bare in stations.Where(s => IsBareCount(s) && line.Text.Contains($"{s.Name} {s.Amount![1..]}", StringComparison.OrdinalIgnoreCase)))
            InSeconds(line, bare);
    }

    /// <summary>“Burpees 30”, “squats 30”, “plank 30” below one another: where all have one number and one of them is held, it is seconds of the others too; asked.</summary>
    private void HeldBelow()
    {
        foreach (var block in blocks.Where(b => b is { Part: CardPart.Main, Work: null, Every: null, Scheme: null, IsAmrap: false, Stations.Count: > 2 } && b.Stations.Exists(s => s is { Amount: [.., 's'], Move.Tags.IsHold: true })))
        {
            var others = block.Stations.Where(s => s.Amount is not [.., 's']).ToList();
            if (others.Count > 0 && block.Stations.Select(s => s.Amount?.Trim('x', 's')).Distinct().Count() == 1 && others.TrueForAll(s => IsBareCount(s) && LineAt(s.Line).Text.EndsWith($" {s.Amount![1..]}", StringComparison.Ordinal)))
                others.ForEach(s => InSeconds(LineAt(s.Line), s));
        }
    }

    /// <summary>“Squats 40”, “rows 40”, “rest 20” below one another: where all have one number that makes a beat with the rest, it is seconds of each; asked.</summary>
    private void TimedByRest()
    {
        foreach (var block in blocks.Where(b => b is { Part: CardPart.Main, Work: null, Every: null, Scheme: null, IsAmrap: false, IsStraight: false, Rest: null, Stations: [_, .., { Rest: > 0 }] } && b.Stations[0].Amount is ['x', ..] && b.Stations.TrueForAll(s => IsBareCount(s) && s.Amount == b.Stations[0].Amount)))
        {
            var many = int.Parse(block.Stations[0].Amount![1..], System.Globalization.CultureInfo.InvariantCulture);
            var rest = block.Stations[^1].Rest;
            if (rest >= many || (many + rest) % 15 != 0 || block.Stations.SkipLast(1).Any(s => s.Rest is not null) || !block.Stations.TrueForAll(s => LineAt(s.Line).Text.EndsWith($" {many}", StringComparison.Ordinal)) || !words.Exists(w => w.Number > block.Stations[^1].Line && BareRest.Match(w.Text) is { Success: true } m && m.Groups["n"].Value == $"{rest}"))
                continue;
            (block.Work, block.Rest, block.Stations[^1].Rest) = (many, rest, null);
            var (first, line) = (block.Stations[0], LineAt(block.Stations[0].Line));
            block.Stations.ForEach(s => s.Amount = null);
            Ask(line, $"{many} seconds of each?", ("seconds", line.Raw), ($"{many} times", line.Raw.Replace($"{first.Name} {many}", $"{first.Name} x{many}", StringComparison.Ordinal)));
        }
    }

    private static CardPattern BareRest => field ??= new(@"^rest\s+(?<n>[1-9][0-9])\s*(?:s|secs?|seconds?)?[.!]?$", RegexOptions.IgnoreCase);

    private static bool IsBareCount(CardStation station) => station is { Amount: ['x', .. var n], Sets: null } && int.TryParse(n, out var many) && many >= LeastHeld && many % 5 == 0;

    private void InSeconds(CardWords line, CardStation bare)
    {
        var count = bare.Amount![1..];
        bare.Amount = $"{count}s";
        Ask(line, $"{count} seconds of {bare.Name}?", ("seconds", line.Raw), ($"{count} times", line.Raw.Replace($"{bare.Name} {count}", $"{bare.Name} x{count}", StringComparison.Ordinal)));
    }

    /// <summary>“Jog 2 laps”: how far, no rounds.</summary>
    private static CardPattern LapsOf => field ??= new(@"\b(?:[1-9]|one|two|three|four)\s+laps?\b(?:\s+of\s+the\s+[a-z]+)?", RegexOptions.IgnoreCase);

    /// <summary>Whether a line right below “45 s each:” is a list of short names, known or not.</summary>
    private bool IsListBelowColon(string text) => Current is { Stations.Count: 0, HasSettings: true, Part: CardPart.Main } block && LineAt(block.Line).Raw.TrimEnd().EndsWith(':') && Commas.Split(text) is { Length: > 2 } names
        && names.All(n => n.Split(' ').Length <= FewWords && n.Any(char.IsLetter) && n.All(c => char.IsLetterOrDigit(c) || c is ' ' or '-' or '\'' or '/')) && names.Any(n => Understood(Scan(n).Left) is not null);

    /// <summary>Whether moves joined by + are a list, not moves done as one nor a superset: in a warm-up, or all there is below a head that says how it runs.</summary>
    private bool IsRound(CardWords line, string[] moves)
    {
        if (Current is not { Stations.Count: 0, IsSuperset: false, Letter: null } block || Array.Exists(moves, m => Scan(m).SaysBlock || Understood(WithoutBrackets(Scan(m).Left)) is null))
            return false;
        var areCounted = Array.TrueForAll(moves, m => Scan(m).Amount is not null);
        if (block.Part != CardPart.Main)
            return moves.Length > 2 || areCounted;
        var isAlone = words.Find(w => w.Number > line.Number && w.Text.Length > 0) is not { } next || !IsStation(next.Text);
        return moves.Length > MostAsOne || (areCounted ? block.HasSettings && (moves.Length > 2 || block.IsAmrap || block.Every is not null) : moves.Length > 2 && isAlone && (block.HasSettings || (words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } below && Scan(below.Text, isLine: false) is { SaysBlock: true } says && IsEmpty(says.Left))));
    }

    /// <summary>“Squat x12 + press x10”, each with its own amount: a superset of its own, as its head says.</summary>
    private void TakePair(CardWords line, string[] parts)
    {
        if (blocks.Count >= Limits.Blocks)
        {
            Note(line);
            return;
        }

        var head = Current is { IsSuperset: true } said && (said.Stations.Count == 0 || said.Pair is not null) ? said : null;
        var block = new CardBlock(line.Number, "", CardPart.Main) { IsSuperset = true, Pair = head?.Pair ?? head, RoundsLow = head?.RoundsLow, RoundsHigh = head?.RoundsHigh, Rest = head?.Rest, RestHigh = head?.RestHigh };
        if (head is { Stations.Count: 0 })
        {
            blocks.Remove(head);
            block.Notes.AddRange(head.Notes);
            if (Beside(Super.Replace(head.Name, ""), "") is { } words)
                block.Notes.Add(words);
            settings.Remove(head.Line);
            Say(LineAt(head.Line), CardLineKind.Setting, head.Told());
        }

        block.Name = FreeName("A");
        blocks.Add(block);
        block.Stations.AddRange(parts.Select(p => StationOf(line, p)).OfType<CardStation>());
        read[line.Number] = new CardLine(line.Number, line.Raw, CardLineKind.Station, "", questions.Exists(q => q.Line == line.Number) ? Sureness.Likely : Sureness.Certain, [.. block.Stations.Select(s => s.Name)]);
    }

    /// <summary>Whether a station found its place: not where it would begin one block more than a class has.</summary>
    private bool Puts(CardWords line, CardStation station)
    {
        if (Begun(line, station) is { } block)
        {
            if (blocks.Count >= Limits.Blocks)
                return false;
            // “3 rounds of each superset” above A1, B1, C1.
            if (block.Letter is not null && Current is { IsOfEach: true, Letter: not null } pair)
            {
                block.RunsAs(pair);
                block.IsOfEach = true;
            }

            // “Circuit A x3” right above A1: its name and how it runs.
            if (block.Letter is not null && Current is { Stations.Count: 0, Letter: null, Part: CardPart.Main, IsNamed: true, Scheme: null, IsAmrap: false, Every: null } heading && heading.Line == LineAbove(line))
            {
                block.RunsAs(heading);
                (block.Rest, block.Between) = (block.Rest ?? block.Between, null);
                block.IsOfEach = heading.IsOfEach;
                (block.Name, block.IsSuperset) = (heading.Name, heading.IsSuperset);
                block.Notes.AddRange(heading.Notes);
                blocks.Remove(heading);
                settings[heading.Line] = block;
            }

            blocks.Add(block);
        }

        Current!.Stations.Add(station);
        return true;
    }

    /// <summary>The number of the line with words before another; 0 where there is none.</summary>
    private int LineAbove(CardWords line) => words.FindLast(w => w.Number < line.Number && w.Text.Length > 0)?.Number ?? 0;

    /// <summary>Whether A1 comes a second time.</summary>
    private bool IsBegunAgain(CardWords line) => Current is { Stations.Count: > 1 } block && LetterWord.Match(line.Raw) is { Success: true } label && LetterWord.Match(LineAt(block.Stations[0].Line).Raw).Value.Equals(label.Value, StringComparison.OrdinalIgnoreCase) && label.Value.Any(char.IsAsciiDigit);

    /// <summary>Whether a part has a marked heading and the next such heading is still to come: all between them is its.</summary>
    private bool IsUnderHeading(CardBlock block, CardWords line) => LineAt(block.Line).IsHeading && words.Exists(w => w.Number > line.Number && w.IsHeading) && !words.Exists(w => w.Number > block.Line && w.Number <= line.Number && w.IsHeading);

    private const int LongOfSlots = 3;
    private const int ShortestPart = 240;

    /// <summary>The block that a station begins; null where it goes on with the one before it.</summary>
    private CardBlock? Begun(CardWords line, CardStation station)
    {
        if (line.Letter is { } letter)
            return Current?.Letter == letter && !IsBegunAgain(line) ? null : new CardBlock(line.Number, FreeName(letter.ToString()), CardPart.Main) { Letter = letter, RoundsLow = Current is { Stations.Count: 0, Letter: null } heading ? heading.RoundsLow : null };
        // “Then” alone above it: what comes next.
        if (Current is { HasSettings: true, Stations.Count: > 0, Part: CardPart.Main } ended && LineAbove(line) is > 0 and var above && above > ended.Stations[^1].Line && GoesOn.IsMatch(LineAt(above).Text) && IsEmpty(LineAt(above).Text))
            return new CardBlock(line.Number, FreeName("A"), CardPart.Main);
        // “Repeat x 2” above it: what is repeated is whole.
        if (Current is { Part: CardPart.Main, RoundsLow: > 1, Letter: null, Stations.Count: > 0 } repeated && LineAbove(line) is > 0 and var closing && closing > repeated.Stations[^1].Line && (RepeatedSo.IsMatch(LineAt(closing).Text) || RepeatedSo.IsMatch(AsTyped(LineAt(closing)))))
            return new CardBlock(line.Number, FreeName("A"), CardPart.Main);
        if (Current is { IsOwnTime: true })
            return new CardBlock(line.Number, FreeName("A"), CardPart.Main);
        // Under a marked heading sets of a warm-up are of it, beside what has none.
        if (Current is { Stations.Count: > 0 } opening && line.Number != opening.Line && opening.IsOver(station) && IsUnderHeading(opening, line))
            return new CardBlock(line.Number, FreeName(opening.Name), opening.Part);
        if (Current is null || Current.Letter is not null || Current.IsListed(line.Number, station) || Current.Pair is not null || (line.Number != Current.Line && Current.IsOver(station) && !IsUnderHeading(Current, line)) || (station.Sets > 1 && Current is { Part: CardPart.Main, Stations.Count: > 0, HasSettings: true } done && (done.ForAll is null || done.Every is not null) && done.Line != line.Number && (done.Every is not null || done.IsAmrap || done.Scheme is not null || done.RoundsLow > 1) && done.Stations.TrueForAll(s => s.Line == done.Line)) || (GoesOn.IsMatch(line.Text) && Current.Line != line.Number && (Current.Part != CardPart.Main || (Current is { HasSettings: true, Stations.Count: > 0 } && (station.Sets > 1 || (Current.RoundsLow > 1 && station.Amount is { } own && !own.StartsWith('x')))))) || (Current is { IsStraight: true, IsRested: true } && station.Sets is not null))
            return new CardBlock(line.Number, FreeName("A"), CardPart.Main);
        // “RDL 4x8 90s” below a circuit by the clock: sets of its own.
        if (station is { Sets: > 1, Amount: ['x', ..] } && Current is { Part: CardPart.Main, Work: not null, ForAll: null, Stations.Count: > 0 } timed && timed.Line != line.Number && timed.Stations.TrueForAll(s => s.Sets is null))
            return new CardBlock(line.Number, FreeName("A"), CardPart.Main);
        // “Boxing 5 mins” below a circuit of 40 s: no station of it.
        if (Current is { Part: CardPart.Main, Work: { } slot, Stations.Count: > 0 } slots && slots.Line != line.Number && station.Amount is [.., 's'] amount && SecondsOf(amount) >= Math.Max(LongOfSlots * slot, ShortestPart) && slots.Stations.TrueForAll(s => s.Amount is null))
            return new CardBlock(line.Number, FreeName("A"), CardPart.Main);
        // “If there's time: press-ups” below a block that is whole.
        if (Current is { Part: CardPart.Main, Stations.Count: > 0 } entire && (entire.HasSettings || entire.Rest is not null) && entire.Line != line.Number && !entire.Stations.Exists(s => s.Notes.Exists(IfTime.IsMatch)) && Brackets.Matches(line.Text).Any(b => IfTime.IsMatch(b.Groups["in"].Value)))
            return new CardBlock(line.Number, FreeName("A"), CardPart.Main);
        // “Press-ups 2 x max” below a superset whose moves stand on its own line.
        if (station.Sets is not null && Current is { Part: CardPart.Main, IsSuperset: true, Stations.Count: > 1 } pair && pair.Line != line.Number && pair.Stations.TrueForAll(s => s.Line == pair.Line))
            return new CardBlock(line.Number, FreeName("A"), CardPart.Main);
        if (Current is { Stations.Count: > 0, IsSuperset: false } current && (current.Stations[^1].Sets != (station.Sets ?? current.ForAll?.Sets)) && current.Part == CardPart.Main && (current.Stations[^1].Sets is not null || current.RoundsLow is null))
            return new CardBlock(line.Number, FreeName(current.HasSettings || (line.Number != current.Line && current.Stations.TrueForAll(s => s.Line == current.Line)) ? "A" : current.Name), CardPart.Main);
        // What comes behind the drink in the middle of a single round runs as what was before it.
        if (Current is { Part: CardPart.Main, After: not null, Water: true, Work: not null, RoundsLow: null, Scheme: null, Every: null, IsAmrap: false, Stations.Count: > 1 } drunk && station.Sets is null && drunk.Stations[^1].Line < line.Number)
        {
            var goesOn = new CardBlock(line.Number, FreeName("A"), CardPart.Main);
            goesOn.RunsAs(drunk);
            return goesOn;
        }

        // “2. 3 rounds: swings, rows” and “3. 100 bridges”: a number each, a part each.
        if (Current is { Part: CardPart.Main, Stations.Count: > 1, HasSettings: true } complete && complete.Line != line.Number && complete.Stations.TrueForAll(s => s.Line == complete.Line) && Counted.IsMatch(line.Raw) && Counted.IsMatch(LineAt(complete.Line).Raw))
            return new CardBlock(line.Number, FreeName("A"), CardPart.Main);
        return null;
    }

    /// <summary>A station's words; null where nothing of a station is in them.</summary>
    private CardStation? StationOf(CardWords line, string text)
    {
        var (options, own) = (new List<(string Kind, string Text)>(), new List<string>());
        var bare = WithoutOtherAtEnd(WithoutWayAtEnd(Brackets.Replace(text, m => OfBracket(text, m, options, own)), options), options);
        // “Bridges 10, hold the last one 10 secs”: the number is how often, what follows is told.
        if (CountThenWords.Match(bare) is { Success: true } counted && Understood(counted.Groups["name"].Value) is not null && Scan(counted.Groups["more"].Value, isLine: false) is var more && (more.Any || counted.Groups["more"].Value.Any(char.IsAsciiDigit)) && !IsEmpty(more.Left))
        {
            own.Add(counted.Groups["more"].Value);
            bare = $"{counted.Groups["name"].Value} x{counted.Groups["n"].Value}";
        }

        var segments = Dashes.Split(bare);
        var kept = new List<string> { segments[0] };
        foreach (var segment in segments.Skip(1))
        {
            if (WaySaid(segment.Trim()) is { } way)
                options.Add(way);
            else if (SideAlone.IsMatch(segment))
                kept[0] += $" {segment.Trim()}";
            else if (BareCount.Match(segment) is { Success: true } count)
                kept.Add("x" + count.Value.Trim());
            else if (Scan(segment, isLine: false) is { Any: true } said && (IsEmpty(said.Left) || BareCount.IsMatch(said.Left)))
                kept.Add(segment);
            else if (segment.Trim().Length > 0)
                own.Add(segment.Trim());
        }

        var scan = Scan(string.Join(", ", kept));
        var name = GoesOn.Replace(scan.Left, "").TrimStart(' ', ',', ':') is { Length: > 0 } rest ? rest : scan.Left;
        if (scan.Remark is { } remark)
            own.Add(remark);
        // “Squat x12, 30s”: a line has one amount, the other is kept in words.
        if (scan is { RepsLow: not null, Length: { } besides, IsEach: false })
            own.Add(string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{besides} s"));
        name = name.TrimEnd(',', ' ');
        if (Understood(name) is null && WithoutStopsAround(name) is { Length: > 0 } trimmed && Understood(trimmed) is not null)
            name = trimmed.TrimEnd(',', ' ');
        // “3 minutes of plank”.
        if (name.StartsWith("of ", StringComparison.OrdinalIgnoreCase) && Understood(name) is null)
            name = name[3..].TrimStart();
        // “RDL 4x8 90”: a rest most likely, and asked.
        int? restBehind = null;
        if (scan is { Sets: not null, RepsLow: not null, Gaps.Count: 0, Load: null } && NumberAtEnd.Match(name) is { Success: true } behind && Understood(name) is null && name[..behind.Index].Split(' ').Length <= 3)
        {
            name = name[..behind.Index];
            restBehind = int.Parse(behind.Groups["n"].Value, System.Globalization.CultureInfo.InvariantCulture);
            var last = line.Raw.TrimEnd();
            Ask(line, $"{behind.Groups["n"].Value}: a rest?", ($"{behind.Groups["n"].Value} s rest", last.EndsWith(behind.Groups["n"].Value, StringComparison.Ordinal) ? last + "s rest" : line.Raw), ($"{behind.Groups["n"].Value} kg", last.EndsWith(behind.Groups["n"].Value, StringComparison.Ordinal) ? last + "kg" : line.Raw));
        }

        // “Max sit-ups”: the move, and how many in words.
        if (Understood(name) is null && MostOf.Match(name) is { Success: true } most && Understood(most.Groups["name"].Value) is not null)
        {
            name = most.Groups["name"].Value;
            own.Add(most.Groups["w"].Value);
        }

        if (name.Length == 0 && own.Count > 0 && !scan.SaysBlock)
        {
            name = own[0];
            own.RemoveAt(0);
        }

        (name, var isBesideKnown) = WithoutOthers(name, options);
        name = name.TrimEnd(',', ' ');
        if (name.AsSpan().IndexOfAny(',', ':') is > 0 and var at && Understood(name) is null && Understood(name[..at].Trim()) is not null)
        {
            own.Add(name[(at + 1)..].Trim());
            name = name[..at].Trim();
        }

        // “Push-ups (knees ok)”: the way is the move with that word; where there is none it stays a note.
        for (var i = own.Count - 1; i >= 0; i--)
            if ((Allowed.Match(own[i]) is { Success: true } allowed ? EasierWay(allowed.Groups["w"].Value, name) : EasierByWord(own[i], name)) is { } easier)
            {
                options.Add(("easier", easier));
                own.RemoveAt(i);
            }

        // “Carry: farmer carry”: a word for it before its name.
        if (name.IndexOf(':', StringComparison.Ordinal) is > 0 and var label && Understood(name) is null && Understood(name[(label + 1)..].Trim()) is not null)
        {
            own.Add(name[..label].Trim());
            name = name[(label + 1)..].Trim();
        }

        // “Squat pulses x20, hold 20 s”: the last of them in this block is held.
        if (OnlyHow.IsMatch(name) && spoken.TakeLast(3).Reverse().FirstOrDefault(s => s.Block == blocks.Count && Understood($"{s.Name} {name}") is not null) is { Name: { } before })
            name = $"{before} {name}";
        if (Named(line, name, scan) is not { } named)
        {
            if (!isBesideKnown)
                return null;
            AskUnknown(line, name);
            named = (name, null);
        }

        spoken.Add((named.Name, blocks.Count));
        var station = new CardStation(line.Number, named.Name)
        {
            Move = named.Move,
            Amount = scan.IsEach && scan.Length == Current?.Work && scan.RepsLow is null ? null : scan.Amount,
            Load = scan.Load,
            Tempo = scan.Tempo,
            // “Side plank 20 s each”: what has sides is done on each.
            Sides = scan.Sides ?? (scan.IsEach && scan.Length is not null && named.Move?.Sides == MoveSides.OneSided ? "each side" : scan.SaysTotal && named.Move?.Sides == MoveSides.OneSided ? "alternating" : null),
            Sets = scan.Sets ?? (scan.RepsLow is not null || scan.Length is not null ? scan.RoundsLow : null),
        };
        // “Back squat 5/5/3/3/1”: a set of each.
        if (station is { Sets: null, Amount: ['x', .. var each] } && each.Count(c => c == '/') is > 1 and < 10 and var strokes && Current is not { HasSettings: true } && each.All(c => char.IsAsciiDigit(c) || c == '/'))
            station.Sets = strokes + 1;
        // “Plank 60”: what is held is held so long.
        if (named.Move?.Tags.IsHold == true && scan is { RepsLow: >= LeastHeld and var held, RepsHigh: null, Length: null, SaysReps: false } && (scan.Sets is not null || !TimesSign.IsMatch(text)))
        {
            station.Amount = string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{held}s");
            Ask(line, string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{held} seconds of {named.Name}?"), ("seconds", line.Raw), (string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{held} times"), line.Raw.Replace(held.ToString(System.Globalization.CultureInfo.InvariantCulture), $"x{held}", StringComparison.Ordinal)));
        }

        // “15 secs each arm” of half a minute's work: a change halfway.
        if (scan is { Sides: "each side", Length: { } half, RepsLow: null } && Current?.Work == half * 2)
            (station.Amount, station.Sides) = (null, "switch halfway");
        if (scan.SaysEachWay && scan is { Length: { } oneWay, RepsLow: null } && named.Move?.Sides == MoveSides.Both && station.Sides == "each side")
            (station.Amount, station.Sides) = (string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{oneWay * 2}s"), "reverse halfway");
        // “8 each way” of what has no sides: there and back.
        if (scan.SaysEachWay && scan.RepsLow is { } ways && named.Move?.Sides == MoveSides.Both)
            (station.Amount, station.Sides) = (string.Create(System.Globalization.CultureInfo.InvariantCulture, $"x{ways * 2}"), "reverse halfway");
        foreach (var (kind, way) in options)
            AddOption(station, kind, way);
        station.Rest = restBehind;
        foreach (var (seconds, high, _) in scan.Gaps)
            (station.Rest, station.RestHigh) = (seconds, high);
        // “Squats 45/15” in a list: its own time and rest, where they are not those of all.
        var hasOwnTimes = scan is { Work: not null, RoundsLow: null, Scheme: null, Every: null, IsAmrap: false, RepsLow: null, Length: null, Gaps.Count: 0 };
        if (hasOwnTimes && (scan.Work != Current?.Work || (scan.Rest is not null && scan.Rest != Current?.Rest)))
            (station.Amount, station.Rest) = (string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{scan.Work}s"), scan.Rest);
        // What is said of how a block runs has no place on a move's own line: it is kept beside it.
        if (!hasOwnTimes && ((scan.RoundsLow is not null && station.Sets != scan.RoundsLow) || scan.Work is not null || scan.Scheme is not null || scan.Every is not null || scan.IsAmrap))
            own.Add(LapsOf.Match(text) is { Success: true } laps && scan is { Work: null, Scheme: null, Every: null, IsAmrap: false } ? laps.Value : AsTyped(line));
        station.Notes.AddRange(own);
        // Whose knees are bad is heard beside a move too; “no jumping” there is said of the move.
        var spared = own.SelectMany(n => CardHead.NeedsIn(n).Needs).Where(n => !n.StartsWith("no ", StringComparison.Ordinal)).Distinct().ToList();
        spared.ForEach(head.AddNeed);
        if (spared.Count > 0)
            this.besides[line.Number] = $"needs: {string.Join(", ", spared)}";
        return station;
    }

    private CardStation Unknown(CardWords line, string name)
    {
        AskUnknown(line, name);
        return new CardStation(line.Number, name);
    }

    private void AskUnknown(CardWords line, string name) =>
        Ask(line, $"“{name}” is not known", [("a move of my own", Instead(line, name, name)), .. library.Reader.Read(name).Nearest.Select(n => ($"it is {n}", Instead(line, name, n))), ("a note", $"note: {line.Text}")]);

    /// <summary>Whether words name a move, or several that are done as one.</summary>
    private bool IsMove(string name) => Understood(name) is not null || (name.Split(" + ") is { Length: > 1 } parts && parts.All(p => Understood(p) is not null));

    private static CardPattern RepeatedSo => field ??= new(@"^(?:then\s+|and\s+)*repeat\b[^a-z]*(?:(?:all|it|that|the\s+circuit|everything|x|times|rounds|twice)[^a-z]*)*$", RegexOptions.IgnoreCase);
}
