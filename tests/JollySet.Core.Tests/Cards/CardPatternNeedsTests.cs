using System.Reflection;
using System.Text.RegularExpressions;
using JollySet.Core.Cards;

namespace JollySet.Core.Tests.Cards;

public class CardPatternNeedsTests
{
    private static bool MayBeIn(string pattern, string text) => CardPatternNeeds.Of(pattern).MayBeIn(text, CardPatternNeeds.In(text));

    [Theory]
    [InlineData("tabata", "squats x10")]
    [InlineData(@"\d+\s*s\b", "squats")]
    [InlineData("(?:rounds?|laps?)", "3 sets")]
    [InlineData("(?:rounds?|laps?)", "flat plank: dips")]
    [InlineData("[x:]\\s", "squats 310")]
    [InlineData("a(?:b|c(?:d|e))f", "a cat")]
    [InlineData("(?i)emom", "no more")]
    [InlineData("(?<n>[0-9]{1,2})(?<t>x)", "ax")]
    [InlineData("a{2,3}", "b")]
    public void A_text_that_lacks_a_letter_or_a_word_of_it_is_not_looked_through(string pattern, string text) => Assert.False(MayBeIn(pattern, text));

    [Theory]
    [InlineData("(?:ab)?c", "C")]
    [InlineData("(?:ab|)c", "c")]
    [InlineData("a*b{0,2}c?", "")]
    [InlineData("x(?=y)|z", "Z")]
    [InlineData("(?<!q)x", "x")]
    [InlineData("(?!q)x", "x")]
    [InlineData(@"(?<a>b)\k<a>", "bb")]
    [InlineData(@"[^a]\w\S\D", "é-?!")]
    [InlineData(@"[]a]b", "]b")]
    [InlineData(@"[a\-.]\.", "-.")]
    [InlineData(@"[–—]\u00d7\x41", "—×A")]
    [InlineData("kg", "5 \u212Ag")]
    [InlineData(@"\d", "٣")]
    [InlineData(@"a\sb", "a\u00a0b")]
    [InlineData("(?-i:[A-H]):", "B:")]
    public void A_text_in_which_it_may_be_found_is_looked_through(string pattern, string text) => Assert.True(MayBeIn(pattern, text));

    [Fact]
    public void No_pattern_of_the_reader_overlooks_a_line_of_any_card()
    {
        var patterns = typeof(CardPattern).Assembly.GetTypes().Where(t => t.Namespace == typeof(CardPattern).Namespace)
            .SelectMany(t => t.GetProperties(BindingFlags.Static | BindingFlags.Public | BindingFlags.NonPublic))
            .Select(p => p.PropertyType == typeof(CardPattern) || p.PropertyType == typeof(CardPattern[]) ? p.GetValue(null) : null)
            .SelectMany(p => p is CardPattern one ? [one] : p as CardPattern[] ?? []).Select(p => p.ToString()).ToArray();
        Assert.True(patterns.Length > 700);
        string[] texts = [.. CardFiles.All.SelectMany(c => c.Card.Split('\n')).Distinct().Where((_, at) => at % 12 == 0), .. CardFiles.All.SelectMany(c => c.Sheet.Split('\n')).Distinct().Where((_, at) => at % 12 == 0)];
        Parallel.ForEach(patterns, pattern =>
        {
            var (needs, regex) = (CardPatternNeeds.Of(pattern), new Regex(pattern, RegexOptions.IgnoreCase));
            foreach (var text in texts)
                if (!needs.MayBeIn(text, CardPatternNeeds.In(text)))
                    Assert.False(regex.IsMatch(text), $"{pattern} is found in “{text}”");
        });
    }

    [Fact]
    public void No_pattern_that_can_be_written_overlooks_what_it_finds()
    {
        var random = new Random(7);
        for (var i = 0; i < 20_000; i++)
        {
            var (pattern, text) = Some(random, 4);
            Assert.Matches(new Regex(pattern, RegexOptions.IgnoreCase), text);
            var around = $"{"az :3é"[..random.Next(7)]}{(random.Next(2) == 0 ? text.ToUpperInvariant() : text)}{"\t(ü"[..random.Next(4)]}";
            Assert.True(MayBeIn(pattern, around), $"{pattern} in “{around}”");
        }
    }

    /// <summary>A pattern and a text that it finds.</summary>
    private static (string Pattern, string Text) Some(Random random, int depth)
    {
        (string Pattern, string Text) Next() => Some(random, depth - 1);
        switch (depth == 0 ? random.Next(7) : random.Next(14))
        {
            case 0: return ("squat", "squat");
            case 1: return ("[a-e]", "abcde"[random.Next(5)].ToString());
            case 2: return (@"\d", random.Next(10).ToString());
            case 3: return (@"\s", " \t\n\u00a0"[random.Next(4)].ToString());
            case 4: return (@"[\w%–]", "é–%_9q"[random.Next(6)].ToString());
            case 5: return (@"\.", ".");
            case 6: return ("x", "x");
            case 7:
                var (all, one) = (new[] { Next(), Next(), Next() }, random.Next(3));
                return ($"(?:{string.Join('|', all.Select(a => a.Pattern))})", all[one].Text);
            case 8:
                var (maybe, sign) = (Next(), "?*"[random.Next(2)]);
                return ($"(?:{maybe.Pattern}){sign}{(random.Next(3) == 0 ? "?" : "")}", random.Next(2) == 0 ? "" : maybe.Text);
            case 9:
                var (twice, again) = (Next(), random.Next(1, 4));
                return ($"(?<n>{twice.Pattern}){(again == 1 ? "+" : $"{{{again}}}")}", string.Concat(Enumerable.Repeat(twice.Text, again)));
            case 10:
                var (not, then) = (Next(), Next());
                return ($"(?!zq~{not.Pattern}){then.Pattern}", then.Text);
            case 11: return (@"ab?c*d{0,2}", "a" + "bc"[..random.Next(3)]);
            case 12:
                var ahead = Next();
                return ($"(?={ahead.Pattern}){ahead.Pattern}(?<=)", ahead.Text);
            default:
                var (first, second) = (Next(), Next());
                return (first.Pattern + second.Pattern, first.Text + second.Text);
        }
    }
}
