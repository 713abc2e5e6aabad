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
        var mends = 0;
        foreach (var finding in findings)
        {
            if (Review.MendedOnce(plan, Studio.Shipped, finding) is not { } mended)
                continue;
            mends++;
            var after = Review.Of(TimelineBuilder.Build(mended));
            Assert.DoesNotContain(after, f => f.Severity > finding.Severity && !findings.Any(was => was.Code == f.Code && was.Block == f.Block));
            Assert.DoesNotContain(after, f => (f.Code, f.Block, f.Subject, f.Mark) == (finding.Code, finding.Block, finding.Subject, finding.Mark));
        }

        // A class that finds much is mended in part, or the law above was held for nothing.
        Assert.True(mends >= findings.Count(f => f.Severity > Severity.Note && f.Fix is not null) / 2, $"{mends} of {findings.Length}");
        Assert.True(mends > 0 || findings.All(f => f.Fix is null));
    }

    [Fact]
    public void A_fix_that_brings_worse_is_refused_with_the_sentence()
    {
        var plan = Sheet.Read("# T\nminutes: 2\n== A (circuit, work 40, rest 5)\nsquat\npush-up\n");
        var tight = Review.Of(TimelineBuilder.Build(plan)).Single(f => f.Code == "change-tight");
        var worse = new Mend(tight, new Core.Edits.SetBlockSetting(plan.Blocks[0].Id, "rest", "300"), Studio.Shipped).Apply(plan);
        Assert.Null(worse.Plan);
        Assert.Contains("something worse", worse.Errors[0].Message, StringComparison.Ordinal);
        Assert.Contains("your own hand", new Mend(tight, null, Studio.Shipped).Apply(plan).Errors[0].Message, StringComparison.Ordinal);
        Assert.NotNull(new Mend(tight, tight.Fix!, Studio.Shipped).Apply(plan).Plan);
    }

    [Fact]
    public void A_missing_warm_up_and_cool_down_are_built_by_their_fix()
    {
        var plan = Sheet.Read("# T\nminutes: 30\n== A (circuit, 3 rounds, work 40, rest 20, between 60, after 30)\nsquat\npush-up\nglute bridge\nplank\n");
        foreach (var code in new[] { "warm-up-missing", "cool-down-missing" })
            plan = Review.Mended(plan, Studio.Shipped, code).Plan;
        Assert.Equal(["Warm-up", "A", "Cool-down"], plan.Blocks.Select(b => b.Name));
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(plan)), f => f.Code.StartsWith("warm-up", StringComparison.Ordinal) || f.Code.StartsWith("cool-down", StringComparison.Ordinal));
    }
}
