using System.Numerics;

namespace JollySet.Core.Cards;

/// <summary>What every text holds in which a pattern is found: of each of some sets of letters and signs one at least, and one of some words. To see that one is missing takes a fraction of looking for the pattern itself. Never says of a text that is found in that it could not be.</summary>
internal sealed class CardPatternNeeds
{
    private const int MostSets = 6;
    private const int MostWords = 6;
    private const int ShortestWord = 2;

    // One bit for each letter, whatever its case, one for all digits, one for what is blank, one for each of these signs.
    private const int Digit = 26;
    private const int Blank = 27;
    private const int FirstSign = 28;
    private const string Signs = ":()/,.-+&@#*=%'\"|>;!?•×–";

    // Of a text with a letter that is another's to who takes no heed of case.
    private const ulong Everything = ulong.MaxValue;

    // From the one that is met least to the one that is met most; signs and digits are met less than letters.
    private const string ByRarity = "zqjxkvwybfgmuhdcplnrtoiase";

    private static readonly ulong[] OfAscii = [.. Enumerable.Range(0, 128).Select(c => BitOf((char)c))];

    private CardPatternNeeds(Part all) => (Sets, Words) = ([.. all.Sets], [.. all.Words]);

    /// <summary>The sets, as bits, of which a text holds one each.</summary>
    public ulong[] Sets { get; }

    /// <summary>The words of which a text holds one, in any case; none where no word is needed.</summary>
    public string[] Words { get; }

    /// <summary>The letters and signs of a text, as bits.</summary>
    public static ulong In(string text)
    {
        var held = 0UL;
        foreach (var c in text)
            held |= c < 128 ? OfAscii[c] : BitOf(c);
        return held;
    }

    /// <summary>Whether the pattern may be found in a text.</summary>
    /// <param name="held">The text's own, by <see cref="In"/>.</param>
    public bool MayBeIn(string text, ulong held)
    {
        foreach (var set in Sets)
            if ((held & set) == 0)
                return false;
        if (Words.Length == 0 || held == Everything)
            return true;
        foreach (var word in Words)
            if (text.Contains(word, StringComparison.OrdinalIgnoreCase))
                return true;
        return false;
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
        '\u212A' or '\u0130' or '\u0131' or '\u017F' => Everything,
        _ when char.IsDigit(c) => 1UL << Digit,
        _ when char.IsWhiteSpace(c) => 1UL << Blank,
        _ when Signs.IndexOf(c, StringComparison.Ordinal) is >= 0 and var at => 1UL << (FirstSign + at),
        _ => 0,
    };

    // Ends behind what closes the group, or at the end.
    private static Part Alternatives(string pattern, ref int at)
    {
        var all = Sequence(pattern, ref at);
        while (at < pattern.Length && pattern[at] == '|')
        {
            at++;
            all = all.Or(Sequence(pattern, ref at));
        }
        at++;
        return all;
    }

    private static Part Sequence(string pattern, ref int at)
    {
        var (all, word) = (Part.None, "");
        while (at < pattern.Length && pattern[at] is not ('|' or ')'))
        {
            var from = at;
            var part = One(pattern, ref at);
            var isLetter = at == from + 1 && char.IsAsciiLetter(pattern[from]);
            var isCounted = IsCounted(pattern, ref at, out var mayBeMissing);
            if (!mayBeMissing)
                all = all.And(part);
            if (isLetter && !mayBeMissing)
                word += pattern[from];
            if (isLetter && !isCounted)
                continue;
            all = all.And(Part.OfWord(word));
            word = "";
        }
        return all.And(Part.OfWord(word));
    }

    private static Part One(string pattern, ref int at)
    {
        switch (pattern[at])
        {
            case '(':
                return Group(pattern, ref at);
            case '[':
                return Class(pattern, ref at);
            case '\\':
                return Part.OfSet(Escaped(pattern, ref at));
            case '.' or '^' or '$':
                at++;
                return Part.None;
            default:
                return Part.OfSet(BitOf(pattern[at++]));
        }
    }

