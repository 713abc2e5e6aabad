using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Checks;
using JollySet.Core.Cues;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>One block of the run sheet.</summary>
/// <param name="At">When it begins, on the wall.</param>
/// <param name="Head">What its bracket says, in words.</param>
/// <param name="After">What comes between it and the next; empty for nothing.</param>
public sealed record RunSheetBlock(string At, string Name, string Head, string After, ImmutableArray<RunSheetLine> Lines, ImmutableArray<string> Notes);

/// <summary>A class as it is read from standing: on screen, on paper, as a file.</summary>
/// <param name="Begins">When it begins, as HH:mm.</param>
/// <param name="Ends">When it ends by the clock, and in likelihood.</param>
/// <param name="Lengths">Lengths by the clock and in likelihood.</param>
/// <param name="CarefulWith">The needs the brief names, those nobody can judge marked; empty for none.</param>
/// <param name="Asks">What only a clinician can judge, with its usual ways; empty for none.</param>
/// <param name="Room">What the place means for this class.</param>
/// <param name="Words">The cues that are not the clock's own, in order; empty unless asked for.</param>
/// <param name="Dismissed">Findings left as they are, with the reason.</param>
public sealed record RunSheet(
    ClassPlan Plan,
    string Begins,
    (string Clock, string Likely) Ends,
    (string Clock, string Likely) Lengths,
    string CarefulWith,
    string Asks,
    bool HasWarmUp,
    ImmutableArray<RunSheetBlock> Blocks,
    ImmutableArray<KitNeed> Kit,
    ImmutableArray<string> Room,
    ImmutableArray<(string At, string Text)> Words,
    ImmutableArray<string> Opening,
    ImmutableArray<string> Cautions,
    ImmutableArray<string> Closing,
    ImmutableArray<(string Message, string Reason)> Dismissed)
{
    /// <summary>Stands at the foot of each.</summary>
    public const string StopAtOnce = $"Stop at once for {ForParticipants.Signs}; if it does not pass quickly, call the local emergency number. Exit ______ First aid ______ Defibrillator ______ Who calls ______";

    /// <summary>Whether it has few enough lines for one page of A4 in letters that can be read from standing.</summary>
    public bool IsOnePage => Blocks.Sum(b => b.Lines.Length) <= LinesOfOnePage;

    /// <summary>Stands round the mat.</summary>
    public const string RoundTheMat = "Within reach, in order of use; weights not in use out of the way; two arm-lengths round a swing; nothing that rolls.";

    private const int LinesOfOnePage = 20;
    private static readonly CueKind[] ByTheClock = [CueKind.Go, CueKind.Half, CueKind.Ten, CueKind.Three];

    /// <summary>When it ends, what it was booked for: the line under its title.</summary>
    public string Times => $"{Begins} – {Ends.Clock} planned ({Lengths.Clock}), {Ends.Likely} with people ({Lengths.Likely}){(Plan.Brief.Minutes is { } m ? $", booked {m} min" : "")}";

    /// <summary>Of a class that begins at a time of the day.</summary>
    /// <param name="place">Where it is; null where nobody said what is known of it.</param>
    /// <param name="voice">In whose words its cues are written; null for a sheet without.</param>
    public static RunSheet Of(Timeline timeline, TimeOnly begins, Venue? place = null, Voice? voice = null)
    {
        var brief = timeline.Plan.Brief;
        var starts = new FirstSets(timeline);
        return new RunSheet(
            timeline.Plan,
            begins.ToString("HH:mm", CultureInfo.InvariantCulture),
            (RunSheetLine.Clock(begins, timeline.Length), RunSheetLine.Clock(begins, timeline.Likely)),
            (Say.Clock(timeline.Length), Say.Clock(timeline.Likely)),
            string.Join(", ", brief.Needs.Select(n => Needs.KindOf(n) == NeedKind.Unknown ? n + " (not judged)" : n)),
            string.Join(" ", AskFirst.Of(brief).Select(need => $"{Say.Capital(need)} – usual are {Needs.UsualWays(need)}; the person’s own clinician decides.")),
            timeline.Blocks.Any(b => b.Format is PrepareFormat),
            [.. timeline.Blocks.Select((block, i) => BlockOf(timeline, starts, block, i, begins))],
            KitNeeds.Of(timeline),
            place is null ? [] : [.. RoomWords.Of(place, timeline)],
            voice is null ? [] : [.. CueSheet.Of(timeline, voice).Said.Where(c => !c.Outside && !ByTheClock.Contains(c.Kind)).Select(c => (Say.Clock(c.At), c.Text))],
            [.. Cues.Opening.Of(timeline)],
            [.. Cues.Cautions.Of(timeline)],
            [.. Cues.Closing.Of(timeline)],
            brief.Dismissed.IsEmpty ? [] : [.. Review.Whole(timeline).Dismissed.Select(d => (d.Finding.Message, d.Reason))]);
    }

    private static RunSheetBlock BlockOf(Timeline timeline, FirstSets starts, Block block, int index, TimeOnly begins)
    {
        var first = timeline.Segments.FirstOrDefault(s => s.Block == index);
        var at = first is null ? "" : RunSheetLine.Clock(begins, first.Start);
        var lines = Enumerable.Range(1, block.IsWords ? 0 : block.Stations.Length).Select(n => RunSheetLine.Of(timeline, starts, index, n, begins)).ToImmutableArray();
        var after = block.Settings.After is { } gap && index < timeline.Blocks.Length - 1 ? $"{(gap.Water ? "water" : "then")} {RunSheetHead.GapText(gap)}" : "";
        return new RunSheetBlock(at, block.Name, RunSheetHead.Of(timeline, block, index), after, lines, timeline.Plan.Blocks[index].Notes);
    }
}
