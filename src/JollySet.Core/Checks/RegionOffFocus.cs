using JollySet.Core.Balance;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>What is trained should be what the focus says: a full body shares its load among upper, core and lower.</summary>
internal sealed class RegionOffFocus : ICheck
{
    private const decimal FarOff = 0.1m;

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var balance = review.Balance;
        if (review.Plan.Brief.Focus.IsEmpty || balance.Muscles.Sum(m => m.SetEquivalents) < review.Rules.BalanceJudgedFrom * 3)
            yield break;
        if (balance.Focus.IsFullBody)
        {
            foreach (var (region, share) in balance.Regions)
            {
                var (least, most) = (review.Rules.BalanceRegionLeast, review.Rules.BalanceRegionMost);
                if (share < least)
                    yield return Found($"{Word(region)} gets {share:P0} of the load; a full body means {least:P0} or more.", least - share, region, share);
                else if (share > most)
                    yield return Found($"{Word(region)} gets {share:P0} of the load; a full body means {most:P0} at most.", share - most, region, share);
            }
        }
        else if (!balance.Focus.Regions.IsEmpty)
        {
            var (inFocus, least) = (balance.Focus.Regions.Sum(r => balance.Regions[r]), review.Rules.BalanceFocusLeast);
            if (inFocus < least)
                yield return Found($"The focus, {string.Join(" and ", balance.Focus.Regions.Order().Select(r => Word(r).ToLowerInvariant()))}, gets {inFocus:P0} of the load.", least - inFocus, balance.Focus.Regions.Min(), inFocus);
        }
    }

    private static Finding Found(string sentence, decimal off, Region region, decimal share) => new(
        "region-off-focus", off > FarOff ? Severity.Warn : Severity.Note, sentence, Numbers: Finding.Figures(("share", Math.Round(share, 3)), ("region", (int)region)))
    {
        Subject = Word(region),
    };

    private static string Word(Region region) => region switch
    {
        Region.Upper => "Upper body",
        Region.Lower => "Lower body",
        _ => "Core",
    };
}
