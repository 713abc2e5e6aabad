using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Checks;
using JollySet.Core.Ordering;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Web.Pages.Shared;
using JollySet.Web.Searches;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Order;

/// <summary>One station that may be kept in its place or with the next one.</summary>
public sealed record KeepRow(string Key, string Block, int Number, string Name, bool Pinned, bool Paired, bool HasNext);

/// <summary>One station of the order found.</summary>
/// <param name="Block">The block's name where one begins; empty elsewhere.</param>
public sealed record FoundRow(string Block, int Number, string Name, string Was);

/// <summary>The order found, or why there is none.</summary>
/// <param name="Edits">As the form that takes it carries them; null where it stands so already.</param>
public sealed record FoundView(string? Why, string Title, string Proven, TwoLines Lines, ImmutableArray<FoundRow> Rows, ImmutableArray<OrderMeasure> Measures, string? Edits);

/// <summary>What a search found, for the class as it was then.</summary>
public sealed record OrderFound(int Revision, OrderRequest Request, OrderAnswer Answer);

/// <summary>The best order of a block or of the whole main part.</summary>
public sealed class OrderModel(ClassBook shelf, ClassTimelines timelines, IOrderer orderer, SearchService searches) : SearchPage<OrderFound>(searches)
{
    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>The revision the order is for.</summary>
    public int Revision { get; private set; }

    /// <summary>The block chosen; null for the whole main part.</summary>
    public string? Block { get; private set; }

    /// <summary>Its number; 0 for the whole main part.</summary>
    public int BlockId { get; private set; }

    /// <summary>Blocks of the main part.</summary>
    public ImmutableArray<string> Blocks { get; private set; } = [];

    /// <summary>The three weights, 0 to 10.</summary>
    public ImmutableArray<(string Key, string Label, string Hint, int Value)> Weights { get; private set; } = [];

    /// <summary>The stations that can be kept.</summary>
    public ImmutableArray<KeepRow> Rows { get; private set; } = [];

    /// <summary>The answer; null before anything was asked.</summary>
    public FoundView? Found { get; private set; }

    /// <summary>Asks what; <paramref name="pin"/> and <paramref name="pair"/> hold block and number.</summary>
    public IActionResult OnGet(Guid id, string? block, string[] pin, string[] pair, int muscles = 5, int floor = 5, int kit = 5) =>
        Load(id, block, pin, pair, muscles, floor, kit) is null ? NotFound() : Page();

    /// <summary>Begins the search: a page with script is told how far it is, one without waits for the answer.</summary>
    public async Task<IActionResult> OnPost(Guid id, string? block, string[] pin, string[] pair, int muscles = 5, int floor = 5, int kit = 5)
    {
        if (Load(id, block, pin, pair, muscles, floor, kit) is not { } request)
            return NotFound();
        var revision = Revision;
        return await Search($"order {id}", (stop, told) => new OrderFound(revision, request, orderer.Order(request, told, stop)));
    }

    private OrderRequest? Load(Guid id, string? block, string[] pin, string[] pair, int muscles, int floor, int kit)
    {
        if (shelf.Get(id) is not { } kept)
            return null;
        var timeline = timelines.Of(kept);
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "order");
        (Revision, Block) = (kept.Revision, string.IsNullOrEmpty(block) ? null : block);
        BlockId = Block is null ? 0 : kept.Plan.Find(Block)?.Id ?? 0;
        var main = kept.Plan.Blocks.Where(b => b.IsMain && !b.Stations.IsEmpty).ToList();
        Blocks = [.. main.Where(b => b.Stations.Length > 1).Select(b => b.Name)];
        var weights = new OrderWeights(Within(muscles), Within(floor), Within(kit));
        Weights = [("muscles", "The muscles", "recovery, grip, low back", weights.Muscles), ("floor", "The floor", "going down and up", weights.Floor), ("kit", "The kit", "changing weights and props", weights.Kit)];
        Rows = [.. main.SelectMany(b => b.Stations.Select((line, at) => RowOf(b, at + 1, line, pin, pair)))];
        return new OrderRequest(kept.Plan, timeline.Studio, Block, weights, Named(pin), Named(pair));
    }

    /// <inheritdoc/>
    protected override string Address => $"/order/{Head.Id}";

    /// <inheritdoc/>
    protected override string FoundPart => "_Found";

    /// <inheritdoc/>
    protected override bool LoadAgain(Guid id) => Load(id, null, [], [], 5, 5, 5) is not null;

    /// <inheritdoc/>
    protected override void Show(SearchJob job, OrderFound found)
    {
        Revision = found.Revision;
        BlockId = found.Request.Block is { } name ? found.Request.Plan.Find(name)?.Id ?? 0 : 0;
        Found = FoundOf(TimelineBuilder.Build(found.Request.Plan, found.Request.Studio), found.Answer);
        if (job.StoppedFor is { } why && Found.Why is null)
            Found = Found with { Proven = $"{why}. {Found.Proven}" };
    }

    private static int Within(int weight) => Math.Clamp(weight, 0, OrderWeights.Most);

    private static KeepRow RowOf(Block block, int number, Station line, string[] pin, string[] pair)
    {
        var key = string.Create(CultureInfo.InvariantCulture, $"{block.Name}/{number}");
        return new KeepRow(key, block.Name, number, Facts.NameOf(line.Doing), pin.Contains(key), pair.Contains(key), number < block.Stations.Length);
    }

    /// <summary>A station in its new place: the block it goes to, and where it comes from.</summary>
    private static FoundRow RowOf(Timeline timeline, ImmutableArray<OrderItem> order, OrderItem item, int place)
    {
        var places = order.OrderBy(i => i.Block).ThenBy(i => i.Number).ToList();
        var (to, number) = (places[place].Block, places[place].Number);
        var from = timeline.Blocks[item.Block].Name;
        var was = item.Block != to ? $"from {from}" : item.Number == number ? "" : $"was {item.Number}";
        return new FoundRow(number == 1 ? timeline.Blocks[to].Name : "", number, Say.Capital(item.Name), was);
    }

    private static ImmutableHashSet<(string, int)> Named(string[] keys) =>
        [.. keys.Select(k => (k, at: k.LastIndexOf('/'))).Where(k => k.at > 0 && int.TryParse(k.k[(k.at + 1)..], NumberStyles.None, CultureInfo.InvariantCulture, out _)).Select(k => (k.k[..k.at], int.Parse(k.k[(k.at + 1)..], CultureInfo.InvariantCulture)))];

    private static FoundView FoundOf(Timeline timeline, OrderAnswer answer)
    {
        if (answer.Why is { } why)
            return new FoundView(why, "", "", new TwoLines([], ""), [], [], null);
        var edit = answer.Edit as PutInOrder;
        var after = edit?.Apply(timeline.Plan).Plan is { } plan ? TimelineBuilder.Build(plan, timeline.Studio) : timeline;
        var less = answer.CostBefore == 0 ? 0 : 1 - ((decimal)answer.CostAfter / answer.CostBefore);
        return new FoundView(
            null,
            edit is null ? "It stands in its best order" : $"{less:P0} less to pay for the order",
            answer.Says,
            TwoLines.Of(timeline, after),
            [.. answer.Order.Select((item, place) => RowOf(timeline, answer.Order, item, place))],
            answer.Measures,
            edit?.Write());
    }
}
