using System.Buffers;
using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>The header: what is known of the class before its blocks, a key and a value each.</summary>
internal static class BriefNotation
{
    /// <summary>Every key, in the order they are written.</summary>
    public static ImmutableArray<string> Keys { get; } =
    [
        "minutes", "place", "style", "facing", "focus", "goal", "audience", "people", "demonstrators", "needs", "kit", "pace", "before", "after", "claims", "dismissed", "note",
    ];

    private static readonly SearchValues<char> Special = SearchValues.Create(",\"#|[]");

    /// <summary>The brief with one more line of the header; unchanged after an error.</summary>
    public static Brief Read(Brief brief, Slice key, Slice value, SheetErrors errors)
    {
        var word = key.Text.ToLowerInvariant();
        if (!Keys.Contains(word))
        {
            errors.Add(key, NearestName.Of(word, Keys) is { } near
                ? $"the header has no such line; the nearest is “{near}”"
                : $"the header has no such line; it has {string.Join(", ", Keys)}");
            return brief;
        }

        if (value.IsEmpty)
        {
            errors.Add(key, "something is expected after the colon");
            return brief;
        }

        if (word is not ("note" or "dismissed") && Write(brief).Any(line => line.Key == word))
        {
            errors.Add(key, $"“{word}” stands in the header already");
            return brief;
        }

        return Said(brief, word, value, errors);
    }

    /// <summary>What is said, in the order it is written.</summary>
    public static IEnumerable<(string Key, string Value)> Write(Brief brief)
    {
        (string Key, string? Value)[] lines =
        [
            ("minutes", Number(brief.Minutes)),
            ("place", brief.Place),
            ("style", brief.Style is { } style ? Words.Of(style) : null),
            ("facing", brief.Facing?.ToString().ToLowerInvariant()),
            ("focus", List(brief.Focus)),
            ("goal", brief.Goal is { } goal ? Words.Of(goal) : null),
            ("audience", brief.Audience.IsEmpty ? null : string.Join(", ", brief.Audience.Select(Words.Of))),
            ("people", Number(brief.People)),
            ("demonstrators", Number(brief.Demonstrators)),
            ("needs", List(brief.Needs)),
            ("kit", List(brief.Kit)),
            ("pace", brief.Pace?.ToString("0.###", CultureInfo.InvariantCulture)),
            ("before", brief.Before),
            ("after", brief.After),
            ("claims", List(brief.Claims)),
        ];
        return lines.Where(l => l.Value is not null).Select(l => (l.Key, l.Value!)).Concat(brief.Dismissed.Select(d => ("dismissed", DismissalNotation.Write(d)))).Concat(brief.Notes.Select(n => ("note", n)));
    }

    private static Brief Said(Brief brief, string key, Slice value, SheetErrors errors) => key switch
    {
        "minutes" => brief with { Minutes = Whole(value, 1, Limits.Hours * 60, "minutes", errors) },
        "place" => brief with { Place = Text(value) },
        "style" => brief with { Style = OneOf<ClassStyle>(value, Words.Of, errors) },
        "facing" => brief with { Facing = OneOf<Facing>(value, f => f.ToString().ToLowerInvariant(), errors) },
        "focus" => brief with { Focus = Parts(value) },
        "goal" => brief with { Goal = OneOf<Goal>(value, Words.Of, errors, BriefWords.Goal(value.Text)) },
        "audience" => brief with { Audience = [.. AudienceOf(value, errors)] },
        "people" => brief with { People = Whole(value, 1, 1000, "people", errors) },
        "demonstrators" => brief with { Demonstrators = Whole(value, 1, 10, "demonstrators", errors) },
        "needs" => brief with { Needs = Parts(value) },
        "kit" => brief with { Kit = Parts(value) },
        "pace" => brief with { Pace = PaceFactor(value, errors) },
        "before" => brief with { Before = Text(value) },
        "after" => brief with { After = Text(value) },
        "dismissed" => DismissalNotation.Read(value, errors) is { } dismissal ? brief with { Dismissed = brief.Dismissed.Add(dismissal) } : brief,
        "claims" => brief with { Claims = Parts(value) },
        _ => brief with { Notes = brief.Notes.Add(Quoted.Read(value)) },
    };

    /// <summary>Who comes, in whatever words; each once.</summary>
    private static IEnumerable<Audience> AudienceOf(Slice value, SheetErrors errors) =>
        value.Split(',').SelectMany(part => BriefWords.Audience(part.Text) is { IsEmpty: false } said ? said.Select(word => OneOf<Audience>(part, Words.Of, errors, word)) : [OneOf<Audience>(part, Words.Of, errors)]).OfType<Audience>().Distinct();

    private static string Text(Slice value) => Quoted.Read(value);

    private static ImmutableArray<string> Parts(Slice value) => [.. value.Split(',').Where(p => !p.IsEmpty).Select(Quoted.Read)];

    private static string? List(ImmutableArray<string> words) => words.IsEmpty ? null : string.Join(", ", words.Select(Item));

    /// <summary>Kit and claims hold brackets and figures that mislead nobody in a list.</summary>
    private static string Item(string word) => word.AsSpan().ContainsAny(Special) || word.Trim() != word || word.Length == 0 || Unbalanced(word) ? Quoted.Always(word) : word;

    private static bool Unbalanced(string word)
    {
        var depth = 0;
        foreach (var c in word)
            if ((depth += c == '(' ? 1 : c == ')' ? -1 : 0) < 0)
                return true;
        return depth != 0;
    }

    private static string? Number(int? number) => number?.ToString(CultureInfo.InvariantCulture);

    private static int? Whole(Slice value, int least, int most, string what, SheetErrors errors) =>
        int.TryParse(value.Text, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number) && number >= least && number <= most
            ? number
            : errors.None<int?>(value, $"{what} are a whole number from {least} to {most}");

    private static decimal? PaceFactor(Slice value, SheetErrors errors) =>
        decimal.TryParse(value.Text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var factor) && factor is >= 0.5m and <= 2 && factor.Scale <= 3
            ? factor / 1.000m
            : errors.None<decimal?>(value, "the pace is a factor on seconds a rep from 0.5 to 2, to a thousandth, such as 0.9");

    /// <param name="meant">What the words are known to mean; null where they are taken as they are.</param>
    private static T? OneOf<T>(Slice value, Func<T, string> word, SheetErrors errors, string? meant = null) where T : struct, Enum
    {
        foreach (var known in Enum.GetValues<T>())
            if ((meant ?? Quoted.Read(value)).Equals(word(known), StringComparison.OrdinalIgnoreCase))
                return known;
        return errors.None<T?>(value, $"one of {string.Join(", ", Enum.GetValues<T>().Select(word))} is expected");
    }
}
