using System.Collections;
using System.Globalization;
using CsCheck;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Tests.Sheets;

/// <summary>What is written reads back as the same plan. Plans are compared by every member, not by our own writers.</summary>
public class RoundTripTests
{
    /// <summary>Every public member, all the way down, with its type's name.</summary>
    internal static string Members(object? value) => value switch
    {
        null => "null",
        string text => $"\"{text}\"",
        IEnumerable items => $"[{string.Join(", ", items.Cast<object?>().Select(Members))}]",
        IFormattable plain => plain.ToString(null, CultureInfo.InvariantCulture),
        bool flag => flag.ToString(),
        _ => $"{value.GetType().Name}({string.Join(", ", value.GetType().GetProperties().Where(p => p.GetIndexParameters().Length == 0).Select(p => $"{p.Name}={Members(p.GetValue(value))}"))})",
    };

    [Fact]
    public void A_sheet_reads_back_as_the_same_plan() => PlanGen.Plans.Sample(plan =>
    {
        var read = SheetReader.Read(SheetWriter.Write(plan));
        Assert.True(read.IsGood, string.Join("\n", read.Errors) + "\n" + SheetWriter.Write(plan));
        Assert.Equal(Members(plan), Members(read.Plan!));
    });

    [Fact]
    public void Json_reads_back_as_the_same_plan() => PlanGen.Plans.Sample(plan =>
    {
        var read = PlanReader.Read(JsonPlanWriter.Write(plan));
        Assert.True(read.IsGood, string.Join("\n", read.Errors) + "\n" + JsonPlanWriter.Write(plan));
        Assert.Equal(Members(plan), Members(read.Plan!));
    });

    [Fact]
    public void Names_keep_their_case_and_line_ends_do_not_matter()
    {
        var plan = Sheet.Read("# Sail LOFT\r\nMinutes: 20\r\n== Deck (CIRCUIT, Work 30)\r\nRomanian Deadlift\r\n");
        Assert.Equal("Sail LOFT", plan.Title);
        Assert.Equal("Romanian Deadlift", ((OneMove)plan.Blocks[0].Stations[0].Doing).Name);
    }
}
