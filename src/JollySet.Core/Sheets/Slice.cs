namespace JollySet.Core.Sheets;

/// <summary>A stretch of a line that knows where it stands, so that an error can say so.</summary>
internal readonly record struct Slice(string Source, int Start, int Length, int Line, int ColumnBase = 1)
{
    public static Slice OfLine(string line, int number) => new(line, 0, line.Length, number);

    public string Text => Source.Substring(Start, Length);

    public int Column => ColumnBase + Start;

    public bool IsEmpty => Length == 0;

    public char First => Length > 0 ? Source[Start] : '\0';

    public Slice Trim()
    {
        var (start, end) = (Start, Start + Length);
        while (start < end && char.IsWhiteSpace(Source[start]))
            start++;
        while (end > start && char.IsWhiteSpace(Source[end - 1]))
            end--;
        return this with { Start = start, Length = end - start };
    }

    public Slice From(int offset) => this with { Start = Start + offset, Length = Length - offset };

    public Slice To(int length) => this with { Length = length };

    public bool Is(string word) => Source.AsSpan(Start, Length).Equals(word, StringComparison.OrdinalIgnoreCase);

    public bool StartsWith(string text) => Source.AsSpan(Start, Length).StartsWith(text, StringComparison.OrdinalIgnoreCase);

    /// <summary>What follows <paramref name="word"/> as a whole word at the start; null when it does not stand there.</summary>
    public Slice? AfterWord(string word) =>
        StartsWith(word) && (Length == word.Length || char.IsWhiteSpace(Source[Start + word.Length])) ? From(word.Length).Trim() : null;

    /// <summary>The parts between <paramref name="separator"/>s that stand outside quotes and brackets, trimmed.</summary>
    public List<Slice> Split(char separator)
    {
        var parts = new List<Slice>();
        var from = 0;
        foreach (var at in TopLevel())
        {
            if (Source[Start + at] != separator)
                continue;
            parts.Add(From(from).To(at - from).Trim());
            from = at + 1;
        }

        parts.Add(From(from).Trim());
        return parts;
    }

    /// <summary>The words outside quotes and brackets; a quoted or bracketed stretch is part of its word.</summary>
    public List<Slice> Words()
    {
        var words = new List<Slice>();
        var (from, depth, quoted) = (-1, 0, false);
        for (var at = 0; at < Length; at++)
        {
            var c = Source[Start + at];
            if (!quoted && depth == 0 && char.IsWhiteSpace(c))
            {
                if (from >= 0)
                    words.Add(From(from).To(at - from));
                from = -1;
                continue;
            }

            if (from < 0)
                from = at;
            (depth, quoted) = After(c, depth, quoted);
        }

        if (from >= 0)
            words.Add(From(from).To(Length - from));
        return words;
    }

    /// <summary>The first place of <paramref name="wanted"/> outside quotes and brackets; -1 when there is none.</summary>
    public int IndexOutside(char wanted)
    {
        foreach (var at in TopLevel())
            if (Source[Start + at] == wanted)
                return at;
        return -1;
    }

    /// <summary>Offsets of what stands outside quotes and brackets, the opening ones included.</summary>
    private IEnumerable<int> TopLevel()
    {
        var depth = 0;
        var quoted = false;
        for (var at = 0; at < Length; at++)
        {
            var c = Source[Start + at];
            if (!quoted && depth == 0)
                yield return at;
            (depth, quoted) = After(c, depth, quoted);
        }
    }

    /// <summary>How deep in brackets, and whether in quotes, one is after a sign.</summary>
    private static (int Depth, bool Quoted) After(char c, int depth, bool quoted) => c switch
    {
        '"' => (depth, !quoted),
        '(' or '[' when !quoted => (depth + 1, quoted),
        ')' or ']' when !quoted && depth > 0 => (depth - 1, quoted),
        _ => (depth, quoted),
    };
}
