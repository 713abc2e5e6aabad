using System.Collections.Immutable;
using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Cards;

/// <summary>A class as a card to send: title, what one needs to know, and under each block its moves, in short words that fit a phone. It reads back as the class it was, but for what a card leaves out.</summary>
public static class PlainCard
{
    private static readonly ImmutableArray<(string Key, string Word)> Heads = [("focus", "focus"), ("audience", "level"), ("needs", "needs"), ("kit", "kit")];

    /// <summary>The card: easier and harder ways, notes, showing and what is said of the place are left out; a way for a need stays.</summary>
    public static string Write(ClassPlan plan)
    {
        var shown = Shown(plan);
        var text = new StringBuilder();
        text.Append(Quoted.Write(shown.Title)).Append('\n');
        var numbers = new[] { shown.Brief.Minutes is { } minutes ? $"{minutes} min" : "", shown.Brief.People is { } people ? $"{people} people" : "" }.Where(n => n.Length > 0).ToList();
        if (numbers.Count > 0)
            text.Append(string.Join(", ", numbers)).Append('\n');
        foreach (var (key, value) in SheetWriter.WriteBrief(shown.Brief))
            if (Heads.FirstOrDefault(h => h.Key == key) is { Word: { } word })
                text.Append(word).Append(": ").Append(value).Append('\n');
        foreach (var block in shown.Blocks)
        {
            var (name, how, lines) = CardHow.Of(shown, block);
            text.Append('\n').Append(name).Append(" – ").Append(how).Append('\n');
            foreach (var line in lines)
                text.Append(line).Append('\n');
        }

        return text.ToString();
    }

    /// <summary>What of a class stands on its card.</summary>
    public static ClassPlan Shown(ClassPlan plan)
    {
        var shown = plan with
        {
            Brief = new Brief(plan.Brief.Minutes, People: plan.Brief.People) { Focus = plan.Brief.Focus, Audience = plan.Brief.Audience, Needs = plan.Brief.Needs, Kit = plan.Brief.Kit },
            Blocks = [.. plan.Blocks.Select(b => b with { Notes = [], Stations = [.. b.Stations.Select(s => s with { Options = [.. s.Options.Where(o => o.Kind == OptionKind.ForNeed)], Notes = [], Demo = null, Shows = null })] })],
        };
        return shown.WithUsedMoves();
    }

    /// <summary>The class of a card as it is written here; null where it is any other hand's.</summary>
    internal static ClassPlan? Read(string text, MoveLibrary library)
    {
        var lines = text.Replace("\r\n", "\n", StringComparison.Ordinal).Trim('\n', ' ', '\uFEFF').Split('\n');
        if (lines.Length < 3 || !lines.Skip(1).Any(l => Block.IsMatch(l)))
            return null;
        var sheet = new StringBuilder().Append("# ").Append(lines[0]).Append('\n');
        var inBlock = false;
        foreach (var line in lines.Skip(1).Select(l => l.Trim()))
        {
            if (Block.Match(line) is { Success: true } block)
            {
                inBlock = true;
                sheet.Append(CardHow.Head(block.Groups["name"].Value, block.Groups["how"].Value)).Append('\n');
            }
            else if (inBlock || line.Length == 0)
            {
                sheet.Append(line).Append('\n');
            }
            else if (Numbers.Match(line) is { Success: true } numbers)
            {
                foreach (var (group, key) in new[] { ("m", "minutes"), ("p", "people") })
                    if (numbers.Groups[group].Success)
                        sheet.Append(key).Append(": ").Append(numbers.Groups[group].Value).Append('\n');
            }
            else if (Heads.FirstOrDefault(h => line.StartsWith(h.Word + ": ", StringComparison.OrdinalIgnoreCase)) is { Word: { } word } head)
            {
                sheet.Append(head.Key).Append(line.AsSpan(word.Length)).Append('\n');
            }
            else
            {
                return null;
            }
        }

        // A card that names what nobody knows is asked about, like anybody’s.
        return Taken(sheet.ToString(), library) is { } plan && plan.MoveNames().All(n => library.Understood(n) is not null || plan.NewMoves.Any(m => m.Name.Equals(n, StringComparison.OrdinalIgnoreCase))) ? plan : null;
    }

    /// <summary>The class of a sheet where it reads without a fault; what a sheet would pass over as a comment is somebody's words, which are for the reader of any hand.</summary>
    internal static ClassPlan? Taken(string sheet, MoveLibrary library) => SheetText.Lines(sheet).Zip(sheet.Split('\n')).All(l => l.First.Length == l.Second.TrimEnd('\r').Trim().Length)
        && SheetReader.Read(sheet, library).Plan is { } plan && Keeping.Gate.Pass(plan).Passed is { } passed ? passed.Plan : null;

    private static CardPattern Block => field ??= new("^(?<name>\"(?:[^\"]|\"\")+\"|[^\"–]{1,200}?)\\s+[–—]\\s+(?<how>[^\"–—]+)$");

    private static CardPattern Numbers => field ??= new(@"^(?:(?<m>\d{1,3}) min)?(?:, )?(?:(?<p>\d{1,4}) people)?$");
}
