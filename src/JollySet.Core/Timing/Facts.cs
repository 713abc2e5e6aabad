using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Looks up what a station's line means with the library beside it.</summary>
public sealed class Facts(ClassPlan plan, MoveLibrary library)
{
    /// <summary>The move of that name in the library or, with the facts it borrows, in the class; null for no facts.</summary>
    public Move? MoveOf(string name)
    {
        if (library.Find(name) is { } known)
            return known;
        var like = plan.NewMoves.FirstOrDefault(m => m.Name.Equals(name, StringComparison.OrdinalIgnoreCase))?.Like;
        return like is null ? null : library.Find(like);
    }

    /// <summary>What the line says in that round.</summary>
    public WorkFacts Of(Station line, int round)
    {
        var move = line.Doing is OneMove one ? MoveOf(one.Name) : null;
        var load = line.Load?.Rounds.At(round);
        var kit = line.Kit.IsEmpty ? move?.Kit ?? [] : line.Kit;
        return new WorkFacts(
            NameOf(line.Doing),
            move,
            FamilyOf(line.Doing, move),
            move?.Level,
            HeldWith(kit.Where(KitList.IsHeld), load, move),
            string.Join(", ", kit.Where(KitList.IsProp).Order(StringComparer.OrdinalIgnoreCase)),
            (load?.Level ?? (load?.Mass is null && move?.Load == LoadClass.Heavy ? LoadLevel.Heavy : null)) == LoadLevel.Heavy);
    }

    /// <summary>What a station is called to the class.</summary>
    public static string NameOf(Doing doing) => doing switch
    {
        OneMove one => one.Name,
        ToBeChosen chosen => $"{Words.Of(chosen.Pattern)}, to be chosen",
        _ => "",
    };

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
