using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Checks;
using JollySet.Core.Effort;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Tracks;

/// <summary>One track in figures.</summary>
/// <param name="Tips">Pairs that tip for it and not as planned.</param>
/// <param name="More">Kit that the class as planned does not need.</param>
public sealed record TrackRow(string Name, string Address, int Changes, string Likely, string Peak, bool IsOut, string Hard, int Landings, string Tips, string More, bool IsShown);

/// <summary>Who is picked on one side of the comparison.</summary>
/// <param name="Prefix">What its fields are named by.</param>
public sealed record TrackPick(string Prefix, string Label, string Who, ImmutableArray<string> Needs, ImmutableArray<string> AllNeeds);

/// <summary>The class as each of the people who come does it.</summary>
public sealed class TracksModel(ClassBook shelf, ClassTimelines timelines) : PageModel
{
    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>Every track of the brief, and the one that was picked.</summary>
    public ImmutableArray<TrackRow> Rows { get; private set; } = [];

    /// <summary>The track that is drawn.</summary>
    public TrackPick Pick { get; private set; } = null!;

    /// <summary>What it is laid beside.</summary>
    public TrackPick Beside { get; private set; } = null!;

    /// <summary>Its name.</summary>
    public string Name { get; private set; } = "";

    /// <summary>What differs, a line each.</summary>
    public ImmutableArray<TrackChange> Changes { get; private set; } = [];

    /// <summary>Its bunting, what differs marked.</summary>
    public string Bunting { get; private set; } = "";

    /// <summary>Its balance in words, worst first; empty where every pair is level.</summary>
    public ImmutableArray<string> Uneven { get; private set; } = [];

    /// <summary>Its effort over the class.</summary>
    public string Effort { get; private set; } = "";

    /// <summary>Both on one line.</summary>
    public TwoLines Lines { get; private set; } = null!;

    /// <summary>What it is laid beside, in words.</summary>
    public string BesideName { get; private set; } = "";

    /// <summary>Where it stands what is said to them.</summary>
    public string Words { get; private set; } = "";

    /// <summary>Crossings that are open for it.</summary>
    public int Open { get; private set; }

    /// <summary>Shows them.</summary>
    /// <param name="who">Who is drawn; the first of the brief where nobody is said.</param>
    /// <param name="needs">What they must be spared.</param>
    /// <param name="and">Who they are laid beside; as planned where nobody is said.</param>
    public IActionResult OnGet(Guid id, string? who, string[] needs, string? and, string[] andNeeds)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var timeline = timelines.Of(kept);
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "options");
        var tracks = Core.Options.Tracks.Of(kept.Plan.Brief);
        var own = kept.Plan.Brief.Needs.Where(n => Needs.KindOf(n) == NeedKind.Way);
        ImmutableArray<string> all = [.. own.Concat(Needs.Ways).DistinctBy(Needs.Named)];
        var picked = Track.Picked(who, needs, own) ?? tracks[0];
        var beside = Track.Picked(and, andNeeds, own);
        var shown = picked.Of(timeline);
        var other = beside?.Of(timeline);
        Rows = [.. tracks.Append(picked).DistinctBy(t => t.Name).Select(t => RowOf(id, timeline, t.Name == picked.Name ? shown : t.Of(timeline), t.Name == picked.Name))];
        Pick = new TrackPick("", "The class as", $"{picked.Who}", picked.Needs, all);
        Beside = new TrackPick("and", "beside", beside is null ? "" : $"{beside.Who}", beside?.Needs ?? [], all);
        (Name, Changes, BesideName) = (Say.Capital(picked.Name), shown.Changes, beside?.Name ?? "as planned");
        Words = $"/words/{id}?{Query(picked)}";
        Bunting = Drawn(shown);
        Uneven = [.. ClassBalance.Of(shown.Timeline).SeeSaws.Where(s => s.Tilt is Tilt.Leaning or Tilt.Tipped && !s.IsSoft && s.First != "left").OrderByDescending(s => s.Tilt).Select(SeeSawSvg.Words)];
        Effort = EffortSvg.Of(shown.Timeline, [shown.Effort]);
        Lines = TwoLines.Of(other?.Timeline ?? timeline, shown.Timeline);
        Open = Net.Of(timeline, picked.Needs).Sum(r => r.Crossings.Count(c => c.Cover.Kind == CoverKind.Open));
        return Page();
    }

    private static TrackRow RowOf(Guid id, Timeline planned, TrackClass track, bool isShown)
    {
        var (least, most) = track.Track.PeakRange(planned.Rules, planned.Plan.Brief.Goal);
        var peak = (decimal)track.Peak;
        var landings = track.Timeline.Sets.Where(s => s.Facts.Move?.Impact == Impact.High).Sum(s => s.Reps ?? 0);
        return new TrackRow(
            Say.Capital(track.Track.Name),
            $"/tracks/{id}?{Query(track.Track)}",
            track.Changes.Length,
            Say.Clock(track.Timeline.Likely),
            $"{peak:0.0}",
            peak > most || peak < least,
            $"{track.Effort.MinutesFrom(5):0} min",
            landings,
            string.Join(", ", track.Tipped(planned).Select(s => $"{s.Heavier} against {s.Lighter}")),
            string.Join(", ", KitNeeds.Kinds(track.Timeline).Except(KitNeeds.Kinds(planned))),
            isShown);
    }

    private static string Query(Track track) => $"who={track.Who}" + string.Concat(track.Needs.Select(n => $"&needs={Uri.EscapeDataString(n)}"));

    private static string Drawn(TrackClass track)
    {
        var changed = track.Changes.ToLookup(c => c.Block);
        var ropes = BuntingSvg.Hung(track.Timeline, EffortModel.AtSetEnds(track.Timeline, track.Track.Person), null, (_, _) => "#changes", isNamed: false)
            .Select(r => r.Pinned(station => changed[track.Timeline.Blocks[r.Hung.Rope.Block].Name].FirstOrDefault(c => c.Number == station) is { } change ? new Pennant(false, $"{change.Way} for {change.Planned}") : null));
        return string.Concat(ropes.Select(r => $"<svg class=\"bunting\" viewBox=\"{r.ViewBox}\" role=\"group\" aria-label=\"{System.Text.Encodings.Web.HtmlEncoder.Default.Encode(r.Label)}\">{r.Svg}</svg>"));
    }
}
