using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Options;

/// <summary>One crossing as it is drawn.</summary>
/// <param name="Part">What it is a crossing with, as the form of a station names it: <c>easier</c>, <c>harder</c> or <c>for knees</c>.</param>
/// <param name="State">fine, covered, ask, open or unsaid.</param>
/// <param name="Way">The named way; empty elsewhere.</param>
public sealed record Knot(string Part, string Need, string State, string Way, bool IsPressed);

/// <summary>One station of the net as it is drawn.</summary>
public sealed record NetLine(int Id, int Number, string Name, ImmutableArray<Knot> Knots);

/// <summary>One block of the net.</summary>
public sealed record NetBlock(string Name, ImmutableArray<NetLine> Lines);

/// <summary>One way that may be named, as it is offered.</summary>
/// <param name="Text">As the sheet writes it.</param>
public sealed record WayOffer(string Words, string Text, string Says, bool IsNamed);

/// <summary>What is open beside the net: a crossing with the ways there are for it.</summary>
public sealed record CrossingPanel(int Station, string Title, string Part, string Value, string Says, ImmutableArray<WayOffer> Offers);

/// <summary>The net: what each of the people who come does at each station.</summary>
public sealed class OptionsModel(ClassBook shelf, ClassTimelines timelines, RulesBook rules) : PageModel
{
    /// <summary>Names of the library, for the field that takes a way.</summary>
    public IEnumerable<string> MoveNames => rules.Studio().Library.Offered;

    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>The revision shown.</summary>
    public int Revision { get; private set; }

    /// <summary>The needs across: the class's own, then those that were asked for.</summary>
    public ImmutableArray<string> Needs { get; private set; } = [];

    /// <summary>The ways a need could be looked at beside the class's own.</summary>
    public ImmutableArray<(string Need, bool IsAsked)> Others { get; private set; } = [];

    /// <summary>The net.</summary>
    public ImmutableArray<NetBlock> Blocks { get; private set; } = [];

    /// <summary>How many crossings are open.</summary>
    public int Open { get; private set; }

    /// <summary>What only a clinician can judge, with what is usual.</summary>
    public ImmutableArray<(string Need, string Usual)> Asks { get; private set; } = [];

    /// <summary>The crossing that was pressed; null for none.</summary>
    public CrossingPanel? Panel { get; private set; }

    /// <summary>What closing all that is safe would name; null before it is asked for.</summary>
    public ImmutableArray<(string Name, string Need, string Way, string Says)>? Closing { get; private set; }

    /// <summary>How many could be closed so.</summary>
    public int Closable { get; private set; }

    /// <summary>Those that were asked for, to come back to.</summary>
    public string Also => string.Join(',', Others.Where(o => o.IsAsked).Select(o => o.Need));

    /// <summary>The address of this net, to which a crossing is added.</summary>
    public string Here { get; private set; } = "";

