using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Checks;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Print;

/// <summary>One station as it is read from standing.</summary>
public sealed record PrintLine(string At, string Cloth, string FlagPath, string Move, string Amount, string Load, string Side, string Rest, string Foreseen, string Under);

/// <summary>One block of the run sheet.</summary>
/// <param name="Head">What its bracket says, in words.</param>
public sealed record PrintBlock(string At, string Name, string Head, string After, ImmutableArray<PrintLine> Lines, ImmutableArray<string> Notes);

/// <summary>What one needs, with where it is used.</summary>
public sealed record KitLine(string Item, string Used);

/// <summary>The run sheet, and a tear-off with kit and lay-out.</summary>
public sealed class PrintModel(ClassBook shelf, ClassTimelines timelines, VenuesBook venues, VoiceBook voices) : PageModel
{
    private const int LinesOfOnePage = 20;
    private static readonly CueKind[] ByTheClock = [CueKind.Go, CueKind.Half, CueKind.Ten, CueKind.Three];

    /// <summary>The class.</summary>
    public Guid Id { get; private set; }

    /// <summary>The plan.</summary>
    public ClassPlan Plan { get; private set; } = null!;

    /// <summary>When it begins, as chosen.</summary>
    public string Start { get; private set; } = "18:00";

    /// <summary>When it ends by the clock, and in likelihood.</summary>
    public (string Clock, string Likely) Ends { get; private set; }

    /// <summary>Lengths by the clock and in likelihood.</summary>
    public (string Clock, string Likely) Lengths { get; private set; }

    /// <summary>The blocks.</summary>
    public ImmutableArray<PrintBlock> Blocks { get; private set; } = [];

    /// <summary>The kit.</summary>
    public ImmutableArray<KitLine> Kit { get; private set; } = [];

    /// <summary>Whether the cue sheet is printed.</summary>
    public bool WithWords { get; private set; }

    /// <summary>The cues that are not the clock's own, in order.</summary>
    public ImmutableArray<(string At, string Text)> Words { get; private set; } = [];

    /// <summary>What the place means for this class.</summary>
    public ImmutableArray<string> Room { get; private set; } = [];

    /// <summary>Whether it is set a little tighter, to stay on one page.</summary>
    public bool IsLong { get; private set; }

    /// <summary>Whether there is a warm-up.</summary>
    public bool HasWarmUp { get; private set; }

    /// <summary>What only a clinician can judge, with its usual ways; empty for none.</summary>
    public string Asks { get; private set; } = "";

    /// <summary>The opening words.</summary>
    public ImmutableArray<string> Opening { get; private set; } = [];

    /// <summary>The cautions this class gives reason for.</summary>
    public ImmutableArray<string> Cautions { get; private set; } = [];

    /// <summary>What to say after the last move.</summary>
    public ImmutableArray<string> Closing { get; private set; } = [];

    /// <summary>Findings left as they are, with the reason.</summary>
    public ImmutableArray<(string Message, string Reason)> Dismissed { get; private set; } = [];

