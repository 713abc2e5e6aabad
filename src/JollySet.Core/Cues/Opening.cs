using System.Globalization;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues;

/// <summary>What to say before the first move, computed from the plan, so that nothing is promised that does not come.</summary>
public static class Opening
{
    private const int MostNumbers = 12;
    private static readonly string[] Numbers = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];

    /// <summary>A sentence each: how much, how it runs, what is needed, options and needs, water, length. Empty for a class with no work.</summary>
    public static IEnumerable<string> Of(Timeline timeline)
    {
        var main = timeline.Blocks.Where(b => b.IsMain && !b.Stations.IsEmpty).ToList();
        if (main.Count == 0)
            yield break;
        yield return $"{Say.Capital(Number(Totals.Of(timeline).DistinctMoves))} {Plural(Totals.Of(timeline).DistinctMoves, "move")}, {Shape(main)}.";
        var optional = timeline.Plan.Brief.Kit.Where(k => k.Contains("optional", StringComparison.OrdinalIgnoreCase)).ToList();
        if (timeline.Plan.Brief.Kit.Except(optional).Concat(KitNeeds.NotNamed(timeline)).ToList() is { Count: > 0 } kit)
            yield return $"You need {Say.List(kit)}{(optional.Count > 0 ? $"; {Say.List(optional)}" : "")}.";
        var lines = main.SelectMany(b => b.Stations).ToList();
        if (lines.Count(s => s.Options.Any(o => o.Kind is OptionKind.Easier or OptionKind.ForNeed)) is var eased and > 0)
            yield return $"There is an easier way for {(eased == lines.Count ? "all" : 2 * eased >= lines.Count ? "most" : "some")} of it; I say it before we start each one.";
        foreach (var need in AskFirst.Of(timeline.Plan.Brief))
            yield return $"{Say.Capital(need)}: do what you have agreed with your clinician, and tell me first.";
        if (timeline.Gaps.Count(g => g.Water) is var water and > 0)
            yield return water == 1 ? "There is one water break; drink whenever you like." : $"There are {Number(water)} water breaks; drink whenever you like.";
        if (!timeline.Blocks.Any(b => b.Format is PrepareFormat))
            yield return timeline.Plan.Brief.Before is { } before ? $"Warm up first: {before}." : "Warm up first.";
        yield return "Sharp pain, dizziness, a tight chest: stop at once and tell me.";
        yield return $"Done in {Minutes(timeline)}.";
    }

    /// <summary>One block in its numbers; several by how many there are.</summary>
    private static string Shape(List<Block> main)
    {
        var rounds = main.Select(b => b.RoundCount).Distinct().ToList();
        var times = main.Select(b => (work: b.Settings.Work.IsEmpty ? 0 : b.Settings.Work[0].InWholeSeconds, rest: b.Settings.Rest.IsEmpty ? 0 : b.Settings.Rest[0].Length.Low.InWholeSeconds)).Distinct().ToList();
        var how = times is [{ work: > 0 } only] ? $", {Number(only.work)} on, {Number(only.rest)} off" : "";
        var blocks = main.Count == 1 ? "" : $"{Number(main.Count)} blocks, ";
        return rounds.Count == 1 ? $"{blocks}{Number(rounds[0])} {Plural(rounds[0], "round")}{(main.Count > 1 && rounds[0] > 0 ? " each" : "")}{how}" : $"{blocks.TrimEnd(',', ' ')}{how}";
    }

    private static string Minutes(Timeline timeline)
    {
        var minutes = (int)Math.Round(timeline.Length.InMinutes, MidpointRounding.AwayFromZero);
        return $"{minutes} {Plural(minutes, "minute")}";
    }

    private static string Number(int number) => number <= MostNumbers ? Numbers[number] : number.ToString(CultureInfo.InvariantCulture);

    private static string Plural(int number, string thing) => number == 1 ? thing : thing + "s";
}
