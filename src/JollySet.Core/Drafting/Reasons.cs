using JollySet.Core.Balance;
using JollySet.Core.Kit;
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
        _ => $"{(block.RoundCount > 1 ? $"{Say.Capital(Rounds(block.RoundCount))}: another round does more than another station. " : "")}Big moves early, the trunk last; no two neighbours with one prime mover.",
    };

    private static string Rounds(int rounds) => rounds switch { 2 => "two rounds", 3 => "three rounds", _ => $"{rounds} rounds" };

    private static string Why(ClassPlan plan, Block block, int at, Move move, DraftRequest request, Timing.Facts facts)
    {
        var before = Met(plan, block, at, facts);
        var prime = Say.List([.. move.Muscles.Where(m => m.Share == 1).Select(m => Words.Of(m.Muscle))]);
        List<string> says = [$"{Say.Capital(Ordinal(before.Count(b => b.Pattern == move.Pattern)))} {Words.Of(move.Pattern)}, for {prime}"];
        if (before.Count == 0 && Wants.Opens(move, Focus.Of(request.Brief), request.Brief.Goal))
            says.Add("everybody knows it, and both sides work: a good one to begin with");
        if (Against(plan, move, facts) is { Count: > 0 } others)
            says.Add($"balances {(others.Count == 1 ? others[0] : $"{others.Count} others: {Say.List([.. others.Take(2)])}")}");
        if (block.Format is LinkedFormat { School: School.Opposing } && at > 0 && block.Stations[at - 1].Doing is OneMove partner)
            says.Add($"works against {partner.Name}");
        if (block.Stations[at].Load is { } load && load.Rounds[0].Level is LoadLevel.Heavy or LoadLevel.Light)
            says.Add(load.Rounds[0].Level == LoadLevel.Heavy ? "heavy, since it carries the most" : "light, as it is for who comes and what there is");
        if (before.Count > 0 && before[^1].Level != move.Level)
            says.Add(move.Level == Level.Up ? "back up" : "down to the floor");
        says.AddRange(Needs(plan, block.Stations[at], facts));
        if (!request.Recent.IsEmpty)
            says.Add(request.Recent.Contains(move.Name) ? "used lately: nothing else fitted as well" : "not in the last classes");
        return string.Join("; ", says) + ".";
    }

    /// <summary>The moves people have met before that line.</summary>
    private static List<Move> Met(ClassPlan plan, Block block, int at, Timing.Facts facts) =>
        [.. plan.Blocks.Where(b => b.IsMain).TakeWhile(b => b != block).SelectMany(b => b.Stations).Concat(block.Stations.Take(at)).Select(s => s.Doing).OfType<OneMove>().Select(o => facts.MoveOf(o.Name)).OfType<Move>()];

    private static string Ordinal(int before) => before switch { 0 => "the", 1 => "second", 2 => "third", 3 => "fourth", _ => "another" };

    /// <summary>How the line stands to each need that has a way round.</summary>
    private static IEnumerable<string> Needs(ClassPlan plan, Station line, Timing.Facts facts)
    {
        var covers = plan.Brief.Needs.Where(n => Moves.Needs.KindOf(n) == NeedKind.Way).Select(need => (need, Cover.Of(line, need, facts))).ToList();
        if (covers.Where(c => c.Item2.Kind == CoverKind.Fine).Select(c => c.need).ToList() is { Count: > 0 } fine)
            yield return $"fine for {Say.List(fine)}";
        foreach (var (need, cover) in covers.Where(c => c.Item2.Kind == CoverKind.Covered))
            yield return $"for {need}: {Words.Of(cover.Way!)}";
    }

    /// <summary>The moves of the main part that stand on the other side of a see-saw.</summary>
    private static List<string> Against(ClassPlan plan, Move move, Timing.Facts facts) =>
        [.. plan.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).Select(s => s.Doing).OfType<OneMove>().Select(o => facts.MoveOf(o.Name)).OfType<Move>()
            .Where(m => m != move && Schools.Pairs(School.Opposing, m, move)).Select(m => m.Name)];

    /// <summary>What was listed and is left in the bag, and why.</summary>
    public static IEnumerable<Reason> Unused(ClassPlan plan, Studio studio)
    {
        var moves = plan.Blocks.Where(b => !b.IsWords).SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames().Concat(s.Options.Select(o => o.Way).OfType<MoveWay>().Select(w => w.Move))).Select(n => studio.Library.Find(n)).OfType<Move>().ToList();
        return from entry in plan.Brief.Kit.Select(Kit.KitStock.Of)
               where !entry.Is("mat") && !moves.Exists(m => Loads.Uses(m, plan.Brief, entry))
               select new Reason("", 0, $"{Say.Capital(entry.Written)}: not used; nothing that needs it would have made the class better.");
    }

    /// <summary>Power without a move that is fast by its nature says so.</summary>
    public static IEnumerable<Reason> Unpowered(ClassPlan plan, Studio studio) =>
        plan.Brief.Goal == Goal.Power && !plan.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames()).Select(studio.Library.Find).OfType<Move>().Any(m => m.Tags.IsExplosive)
            ? [new Reason("", 0, "Nothing explosive suits who comes and what they are spared: these are moves to be done briskly, no jumps or throws.")]
            : [];
}
