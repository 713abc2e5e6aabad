using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>What someone does instead: a move with perhaps a load and tempo, an adjustment, or words in quotes.</summary>
internal static class WayNotation
{
    private static readonly Dictionary<string, Adjustment> Adjustments =
        Enum.GetValues<Adjustment>().ToDictionary(a => Words.Of(a), StringComparer.OrdinalIgnoreCase);

    public static Way? Read(Slice slice, KnownMoves moves, SheetErrors errors)
    {
        if (slice.IsEmpty)
            return errors.None<Way?>(slice, "a move, an adjustment (seated, supported, smaller range, no load, slower) or words in quotes is expected");
        if (Quoted.Is(slice))
            return new WordsWay(Quoted.Read(slice));
        if (Adjustments.TryGetValue(slice.Text, out var adjustment))
            return new AdjustedWay(adjustment);
        var isNew = slice.StartsWith("new:");
        var parts = LineParts.Of(isNew ? slice.From(4).Trim() : slice, errors);
        if (parts.Amount is { } amount)
            errors.Add(amount, "an option has no amount of its own; it is done for as long or as often as the move");
        if (parts.Pulses is { } pulses)
            errors.Add(pulses, "an option has no pulses of its own");
        var name = isNew ? NewMoveNotation.Read(parts.Name, moves, errors)?.Name : KnownMoves.Named(parts.Name, errors);
        if (name is null)
            return null;
        if (!isNew && Adjustments.ContainsKey(name))
            return errors.None<Way?>(slice, "an adjustment has no load or tempo of its own");
        if (!moves.InLibrary(name) && Quoted.Write(name) != name)
            moves.Add(new NewMove(name));
        var load = parts.Load is { } l ? LoadNotation.ReadOne(l, errors) : null;
        var tempo = parts.Tempo is { } t ? TempoNotation.ReadOne(t, errors) : null;
        return new MoveWay(name, load, tempo);
    }

    /// <summary>As it stands after <c>easier:</c>. A bare quote would be words, so a move's name that needs quotes goes with <c>new:</c>.</summary>
    public static string Write(Way way, Func<string, NewMove?>? firstUse = null) => way switch
    {
        MoveWay move => Name(move.Move, firstUse?.Invoke(move.Move))
            + (move.Load is { } load ? $" [{Words.Of(load)}]" : "")
            + (move.Tempo is { } tempo ? " " + TempoNotation.Write(tempo) : ""),
        AdjustedWay adjusted => Words.Of(adjusted.Adjustment),
        WordsWay words => Quoted.Always(words.Words),
        _ => "",
    };

    private static string Name(string name, NewMove? first) =>
        first is not null ? NewMoveNotation.Write(first with { Name = name })
        : Adjustments.ContainsKey(name) || (Quoted.Write(name) != name && MoveLibrary.Shipped.Find(name) is null) ? NewMoveNotation.Write(new NewMove(name))
        : name;
}
