using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>A studio's own moves, and those of the shipped library whose facts it overrules.</summary>
public sealed class MovesBook(Storage storage)
{
    private readonly Lock reading = new();
    private MoveLibrary? known;

    /// <summary>The shipped moves and the studio's own. Read once, and again after each change.</summary>
    public MoveLibrary Library()
    {
        lock (reading)
            return known ??= MoveLibrary.Shipped.With(Own());
    }

    /// <summary>The studio's own, by name. A row that can be read no more is passed over.</summary>
    public ImmutableArray<Move> Own()
    {
        using var db = storage.Open();
        return [.. db.OwnMoves.AsNoTracking().OrderBy(m => m.Name).AsEnumerable().Select(row => OwnMoves.Read(row.Move).Moves).SelectMany(m => m)];
    }

    /// <summary>The own move of that name; null where there is none.</summary>
    public Move? Find(string name) => Own().FirstOrDefault(m => m.Name.Equals(name, StringComparison.OrdinalIgnoreCase));

    /// <summary>Keeps moves, each in place of one of its name; all of them or none.</summary>
    /// <returns>False where there would be more than a studio may have.</returns>
    public bool Keep(IReadOnlyCollection<Move> moves)
    {
        using var db = storage.Open();
        using var all = db.Database.BeginTransaction();
        foreach (var move in moves)
        {
            var key = KeyOf(move.Name);
            db.OwnMoves.Where(m => m.Name == key).ExecuteDelete();
            db.OwnMoves.Add(new OwnMoveRow { Name = key, Move = OwnMoves.Write([move]) });
            db.SaveChanges();
        }

        if (db.OwnMoves.Count() > OwnMoves.Most)
            return false;
        all.Commit();
        Changed();
        return true;
    }

    /// <summary>Forgets a move of one's own: a shipped one has its own facts again.</summary>
    public void Forget(string name)
    {
        using var db = storage.Open();
        var key = KeyOf(name);
        db.OwnMoves.Where(m => m.Name == key).ExecuteDelete();
        Changed();
    }

    /// <summary>Remembers every name that a class says is like another, and did not say before: what was forgotten since stays so.</summary>
    public void Learn(ClassPlan plan, ClassPlan? before = null)
    {
        foreach (var move in plan.NewMoves)
            if (before?.NewMoves.Contains(move) != true && move.Like is { } like)
                Remember(move.Name, like, move.But);
    }

    /// <summary>Remembers a name that was taught in a class: like another move, but for what differs. A name that certainly means a move already stays what it is.</summary>
    private void Remember(string name, string like, string? but)
    {
        if (Library().Understood(name) is not null || Library().Understood(like) is not { } other)
            return;
        var move = but is null ? other : Differences.Applied(other, but);
        var taught = OwnMoves.Completed(move with { Name = name.Trim(), Also = [], Asked = [] });
        if (OwnMoves.Look(taught).IsEmpty)
            Keep([taught]);
    }

    private void Changed()
    {
        lock (reading)
            known = null;
    }

    private static string KeyOf(string name) => name.Trim().ToLowerInvariant();
}
