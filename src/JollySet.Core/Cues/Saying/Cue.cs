using JollySet.Core.Plans;

namespace JollySet.Core.Cues.Saying;

/// <summary>What a cue is about.</summary>
public enum CueKind { Opening, Talk, Block, Round, Mid, Water, Next, Side, Hold, Option, Load, Go, Breathe, Half, Ten, Three, Closing }

/// <summary>One thing to say, and when.</summary>
/// <param name="At">From the first word of the class.</param>
/// <param name="Takes">How long it takes to say.</param>
/// <param name="Matters">Of two that clash, the one that matters more is kept.</param>
/// <param name="Segment">Index of the stretch it is said in.</param>
public sealed record Cue(Length At, CueKind Kind, string Text, Length Takes, int Matters, int Segment)
{
    /// <summary>When it has been said.</summary>
    public Length Ends => At + Takes;

    /// <summary>Whether it is said before the clock starts or after it has ended.</summary>
    public bool Outside { get; init; }

    /// <summary>The kind as programs read it.</summary>
    public string KindName => Kind.ToString().ToLowerInvariant();
}
