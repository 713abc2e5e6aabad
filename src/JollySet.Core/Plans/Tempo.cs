namespace JollySet.Core.Plans;

/// <summary>How fast a rep goes.</summary>
public abstract record Tempo;

/// <summary>Seconds down, at the bottom, up and at the top; null is <c>X</c>, as fast as possible.</summary>
public sealed record PhaseTempo(decimal? Down, decimal? Bottom, decimal? Up, decimal? Top) : Tempo;

/// <summary>So many seconds a rep.</summary>
public sealed record SecondsTempo(decimal SecondsPerRep) : Tempo;

/// <summary>Deliberately slow.</summary>
public sealed record SlowTempo : Tempo;

/// <summary>So many beats of the music a rep.</summary>
public sealed record BeatsTempo(int Beats) : Tempo;

/// <summary>The tempo of a station, perhaps changed at half of the work.</summary>
public sealed record TempoPlan(Tempo First, Tempo? Then = null);
