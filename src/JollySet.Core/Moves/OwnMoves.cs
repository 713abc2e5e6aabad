using System.Buffers;
using System.Collections.Immutable;
using System.Text;
using System.Text.Json;

namespace JollySet.Core.Moves;

/// <summary>What is wrong with one field of a move.</summary>
/// <param name="Field">As the entry names it: <c>name</c>, <c>muscles</c>, <c>around.knees</c> …</param>
public sealed record MoveFault(string Field, string Says);

/// <summary>A studio's own moves: looked over before they are kept, read from a file and written to one.</summary>
public static class OwnMoves
{
    /// <summary>More moves than anybody teaches.</summary>
    public const int Most = 2000;

    private const int LongestName = 60;
    private const int LongestText = 200;
    private const int MostNames = 24;
    private const int MostShort = 12;
    private const int MostCues = 3;
    private const int MostReps = 100;
    private static readonly SearchValues<char> Signs = SearchValues.Create(",|#[]()>&+@\"/;:=\r\n\t");

    /// <summary>What keeps a move from being used like any other; empty when nothing does.</summary>
    public static ImmutableArray<MoveFault> Look(Move move)
    {
        var faults = ImmutableArray.CreateBuilder<MoveFault>();
        foreach (var name in move.Also.Prepend(move.Name))
            if (NameFault(name) is { } says)
                faults.Add(new MoveFault(name == move.Name ? "name" : "also", says));
        if (move.Also.Length > MostNames)
            faults.Add(new MoveFault("also", $"up to {MostNames} other names"));
        if (move.Asked.Length > MostShort || move.Asked.Any(name => NameFault(name) is not null))
            faults.Add(new MoveFault("asked", $"up to {MostShort} short names, each as a name is"));
        if (move.Pattern == Pattern.Any)
            faults.Add(new MoveFault("pattern", "choose what kind of movement it is"));
        if (move.Muscles.IsEmpty)
            faults.Add(new MoveFault("muscles", "say what it works, as in “quads, glutes 0.5”"));
        if (move.Muscles.Any(m => m.Share is not (1 or 0.5m or 0.25m)))
            faults.Add(new MoveFault("muscles", "a share is 1, 0.5 or 0.25"));
        if (move.Muscles.Select(m => m.Muscle).Distinct().Count() < move.Muscles.Length)
            faults.Add(new MoveFault("muscles", "each muscle once"));
        if (move.Kit.FirstOrDefault(item => !KitList.Known.Contains(item)) is { } unknown)
            faults.Add(new MoveFault("kit", $"“{unknown}” is none of {string.Join(", ", KitList.Known.Order(StringComparer.Ordinal))}"));
        else if (move.Load != LoadClass.None && !move.Kit.Any(KitList.IsLoad))
            faults.Add(new MoveFault("load", "a load needs something to hold, or a band: name it in the kit"));
        if (move.Tags.Newcomer > move.Load)
            faults.Add(new MoveFault("newcomer", "newcomers lift no more than it is done with"));
        if (move.Tags.Reps is { } reps && (reps.Least < 1 || reps.Most < reps.Least || reps.Most > MostReps))
            faults.Add(new MoveFault("reps", $"two numbers from 1 to {MostReps} are expected, as in 8-12"));
        if (move.Cues.Length > MostCues || move.Cues.Any(c => c.Length > LongestText))
            faults.Add(new MoveFault("cues", $"up to {MostCues} short cues"));
        if (new[] { move.Caution, move.Easier, move.Harder }.Concat(move.Around.Values).Any(t => t.Length > LongestText))
            faults.Add(new MoveFault("caution", $"up to {LongestText} letters in each"));
        foreach (var (need, way) in move.Around)
        {
            if (!Needs.Ways.Contains(need))
                faults.Add(new MoveFault("around", $"“{need}” is none of {string.Join(", ", Needs.Ways)}"));
            if (way.Trim().Length == 0)
                faults.Add(new MoveFault($"around.{need}", "say the way round"));
        }

        if (move.Tags.Rung is < 1 or > 10)
            faults.Add(new MoveFault("rung", "from 1, the easiest, to 10"));
        if (move.Tags.Staple is < 0 or > Tags.MostCommon)
            faults.Add(new MoveFault("staple", "from 0 to 3"));
        return faults.ToImmutable();
    }

