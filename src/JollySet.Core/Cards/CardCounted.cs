using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>
/// A whole block of counted moves on one line: what it is called, how often, its moves and the rest, in any order and by any signs:
/// “A) 3 rds 12 squats / 10 press-ups, r 60”, “S1 – 3 x 15 – squat, floor press – 30s rest”. Where a line says anything else, it is left alone.
/// </summary>
internal static class CardCounted
{
    private const int LongestLine = 240;
    private const int FewestItems = 2;

    /// <summary>How often, how many of each, and what is left of the line.</summary>
    private sealed record Dose(int Rounds, int? Reps, string Left);

    /// <summary>The block in the words of a head and its list; null where the line is no such block.</summary>
    /// <param name="isMove">Whether words are a move.</param>
    public static string? Plain(string text, Func<string, bool> isMove)
    {
        if (text.Length > LongestLine || !text.Any(char.IsAsciiDigit) || !(text.AsSpan().ContainsAny(",/+&;") || text.Contains(" and ", StringComparison.Ordinal)) || Sets.Count(text) > 1)
            return null;
        var label = Label.Match(text);
        var body = text[label.Length..].Trim();
        var (rest, before) = (0, body);
        if (RestBehind.Match(body) is { Success: true } behind)
            (rest, before) = (Seconds(behind), body[..behind.Index]);
        foreach (var dose in Doses(Bare(before), label.Success))
        {
            var left = dose.Left;
            if (rest == 0 && RestBefore.Match(left) is { Success: true } first)
                (rest, left) = (Seconds(first), left[first.Length..]);
            if (Items(Bare(left), dose.Reps, isMove) is { Count: >= FewestItems } items)
            {
                var isForAll = items.TrueForAll(i => i.Amount is null);
                if (isForAll ? dose.Reps is null : items.Exists(i => i.Amount is null) || (dose.Reps is not null && items[0].Amount != Times(dose.Reps)))
                    continue;
                if (isForAll && items.Count == 2 && label.Groups["l"].Length == 1 && char.IsAsciiLetter(label.Value[0]) && items.TrueForAll(i => i.Sides.Length == 0))
                    return string.Create(CultureInfo.InvariantCulture, $"{label.Groups["l"].Value}. {items[0].Name} + {items[1].Name} {dose.Rounds}x{dose.Reps}{(rest > 0 ? $", rest {rest}s" : "")}");
                return Told(label.Groups["l"].Value, text, dose.Rounds, rest, items.ConvertAll(i => $"{i.Name} {i.Amount ?? Times(dose.Reps)}{i.Sides}"), isForAll);
            }
        }

        return null;
    }

    private static string? Told(string label, string text, int rounds, int rest, List<string> items, bool isForAll)
    {
        // Two for which one number of sets and reps is said are done by turns, more where they are called so.
        var isLinked = SetWord.IsMatch(label) || SetWord.IsMatch(text) || (isForAll && items.Count == 2 && label.Length is 1 or 2);
        // Sets of several are those of one move before the next, unless they are linked.
        if (isForAll && !isLinked && (label.Length < 3 || items.Count > 2))
            return null;
        var name = SetLabel.Replace(label, "").Trim();
        var often = string.Create(CultureInfo.InvariantCulture, $"{rounds} rounds{(rest == 0 ? "" : isLinked ? $", rest {rest}s" : $", {rest}s rest between rounds")}");
        var list = string.Join(", ", items);
        if (isLinked)
            return $"Superset{(name.Length > 0 ? $" {name}" : "")} ({often}): {list}";
        return name.Length == 0 ? $"{often}: {list}" : char.IsAsciiDigit(name[0]) ? $"{name}. {often}: {list}" : $"{name} ({often}): {list}";
    }

    private static IEnumerable<Dose> Doses(string text, bool isNamed)
    {
        foreach (var pattern in new[] { SetsOfReps, RepsOfSets })
            if (pattern.Match(text) is { Success: true } all)
                yield return new(Whole(all.Groups["s"]), Whole(all.Groups["r"]), text[all.Length..]);
        if (RoundsBefore.Match(text) is { Success: true } rounds)
        {
            yield return new(Whole(rounds.Groups["s"]), null, text[rounds.Length..]);
            if (RepsBehind.Match(text) is { Success: true } reps && reps.Index > rounds.Length)
                yield return new(Whole(rounds.Groups["s"]), Whole(reps.Groups["r"]), text[rounds.Length..reps.Index]);
        }

        if (SetsBehind.Match(text) is { Success: true } sets)
            yield return new(Whole(sets.Groups["s"]), Whole(sets.Groups["r"]), text[..sets.Index]);
        if (RoundsBehind.Match(text) is { Success: true } last)
        {
            var listed = Bare(text[..last.Index]);
            if (isNamed)
                yield return new(Whole(last.Groups["s"]), null, listed);
            if (RepsBehind.Match(listed) is { Success: true } reps)
                yield return new(Whole(last.Groups["s"]), Whole(reps.Groups["r"]), listed[..reps.Index]);
        }
    }

