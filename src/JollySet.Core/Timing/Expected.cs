using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Where a stack ends inside its time.</summary>
/// <param name="Start">The rung it begins from.</param>
/// <param name="Reached">The last rung that is whole at a regular's pace; one less than <paramref name="Start"/> where none is.</param>
/// <param name="Slow">The same for a newcomer.</param>
/// <param name="Fast">The same for a strong person.</param>
/// <param name="NextStart">The rung the next round is planned to begin from; null after the last round.</param>
public sealed record StackReach(int Start, int Reached, int Slow, int Fast, int? NextStart);

/// <summary>Whole rounds of as-many-as-possible, by person.</summary>
public sealed record AmrapRounds(int Newcomer, int Regular, int Strong);

/// <summary>What people are likely to do inside a time: reps, rungs, rounds.</summary>
public static class Expected
{
    private const int MostRounds = 10_000;

    /// <summary>Reps of timed work from the slow to the fast side of the move's pace; null where nothing is counted.</summary>
    /// <remarks>The pace a tenth slower and a tenth faster (house rules expected.slow, expected.fast), rounded to the nearest rep.</remarks>
    public static Span? RepsOf(WorkSet set, HouseRules rules)
    {
        if (set.ExpectedSecondsPerRep is not { } perRep || set.Line.Doing is Stacked)
            return null;
        var seconds = set.Length.InSeconds;
        var (low, high) = (Nearest(seconds / (perRep * rules.ExpectedSlow)), Nearest(seconds / (perRep * rules.ExpectedFast)));
        return high > 0 ? new Span(Math.Max(1, low), Math.Max(1, high)) : null;
    }

    /// <summary>The rung a stack reaches; null for what is no stack.</summary>
    public static StackReach? StackOf(Timeline timeline, WorkSet set)
    {
        if (set.Line.Doing is not Stacked || set.ExpectedSecondsPerRep is not { } perRung)
            return null;
        var starts = set.Line.StartRungs.IsEmpty ? [1] : set.Line.StartRungs;
        var start = starts.At(set.Round);
        int Reached(Person person) => Rung(start, set.Length.InSeconds, perRung * timeline.Rules.PaceOf(person));
        return new StackReach(
            start,
            Reached(Person.Regular),
            Reached(Person.Newcomer),
            Reached(Person.Strong),
            set.Round < timeline.Blocks[set.Block].RoundCount ? starts.At(set.Round + 1) : null);
    }

    /// <summary>Rounds of an as-many-rounds block; null for other formats.</summary>
    public static AmrapRounds? RoundsOf(Timeline timeline, int block)
    {
        if (timeline.Blocks[block] is not { Format: AmrapFormat amrap } spelled || spelled.Stations.IsEmpty)
            return null;
        var work = new StationWork(timeline.Plan, timeline.Studio);
        var sets = Enumerable.Range(1, spelled.Stations.Length).SelectMany(n => work.Of(block, spelled, 1, n, null)).ToImmutableArray();
        int Rounds(Person person) => RoundsIn(amrap.Length, sets, new ChangeOver(timeline.Plan.Brief, timeline.Rules), timeline.Rules.PaceOf(person));
        return new AmrapRounds(Rounds(Person.Newcomer), Rounds(Person.Regular), Rounds(Person.Strong));
    }

    private static int Nearest(decimal reps) => (int)Math.Round(reps, MidpointRounding.AwayFromZero);

    /// <summary>Rung k is k of each; so many whole ones fit.</summary>
    private static int Rung(int start, decimal seconds, decimal secondsPerRung)
    {
        var rung = start;
        for (var left = seconds - (rung * secondsPerRung); left >= 0; left -= rung * secondsPerRung)
            rung++;
        return rung - 1;
    }

    private static int RoundsIn(Length length, ImmutableArray<WorkSet> sets, ChangeOver changes, decimal pace)
    {
        foreach (var set in sets)
            changes.Show(set.Facts.Name);
        var left = length.InSeconds;
        for (var round = 0; round < MostRounds; round++)
        {
            for (var i = 0; i < sets.Length; i++)
            {
                left -= sets[i].IsTimed ? sets[i].Length.InSeconds : sets[i].Length.InSeconds * pace;
                if (left < 0)
                    return round;
                var next = sets[(i + 1) % sets.Length];
                left -= sets.Length == 1 ? 0 : changes.Between(sets[i], next, next.SecondSide ? GapPlace.OtherSide : GapPlace.Within, water: false, demo: false).InSeconds;
            }
        }

        return MostRounds;
    }
}
