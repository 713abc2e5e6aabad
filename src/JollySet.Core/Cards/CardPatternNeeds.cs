using System.Numerics;

namespace JollySet.Core.Cards;

/// <summary>What every text holds in which a pattern is found: of each of some sets of letters and signs, one at least. To see that one is missing takes a fraction of looking for the pattern itself. Never says of a text that is found in that it could not be; see <see cref="Of"/> for what it does not try to understand.</summary>
internal sealed class CardPatternNeeds
{
    private const int MostSets = 8;

    // One bit for each letter, whatever its case, one for all digits, one for each of these signs, one for what is blank.
    private const string Signs = ":()/,.-+&@#*=%'\"|>;!?•×–";
    private const int Digit = 26;
    private const int Blank = 27;
    private const int FirstSign = 28;
    private const ulong Everything = ulong.MaxValue;

    // From the one that is met least to the one that is met most; signs and digits are met less than letters.
    private const string ByRarity = "zqjxkvwybfgmuhdcplnrtoiase";

    private static readonly ulong[] OfAscii = [.. Enumerable.Range(0, 128).Select(c => BitOf((char)c))];

    private readonly ulong[] sets;

    private CardPatternNeeds(IEnumerable<ulong> sets) => this.sets = [.. sets];

    /// <summary>The sets of which a text holds one each.</summary>
    public IReadOnlyList<ulong> Sets => sets;

    /// <summary>What stands in a text, as bits.</summary>
    public static ulong In(string text)
    {
        var held = 0UL;
        foreach (var c in text)
            held |= c < 128 ? OfAscii[c] : BitOf(c);
        return held;
    }

    /// <summary>Whether a text that holds so much may be one in which the pattern is found.</summary>
    public bool MayBeIn(ulong held)
    {
        foreach (var set in sets)
            if ((held & set) == 0)
                return false;
        return true;
    }

    /// <summary>The needs of a pattern. Groups, alternatives, classes and counts are understood; what looks around and a reference back need nothing. Conditions, “(?(name)yes|no)”, are not used here.</summary>
    public static CardPatternNeeds Of(string pattern)
    {
        var at = 0;
        return new(Alternatives(pattern, ref at));
    }

    private static ulong BitOf(char c) => c switch
    {
        >= 'a' and <= 'z' => 1UL << (c - 'a'),
        >= 'A' and <= 'Z' => 1UL << (c - 'A'),
        >= '0' and <= '9' => 1UL << Digit,
        // These are a k, an i and an s to who takes no heed of case.
        '\u212A' or '\u0130' or '\u0131' or '\u017F' => Everything,
        _ when char.IsWhiteSpace(c) => 1UL << Blank,
        // Other digits are digits to \d.
        _ when char.IsDigit(c) => 1UL << Digit,
        _ when Signs.IndexOf(c, StringComparison.Ordinal) is >= 0 and var at => 1UL << (FirstSign + at),
        _ => 0,
    };

    // Ends behind what closes the group, or at the end.
    private static List<ulong> Alternatives(string pattern, ref int at)
    {
        var all = Sequence(pattern, ref at);
        while (at < pattern.Length && pattern[at] == '|')
        {
            at++;
            var other = Sequence(pattern, ref at);
            all = Fewest(from one in all from two in other select one | two);
        }
        at++;
        return all;
    }

    private static List<ulong> Sequence(string pattern, ref int at)
    {
        var all = new List<ulong>();
        while (at < pattern.Length && pattern[at] is not ('|' or ')'))
        {
            var part = Part(pattern, ref at);
            if (!MayBeMissing(pattern, ref at))
                all.AddRange(part);
        }
        return Fewest(all);
    }

    private static List<ulong> Part(string pattern, ref int at)
    {
        switch (pattern[at])
        {
            case '(':
                return Group(pattern, ref at);
            case '[':
                return Class(pattern, ref at);
            case '\\':
                return Escaped(pattern, ref at) is > 0 and var bit ? [bit] : [];
            case '.' or '^' or '$':
                at++;
                return [];
            default:
                return BitOf(pattern[at++]) is > 0 and var letter ? [letter] : [];
        }
    }

