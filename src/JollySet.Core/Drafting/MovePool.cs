using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Building;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>The moves a class may use, each with what speaks against it.</summary>
internal static class MovePool
{
    private const double Recently = 4;
    private const double Troubling = 3;
    private const double BothTimes = 3;
    private const int EasyRung = 4;
    private const double Small = 0.8;
    private const double Unloaded = 1.2;
    private const double Restless = 1.5;
    private const double OffFocus = 25;
    private const double Big = 1.4;
    private const double Little = 1.5;
    private const double Filling = 8;
    private const double Combining = 5;
    private const double Chance = 1.2;

    /// <summary>Each step that a load is under what the move usually takes.</summary>
    private const double Underloaded = 1.5;

    private const int NewcomersRung = 7;
    private const int MostLookedAt = 130;

    /// <summary>Each step that a move is less common.</summary>
    private const double Uncommon = 3.2;

    /// <summary>From here on a period has time for two sides.</summary>
    private const int FullSides = 50;

    /// <summary>Moves and their price, cheaper first; the seed decides between equals.</summary>
    public static ImmutableArray<(Move Move, double Price)> Of(DraftRequest request, MoveLibrary library, bool counted, int workSeconds)
    {
        var (brief, focus) = (request.Brief, Focus.Of(request.Brief));
        return
        [
            .. library.All
                .Where(m => IsWork(brief, m) && Suitable.For(brief, m, library))
                .Where(m => !counted || (m.Pace != PaceClass.Slow && !m.Tags.IsHold))
                .Where(m => counted || workSeconds >= FullSides || m.Sides != MoveSides.OneSided)
                .Where(m => ServesGoal(brief, m))
                .Select(m => (m, price: PriceOf(request, focus, m, counted) + (Chance * Luck.Of(request.Seed, m.Name))))
                .OrderBy(m => m.price)
                .Take(MostLookedAt),
        ];
    }

    private static bool IsWork(Brief brief, Move move) => move.Pattern switch
    {
        Pattern.Stretch => false,
        Pattern.Mobility => brief.Goal == Goal.Mobility,
        Pattern.March => brief.Goal == Goal.Mobility || brief.Needs.Any(n => Needs.Named(n) == "seated"),
        _ => true,
    };

    /// <summary>Small things that a main part is not made of, unless the focus names them.</summary>
    private static bool IsLittle(Move move) => move.Tags.Is(Role.Filler) && move.Pattern is Pattern.Isolation or Pattern.CalfRaise or Pattern.Brace or Pattern.Locomotion && move.Impact < Impact.Middle;

    /// <summary>What fills time, or warms up: no strength station while anything better is there.</summary>
    private static bool IsFilling(Brief brief, Move move) =>
        brief.Goal != Goal.Mobility && ((move.Tags.Is(Role.Filler) && !(brief.Audience.Contains(Audience.OlderAdults) && move.Pattern == Pattern.CalfRaise)) || (move.Tags.Roles is [Role.WarmUp or Role.Stretch, ..] && !move.IsBalance()));

    /// <summary>Mobility is made of mobility, power of nothing slow or held.</summary>
    private static bool ServesGoal(Brief brief, Move move) => brief.Goal switch
    {
        Goal.Mobility => move.Pattern == Pattern.Mobility,
        Goal.Power => move.Pace != PaceClass.Slow && !move.Tags.IsHold,
        _ => true,
    };

    private static double PriceOf(DraftRequest request, Focus focus, Move move, bool counted)
    {
        var brief = request.Brief;
        var price = request.Recent.Contains(move.Name) ? Recently : 0;
        price += Troubling * brief.Needs.Count(move.Troubles);
        price += (Uncommon * (Tags.MostCommon - move.Tags.Staple)) + (move.Tags.Staple == 0 ? Filling : 0);
        price += IsFilling(brief, move) ? Filling : 0;
        price += brief.Audience.Contains(Audience.OlderAdults) && move.IsOnFloor ? brief.Kit.IsEmpty || brief.Kit.Any(k => Suits.Has(k, "mat")) ? Restless : Filling : 0;
        price += move.Pattern == Pattern.Isolation && focus.Muscles.IsEmpty ? Small : 0;
        price += move.Pattern is Pattern.Locomotion or Pattern.Carry ? Restless : 0;
        price += Underloaded * Loads.Under(move, brief);
        price += move.Tags.IsCombined && brief.Goal is not Goal.Power ? Combining : 0;
        price += move.IsBig() && move.Pattern != Pattern.Isolation ? -Big : 0;
        price += IsLittle(move) ? Little : move.Tags.IsBeginning && !brief.NeedsMoreTime ? Recently : 0;
        price += counted && move.Sides == MoveSides.OneSided ? BothTimes : 0;
        price += brief.NeedsMoreTime ? 1.5 * Math.Max(0, move.Tags.Rung - EasyRung) : 0;
        price += brief.Goal == Goal.Power && !move.Tags.IsExplosive ? Restless : 0;
        price += brief.Goal is { } goal && !move.Tags.Goals.Contains(goal) && !move.IsCore() ? goal == Goal.Strength ? Recently : Little : 0;
        price += brief.Goal is Goal.Strength or Goal.Muscle && !brief.Kit.IsEmpty && !move.IsCore() ? Unloaded * (LoadClass.Heavy - move.Load) : 0;
        price += brief.Goal == Goal.Strength && (move.IsSkill() || move.IsBalance() || move.Tags.Rung > NewcomersRung + 1) ? Filling : 0;
        price += move.Tags.Rung > NewcomersRung + 1 && !brief.Audience.All(a => a == Audience.Strong) ? Recently : 0;
        price += move.Pattern == Pattern.Mobility && !move.Muscles.Any(m => focus.Covers(m.Muscle)) ? Filling : 0;
        return price + (move.Muscles.Any(m => m.Share == 1 && focus.Covers(m.Muscle)) || move.Pattern == Pattern.Mobility ? 0 : OffFocus);
    }
}