    /// <summary>Each move with its amount, where it has one; null where one of them is no move.</summary>
    /// <param name="first">“3 x 12 squats / 10 rows”: three rounds, and the number of the first.</param>
    private static List<(string Name, string? Amount, string Sides)>? Items(string list, int? first, Func<string, bool> isMove)
    {
        if (list is ['(', .., ')'])
            list = list[1..^1];
        list = CardWording.Ups(list);
        var items = new List<(string Name, string? Amount, string Sides)>();
        var unknown = 0;
        foreach (var item in (list.Contains(';', StringComparison.Ordinal) ? Semicolons : list.Contains(" / ", StringComparison.Ordinal) ? Strokes : list.Contains(" + ", StringComparison.Ordinal) ? Pluses : list.Contains(',', StringComparison.Ordinal) ? Commas : Ands).Split(list).Select(i => i.Trim().TrimEnd('.')))
        {
            // A number before and one behind are two things said.
            if (Item.Match(item) is not { Success: true } m || m.Groups["t"].Captures.Count + m.Groups["c"].Captures.Count > 1 || !(isMove(m.Groups["m"].Value) || ((m.Groups["c"].Success || m.Groups["t"].Success) && FewWords.IsMatch(m.Groups["m"].Value) && ++unknown > 0)))
                return null;
            items.Add((m.Groups["m"].Value, m.Groups["t"].Success ? $"{m.Groups["t"].Value}s" : m.Groups["c"].Success ? $"x{m.Groups["c"].Value}" : null, m.Groups["side"].Success ? " each side" : ""));
        }

        // What has its number among moves that have theirs is a move of one's own.
        if (unknown * 2 >= items.Count)
            return null;
        if (first is not null && items[0].Amount is null && items.Count > 1 && items.Skip(1).All(i => i.Amount is not null))
            items[0] = items[0] with { Amount = Times(first) };
        return items;
    }

    private static string Times(int? reps) => string.Create(CultureInfo.InvariantCulture, $"x{reps}");

    private static string Bare(string text) => text.Trim(' ', ',', ':', ';', '-', '–', '.');

    private static int Whole(Group said) => int.Parse(said.ValueSpan, CultureInfo.InvariantCulture);

    private static int Seconds(Match m) => Whole(m.Groups["n"]) * (m.Groups["min"].Success ? 60 : 1);

    private const string Often = @"(?<s>[2-9]|1[0-2])";
    private const string Rounds = @"(?:rounds?|rds?|rnds?|sets?|times|laps|circuits)\b";
    private const string T = @"(?:(?<n>[1-9][0-9]{1,2})\s*(?:s|secs?|seconds?)?\b|(?<n>[1-5])\s*(?<min>m|mins?|minutes?|')(?![a-z]))";
    private const string Between = @"(?:\s+(?:in\s+)?(?:between|after|btw)(?:\s+(?:the\s+|each\s+|every\s+)?(?:rounds?|sets?|pairs?|supersets?))?)?";

    /// <summary>Sets and reps of one move: a line with several is a list of such.</summary>
    private static CardPattern Sets => field ??= new(@"\b[2-9]\s*x\s*[0-9]", RegexOptions.IgnoreCase);

    private static CardPattern Label => field ??= new(@"^(?:(?<l>S{1,2}\s?[1-9]|[A-H]\d?|(?:superset|super\s+set|giant\s+set|tri-?set|pair|block|circuit|part|set|section)\s*(?:[1-9]|[A-H])?|main(?:\s+set)?|[1-9])(?:\s*[:.)]\s*|\s+-\s+)|(?<l>(?-i:[A-H]))\s+(?=[0-9a-z]))", RegexOptions.IgnoreCase);

    private static CardPattern SetLabel => field ??= new(@"^(?:S{1,2}(?=\s?[1-9])|superset|super\s+set|pair)\s*", RegexOptions.IgnoreCase);

    private static CardPattern SetWord => field ??= new(@"^S{1,2}\s?[1-9]$|\bsuper\s?sets?\b|^pair\b", RegexOptions.IgnoreCase);

