using System.Collections.Immutable;
using System.Text.Json;
using JollySet.Core.Checks;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Effort;
using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Rehearse;

/// <summary>The class played fast, with the words; it stops where something would go wrong.</summary>
public sealed class RehearseModel(ClassBook shelf, ClassTimelines timelines, VoiceBook voices) : PageModel
{
    private static readonly JsonSerializerOptions Web = new(JsonSerializerDefaults.Web);
    private Timeline timeline = null!;
    private CueSheet sheet = null!;

    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>Where it stops.</summary>
    public ImmutableArray<RehearsalStop> Stops { get; private set; } = [];

    /// <summary>The class on a line of time.</summary>
    public string Line { get; private set; } = "";

    /// <summary>Its length, in tenths of a second.</summary>
    public int Tenths { get; private set; }

    /// <summary>Shows it.</summary>
    public IActionResult OnGet(Guid id)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        timeline = timelines.Of(kept);
        sheet = CueSheet.Of(timeline, voices.Current());
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "words");
        Stops = RehearsalStops.Of(timeline, sheet);
        Line = timeline.Segments.IsEmpty ? "" : TimeLineSvg.Of(timeline, [.. Stops.Select(s => s.At)]);
        Tenths = timeline.Length.InTenths;
        return Page();
    }

    /// <summary>Everything the script needs, once.</summary>
    public string DataJson() => JsonSerializer.Serialize(
        new
        {
            steps = timeline.Segments.Select(s => new { at = s.Start.InTenths, until = s.End.InTenths, title = CueSheets.Title(timeline, s), place = PlaceOf(s) }),
            cues = sheet.Said.Where(c => !c.Outside).Select(c => new { at = c.At.InTenths, until = c.Ends.InTenths, text = c.Text }),
            stops = Stops.Select(s => new { at = s.At.InTenths, says = s.Says }),
        },
        Web);

    private string PlaceOf(Segment segment)
    {
        var block = timeline.Blocks[segment.Block];
        return segment.Round > 0 && block.RoundCount > 1 ? $"{block.Name}, round {segment.Round} of {block.RoundCount}" : block.Name;
    }
}