    /// <summary>Shows it.</summary>
    /// <param name="also">Needs to look at beside those of the class.</param>
    /// <param name="station">The station whose crossing was pressed, by its number in the class.</param>
    /// <param name="part">What it crosses.</param>
    public IActionResult OnGet(Guid id, string[] also, int station, string? part, bool close)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var timeline = timelines.Of(kept);
        (Head, Revision) = (ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "options"), kept.Revision);
        var own = kept.Plan.Brief.Needs;
        var asked = also.Where(n => Core.Moves.Needs.Ways.Contains(n) && !own.Any(o => Core.Moves.Needs.Named(o) == n)).Distinct().ToList();
        Needs = [.. own, .. asked];
        Others = [.. Core.Moves.Needs.Ways.Where(w => !own.Any(o => Core.Moves.Needs.Named(o) == w)).Select(w => (w, asked.Contains(w)))];
        Asks = [.. own.Where(n => Core.Moves.Needs.KindOf(n) == NeedKind.Ask).Select(n => (Say.Capital(n), Core.Moves.Needs.UsualWays(n)))];
        Here = $"/options/{id}?" + string.Concat(asked.Select(n => $"also={Uri.EscapeDataString(n)}&"));
        var net = Net.Of(timeline, Needs);
        Blocks = [.. net.GroupBy(r => r.Block.Id).Select(g => new NetBlock(g.First().Block.Name, [.. g.Select(r => LineOf(r, station, part))]))];
        Open = net.Sum(r => r.Crossings.Count(c => c.Cover.Kind == CoverKind.Open));
        if (Open > 0)
            Close(Net.SafeToClose(timeline, Needs), close);
        Panel = part is not null && net.FirstOrDefault(r => r.Line.Id == station) is { } row ? PanelOf(timeline, row, part) : null;
        return Page();
    }

    private void Close(ImmutableArray<(NetRow Row, string Need, RoundWay Way)> safe, bool shown)
    {
        Closable = safe.Length;
        if (shown)
            Closing = [.. safe.Select(s => (Say.Capital(s.Row.Name), s.Need, Words.Of(s.Way.Way), string.Join(" · ", s.Way.Says)))];
    }

    private static NetLine LineOf(NetRow row, int station, string? part)
    {
        Knot Side(OptionKind kind, string name) => new(name, name, row.Named(kind) is null ? "unsaid" : "covered", row.Named(kind) is { } way ? Words.Of(way) : "", row.Line.Id == station && part == name);
        Knot Of(Crossing crossing)
        {
            var state = crossing.Cover.Kind switch { CoverKind.Fine => "fine", CoverKind.Covered => "covered", CoverKind.Ask => "ask", CoverKind.Open => "open", _ => "unsaid" };
            // A need that nobody here knows is not judged; what was named for it is shown all the same.
            var named = crossing.Cover.Kind == CoverKind.Unknown ? row.Line.Options.FirstOrDefault(o => o.Kind == OptionKind.ForNeed && string.Equals(o.Need, crossing.Need, StringComparison.OrdinalIgnoreCase))?.Way : null;
            if (named is not null)
                state = "covered";
            return new Knot($"for {crossing.Need}", crossing.Need, state, named is not null ? Words.Of(named) : crossing.Cover is { Kind: CoverKind.Covered, Way: { } way } ? Words.Of(way) : "", row.Line.Id == station && part == $"for {crossing.Need}");
        }

        return new NetLine(row.Line.Id, row.Number, Say.Capital(row.Name), [Side(OptionKind.Easier, "easier"), Side(OptionKind.Harder, "harder"), .. row.Crossings.Select(Of)]);
    }

    private CrossingPanel? PanelOf(Timeline timeline, NetRow row, string part)
    {
        var need = part.StartsWith("for ", StringComparison.Ordinal) ? part[4..] : null;
        if (need is null && part is not ("easier" or "harder"))
            return null;
        var kind = part == "harder" ? OptionKind.Harder : OptionKind.Easier;
        var ways = need is null ? RoundWays.For(timeline, row.Line, kind) : RoundWays.For(timeline, row.Line, need, Needs);
        var named = need is null ? row.Named(kind) : row.Line.Options.FirstOrDefault(o => o.Kind == OptionKind.ForNeed && Core.Moves.Needs.Named(o.Need!) == Core.Moves.Needs.Named(need))?.Way;
        var crossing = row.Crossings.FirstOrDefault(c => c.Need == need);
        var says = crossing?.Cover.Kind switch
        {
            CoverKind.Fine => "Fine as it is, by what the library knows of the move.",
            CoverKind.Ask => $"Usual ways – ask: {Core.Moves.Needs.UsualWays(need!)}. The person’s own clinician decides.",
            CoverKind.Unknown => "Nobody here knows this need; what you name is kept and told.",
            CoverKind.Open when named is not null => $"“{Words.Of(named)}” is named, but it troubles {need}, too, by what is known of it.",
            CoverKind.Open => "Nothing is named yet.",
            CoverKind.Covered => $"Covered: {Words.Of(crossing.Cover.Way!)}.",
            _ => named is null ? "Nothing is named yet." : $"Named: {Words.Of(named)}.",
        };
        return new CrossingPanel(
            row.Line.Id,
            $"{Say.Capital(row.Name)}, {(need is null ? $"{part} way" : $"for {need}")}",
            part,
            named is null ? "" : SheetWriter.WriteWay(named),
            says,
            [.. ways.Select(w => new WayOffer(Say.Capital(Words.Of(w.Way)), SheetWriter.WriteWay(w.Way), string.Join(" · ", w.Says), w.Way == named))]);
    }
}
