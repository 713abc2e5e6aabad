using System.Collections.Immutable;
using System.Globalization;
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
                yield return MoveOf(entry, file);
        }
    }

    private static Move MoveOf(JsonElement entry, string file)
    {
        var name = Text(entry, "name");
        try
        {
            return new Move(
                name,
                List(entry, "also"),
                Word<Pattern>(entry, "pattern", Pattern.Any),
                Word<Posture>(entry, "posture", Posture.Standing),
                Word<MoveSides>(entry, "sides", MoveSides.Both),
                Word<PaceClass>(entry, "pace", PaceClass.UpperBody),
                Word<LoadClass>(entry, "load", LoadClass.None),
                Word<Impact>(entry, "impact", Impact.None),
                Muscles(Text(entry, "muscles")),
                List(entry, "kit"),
                Words<Plane>(entry, "planes"),
                Words<Joint>(entry, "joints"),
                List(entry, "cues"),
                Text(entry, "caution"),
                Text(entry, "easier"),
                Text(entry, "harder"),
                Around(entry))
            {
                Tags = TagsOf(entry),
            };
        }
        catch (Exception e) when (e is FormatException or ArgumentException)
        {
            throw new FormatException($"{file}, {name}: {e.Message}", e);
        }
    }

    private static Tags TagsOf(JsonElement entry) => new(
        Number(entry, "rung", Tags.None.Rung),
        Number(entry, "staple", Tags.None.Staple),
        Words<Role>(entry, "roles"),
        Words<Goal>(entry, "goals"),
        RepsOf(Text(entry, "reps")),
        Word<LoadClass>(entry, "newcomer", LoadClass.None))
    {
        IsHold = Is(entry, "hold"),
        IsExplosive = Is(entry, "explosive"),
        IsSkill = Is(entry, "skill"),
        IsOneLegged = Is(entry, "oneLeg"),
        IsHeadLow = Is(entry, "headLow"),
        Bears = Word<Bearing>(entry, "bears", Bearing.None),
        CanSit = Is(entry, "sitting"),
        WorksUnloaded = Is(entry, "unloaded"),
        IsBeginning = Is(entry, "beginning"),
    };

    private static bool Is(JsonElement entry, string key) => entry.TryGetProperty(key, out var value) && value.GetBoolean();

    private static int Number(JsonElement entry, string key, int unsaid) => entry.TryGetProperty(key, out var value) ? value.GetInt32() : unsaid;

    private static RepRange? RepsOf(string text)
    {
        if (text.Length == 0)
            return null;
        var ends = text.Split('-');
        return ends.Length == 2 ? new RepRange(int.Parse(ends[0], CultureInfo.InvariantCulture), int.Parse(ends[1], CultureInfo.InvariantCulture)) : throw new FormatException($"“{text}” is no range of reps.");
    }

    private static string Text(JsonElement entry, string key) =>
        entry.TryGetProperty(key, out var value) ? value.GetString() ?? "" : "";

    private static ImmutableArray<string> List(JsonElement entry, string key) =>
        entry.TryGetProperty(key, out var value) ? [.. value.EnumerateArray().Select(v => v.GetString()!)] : [];

    private static T Word<T>(JsonElement entry, string key, T unsaid) where T : struct, Enum =>
        entry.TryGetProperty(key, out var value) ? Enum.Parse<T>(value.GetString()!.Replace(" ", "", StringComparison.Ordinal), ignoreCase: true) : unsaid;

    private static ImmutableArray<T> Words<T>(JsonElement entry, string key) where T : struct, Enum =>
        [.. List(entry, key).Select(word => Enum.Parse<T>(word.Replace(" ", "", StringComparison.Ordinal).Replace("-", "", StringComparison.Ordinal), ignoreCase: true))];

    private static ImmutableSortedDictionary<string, string> Around(JsonElement entry) =>
        entry.TryGetProperty("around", out var value) ? value.EnumerateObject().ToImmutableSortedDictionary(p => p.Name, p => p.Value.GetString()!) : ImmutableSortedDictionary<string, string>.Empty;

    private static ImmutableArray<MuscleShare> Muscles(string list) =>
        [.. list.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Select(Share)];

    private static MuscleShare Share(string text)
    {
        var at = text.LastIndexOf(' ');
        var said = at > 0 && decimal.TryParse(text[(at + 1)..], NumberStyles.Number, CultureInfo.InvariantCulture, out var share) ? share : 1m;
        var name = at > 0 && char.IsDigit(text[at + 1]) ? text[..at] : text;
        return new MuscleShare(Enum.Parse<Muscle>(name.Replace(" ", "", StringComparison.Ordinal), ignoreCase: true), said);
    }
}
