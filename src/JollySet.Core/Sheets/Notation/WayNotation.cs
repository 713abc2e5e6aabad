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
        var parts = LineParts.Of(slice, errors);
        if (parts.Amount is { } amount)
            errors.Add(amount, "an option has no amount of its own; it is done for as long or as often as the move");
        var name = moves.Known(parts.Name, errors, "; your own words stand in double quotes");
        if (name is null)
            return null;
        var load = parts.Load is { } l ? LoadNotation.ReadOne(l, errors) : null;
        var tempo = parts.Tempo is { } t ? TempoNotation.ReadOne(t, errors) : null;
        return new MoveWay(name, load, tempo);
    }

    public static string Write(Way way) => way switch
    {
        MoveWay move => Quoted.Write(move.Move)
            + (move.Load is { } load ? $" [{Words.Of(load)}]" : "")
            + (move.Tempo is { } tempo ? " " + TempoNotation.Write(tempo) : ""),
        AdjustedWay adjusted => Words.Of(adjusted.Adjustment),
        WordsWay words => Quoted.Always(words.Words),
        _ => "",
    };
}
