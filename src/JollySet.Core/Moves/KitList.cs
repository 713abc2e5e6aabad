namespace JollySet.Core.Moves;

/// <summary>Which kit is held in the hands and which has to be placed or cleared.</summary>
public static class KitList
{
    private static readonly HashSet<string> Props = new(StringComparer.OrdinalIgnoreCase) { "step", "heel wedge", "wall", "band", "chair", "bench", "bar", "stability ball", "straps", "slider", "pad", "roller", "battle ropes", "sled", "tyre", "rower", "bike", "treadmill", "machine", "cable" };

    /// <summary>Everything the library may name.</summary>
    public static IReadOnlySet<string> Known { get; } =
        new HashSet<string>(Props, StringComparer.OrdinalIgnoreCase) { "mat", "dumbbells", "dumbbell", "kettlebell", "barbell", "plate", "ball", "towel", "broom", "rucksack", "sandbag", "skipping rope" };

    /// <summary>One of a thing and a pair of it are one kind: the pair, where the library names it.</summary>
    public static string Kind(string item) => Known.Contains(item + "s") ? item + "s" : item;

    /// <summary>Placed or cleared by walking to it: a step, a wedge, a wall, a band, a chair.</summary>
    public static bool IsProp(string item) => Props.Contains(item);

    /// <summary>Held, so that changing it means putting one thing down and taking another.</summary>
    public static bool IsHeld(string item) => !IsProp(item) && !item.Equals("mat", StringComparison.OrdinalIgnoreCase);

    /// <summary>What makes a move heavier: what is held, a band that is stretched, and what is pushed, pulled or swung at its own place.</summary>
    public static bool IsLoad(string item) => IsHeld(item) || item.ToLowerInvariant() is "band" or "cable" or "machine" or "battle ropes" or "sled" or "tyre";

    /// <summary>There without being told of: a wall, and a mat, which only makes the floor softer.</summary>
    public static bool IsGiven(string item) => item.Equals("wall", StringComparison.OrdinalIgnoreCase) || item.Equals("mat", StringComparison.OrdinalIgnoreCase);

    /// <summary>Lain, sat or hung on, so that nobody goes to the floor.</summary>
    public static bool IsOffFloor(string item) => item is "bench" or "bar" or "chair" or "stability ball" or "rower" or "bike" or "machine" or "cable";

    /// <summary>Words for the large ball that is sat or lain on, which nobody throws.</summary>
    public static bool IsSittingBall(string word) => word is "stability" or "gym" or "exercise" or "fitness";
}
