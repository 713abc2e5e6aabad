using System.Collections.Immutable;
using System.Text.Json;
using System.Text.Json.Serialization;
using JollySet.Core.Export;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Session;

/// <summary>One segment as the screen across a hall shows it; the page's script gets all of them once.</summary>
/// <param name="Sound">work, rest, other or half: which sound begins it.</param>
/// <param name="Side">LEFT, RIGHT or empty: the participant's.</param>
/// <param name="You">What the instructor does when they face the class: left, right or empty.</param>
/// <param name="Flags">The round's sets, as indexes into the flags; <paramref name="Flag"/> is this one.</param>
/// <param name="MsPerRep">Of counted work; 0 for timed.</param>
/// <param name="Station">Which station of the class, alike in every round; 0 for none.</param>
/// <param name="Easier">Its easier way; empty where none is named.</param>
/// <param name="Taps">What a tap counts: rung, round, or empty for nothing.</param>
/// <param name="From">The rung a stack starts from.</param>
/// <param name="Block">Index of its block.</param>
/// <param name="NextHold">What the next needs in the hands, and whether it is down on the floor or up again.</param>
/// <param name="Likely">Reps a regular is likely to do in timed work; 0 where none are counted.</param>
/// <param name="Beat">Beats a minute its block says; 0 for none.</param>
public sealed record Step(
    int Tenths,
    string Kind,
    string Sound,
    string Title,
    string Amount,
    string Side,
    string You,
    string Cue,
    ImmutableArray<string> Options,
    string Cloth,
    string Hem,
    int Reps,
    int MsPerRep,
    string Place,
    bool Open,
    int Rope,
    int Flag,
    string NextTitle,
    string NextSide,
    string NextNote,
    int Station,
    string Easier,
    string Taps,
    int From,
    int Beat,
    int Block,
    string NextHold,
    int Likely)
{
    /// <summary>A station is named by its block times this, and its line.</summary>
    public const int MostStations = 1000;

    private static readonly JsonSerializerOptions Web = new(JsonSerializerDefaults.Web) { DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingDefault };

    /// <summary>Every segment of a timeline.</summary>
    public static ImmutableArray<Step> Of(Timeline timeline)
    {
        var ropes = Ropes(timeline);
        var next = NextWork(timeline);
        return [.. timeline.Segments.Select((_, i) => StepOf(timeline, i, next[i], ropes))];
    }

    /// <summary>The sets of each round, a rope each: what the line of small flags shows.</summary>
    public static ImmutableArray<ImmutableArray<(int Index, WorkSet Set)>> RopesOf(Timeline timeline) =>
        [.. timeline.Sets.Select((set, index) => (index, set)).GroupBy(s => Turn.Of(timeline, s.set)).Select(g => g.ToImmutableArray())];

    /// <summary>As JSON for the script.</summary>
    public static string Json(IEnumerable<Step> steps) => JsonSerializer.Serialize(steps, Web);

    /// <summary>For each segment the next work after it; null where none follows.</summary>
    private static Segment?[] NextWork(Timeline timeline)
    {
        var next = new Segment?[timeline.Segments.Length];
        for (var (i, coming) = (timeline.Segments.Length - 1, (Segment?)null); i >= 0; i--)
        {
            next[i] = coming;
            if (timeline.Segments[i].Kind == SegmentKind.Work)
                coming = timeline.Segments[i];
        }

        return next;
    }

    private static Dictionary<Turn, int> Ropes(Timeline timeline) =>
        timeline.Sets.Select(s => Turn.Of(timeline, s)).Distinct().Select((key, i) => (key, i)).ToDictionary(r => r.key, r => r.i);

    private static Step StepOf(Timeline timeline, int index, Segment? next, Dictionary<Turn, int> ropes)
    {
        var segment = timeline.Segments[index];
        var isWork = segment.Kind == SegmentKind.Work;
        var set = isWork ? timeline.Sets[segment.Set] : null;
        var shownAt = isWork ? segment.Set : next?.Set ?? -1;
        var shown = shownAt < 0 ? null : timeline.Sets[shownAt];
        var block = timeline.Blocks[segment.Block];
        var ropeSet = shown is null || (IsWords(segment) && !isWork) ? null : shown;
        return new Step(
            segment.Length.InTenths,
            segment.Kind.ToString().ToLowerInvariant(),
            Core.Export.Signals.At(timeline, index).ToString().ToLowerInvariant(),
            isWork ? StepWords.Title(block, set!) : CueSheets.Title(timeline, segment),
            set is null ? segment.Open ? "no length said: hold it, or go on when all are ready" : "" : StepWords.Amount(timeline, set, segment),
            SideText(segment.Side),
            YouText(timeline.Plan.Brief, segment.Side),
            set?.Facts.Move is { } move ? string.Join(", ", move.Cues.Take(2)) : string.Join(" ", isWork ? [] : NotesOf(timeline, segment)),
            set is null ? [] : StepWords.Options(block, set),
            set is null ? "" : Weaves.NameOf(set.Facts.Family),
            set is null ? "" : HemOf(segment).ToString().ToLowerInvariant(),
            segment.Reps ?? 0,
            set?.SecondsPerRep is { } perRep ? (int)(perRep * 1000) : 0,
            StepWords.Place(ropeSet, timeline, block),
            segment.Open,
            ropeSet is null ? -1 : ropes[Turn.Of(timeline, ropeSet)],
            ropeSet is null ? -1 : shownAt,
            next is null ? "" : StepWords.Title(timeline.Blocks[next.Block], timeline.Sets[next.Set]),
            next is null ? "" : SideText(next.Side),
            next is null ? "" : NoteOfNext(timeline, segment, next),
            set is null ? 0 : (set.Block * MostStations) + set.Station,
            set?.Line.Options.FirstOrDefault(o => o.Kind == OptionKind.Easier) is { } easier ? Core.Plans.Words.Of(easier.Way) : "",
            set is null ? "" : block.Format is AmrapFormat ? "round" : set.Line.Doing is Stacked ? "rung" : "",
            set is { Line.Doing: Stacked } ? Expected.StackOf(timeline, set)?.Start ?? 1 : 0,
            isWork ? block.Settings.Beat ?? 0 : 0,
            segment.Block,
            next is null ? "" : HoldOfNext(timeline, segment, next),
            set is { IsTimed: true } && Expected.RepsOf(set, timeline.Rules) is { } likely ? (likely.Low + likely.High) / 2 : 0);
    }

    private static bool IsWords(Segment segment) => segment.Kind == SegmentKind.Talk || (segment.Kind == SegmentKind.Demo && segment.Set < 0);

    private static Hem HemOf(Segment segment) => segment.Side switch
    {
        Core.Timing.Side.Left => Drawing.Hem.Left,
        Core.Timing.Side.Right => Drawing.Hem.Right,
        Core.Timing.Side.Both => Drawing.Hem.Both,
        Core.Timing.Side.Alternating => Drawing.Hem.Alternating,
        _ => Drawing.Hem.Unsaid,
    };

    private static string SideText(Side? side) => side switch
    {
        Core.Timing.Side.Left => "LEFT",
        Core.Timing.Side.Right => "RIGHT",
        Core.Timing.Side.Alternating => "ALTERNATING",
        _ => "",
    };

    /// <summary>One who faces the class, or a camera that mirrors, shows the other side.</summary>
    private static string YouText(Brief brief, Side? side) => brief.Facing is Facing.Away or null ? "" : side switch
    {
        Core.Timing.Side.Left => "you: right",
        Core.Timing.Side.Right => "you: left",
        _ => "",
    };

    private static ImmutableArray<string> NotesOf(Timeline timeline, Segment segment) => IsWords(segment) ? timeline.Blocks[segment.Block].Notes : [];

    private static string HoldOfNext(Timeline timeline, Segment segment, Segment next)
    {
        var (now, then) = (segment.Set >= 0 ? timeline.Sets[segment.Set] : LastBefore(timeline, segment), timeline.Sets[next.Set]);
        if (now is not null && now.Station == then.Station && now.Block == then.Block)
            return now.Round == then.Round && now.Side != then.Side ? "change hands and feet" : "";
        var hold = then.Facts.Held.Length > 0 && then.Facts.Held != now?.Facts.Held ? then.Facts.Held : "";
        var level = (now?.Facts.Level, then.Facts.Level) switch
        {
            (not Level.Down, Level.Down) => "down to the floor",
            (Level.Down, Level.Up) => "up on your feet, slowly",
            _ => "",
        };
        return string.Join(" – ", new[] { hold, level }.Where(t => t.Length > 0));
    }

    private static WorkSet? LastBefore(Timeline timeline, Segment gap)
    {
        var last = timeline.Gaps.Length > 0 && gap.Gap >= 0 ? timeline.Gaps[gap.Gap].From : -1;
        return last >= 0 ? timeline.Sets[last] : null;
    }

    /// <summary>The same, with the easier way, for a page without script and for the remote.</summary>
    private static string NoteOfNext(Timeline timeline, Segment segment, Segment next)
    {
        var (now, then) = (segment.Set >= 0 ? timeline.Sets[segment.Set] : null, timeline.Sets[next.Set]);
        var isNew = now is null || now.Station != then.Station || now.Block != then.Block;
        var option = isNew && then.Line.Options.FirstOrDefault(o => o.Kind == OptionKind.Easier) is { } easier ? $"easier: {Core.Plans.Words.Of(easier.Way)}" : "";
        return string.Join(" – ", new[] { HoldOfNext(timeline, segment, next), option }.Where(t => t.Length > 0));
    }
}
