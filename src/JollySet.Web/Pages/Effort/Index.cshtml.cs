using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Effort;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Effort;

/// <summary>One person's figures.</summary>
public sealed record PersonView(string Name, string Peak, string PeakAt, string PeakDuring, string HardMinutes);

/// <summary>A station where a newcomer's form may go.</summary>
public sealed record FormView(string Block, int Station, string Move, string Round, string Muscle, string Fatigue, string Easier, string Address);

/// <summary>How the class may feel to a newcomer, a regular and a strong person.</summary>
public sealed class EffortScreenModel(ClassBook shelf, ClassTimelines timelines) : PageModel
{
    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>The curves.</summary>
    public string Drawing { get; private set; } = "";

    /// <summary>When each muscle works, under the same time axis.</summary>
    public string Recovery { get; private set; } = "";

    /// <summary>Whether recovery was asked for, or something goes on too long.</summary>
    public bool ShowsRecovery { get; private set; }

    /// <summary>Peak and hard minutes by person.</summary>
    public ImmutableArray<PersonView> People { get; private set; } = [];

    /// <summary>Where a newcomer's form may go, each station once, at its worst.</summary>
    public ImmutableArray<FormView> Form { get; private set; } = [];

    /// <summary>Shows them.</summary>
    public IActionResult OnGet(Guid id, bool recovery = false)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var timeline = timelines.Of(kept);
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "effort");
        var curves = EffortModel.Of(timeline);
        Drawing = EffortSvg.Of(timeline, curves);
        Recovery = RecoverySvg.Of(timeline, Core.Balance.Recovery.Of(timeline));
        ShowsRecovery = recovery;
        People = [.. curves.Select(c => PersonOf(timeline, c))];
        Form =
        [
            .. curves[0].Sets.Where(s => s.Local > (double)timeline.Rules.EffortFormGoes)
                .GroupBy(s => (timeline.Sets[s.Set].Block, timeline.Sets[s.Set].Station))
                .Select(g => g.MaxBy(s => s.Local)!)
                .Select(s => FormOf(kept.Id, timeline, s)),
        ];
        return Page();
    }

    /// <summary>Recovery alone, for the Plan screen to put under its line.</summary>
    public IActionResult OnGetRecovery(Guid id) => shelf.Get(id) is { } kept
        ? Partial("_Recovery", RecoverySvg.Of(timelines.Of(kept), Core.Balance.Recovery.Of(timelines.Of(kept))))
        : NotFound();

    /// <summary>The curves alone, for the same place.</summary>
    public IActionResult OnGetCurves(Guid id) => shelf.Get(id) is { } kept
        ? Partial("_Curves", EffortSvg.Of(timelines.Of(kept), EffortModel.Of(timelines.Of(kept))))
        : NotFound();

    private static PersonView PersonOf(Timeline timeline, EffortCurve curve)
    {
        var peak = curve.Peak;
        var during = timeline.Segments.FirstOrDefault(s => s.Start < peak.At && s.End >= peak.At);
        return new PersonView(
            Say.Capital(curve.Person.ToString().ToLowerInvariant()),
            $"{peak.Effort:0.0}",
            Say.Clock(peak.At),
            during is { Set: >= 0 } ? timeline.Sets[during.Set].Facts.Name : "",
            $"{curve.MinutesFrom(5):0.0}");
    }

    private static FormView FormOf(Guid id, Timeline timeline, SetEffort effort)
    {
        var set = timeline.Sets[effort.Set];
        var block = timeline.Blocks[set.Block];
        var easier = set.Line.Options.FirstOrDefault(o => o.Kind == OptionKind.Easier) is { } said ? Core.Plans.Words.Of(said.Way) : set.Facts.Move is { } move ? $"{move.Easier.Trim('"')} (not said yet)" : "";
        return new FormView(
            block.Name,
            set.Station,
            Say.Capital(set.Facts.Name),
            block.RoundCount > 1 ? $"round {set.Round}" : "",
            Core.Plans.Words.Of(effort.Muscle),
            $"{effort.Local:P0}",
            easier,
            $"/plan/{id}?block={timeline.Plan.Blocks[set.Block].Id}#s{set.Line.Id}");
    }
}
