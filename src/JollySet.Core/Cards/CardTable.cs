using System.Text;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Tables as they are copied from a spreadsheet, written in Markdown or saved as CSV: each row in the words of a card.</summary>
internal static partial class CardTable
{
    private static readonly Dictionary<string, string> Columns = new(StringComparer.OrdinalIgnoreCase)
    {
        ["move"] = "name",
        ["moves"] = "name",
        ["movements"] = "name",
        ["stations"] = "name",
        ["exercise"] = "name",
        ["exercises"] = "name",
        ["name"] = "name",
        ["station"] = "name",
        ["movement"] = "name",
        ["what"] = "name",
        ["sets"] = "sets",
        ["set"] = "sets",
        ["rounds"] = "rounds",
        ["rds"] = "rounds",
        ["reps"] = "reps",
        ["rep"] = "reps",
        ["sets x reps"] = "reps",
        ["sets × reps"] = "reps",
        ["sets/reps"] = "reps",
        ["sets & reps"] = "reps",
        ["sets and reps"] = "reps",
        ["how many"] = "reps",
        ["amount"] = "reps",
        ["count"] = "reps",
        ["time"] = "time",
        ["work"] = "time",
        ["duration"] = "time",
        ["start"] = "time",
        ["starts"] = "time",
        ["from"] = "time",
        ["when"] = "time",
        ["clock"] = "time",
        ["secs"] = "time",
        ["seconds"] = "time",
        ["rest"] = "rest",
        ["recovery"] = "rest",
        ["load"] = "load",
        ["weight"] = "load",
        ["kg"] = "load",
        ["kgs"] = "load",
        ["kit"] = "kit",
        ["equipment"] = "kit",
        ["tempo"] = "tempo",
        ["side"] = "side",
        ["sides"] = "side",
        ["notes"] = "note",
        ["note"] = "note",
        ["cue"] = "note",
        ["cues"] = "note",
        ["comment"] = "note",
        ["block"] = "block",
        ["each side"] = "side",
        ["min"] = "minute",
        ["minute"] = "minute",
        ["l"] = "left",
        ["left"] = "left",
        ["r"] = "right",
        ["right"] = "right",
        ["rest period"] = "rest",
        ["rest time"] = "rest",
        ["activity"] = "name",
        ["exercise name"] = "name",
        ["reps / time"] = "reps",
        ["reps or time"] = "reps",
        ["time/reps"] = "reps",
        ["reps/time"] = "reps",
        ["reps/secs"] = "reps",
        ["secs/reps"] = "reps",
        ["reps or secs"] = "reps",
        ["rest between rounds"] = "between",
        ["round rest"] = "between",
        ["between rounds"] = "between",
        ["phase"] = "block",
        ["part"] = "block",
        ["section"] = "block",
        ["no"] = "number",
        ["no."] = "number",
        ["nr"] = "number",
        ["#"] = "number",
        ["order"] = "number",
        ["easier"] = "easier",
        ["harder"] = "harder",
        ["option"] = "easier",
        ["options"] = "easier",
        ["easy"] = "easier",
        ["beginner"] = "easier",
        ["beginners"] = "easier",
        ["novice"] = "easier",
        ["easier option"] = "easier",
        ["modified"] = "easier",
        ["modifications"] = "easier",
        ["alternative"] = "or",
        ["easier alternative"] = "easier",
        ["easier version"] = "easier",
        ["low impact"] = "easier",
        ["low impact option"] = "easier",
        ["lower option"] = "easier",
        ["low option"] = "easier",
        ["modification"] = "easier",
        ["regression"] = "easier",
        ["hard"] = "harder",
        ["harder option"] = "harder",
        ["higher option"] = "harder",
        ["advanced"] = "harder",
        ["adv"] = "harder",
        ["advanced option"] = "harder",
        ["challenge"] = "harder",
        ["high option"] = "harder",
        ["progression"] = "harder",
        ["progressions"] = "harder",
        ["progress"] = "harder",
        ["prog"] = "harder",
        ["tougher"] = "harder",
        ["make it harder"] = "harder",
        ["high"] = "harder",
        ["higher"] = "harder",
        ["up"] = "harder",
        ["regressions"] = "easier",
        ["regress"] = "easier",
        ["reg"] = "easier",
        ["mod"] = "easier",
        ["mods"] = "easier",
        ["modify"] = "easier",
        ["scaled"] = "easier",
        ["simpler"] = "easier",
        ["gentler"] = "easier",
        ["make it easier"] = "easier",
        ["if needed"] = "easier",
        ["low"] = "easier",
        ["lower"] = "easier",
        ["down"] = "easier",
        ["newcomers"] = "easier",
        ["alternatives"] = "or",
        ["alt"] = "or",
        ["swap"] = "or",
    };

