using System.Collections.Immutable;

namespace JollySet.Core.Moves.Names;

/// <summary>Names of which each part is a name.</summary>
public sealed partial class NameReader
{
    /// <summary>Moves of which one follows another in a rep.</summary>
    private const int MostCombined = 3;

    /// <summary>What makes one move of two: “lunge to curl”. “And” may as well name two.</summary>
    private static readonly ImmutableArray<string> Making = ["to", "into", "with"];

    /// <summary>Two or three moves in one rep: “lateral lunge to upright row”; null where a part is none that is known for certain.</summary>
    private NameReading? Combined(string text, List<string> words)
    {
        if (text.Contains(',', StringComparison.Ordinal) || !words.TrueForAll(w => Joins.Contains(w) || vocabulary.Contains(w)))
            return null;
        if (AreMany(text))
            return null;
        if (Parts(words, MostCombined) is { } parts)
            return Told(text, parts);
        // “Plank to pike”: a part that may mean several is asked about with the whole.
        for (var at = 1; at + 1 < words.Count; at++)
            if (Making.Contains(words[at]) && Understood("", words[..at]) is { } first && byAsked.TryGetValue(NameWords.KeyOf(words[(at + 1)..]), out var meant) && meant.OrderBy(m => m.Level != first.Move!.Level).FirstOrDefault(m => Combination.AreOne(first.Move!, m)) is { } then)
            {
                var name = $"{string.Join(' ', words[..at])} {words[at]} {then.Name}";
                return Told(text, [first, Told("", then, [], then)]) with { Known = Sureness.Likely, How = $"is {name} meant?", Meant = name, Nearest = [first.Base, then.Name] };
            }

        return null;
    }

    /// <summary>“Triceps extensions with curls” pairs two.</summary>
    private static bool AreMany(string text)
    {
        var words = NameWords.Split(text);
        var with = words.IndexOf("with");
        return with > 0 && NameWords.IsMany(words[with - 1]) && NameWords.IsMany(words[^1]);
    }

    private List<NameReading>? Parts(List<string> words, int most)
    {
        for (var at = 1; at + 1 < words.Count; at++)
            if (Making.Contains(words[at]) && Understood("", words[..at]) is { } first)
            {
                var rest = words[(at + 1)..];
                if (Understood("", rest) is { } then && Combination.AreOne(first.Move!, then.Move!))
                    return [first, then];
                if (most > 2 && Parts(rest, most - 1) is { } more && Combination.AreOne(first.Move!, more[0].Move!))
                    return [first, .. more];
            }

        return null;
    }

    /// <summary>“Squat curl press”: parts that stand side by side are most likely one move, as long as none of them is many.</summary>
    private NameReading? SideBySide(string text)
    {
        var words = NameWords.Split(text.Length > NameWords.LongestName ? "" : text);
        if (words.Count is < 2 or > MostSlipped || text.Contains(',', StringComparison.Ordinal) || NameWords.Of(string.Join(' ', words)).Exists(w => Joins.Contains(w) || !vocabulary.Contains(w)))
            return null;
        if (Beside(words, MostCombined) is not { } parts || parts[^1].Move!.Tags.IsHold || parts.Exists(p => p.Move!.Pattern is Pattern.Stretch or Pattern.Mobility))
            return null;
        var meant = string.Join(" to ", parts.Select(p => p.Text));
        return Told(text, parts) is var told ? told with { Known = Sureness.Likely, How = $"is {meant} meant?", Meant = meant, Nearest = [.. parts.Select(p => p.Base).Distinct().Take(Choices)] } : null;
    }

    private List<NameReading>? Beside(List<string> words, int most)
    {
        for (var at = words.Count - 1; at >= 1; at--)
        {
            // “Squats press-ups” are two.
            if (NameWords.IsMany(words[at - 1]) || Part(words[..at]) is not { } first)
                continue;
            var rest = words[at..];
            if (Part(rest) is { } then && Combination.AreOne(first.Move!, then.Move!))
                return [first, then];
            if (most > 2 && Beside(rest, most - 1) is { } more && Combination.AreOne(first.Move!, more[0].Move!))
                return [first, .. more];
        }

        return null;

        NameReading? Part(List<string> said) => Understood(string.Join(' ', said), NameWords.Of(string.Join(' ', said)));
    }

    private static NameReading Told(string text, List<NameReading> parts)
    {
        var move = parts.Skip(1).Aggregate(parts[0].Move!, (made, part) => Combination.Of(made, part.Move!));
        var others = parts.Skip(1).Select(p => $"to {p.Move!.Name}").ToImmutableArray();
        return new NameReading(text, Sureness.Certain, move with { Name = string.Join(" to ", parts.Select(p => p.Move!.Name)), Also = [] }, parts[0].Base, [.. parts[0].Modifiers, .. others], string.Join(" + ", parts.Select(p => p.How)), []) { Moves = parts.Count };
    }

    /// <summary>“Banded kickbacks”, “close grip bench”: a short name that may mean several, and what changes it; of those the ones it makes sense for.</summary>
    private NameReading? AskedWith(string text, List<string> words)
    {
        var found = Found(words);
        if (found.Count is 0 or > MostModifiers)
            return null;
        foreach (var taken in Enumerable.Range(1, (1 << found.Count) - 1).OrderBy(taken => WordsOf(found, taken)))
        {
            var rest = words.Where((_, at) => !IsTaken(found, taken, at)).ToList();
            if (rest.Count == 0 || !byAsked.TryGetValue(NameWords.KeyOf(rest), out var moves))
                continue;
            var said = string.Join(' ', words.Where((_, at) => IsTaken(found, taken, at) && !Joins.Contains(words[at])));
            var meant = moves.Select(m => (Move: m, Reading: Understood(text, [.. NameWords.Of(said), .. NameWords.Of(m.Name)]))).Where(m => m.Reading?.Base == m.Move.Name).ToList();
            if (meant.Count > 0)
                return meant[0].Reading! with { Known = Sureness.Likely, How = $"is {meant[0].Reading!.How} meant?", Meant = $"{said} {meant[0].Move.Name}", Nearest = [.. meant.Select(m => m.Move.Name).Concat(Near(words, Choices, meant[0].Move.Name)).Distinct().Take(Choices)] };
        }

        return null;
    }
}
