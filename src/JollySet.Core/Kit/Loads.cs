using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Kit;

/// <summary>How heavy a move is drafted: the heaviest that is listed for squat, hinge, row and press, as light as usual for raises, never heavier than newcomers are given, never what is not listed.</summary>
internal static class Loads
{
    /// <summary>The level; <see cref="LoadLevel.None"/> where it is done with nothing in the hands.</summary>
    /// <returns>False where nothing listed may be used and the move needs something.</returns>
    public static bool TryOf(Move move, Brief brief, out LoadLevel? level)
    {
        level = null;
        if (move.Load == LoadClass.None)
            return true;
        var (asked, cap) = (Asked(move), Cap(move, brief));
        var entries = brief.Kit.Where(k => StandIn(move, brief) is { } other ? Suits.Has(k, other) : move.Kit.Any(item => KitList.IsHeld(item) && Suits.Has(k, item))).Select(k => KitStock.Of(k).Weight).ToList();
        if (entries.Count == 0 || entries.Contains(null))
        {
            level = (LoadLevel)Math.Min((int)asked, (int)cap);
            return level > LoadLevel.Any || move.Tags.WorksUnloaded;
        }

        var there = entries.OfType<LoadLevel>().Where(l => l <= cap).ToList();
        level = there.Count > 0 ? there.MinBy(l => (Math.Abs(l - asked), -(int)l)) : LoadLevel.None;
        return there.Count > 0 || (move.Tags.WorksUnloaded && move.Load < LoadClass.Heavy);
    }

    /// <summary>What takes the dumbbells' place where none are there: a barbell for the big two-sided lifts, a kettlebell where one weight does; null where nothing does or nothing has to.</summary>
    public static string? StandIn(Move move, Brief brief)
    {
        bool Listed(string item) => brief.Kit.Any(k => Suits.Has(k, item));
        if (brief.Kit.IsEmpty || move.Load == LoadClass.None || !move.Kit.Any(IsDumbbell) || move.Kit.Where(i => !IsDumbbell(i)).Any(i => !KitList.IsGiven(i) && !Listed(i)) || Listed("dumbbells"))
            return null;
        var big = move.Sides == MoveSides.Both && move is { Pattern: Pattern.Squat or Pattern.Hinge or Pattern.Pull or Pattern.Push or Pattern.OverheadPush or Pattern.HipBridge, Load: >= LoadClass.Moderate, Tags: { IsCombined: false, IsExplosive: false } };
        return big && move.Kit.Contains("dumbbells") && Listed("barbell") ? "barbell" : big && (move.Pattern == Pattern.Hinge || move.Kit.Contains("dumbbell")) && Listed("kettlebell") ? "kettlebell" : null;
    }

    private static bool IsDumbbell(string item) => item is "dumbbell" or "dumbbells";

    /// <summary>Steps by which the load is under the usual one.</summary>
    public static int Under(Move move, Brief brief) =>
        TryOf(move, brief, out var level) && level is { } load ? Math.Max(0, Level(move.Load) - (load == LoadLevel.None ? LoadLevel.Any : load)) : 0;

    /// <summary>Whether the move as drafted takes up that entry of the kit.</summary>
    public static bool Uses(Move move, Brief brief, KitStock entry) =>
        (move.Kit.Any(entry.Is) || (StandIn(move, brief) is { } other && entry.Is(other))) && (entry.Weight is not { } weight || !TryOf(move, brief, out var level) || level == weight);

    private static LoadLevel Asked(Move move) => move.Pattern is Pattern.Squat or Pattern.Hinge or Pattern.Pull or Pattern.Push or Pattern.HipBridge && move.Load > LoadClass.Light ? LoadLevel.Heavy : Level(move.Load);

    /// <summary>The most that the weakest who comes is given.</summary>
    private static LoadLevel Cap(Move move, Brief brief) =>
        brief.Audience.IsEmpty || brief.Audience.Any(a => a is Audience.Newcomer or Audience.FirstTimers or Audience.OlderAdults) ? Level(move.Tags.Newcomer) : LoadLevel.Heavy;

    private static LoadLevel Level(LoadClass load) => load switch
    {
        LoadClass.Light => LoadLevel.Light,
        LoadClass.Moderate => LoadLevel.Moderate,
        LoadClass.Heavy => LoadLevel.Heavy,
        _ => LoadLevel.None,
    };
}
