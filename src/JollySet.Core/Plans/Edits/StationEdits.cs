using System.Collections.Immutable;
using JollySet.Core.Sheets;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Plans.Edits;

/// <summary>A change to one station, named by its block and its number from 1.</summary>
/// <param name="Was">Its line when the change was made; when that line has moved meanwhile, the change goes with it, and when it is gone the change is refused.</param>
public abstract record StationEdit(string Block, int Station, string? Was) : PlanEdit
{
    /// <inheritdoc/>
    protected sealed override EditResult Change(ClassPlan plan)
    {
        if (plan.Find(Block) is not { } block)
            return EditResult.NoBlock(Block);
        var at = PlaceIn(block);
        return at < 0 ? EditResult.NoStation(Block, Station) : Change(plan, block, at);
    }

    /// <summary>The change, with the station found at <paramref name="at"/>, from 0.</summary>
    protected abstract EditResult Change(ClassPlan plan, Block block, int at);

    /// <summary>The plan with other lines in that block.</summary>
    protected static EditResult With(ClassPlan plan, Block block, ImmutableArray<Station> stations) =>
        EditResult.Of(plan with { Blocks = plan.Blocks.Replace(block, block with { Stations = stations }) });

    private int PlaceIn(Block block)
    {
        var at = Station - 1;
        if (Was is null)
            return at >= 0 && at < block.Stations.Length ? at : -1;
        bool Same(int i) => i >= 0 && i < block.Stations.Length && SheetWriter.WriteStation(block.Stations[i]) == Was;
        if (Same(at))
            return at;
        var matches = Enumerable.Range(0, block.Stations.Length).Where(Same).ToList();
        return matches.Count == 1 ? matches[0] : -1;
    }
}

/// <summary>Adds a station typed as a line, at that number or at the end.</summary>
public sealed record AddStation(string Block, string Line, int? At = null) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary => $"added a station to {Block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (plan.Find(Block) is not { } block)
            return EditResult.NoBlock(Block);
        if (block.IsWords || block.Format is AgainFormat)
            return EditResult.Refused($"“{Block}” has no stations of its own");
        var (station, result) = SheetReader.ReadStation(Line, plan);
        if (station is null)
            return new EditResult(null, result.Errors);
        var at = Math.Clamp((At ?? int.MaxValue) - 1, 0, block.Stations.Length);
        return EditResult.Of(plan with { NewMoves = result.Plan!.NewMoves, Blocks = plan.Blocks.Replace(block, block with { Stations = block.Stations.Insert(at, station) }) });
    }
}

/// <summary>Writes a station's whole line anew.</summary>
public sealed record SetStation(string Block, int Station, string Line, string? Was = null) : StationEdit(Block, Station, Was)
{
    /// <inheritdoc/>
    public override string Summary => $"changed station {Station} of {Block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at)
    {
        var (station, result) = SheetReader.ReadStation(Line, plan);
        return station is null
            ? new EditResult(null, result.Errors, "line")
            : With(plan with { NewMoves = result.Plan!.NewMoves }, block, block.Stations.SetItem(at, station));
    }
}

/// <summary>Says one part of a station anew, in the sheet's words; empty takes it out.</summary>
/// <param name="Part">move, amount, load, tempo, sides, rest, easier, harder, <c>for NEED</c>, or a note to be added.</param>
public sealed record SetStationPart(string Block, int Station, string Part, string Value, string? Was = null) : StationEdit(Block, Station, Was)
{
    /// <inheritdoc/>
    public override string Summary => $"changed {Part} of station {Station} in {Block}";

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
            : With(plan with { NewMoves = moves.Added }, block, block.Stations.SetItem(at, station));
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
public sealed record RemoveStation(string Block, int Station, string? Was = null) : StationEdit(Block, Station, Was)
{
    /// <inheritdoc/>
    public override string Summary => $"took station {Station} out of {Block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at) => With(plan, block, block.Stations.RemoveAt(at));
}

/// <summary>Puts a copy of a station after it.</summary>
public sealed record DuplicateStation(string Block, int Station, string? Was = null) : StationEdit(Block, Station, Was)
{
    /// <inheritdoc/>
    public override string Summary => $"duplicated station {Station} of {Block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at) => With(plan, block, block.Stations.Insert(at + 1, block.Stations[at]));
}

/// <summary>Moves a station to another number of its block, as it will be.</summary>
public sealed record MoveStation(string Block, int Station, int To, string? Was = null) : StationEdit(Block, Station, Was)
{
    /// <inheritdoc/>
    public override string Summary => $"moved station {Station} of {Block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at)
    {
        var others = block.Stations.RemoveAt(at);
        return With(plan, block, others.Insert(Math.Clamp(To - 1, 0, others.Length), block.Stations[at]));
    }
}
