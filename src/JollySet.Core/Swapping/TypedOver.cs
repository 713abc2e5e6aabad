using JollySet.Core.Balance;
using JollySet.Core.Edits;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Swapping;

/// <summary>Another name typed over a station's move: the load and the ways of the old move go, those of the new one come where such were said.</summary>
public static class TypedOver
{
    /// <summary>The edit; where one of the two is not known to the library, the name alone is changed.</summary>
    public static PlanEdit Of(ClassPlan plan, int station, string name, Studio studio)
    {
        var (typed, facts) = (name.Trim(), new Facts(plan, studio));
        if (plan.FindStation(station) is not { } found || found.Block.Stations[found.At] is not { Doing: OneMove was } line
            || facts.MoveOf(was.Name) is not { } old || facts.MoveOf(typed) is not { } move || move.Name == old.Name)
            return new SetStationPart(station, "move", name);
        var then = Lines.InPlaceOf(line, move, plan.Brief, facts);
        var said = line.Options.Select(o => (o.Kind, o.Need)).ToHashSet();
        if (StationFor.WayOf(move.Harder) is { } harder)
            then = then with { Options = then.Options.Add(new StationOption(OptionKind.Harder, harder)) };
        // What was said for someone to be spared goes only where the new move does not trouble them.
        var kept = line.Options.Where(o => o is { Kind: OptionKind.ForNeed, Need: { } need } && move.Troubles(need) && !then.Options.Any(t => t.Kind == o.Kind && t.Need == need));
        then = then with { Options = then.Options.AddRange(kept) };
        return new SetStation(station, SheetWriter.WriteStation(then with
        {
            Doing = new OneMove(typed),
            Load = line.Load is null ? null : then.Load,
            Tempo = line.Tempo,
            Options = [.. then.Options.Where(o => said.Contains((o.Kind, o.Need)))],
        }));
    }
}
