using JollySet.Core.Edits;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Checks;

/// <summary>People bring what the brief lists: what a station needs besides is missing, and what none needs is brought for nothing. A brief that lists no kit is not judged.</summary>
internal sealed class KitUnlisted : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var listed = review.Plan.Brief.Kit.Select(KitStock.Of).ToList();
        if (listed.Count == 0)
            yield break;
        var uses = KitUse.Of(review.Timeline);
        foreach (var item in uses.Where(u => !listed.Any(l => l.Is(u.Item))).GroupBy(u => u.Item, StringComparer.OrdinalIgnoreCase))
            yield return new Finding(
                "kit-unlisted",
                KitList.IsGiven(item.Key) ? Severity.Note : Severity.Warn,
                $"{Say.Capital(item.Key)} for {Say.List([.. item.Select(u => Timing.Facts.NameOf(u.Block.Stations[u.Station - 1].Doing)).Distinct().Take(3)])} {(item.Key.EndsWith('s') ? "are" : "is")} not in the kit people are told of.",
                item.First().Block.Name,
                [.. item.Where(u => u.Block == item.First().Block).Select(u => u.Station)],
                Finding.Figures(("stations", item.Count())),
                Listed(review.Plan.Brief, item.Key))
            {
                Subject = item.Key,
            };
        foreach (var idle in listed.Where(l => !IsNeeded(l, uses, review.Timeline)))
            yield return new Finding("kit-unlisted", Severity.Note, $"{Say.Capital(idle.Written)}: brought and never used.") { Subject = idle.Written };
    }

    private static SetBriefLine Listed(Brief brief, string item) =>
        new("kit", string.Join(", ", BriefNotation.Write(brief).Where(l => l.Key == "kit").Select(l => l.Value).Append(item)));

    /// <summary>Used by a station or by an option; a mat serves whoever goes to the floor, and what is optional may lie idle.</summary>
    private static bool IsNeeded(KitStock listed, IEnumerable<KitUse> uses, Timing.Timeline timeline)
    {
        var (plan, library) = (timeline.Plan, timeline.Library);
        bool Options(Station line) => line.Options.Select(o => o.Way).OfType<MoveWay>().Select(w => library.Understood(w.Move)).OfType<Move>().Any(m => KitUse.Items(m).Any(listed.Is))
            || (line.Load?.Rounds.Any(l => l.Implement is { } tool && listed.Is(tool)) ?? false);
        return listed.Written.Contains("optional", StringComparison.OrdinalIgnoreCase)
            || uses.Any(u => listed.Is(u.Item))
            || plan.Blocks.SelectMany(b => b.Stations).Any(Options)
            || (listed.Is("mat") && plan.Blocks.SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames()).Any(n => library.Understood(n)?.IsOnFloor == true));
    }
}
