using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>How a block runs.</summary>
public abstract record BlockFormat;

/// <summary>Words, for so many seconds.</summary>
public sealed record TalkFormat(int Seconds) : BlockFormat;

/// <summary>The moves of the next main block are shown.</summary>
public sealed record ShowFormat(int Seconds) : BlockFormat;

/// <summary>Time people spend by themselves.</summary>
public sealed record OwnFormat(int Seconds) : BlockFormat;

/// <summary>Warm-up.</summary>
public sealed record PrepareFormat : BlockFormat;

/// <summary>Cool-down.</summary>
public sealed record ReleaseFormat : BlockFormat;

/// <summary>Stations one after another for some rounds, timed or counted.</summary>
public sealed record CircuitFormat : BlockFormat;

/// <summary>Repeats the block of that name; its settings are only those that differ.</summary>
public sealed record AgainFormat(string Of) : BlockFormat;

/// <summary>A water break in place of the gap after one round.</summary>
public sealed record WaterAfterRound(int Seconds, int Round);

/// <summary>What a block's bracket says; what is null was not said.</summary>
public sealed record BlockSettings(
    Span? Rounds = null,
    Gap? Between = null,
    Gap? After = null,
    WaterAfterRound? Water = null,
    int? DemoSeconds = null)
{
    /// <summary>Seconds of work by round; empty: stations bring their own amounts.</summary>
    public ImmutableArray<int> WorkSeconds { get; init; } = [];

    /// <summary>Rest after each station, by round; empty: not said.</summary>
    public ImmutableArray<Gap> Rest { get; init; } = [];

    /// <summary>Rounds by the clock.</summary>
    public int RoundCount => Rounds?.Low ?? 1;

    /// <summary>These settings, with those that <paramref name="other"/> says in place of them.</summary>
    public BlockSettings With(BlockSettings other) => new(
        other.Rounds ?? Rounds,
        other.Between ?? Between,
        other.After ?? After,
        other.Water ?? Water,
        other.DemoSeconds ?? DemoSeconds)
    {
        WorkSeconds = other.WorkSeconds.IsEmpty ? WorkSeconds : other.WorkSeconds,
        Rest = other.Rest.IsEmpty ? Rest : other.Rest,
    };
}

/// <summary>One block of a class.</summary>
/// <param name="Name">Unique in the class. A block that repeats another is named after it.</param>
public sealed record Block(string Name, BlockFormat Format, BlockSettings Settings)
{
    /// <summary>Its lines; none for words and for a block that repeats another.</summary>
    public ImmutableArray<Station> Stations { get; init; } = [];

    /// <summary>Notes, kept for ever.</summary>
    public ImmutableArray<string> Notes { get; init; } = [];

    /// <summary>Whether it is words rather than movement.</summary>
    public bool IsWords => Format is TalkFormat or ShowFormat or OwnFormat;

    /// <summary>Whether it counts as the class's work: neither warm-up, cool-down nor words.</summary>
    public bool IsMain => !IsWords && Format is not (PrepareFormat or ReleaseFormat);
}
