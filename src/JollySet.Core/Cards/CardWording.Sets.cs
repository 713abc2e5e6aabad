using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of sets and reps of a lift and of the rest behind them, all of them said as “3x10, rest 60s”.</content>
internal static partial class CardWording
{
    /// <summary>“Sets: 3 reps: 10”, “3s x 10r”, “10 reps for 3 sets”, “x10, x3”, behind a name.</summary>
    private static CardPattern SetsNamed => field ??= new(@"(?<=^[^:0-9]*[a-z)][\s:,(-]+)(?:sets\s*[:=]?\s*(?<s>[0-9]{1,2})\s*[,/;]?\s*(?:x\s*)?reps\s*[:=]?\s*(?<r>[0-9]{1,3})|(?<s>[0-9]{1,2})s\s*x\s*(?<r>[0-9]{1,3})r\b|(?<r>[0-9]{1,3})\s*reps?\s+for\s+(?<s>[0-9]{1,2})\s*sets?\b|x\s?(?<r>[0-9]{1,3})\s*,?\s+x\s?(?<s>[2-9])\b)", RegexOptions.IgnoreCase);

    /// <summary>“Push press 10/10/10”, “10-10-10”, “10, 10, 10”: as many sets.</summary>
    private static CardPattern SameSetsBySigns => field ??= new(@"(?<=^(?:[0-9a-z][.)]\s*)?[a-z][a-z' -]*[a-z]\s*[:,-]?\s+)(?<n>[0-9]{1,2})(?>(?:\s*[,/-]\s*\k<n>\b){2,7})(?!\s*[,/-]\s*[0-9]{1,2}\b(?!\s*(?:s|secs?|mins?)))(?:\s*reps)?(?=$|\s*(?:[@&+;/-]|\((?=[^)]*rest)|,\s*(?:rest|r?[0-9]{2,3}\s*(?:s|secs?|seconds?)\b|[1-5]\s*min)|(?:rest|r[0-9]|with|w/|[0-9]{1,3}\s*(?:s|secs?|mins?|minutes?)\b)))", RegexOptions.IgnoreCase);

    /// <summary>“Plank 30s x 3”, “3 lots of 30 secs”, “30 sec, 3 sets”, “3 times 30 seconds”, behind a name: so many sets of so long.</summary>
    private static CardPattern SetsOfHold => field ??= new(@"(?<=^(?:(?:[0-9a-h][.)]|-)\s*)?|:\s*|\s-\s+|\b[2-6]\s*x\s*[0-9].*[,;]\s*)(?<name>[a-z][a-z' -]*?[a-z])(?<sep>\s*[:,]\s*|\s+-\s+|\s+)(?:hold\s+(?:for\s+)?|for\s+)?(?:(?<t>[0-9]{1,3})\s*(?:s|secs?|seconds?)(?:\s+hold)?\s*(?:,?\s*x\s?(?<n>[2-6])(?:\s*sets)?|,?\s*(?<n>[2-6])\s*(?:sets|times)|for\s+(?<n>[2-6])\s*sets)|(?<n>[2-6])\s*(?:sets?\s*(?:of|x)|lots\s+of|times|rounds\s+of|x(?=\s*[0-9]{1,3}\s*s[a-z]*\s+hold))\s*(?:of\s+)?(?<t>[0-9]{1,3})\s*(?:s|secs?|seconds?)(?:\s+hold)?)\b(?!\s*(?:rounds|reps|x\b|on\b|work|each|/\s*[0-9]+\s*(?:$|[a-z]?\s*x)))", RegexOptions.IgnoreCase);

    /// <summary>Words before a time that are no move's.</summary>
    private static CardPattern NoHold => field ??= new(@"\b(?:rest|off|work|each|every|all|on|then|and|for|hold|times?|repeat|round)\s*$|^(?:then|and|rest)\b", RegexOptions.IgnoreCase);

    private static CardPattern EachSideInShort => field ??= new(@"(?<=[0-9]\s*(?:s|secs?|seconds?)?)\s*\bes\b(?=\s*(?:$|[,;(/-]|rest\b|r[0-9]|with\b|w/|[0-9]{2}\s*s))", RegexOptions.IgnoreCase);

