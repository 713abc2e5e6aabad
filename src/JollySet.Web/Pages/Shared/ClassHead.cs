using JollySet.Core.Checks;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;

namespace JollySet.Web.Pages.Shared;

/// <summary>What stands on top of every screen of one class: its name, both lengths against the booking, and the way to its other screens.</summary>
/// <param name="Current">The screen one is on.</param>
/// <param name="Most">The length with every range at its high end; null where there is none.</param>
/// <param name="Hides">What people will do that the plan does not say; empty where all is said.</param>
public sealed record ClassHead(
    Guid Id,
    string Current,
    string Title,
    string BriefLine,
    string Clock,
    string Likely,
    string Work,
    string? Most,
    int? Minutes,
    string Against,
    bool IsOver,
    string Hides,
    int Findings)
{
    /// <summary>The revision shown, what made it, and whether it can be taken back or done again: for the screens that have no edits of their own.</summary>
    public (int Revision, string LastChange, bool CanUndo, bool CanRedo) Last { get; private init; }

    /// <inheritdoc cref="Last"/>
    public int Revision => Last.Revision;

    /// <inheritdoc cref="Last"/>
    public string LastChange => Last.LastChange;

    /// <inheritdoc cref="Last"/>
    public bool CanUndo => Last.CanUndo;

    /// <inheritdoc cref="Last"/>
    public bool CanRedo => Last.CanRedo;

    /// <summary>The head of a class.</summary>
    public static ClassHead Of(KeptClass kept, Timeline timeline, Totals totals, IReadOnlyCollection<Finding> findings, string current) => new(
        kept.Id,
        current,
        kept.Plan.Title,
        BriefLineOf(kept.Plan.Brief),
        Say.Clock(totals.Length),
        Say.Clock(totals.Likely),
        Say.Clock(totals.Work),
        Ranges.AtHighEnds(kept.Plan) is { } high ? Say.Clock(TimelineBuilder.Build(high, timeline.Studio).Length) : null,
        kept.Plan.Brief.Minutes,
        AgainstBooking(kept.Plan.Brief.Minutes, totals),
        findings.Any(f => f.Code == "time-over"),
        string.Join(", ", Hidden.Of(timeline).Select(h => $"{h.What} ({Say.Time(h.Length)})")),
        findings.Count(f => f.Severity > Severity.Note))
    {
        Last = current == "plan" ? default : (kept.Revision, kept.LastChange, kept.CanUndo, kept.CanRedo),
    };

    private static string BriefLineOf(Brief brief)
    {
        string?[] parts =
        [
            brief.Style is { } style ? Core.Plans.Words.Of(style) : null,
            brief.Focus.IsEmpty ? null : string.Join(", ", brief.Focus),
            brief.Goal is { } goal ? Core.Plans.Words.Of(goal) : null,
            brief.Audience.IsEmpty ? null : string.Join(", ", brief.Audience.Select(Core.Plans.Words.Of)),
            brief.Needs.IsEmpty ? null : "spare " + string.Join(", ", brief.Needs.Select(NeedText)),
            brief.Place,
        ];
        return string.Join(" · ", parts.OfType<string>());
    }

    private static string NeedText(string need) => Core.Moves.Needs.KindOf(need) == Core.Moves.NeedKind.Unknown ? $"{need} (not understood)" : need;

    private static string AgainstBooking(int? minutes, Totals totals)
    {
        if (minutes is not { } booked)
            return "no minutes booked";
        var left = (booked * 60) - totals.Length.InWholeSeconds;
        return left >= 0 ? $"{Say.Time(left)} to spare" : $"{Say.Time(-left)} over";
    }
}
