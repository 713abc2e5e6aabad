using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of ladders told with their moves on one line.</content>
internal static partial class CardWording
{
    private const string LadderWord = @"(?:(?:ascending|descending)\s+)?(?:ladder|countdown|count\s?down)";
    private const string Leads = @"(?:(?:then|so|and|now|next|we|we'll|it's|this\s+is|do|doing|an?|the|of|thinking|finish|with|to|for)\s+)*";
    private const string DownTo = @"\s*(?:reps?\s*)?(?:-|to|down\s+to|up\s+to)\s*";

    /// <summary>“10 to 1 ladder: squats and press-ups”, “ladder: 10 down to 1 of squats and press-ups”, “descending ladder 10-1 squats/press-ups”, “start at 10 and count down to 1: squats”.</summary>
    private static CardPattern LadderTo => field ??= new(@"^(?:an?\s+)?(?:(?<a>\d{1,2})" + DownTo + @"(?<b>\d{1,2})\s+(?<behind>" + LadderWord + @")|(?<h>" + LadderWord + @")\s*(?:[:,-]\s*)?(?:(?:from|up|down)\s+)?(?:from\s+)?(?<a>\d{1,2})" + DownTo + @"(?<b>\d{1,2})(?:\s*reps?)?(?!\s*(?:s|secs?|seconds|mins?)\b|\d|\s*-)(?:" + InSteps + @")?|(?:(?<h>" + LadderWord + @")\s*[:,-]?\s*)?(?:go(?:ing)?\s+)?(?:up|down)\s+(?:in|by)\s+(?<k>twos|threes|fours|fives|[2-5]'?s?)\s+from\s+(?<a>\d{1,2})\s+to\s+(?<b>\d{1,2})|start(?:ing)?\s+(?:at|from|with|on)\s+(?<a>\d{1,2})(?:\s+(?:of\s+each|reps?))?,?\s+(?:and\s+)?(?:count(?:ing)?|work(?:ing)?|go(?:ing)?)\s+(?:your\s+way\s+)?(?:down|up)\s+to\s+(?<b>\d{1,2}))(?:\s*(?:[:,-]\s*)?(?:of\s+(?:each\s*:?\s*)?)?(?<items>[a-z][^:\d]*))?$", RegexOptions.IgnoreCase);

    /// <summary>“Squats and press-ups 10 down to 1”.</summary>
    private static CardPattern MovesDownTo => field ??= new(@"^(?<items>[a-z][^:\d]*?)\s*[,:-]?\s+(?:from\s+)?(?<a>\d{1,2})\s+(?:down|up)\s+to\s+(?<b>\d{1,2})$", RegexOptions.IgnoreCase);

    /// <summary>“Ladder up: 2, 4, 6, 8, 10 of swings and goblet squats”, “2/4/6/8/10 swings + goblet squats”.</summary>
    private static CardPattern RungsOfMoves => field ??= new(@"^(?:(?<h>" + LadderWord + @")(?:\s+(?:up|down))?\s*[:,-]?\s*(?<l>\d{1,3}(?:\s*[,/-]\s*\d{1,3}){2,})\s+(?:reps?\s+)?(?:of\s+(?:each\s*:?\s*)?)?(?<items>[a-z][^:\d]*)|(?<l>\d{1,2}(?:/\d{1,2}){2,})\s+(?:reps?\s+)?(?:of\s+)?(?<items>[a-z][^:\d]*?\s*(?:\+|,|\sand\s)[^:\d]*))$", RegexOptions.IgnoreCase);

    /// <summary>“Time pyramid: 20, 30, 40, 30, 20 seconds of squats, 10s rest”.</summary>
    private static CardPattern PyramidOf => field ??= new(@"^(?:time\s+)?pyramid\s*[:,-]?\s*(?<l>\d{2}(?:\s*[,/-]\s*\d{2}){2,8})\s*(?:s|secs?|seconds?)\s+(?:of\s+)?(?<items>[a-z][^:\d]*?)(?<more>\s*[,(]?\s*(?:with\s+)?(?:an?\s+)?\d{1,3}\s*(?:s|secs?|seconds?)\s*rest(?:\s+(?:in\s+)?between)?\)?)?$", RegexOptions.IgnoreCase);

    /// <summary>“Start with 1 burpee and 1 squat jump, then 2 of each, 3 of each and so on up to 10”; “2 squat jumps, 2 press-ups, then 4 of each, up to 10”.</summary>
    private static CardPattern RungsTold => field ??= new(@"^(?:" + Leads + @"ladder(?:\s+on\s+[a-z]+day)?\s*[:,-]?\s+|(?:(?:then|so|and|we)\s+)*)(?:(?:start(?:ing)?|begin(?:ning)?)\s+(?:with|on|at)\s+|do\s+)?(?<items>(?:[1-5]|one|two|three|five)\s+[a-z][^:;.]*?),?\s+(?:and\s+)?(?:then\s+)?(?<m>[2-9]|10|two|three|four|six|ten)\s+of\s+each(?:,?\s+(?:and\s+)?(?:then\s+)?(?:[3-9]|three|four|five|six|eight)(?:\s+of\s+each)?)*,?\s+(?:(?:and\s+so\s+on|etc\.?|all\s+the\s+way|right|up|until)[\s,]+)*(?:up\s+)?(?:to\s+|you\s+(?:get|reach)\s+(?:to\s+)?)?(?<b>[0-9]{1,2}|ten|five|eight|six)(?:\s+of\s+each)?(?:[.!;,]+\s*(?<more>no\s+rest)?[.!]?)?$", RegexOptions.IgnoreCase);

