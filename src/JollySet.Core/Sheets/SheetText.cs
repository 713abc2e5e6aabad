namespace JollySet.Core.Sheets;

/// <summary>A sheet as lines without their comments.</summary>
internal static class SheetText
{
    /// <summary>Lines numbered from 1; the first is the title and keeps its <c>#</c>.</summary>
    public static IEnumerable<Slice> Lines(string text)
    {
        var number = 0;
        foreach (var line in text.Split('\n'))
        {
            number++;
            var slice = Slice.OfLine(line.TrimEnd('\r'), number);
            yield return number > 1 && slice.First == '#' ? slice.To(0) : WithoutComment(slice);
        }
    }

    /// <summary>A comment begins with <c>#</c> after two spaces, outside quotes.</summary>
    private static Slice WithoutComment(Slice line)
    {
        var quoted = false;
        for (var at = 0; at < line.Length; at++)
        {
            var c = line.Source[at];
            quoted ^= c == '"';
            if (!quoted && c == '#' && at >= 2 && line.Source[at - 1] == ' ' && line.Source[at - 2] == ' ')
                return line.To(at).Trim();
        }

        return line.Trim();
    }
}
