using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>How heavy, in words.</summary>
public enum LoadLevel { None, Any, Light, Moderate, Heavy }

/// <summary>Kilograms or pounds, as written.</summary>
public enum MassUnit { Kg, Lb }

/// <summary>A load: a level or a mass, perhaps a number of pieces and an implement.</summary>
/// <param name="Mass">Of one piece, in <paramref name="Unit"/>.</param>
public sealed record Load(LoadLevel? Level = null, int? Pieces = null, decimal? Mass = null, MassUnit Unit = MassUnit.Kg, string? Implement = null);

/// <summary>The load of a station: by round, or changed at half of the work.</summary>
/// <param name="Rounds">By round, last goes on.</param>
/// <param name="Then">After half of the period or count; only where <paramref name="Rounds"/> has one entry.</param>
public sealed record LoadPlan(ImmutableArray<Load> Rounds, Load? Then = null)
{
    /// <summary>The same load every round.</summary>
    public static LoadPlan Of(LoadLevel level) => new([new Load(level)]);
}
