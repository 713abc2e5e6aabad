using System.Globalization;
using JollySet.Core.Moves;

namespace JollySet.Core.Cards;

/// <summary>What kind of a block a card's words begin.</summary>
internal enum CardPart { Main, WarmUp, CoolDown }

/// <summary>One line of work on a card.</summary>
internal sealed class CardStation(int line, string name)
{
    public int Line { get; } = line;
    public string Name { get; } = name;
    public Move? Move { get; init; }
    public string? Amount { get; set; }
    public string? Load { get; init; }
    public string? Tempo { get; set; }
    public string? Sides { get; set; }
    public int? Sets { get; set; }
    public int? Rest { get; set; }
    public int? RestHigh { get; set; }

    /// <summary>How many stations to rest come behind it.</summary>
    public int Rested { get; set; }
    public List<string> Options { get; } = [];
    public List<string> Notes { get; } = [];

    /// <summary>Takes what holds for every station of a block where it says nothing of its own.</summary>
    public void Take(CardScan? all)
    {
        if (all is null)
            return;
        Sets ??= all.Sets;
        // What goes by the clock has no tempo of its own.
        Tempo ??= Amount is { } own && char.IsAsciiDigit(own[0]) ? null : all.Tempo;
        // What is held is not counted: how long is asked.
        Amount ??= all.Work is null && !(all.SaysEachSide && all.RepsLow is null) && !(Move?.Tags.IsHold == true && all.Amount is ['x', ..]) ? all.Amount : null;
        Sides ??= all.SaysEachSide ? "each side" : null;
    }

    /// <summary>The same on another line.</summary>
    public CardStation At(int line) => new(line, Name) { Move = Move, Load = Load, Sides = Sides, Tempo = Tempo, Amount = Amount, Sets = Sets };

    /// <summary>The same on another line, on the other side.</summary>
    public CardStation Turned(int line, string? side)
    {
        var turned = new CardStation(line, Name) { Move = Move, Load = Load, Sides = side, Tempo = Tempo, Amount = Amount, Sets = Sets, Rest = Rest, RestHigh = RestHigh };
        turned.Options.AddRange(Options);
        turned.Notes.AddRange(Notes);
        return turned;
    }

    /// <summary>What is understood, in plain words.</summary>
    public string Told()
    {
        var parts = new List<string> { Name };
        if (Amount is { } amount)
            parts.Add(amount.Replace("..", " to ", StringComparison.Ordinal).Replace('x', '×'));
        if (Load is { } load)
            parts.Add(load);
        if (Tempo is { } tempo)
            parts.Add(tempo == "slow" ? "slow" : $"tempo {tempo}");
        if (Sides is { } sides)
            parts.Add(sides);
        if (Rest is { } rest)
            parts.Add(string.Create(CultureInfo.InvariantCulture, $"rest {rest} s"));
        return string.Join(" · ", parts.Concat(Options.Select(o => o.Replace("\"", "", StringComparison.Ordinal))).Concat(Notes.Select(n => $"note: {n}")));
    }

    /// <summary>Its name, how much of it and on which side, as it is told among others on a line.</summary>
    public string InShort() => string.Join(' ', new[] { Name, Amount?.Replace("..", " to ", StringComparison.Ordinal).Replace('x', '×'), Load, Sides is "each side" or "left" or "right" ? Sides : null }.OfType<string>());

    /// <summary>The station's line of a sheet.</summary>
    public string Sheet()
    {
        var head = CardNames.Written(Name) + (Amount is { } amount ? " " + amount : "") + (Load is { } load ? $" [{load}]" : "") + (Tempo is { } tempo ? $" @{tempo}" : "");
        var parts = new List<string> { head };
        if (Sides is { } sides)
            parts.Add(sides);
        if (Rest is { } rest)
            parts.Add(string.Create(CultureInfo.InvariantCulture, $"rest {rest}"));
        return string.Join(" | ", Options.Prepend(string.Join(", ", parts)));
    }
}

