using JollySet.Core.Edits;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

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
        // One of a thing and a pair of it are one thing to bring: the pair.
        foreach (var items in uses.Where(u => !listed.Any(l => l.Is(u.Item))).GroupBy(u => u.Item.TrimEnd('s'), StringComparer.OrdinalIgnoreCase))
        {
            var (item, first) = (items.MaxBy(u => u.Item.Length)!.Item, items.First());
            yield return new Finding(
                "kit-unlisted",
                KitList.IsGiven(item) ? Severity.Note : Severity.Warn,
                $"{Say.Capital(item)} for {Say.List([.. items.Select(u => Timing.Facts.NameOf(u.Block.Stations[u.Station - 1].Doing)).Distinct().Take(3)])} {(item.EndsWith('s') ? "are" : "is")} not in the kit people are told of.",
                first.Block.Name,
                [.. items.Where(u => u.Block == first.Block).Select(u => u.Station)],
                Finding.Figures(("stations", items.Count())),
                // A thing whose name begins with a number would be counted in the list: the instructor writes it.
                KitStock.Of(item).Pieces is null ? new AddKit(item) : null)
            {
                Subject = item,
            };
        }

        foreach (var finding in OtherWeights(review, listed))
            yield return finding;
        foreach (var idle in listed.Where(l => !IsNeeded(l, uses, review.Timeline)))
            yield return new Finding("kit-unlisted", Severity.Note, $"{Say.Capital(idle.Written)}: brought and never used.") { Subject = idle.Written };
    }

    /// <summary>A load heavier than what people are told to bring, or lighter; between a light and a heavy one lies either. One finding an item.</summary>
    private static IEnumerable<Finding> OtherWeights(ClassUnderReview review, List<KitStock> listed) =>
        from use in KitUse.Of(review.Timeline)
        where KitList.IsHeld(use.Item)
        let there = listed.Where(l => l.Is(use.Item)).Select(l => l.Weight).ToList()
        where there.Count > 0 && there.TrueForAll(w => w is not null)
        let loads = use.Block.Stations[use.Station - 1].Load?.Rounds ?? []
        from level in loads.Where(l => l is { Level: LoadLevel.Light or LoadLevel.Moderate or LoadLevel.Heavy }).Select(l => l.Level!.Value).Distinct()
        where level > there.Max() || level < there.Min()
        group (use, level, heavier: level > there.Max()) by use.Item.TrimEnd('s') into asked
        let first = asked.First().use
        let what = $"{Say.List([.. asked.Select(a => Words.Of(new Load(a.level))).Distinct()])} {first.Item}"
        select new Finding(
            "kit-unlisted",
            asked.Any(a => a.heavier) ? Severity.Warn : Severity.Note,
            $"{Say.Capital(what)} for {Say.List([.. asked.Select(a => Timing.Facts.NameOf(a.use.Block.Stations[a.use.Station - 1].Doing)).Distinct().Take(3)])} {(first.Item.EndsWith('s') ? "are" : "is")} not in the kit people are told of.",
            first.Block.Name,
            [.. asked.Where(a => a.use.Block == first.Block).Select(a => a.use.Station).Distinct()],
            Finding.Figures(("stations", asked.Count())),
            asked.Select(a => a.level).Distinct().Count() == 1 ? new AddKit(what) : null)
        {
            Subject = what,
        };

    /// <summary>Used by a station, a note, a prop or an option; a mat serves whoever goes to the floor, and what is optional may lie idle.</summary>
    private static bool IsNeeded(KitStock listed, IEnumerable<KitUse> uses, Timing.Timeline timeline)
    {
        var (plan, library) = (timeline.Plan, timeline.Library);
        bool Options(Station line) => line.Options.Select(o => o.Way).OfType<MoveWay>().Select(w => library.Understood(w.Move)).OfType<Move>().Any(m => KitUse.Items(m).Any(listed.Is))
            || (line.Load?.Rounds.Any(l => l.Implement is { } tool && listed.Is(tool)) ?? false);
        return listed.Written.Contains("optional", StringComparison.OrdinalIgnoreCase)
            || uses.Any(u => listed.Is(u.Item) && IsOfWeight(u, listed))
            || plan.Blocks.SelectMany(b => b.Notes.Concat(b.Stations.SelectMany(s => s.Notes.Concat(IsBare(s) ? [] : s.Doing.MoveNames())))).Any(text => Suits.Speaks(text, listed))
            || plan.Blocks.SelectMany(b => b.Stations).Any(Options)
            || (listed.Is("mat") && plan.Blocks.SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames()).Any(n => library.Understood(n)?.IsOnFloor == true));
    }

    /// <summary>Whether its load is of the entry's weight, where both say one.</summary>
    private static bool IsOfWeight(KitUse use, KitStock listed) =>
        listed.Weight is not { } weight || use.Block.Stations[use.Station - 1].Load is not { } load || load.Rounds.Concat(load.Then is { } then ? [then] : []).Any(l => l.Level is null || l.Level == weight || l.Level == LoadLevel.Any);

    private static bool IsBare(Station line) => line.Load is { } load && load.Rounds.All(l => l.Level == LoadLevel.None);
}
