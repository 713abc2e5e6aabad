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
    public string? Tempo { get; init; }
    public string? Sides { get; set; }
    public int? Sets { get; init; }
    public int? Rest { get; set; }
    public List<string> Options { get; } = [];
    public List<string> Notes { get; } = [];

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
    public int Line { get; } = line;
    public string Name { get; set; } = name;
    public CardPart Part { get; } = part;
    public bool IsSuperset { get; set; }
    public char? Letter { get; init; }
    public int? RoundsLow { get; set; }
    public int? RoundsHigh { get; set; }
    public int? Work { get; set; }
    public int? Rest { get; set; }
    public int? Between { get; set; }
    public int? After { get; set; }
    public bool Water { get; set; }
    public int? Length { get; set; }
    public CardScheme? Scheme { get; set; }
    public int? Every { get; set; }
    public int? Total { get; set; }
    public bool IsAmrap { get; set; }
    public bool IsOwnTime { get; set; }
    public List<CardStation> Stations { get; } = [];
    public List<string> Notes { get; } = [];

    /// <summary>Whether it is lines of sets one after another.</summary>
    public bool IsStraight => Stations.Count > 0 && Stations.TrueForAll(s => s.Sets is not null) && Letter is null && !IsSuperset;

    /// <summary>Whether it was told how it runs.</summary>
    public bool HasSettings => RoundsLow is not null || Work is not null || Scheme is not null || Every is not null || IsAmrap;

    public bool IsLinked => (Letter is not null || IsSuperset) && Stations.Count > 1;

    /// <summary>The head of a sheet's block.</summary>
    public string Head()
    {
        var settings = new List<string> { Format() };
        var rounds = RoundsOf();
        if (rounds is not null)
            settings.Add(rounds);
        if (Work is { } work && Scheme is null && Every is null && !IsAmrap)
            settings.Add(Said($"work {work}"));
        if (Rest is { } rest && Rest > 0 && Every is null && !IsAmrap)
            settings.Add(Said($"rest {rest}"));
        if (Between is { } between && !IsLinked && Scheme is null && Every is null && !IsAmrap && !(Between == Rest))
            settings.Add(Said($"between {between}"));
        if (After is { } after)
            settings.Add(Said($"after {after}") + (Water ? " water" : ""));
        return $"== {CardNames.Quoted(Name)} ({string.Join(", ", settings)})";
    }

    private static string Said(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);

    private string Format() => IsOwnTime ? Said($"own {Length ?? 60}s")
        : Part == CardPart.WarmUp ? "prepare"
        : Part == CardPart.CoolDown ? "release"
        : Scheme is { } scheme ? scheme.Format
        : Every is { } every ? (every == 60 ? "minute" : Said($"minute every {every}s"))
        : IsAmrap ? Said($"amrap {Length ?? Total ?? 300}s")
        : IsLinked ? Stations.Count switch { 2 => "superset", 3 => "trio", _ => "giant" }
        : IsStraight ? "straight"
        : "circuit";

    private string? RoundsOf()
    {
        if (IsOwnTime || Scheme is not null || IsAmrap)
            return null;
        if (Every is { } every && RoundsLow is null && Total is { } total && Stations.Count > 0)
            return total / every / Stations.Count is var slots && slots > 1 ? Said($"{slots} rounds") : null;
        var low = RoundsLow ?? Stations.FirstOrDefault(s => s.Sets is not null)?.Sets;
        return low is not { } n || n <= 1 ? null : RoundsHigh is { } high && high > n ? Said($"{n}..{high} rounds") : Said($"{n} rounds");
    }
}
