using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>Says of every line of the main part why it is there.</summary>
internal static class Reasons
{
    public static IEnumerable<Reason> Of(ClassPlan plan, DraftRequest request, Studio studio)
    {
        var facts = new Timing.Facts(plan, studio);
        foreach (var block in plan.Blocks.Where(b => b.IsMain))
        {
            yield return new Reason(block.Name, 0, BlockWhy(block));
            for (var i = 0; i < block.Stations.Length; i++)
                if (block.Stations[i].Doing is OneMove one && facts.MoveOf(one.Name) is { } move)
                    yield return new Reason(block.Name, i + 1, Why(plan, block, i, move, request, facts));
        }
    }

    private static string BlockWhy(Block block) => block.Format switch
    {
        LinkedFormat { School: not School.Any } linked => $"Pairs of {Schools.Means(linked.School)}: one rests while the other works.",
        _ when block.Settings.Optional => "Short, and the first to drop when time runs out.",
        _ => "Jumps and skill first, large moves early, the floor in one piece, the middle of the body last.",
    };

    private static string Why(ClassPlan plan, Block block, int at, Move move, DraftRequest request, Timing.Facts facts)
    {
        var prime = Say.List([.. move.Muscles.Where(m => m.Share == 1).Select(m => Words.Of(m.Muscle))]);
        List<string> says = [$"{Say.Capital(Words.Of(move.Pattern))} for {prime}"];
        if (Against(plan, move, facts) is { } other)
            says.Add($"balances {other}");
        if (block.Format is LinkedFormat { School: School.Opposing } && at > 0 && block.Stations[at - 1].Doing is OneMove before)
            says.Add($"works against {before.Name}");
        says.AddRange(Needs(plan, block.Stations[at], facts));
        if (!request.Recent.IsEmpty)
            says.Add(request.Recent.Contains(move.Name) ? "used lately: nothing else fitted as well" : "not in the last classes");
        return string.Join("; ", says) + ".";
    }

    /// <summary>How the line stands to each need that has a way round.</summary>
    private static IEnumerable<string> Needs(ClassPlan plan, Station line, Timing.Facts facts)
    {
        var covers = plan.Brief.Needs.Where(n => Moves.Needs.KindOf(n) == NeedKind.Way).Select(need => (need, Cover.Of(line, need, facts))).ToList();
        if (covers.Where(c => c.Item2.Kind == CoverKind.Fine).Select(c => c.need).ToList() is { Count: > 0 } fine)
            yield return $"fine for {Say.List(fine)}";
        foreach (var (need, cover) in covers.Where(c => c.Item2.Kind == CoverKind.Covered))
            yield return $"for {need}: {Words.Of(cover.Way!)}";
    }

    /// <summary>The move of the main part that stands on the other side of a see-saw.</summary>
    private static string? Against(ClassPlan plan, Move move, Timing.Facts facts) =>
        plan.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).Select(s => s.Doing).OfType<OneMove>().Select(o => facts.MoveOf(o.Name)).OfType<Move>()
            .FirstOrDefault(m => m != move && Schools.Pairs(School.Opposing, m, move))?.Name;
}
