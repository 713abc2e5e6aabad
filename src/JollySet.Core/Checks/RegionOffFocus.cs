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
            var off = balance.Regions.Select(r => Off(review, r.Key, r.Value)).Where(o => o.By > 0).OrderByDescending(o => o.By).ToList();
            if (off.Count > 0)
                yield return Found(
                    $"{Say.Capital(Say.List([.. off.Select(o => $"{Word(o.Region).ToLowerInvariant()} {(o.Region == off[0].Region ? "gets " : "")}{balance.Regions[o.Region]:P0}")]))} of the load; in a full body upper and lower have {review.Rules.BalanceRegionLeast:P0} to {review.Rules.BalanceRegionMost:P0} each, core {review.Rules.BalanceCoreLeast:P0} to {review.Rules.BalanceCoreMost:P0}.",
                    off[0].By,
                    off[0].Region,
                    balance.Regions[off[0].Region]);
        }
        else if (!balance.Focus.Regions.IsEmpty)
        {
            var (inFocus, least) = (balance.Focus.Regions.Sum(r => balance.Regions[r]), review.Rules.BalanceFocusLeast);
            if (review.IsUnder(inFocus, least))
                yield return Found($"The focus, {string.Join(" and ", balance.Focus.Regions.Order().Select(r => Word(r).ToLowerInvariant()))}, gets {inFocus:P0} of the load.", least - inFocus, balance.Focus.Regions.Min(), inFocus);
        }
    }

    /// <summary>How far a region is outside its share of a full body.</summary>
    private static (Region Region, decimal By) Off(ClassUnderReview review, Region region, decimal share)
    {
        var (least, most) = region == Region.Core ? (review.Rules.BalanceCoreLeast, review.Rules.BalanceCoreMost) : (review.Rules.BalanceRegionLeast, review.Rules.BalanceRegionMost);
        return (region, review.IsUnder(share, least) ? least - share : review.IsOver(share, most) ? share - most : 0);
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
