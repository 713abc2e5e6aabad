namespace JollySet.Core.Plans;

/// <summary>A whole number, or a range of them whose low end is the one the clock uses.</summary>
public readonly record struct Span(int Low, int High)
{
    /// <summary>A number that is no range.</summary>
    public Span(int value)
        : this(value, value)
    {
    }

    /// <summary>Whether the two ends differ.</summary>
    public bool IsRange => Low != High;
}
