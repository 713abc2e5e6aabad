using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Puts a plan's work in order: which set follows which, and which setting says the gap between them.</summary>
internal sealed class Arrangement
{
    private readonly ClassPlan plan;
    private readonly StationWork work;
    private readonly List<Step> steps = [];

    private Arrangement(ClassPlan plan, MoveLibrary library, HouseRules rules)
    {
        this.plan = plan;
        work = new StationWork(plan, library, rules);
    }

    /// <summary>Every step of the class, in order.</summary>
    public static List<Step> Of(ClassPlan plan, MoveLibrary library, HouseRules rules)
    {
        var arrangement = new Arrangement(plan, library, rules);
        for (var i = 0; i < plan.Blocks.Length; i++)
            arrangement.Add(i);
        return arrangement.steps;
    }

    private void Add(int index)
    {
        var block = plan.Spelled(plan.Blocks[index]);
        switch (block.Format)
        {
            case TalkFormat talk:
                steps.Add(new WordsStep(index, SegmentKind.Talk, talk.Seconds * 10, block.Settings.After));
                break;
            case OwnFormat own:
                steps.Add(new WordsStep(index, SegmentKind.Talk, own.Seconds * 10, block.Settings.After));
                break;
            case ShowFormat show:
                steps.Add(new WordsStep(index, SegmentKind.Demo, show.Seconds * 10, block.Settings.After));
                break;
            default:
                AddRounds(index, block, repeats: plan.Blocks[index].Format is AgainFormat);
                break;
        }
    }

    private void AddRounds(int index, Block block, bool repeats)
    {
        var settings = block.Settings;
        for (var round = 1; round <= settings.RoundCount; round++)
        {
            for (var station = 1; station <= block.Stations.Length; station++)
            {
                var line = block.Stations[station - 1];
                var sets = work.Of(index, block, round, station);
                for (var i = 0; i < sets.Length; i++)
                {
                    var demo = round == 1 && i == 0 && !repeats ? line.DemoSeconds ?? settings.DemoSeconds ?? 0 : 0;
                    var otherSide = i < sets.Length - 1;
                    var after = otherSide ? Within(line, settings, round, GapPlace.OtherSide)
                        : station < block.Stations.Length ? Within(line, settings, round, GapPlace.Within)
                        : round < settings.RoundCount ? AfterRound(line, settings, round)
                        : new PlannedGap(GapPlace.AfterBlock, SegmentKind.After, settings.After);
                    steps.Add(new WorkStep(sets[i], demo * 10, after));
                }
            }
        }
    }

    private static PlannedGap Within(Station line, BlockSettings settings, int round, GapPlace place) =>
        new(place, SegmentKind.Rest, line.Rest ?? (settings.Rest.IsEmpty ? null : settings.Rest.At(round)));

    private static PlannedGap AfterRound(Station last, BlockSettings settings, int round)
    {
        if (settings.Water is { } water && water.Round == round)
            return new PlannedGap(GapPlace.AfterRound, SegmentKind.Between, new Gap(new Span(water.Seconds), Water: true));
        return settings.Between is { } between
            ? new PlannedGap(GapPlace.AfterRound, SegmentKind.Between, between)
            : Within(last, settings, round, GapPlace.AfterRound);
    }
}
