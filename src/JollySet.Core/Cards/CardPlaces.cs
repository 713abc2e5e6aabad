using System.Text.RegularExpressions;
using JollySet.Core.Moves;

namespace JollySet.Core.Cards;

/// <summary>Blocks that are called by where or with what they are done: “Floor”, “Standing”, “With bands” alone above moves, “On the mat – bridges, clams, crunches” on one line.</summary>
internal static class CardPlaces
{
    private const int FewestMoves = 2;

    /// <summary>A line as the head it is, and its moves; null where it says what it says alone.</summary>
    /// <param name="isBelow">Whether anything stands between it and the title.</param>
    /// <param name="before">The line above it: a thing alone, right below a move, may be a station of the same list.</param>
    /// <param name="next">The line below it.</param>
    public static string? Line(string line, bool isBelow, string before, string next, Func<string, bool> isMove) =>
        isBelow && IsPlace(line.TrimEnd(':')) && !isMove(line) && IsOfMove(next, isMove) && (before.Length == 0 || line.EndsWith(':') || line.EndsWith(" work", StringComparison.OrdinalIgnoreCase) || Where.Match(line).Groups["posture"].Success) ? $"## {line}"
        : isBelow && HeadThenSets.Match(line) is { Success: true } one && IsTopic(one.Groups["h"].Value, isMove) && isMove(one.Groups["name"].Value)
            ? $"## {one.Groups["h"].Value}\n{one.Groups["item"].Value}"
        : HeadThenList.Match(line) is { Success: true } m && m.Groups["h"].Value is var head && !isMove(head) && IsList(m.Groups["items"].Value, isMove) && (IsPlace(head) || (isBelow && FewWords.IsMatch(head))) && !IsOneOf(head, m.Groups["items"].Value, isMove)
            ? $"## {head}: {m.Groups["items"].Value}" : null;

    /// <summary>Words that are no move, no person, need or way to spare: what a part is about.</summary>
    private static bool IsTopic(string words, Func<string, bool> isMove) =>
        FewWords.IsMatch(words) && !isMove(words) && !NoTopic.IsMatch(words) && !IsPlace(words) && BriefWords.Need(words) is null && BriefWords.Audience(words).IsEmpty;

    /// <summary>A posture, a place on the floor, or a thing of the kit list.</summary>
    private static bool IsPlace(string words) =>
        words.Length is > 1 and < 30 && Where.Match(words) is { Success: true } m && (m.Groups["posture"].Success || BriefWords.Kit(m.Groups["kit"].Value) is not null);

    /// <summary>“Side lying - clams, leg lifts” is a place; “press-ups - wide, narrow” is a move and its ways.</summary>
    private static bool IsOneOf(string head, string items, Func<string, bool> isMove) => head.Length > 1 && !IsPlace(head) && items.Split(',') is var pieces && isMove($"{pieces[0].Trim()} {head}");

    private static bool IsList(string items, Func<string, bool> isMove) =>
        items.Split(',', StringSplitOptions.TrimEntries) is var pieces && pieces.Count(p => IsOfMove(p, isMove)) is var known && known >= FewestMoves && known >= pieces.Length - 1 && IsOfMove(pieces[0], isMove);

    private static bool IsOfMove(string text, Func<string, bool> isMove) => Name.Match(text) is { Success: true } m && isMove(m.Groups["name"].Value.Trim());

    private static CardPattern Where => field ??= new($@"^(?:(?:on|at|with|in|off|using)\s+(?:the\s+|your\s+|an?\s+)?)?(?:(?<posture>floor|floorwork|barre|standing|seated|sitting|kneeling|lying(?:\s+down)?|all\s+fours|side[\s-]lying|prone|supine|(?<=(?:on|in)\s.*)(?:back|front|side|tummy|knees))|(?<kit>[a-z][a-z ]{{0,20}}?))(?:\s+(?:work|section|part|exercises|moves|series))?$", RegexOptions.IgnoreCase);

    private static CardPattern FewWords => field ??= new(@"^(?-i:[A-H])$|^(?!(?:then|first|next|last|and|finally|now|also|we|the)\b)[a-z]{3,}(?:(?:\s|\s&\s|\sand\s)[a-z]{3,})?$", RegexOptions.IgnoreCase);

    private static CardPattern HeadThenList => field ??= new(@"^(?<h>(?-i:[A-H])|[a-z][a-z'&()/ ]{1,30}?)\s+-\s+(?<items>[^:|]{6,200})$", RegexOptions.IgnoreCase);

    /// <summary>“Plyo: pogo hops 3x20s, 40s rest”: what it is about, one move and its sets, and nothing behind them but the rest.</summary>
    private static CardPattern HeadThenSets => field ??= new(@"^(?<h>[a-z][a-z'&()/ ]{1,30}?)(?::|\s+-)\s+(?<item>(?<name>[a-z][a-z' -]{2,40}?)\s+[2-9]\s*(?:x|sets?\s+of|sets?\s+x)\s*[0-9]{1,3}\s*(?:s|secs?|seconds?|reps?|m|mins?)?(?:\s*(?:/|each|per)\s*(?:side|leg|arm))?(?:[\s,;/(-]+(?:rest\s*:?\s*|r\s?)?[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|m|')?\s*(?:rest|off|break)?\)?)?)$", RegexOptions.IgnoreCase);

    /// <summary>What leads to a way, a remark or a line of the head.</summary>
    private static CardPattern NoTopic => field ??= new(@"^(?:easier|harder|option(?:al)?|or|alt(?:ernative)?|instead|beginners?|advanced|reg(?:ression)?|prog(?:ression)?|mods?|modification|low(?:er)?\b.*|high(?:er)?\b.*|level.*|swap|sub|for|if|no|not|kit|notes?|nb|ps|rest|time|goal|focus|place|where|who|people|coach|music|then|mon.*|tue.*|wed.*|thu.*|fri.*|sat.*|sun.*|partners?|left|right|both|each|every.*|all|warm.*|cool.*|wu|cd|stretch.*|ss|superset.*|pair.*|tri-?sets?|giant.*|emom|amrap|tabata.*|circuit.*|round.*|set.*|block.*|part.*|ladder.*|pyramid.*)$", RegexOptions.IgnoreCase);

    /// <summary>A move and how often or how long.</summary>
    private static CardPattern Name => field ??= new(@"^\s*(?:[-•*]\s*|[0-9]{1,2}[.)]\s+)?(?:[0-9]{1,3}\s*(?:x\s+)?)?(?<name>[a-z][a-z' -]{2,40}?)(?:\s*(?:$|[(:]|-\s|x\s?[0-9]|[0-9]).*)?$", RegexOptions.IgnoreCase);
}