/// <summary>A block as far as a card has told of it. Times in seconds.</summary>
internal sealed class CardBlock(int line, string name, CardPart part)
{
    /// <summary>Seconds of an AMRAP of which no length is said.</summary>
    public const int ShortestMost = 300;

    public int Line { get; } = line;
    public string Name { get; set; } = name;
    public CardPart Part { get; } = part;
    public bool IsSuperset { get; set; }

    /// <summary>Whether how it runs was said of each of the pairs below.</summary>
    public bool IsOfEach { get; set; }

    /// <summary>Whether the card gave it no name.</summary>
    public bool IsUnnamed => !IsNamed && Name is [>= 'A' and <= 'Z'];

    /// <summary>Whether its name stands on the card, a single letter too.</summary>
    public bool IsNamed { get; init; }

    /// <summary>The words it was begun with, where a line of the card holds more than them.</summary>
    public string? Begun { get; init; }

    /// <summary>Whether a spoken sentence was read as it, and is kept beside it.</summary>
    public bool IsTold { get; set; }

    /// <summary>Whether it is done only where there is time.</summary>
    public bool IsOptional { get; set; }

    /// <summary>Whether it was said that nobody rests in it.</summary>
    public bool SaysNoRest { get; set; }

    public char? Letter { get; init; }

    /// <summary>The head that pairs on one line each stand under.</summary>
    public CardBlock? Pair { get; init; }
    public int? RoundsLow { get; set; }
    public int? RoundsHigh { get; set; }

    /// <summary>How many slots are said, where they are no rounds: the eight of four minutes.</summary>
    public int? Slots { get; set; }
    public int? Work { get; set; }
    public int? Rest { get; set; }

    /// <summary>Seconds of work of each round, and of rest, where they differ: “50/40/30”.</summary>
    public (string On, string Off)? ByRound { get; set; }

    /// <summary>The gap between the moves of a round where the rest is the one after it.</summary>
    public int? Pause { get; set; }

    /// <summary>What is off after each time of work, where both were said together.</summary>
    public int? Off { get; set; }
    public int? Between { get; set; }
    public int? After { get; set; }

    /// <summary>The line of its own that told of the drink after it; 0 where none did.</summary>
    public int AfterLine { get; set; }
    public bool Water { get; set; }

    /// <summary>A drink in the place of the gap after a round.</summary>
    public (int Seconds, int Round)? WaterAfter { get; set; }

    /// <summary>Whether the break between rounds is for water.</summary>
    public bool WaterBetween { get; set; }
    public int? Length { get; set; }
    public CardScheme? Scheme { get; set; }
    public int? Every { get; set; }
    public int? Total { get; set; }
    public bool IsAmrap { get; set; }

    /// <summary>How many tabatas it was said to be.</summary>
    public int? Tabatas { get; set; }
    public bool IsOwnTime { get; set; }
    public bool IsTalk { get; init; }
    /// <summary>Whether a rest stands under the last move of a block whose rounds and inner rest were said before.</summary>
    public bool ClosesAfterRounds { get; set; }
    public int? RestHigh { get; set; }

    /// <summary>Whether a rest was written under its last line of sets: what comes after that is another's.</summary>
    public bool IsRested { get; set; }

    /// <summary>What every station does that says nothing of its own.</summary>
    public CardScan? ForAll { get; set; }
    public List<CardStation> Stations { get; } = [];
    public List<string> Notes { get; } = [];

    /// <summary>Whether it is lines of sets one after another.</summary>
    public bool IsStraight => Stations.Count > 0 && Stations.TrueForAll(s => s.Sets is not null) && Letter is null && !IsSuperset;

    /// <summary>Whether all rounds of one move come before the next.</summary>
    public bool IsEachWhole { get; set; }

    /// <summary>Whether its rounds are said to be of each move.</summary>
    public bool SaysEach { get; set; }

