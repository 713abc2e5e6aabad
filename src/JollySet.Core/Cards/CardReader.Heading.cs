using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>The lines above all blocks that say what the class is, piece by piece: a title and when, how many, how long, with what, for whom, where.</content>
public sealed partial class CardReader
{
    private const int MostHeadings = 10;
    private const int MostTitleWords = 6;

    /// <summary>More minutes than a block of a format has.</summary>
    private const int ClassMinutes = 30;

    /// <summary>Takes the lines at the top whose every piece says something of the class; the first may begin with what it is called.</summary>
    /// <returns>The numbers of the lines that are taken.</returns>
    private HashSet<int> TakesHeadings()
    {
        var taken = new HashSet<int>();
        var lines = words.Where(w => w.Text.Length > 0 || w.Raw.Any(char.IsLetterOrDigit)).Take(MostHeadings + 1).ToList();
        for (var at = TitledBelow(lines, taken); at < lines.Count && at < MostHeadings; at++)
        {
            var line = lines[at];
            if (IsAnswered(line))
                continue;
            if (refused.Contains(line.Number) || line.IsLong || line.Letter is not null || IsOverItsMoves(line) || line.Text.Length is 0 or > CardText.LongestLine || lines.Exists(l => l != line && l.Line == line.Line) || IsSpoken.IsMatch(line.Text))
                break;
            // “Mind the knees” alone is asked about.
            if (head.Title.Length > 0 && PiecesOf(line).TrueForAll(MindedAlone.IsMatch))
                continue;
            if (head.Title.Length == 0 ? !TitleAndMore(lines, at) : !IsHeading(lines, at) || !TakesPieces(line, PiecesOf(line), mayTitle: false))
                break;
            taken.Add(line.Number);
        }

        return taken;
    }

    /// <summary>“Village hall, Fridays 10.30” above what the class is called: where and when it is, behind its title.</summary>
    /// <returns>Where the lines go on.</returns>
    private int TitledBelow(List<CardWords> lines, HashSet<int> taken)
    {
        if (lines.Count < 3 || lines.Take(2).Any(l => refused.Contains(l.Number) || l.IsLong || l.Letter is not null || IsAnswered(l) || l.Text.Length is 0 or > CardText.LongestLine || lines.Exists(o => o != l && o.Line == l.Line)))
            return 0;
        var where = PiecesOf(lines[0]).SelectMany(p => PlaceThenDay.Match(p) is { Success: true } both ? [both.Groups["p"].Value, both.Groups["d"].Value] : new[] { p }).ToList();
        if (where.Count is 0 or > 3 || !where.TrueForAll(p => (DayOf.IsMatch(p) && !AllFives(p)) || (CardHead.IsPlace(p) && !ClassAtPlace.IsMatch(p))) || (where is [var day] && IsOneOfDays(day)))
            return 0;
        var pieces = PiecesOf(lines[1]) is [_, var many] && many.All(char.IsAsciiDigit) && lines[1].Text.EndsWith(')') ? [lines[1].Text] : PiecesOf(lines[1]);
        var isApart = lines[2].Number > lines[1].Number + 1;
        if (pieces.Count == 0 || CardHead.TitleOf(pieces[0]) is not { } title || title.Split(' ').Length > MostTitleWords || NotTitle.IsMatch(pieces[0]) || IsSpoken.IsMatch(lines[1].Text) || CardNumbers.IsTimed(lines[1].Raw) || MinutesIn(lines[1]) < ClassMinutes || char.IsAsciiDigit(lines[1].Text[^1]) || PartOf(title) != CardPart.Main || IsStation(title) || DayOf.IsMatch(title) || title.Equals("pairs", StringComparison.OrdinalIgnoreCase) || (Begin(title).Success && (!isApart || title.Any(char.IsAsciiDigit))) || Scan(title, isLine: false) is { SaysBlock: true } or { SaysStation: true }
            || (pieces.Count == 1 && !isApart && !BriefWords.Focus(title).IsEmpty) || !AreHeadings([.. pieces.Skip(1)], out _) || !(BeginsBelow(lines, 2) || IsHeading(lines, 2)) || !TakesPieces(lines[1], pieces, mayTitle: true))
            return 0;
        TakesPieces(lines[0], where, mayTitle: false);
        taken.UnionWith([lines[0].Number, lines[1].Number]);
        return 2;
    }

    /// <summary>“Bootcamp in the park”: what a class is called, and where it is.</summary>
    private static CardPattern ClassAtPlace => field ??= new(@"^[a-z][a-z ]{2,30}?\s(?:in|at|on)\s+(?:the\s+)?[a-z]", RegexOptions.IgnoreCase);

    private static CardPattern PlaceThenDay => field ??= new(@"^(?<p>[a-z' ]{3,30}?)\s+(?<d>(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\b.*)$", RegexOptions.IgnoreCase);

