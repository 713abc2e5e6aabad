using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>The moves a class may use, each with what speaks against it.</summary>
internal static class MovePool
{
    private const double Recently = 4;
    private const double Troubling = 1.5;
    private const double Small = 0.8;
    private const double Restless = 1.5;
    private const double OffFocus = 6;
    private const double Big = 1.4;
    private const double Little = 1.5;
    private const double Chance = 1.2;

    private const int NewcomersRung = 7;

    /// <summary>Each step that a move is less common.</summary>
    private const double Uncommon = 0.9;

    /// <summary>Moves and their price, cheaper first; the seed decides between equals.</summary>
    public static ImmutableArray<(Move Move, double Price)> Of(DraftRequest request, MoveLibrary library, bool counted)
    {
        var (brief, chance, focus) = (request.Brief, new Random(request.Seed), Focus.Of(request.Brief));
        return
        [
            .. library.All
                .Where(m => IsWork(brief, m) && HasKit(brief, m) && Suits.Needs(brief, m) && !AskFirst.SpeaksAgainst(brief, m) && IsFor(brief, m, library))
                .Where(m => !counted || m.Pace != PaceClass.Slow)
                .Select(m => (m, price: PriceOf(request, focus, m, counted) + (Chance * chance.NextDouble())))
                .OrderBy(m => m.price),
        ];
    }

    /// <summary>A brief that lists no kit is taught with none.</summary>
    public static bool HasKit(Brief brief, Move move) => brief.Kit.IsEmpty ? move.Kit.All(KitList.IsGiven) : Suits.Kit(brief, move);

    private static bool IsWork(Brief brief, Move move) => move.Pattern switch
    {
        Pattern.Stretch => false,
        Pattern.Mobility => brief.Goal == Goal.Mobility,
        Pattern.March => brief.Goal == Goal.Mobility || brief.Needs.Any(n => Needs.Named(n) == "seated"),
        _ => true,
    };

    /// <summary>Nothing jumps, turns or balances under load before people are ready for it.</summary>
    private static bool IsFor(Brief brief, Move move, MoveLibrary library)
    {
        var audience = brief.Audience;
        var gentle = audience.Any(a => a is Audience.FirstTimers or Audience.OlderAdults);
        if (move.Impact >= (gentle || brief.Goal == Goal.Mobility ? Impact.Middle : Impact.High) && !(move.Impact == Impact.High && JumpsFit(brief)))
            return false;
        if (gentle && (move.IsBalance() || move.IsSkill() || Depth(move, library) > 2))
            return false;
        if (audience.Contains(Audience.Newcomer) && move.Tags.Rung > NewcomersRung)
            return false;
        return !(audience.Contains(Audience.Newcomer) && (move.IsSkill() || (move.Load > LoadClass.None && move.Tags.Newcomer == LoadClass.None) || Depth(move, library) > 3));
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

    /// <summary>Small things that a main part is not made of, unless the focus names them.</summary>
    private static bool IsLittle(Move move) => move.Tags.Is(Role.Filler) && move.Pattern is Pattern.Isolation or Pattern.CalfRaise or Pattern.Brace or Pattern.Locomotion && move.Impact < Impact.Middle;

    private static double PriceOf(DraftRequest request, Focus focus, Move move, bool counted)
    {
        var brief = request.Brief;
        var price = request.Recent.Contains(move.Name) ? Recently : 0;
        price += Troubling * brief.Needs.Count(move.Troubles);
        price += Uncommon * (Tags.MostCommon - move.Tags.Staple);
        price += move.Tags.Roles.Contains(Role.Filler) ? Little : 0;
        price += move.Pattern == Pattern.Isolation && focus.Muscles.IsEmpty ? Small : 0;
        price += move.Pattern is Pattern.Locomotion or Pattern.Carry ? Restless : 0;
        price += move.IsBig() && move.Pattern != Pattern.Isolation ? -Big : 0;
        price += IsLittle(move) || (move.Tags.IsBeginning && !brief.NeedsMoreTime) ? Little : 0;
        price += counted && move.Sides == MoveSides.OneSided ? Small : 0;
        price += brief.Goal == Goal.Power && move.Impact != Impact.High && move.Pace is not (PaceClass.Swing or PaceClass.PowerCompound) ? Small : 0;
        price += brief.Goal is Goal.Strength or Goal.Muscle && move.Load == LoadClass.None && !brief.Kit.IsEmpty && !move.IsCore() ? Small : 0;
        price += brief.Goal == Goal.Mobility && move.Pattern != Pattern.Mobility ? Restless : 0;
        return price + (move.Muscles.Any(m => m.Share == 1 && focus.Covers(m.Muscle)) || move.Pattern == Pattern.Mobility ? 0 : OffFocus);
    }
}
