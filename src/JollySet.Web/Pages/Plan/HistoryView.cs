using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Plan;

/// <summary>One state a class was in.</summary>
/// <param name="What">The change that made it.</param>
/// <param name="Clock">How long it was.</param>
/// <param name="Says">What bringing it back would change.</param>
public sealed record PastState(int Number, string What, string When, string Clock, string Bunting, string Says, bool IsNow);

/// <summary>What was done to a class, newest first, each state drawn small and to be brought back.</summary>
/// <param name="Reasons">Why it was drafted as it was.</param>
/// <param name="Taught">When it was taught, newest first, each with its record.</param>
/// <param name="Earlier">The state that earlier ones come before; null where there is none earlier.</param>
/// <param name="IsNewest">Whether these are the newest.</param>
public sealed record HistoryView(Guid Id, int Revision, int Open, ImmutableArray<PastState> States, ImmutableArray<(Guid Session, string When)> Taught, IReadOnlyList<string> Reasons, int? Earlier, bool IsNewest)
{
    private const int Most = 24;
    private const int MostNamed = 240;

    /// <summary>Of a class at the limits fewer are drawn.</summary>
    private const int MostOfLarge = 4;
    private const int LargeFrom = 6000;

    /// <summary>Every state that can be laid beside another, newest first.</summary>
    public required ImmutableArray<(int Number, string What)> Named { get; init; }

    /// <summary>Two states beside each other, where that was asked for.</summary>
    public TwoStates? Two { get; init; }

    /// <summary>Of a class as it is kept.</summary>
    /// <param name="before">Only states earlier than this one.</param>
    public static HistoryView Of(ClassBook book, SessionBook sessions, KeptClass kept, Timeline timeline, int open, int? before = null)
    {
        var now = Measured.Of(timeline);
        PastState? StateOf((int Number, string Summary, DateTime At) row)
        {
            if ((row.Number == kept.Revision ? kept.Plan : book.PlanAt(kept.Id, row.Number)) is not { } plan)
                return null;
            var then = TimelineBuilder.Build(plan, timeline.Studio);
            return new PastState(row.Number, Say.Capital(row.Summary), On(row.At), Say.Clock(then.Length), SmallBunting.Of(then), row.Number == kept.Revision ? "" : string.Join(" · ", Effect.Of(now, Measured.Of(then)).Says), row.Number == kept.Revision);
        }

        var most = timeline.Segments.Length > LargeFrom ? MostOfLarge : Most;
        var rows = book.History(kept.Id, most + 1, before ?? int.MaxValue);
        return new HistoryView(
            kept.Id,
            kept.Revision,
            open,
            [.. rows.Take(most).Select(StateOf).OfType<PastState>()],
            [.. sessions.Taught([kept.Id]).Take(Most).Select(t => (t.Session, On(t.At)))],
            book.Reasons(kept.Id),
            rows.Count > most ? rows[most - 1].Number : null,
            before is null)
        { Named = [.. book.History(kept.Id, MostNamed).Select(r => (r.Number, $"{Say.Capital(r.Summary)}, {On(r.At)}"))] };
    }

    private static string On(DateTime at) => at.ToLocalTime().ToString("ddd d MMM, HH:mm", CultureInfo.InvariantCulture);
}