    private List<string> PiecesOf(CardWords line) => CardHead.Listed([.. PieceSigns.Split(KeySign.Replace(Till.Replace(HeadSigns.Replace(CardSlips.Put(CardText.Plain(line.Raw), IsWord), ""), "-"), ": ")).Select(p => SoManyIn.Replace(p.Trim().TrimEnd(':', ')').Trim(), "${n} people")).Where(p => p.Length > 0)]);

    /// <summary>“Bootcamp, 12 people, bands”, “Circuits” above “12 people / bands”: the title, and what else is said beside it.</summary>
    private bool TitleAndMore(List<CardWords> lines, int at)
    {
        var pieces = PiecesOf(lines[at]);
        // “Legs, bums & tums, 45 min”: several regions are one title.
        if (pieces.FindIndex(p => Regions.Split(p).Any(r => BriefWords.Focus(r).IsEmpty)) is var many && (many < 0 ? pieces.Count : many) is > 1 and var regions)
            pieces = [string.Join(", ", pieces.Take(regions)), .. pieces.Skip(regions)];
        // “Upper / lower split”: one title.
        else if (pieces.Count > 1 && CardHead.IsSlashedTitle(lines[at].Text))
            pieces = [lines[at].Text];
        if (pieces.Count == 0 || CardHead.TitleOf(pieces[0]) is not { } title || title.Split(' ').Length > MostTitleWords || NotTitle.IsMatch(pieces[0]) || IsSpoken.IsMatch(pieces[0]) || PartOf(title) != CardPart.Main || IsStation(title) || !(DayOf.IsMatch(title) && title.Any(char.IsLetter)) && Scan(DayBehind.Replace(title, ""), isLine: false) is { Any: true })
            return false;
        var more = pieces.Skip(1).ToList();
        if (!AreHeadings(more, out var isStrong))
            return false;
        var below = IsHeading(lines, at + 1);
        var isOver = below || (BeginsBelow(lines, at + 1) && !(Begin(title).Success && MinutesIn(lines[at]) is > 0 and < ClassMinutes));
        // “Countdown class” above anything.
        return (more.Count == 0 ? below || CalledClass.IsMatch(title) : isStrong || isOver) && TakesPieces(lines[at], pieces, mayTitle: true);
    }

    /// <summary>“MON” where “WED” stands alone further down: what is done on that day.</summary>
    private bool IsOneOfDays(string piece) => DayOf.IsMatch(piece) && words.Count(w => w.Text.Length > 0 && w.Text.Length < MostDayLetters && DayOf.IsMatch(w.Text.TrimEnd(':')) && char.IsLetter(w.Text[0])) > 1;

    private const int MostDayLetters = 24;

    private bool BeginsBelow(List<CardWords> lines, int at) => at < lines.Count && (BeginsBlock(lines[at].Text) || PartOf(lines[at].Text) != CardPart.Main);

    /// <summary>Whether a line says nothing but what the class is: what a block may be called only above another such line, or above the head of a block.</summary>
    private bool IsHeading(List<CardWords> lines, int at) =>
        at < Math.Min(lines.Count, MostHeadings) && PiecesOf(lines[at]) is { Count: > 0 } pieces && !(pieces is [var day] && IsOneOfDays(day)) && AreHeadings(pieces, out var isStrong) && (isStrong || BeginsBelow(lines, at + 1) || IsHeading(lines, at + 1));

    /// <param name="isStrong">Whether one of them cannot be what a block is called.</param>
    private bool AreHeadings(List<string> pieces, out bool isStrong)
    {
        isStrong = false;
        for (var at = 0; at < pieces.Count; at++)
        {
            // “Una - bad knees”: whose they are.
            if (at + 1 < pieces.Count && SomeName.IsMatch(pieces[at]) && !CardHead.NeedsIn(pieces[at + 1]).Needs.IsEmpty)
                continue;
            if (DayOf.IsMatch(pieces[at]) && !AllFives(pieces[at]))
                continue;
            var isMinded = MindedAlone.IsMatch(pieces[at]);
            if (isMinded)
                isStrong = true;
            else if (!IsStation(pieces[at]) && CardHead.Says(pieces[at]) is { } said)
                isStrong |= said;
            else
                return false;
        }

        return true;
    }

