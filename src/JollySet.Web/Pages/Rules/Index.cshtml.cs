using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Rules;

/// <summary>One rule as its row shows it.</summary>
/// <param name="Value">As it stands, or as it was typed where that was refused.</param>
public sealed record RuleRow(string Name, string Title, string Unit, string Value, string Default, string Range, bool IsChanged, string? Wrong, bool IsLength);

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
            if (!TryRead(rule, typed, out var value))
                wrong[rule.Name] = (typed, $"a number from {Number(rule.Least)} to {Number(rule.Most)} is expected");
            else if (!rule.Allows(value))
                wrong[rule.Name] = (typed, $"this goes from {Number(rule.Least)} to {Number(rule.Most)} {rule.Unit}");
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
            rule.Unit,
            wrong.TryGetValue(rule.Name, out var refused) ? refused.Typed : Number(rules[rule.Name]),
            Number(rule.Default),
            $"{Number(rule.Least)} to {Number(rule.Most)}",
            rules[rule.Name] != rule.Default,
            wrong.ContainsKey(rule.Name) ? refused.Sentence : null,
            rule.IsLength);
    }

    private static string Number(decimal value) => value.ToString("0.###", CultureInfo.InvariantCulture);
}
