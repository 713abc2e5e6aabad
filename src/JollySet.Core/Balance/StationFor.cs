using System.Collections.Frozen;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Balance;

/// <summary>Makes a station of a library move that fits where another stands or would stand.</summary>
public static class StationFor
{
    /// <summary>The move in place of <paramref name="other"/>: the same amount, a load only where it takes one, the sides as they were said, and its own easier way.</summary>
    public static Station InPlaceOf(Station other, Move move) => new Station(new OneMove(move.Name), other.Amount)
    {
        Options = EasierOf(move),
        Rest = other.Rest,
        Demo = other.Demo,
        Load = LoadOf(move),
        Sides = move.Sides == MoveSides.OneSided && other.Sides is { } said ? said : SidesOf(move, other.Amount is Reps),
    };

    /// <summary>The move as a line of its own; the block says how much.</summary>
    public static Station New(Move move, Amount? amount = null) => InPlaceOf(new Station(new OneMove(move.Name), amount), move);

    private static LoadPlan? LoadOf(Move move) => move.Load switch
    {
        LoadClass.Light => LoadPlan.Of(LoadLevel.Light),
        LoadClass.Moderate => LoadPlan.Of(LoadLevel.Moderate),
        LoadClass.Heavy => LoadPlan.Of(LoadLevel.Heavy),
        _ => null,
    };

    private static Sides? SidesOf(Move move, bool counted) => move.Sides == MoveSides.OneSided ? Sides.Of(counted ? SideWay.EachSide : SideWay.SwitchHalfway) : null;

    private static System.Collections.Immutable.ImmutableArray<StationOption> EasierOf(Move move) =>
        WayOf(move.Easier) is { } way ? [new StationOption(OptionKind.Easier, way)] : [];

    /// <summary>A library's way as a plan says it: a move, an adjustment or words.</summary>
    public static Way? WayOf(string text) => text.Length == 0 ? null
        : text.StartsWith('"') ? new WordsWay(text.Trim('"'))
        : Adjusted.TryGetValue(text, out var adjusted) ? adjusted : new MoveWay(text);

    private static readonly FrozenDictionary<string, Way> Adjusted = Enum.GetValues<Adjustment>().ToFrozenDictionary(Words.Of, a => (Way)new AdjustedWay(a));
}
