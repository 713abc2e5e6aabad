using System.Collections.Frozen;
using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Balance;

/// <summary>What a class means to train, from the words of its brief; words that are neither region nor muscle are kept and not judged.</summary>
/// <param name="Regions">The regions named; all three for a full body or where nothing is said; none where only words are said that nobody knows.</param>
/// <param name="Muscles">Single muscles named besides.</param>
public sealed record Focus(ImmutableHashSet<Region> Regions, ImmutableHashSet<Muscle> Muscles)
{
    /// <summary>Whether everything is meant.</summary>
    public bool IsFullBody => Regions.Count == 3;

    /// <summary>Whether anything is named that can be judged.</summary>
    public bool IsJudged => !Regions.IsEmpty || !Muscles.IsEmpty;

    /// <summary>The focus of a brief.</summary>
    public static Focus Of(Brief brief)
    {
        var words = brief.Focus.SelectMany(f => BriefWords.Focus(f) is { IsEmpty: false } known ? known : f.Split([" and ", "&", "+", "/"], StringSplitOptions.RemoveEmptyEntries).SelectMany(p => BriefWords.Focus(p) is { IsEmpty: false } part ? part : [p.Trim().ToLowerInvariant()])).ToList();
        var muscles = Enum.GetValues<Muscle>().Where(m => words.Contains(Words.Of(m)) || words.Exists(w => MusclesOf(w).Contains(m))).ToImmutableHashSet();
        var regions = words.SelectMany(RegionsOf).ToImmutableHashSet();
        return words.Count == 0 ? new Focus([Region.Upper, Region.Core, Region.Lower], []) : new Focus(regions, muscles);
    }

    /// <summary>Whether it means that muscle.</summary>
    public bool Covers(Muscle muscle) => Muscles.Contains(muscle) || Regions.Contains(MuscleLoads.RegionOf(muscle));

    /// <summary>Ways to move that people name, in muscles.</summary>
    private static readonly FrozenDictionary<string, Muscle[]> Ways = new Dictionary<string, Muscle[]>
    {
        ["push"] = [Muscle.Chest, Muscle.FrontDelts, Muscle.Triceps],
        ["pull"] = [Muscle.UpperBack, Muscle.Lats, Muscle.Biceps],
        ["squat"] = [Muscle.Quads, Muscle.Glutes],
        ["hinge"] = [Muscle.Hamstrings, Muscle.Glutes],
    }.ToFrozenDictionary();

    /// <summary>Whether a word is a way to move rather than a part of the body.</summary>
    public static bool IsWayToMove(string word) => Ways.ContainsKey(word.Trim().ToLowerInvariant());

    /// <summary>Parts of the body that people name, in muscles.</summary>
    private static Muscle[] MusclesOf(string word) => word switch
    {
        "back" => [Muscle.UpperBack, Muscle.Lats],
        "shoulders" => [Muscle.FrontDelts, Muscle.SideDelts, Muscle.RearDelts],
        _ => Ways.GetValueOrDefault(word) ?? [],
    };

    private static IEnumerable<Region> RegionsOf(string word) => word switch
    {
        "full body" or "full" or "whole body" or "total body" => [Region.Upper, Region.Core, Region.Lower],
        "upper body" or "upper" or "arms" => [Region.Upper],
        "lower body" or "lower" or "legs" => [Region.Lower],
        "core" => [Region.Core],
        _ => [],
    };
}
