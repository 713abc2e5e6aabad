using System.Text.RegularExpressions;
using JollySet.Core.Checks;

namespace JollySet.Core.Tests.Checks;

/// <summary>Each finding that docs/checks.md names is shown by at least one demo class.</summary>
public class ShownByDemoTests
{
    [Fact]
    public void Every_code_is_shown_by_a_demo_class()
    {
        var found = Directory.GetFiles(Path.GetDirectoryName(Repository.Find("src", "JollySet.Data", "Demo", "01-slack-water.sheet"))!, "*.sheet").SelectMany(f => Review.Of(Sheet.Time(File.ReadAllText(f)))).Select(f => f.Code).ToHashSet();
        Assert.Empty(Documented().Except(found));
        Assert.Empty(found.Except(Documented()));
    }

    /// <summary>The codes of the table's first column; <c>-short</c> goes on from the code before it.</summary>
    private static IEnumerable<string> Documented()
    {
        foreach (var row in File.ReadLines(Repository.Find("docs", "checks.md")).Where(l => l.StartsWith("| ", StringComparison.Ordinal) && !l.StartsWith("| code", StringComparison.Ordinal)))
        {
            var stem = "";
            foreach (Match code in Regex.Matches(Regex.Replace(row.Split('|')[1], @"\(.*\)", ""), @"-?[a-z]+(-[a-z]+)*"))
            {
                var name = code.Value.StartsWith('-') ? stem + code.Value : code.Value;
                stem = code.Value.StartsWith('-') || !code.Value.Contains('-') ? stem : code.Value[..code.Value.LastIndexOf('-')];
                yield return name;
            }
        }
    }
}
