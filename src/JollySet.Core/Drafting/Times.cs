using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Drafting;

/// <summary>Makes a draft as long as its minutes: words at both ends and the gaps between blocks take up what is left.</summary>
internal static class Times
{
    private const string Welcome = "Welcome";
    private const string Close = "To close";
    private const int LeastTalk = 20;
    private const int MostTalk = 90;
    private const int LeastAfter = 30;
    private const int MostAfter = 90;
    private const int MostOver = 55;
    private const int MostShort = 25;

    /// <summary>Seconds of words that every draft has at least.</summary>
    public static int Fixed(int minutes) => (minutes < 20 ? 2 * LeastTalk : 60) + 30;

    /// <summary>The plan with words to begin and to end.</summary>
    public static ClassPlan Framed(ClassPlan plan, int minutes) => plan with
    {
        Blocks = [new Block(Welcome, new TalkFormat(Length.Seconds(minutes < 20 ? LeastTalk : 40)), new BlockSettings()), .. plan.Blocks, new Block(Close, new TalkFormat(Length.Seconds(LeastTalk)), new BlockSettings())],
    };

    /// <summary>The plan within half a minute of its booking by the clock and not far over in likelihood; null where words and gaps cannot take up what is missing.</summary>
    public static ClassPlan? Fitted(ClassPlan plan, Studio studio)
    {
        var timeline = TimelineBuilder.Build(plan, studio);
        var excess = Math.Max(0, (timeline.Likely - timeline.Length).InWholeSeconds - MostOver);
        if (excess > MostShort)
            return null;
        var left = (plan.Brief.Minutes!.Value * 60) - excess - timeline.Length.UpTo(1).InWholeSeconds;
        var blocks = plan.Blocks.ToArray();
        foreach (var most in new[] { 60, MostAfter })
            for (var i = 0; i < blocks.Length; i++)
                left -= blocks[i].Format is TalkFormat ? Talk(ref blocks[i], left, most) : Gap(ref blocks[i], left, most);
        return left >= 0 && left + excess < 30 ? plan with { Blocks = [.. blocks] } : null;
    }

    /// <summary>Takes up seconds in fives, or gives them back; says how many.</summary>
    private static int Talk(ref Block block, int left, int most)
    {
        var now = ((TalkFormat)block.Format).Length.InWholeSeconds;
        var then = Math.Clamp(now + (Fives(left)), LeastTalk, Math.Min(most, MostTalk));
        block = block with { Format = new TalkFormat(Length.Seconds(then)) };
        return then - now;
    }

    private static int Gap(ref Block block, int left, int most)
    {
        if (block.Settings.After is not { } after)
            return 0;
        var now = after.Length.Low.InWholeSeconds;
        var then = Math.Clamp(now + Fives(left), after.Water ? 45 : LeastAfter, Math.Max(now, most));
        block = block with { Settings = block.Settings with { After = after with { Length = new LengthSpan(Length.Seconds(then)) } } };
        return then - now;
    }

    private static int Fives(int seconds) => (int)Math.Floor(seconds / 5m) * 5;
}
