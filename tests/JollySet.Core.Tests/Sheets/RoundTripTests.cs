using System.Collections;
using System.Globalization;
using CsCheck;
using JollySet.Core.Keeping;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Tests.Sheets;

/// <summary>What is written reads back as the same plan, on a sheet, in JSON and in a row. Plans are compared by every member, not by our own writers.</summary>
public class RoundTripTests
{
    /// <summary>Every public member but the numbers, all the way down, with its type's name.</summary>
    internal static string Members(object? value) => value switch
    {
        null => "null",
        string text => $"\"{text}\"",
        IEnumerable items => $"[{string.Join(", ", items.Cast<object?>().Select(Members))}]",
        IFormattable plain => plain.ToString(null, CultureInfo.InvariantCulture),
        bool flag => flag.ToString(),
        _ => $"{value.GetType().Name}({string.Join(", ", value.GetType().GetProperties(System.Reflection.BindingFlags.Instance | System.Reflection.BindingFlags.Public).Where(p => p.GetIndexParameters().Length == 0 && p.Name is not ("Id" or "LastId")).Select(p => $"{p.Name}={Members(p.GetValue(value))}"))})",
    };

    /// <summary>A name of the library that ends like an amount is one of its names all the same, in an option too.</summary>
    [Theory]
    [InlineData("plank | easier: hollow hold")]
    [InlineData("\"hollow hold\" 30s | harder: bear hold")]
    public void A_name_that_ends_like_an_amount_reads_back(string line)
    {
        var plan = Sheet.Read($"# T\n== A (circuit, work 40, rest 20)\n{line}\n");
        Assert.Empty(plan.NewMoves);
        Assert.Contains(line, SheetWriter.Write(plan), StringComparison.Ordinal);
        Assert.Equal(SheetWriter.Write(plan), SheetWriter.Write(SheetReader.Read(SheetWriter.Write(plan)).Plan!));
    }

    [Fact]
    public void A_sheet_reads_back_as_the_same_plan() => PlanGen.Plans.Sample(plan =>
    {
        var read = SheetReader.Read(SheetWriter.Write(plan));
        Assert.True(read.IsGood || TooLong(read), string.Join("\n", read.Errors) + "\n" + SheetWriter.Write(plan));
        if (read.IsGood)
            Assert.Equal(Members(plan), Members(read.Plan!));
    });

    [Fact]
    public void Json_reads_back_as_the_same_plan() => PlanGen.Plans.Sample(plan =>
    {
        var read = PlanReader.Read(JsonPlanWriter.Write(plan));
        Assert.True(read.IsGood || TooLong(read), string.Join("\n", read.Errors) + "\n" + JsonPlanWriter.Write(plan));
        if (read.IsGood)
            Assert.Equal(Members(plan), Members(read.Plan!));
    });

    [Fact]
    public void A_row_reads_back_as_the_same_plan_with_its_numbers() => PlanGen.Plans.Sample(plan =>
    {
        var given = Ids.Given(plan);
        var read = StoredPlan.Read(StoredPlan.Write(given));
        Assert.Equal(Members(plan), Members(read));
        Assert.Equal(given.Blocks.Select(b => (b.Id, string.Join(',', b.Stations.Select(s => s.Id)))), read.Blocks.Select(b => (b.Id, string.Join(',', b.Stations.Select(s => s.Id)))));
        Assert.Equal(given.LastId, read.LastId);
    });

    [Fact]
    public void Whatever_can_be_said_passes_the_gate() => PlanGen.Plans.Sample(plan =>
    {
        var (passed, errors) = Gate.Pass(plan);
        if (passed is null && errors[0].Expected.Contains("other words", StringComparison.Ordinal))
            Assert.Equal(Members(plan), Members(SheetReader.Read(SheetWriter.Write(plan)).Plan!));
        Assert.True(passed is not null || errors.Any(e => e.Expected.Contains("limit", StringComparison.Ordinal)), string.Join("\n", errors));
    });

    [Fact]
    public void Names_keep_their_case_and_line_ends_do_not_matter()
    {
        var plan = Sheet.Read("# Sail LOFT\r\nMinutes: 20\r\n== Deck (CIRCUIT, Work 30)\r\nRomanian Deadlift\r\n");
        Assert.Equal("Sail LOFT", plan.Title);
        Assert.Equal("Romanian Deadlift", ((OneMove)plan.Blocks[0].Stations[0].Doing).Name);
    }

    private static bool TooLong(ReadResult read) => read.Errors.All(e => e.Expected.Contains("limit", StringComparison.Ordinal));
}
