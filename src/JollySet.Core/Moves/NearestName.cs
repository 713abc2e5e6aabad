namespace JollySet.Core.Moves;

/// <summary>The known word a mistyped one was probably meant to be.</summary>
public static class NearestName
{
    private const int LongestCompared = 60;

    /// <summary>The nearest of <paramref name="known"/> by edits of a letter (Levenshtein 1966), or null when more than two fifths would change.</summary>
    public static string? Of(string name, IEnumerable<string> known)
    {
        if (name.Length is 0 or > LongestCompared)
            return null;
        var lower = name.ToLowerInvariant();
        var best = known
            .Select(k => (k, cost: Edits(lower, k.ToLowerInvariant())))
            .OrderBy(k => k.cost).ThenBy(k => k.k, StringComparer.Ordinal)
            .FirstOrDefault();
        return best.k is not null && best.cost * 5 <= Math.Max(name.Length, best.k.Length) * 2 ? best.k : null;
    }

    /// <summary>Letters to add, drop, change or swap with the next (Damerau 1964, adjacent swaps alone) from one word to the other; more than <paramref name="most"/> as soon as it is known to be.</summary>
    internal static int Edits(string a, string b, int most)
    {
        var (before, row, next) = (new int[b.Length + 1], new int[b.Length + 1], new int[b.Length + 1]);
        for (var j = 0; j <= b.Length; j++)
            row[j] = j;
        for (var i = 1; i <= a.Length; i++)
        {
            next[0] = i;
            for (var j = 1; j <= b.Length; j++)
            {
                next[j] = Math.Min(Math.Min(row[j], next[j - 1]) + 1, row[j - 1] + (a[i - 1] == b[j - 1] ? 0 : 1));
                if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1])
                    next[j] = Math.Min(next[j], before[j - 2] + 1);
            }

            if (next.Min() > most)
                return most + 1;
            (before, row, next) = (row, next, before);
        }

        return row[b.Length];
    }

    private static int Edits(string a, string b)
    {
        var row = Enumerable.Range(0, b.Length + 1).ToArray();
        for (var i = 1; i <= a.Length; i++)
        {
            var diagonal = row[0];
            row[0] = i;
            for (var j = 1; j <= b.Length; j++)
            {
                var above = row[j];
                row[j] = Math.Min(Math.Min(above, row[j - 1]) + 1, diagonal + (a[i - 1] == b[j - 1] ? 0 : 1));
                diagonal = above;
            }
        }

        return row[b.Length];
    }
}
