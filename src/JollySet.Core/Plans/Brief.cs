using System.Collections.Immutable;
using JollySet.Core.Moves;

namespace JollySet.Core.Plans;

/// <summary>Who runs the clock: an instructor, or people following along.</summary>
public enum ClassStyle { Led, FollowAlong }

/// <summary>Which way the one who shows stands.</summary>
public enum Facing { Class, Away, Camera }

/// <summary>Who comes.</summary>
public enum Audience { FirstTimers, Newcomer, Regular, Strong, OlderAdults }

/// <summary>What is known of a class before its blocks; whatever is null or empty was not said.</summary>
/// <param name="Minutes">From the first word to the last.</param>
/// <param name="Pace">This instructor's factor on seconds a rep.</param>
/// <param name="Before">Done outside the booking, before it; printed, not counted.</param>
/// <param name="After">Done outside the booking, after it.</param>
public sealed record Brief(
    int? Minutes = null,
    ClassStyle? Style = null,
    Facing? Facing = null,
    Goal? Goal = null,
    string? Place = null,
    int? People = null,
    int? Demonstrators = null,
    decimal? Pace = null,
    string? Before = null,
    string? After = null)
{
    /// <summary>Regions or muscles; other words are kept, not judged.</summary>
    public ImmutableArray<string> Focus { get; init; } = [];

    /// <summary>Who comes.</summary>
    public ImmutableArray<Audience> Audience { get; init; } = [];

    /// <summary>What the class must be spared: never by name.</summary>
    public ImmutableArray<string> Needs { get; init; } = [];

    /// <summary>The kit there is, as written.</summary>
    public ImmutableArray<string> Kit { get; init; } = [];

    /// <summary>What is promised.</summary>
    public ImmutableArray<string> Claims { get; init; } = [];

    /// <summary>Notes, kept for ever.</summary>
    public ImmutableArray<string> Notes { get; init; } = [];

    /// <summary>Findings left as they are, each with the reason.</summary>
    public ImmutableArray<Dismissal> Dismissed { get; init; } = [];

    /// <summary>Whether changes take half as long again.</summary>
    public bool NeedsMoreTime => Audience.Contains(Plans.Audience.FirstTimers) || Audience.Contains(Plans.Audience.OlderAdults);

    /// <summary>Whether people learn each move inside its work.</summary>
    public bool IsFollowAlong => Style == ClassStyle.FollowAlong;
}
