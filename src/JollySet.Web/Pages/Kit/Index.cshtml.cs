using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Cues;
using JollySet.Core.Edits;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Kit;

/// <summary>One thing that is needed, with the ways out where there is too little.</summary>
public sealed record DemandView(string Item, string Size, string What, int Needed, string There, int Short, string For, ImmutableArray<WayOutView> Ways);

/// <summary>One way out of a shortage, with the class as it would be.</summary>
/// <param name="But">What else would be short then; empty where nothing.</param>
/// <param name="Lines">The blocks that would hang otherwise.</param>
/// <param name="InUse">When the thing would be in use; empty where it would not.</param>
public sealed record WayOutView(string Kind, string Says, int Needed, string But, TwoLines Lines, string InUse);

/// <summary>What a class needs for a headcount, what the room has, and what to lay out.</summary>
public sealed class KitModel(ClassBook shelf, ClassTimelines timelines, VenuesBook venues) : PageModel
{
    private const int MostPeople = 1000;

    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>The revision shown.</summary>
    public int Revision { get; private set; }

    /// <summary>Who are counted on.</summary>
    public int People { get; private set; }

    /// <summary>Why the headcount that was asked for is none; null where it is.</summary>
    public string? Wrong { get; private set; }

    /// <summary>The room whose kit is counted, in words.</summary>
    public string Room { get; private set; } = "";

    /// <summary>What is needed, in the order of use.</summary>
    public ImmutableArray<DemandView> Demands { get; private set; } = [];

    /// <summary>What is in use when.</summary>
    public string Drawing { get; private set; } = "";

    /// <summary>What each person sets within reach, in the order of use.</summary>
    public ImmutableArray<KitNeed> LayOut { get; private set; } = [];

    /// <summary>Brought and not used.</summary>
    public ImmutableArray<string> Unused { get; private set; } = [];

    /// <summary>What the place means for this class.</summary>
    public ImmutableArray<string> RoomSays { get; private set; } = [];

    /// <summary>How often what is held changes.</summary>
    public int Changes { get; private set; }

    /// <summary>What there is, to be posted with a way out.</summary>
    public string Stock { get; private set; } = "";

    /// <summary>Shows it.</summary>
    public IActionResult OnGet(Guid id, string? people)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var (timeline, brief) = (timelines.Of(kept), kept.Plan.Brief);
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "options");
        Revision = kept.Revision;
        People = brief.IsFollowAlong ? 1 : Math.Clamp(brief.People ?? 1, 1, MostPeople);
        if (!string.IsNullOrWhiteSpace(people))
        {
            if (int.TryParse(people, out var said) && said is >= 1 and <= MostPeople)
                People = said;
            else
                Wrong = $"A headcount is a whole number from 1 to {MostPeople}; “{people}” is none.";
        }

        var room = venues.Of(brief);
        Room = room is not null ? $"{room.Name}’s kit, and what the brief counts" : brief.Place is { } place ? $"what the brief counts; “{place}” is not in the kit room" : "what the brief counts";
        var stock = KitDemands.Stock(brief, room?.Stock ?? []);
        Stock = KitText.Of(stock);
        var demands = KitDemands.Of(timeline, People, stock);
        var needs = KitNeeds.Of(timeline);
        Demands = [.. demands.Select(d => new DemandView(d.Item, d.Size, Say.Capital(Masses.Told(d.What, timeline.Rules)), d.Needed, d.There is { } there ? $"{there}" : "not counted", d.Short, Used(timeline, d), [.. KitWaysOut.For(timeline, d, People, stock).Select(w => Seen(timeline, w))]))];
        Drawing = demands.IsEmpty ? "" : KitSvg.Of(timeline, demands);
        LayOut = needs;
        Unused = [.. brief.Kit.Where(k => StockLine.Of(k).Item is var item && KitList.Known.Contains(item) && !demands.Any(d => d.Item == item))];
        RoomSays = room is null ? [] : [.. RoomWords.Of(room, timeline)];
        Changes = KitDemands.WeightChanges(timeline);
        return Page();
    }

    private static WayOutView Seen(Timeline timeline, KitWayOut way) => new(
        way.Kind,
        Masses.Told(way.Says, timeline.Rules),
        way.Needed,
        way.Others.IsEmpty ? "" : $"then short: {Say.List([.. way.Others.Select(o => $"{o.Short} {Masses.Told(o.What, timeline.Rules)}")])}",
        TwoLines.Of(timeline, way.Then),
        way.After is { } after ? KitSvg.Of(way.Then, [after]) : "");

    private static string Used(Timeline timeline, KitDemand demand) =>
        string.Join(", ", demand.Spells.Select(s => Facts.NameOf(timeline.Blocks[s.Block].Stations[Math.Max(0, s.Station - 1)].Doing)).Distinct().Take(4));
}
