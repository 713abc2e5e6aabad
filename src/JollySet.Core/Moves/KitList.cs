namespace JollySet.Core.Moves;

/// <summary>Which kit is held in the hands and which has to be placed or cleared.</summary>
public static class KitList
{
    private static readonly HashSet<string> Props = new(StringComparer.OrdinalIgnoreCase) { "step", "heel wedge", "wall", "band", "chair", "bench", "bar" };

    /// <summary>Everything the library may name.</summary>
    public static IReadOnlySet<string> Known { get; } =
        new HashSet<string>(Props, StringComparer.OrdinalIgnoreCase) { "mat", "dumbbells", "dumbbell", "kettlebell", "barbell", "plate", "ball", "towel" };

    /// <summary>Placed or cleared by walking to it: a step, a wedge, a wall, a band, a chair.</summary>
    public static bool IsProp(string item) => Props.Contains(item);

    /// <summary>Held, so that changing it means putting one thing down and taking another.</summary>
    public static bool IsHeld(string item) => !IsProp(item) && !item.Equals("mat", StringComparison.OrdinalIgnoreCase);
}
