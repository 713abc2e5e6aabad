using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Over a hundred reps for one prime mover is much for a newcomer.</summary>
internal sealed class VolumeNewcomer : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        if (!review.Plan.Brief.Audience.Any(a => a is Audience.Newcomer or Audience.FirstTimers))
            yield break;
        var most = review.Rules.VolumeNewcomerReps;
        var reps = WorkedMoves.Of(review.Timeline)
            .Where(w => review.Timeline.Sets[w.Set].Reps is not null)
            .SelectMany(w => w.Move.Muscles.Where(m => m.Share == 1).Select(m => (m.Muscle, reps: review.Timeline.Sets[w.Set].Reps!.Value)))
            .GroupBy(m => m.Muscle);
        foreach (var muscle in reps.Where(m => m.Sum(r => r.reps) > most))
            yield return new Finding(
                "volume-newcomer",
                Severity.Warn,
                $"{Say.Capital(Words.Of(muscle.Key))}: {muscle.Sum(r => r.reps)} counted reps as prime mover, and newcomers come; {most:0} is plenty.",
                Numbers: Finding.Figures(("reps", muscle.Sum(r => r.reps)), ("most", most)))
            {
                Subject = Words.Of(muscle.Key),
            };
    }
}
