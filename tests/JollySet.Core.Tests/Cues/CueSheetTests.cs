using CsCheck;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Cues;

public sealed class CueSheetTests
{
    private static Timeline Ferry(string extra = "") => Sheet.Time($$"""
        # Ferry
        audience: regular
        kit: mat, heavy dumbbells
        needs: knees
        == Hello (talk 60s)
        == Warm-up (prepare, work 30, rest 10, after 20)
        march on the spot
        == Deck (circuit, 3 rounds, work 40, rest 20, between 60 water, after 45)
        goblet squat [heavy] | easier: squat | for knees: glute bridge
        reverse lunge, switch halfway
        side plank, each side
        plank hold 40s{{extra}}
        == Moor (release, rest 10)
        quad stretch 30s, each side
        """);

    private static CueSheet Of(Timeline timeline) => CueSheet.Of(timeline, Voice.Usual);

    [Fact]
    public void The_option_is_said_before_the_work_and_before_its_three_two_one()
    {
        var timeline = Ferry();
        var said = Of(timeline).Said;
        var squat = timeline.Segments.First(s => s.Kind == SegmentKind.Work && timeline.Sets[s.Set].Facts.Name == "goblet squat");
        var option = said.First(c => c.Kind == CueKind.Option);
        Assert.Equal("Easier: squat. Knees: glute bridge.", option.Text);
        Assert.True(option.Ends <= squat.Start - Length.Seconds(3));
        Assert.True(said.First(c => c.Kind == CueKind.Hold).At < option.At);
    }

    [Fact]
    public void Each_side_is_named_and_the_change_inside_the_work_too()
    {
        var timeline = Ferry();
        var said = Of(timeline).Said;
        var changes = timeline.Segments.Where((s, i) => i > 0 && s.Kind == SegmentKind.Work && s.Side is Side.Left or Side.Right && timeline.Segments[..i].LastOrDefault(b => b.Kind == SegmentKind.Work)?.Side is { } before && before != s.Side).ToList();
        Assert.NotEmpty(changes);
        foreach (var change in changes)
            Assert.Contains(said, c => c.Kind == CueKind.Side && c.At < change.Start && c.At > change.Start - Length.Seconds(60) && c.Text.Contains(change.Side.ToString()!, StringComparison.OrdinalIgnoreCase));
    }

    [Fact]
    public void Ten_seconds_are_told_when_ten_seconds_are_left_and_never_in_ten_or_in_a_rest()
    {
        var timeline = Sheet.Time("# X\n== A (circuit, 2 rounds, work 10, rest 10)\nsquat\npush-up\n== B (circuit, work 30, rest 10)\nsquat\npush-up\n");
        var tens = Of(timeline).Said.Where(c => c.Kind == CueKind.Ten).ToList();
        Assert.Equal(2, tens.Count);
        Assert.All(tens, t => Assert.Contains(timeline.Segments, s => s.Kind == SegmentKind.Work && s.End - Length.Seconds(10) == t.At && s.Length >= Length.Seconds(20)));
    }

    [Fact]
    public void What_comes_next_is_said_over_the_end_of_the_work_where_no_gap_is_left_for_it()
    {
        var timeline = Sheet.Time("# X\n== A (circuit, work 60, rest 0)\nsquat\npush-up\ndead bug\n");
        var next = Of(timeline).Said.Where(c => c.Kind == CueKind.Next && c.At > Length.Zero).ToList();
        Assert.Equal(["Next: push-up.", "Next: dead bug."], next.Select(n => n.Text));
        Assert.All(next, n => Assert.Contains(timeline.Segments, s => s.Kind == SegmentKind.Work && n.At > s.Start + (s.Length / 2) && n.Ends <= s.End - Length.Seconds(3)));
    }

    [Fact]
    public void Where_a_class_begins_with_work_its_first_move_is_said_before_the_clock_starts()
    {
        var sheet = Of(Sheet.Time("# X\n== A (circuit, work 60, rest 20)\ngoblet squat | easier: squat\npush-up\n"));
        Assert.Equal(["Next: goblet squat.", "Easier: squat."], sheet.Said.Where(c => c.Outside && c.Kind is CueKind.Next or CueKind.Option && c.Outside).Select(c => c.Text));
        Assert.DoesNotContain(sheet.Left, c => c.Kind == CueKind.Next);
    }

    [Fact]
    public void The_word_on_stopping_is_kept_where_there_is_hardly_time_to_open()
    {
        var timeline = Sheet.Time("# X\n== Hello (talk 6s)\n== A (circuit, 3 rounds, work 40, rest 20)\ngoblet squat\npush-up\nplank\n");
        var sheet = Of(timeline);
        Assert.Contains(sheet.Said, c => c.Text.StartsWith("Sharp pain", StringComparison.Ordinal));
        Assert.Contains(sheet.Left, c => c.Kind == CueKind.Opening);
    }

    [Fact]
    public void The_instructors_own_words_are_said_and_what_is_silenced_is_not()
    {
        var voice = Voice.Usual.With("next", "Then we do {move}!").With("half", "");
        var said = CueSheet.Of(Ferry(), voice).Said;
        Assert.Contains(said, c => c.Text == "Then we do side plank!");
        Assert.DoesNotContain(said, c => c.Kind == CueKind.Half);
    }

    [Theory]
    [InlineData("next", "Now {muve}", "{muve} means nothing here")]
    [InlineData("go", "{}", "means nothing here")]
    [InlineData("ten", "a\nb", "one line is said")]
    [InlineData("shout", "x", "there is no phrase")]
    public void A_pattern_that_cannot_be_said_is_refused_with_its_reason(string name, string pattern, string reason)
    {
        Assert.Contains(reason, Voice.Wrong(name, pattern), StringComparison.Ordinal);
        Assert.Throws<ArgumentException>(() => Voice.Usual.With(name, pattern));
        Assert.Empty(Voice.Of([KeyValuePair.Create(name, pattern)]).Own);
    }

    /// <summary>Whatever the class: nothing is said at once with anything else, inside work only what belongs there, options never late; what was left would have clashed with what matters as much, or found no time in its gap.</summary>
    [Fact]
    public void No_two_cues_clash_and_what_is_left_had_no_time() => PlanGen.Plans.Sample(plan =>
    {
        if (Extent.TooWide(plan) is not null || Extent.Broken(plan) is not null)
            return;
        var timeline = TimelineBuilder.Build(plan);
        if (timeline.Sets.Length > 400)
            return;
        var sheet = Of(timeline);
        var inside = sheet.Said.Where(c => !c.Outside).ToList();
        for (var i = 1; i < inside.Count; i++)
            Assert.True(inside[i].At >= inside[i - 1].Ends, $"“{inside[i - 1].Text}” and “{inside[i].Text}” at {inside[i].At}");
        Assert.All(inside, c => Assert.True(c.At >= Length.Zero && c.Ends <= timeline.Length, c.Text));
        Assert.All(inside.Where(c => c.Kind is CueKind.Option or CueKind.Hold or CueKind.Water), c => Assert.DoesNotContain(timeline.Segments, s => s.Kind == SegmentKind.Work && c.At < s.End && c.Ends > s.Start));
        Assert.All(sheet.Left.Where(c => c.Kind is CueKind.Half or CueKind.Ten or CueKind.Three or CueKind.Breathe), c => Assert.Contains(inside, o => o.At < c.Ends && o.Ends > c.At));
        var again = WorkWords(sheet);
        Assert.Equal(again, WorkWords(Of(timeline)));
    });

    private static string WorkWords(CueSheet sheet) => WordsExport.Text(sheet);
}
