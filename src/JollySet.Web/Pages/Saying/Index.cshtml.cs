using System.Collections.Immutable;
using System.Text;
using JollySet.Core.Checks;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Saying;

/// <summary>One cue as it is listed.</summary>
/// <param name="Kind">What it is about, in a word.</param>
public sealed record CueLine(string At, string Kind, string Text);

/// <summary>The cues of one block.</summary>
public sealed record CueBlock(string Name, ImmutableArray<CueLine> Lines);

/// <summary>A phrase as its row shows it.</summary>
/// <param name="Value">As it stands, or as it was typed where that was refused.</param>
public sealed record PhraseRow(Phrase Phrase, string Value, bool IsOwn, string? Wrong);

/// <summary>What to say and when, in the instructor's own words, and the class for players and timers.</summary>
public sealed class WordsModel(ClassBook shelf, ClassTimelines timelines, VoiceBook voices) : PageModel
{
    private const int MostBeats = 240;
    private const int LeastBeats = 30;

    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>The cues, block by block.</summary>
    public ImmutableArray<CueBlock> Blocks { get; private set; } = [];

    /// <summary>What there is no time for.</summary>
    public ImmutableArray<CueLine> Left { get; private set; } = [];

    /// <summary>How many are said.</summary>
    public int Count { get; private set; }

    /// <summary>For whom they are said: tracks by name, and whether it is the one shown.</summary>
    public ImmutableArray<(string Name, int Number, bool IsShown)> Tracks { get; private set; } = [];

    /// <summary>The phrases.</summary>
    public ImmutableArray<PhraseRow> Phrases { get; private set; } = [];

    /// <summary>Whether a phrase was refused.</summary>
    public bool IsRefused => Phrases.Any(p => p.Wrong is not null);

    /// <summary>Shows them.</summary>
    /// <param name="track">For which track's ways; 0 for the class as planned.</param>
    /// <param name="who">In place of it, people who are not among the class's own tracks.</param>
    /// <param name="needs">What they must be spared.</param>
    public IActionResult OnGet(Guid id, string? who, string[] needs, int track = 0) => Fill(id, track, [], who, needs) ? Page() : NotFound();

    /// <summary>Keeps the instructor's own phrases; where one cannot be said, none is kept and each tells why.</summary>
    public IActionResult OnPost(Guid id, string? usual)
    {
        if (usual is not null)
        {
            voices.Set([.. Voice.All.Where(p => usual == "all" || p.Name == usual).Select(p => KeyValuePair.Create(p.Name, p.Usual))]);
            return Redirect($"/words/{id}#phrases");
        }

        var typed = Voice.All.Where(p => Request.Form.ContainsKey(p.Name)).Select(p => KeyValuePair.Create(p.Name, Request.Form[p.Name].ToString().Trim())).ToList();
        if (typed.All(t => Voice.Wrong(t.Key, t.Value) is null))
        {
            voices.Set(typed);
            return Redirect($"/words/{id}#phrases");
        }

        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Fill(id, 0, typed.ToDictionary()) ? Page() : NotFound();
    }

    /// <summary>The words as text or captions, chapters, or intervals.</summary>
    public IActionResult OnGetTake(Guid id, string what)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var timeline = timelines.Of(kept);
        (string Text, string Type, string End)? file = what switch
        {
            "text" => (WordsExport.Text(CueSheet.Of(timeline, voices.Current())), "text/plain", "words.txt"),
            "vtt" => (WordsExport.Vtt(CueSheet.Of(timeline, voices.Current())), "text/vtt", "words.vtt"),
            "chapters" => (PlainTimers.Chapters(timeline), "text/plain", "chapters.txt"),
            "intervals" => (PlainTimers.Intervals(timeline), "text/plain", "intervals.txt"),
            _ => null,
        };
        return file is { } f ? File(Encoding.UTF8.GetBytes(f.Text), f.Type + "; charset=utf-8", $"{FileName.Of(kept.Plan.Title)}-{f.End}") : NotFound();
    }

    /// <summary>The class as sound.</summary>
    /// <param name="beats">Beats a minute in work; none where it is not said.</param>
    public IActionResult OnGetSound(Guid id, int? beats)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        if (beats is < LeastBeats or > MostBeats)
            return BadRequest($"Beats a minute go from {LeastBeats} to {MostBeats}.");
        var timeline = timelines.Of(kept);
        Response.ContentType = "audio/wav";
        Response.ContentLength = WavExport.Bytes(timeline);
        Response.Headers.ContentDisposition = $"attachment; filename=\"{FileName.Of(kept.Plan.Title)}.wav\"";
        return new WavResult(timeline, beats);
    }

    private bool Fill(Guid id, int track, Dictionary<string, string> typed, string? who = null, string[]? needs = null)
    {
        if (shelf.Get(id) is not { } kept)
            return false;
        var planned = timelines.Of(kept);
        Head = ClassHead.Of(kept, planned, Totals.Of(planned), Review.Of(planned), "words");
        var tracks = Core.Options.Tracks.Of(kept.Plan.Brief);
        var picked = Core.Options.Track.Picked(who, needs ?? [], kept.Plan.Brief.Needs);
        if (picked is not null && tracks.All(t => t.Name != picked.Name))
            tracks = tracks.Add(picked);
        var shown = picked is not null ? tracks.Select(t => t.Name).ToList().IndexOf(picked.Name) + 1 : track > 0 && track <= tracks.Length ? track : 0;
        Tracks = [("as planned", 0, shown == 0), .. tracks.Select((t, i) => ("as " + t.Name, i + 1, i + 1 == shown))];
        var timeline = shown == 0 ? planned : tracks[shown - 1].Of(planned).Timeline;
        var sheet = CueSheet.Of(timeline, voices.Current());
        Count = sheet.Said.Length;
        Left = [.. sheet.Left.Select(LineOf)];
        Blocks = [.. sheet.Said.GroupBy(c => BlockOf(timeline, c)).Select(g => new CueBlock(g.Key, [.. g.Select(LineOf)]))];
        var voice = voices.Current();
        Phrases = [.. Voice.All.Select(p => new PhraseRow(p, typed.GetValueOrDefault(p.Name) ?? voice[p.Name], voice.Own.ContainsKey(p.Name), typed.TryGetValue(p.Name, out var pattern) ? Voice.Wrong(p.Name, pattern) : null))];
        return true;
    }

    /// <summary>A gap's words belong to what they lead to.</summary>
    private static string BlockOf(Timeline timeline, Cue cue)
    {
        if (cue.Outside)
            return cue.Kind == CueKind.Closing ? "After it" : "Before it starts";
        if (cue.Kind == CueKind.Opening)
            return timeline.Blocks[0].Name;
        var next = timeline.Segments.Skip(cue.Segment).FirstOrDefault(s => s.Kind == SegmentKind.Work) ?? timeline.Segments[^1];
        return timeline.Blocks[next.Block].Name;
    }

    private static CueLine LineOf(Cue cue) => new(cue.Outside ? "" : Say.Clock(cue.At), cue.KindName, cue.Text);
}
