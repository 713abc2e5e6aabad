using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>So many in all, and so many a minute: “100 swings, EMOM style, 10 per min”, “10 swings every minute until 100”. The minutes are one by the other.</content>
internal static partial class CardWording
{
    private const int MostMinutes = 40;
    private const string HeadBefore = @"^(?<h>[a-z][a-z0-9' ]{1,24}(?::|\s-)\s+)?";
    private const string Counted = @"(?<m>[a-z][a-z' -]{2,40}?)";
    private const string EveryMinute = @"(?:e1?mom|(?:a|per|every|each|on\s+the|/)\s*min(?:ute)?)\b";

    /// <summary>“100 swings, EMOM style 10 per min”, “60 burpees: 5 on the minute”.</summary>
    private static CardPattern AllThenAMinute => field ??= new($@"{HeadBefore}(?<all>[0-9]{{2,3}})\s+{Counted}\s*(?:(?:in\s+)?total)?\s*(?:[,:(-]|\bas\b|\be1?mom\b|\bstyle\b|\bin\s+sets\s+of\b|\s)*\s(?:\()?(?<n>[0-9]{{1,2}})\s*(?:reps\s+)?,?\s*{EveryMinute}\)?$", RegexOptions.IgnoreCase);

    /// <summary>“10 swings EMOM until 100”, “10 swings a minute, 100 total”.</summary>
    private static CardPattern AMinuteToAll => field ??= new($@"{HeadBefore}(?<n>[0-9]{{1,2}})\s+{Counted}\s+{EveryMinute}\s*(?:,|until|up\s+to|to)\s*(?<all>[0-9]{{2,3}})(?:\s*(?:reps|in\s+total|total|done|in\s+all))*$", RegexOptions.IgnoreCase);

    /// <summary>“EMOM: 10 swings (100 total)”, “10 min EMOM: 10 swings = 100”.</summary>
    private static CardPattern EmomToAll => field ??= new($@"{HeadBefore}(?:(?<k>[0-9]{{1,2}})\s*min(?:ute)?s?\s+)?e1?mom\s*(?:(?:x\s*|-\s*)?(?<k>[0-9]{{1,2}})(?:\s*min(?:ute)?s?)?(?=\s*:))?\s*:?\s*(?<n>[0-9]{{1,2}})\s+{Counted}\s*(?:\(|,|=|\bto\b|\buntil\b)\s*=?\s*(?<all>[0-9]{{2,3}})\s*(?:reps\s+)?(?:in\s+)?(?:total|all)?\)?$", RegexOptions.IgnoreCase);

    /// <summary>“10 swings EMOM x 10”, “every minute 10 swings x 10”, “10 x 10 swings EMOM”.</summary>
    private static CardPattern AMinuteSoLong => field ??= new($@"{HeadBefore}(?:(?<n>[0-9]{{1,2}})\s+{Counted}\s+{EveryMinute}\s*,?\s*(?:x|for)\s*(?<k>[0-9]{{1,2}})\s*(?:min(?:ute)?s?)?|{EveryMinute},?\s*(?<n>[0-9]{{1,2}})\s+{Counted}\s+(?:x|for)\s*(?<k>[0-9]{{1,2}})\s*(?:min(?:ute)?s?)?|(?<k>[0-9]{{1,2}})\s*x\s*(?<n>[0-9]{{1,2}})\s+{Counted}\s+{EveryMinute})$", RegexOptions.IgnoreCase);

    private static string MinutesOf(Match m)
    {
        var n = int.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture);
        int? all = m.Groups["all"].Success ? int.Parse(m.Groups["all"].Value, CultureInfo.InvariantCulture) : null;
        int? said = m.Groups["k"].Success ? int.Parse(m.Groups["k"].Value, CultureInfo.InvariantCulture) : null;
        // Where one does not go into the other, or another number of minutes is said, it is left as it is written.
        return n > 0 && (said ?? all / n) is { } minutes and > 1 and <= MostMinutes && (all is null || n * minutes == all)
            ? $"{m.Groups["h"].Value.Replace(":", " -", StringComparison.Ordinal)}EMOM {minutes.ToString(CultureInfo.InvariantCulture)} min: {m.Groups["n"].Value} {m.Groups["m"].Value}" : m.Value;
    }

    /// <summary>“3 rounds: squats, rows, press ups – 10 each”, “… (x10)”: behind a list of which nothing has a number.</summary>
    private static CardPattern EachBehindList => field ??= new(@"^(?<before>[^:]*[0-9][^:]*(?::|\s-)\s+[^0-9:]*?[,/][^0-9:]*?)\s*(?:\s-\s*|[;,]\s*|\(\s*)(?:x\s?(?<n>[0-9]{1,3})(?<each>\s+(?:of\s+)?each)?|(?<n>[0-9]{1,3})\s*(?<each>(?:reps\s*)?(?:of\s+)?(?:each|all)|reps))\)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>A line with so many of each right behind the last of its list; “x3” behind one is how often.</summary>
    public static string WithDoseBehind(string line) => !line.Contains(',', StringComparison.Ordinal) && !line.Contains('/', StringComparison.Ordinal) ? line
        : EachBehindList.Replace(line, m => m.Groups["each"].Success || m.Groups["n"].Length > 1 ? $"{m.Groups["before"].Value} {m.Groups["n"].Value} each" : m.Value);
}
