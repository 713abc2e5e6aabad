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
    private const int ShortestByClock = 10;

    /// <summary>Lines of a card.</summary>
    public const int MostLines = 2000;

    /// <summary>Said of a card that is larger.</summary>
    public static string TooLarge { get; } = string.Create(System.Globalization.CultureInfo.InvariantCulture, $"a card is at most {MostBytes / 1000} kB and {MostLines} lines, and no more than a class can keep; cut it in two");
    private readonly MoveLibrary library;
    private readonly HashSet<string> guessed;
    private readonly List<CardWords> words;
    private readonly HashSet<int> refused;
    private readonly CardHead head = new();
    private readonly List<CardBlock> blocks = [];
    private readonly List<string> notes = [];
    private readonly Dictionary<int, CardLine> read = [];
    private readonly List<CardQuestion> questions = [];
    private readonly Dictionary<int, CardBlock> settings = [];
    private int? lastMinute;
    private int? lastMargin;

    /// <summary>The line whose sentence names the class.</summary>
    private int titled;

    /// <summary>What a line says besides its moves and how they run: words for the block they are of.</summary>
    private readonly List<string> beside = [];

    /// <summary>What is told of them, by their line.</summary>
    private readonly Dictionary<int, string> besides = [];

    /// <summary>Rows of a table that say a block and a move.</summary>
    private readonly HashSet<int> parted;

    private CardReader(List<CardWords> words, MoveLibrary library, HashSet<string> guessed, HashSet<int> refused)
    {
        (this.words, this.library, this.guessed, this.refused) = (words, library, guessed, refused);
        parted = [.. words.Zip(words.Skip(1)).Where(w => w.First.Number == w.Second.Number).Select(w => w.First.Number)];
    }

    private readonly Dictionary<(string, bool), CardScan> scans = [];

    /// <summary>What a stretch of words says; each is taken apart once.</summary>
    private CardScan Scan(string text, bool isLine = true)
    {
        if (!scans.TryGetValue((text, isLine), out var scan))
            scans[(text, isLine)] = scan = new CardScan(text, isLine);
        return scan;
    }

    private readonly Dictionary<string, (string Head, string? Items)> lists = [];
    private readonly Dictionary<string, Move?> understood = [];

    /// <summary>The move that a name certainly means; each name is read once. A rest is none on a card: it is a gap, or a station of its own.</summary>
    private Move? Understood(string name)
    {
        if (!understood.TryGetValue(name, out var move))
            understood[name] = move = StationOfRest.IsMatch(name) ? null : library.Understood(name) ?? (guessed.Contains(name) ? Guessed : null);
        return move;
    }

    /// <summary>What stands for a move that nobody knows: one of which nothing is known.</summary>
    private static readonly Move Guessed = new("?", [], Pattern.Any, Posture.Standing, MoveSides.Both, PaceClass.Leg, LoadClass.None, Impact.Low, [], [], [], [], [], "", "", "", System.Collections.Immutable.ImmutableSortedDictionary<string, string>.Empty);

    private HashSet<string> GuessedWords => field ??= new(guessed.SelectMany(g => g.Split(' ')), StringComparer.OrdinalIgnoreCase);

    private bool IsWord(string word) => library.Reader.IsWord(word) || GuessedWords.Contains(word);

    /// <summary>How surely a name is known; one that is guessed has to be asked about.</summary>
    private Sureness KnownAs(string name) => guessed.Contains(name) ? Sureness.Likely : library.Reader.Read(name).Known;

    private CardBlock? Current => blocks.Count > 0 ? blocks[^1] : null;

    /// <summary>The card as it is understood; null where it is larger than a card may be, or than a class can keep.</summary>
    public static CardReading? Read(string text, MoveLibrary? library = null)
    {
        if (System.Text.Encoding.UTF8.GetByteCount(text) > MostBytes)
            return null;
        // What was sent as a sheet, a card or a table of ours reads as it is.
        var known = library ?? MoveLibrary.Shipped;
        var plain = (text.Contains("\n==", StringComparison.Ordinal) && SheetReader.Read(text, library).Plan is { } sheet ? Keeping.Gate.Pass(sheet).Passed?.Plan : null) ?? PlainCard.Read(text, known) ?? PlainTable.Read(text, known);
        if (plain is not null)
            return new CardReading(plain, [.. text.ReplaceLineEndings("\n").Split('\n').Select((l, i) => new CardLine(i + 1, l, l.Trim().Length == 0 ? CardLineKind.Blank : CardLineKind.Station, l.Trim(), Sureness.Certain, []))], []);
        if (text.ReplaceLineEndings("\n").Count(c => c == '\n') >= MostLines)
            return null;
        var guessed = CardGuesses.In(Array.ConvertAll(text.ReplaceLineEndings("\n").Split('\n'), l => l.Length > CardText.LongestLine ? "" : CardText.Plain(l)), w => known.Understood(w) is not null && PartOf(w) == CardPart.Main);
        var lines = CardText.Lines(text.Replace('\0', ' '), known, guessed);
        var refused = new HashSet<int>();
        for (var tries = 0; tries <= MostTries; tries++)
        {
            var reader = new CardReader(lines, known, guessed, refused);
            if (tries == MostTries)
                refused.UnionWith(lines.Select(l => l.Number));
            reader.ReadLines();
            var (plan, wrong) = CardSheet.Plan(reader.head, reader.blocks, reader.notes);
            if (plan is not null)
                return new CardReading(plan, [.. lines.GroupBy(l => l.Line).Select(reader.LineOf)], [.. reader.questions.Select(q => OfWhole(q, lines)).Concat(OtherClasses(text)).OrderBy(q => q.Line).ThenBy(q => q.Column)]);
            // What no sheet can say is kept as a note; where that cannot be told, the later half is: a class too long is cut at its end.
            var told = wrong.Where(n => n > 0).ToList();
            var left = lines.Select(l => l.Number).Where(n => !refused.Contains(n)).Distinct().ToList();
            refused.UnionWith(told.Count > 0 ? told : left.Skip(left.Count / 2));
        }

        return null;
    }

    /// <summary>A card of several classes, read as one, is asked about where each of the others begins.</summary>
    private static IEnumerable<CardQuestion> OtherClasses(string text) =>
        CardClasses.Of(text).Skip(1).Select(c => (At: c.Lines[0], Line: c.Text.Split('\n')[0])).Select(c => new CardQuestion(c.At, 1, "another class begins here?", [new CardChoice("part of this class", c.Line), new CardChoice("a note", $"note: {c.Line.Trim()}")]));

    /// <summary>What is said of a line: of each of its sentences, where it has several.</summary>
    private CardLine LineOf(IGrouping<int, CardWords> line)
    {
        var whole = line.First().Whole;
        var said = line.DistinctBy(w => w.Number).Select(w => read.GetValueOrDefault(w.Number) ?? new CardLine(line.Key, whole, CardLineKind.Blank, "", Sureness.Certain, [])).ToList();
        var chief = said.Find(s => s.Kind is CardLineKind.Block or CardLineKind.Station) ?? said.Find(s => s.Kind is not (CardLineKind.Note or CardLineKind.Blank)) ?? said[0];
        return chief with
        {
            Line = line.Key,
            Text = whole,
            Read = string.Join("; ", said.Select(s => s.Read).Where(r => r.Length > 0).Distinct()),
            Sure = said.Exists(s => s.Sure == Sureness.Likely) ? Sureness.Likely : chief.Sure,
            Moves = [.. said.SelectMany(s => s.Moves)],
        };
    }

    /// <summary>A question of one of several sentences on a line: its answer puts each of them on a line of its own.</summary>
    private static CardQuestion OfWhole(CardQuestion question, List<CardWords> lines)
    {
        var at = lines.Find(l => l.Number == question.Line)!.Line;
        var parts = lines.Where(l => l.Line == at).DistinctBy(l => l.Number).ToList();
        return parts.Count == 1 ? question with { Line = at }
            : question with { Line = at, Choices = [.. question.Choices.Select(c => c with { Instead = string.Join('\n', parts.Select(p => p.Number == question.Line ? c.Instead : p.Raw)) })] };
    }

    private void ReadLines()
    {
        var isFirst = true;
        var taken = TakesHeadings();
        foreach (var line in words)
        {
            if (taken.Contains(line.Number))
            {
                isFirst = false;
                continue;
            }

            if (line.Text.Length == 0)
            {
                if (line.Raw.Any(char.IsLetterOrDigit))
                    Say(line, CardLineKind.Head, CardNumbers.IsTimed(line.Raw) ? "the end" : CardNumbers.IsOfPairs(line.Raw) || CardTabatas.IsOfTabatas(line.Raw) || CardShared.IsHow(CardWording.AsStations(line.Raw)) ? "how each of them runs" : "the table’s headings");
                continue;
            }

            if (refused.Contains(line.Number) || line.IsLong || line.Text.Length > CardText.LongestLine)
                Note(line);
            else
                Take(line, isFirst);
            DropBegun(line);
            KeepBeside(line);
            isFirst &= IsAnswered(line);
        }

        // A warm-up's minutes are not the class's.
        head.Minutes ??= lastMinute >= ShortestByClock ? lastMinute : null;
        TitledByItsBlock();
        TitledByItsDay();
        TitledAsWritten();
        HeldOver();
        Share();
        // “… a warm-up first”, told below the rest: before all but words.
        if (blocks.FindIndex(b => b.Part == CardPart.WarmUp || (b is { Stations.Count: 0, Length: not null } && StartsLine.IsMatch(LineAt(b.Line).Raw))) is > 0 and var late && blocks.FindIndex(b => b is { Part: CardPart.Main, IsTalk: false }) is >= 0 and var main && main < late && ComesFirst.IsMatch(LineAt(blocks[late].Line).Raw))
        {
            var warmUp = blocks[late];
            blocks.RemoveAt(late);
            blocks.Insert(main, warmUp);
        }

        // “Before it we do back squats”: before the block told above.
        for (var at = 1; at < blocks.Count; at++)
            if (blocks[at - 1].Part == CardPart.Main && blocks[at].Part == CardPart.Main && blocks[at].Line != blocks[at - 1].Line && BeforeThat.IsMatch(LineAt(blocks[at].Line).Raw))
                (blocks[at - 1], blocks[at]) = (blocks[at], blocks[at - 1]);
        StretchedAtTheEnd();
        ToldBelowWarmUp();
        CountedBelowWarmUp();
        NoMain();
        NamedByItsMove();
        OverParts();
        PutWaysToCome();
        Ways();
        HeldBelow();
        TimedByRest();
        // “T1 squats / jump squats” below “Tabata Tuesday”.
        if (head.Title.Contains("tabata", StringComparison.OrdinalIgnoreCase))
            blocks.FindAll(b => TabataNumber.IsMatch(b.Name)).ForEach(b => b.IsTabata = true);
        RestAsToldAbove();
        Split();
        foreach (var (from, to) in CardInherit.HandDown(blocks))
        {
            settings.Remove(from.Line);
            Say(LineAt(from.Line), read.GetValueOrDefault(from.Line)?.Kind == CardLineKind.Head ? CardLineKind.Head : CardLineKind.Setting, string.Join(" · ", to.Select(b => b.Told())));
        }

        foreach (var (at, to) in CardInherit.HandUp(blocks, number => LineAt(number).Text is var words && SaidMoves(words).Count == 0 ? AsTyped(LineAt(number)) : null))
        {
            settings[at] = to;
            Ask(LineAt(at), $"is this of {to.Name}?", ($"of {to.Name}", LineAt(at).Raw), ("a note", $"note: {LineAt(at).Raw.Trim()}"));
        }

        // What is done only where there is time may be dropped.
        foreach (var spare in blocks.Where(b => b is { Part: CardPart.Main, Stations.Count: > 0 } && (b.Notes.Exists(IfTime.IsMatch) || b.Stations.TrueForAll(s => s.Notes.Exists(IfTime.IsMatch)))))
        {
            spare.IsOptional = true;
            spare.Notes.RemoveAll(IfTime.IsMatch);
            spare.Stations.ForEach(s => s.Notes.RemoveAll(IfTime.IsMatch));
        }

        AskedOfHead();
        CardGaps.Closed(blocks, questions, words, AsTyped);
        CardKept.Lines(blocks, head, notes, words, number => read.GetValueOrDefault(number)?.Kind, AsTyped);
        // What was asked and guessed is in by now: each line is told as it will be.
        foreach (var told in blocks.SelectMany(b => b.Stations).GroupBy(s => s.Line))
            if (read.GetValueOrDefault(told.Key) is { Kind: CardLineKind.Station } line)
                read[told.Key] = line with { Read = string.Join(" · ", told.Select(s => s.Told())), Sure = questions.Exists(q => q.Line == told.Key) ? Sureness.Likely : Sureness.Certain };
        if (read.GetValueOrDefault(titled) is { Kind: CardLineKind.Note } named)
            read[titled] = named with { Read = $"{head.Title} · {named.Read}" };
        foreach (var (line, block) in settings)
            Say(LineAt(line), CardLineKind.Setting, block.Told());
        foreach (var block in blocks)
            if (read.GetValueOrDefault(block.Line)?.Kind != CardLineKind.Station || block.Stations.TrueForAll(s => s.Line != block.Line) || Listed(LineAt(block.Line).Text).Items is not null)
                // A title that says how it runs is told as both.
                Say(LineAt(block.Line), CardLineKind.Block, read.GetValueOrDefault(block.Line) is { Kind: CardLineKind.Head } title && head.Title.Length > 0 && title.Read.StartsWith(head.Title, StringComparison.Ordinal) ? $"{title.Read} · {block.Told()}" : block.Told());
        foreach (var (line, told) in besides)
            if (read.GetValueOrDefault(line) is { } said)
                read[line] = said with { Read = $"{said.Read} · {told}" };
    }

    /// <summary>Keeps words beside how a block runs; whoever has to be spared is heard in them too, and told.</summary>
    private void KeepBeside(CardWords line)
    {
        if (beside.Count == 0)
            return;
        (Current?.Notes ?? notes).AddRange(beside);
        var needs = beside.SelectMany(r => CardHead.NeedsIn(r).Needs).Distinct().ToList();
        needs.ForEach(head.AddNeed);
        besides[line.Number] = $"note: {string.Join(", ", beside)}{(needs.Count > 0 ? $" · needs: {string.Join(", ", needs)}" : "")}";
        beside.Clear();
    }

    /// <summary>“Seated:” above a move, further down: what is done sitting.</summary>
    private bool IsHeadOfSeated(CardWords line) => blocks.Count > 0 && Seated.IsMatch(line.Text) && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && IsStation(next.Text);

    private static CardPattern Seated => field ??= new(@"^(?:seated|sitting|in\s+the\s+chair|on\s+the\s+chair):$", RegexOptions.IgnoreCase);

    /// <summary>“Tues supersets” above A1 and A2.</summary>
    private bool IsOverLetters(CardWords line) => Super.IsMatch(line.Text) && !line.Text.Any(char.IsAsciiDigit) && line.Text.Split(' ').Length is > 1 and <= FewWords && words.Find(w => w.Number > line.Number && w.Text.Length > 0)?.Letter is not null;

    /// <summary>“Squats x10”, “10 squats”: said as plainly as it can be.</summary>
    private static CardPattern NameAndCount => field ??= new(@"^(?:(?<name>[a-z]{3}[a-z -]{0,36}) x[0-9]{1,3}|[0-9]{1,3} (?<name>[a-z]{3}[a-z -]{0,36}))$", RegexOptions.IgnoreCase);

    /// <summary>Whether a rest stands right above a line, below a move.</summary>
    private bool IsBelowRest(CardWords line) => LineAbove(line) is > 0 and var above && Current is { Stations: [.., var last] } && last.Line < above && Scan(LineAt(above).Text, isLine: false) is { Gaps.Count: > 0, SaysBlock: false } rest && IsEmpty(rest.Left);

    /// <summary>Whether a line and the next begin with a time of the clock.</summary>
    private bool IsOfClock(CardWords line) => CardNumbers.IsTimed(line.Raw) && words.Find(w => w.Line > line.Line && w.Text.Length > 0) is { } next && CardNumbers.IsTimed(next.Raw);

    private CardBlock? begunForStations;

    /// <summary>Takes out what was begun for a line of stations that has begun a block of its own.</summary>
    private void DropBegun(CardWords line)
    {
        if (begunForStations is { Stations.Count: 0, HasSettings: false } begun && blocks.Find(b => b != begun && b.Line == line.Number) is { } own)
        {
            blocks.Remove(begun);
            own.Name = own.IsUnnamed ? begun.Name : own.Name;
        }

        begunForStations = null;
    }

    private static bool IsAnswered(CardWords line) => line.Text.StartsWith("note:", StringComparison.OrdinalIgnoreCase);

    /// <summary>“Fitness bingo Friday!”</summary>
    private static CardPattern ShoutedTitle => field ??= new(@"^(?!(?:hi|hiya|hello|hey|thanks|thank|good|happy|see|sorry|please|let's|come|enjoy|have|well|don't)\b)[a-z'&-]+(?:\s[a-z'&-]+){1,3}!$", RegexOptions.IgnoreCase);

    private static CardPattern TabataNumber => field ??= new("^T ?[1-9]$", RegexOptions.IgnoreCase);

    private CardWords LineAt(int number) => words.Find(w => w.Number == number)!;

    private void Take(CardWords line, bool isFirst)
    {
        if (!isFirst && line.IsName && Current is { Stations.Count: > 0 } && !IsBelowWays(line))
        {
            TakeStations(line, line.Text);
            return;
        }

        // What was answered with “a note” is one, on the first line too.
        if (IsAnswered(line))
        {
            Note(line);
            return;
        }

        BeginsPastWarmUp(line);
        if (TakesSpan(line) || TakesIGoYouGo(line) || TakesPartners(line) || TakesNumbered(line) || TakesWaysBelow(line) || TakesWayList(line))
            return;
        if (NameAndCount.Match(line.Text) is not { Success: true } plain || Understood(plain.Groups["name"].Value) is null)
            line = line with { Text = Reworded(AsTimings(WithoutSpared(WithWaysInBrackets(AsIfNeeded(WithWayInBracket(line)))))) };
        if (Current is { HasSettings: true, Stations.Count: 0 } && MovesAre.Match(line.Text) is { Success: true } are)
            line = line with { Text = line.Text[are.Length..] };
        // “B) 40/20 x3”: a block of that name, no bullet.
        if (LetterAlone.Match(line.Raw) is { Success: true } lettered && Scan(line.Text, isLine: false) is var alone && (alone.SaysBlock || alone.Gaps.Count > 0 || TimesOnly.IsMatch(line.Text)) && IsEmpty(alone.Left.Trim('/', '|', '~', '=')))
            line = line with { Text = $"{lettered.Groups["n"].Value.ToUpperInvariant()}: {line.Text.TrimStart('/', '|', '~', '=', ' ', ',', '-')}" };
        // “A: shuttle run” below “partners, 3 rounds”: what one of the two does.
        if (LetterOfPair.Match(line.Text) is { Success: true } half && Current is { HasSettings: true, Part: CardPart.Main } pair && (half.Groups["n"].Value is not ("A" or "a") || pair.Stations.Count == 0) && pair.Stations.Count <= char.ToUpperInvariant(half.Groups["n"].Value[0]) - 'A' && MostOf.Replace(line.Text[half.Length..], "${name}") is var done && Scan(done) is { SaysBlock: false, Sets: null } && IsStation(done))
            line = line with { Text = line.Text[half.Length..] };
        // “C1 40/20 x 3”: a block of that name, no half of a pair.
        if (line.Letter is not null && Scan(line.Text, isLine: false) is { SaysBlock: true, Sets: null } circuit && IsEmpty(circuit.Left) && LetterWord.Match(line.Raw) is { Success: true, Index: < 3 } label)
            line = line with { Letter = null, Text = $"{label.Value}: {line.Text}" };
        // “B1 40/20 x3: squat, row”: a block of that name, no half of a pair.
        if (line.Letter is not null && Listed(line.Text) is { Items: not null } listed && Scan(listed.Head, isLine: false) is { SaysBlock: true } runs && (IsEmpty(runs.Left) || runs.IsAmrap))
            line = line with { Letter = null, Text = $"{LetterWord.Match(line.Raw).Value} {line.Text}" };
        // “30 secs each, 8 stations” below a warm-up: the circuit begins.
        if (Current is { Part: CardPart.WarmUp } && blocks.Count < Limits.Blocks && StationsSaid.IsMatch(line.Text) && PartOf(line.Text) == CardPart.Main && Scan(line.Text, isLine: false) is { SaysBlock: true } or { IsEach: true } or { RoundsLow: not null })
            blocks.Add(begunForStations = new CardBlock(line.Number, FreeName("A"), CardPart.Main));
        if (IsAnotherDay(line) || TakesRange(line) || SaysPairsToCome(line) || AsksToMind(line) || TakesRoundsOfNamed(line) || TakesSetsOfEach(line) || TakesSetsBelow(line) || TakesRestOfAll(line) || TakesTold(line))
            return;
        // “Squat 4x8, row 4x8, rest 90”: of each of them.
        if (SetsThenRest.Match(line.Text) is { Success: true } sets && Scan(sets.Groups["rest"].Value, isLine: false).Gaps is [var pause])
        {
            Take(line with { Text = sets.Groups["sets"].Value }, isFirst);
            if (Current is { IsStraight: true } straight)
                (straight.Rest, straight.RestHigh) = (pause.Seconds, pause.High);
            else
                Note(line);
            return;
        }

        if (CountedPairAndRest.Match(line.Text) is { Success: true } counted && CardScan.TimeOf(counted.Groups["t"].Value) is { } after)
        {
            Take(line with { Text = counted.Groups["two"].Value }, isFirst);
            if (Current is { Stations.Count: > 0 } linked)
                Gap(linked, after, CardGap.Rounds, onHead: false);
            else
                Note(line);
            return;
        }

        if (head.Title.Length == 0 && blocks.Count == 0 && ClassCalled.Match(line.Text) is { Success: true } called)
            (head.Title, titled) = (called.Groups["t"].Value, line.Number);
        if (InAll.Match(line.Text) is { Success: true } all)
        {
            head.Minutes ??= int.Parse(all.Groups["n"].Value, System.Globalization.CultureInfo.InvariantCulture);
            Say(line, CardLineKind.Head, $"{all.Groups["n"].Value} minutes");
            if (all.Groups["more"] is { Success: true } more)
            {
                if (TakesHead(line with { Text = CardWording.Of(more.Value) }, mayTitle: false))
                    Say(line, CardLineKind.Head, $"{all.Groups["n"].Value} minutes · {read[line.Number].Read}");
                else
                    notes.Add(more.Value);
            }

            return;
        }

        if (blocks.Count > 0 && WhoComes.IsMatch(line.Text) && TakesHead(line, mayTitle: false))
            return;
        if (isFirst && ToMind.IsMatch(line.Text) && CardHead.NeedsIn(line.Text).Needs is { IsEmpty: false } minded)
        {
            foreach (var need in minded)
                head.AddNeed(need);
            Note(line);
            return;
        }

        if (blocks.Count == 0 && Announces.IsMatch(line.Text))
        {
            Note(line);
            return;
        }

        if (blocks.Count == 0 && (PartsToCome.IsMatch(line.Text) || (AboutClass.IsMatch(line.Text) && !Scan(line.Text, isLine: false).SaysBlock && Understood(Scan(line.Text).Left) is null)))
        {
            Note(line);
            return;
        }

        // “Date: 12/11  Class: Legs  Time: 45 min”: each for itself.
        if (HeadKey.IsMatch(line.Text) && NextKey.Split(line.Text) is { Length: > 1 } keyed)
        {
            foreach (var piece in keyed)
                if (!TakesHead(line with { Text = piece }, mayTitle: false))
                {
                    notes.Add(piece);
                    foreach (var need in CardHead.NeedsIn(piece).Needs)
                        head.AddNeed(need);
                }

            Say(line, CardLineKind.Head, string.Join(" · ", keyed));
            return;
        }

        // “KB complexes - 3 sets each, 1 min rest” above blocks that have names of their own.
        if (isFirst && TopicAndSets.Match(line.Text) is { Success: true } each && Understood(Scan(each.Groups["t"].Value).Left) is null && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } below && Begin(below.Text).Success)
        {
            TakesTitle(line with { Text = $"{each.Groups["t"].Value}, {each.Groups["n"].Value} rounds{each.Groups["more"].Value}" });
            return;
        }

        // “HIIT 45/15” above parts that have names of their own: the class, and how it runs.
        if (isFirst && TopicAndHow.Match(line.Text) is { Success: true } topic && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } part && Begin(part.Text).Success)
        {
            TakesTitle(line with { Text = $"{topic.Groups["t"].Value}, {topic.Groups["how"].Value}" });
            return;
        }

        if (isFirst && !IsOfClock(line) && (((SaysWhen.IsMatch(line.Text) || Strokes.Count(line.Text) > 1) && Listed(line.Text).Items is null) || (line.IsHeading && PartOf(line.Text) == CardPart.Main) || !BeginsBlock(line.Text) || (TitleBesides.IsMatch(line.Text) && !Talk.IsMatch(line.Text) && !OpensWithWarmUp.IsMatch(line.Text)) || IsTopic(line.Text) || IsOverLetters(line) || NamesClass.IsMatch(line.Text) || IsOverBlock(line) || IsOverWarmUp(line) || IsTitled(line.Text)) && !IsStation(line.Text) && !IsDosedMove(line.Text) && !AreMoves(line.Text) && !IsFirstOfHeads(line) && (Scan(line.Text) is { Sets: null } || Scan(WithoutBrackets(line.Text)) is { Sets: null } || !BriefWords.Focus(Scan(line.Text).Left).IsEmpty))
        {
            if (IsOverItsMoves(line))
                TakesTitleOverMoves(line);
            else if ((IsSpoken.IsMatch(line.Text) || SpeaksOfIt.IsMatch(line.Text)) && line.Text.Split(' ').Length > FewWords && !TitleBesides.IsMatch(line.Text))
            {
                Note(line);
                head.Overhear(line.Text);
            }
            else if (IsSentence(line.Text) && !line.IsHeading && !line.Text.Any(char.IsAsciiDigit) && !ShoutedTitle.IsMatch(line.Text))
                Note(line);
            else if (!TakesTitle(line))
                Note(line);
            return;
        }

        // “Legs & core” below a title, above the head of the first block: what the class is for.
        if (blocks.Count == 0 && head.Title.Length > 0 && AreRegions(line.Text) && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } first && char.IsLetter(first.Text[0]) && BeginsBlock(first.Text) && TakesHead(line with { Text = $"focus: {string.Join(", ", Regions.Split(line.Text))}" }, mayTitle: false))
            return;
        // “Strength class for beginners, 40 mins” below a title.
        if (blocks.Count == 0 && NamesClass.IsMatch(line.Text) && ClassLong.IsMatch(line.Text) && TakesHead(line, mayTitle: false))
            return;
        if (blocks.Count == 0 && !HeadKey.IsMatch(line.Text) && !BeginsBlock(line.Text) && !IsStation(line.Text) && !NamesMoves(line.Text) && TakesHead(line, mayTitle: false))
            return;
        // “Everyone has light dumbbells & a mat”.
        if (HasKit.Match(line.Text) is { Success: true } has && KitSigns.Split(has.Groups["k"].Value).All(k => BriefWords.Kit(KitCounted.Replace(k, "")) is not null))
            line = line with { Text = $"kit: {string.Join(", ", KitSigns.Split(has.Groups["k"].Value))}" };
        // “Mats only”: kit, wherever it is written.
        var isKit = OnlyThis.Match(line.Text) is { Success: true } only && Commas.Split(only.Groups["k"].Value).SelectMany(k => And.Split(k)).All(k => BriefWords.Kit(k) is not null);
        if (isKit)
            line = line with { Text = $"kit: {OnlyThis.Match(line.Text).Groups["k"].Value.Replace(" and ", ", ", StringComparison.OrdinalIgnoreCase)}" };
        if (isKit || HeadKey.IsMatch(line.Text) || (BriefWords.Need(line.Text) is not null && !IsOverStation(line) && !IsHeadOfSeated(line)))
        {
            if (!TakesHead(line, mayTitle: false))
                Note(line);
            return;
        }

        // “They know this one:”: said about what comes, the head of nothing.
        if (SpeaksOf.IsMatch(line.Text))
        {
            Note(line);
            return;
        }

        if (Current is { Stations.Count: > 0 } && ((ChangeSides.IsMatch(line.Text) && !Current.Stations.Exists(s => s.Sides is not null)) || (CueAlone.IsMatch(line.Text) && Understood(line.Text) is null)))
        {
            Note(line);
            return;
        }

        // What is more than a class holds is kept in words.
        if (blocks.Count >= Limits.Blocks && (BeginsBlock(line.Text) || IsName(line) || line.Letter != Current!.Letter || Current.Stations.Count >= Limits.Stations))
        {
            Note(line);
            return;
        }

        if (Current is { Stations.Count: > 0 } rested && RestDoing.Match(line.Text) is { Success: true } doing && Scan(doing.Groups["m"].Value) is { Any: false })
        {
            rested.Notes.Add(AsTyped(line));
            foreach (var need in CardHead.NeedsIn(line.Text).Needs)
                head.AddNeed(need);
            Take(line with { Text = doing.Groups["rest"].Value }, isFirst: false);
            return;
        }

        if (TakesSwapForWhom(line))
            return;
        // Whoever has to be spared is heard wherever it is written.
        if ((!IsStation(line.Text) || PartOf(line.Text) != CardPart.Main) && CardHead.NeedsIn(line.Text).Needs is { IsEmpty: false } needs)
        {
            foreach (var need in needs)
                head.AddNeed(need);
            if (!BeginsBlock(line.Text))
            {
                Note(line);
                return;
            }
        }

        if (GoesOn.IsMatch(line.Text) && IsEmpty(line.Text) && !Scan(line.Text, isLine: false).Any)
        {
            Say(line, CardLineKind.Setting, "goes on");
            return;
        }

        if (TakesSwaps(line))
            return;
        // “Knees ok” below a press-up: its way.
        if (Current is { Stations: [.., var last] } && last.Options.Count < MostWays && Allowed.Match(line.Text) is { Success: true } allowed && Understood(allowed.Groups["w"].Value) is null && !IsStation(line.Text) && EasierWay(allowed.Groups["w"].Value, last.Name) is { } eased)
        {
            AddOption(last, "easier", eased);
            Say(line, CardLineKind.Setting, $"easier than {last.Name}: {eased}");
            return;
        }

        // “Easier: squats” and “harder jump squats” below a move: its way.
        if (Current is { Stations.Count: > 0 } held && (line.Text.Contains(':', StringComparison.Ordinal) ? WayOf(line.Text) : WayFirst(line.Text)) is { } way && (way.Kind is "easier" or "harder" || Understood(way.Text) is not null) && !(Scan(way.Text, isLine: false) is { SaysBlock: true } headed && IsEmpty(headed.Left)) && held.Stations[^1].Options.Count < MostWays)
        {
            if (IsOneOfLine(held.Stations[^1]))
            {
                Note(line);
                return;
            }

            AddOption(held.Stations[^1], way.Kind, way.Text);
            Say(line, CardLineKind.Setting, $"{way.Kind} than {held.Stations[^1].Name}: {way.Text}");
            return;
        }

        if (OtherSide.Match(line.Text) is { Success: true } other && Current is { Stations.Count: > 0 } sided && sided.Stations.Where(s => s.Sides is not null).Select(s => s.Sides).Distinct().ToList() is [("left" or "right") and var side] && !side.Equals(other.Groups["s"].Value, StringComparison.OrdinalIgnoreCase))
        {
            var turned = side == "left" ? "right" : "left";
            sided.Stations.AddRange(sided.Stations.ConvertAll(s => s.Turned(line.Number, s.Sides is null ? null : turned)));
            Say(line, CardLineKind.Station, $"the same on the {turned}");
            return;
        }

        // “15 s rest between each. 2 min rest, then all again, 3 rounds”: each sentence says how it runs.
        if (FullStop.Split(line.Text) is { Length: > 1 } sentences && sentences.All(s => Scan(s, isLine: false) is { Any: true } said && IsEmpty(said.Left)))
        {
            foreach (var sentence in sentences)
                Take(line with { Text = sentence }, isFirst: false);
            return;
        }

        if (TakesBothAgain(line))
            return;
        if (SameAgain.IsMatch(line.Text) && Current is { Part: CardPart.Main, Stations.Count: > 0 } again && blocks.Count < Limits.Blocks)
        {
            var second = new CardBlock(line.Number, FreeName(again.Name), CardPart.Main) { Begun = line.Text, Scheme = again.Scheme };
            second.RunsAs(again);
            blocks.Add(second);
            Say(line, CardLineKind.Block, second.Name);
            return;
        }

        if (NamedAgain.Match(line.Text) is { Success: true } same && blocks.Find(b => b.Name.Equals(same.Groups["n"].Value, StringComparison.OrdinalIgnoreCase)) is { Part: CardPart.Main, Stations.Count: > 0 } told && blocks.Count < Limits.Blocks)
        {
            var copy = told.Again(line.Number, FreeName(same.Groups["as"].Value));
            blocks.Add(copy);
            Say(line, CardLineKind.Block, copy.Told());
            return;
        }

        if (RepeatNamed.Match(line.Text) is { Success: true } once && blocks.Find(b => b.Name.Equals(once.Groups["n"].Value, StringComparison.OrdinalIgnoreCase)) is { Part: CardPart.Main, Stations.Count: > 0 } earlier && (IsBelowRest(line) is var isApart) && (earlier != Current || isApart || once.Groups["r"].Success) && blocks.Count < Limits.Blocks)
        {
            var copy = earlier.Again(line.Number, FreeName(earlier.Name));
            if (isApart)
                (copy.After, copy.Water, copy.Stations[^1].Rest) = (null, false, null);
            if (once.Groups["r"] is { Success: true, Value: var times })
                copy.RoundsLow = times[0] is >= '2' and <= '9' ? times[0] - '0' : 2;
            blocks.Add(copy);
            Say(line, CardLineKind.Block, copy.Told());
            return;
        }

        if (RepeatNamed.Match(line.Text) is { Success: true } repeated && Current is { Part: CardPart.Main, Stations.Count: > 0, RoundsLow: null, Scheme: null } named && named.Name.Equals(repeated.Groups["n"].Value, StringComparison.OrdinalIgnoreCase))
        {
            named.RoundsLow = 2;
            Say(line, CardLineKind.Setting, $"{named.Name}: 2 rounds");
            return;
        }

        // “Warm up 5 then 3 rounds of 45/15 - squats, rows”: two parts on one line.
        if (ThenMore.Match(line.Text) is { Success: true } then && PartOf(then.Groups["a"].Value) != CardPart.Main && Scan(then.Groups["b"].Value, isLine: false).SaysBlock)
        {
            Take(line with { Text = then.Groups["a"].Value }, isFirst: false);
            Take(line with { Text = then.Groups["b"].Value }, isFirst: false);
            return;
        }

        // “Warm up and cool down as usual, 5 mins each”: the first before all, the last behind it.
        if (BothEnds.Match(line.Text) is { Success: true } ends && blocks.Count is > 0 and < Limits.Blocks - 1 && !blocks.Exists(b => b.Part != CardPart.Main))
        {
            var length = int.Parse(ends.Groups["n"].Value, System.Globalization.CultureInfo.InvariantCulture) * 60;
            blocks.Insert(0, new CardBlock(line.Number, FreeName(ends.Groups["a"].Value), CardPart.WarmUp) { Length = length });
            blocks.Add(new CardBlock(line.Number, FreeName(ends.Groups["b"].Value), CardPart.CoolDown) { Length = length });
            Say(line, CardLineKind.Block, $"{ends.Groups["a"].Value} · {ends.Groups["b"].Value}");
            if (WithoutStops(ends.Groups["more"].Value.Trim(' ', ',', ';', ':', '-', '.', '(')) is { Length: > 2 } more && !Usual.IsMatch(more))
                beside.Add(more);
            return;
        }

        // “Finish with a plank, 2 minutes, and a stretch”: a part each.
        if (blocks.Count > 0 && AndStretch.Match(line.Text) is { Success: true } close && FinishesOn.IsMatch(close.Groups["a"].Value))
        {
            Take(line with { Text = close.Groups["a"].Value }, isFirst: false);
            Take(line with { Text = close.Groups["b"].Value }, isFirst: false);
            return;
        }

        // “Warm-up game (10 mins), stretch off after (5 mins)”: a part each.
        if (TwoWithMinutes.Match(line.Text) is { Success: true } both && (PartOf(both.Groups["a"].Value) != CardPart.Main || PartOf(both.Groups["b"].Value) != CardPart.Main))
        {
            Take(line with { Text = both.Groups["a"].Value }, isFirst: false);
            Take(line with { Text = both.Groups["b"].Value }, isFirst: false);
            return;
        }

        // “With the bands” below a move: kit, and words.
        if (WithKit.Match(line.Text) is { Success: true } withKit && BriefWords.Kit(withKit.Groups["k"].Value) is not null && !IsStation(line.Text))
        {
            head.AddKit(withKit.Groups["k"].Value);
            Note(line);
            return;
        }

        if (SwapAlone.IsMatch(line.Text) && Current is { Stations.Count: > 0 })
        {
            Note(line);
            return;
        }

        if (TakesOwnTime(line) || TakesStationOfRest(line) || TakesWaterAfterRound(line))
            return;
        if (TakesAll(line) || TakesBlock(line) || TakesGap(line))
        {
            // A block more than a class holds is kept in words.
            if (blocks.Count > Limits.Blocks)
            {
                blocks.RemoveRange(Limits.Blocks, blocks.Count - Limits.Blocks);
                settings.Remove(line.Number);
                Note(line);
            }

            return;
        }

        if (!TakesNameAndMinutes(line))
            TakeStations(line, line.Text);
    }

    /// <summary>Whether words begin a block rather than a line of one.</summary>
    private bool BeginsBlock(string text)
    {
        if (Margin.IsMatch(text) || PartOf(text) != CardPart.Main || Super.IsMatch(text) || Talk.IsMatch(text))
            return true;
        var scan = Scan(text, isLine: false);
        return scan.SaysBlock || scan.IsOfAll || (scan.IsEach && (scan.Gaps.Count > 0 || text.EndsWith(':')) && IsEmpty(scan.Left)) || ((text.Contains(": ", StringComparison.Ordinal) || text.Contains(" - ", StringComparison.Ordinal)) && !HeadKey.IsMatch(text) && Listed(text) is { Items: { } items, Head: var called } && (text.StartsWith($"{called}:", StringComparison.Ordinal) || RegionAlone.Match(called).Length == called.Length) && (Commas.Split(text).Length > 2 || Scan(items).Amount is not null)) || (Begin(text).Success && Understood(scan.Left) is null);
    }

    /// <summary>Whether words are certainly a move, with or without how much of it.</summary>
    private bool IsStation(string text) => Scan(text) is { SaysBlock: false } scan && Understood(WithoutBrackets(scan.Left)) is not null;

    /// <summary>“Technique 10 mins: goblet squat, deadlift”: whatever it is called, moves are done in it.</summary>
    private bool NamesMoves(string text) => Listed(text).Items is { } items && Commas.Split(items) is { Length: > 1 } named && named.Count(i => Understood(WithoutBrackets(Scan(i).Left)) is not null) is > 1 and var known && known * 2 >= named.Length;

    /// <summary>“Toe touches x20”, “1 mile run”: a count or a way to go, and what may be a move; no title.</summary>
    private bool IsDosedMove(string text) => DosedAlone.IsMatch(text) && Scan(text) is { SaysBlock: false } scan && (scan.RepsLow ?? scan.Sets) is not null | scan.Remark is not null && KnownAs(scan.Left) == Sureness.Likely;

    private static CardPattern DosedAlone => field ??= new(@"^(?:[0-9]{1,4}(?:[.,][0-9])?\s?(?:x\s|m\s|k\s|km\s|miles?\s|cals?\s)?\s*)?[a-z][a-z' -]{2,40}?(?:\s+(?:x\s?[0-9]{1,3}|[2-9]\s?x\s?[0-9]{1,3}))?$", RegexOptions.IgnoreCase);

    /// <summary>Whether words are a list of moves and nothing else, most of them known and the others likely.</summary>
    private bool AreMoves(string text) => Commas.Split(text) is { Length: > 2 } pieces && pieces.Count(p => p.Length > 0 && IsMovePiece(p)) is var known && known * 2 > pieces.Length
        && (known == pieces.Length || Array.TrueForAll(pieces, p => p.Length > 0 && (IsMovePiece(p) || KnownAs(WithoutBrackets(Scan(p).Left)) == Sureness.Likely)));

    /// <summary>“Each round 3 times, 40s per exercise”: how all blocks run that have not said so.</summary>
    private bool TakesAll(CardWords line)
    {
        // “Each round x2” below blocks that have said how they run and not how often.
        if (CardWording.EachRoundTimes(line.Text) is { } times && blocks.FindAll(b => b is { Part: CardPart.Main, RoundsLow: null, Work: not null, Stations.Count: > 0 }) is { Count: > 0 } once)
        {
            once.ForEach(b => b.RoundsLow = times);
            Say(line, CardLineKind.Setting, string.Join(" · ", once.Select(b => b.Told())));
            return true;
        }

        if (!OfEachRound.IsMatch(line.Text))
            return false;
        var scan = Scan(OfEachRound.Replace(line.Text, ""), isLine: false);
        var open = blocks.FindAll(b => b is { Part: CardPart.Main, HasSettings: false, Stations.Count: > 0 });
        if (open.Count == 0 || !IsEmpty(scan.Left) || !(scan.SaysBlock || scan.IsEach || scan.RepsLow is not null))
            return false;
        foreach (var block in open)
            Applied(block, scan, line, isSetting: false);
        Say(line, CardLineKind.Setting, string.Join(" · ", open.Select(b => b.Told())));
        return true;
    }

    private void Ask(CardWords line, string text, params (string Label, string Instead)[] choices)
    {
        if (!questions.Exists(q => q.Line == line.Number && q.Text == text))
            questions.Add(new CardQuestion(line.Number, 1, text, [.. choices.Select(c => new CardChoice(c.Label, c.Instead))]));
    }

    private void Note(CardWords line)
    {
        var text = AsTyped(line);
        if (text.StartsWith("note:", StringComparison.OrdinalIgnoreCase))
            text = text[5..].Trim();
        if (text.Length == 0)
            return;
        if (Current is { } block)
            block.Notes.Add(text);
        else
            notes.Add(text);
        questions.RemoveAll(q => q.Line == line.Number);
        var heard = Current is null ? head.Overhear(text) : [];
        var needs = CardHead.NeedsIn(text).Needs;
        foreach (var need in needs)
            head.AddNeed(need);
        read[line.Number] = new CardLine(line.Number, line.Raw, CardLineKind.Note, string.Join(" · ", ["note, kept here", .. needs.IsEmpty ? [] : new[] { $"needs: {string.Join(", ", needs)}" }, .. heard]), Sureness.Certain, []);
    }

    private string AsTyped(CardWords line) => CardText.Plain(parted.Contains(line.Number) ? line.Text : line.Raw).TrimStart('-', '*', '+', '>', '~', ' ');

    private void Say(CardWords line, CardLineKind kind, string text) =>
        read[line.Number] = new CardLine(line.Number, line.Raw, kind, text, Sureness.Certain, read.GetValueOrDefault(line.Number)?.Moves ?? []);
}
