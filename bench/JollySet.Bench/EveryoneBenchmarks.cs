using System.Collections.Immutable;
using BenchmarkDotNet.Attributes;
using JollySet.Core.Checks;
using JollySet.Core.Kit;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Bench;

/// <summary>What everyone in the room costs on each edit of an hour of sixty stations: four needs, three kinds of people, twenty-two of them.</summary>
[MemoryDiagnoser]
public class EveryoneBenchmarks
{
    private Timeline timeline = null!;
    private ImmutableArray<string> needs;

    [GlobalSetup]
    public void Setup()
    {
        string[] moves = ["goblet squat [heavy]", "push-up | easier: knee push-up", "bent-over row [heavy] | for lower back: seated row", "side plank, each side", "Romanian deadlift [heavy]", "dead bug"];
        var sheet = "# Bench\nminutes: 60\npeople: 22\naudience: newcomer, regular, strong\nfocus: full body\nneeds: knees, wrists, lower back, no jumping\nkit: mat, 10 heavy dumbbells\n"
            + string.Concat(Enumerable.Range(1, 10).Select(b => $"== Block {b} (circuit, work 40, rest 15, after 15)\n{string.Join('\n', moves)}\n"));
        timeline = TimelineBuilder.Build(SheetReader.Read(sheet).Plan!);
        needs = timeline.Plan.Brief.Needs;
    }

    [Benchmark]
    public int Coverage() => Net.Of(timeline, needs).Length;

    [Benchmark]
    public int Kit() => KitDemands.Of(timeline, 22, KitDemands.Stock(timeline.Plan.Brief, [])).Length;

    [Benchmark]
    public int AllTracks() => Tracks.Of(timeline.Plan.Brief).Select(t => t.Of(timeline)).Sum(t => t.Changes.Length + (int)t.Peak);

    [Benchmark]
    public int Check() => Review.Of(timeline).Length;
}