    private static Part Group(string pattern, ref int at)
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
        return isAround ? Part.None : inside;
    }

    // “(?i)”, “(?-i:…)”: case changes nothing here.
    private static Part Switched(string pattern, ref int at)
    {
        at = pattern.AsSpan(at).IndexOfAny(':', ')') + at + 1;
        return pattern[at - 1] == ')' ? Part.None : Alternatives(pattern, ref at);
    }

    private static Part Class(string pattern, ref int at)
    {
        at++;
        var isKnown = pattern[at] != '^';
        if (!isKnown)
            at++;
        var bits = 0UL;
        for (var first = at; pattern[at] != ']' || at == first;)
        {
            var (from, to) = (pattern[at], pattern[at]);
            if (from == '\\')
            {
                var bit = Escaped(pattern, ref at);
                (isKnown, bits) = (isKnown && bit > 0, bits | bit);
                continue;
            }

            if (pattern[at + 1] == '-' && pattern[at + 2] != ']')
                (to, at) = (pattern[at + 2], at + 2);
            at++;
            for (int c = from; c <= to && isKnown; c++)
                (isKnown, bits) = (BitOf((char)c) > 0, bits | BitOf((char)c));
        }
        at++;
        return Part.OfSet(isKnown ? bits : 0);
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

    private static bool IsCounted(string pattern, ref int at, out bool mayBeMissing)
    {
        mayBeMissing = at < pattern.Length && pattern[at] is '?' or '*';
        if (at < pattern.Length && pattern[at] is '?' or '*' or '+')
        {
            at++;
        }
        else if (at + 1 < pattern.Length && pattern[at] == '{' && char.IsAsciiDigit(pattern[at + 1]))
        {
            mayBeMissing = pattern[at + 1] == '0';
            at = pattern.IndexOf('}', at) + 1;
        }
        else
        {
            return false;
        }

        // As few as can be.
        if (at < pattern.Length && pattern[at] == '?')
            at++;
        return true;
    }

    private static int HowCommon(ulong set)
    {
        var common = BitOperations.PopCount(set >> Digit) * 8;
        for (var letter = 0; letter < Digit; letter++)
            if ((set >> letter & 1) != 0)
                common += 1 + ByRarity.IndexOf((char)('a' + letter), StringComparison.Ordinal);
        return common;
    }

    /// <summary>What a part of a pattern needs.</summary>
    private readonly record struct Part(IReadOnlyList<ulong> Sets, IReadOnlyList<string> Words)
    {
        public static Part None { get; } = new([], []);

        public static Part OfSet(ulong set) => set > 0 ? new([set], []) : None;

        public static Part OfWord(string word) => word.Length >= ShortestWord ? new([], [word]) : None;

        /// <summary>Both: the sets of both, and the words that are met least.</summary>
        public Part And(Part other) => new(Rarest(Sets.Concat(other.Sets)), Rank(other.Words) > Rank(Words) ? other.Words : Words);

        /// <summary>One of the two: what both need.</summary>
        public Part Or(Part other)
        {
            var mine = Sets;
            string[] either = Words.Count > 0 && other.Words.Count > 0 ? [.. Words.Union(other.Words)] : [];
            return new(Rarest(from set in other.Sets from own in mine select own | set), either.Length <= MostWords ? either : []);
        }

        // Long words are met least; of two lists the shorter.
        private static int Rank(IReadOnlyList<string> words) => words.Count == 0 ? 0 : words.Min(w => w.Length) * MostWords * 2 - words.Count;

        // None that holds another of them.
        private static List<ulong> Rarest(IEnumerable<ulong> all)
        {
            var rarest = new List<ulong>();
            foreach (var set in all.Distinct().OrderBy(HowCommon))
                if (rarest.Count < MostSets && !rarest.Exists(r => (r & set) == r))
                    rarest.Add(set);
            return rarest;
        }
    }
}
