using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Web.Pages.Moves;

/// <summary>A move's facts as they are typed: each field kept as it was written, and a move where all of them can be read.</summary>
public sealed class MoveForm
{
    private const int LongestField = 1000;

    private static readonly ImmutableArray<string> Fields =
        ["name", "also", "pattern", "posture", "sides", "pace", "load", "newcomer", "impact", "muscles", "kit", "joints", "cues", "caution", "easier", "harder", "rung", "staple", "reps", "role", "bears"];

    private static readonly ImmutableArray<string> Flags = ["hold", "explosive", "skill", "oneLeg", "combined", "headLow", "overhead", "sitting", "unloaded"];

    private readonly Dictionary<string, string> written = [];

    /// <summary>What is wrong, by field.</summary>
    public Dictionary<string, string> Wrong { get; } = [];

    /// <summary>The field as it was written.</summary>
    public string this[string field] => written.GetValueOrDefault(field, "");

    /// <summary>A form filled with a move's facts.</summary>
    public static MoveForm Of(Move move, string name)
    {
        var (form, tags) = (new MoveForm(), move.Tags);
        void Put(string field, string value) => form.written[field] = value;
        Put("name", name);
        Put("also", move.Name == name ? string.Join(", ", move.Also) : "");
        Put("pattern", MoveJson.Spelled(move.Pattern));
        Put("posture", MoveJson.Spelled(move.Posture));
        Put("sides", MoveJson.Spelled(move.Sides));
        Put("pace", MoveJson.Spelled(move.Pace));
        Put("load", MoveJson.Spelled(move.Load));
        Put("newcomer", MoveJson.Spelled(tags.Newcomer));
        Put("impact", MoveJson.Spelled(move.Impact));
        Put("muscles", MoveJson.MusclesOf(move.Muscles));
        Put("kit", string.Join(", ", move.Kit));
        Put("joints", string.Join(", ", move.Joints.Select(j => MoveJson.Spelled(j))));
        Put("cues", string.Join("\n", move.Cues));
        Put("caution", move.Caution);
        Put("easier", move.Easier.Trim('"'));
        Put("harder", move.Harder.Trim('"'));
        Put("rung", tags.Rung.ToString(CultureInfo.InvariantCulture));
        Put("staple", tags.Staple.ToString(CultureInfo.InvariantCulture));
        Put("reps", tags.Reps is { } reps ? $"{reps.Least}-{reps.Most}" : "");
        Put("role", tags.Roles.IsEmpty ? "accessory" : MoveJson.Spelled(tags.Roles[0]));
        Put("bears", MoveJson.Spelled(tags.Bears));
        foreach (var need in Needs.Ways)
            Put($"around.{need}", move.Around.GetValueOrDefault(need, "").Trim('"'));
        foreach (var (flag, on) in Flags.Zip([tags.IsHold, tags.IsExplosive, tags.IsSkill, tags.IsOneLegged, tags.IsCombined, tags.IsHeadLow, tags.ArmsOverhead, tags.CanSit, tags.WorksUnloaded]))
            Put(flag, on ? "on" : "");
        return form;
    }

    /// <summary>A form as it was sent.</summary>
    public static MoveForm Of(IFormCollection sent)
    {
        var form = new MoveForm();
        foreach (var field in Fields.Concat(Flags).Concat(Needs.Ways.Select(n => $"around.{n}")))
            form.written[field] = sent[field].ToString() is { Length: <= LongestField } text ? text.Trim() : sent[field].ToString()[..LongestField];
        return form;
    }

