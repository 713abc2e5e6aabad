using JollySet.Core.Plans;

namespace JollySet.Core.Kit;

/// <summary>How people share what a block needs: all at once, unless a note of the block says otherwise.</summary>
public enum Sharing
{
    /// <summary>Each has their own.</summary>
    None,

    /// <summary>Two to one: one works, the other rests and counts.</summary>
    Pairs,

    /// <summary>One half does a station while the other half does the next.</summary>
    Halves,

    /// <summary>Groups on different stations move on together.</summary>
    Carousel,
}

/// <summary>The notes that say it, and what they make of a headcount.</summary>
public static class Shared
{
    /// <summary>The note as it is kept under the block.</summary>
    public static string Note(Sharing sharing) => sharing switch
    {
        Sharing.Pairs => "shared by two",
        Sharing.Halves => "half and half",
        Sharing.Carousel => "as a carousel",
        _ => "",
    };

    /// <summary>What a block's notes say.</summary>
    public static Sharing Of(Block block) => Enum.GetValues<Sharing>().FirstOrDefault(s => s != Sharing.None && block.Notes.Any(n => n.Trim().Equals(Note(s), StringComparison.OrdinalIgnoreCase)));

    /// <summary>How many of a headcount are at one station of the block at once.</summary>
    public static int AtOnce(Block block, int people) => Of(block) switch
    {
        Sharing.Pairs => (people + 1) / 2,
        Sharing.Halves => block.Stations.Length < 2 ? people : (people + 1) / 2,
        Sharing.Carousel => (people + Math.Max(1, block.Stations.Length) - 1) / Math.Max(1, block.Stations.Length),
        _ => people,
    };

    /// <summary>The most pieces of one thing that are in use at one moment in a block: where people are on several stations at once, those of all of them.</summary>
    /// <param name="each">What one person uses at each station of the block, in their order; 0 where it is not used.</param>
    public static int InUse(Block block, int people, IReadOnlyList<int> each)
    {
        if (each.Count == 0)
            return 0;
        var (least, over) = (people / each.Count, people % each.Count);
        // In as many rounds as possible each goes at their own pace, and holds one thing at a time.
        return (block.Format is AmrapFormat ? Sharing.None : Of(block)) switch
        {
            Sharing.Halves when each.Count > 1 => Enumerable.Range(0, each.Count).Max(i => (each[i] * ((people + 1) / 2)) + (each[(i + 1) % each.Count] * (people / 2))),
            // Everyone comes to every station, so the larger groups meet what takes most sooner or later.
            Sharing.Carousel => each.OrderDescending().Select((pieces, i) => pieces * (least + (i < over ? 1 : 0))).Sum(),
            _ => each.Max() * AtOnce(block, people),
        };
    }
}
