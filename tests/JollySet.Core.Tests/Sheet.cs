using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests;

/// <summary>Short ways to a plan and its timeline for tests.</summary>
internal static class Sheet
{
    public static ClassPlan Read(string text)
    {
        var result = SheetReader.Read(text);
        Assert.True(result.IsGood, string.Join("\n", result.Errors));
        return result.Plan!;
    }

    public static Timeline Time(string text) => TimelineBuilder.Build(Read(text));

    /// <summary>A class of one block with that head and those lines.</summary>
    public static string OneBlock(string head, params string[] lines) => $"# Test\n== A ({head})\n{string.Join('\n', lines)}\n";

    /// <summary>Station lines of that many moves with no facts, so that no pace or level plays a part.</summary>
    public static string[] Plain(int count) => [.. Enumerable.Range(1, count).Select(i => $"new: move {(char)('a' + i - 1)}")];

    public static string Errors(string text) => string.Join("\n", SheetReader.Read(text).Errors);
}
