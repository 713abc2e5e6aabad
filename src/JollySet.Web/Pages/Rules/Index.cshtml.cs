using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Rules;

/// <summary>One rule as its row shows it.</summary>
/// <param name="Value">As it stands, or as it was typed where that was refused.</param>
public sealed record RuleRow(string Name, string Title, string Unit, string Value, string Default, string Range, bool IsChanged, string? Wrong, bool IsLength, ImmutableArray<string> Choices);

/// <summary>Rules that belong together.</summary>
public sealed record RuleGroup(string Name, ImmutableArray<RuleRow> Rows);

/// <summary>Every number the product starts from, by name, unit and value, each with its reset.</summary>
public sealed class RulesModel(RulesBook book) : PageModel
{
    /// <summary>The rules, in their groups.</summary>
    public ImmutableArray<RuleGroup> Groups { get; private set; } = [];

    /// <summary>The first that was refused, which the page shows first; null where none was.</summary>
    public string? FirstWrong => Groups.SelectMany(g => g.Rows).FirstOrDefault(r => r.Wrong is not null)?.Name;

    /// <summary>How many differ from their default.</summary>
    public int ChangedCount { get; private set; }

    /// <summary>Shows them.</summary>
    public void OnGet() => Fill([]);

    /// <summary>Sets what was typed, or resets one rule or all. What cannot be is kept in its field, with a sentence; the others are set.</summary>
    public IActionResult OnPost(string? reset, bool all = false)
    {
        if (all || reset is not null)
        {
            foreach (var rule in HouseRules.All.Where(r => all || r.Name == reset))
                book.Set(rule.Name, rule.Default);
            return Redirect("/rules" + (all ? "" : $"#{reset}"));
        }

        var wrong = new Dictionary<string, (string Typed, string Sentence)>();
        var current = book.Current();
        foreach (var rule in HouseRules.All.Where(r => Request.Form.ContainsKey(r.Name)))
        {
            var typed = Request.Form[rule.Name].ToString().Trim();
            if (typed == Shown(rule, current[rule.Name], current))
                continue;
            if (!TryRead(rule, typed, out var value))
                wrong[rule.Name] = (typed, $"a number from {Shown(rule, rule.Least, current)} to {Shown(rule, rule.Most, current)} is expected");
            else if (!rule.Allows(value = rule.Unit == "kg" ? Masses.Kilograms(value, current) : value))
                wrong[rule.Name] = (typed, $"this goes from {Shown(rule, rule.Least, current)} to {Shown(rule, rule.Most, current)} {UnitOf(rule, current)}");
            else if (value != current[rule.Name])
                book.Set(rule.Name, value);
        }

        if (wrong.Count == 0)
            return Redirect("/rules");
        Fill(wrong);
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    /// <summary>A number in the rule's unit; a length also as people say it: <c>15 min</c>, <c>2:30</c>, <c>90 s</c>.</summary>
    private static bool TryRead(HouseRule rule, string typed, out decimal value) =>
        decimal.TryParse(typed.Replace(',', '.'), NumberStyles.AllowDecimalPoint | NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out value) || (rule.IsLength && TryLength(rule, typed, out value));

    private static bool TryLength(HouseRule rule, string typed, out decimal value)
    {
        var length = Core.Sheets.SheetReader.ReadTime(typed.TrimEnd('.').Replace("minutes", "min", StringComparison.OrdinalIgnoreCase).Replace("mins", "min", StringComparison.OrdinalIgnoreCase).Replace("seconds", "s", StringComparison.OrdinalIgnoreCase).Replace("secs", "s", StringComparison.OrdinalIgnoreCase).Replace("sec", "s", StringComparison.OrdinalIgnoreCase));
        value = length is { } said ? rule.Unit == "s" ? said.InSeconds : said.InMinutes : 0;
        return length is not null;
    }

    private void Fill(Dictionary<string, (string Typed, string Sentence)> wrong)
    {
        var rules = book.Current();
        ChangedCount = rules.Changed.Count;
        Groups = [.. HouseRules.All.GroupBy(r => r.Group).Select(g => new RuleGroup(g.Key, [.. g.Select(RowOf)]))];

        RuleRow RowOf(HouseRule rule) => new(
            rule.Name,
            rule.Title,
            UnitOf(rule, rules),
            wrong.TryGetValue(rule.Name, out var refused) ? refused.Typed : Shown(rule, rules[rule.Name], rules),
            rule.Choices.IsEmpty ? Shown(rule, rule.Default, rules) : rule.Choices[(int)rule.Default],
            rule.Choices.IsEmpty ? $"{Shown(rule, rule.Least, rules)} to {Shown(rule, rule.Most, rules)}" : "",
            rules[rule.Name] != rule.Default,
            wrong.ContainsKey(rule.Name) ? refused.Sentence : null,
            rule.IsLength,
            rule.Choices);
    }

    private static string UnitOf(HouseRule rule, HouseRules rules) => rule.Unit == "kg" ? Masses.UnitOf(rules) : rule.Unit;

    /// <summary>A value as it is typed: weights in what the studio weighs.</summary>
    private static string Shown(HouseRule rule, decimal value, HouseRules rules) => rule.Unit == "kg" ? Masses.Said(value, rules)[..^3] : Number(value);

    private static string Number(decimal value) => value.ToString("0.###", CultureInfo.InvariantCulture);
}
