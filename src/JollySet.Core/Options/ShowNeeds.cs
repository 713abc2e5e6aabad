using System.Collections.Immutable;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Options;

/// <summary>What those who show must be spared themselves, kept as notes of the class: <c>demonstrator 2: spared knees, wrists</c>.</summary>
public static partial class ShowNeeds
{
    /// <summary>The most who show one class.</summary>
    public const int Most = 2;

    /// <summary>For each of two, in order; nothing where no note says so.</summary>
    public static ImmutableArray<ImmutableArray<string>> Of(ClassPlan plan)
    {
        var said = plan.Brief.Notes.Select(n => Said().Match(n)).Where(m => m.Success).ToLookup(m => m.Groups["who"].Value, m => m.Groups["needs"].Value);
        return [.. Enumerable.Range(1, Most).Select(who => said[$"{who}"].SelectMany(n => n.Split(',', StringSplitOptions.TrimEntries)).Where(Needs.Ways.Contains).Distinct().ToImmutableArray())];
    }

    /// <summary>The class with these in place of those it had.</summary>
    public static ClassPlan Noted(ClassPlan plan, ImmutableArray<ImmutableArray<string>> needs) => plan with
    {
        Brief = plan.Brief with
        {
            Demonstrators = needs.Length > 1 ? Math.Max(needs.Length, plan.Brief.Demonstrators ?? 0) : plan.Brief.Demonstrators is null ? null : 1,
            Notes = [.. plan.Brief.Notes.Where(n => !Said().IsMatch(n)), .. needs.Select((n, who) => (n, who: who + 1)).Where(n => n.n.Length > 0).Select(n => $"demonstrator {n.who}: spared {string.Join(", ", n.n)}")],
        },
    };

    [GeneratedRegex(@"^\s*demonstrator (?<who>[12]): spared (?<needs>.+)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Said();
}
