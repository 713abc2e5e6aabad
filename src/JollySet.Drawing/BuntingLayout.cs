using System.Collections.Immutable;
using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>Hangs a class on ropes: one a round, one scale for the class, the longest round filling the width.</summary>
public static class BuntingLayout
{
    /// <summary>A flag is never drawn narrower than this.</summary>
    public const double NarrowestFlag = 6;

    /// <summary>The ropes of a class, for a drawing whose ropes may be <paramref name="width"/> pixels long.</summary>
    public static ImmutableArray<Rope> Of(Timeline timeline, double width)
    {
        var rounds = Rounds(timeline);
        var longest = rounds.Select(r => r.EndTenths - r.StartTenths).DefaultIfEmpty(1).Max();
        var scale = width / Math.Max(1, longest);
        return [.. Folded(rounds, timeline).Select(r => RopeOf(timeline, r.Round, r.Times, scale))];
    }

    /// <summary>Everything a flag stands for, in one sentence.</summary>
    public static string Tells(Timeline timeline, WorkSet set)
    {
        var parts = new List<string> { $"{set.Station}. {Say.Capital(set.Facts.Name)}" };
        if (set.Line.Load is { } load)
            parts.Add(Core.Plans.Words.Of(load.Rounds.At(set.Round)));
        parts.Add(Hems.Words(Hems.Of(set)));
        parts.Add(set.Reps is { } reps ? $"{reps} reps, {TimelineRow.Seconds(set.Tenths)} s" : Say.Time(set.Tenths / 10m));
        if (set.Line.Tempo is { } tempo)
            parts.Add("tempo " + SheetWriter.WriteTempo(tempo));
        parts.Add(set.Facts.Level switch { Core.Moves.Level.Up => "up", Core.Moves.Level.Middle => "middle", Core.Moves.Level.Down => "down", _ => "level not known" });
        parts.AddRange(set.Line.Options.Select(o => $"{OptionWord(o)}: {Core.Plans.Words.Of(o.Way)}"));
        return string.Join("; ", parts);
    }

    private static string OptionWord(StationOption option) =>
        option.Kind == OptionKind.ForNeed ? $"for {option.Need}" : option.Kind.ToString().ToLowerInvariant();

    private static List<RoundSpan> Rounds(Timeline timeline)
    {
        var rounds = new List<RoundSpan>();
        foreach (var segment in timeline.Segments)
        {
            if (segment.Kind == SegmentKind.After)
                continue;
            var round = Math.Max(1, segment.Round);
            if (rounds.Count == 0 || rounds[^1].Block != segment.Block || rounds[^1].Round != round)
                rounds.Add(new RoundSpan(segment.Block, round, segment.StartTenths, segment.EndTenths, []));
            rounds[^1] = rounds[^1] with { EndTenths = EndsRound(timeline, segment) ? rounds[^1].EndTenths : segment.EndTenths };
            rounds[^1].Segments.Add(segment);
        }

        return rounds;
    }

    /// <summary>A gap after a round is no part of its rope.</summary>
    private static bool EndsRound(Timeline timeline, Segment segment) =>
        segment.Gap >= 0 && segment.Gap < timeline.Gaps.Length && timeline.Gaps[segment.Gap].Place is GapPlace.AfterRound or GapPlace.AfterBlock;

    private static IEnumerable<(RoundSpan Round, int Times)> Folded(List<RoundSpan> rounds, Timeline timeline)
    {
        for (var i = 0; i < rounds.Count;)
        {
            var next = i + 1;
            var like = Likeness(rounds[i], timeline);
            while (next < rounds.Count && rounds[next].Block == rounds[i].Block && Likeness(rounds[next], timeline) == like)
                next++;
            yield return (rounds[i], next - i);
            i = next;
        }
    }

