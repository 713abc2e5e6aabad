using System.Text.Json;

namespace JollySet.Core.Moves;

/// <summary>Reads the moves from the data files beside this one: one JSON list a pattern family, a move an object.</summary>
public static class LibraryFiles
{
    /// <summary>Every move of every embedded file.</summary>
    /// <exception cref="FormatException">An entry names an unknown pattern, posture, muscle …; the message says which.</exception>
    public static IEnumerable<Move> Read()
    {
        var assembly = typeof(LibraryFiles).Assembly;
        foreach (var file in assembly.GetManifestResourceNames().Where(n => n.StartsWith("moves/", StringComparison.Ordinal)).Order(StringComparer.Ordinal))
        {
            using var stream = assembly.GetManifestResourceStream(file)!;
            using var json = JsonDocument.Parse(stream);
            foreach (var entry in json.RootElement.EnumerateArray())
                yield return Named(entry, file);
        }
    }

    private static Move Named(JsonElement entry, string file)
    {
        try
        {
            return MoveJson.Read(entry);
        }
        catch (FormatException e)
        {
            throw new FormatException($"{file}: {e.Message}", e);
        }
    }
}
