using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Swapping;

/// <summary>The moves that may stand where another stands: the class can do them, they belong in that block, and are not in it yet. Every fix and every list of others asks here.</summary>
public static class Replacements
{
    private const double OtherPattern = 4;
    private const double OtherFamily = 3;
    private const double OtherMuscle = 5;
    private const double OtherLevel = 1;
    private const double OtherKit = 0.7;
    private const double OtherSides = 1.2;
    private const double Uncommon = 1.4;
    private const double Filling = 4;
    private const double Again = 6;
    private const double OffFocus = 3;
    private const double OffGoal = 0.8;
    private const double Underloaded = 0.8;
    private const double Combined = 2;
    private const double LessLoad = 0.7;

    /// <summary>Each rung easier or harder on the ladder of its kind.</summary>
    private const double RungAway = 0.3;

    /// <summary>The moves with what speaks against each in that place, least first.</summary>
    /// <param name="station">What stands there; null for a place of its own.</param>
    public static ImmutableArray<(Move Move, double Price)> For(Timeline timeline, Block block, Station? station)
    {
        var (brief, focus) = (BriefOf(timeline), Focus.Of(timeline.Plan.Brief));
        var was = station is null ? null : timeline.Facts.Of(station, 1).Move;
        var used = timeline.Plan.Blocks.Where(b => b.IsMain == block.IsMain).SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames()).Select(n => timeline.Library.Understood(n)?.Name ?? n).ToHashSet(StringComparer.OrdinalIgnoreCase);
        return
        [
            .. timeline.Library.All
                .Where(m => m.Name != was?.Name && (station?.Doing is not ToBeChosen any || m.Pattern == any.Pattern) && Belongs(block, brief, m) && Suitable.For(brief, m, timeline.Library))
                .Select(m => (m, price: Price(m, was, block, brief, focus) + (used.Contains(m.Name) ? Again : 0)))
                .OrderBy(c => c.price).ThenBy(c => c.m.Name, StringComparer.Ordinal),
        ];
    }

    /// <summary>What is in the room: where the class does not list its kit, what it uses already.</summary>
    public static Brief BriefOf(Timeline timeline) => timeline.Plan.Brief is { Kit.IsEmpty: true } brief ? brief with { Kit = [.. KitNeeds.Of(timeline).Select(n => n.What).Prepend("mat")] } : timeline.Plan.Brief;

    /// <summary>Whether the move has its place in such a block.</summary>
    private static bool Belongs(Block block, Brief brief, Move move) => block.Format switch
    {
        PrepareFormat => move.Tags.Is(Role.WarmUp) && move.Impact < Impact.High,
        ReleaseFormat => move.Tags.Is(Role.Stretch),
        _ => move.Pattern switch
        {
            Pattern.Stretch => false,
            Pattern.Mobility => brief.Goal == Goal.Mobility,
            Pattern.March => brief.Needs.Any(n => Needs.Named(n) == "seated"),
            _ => brief.Goal != Goal.Mobility,
        },
    };

    private static double Price(Move move, Move? was, Block block, Brief brief, Focus focus)
    {
        var price = Uncommon * (Tags.MostCommon - move.Tags.Staple);
        if (was is not null)
        {
            price += was.Pattern == move.Pattern ? 0 : was.Family == move.Family ? OtherFamily : OtherPattern;
            price += OtherMuscle * (1 - Shared(was, move));
            price += (LessLoad * Math.Max(0, was.Load - move.Load)) + (RungAway * Math.Abs(was.Tags.Rung - move.Tags.Rung));
            price += (was.Level == move.Level ? 0 : OtherLevel) + (was.Kit.SequenceEqual(move.Kit) ? 0 : OtherKit) + (was.Sides == move.Sides ? 0 : OtherSides);
        }

        if (!block.IsMain)
            return price;
        price += move.Tags.Is(Role.Filler) ? Filling : 0;
        price += move.Tags.IsCombined && was?.Tags.IsCombined != true ? Combined : 0;
        price += brief.Goal is { } goal && !move.Tags.Goals.Contains(goal) && !move.IsCore() ? OffGoal : 0;
        price += Underloaded * Loads.Under(move, brief);
        return price + (move.Muscles.Any(m => m.Share == 1 && focus.Covers(m.Muscle)) || move.Pattern == Pattern.Mobility ? 0 : OffFocus);
    }

    /// <summary>How much of their chief muscles two moves have in common, 0 to 1.</summary>
    private static double Shared(Move a, Move b)
    {
        var (mine, other) = (a.Muscles.ToDictionary(m => m.Muscle, m => m.Share), b.Muscles.ToDictionary(m => m.Muscle, m => m.Share));
        var all = mine.Keys.Union(other.Keys).Sum(m => Math.Max(mine.GetValueOrDefault(m), other.GetValueOrDefault(m)));
        return all == 0 ? 1 : (double)(mine.Keys.Intersect(other.Keys).Sum(m => Math.Min(mine[m], other[m])) / all);
    }
}
