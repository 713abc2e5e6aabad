using JollySet.Core.Plans;

namespace JollySet.Core.Moves;

/// <summary>Which moves a class can do with its kit and within its needs.</summary>
public static class Suits
{
    /// <summary>Whether the brief's kit has all that the move needs; a class that names no kit has whatever its moves need.</summary>
    public static bool Kit(Brief brief, Move move) => brief.Kit.IsEmpty || move.Kit.All(item => item.Equals("wall", StringComparison.OrdinalIgnoreCase) || brief.Kit.Any(there => Has(there, item)));

    /// <summary>Whether nothing the class must be spared forbids it: no floor, no jumping, seated, no kit.</summary>
    public static bool Needs(Brief brief, Move move) => brief.Needs.All(need => need.Trim().ToLowerInvariant() switch
    {
        "no floor" => move.Level != Level.Down && move.Posture is not (Posture.AllFours or Posture.Kneeling),
        "no jumping" => move.Impact is not (Impact.High or Impact.Middle),
        "seated" => move.Posture == Posture.Seated && move.Kit.Contains("chair"),
        "no kit" => move.Kit.All(k => k is "mat" or "wall"),
        _ => true,
    });

    private static bool Has(string there, string item)
    {
        var words = there.ToLowerInvariant().Split([' ', ',', '(', ')'], StringSplitOptions.RemoveEmptyEntries);
        var stem = item.TrimEnd('s');
        return words.Any(w => w.TrimEnd('s') == stem) || (stem is "dumbbell" && words.Contains("bottles")) || there.Contains(item, StringComparison.OrdinalIgnoreCase);
    }
}
