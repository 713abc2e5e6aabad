using System.Collections.Immutable;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Options;

/// <summary>Whether a class may be given a move: for who comes, what they must be spared, and the kit there is.</summary>
internal static class Suitable
{
    private const int NewcomersRung = 7;

    /// <summary>Where nobody is named: newcomers and regulars.</summary>
    private static readonly ImmutableArray<Audience> Mixed = [Audience.Newcomer, Audience.Regular];

    /// <summary>All of it together.</summary>
    public static bool For(Brief brief, Move move, MoveLibrary library) =>
        HasKit(brief, move) && Suits.Needs(brief, move) && !AskFirst.SpeaksAgainst(brief, move) && ForPeople(brief, move, library) && Loads.TryOf(move, brief, out _);

    /// <summary>A brief that lists no kit is taught with none.</summary>
    public static bool HasKit(Brief brief, Move move) => brief.Kit.IsEmpty ? move.Kit.All(KitList.IsGiven) : Suits.Kit(brief, move) || Loads.StandIn(move, brief) is not null;

    /// <summary>Nothing jumps, turns or balances under load before people are ready for it.</summary>
    public static bool ForPeople(Brief brief, Move move, MoveLibrary library)
    {
        var audience = brief.Audience.IsEmpty ? Mixed : brief.Audience;
        var gentle = audience.Any(a => a is Audience.FirstTimers or Audience.OlderAdults);
        if (move.Impact >= (gentle || brief.Goal == Goal.Mobility ? Impact.Middle : Impact.High) && !(move.Impact == Impact.High && JumpsFit(brief) && !brief.Needs.Any(move.Troubles)))
            return false;
        if (gentle && ((move.IsBalance() && !(audience.Contains(Audience.OlderAdults) && move.Pattern == Pattern.Brace)) || move.IsSkill() || Depth(move, library) > 2))
            return false;
        if (move.Tags.IsExplosive && move.Tags.Rung > NewcomersRung + 1 && !audience.All(a => a == Audience.Strong))
            return false;
        if (audience.Contains(Audience.Newcomer) && move.Tags.Rung > NewcomersRung)
            return false;
        return !(audience.Contains(Audience.Newcomer) && (move.IsSkill() || (move.Load > LoadClass.None && move.Tags.Newcomer == LoadClass.None && !move.Tags.WorksUnloaded) || Depth(move, library) > 3));
    }

    private static bool JumpsFit(Brief brief) =>
        brief.Goal == Goal.Power && !brief.Audience.IsEmpty && brief.Audience.All(a => a is Audience.Regular or Audience.Strong);

    /// <summary>How many easier ways lie below it.</summary>
    private static int Depth(Move move, MoveLibrary library)
    {
        var depth = 0;
        for (var m = move; depth < 8 && m is not null && library.Find(m.Easier) is { } easier; m = easier)
            depth++;
        return depth;
    }
}
