using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>A brief that can be met, as near as may be to one that cannot.</summary>
/// <param name="Lines">What stands in the way: <c>format</c>, <c>minutes</c>, <c>kit</c>, <c>focus</c>, <c>goal</c>.</param>
/// <param name="Says">What stands in the way and what would do, in a sentence.</param>
public sealed record NearestBrief(DraftRequest Request, ImmutableArray<string> Lines, string Says)
{
    private const int FewMinutes = 5;
    private const int MoreMinutes = 10;

    /// <summary>The first change of one line that lets a class be made, else of several together; null where none does. Needs are never given up, nor who comes.</summary>
    public static NearestBrief? Of(DraftRequest request, Studio studio, CancellationToken stop) =>
        Singly(request).Concat(Together(request)).FirstOrDefault(near => !stop.IsCancellationRequested && Drafter.Make(near.Request, studio, stop: stop).Plan is not null);

    /// <summary>The same brief in the format that was made instead of the one liked.</summary>
    public static NearestBrief OtherFormat(DraftRequest request, DraftRequest made) =>
        new(made, ["format"], $"The format stands in the way: no {Name(request.Format)} come out of this brief, but {Name(made.Format)} do.");

    private static IEnumerable<NearestBrief> Singly(DraftRequest request) =>
        Ways(request).Select(w => new NearestBrief(w.Give(request), [w.Line], $"The {w.Line} {(w.Line == "minutes" ? "stand" : "stands")} in the way: {w.Would} a class can be made."));

    /// <summary>One more line given up each time.</summary>
    private static IEnumerable<NearestBrief> Together(DraftRequest request)
    {
        var ways = Ways(request).DistinctBy(w => w.Line).ToList();
        for (var many = 2; many <= ways.Count; many++)
            yield return new NearestBrief(ways.Take(many).Aggregate(request, (r, w) => w.Give(r)), [.. ways.Take(many).Select(w => w.Line)], $"{Say.Capital(Say.List([.. ways.Take(many).Select(w => "the " + w.Line)]))} stand in the way together: {Say.List([.. ways.Take(many).Select(w => w.Would)])} a class can be made.");
    }

    /// <summary>What may give way, the least dear first.</summary>
    private static IEnumerable<(string Line, string Would, Func<DraftRequest, DraftRequest> Give)> Ways(DraftRequest request)
    {
        var brief = request.Brief;
        if (request.Format != DraftFormat.Circuit)
            yield return ("format", $"with circuits in place of {Name(request.Format)}", r => r with { Format = DraftFormat.Circuit });
        if (!brief.Kit.Any(k => Kit.KitStock.Of(k).Is("mat")) && !brief.Needs.Any(n => Moves.Needs.Named(n) == "no floor"))
            yield return ("kit", "with a mat besides", r => r with { Brief = r.Brief with { Kit = [.. r.Brief.Kit, "mat"] } });
        foreach (var more in new[] { FewMinutes, MoreMinutes })
            if (brief.Minutes + more <= DraftTold.MostMinutes)
                yield return ("minutes", $"with {brief.Minutes + more}", r => r with { Brief = r.Brief with { Minutes = brief.Minutes + more } });
        if (brief.Goal is { } goal && goal != Moves.Goal.StrengthEndurance)
            yield return ("goal", $"for strength endurance in place of {Words.Of(goal)}", r => r with { Brief = r.Brief with { Goal = Moves.Goal.StrengthEndurance } });
        if (!brief.Focus.IsEmpty)
            yield return ("focus", "for the full body", r => r with { Brief = r.Brief with { Focus = ["full body"] } });
    }

    private static string Name(DraftFormat format) => format switch
    {
        DraftFormat.Supersets => "supersets",
        DraftFormat.Trios => "trios",
        DraftFormat.Straight => "straight sets",
        DraftFormat.Minute => "slots on the minute",
        DraftFormat.Ladder => "ladders",
        _ => "circuits",
    };
}