    private static List<ulong> Group(string pattern, ref int at)
    {
        at++;
        if (pattern[at] != '?')
            return Alternatives(pattern, ref at);
        var sort = pattern.AsSpan(at);
        if (sort[1] is '-' || char.IsAsciiLetter(sort[1]))
            return Switched(pattern, ref at);
        var isBehind = sort.StartsWith("?<=") || sort.StartsWith("?<!");
        var isAround = isBehind || sort.StartsWith("?=") || sort.StartsWith("?!");
        at += isBehind ? 3 : 2;
        if (sort.StartsWith("?<") && !isBehind)
            at = pattern.IndexOf('>', at) + 1;
        var inside = Alternatives(pattern, ref at);
        return isAround ? [] : inside;
    }

    // “(?i)”, “(?-i:…)”: case changes nothing here.
    private static List<ulong> Switched(string pattern, ref int at)
    {
        at = pattern.AsSpan(at).IndexOfAny(':', ')') + at + 1;
        return pattern[at - 1] == ')' ? [] : Alternatives(pattern, ref at);
    }

    private static List<ulong> Class(string pattern, ref int at)
    {
        at++;
        var isOther = pattern[at] == '^';
        if (isOther)
            at++;
        var (bits, isKnown, first) = (0UL, !isOther, true);
        for (; pattern[at] != ']' || first; first = false)
        {
            if (pattern[at] == '\\')
            {
                var bit = Escaped(pattern, ref at);
                isKnown &= bit > 0;
                bits |= bit;
            }
            else if (at + 2 < pattern.Length && pattern[at + 1] == '-' && pattern[at + 2] != ']')
            {
                for (int c = pattern[at]; c <= pattern[at + 2] && isKnown; c++)
                {
                    isKnown &= BitOf((char)c) > 0;
                    bits |= BitOf((char)c);
                }
                at += 3;
            }
            else
            {
                isKnown &= BitOf(pattern[at]) > 0;
                bits |= BitOf(pattern[at++]);
            }
        }
        at++;
        return isKnown ? [bits] : [];
    }

    // What stands behind a stroke; nothing where it is a place, another class or a reference.
    private static ulong Escaped(string pattern, ref int at)
    {
        var c = pattern[at + 1];
        at += 2;
        if (c is 'p' or 'P')
            at = pattern.IndexOf('}', at) + 1;
        else if (c == 'k')
            at = pattern.IndexOf('>', at) + 1;
        else if (c is 'u' or 'x')
            at += c == 'u' ? 4 : 2;
        return c switch
        {
            'd' => 1UL << Digit,
            's' or 'n' or 't' or 'r' => 1UL << Blank,
            _ when char.IsAsciiLetterOrDigit(c) => 0,
            _ => BitOf(c),
        };
    }

    private static bool MayBeMissing(string pattern, ref int at)
    {
        if (at >= pattern.Length)
            return false;
        var isMissing = pattern[at] is '?' or '*';
        if (pattern[at] is '?' or '*' or '+')
            at++;
        else if (pattern[at] == '{' && at + 1 < pattern.Length && char.IsAsciiDigit(pattern[at + 1]))
        {
            isMissing = pattern[at + 1] == '0';
            at = pattern.IndexOf('}', at) + 1;
        }
        else
            return false;
        // Lazy.
        if (at < pattern.Length && pattern[at] == '?')
            at++;
        return isMissing;
    }

    // Those that say most: none that holds another, and the rarest.
    private static List<ulong> Fewest(IEnumerable<ulong> all)
    {
        var fewest = new List<ulong>();
        foreach (var set in all.Distinct().OrderBy(HowCommon))
            if (fewest.Count < MostSets && !fewest.Exists(f => (f & set) == f))
                fewest.Add(set);
        return fewest;
    }

    private static int HowCommon(ulong set)
    {
        var common = BitOperations.PopCount(set >> Digit) * 8;
        for (var letter = 0; letter < Digit; letter++)
            if ((set >> letter & 1) != 0)
                common += 1 + ByRarity.IndexOf((char)('a' + letter), StringComparison.Ordinal);
        return common;
    }
}