    /// <summary>“Lunge 10 each side x 3”, “10/leg x 3”.</summary>
    private static CardPattern SetsOfSides => field ??= new(@"(?<=[a-z][\s:,-]+)(?<r>[0-9]{1,2})\s*(?<e>(?:each|per|a)\s+(?:side|leg|arm)|/\s?(?:side|leg|arm))\s*(?:,?\s*x\s?(?<s>[2-6])(?:\s*sets)?|,\s*(?<s>[2-6])\s*sets)\b(?!\s*(?:rounds|x))", RegexOptions.IgnoreCase);

    /// <summary>“3x10x20kg”, “20kg x 10 x 3”, “3x10 @ 20k”.</summary>
    private static CardPattern SetsAndLoad => field ??= new(@"\b(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})\s*x\s*(?<w>[0-9]{1,3}(?:\.5)?)\s*(?:kgs?|k)\b|(?<=[a-z][\s:,-]+)(?<w>[0-9]{1,3}(?:\.5)?)\s*kgs?\s*x\s*(?<r>[0-9]{1,2})\s*x\s*(?<s>[2-6])\b|(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})\s*@\s*(?<w>[0-9]{1,3})\s?k\b(?!\s+[a-z])|(?<=[a-z][\s:,-]+)(?<w>[0-9]{1,3})k\s+(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})\b", RegexOptions.IgnoreCase);

    private const string Dose = @"[0-9]{1,3}(?:\s*(?:s|secs?|seconds?)\b)?(?:\s*hold\b)?(?:\s*reps?\b)?(?:\s*(?:each|per|a)\s+(?:side|leg|arm)|\s*/\s?(?:side|leg|arm)|\s+e/?s\b)?(?:\s*@?\s*[0-9]{1,3}\s?kgs?\b)?";

    /// <summary>“3x10 / 60 sec rest”, “3 sets of 10 + 1 minute break”: the rest between the sets.</summary>
    private static CardPattern RestBehindSets => field ??= new(@"(?<=[a-z].*)(?:\((?=[^()]*\)\s))?(?<d>\b[0-9]{1,2}\s*(?:(?:[x×*]|by|sets?\s*(?:of|x|,)|lots\s+of|rounds\s+of)\s*" + Dose + @"|sets?\s+[0-9]{1,3}(?![0-9]|\s*(?:s|secs?|seconds?|m|mins?|minutes?)\b)(?:\s*reps?)?)|\b[0-9]{1,3}(?:\s*reps)?\s*(?:x\s*[0-9]{1,2}(?:\s*sets)?|,\s*[0-9]{1,2}\s*sets)|\b(?:two|three|four|five|six)\s+sets\s+of\s+(?:[0-9]{1,2}(?:\s*(?:s|secs?|seconds?)\b)?|five|six|eight|ten|twelve|fifteen))(?:\)(?=\s))?(?:\s*(?:[/&+@;,(-]|\bwith\b|\bw/)\s*|\s+)(?:(?:an?\s+)?(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)|min(?:ute)?(?:'?s)?)\s*(?:(?:of\s+)?rest(?:\s+(?:in\s+)?between(?:\s+sets)?)?|off|break|(?:in\s+)?between(?:\s+sets)?)|(?:rest(?:ing)?\s*[:=]?\s*(?:for\s+)?|r)(?<t>[0-9]{2,3}(?:\s*(?:s|secs?|seconds?))?|[1-5]\s*(?:mins?|minutes?)))\)?$", RegexOptions.IgnoreCase);

    /// <summary>“Goblet squats x10 ss rows x12 - 3 sets”, “10 squats into 12 rows x3”.</summary>
    private static CardPattern PairByWord => field ??= new(@"^(?<a>[0-9]{1,2}\s+" + Plain + @")\s+(?:straight\s+)?into\s+(?<b>[0-9]{1,2}\s+" + Plain + @")\s*[,-]?\s*(?:x\s?(?<n>[2-6])|(?<n>[2-6])\s*(?:x|sets|rounds|times))$|^(?<a>" + Plain + @"\s+x?\s?[0-9]{1,2})\s+ss\s+(?<b>" + Plain + @"\s+x?\s?[0-9]{1,2})\s*[,-]?\s*(?:x\s?(?<n>[2-6])|(?<n>[2-6])\s*(?:x|sets|rounds|times))$", RegexOptions.IgnoreCase);