    /// <summary>The move that is written; null where a field cannot be read, with a sentence beside it.</summary>
    /// <param name="like">What is not on the form is taken from it.</param>
    public Move? Read(Move? like, MoveLibrary library)
    {
        var basis = like ?? OwnMoves.Blank;
        var around = Needs.Ways.Select(need => (need, way: WayOf(this[$"around.{need}"], library))).Where(w => w.way.Length > 0).ToImmutableSortedDictionary(w => w.need, w => w.way);
        var move = basis with
        {
            Name = this["name"],
            Also = ListOf("also"),
            // What a short name most likely means is said of the shipped move alone.
            Asked = basis.Name.Equals(this["name"], StringComparison.OrdinalIgnoreCase) ? basis.Asked : [],
            Pattern = Value("pattern", basis.Pattern),
            Posture = Value("posture", basis.Posture),
            Sides = Value("sides", basis.Sides),
            Pace = Value("pace", basis.Pace),
            Load = Value("load", basis.Load),
            Impact = Value("impact", basis.Impact),
            Muscles = Muscles(),
            Kit = ListOf("kit"),
            Joints = [.. ListOf("joints").Select(j => Value("joints", Joint.Hips, j)).Distinct()],
            Cues = [.. this["cues"].Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)],
            Caution = this["caution"],
            Easier = WayOf(this["easier"], library),
            Harder = WayOf(this["harder"], library),
            Around = around,
            Tags = basis.Tags with
            {
                Rung = Number("rung"),
                Staple = Number("staple"),
                Reps = Reps(),
                Newcomer = Value("newcomer", LoadClass.None),
                Roles = [Value("role", Role.Accessory), .. basis.Tags.Roles.Skip(1).Where(r => MoveJson.Spelled(r) != this["role"])],
                Bears = Value("bears", Bearing.None),
                IsHold = this["hold"].Length > 0,
                IsExplosive = this["explosive"].Length > 0,
                IsSkill = this["skill"].Length > 0,
                IsOneLegged = this["oneLeg"].Length > 0,
                IsCombined = this["combined"].Length > 0,
                IsHeadLow = this["headLow"].Length > 0,
                ArmsOverhead = this["overhead"].Length > 0,
                CanSit = this["sitting"].Length > 0,
                WorksUnloaded = this["unloaded"].Length > 0,
            },
        };
        foreach (var fault in OwnMoves.Look(move))
            Wrong.TryAdd(fault.Field, fault.Says);
        if (move.Also.FirstOrDefault(n => library.Find(n) is { } other && !other.Name.Equals(move.Name, StringComparison.OrdinalIgnoreCase)) is { } taken)
            Wrong.TryAdd("also", $"“{taken}” is {library.Find(taken)!.Name} already");
        return Wrong.Count == 0 ? OwnMoves.Completed(move) : null;
    }

    /// <summary>A move's name or an adjustment as it is; anything else is words.</summary>
    private static string WayOf(string text, MoveLibrary library) =>
        text.Length == 0 || library.Find(text) is not null || Enum.GetValues<Adjustment>().Any(a => Words.Of(a) == text) ? text : $"\"{text.Replace("\"", "", StringComparison.Ordinal)}\"";

    private ImmutableArray<string> ListOf(string field) => [.. this[field].Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Distinct(StringComparer.OrdinalIgnoreCase)];

    private T Value<T>(string field, T unsaid, string? word = null) where T : struct, Enum
    {
        try
        {
            return (word ?? this[field]).Length == 0 ? unsaid : MoveJson.Parsed<T>(word ?? this[field]);
        }
        catch (FormatException e)
        {
            Wrong.TryAdd(field, e.Message.TrimEnd('.'));
            return unsaid;
        }
    }

    private int Number(string field) => int.TryParse(this[field], NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : -1;

    private RepRange? Reps()
    {
        var ends = this["reps"].Split(['-', '–'], StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
        if (ends.Length == 0)
            return null;
        if (ends.Length <= 2 && int.TryParse(ends[0], NumberStyles.None, CultureInfo.InvariantCulture, out var least) && int.TryParse(ends[^1], NumberStyles.None, CultureInfo.InvariantCulture, out var most) && least is >= 1 and <= 100 && most >= least && most <= 100)
            return new RepRange(least, most);
        Wrong.TryAdd("reps", "two numbers are expected, as in 8-12");
        return null;
    }

    private ImmutableArray<MuscleShare> Muscles()
    {
        try
        {
            return MoveJson.Muscles(this["muscles"]);
        }
        catch (FormatException e)
        {
            Wrong.TryAdd("muscles", e.Message.TrimEnd('.'));
            return [];
        }
    }
}
