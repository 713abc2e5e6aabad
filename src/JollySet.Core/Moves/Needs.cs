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

/// <summary>The needs that moves trouble, and those nobody but a clinician can judge.</summary>
public static class Needs
{
    private static readonly FrozenDictionary<string, string> Asks = new Dictionary<string, string>
    {
        ["pregnancy"] = "no long lying on the back later on, no risk of falling, no breath-holding or overheating",
        ["pregnant"] = "no long lying on the back later on, no risk of falling, no breath-holding or overheating",
        ["after birth"] = "no jumps or hard bracing until agreed",
        ["postnatal"] = "no jumps or hard bracing until agreed",
        ["pelvic floor"] = "no jumps or hard bracing until agreed, breathing out with the effort",
        ["blood pressure"] = "no long holds, no head below the heart, up slowly",
        ["heart"] = "no long holds, no head below the heart, up slowly",
        ["fragile bones"] = "no loaded bending or twisting of the spine, no risk of falling",
        ["osteoporosis"] = "no loaded bending or twisting of the spine, no risk of falling",
        ["dizziness"] = "up slowly, something to hold, no head below the heart",
        ["recent injury"] = "what the clinician has agreed, and no more",
        ["recent operation"] = "what the clinician has agreed, and no more",
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
    public static string UsualWays(string need) =>
        Asks.Where(a => Named(need).Contains(a.Key, StringComparison.OrdinalIgnoreCase)).Select(a => a.Value).FirstOrDefault()
        ?? (KindOf(need) == NeedKind.Ask ? Asks["recent injury"] : "");

    /// <summary>The need as it is looked up: in small letters, other common words for it put right.</summary>
    public static string Named(string need) => BriefWords.Need(need) ?? need.Trim().ToLowerInvariant();
}
