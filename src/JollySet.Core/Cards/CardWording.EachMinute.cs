using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>What is done each minute, told in any order: “12 min: 10 swings + 5 goblet squats every minute”, “swings 10 x 10 on the minute”. All of it becomes “EMOM 12 min: …”.</content>
internal static partial class CardWording
{
    private const string OnTheMinute = @"(?:e1?mom|otm|(?:per|every|each|on\s+(?:the|every|each))\s+min(?:ute)?)\b";

    /// <summary>Counted moves parted by signs; so many each side may stand in brackets.</summary>
    private const string CountedItems = @"(?<items>[0-9]{1,2}\s+[a-z][^:;]*?)";

    /// <summary>“12 min: 10 swings + 5 squats every minute”, “10 swings + 5 squats every minute for 12 mins”.</summary>
    private static CardPattern ItemsEachMinute => field ??= new(
        $@"{HeadBefore}(?:(?<k>[0-9]{{1,2}})\s*(?:min(?:ute)?s?|x\s*(?:1\s*min(?:ute)?|60\s*s(?:ecs?)?))\s*(?::|\s-)?\s+{CountedItems}\s*[,;]?\s+{OnTheMinute}|{CountedItems}\s*[,;]?\s+{OnTheMinute}\s*,?\s*(?:for|x)\s*(?<k>[0-9]{{1,2}})(?:\s*min(?:ute)?s?)?)\.?$", RegexOptions.IgnoreCase);

    private static string EachMinute(Match m) =>
        int.Parse(m.Groups["k"].Value, CultureInfo.InvariantCulture) is > 1 and <= MostMinutes && ItemSigns.IsMatch(m.Groups["items"].Value)
            ? $"{m.Groups["h"].Value.Replace(":", " -", StringComparison.Ordinal)}EMOM {m.Groups["k"].Value} min: {BetweenItems.Replace(m.Groups["items"].Value.Trim(' ', ',', ';'), " + ")}" : m.Value;

    /// <summary>Whatever parts them, all of them are done in each minute.</summary>
    private static CardPattern BetweenItems => field ??= new(@"\s*(?:[+&,/]|\band\b)\s*(?=[0-9])", RegexOptions.IgnoreCase);

    private static CardPattern ItemSigns => field ??= new(@"[+&,/]|\band\b", RegexOptions.IgnoreCase);

    /// <summary>“Swings 10 x 10 on the minute”, “swings 15 x 10 mins on the minute”, “swings: 10 on the minute for 10 mins”, “swings EMOM x 10 (10 reps)”.</summary>
    private static CardPattern SetsOnTheMinute => field ??= new(
        $@"{HeadBefore}{Counted}\s*(?::|\s-)?\s*(?:\s(?<n>[0-9]{{1,2}})\s*x\s*(?<k>[0-9]{{1,2}})\s*min(?:ute)?s?\s*,?\s+{OnTheMinute}|\s(?<k>[0-9]{{1,2}})\s*x\s*(?<n>[0-9]{{1,2}})(?:\s*reps)?\s*,?\s+{OnTheMinute}|\s(?<n>[0-9]{{1,2}})(?:\s*reps)?\s+{OnTheMinute}\s*,?\s*(?:for|x)\s*(?<k>[0-9]{{1,2}})(?:\s*min(?:ute)?s?)?|\s{OnTheMinute}\s*x\s*(?<k>[0-9]{{1,2}})\s*\(\s*(?<n>[0-9]{{1,2}})\s*(?:reps|each)?\s*\))\.?$", RegexOptions.IgnoreCase);
}
