using System.Collections.Immutable;
using System.Text.RegularExpressions;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Web.Pages.Plan.Bench;

/// <summary>A block as a sentence: “circuit, 2 rounds, 40 s on, 20 s off, 60 s between”.</summary>
internal static partial class BlockWords
{
    /// <summary>A setting: its label, how it reads with a value (<c>{0}</c>) and without, its usual values.</summary>
    private static readonly ImmutableArray<(string Key, string Label, string Said, string Unsaid, string Choices, bool IsRare)> Settings =
    [
        ("rounds", "Rounds", "{0} rounds", "once", "1\n2\n3\n4\n5", false),
        ("every", "A slot is", "a slot of {0}", "slots of a minute", "30\n60\n90\n120", false),
        ("work", "Work", "{0} on", "work not said", "20\n30\n40\n45\n50\n60", false),
        ("beat", "Beats a minute", "{0} beats a minute", "no beat", "100\n120\n130", false),
        ("rest", "Rest", "{0} off", "rest not said", "0\n10\n15\n20\n30\n45\n60", false),
        ("pause", "Pause within", "{0} within", "no pause within", "0\n5\n10\n15\n20", false),
        ("between", "Between rounds", "{0} between rounds", "the rest between rounds", "30\n45\n60\n90\n120", false),
        ("after", "After the block", "then {0}", "nothing after it", "0\n20\n30\n60\n90", false),
        ("water", "Water", "water {0}", "water", "60 after round 1\n60 after round 2\n=none", true),
        ("demo", "Demo", "{0} demo", "demo", "0\n10\n20\n30", true),
        ("each side", "All one side first", "{0}", "one side first", "=side by side\nyes=left first\nright first", true),
        ("optional", "May be dropped", "may be dropped", "may be dropped?", "=no\nyes", true),
        ("joined", "Goes on from the block before", "goes on from the one before", "goes on from the one before?", "=no\nyes", true),
    ];

    /// <summary>The words of a block as its format has them.</summary>
    /// <param name="spelled">The block with what it repeats written out.</param>
    public static IEnumerable<BenchWord> Of(Block block, Block spelled)
    {
        var texts = BlockView.SettingTexts(block);
        var used = SheetWriter.SettingsOf(spelled.Format);
        if (block.Format is not AgainFormat)
        {
            yield return new BenchWord("block", "name", "Name of the block", block.Name, block.Name);
            yield return new BenchWord("block", "format", "Format", texts["format"], texts["format"]) { List = "formats", Choices = "circuit\nsuperset opposing\nstraight\nladder 10..1\nminute\namrap 10min\nflow" };
        }

        foreach (var setting in Settings.Where(s => used.Contains(s.Key)))
        {
            var value = texts.GetValueOrDefault(setting.Key, "");
            yield return new BenchWord("block", setting.Key, setting.Label, value.Length == 0 ? setting.Unsaid : Read(setting.Key, setting.Said, value), value)
            {
                Choices = setting.Choices,
                IsRare = setting.IsRare,
            };
        }
    }

    private static string Read(string key, string said, string value) => (key, value) switch
    {
        ("rounds", "1") => "1 round",
        ("rounds" or "beat", _) => string.Format(null, said, value),
        ("each side", "yes") => "all left first",
        ("each side", _) => "all " + value,
        _ => string.Format(null, said, Seconds().Replace(value, "$0 s")),
    };

    /// <summary>Seconds without their unit, at the beginning.</summary>
    [GeneratedRegex(@"^\d[\d/.–-]*(?=\s|$)", RegexOptions.CultureInvariant)]
    private static partial Regex Seconds();
}
