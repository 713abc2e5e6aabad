using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Checks;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Checks;

/// <summary>What a careful colleague catches beyond lengths and sides, each by hand.</summary>
public class ColleagueTests
{
    private static ImmutableArray<Finding> Look(string text) => Review.Of(Sheet.Time(text));

    private static Severity? Worst(string text, string code) => Look(text).Where(f => f.Code == code).Select(f => (Severity?)f.Severity).Max();

    [Theory]
    [InlineData(60, 15, null)]
    [InlineData(60, 14, null)]
    [InlineData(63, 14, null)]
    [InlineData(64, 14, "Note")]
    [InlineData(94, 14, "Note")]
    [InlineData(95, 14, "Warn")]
    public void A_muscle_that_goes_on_too_long_is_told(int work, int rest, string? severity) =>
        Assert.Equal(severity, Worst(Sheet.OneBlock($"circuit, work {work}, rest {rest}", "standing hamstring curl", "standing hamstring curl"), "streak")?.ToString());

    [Fact]
    public void A_break_ends_a_streak_and_a_short_gap_does_not()
    {
        Streak Of(int rest) => Streaks.Of(Sheet.Time(Sheet.OneBlock($"circuit, 4 rounds, work 40, rest {rest}", "wrist curl"))).Single(s => s.What == "forearms");
        Assert.Equal((400, 1600), (Of(15).Work.InTenths, Of(5).Work.InTenths));
    }

    [Fact]
    public void Hands_and_postures_are_watched_besides_muscles()
    {
        var things = Streaks.Of(Sheet.Time(Sheet.OneBlock("circuit, work 40", "bent-over row [heavy]", "push-up", "overhead press", "crunch", "plank"))).Select(s => s.What).ToList();
        Assert.All(new[] { "grip", "wrists", "overhead", "hinge", "neck" }, w => Assert.Contains(w, things));
        Assert.DoesNotContain("wrists", Streaks.Of(Sheet.Time(Sheet.OneBlock("circuit, work 40", "plank"))).Select(s => s.What));
    }

    [Fact]
    public void A_superset_of_one_muscle_means_it()
    {
        Assert.Equal(Severity.Warn, Worst(Sheet.OneBlock("superset any, 3 rounds, rest 5", "lateral raise 40s", "scaption raise 40s"), "streak"));
        Assert.Null(Worst(Sheet.OneBlock("superset same, 3 rounds, rest 5", "lateral raise 40s", "scaption raise 40s"), "streak"));
    }

    [Theory]
    [InlineData(4, null)]
    [InlineData(5, "Note")]
    [InlineData(6, "Note")]
    [InlineData(7, "Warn")]
    public void Ups_and_downs_are_counted_in_any_ten_minutes(int changes, string? severity) =>
        Assert.Equal(severity, Worst(Sheet.OneBlock("circuit, work 30, rest 20", [.. Enumerable.Range(0, changes + 1).Select(i => i % 2 == 0 ? "squat" : "push-up")]), "ups-downs")?.ToString());

