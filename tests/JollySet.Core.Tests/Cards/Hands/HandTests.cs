using System.Text.RegularExpressions;
using JollySet.Core.Cards;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using Xunit;
using Xunit.Abstractions;

namespace JollySet.Core.Tests.Cards.Hands;

/// <summary>Every usual way of saying a thing, alone and with any others: what the card says is in the class.</summary>
public sealed partial class HandTests(ITestOutputHelper output)
{
    public static IEnumerable<object[]> Ways => HandWays.All.SelectMany(w => w.Value.Select(way => new object[] { w.Key, way }));

    [Theory]
    [MemberData(nameof(Ways))]
    public void Each_way_is_read(string what, string way)
    {
        var written = HandClass.Whole(Hand.Plain(what, way));
        if (Missing(written).Count > 0)
            Assert.Fail(Told(written));
    }

    /// <summary>Not every two ways go together, and some say two things at once: nearly all that is said is understood.</summary>
    [Fact]
    public void Any_ways_go_together()
    {
        var (said, lost, whole) = (0, 0, 0);
        foreach (var written in Enumerable.Range(0, 400).Select(HandClass.Any))
        {
            var missing = Missing(written);
            (said, lost, whole) = (said + Facts(written.Sheet).Count, lost + missing.Count, whole + (missing.Count == 0 ? 1 : 0));
            if (missing.Count > 0 && lost < 150)
                output.WriteLine(Told(written));
        }

        output.WriteLine($"{said - lost} of {said} facts, {whole} cards whole");
        Assert.True(lost * 100 <= said, $"{lost} of {said} lost");
    }

    private static string Told(HandClass written) => $"{written.Card}\n>>>\n{SheetWriter.Write(CardReader.Read(written.Card)!.Plan)}\nmissing:\n{string.Join('\n', Missing(written))}";

    private static List<string> Missing(HandClass written)
    {
        var wanted = SheetReader.Read(written.Sheet);
        Assert.True(wanted.IsGood, written.Sheet + string.Join('\n', wanted.Errors));
        var read = Facts(CardReader.Read(written.Card)!.Plan);
        return Facts(wanted.Plan!).FindAll(f => !read.Remove(f));
    }

    private static List<string> Facts(string sheet) => Facts(SheetReader.Read(sheet).Plan!);

    /// <summary>What a class says, a fact each; a block is told by its first move, so its name does not matter.</summary>
    private static List<string> Facts(ClassPlan plan)
    {
        var (facts, block, settings) = (new List<string>(), "", new List<string>());
        foreach (var line in SheetWriter.Write(plan).Split('\n').Where(l => l.Length > 0 && !l.StartsWith('#')))
            if (HeadOfBlock().Match(line) is { Success: true } head)
                (block, settings) = ("", [.. head.Groups["said"].Value.Split(", ")]);
            else if (HeadLine().Match(line) is { Success: true } of)
                facts.AddRange(of.Groups["v"].Value.Split(", ").Select(v => $"{of.Groups["k"].Value}: {v}"));
            else if (!line.StartsWith("note:", StringComparison.Ordinal) && Station().Match(line) is var station)
            {
                var name = Plainly(station.Groups["name"].Value);
                if (block.Length == 0)
                    facts.AddRange(settings.Select(s => $"{name}: {s}"));
                block = block.Length == 0 ? name : block;
                facts.Add($"{block} > {name}");
                facts.AddRange(new[] { "amount", "load", "side", "way" }.Where(g => station.Groups[g].Success).Select(g => $"{name} {g}: {Plainly(station.Groups[g].Value)}"));
            }

        return facts;
    }

    private static string Plainly(string words) => Signs().Replace(words.ToLowerInvariant(), " ").Trim();

    [GeneratedRegex(@"^== .*\((?<said>[^()]*)\)$")]
    private static partial Regex HeadOfBlock();

    [GeneratedRegex("^(?<k>minutes|people|needs|kit): (?<v>.*)$")]
    private static partial Regex HeadLine();

    [GeneratedRegex(@"^(?<name>""[^""]*""|.*?)(?: (?<amount>x\d\S*|\d+s))?(?: (?<load>\[.*?\]))?(?: @\S+)?(?:, (?<side>each side|left|right|alternating|switch halfway))?(?: \| (?<way>(?:easier|or): [^|]*))?(?: \| .*)?$")]
    private static partial Regex Station();

    [GeneratedRegex("[^a-z0-9]+")]
    private static partial Regex Signs();
}
