using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Effort;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>Hangs a class on ropes: one a turn, one scale for the class, the longest filling the width.</summary>
public static class BuntingLayout
{
    /// <summary>A flag is never drawn narrower than this.</summary>
    public const double NarrowestFlag = 6;

    /// <inheritdoc cref="Of(Timeline, double, Dictionary{int, double})"/>
    public static ImmutableArray<Rope> Of(Timeline timeline, double width) => Of(timeline, width, EffortModel.AtSetEnds(timeline, Person.Regular));

    /// <summary>The ropes of a class, for a drawing whose ropes may be <paramref name="width"/> pixels long.</summary>
    /// <param name="efforts">At the end of each set, by its index.</param>
    public static ImmutableArray<Rope> Of(Timeline timeline, double width, Dictionary<int, double> efforts)
    {
        var spans = RopeSpan.All(timeline);
        // The scale goes in steps of a twentieth, so that a few seconds more on one rope leave the others as they are.
        return Hung(timeline, spans, Scale.Filling(width, Stepped(Longest(spans))), efforts);
    }

    /// <summary>The ropes of two classes on one scale, the longest of either filling the width.</summary>
    public static (ImmutableArray<Rope> First, ImmutableArray<Rope> Second) OfBoth(Timeline first, Timeline second, double width)
    {
        var (one, other) = (RopeSpan.All(first), RopeSpan.All(second));
        var scale = Scale.Filling(width, Length.Max(Longest(one), Longest(other)));
        return (Hung(first, one, scale, EffortModel.AtSetEnds(first, Person.Regular)), Hung(second, other, scale, EffortModel.AtSetEnds(second, Person.Regular)));
    }

    private static Length Longest(List<RopeSpan> spans) => spans.Select(r => r.End - r.Start).DefaultIfEmpty(Length.Tick).Max();

    private static ImmutableArray<Rope> Hung(Timeline timeline, List<RopeSpan> spans, Scale scale, Dictionary<int, double> efforts)
    {
        var ropes = ImmutableArray.CreateBuilder<Rope>();
        foreach (var (span, times) in Folded(spans, timeline))
            ropes.Add(RopeOf(timeline, span, times, scale, efforts, ropes.Count > 0 ? ropes[^1] : null));
        var hung = ropes.Select(r => r.Block).ToHashSet();
        var empty = Enumerable.Range(0, timeline.Blocks.Length).Where(b => !hung.Contains(b)).Select(b => EmptyRope(timeline.Blocks[b], b));
        return [.. ropes.Concat(empty).OrderBy(r => r.Block)];
    }

    /// <summary>A block with nothing on it yet has a rope too, so that it is seen and can be opened.</summary>
    private static Rope EmptyRope(Block block, int index) => new(index, block.Name, "", 1, true, true, false, 0, 0, "nothing on it yet", [], [], [], false);

    private static Length Stepped(Length length) => length.UpTo(Math.Max(1, length.InWholeSeconds / 20));

    /// <summary>Equal rounds are one rope; straight sets of one station and the next never are.</summary>
    private static IEnumerable<(RopeSpan Span, int Times)> Folded(List<RopeSpan> spans, Timeline timeline)
    {
        for (var i = 0; i < spans.Count;)
        {
            var next = i + 1;
            var (block, pass) = (spans[i].Turn.Block, spans[i].Turn.Pass);
            var folds = timeline.Blocks[block].Format is not StraightFormat;
            while (folds && next < spans.Count && (spans[next].Turn.Block, spans[next].Turn.Pass) == (block, pass) && spans[next].IsLike(spans[i], timeline))
                next++;
            yield return (spans[i], next - i);
            i = next;
        }
    }

