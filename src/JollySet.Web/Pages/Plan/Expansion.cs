using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Plan;

/// <summary>What a typed line would become, before it is taken.</summary>
/// <param name="Text">As it would stand on the sheet; empty where the line cannot be read yet.</param>
/// <param name="Takes">Its length, and what that makes of the class.</param>
public sealed record Expansion(string Line, string Text, string Bunting, string Takes, ImmutableArray<SheetError> Errors)
{
    /// <summary>What is said of names that nobody knows; they are asked about once the block stands.</summary>
    public string Unknown { get; init; } = "";

    /// <summary>The expansion of a line; null for an empty one.</summary>
    public static Expansion? Of(KeptClass kept, Timeline timeline, string? line)
    {
        if (string.IsNullOrWhiteSpace(line))
            return null;
        var (block, result) = BlockLine.Read(line, kept.Plan);
        if (block is null)
            return new Expansion(line, "", "", "", result.Errors);
        var added = new AddBlockLine(line).Apply(kept.Plan);
        if (added.Plan is not { } plan)
            return new Expansion(line, "", "", "", added.Errors);
        var longer = TimelineBuilder.Build(plan, timeline.Studio);
        var alone = TimelineBuilder.Build(plan with { Blocks = [block] }, timeline.Studio);
        var unknown = block.Stations.SelectMany(s => s.MoveNames()).Distinct().Where(n => new Facts(plan, timeline.Studio).MoveOf(n) is null).Select(n => (name: n, near: timeline.Library.Reader.Read(n).Nearest)).ToList();
        return new Expansion(
            line,
            SheetWriter.WriteBlock(kept.Plan, block),
            SmallBunting.Of(alone),
            $"{Say.Clock(Totals.Of(longer).Blocks[AddBlockLine.PlaceIn(kept.Plan)].Length)} planned; the class becomes {Say.Clock(longer.Length)}, with people {Say.Clock(longer.Likely)}",
            [])
        {
            Unknown = string.Join(" ", unknown.Select(u => $"“{u.name}” is not understood{(u.near.IsEmpty ? "" : $"; near are {string.Join(", ", u.near)}")}.")),
        };
    }
}
