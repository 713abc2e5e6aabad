using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Checks;
using JollySet.Core.Kit;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Loads;

/// <summary>One move with a guess for each track, and what people used for it before; empty where nobody noted any.</summary>
public sealed record LoadRow(string Move, string Reps, ImmutableArray<string> Guesses, string Before);

/// <summary>Sizes to bring: a first guess for every loaded move from one strength that was tried.</summary>
public sealed class LoadsModel(ClassBook shelf, ClassTimelines timelines, VenuesBook venues, SessionBook sessions) : PageModel
{
    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>In what the studio weighs.</summary>
    public string Unit { get; private set; } = "";

    /// <summary>As typed: the weight in each hand, and clean reps.</summary>
    public (string Pressed, string Reps) Asked { get; private set; }

    /// <summary>Why it cannot be reckoned; null where it can.</summary>
    public string? Wrong { get; private set; }

    /// <summary>The tracks across.</summary>
    public ImmutableArray<string> Tracks { get; private set; } = [];

    /// <summary>The moves down, heaviest first.</summary>
    public ImmutableArray<LoadRow> Rows { get; private set; } = [];

    /// <summary>Whether any of them was used before with a weight that was noted.</summary>
    public bool HasBefore { get; private set; }

    /// <summary>Sizes to set out, lightest first: those guessed at, and those used before.</summary>
    public ImmutableArray<string> Bring { get; private set; } = [];

    /// <summary>Shows it.</summary>
    public IActionResult OnGet(Guid id, string? pressed, string? reps)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var timeline = timelines.Of(kept);
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "options");
        (Unit, Asked) = (Masses.UnitOf(timeline.Rules), (pressed ?? (timeline.Rules.WeightUnit == MassUnit.Lb ? "15" : "6"), reps ?? "10"));
        if (!decimal.TryParse(Asked.Pressed.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var mass) || Masses.Kilograms(mass, timeline.Rules) is <= 0 or > LoadGuide.MostPressed || !int.TryParse(Asked.Reps, NumberStyles.None, CultureInfo.InvariantCulture, out var count) || count is < 1 or > 30)
        {
            Wrong = $"A weight from more than 0 to {Masses.Said(LoadGuide.MostPressed, timeline.Rules)}, and 1 to 30 clean reps.";
            return Page();
        }

        var stock = KitDemands.Stock(kept.Plan.Brief, venues.Of(kept.Plan.Brief)?.Stock ?? []);
        var people = Core.Options.Tracks.Of(kept.Plan.Brief).Where(t => t.Needs.IsEmpty).ToList();
        var guesses = people.Select(t => LoadGuide.Of(timeline, Masses.Kilograms(mass, timeline.Rules), count, Factor(timeline.Rules, t.Person), stock).ToDictionary(g => g.Move)).ToList();
        Tracks = [.. people.Select(t => t.Name)];
        var before = UsedBefore.Of(sessions.LoadsNoted());
        UsedBefore? Before(LoadGuess guess) => before.GetValueOrDefault(timeline.Library.NameOf(guess.Move));
        Rows = [.. guesses[0].Values.Select(g => new LoadRow(Say.Capital(g.Move), $"{g.Reps}", [.. guesses.Select(all => Said(all[g.Move], timeline.Rules))], Before(g) is { } used ? Told(used, timeline.Rules) : ""))];
        HasBefore = Rows.Any(r => r.Before.Length > 0);
        var used = guesses[0].Values.Select(Before).OfType<UsedBefore>().SelectMany(b => new[] { b.Least, b.Middle, b.Most });
        Bring = [.. guesses.SelectMany(g => g.Values).Select(g => g.Nearest ?? g.Kilograms).Concat(used).Distinct().Order().Select(k => Masses.Said(k, timeline.Rules))];
        return Page();
    }

    private static string Told(UsedBefore used, HouseRules rules) =>
        $"{(used.Least == used.Most ? Masses.Said(used.Least, rules) : $"{Masses.Said(used.Least, rules)} to {Masses.Said(used.Most, rules)}, {Masses.Said(used.Middle, rules)} in the middle")} (noted {(used.Times == 1 ? "once" : $"{used.Times} times")}, last {used.Last.ToLocalTime().ToString("d MMMM yyyy", CultureInfo.InvariantCulture)})";

    private static decimal Factor(HouseRules rules, Person person) => person switch { Person.Newcomer => rules.EffortCapacityNewcomer, Person.Strong => rules.EffortCapacityStrong, _ => rules.EffortCapacityRegular };

    private static string Said(LoadGuess guess, HouseRules rules) => $"about {Masses.Said(guess.Kilograms, rules)}{(guess.InBothHands ? " in both hands" : "")}{(guess.Nearest is { } near && near != guess.Kilograms ? $" → {Masses.Said(near, rules)}" : "")}";
}