    private static Rope RopeOf(Timeline timeline, RopeSpan span, int times, Scale scale, Dictionary<int, double> efforts, Rope? before)
    {
        var block = timeline.Blocks[span.Turn.Block];
        double X(Length at) => scale.Of(at - span.Start);
        var flags = span.Segments.Where(s => s.Kind == SegmentKind.Work)
            .GroupBy(s => s.Set)
            .Select(set => FlagOf(timeline, set.Key, X(set.First().Start), Math.Max(NarrowestFlag, scale.Of(set.Last().End - set.First().Start)), scale, Math.Round(efforts.GetValueOrDefault(set.Key) * 4) / 4))
            .ToImmutableArray();
        var first = before?.Block != span.Turn.Block;
        var length = Math.Max(scale.Of(span.End - span.Start), flags.Select(f => f.X + f.Width).DefaultIfEmpty(0).Max());
        return new Rope(
            span.Turn.Block,
            block.Name,
            RopeWords.Label(block, span.Turn, times),
            times,
            first,
            first || !flags.Select(f => f.Name).SequenceEqual(before!.Flags.Select(f => f.Name)),
            block.Format is not StraightFormat && span.Turn.Number + times - 1 < block.RoundCount,
            WaterAfter(timeline, span, times),
            length,
            flags.IsEmpty ? $"{RopeWords.Of(block)}, {Say.Time(span.Segments.Sum(s => s.Length))}" : "",
            flags,
            [.. span.Lost.Where(g => !flags.IsEmpty).Select(g => new Break(flags.FirstOrDefault(f => f.Set == g.To)?.X ?? length + 12, (int)Math.Round(g.Lost.InSeconds, MidpointRounding.AwayFromZero)))],
            [.. span.Segments.Where(s => s.Gap >= 0 && !RopeSpan.EndsRound(timeline, s) && s.Water).Select(s => (X(s.Start), scale.Of(s.Length)))],
            flags.Any(f => f.Width <= NarrowestFlag))
        { Bare = BareOf(block, flags), Rounds = RoundsOf(block, span.Turn.Number + times - 1) };
    }

    private static int? RoundsOf(Block block, int last) =>
        SheetWriter.SettingsOf(block.Format).Contains("rounds") && !(block.Settings.Rounds?.IsRange ?? false) && (block.Format is StraightFormat || last >= block.RoundCount) && block.Stations.Length > 0 ? block.RoundCount : null;

    /// <summary>Between stations that have no rest of their own, where their block says one in seconds.</summary>
    private static ImmutableArray<BareRope> BareOf(Block block, ImmutableArray<Flag> flags)
    {
        var (setting, gap) = block.IsLinked ? ("pause", block.Settings.Pause) : ("rest", block.Settings.Rest is [var only] ? only : null);
        if (!SheetWriter.SettingsOf(block.Format).Contains(setting) || !int.TryParse(SheetWriter.WriteGap(gap), NumberStyles.None, CultureInfo.InvariantCulture, out var seconds))
            return [];
        return
        [
            .. flags.Zip(flags.Skip(1))
                .Where(p => p.First.Station != p.Second.Station && block.Stations.ElementAtOrDefault(p.First.Station - 1) is { Rest: null })
                .Select(p => new BareRope(p.First.X + p.First.Width, p.Second.X - p.First.X - p.First.Width, setting, seconds))
                .Where(b => b.Width > NarrowestFlag),
        ];
    }

    private static Flag FlagOf(Timeline timeline, int index, double x, double width, Scale scale, double effort)
    {
        var set = timeline.Sets[index];
        var learns = set.LearnedInside ? Math.Min(width, scale.Of(timeline.Rules.ChangeLearnInside)) : 0;
        return new Flag(index, set.Station, FlagWords.Name(timeline, set), set.Facts.Family, Hems.Of(set), x, width, set.Reps, set.CountText, learns, effort, set.Facts.Level, FlagWords.Tells(timeline, set, effort)) { Seconds = set.Length.InWholeSeconds };
    }

    /// <summary>Seconds of the water break after the last of these rounds, whether or not another round follows.</summary>
    private static int WaterAfter(Timeline timeline, RopeSpan span, int times)
    {
        var last = span.Turn.Number + (timeline.Blocks[span.Turn.Block].Format is StraightFormat ? 0 : times - 1);
        return timeline.Segments
            .Where(s => s.Gap >= 0 && RopeSpan.EndsRound(timeline, s) && s.Water && s.Kind is SegmentKind.After or SegmentKind.Between or SegmentKind.Rest
                && Turn.Of(timeline, timeline.Sets[timeline.Gaps[s.Gap].From]) == span.Turn with { Number = last })
            .Sum(s => s.Length).InWholeSeconds;
    }
}
