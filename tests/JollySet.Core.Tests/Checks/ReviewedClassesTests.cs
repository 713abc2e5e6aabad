using Xunit.Abstractions;

namespace JollySet.Core.Tests.Checks;

/// <summary>The review against coaches' own findings on forty classes; docs/checks.md has the figures.</summary>
public sealed class ReviewedClassesTests(ITestOutputHelper output)
{
    private static readonly IReadOnlyList<ReviewedClass> Classes = [.. ReviewedClass.All];

    [Fact]
    public void Each_class_has_three_to_eight_findings_that_matter()
    {
        Assert.Equal(40, Classes.Count);
        Assert.All(Classes, c => Assert.InRange(c.Matters.Count, 3, 8));
    }

    [Fact]
    public void What_matters_is_said()
    {
        foreach (var c in Classes.Where(c => c.Missed.Any()))
            output.WriteLine($"{c.Name} misses {string.Join(", ", c.Missed)}");
        var (said, all) = (Classes.Sum(c => c.Matters.Count - c.Missed.Count()), Classes.Sum(c => c.Matters.Count));
        output.WriteLine($"{said} of {all}: {(double)said / all:P1}");
        Assert.True(said >= 0.9 * all, $"{said} of {all}");
    }

    [Fact]
    public void What_is_said_aloud_is_what_a_coach_would_say()
    {
        foreach (var c in Classes)
            foreach (var f in c.Noise)
                output.WriteLine($"{c.Name}: {f.Severity} {f.Code} {f.Block}: {f.Message}");
        var (fair, all) = (Classes.Sum(c => c.Loud.Count() - c.Noise.Count()), Classes.Sum(c => c.Loud.Count()));
        output.WriteLine($"{fair} of {all}: {(double)fair / all:P1}; notes {Classes.Sum(c => c.Findings.Count) - all}");
        Assert.True(fair >= 0.8 * all, $"{fair} of {all}");
    }
}
