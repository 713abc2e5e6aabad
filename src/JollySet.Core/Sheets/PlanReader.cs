using JollySet.Core.Moves;

namespace JollySet.Core.Sheets;

/// <summary>Reads a plan whichever of the two formats it is in: JSON begins with a brace.</summary>
public static class PlanReader
{
    /// <summary>The plan, or every error that stands in its way.</summary>
    public static ReadResult Read(string text, MoveLibrary? library = null) =>
        text.AsSpan().TrimStart('\uFEFF').TrimStart().StartsWith("{") ? JsonPlanReader.Read(text, library)
        : text.AsSpan().Trim().IsEmpty ? new ReadResult(null, [new SheetError(1, 1, "", "the sheet is empty; its first line is the class’s title")])
        : SheetReader.Read(text, library);

    /// <summary>The plan of a file's bytes.</summary>
    public static ReadResult Read(ReadOnlySpan<byte> bytes, MoveLibrary? library = null)
    {
        var start = bytes.TrimStart("\uFEFF"u8).TrimStart(" \t\r\n"u8);
        if (start.IsEmpty || start[0] != (byte)'{')
            return bytes.TrimStart("\uFEFF \t\r\n"u8).IsEmpty ? Read("", library) : SheetReader.Read(bytes, library);
        return JsonPlanReader.Read(System.Text.Encoding.UTF8.GetString(bytes), library);
    }
}
