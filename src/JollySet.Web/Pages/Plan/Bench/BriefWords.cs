using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Web.Pages.Shared;

namespace JollySet.Web.Pages.Plan.Bench;

/// <summary>The brief as a sentence: “30 min · follow-along · full body · for newcomer, regular · careful with knees”.</summary>
internal static class BriefWords
{
    /// <summary>A line of the brief: its label, what is read before it and after it, its usual values.</summary>
    private static readonly ImmutableArray<(string Key, string Label, string Lead, string Tail, string Unsaid, string Choices)> Lines =
    [
        ("minutes", "Minutes", "", " min", "how long?", "20\n30\n45\n60"),
        ("style", "Style", "·", "", "led or follow-along?", "led\nfollow-along"),
        ("focus", "Focus", "·", "", "what for?", ""),
        ("goal", "Goal", "·", "", "which goal?", string.Join('\n', Enum.GetValues<Goal>().Select(Words.Of))),
        ("audience", "Who comes", "· for", "", "whom?", ""),
        ("people", "How many", "·", " people", "how many?", "8\n12\n20"),
        ("needs", "Careful with", "· careful with", "", "nothing said", ""),
        ("kit", "Kit", "· kit", "", "none said", ""),
        ("place", "Place", "· in", "", "where?", ""),
        ("claims", "Promised", "· promised", "", "nothing", ""),
    ];

    /// <summary>The words of a class's brief.</summary>
    public static ImmutableArray<BenchWord> Of(Dictionary<string, string> brief) =>
    [
        .. Lines.Select(line =>
        {
            var value = brief.GetValueOrDefault(line.Key, "");
            return new BenchWord("brief", line.Key, line.Label, value.Length == 0 ? line.Unsaid : value + line.Tail, value)
            {
                Lead = line.Lead,
                Choices = line.Choices.Length > 0 ? line.Choices : string.Join('\n', Picks.Of(line.Key, value).Words.Select(w => value.Length == 0 ? w : $"{value}, {w}=+ {w}")),
            };
        }),
    ];
}
