using System.Collections.Frozen;
using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;

namespace JollySet.Core.Moves.Names;

/// <summary>Takes a written name apart into words that many hands would agree on: small, singular, without signs and accents, short forms spelled out.</summary>
internal static partial class NameWords
{
    public const int LongestName = 200;
    private const string Accented = "àáâãäåèéêëìíîïòóôõöùúûüñç";
    private const string Plain = "aaaaaaeeeeiiiiooooouuuunc";

    /// <summary>What people write short, and what it stands for.</summary>
    private static readonly FrozenDictionary<string, string[]> Short = new Dictionary<string, string[]>
    {
        ["db"] = ["dumbbell"],
        ["dumbell"] = ["dumbbell"],
        ["dbs"] = ["dumbbell"],
        ["kb"] = ["kettlebell"],
        ["kbs"] = ["kettlebell"],
        ["kettle"] = ["kettlebell"],
        ["bb"] = ["barbell"],
        ["sa"] = ["single", "arm"],
        ["sl"] = ["single", "leg"],
        ["2h"] = ["two", "arm"],
        ["alt"] = ["alternating"],
        ["alternate"] = ["alternating"],
        ["sq"] = ["squat"],
        ["gob"] = ["goblet"],
        ["bk"] = ["back"],
        ["mtn"] = ["mountain"],
        ["dbl"] = ["double"],
        ["hams"] = ["hamstring"],
        ["ham"] = ["hamstring"],
        ["hammy"] = ["hamstring"],
        ["tri"] = ["tricep"],
        ["bi"] = ["bicep"],
        ["shldr"] = ["shoulder"],
        ["fr"] = ["front"],
        ["dl"] = ["deadlift"],
        ["bp"] = ["bench", "press"],
        ["jj"] = ["jumping", "jack"],
        ["bor"] = ["bent", "over", "row"],
        ["bss"] = ["bulgarian", "split", "squat"],
        ["bsq"] = ["back", "squat"],
        ["fsq"] = ["front", "squat"],
        ["hammie"] = ["hamstring"],
        ["bw"] = ["bodyweight"],
        ["ext"] = ["extension"],
        ["w"] = ["with"],
        ["banded"] = ["band"],
        ["n"] = ["and"],
        ["2"] = ["two"],
        ["3"] = ["three"],
        ["4"] = ["four"],
        ["8"] = ["eight"],
        ["21"] = ["twenty", "one"],
        ["21s"] = ["twenty", "one"],
        ["90"] = ["ninety"],
        ["90s"] = ["ninety"],
        ["180"] = ["one", "eighty"],
        ["oh"] = ["overhead"],
        ["rev"] = ["reverse"],
        ["lat"] = ["lateral"],
        ["ecc"] = ["eccentric"],
        ["ren"] = ["renegade"],
        ["ovr"] = ["over"],
        ["rus"] = ["russian"],
        ["russ"] = ["russian"],
        ["upp"] = ["up"],
        ["stiff"] = ["stiff"],
        ["legged"] = ["leg"],
        ["armed"] = ["arm"],
        ["handed"] = ["arm"],
        ["travelling"] = ["walking"],
        ["traveling"] = ["walking"],
        ["kickstand"] = ["staggered"],
        ["elevated"] = ["raised"],
        ["scap"] = ["scapular"],
        ["bstance"] = ["staggered"],
        ["plie"] = ["sumo", "squat"],
        ["plies"] = ["sumo", "squat"],
        ["pushup"] = ["push", "up"],
        ["pressup"] = ["push", "up"],
        ["situp"] = ["sit", "up"],
        ["pullup"] = ["pull", "up"],
        ["chinup"] = ["chin", "up"],
        ["stepup"] = ["step", "up"],
        ["curtsey"] = ["curtsy"],
        ["circ"] = ["circle"],
        ["itb"] = ["it", "band"],
        ["fitball"] = ["stability", "ball"],
        ["swissball"] = ["stability", "ball"],
        ["medball"] = ["medicine", "ball"],
        ["s2s"] = ["sit", "to", "stand"],
        ["tin"] = ["dumbbell"],
        ["can"] = ["dumbbell"],
        ["bottle"] = ["dumbbell"],
        ["partner"] = [],
        ["easy"] = [],
        ["gentle"] = [],
        ["practice"] = [],
        ["practise"] = [],
        ["resistance"] = [],
        ["exercise"] = [],
        ["the"] = [],
        ["a"] = [],
        ["your"] = [],
    }.ToFrozenDictionary();

    /// <summary>Names of two words that are written as one: “pushup”.</summary>
    public static IEnumerable<string> Joins => Short.Keys.Where(k => k.Length > 4 && k.EndsWith("up", StringComparison.Ordinal));

