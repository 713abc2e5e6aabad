using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>A draft's brief as it is said, line by line, in the words of a sheet's header; the screen and the command line read it alike.</summary>
/// <param name="Brief">Null where something is wrong.</param>
/// <param name="Wrong">A sentence for each line that is not understood, by its key.</param>
public sealed record DraftTold(Brief? Brief, ImmutableSortedDictionary<string, string> Wrong)
{
    /// <summary>The shortest and the longest class that is drafted, minutes.</summary>
    public const int LeastMinutes = 10;

    /// <inheritdoc cref="LeastMinutes"/>
    public const int MostMinutes = 120;

    /// <summary>Reads the lines; empty ones say nothing.</summary>
    public static DraftTold Read(IEnumerable<KeyValuePair<string, string>> lines)
    {
        var (plan, wrong) = (new ClassPlan("Draft", new Brief(Style: ClassStyle.Led)), new Dictionary<string, string>());
        foreach (var (key, value) in lines.Where(l => l.Value.Trim().Length > 0))
        {
            var result = new SetBriefLine(key, value).Apply(plan);
            if (result.Plan is { } said)
                plan = said;
            else
                wrong[key] = string.Join("; ", result.Errors.Select(e => e.Message));
        }

        if (plan.Brief.Needs.FirstOrDefault(n => Needs.KindOf(n) == NeedKind.Unknown) is { } unknown)
            wrong["needs"] = $"“{unknown}” is not understood, and a draft must not pass it over. {Needs.Suggestion(unknown)}";
        if (plan.Brief.Focus.FirstOrDefault(f => !Balance.Focus.Of(new Brief { Focus = [f] }).IsJudged) is { } vague)
            wrong["focus"] = $"“{vague}” is not understood; say full body, upper, lower or core, a muscle, or push, pull, squat, hinge";
        if (!wrong.ContainsKey("minutes") && plan.Brief.Minutes is not (>= LeastMinutes and <= MostMinutes))
            wrong["minutes"] = $"a draft has from {LeastMinutes} to {MostMinutes} minutes";
        return new DraftTold(wrong.Count > 0 ? null : plan.Brief, wrong.ToImmutableSortedDictionary());
    }
}
