namespace JollySet.Core.Plans;

/// <summary>How large a class may be; beyond it a sheet is refused with the limit named.</summary>
public static class Limits
{
    /// <summary>Bytes of a sheet.</summary>
    public const int Bytes = 200_000;

    /// <summary>Bytes of a class in JSON, indented or not: the largest sheet, with a key for each of its words.</summary>
    public const int JsonBytes = 1_000_000;

    /// <summary>Blocks of a class.</summary>
    public const int Blocks = 40;

    /// <summary>Stations of a block.</summary>
    public const int Stations = 60;

    /// <summary>Rounds of a block.</summary>
    public const int Rounds = 100;

    /// <summary>Hours of a class, and of any one time in it.</summary>
    public const int Hours = 12;

    /// <summary>The same as a length.</summary>
    public static Length Class { get; } = Length.Minutes(Hours * 60);

    /// <summary>Pieces of work and rest that a timeline may have.</summary>
    public const int Segments = 20_000;

    /// <summary>Reps of a set.</summary>
    public const int Reps = 1000;

    /// <summary>Letters of a name, a title or a need.</summary>
    public const int NameLetters = 200;
}
