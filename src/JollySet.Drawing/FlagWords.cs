using System.Globalization;
using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>What a flag says of itself.</summary>
public static class FlagWords
{
    /// <summary>What hangs under it.</summary>
    public static string Name(Timeline timeline, WorkSet set) => timeline.Blocks[set.Block] is { Format: AmrapFormat } block
        ? Say.Capital(string.Join(", ", block.Stations.Select(Counted)))
        : Say.Capital(set.Facts.Name);

    /// <summary>Everything it stands for, in one sentence.</summary>
    public static string Tells(Timeline timeline, WorkSet set, double effort)
    {
        var isAmrap = timeline.Blocks[set.Block].Format is AmrapFormat;
        var parts = new List<string> { isAmrap ? Name(timeline, set) : $"{set.Station}. {Name(timeline, set)}" };
        if (!isAmrap)
        {
            if (set.Line.Load is { } load)
                parts.Add(Words.Of(load.Rounds.At(set.Round)) + (load.Then is { } then ? $" then {Words.Of(then)}" : ""));
            parts.Add(Hems.Words(Hems.Of(set)));
        }

        parts.Add(set.CountText is { } reps ? $"{reps} reps, {set.Length} s" : Say.Time(set.Length));
        parts.AddRange(Foreseen.Of(timeline, set));
        if (set.Line.Tempo is { } tempo && !isAmrap)
            parts.Add("tempo " + SheetWriter.WriteTempo(tempo));
        parts.Add(set.Facts.Level switch { Core.Moves.Level.Up => "up", Core.Moves.Level.Middle => "middle", Core.Moves.Level.Down => "down", _ => "level not known" });
        parts.Add(string.Create(CultureInfo.InvariantCulture, $"effort {effort:0} of 10"));
        if (set.LearnedInside)
            parts.Add(string.Create(CultureInfo.InvariantCulture, $"learned in its first {timeline.Rules.ChangeLearnInside.InSeconds:0.#} s"));
        if (!isAmrap)
            parts.AddRange(set.Line.Options.Select(o => $"{OptionWord(o)}: {Words.Of(o.Way)}"));
        return string.Join("; ", parts);
    }

    /// <summary><c>easier</c>, <c>for knees</c> …</summary>
    public static string OptionWord(StationOption option) =>
        option.Kind == OptionKind.ForNeed ? $"for {option.Need}" : option.Kind.ToString().ToLowerInvariant();

    /// <summary>A station with its amount, as a list of them says it.</summary>
    private static string Counted(Station station) => station.Amount is { } amount ? $"{Facts.NameOf(station.Doing)} {SheetWriter.WriteAmount(amount).Replace('x', '×')}" : Facts.NameOf(station.Doing);
}
