using JollySet.Bench;

namespace JollySet.Core.Tests.Drafting;

/// <summary>The grid's drafts, made once for all tests that look at them.</summary>
internal static class Drafted
{
    private static readonly Lazy<IReadOnlyList<DraftGrid.Outcome>> Outcomes = new(() => DraftGrid.Outcomes);

    public static IReadOnlyList<DraftGrid.Outcome> Grid => Outcomes.Value;
}
