using System.Text.RegularExpressions;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Cards;

/// <summary>How a block runs in a card's words: what stands in a sheet's brackets, shorter.</summary>
internal static class CardHow
{
    private const string Again = "again ";
    private const string Same = "as before";

    /// <summary>A block's name and how it runs: <c>2 rounds, 40/20, between 60</c>.</summary>
    public static (string Name, string How, IReadOnlyList<string> Lines) Of(ClassPlan plan, Block block)
    {
        var lines = SheetWriter.WriteBlock(plan, block).TrimEnd('\n').Split('\n');
        var name = block.Format is AgainFormat again ? Again + Quoted.Write(again.Of) : Quoted.Write(block.Name);
        var how = lines[0].Length > "== ".Length + name.Length ? lines[0]["== ".Length..][(name.Length + 2)..^1] : Same;
        how = WorkRest.Replace(how, "${w}/${r}");
        how = Circuit.Replace(how, "");
        how = Own.Replace(how, m => m.Value switch { "prepare" => "warm-up", "release" => "cool-down", _ => "EMOM" });
        return (name, how, lines[1..]);
    }

    /// <summary>The head of a sheet's block.</summary>
    public static string Head(string name, string how)
    {
        how = Ours.Replace(how.Trim(), m => m.Value switch { "warm-up" => "prepare", "cool-down" => "release", _ => "minute" });
        if (name.StartsWith(Again, StringComparison.OrdinalIgnoreCase))
            return $"== {name}{(how == Same ? "" : $" ({Slash.Replace(how, "work ${w}, rest ${r}")})")}";
        how = Slash.Replace(how, "work ${w}, rest ${r}");
        return $"== {name} ({(Format.IsMatch(how) ? how : how.Length > 0 ? $"circuit, {how}" : "circuit")})";
    }

    private static CardPattern WorkRest => field ??= new(@"\bwork (?<w>\d+), rest (?<r>\d+)(?=,|$)");

    private static CardPattern Circuit => field ??= new("^circuit, (?!optional)");

    private static CardPattern Own => field ??= new("^(?:prepare|release|minute)(?=,|$)");

    private static CardPattern Ours => field ??= new("^(?:warm-up|cool-down|EMOM)(?=,|$)", RegexOptions.IgnoreCase);

    private static CardPattern Slash => field ??= new(@"(?<=^|, )(?<w>\d+)/(?<r>\d+)(?=,|$)");

    private static CardPattern Format => field ??= new("^(?:talk|show|own|prepare|release|circuit|superset|trio|giant|straight|ladder|pyramid|minute|amrap|flow|again)\\b");
}
