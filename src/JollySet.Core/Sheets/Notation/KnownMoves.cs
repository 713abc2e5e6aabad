using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>The library's moves and those the class brings along, as far as it has been read.</summary>
/// <param name="also">Names taken as they are, whether or not anyone knows them: those of a kept class. Null: none.</param>
internal sealed class KnownMoves(MoveLibrary library, Func<string, bool>? also = null)
{
    private readonly List<NewMove> added = [];

    public ImmutableArray<NewMove> Added => [.. added];

    public bool IsNew(string name) => added.Any(m => m.Name.Equals(name, StringComparison.OrdinalIgnoreCase));

    public bool InLibrary(string name) => library.Find(name) is not null;

    /// <summary>Whether a class may call a move of its own by that name.</summary>
    public bool IsTaken(string name) => also is null && library.Find(name) is not null;

    /// <summary>Whether a move goes by that name.</summary>
    public bool Knows(string name) => InLibrary(name) || IsNew(name) || also?.Invoke(name) == true;

    /// <summary>The library's move that a name stands for: its own, or the one that a new move is like; null for none.</summary>
    public string? LibraryNameOf(string name) => IsNew(name)
        ? added.Find(m => m.Name.Equals(name, StringComparison.OrdinalIgnoreCase))?.Like
        : InLibrary(name) || also?.Invoke(name) == true ? name : null;

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
        if (Knows(name))
            return name;
        var nearest = library.Nearest(name) is { } near ? $"; the nearest is “{near}”" : "";
        return errors.None<string?>(slice, $"no move of that name{nearest}{hint}");
    }
}
