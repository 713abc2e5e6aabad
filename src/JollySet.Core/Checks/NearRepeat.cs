using JollySet.Core.Cues;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Where no move is to come twice, or moves are counted, two names for nearly one move are told.</summary>
internal sealed class NearRepeat : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        if (!Claims.Of(review.Timeline).Any(c => Claims.CountsMoves(c.Text)))
            yield break;
        var moves = review.MainSets.Select(s => s.Facts.Move).OfType<Move>().DistinctBy(m => m.Name).ToList();
        var pairs = moves.SelectMany((a, i) => moves.Skip(i + 1).Where(b => AreNearlyOne(a, b)).Select(b => $"{a.Name} and {b.Name}")).ToList();
        if (pairs.Count > 0)
            yield return new Finding("near-repeat", Severity.Note, $"{Say.Capital(string.Join("; ", pairs.Take(3)))}{(pairs.Count > 3 ? " and others" : "")}: two names for nearly one move.", Numbers: Finding.Figures(("pairs", pairs.Count)));
    }

    /// <summary>One pattern in one posture, both or one side alike, with the same muscles doing the most.</summary>
    private static bool AreNearlyOne(Move a, Move b) =>
        a.Pattern == b.Pattern && a.Posture == b.Posture && (a.Sides == MoveSides.OneSided) == (b.Sides == MoveSides.OneSided)
        && a.Impact == b.Impact && a.Tags.IsExplosive == b.Tags.IsExplosive && a.Tags.IsHold == b.Tags.IsHold && Prime(a).SetEquals(Prime(b));

    private static HashSet<Muscle> Prime(Move move) => [.. move.Muscles.Where(m => m.Share == 1).Select(m => m.Muscle)];
}
