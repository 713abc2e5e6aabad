using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Fitting;

/// <summary>Turns chosen variants into edits an instructor could have made, and says them.</summary>
public static class FitEdits
{
    /// <summary>The edits of one choice, each with its words.</summary>
    public static IEnumerable<(PlanEdit Edit, string Says)> Of(ClassPlan plan, BlockChoice choice)
    {
        var before = plan.Blocks[choice.Block];
        if (choice.Changed is not { } after)
            return [(new RemoveBlock(before.Id), $"{before.Name} dropped")];
        return Format(before, after).Concat(Settings(before, after)).Concat(Stations(before, after));
    }

    private static IEnumerable<(PlanEdit, string)> Format(Block before, Block after)
    {
        var (was, now) = (SheetWriter.WriteFormat(before.Format), SheetWriter.WriteFormat(after.Format));
        if (was != now)
            yield return (new SetBlockSetting(before.Id, "format", now), $"{before.Name}: {now} in place of {was}");
    }

    private static IEnumerable<(PlanEdit, string)> Settings(Block before, Block after)
    {
        var was = SheetWriter.WriteSettings(before.Settings).ToImmutableDictionary(s => s.Key, s => s.Value);
        foreach (var (key, value) in SheetWriter.WriteSettings(after.Settings))
            if (was.GetValueOrDefault(key) != value)
                yield return (new SetBlockSetting(before.Id, key, value), Says(before, key, was.GetValueOrDefault(key, key == "rounds" ? "1" : "none"), value));
    }

    private static string Says(Block block, string key, string was, string value) => key switch
    {
        "rounds" => $"{block.Name}: {value} {(value == "1" ? "round" : "rounds")} in place of {was}",
        _ => $"{block.Name}: {key} {Bare(value)} s in place of {Bare(was)}",
    };

    private static string Bare(string gap) => gap.Replace(" water", "", StringComparison.Ordinal);

    /// <summary>Stations that are gone, from the last, so that numbers stay right.</summary>
    private static IEnumerable<(PlanEdit, string)> Stations(Block before, Block after)
    {
        var kept = after.Stations.Length;
        for (var i = before.Stations.Length - 1; i >= 0; i--)
        {
            if (kept > 0 && ReferenceEquals(before.Stations[i], after.Stations[kept - 1]))
                kept--;
            else
                yield return (new RemoveStation(before.Stations[i].Id), $"{before.Name}: without {Timing.Facts.NameOf(before.Stations[i].Doing)}");
        }
    }
}