    /// <summary>Rows of tables by the number of their line, from 0; a heading row says nothing of its own.</summary>
    /// <param name="isMove">Whether words are a move that is known.</param>
    public static Dictionary<int, string> Rows(string[] lines, Func<string, bool> isMove)
    {
        var rows = new Dictionary<int, string>();
        lines = Spaced(lines);
        string[]? heads = null;
        string[] units = [];
        var (block, runs) = ("", "");
        var sign = '\0';
        var tries = 0;
        var (isOneCircuit, isSchedule, isTimed, isBlocks, isHeadless, across) = (false, false, false, false, false, "");
        for (var at = 0; at < lines.Length; at++)
        {
            var line = lines[at];
            if (heads is not null && line.Contains(sign, StringComparison.Ordinal) && !(isHeadless && heads[0] == "number" && Cells(line, sign)[0].Trim() is { Length: > 0 } counter && !counter.All(char.IsAsciiDigit)))
            {
                var cells = InUnits(Cells(line, sign), units);
                if (RoundsBelow(cells) is { } often)
                {
                    rows[at] = often;
                    continue;
                }

                if ((isSchedule || isTimed || across.Length > 0) && line.Any(char.IsLetterOrDigit))
                {
                    rows[at] = isSchedule ? Scheduled(heads, cells) : isTimed ? From(heads, cells) : isBlocks ? BlockOf(heads, cells, across) : Across(heads, cells, across);
                    continue;
                }

                // Rounds, work and rest beside a block's name are the block's.
                var goes = heads.Contains("block") && heads.Contains("rounds") ? Goes(heads, cells) : "";
                var (own, row) = Row(heads, cells, isBlocks: isOneCircuit || goes.Length > 0 && (goes == runs || Said(heads, cells, "block") is { Length: > 0 } next && next != block));
                runs = own.Length > 0 && own != block ? goes : runs;
                rows[at] = Lettered.IsMatch(own) ? $"{own} {row}" : Paired(lines, at, heads, sign) is > 0 and var place ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{own}{place} {row}") : own.Length > 0 && own != block ? $"{own}:{goes}\n{row}" : row;
                block = own.Length > 0 ? own : block;
                continue;
            }

            (heads, units, isHeadless) = (null, [], false);
            foreach (var mark in "\t|,;")
            {
                if (line.Length > CardText.LongestLine || !line.Contains(mark, StringComparison.Ordinal))
                    continue;
                var cells = Cells(line, mark);
                // “| Move | Reps” above rows that begin with their number: its first column has no heading.
                if (mark == '|' && line.TrimStart().StartsWith('|') && at + 1 < lines.Length && lines[at + 1].Contains('|', StringComparison.Ordinal) && !lines[at + 1].TrimStart().StartsWith('|'))
                    cells.Insert(0, "");
                // “Round; Exercise 1; Exercise 2; Exercise 3”: a row is a block, and its moves.
                if (cells.Count(c => NumberedMove.IsMatch(c)) > 1 && !NumberedMove.IsMatch(cells[0]))
                {
                    (heads, sign, units, across) = ([.. cells.Select(c => NumberedMove.IsMatch(c) ? "name" : Column(c) is "sets" or "rounds" or "rest" or "between" or "time" ? Column(c) : "")], mark, [], cells[0].Trim() is { Length: > 1 } label ? label : "Round");
                    (rows[at], isOneCircuit, isSchedule, isTimed, isBlocks) = ("", false, false, false, false);
                    break;
                }

                var known = Levels(cells, cells.Select(Column).ToArray(), at + 1 < lines.Length ? Cells(lines[Divides.IsMatch(lines[at + 1]) && at + 2 < lines.Length ? at + 2 : at + 1], mark) : []);
                // “Set 1, set 2, set 3”: how often in each.
                if (cells.Count(c => NumberedSet.IsMatch(c)) > 1)
                    known = [.. cells.Select((c, i) => NumberedSet.IsMatch(c) ? "set" : known[i])];
                if (known.Contains("name") && known.Count(k => k.Length > 0) >= 2)
                {
                    (heads, sign, units, across) = (known, mark, [.. cells.Select(UnitOf)], "");
                    // A heading of several words, or one that somebody must be spared, is no heading.
                    rows[at] = string.Join(", ", cells.Where((c, i) => known[i].Length == 0 && (c.Trim().Split(' ').Length > 2 || NoHeading.IsMatch(c) || Moves.BriefWords.Need(c) is not null || CardHead.NeedsIn(c).Needs is { IsEmpty: false })).Select(c => c.Trim()));
                    // The same rounds, work and rest in every row: one circuit.
                    var below = lines.Skip(at + 1).TakeWhile(l => l.Contains(mark, StringComparison.Ordinal)).Where(l => l.Any(char.IsLetterOrDigit)).Select(l => InUnits(Cells(l, mark), units)).ToList();
                    // A1, A2 in a column that counts: whose they are.
                    if ((Array.IndexOf(known, "number") is >= 0 and var counted ? counted : cells[0].Trim().Length == 0 ? 0 : -1) is >= 0 and var ties && !known.Contains("block") && below.Count(c => ties < c.Count && Lettered.IsMatch(c[ties].Trim())) > 1)
                        known[ties] = "block";
                    // Minute 1, 2, 3 down the side: a move at the start of each.
                    var minute = Array.IndexOf(known, "minute");
                    var isByMinute = minute >= 0 && below.Count > 1 && below.Select((c, i) => minute < c.Count && c[minute].Trim() == (i + 1).ToString(System.Globalization.CultureInfo.InvariantCulture)).All(isNext => isNext);
                    if (minute >= 0)
                        known[minute] = isByMinute ? "number" : "time";
                    if (minute >= 0 && !isByMinute)
                        units[minute] = "min";
                    // From which minute to which, down the side: a plan of the class.
                    isSchedule = below.Select(c => Span.Match(Said(known, c, "time"))).Where(m => m.Length > 0).ToList() is { Count: > 1 } spans && spans[0].Groups["a"].Value is "0" or "00" && known.Count(k => k == "name") == 1;
                    if (isSchedule)
                        break;
                    if (isTimed = below.Exists(c => CardPhrases.PartOf(Said(known, c, "name")) != CardPart.Main) && AreStarts(below.ConvertAll(c => Said(known, c, "time"))))
                        break;
                    var goes = below.Select(c => Goes(known, c)).Distinct().ToList();
                    // A row is a block, and its moves stand in one cell.
                    if (isBlocks = !known.Contains("block") && below.Count(c => Said(known, c, "name").Contains(", ", StringComparison.Ordinal)) is > 0 and var lists && lists * 2 > below.Count && Array.IndexOf(known, "name") > 0)
                    {
                        across = cells[0].Trim() is { Length: > 1 } each ? each : "Round";
                        rows[at] = "";
                        break;
                    }

                    isOneCircuit = goes is [{ Length: > 0 }] && (known.Contains("time") || known.Contains("between") || !(known.Contains("sets") || known.Contains("rest"))) && !known.Contains("block");
                    // What stands in the column of kit is the class's kit.
                    var kit = below.SelectMany(c => Said(known, c, "kit").Split([',', '+', '&'])).Select(k => Moves.BriefWords.Kit(k.Trim())).OfType<string>().Distinct().ToList();
                    rows[at] = string.Join('\n', new[] { rows[at], kit.Count > 0 ? $"kit: {string.Join(", ", kit)}" : "", isOneCircuit ? goes[0].Trim() : isByMinute ? "EMOM" : "" }.Where(l => l.Length > 0));
                    break;
                }
            }

            if (heads is null && MayBeRow(lines[at]) && tries++ < MostTries)
            {
                lines = Gapped(lines, at, isMove);
                foreach (var mark in "\t|;,")
                    if (Headless(lines, at, mark, isMove) is { } columns)
                    {
                        (heads, sign, isHeadless, isOneCircuit, isSchedule, isTimed, isBlocks, across) = (columns, mark, true, false, false, false, false, "");
                        rows[at] = Row(heads, Cells(lines[at], sign)).Row;
                        break;
                    }
            }

            if (heads is null && Bare(lines, at) is { } bare)
            {
                (heads, sign) = (bare, '\t');
                rows[at] = Row(heads, Cells(line, sign)).Row;
            }
        }

        // What stands around a table in its signs, with empty cells: “Warm-up;5 min;;”.
        if (rows.Count > 0)
            for (var at = 0; at < lines.Length; at++)
                if (!rows.ContainsKey(at) && lines[at].Length <= CardText.LongestLine && Empty.IsMatch(lines[at]) && Loose.Split(lines[at]).Select(c => c.Trim()).Where(c => c.Length > 0).ToList() is { Count: > 0 } filled)
                    rows[at] = string.Join(' ', filled);
        return rows;
    }

