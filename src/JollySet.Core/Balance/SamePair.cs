using System.Runtime.CompilerServices;

namespace JollySet.Core.Balance;

/// <summary>Tells pairs apart by what they are, not by what they say: quick, and right within one plan.</summary>
internal sealed class SamePair<TFirst, TSecond> : IEqualityComparer<(TFirst First, TSecond Second)>
    where TFirst : class
    where TSecond : class
{
    public bool Equals((TFirst First, TSecond Second) a, (TFirst First, TSecond Second) b) => ReferenceEquals(a.First, b.First) && ReferenceEquals(a.Second, b.Second);

    public int GetHashCode((TFirst First, TSecond Second) pair) => HashCode.Combine(RuntimeHelpers.GetHashCode(pair.First), RuntimeHelpers.GetHashCode(pair.Second));
}
