using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Options;

/// <summary>One way that could be named for a station, and what it does to muscles, kit and time.</summary>
/// <param name="Kept">How much of the station's chief muscles it keeps, 0 to 1.</param>
/// <param name="InKit">Whether the class has what it needs.</param>
public sealed record RoundWay(Way Way, ImmutableArray<string> Says, double Kept, bool InKit)
{
    /// <summary>Whether it may be named without a second look: it keeps half of the muscles and needs nothing that is not there.</summary>
    public bool IsSafe => InKit && Kept >= 0.5;
}

/// <summary>The best ways for one crossing of the net: round a need, easier or harder.</summary>
public static class RoundWays
{
    private const int Offered = 3;
    private const double LeastKept = 0.34;

    /// <summary>Ways round a need, best first; none where the need is not one that a way goes round, or nothing is troubled. Where more needs are troubled there, a way that is safe and spares them all comes first: who has two of them does one thing.</summary>
    /// <param name="needs">All that are looked at; the class's own where none are named.</param>
    public static ImmutableArray<RoundWay> For(Timeline timeline, Station line, string need, IReadOnlyCollection<string>? needs = null)
    {
        var facts = timeline.Facts;
        if (Needs.KindOf(need) != NeedKind.Way || line.Doing.MoveNames().Select(facts.MoveOf).FirstOrDefault(m => m?.Troubles(need) == true) is not { } move)
            return [];
        var library = StationFor.WayOf(move.Around[Needs.Named(need)]);
        var named = line.Options.Where(o => o.Kind != OptionKind.Harder).Select(o => o.Way).Where(w => w is not WordsWay);
        var others = timeline.Library.All.Where(m => !m.Troubles(need) && Family(m, move)).Select(m => (Way)new MoveWay(m.Name));
        IReadOnlyCollection<string> looked = needs ?? timeline.Plan.Brief.Needs;
        bool Spares(Way way, string which) => Proven.Spares(way, which, move, facts);
        var more = looked.Where(n => Needs.Named(n) != Needs.Named(need) && Needs.KindOf(n) == NeedKind.Way && move.Troubles(n)).Distinct().ToList();
        var best = Best(timeline, line, move, [library, .. named], others, w => Spares(w, need), looked);
        if (more.Count == 0)
            return best;
        // Words say nothing of a need they were not written for.
        bool All(Way way) => Spares(way, need) && more.TrueForAll(n => way is WordsWay ? StationFor.WayOf(move.Around[Needs.Named(n)]) == way : Spares(way, n));
        var forAll = Best(timeline, line, move, [library, .. named], others, All, looked).Where(w => w.IsSafe).Select(w => w with { Says = [.. w.Says, $"for {Say.List(more)} too"] });
        return [.. forAll.Concat(best).DistinctBy(w => w.Way).Take(Offered)];
    }

    /// <summary>Easier or harder ways: the library's own first, then the neighbours on the move's ladder.</summary>
    public static ImmutableArray<RoundWay> For(Timeline timeline, Station line, OptionKind kind)
    {
        if (line.Doing is not OneMove { Name: var name } || timeline.Facts.MoveOf(name) is not { } move)
            return [];
        var isEasier = kind == OptionKind.Easier;
        var ladder = timeline.Library.All.Where(m => m.Pattern == move.Pattern && (isEasier ? m.Tags.Rung < move.Tags.Rung : m.Tags.Rung > move.Tags.Rung) && Math.Abs(m.Tags.Rung - move.Tags.Rung) <= 3).Select(m => (Way)new MoveWay(m.Name));
        return Best(timeline, line, move, [StationFor.WayOf(isEasier ? move.Easier : move.Harder)], ladder, _ => true, timeline.Plan.Brief.Needs);
    }

    private static ImmutableArray<RoundWay> Best(Timeline timeline, Station line, Move move, IEnumerable<Way?> first, IEnumerable<Way> others, Func<Way, bool> fits, IReadOnlyCollection<string> needs)
    {
        var brief = timeline.Plan.Brief;
        var own = first.OfType<Way>().Distinct().Where(fits).Select(w => Weighed(timeline, line, move, w));
        var looked = others.OfType<MoveWay>().Where(w => timeline.Library.Find(w.Move) is { } m && m.Name != move.Name && fits(w) && Suitable.HasKit(brief, m) && m.Impact <= Larger(move.Impact, Impact.Low) && !needs.Any(n => m.Troubles(n) && !move.Troubles(n)))
            .Select(w => (Way: w, Move: timeline.Library.Find(w.Move)!))
            .Select(w => (w.Way, w.Move, Kept: Muscles.Kept(move, w.Move)))
            .Where(w => w.Kept >= LeastKept)
            .OrderByDescending(w => w.Kept + (0.15 * w.Move.Tags.Staple) - (0.1 * Math.Abs(w.Move.Load - move.Load)))
            .ThenBy(w => w.Move.Name, StringComparer.Ordinal)
            .Take(Offered * 2)
            .Select(w => Weighed(timeline, line, move, w.Way));
        return [.. own.Concat(looked).DistinctBy(w => w.Way).OrderByDescending(w => w.InKit).Take(Offered)];
    }

