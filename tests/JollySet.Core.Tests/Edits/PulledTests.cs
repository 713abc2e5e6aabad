using System.Globalization;
using System.Text.Json;
using JollySet.Core.Edits;
using JollySet.Core.Sheets;

namespace JollySet.Core.Tests.Edits;

/// <summary>What a pull says is what the class becomes: the core's half of tests/cases/pull.json.</summary>
public class PulledTests
{
    private static readonly JsonElement Cases = JsonDocument.Parse(File.ReadAllText(Repository.Find("tests", "cases", "pull.json"))).RootElement;

    private static JsonElement.ArrayEnumerator Of(string kind) => Cases.GetProperty(kind).EnumerateArray();

    private static string Written(string head, string line, Func<Core.Plans.ClassPlan, PlanEdit> edit)
    {
        var plan = Core.Plans.Ids.Given(Sheet.Read(Sheet.OneBlock(head, line, "push-up")));
        return SheetWriter.Write(edit(plan).Apply(plan).Plan!);
    }

    [Fact]
    public void An_amount_becomes_what_was_said_while_it_was_pulled()
    {
        foreach (var pull in Of("amounts"))
        {
            var (takes, whole) = (pull.GetProperty("takes").GetString()!, pull.GetProperty("whole").GetInt32());
            var becomes = takes[0] == 'x' ? $"squat x{whole}" : $"squat {whole}s";
            Assert.Contains(becomes + "\n", Written("circuit, 2 rounds, rest 20", $"squat {takes}", plan => new PullAmounts([plan.Blocks[0].Stations[0].Id], pull.GetProperty("steps").GetInt32())), StringComparison.Ordinal);
        }
    }

    [Fact]
    public void A_rest_and_rounds_become_what_was_said()
    {
        foreach (var (setting, kind) in new[] { ("rest", "rests"), ("rounds", "rounds") })
            foreach (var pull in Of(kind))
            {
                var said = pull.GetProperty("is").GetInt32().ToString(CultureInfo.InvariantCulture);
                var sheet = Written("circuit, 3 rounds, work 40, rest 55", "squat", plan => new SetBlockSetting(plan.Blocks[0].Id, setting, said));
                Assert.Matches(kind == "rests" ? $"rest {said}\\b|work 40\\)" : said == "1" ? "1 round|circuit, work" : $"{said} rounds", sheet);
            }
    }
}
