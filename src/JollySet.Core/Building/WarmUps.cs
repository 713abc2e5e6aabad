using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Building;

/// <summary>What a warm-up has to do before a main part.</summary>
public static class WarmUps
{
    private const int FewHeavyReps = 8;
    private const int FirstPatterns = 3;

    private static readonly ImmutableHashSet<Pattern> Rehearsed = [Pattern.Squat, Pattern.Hinge, Pattern.Lunge, Pattern.Push, Pattern.OverheadPush, Pattern.Pull, Pattern.VerticalPull, Pattern.Rotation, Pattern.Jump];

    /// <summary>The least length in a class of <paramref name="booked"/>: short and longer classes, more before jumps or heavy sets of few reps, half as much again for older adults; never more than its share of the class.</summary>
    public static Length Least(Length booked, ImmutableArray<Audience> people, HouseRules rules, bool wantsMore)
    {
        var least = wantsMore ? rules.WarmUpLeastJumps : rules.WarmUpLeastFor(booked);
        var asked = people.Contains(Audience.OlderAdults) ? least * rules.WarmUpOlder : least;
        return Length.Min(asked, booked * rules.WarmUpMostShare);
    }

    /// <summary>A jump, or a heavy set of few reps.</summary>
    public static bool WantsMore(WorkSet set) => set.Facts.Move?.Impact == Impact.High || (set.Facts.Heavy && set.Reps <= FewHeavyReps);

    /// <summary>The patterns of the main part that want rehearsing, most work first.</summary>
    public static IEnumerable<Pattern> ToRehearse(IEnumerable<WorkSet> main) =>
        main.Where(s => s.Facts.Move is { } m && Rehearsed.Contains(m.Pattern)).GroupBy(s => s.Facts.Move!.Pattern).OrderByDescending(g => g.Sum(s => s.Length)).Select(g => g.Key);

    /// <summary>The first of them, in the order people meet them, and jumps wherever they come.</summary>
    public static IEnumerable<Pattern> FirstToRehearse(IEnumerable<WorkSet> main)
    {
        var met = main.Select(s => s.Facts.Move?.Pattern).OfType<Pattern>().Where(Rehearsed.Contains).Distinct().ToList();
        return met.Where((pattern, at) => at < FirstPatterns || pattern == Pattern.Jump);
    }

    /// <summary>What a warm-up move rehearses: its own pattern, and what mobility wakes.</summary>
    public static IEnumerable<Pattern> Rehearses(Move move) => move.Pattern switch
    {
        Pattern.Mobility => move.Muscles.Any(m => MuscleIsUpper(m.Muscle)) ? [Pattern.Push, Pattern.Pull, Pattern.OverheadPush, Pattern.VerticalPull, .. move.Muscles.Any(m => m.Muscle == Muscle.Obliques) ? [Pattern.Rotation] : Array.Empty<Pattern>()] : [Pattern.Lunge, Pattern.Rotation],
        Pattern.Squat => [Pattern.Squat, Pattern.Lunge],
        Pattern.Lunge => [Pattern.Lunge, Pattern.Squat],
        Pattern.Locomotion or Pattern.March => [Pattern.Lunge, move.Impact == Impact.Middle ? Pattern.Jump : Pattern.March, .. move.Tags.Bears == Bearing.Hands ? [Pattern.Push] : Array.Empty<Pattern>(), .. move.Muscles.Any(m => m is { Muscle: Muscle.Hamstrings, Share: >= 0.5m }) ? [Pattern.Hinge] : Array.Empty<Pattern>()],
        _ => [move.Pattern],
    };

    private static bool MuscleIsUpper(Muscle muscle) => MuscleLoads.RegionOf(muscle) == Region.Upper;
}
