using System.Collections.Immutable;
using System.Text;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Cards;

/// <summary>A class as a table, a station a row, for a spreadsheet (CSV, RFC 4180) or a text (Markdown). It reads back as the class it was.</summary>
public static class PlainTable
{
    private static readonly ImmutableArray<string> Columns = ["Block", "How", "Move", "Amount", "Load", "Tempo", "Sides", "Rest", "Easier", "Harder", "Besides"];

    /// <summary>As CSV.</summary>
    public static string Csv(ClassPlan plan)
    {
        var rows = Head(plan).Select(h => new[] { h.Key, h.Value }).Concat([[], [.. Columns], .. Rows(plan)]);
        return string.Concat(rows.Select(cells => string.Join(',', cells.Select(Cell)) + "\r\n"));

        static string Cell(string text) => Quote(IsFormula(text) ? "'" + text : text);

        static string Quote(string text) => text.AsSpan().ContainsAny("\",\r\n") || text != text.Trim() ? $"\"{text.Replace("\"", "\"\"", StringComparison.Ordinal)}\"" : text;
    }

    /// <summary>As Markdown.</summary>
    public static string Markdown(ClassPlan plan)
    {
        var text = new StringBuilder();
        foreach (var (key, value) in Head(plan))
            text.Append(key == "title" ? "# " : $"{key}: ").Append(value).Append('\n');
        text.Append('\n');
        foreach (var row in new[] { [.. Columns], Columns.Select(_ => "---").ToArray() }.Concat(Rows(plan)))
            text.Append("| ").Append(string.Join(" | ", row.Select(c => c.Replace("\\", "\\\\", StringComparison.Ordinal).Replace("|", "\\|", StringComparison.Ordinal)))).Append(" |\n");
        return text.ToString();
    }

    /// <summary>The class of a table as it is written here; null where it is any other.</summary>
    internal static ClassPlan? Read(string text, MoveLibrary library)
    {
        var isMarkdown = text.Contains("| Block |", StringComparison.OrdinalIgnoreCase);
        if (!isMarkdown && !text.Contains("Block,How,Move", StringComparison.OrdinalIgnoreCase))
            return null;
        var rows = isMarkdown ? text.Replace("\r\n", "\n", StringComparison.Ordinal).Split('\n').Select(MarkdownCells).ToList() : CsvRows(text.TrimStart('\uFEFF'));
        var at = rows.FindIndex(r => r.Count == Columns.Length && r.Zip(Columns).All(c => c.First.Trim().Equals(c.Second, StringComparison.OrdinalIgnoreCase)));
        if (at < 0)
            return null;
        var sheet = new StringBuilder();
        foreach (var row in rows.Take(at).Where(r => r.Count > 0 && r.Exists(c => c.Length > 0)))
        {
            var line = isMarkdown ? row[0] : row.Count >= 2 ? row[0] == "title" ? $"# {row[1]}" : $"{row[0]}: {row[1]}" : "";
            sheet.Append(line).Append('\n');
        }

        (string Block, string How)? open = null;
        foreach (var row in rows.Skip(at + (isMarkdown ? 2 : 1)).Where(r => r.Count == Columns.Length))
        {
            if (open != (row[0], row[1]) || row[2].Length == 0)
            {
                sheet.Append(CardHow.Head(row[0], row[1])).Append('\n');
                open = (row[0], row[1]);
            }

            if (row[2].Length > 0)
                sheet.Append(Line(row)).Append('\n');
        }

        return PlainCard.Taken(sheet.ToString(), library);
    }

    private static IEnumerable<(string Key, string Value)> Head(ClassPlan plan) =>
        SheetWriter.Write(plan with { Blocks = [], NewMoves = [] }).TrimEnd('\n').Split('\n').Select(l => l.StartsWith("# ", StringComparison.Ordinal) ? ("title", l[2..]) : (l[..l.IndexOf(':', StringComparison.Ordinal)], l[(l.IndexOf(':', StringComparison.Ordinal) + 2)..]));

    private static IEnumerable<string[]> Rows(ClassPlan plan)
    {
        foreach (var block in plan.Blocks)
        {
            var (name, how, lines) = CardHow.Of(plan, block);
            // Words and repeats have a row without a move; a block’s notes stand where its moves do.
            var notes = lines.Count - block.Stations.Length;
            if (lines.Count == 0 || block.Format is AgainFormat)
                yield return Filled(name, how, "");
            foreach (var note in lines.Take(notes))
                yield return Filled(name, how, note);
            for (var i = 0; i < block.Stations.Length; i++)
                yield return Row(name, how, lines[notes + i], block.Stations[i]);
        }
    }

    /// <summary>The cells of a station; where what they say does not make its line again, the whole line in place of its move.</summary>
    private static string[] Row(string block, string how, string line, Station station)
    {
        var head = line.Split(" | ")[0];
        var move = SheetWriter.WriteDoing(station.Doing);
        if (!head.StartsWith(move, StringComparison.Ordinal))
            return Filled(block, how, line);
        string Way(OptionKind kind) => station.Options.FirstOrDefault(o => o.Kind == kind) is { } option ? SheetWriter.WriteWay(option.Way) : "";
        var (amount, load, tempo, sides, rest) = (SheetWriter.WriteAmount(station.Amount), SheetWriter.WriteLoad(station.Load), SheetWriter.WriteTempo(station.Tempo), SheetWriter.WriteSides(station.Sides), SheetWriter.WriteGap(station.Rest));
        string[] cells = [block, how, move, amount, load, tempo, sides, rest, Way(OptionKind.Easier), Way(OptionKind.Harder), ""];
        var made = Line(cells);
        // What the columns have no place for stands besides, as it does on the line.
        if (line.StartsWith(made, StringComparison.Ordinal))
            cells[^1] = line[made.Length..].TrimStart(' ', '|').Trim();
        return Line(cells) == line ? cells : Filled(block, how, line);
    }

    /// <summary>Whether a spreadsheet would reckon with it: an apostrophe before it keeps it words.</summary>
    private static bool IsFormula(string text) => text.Length > 0 && "=+-@\t\r'".Contains(text[0], StringComparison.Ordinal);

    private static string[] Filled(string block, string how, string move) => [block, how, move, "", "", "", "", "", "", "", ""];

    /// <summary>A station's line of its cells.</summary>
    private static string Line(IReadOnlyList<string> cells)
    {
        var text = new StringBuilder(cells[2]);
        void Add(string before, string cell, string after = "") => text.Append(cell.Length > 0 ? before + cell + after : "");
        Add(" ", cells[3]);
        Add(" [", cells[4], "]");
        Add(" ", cells[5]);
        Add(", ", cells[6]);
        Add(", rest ", cells[7]);
        Add(" | easier: ", cells[8]);
        Add(" | harder: ", cells[9]);
        Add(" | ", cells[10]);
        return text.ToString();
    }

    private static List<string> MarkdownCells(string line)
    {
        if (!line.StartsWith('|'))
            return [line.Trim()];
        var (cells, cell) = (new List<string>(), new StringBuilder());
        for (var i = 1; i < line.Length; i++)
        {
            if (line[i] == '\\' && i + 1 < line.Length)
                cell.Append(line[++i]);
            else if (line[i] == '|')
            {
                cells.Add(cell.ToString().Trim());
                cell.Clear();
            }
            else
                cell.Append(line[i]);
        }

        return cells;
    }

    private static List<List<string>> CsvRows(string text)
    {
        var (rows, row, cell, quoted) = (new List<List<string>>(), new List<string>(), new StringBuilder(), false);
        for (var i = 0; i < text.Length; i++)
        {
            var c = text[i];
            if (quoted && c == '"' && i + 1 < text.Length && text[i + 1] == '"')
                cell.Append(text[i++]);
            else if (c == '"')
                quoted = !quoted;
            else if (c == ',' && !quoted)
                Close();
            else if (c is '\n' or '\r' && !quoted)
            {
                if (c == '\r' && i + 1 < text.Length && text[i + 1] == '\n')
                    i++;
                Close();
                rows.Add(row);
                row = [];
            }
            else
                cell.Append(c);
        }

        Close();
        rows.Add(row);
        return rows;

        void Close()
        {
            var text = cell.ToString();
            row.Add(text.StartsWith('\'') && IsFormula(text[1..]) ? text[1..] : text);
            cell.Clear();
        }
    }
}
