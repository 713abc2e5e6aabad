using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>The library's moves and those the class brings along, as far as it has been read.</summary>
internal sealed class KnownMoves(MoveLibrary library)
{
    private readonly List<NewMove> added = [];

    public ImmutableArray<NewMove> Added => [.. added];

    public bool IsNew(string name) => added.Any(m => m.Name.Equals(name, StringComparison.OrdinalIgnoreCase));

    public bool InLibrary(string name) => library.Find(name) is not null;

    /// <summary>False when the class has another move of that name already.</summary>
    public bool Add(NewMove move)
    {
        if (added.Find(m => m.Name.Equals(move.Name, StringComparison.OrdinalIgnoreCase)) is { } before)
            return move.Like is null || before.Like == move.Like;
        added.Add(move);
        return true;
    }

    /// <summary>The name as written, when a move has it; null after adding the error.</summary>
    public string? Known(Slice slice, SheetErrors errors, string hint)
    {
        var name = Quoted.Read(slice);
        if (name.Length == 0)
            return errors.None<string?>(slice, "a move’s name is expected");
        if (library.Find(name) is not null || IsNew(name))
            return name;
        var nearest = library.Nearest(name) is { } near ? $"; the nearest is “{near}”" : "";
        return errors.None<string?>(slice, $"no move of that name{nearest}{hint}");
    }
}
