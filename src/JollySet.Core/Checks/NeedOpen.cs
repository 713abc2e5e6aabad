using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Checks;

/// <summary>Each station is fine for each need of the class, or names a way round it. One finding a block and need. What only a clinician can judge is shown once and never silenced.</summary>
internal sealed class NeedOpen : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        review.Plan.Brief.Needs.Where(n => Needs.KindOf(n) == NeedKind.Ask).Select(Asked).Concat(Open(review.Timeline));

    private static Finding Asked(string need) => new(
        "need-open",
        Severity.Note,
        $"{Say.Capital(need)}: usual ways – ask. Usual are {Needs.UsualWays(need)}; the person’s own clinician decides.")
    {
        Subject = need,
        MayBeDismissed = false,
    };

    private static IEnumerable<Finding> Open(Timing.Timeline timeline) =>
        from crossing in Covers.Of(timeline)
        where crossing.Cover.Kind == CoverKind.Open
        group crossing by (crossing.Block.Name, crossing.Need) into open
        select new Finding(
            "need-open",
            Needs.IsFirm(open.Key.Need) ? Severity.Stop : Severity.Warn,
            $"{Say.Capital(Say.List([.. open.Select(o => Timing.Facts.NameOf(o.Block.Stations[o.Station - 1].Doing)).Distinct().Take(4)]))}{(open.Count() > 4 ? " and others" : "")} in {open.Key.Name}: no way named for {Needs.Named(open.Key.Need)}.",
            open.Key.Name,
            [.. open.Select(o => o.Station)],
            Finding.Figures(("stations", open.Count())),
            FixOf(open))
        {
            Subject = Needs.Named(open.Key.Need),
        };

    /// <summary>The library's way round for each.</summary>
    private static Several? FixOf(IEnumerable<(Block Block, int Station, string Need, Cover Cover)> open)
    {
        var edits = open.Where(o => o.Cover.Way is not null)
            .Select(o => (PlanEdit)new SetStationPart(o.Block.Stations[o.Station - 1].Id, $"for {o.Need}", SheetWriter.WriteWay(o.Cover.Way!)));
        return edits.ToArray() is { Length: > 0 } all ? new Several([.. all]) : null;
    }
}