    private static CardPattern Loose => field ??= new("[;,\\t]");

    /// <summary>A cell with nothing in it.</summary>
    private static CardPattern Empty => field ??= new(@";\s*;|,,|\t\t");

    /// <summary>The place, from 1, among rows of one letter that all have as many sets and rest behind the last of them only: a superset by its letter; 0 where a row is none of such.</summary>
    private static int Paired(string[] lines, int at, string[] heads, char sign)
    {
        string Of(int row, string head) => row >= 0 && row < lines.Length && lines[row].Contains(sign, StringComparison.Ordinal) ? Said(heads, Cells(lines[row], sign), head) : "";
        var (letter, sets) = (Of(at, "block"), Of(at, "sets"));
        if (letter is not [>= 'A' and <= 'H'] || sets.Length == 0)
            return 0;
        var (from, to) = (at, at);
        // A longer run is no superset, however long it is.
        while (at - from < MostPaired && Of(from - 1, "block") == letter)
            from--;
        while (to - at < MostPaired && Of(to + 1, "block") == letter)
            to++;
        return to - from is > 0 and < MostPaired && Enumerable.Range(from, to - from + 1).All(row => Of(row, "sets") == sets && (row == to || Of(row, "rest") is "" or "0" or "-")) ? at - from + 1 : 0;
    }

