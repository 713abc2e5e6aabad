using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>What people are likely to do inside a time, in words for screens and print.</summary>
public static class Foreseen
{
    /// <summary>Nothing, or the reps, the rung or the rounds to expect.</summary>
    public static IEnumerable<string> Of(Timeline timeline, WorkSet set)
    {
        if (timeline.Blocks[set.Block].Format is AmrapFormat && Expected.RoundsOf(timeline, set.Block) is { } rounds)
            yield return $"about {rounds.Newcomer} rounds for a newcomer, {rounds.Regular} for a regular, {rounds.Strong} for a strong person";
        else if (Expected.StackOf(timeline, set) is { } stack)
            yield return Of(stack);
        else if (Expected.RepsOf(set, timeline.Rules) is { } reps)
            yield return reps.IsRange ? $"{reps.Low}–{reps.High} reps likely" : $"{reps.Low} {(reps.Low == 1 ? "rep" : "reps")} likely";
    }

    private static string Of(StackReach stack)
    {
        var reached = stack.Reached < stack.Start ? $"rung {stack.Start} will not be whole" : stack.Slow < stack.Fast ? $"from rung {stack.Start} to about rung {stack.Reached} ({Math.Max(stack.Slow, stack.Start)}–{stack.Fast})" : $"from rung {stack.Start} to rung {stack.Reached}";
        return stack.NextStart is { } next ? $"{reached}; the next round starts from rung {next}" : reached;
    }
}
