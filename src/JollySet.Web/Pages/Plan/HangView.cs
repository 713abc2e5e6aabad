using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;
using JollySet.Data;

namespace JollySet.Web.Pages.Plan;

/// <summary>Moves drawn as small flags by family, to be hung on the line.</summary>
/// <param name="Goal">The block that a press hangs one in.</param>
/// <param name="In">That block's name; null where none takes stations.</param>
public sealed record HangView(Guid Id, int Revision, int Goal, string? In, ImmutableArray<(Family Family, ImmutableArray<Move> Moves)> Families)
{
    /// <summary>Those that a class does not have yet.</summary>
    /// <param name="open">The block that is open on the page.</param>
    public static HangView Of(KeptClass kept, Timeline timeline, int open, string? asked)
    {
        var taking = kept.Plan.Blocks.Where(b => !b.Stations.IsEmpty || (!b.IsWords && b.Format is not Core.Plans.AgainFormat)).ToList();
        var goal = taking.Find(b => b.Id == open) ?? taking.Find(b => b.IsMain) ?? taking.FirstOrDefault();
        return new(kept.Id, kept.Revision, goal?.Id ?? 0, goal?.Name, ToHang.For(timeline, asked));
    }

    /// <summary>What a family is called.</summary>
    public static string NameOf(Family family) => family switch
    {
        Family.Core => "Trunk",
        Family.WholeBody => "Whole body",
        _ => family.ToString(),
    };
}
