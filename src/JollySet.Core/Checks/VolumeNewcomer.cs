using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Over a hundred reps for one prime mover is much for a newcomer: counted ones, and those that timed work likely brings at a newcomer's pace. One finding for all of them.</summary>
internal sealed class VolumeNewcomer : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        if (!review.NewcomersCome)
            yield break;
        var most = review.Rules.VolumeNewcomerReps;
        var much = WorkedMoves.Of(review.Timeline)
            .Select(w => (w.Move, reps: RepsOf(review, w)))
            .SelectMany(w => w.Move.Muscles.Where(m => m.Share == 1).Select(m => (m.Muscle, w.reps)))
            .GroupBy(m => m.Muscle)
            .Select(g => (muscle: Words.Of(g.Key), reps: (int)Math.Round(g.Sum(r => r.reps))))
            .Where(m => review.IsOver(m.reps, most)).OrderByDescending(m => m.reps).ToList();
        if (much.Count > 0)
            yield return new Finding(
                "volume-newcomer",
                Severity.Warn,
                $"{Say.Capital(Say.List([.. much.Take(3).Select(m => $"{m.muscle} about {m.reps}")]))} reps as prime mover{(much.Count > 3 ? ", others too" : "")}; {most} is plenty where newcomers come.{review.TakenPeople}",
                Numbers: Finding.Figures([.. much.Select(m => (m.muscle, (decimal)m.reps)), ("most", most)]));
    }

    private static decimal RepsOf(ClassUnderReview review, Worked work)
    {
        var set = review.Timeline.Sets[work.Set];
        return set.Reps is { } planned ? planned
            : set.ExpectedSecondsPerRep is null ? 0
            : work.Seconds / (review.Rules.SecondsPerRep(work.Move.Pace) * review.Rules.PaceNewcomer);
    }
}
