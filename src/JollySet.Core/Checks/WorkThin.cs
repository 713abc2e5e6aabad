using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>How much good work a class holds is what people come back for: the main part's share, the work's share, and the sets that a goal needs. One finding.</summary>
internal sealed class WorkThin : ICheck
{
    private const int FewSeconds = 300;

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        if (review.Goal == Goal.Mobility || review.Timeline.Length < Length.Seconds(FewSeconds) || !review.MainSets.Any())
            yield break;
        var lacks = Lacks(review).OrderBy(l => l.Had / l.Usual).ToList();
        if (lacks.Count == 0)
            yield break;
        var far = lacks[0].Had < lacks[0].Usual * review.Rules.DoseFarUnder;
        yield return new Finding(
            "work-thin",
            far ? Severity.Warn : Severity.Note,
            $"{Say.Capital(string.Join("; ", lacks.Take(2).Select(l => l.Sentence)))}. {Advice(lacks[0].Had / lacks[0].Usual)}{review.TakenGoal}",
            Numbers: Finding.Figures([.. lacks.Select(l => (l.Name, Math.Round(l.Had, 3)))]));
    }

    private static string Advice(decimal share) => share < 0.5m ? "Another round, then another station, before longer rests." : "Another round does more than another station.";

    private static IEnumerable<Lack> Lacks(ClassUnderReview review) =>
        Shares(review).Concat(review.Goal switch
        {
            Goal.Muscle => Muscle(review),
            Goal.Strength => Sets(review, m => m.IsBig() && m.Tags.Goals.Contains(Goal.Strength), review.Rules.DoseStrengthSets, "strengthSets", "big lift"),
            Goal.Power => Sets(review, m => m.Tags.IsExplosive, review.Rules.DosePowerSets, "powerSets", "explosive move"),
            _ => [],
        }).Where(l => review.IsUnder(l.Had, l.Usual));

    private static IEnumerable<Lack> Shares(ClassUnderReview review)
    {
        var dose = Dose.Of(review.Timeline);
        var main = Dose.MainLeast(review.Booked, review.People, review.Rules);
        yield return new Lack("mainShare", dose.MainShare, main, $"the main part is {dose.MainShare:P0} of the minutes, {main:P0} is usual");
        if (review.Goal != Goal.StrengthEndurance)
            yield break;
        var work = Dose.WorkLeast(review.Booked, review.People, review.Rules);
        yield return new Lack("workShare", dose.WorkShare, work, $"work is {dose.WorkShare:P0} of the minutes, {work:P0} is usual");
    }

    private static IEnumerable<Lack> Muscle(ClassUnderReview review)
    {
        var wanted = Math.Floor(review.Rules.DoseMuscleSets * review.Timeline.Length.InMinutes / 25);
        var sets = review.MainSets.Count(s => !s.SecondSide && !s.SecondPass);
        yield return new Lack("sets", sets, wanted, $"{sets} sets are few for muscle; about {wanted:0} are usual");
        foreach (var few in Sets(review, m => m.Tags.Goals.Contains(Goal.Muscle), review.Rules.DoseMuscleEach, "setsEach", "move for muscle"))
            yield return few;
    }

    /// <summary>The move of that kind that comes least often.</summary>
    private static IEnumerable<Lack> Sets(ClassUnderReview review, Func<Move, bool> counts, int least, string name, string what) =>
        review.MainSets.Where(s => !s.SecondSide && !s.SecondPass && s.Facts.Move is { } move && counts(move)).GroupBy(s => s.Facts.Name)
            .OrderBy(g => g.Count()).Take(1).Select(g => new Lack(name, g.Count(), least, $"{g.Key} has {(g.Count() == 1 ? "one set" : $"{g.Count()} sets")}; {least} of each {what} are usual"));

    private sealed record Lack(string Name, decimal Had, decimal Usual, string Sentence);
}