    private const int MostPaired = 4;

    /// <summary>Columns kept apart by spaces, under headings that are known, as a table of tabs.</summary>
    private static string[] Spaced(string[] lines)
    {
        var put = (string[])lines.Clone();
        for (var at = 0; at < lines.Length; at++)
        {
            if (lines[at].Length > CardText.LongestLine || lines[at].Contains('\t', StringComparison.Ordinal) || Gap.Split(lines[at].Trim()) is not { Length: > 1 } cells || Levels([.. cells], [.. cells.Select(Column)], []) is var heads && (heads.Count(h => h.Length > 0) < 2 || !heads.Contains("name")))
                continue;
            var starts = Gap.Matches(lines[at].TrimEnd()).Select(g => g.Index + g.Length).Prepend(0).Distinct().ToList();
            var isUncounted = lines[at].StartsWith("  ", StringComparison.Ordinal) && at + 1 < lines.Length && Gap.Split(lines[at + 1].Trim()).Length == cells.Length + 1;
            if (isUncounted)
            {
                // The column that counts has no heading.
                put[at] = "\t" + Gap.Replace(lines[at].Trim(), "\t");
                for (at++; at < lines.Length && lines[at].Length <= CardText.LongestLine && Gap.Split(lines[at].Trim()).Length > 1; at++)
                    put[at] = Gap.Replace(lines[at].Trim(), "\t");
                continue;
            }

            for (; at < lines.Length && lines[at].Length <= CardText.LongestLine && (Gap.Split(lines[at].Trim()).Length > 1 || Under(lines[at], starts) is not null); at++)
                put[at] = (Gap.Split(lines[at].Trim()).Length == cells.Length ? null : Under(lines[at], starts)) ?? Gap.Replace(lines[at].Trim(), "\t");
        }

        return put;
    }

    /// <summary>A row cut where its headings begin; null where its words do not stand under them, or under one alone.</summary>
    private static string? Under(string line, List<int> starts) =>
        starts.TrueForAll(s => s == 0 || s >= line.Length || line[s - 1] == ' ') && starts.Select((s, i) => s >= line.Length ? "" : line[s..(i + 1 < starts.Count && starts[i + 1] < line.Length ? starts[i + 1] : line.Length)].Trim()).ToList() is var cells && cells.Count(c => c.Length > 0) > 1
            ? string.Join('\t', cells) : null;

    /// <summary>Minutes and seconds of a cell.</summary>
    private static CardPattern Clocked => field ??= new("^(?<m>[0-9]{1,2}):(?<s>[0-5][0-9])$");

    private static CardPattern Gap => field ??= new(@" {2,}");

    private static CardPattern Mass => field ??= new(@"\d+(?:[.,]\d+)?\s*(?:kg|kilos?|lbs?|pounds?)\b", RegexOptions.IgnoreCase);

    /// <summary>The columns of a table copied without its headings: a name, sets, reps, and after them loads and rests as their units say.</summary>
    private static string[]? Bare(string[] lines, int at)
    {
        static List<string> Of(string line) => [.. Cells(line, '\t').Select(c => c.Trim())];
        static bool IsRow(List<string> cells) => cells.Count >= 3 && cells[0].Any(char.IsLetter) && cells[1].Length is 1 or 2 && cells[1].All(char.IsAsciiDigit) && cells[2].Length > 0 && char.IsAsciiDigit(cells[2][0]);
        if (lines[at].Length > CardText.LongestLine || at + 1 >= lines.Length || Of(lines[at]) is not { } first || !IsRow(first) || !IsRow(Of(lines[at + 1])))
            return null;
        return ["name", "sets", "reps", .. first.Skip(3).Select(c => c.Contains('k', StringComparison.OrdinalIgnoreCase) || c.Contains("lb", StringComparison.OrdinalIgnoreCase) ? "load" : c.Length > 0 && char.IsAsciiDigit(c[0]) ? "rest" : "note")];
    }

