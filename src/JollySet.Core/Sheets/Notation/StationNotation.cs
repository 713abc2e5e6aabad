using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>A station's line: <c>move amount [load] @tempo, sides, rest T | easier: … | for NEED: …</c>.</summary>
internal static class StationNotation
{
    /// <summary>The station; null after adding the errors.</summary>
    public static Station? Read(Slice line, KnownMoves moves, SheetErrors errors)
    {
        var sections = line.Split('|');
        var commas = sections[0].Split(',');
        var station = ReadHead(commas[0], moves, errors);
        foreach (var part in commas.Skip(1))
            station = ReadPart(station, part, errors);
        foreach (var section in sections.Skip(1))
            station = ReadSection(station, section, moves, errors);
        return station;
    }

    public static string Write(Station station, Func<string, NewMove?> firstUse)
    {
        var head = new List<string> { Name(station.Doing, firstUse) };
        if (station.Amount is { } amount)
            head.Add(AmountNotation.Write(amount));
        if (station.Pulses is not null)
            head.Add(WritePulses(station.Pulses));
        if (station.Load is { } load)
            head.Add(LoadNotation.Write(load));
        if (station.Tempo is { } tempo)
            head.Add(TempoNotation.Write(tempo));
        IEnumerable<string> commas = [string.Join(' ', head)];
        if (station.Sides is { } sides)
            commas = commas.Concat(SidesNotation.Write(sides));
        if (!station.StartRungs.IsEmpty)
            commas = commas.Append("start " + string.Join('/', station.StartRungs));
        if (station.Rest is { } rest)
            commas = commas.Append("rest " + GapNotation.Write(rest));
        return string.Join(" | ", Sections(station, firstUse).Select(s => $"{s.Key}: {s.Value}").Prepend(string.Join(", ", commas)));
    }

    /// <summary>What stands after the bars, in order.</summary>
    private static IEnumerable<(string Key, string Value)> Sections(Station station, Func<string, NewMove?> firstUse)
    {
        foreach (var option in station.Options)
            yield return (OptionKey(option), WayNotation.Write(option.Way, firstUse));
        if (!station.Kit.IsEmpty)
            yield return ("kit", string.Join(", ", station.Kit.Select(Quoted.Write)));
        if (station.Demo is { } demo)
            yield return ("demo", TimeNotation.Bare(demo));
        if (station.Shows is { } shows)
            yield return ("shows", Quoted.Write(shows));
        foreach (var note in station.Notes)
            yield return ("note", Quoted.Write(note));
    }

    /// <summary><c>easier</c>, <c>harder</c>, <c>or</c>, <c>for NEED</c>.</summary>
    public static string OptionKey(StationOption option) =>
        option.Kind == OptionKind.ForNeed ? $"for {NeedText(option.Need!)}" : option.Kind.ToString().ToLowerInvariant();

    private static string NeedText(string need) => need.Contains(':', StringComparison.Ordinal) ? Quoted.Always(need) : Quoted.Write(need);

    /// <summary>What is done, as written: the move's name, <c>new: …</c> or <c>any: …</c>.</summary>
    public static string Name(Doing doing, Func<string, NewMove?> firstUse) => doing switch
    {
        OneMove one when firstUse(one.Name) is { } added => NewMoveNotation.Write(added with { Name = one.Name }),
        OneMove one => Quoted.Write(one.Name),
        ToBeChosen chosen => $"any: {Words.Of(chosen.Pattern)}",
        Combined combined => string.Join(" + ", combined.Parts.Select(p => Name(p, firstUse))),
        Together together => string.Join(" & ", together.Parts.Select(p => Name(p, firstUse))),
        Growing growing => string.Join(" > ", growing.Rounds.Select(p => Name(p, firstUse))),
        Stacked stack => $"stack({string.Join(", ", stack.Parts.Select(p => Name(p, firstUse)))})",
        _ => "",
    };

    /// <summary>What is done, read from its name; null after adding the error.</summary>
    public static Doing? ReadDoing(Slice name, KnownMoves moves, SheetErrors errors)
    {
        if (name.StartsWith("stack(") && name.Text.EndsWith(')'))
            return Parts(name.From(6).To(name.Length - 7), ',', moves, errors) is { } stacked ? new Stacked(stacked) : null;
        // “&” binds before “+”, “+” before “>”.
        if (name.IndexOutside('>') >= 0)
            return Parts(name, '>', moves, errors) is { } rounds ? new Growing(rounds) : null;
        if (name.IndexOutside('+') >= 0)
            return Parts(name, '+', moves, errors) is { } combined ? new Combined(combined) : null;
        if (name.IndexOutside('&') >= 0)
            return Parts(name, '&', moves, errors) is { } both ? new Together(both) : null;
        if (name.StartsWith("any:"))
        {
            var word = name.From(4).Trim();
            return Words.TryPattern(word.Text, out var pattern)
                ? new ToBeChosen(pattern)
                : errors.None<Doing?>(word, $"a pattern is one of {string.Join(", ", Words.PatternWords)}");
        }

        if (name.StartsWith("new:"))
            return NewMoveNotation.Read(name.From(4).Trim(), moves, errors);
        return KnownMoves.Named(name, errors) is { } named ? new OneMove(named) : null;
    }

