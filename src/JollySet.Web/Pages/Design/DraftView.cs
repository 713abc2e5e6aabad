using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Checks;
using JollySet.Core.Drafting;
using JollySet.Core.Effort;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Design;

/// <summary>One line of a draft and why it is there.</summary>
/// <param name="Place">Where it stands, as <c>A:3</c>; empty in warm-up and cool-down.</param>
public sealed record DraftLine(string Move, string Amount, string Why, string Place);

/// <summary>Another move for a place of the draft.</summary>
/// <param name="Take">What puts it there, as <see cref="Drafts.With"/> reads it.</param>
/// <param name="Says">What the class would have otherwise.</param>
public sealed record DraftSwap(string Take, string Name, string Says);

/// <summary>A block of another draft that could stand here.</summary>
/// <param name="Take">What puts it here, as <see cref="Drafts.With"/> reads it.</param>
/// <param name="From">Which block of which draft: <c>2.A</c>.</param>
public sealed record DraftOffer(string Take, string From, string Says);

/// <summary>One block of a draft.</summary>
/// <param name="Offers">What could stand in its place; none for warm-up and cool-down.</param>
public sealed record DraftBlock(string Name, string Head, string Why, ImmutableArray<DraftLine> Lines, ImmutableArray<DraftOffer> Offers);

/// <summary>A draft in small, to be compared.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Figures">Dose, balance and effort, each a name and a figure.</param>
/// <param name="Blocks">Its main blocks: which, and what stands in them.</param>
public sealed record DraftCard(int Number, string Shape, string Drawing, ImmutableArray<(string Name, string Figure)> Figures, ImmutableArray<(string From, string Says)> Blocks)
{
    /// <summary>The card of a draft.</summary>
    public static DraftCard Of(int number, ClassPlan plan, Studio studio)
    {
        var timeline = TimelineBuilder.Build(plan, studio);
        var dose = Dose.Of(timeline);
        var uneven = ClassBalance.Of(timeline).SeeSaws.Count(s => !s.IsSoft && s.Tilt is Tilt.Leaning or Tilt.Tipped);
        var peak = EffortModel.Of(timeline, Person.Regular).Peak;
        var findings = Review.Of(timeline).Count(f => f.Severity != Severity.Note);
        return new DraftCard(
            number,
            Say.Capital(string.Join("; ", plan.Blocks.Where(b => b.IsMain).GroupBy(b => $"{Words.FormatName(b.Format)} of {b.Stations.Length}, {b.RoundCount} rounds").Select(g => g.Count() > 1 ? $"{g.Count()} × {g.Key}" : g.Key))),
            SmallBunting.Of(timeline),
            [
                ("planned", Say.Clock(timeline.Length)),
                ("main part", $"{100 * dose.MainShare:0} %"),
                ("work", $"{100 * dose.WorkShare:0} %"),
                ("see-saws", uneven == 0 ? "all level" : $"{uneven} uneven"),
                ("effort up to", $"{peak.Effort:0} of 10"),
                ("to look at", findings == 0 ? "nothing" : $"{findings}"),
            ],
            [.. plan.Blocks.Where(b => b.IsMain).Select(b => ($"{number}.{b.Name}", SaysOf(b)))]);
    }

    /// <summary>A block by its moves.</summary>
    public static string SaysOf(Block block) => string.Join(", ", block.Stations.Select(s => Facts.NameOf(s.Doing)));
}

/// <summary>A draft as it is shown whole.</summary>
public sealed record DraftView(string Title, string Clock, string Likely, string Verdict, string Drawing, string Hanging, string Frame, ImmutableArray<DraftBlock> Blocks)
{
    /// <summary>The place whose others are shown; null for none.</summary>
    public string? SwapAt { get; init; }

    /// <summary>The best others for it.</summary>
    public ImmutableArray<DraftSwap> Swaps { get; init; } = [];

    /// <summary>The draft of that number, with what the others offer for its places.</summary>
    /// <param name="swap">The place that another move is wanted for, as <c>A:3</c>.</param>
    public static DraftView Of(int which, Draft draft, Drafts all, Studio studio, string? swap = null)
    {
        var timeline = TimelineBuilder.Build(draft.Plan!, studio);
        var findings = Review.Of(timeline);
        string Reason(string block, int station) => draft.Reasons.FirstOrDefault(r => r.Block == block && r.Station == station)?.Text ?? "";
        return new DraftView(
            draft.Plan!.Title,
            Say.Clock(timeline.Length),
            Say.Clock(timeline.Likely),
            findings.Count(f => f.Severity != Severity.Note) is var worse and > 0 ? $"{worse} to look at" : "its own checks find nothing that matters",
            BuntingSvg.Of(timeline, null, (_, _) => "#draft-title"),
            HangingSvg.Of(timeline, null, (_, _) => "#draft-title"),
            string.Join(' ', draft.Reasons.Where(r => r is { Block: "", Station: 0 }).Select(r => r.Text)),
            [
                .. draft.Plan.Blocks.Where(b => !b.IsWords).Select(b => new DraftBlock(
                    b.Name,
                    HeadOf(b),
                    Reason(b.Name, 0),
                    [.. b.Stations.Select((line, at) => new DraftLine(Say.Capital(Facts.NameOf(line.Doing)), $"{SheetWriter.WriteAmount(line.Amount)} {SheetWriter.WriteLoad(line.Load)}".Trim(), Reason(b.Name, at + 1), b.IsMain ? $"{b.Name}:{at + 1}" : ""))],
                    b.IsMain ? [.. Offers(which, b, all)] : [])),
            ])
        {
            SwapAt = swap,
            Swaps = swap is null ? [] : [.. SwapsOf(timeline, swap)],
        };
    }

    private static IEnumerable<DraftSwap> SwapsOf(Timeline timeline, string place) =>
        place.Split(':') is [var block, var at] && timeline.Plan.Find(block) is { IsMain: true } there && int.TryParse(at, System.Globalization.NumberStyles.None, System.Globalization.CultureInfo.InvariantCulture, out var number) && there.Stations.ElementAtOrDefault(number - 1) is { } line
            ? Core.Swapping.Swaps.For(timeline, line.Id).Select(s => new DraftSwap($"{place}={s.Move.Name}", Say.Capital(s.Move.Name), string.Join(" · ", s.Says)))
            : [];

    private static IEnumerable<DraftOffer> Offers(int which, Block block, Drafts all) =>
        from other in all.Made.Select((m, at) => (m.Draft, Number: at + 1))
        where other.Number != which
        from theirs in other.Draft.Plan!.Blocks
        where theirs.IsMain
        select new DraftOffer($"{block.Name}<{other.Number}.{theirs.Name}", $"{other.Number}.{theirs.Name}", DraftCard.SaysOf(theirs));

    private static string HeadOf(Block block)
    {
        var settings = block.Settings;
        string?[] parts =
        [
            block.RoundCount > 1 ? $"{block.RoundCount} rounds" : null,
            settings.Work.IsEmpty ? null : $"{settings.Work[0].InWholeSeconds} s on",
            settings.Rest.IsEmpty ? null : $"{settings.Rest[0].Length.Low.InWholeSeconds} s off",
        ];
        return string.Join(", ", parts.Prepend(block.Format is PrepareFormat or ReleaseFormat ? null : Words.FormatName(block.Format)).OfType<string>());
    }
}
