using System.Collections.Immutable;
using JollySet.Core.Carousels;
using JollySet.Core.Checks;
using JollySet.Core.Kit;
using JollySet.Core.Ordering;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Carousel;

/// <summary>One station as its card says it.</summary>
public sealed record StationCard(int Place, string Name, string Does, ImmutableArray<(string For, string Way)> Ways, string Kit, string Begins, string Next, string Room);

/// <summary>Groups on different stations: the ring, who begins where, the floor, a run of it, and a card for each station.</summary>
public sealed class CarouselModel(ClassBook shelf, ClassTimelines timelines, VenuesBook venues, FloorBook floors, IRing ring) : PageModel
{
    private const int MostThrownIn = 40;
    private const int MostAtOnce = 2;

    /// <summary>A ring is sought with all the machine has: few at once, the others wait their turn.</summary>
    private static readonly SemaphoreSlim Turns = new(MostAtOnce);

    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>The revision shown.</summary>
    public int Revision { get; private set; }

    /// <summary>Blocks that could be a carousel.</summary>
    public ImmutableArray<string> Blocks { get; private set; } = [];

    /// <summary>The one that is laid out.</summary>
    public string Block { get; private set; } = "";

    /// <summary>As asked for.</summary>
    public (string People, string Groups, string Space, string Late, string LateSlot, string Broken, string BrokenSlot) Asked { get; private set; }

    /// <summary>Why there is no layout; null where there is one.</summary>
    public string? Why { get; private set; }

    /// <summary>The layout.</summary>
    public Core.Carousels.Carousel? Laid { get; private set; }

    /// <summary>Its run.</summary>
    public CarouselRun? Run { get; private set; }

    /// <summary>The same without what was thrown in.</summary>
    public Length WaitingBefore { get; private set; }

    /// <summary>The floor.</summary>
    public string Floor { get; private set; } = "";

    /// <summary>A card for each station.</summary>
    public ImmutableArray<StationCard> Cards { get; private set; } = [];

    /// <summary>The edit that puts the block into the order of the ring; empty where it stands so.</summary>
    public string Edits { get; private set; } = "";

    /// <summary>Its number in the class.</summary>
    public int BlockId { get; private set; }

