using System.Collections.Immutable;

namespace JollySet.Core.Moves.Names;

/// <summary>How sure a reading is.</summary>
public enum Sureness
{
    /// <summary>Nobody knows it: it is asked.</summary>
    Unknown,

    /// <summary>Something is meant, and it is asked which.</summary>
    Likely,

    /// <summary>As a coach would understand it.</summary>
    Certain,
}

/// <summary>What a written name means.</summary>
/// <param name="Text">As it was written.</param>
/// <param name="Move">The move with every modifier's change, under a name of its own; of a likely one the first choice; null where it is unknown.</param>
/// <param name="Base">The library's name of what it is made of; empty where it is unknown.</param>
/// <param name="Modifiers">What changes the base, as it is told.</param>
/// <param name="How">In one line: what was understood, or what is near.</param>
/// <param name="Nearest">Up to three names to choose from where it is not certain.</param>
public sealed record NameReading(string Text, Sureness Known, Move? Move, string Base, ImmutableArray<string> Modifiers, string How, ImmutableArray<string> Nearest)
{
    /// <summary>How many of its words the nearest known name has too.</summary>
    public int Shared { get; init; }

    /// <summary>The moves that a short name may mean, the likeliest first; none of any other name.</summary>
    public ImmutableArray<Move> Several { get; init; } = [];

    /// <summary>How many moves it is made of: one, unless several are done in one rep.</summary>
    public int Moves { get; init; } = 1;

    /// <summary>The name without its slips, where it is likely.</summary>
    public string Meant { get; init; } = "";
}
