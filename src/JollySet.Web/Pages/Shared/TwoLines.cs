using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Shared;

/// <summary>Two states of a class on one line: the blocks that differ, each with what becomes of its rounds and length.</summary>
/// <param name="Same">Blocks that are as they were, and those that are left out of a class with very many.</param>
public sealed record TwoLines(ImmutableArray<(string Block, string Says, string Svg)> Rows, string Same)
{
    private const int Most = 12;

    /// <summary>Of what was and what is, or would be.</summary>
    public static TwoLines Of(Timeline was, Timeline then)
    {
        var differ = TwoBuntings.Of(was, then);
        var (alike, unseen) = (then.Blocks.Length - differ.Count(r => r.Then is not null), Math.Max(0, differ.Length - Most));
        string?[] same = [alike > 0 ? $"{alike} {(alike == 1 ? "block" : "blocks")} as before" : null, unseen > 0 ? $"{unseen} more not drawn" : null];
        return new TwoLines([.. differ.Take(Most).Select(r => (r.Block, Becomes(r), r.Svg))], string.Join(" · ", same.OfType<string>()));
    }

    private static string Becomes(TwoRopes ropes) => ropes switch
    {
        { Was: null, Then: { } now } => $"new · {Say.Clock(now.Length)}",
        { Then: null, Was: { } old } => $"gone · {Say.Clock(old.Length)}",
        { Was: { } old, Then: { } now } => string.Join(" · ", new[] { old.Rounds == now.Rounds ? null : old.Rounds == 1 ? $"1 round becomes {now.Rounds}" : $"{old.Rounds} rounds become {now.Rounds}", old.Length == now.Length ? Say.Clock(now.Length) : $"{Say.Clock(old.Length)} becomes {Say.Clock(now.Length)}" }.OfType<string>()),
        _ => "",
    };
}