    /// <summary>Columns by level: where none is of moves, the one in the middle is, or the lower of two; what is below it is easier, what is above it harder.</summary>
    private static string[] Levels(List<string> cells, string[] known, List<string> first)
    {
        // A column without a heading, or one of stations, that counts its rows.
        known = [.. known.Select((k, i) => cells[i].Trim().Length == 0 && IsFirst(i) ? "number" : k)];
        bool IsFirst(int i) => i < first.Count && first[i].Trim().TrimEnd('.', ')') == "1";
        var levels = cells.ConvertAll(c => LevelOf(c.Trim()));
        var hasNames = known.Where((k, i) => k == "name" && levels[i] == 0 && !IsFirst(i)).Any();
        if (levels.Where(l => l > 0).Distinct().Count() < 2 || levels.Count(l => l > 0) != levels.Where(l => l > 0).Distinct().Count())
            return hasNames || levels.FindIndex(l => l == Middle) is not (>= 0 and var usual) || !known.Any(k => k is "easier" or "harder") ? known : [.. known.Select((k, i) => i == usual ? "name" : k)];
        var main = hasNames ? 0 : levels.Contains(Middle) && levels.Contains(1) ? Middle : levels.Where(l => l > 0).Min();
        var (low, high) = (levels.Where(l => l > 0).Min(), levels.Max());
        return [.. known.Select((k, i) => levels[i] == 0 ? k : levels[i] == main ? "name" : main > 0 ? levels[i] < main ? "easier" : "harder" : levels[i] == low ? "easier" : levels[i] == high ? "harder" : "or")];
    }

    /// <summary>The line below the headings of Markdown.</summary>
    private static CardPattern Divides => field ??= new(@"^[\s|:-]*-{2}[\s|:-]*$");

    private const int Middle = 2;

    /// <summary>1 to 3 by what a heading calls a level; 0 where it is none.</summary>
    private static int LevelOf(string heading) => Level.Match(heading) is not { Success: true } m ? 0 : m.Groups["n"].Success ? m.Groups["n"].Value[0] - '0' : m.Groups["low"].Success ? 1 : m.Groups["high"].Success ? 3 : Middle;

    private static CardPattern Level => field ??= new(@"^(?:(?:level|lvl|l)\s*(?<n>[1-3])|(?<low>beginners?|newcomers?|novices?|newbies|easy|low)|(?<mid>intermediates?|regulars?|standard|main|medium|normal|usual|improvers?)|(?<high>advanced|hard|high|strong))(?:\s+(?:level|version|option))?$", RegexOptions.IgnoreCase);

    /// <summary>What a column is, by its heading with or without its unit: “work (s)”, “load [kg]”; empty where that is not known.</summary>
    private static string Column(string heading) => Columns.GetValueOrDefault(UnitBehind.Replace(heading.Trim(), ""), "");

    /// <summary>The unit that a heading says behind its word; of what counts in seconds none is needed.</summary>
    private static string UnitOf(string heading) => UnitBehind.Match(heading.Trim()) is { Success: true } m && m.Groups["u"].Value.ToLowerInvariant() is var unit && unit is "kg" or "kgs" or "min" or "mins" or "minutes" ? unit.TrimEnd('s') : heading.Trim().ToLowerInvariant() is "kg" or "kgs" ? "kg" : "";

    private static CardPattern UnitBehind => field ??= new(@"\s*[(\[](?<u>s|secs?|seconds|mins?|minutes|kgs?|reps?)\.?[)\]]$|(?<=^(?:work|rest|time|load|weight))\s+(?<u>s|secs?|seconds|mins?|minutes|kgs?)$", RegexOptions.IgnoreCase);

    /// <summary>A row of such a plan, as a margin of minutes, what it is, and what is done in it.</summary>
    private static string Scheduled(string[] heads, List<string> cells)
    {
        var (name, span) = (Said(heads, cells, "name"), Span.Match(Said(heads, cells, "time")));
        var more = string.Join(", ", cells.Where((c, i) => (i >= heads.Length || heads[i] is not ("name" or "time" or "number")) && c.Trim().Length > 0).Select(c => c.Trim()));
        if (name.Trim('-', ':').Length == 0)
            return "";
        if (!span.Success)
            return more.Length > 0 ? $"{name}: {more}" : name;
        var minutes = int.Parse(span.Groups["b"].Value, System.Globalization.CultureInfo.InvariantCulture) - int.Parse(span.Groups["a"].Value, System.Globalization.CultureInfo.InvariantCulture);
        return CardPhrases.Drink.IsMatch(CardPhrases.WithoutStops(name)) && minutes > 0 ? $"{name} {minutes} min {more}".Trim()
            : $"{span.Groups["a"].Value}'-{span.Groups["b"].Value}' {name}{(more.Length > 0 ? $": {more}" : "")}";
    }

