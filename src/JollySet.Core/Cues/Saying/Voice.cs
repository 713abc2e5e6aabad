using System.Collections.Frozen;
using System.Collections.Immutable;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cues.Saying;

/// <summary>One thing an instructor says again and again, and what may stand in it.</summary>
/// <param name="Name">What it is kept under.</param>
/// <param name="Title">When it is said.</param>
/// <param name="Usual">As it comes.</param>
/// <param name="Slots">What may stand in it in braces.</param>
public sealed record Phrase(string Name, string Title, string Usual, ImmutableArray<string> Slots);

/// <summary>The instructor's own way of saying things: a pattern for each, with what changes in braces.</summary>
public sealed partial class Voice
{
    /// <summary>A pattern's most letters.</summary>
    public const int MostLetters = 160;

    private static readonly FrozenDictionary<string, Phrase> ByName = Phrases().ToFrozenDictionary(p => p.Name);
    private readonly ImmutableDictionary<string, string> own;

    private Voice(ImmutableDictionary<string, string> own) => this.own = own;

    /// <summary>As it comes.</summary>
    public static Voice Usual { get; } = new(ImmutableDictionary<string, string>.Empty);

    /// <summary>Every phrase, in the order they come in a class.</summary>
    public static ImmutableArray<Phrase> All { get; } = [.. Phrases()];

    /// <summary>The patterns that are the instructor's own.</summary>
    public ImmutableDictionary<string, string> Own => own;

    /// <summary>The pattern of that name.</summary>
    public string this[string name] => own.GetValueOrDefault(name) ?? ByName[name].Usual;

    /// <summary>What is wrong with a pattern, in a sentence; null where it can be said.</summary>
    public static string? Wrong(string name, string pattern)
    {
        if (!ByName.TryGetValue(name, out var phrase))
            return $"there is no phrase “{name}”";
        if (pattern.Length > MostLetters)
            return $"at most {MostLetters} letters";
        if (pattern.Any(char.IsControl))
            return "one line is said";
        var strange = Slot().Matches(pattern).Select(m => m.Groups[1].Value).FirstOrDefault(s => !phrase.Slots.Contains(s));
        return strange is not null ? $"{{{strange}}} means nothing here; {(phrase.Slots.IsEmpty ? "nothing in braces can stand here" : "there is " + string.Join(", ", phrase.Slots.Select(s => $"{{{s}}}")))}" : null;
    }

    /// <summary>With that pattern; the usual one, or an empty one for what is not to be said, like any other.</summary>
    /// <exception cref="ArgumentException">It cannot be said.</exception>
    public Voice With(string name, string pattern)
    {
        if (Wrong(name, pattern) is { } wrong)
            throw new ArgumentException(wrong, nameof(pattern));
        return new Voice(pattern == ByName[name].Usual ? own.Remove(name) : own.SetItem(name, pattern));
    }

    /// <summary>With those that were kept; what can no longer be said is passed over.</summary>
    public static Voice Of(IEnumerable<KeyValuePair<string, string>> kept) =>
        kept.Where(k => Wrong(k.Key, k.Value) is null).Aggregate(Usual, (voice, k) => voice.With(k.Key, k.Value));

    /// <summary>The phrase with its slots filled.</summary>
    public string Say(string name, params (string Slot, string Value)[] values) =>
        Plans.Say.Capital(Slot().Replace(this[name], m => values.FirstOrDefault(v => v.Slot == m.Groups[1].Value).Value ?? "").Trim());

    private static Phrase[] Phrases() =>
    [
        new("block", "A block begins", "{block}: {what}.", ["block", "what"]),
        new("round", "A round begins", "Round {round} of {rounds}.", ["round", "rounds"]),
        new("last-round", "The last round begins", "Last round.", ["rounds"]),
        new("middle", "Half of the class is done", "Halfway through the class.", []),
        new("water", "A water break", "Water, {time}.", ["time"]),
        new("next", "What comes next", "Next: {move}.", ["move"]),
        new("side", "On which side", "{side} side first.", ["side"]),
        new("other-side", "The other side", "Other side: {side}.", ["side"]),
        new("lead", "Which leg leads", "{side} leg leads.", ["side"]),
        new("hold", "What to take", "Take {kit}.", ["kit"]),
        new("put-down", "What to put down", "Put down {kit}.", ["kit"]),
        new("option", "The other ways, before the work", "{options}.", ["options"]),
        new("heavier", "Half-time of loaded work", "Not hard yet? Take the heavier pair and slow down.", []),
        new("go", "Work begins", "Go.", ["move"]),
        new("breathe", "In a long hold", "Breathe.", []),
        new("half", "Half of the work is done", "Halfway.", []),
        new("ten", "Ten seconds are left", "Ten seconds.", []),
        new("three", "The last three seconds", "Three, two, one.", []),
    ];

    [GeneratedRegex(@"\{([^{}]*)\}", RegexOptions.CultureInvariant)]
    private static partial Regex Slot();
}
