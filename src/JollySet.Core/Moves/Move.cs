using System.Collections.Immutable;

namespace JollySet.Core.Moves;

/// <summary>How a move uses the two sides of the body.</summary>
public enum MoveSides
{
    /// <summary>Both limbs do the same at once: nothing to say.</summary>
    Both,

    /// <summary>Left and right take turns, rep by rep.</summary>
    Alternating,

    /// <summary>One limb at a time: the sheet has to say which.</summary>
    OneSided,
}

/// <summary>What the landing costs. Low: a foot always down. Middle: jog, jack, skip. High: both feet leave and land hard.</summary>
public enum Impact { None, Low, Middle, High }

/// <summary>How heavy a move is usually done.</summary>
public enum LoadClass { None, Light, Moderate, Heavy }

/// <summary>How long a rep takes, as a class of moves; each class is a house rule in seconds a rep.</summary>
public enum PaceClass { Pulse, FloorIsolation, FloorCore, AlternatingPull, Swing, PowerCompound, UpperBody, Leg, Hinge, Slow }

/// <summary>One move of the library: what it is called, what it works and what it asks for.</summary>
/// <param name="Name">The name people use; unique in the library, whatever its case.</param>
/// <param name="Also">Other names it is known by, unique in the same way.</param>
/// <param name="Muscles">Shares of 1, 0.5 or 0.25; at least one 1, save in mobility and stretches.</param>
/// <param name="Kit">Things held or placed, in the singular: <c>dumbbells</c>, <c>step</c>. Empty: nothing.</param>
/// <param name="Planes">The planes it goes through, the chief one first.</param>
/// <param name="Joints">What it loads or takes through its range.</param>
/// <param name="Cues">Two or three short cues.</param>
/// <param name="Caution">One caution, in a sentence.</param>
/// <param name="Easier">An easier way: a move of the library, one of the adjustments, or words.</param>
/// <param name="Harder">A harder way, in the same terms.</param>
/// <param name="Around">For each way-need it troubles, a way round that keeps the muscle, in the same terms.</param>
public sealed record Move(
    string Name,
    ImmutableArray<string> Also,
    Pattern Pattern,
    Posture Posture,
    MoveSides Sides,
    PaceClass Pace,
    LoadClass Load,
    Impact Impact,
    ImmutableArray<MuscleShare> Muscles,
    ImmutableArray<string> Kit,
    ImmutableArray<Plane> Planes,
    ImmutableArray<Joint> Joints,
    ImmutableArray<string> Cues,
    string Caution,
    string Easier,
    string Harder,
    ImmutableSortedDictionary<string, string> Around)
{
    /// <summary>Short names by which it is most likely meant, but another may be: “dips”. They are asked about, with this one filled in.</summary>
    public ImmutableArray<string> Asked { get; init; } = [];

    /// <summary>What a coach knows of it besides.</summary>
    public Tags Tags { get; init; } = Tags.None;

    /// <summary>Whether it troubles that need, in any of its words; ask needs and words that are not judged never.</summary>
    public bool Troubles(string need) => Around.ContainsKey(Needs.Named(need));

    /// <summary>Whether it takes place on the floor, rather than standing or on a chair or bench.</summary>
    public bool IsOnFloor => Around.ContainsKey("no floor");

    /// <summary>How high people are.</summary>
    public Level Level => Postures.LevelOf(Posture);

    /// <summary>The cloth it is drawn in.</summary>
    public Family Family => Families.Of(Pattern, Muscles);

    /// <summary>Loaded, stretched or moved easily: a stretch's muscles are never load.</summary>
    public bool IsStretch => Pattern == Pattern.Stretch;
}