    /// <summary>Whether its moves stood on its own line, so that a later line of sets is no more of it.</summary>
    public bool IsListed(int at, CardStation station) => Part != CardPart.Main && station.Sets > 1 && at != Line && Stations.Count > 0 && Stations.TrueForAll(s => s.Line == Line);

    /// <summary>Whether a line of sets comes after a warm-up rather than in it: sets where none of its moves has any.</summary>
    public bool IsOver(CardStation station) => Part == CardPart.WarmUp && station.Sets > 1 && (Stations.Count == 0 ? Length is not null : Stations.TrueForAll(s => s.Sets is null));

    /// <summary>Whether it was told how it runs.</summary>
    public bool HasSettings => RoundsLow is not null || Work is not null || Scheme is not null || Every is not null || IsAmrap;

    /// <summary>Whether a pause has anything to part: stations, the sides of one, or what the rest of one move does not say.</summary>
    private bool IsParted => (IsLinked || Scheme is not null) && (Stations.Count > 1 || Pause != Rest || Stations.Exists(s => s.Sides == "each side"));

    public bool IsLinked => (Letter is not null || IsSuperset) && Stations.Count > 1;

    /// <summary>Takes how another runs, where nothing of its own is said.</summary>
    public void RunsAs(CardBlock other)
    {
        (RoundsLow, RoundsHigh) = (RoundsLow ?? other.RoundsLow, RoundsLow is null ? other.RoundsHigh : RoundsHigh);
        (Work, Rest, RestHigh, Between) = (Work ?? other.Work, Rest ?? other.Rest, Rest is null ? other.RestHigh : RestHigh, Between ?? other.Between);
        (ByRound, Pause, Off) = (ByRound ?? other.ByRound, Pause ?? other.Pause, Off ?? other.Off);
        (Every, ForAll, WaterBetween) = (Every ?? other.Every, ForAll ?? other.ForAll, WaterBetween || other.WaterBetween);
    }

    /// <summary>Whether it is one of the tabatas its class is called by.</summary>
    public bool IsTabata { get; set; }

    /// <summary>The same once more, its moves on another line.</summary>
    public CardBlock Again(int line, string name)
    {
        var again = new CardBlock(line, name, Part) { IsSuperset = IsSuperset, Scheme = Scheme, After = After, Water = Water };
        again.RunsAs(this);
        again.Stations.AddRange(Stations.Select(s => s.Turned(line, s.Sides)));
        return again;
    }

    /// <summary>Whether its rounds are those that have times of their own.</summary>
    private bool HasOwnRounds => ByRound is { } own && RoundsHigh is null && own.On.Count(c => c == '/') + 1 == RoundsLow;

    /// <summary>The head of a sheet's block.</summary>
    public string Head()
    {
        var settings = new List<string> { Format() };
        if (IsOwnTime)
            return $"== {CardNames.Quoted(Name)} ({Format()}{(After is { } then ? Said($", after {then}") + (Water ? " water" : "") : "")})";
        var rounds = RoundsOf();
        if (rounds is not null)
            settings.Add(rounds);
        if (Work is { } work && Scheme is null && Every is null && !IsAmrap)
            settings.Add(HasOwnRounds ? $"work {ByRound!.Value.On}" : Said($"work {work}"));
        if (Every is { } every && every != 60)
            settings.Add(Said($"every {every}s"));
        if (Rest is { } rest && Rest > 0 && Every is null && !IsAmrap)
            settings.Add(HasOwnRounds ? $"rest {ByRound!.Value.Off}" : Said($"rest {rest}") + (RestHigh > rest ? Said($"..{RestHigh}") : ""));
        if (Pause is { } pause && IsParted && Every is null && !IsAmrap)
            settings.Add(Said($"pause {pause}"));
        if (Between is { } between && !IsLinked && Scheme is null && Every is null && !IsAmrap && !(Between == Rest))
            settings.Add(Said($"between {between}") + (WaterBetween ? " water" : ""));
        if (WaterAfter is { } drink && drink.Round < RoundsLow && !IsLinked && Scheme is null && Every is null && !IsAmrap && !IsStraight)
            settings.Add(Said($"water {drink.Seconds} after round {drink.Round}"));
        if (After is { } after)
            settings.Add(Said($"after {after}") + (Water ? " water" : ""));
        if (IsOptional)
            settings.Add("optional");
        return $"== {CardNames.Quoted(Name)} ({string.Join(", ", settings)})";
    }

