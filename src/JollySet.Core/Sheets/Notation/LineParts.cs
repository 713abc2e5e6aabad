namespace JollySet.Core.Sheets.Notation;

/// <summary>A move's name and, in any order after it, its amount, load and tempo, each at most once.</summary>
/// <param name="Load">The inside of the square brackets.</param>
/// <param name="Tempo">From its <c>@</c> on.</param>
internal sealed record LineParts(Slice Name, Slice? Amount, Slice? Load, Slice? Tempo, Slice? Pulses = null)
{
    public static LineParts Of(Slice line, SheetErrors errors)
    {
        var words = line.Words();
        var named = 0;
        while (named < words.Count && !StartsPart(words, named))
            named++;
        var parts = new LineParts(Joined(line, words, 0, named), null, null, null);
        for (var i = named; i < words.Count;)
        {
            var taken = WordsTaken(words, i);
            parts = parts.With(Joined(line, words, i, i + taken), errors);
            i += taken;
        }

        return parts;
    }

    private LineParts With(Slice part, SheetErrors errors)
    {
        if (part.First == '[')
        {
            var inside = part.Length > 1 && part.Text[^1] == ']' ? part.From(1).To(part.Length - 2).Trim() : part;
            return this with { Load = Once(Load, inside, "load", errors) };
        }

        if (part.First == '@')
            return this with { Tempo = Once(Tempo, part, "tempo", errors) };
        if (part.AfterWord("hold") is not null || AmountNotation.LooksLike(part.Text))
            return this with { Amount = Once(Amount, part, "amount", errors) };
        if (part.Is("pulses") || (part.First == '+' && part.Text.EndsWith("pulses", StringComparison.OrdinalIgnoreCase)))
            return this with { Pulses = Once(Pulses, part, "number of pulses", errors) };
        errors.Add(part, "after the name an amount, a [load] or a @tempo is expected; sides and rest come after a comma");
        return this;
    }

    private static Slice? Once(Slice? before, Slice part, string what, SheetErrors errors)
    {
        if (before is not null)
            errors.Add(part, $"the {what} stands on this line already");
        return before ?? part;
    }

    /// <summary>“Hold” begins an amount where one follows it; else it is the end of a name: <c>plank hold</c>.</summary>
    private static bool StartsPart(List<Slice> words, int at) =>
        words[at].First is '[' or '@'
        || (words[at].First == '+' && words[at].Length > 1 && char.IsAsciiDigit(words[at].Text[1]))
        || AmountNotation.LooksLike(words[at].Text) || words[at].Is("pulses")
        || (words[at].Is("hold") && (at == 0 || (at + 1 < words.Count && AmountNotation.LooksLike(words[at + 1].Text))));

    private static int WordsTaken(List<Slice> words, int at)
    {
        bool Next(int ahead, string text) => at + ahead < words.Count && words[at + ahead].Is(text);
        if (words[at].Is("hold") && at + 1 < words.Count)
            return 2;
        if (words[at].First == '+' && Next(2, "pulses"))
            return 3;
        if (words[at].First == '+' && Next(1, "pulses"))
            return 2;
        if (words[at].First != '@')
            return 1;
        var beats = Next(1, "beats") || Next(1, "beat") ? 1 : 0;
        return Next(1 + beats, "then") && at + 2 + beats < words.Count ? 3 + beats : 1 + beats;
    }

    private static Slice Joined(Slice line, List<Slice> words, int from, int to)
    {
        if (from == to)
            return line.To(0);
        var start = words[from].Start;
        return line with { Start = start, Length = words[to - 1].Start + words[to - 1].Length - start };
    }
}
