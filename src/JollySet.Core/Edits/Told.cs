using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Edits;

/// <summary>What an edit will do, said before it is made.</summary>
public static class Told
{
    private const int MostNamed = 2;

    /// <summary>A few words: <c>rest 20 in A</c>, <c>easier: knee push-up for push-up</c>.</summary>
    public static string Of(PlanEdit edit, ClassPlan plan) => edit switch
    {
        Several several => Several(several, plan),
        SetBlockSetting set => $"{(set.Key == "format" ? "" : $"{set.Key} ")}{set.Value} in {plan.FindBlock(set.Block)?.Name ?? "a block"}",
        SetStationPart { Value.Length: 0 } set => $"no {set.Part} for {NameOf(plan, set.Station)}",
        SetStationPart { Part: "move" } set => $"{set.Value} in place of {NameOf(plan, set.Station)}",
        SetStationPart { Part: "sides" or "amount" } set => $"{NameOf(plan, set.Station)} {set.Value}",
        SetStationPart set => $"{set.Part}: {set.Value} for {NameOf(plan, set.Station)}",
        AddKit add => $"{add.Item} in the kit",
        SetBriefLine set => $"{set.Key}: {set.Value}",
        _ => edit.Summary(plan),
    };

    private static string Several(Several several, ClassPlan plan)
    {
        var all = several.Edits.Select(e => Of(e, plan)).Distinct().ToList();
        return all.Count <= MostNamed ? string.Join("; ", all) : $"{string.Join("; ", all.Take(MostNamed))} and {all.Count - MostNamed} more";
    }

    private static string NameOf(ClassPlan plan, int station) =>
        plan.FindStation(station) is { } there ? Facts.NameOf(there.Block.Stations[there.At].Doing) : "a station";
}
