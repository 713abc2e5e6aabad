using System.Collections.Immutable;
using JollySet.Core.Moves;

namespace JollySet.Core.Plans;

/// <summary>What is done at a station.</summary>
public abstract record Doing;

/// <summary>Reads through what is done.</summary>
public static class Doings
{
    /// <summary>Every single thing in it, in the order written.</summary>
    public static IEnumerable<Doing> Parts(this Doing doing) => doing switch
    {
        Combined combined => combined.Parts.SelectMany(Parts),
        Together together => together.Parts.SelectMany(Parts),
        Growing growing => growing.Rounds.SelectMany(Parts),
        Stacked stack => stack.Parts.SelectMany(Parts),
        _ => [doing],
    };

    /// <summary>The names of every move in it.</summary>
    public static IEnumerable<string> MoveNames(this Doing doing) => doing.Parts().OfType<OneMove>().Select(m => m.Name);

    /// <summary>What is done in that round, counted from 1.</summary>
    public static Doing InRound(this Doing doing, int round) => doing is Growing growing ? growing.Rounds.At(round) : doing;
}

/// <summary>One move, by the name written; the library or the class's new moves know it.</summary>
public sealed record OneMove(string Name) : Doing;

/// <summary>A pattern with no move chosen yet.</summary>
public sealed record ToBeChosen(Pattern Pattern) : Doing;

/// <summary>A rep is each part once, one after the other.</summary>
public sealed record Combined(ImmutableArray<Doing> Parts) : Doing;

/// <summary>Both at once.</summary>
public sealed record Together(ImmutableArray<Doing> Parts) : Doing;

/// <summary>A move a round; the last goes on.</summary>
public sealed record Growing(ImmutableArray<Doing> Rounds) : Doing;

/// <summary>One of each, two of each, three of each, inside one work period.</summary>
public sealed record Stacked(ImmutableArray<Doing> Parts) : Doing;

/// <summary>Small quick reps at the end of a set, or through timed work where no number is said.</summary>
public sealed record Pulses(int? Count);

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
    Length? Demo = null,
    string? Shows = null,
    Pulses? Pulses = null)
{
    /// <summary>Its number in the class, for as long as it lives; 0 until it has one (<see cref="Ids"/>).</summary>
    public int Id { get; init; }

    /// <summary>The rung a stack begins from, by round; empty is one.</summary>
    public ImmutableArray<int> StartRungs { get; init; } = [];

    /// <summary>Easier, harder, equal and need-bound ways, in the order written.</summary>
    public ImmutableArray<StationOption> Options { get; init; } = [];

    /// <summary>Kit named on the line.</summary>
    public ImmutableArray<string> Kit { get; init; } = [];

    /// <summary>Notes, kept for ever.</summary>
    public ImmutableArray<string> Notes { get; init; } = [];

    /// <summary>The names of every move on the line: what is done, then what may be done instead.</summary>
    public IEnumerable<string> MoveNames() => Doing.MoveNames().Concat(Options.Select(o => o.Way).OfType<MoveWay>().Select(w => w.Move));

    /// <summary>A station of one move.</summary>
    public static Station Of(string move, Amount? amount = null) => new(new OneMove(move), amount);
}
