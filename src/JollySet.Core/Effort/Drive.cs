using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Effort;

/// <summary>What one work period asks of each muscle and of the whole body, before anyone's capacity.</summary>
/// <param name="Muscles">Share × load × rate, one entry a muscle in the order of <see cref="Muscle"/>.</param>
/// <param name="Body">The same summed over the muscles by their size, with what landing adds.</param>
internal sealed record Drive(double[] Muscles, double Body)
{
    /// <summary>How much muscle there is to work, beside a biceps as a half: large ones of the legs count most.</summary>
    private static readonly double[] Sizes = [1.5, 2, 2, 0.8, 0.6, 0.6, 0.5, 0.7, 0.3, 1, 0.8, 1, 0.7, 3, 0.8, 1, 3, 2, 0.8];

    /// <summary>A warm-up rehearses lightly, and a cool-down is easy.</summary>
    private const double EasyFactor = 0.65;

    /// <summary>The drive of every work period, by its index.</summary>
    public static Drive[] Of(Timeline timeline)
    {
        var drives = timeline.Sets.Select(_ => new Drive(new double[Sizes.Length], 0)).ToArray();
        foreach (var set in WorkedMoves.OfAll(timeline).GroupBy(w => w.Set))
            drives[set.Key] = OfSet(timeline.Sets[set.Key], [.. set], timeline.Blocks[timeline.Sets[set.Key].Block].IsMain ? 1 : EasyFactor, timeline.Rules);
        return drives;
    }

    private static Drive OfSet(WorkSet set, List<Worked> parts, double easy, HouseRules rules)
    {
        var muscles = new double[Sizes.Length];
        var seconds = Math.Max(0.1, (double)set.Length.InSeconds);
        var body = 0.0;
        foreach (var part in parts)
        {
            var (load, part01) = (easy * LoadFactor(set, part.Move, rules), (double)part.Seconds / seconds);
            foreach (var (muscle, share) in part.Move.Muscles)
                muscles[(int)muscle] += (double)share * load * RateFactor(part.Move) * part01;
            body += easy * ImpactFactor(part.Move.Impact) * part01;
        }

        for (var m = 0; m < muscles.Length; m++)
            body += muscles[m] * Sizes[m];
        return new Drive(muscles, body);
    }

    private static double LoadFactor(WorkSet set, Move move, HouseRules rules)
    {
        if (move.IsStretch)
            return 0.05;
        if (move.Pattern == Pattern.Mobility)
            return 0.3;
        return Weights.LevelOf(set.Line.Load?.Rounds.At(set.Round), move, rules) switch
        {
            LoadLevel.Heavy => 1.3,
            LoadLevel.Moderate => 1,
            LoadLevel.Light => 0.8,
            LoadLevel.None => 0.6,
            _ => move.Load == LoadClass.None ? 0.7 : 1,
        };
    }

    private static double RateFactor(Move move) => move.Pace switch { PaceClass.Slow => 0.9, PaceClass.PowerCompound or PaceClass.Swing => 1.15, _ => 1 };

    private static double ImpactFactor(Impact impact) => impact switch { Impact.Low => 0.8, Impact.Middle => 3, Impact.High => 4.5, _ => 0 };
}
