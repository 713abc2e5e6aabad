using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Showing;

/// <summary>One station: who shows what, and what is said before it.</summary>
public sealed record ShowRow(string Block, int Number, string Name, ImmutableArray<string> Shows, string Said, string Time, bool IsShort);

/// <summary>Who shows which way at each station.</summary>
public sealed class ShowingModel(ClassBook shelf, ClassTimelines timelines) : PageModel
{
    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>The revision shown.</summary>
    public int Revision { get; private set; }

    /// <summary>One or two.</summary>
    public int Count { get; private set; }

    /// <summary>What each of them must be spared.</summary>
    public ImmutableArray<ImmutableArray<string>> Of { get; private set; } = [];

    /// <summary>The stations.</summary>
    public ImmutableArray<ShowRow> Rows { get; private set; } = [];

    /// <summary>Minutes as planned for each, and weighed by load.</summary>
    public ImmutableArray<(decimal Minutes, decimal Hard)> Shares { get; private set; } = [];

    /// <summary>Whether the class has this plan already.</summary>
    public bool IsKept { get; private set; }

    /// <summary>Shows it.</summary>
    public IActionResult OnGet(Guid id, int? count, string[] first, string[] second)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var timeline = timelines.Of(kept);
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "options");
        Revision = kept.Revision;
        Count = Math.Clamp(count ?? kept.Plan.Brief.Demonstrators ?? 1, 1, ShowNeeds.Most);
        var there = ShowNeeds.Of(kept.Plan);
        Of = count is null ? [.. there.Take(Count)] : Asked(Count, first, second);
        var plan = ShowPlan.Of(timeline, Of);
        Rows = [.. plan.Stations.Select(s => RowOf(timeline, s))];
        Shares = [.. plan.Minutes.Zip(plan.HardMinutes)];
        IsKept = plan.Stations.All(s => (s.Line.Shows ?? "") == s.Text) && there.Select(n => string.Join(',', n)).SequenceEqual(Enumerable.Range(0, ShowNeeds.Most).Select(who => who < Count ? string.Join(',', Of[who]) : ""));
        return Page();
    }

    /// <summary>What each must be spared, of the ways that are known.</summary>
    public static ImmutableArray<ImmutableArray<string>> Asked(int count, string[] first, string[] second) =>
        [.. new[] { first, second }.Take(count).Select(n => n.Where(Needs.Ways.Contains).Distinct().ToImmutableArray())];

    private static ShowRow RowOf(Timeline timeline, Core.Options.Showing showing)
    {
        var line = OptionLine.Of(timeline, showing.Block, showing.Number);
        var time = line.Words.Length == 0 ? "nothing to say" : line.Has is not { } has ? "before it begins" : line.Missing > Length.Zero ? $"{Say.Time(line.Missing.InWholeSeconds)} short: change and words need {Say.Time(line.Needs.InWholeSeconds)}, there are {Say.Time(has.InWholeSeconds)}" : $"fits: {Say.Time(line.Needs.InWholeSeconds)} of {Say.Time(has.InWholeSeconds)}";
        return new ShowRow(showing.Block.Name, showing.Number, Say.Capital(Facts.NameOf(showing.Line.Doing)), [.. showing.Shows.Select(s => Named(showing.Line, s))], line.Words, time, line.Missing > Length.Zero);
    }

    private static string Named(Station line, string shows)
    {
        var option = line.Options.FirstOrDefault(o => shows == "easier" ? o.Kind == OptionKind.Easier : shows == "harder" ? o.Kind == OptionKind.Harder : shows.StartsWith("for ", StringComparison.Ordinal) && o.Kind == OptionKind.ForNeed && Needs.Named(o.Need!) == Needs.Named(shows[4..]));
        return shows switch { "" => "shows nothing", "base" => "as planned", _ => option is null ? shows : $"{shows}: {Core.Plans.Words.Of(option.Way)}" };
    }
}