    private static CardPattern RestBehind => field ??= new(@"[\s,;./-]*\(?\s*(?:(?:rest|r|recover)\s*:?\s*(?:for\s+)?" + T + Between + @"|" + T + @"\s*(?:rest|off|break|recovery)" + Between + @"|" + T + @"\s+(?:in\s+)?between(?:\s+(?:rounds|sets))?)\s*\)?\.?$", RegexOptions.IgnoreCase);

    private static CardPattern RestBefore => field ??= new(@"^[\s,;-]*(?:(?:rest|r)\s*:?\s*" + T + Between + @"|" + T + @"\s*(?:rest|off)" + Between + @")\s*(?=[:-])", RegexOptions.IgnoreCase);

    /// <summary>“3 x 15”, “3 sets of 15 reps”, before the list.</summary>
    private static CardPattern SetsOfReps => field ??= new(@"^" + Often + @"\s*(?:x|(?:sets?|rounds?|rds?)\s*(?:of|x))\s*(?<r>[0-9]{1,2})(?!\s*(?:s|secs?|seconds?|mins?)\b|[0-9])(?:\s*reps?\b)?(?:\s*(?:of\s+)?each\b)?(?=\s*[:,-]|\s)", RegexOptions.IgnoreCase);

    private static CardPattern RepsOfSets => field ??= new(@"^(?<r>[0-9]{1,2})\s*reps?\s*x\s*" + Often + @"(?:\s*sets)?(?=\s*[:,-]|\s)", RegexOptions.IgnoreCase);

    private static CardPattern RoundsBefore => field ??= new(@"^(?:" + Often + @"\s*(?:" + Rounds + @"(?:\s+(?:through|round|around))?(?:\s+of\b)?|x(?=[\s(]))|x\s?" + Often + @"(?=\s))", RegexOptions.IgnoreCase);

    private static CardPattern SetsBehind => field ??= new(@"[\s,(-]*(?<![0-9])" + Often + @"\s*(?:x|sets?\s+of)\s*(?<r>[0-9]{1,2})(?:\s*reps?)?\s*\)?$", RegexOptions.IgnoreCase);

    private static CardPattern RoundsBehind => field ??= new(@"(?:[\s,(-]*\bx\s?" + Often + @"|[\s,(-]+" + Often + @"\s*(?:" + Rounds + @"|x))\s*\)?$", RegexOptions.IgnoreCase);

    private static CardPattern RepsBehind => field ??= new(@"[\s,(-]*(?:\bx\s?(?<r>[0-9]{1,2})|\b(?<r>[0-9]{1,2})\s*(?:reps?\b(?:\s*(?:of\s+)?each)?|(?:of\s+)?each))\s*\)?$", RegexOptions.IgnoreCase);

    /// <summary>A move with its number before or behind it, and whether it is of each side.</summary>
    private static CardPattern Item => field ??= new(@"^(?:(?<t>[0-9]{2,3})\s*(?:s|secs?|seconds?)\s+(?:of\s+)?|(?<c>[0-9]{1,3})\s*(?:x\s*|reps?\s+(?:of\s+)?)?)?(?<m>[a-z][a-z' -]*?)(?:\s+(?<side>(?:each|per|e)\s?(?:side|leg|arm|s|l|a)|ea|\(?each\)?|es|/side))?(?:\s*[x(]?\s*(?:(?<t>[0-9]{2,3})\s*(?:s|secs?|seconds?)|(?<c>[0-9]{1,3}))(?:\s*reps?)?\)?(?:\s+(?<side>(?:each|per)\s+(?:side|leg|arm)|ea|each|es|/side))?)?$", RegexOptions.IgnoreCase);

    private static CardPattern FewWords => field ??= new(@"^(?!(?:rest|water|break|drink|off|on|round|rounds|sets|reps|min|mins|secs?|rpe|kgs?|each|metres?|meters?|m|km|lbs?|of|the|then|and|between|btw|after|per|work|working|stations?|exercises?|moves?|effort|times?|laps?|circuits?)\b)[a-z][a-z'-]+(?:\s[a-z'-]+){0,2}$", RegexOptions.IgnoreCase);

    private static CardPattern Semicolons => field ??= new(@"\s*;\s*(?:and\s+)?", RegexOptions.IgnoreCase);

    private static CardPattern Strokes => field ??= new(@"\s+/\s+");

    private static CardPattern Pluses => field ??= new(@"\s+\+\s+");

    private static CardPattern Commas => field ??= new(@"\s*,\s*(?:and\s+)?|\s+and\s+(?=[0-9])", RegexOptions.IgnoreCase);

    private static CardPattern Ands => field ??= new(@"\s+(?:&|and)\s+", RegexOptions.IgnoreCase);
}
