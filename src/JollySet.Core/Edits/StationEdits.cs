using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Sheets.Notation;
using JollySet.Core.Timing;

namespace JollySet.Core.Edits;

/// <summary>A change to one station, by its number in the class (<see cref="Station.Id"/>).</summary>
public abstract record StationEdit(int Station) : PlanEdit
{
    /// <inheritdoc/>
    public sealed override string Summary(ClassPlan plan) => plan.FindStation(Station) is { } found
        ? Said(Facts.NameOf(found.Block.Stations[found.At].Doing), found.Block.Name)
        : "changed a station";

    /// <inheritdoc/>
    protected sealed override EditResult Change(ClassPlan plan) =>
        plan.FindStation(Station) is { } found ? Change(plan, found.Block, found.At) : EditResult.NoStation;

    /// <summary>What it does, with the station's name and its block's.</summary>
    protected abstract string Said(string name, string block);

    /// <summary>The change, with the station found at <paramref name="at"/>, from 0.</summary>
    protected abstract EditResult Change(ClassPlan plan, Block block, int at);

    /// <summary>The plan with other lines in that block.</summary>
    protected static EditResult With(ClassPlan plan, Block block, ImmutableArray<Station> stations, string? field = null) =>
        EditResult.Of(plan with { Blocks = plan.Blocks.Replace(block, block with { Stations = stations }) }, field);
}

/// <summary>Adds a station typed as a line, at that place from 1 or at the end.</summary>
public sealed record AddStation(int Block, string Line, int? At = null) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) =>
        plan.FindBlock(Block) is { } block ? $"added {NameIn(plan) ?? "a station"} to {block.Name}" : "added a station";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (plan.FindBlock(Block) is not { } block)
            return EditResult.NoBlock;
        if (block.IsWords || block.Format is AgainFormat)
            return EditResult.Refused($"“{block.Name}” has no stations of its own");
        var (station, result) = SheetReader.ReadStation(Line, plan);
        if (station is null)
            return new EditResult(null, result.Errors, "line");
        var at = Math.Clamp((At ?? int.MaxValue) - 1, 0, block.Stations.Length);
        return EditResult.Of(plan with { NewMoves = result.Plan!.NewMoves, Blocks = plan.Blocks.Replace(block, block with { Stations = block.Stations.Insert(at, station) }) }, "line");
    }

    private string? NameIn(ClassPlan plan) => SheetReader.ReadStation(Line, plan).Station is { } station ? Facts.NameOf(station.Doing) : null;
}

/// <summary>Writes a station's whole line anew.</summary>
public sealed record SetStation(int Station, string Line) : StationEdit(Station)
{
    /// <inheritdoc/>
    protected override string Said(string name, string block) =>
        SheetReader.ReadStation(Line, new ClassPlan("", new Brief())).Station is { } said && Facts.NameOf(said.Doing) is var other && other != name ? $"put {other} in place of {name} in {block}" : $"changed {name} in {block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at)
    {
        var (station, result) = SheetReader.ReadStation(Line, plan);
        return station is null
            ? new EditResult(null, result.Errors, "line")
            : With(plan with { NewMoves = result.Plan!.NewMoves }, block, block.Stations.SetItem(at, station with { Id = Station }), "line");
    }
}

/// <summary>Says one part of a station anew, in the sheet's words; empty takes it out.</summary>
/// <param name="Part">move, amount, load, tempo, sides, rest, easier, harder, <c>for NEED</c>, or a note to be added.</param>
public sealed record SetStationPart(int Station, string Part, string Value) : StationEdit(Station)
{
    /// <inheritdoc/>
    protected override string Said(string name, string block) => Part == "move" && Value.Trim().Length > 0
        ? $"put {Value.Trim()} in place of {name} in {block}"
        : $"changed {Part} of {name} in {block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at)
    {
        var errors = new SheetErrors();
        var moves = new KnownMoves(Moves.MoveLibrary.Shipped);
        foreach (var move in plan.NewMoves)
            moves.Add(move);
        var value = Slice.OfLine(Value.ReplaceLineEndings(" "), 1).Trim();
        var station = Said(block.Stations[at], value, moves, errors);
        return errors.Any
            ? new EditResult(null, errors.InOrder, Part)
            : With(plan with { NewMoves = moves.Added }, block, block.Stations.SetItem(at, station), Part);
    }

    private Station Said(Station station, Slice value, KnownMoves moves, SheetErrors errors) => Part switch
    {
        "move" => station with { Doing = StationNotation.ReadDoing(value, moves, errors) ?? station.Doing },
        "amount" => station with { Amount = value.IsEmpty ? null : AmountNotation.Read(value, errors) },
        "load" => station with { Load = value.IsEmpty ? null : LoadNotation.Read(value, errors) },
        "tempo" => station with { Tempo = value.IsEmpty ? null : TempoNotation.Read(value, errors) },
        "rest" => station with { Rest = value.IsEmpty ? null : GapNotation.Read(value, errors) },
        "sides" => station with { Sides = value.IsEmpty ? null : value.Split(',').Aggregate((Sides?)null, (s, part) => SidesNotation.Add(s, part, errors)) },
        "easier" => WithOption(station, OptionKind.Easier, value, moves, errors),
        "harder" => WithOption(station, OptionKind.Harder, value, moves, errors),
        "note" => value.IsEmpty ? station with { Notes = [] } : station with { Notes = station.Notes.Add(value.Text) },
        _ when Part.StartsWith("for ", StringComparison.Ordinal) => WithOption(station, OptionKind.ForNeed, value, moves, errors, Part[4..]),
        _ => errors.None<Station?>(value, $"a station has no part “{Part}”") ?? station,
    };

    private static Station WithOption(Station station, OptionKind kind, Slice value, KnownMoves moves, SheetErrors errors, string? need = null)
    {
        var others = station.Options.Where(o => o.Kind != kind || o.Need != need).ToImmutableArray();
        if (value.IsEmpty)
            return station with { Options = others };
        return WayNotation.Read(value, moves, errors) is not { } way ? station
            : station with { Options = kind == OptionKind.Easier ? others.Insert(0, new StationOption(kind, way)) : others.Add(new StationOption(kind, way, need)) };
    }
}

/// <summary>Takes a station out.</summary>
public sealed record RemoveStation(int Station) : StationEdit(Station)
{
    /// <inheritdoc/>
    protected override string Said(string name, string block) => $"took {name} out of {block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at) => With(plan, block, block.Stations.RemoveAt(at));
}

/// <summary>Puts a copy of a station after it.</summary>
public sealed record DuplicateStation(int Station) : StationEdit(Station)
{
    /// <inheritdoc/>
    protected override string Said(string name, string block) => $"duplicated {name} in {block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at) => With(plan, block, block.Stations.Insert(at + 1, block.Stations[at] with { Id = 0 }));
}

/// <summary>Moves a station to another place of its block, from 1, as it will be.</summary>
public sealed record MoveStation(int Station, int To) : StationEdit(Station)
{
    /// <inheritdoc/>
    protected override string Said(string name, string block) => $"moved {name} in {block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at)
    {
        var others = block.Stations.RemoveAt(at);
        return With(plan, block, others.Insert(Math.Clamp(To - 1, 0, others.Length), block.Stations[at]));
    }
}