    /// <summary>Reads a list of moves, as <see cref="Write"/> makes it.</summary>
    /// <returns>The moves, or a sentence about the first thing that is wrong.</returns>
    public static (ImmutableArray<Move> Moves, string? Wrong) Read(string text)
    {
        try
        {
            using var json = JsonDocument.Parse(text);
            if (json.RootElement.ValueKind != JsonValueKind.Array)
                return ([], "A list of moves is expected.");
            if (json.RootElement.GetArrayLength() > Most)
                return ([], $"{json.RootElement.GetArrayLength()} moves; the limit is {Most}.");
            var moves = ImmutableArray.CreateBuilder<Move>();
            foreach (var entry in json.RootElement.EnumerateArray())
            {
                var move = Completed(MoveJson.Read(entry));
                if (Look(move) is [var fault, ..])
                    return ([], $"{(move.Name.Length > LongestName ? move.Name[..LongestName] : move.Name)}, {fault.Field}: {fault.Says}.");
                moves.Add(move);
            }

            return (moves.ToImmutable(), null);
        }
        catch (Exception e) when (e is JsonException or FormatException or InvalidOperationException)
        {
            return ([], e is JsonException json ? $"This is no JSON: line {json.LineNumber + 1}." : e.Message);
        }
    }

    /// <summary>The moves as a list in JSON, the library's own form.</summary>
    public static string Write(IEnumerable<Move> moves)
    {
        using var stream = new MemoryStream();
        using (var json = new Utf8JsonWriter(stream, new JsonWriterOptions { Indented = true }))
        {
            json.WriteStartArray();
            foreach (var move in moves)
                MoveJson.Write(json, move);
            json.WriteEndArray();
        }

        return Encoding.UTF8.GetString(stream.ToArray());
    }

    /// <summary>With all that a move is always asked for: ways easier and harder, a plane, a joint, and what follows from what it is.</summary>
    public static Move Completed(Move move)
    {
        var around = move.Around;
        void Needs(string need, bool troubles, string way) => around = troubles && !around.ContainsKey(need) ? around.Add(need, way) : around;
        Needs("no jumping", move.Impact >= Impact.Middle, "\"step instead\"");
        Needs("no kit", move.Kit.Any(k => !KitList.IsGiven(k)), move.Load != LoadClass.None ? "no load" : "\"without it\"");
        Needs("no floor", move.Posture is Posture.Kneeling or Posture.AllFours or Posture.Lying or Posture.Plank && !move.Kit.Any(KitList.IsOffFloor), "\"standing, hands on a wall or a table\"");
        Needs("seated", !(move.Posture == Posture.Seated && move.Kit.Contains("chair")), move.Tags.CanSit ? "seated" : "\"what can be done of it sitting\"");
        return move with
        {
            Easier = move.Easier.Length > 0 ? move.Easier : "smaller range",
            Harder = move.Harder.Length > 0 ? move.Harder : "slower",
            Planes = move.Planes.IsEmpty ? [Plane.Sagittal] : move.Planes,
            Around = around,
            Tags = move.Tags.Roles.IsEmpty ? move.Tags with { Roles = [move.IsStretch ? Role.Stretch : move.Pattern == Pattern.Mobility ? Role.WarmUp : Role.Accessory] } : move.Tags,
        };
    }

    /// <summary>A move of which nothing is known yet.</summary>
    public static Move Blank { get; } = new("", [], Pattern.Isolation, Posture.Standing, MoveSides.Both, PaceClass.UpperBody, LoadClass.None, Impact.None, [], [], [], [], [], "", "", "", ImmutableSortedDictionary<string, string>.Empty);

    private static string? NameFault(string name) =>
        name.Trim().Length == 0 ? "a name is expected"
        : name.Length > LongestName ? $"up to {LongestName} letters"
        : name.AsSpan().ContainsAny(Signs) || name.Any(char.IsControl) ? "a name has letters, spaces and hyphens; signs such as , / ( ) & + stand for something else on a sheet"
        : !name.Any(char.IsLetter) ? "a name has letters"
        : null;
}
