using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Kit;

/// <summary>A first guess at what to bring for one move of a class.</summary>
/// <param name="Kilograms">In each hand, or of the one weight that both hold.</param>
/// <param name="Reps">For how many it is meant.</param>
/// <param name="InBothHands">Whether one weight in both hands is meant.</param>
/// <param name="Nearest">The nearest size there is; null where nobody counted sizes.</param>
public sealed record LoadGuess(string Move, decimal Kilograms, int Reps, bool InBothHands, decimal? Nearest);

/// <summary>From one strength that was tried to a first guess for every loaded move of a class.</summary>
public static class LoadGuide
{
    private const decimal Press = 1.75m;
    private const decimal RepsOfOneMost = 30;

    /// <summary>The most that is believed to be pressed in one hand.</summary>
    public const decimal MostPressed = 80;

    /// <summary>One guess a loaded move of the main part, heaviest first. The most that could be lifted once is the tried mass times (1 + reps / 30) (Epley, 1985); what is lifted for n is that over (1 + n / 30).</summary>
    /// <param name="pressed">Kilograms in each hand, overhead.</param>
    /// <param name="reps">Clean ones.</param>
    /// <param name="factor">Of this track beside the person who tried: capacity by the house rules.</param>
    public static ImmutableArray<LoadGuess> Of(Timeline timeline, decimal pressed, int reps, decimal factor, ImmutableArray<StockLine> stock)
    {
        var raise = pressed * (1 + (reps / RepsOfOneMost)) / Press * factor;
        return
        [
            .. timeline.Sets.Where(s => timeline.Blocks[s.Block].IsMain && s.Facts.Move is { Load: > LoadClass.None } && s.Facts.Weight is not LoadLevel.None)
                .GroupBy(s => s.Facts.Name)
                .Select(g => GuessOf(g.First(), g.Key, raise, stock))
                .OrderByDescending(g => g.Kilograms).ThenBy(g => g.Move, StringComparer.Ordinal),
        ];
    }

    /// <summary>Which kind of relative load a move is.</summary>
    public static RelativeLoad KindOf(Move move) => Relative.Kinds[move.Pattern switch
    {
        Pattern.OverheadPush => 2,
        Pattern.Push => move.Load == LoadClass.Light ? 0 : 3,
        Pattern.Pull or Pattern.VerticalPull => move.Load == LoadClass.Light ? 0 : 4,
        Pattern.Squat or Pattern.Lunge or Pattern.Jump => 5,
        Pattern.Hinge or Pattern.HipBridge => 6,
        _ => move.Load switch { LoadClass.Heavy => 5, LoadClass.Moderate => 1, _ => move.Family == Family.Pull || move.Family == Family.Push ? 1 : 0 },
    }];

    private static LoadGuess GuessOf(WorkSet set, string name, decimal raise, ImmutableArray<StockLine> stock)
    {
        var (move, kind) = (set.Facts.Move!, KindOf(set.Facts.Move!));
        var one = move.Kit.Contains("dumbbell") || move.Kit.Contains("kettlebell") || move.Kit.Contains("barbell") || move.Kit.Contains("rucksack") || move.Kit.Contains("sandbag");
        var n = Math.Clamp(set.Reps ?? 12, 5, 20);
        var mass = raise * kind.Middle / (1 + (n / RepsOfOneMost)) * Eased(set.Facts.Weight);
        var rounded = mass < 10 ? Math.Round(mass * 2) / 2 : Math.Round(mass);
        var sizes = stock.Select(s => s.Kilograms).OfType<decimal>().Distinct().ToList();
        return new LoadGuess(name, Math.Max(0.5m, rounded), n, one && kind.BothHands, sizes.Count == 0 ? null : sizes.MinBy(s => (Math.Abs(s - mass), s)));
    }

    /// <summary>What the plan calls light or moderate is less than could be lifted.</summary>
    private static decimal Eased(LoadLevel? level) => level switch { LoadLevel.Light => 0.6m, LoadLevel.Moderate => 0.8m, _ => 1 };
}
