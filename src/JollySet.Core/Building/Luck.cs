using System.IO.Hashing;
using System.Text;

namespace JollySet.Core.Building;

/// <summary>What a seed decides between equals: the same for a seed and a name whatever else the library has, so that what is built again is not another because a move was added.</summary>
internal static class Luck
{
    /// <summary>From 0 to 1.</summary>
    public static double Of(int seed, string name) => XxHash32.HashToUInt32(Encoding.UTF8.GetBytes(name), seed) / (double)uint.MaxValue;
}