    /// <summary>“Arms (1kg) - curls, presses, rows, 2 x 15 each”: so heavy for each of them.</summary>
    private static CardPattern LoadOfList => field ??= new(@"^(?<h>[a-z][a-z ]{2,20}?)\s*(?:\(\s*(?<w>[0-9]{1,2}(?:\.[0-9])?\s*kgs?|(?<light>light|medium|heavy)(?:\s+(?:weights?|ones))?)\s*\)|(?:with|w/)\s*(?<w>[0-9]{1,2}(?:\.[0-9])?\s*kgs?)(?:\s+(?:weights?|dumbbells|dbs))?)\s*(?::|\s-)\s+(?<i>" + Plain + CountedBehind + @")(?:,\s*(?<i>" + Plain + CountedBehind + @"))+(?:,?\s+(?:(?:(?<s>[2-6])\s*)?x\s*(?<r>[0-9]{1,2})|(?<r>[0-9]{1,2})\s+of)(?:\s+each)?$|(?<more>$|,?\s+[0-9].*$))", RegexOptions.IgnoreCase);

    private const string CountedBehind = @"(?:\s+x\s*[0-9]{1,2}(?=,|$))?";

    private const string SupersetHead = @"(?:[A-H]\s*[.):]\s*|(?:finisher|core|arms|legs|upper|lower|main)\s+)?(?:super\s?-?set|ss)\b";

    /// <summary>“SS: curls 3x12 + rows 3x12, 60s”: what stands behind the sets is their rest.</summary>
    private static CardPattern RestOfSuperset => field ??= new(@"(?<=^" + SupersetHead + @".*[0-9]\s*x\s*[0-9]{1,2}(?:\s+each)?)(?:\s*,\s*|\s+-\s+|\s*\(\s*)(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?)|[1-3]\s*(?:mins?|minutes?))(?:\s+rest)?\s*\)?$", RegexOptions.IgnoreCase);

    /// <summary>“SS: curls + rows 3x12”: of both.</summary>
    private static CardPattern SupersetOfBoth => field ??= new(@"^(?<h>" + SupersetHead + @")\s*(?::|\s-)\s*(?<a>" + Plain + @")\s*(?:[+/&]|\band\b)\s*(?<b>" + Plain + @")\s+(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})(?=$|\s*[,(-])", RegexOptions.IgnoreCase);

    /// <summary>“SS: curls x12 + rows x12 x3”: so often.</summary>
    private static CardPattern SupersetSoOften => field ??= new(@"^(?<h>" + SupersetHead + @")\s*(?::|\s-)\s*(?<a>" + Plain + @"\s+x\s*[0-9]{1,2})\s*[+/&,]\s*(?<b>" + Plain + @"\s+x\s*[0-9]{1,2})\s*,?\s+x\s*(?<n>[2-6])(?:\s*[,(-]\s*(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?)|[1-3]\s*(?:mins?|minutes?))(?:\s+rest)?\s*\)?)?(?=$|\s*[,(-])", RegexOptions.IgnoreCase);

    /// <summary>“A: squats 3x10 / rows 3x12”, “squats 3x10 + rows 3x12 (superset)”: as many sets of both, by turns.</summary>
    private static CardPattern PairWithSets => field ??= new(@"^(?:(?<l>[A-H])\s*[:.)]\s*(?<a>" + Plain + @")\s+(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})\s+/\s+(?<b>" + Plain + @")\s+\k<s>\s*x\s*(?<q>[0-9]{1,2})|(?<a>" + Plain + @")\s+(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})\s+[/+&]\s+(?<b>" + Plain + @")\s+\k<s>\s*x\s*(?<q>[0-9]{1,2})\s*(?:\(\s*super\s?-?set\s*\)|,?\s+super\s?-?set))$", RegexOptions.IgnoreCase);

