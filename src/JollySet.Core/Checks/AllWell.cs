using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>What is said where nothing has to be mended: only what the class holds to, never more.</summary>
public static class AllWell
{
    /// <summary>A sentence or a few.</summary>
    /// <param name="hasNotes">Whether smaller things were found.</param>
    public static string Of(Timeline timeline, bool hasNotes = false)
    {
        if (!timeline.Sets.Any(s => timeline.Blocks[s.Block].IsMain))
            return "Nothing to judge yet: put in a block and its stations.";
        if (hasNotes)
            return "Nothing that has to be mended.";
        var sided = timeline.Sets.Any(s => s.Side is Side.Left or Side.Right);
        string[] holds =
        [
            .. timeline.Plan.Brief.Minutes is not null ? ["it keeps its minutes"] : Array.Empty<string>(),
            .. sided ? ["left and right are even"] : Array.Empty<string>(),
            .. timeline.Segments.Any(s => s.Water) ? ["there is water"] : Array.Empty<string>(),
        ];
        return holds.Length == 0 ? "Nothing to mend." : $"Nothing to mend: {Say.List(holds)}.";
    }
}
