using System.Collections.Immutable;
using JollySet.Core.Moves;

namespace JollySet.Core.Plans;

/// <summary>What is done at a station.</summary>
public abstract record Doing;

/// <summary>One move, by the name written; the library or the class's new moves know it.</summary>
public sealed record OneMove(string Name) : Doing;

/// <summary>A pattern with no move chosen yet.</summary>
public sealed record ToBeChosen(Pattern Pattern) : Doing;

/// <summary>One line of a block.</summary>
/// <param name="Rest">Its own rest, in place of the block's within a round.</param>
/// <param name="Kit">Kit named on the line, in place of the library's.</param>
/// <param name="Shows">Who of two demonstrators shows what, as written.</param>
public sealed record Station(
    Doing Doing,
    Amount? Amount = null,
    LoadPlan? Load = null,
    TempoPlan? Tempo = null,
    Sides? Sides = null,
    Gap? Rest = null,
    int? DemoSeconds = null,
    string? Shows = null)
{
    /// <summary>Easier, harder, equal and need-bound ways, in the order written.</summary>
    public ImmutableArray<StationOption> Options { get; init; } = [];

    /// <summary>Kit named on the line.</summary>
    public ImmutableArray<string> Kit { get; init; } = [];

    /// <summary>Notes, kept for ever.</summary>
    public ImmutableArray<string> Notes { get; init; } = [];

    /// <summary>A station of one move.</summary>
    public static Station Of(string move, Amount? amount = null) => new(new OneMove(move), amount);
}
