namespace JollySet.Core.Plans;

/// <summary>What someone does instead.</summary>
public abstract record Way;

/// <summary>Another move, with a load and tempo of its own if said.</summary>
public sealed record MoveWay(string Move, Load? Load = null, Tempo? Tempo = null) : Way;

/// <summary>The same move, adjusted.</summary>
public sealed record AdjustedWay(Adjustment Adjustment) : Way;

/// <summary>The instructor's own words.</summary>
public sealed record WordsWay(string Words) : Way;

/// <summary>The adjustments that need no other move.</summary>
public enum Adjustment { Seated, Supported, SmallerRange, NoLoad, Slower }

/// <summary>Who an option is for.</summary>
public enum OptionKind { Easier, Harder, Or, ForNeed }

/// <summary>One option of a station.</summary>
/// <param name="Need">The need it goes round; only with <see cref="OptionKind.ForNeed"/>.</param>
public sealed record StationOption(OptionKind Kind, Way Way, string? Need = null);
