using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Lines that begin with A, B, C one after the other, whatever sign stands behind the letter: blocks of that name.</summary>
internal static class CardLetters
{
    /// <summary>The lines with “A. ” before what each letter holds; as they are where the letters do not follow one another from A on.</summary>
    public static string[] Put(string[] lines)
    {
        var lettered = Enumerable.Range(0, lines.Length).Where(i => lines[i].Length <= CardText.LongestLine && Lettered.IsMatch(lines[i])).Select(i => (At: i, M: Lettered.Match(lines[i]))).ToList();
        if (lettered.Count is < 2 or > MostLetters || lettered.Where((l, i) => l.M.Groups["l"].Value[0] != 'A' + i).Any())
            return lines;
        var put = (string[])lines.Clone();
        // Where one of them holds how it runs, and its moves below it, all of them are blocks.
        string Held((int At, Match M) l) => lines[l.At][l.M.Length..];
        var areBlocks = lettered.Exists(l => How.IsMatch(Held(l)));
        var areJoined = lettered.Exists(l => Bare(l.M) && Joined.IsMatch(Held(l)));
        foreach (var l in lettered)
        {
            var (rest, isHow) = (Held(l), How.IsMatch(Held(l)));
            // “D/ stretch”, “B/ superset: …”: a sign that nothing else reads.
            if (!Bare(l.M) && ((!rest.Any(char.IsAsciiDigit) && CardPhrases.PartOf(rest) != CardPart.Main) || NamedList.IsMatch(rest)))
                put[l.At] = rest;
            else if (IsOdd.IsMatch(l.M.Value) && !rest.Any(char.IsAsciiDigit))
                put[l.At] = $"{l.M.Groups["l"].Value}. {rest}";
            if (!rest.Any(char.IsAsciiDigit) || (IsPlain.IsMatch(l.M.Value) && !(areBlocks && (isHow || Dosed.IsMatch(rest)))))
                continue;
            if (Bare(l.M) ? isHow ? RoundsFirst.IsMatch(rest) : CountFirst.IsMatch(rest) || (!areJoined && (Dosed.IsMatch(rest) || ListThenHow.IsMatch(rest))) : isHow || !Named.IsMatch(rest))
                put[l.At] = $"{l.M.Groups["l"].Value}{(isHow || areBlocks || (Bare(l.M) && ListThenHow.IsMatch(rest)) ? ':' : '.')} {rest}";
        }

        return put;
    }

    /// <summary>“8 goblet squats + 8 press-ups”: what is done in its slot.</summary>
    private static CardPattern CountFirst => field ??= new(@"^[0-9]{1,3}\s+[a-z]{3}[a-z' -]*(?:\s\+\s[0-9]{1,3}\s+[a-z][a-z' -]*)?$", RegexOptions.IgnoreCase);

    private static bool Bare(Match m) => m.Groups["sign"].Value.Trim().Length == 0;

    /// <summary>“Squats, rows, press-ups 40/20 x 3”.</summary>
    private static CardPattern ListThenHow => field ??= new(@"^[a-z][^,:]*(?:,[^,:]+){2,}[\s-]+(?:[0-9]{2}\s*/\s*[0-9]{2}\s*x\s*[0-9]|[0-9]+\s*rounds)$", RegexOptions.IgnoreCase);

    /// <summary>“A. ”, “B) ” and “C: ” are read as they are.</summary>
    private static CardPattern IsPlain => field ??= new(@"^\s*[A-H][.):]\s+$");

    /// <summary>“Superset: squats 3x10 + rows 3x10”.</summary>
    private static CardPattern NamedList => field ??= new(@"^super\s?-?set\s*:", RegexOptions.IgnoreCase);

    private static CardPattern IsOdd => field ??= new(@"^\s*[A-H]\s*[/\]=]\s*$");

    /// <summary>“Squats 3 x 10”, “3 sets of 10 squats”: a move and its sets.</summary>
    private static CardPattern Dosed => field ??= new(@"^[0-9]{1,2}\s*(?:x|sets?\s+of)\s*[0-9]|^(?:[a-z']{3,}[ -]){0,3}[a-z']{3,}[\s,-]+[0-9]{1,2}\s*(?:x|sets?\s+(?:of|x))\s*[0-9]", RegexOptions.IgnoreCase);

    /// <summary>“40/20 x 3”, “3 rounds 40/20: …”: how a block runs, and its list or nothing.</summary>
    private static CardPattern How => field ??= new(@"^(?:(?>[0-9]+(?:\s*(?:s|secs?|mins?|x|rounds?|rds|sets?|laps|on|off|work|rest)\b)?)|[x/:,+-]|\s)+(?::\s+.+)?$|^[0-9]+\s*(?:rounds?|rds)\s+of\s", RegexOptions.IgnoreCase);

    private static CardPattern RoundsFirst => field ??= new(@"^[0-9]+\s*(?:rounds?|rds|sets?|laps)\b", RegexOptions.IgnoreCase);

    private static CardPattern Joined => field ??= new(@"\s[+/&]\s");

    /// <summary>“Lower, 2 x 45/15”: a name of its own.</summary>
    private static CardPattern Named => field ??= new(@"^(?:lower|upper|core|legs|arms|cardio|strength|superset|super\s?set|finisher|circuit|tabata|full\s+body)\b", RegexOptions.IgnoreCase);

    private const int MostLetters = 8;

    /// <summary>“A. …”, “(B) …”, “C - …”, “D …”.</summary>
    private static CardPattern Lettered => field ??= new(@"^\s*(?:[*>•-]\s+)?(?:\*\*)?(?:[(\[]\s*(?<l>[A-H])\s*(?<sign>[)\]])|(?<l>[A-H])\s*(?<sign>\)\s*-|[.)\]:/=]|\s[-–—](?=\s))|(?<l>[A-H])(?<sign>\s)(?=\s*(?:[0-9]|[A-Za-z]{3})))(?:\*\*)?\s*(?=[\p{L}0-9])(?!\s*[a-z]\b\s*[.):/])");
}