    /// <summary>Whether a column says when each row begins: from 0 on, or from an hour of the day on, ever later.</summary>
    private static bool AreStarts(List<string> times)
    {
        var minutes = times.ConvertAll(MinutesOf);
        return minutes.Count > 2 && (minutes[0] == 0 || (minutes[0] >= EarliestHour * 60 && minutes[^1] < 24 * 60 && times.TrueForAll(t => t.AsSpan().ContainsAny(':', '.')) && minutes.Zip(minutes.Skip(1)).All(m => m.Second - m.First < 60)))
            && minutes.Zip(minutes.Skip(1)).All(m => m.Second > m.First);
    }

    private const int EarliestHour = 6;

    /// <summary>Minutes since midnight; less than none where no time is said.</summary>
    private static int MinutesOf(string time) => StartOf.Match(time) is { Success: true } m ? int.Parse(m.Groups["a"].Value, System.Globalization.CultureInfo.InvariantCulture) * 60 + (m.Groups["b"].Success ? int.Parse(m.Groups["b"].Value, System.Globalization.CultureInfo.InvariantCulture) : 0) : -1;

    /// <summary>A row of such a table as a line that begins with its time.</summary>
    private static string From(string[] heads, List<string> cells)
    {
        var (name, start) = (Said(heads, cells, "name"), StartOf.Match(Said(heads, cells, "time")));
        var more = string.Join(", ", cells.Where((c, i) => (i >= heads.Length || heads[i] is not ("name" or "time" or "number")) && c.Trim().Length > 0).Select(c => c.Trim()));
        return $"{(start.Success ? $"{start.Groups["a"].Value}:{(start.Groups["b"].Success ? start.Groups["b"].Value : "00")} " : "")}{name}{(more.Length > 0 ? $": {more}" : "")}";
    }

    /// <summary>A time on the clock, or a minute of the class.</summary>
    private static CardPattern StartOf => field ??= new(@"^(?<a>[0-9]{1,2})(?:[:.](?<b>[0-5][0-9]))?\s*(?:'|mins?|minutes?|pm|am)?$", RegexOptions.IgnoreCase);

    /// <summary>A row that is a block, as a head, how it runs, and its list.</summary>
    private static string BlockOf(string[] heads, List<string> cells, string label)
    {
        var (first, goes, list) = (cells[0].Trim().TrimEnd('.', ':'), Goes(heads, cells), Said(heads, cells, "name"));
        var more = cells.Where((c, i) => i > 0 && c.Trim().Length > 0 && (i >= heads.Length || !(heads[i] == "name" || (goes.Length > 0 && heads[i] is "rounds" or "time" or "rest")))).Select(c => c.Trim());
        return list.Length == 0 ? string.Join(' ', cells.Select(c => c.Trim())).Trim() : $"{(first.All(char.IsAsciiDigit) ? $"{label} {first}" : first)}{goes}{string.Concat(more.Select(m => $", {m}"))}: {list}";
    }

    /// <summary>A row of moves as a head and its list; what stands in no column of moves is said before them.</summary>
    private static string Across(string[] heads, List<string> cells, string label)
    {
        var head = cells[0].Trim().TrimEnd('.', ':');
        var moves = cells.Where((c, i) => i > 0 && i < heads.Length && heads[i] == "name" && c.Trim().Length > 0).Select(c => c.Trim()).ToList();
        var more = cells.Select((c, i) => (said: c.Trim(), head: i < heads.Length ? heads[i] : "")).Skip(1).Where(c => c.head != "name" && c.said.Length > 0)
            .Select(c => c.head is "sets" or "rounds" && c.said.All(char.IsAsciiDigit) ? $"{c.said} rounds" : c.head is "rest" or "between" ? $"rest {c.said}{(c.said.All(char.IsAsciiDigit) ? "s" : "")}{(c.head == "between" ? " between rounds" : "")}" : c.head == "time" ? $"{c.said}{(c.said.All(char.IsAsciiDigit) ? "s" : "")} each" : c.said);
        return moves.Count == 0 ? string.Join(' ', cells.Select(c => c.Trim())).Trim() : $"{(head.All(char.IsAsciiDigit) ? $"{label} {head}" : head)}{string.Concat(more.Select(m => $", {m}"))}: {string.Join(", ", moves)}";
    }

    private static CardPattern NoWay => field ??= new(@"^\s*(?:[-–—x/]{1,3}|n/?a|none|nil)\s*$", RegexOptions.IgnoreCase);

    private static CardPattern OnlyDashes => field ??= new(@"^\s*[-–—/]{1,3}\s*$");

    private static CardPattern OfEachSide => field ??= new(@"^\s*(?<n>[0-9]{1,3})\s*/\s*(?<s>side|leg|arm)\s*$", RegexOptions.IgnoreCase);

    private static CardPattern NumberedMove => field ??= new(@"^\s*(?:exercise|move|movement|station|ex)\s*[0-9a-d]\s*$", RegexOptions.IgnoreCase);

