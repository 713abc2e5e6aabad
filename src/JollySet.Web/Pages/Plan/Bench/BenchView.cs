using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Plan.Bench;

/// <summary>What is open under a rope: a block and, where a flag was pressed, its station, as sentences whose words can be said otherwise.</summary>
/// <param name="Nth">Which of its block's ropes it stands under, from 1.</param>
/// <param name="Station">The station's number in the class; 0 where the block alone is open.</param>
/// <param name="Place">Where the station stands in its block, from 1.</param>
/// <param name="Findings">What a colleague would say of this place.</param>
public sealed record BenchView(
    Guid Class,
    int Revision,
    int Nth,
    int Block,
    string BlockName,
    string? Repeats,
    string Length,
    bool TakesStations,
    ImmutableArray<BenchWord> BlockWords,
    int Station,
    int Place,
    int Count,
    ImmutableArray<BenchWord> StationWords,
    string Likely,
    (string Words, bool IsTight)? Then,
    string Cue,
    string Caution,
    ImmutableArray<string> Notes,
    ImmutableArray<FindingView> Findings)
{
    /// <summary>Whether the station's move is still to be chosen.</summary>
    public bool IsToBeChosen { get; private init; }

    /// <summary>The number of the block's next station whose move is to be chosen; 0 where there is none.</summary>
    public int NextToBeChosen { get; private init; }

    /// <summary>The rope it stands under.</summary>
    public string Rope => $"rope-{Block}-{Nth}";

    /// <summary>Whose it is, in words.</summary>
    public string Label => Station == 0 ? BlockName : $"{Say.Capital(StationWords[0].Says)}, {Place} of {Count} in {BlockName}";

    /// <summary>What is said of it when it is opened or changed.</summary>
    public string Tells => Station == 0 ? $"{BlockName}, {Length}" : $"{StationWords[0].Says}, {Place} of {Count}, {StationWords[1].Says}";

    /// <summary>What is open of a class as it was looked at; null where its block has gone.</summary>
    /// <param name="station">The number of the station whose flag was pressed; the block alone is open where it has gone.</param>
    /// <param name="nth">Which of the block's ropes it was pressed on, from 1.</param>
    public static BenchView? Of(PlanView view, int station, int nth)
    {
        var (look, timeline) = (view.Look, view.Look.Timeline);
        if (look.Open is not { } block)
            return null;
        var index = timeline.Plan.Blocks.IndexOf(block);
        var spelled = timeline.Blocks[index];
        var at = spelled.Stations.FirstOrDefault(s => s.Id == station) is { } found ? spelled.Stations.IndexOf(found) : -1;
        var line = at < 0 ? null : spelled.Stations[at];
        var sets = timeline.Sets.Where(s => s.Block == index && s.Station == at + 1).ToList();
        var row = line is null ? null : StationRow.Of(timeline, sets, spelled, index, at + 1, [], null);
        var ropes = look.Wide.IsValueCreated ? look.Wide.Value.Count(r => r.Block == block.Id) : 1;
        return new BenchView(
            view.Id,
            view.Revision,
            Math.Clamp(nth, 1, Math.Max(1, ropes)),
            block.Id,
            block.Name,
            block.Format is AgainFormat again ? again.Of : null,
            Say.Clock(look.Totals.Blocks[index].Length),
            !spelled.IsWords && block.Format is not AgainFormat,
            [.. Bench.BlockWords.Of(block, spelled)],
            line?.Id ?? 0,
            at + 1,
            spelled.Stations.Length,
            line is null ? [] : [.. Bench.StationWords.Of(timeline, line, row!)],
            sets.Count == 0 ? "" : string.Join(", ", Foreseen.Of(timeline, sets[0])),
            row?.Then,
            row?.Cue ?? "",
            row?.Caution ?? "",
            line?.Notes ?? block.Notes,
            [.. view.Findings.Where(f => f.Block == block.Id && (f.Station is null ? line is null : f.Station == line?.Id))])
        {
            IsToBeChosen = line?.Doing is ToBeChosen,
            NextToBeChosen = at < 0 ? 0 : spelled.Stations.Skip(at + 1).Concat(spelled.Stations.Take(at)).FirstOrDefault(s => s.Doing is ToBeChosen)?.Id ?? 0,
        };
    }
}