    private static ImmutableArray<Doing>? Parts(Slice names, char sign, KnownMoves moves, SheetErrors errors)
    {
        var parts = names.Split(sign).Select(part => part.IsEmpty
            ? errors.None<Doing?>(names, $"a move is expected on each side of “{sign}”")
            : ReadDoing(part, moves, errors)).ToList();
        return parts.Contains(null) ? null : [.. parts.OfType<Doing>()];
    }

    private static Pulses? ReadPulses(Slice slice, SheetErrors errors)
    {
        if (slice.Is("pulses"))
            return new Pulses(null);
        var number = slice.Words()[0].From(1).Text;
        return int.TryParse(number, NumberStyles.None, CultureInfo.InvariantCulture, out var count) && count is > 0 and <= Limits.Reps
            ? new Pulses(count)
            : errors.None<Pulses?>(slice, "pulses are written “+10 pulses” after a count, or “pulses” in timed work");
    }

    private static Station ReadHead(Slice head, KnownMoves moves, SheetErrors errors)
    {
        var parts = LineParts.Of(head, errors);
        return new Station(
            ReadDoing(parts.Name, moves, errors) ?? new OneMove(""),
            parts.Amount is { } amount ? AmountNotation.Read(amount, errors) : null,
            parts.Load is { } load ? LoadNotation.Read(load, errors) : null,
            parts.Tempo is { } tempo ? TempoNotation.Read(tempo, errors) : null,
            Pulses: parts.Pulses is { } pulses ? ReadPulses(pulses, errors) : null);
    }

    private static Station ReadPart(Station station, Slice part, SheetErrors errors)
    {
        if (SidesNotation.LooksLike(part))
            return station with { Sides = SidesNotation.Add(station.Sides, part, errors) };
        if (part.AfterWord("rest") is { } rest)
            return station with { Rest = Once(station.Rest, GapNotation.Read(rest, errors), part, "rest", errors) };
        if (part.AfterWord("start") is { } start)
            return station with { StartRungs = ReadStart(start, station.Doing, errors) };
        errors.Add(part, "after a comma sides (each side, switch halfway, left, right, both, alternating, right first, reverse halfway) or “rest 20” are expected");
        return station;
    }

    /// <summary>The rungs a stack begins from, by round.</summary>
    public static ImmutableArray<int> ReadStart(Slice slice, Doing doing, SheetErrors errors)
    {
        if (doing is not Stacked)
            errors.Add(slice, "only a stack has a rung to start from");
        var rungs = slice.Split('/').Select(part => int.TryParse(part.Text, NumberStyles.None, CultureInfo.InvariantCulture, out var rung) && rung is > 0 and <= Limits.Reps
            ? rung
            : errors.None<int?>(part, "a stack starts from a whole number, by round: start 1/4/1"));
        return [.. rungs.OfType<int>()];
    }

    /// <summary>Pulses as they stand on a line; empty when none are said.</summary>
    public static string WritePulses(Pulses? pulses) => pulses switch
    {
        null => "",
        { Count: { } count } => string.Create(CultureInfo.InvariantCulture, $"+{count} pulses"),
        _ => "pulses",
    };

    /// <summary>What is done, in the notation.</summary>
    public static string WriteDoing(Doing doing) => Name(doing, _ => null);

    private static Station ReadSection(Station station, Slice section, KnownMoves moves, SheetErrors errors)
    {
        var colon = section.IndexOutside(':');
        if (colon < 0)
        {
            errors.Add(section, "after a bar “easier: …”, “harder: …”, “or: …”, “for NEED: …”, “kit: …”, “demo: …”, “shows: …” or “note: …” is expected");
            return station;
        }

        return WithSection(station, section.To(colon).Trim(), section.From(colon + 1).Trim(), moves, errors);
    }

    /// <summary>The station with one more section; unchanged after an error.</summary>
    public static Station WithSection(Station station, Slice key, Slice value, KnownMoves moves, SheetErrors errors)
    {
        if (key.Is("easier"))
            return WithOption(station, OptionKind.Easier, null, value, moves, errors);
        if (key.Is("harder"))
            return WithOption(station, OptionKind.Harder, null, value, moves, errors);
        if (key.Is("or"))
            return WithOption(station, OptionKind.Or, null, value, moves, errors);
        if (key.AfterWord("for") is { IsEmpty: false } need)
            return WithOption(station, OptionKind.ForNeed, Quoted.Read(need), value, moves, errors);
        if (key.Is("kit"))
            return station with { Kit = [.. value.Split(',').Where(k => !k.IsEmpty).Select(Quoted.Read)] };
        if (key.Is("demo"))
            return station with { Demo = Once(station.Demo, TimeNotation.Read(value, errors), key, "demo", errors) };
        if (key.Is("shows"))
            return station with { Shows = Once(station.Shows, value.IsEmpty ? null : Quoted.Read(value), key, "shows", errors) };
        if (key.Is("note"))
            return station with { Notes = station.Notes.Add(Quoted.Read(value)) };
        errors.Add(key, "easier, harder, or, for NEED, kit, demo, shows or note is expected");
        return station;
    }

    private static Station WithOption(Station station, OptionKind kind, string? need, Slice value, KnownMoves moves, SheetErrors errors) =>
        WayNotation.Read(value, moves, errors) is { } way
            ? station with { Options = station.Options.Add(new StationOption(kind, way, need)) }
            : station;

    private static T? Once<T>(T? before, T? now, Slice where, string what, SheetErrors errors)
    {
        if (before is not null)
            errors.Add(where, $"“{what}” stands on this line already");
        return before ?? now;
    }
}
