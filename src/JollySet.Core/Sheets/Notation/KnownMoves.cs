using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>The library's moves and those the class brings along, as far as it has been read. A name that is in neither stands as it is written: what it means is asked of whoever looks at the class.</summary>
/// <param name="isKept">Whether the class went through this reader before: a name of its own that the library has meanwhile stays its own.</param>
internal sealed class KnownMoves(MoveLibrary library, bool isKept = false)
{
    private readonly List<NewMove> added = [];

    public ImmutableArray<NewMove> Added => [.. added];

    public bool IsNew(string name) => Find(name) is not null;

    /// <summary>Whether the library has a move that goes by exactly that name.</summary>
    public bool InLibrary(string name) => library.Find(name) is not null;

    /// <summary>Whether the name certainly means a move.</summary>
    public bool IsUnderstood(string name) => IsNew(name) || library.Understood(name) is not null;

    /// <summary>Whether a class may not call a move of its own by that name: it is the shown name of a shipped one. What a shipped one is called besides may be a class's own.</summary>
    public bool IsTaken(string name) => !isKept && MoveLibrary.Shipped.Find(name)?.Name.Equals(name, StringComparison.OrdinalIgnoreCase) == true;

    /// <summary>What facts are borrowed from: the move of that name, or the one that a new move is like.</summary>
    public string SourceOf(string name) => Find(name)?.Like ?? name;

    /// <summary>False when the class has another move of that name already.</summary>
    public bool Add(NewMove move)
    {
        if (Find(move.Name) is { } before)
            return move.Like is null || before == move;
        added.Add(move);
        return true;
    }

    /// <summary>The name as written; null after adding the error where there is none or it is too long.</summary>
    public static string? Named(Slice slice, SheetErrors errors)
    {
        var name = Quoted.Read(slice);
        return name.Trim().Length == 0 ? errors.None<string?>(slice, "a move’s name is expected")
            : name.Length > Limits.NameLetters ? errors.None<string?>(slice, $"a name of {name.Length} letters; the limit is {Limits.NameLetters}")
            : name;
    }

    private NewMove? Find(string name) => added.Find(m => m.Name.Equals(name, StringComparison.OrdinalIgnoreCase));
}
