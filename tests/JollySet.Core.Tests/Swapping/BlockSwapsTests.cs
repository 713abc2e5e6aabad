using JollySet.Core.Drafting;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Swapping;

/// <summary>Others for a whole block: as long, of its patterns, with other moves.</summary>
public class BlockSwapsTests
{
    private const string Head = "# T\nminutes: 30\nfocus: full body\naudience: regular\nkit: mats, light dumbbells, heavy dumbbells\n== W (prepare, work 40, rest 10)\nmarch\nhip circle\nsquat\nhip hinge\n";

    private const string Circuit = "== A (circuit, 3 rounds, work 40, rest 20, between 60)\ngoblet squat [heavy]\nbent-over row [heavy]\nfloor press [heavy]\nplank\n";

    public static TheoryData<string> Blocks =>
    [
        Circuit,
        "== A (superset opposing, 3 rounds, rest 60)\nbent-over row x10 [heavy]\nfloor press x10 [heavy]\n",
        "== A (circuit, 3 rounds, work 60, rest 20)\nsplit squat, each side\nbent-over row [heavy]\nside plank, each side\n",
        "== A (minute, 3 rounds)\ndeadlift 40s [heavy]\npush-up 40s\nany: squat 40s\n",
        "== A (amrap 8:00)\ngoblet squat x8 [heavy]\npush-up x8\nbent-over row x8 [heavy]\n",
        "== C (release, work 40)\nhamstring reach\nchild's pose\nchest opener\n",
        Circuit + "== C (release, work 40)\nhamstring reach\nchild's pose\nchest opener\n",
    ];

    private static (Timeline Timeline, Block Block, IReadOnlyList<BlockSwap> Others) Of(string text)
    {
        var timeline = Sheet.Time(Head + text);
        var block = timeline.Plan.Blocks[^1];
        return (timeline, block, BlockSwaps.For(timeline, block.Id));
    }

    [Theory]
    [MemberData(nameof(Blocks))]
    public void Others_are_as_long_and_of_other_moves(string text)
    {
        var (timeline, block, others) = Of(text);
        if (block.Format is ReleaseFormat && !timeline.Plan.Blocks.Any(b => b.IsMain))
        {
            Assert.Empty(others);
            return;
        }

        Assert.NotEmpty(others);
        foreach (var other in others)
        {
            var plan = other.Edit.Apply(timeline.Plan).Plan!;
            var there = plan.Find(block.Name)!;
            Assert.InRange((TimelineBuilder.Build(plan).Length - timeline.Length).InSeconds, -15, 15);
            Assert.NotEqual(block.Stations.SelectMany(s => s.Doing.MoveNames()), there.Stations.SelectMany(s => s.Doing.MoveNames()));
            Assert.Equal(block.Format.GetType(), there.Format.GetType());
        }
    }

    [Fact]
    public void Three_for_a_circuit_and_each_is_a_whole_block_of_the_same_patterns()
    {
        var (timeline, _, others) = Of(Circuit);
        Assert.Equal(BlockSwaps.Offered, others.Count);
        foreach (var other in others)
        {
            var patterns = other.Moves.Select(n => timeline.Library.Find(n)!.Pattern).ToList();
            Assert.Contains(Pattern.Pull, patterns);
            Assert.Contains(Pattern.Push, patterns);
            Assert.Contains(patterns, p => p is Pattern.Squat or Pattern.Lunge);
            Assert.Equal(4, other.Moves.Distinct().Count());
        }

        Assert.All(others.Zip(others.Skip(1)), p => Assert.True(p.First.Moves.Intersect(p.Second.Moves).Count() <= 2));
    }

    [Fact]
    public void Words_and_repeats_have_none()
    {
        var timeline = Sheet.Time(Head + Circuit + "== again A\n== Talk (talk 60s)\n");
        Assert.All(timeline.Plan.Blocks.TakeLast(2), b => Assert.Empty(BlockSwaps.For(timeline, b.Id)));
        Assert.Empty(BlockSwaps.For(timeline, 999));
    }
}