    [Fact]
    public void Newcomers_have_an_easier_way_and_the_library_names_it()
    {
        const string text = "# T\naudience: newcomer\n== A (circuit, work 40, rest 20)\nsquat\nplank\npush-up | easier: knee push-up\n";
        var finding = Look(text).Single(f => f.Code == "no-easier-way");
        Assert.Equal((Severity.Warn, 2), (finding.Severity, finding.Stations.Length));
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(finding.Fix!.Apply(Sheet.Read(text)).Plan!)), f => f.Code == "no-easier-way");
        Assert.Null(Worst(text.Replace("newcomer", "strong", StringComparison.Ordinal), "no-easier-way"));
    }

    [Theory]
    [InlineData("audience: newcomer", 32, null)]
    [InlineData("audience: newcomer", 33, "Note")]
    [InlineData("audience: newcomer", 42, "Note")]
    [InlineData("audience: newcomer", 43, "Warn")]
    [InlineData("audience: regular", 41, null)]
    [InlineData("audience: first-timers", 1, "Warn")]
    [InlineData("needs: no jumping", 1, "Stop")]
    [InlineData("place: loft", 30, null)]
    [InlineData("place: loft", 90, "Warn")]
    public void Hard_landings_have_a_ceiling(string brief, int jumps, string? severity) =>
        Assert.Equal(severity, Worst($"# T\n{brief}\n== A (circuit, rest 30)\njump squat x{jumps} | easier: squat\nsquat x5 | easier: squat to chair\n", "jumps-ceiling")?.ToString());

    [Fact]
    public void Jumps_never_come_last()
    {
        Assert.Equal(Severity.Warn, Worst(Sheet.OneBlock("circuit, work 20, rest 20", "squat", "jump squat"), "jumps-last"));
        Assert.Null(Worst(Sheet.OneBlock("circuit, work 20, rest 20", "jump squat", "squat"), "jumps-last"));
    }

    [Theory]
    [InlineData(50, null)]
    [InlineData(52, null)]
    [InlineData(53, "Warn")]
    public void A_hundred_reps_are_plenty_for_a_newcomer(int reps, string? severity) =>
        Assert.Equal(severity, Worst($"# T\naudience: newcomer\n== A (circuit, 2 rounds, rest 30)\nsquat x{reps} | easier: squat to chair\n", "volume-newcomer")?.ToString());

    [Theory]
    [InlineData("squat", "", "Warn")]
    [InlineData("goblet squat [heavy]", "", "Stop")]
    [InlineData("jump squat", "", "Stop")]
    [InlineData("goblet squat [heavy]", "before: 10min any cardio", "Note")]
    public void A_missing_warm_up_matters_more_before_heavy_sets_and_jumps(string move, string brief, string severity) =>
        Assert.Equal(severity, Worst($"# T\nminutes: 20\n{brief}{(brief.Length > 0 ? "\n" : "")}== A (circuit, work 40)\n{move}\nsquat\n", "warm-up-missing").ToString());

    [Theory]
    [InlineData(20, 180, "squat", null)]
    [InlineData(20, 171, "squat", null)]
    [InlineData(20, 170, "squat", "Note")]
    [InlineData(40, 284, "squat", "Note")]
    [InlineData(20, 285, "jump squat", null)]
    [InlineData(40, 455, "jump squat", "Note")]
    [InlineData(40, 480, "jump squat", null)]
    public void A_warm_up_is_long_enough_for_what_follows(int minutes, int seconds, string move, string? severity) =>
        Assert.Equal(severity, Worst($"# T\nminutes: {minutes}\n== W (prepare)\nsquat {seconds}s\n== A (circuit, work 40)\n{move}\nsquat\n", "warm-up-short")?.ToString());

    [Theory]
    [InlineData("Warm-up", 300, "Cool-down", null)]
    [InlineData("warm up with Ana", 300, "stretch", null)]
    [InlineData("Warm-up", 60, "Cool-down", "warm-up-short")]
    [InlineData("Welcome", 300, "Cool-down", "warm-up-missing")]
    [InlineData("Warm-up", 300, "Chat", "cool-down-missing")]
    public void A_part_of_their_own_time_is_what_it_is_called(string first, int seconds, string last, string? code)
    {
        var sheet = $"# T\nminutes: 20\n== \"{first}\" (own {seconds}s)\n== A (circuit, 3 rounds, work 40)\nsquat\npush-up\n== \"{last}\" (own 240s)\n";
        foreach (var about in new[] { "warm-up-missing", "warm-up-short", "warm-up-pattern", "cool-down-missing", "cool-down-muscle" })
            Assert.Equal(about == code, Worst(sheet, about) is not null);
    }

    [Fact]
    public void A_warm_up_rehearses_the_patterns()
    {
        const string text = "# T\nminutes: 20\n== W (prepare)\nsquat 200s\n== A (circuit, work 40)\nsquat\ndeadlift\nbent-over row\n";
        Assert.Contains("does not rehearse hinge and pull", Look(text).Single(f => f.Code == "warm-up-pattern").Message, StringComparison.Ordinal);
        Assert.Null(Worst(text.Replace("squat 200s", "squat 100s\nhip hinge 100s\narm circle 100s\ncat and cow 100s", StringComparison.Ordinal), "warm-up-pattern"));
    }

    [Fact]
    public void A_cool_down_reaches_what_was_loaded()
    {
        const string main = "# T\nminutes: 20\n== A (circuit, work 100)\nsquat\n";
        Assert.Equal(Severity.Warn, Worst(main, "cool-down-missing"));
        Assert.Contains("quads", Look(main + "== C (release)\nchest opener 30s\n").Single(f => f.Code == "cool-down-muscle").Message, StringComparison.Ordinal);
        Assert.DoesNotContain("quads", string.Concat(Look(main + "== C (release)\nquad stretch 30s, each side\n").Where(f => f.Code == "cool-down-muscle").Select(f => f.Message)), StringComparison.Ordinal);
    }
}