    /// <summary>What a way does beside the move that is planned.</summary>
    public static RoundWay Weighed(Timeline timeline, Station line, Move move, Way way)
    {
        var other = way is MoveWay { Move: var name } ? timeline.Facts.MoveOf(name) : null;
        var kept = way is MoveWay ? other is null ? 0 : Muscles.Kept(move, other) : 1;
        var inKit = other is null ? way is not MoveWay : Suitable.HasKit(timeline.Plan.Brief, other);
        string?[] says = [way is MoveWay && other is null ? "facts not known" : MuscleSays(move, other), KitSays(move, other, way, inKit), TimeSays(timeline, line, move, other)];
        return new RoundWay(way, [.. says.OfType<string>()], kept, inKit);
    }

    private static string MuscleSays(Move move, Move? other)
    {
        if (other is null)
            return "the same muscles";
        var (before, after) = (Muscles.Chief(move), Muscles.Chief(other));
        var (left, gained) = (before.Except(after).ToList(), after.Except(before).ToList());
        return (left.Count, gained.Count) switch
        {
            (0, 0) => $"keeps {Listed(before)}",
            (_, 0) => before.Count == left.Count ? $"leaves {Listed(left)}" : $"keeps {Listed(before.Except(left))}, leaves {Listed(left)}",
            (0, _) => $"keeps {Listed(before)}, adds {Listed(gained)}",
            _ => before.Count == left.Count ? $"{Listed(gained)} in place of {Listed(left)}" : $"keeps {Listed(before.Except(left))}, {Listed(gained)} in place of {Listed(left)}",
        };
    }

    private static string? KitSays(Move move, Move? other, Way way, bool inKit)
    {
        if (other is null)
            return way is AdjustedWay { Adjustment: Adjustment.NoLoad } && move.Kit.Any(KitList.IsHeld) ? "no kit" : null;
        var (before, after) = (KitUse.Items(move).Where(k => k != "mat").ToList(), KitUse.Items(other).Where(k => k != "mat").ToList());
        var more = after.Except(before).ToList();
        return more.Count > 0 ? $"needs {Say.List(more)}{(inKit ? "" : ", which is not listed")}" : before.Count > after.Count ? after.Count == 0 ? "no kit" : $"only {Say.List(after)}" : null;
    }

    /// <summary>Counted sets take as long as their move does; timed ones take what they are given.</summary>
    private static string? TimeSays(Timeline timeline, Station line, Move move, Move? other)
    {
        if (other is null || line.Amount is not Reps { Counts: [{ } count, ..] })
            return null;
        var by = Math.Round(count.High * (timeline.Rules.SecondsPerRep(other.Pace) - timeline.Rules.SecondsPerRep(move.Pace)));
        return by switch { 0 => "as long", > 0 => $"{Say.Time(by)} longer a set", _ => $"{Say.Time(-by)} shorter a set" };
    }

    private static string Listed(IEnumerable<Muscle> muscles) => Say.List([.. muscles.Select(Words.Of)]);

    private static bool Family(Move a, Move b) => a.Pattern == b.Pattern || a.Family == b.Family;

    private static Impact Larger(Impact a, Impact b) => a > b ? a : b;

    /// <summary>What two moves have in common.</summary>
    private static class Muscles
    {
        /// <summary>The muscles that do the work.</summary>
        public static List<Muscle> Chief(Move move) => [.. move.Muscles.Where(m => m.Share == 1).Select(m => m.Muscle)];

        /// <summary>How much of the first's load the second keeps, 0 to 1.</summary>
        public static double Kept(Move first, Move second)
        {
            var other = second.Muscles.ToDictionary(m => m.Muscle, m => m.Share);
            var whole = first.Muscles.Sum(m => m.Share);
            return whole == 0 ? 1 : (double)(first.Muscles.Sum(m => Math.Min(m.Share, other.GetValueOrDefault(m.Muscle))) / whole);
        }
    }
}