    private bool TakesPieces(CardWords line, List<string> pieces, bool mayTitle)
    {
        if (head.TakePieces(pieces, mayTitle, p => DayOf.IsMatch(p)) is not { } taken)
            return false;
        foreach (var piece in taken.Over)
            if (MindedAlone.Match(piece) is { Success: true } minded && NeedOfPart(minded) is { } need)
                head.AddNeed(need);
        // “Bootcamp mind the knees”: whoever has to be spared is heard in a title too.
        if (mayTitle && MindedBehind.Match(pieces[0]) is { Success: true } behind && NeedOfPart(behind) is { } spared)
        {
            head.AddNeed(spared);
            taken.Read.Add($"needs: {spared}");
        }

        // Of a sentence that is kept what it says of the kit and who comes is heard.
        foreach (var sentence in taken.Over.Where(o => o.Split(' ').Length > FewWords))
            taken.Read.AddRange(head.Overhear(sentence));
        if (taken.Over.Count > 0)
            notes.Add(string.Join(", ", taken.Over));
        Say(line, CardLineKind.Head, string.Join(" · ", taken.Over.Count > 0 ? [.. taken.Read, $"note: {string.Join(", ", taken.Over)}"] : taken.Read));
        return true;
    }

    private static int? MinutesIn(CardWords line) => ClassMinutesSaid.Match(line.Raw) is { Success: true } m ? int.Parse(m.Groups["n"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture) : null;

    private static CardPattern ClassMinutesSaid => field ??= new(@"(?<n>[0-9]{1,3})\s*(?:m\b|min|')", RegexOptions.IgnoreCase);

    /// <summary>“20/10”, “40/20”: seconds rather than a date.</summary>
    private static bool AllFives(string piece) => Slashed.Match(piece) is { Success: true } m && int.Parse(m.Groups["a"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture) % 5 == 0 && int.Parse(m.Groups["b"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture) % 5 == 0;

    private static CardPattern Slashed => field ??= new("^(?<a>[0-9]{1,2})/(?<b>[0-9]{1,2})$");

    /// <summary>What parts the pieces of such a line.</summary>
    private static CardPattern PieceSigns => field ??= new(@"\s+[-–—/|·•*~]+\s+|\s+(?=@\s*[a-z])|\s*[,;|·•(\[\]]\s*|\)\s+", RegexOptions.IgnoreCase);

    /// <summary>“Kit – bands”: a key, as with a colon.</summary>
    private static CardPattern KeySign => field ??= new(@"(?<=(?:^|[,;|/•·*(]\s*|\s[-–]\s+)(?:kit|equipment|level|focus|needs|place|people))\s+[-–]\s+", RegexOptions.IgnoreCase);

    /// <summary>“06:45 – 07:30” is one piece.</summary>
    private static CardPattern Till => field ??= new(@"(?<=[0-9])\s+[-–]\s+(?=[0-9]{1,2}[:.][0-5][0-9])");

    /// <summary>“12 in”: so many come.</summary>
    private static CardPattern SoManyIn => field ??= new("^(?<n>[0-9]{1,2}) (?:in(?: tonight| today)?|of (?:them|us))$", RegexOptions.IgnoreCase);

    private static CardPattern HeadSigns => field ??= new(@"^[\s#=*_>~-]+|[\s=*_]+$|\*\*");

    private static CardPattern SomeName => field ??= new("^[A-Z][a-z]+$");

    /// <summary>No class is called so: how it runs, who speaks, a question.</summary>
    private static CardPattern NotTitle => field ??= new(@"[?""]|:(?![0-9])|\b(?:is|are|was|will|I|I'm|we|we're|you|let's|going|here's|for)\b|^(?:stations?|rounds?|sets?|exercises|moves)$|^(?:please\s+)?bring\b|^(?:round|block|set|station|circuit|part|section|group|team)\s+(?:[0-9]|one|two|[a-h])\b", RegexOptions.IgnoreCase);

    /// <summary>“Strength Thurs 9:30”: when, behind what it is called.</summary>
    private static CardPattern DayBehind => field ??= new(@"\s(?:mon|tues?|wed(?:s|nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?s?(?:\s+[0-9]{1,2}(?:[.:][0-5][0-9])?(?:\s*[ap]m)?)?$", RegexOptions.IgnoreCase);

    private static CardPattern CalledClass => field ??= new(@"^[a-z][a-z '-]+\s+(?:class|session|workout)$", RegexOptions.IgnoreCase);

    /// <summary>A day, an hour, a date.</summary>
    private static CardPattern DayOf => field ??= new(@"^(?=.)(?:(?:every\s+|on\s+)?(?:mon|tues?|wed(?:s|nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?s?(?![a-z]))?[\s,]*(?:(?:[0-9]{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?(?:jan|feb|mar|apr|may|june?|july?|aug|sept?|oct|nov|dec)[a-z]{0,6}|(?:0?[1-9]|[12][0-9]|3[01])/(?:0?[1-9]|1[0-2])(?:/(?:20)?[0-9]{2})?)(?![0-9/]))?[\s,]*(?:at\s+|@\s*)?(?:[0-9]{1,2}(?:[.:][0-5][0-9])?\s*[ap]m|[0-2]?[0-9][.:][0-5][0-9]|am|pm|night|evening|eve|morning|lunch(?:time)?|afternoon)?$", RegexOptions.IgnoreCase);
}
