using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Kit;

/// <summary>A place where classes are taught.</summary>
/// <param name="Kit">What it has, an entry a line, as a brief writes it.</param>
/// <param name="MinutesIn">For coming in and laying out.</param>
/// <param name="MinutesOut">For putting away and leaving.</param>
/// <param name="Floor">What is underfoot, in words.</param>
/// <param name="Neighbours">Who must not be disturbed, in words.</param>
public sealed record Venue(string Name, string Kit, int MinutesIn, int MinutesOut, string Floor, string Neighbours)
{
    /// <summary>The longest time for coming or leaving.</summary>
    public const int MostMinutes = 120;

    private const int MostLetters = 8000;

    /// <summary>What it has, as it is understood.</summary>
    public ImmutableArray<StockLine> Stock => StockLine.Read(Kit).Lines;

    /// <summary>What is wrong with it, a sentence each by the field it is about.</summary>
    public IEnumerable<(string Field, string Says)> Wrong()
    {
        if (Name.Trim().Length is 0 or > Limits.NameLetters)
            yield return ("name", $"a place has a name of 1 to {Limits.NameLetters} letters");
        if (MinutesIn is < 0 or > MostMinutes)
            yield return ("in", $"coming in takes from 0 to {MostMinutes} minutes");
        if (MinutesOut is < 0 or > MostMinutes)
            yield return ("out", $"leaving takes from 0 to {MostMinutes} minutes");
        if (Kit.Length > MostLetters)
            yield return ("kit", $"at most {MostLetters} letters of kit");
        foreach (var says in StockLine.Read(Kit).Wrong.Take(5))
            yield return ("kit", says);
        if (Floor.Length > Limits.NameLetters || Neighbours.Length > Limits.NameLetters)
            yield return ("floor", $"floor and neighbours have at most {Limits.NameLetters} letters each");
    }
}
