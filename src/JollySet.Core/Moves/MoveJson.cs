using System.Collections.Immutable;
using System.Globalization;
using System.Text.Json;

namespace JollySet.Core.Moves;

/// <summary>A move as an entry of a JSON list: what the library’s files and a studio’s own moves are kept in.</summary>
public static class MoveJson
{
    /// <summary>One entry.</summary>
    /// <exception cref="FormatException">It names an unknown pattern, posture, muscle …, or is no move at all; the message says which.</exception>
    public static Move Read(JsonElement entry)
    {
        if (entry.ValueKind != JsonValueKind.Object)
            throw new FormatException("a move is an object with a name");
        var name = "a move";
        try
        {
            name = Text(entry, "name");
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
                Asked = List(entry, "asked"),
                Tags = TagsOf(entry),
            };
        }
        catch (Exception e) when (e is FormatException or ArgumentException or InvalidOperationException or OverflowException)
        {
            throw new FormatException($"{name}: {e.Message}", e);
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
        IsCombined = Is(entry, "combined"),
        IsHeadLow = Is(entry, "headLow"),
        ArmsOverhead = Is(entry, "overhead"),
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
        entry.TryGetProperty(key, out var value) ? Parsed<T>(value.GetString() ?? "") : unsaid;

    private static ImmutableArray<T> Words<T>(JsonElement entry, string key) where T : struct, Enum =>
        [.. List(entry, key).Select(Parsed<T>)];

    private static ImmutableSortedDictionary<string, string> Around(JsonElement entry) =>
        entry.TryGetProperty("around", out var value) ? value.EnumerateObject().ToImmutableSortedDictionary(p => p.Name, p => p.Value.GetString()!) : ImmutableSortedDictionary<string, string>.Empty;

    /// <summary>Muscles and shares from what is written.</summary>
    /// <exception cref="FormatException">There is no such muscle.</exception>
    public static ImmutableArray<MuscleShare> Muscles(string list) =>
        [.. list.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Select(Share)];

    private static MuscleShare Share(string text)
    {
        var at = text.LastIndexOf(' ');
        var said = at > 0 && decimal.TryParse(text[(at + 1)..], NumberStyles.Number, CultureInfo.InvariantCulture, out var share) ? share : 1m;
        var name = at > 0 && char.IsDigit(text[at + 1]) ? text[..at] : text;
        return new MuscleShare(Parsed<Muscle>(name), said);
    }

    /// <summary>The value of that word, as <see cref="Spelled"/> writes it.</summary>
    /// <exception cref="FormatException">There is none.</exception>
    public static T Parsed<T>(string word) where T : struct, Enum
    {
        var plain = word.Replace(" ", "", StringComparison.Ordinal).Replace("-", "", StringComparison.Ordinal);
        return plain.Length > 0 && plain.All(char.IsLetter) && Enum.TryParse<T>(plain, ignoreCase: true, out var value) && Enum.IsDefined(value)
            ? value
            : throw new FormatException($"“{word}” is none of {string.Join(", ", Enum.GetValues<T>().Select(Spelled))}.");
    }

    /// <summary>The entry of a move, as the library's files have it; what is as usual is left out.</summary>
    public static void Write(Utf8JsonWriter json, Move move)
    {
        json.WriteStartObject();
        json.WriteString("name", move.Name);
        List(json, "also", move.Also);
        List(json, "asked", move.Asked);
        Said(json, "pattern", Spelled(move.Pattern), null);
        Said(json, "posture", Spelled(move.Posture), "standing");
        Said(json, "sides", Spelled(move.Sides), "both");
        Said(json, "pace", Spelled(move.Pace), "upper body");
        Said(json, "load", Spelled(move.Load), "none");
        Said(json, "impact", Spelled(move.Impact), "none");
        Said(json, "muscles", MusclesOf(move.Muscles), null);
        List(json, "kit", move.Kit);
        List(json, "planes", move.Planes.Select(p => Spelled(p)));
        List(json, "joints", move.Joints.Select(j => Spelled(j)));
        List(json, "cues", move.Cues);
        Said(json, "caution", move.Caution, "");
        Said(json, "easier", move.Easier, "");
        Said(json, "harder", move.Harder, "");
        if (!move.Around.IsEmpty)
        {
            json.WriteStartObject("around");
            foreach (var (need, way) in move.Around)
                json.WriteString(need, way);
            json.WriteEndObject();
        }

        WriteTags(json, move.Tags);
        json.WriteEndObject();
    }

    /// <summary>The members that say what a coach knows of a move besides its facts.</summary>
    public static void WriteTags(Utf8JsonWriter json, Tags tags)
    {
        json.WriteNumber("rung", tags.Rung);
        json.WriteNumber("staple", tags.Staple);
        List(json, "roles", tags.Roles.Select(r => r == Role.WarmUp ? "warm-up" : Spelled(r)));
        List(json, "goals", tags.Goals.Select(g => Spelled(g)));
        if (tags.Reps is { } reps)
            json.WriteString("reps", $"{reps.Least}-{reps.Most}");
        Said(json, "newcomer", Spelled(tags.Newcomer), "none");
        Flag(json, "hold", tags.IsHold);
        Flag(json, "explosive", tags.IsExplosive);
        Flag(json, "skill", tags.IsSkill);
        Flag(json, "oneLeg", tags.IsOneLegged);
        Flag(json, "combined", tags.IsCombined);
        Flag(json, "headLow", tags.IsHeadLow);
        Flag(json, "overhead", tags.ArmsOverhead);
        Said(json, "bears", Spelled(tags.Bears), "none");
        Flag(json, "sitting", tags.CanSit);
        Flag(json, "unloaded", tags.WorksUnloaded);
        Flag(json, "beginning", tags.IsBeginning);
    }

    private static void Said(Utf8JsonWriter json, string key, string value, string? usual)
    {
        if (value != usual)
            json.WriteString(key, value);
    }

    private static void Flag(Utf8JsonWriter json, string key, bool value)
    {
        if (value)
            json.WriteBoolean(key, true);
    }

    private static void List(Utf8JsonWriter json, string key, IEnumerable<string> values)
    {
        if (!values.Any())
            return;
        json.WriteStartArray(key);
        foreach (var value in values)
            json.WriteStringValue(value);
        json.WriteEndArray();
    }

    /// <summary>Muscles and shares as they are written: <c>quads, glutes 0.5</c>.</summary>
    public static string MusclesOf(IEnumerable<MuscleShare> muscles) =>
        string.Join(", ", muscles.Select(m => m.Share == 1 ? Spelled(m.Muscle) : $"{Spelled(m.Muscle)} {m.Share.ToString(CultureInfo.InvariantCulture)}"));

    /// <summary>A value's name as it is written: <c>hip bridge</c>, <c>all fours</c>.</summary>
    public static string Spelled<T>(T value) where T : struct, Enum =>
        string.Concat(value.ToString().Select((c, i) => char.IsUpper(c) ? (i > 0 ? " " : "") + char.ToLowerInvariant(c) : $"{c}"));
}
