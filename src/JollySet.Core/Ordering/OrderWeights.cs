namespace JollySet.Core.Ordering;

/// <summary>What the instructor would rather spare, 0 (do not mind) to 10 (above all).</summary>
/// <param name="Muscles">Recovery, upper and lower in turn, grip and low back.</param>
/// <param name="Floor">Going down and up.</param>
/// <param name="Kit">Changing what is held or placed.</param>
public sealed record OrderWeights(int Muscles = 5, int Floor = 5, int Kit = 5)
{
    /// <summary>The largest weight.</summary>
    public const int Most = 10;
}