    private static string Likeness(RoundSpan round, Timeline timeline) => string.Join('|', round.Segments
        .Where(s => !EndsRound(timeline, s))
        .Select(s => $"{s.Kind}{s.Tenths}{s.Station}{s.Side}{s.Reps}{(s.Set >= 0 ? timeline.Sets[s.Set].Facts.Name + timeline.Sets[s.Set].Facts.Held : "")}"))
        + string.Join('|', LostIn(round, timeline).Where(l => Checks.IsReported(timeline, l)).Select(l => timeline.Sets[l.To].Station))
        + round.Segments.Any(s => EndsRound(timeline, s) && timeline.Gaps[s.Gap].Water);

    private static IEnumerable<GapRecord> LostIn(RoundSpan round, Timeline timeline) => timeline.Gaps.Where(g =>
        g.LostTenths > 0 && timeline.Sets[g.From].Block == round.Block && timeline.Sets[g.From].Round == round.Round && g.Place is GapPlace.Within or GapPlace.OtherSide);

    private static Rope RopeOf(Timeline timeline, RoundSpan round, int times, double scale)
    {
        var block = timeline.Blocks[round.Block];
        var rounds = block.IsWords ? 1 : block.RoundCount;
        double X(int tenths) => (tenths - round.StartTenths) * scale;
        var flags = round.Segments.Where(s => s.Kind == SegmentKind.Work)
            .GroupBy(s => s.Set)
            .Select(set => FlagOf(timeline, set.Key, X(set.First().StartTenths), Math.Max(NarrowestFlag, (set.Last().EndTenths - set.First().StartTenths) * scale)))
            .ToImmutableArray();
        var length = Math.Max((round.EndTenths - round.StartTenths) * scale, flags.Select(f => f.X + f.Width).DefaultIfEmpty(0).Max());
        return new Rope(
            round.Block,
            block.Name,
            LabelOf(round, times, rounds),
            block.Name,
            times,
            round.Round == 1,
            round.Round + times - 1 < rounds,
            WaterAfter(timeline, round, times),
            length,
            flags.IsEmpty ? $"{WordOf(block)}, {Say.Time(round.Segments.Sum(s => s.Tenths) / 10m)}" : "",
            flags,
            [.. LostIn(round, timeline).Where(_ => !flags.IsEmpty).Select(g => new Break(flags.First(f => f.Set == g.To).X, (g.LostTenths + 5) / 10))],
            [.. round.Segments.Where(s => s.Gap >= 0 && !EndsRound(timeline, s) && s.Gap < timeline.Gaps.Length && timeline.Gaps[s.Gap].Water).Select(s => (X(s.StartTenths), s.Tenths * scale))],
            flags.Any(f => f.Width <= NarrowestFlag));
    }

    private static Flag FlagOf(Timeline timeline, int index, double x, double width)
    {
        var set = timeline.Sets[index];
        return new Flag(index, set.Station, Say.Capital(set.Facts.Name), set.Facts.Family, Hems.Of(set), x, width, set.Reps, set.Facts.Level, Tells(timeline, set));
    }

    private static string LabelOf(RoundSpan round, int times, int rounds) =>
        rounds == 1 ? "" : times == 1 ? $"round {round.Round}" : $"rounds {round.Round}–{round.Round + times - 1}";

    private static string WordOf(Block block) => block.Format switch
    {
        ShowFormat => "showing",
        OwnFormat => "own time",
        _ => "talk",
    };

    /// <summary>Seconds of the water break after the last of these rounds, whether or not another round follows.</summary>
    private static int WaterAfter(Timeline timeline, RoundSpan round, int times) => timeline.Segments
        .Where(s => s.Block == round.Block && s.Round == round.Round + times - 1 && EndsRound(timeline, s) && timeline.Gaps[s.Gap].Water)
        .Sum(s => s.Tenths) / 10;

    private sealed record RoundSpan(int Block, int Round, int StartTenths, int EndTenths, List<Segment> Segments);
}

/// <summary>Whether a tight change is one that is reported, by the house rules.</summary>
internal static class Checks
{
    public static bool IsReported(Timeline timeline, GapRecord gap) =>
        gap.LostTenths > Math.Max(timeline.Rules["check.tight-seconds"] * 10, timeline.Sets[gap.To].Tenths * timeline.Rules["check.tight-share"]);
}
