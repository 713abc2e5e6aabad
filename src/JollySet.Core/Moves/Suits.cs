using JollySet.Core.Plans;

namespace JollySet.Core.Moves;

/// <summary>Which moves a class can do with its kit and within its needs.</summary>
public static class Suits
{
    /// <summary>Whether the brief's kit has all that the move needs; a class that names no kit has whatever its moves need.</summary>
    public static bool Kit(Brief brief, Move move) => brief.Kit.IsEmpty || move.Kit.All(item => item.Equals("wall", StringComparison.OrdinalIgnoreCase) || brief.Kit.Any(there => Has(there, item)));

    /// <summary>Whether nothing the class must be spared forbids it: no floor, no jumping, seated, no kit, small space, quiet. Other needs have a way round.</summary>
    public static bool Needs(Brief brief, Move move) => !brief.Needs.Any(need => Forbids(Moves.Needs.Named(need)) && move.Troubles(need) && !CanSit(need, move));

    /// <summary>Whether the move itself can be done sitting, where the class sits.</summary>
    private static bool CanSit(string need, Move move) => Moves.Needs.Named(need) == "seated" && move.Around["seated"] == Words.Of(Adjustment.Seated);

    /// <summary>Whether it troubles none of the needs at all.</summary>
    public static bool EveryNeed(Brief brief, Move move) => !brief.Needs.Any(move.Troubles);

    private static bool Forbids(string need) => need is "no floor" or "no jumping" or "seated" or "no kit" or "small space" or "quiet";

    /// <summary>Whether an entry of the kit, as written, is that item; filled bottles stand in for dumbbells.</summary>
    internal static bool Has(string there, string item)
    {
        var words = there.ToLowerInvariant().Split([' ', ',', '(', ')'], StringSplitOptions.RemoveEmptyEntries);
        var stem = item.TrimEnd('s');
        return words.Any(w => w.TrimEnd('s') == stem) || (stem is "dumbbell" && words.Contains("bottles")) || there.Contains(item, StringComparison.OrdinalIgnoreCase);
    }
}
