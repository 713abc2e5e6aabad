using System.Buffers;
using System.Collections.Concurrent;
using System.Collections.Frozen;
using System.Collections.Immutable;

namespace JollySet.Core.Moves;

/// <summary>All moves, by name and by the other names they go by.</summary>
public sealed class MoveLibrary
{
    private static readonly Lazy<MoveLibrary> ShippedMoves = new(() => new MoveLibrary(LibraryFiles.Read()));
    private const int MostUnderstood = 10_000;
    private readonly FrozenDictionary<string, Move> byName;
    private readonly ConcurrentDictionary<string, Move?> understood = new(StringComparer.OrdinalIgnoreCase);
    private readonly Lazy<Names.NameReader> reader;
    private readonly Lazy<(ImmutableArray<Move> Moves, SearchValues<string> Names)> speakable;

    /// <summary>A library of these moves.</summary>
    /// <exception cref="ArgumentException">Two moves share a name.</exception>
    public MoveLibrary(IEnumerable<Move> moves)
    {
        All = [.. moves.OrderBy(m => m.Name, StringComparer.OrdinalIgnoreCase)];
        Offered = [.. All.OrderByDescending(m => m.Tags.Staple).Select(m => m.Name)];
        byName = All
            .SelectMany(m => m.Also.Prepend(m.Name).Select(name => KeyValuePair.Create(name, m)))
            .ToFrozenDictionary(StringComparer.OrdinalIgnoreCase);
        reader = new Lazy<Names.NameReader>(() => new Names.NameReader(this));
        speakable = new(() =>
        {
            // One word alone mostly means something else in a sentence: “squat low”.
            ImmutableArray<Move> moves = [.. All.Where(m => m.Name.AsSpan().ContainsAny(' ', '-') || m.Impact == Impact.High)];
            return (moves, SearchValues.Create([.. moves.Select(m => m.Name)], StringComparison.OrdinalIgnoreCase));
        });
        if (byName.Count != All.Sum(m => 1 + m.Also.Length))
            throw new ArgumentException("Two moves of the library share a name.", nameof(moves));
    }

    /// <summary>This library with a studio's own moves: one of the same name overrules a shipped one, and a name that one's own move has is no other move's any more.</summary>
    public MoveLibrary With(IReadOnlyCollection<Move> own)
    {
        if (own.Count == 0)
            return this;
        var taken = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        var moves = new List<Move>(All.Length + own.Count);
        foreach (var move in own.Concat(All))
            if (taken.Add(move.Name))
                moves.Add(move);
        var names = moves.Select(m => m.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        return new MoveLibrary([.. moves.Select(m => m with { Also = [.. m.Also.Where(names.Add)] })]);
    }

    /// <summary>The library that ships with the product.</summary>
    public static MoveLibrary Shipped => ShippedMoves.Value;

    /// <summary>The shown names, the common ones first: what a field that takes a move offers.</summary>
    public ImmutableArray<string> Offered { get; }

    /// <summary>Every move, by name.</summary>
    public ImmutableArray<Move> All { get; }

    /// <summary>The move of that name or other name, whatever the case; null when there is none.</summary>
    public Move? Find(string name) => byName.GetValueOrDefault(name);

    /// <summary>The move that a written name certainly means: by one of its names, or by a base and what changes it (<see cref="Names.NameReader"/>); null where that is not certain.</summary>
    public Move? Understood(string name)
    {
        if (Find(name) is { } known)
            return known;
        if (understood.TryGetValue(name, out var before))
            return before;
        if (understood.Count >= MostUnderstood)
            understood.Clear();
        return understood[name] = Reader.Read(name) is { Known: Names.Sureness.Certain } reading ? reading.Move : null;
    }

    /// <summary>The moves whose whole name stands in a sentence.</summary>
    public IEnumerable<Move> SpokenOf(string text) => text.AsSpan().ContainsAny(speakable.Value.Names)
        ? speakable.Value.Moves.Where(m => text.Contains(m.Name, StringComparison.OrdinalIgnoreCase))
        : [];

    /// <summary>Reads the names that people write.</summary>
    public Names.NameReader Reader => reader.Value;

    /// <summary>The one name by which a move is counted, whichever of its names is written; a move nobody knows keeps its own.</summary>
    public string NameOf(string name) => Understood(name)?.Name ?? name;

    /// <summary>The known name nearest to one that is not known, or null when none is near.</summary>
    public string? Nearest(string name) => NearestName.Of(name, byName.Keys);
}