    /// <summary>“A1/A2 squats x10 / rows x12 3 sets”.</summary>
    private static CardPattern LetteredBoth => field ??= new(@"^(?<l>[A-H])1\s*/\s*\k<l>2\s*[:.)-]?\s+(?<a>" + Plain + @"\s+x?\s?[0-9]{1,2})\s+/\s+(?<b>" + Plain + @"\s+x?\s?[0-9]{1,2})\s*[,-]?\s*(?:x\s?(?<n>[2-6])|(?<n>[2-6])\s*(?:x|sets|rounds|times))$", RegexOptions.IgnoreCase);

    /// <summary>“Block 2: 3 x (squats 15, curls 12), 1 min between”, “Block 2: squats 15, curls 12 x 3 rounds”: rounds of a named list.</summary>
    private static CardPattern RoundsOfNamedList => field ??= new(@"^(?<h>[a-z][a-z0-9 ]{0,24}?)\s*[:-]\s+(?:(?<n>[2-9])\s*(?:x|rounds?|rds)(?:\s+(?:each\s+)?of)?\s*[(\[](?<items>[^()\[\]]+,[^()\[\]]+)[)\]]|[(\[](?<items>[^()\[\]]+,[^()\[\]]+)[)\]]\s*x\s?(?<n>[2-9])|(?<items>[^()\[\]:]+,[^()\[\]:]+?)\s*,?\s+x\s?(?<n>[2-9])\s*rounds|(?<n>[2-9])\s*rounds\s+each\s+of\s+(?<items>[0-9][^()\[\]:]+?,[^()\[\]:]+?))(?<more>(?:,\s*|\s+)(?:with\s+|rest\s+)?[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)\b[a-z /]*)?$", RegexOptions.IgnoreCase);

    /// <summary>“Finisher SS: …”.</summary>
    private static CardPattern SupersetBehindWord => field ??= new(@"(?<=^[a-z]{3,12}\s)s/?s(?=\s?[0-9]?\s*:\s)", RegexOptions.IgnoreCase);

    /// <summary>“3 rounds: squats 15, curls 12, rows 12, 60s between”: so long a rest lies between the rounds.</summary>
    private static CardPattern LongBetween => field ??= new(@"(?<=^(?=.*\b(?:[2-9]\s*(?:rounds|x|times|rds)|x\s?[2-9])\b)[^,]*,[^,]*,.*[\s,])(?<t>(?:4[5-9]|[5-9][0-9]|1[0-9][0-9])\s*(?:s|secs?|seconds?)|[1-5]\s*(?:mins?|minutes?))\s+(?:rest\s+)?(?:in\s+)?(?:between|btw|btwn|b/w)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Bench 4x6, bent row 4x8 - superset, 90s”: what the two are, and their rest, is said behind them.</summary>
    private static CardPattern PairThenSuperset => field ??= new(@"^(?<a>" + Plain + @")\s+(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})\s*(?:[,/+&]|\s-)\s*(?<b>" + Plain + @")\s+\k<s>\s*x\s*(?<q>[0-9]{1,2})\s*(?:[,(-]\s*)*super\s?-?set(?:ted)?\b(?:\s*[,-]?\s*(?:rest\s+)?(?<t>[0-9]{2,3})\s*s(?:ecs?|econds)?(?:\s+rest)?)?\s*\)?$", RegexOptions.IgnoreCase);

    /// <summary>“Superset x3: lateral raise 12 / pushdown 12 - 60s”.</summary>
    private static CardPattern RestOfSoManySupersets => field ??= new(@"^(?<h>" + SupersetHead + @"\s*\(?\s*(?:x\s*[2-6]|[2-6]\s*x)\s*\)?\s*(?::|\s-)\s*" + Plain + @"\s+(?:x\s*)?[0-9]{1,2}\s*[/+,&]\s*" + Plain + @"\s+(?:x\s*)?[0-9]{1,2})\s*(?:,|\s-|\()\s*(?:rest\s+)?(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?))(?:\s+rest)?\s*\)?$", RegexOptions.IgnoreCase);
}
