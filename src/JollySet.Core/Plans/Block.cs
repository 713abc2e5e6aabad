using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>How a block runs.</summary>
public abstract record BlockFormat;

/// <summary>Words, for so many seconds.</summary>
public sealed record TalkFormat(Length Length) : BlockFormat;

/// <summary>The moves of the next main block are shown.</summary>
public sealed record ShowFormat(Length Length) : BlockFormat;

/// <summary>Time people spend by themselves.</summary>
public sealed record OwnFormat(Length Length) : BlockFormat;

/// <summary>Warm-up.</summary>
public sealed record PrepareFormat : BlockFormat;

/// <summary>Cool-down.</summary>
public sealed record ReleaseFormat : BlockFormat;

/// <summary>Stations one after another for some rounds, timed or counted.</summary>
public sealed record CircuitFormat : BlockFormat;

/// <summary>What belongs in a superset is not agreed: the pair is checked against the school that is chosen.</summary>
public enum School { Any, Opposing, Same, Split, Contrast }

/// <summary>How many stations go back to back.</summary>
public enum LinkedKind { Superset, Trio, Giant }

/// <summary>Two, three, four or more stations back to back, then rest.</summary>
public sealed record LinkedFormat(LinkedKind Kind, School School) : BlockFormat
{
    /// <summary>Two back to back are a superset, three a trio, more a giant set; one alone is none.</summary>
    public static LinkedKind? KindOf(int stations) => stations switch { < 2 => null, 2 => LinkedKind.Superset, 3 => LinkedKind.Trio, _ => LinkedKind.Giant };
}

/// <summary>All rounds of one station before the next station starts.</summary>
public sealed record StraightFormat : BlockFormat;

/// <summary>Each round does every station for that round's count, or time.</summary>
public sealed record LadderFormat(Rungs Rungs) : BlockFormat;

/// <summary>Up and down, or down and up, by rungs.</summary>
public sealed record PyramidFormat(Rungs Rungs) : BlockFormat;

/// <summary>A slot a station a round; what is left of a slot is rest, the last one's too.</summary>
public sealed record MinuteFormat : BlockFormat;

/// <summary>As many rounds as possible in that time.</summary>
public sealed record AmrapFormat(Length Length) : BlockFormat;

/// <summary>A steady beat, no gaps.</summary>
public sealed record FlowFormat : BlockFormat;

/// <summary>The rest that the work before it earns: B/A of it, rounded up.</summary>
public sealed record RestRatio(int Work, int Rest);

/// <summary>All rounds for one side, then all for the other.</summary>
public sealed record BlockSides(bool RightFirst);

/// <summary>Repeats the block of that name; its settings are only those that differ.</summary>
public sealed record AgainFormat(string Of) : BlockFormat;

/// <summary>A water break in place of the gap after one round.</summary>
public sealed record WaterAfterRound(Gap Gap, int Round);

/// <summary>What a block's bracket says; what is null was not said.</summary>
public sealed record BlockSettings(
    Span? Rounds = null,
    Gap? Between = null,
    Gap? After = null,
    WaterAfterRound? Water = null,
    Length? Demo = null,
    Gap? Pause = null,
    RestRatio? Ratio = null,
    BlockSides? EachSide = null,
    Length? Every = null,
    int? Beat = null,
    bool Optional = false,
    bool Joined = false)
{
    /// <summary>Work by round; empty: stations bring their own amounts.</summary>
    public ImmutableArray<Length> Work { get; init; } = [];

    /// <summary>Rest after each station, by round; empty: not said.</summary>
    public ImmutableArray<Gap> Rest { get; init; } = [];

    /// <summary>Rounds said, by the clock; a ladder's come from its rungs: <see cref="Block.RoundCount"/>.</summary>
    public int RoundsSaid => Rounds?.Low ?? 1;

    /// <summary>These settings, with those that <paramref name="other"/> says in place of them.</summary>
    public BlockSettings With(BlockSettings other) => new(
        other.Rounds ?? Rounds,
        other.Between ?? Between,
        other.After ?? After,
        other.Water ?? Water,
        other.Demo ?? Demo,
        other.Pause ?? Pause,
        other.Rest.IsEmpty ? other.Ratio ?? Ratio : null,
        other.EachSide ?? EachSide,
        other.Every ?? Every,
        other.Beat ?? Beat,
        other.Optional || Optional,
        other.Joined || Joined)
    {
        Work = other.Work.IsEmpty ? Work : other.Work,
        Rest = !other.Rest.IsEmpty ? other.Rest : other.Ratio is null ? Rest : [],
    };
}

/// <summary>One block of a class.</summary>
/// <param name="Name">Unique in the class. A block that repeats another is named after it.</param>
public sealed record Block(string Name, BlockFormat Format, BlockSettings Settings)
{
    /// <summary>Its number in the class, for as long as it lives; 0 until it has one (<see cref="Ids"/>).</summary>
    public int Id { get; init; }

    /// <summary>Its lines; none for words and for a block that repeats another.</summary>
    public ImmutableArray<Station> Stations { get; init; } = [];

    /// <summary>Notes, kept for ever.</summary>
    public ImmutableArray<string> Notes { get; init; } = [];

    /// <summary>Rounds by the clock: said, or a rung each.</summary>
    public int RoundCount => Format switch
    {
        LadderFormat ladder => ladder.Rungs.Counts.Length,
        PyramidFormat pyramid => pyramid.Rungs.Counts.Length,
        _ => Settings.RoundsSaid,
    };

    /// <summary>The rungs of a ladder or pyramid; null elsewhere.</summary>
    public Rungs? Rungs => (Format as LadderFormat)?.Rungs ?? (Format as PyramidFormat)?.Rungs;

    /// <summary>Stations back to back, rest after each round.</summary>
    public bool IsLinked => Format is LinkedFormat or LadderFormat or PyramidFormat;

    /// <summary>Whether it is words rather than movement.</summary>
    public bool IsWords => Format is TalkFormat or ShowFormat or OwnFormat;

    /// <summary>Whether it counts as the class's work: neither warm-up, cool-down nor words.</summary>
    public bool IsMain => !IsWords && Format is not (PrepareFormat or ReleaseFormat);
}