    /// <summary>What is understood of how it runs, in plain words.</summary>
    public string Told()
    {
        var parts = new List<string>();
        if (IsOwnTime)
            parts.Add(IsTalk ? Said($"words, {Length ?? 60} s") : Said($"their own time, {Length ?? 60} s"));
        else if (Part != CardPart.Main)
            parts.AddRange(CardPhrases.PartOf(Name) == Part ? [] : [Part == CardPart.WarmUp ? "warm-up" : "cool-down"]);
        else if (Format() is not "circuit" and var format)
            parts.Add(format.Replace("..", " to ", StringComparison.Ordinal));
        if (RoundsOf() is { } rounds)
            parts.Add(rounds.Replace("..", " to ", StringComparison.Ordinal));
        if (Work is { } work && Scheme is null && Every is null && !IsAmrap)
            parts.Add(Said($"{(HasOwnRounds ? ByRound!.Value.On : work)} s {(Part == CardPart.Main ? "on" : "each")}"));
        if (Rest is > 0 && Every is null && !IsAmrap)
            parts.Add(Said($"{(HasOwnRounds ? ByRound!.Value.Off : Rest)} s {(Work is not null ? "off" : "rest")}"));
        if (Pause is { } pause && IsParted)
            parts.Add(Said($"{pause} s between moves"));
        if (Between is { } between && !IsLinked && Between != Rest)
            parts.Add(Said($"{between} s between rounds") + (WaterBetween ? ", with water" : ""));
        if (After is { } after)
            parts.Add(Said($"{after} s after it") + (Water ? ", with water" : ""));
        if (WaterAfter is { } drink)
            parts.Add(Said($"{drink.Seconds} s for water after round {drink.Round}"));
        if (IsOptional && !IsOwnTime)
            parts.Add("if there is time");
        if (Stations.Exists(s => s.Line == Line))
            parts.Add(string.Join(", ", Stations.Where(s => s.Line == Line).Select(s => s.InShort())));
        return parts.Count == 0 ? Name : $"{Name}: {string.Join(" · ", parts)}";
    }

    private static string Said(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);

    private string Format() => IsTalk && IsOwnTime ? Said($"talk {Length ?? 60}s")
        : IsOwnTime ? Said($"own {Length ?? 60}s")
        : Part == CardPart.WarmUp ? "prepare"
        : Part == CardPart.CoolDown ? "release"
        : Scheme is { } scheme ? scheme.Format
        : Every is not null ? "minute"
        : IsAmrap ? Said($"amrap {Length ?? Total ?? ShortestMost}s")
        : IsLinked ? Stations.Count switch { 2 => "superset", 3 => "trio", _ => "giant" }
        : IsStraight || IsEachWhole ? "straight"
        : "circuit";

    private string? RoundsOf()
    {
        if (IsOwnTime || Scheme is not null || IsAmrap)
            return null;
        if (Every is { } every && RoundsLow is null && (Total ?? Length) is { } total && Stations.Count > 0)
            return total / every / Stations.Count is var slots && slots > 1 ? Said($"{slots} rounds") : null;
        // Of a warm-up only where each of its moves has sets: those of one alone are kept in words.
        var low = RoundsLow ?? (Part == CardPart.Main || IsStraight ? Stations.FirstOrDefault(s => s.Sets is not null)?.Sets : null);
        return low is not { } n || Math.Max(n, RoundsHigh ?? 0) <= 1 ? null : RoundsHigh is { } high && high > n ? Said($"{n}..{high} rounds") : Said($"{n} rounds");
    }
}
