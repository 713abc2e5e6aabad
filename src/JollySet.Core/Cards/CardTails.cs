using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>What stands behind a block on its line, or below it, and is no part of how it runs: the time it may take at most, when people drink.</summary>
internal static class CardTails
{
    /// <summary>The line with what stands behind it on a line of its own; null where nothing does.</summary>
    /// <param name="isBelow">Whether something stands between it and the title: above all else a line is about the class.</param>
    public static string? Line(string line, bool isBelow)
    {
        if (Cap.Match(line) is { Success: true } cap && (isBelow || cap.Index > 0))
            return Cut(line, cap, $"note: {(line.Contains("RFT", StringComparison.Ordinal) ? "for time, " : "")}{cap.Groups["w"].Value.Trim()}");
        if (Told.IsMatch(line))
            return $"note: {line.Trim().Trim('(', ')')}";
        // How it will run another week is no part of how it runs today.
        if (isBelow && Later.IsMatch(line))
            return $"note: {line.Trim().Trim('(', ')')}";
        if (Lap.Match(line) is { Success: true } lap)
            return $"{line[..lap.Index]}{lap.Groups["t"].Value} water between rounds{line[(lap.Index + lap.Length)..]}";
        // “Block 1 (8 min): 40s work, 20s rest. … Twice through.”: how long that is follows from the rest of it.
        if (LongInBrackets.Match(line) is { Success: true } long_)
            return $"{long_.Groups["h"].Value}: {long_.Groups["rest"].Value}\nnote: {long_.Groups["t"].Value}";
        if (Drink.Match(line) is { Success: true } drink && drink.Index > 0)
            return Cut(line, drink, drink.Groups["when"].Success ? $"note: {drink.Groups["when"].Value.Trim()}" : $"{drink.Groups["t"].Value} water".Trim());
        return null;
    }

    private static string Cut(string line, Match m, string tail) => line[..m.Index].Trim(' ', ',', ';', '-', '(') is { Length: > 0 } before ? $"{before}\n{tail}" : tail;

    private const string Minutes = @"[0-9]{1,2}[\s-]*(?:mins?|minutes?|')";

    /// <summary>“12 min cap”, “cap 12 mins”, “time cap: 12 min”, “TC 12 min”, alone or at the end.</summary>
    private static CardPattern Cap => field ??= new(@"(?<!\bamrap\b.*)(?:^|[\s,;(-])(?<w>(?:time[\s-]*)?cap(?:ped)?\s*(?:at|of|is|:|=|-)?\s*" + Minutes + @"|" + Minutes + @"\s*(?:time[\s-]*)?cap|TC\s*:?\s*" + Minutes + @")\)?[.!]*\s*$", RegexOptions.IgnoreCase);

    /// <summary>“…, water after lap 1”, “… then a drink”, “… then 1 min to get a drink”, behind how a list runs.</summary>
    private static CardPattern Drink => field ??= new(@"(?<=[0-9].*)(?:\s+-\s+(?:water|drinks?)(?:\s+(?:break|stop))?|[\s,;(-]+(?<when>(?:water|drinks?)\s+(?:after(?!\s+(?:each|every))|at|when|once)\s[^,;()]{3,40})|[\s,;-]+then\s+(?:an?\s+)?(?:(?:water|drinks?)(?:\s+(?:break|stop))?(?:\s+(?:for\s+)?(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?)))?|(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))\s*(?:(?:to\s+(?:get|have|grab)|for)\s+)?(?:an?\s+|some\s+)?(?:water|drinks?)(?:\s+break)?))\)?[.!]*\s*$", RegexOptions.IgnoreCase);

    /// <summary>“(1 swing 1 squat, 2 swings 2 squats ... up to 10)”: a ladder, told once more.</summary>
    private static CardPattern Told => field ??= new(@"^\s*\((?=(?:[^()]*?[0-9]\s+[a-z]{3}){2})[^()]*(?:\.\.|\b(?:up|down)\s+to\s+[0-9])[^()]*\)\s*$", RegexOptions.IgnoreCase);

    /// <summary>“Progress to 40/20 in week 3”, “next week 40/20”, “build up to 3 rounds over time”.</summary>
    private static CardPattern Later => field ??= new(@"^\s*\(?(?:progress(?:ing)?\s+(?:to|towards|by)\b(?=.*[0-9])|(?:build(?:ing)?|work(?:ing)?|move|go)\s+(?:up\s+)?(?:to|towards)\b(?=.*\b(?:week|time|ready|month|term)|.*\brounds?\b(?!\s+of))|aim(?:ing)?\s+(?:for|to)\b(?=.*\bweek\b)|next\s+(?:week|time|month|term)\b|weeks?\s+[2-9]\b\s*:?\s*(?=[0-9]{2}\s*/\s*[0-9]{2}\s*$))[^:]*(?::\s*[0-9/ ]+)?$", RegexOptions.IgnoreCase);

    /// <summary>“2 laps, water break 2 mins after lap 1”.</summary>
    private static CardPattern Lap => field ??= new(@"(?<=\b2\s*(?:laps|rounds|times)\b.*)\b(?:water|drinks?)(?:\s+break)?\s+(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))\s+after\s+(?:lap|round)\s+(?:1|one)\b", RegexOptions.IgnoreCase);

    private static CardPattern LongInBrackets => field ??= new(@"^\s*(?<h>[a-z][a-z0-9 &'-]{1,30}?)\s*\((?<t>[0-9]{1,2}\s*(?:mins?|minutes?))\)\s*:\s*(?<rest>(?=.*\b[0-9]{2}\s*s(?:ecs?|econds?)?\s*(?:on|work)\b)(?=.*\b(?:twice|thrice|[a-z]+\s+times|[0-9]\s*(?:rounds|times|laps))\b).+)$", RegexOptions.IgnoreCase);
}
