namespace JollySet.Core.Outside.StandIns;

/// <summary>Numbers that look like chance and are the same each time.</summary>
internal static class Noise
{
    /// <summary>From 0 up to that, itself excluded.</summary>
    public static int Of(int seed, long slot, int below)
    {
        var mixed = unchecked(((ulong)slot * 0x9E3779B97F4A7C15UL) ^ ((ulong)seed * 0xBF58476D1CE4E5B9UL));
        mixed = unchecked((mixed ^ (mixed >> 29)) * 0x94D049BB133111EBUL);
        return (int)((mixed >> 33) % (ulong)below);
    }
}