    /// <summary>Shows it.</summary>
    /// <param name="late">How many come late, and from which slot on, from 1.</param>
    /// <param name="broken">At which station something breaks, by its place, and in which slot, from 1.</param>
    public async Task<IActionResult> OnGet(Guid id, string? block, string? people, string? groups, string? space, string? late, string? lateSlot, string? broken, string? brokenSlot)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var (timeline, brief) = (timelines.Of(kept), kept.Plan.Brief);
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "options");
        Revision = kept.Revision;
        var could = kept.Plan.Blocks.Where(b => b.IsMain && b.Stations.Length > 1 && b.Format is CircuitFormat or MinuteFormat).ToList();
        Blocks = [.. could.Select(b => b.Name)];
        Block = could.Exists(b => b.Name == block) ? block! : could.OrderByDescending(b => Core.Kit.Shared.Of(b) == Sharing.Carousel).ThenByDescending(b => b.Stations.Length).FirstOrDefault()?.Name ?? "";
        Asked = (people ?? $"{brief.People ?? 12}", groups ?? "", space ?? "", late ?? "", lateSlot ?? "", broken ?? "", brokenSlot ?? "");
        if (Block.Length == 0)
        {
            Why = "No block of this class can be a carousel: it needs a circuit of two stations or more.";
            return Page();
        }

        BlockId = kept.Plan.Find(Block)!.Id;
        var stock = KitDemands.Stock(brief, venues.Of(brief)?.Stock ?? []);
        (Laid, Why) = Number(Asked.People) is not { } all || !Fits(Asked.Groups) || !Fits(Asked.Space)
            ? (null, "People, groups and how many fit are whole numbers.")
            : await InTurn(new CarouselRequest(timeline, Block, all, Number(Asked.Groups), stock, Number(Asked.Space)));
        if (Laid is { } laid)
            Show(timeline, laid);
        return Page();
    }

    /// <summary>Where the stations stand now: a page that was drawn while they were put elsewhere asks again.</summary>
    public IActionResult OnGetFloor(Guid id, int block) => Content(FloorPlaces.Write(floors.Of(id, block)), "application/json");

    /// <summary>Keeps where the stations stand in the room.</summary>
    public IActionResult OnPostFloor(Guid id, int block, string? places)
    {
        if (shelf.Get(id) is not { } kept || kept.Plan.FindBlock(block) is null)
            return NotFound();
        if (FloorPlaces.Read(places ?? "") is not { } read)
            return new UnprocessableEntityResult();
        floors.Keep(id, block, read);
        return new NoContentResult();
    }

    private async Task<(Core.Carousels.Carousel? Laid, string? Why)> InTurn(CarouselRequest request)
    {
        await Turns.WaitAsync(HttpContext.RequestAborted);
        try
        {
            return CarouselLayout.Of(request, ring, HttpContext.RequestAborted);
        }
        finally
        {
            Turns.Release();
        }
    }

    private void Show(Timeline timeline, Core.Carousels.Carousel laid)
    {
        var lateComers = Number(Asked.Late) is { } some && some > 0 ? [new LateComers(Math.Min(some, MostThrownIn), Slot(Asked.LateSlot, laid))] : Array.Empty<LateComers>();
        var breaks = Number(Asked.Broken) is { } at && at >= 1 && at <= laid.Ring.Length ? [new Broken(at - 1, Slot(Asked.BrokenSlot, laid))] : Array.Empty<Broken>();
        Run = CarouselRun.Of(laid, lateComers, breaks);
        WaitingBefore = CarouselRun.Of(laid, [], []).Waiting;
        Floor = FloorSvg.Of(timeline, laid, floors.Of(Head.Id, BlockId));
        Cards = [.. Enumerable.Range(0, laid.Ring.Length).Select(place => CardOf(timeline, laid, place))];
        var order = laid.Ring.Select(b => b.Number - 1).ToList();
        if (!order.SequenceEqual(Enumerable.Range(0, order.Count)))
            Edits = PutInOrder.Of(timeline.Plan, [.. laid.Ring.OrderBy(b => b.Number).Select(b => b.Item)], order).Write();
    }

    private static StationCard CardOf(Timeline timeline, Core.Carousels.Carousel laid, int place)
    {
        var (bollard, line) = (laid.Ring[place], laid.Ring[place].Item.Line);
        var crew = laid.Crews.FirstOrDefault(c => c.Start == place);
        var set = timeline.Sets.First(s => timeline.Blocks[s.Block].Id == laid.Block.Id && s.Station == bollard.Number);
        return new StationCard(
            place + 1,
            Say.Capital(bollard.Item.Name),
            string.Join(", ", new[] { set.CountText is { } count ? $"× {count}" : Say.Time(laid.Slot), line.Load?.Rounds.At(1) is { } load ? Core.Plans.Words.Of(load) : "", set.SwitchHalfway ? "switch halfway" : "" }.Where(w => w.Length > 0)),
            [.. line.Options.Select(o => (o.Kind switch { OptionKind.Easier => "Easier", OptionKind.Harder => "Harder", OptionKind.Or => "Or", _ => $"For {o.Need}" }, Core.Plans.Words.Of(o.Way)))],
            string.Join(", ", KitDemands.Uses(timeline, laid.Block, line).Select(u => u.Pieces > 1 ? $"{u.Pieces} {Masses.Told(u.What, timeline.Rules)}" : Masses.Told(u.What, timeline.Rules))),
            crew is null ? "nobody begins here" : $"{crew.Size} begin here",
            Say.Capital(laid.Ring[(place + 1) % laid.Ring.Length].Item.Name),
            bollard.Room is { } room ? $"{room} at once ({bollard.Limit})" : "");
    }

    private static int? Number(string typed) => int.TryParse(typed, out var number) ? number : null;

    private static bool Fits(string typed) => string.IsNullOrWhiteSpace(typed) || Number(typed) is not null;

    private static int Slot(string typed, Core.Carousels.Carousel laid) => Math.Clamp((Number(typed) ?? 1) - 1, 0, laid.Slots - 1);
}