    /// <summary>Shows it.</summary>
    /// <param name="words">Whether the cue sheet is printed with it.</param>
    public IActionResult OnGet(Guid id, string? start, bool words = false)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        if (TimeOnly.TryParse(start, CultureInfo.InvariantCulture, out var chosen))
            Start = chosen.ToString("HH:mm", CultureInfo.InvariantCulture);
        var begins = TimeOnly.Parse(Start, CultureInfo.InvariantCulture);
        var timeline = timelines.Of(kept);
        (Id, Plan) = (id, kept.Plan);
        Lengths = (Say.Clock(timeline.Length), Say.Clock(timeline.Likely));
        Ends = (At(begins, timeline.Length), At(begins, timeline.Likely));
        var starts = new FirstSets(timeline);
        Blocks = [.. timeline.Blocks.Select((block, i) => BlockOf(timeline, starts, block, i, begins))];
        IsLong = Blocks.Sum(b => b.Lines.Length) > LinesOfOnePage;
        HasWarmUp = timeline.Blocks.Any(b => b.Format is PrepareFormat);
        Kit = KitOf(timeline);
        WithWords = words;
        Words = words ? [.. CueSheet.Of(timeline, voices.Current()).Said.Where(c => !c.Outside && !ByTheClock.Contains(c.Kind)).Select(c => (Say.Clock(c.At), c.Text))] : [];
        Room = venues.Of(Plan.Brief) is { } room ? [.. Core.Cues.RoomWords.Of(room, timeline)] : [];
        Asks = string.Join(" ", AskFirst.Of(Plan.Brief).Select(need => $"{Say.Capital(need)} – usual are {Needs.UsualWays(need)}; the person’s own clinician decides."));
        Opening = [.. Core.Cues.Opening.Of(timeline)];
        Cautions = [.. Core.Cues.Cautions.Of(timeline)];
        Closing = [.. Core.Cues.Closing.Of(timeline)];
        Dismissed = [.. Review.Whole(timeline).Dismissed.Select(d => (d.Finding.Message, d.Reason))];
        return Page();
    }

    private static PrintBlock BlockOf(Timeline timeline, FirstSets starts, Block block, int index, TimeOnly start)
    {
        var first = timeline.Segments.FirstOrDefault(s => s.Block == index);
        var begins = first is null ? "" : At(start, first.Start);
        var lines = Enumerable.Range(1, block.IsWords ? 0 : block.Stations.Length).Select(n => LineOf(timeline, starts, block, index, n, start)).ToImmutableArray();
        var after = block.Settings.After is { } gap && index < timeline.Blocks.Length - 1 ? $"{(gap.Water ? "water" : "then")} {PrintHead.GapText(gap)}" : "";
        return new PrintBlock(begins, block.Name, PrintHead.Of(timeline, block, index), after, lines, timeline.Plan.Blocks[index].Notes);
    }

    private static PrintLine LineOf(Timeline timeline, FirstSets starts, Block block, int index, int number, TimeOnly start)
    {
        var station = block.Stations[number - 1];
        var at = starts.Of(index, number);
        var (set, segment) = (timeline.Sets[at], timeline.Segments[starts.SegmentOf(at)]);
        var options = station.Options.Select(o => $"{(o.Kind == OptionKind.ForNeed ? "for " + o.Need : o.Kind.ToString().ToLowerInvariant())}: {Core.Plans.Words.Of(o.Way)}");
        return new PrintLine(
            At(start, segment.Start),
            Weaves.NameOf(set.Facts.Family),
            FlagPath.Of(Hems.Of(set), 1, 1, 30, 20, 6),
            Say.Capital(Facts.NameOf(station.Doing)),
            AmountOf(station, set, block),
            station.Load is { } load ? string.Join("/", load.Rounds.Select(Core.Plans.Words.Of)) + (load.Then is { } then ? " then " + Core.Plans.Words.Of(then) : "") : "",
            station.Sides is { } sides ? string.Join(", ", new[] { string.Join("/", sides.Ways.Select(Core.Plans.Words.Of)), sides.RightFirst ? "right first" : "", sides.ReverseHalfway ? "reverse halfway" : "" }.Where(t => t.Length > 0)) : "",
            station.Rest is { } rest ? "rest " + PrintHead.GapText(rest) : "",
            block.Format is AmrapFormat ? "" : string.Join(", ", Foreseen.Of(timeline, set)),
            string.Join(" · ", options.Concat(station.Shows is { } shows ? [$"shows: {shows}"] : Array.Empty<string>()).Concat(station.Notes)));
    }

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
        var tempo = station.Tempo is { } t ? Core.Sheets.SheetWriter.WriteTempo(t) : "";
        return string.Join(" ", new[] { amount, pulses, start, tempo }.Where(w => w.Length > 0));
    }

    private static string SpanText(Span span) => span.IsRange ? $"{span.Low}–{span.High}" : $"{span.Low}";

    private static ImmutableArray<KitLine> KitOf(Timeline timeline) =>
        [.. KitNeeds.Of(timeline).Select(need => new KitLine(Say.Capital(need.What), string.Join(", ", need.For)))];

    private static string At(TimeOnly start, Length at) =>
        start.Add(TimeSpan.FromSeconds((double)Math.Round(at.InSeconds, MidpointRounding.AwayFromZero))).ToString("HH:mm:ss", CultureInfo.InvariantCulture);
}
