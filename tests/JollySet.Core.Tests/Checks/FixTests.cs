using JollySet.Core.Checks;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Checks;

/// <summary>Every fix that a demo class offers: it mends what it says and brings nothing worse.</summary>
public class FixTests
{
    public static TheoryData<string> Demos => [.. Directory.GetFiles(Path.GetDirectoryName(Repository.Find("src", "JollySet.Data", "Demo", "01-slack-water.sheet"))!, "*.sheet").Select(f => Path.GetFileName(f)!).Order(StringComparer.Ordinal)];

    [Theory]
    [MemberData(nameof(Demos))]
    public void A_fix_mends_its_finding_and_brings_nothing_of_higher_severity(string file)
    {
        var plan = Sheet.Read(File.ReadAllText(Repository.Find("src", "JollySet.Data", "Demo", file)));
        var findings = Review.Of(TimelineBuilder.Build(plan));
        foreach (var finding in findings)
        {
            if (Review.MendedOnce(plan, HouseRules.Shipped, finding) is not { } mended)
                continue;
            var after = Review.Of(TimelineBuilder.Build(mended));
            Assert.DoesNotContain(after, f => f.Severity > finding.Severity && !findings.Any(was => was.Code == f.Code && was.Block == f.Block));
            Assert.DoesNotContain(after, f => (f.Code, f.Block, f.Subject, f.Mark) == (finding.Code, finding.Block, finding.Subject, finding.Mark));
        }
    }
}
