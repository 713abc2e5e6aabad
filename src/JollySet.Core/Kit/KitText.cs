using System.Collections.Immutable;

namespace JollySet.Core.Kit;

/// <summary>What there is as text, an entry a line, which reads back.</summary>
public static class KitText
{
    /// <summary>So many pieces of each thing in each size.</summary>
    public static string Of(ImmutableArray<StockLine> stock) => string.Join('\n', stock.Select(Of));

    private static string Of(StockLine line)
    {
        var size = line.Size.Replace(" ", "", StringComparison.Ordinal);
        return line.Pieces is { } n ? line.Kilograms is null ? $"{n} {size} {line.Item}".Replace("  ", " ", StringComparison.Ordinal) : $"{n}x{size} {line.Item}" : $"{size} {line.Item}".Trim();
    }
}
