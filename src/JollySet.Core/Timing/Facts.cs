using System.Collections.Concurrent;
using System.Collections.Immutable;
using System.Runtime.CompilerServices;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Looks up what a station's line means with the library beside it.</summary>
public sealed class Facts(ClassPlan plan, Studio studio)
{
    private readonly ConcurrentDictionary<NewMove, Move?> owned = new();
    private readonly StationKits kits = plan.NewMoves.IsEmpty ? KitsOf.GetOrCreateValue(studio.Library) : new();

    /// <summary>What a library says of the kit of stations, known from one look at a class to the next: an edit leaves most stations as they are.</summary>
    private static readonly ConditionalWeakTable<MoveLibrary, StationKits> KitsOf = [];

    private sealed class StationKits
    {
        public ConditionalWeakTable<Station, StrongBox<ImmutableArray<string>>> Bare { get; } = [];

        public ConditionalWeakTable<Station, StrongBox<ImmutableArray<string>>> Usual { get; } = [];
    }

    /// <summary>The class's own move of that name, with the facts it borrows; else what the name certainly means in the library; null for no facts.</summary>
    public Move? MoveOf(string name)
    {
        if (plan.NewMoves.IsEmpty || plan.NewMoves.FirstOrDefault(m => m.Name.Equals(name, StringComparison.OrdinalIgnoreCase)) is not { } own)
            return studio.Library.Understood(name);
        return owned.GetOrAdd(own, Owned);
    }

    private Move? Owned(NewMove own) => own.Like is { } like && studio.Library.Understood(like) is { } source
        ? own.But is { } but ? Differences.Applied(source, but) with { Name = own.Name, Also = [] } : source
        : null;

    /// <summary>What the line says in that round.</summary>
    public WorkFacts Of(Station line, int round) => Of(null, line, round);

    /// <summary>What the line says in that round of its block; a warm-up or cool-down needs no weights unless it says so.</summary>
    public WorkFacts Of(Block? block, Station line, int round)
    {
        var doing = line.Doing.InRound(round);
        var move = MoveOf(doing);
        var load = line.Load?.Rounds.At(round);
        var items = line.Kit.IsEmpty ? Usual(block, line, move) : line.Kit;
        return new WorkFacts(
            NameOf(doing),
            move,
            FamilyOf(doing, move),
            move?.Level,
            HeldWith(items.Where(KitList.IsHeld), load, IsBare(block, line) ? null : move),
            string.Join(", ", items.Where(KitList.IsProp).Order(StringComparer.OrdinalIgnoreCase)),
            load is null && IsBare(block, line) ? null : Weights.LevelOf(load, move, studio.Rules));
    }

    /// <summary>Everything one person needs at a line, over all rounds: what the line or its loads name, else the library's. A load of none leaves on the floor what is held.</summary>
    public ImmutableArray<string> KitOf(Block? block, Station line) => (IsBare(block, line) ? kits.Bare : kits.Usual).GetValue(line, _ => new(KitReckoned(block, line))).Value;

    private ImmutableArray<string> KitReckoned(Block? block, Station line)
    {
        var items = line.Kit.IsEmpty ? line.Doing.MoveNames().Select(MoveOf).OfType<Move>().SelectMany(m => Usual(block, line, m)).Distinct().ToList() : [.. line.Kit];
        var loads = line.Load is { } said ? said.Then is { } then ? said.Rounds.Add(then) : said.Rounds : [];
        var tools = loads.Select(l => l.Implement).OfType<string>().Distinct().ToList();
        if (tools.Count > 0 && line.Kit.IsEmpty)
            items = [.. items.Where(i => !KitList.IsHeld(i)), .. tools];
        if (!loads.IsEmpty && loads.All(l => l.Level == LoadLevel.None))
            items.RemoveAll(KitList.IsLoad);
        return [.. items.Where(i => i != "wall")];
    }

    private static bool IsBare(Block? block, Station line) => block?.Format is PrepareFormat or ReleaseFormat && line.Load is null && line.Kit.IsEmpty;

    private static IEnumerable<string> Usual(Block? block, Station line, Move? move) =>
        (move?.Kit ?? []).Where(item => !IsBare(block, line) || !KitList.IsHeld(item) || move!.Load == LoadClass.None);

    /// <summary>What a station is called to the class.</summary>
    public static string NameOf(Doing doing) => doing switch
    {
        OneMove one => one.Name,
        ToBeChosen chosen => $"{Words.Of(chosen.Pattern)}, to be chosen",
        Combined combined => string.Join(" + ", combined.Parts.Select(NameOf)),
        Together together => string.Join(" & ", together.Parts.Select(NameOf)),
        Growing growing => string.Join(" > ", growing.Rounds.Select(NameOf)),
        Stacked stack => $"stack of {string.Join(", ", stack.Parts.Select(NameOf))}",
        _ => "",
    };

    /// <summary>The facts of one move, or those of all parts put together; null where no part has any.</summary>
    private Move? MoveOf(Doing doing)
    {
        if (doing is OneMove one)
            return MoveOf(one.Name);
        var parts = doing.MoveNames().Select(MoveOf).OfType<Move>().ToList();
        return parts.Count == 0 ? null : parts.Count == 1 ? parts[0] : Joined(NameOf(doing), parts);
    }

    /// <summary>Every muscle at its largest share, all the kit, the first part's posture, the hardest landing; both sides only where all parts are.</summary>
    private static Move Joined(string name, List<Move> parts)
    {
        var muscles = parts.SelectMany(p => p.Muscles).GroupBy(m => m.Muscle).Select(g => new MuscleShare(g.Key, g.Max(m => m.Share)));
        var upperAndLower = parts.Select(p => p.Family is Family.Push or Family.Pull).Distinct().Count() == 2;
        return parts[0] with
        {
            Name = name,
            Also = [],
            Pattern = upperAndLower ? Pattern.Locomotion : parts[0].Pattern,
            Sides = parts.Max(p => p.Sides),
            Load = parts.Max(p => p.Load),
            Impact = parts.Max(p => p.Impact),
            Muscles = [.. muscles],
            Kit = [.. parts.SelectMany(p => p.Kit).Distinct()],
            Planes = [.. parts.SelectMany(p => p.Planes).Distinct()],
            Joints = [.. parts.SelectMany(p => p.Joints).Distinct().Order()],
            Cues = [.. parts.SelectMany(p => p.Cues.Take(1))],
            Around = parts.SelectMany(p => p.Around).GroupBy(a => a.Key).ToImmutableSortedDictionary(g => g.Key, g => g.First().Value),
        };
    }

    private static Family FamilyOf(Doing doing, Move? move) => move is not null
        ? move.Family
        : doing is ToBeChosen chosen ? Families.Of(chosen.Pattern, []) : Family.Easy;

    private static string HeldWith(IEnumerable<string> held, Load? load, Move? move)
    {
        if (load?.Level == LoadLevel.None)
            return "";
        var things = load?.Implement ?? string.Join(", ", held.Order(StringComparer.OrdinalIgnoreCase));
        if (things.Length == 0 && load is null)
            return "";
        var weight = load is null ? Words.Of(move?.Load ?? LoadClass.None) : Words.Of(load with { Implement = null });
        return $"{weight} {things}".Trim();
    }
}
