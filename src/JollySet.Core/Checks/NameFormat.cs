using System.Text.RegularExpressions;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Checks;

/// <summary>A block that is called by one format and runs by another.</summary>
internal sealed partial class NameFormat : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from entry in review.OwnBlocks
        where entry.Block.IsMain
        from kind in Kinds
        where kind.Says.IsMatch(entry.Block.Name) && !kind.Is(entry.Block)
        select new Finding(
            "name-format",
            Severity.Note,
            $"{entry.Block.Name} is called a {kind.Word} and runs as {Runs(entry.Block)}.",
            entry.Block.Name)
        {
            Subject = kind.Word,
        };

    private static readonly (string Word, Regex Says, Func<Block, bool> Is)[] Kinds =
    [
        ("superset", Supersets(), b => b.Format is LinkedFormat { Kind: LinkedKind.Superset }),
        ("trio", Trios(), b => b.Format is LinkedFormat { Kind: LinkedKind.Trio }),
        ("giant set", GiantSets(), b => b.Format is LinkedFormat { Kind: LinkedKind.Giant }),
        ("pyramid", Pyramids(), b => b.Format is PyramidFormat or LadderFormat),
    ];

    private static string Runs(Block block) => block.Format is CircuitFormat && !block.Settings.Work.IsEmpty ? "a timed circuit" : SheetWriter.WriteFormat(block.Format);

    [GeneratedRegex(@"\bsuper ?-?sets?\b", RegexOptions.IgnoreCase)]
    private static partial Regex Supersets();

    [GeneratedRegex(@"\btri(o|-?set)s?\b", RegexOptions.IgnoreCase)]
    private static partial Regex Trios();

    [GeneratedRegex(@"\bgiant sets?\b", RegexOptions.IgnoreCase)]
    private static partial Regex GiantSets();

    [GeneratedRegex(@"\bpyramids?\b", RegexOptions.IgnoreCase)]
    private static partial Regex Pyramids();
}