    private static readonly FrozenSet<string> Ones = new[] { "one", "1" }.ToFrozenSet();

    /// <summary>What the two balls are called besides: the large one that is sat on, the heavy one that is thrown.</summary>
    private static readonly FrozenDictionary<string, string> Balls = new Dictionary<string, string>
    {
        ["swiss"] = "stability",
        ["gym"] = "stability",
        ["fit"] = "stability",
        ["fitness"] = "stability",
        ["yoga"] = "stability",
        ["balance"] = "stability",
        ["med"] = "medicine",
        ["weighted"] = "medicine",
    }.ToFrozenDictionary();

    /// <summary>Whether a word as it is written says more than one.</summary>
    public static bool IsMany(string word) => Singular(word) != word;

    /// <summary>The words, in order; none where nothing but signs is written.</summary>
    public static List<string> Of(string name)
    {
        var words = new List<string>();
        foreach (var raw in Split(name.Length > LongestName ? name[..LongestName] : name))
        {
            var word = Singular(raw);
            if (Short.TryGetValue(word, out var spelled) || Short.TryGetValue(raw, out spelled))
                words.AddRange(spelled);
            else
                words.Add(word);
        }

        // “One arm” and “single arm” are the same; so are a press-up and a push-up, a B stance and a staggered one, a gym ball and a stability ball.
        for (var i = 0; i + 1 < words.Count; i++)
        {
            if (Ones.Contains(words[i]) && words[i + 1] is "arm" or "leg")
                words[i] = "single";
            else if (words[i] == "press" && words[i + 1] == "up")
                words[i] = "push";
            else if (words[i + 1] == "ball" && Balls.TryGetValue(words[i], out var ball))
                words[i] = ball;
            else if (words[i] == "b" && words[i + 1] == "stance")
                (words[i], words[i + 1]) = ("staggered", "");
            // A plié is a squat, whether it is called one or not.
            else if (words[i] == "squat" && words[i + 1] == "squat")
                words[i] = "";
        }

        words.RemoveAll(w => w.Length == 0);
        return words;
    }

    /// <summary>A stroke that parts nothing: “w/ band”, “90/90”.</summary>
    public static string WithoutStrokes(string name) => Ratio().Replace(With().Replace(name, "with "), "-");

    /// <summary>The letters as they are written, without what stands between them: a name that nothing has been made of.</summary>
    public static string Joined(string name) => string.Concat(Split(name.Length > LongestName ? name[..LongestName] : name));

    /// <summary>The words without what stands between them, so that a hyphen, a space or neither are alike.</summary>
    public static string KeyOf(IEnumerable<string> words) => string.Concat(words);

    public static List<string> Split(string name)
    {
        var words = new List<string>();
        var word = new StringBuilder();
        foreach (var sign in name)
        {
            if (char.IsAsciiLetterOrDigit(sign))
            {
                word.Append(char.ToLowerInvariant(sign));
                continue;
            }

            var c = Accented.IndexOf(char.ToLowerInvariant(sign), StringComparison.Ordinal) is var at and >= 0 ? Plain[at] : sign;
            if (CharUnicodeInfo.GetUnicodeCategory(c) == UnicodeCategory.NonSpacingMark || c is '\'' or '’')
                continue;
            if (char.IsLetterOrDigit(c))
            {
                word.Append(char.ToLowerInvariant(c));
            }
            else if (word.Length > 0)
            {
                words.Add(word.ToString());
                word.Clear();
            }
        }

        if (word.Length > 0)
            words.Add(word.ToString());
        return words;
    }

    [GeneratedRegex(@"\bw/\s*", RegexOptions.IgnoreCase)]
    private static partial Regex With();

    [GeneratedRegex(@"(?<=\d)/(?=\d)")]
    private static partial Regex Ratio();

    private static string Singular(string word) => word is "ups" ? "up"
        : word.Length < 4 || word.EndsWith("ss", StringComparison.Ordinal) || word.EndsWith("us", StringComparison.Ordinal) ? word
        : word is "calves" ? "calf"
        : word.EndsWith("knives", StringComparison.Ordinal) ? word[..^3] + "fe"
        : word.EndsWith("ies", StringComparison.Ordinal) || word is "flyes" ? word[..^(word is "flyes" ? 2 : 3)] + (word is "flyes" ? "" : "y")
        : word.EndsWith("sses", StringComparison.Ordinal) || word.EndsWith("ches", StringComparison.Ordinal) || word.EndsWith("shes", StringComparison.Ordinal) || word.EndsWith("xes", StringComparison.Ordinal) ? word[..^2]
        : word.EndsWith('s') ? word[..^1]
        : word;
}
