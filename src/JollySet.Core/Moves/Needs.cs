using System.Collections.Frozen;

namespace JollySet.Core.Moves;

/// <summary>What kind of need a class says.</summary>
public enum NeedKind
{
    /// <summary>Words that are kept and not judged.</summary>
    Unknown,

    /// <summary>One that a way round covers.</summary>
    Way,

    /// <summary>One that the product cannot judge: the person's own clinician decides.</summary>
    Ask,
}

/// <summary>What a draft leaves out where a clinician has to be asked first.</summary>
[Flags]
public enum Avoid
{
    /// <summary>Nothing that a tag could say.</summary>
    Nothing = 0,

    /// <summary>Lying on the back.</summary>
    LyingOnTheBack = 1,

    /// <summary>Balance, and whatever lands.</summary>
    Falling = 2,

    /// <summary>Landings.</summary>
    Jumps = 4,

    /// <summary>Planks.</summary>
    HardBracing = 8,

    /// <summary>Holds.</summary>
    LongHolds = 16,

    /// <summary>The head below the heart.</summary>
    HeadLow = 32,

    /// <summary>Bending and twisting the spine.</summary>
    BendingOrTwisting = 64,
}

/// <summary>The needs that moves trouble, and those nobody but a clinician can judge.</summary>
public static class Needs
{
    private const string Bearing = "no long lying on the back later on, no risk of falling, no breath-holding or overheating";
    private const string AfterBirth = "no jumps or hard bracing until agreed";
    private const string Circulation = "no long holds, no head below the heart, up slowly";
    private const string Bones = "no loaded bending or twisting of the spine, no risk of falling";
    private const string Agreed = "what the clinician has agreed, and no more";

    /// <summary>What is usual for each, in words, and what a draft leaves out for it.</summary>
    private static readonly FrozenDictionary<string, (string Usual, Avoid Avoids)> Asks = new Dictionary<string, (string, Avoid)>
    {
        ["pregnancy"] = (Bearing, Avoid.LyingOnTheBack | Avoid.Falling),
        ["pregnant"] = (Bearing, Avoid.LyingOnTheBack | Avoid.Falling),
        ["after birth"] = (AfterBirth, Avoid.Jumps | Avoid.HardBracing),
        ["postnatal"] = (AfterBirth, Avoid.Jumps | Avoid.HardBracing),
        ["pelvic floor"] = ($"{AfterBirth}, breathing out with the effort", Avoid.Jumps | Avoid.HardBracing),
        ["blood pressure"] = (Circulation, Avoid.LongHolds | Avoid.HeadLow),
        ["heart"] = (Circulation, Avoid.LongHolds | Avoid.HeadLow),
        ["fragile bones"] = (Bones, Avoid.BendingOrTwisting | Avoid.Falling),
        ["osteoporosis"] = (Bones, Avoid.BendingOrTwisting | Avoid.Falling),
        ["dizziness"] = ("up slowly, something to hold, no head below the heart", Avoid.HeadLow),
        ["recent injury"] = (Agreed, Avoid.Nothing),
        ["recent operation"] = (Agreed, Avoid.Nothing),
    }.ToFrozenDictionary(StringComparer.OrdinalIgnoreCase);

    /// <summary>The way-needs, in the order they are shown.</summary>
    public static IReadOnlyList<string> Ways { get; } =
        ["knees", "wrists", "shoulders", "low back", "neck", "hips", "balance", "no floor", "no jumping", "seated", "no kit", "small space", "quiet"];

    /// <summary>Those that leave no room at all: a station without a way round cannot be taught as it is.</summary>
    public static bool IsFirm(string need) => Named(need) is "no floor" or "no jumping" or "seated";

    /// <summary>Way, ask, or words that are kept and not judged.</summary>
    public static NeedKind KindOf(string need)
    {
        var named = Named(need);
        return Ways.Contains(named) ? NeedKind.Way
            : named.Split(' ', ',', '/').Any(w => w is "pregnancy" or "pregnant" or "heart" or "dizziness" or "osteoporosis" or "postnatal" or "operation" or "injury") || Asks.Keys.Any(a => named.Contains(a, StringComparison.Ordinal)) ? NeedKind.Ask
            : NeedKind.Unknown;
    }

    /// <summary>Which known need may be meant, in a sentence; else all that are known.</summary>
    public static string Suggestion(string need)
    {
        var words = Named(need).Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var near = Ways.Concat(Asks.Keys).Where(known => known.Split(' ').Any(k => words.Any(w => k.Length > 3 && (w.StartsWith(k[..^1], StringComparison.Ordinal) || (w.Length > 3 && k.StartsWith(w[..^1], StringComparison.Ordinal)))))).Take(3).ToList();
        if (near.Count == 0 && NearestName.Of(Named(need), Ways) is { } nearest)
            near.Add(nearest);
        return near.Count > 0 ? $"Is {string.Join(" or ", near.Select(n => $"“{n}”"))} meant?" : $"Known are {string.Join(", ", Ways)}, and what a clinician decides.";
    }

    /// <summary>The usual ways for an ask need, to be agreed with the person's clinician; empty for others.</summary>
    public static string UsualWays(string need) => Asked(need).Usual;

    /// <summary>What is plainly unusual for an ask need; it says nothing of what is right for anyone.</summary>
    public static Avoid Avoided(string need) => Asked(need).Avoids;

    private static (string Usual, Avoid Avoids) Asked(string need) =>
        Asks.Where(a => Named(need).Contains(a.Key, StringComparison.OrdinalIgnoreCase)).Select(a => a.Value).FirstOrDefault() is { Usual: not null } asked ? asked
        : KindOf(need) == NeedKind.Ask ? Asks["recent injury"] : ("", Avoid.Nothing);

    /// <summary>The need as it is looked up: in small letters, other common words for it put right.</summary>
    public static string Named(string need) => BriefWords.Need(need) ?? need.Trim().ToLowerInvariant();
}
