using JollySet.Core.Checks;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Checks;

/// <summary>A finding mended by another move is gone afterwards, and nothing worse has come.</summary>
public class SwapMendTests
{
    [Theory]
    [InlineData("streak", "# T\nkit: mats, dumbbells\n== A (circuit, 2 rounds, work 70, rest 5, between 60)\nsquat\nbiceps curl\nhammer curl\nrotating curl\n")]
    [InlineData("to-be-chosen", "# T\nkit: mats, dumbbells\n== A (circuit, 2 rounds, work 40, rest 20, between 60)\nany: push\nsquat\nany: pull\n")]
    public void It_is_gone_and_nothing_worse_has_come(string code, string text)
    {
        var timeline = TimelineBuilder.Build(Core.Plans.Ids.Given(Sheet.Read(text)));
        var before = Review.Of(timeline);
        var finding = before.First(f => f.Code == code && f.Severity > Severity.Note);
        var fix = finding.FixOrSearch();
        Assert.NotNull(fix);
        var after = Review.Of(TimelineBuilder.Build(fix.Apply(timeline.Plan).Plan!));
        Assert.True(after.Count(f => f.Code == code && f.Severity > Severity.Note) < before.Count(f => f.Code == code && f.Severity > Severity.Note), string.Join("\n", after.Select(f => f.Message)));
        Assert.DoesNotContain(after, f => f.Severity > Severity.Note && !before.Any(b => b.Code == f.Code));
    }
}
