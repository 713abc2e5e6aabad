using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Balance;

/// <summary>One work period of one thing.</summary>
/// <param name="Set">Index of the work period.</param>
/// <param name="Work">Of its length, what this thing works.</param>
/// <param name="Rest">Since it last worked; null the first time.</param>
/// <param name="Streak">Its work without a break worth the name, this period included.</param>
/// <param name="Meant">Whether a superset of one muscle means it to go on.</param>
public readonly record struct Spell(int Set, Length Start, Length End, Length Work, Length? Rest, Length Streak, bool Meant);

/// <summary>When one thing works along the class.</summary>
/// <param name="What">A muscle, grip, wrists, overhead, hinge, knees or neck.</param>
/// <param name="Limit">Of a streak, by the house rules; null where there is none.</param>
public sealed record RecoveryLane(string What, Length? Limit, ImmutableArray<Spell> Spells)
{
    /// <summary>The longest streak.</summary>
    public Length Longest => Spells.Max(s => s.Streak);
}

/// <summary>Seconds since each muscle last worked at half a share or more, and how long it goes on; hands, wrists, overhead, low back, knees and neck besides.</summary>
public static class Recovery
{
    /// <summary>A lane for each thing that works at all in the main blocks; as many rounds as possible are left out, where people take breaks of their own.</summary>
    public static ImmutableArray<RecoveryLane> Of(Timeline timeline)
    {
        var spans = timeline.Segments.Where(s => s.Kind == SegmentKind.Work).GroupBy(s => s.Set).ToDictionary(g => g.Key, g => (Start: g.First().Start, End: g.Last().End));
        var by = new Dictionary<string, List<(int Set, decimal Seconds)>>();
        var things = new Dictionary<(WorkFacts, Move), string[]>(new SamePair<WorkFacts, Move>());
        // Work comes in the order of the class, so the parts of one set come together.
        foreach (var work in WorkedMoves.Of(timeline).Where(w => timeline.Sets[w.Set].Station > 0))
        {
            var facts = timeline.Sets[work.Set].Facts;
            if (!things.TryGetValue((facts, work.Move), out var known))
                things[(facts, work.Move)] = known = [.. Things(facts, work.Move).Distinct()];
            foreach (var what in known)
            {
                var sets = by.TryGetValue(what, out var found) ? found : by[what] = [];
                if (sets.Count > 0 && sets[^1].Set == work.Set)
                    sets[^1] = (work.Set, sets[^1].Seconds + work.Seconds);
                else
                    sets.Add((work.Set, work.Seconds));
            }
        }

        return [.. by.Select(b => Lane(timeline, b.Key, b.Value, spans))];
    }

    private static IEnumerable<string> Things(WorkFacts facts, Move move)
    {
        foreach (var (muscle, share) in move.Muscles)
            if (share >= 0.5m && !move.IsStretch)
                yield return Words.Of(muscle);
        if (facts.GripsIn(move))
            yield return "grip";
        if (move.Tags.Bears == Bearing.Hands && move.Level != Level.Up)
            yield return "wrists";
        if (move.Pattern == Pattern.OverheadPush || move.Tags.ArmsOverhead)
            yield return "overhead";
        if (move.IsHinge())
            yield return "hinge";
        if (move.Pattern is Pattern.Squat or Pattern.Lunge)
            yield return "knees";
        if (move is { Posture: Posture.Lying, Pattern: Pattern.TrunkFlexion })
            yield return "neck";
    }

    private static RecoveryLane Lane(Timeline timeline, string what, List<(int Set, decimal Seconds)> sets, Dictionary<int, (Length Start, Length End)> spans)
    {
        var rules = timeline.Rules;
        var spells = ImmutableArray.CreateBuilder<Spell>(sets.Count);
        var muscle = IsMuscle(what);
        foreach (var (set, seconds) in sets)
        {
            var (start, end) = spans[set];
            var meant = muscle && timeline.Blocks[timeline.Sets[set].Block].Format is LinkedFormat { School: School.Same };
            var rest = spells.Count > 0 ? start - spells[^1].End : (Length?)null;
            var work = Length.Min(Length.Seconds(seconds), end - start);
            var before = rest < rules.StreakBreak && spells[^1].Meant == meant ? spells[^1].Streak : Length.Zero;
            spells.Add(new Spell(set, start, end, work, rest, before + work, meant));
        }

        var limit = what switch { "knees" => (Length?)null, "overhead" or "hinge" => rules.StreakPosture, _ => rules.StreakMuscle };
        return new RecoveryLane(what, limit, spells.ToImmutable());
    }

    private static bool IsMuscle(string what) => what is not ("grip" or "wrists" or "overhead" or "hinge" or "knees" or "neck");
}
