using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues;

/// <summary>What to say after the last move, computed from the plan: what it was, where it will be felt, what to put back.</summary>
public static class Closing
{
    private const int MostMuscles = 3;
    private const decimal FeltFrom = 0.6m;

    /// <summary>A sentence each; empty for a class with no work.</summary>
    public static IEnumerable<string> Of(Timeline timeline)
    {
        var main = timeline.Blocks.Where(b => b.IsMain && !b.Stations.IsEmpty).ToList();
        if (main.Count == 0)
            yield break;
        var totals = Totals.Of(timeline);
        var minutes = (int)Math.Round(totals.Work.InMinutes, MidpointRounding.AwayFromZero);
        yield return $"That was {Spoken.Of(totals.DistinctMoves, "move")}{(minutes > 0 ? $" and {Spoken.Of(minutes, "minute")} of work" : "")}; well done.";
        if (Felt(timeline) is { Count: > 0 } felt)
            yield return $"You will feel it in {Say.List(felt)} tomorrow; give them two days before they work hard again.";
        if (!timeline.Blocks.Any(b => b.Format is ReleaseFormat))
            yield return timeline.Plan.Brief.After is { } after ? $"Now {after}." : "Walk a little and stretch what you worked before you sit down.";
        else if (timeline.Plan.Brief.After is { } then)
            yield return $"Then {then}.";
        if (timeline.Sets[^1].Facts.Move is { IsOnFloor: true, Level: Level.Down })
            yield return "Up slowly from the floor.";
        if (KitNeeds.Kinds(timeline) is { IsEmpty: false } kit)
            yield return $"Put back {Say.List(kit)}.";
        yield return "If anything hurts sharply, tell me before you go.";
    }

    /// <summary>The muscles that worked most: the first, and what comes near it.</summary>
    private static List<string> Felt(Timeline timeline)
    {
        var loads = ClassBalance.Of(timeline).Muscles.OrderByDescending(m => m.LoadSeconds).ToList();
        return loads is [{ LoadSeconds: > 0 } most, ..] ? [.. loads.TakeWhile(m => m.LoadSeconds >= most.LoadSeconds * FeltFrom).Take(MostMuscles).Select(m => $"the {Words.Of(m.Muscle)}")] : [];
    }
}
