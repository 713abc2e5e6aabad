using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Contacts of high-impact landings against the ceiling for who comes; none at all where the class is to be spared jumping.</summary>
internal sealed class JumpsCeiling : ICheck
{
    private const decimal Near = 0.8m;

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var contacts = (int)Math.Round(WorkedMoves.OfAll(review.Timeline).Where(w => w.Move.Impact == Impact.High).Sum(w => ContactsOf(review, w)));
        if (contacts == 0)
            yield break;
        var figures = Finding.Figures(("contacts", contacts));
        if (review.Plan.Brief.Needs.Any(n => Needs.Named(n) == "no jumping"))
        {
            yield return new Finding("jumps-ceiling", Severity.Stop, $"{contacts} hard landings in a class to be spared jumping.", Numbers: figures);
            yield break;
        }

        var ceiling = CeilingOf(review);
        if (review.IsOver(contacts, ceiling))
            yield return new Finding("jumps-ceiling", Severity.Warn, $"About {contacts} hard landings; {ceiling} is the starting ceiling for this class.{review.TakenPeople}", Numbers: figures.Add("ceiling", ceiling));
        else if (contacts > Near * ceiling && ceiling > 0)
            yield return new Finding("jumps-ceiling", Severity.Note, $"About {contacts} hard landings, close to the starting ceiling of {ceiling}.", Numbers: figures.Add("ceiling", ceiling));
    }

    /// <summary>Reps as planned, or as they are likely in the time; both feet at once is one.</summary>
    private static decimal ContactsOf(ClassUnderReview review, Worked work)
    {
        var set = review.Timeline.Sets[work.Set];
        return set.Reps ?? work.Seconds / review.Rules.SecondsPerRep(work.Move.Pace);
    }

    /// <summary>By the weakest who comes.</summary>
    private static int CeilingOf(ClassUnderReview review)
    {
        var audience = review.People;
        return audience.Any(a => a is Audience.FirstTimers or Audience.OlderAdults) ? review.Rules.JumpsFirstTimers
            : audience.Contains(Audience.Newcomer) ? review.Rules.JumpsNewcomer
            : audience.Contains(Audience.Regular) ? review.Rules.JumpsRegular
            : review.Rules.JumpsStrong;
    }
}
