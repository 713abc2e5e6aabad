using System.Collections.Immutable;

namespace JollySet.Core.Sheets;

/// <summary>Collects every error on the way, so that one bad line does not hide the next.</summary>
internal sealed class SheetErrors
{
    private readonly List<SheetError> errors = [];

    public bool Any => errors.Count > 0;

    /// <summary>Whether something is wrong on that line or after it.</summary>
    public bool AnyFrom(int line) => errors.Exists(e => e.Line >= line);

    /// <summary>In the order of the sheet, each once.</summary>
    public ImmutableArray<SheetError> InOrder => [.. errors.Distinct().OrderBy(e => e.Line).ThenBy(e => e.Column)];

    public void Add(Slice where, string expected) => errors.Add(new SheetError(where.Line, where.Column, where.Text, expected));

    public void Add(int line, int column, string found, string expected) => errors.Add(new SheetError(line, column, found, expected));

    /// <summary>Adds the error and gives nothing, for readers that have nothing to give.</summary>
    public T? None<T>(Slice where, string expected)
    {
        Add(where, expected);
        return default;
    }
}