    private static CardPattern NumberedSet => field ??= new(@"^\s*set\s*[1-9]\s*$", RegexOptions.IgnoreCase);

    private static CardPattern Span => field ??= new(@"^(?<a>[0-9]{1,3})'?\s*[-–]\s*(?<b>[0-9]{1,3})(?:\s*'|\s*min(?:ute)?s?)?$");

    /// <summary>Cells that hold numbers with the unit their column says.</summary>
    private static List<string> InUnits(List<string> cells, string[] units) =>
        units.All(u => u.Length == 0) ? cells : [.. cells.Select((c, i) => i < units.Length && units[i].Length > 0 && c.Trim() is { Length: > 0 } n && n.All(d => char.IsAsciiDigit(d) || d is '.' or '-') ? n + units[i] : c)];

    private static string Said(string[] heads, List<string> cells, string head) => string.Join(' ', cells.Where((c, i) => i < heads.Length && heads[i] == head).Select(c => c.Trim())).Trim();

    /// <summary>How the block of a row goes, by its columns: “ 3 rounds 40/20”.</summary>
    private static string Goes(string[] heads, List<string> cells)
    {
        static string Bare(string said) => said.Length > 1 && said[^1] is 's' or 'S' && said[..^1].All(char.IsAsciiDigit) ? said[..^1] : said;
        var (rounds, time, rest) = (Said(heads, cells, "rounds"), Bare(Said(heads, cells, "time")), Bare(Said(heads, cells, "rest")));
        static bool Counts(string said) => said.Length is > 0 and < 4 && said.All(char.IsAsciiDigit);
        if (Counts(rounds) && Counts(Bare(Said(heads, cells, "between"))))
            return $" {rounds} rounds, {Bare(Said(heads, cells, "between"))}s rest between rounds";
        if (rounds.Length == 0 && Counts(time) && Counts(rest) && rest != "0" && !heads.Contains("sets") && !heads.Contains("reps"))
            return $" {time}s on {rest}s off";
        return !Counts(rounds) || (time.Length > 0 && !Counts(time)) || (rest.Length > 0 && !Counts(rest)) ? ""
            : $" {rounds} rounds" + (time.Length == 0 ? rest.Length > 0 ? $", {rest}s rest between moves" : "" : rest.Length == 0 || rest == "0" ? $", {time}s each" : $", {time}s on {rest}s off");
    }

    /// <summary>Whether a column is said of the block of a row: rounds, work and rest, or rounds and the rest between them.</summary>
    private static bool OfBlock(string head, string[] heads) => head is "rounds" or "between" || (head is "time" or "rest" && !heads.Contains("between"));

