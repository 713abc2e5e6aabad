using System.Globalization;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>One station of the run sheet.</summary>
/// <param name="Set">Its first set.</param>
/// <param name="Under">Its options, who shows it, its notes.</param>
public sealed record RunSheetLine(WorkSet Set, string At, string Move, string Amount, string Load, string Side, string Rest, string Foreseen, string Under)
{
    /// <summary>A station of a block, both by their place; the station from 1.</summary>
    internal static RunSheetLine Of(Timeline timeline, FirstSets starts, int index, int number, TimeOnly begins)
    {
        var block = timeline.Blocks[index];
        var station = block.Stations[number - 1];
        var at = starts.Of(index, number);
        var (set, segment) = (timeline.Sets[at], timeline.Segments[starts.SegmentOf(at)]);
        var options = station.Options.Select(o => $"{(o.Kind == OptionKind.ForNeed ? "for " + o.Need : o.Kind.ToString().ToLowerInvariant())}: {Words.Of(o.Way)}");
        return new RunSheetLine(
            set,
            Clock(begins, segment.Start),
            Say.Capital(Facts.NameOf(station.Doing)),
            AmountOf(station, set, block),
            station.Load is { } load ? string.Join("/", load.Rounds.Select(Words.Of)) + (load.Then is { } then ? " then " + Words.Of(then) : "") : "",
            station.Sides is { } sides ? string.Join(", ", new[] { string.Join("/", sides.Ways.Select(Words.Of)), sides.RightFirst ? "right first" : "", sides.ReverseHalfway ? "reverse halfway" : "" }.Where(t => t.Length > 0)) : "",
            station.Rest is { } rest ? "rest " + RunSheetHead.GapText(rest) : "",
            block.Format is AmrapFormat ? "" : string.Join(", ", Timing.Foreseen.Of(timeline, set)),
            string.Join(" · ", options.Concat(station.Shows is { } shows ? [$"shows: {shows}"] : Array.Empty<string>()).Concat(station.Notes)));
    }

    /// <summary>The time on the wall, to the second.</summary>
    internal static string Clock(TimeOnly begins, Length at) =>
        begins.Add(TimeSpan.FromSeconds((double)Math.Round(at.InSeconds, MidpointRounding.AwayFromZero))).ToString("HH:mm:ss", CultureInfo.InvariantCulture);

    private static string AmountOf(Station station, WorkSet set, Block block)
    {
        var amount = station.Amount switch
        {
            Reps reps => "×" + string.Join("/", reps.Counts.Select(c => c is { } n ? SpanText(n) : "?")),
            Timed timed => (timed.Hold ? "hold " : "") + string.Join("/", timed.Lengths.Select(s => s is { IsRange: true } n ? $"{n.Low.InWholeSeconds}–{n.High.InWholeSeconds} s" : s is { } m ? Say.Time(m.Low) : "?")),
            _ when block.Rungs is null && set.Reps is { } n => $"×{n}",
            _ => "",
        };
        var pulses = station.Pulses is { Count: { } count } ? $"+{count} pulses" : station.Pulses is not null ? "pulses" : "";
        var start = station.StartRungs.IsEmpty ? "" : $"from rung {string.Join("/", station.StartRungs)}";
        var tempo = station.Tempo is { } t ? Sheets.SheetWriter.WriteTempo(t) : "";
        return string.Join(" ", new[] { amount, pulses, start, tempo }.Where(w => w.Length > 0));
    }

    private static string SpanText(Span span) => span.IsRange ? $"{span.Low}–{span.High}" : $"{span.Low}";
}