    /// <summary>“It's a countdown: ten squats, ten sit ups, then nine of each, eight, all the way to one”.</summary>
    private static CardPattern RungsDown => field ??= new(@"^(?:" + Leads + @"(?<h>countdown|ladder)\s*[:,-]?\s+|(?:(?:then|so|and|we|do|start\s+with)\s+)*)(?<items>(?:[0-9]{1,2}|ten|twelve|eight|fifteen|twenty|five|six)\s+[a-z][^:;.]*?),?\s+(?:and\s+)?(?:then\s+)?(?:[0-9]{1,2}|nine|eleven|seven|four|five|fourteen|nineteen)\s+of\s+each(?:[\s,]+(?:and|then|so|on|all|the|way|down|right|of|each|etc|[0-9]{1,2}|eleven|ten|nine|eight|seven|six|five|four|three|two)\b\.?)*[\s,]+(?:to|until)\s+(?:1|one)(?:\s+of\s+each)?[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“Pyramid: 20 seconds of each, then 30, then 40, then back to 30 and 20”.</summary>
    private static CardPattern PyramidTold => field ??= new(@"^(?:" + Leads + @"(?:time\s+)?pyramid\s*[:,-]?\s+|(?:(?:so|then|and|we|we'd|we'll|do)\s+)*)(?<n>[0-9]{2})\s*(?:s|secs?|seconds?)\s+(?:of|on|for)\s+each(?:\s+(?:move|exercise|one))?(?<l>,?\s+(?:and\s+)?then\s+(?<n>[0-9]{2})(?:\s*(?:s|secs?|seconds?))?)+,?\s+(?:and\s+)?(?:then\s+)?(?:back|down)(?:\s+down)?\s+(?:to|through)\s+(?<n>[0-9]{2})(?:(?:,|\s+and|\s+then|,\s*then)\s+(?<n>[0-9]{2}))*(?:\s*(?:s|secs?|seconds?))?(?=[.,;]|$)", RegexOptions.IgnoreCase);

    private static CardPattern CountFirst => field ??= new(@"(?<=^|[,+]\s*|\band\s+)(?<n>[0-9]{1,2}|ten|twelve|eight|fifteen|twenty|two|three|four|five|six)\s+(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>The count that all moves of a first rung have; null where they differ.</summary>
    private static string? SameCount(Match m) =>
        CountFirst.Matches(m.Groups["items"].Value).Select(c => CardNumbers.InDigits(c.Groups["n"].Value)).Distinct().ToList() is [var one] ? one : null;

    /// <summary>A ladder of which two rungs and the last are told; the words as they are where those do not go together.</summary>
    private static string Told(Match m)
    {
        int Of(string number) => int.Parse(CardNumbers.InDigits(number), CultureInfo.InvariantCulture);
        var (from, next, to) = (m.Groups["items"].Value is ['1', ..] or ['o' or 'O', ..] ? 1 : SameCount(m) is { } count ? Of(count) : 0, Of(m.Groups["m"].Value), Of(m.Groups["b"].Value));
        if (from < 1 || next <= from || to <= next || (to - from) % (next - from) != 0)
            return m.Value;
        var rungs = next == from + 1 ? string.Create(CultureInfo.InvariantCulture, $"{from}-{to}") : string.Join('-', Enumerable.Range(0, (to - from) / (next - from) + 1).Select(n => from + n * (next - from)));
        return $"ladder {rungs}{(m.Groups["more"].Success ? ", no rest" : "")}: {CountFirst.Replace(FirstRung.Replace(m.Groups["items"].Value, ""), "")}";
    }

    /// <summary>The one of the first rung, before each of its moves.</summary>
    private static CardPattern FirstRung => field ??= new(@"(?<=^|[,+]\s*|\band\s+)(?:1|one|an?)\s+(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>By the word that was written; where none was, as its rungs.</summary>
    private static string Ladder(Match m)
    {
        var (from, to) = (int.Parse(m.Groups["a"].Value, CultureInfo.InvariantCulture), int.Parse(m.Groups["b"].Value, CultureInfo.InvariantCulture));
        var items = m.Groups["items"].Value.Trim() is { Length: > 0 } moves ? $": {moves}" : "";
        var rungs = m.Groups["k"].Success ? Rungs(m) : m.Groups["h"].Success ? $"{from}-{to}" : string.Join('-', Enumerable.Range(Math.Min(from, to), Math.Abs(from - to) + 1).OrderBy(n => from < to ? n : -n));
        var word = items.Length > 0 && m.Groups["behind"].Success ? m.Groups["behind"].Value : m.Groups["h"].Value;
        return $"{word} {rungs}".TrimStart() + items;
    }

    private static string RungsAndMoves(Match m)
    {
        var rungs = m.Groups["l"].Value.Replace(" ", "", StringComparison.Ordinal).Split([',', '/', '-']).Select(n => int.Parse(n, CultureInfo.InvariantCulture)).ToList();
        var steps = rungs.Zip(rungs.Skip(1), (a, b) => Math.Sign(b - a)).Distinct().ToList();
        return steps is [not 0] ? $"{(m.Groups["h"].Success ? m.Groups["h"].Value + " " : "")}{string.Join('-', rungs)}: {(m.Groups["h"].Success ? m.Groups["items"].Value : m.Groups["items"].Value.Replace(" + ", ", ", StringComparison.Ordinal)).Trim()}" : m.Value;
    }

    /// <summary>4, 8, 12, 8, 4: up and down again.</summary>
    private static bool IsThereAndBack(Group rungs) => rungs.Captures is { Count: > 2 } said && said[0].Value == said[^1].Value;

    /// <summary>“Ascending reps: 5, 10, 15, 20” above a list.</summary>
    private static CardPattern RepsInOrder => field ??= new(@"^(?:ascending|descending|climbing|rising|falling)\s+reps\s*(?::|\s-)?\s*(?<n>[0-9]{1,3})(?:\s*[,/-]\s*(?<n>[0-9]{1,3})){2,9}\s*:?$", RegexOptions.IgnoreCase);

    /// <summary>“10 > 8 > 6 > 4”, “10.8.6.4”, “ladder down 10 8 6 4”, “ladder of 10, 8, 6”, “reps 10 8 6 4”: rungs.</summary>
    private static CardPattern RungsBySigns => field ??= new(@"^(?<n>[0-9]{1,2})(?:\s*(?:->|>|→)\s*(?<n>[0-9]{1,2})){3,9}(?=\s*(?:$|:|\s[a-z]))|^(?<n>[0-9]{1,2})(?:\.(?<n>[0-9]{1,2})){3,9}(?=\s*(?:$|:|\s[a-z]))|^(?<w>(?:descending\s+|ascending\s+)?ladder(?:\s+(?:down|up|of))?|reps|rungs)\s*[:,-]?\s+(?<n>[0-9]{1,2})(?:\s*,\s*(?<n>[0-9]{1,2})|\s+(?<n>[0-9]{1,2})){3,9}(?=\s*(?:$|:))", RegexOptions.IgnoreCase);

    /// <summary>“Squats / press-ups: 10-8-6-4-2”.</summary>
    private static CardPattern RungsBehindMoves => field ??= new(@"^(?!ladder|pyramid|reps|rungs|count)(?<items>[a-z][a-z' -]+?(?:\s*(?:/|,|&|\+|\band\b)\s*[a-z][a-z' -]+?)+)\s*:\s*(?<l>[0-9]{1,2}(?:-[0-9]{1,2}){2,9})$", RegexOptions.IgnoreCase);

    private static CardPattern RungMoves => field ??= new(@"\s*(?:/|,|&|\+|\band\b)\s*", RegexOptions.IgnoreCase);

    /// <summary>“10 down to 2 in 2s: squats”, “10 to 2, down by 2: squats”.</summary>
    private static CardPattern RungsInSteps => field ??= new(@"^(?:from\s+|ladder\s*[:,-]?\s+)?(?<a>[0-9]{1,2})\s*(?:down\s+to|to|-)\s*(?<b>[0-9]{1,2})\s*,?\s*(?:(?:going\s+|go\s+)?down\s+)?(?:in|by)\s+(?<s>[2-5]|twos|threes|fives)(?:'?s)?\b(?=\s*(?:$|:))", RegexOptions.IgnoreCase);

    /// <summary>The rungs one by one; the words as they are where the steps do not lead there.</summary>
    private static string RungsDownBy(Match m)
    {
        var (from, to) = (int.Parse(m.Groups["a"].Value, CultureInfo.InvariantCulture), int.Parse(m.Groups["b"].Value, CultureInfo.InvariantCulture));
        var step = m.Groups["s"].Value.ToUpperInvariant() switch { "TWOS" => 2, "THREES" => 3, "FIVES" => 5, var n => n[0] - '0' };
        return from <= to || to < 1 || (from - to) % step != 0 ? m.Value : $"ladder {string.Join('-', Enumerable.Range(0, (from - to) / step + 1).Select(i => from - i * step))}";
    }

    /// <summary>“10-1 squats / sit-ups”, “from 10 down to 1 squats and sit-ups”.</summary>
    private static CardPattern RungsThenPair => field ??= new(@"^(?:from\s+)?(?<l>(?:ladder\s+)?(?:[3-9]|[1-9][0-9])\s*(?:-|to|down\s+to|\.\.|>>)\s*1|[0-9]{1,2}(?:-[0-9]{1,2}){3,})\s+(?:-\s+|of\s+)?(?<a>" + Plain + @")\s+(?:/|\+|and|&)\s+(?<b>" + Plain + @")$", RegexOptions.IgnoreCase);
}