    /// <param name="isBlocks">Whether rounds, work and rest of the row are said of its block.</param>
    private static (string Block, string Row) Row(string[] heads, List<string> cells, bool isBlocks = false)
    {
        if (isBlocks)
            (heads, cells) = ([.. heads.Where((h, i) => !OfBlock(h, heads))], [.. cells.Where((c, i) => i >= heads.Length || !OfBlock(heads[i], heads))]);
        if (cells.All(c => c.Trim().Trim('-', ':').Length == 0))
            return ("", "");
        // “12/leg” is twelve of each.
        cells = cells.ConvertAll(c => OfEachSide.Replace(c, "${n} each ${s}"));
        // “–” under “harder” is none.
        cells = [.. cells.Select((c, i) => i < heads.Length && (heads[i] is "easier" or "harder" or "or" ? NoWay.IsMatch(c) : heads[i] == "note" && OnlyDashes.IsMatch(c)) ? "" : c)];
        // A column of names that holds numbers counts the lines beside another.
        var counts = heads.Count(h => h == "name") > 1;
        bool IsCount(int i) => i < heads.Length && (heads[i] == "number" || (counts && heads[i] == "name")) && cells[i].Trim().TrimEnd('.', ')').All(char.IsAsciiDigit);
        string Said(string head) => string.Join(' ', cells.Where((c, i) => i < heads.Length && heads[i] == head && !IsCount(i)).Select(c => c.Trim())).Trim();
        if (heads.Contains("set"))
        {
            var each = cells.Where((c, i) => i < heads.Length && heads[i] == "set" && c.Trim().Length > 0).Select(c => c.Trim()).ToList();
            (heads, cells) = ([.. heads.Where(h => h != "set"), "reps"], [.. heads.Select((h, i) => (h, i)).Where(c => c.h != "set").Select(c => c.i < cells.Count ? cells[c.i] : ""), .. each.Count > 0 ? [each.Distinct().Count() == 1 && each[0].All(char.IsAsciiDigit) ? $"{each.Count}x{each[0]}" : string.Join(", ", each)] : (string[])[]]);
            return Row(heads, cells);
        }

        var (sets, reps, time) = (Said("sets") is { Length: > 0 } own ? own : Said("rounds"), Said("reps"), Said("time"));
        // As often on the left as on the right.
        var isBoth = Said("left") is { Length: > 0 } left && left == Said("right") && (reps.Length == 0 || reps == left);
        reps = isBoth ? Said("left") : reps;
        var row = new StringBuilder();
        var amount = reps.Length > 0 ? (char.IsAsciiDigit(reps[^1]) && !reps.Contains('x', StringComparison.OrdinalIgnoreCase) && char.IsAsciiDigit(reps[0]) ? $"x{reps}" : reps) : Clocked.Match(time) is { Success: true } clocked ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{int.Parse(clocked.Groups["m"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture) * 60 + int.Parse(clocked.Groups["s"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture)}s") : time.Length > 0 && char.IsAsciiDigit(time[^1]) ? $"{time}s" : OnEach.IsMatch(time) ? $"x{time}" : time;
        if (sets == "1" && amount.Length > 0)
            sets = "";
        if (sets.Length > 0 && sets.All(char.IsAsciiDigit) && amount.Length > 0)
            row.Append(System.Globalization.CultureInfo.InvariantCulture, $"{sets} x {amount.TrimStart('x')} ");
        row.Append(Said("name"));
        if (sets.Length == 0 && amount.Length > 0)
            row.Append(' ').Append(amount);
        foreach (var head in new[] { "load", "tempo", "side" })
            if (Said(head) is { Length: > 0 } said)
                row.Append(", ").Append(head == "tempo" ? "tempo " : "").Append(said).Append(head == "side" && EachAlone.IsMatch(said) ? " side" : "");
        if (isBoth)
            row.Append(", each side");
        if (Said("kit").Trim('-', '–', '—') is { Length: > 0 } kit)
        {
            var mass = Mass.Match(kit);
            var thing = kit.Remove(mass.Index, mass.Length).Trim(' ', ',');
            row.Append(mass.Success ? $", {mass.Value}" : "");
            row.Append(thing.Length == 0 || (Moves.BriefWords.Kit(thing) is { } known && Said("name").Contains(known, StringComparison.OrdinalIgnoreCase)) ? "" : $" ({thing})");
        }

        if (Said("rest") is { Length: > 0 } rest && rest != "0")
            row.Append(", rest ").Append(rest);
        foreach (var head in new[] { "easier", "harder", "or" })
            // “Beginners: 8”: how often, no way.
            if (Said(head) is { Length: > 0 } way && !char.IsAsciiDigit(way[0]))
                row.Append(System.Globalization.CultureInfo.InvariantCulture, $" ({head}: {way})");
        if (Said("note") is { Length: > 0 } note)
            row.Append(" (").Append(note).Append(')');
        // A cell that has found no place is kept in brackets; “crunches” stands in “bicycle crunches” and is another word all the same.
        bool SameCell(string text) => cells.Where((c, i) => i < heads.Length && heads[i].Length > 0).Any(c => c.Trim() == text);
        foreach (var cell in cells.Select((c, i) => (text: c.Trim(), head: i < heads.Length ? heads[i] : "", isCount: IsCount(i))).Where(c => c.head != "kit" && c.text.Length > 0 && !c.isCount && c is not ({ head: "rest", text: "0" } or { head: "sets", text: "1" }) && c.head != "block"))
            if (cell.head.Length == 0 ? !SameCell(cell.text) : !row.ToString().Contains(cell.text, StringComparison.Ordinal))
                row.Append(" (").Append(cell.text).Append(')');
        return (Said("block"), row.ToString());
    }

    private static List<string> Cells(string line, char sign)
    {
        if (sign == '|')
            return [.. line.Trim().Trim('|').Split('|')];
        var (cells, cell, quoted) = (new List<string>(), new StringBuilder(), false);
        foreach (var c in line)
        {
            if (c == '"')
                quoted = !quoted;
            else if (c == sign && !quoted)
            {
                cells.Add(cell.ToString());
                cell.Clear();
            }
            else
                cell.Append(c);
        }

        cells.Add(cell.ToString());
        return cells;
    }

    /// <summary>How often on each side, in a column of times.</summary>
    private static CardPattern OnEach => field ??= new(@"^\d{1,3}\s*(?:each|per|ea|/)\b", RegexOptions.IgnoreCase);

    private static CardPattern EachAlone => field ??= new("^(?:each|ea|per)$", RegexOptions.IgnoreCase);

    /// <summary>A1, A2: no block, a place in one.</summary>
    private static CardPattern Lettered => field ??= new("^[A-Ha-h][1-9]$");

    private static CardPattern NoHeading => field ??= new("[.;!?:0-9]");
}
