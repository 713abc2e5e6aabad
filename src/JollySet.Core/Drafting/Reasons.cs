using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>Says of every line of the main part why it is there.</summary>
internal static class Reasons
{
    public static IEnumerable<Reason> Of(ClassPlan plan, DraftRequest request)
    {
        foreach (var block in plan.Blocks.Where(b => b.IsMain))
        {
            yield return new Reason(block.Name, 0, BlockWhy(block));
            for (var i = 0; i < block.Stations.Length; i++)
                if (block.Stations[i].Doing is OneMove one && MoveLibrary.Shipped.Find(one.Name) is { } move)
                    yield return new Reason(block.Name, i + 1, Why(plan, block, i, move, request));
        }
    }

    private static string BlockWhy(Block block) => block.Format switch
    {
        LinkedFormat { School: not School.Any } linked => $"Pairs of {Schools.Means(linked.School)}: one rests while the other works.",
        _ when block.Settings.Optional => "Short, and the first to drop when time runs out.",
        _ => "Jumps and skill first, large moves early, the floor in one piece, the middle of the body last.",
    };

    private static string Why(ClassPlan plan, Block block, int at, Move move, DraftRequest request)
    {
        var prime = Say.List([.. move.Muscles.Where(m => m.Share == 1).Select(m => Words.Of(m.Muscle))]);
        List<string> says = [$"{Say.Capital(Words.Of(move.Pattern))} for {prime}"];
        if (Against(plan, move) is { } other)
            says.Add($"evens {other}");
        if (block.Format is LinkedFormat { School: School.Opposing } && at > 0 && block.Stations[at - 1].Doing is OneMove before)
            says.Add($"works against {before.Name}");
        if (block.Stations[at].Options.Where(o => o.Kind == OptionKind.ForNeed).Select(o => o.Need!).ToList() is { Count: > 0 } needs)
            says.Add($"a way round is named for {Say.List(needs)}");
        else if (plan.Brief.Needs.Any(n => Needs.KindOf(n) == NeedKind.Way))
            says.Add("troubles none of the needs, or has a named way");
        if (!request.Recent.IsEmpty)
            says.Add(request.Recent.Contains(move.Name) ? "used lately: nothing else fitted as well" : "not in the last classes");
        return string.Join("; ", says) + ".";
    }

    /// <summary>The move of the main part that stands on the other side of a see-saw.</summary>
    private static string? Against(ClassPlan plan, Move move) =>
        plan.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).Select(s => s.Doing).OfType<OneMove>().Select(o => MoveLibrary.Shipped.Find(o.Name)).OfType<Move>()
            .FirstOrDefault(m => m != move && Schools.Pairs(School.Opposing, m, move))?.Name;
}
