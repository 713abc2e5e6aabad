using JollySet.Core.Edits;

namespace JollySet.Core.Spoken;

/// <summary>What a line of words stands for: a change of the class, a way to somewhere, or why it is neither.</summary>
/// <param name="Does">What it would do, in a few words.</param>
/// <param name="Edit">The change; null where it is none.</param>
/// <param name="Way">Where it leads: a screen of the class, <c>undo</c>, <c>redo</c>, <c>undo all</c>; null for a change.</param>
/// <param name="Wrong">Why it is not understood; null where it is.</param>
public sealed record Said(string Does, PlanEdit? Edit = null, string? Way = null, string? Wrong = null)
{
    /// <summary>Something that cannot be done, and why.</summary>
    public static Said Not(string why) => new("", Wrong: why);
}
