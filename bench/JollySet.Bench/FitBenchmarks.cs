using BenchmarkDotNet.Attributes;
using JollySet.Core.Fitting;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Solving;

namespace JollySet.Bench;

/// <summary>Fitting a class of twelve blocks and sixty stations that is eighteen minutes too long; all kinds of proposals, each proven.</summary>
public class FitBenchmarks
{
    private FitRequest request = null!;
    private Timeline timeline = null!;

    /// <summary>How many of its blocks.</summary>
    [Params(4, 8, 12)]
    public int Blocks { get; set; }

    [GlobalSetup]
    public void Setup()
    {
        using var reader = new StreamReader(typeof(FitBenchmarks).Assembly.GetManifestResourceStream("fleet.sheet")!);
        var all = SheetReader.Read(reader.ReadToEnd()).Plan!;
        var plan = all with { Blocks = all.Blocks[..Blocks] };
        timeline = TimelineBuilder.Build(plan);
        request = new FitRequest(plan, Studio.Shipped, (int)(timeline.Likely * 0.83m).InMinutes, []);
    }

    [Benchmark]
    public FitAnswer Fit() => new CpFitter().Fit(request);

    [Benchmark]
    public int Variants() => Enum.GetValues<FitKind>().Sum(kind => FitChoices.Of(request, timeline, kind).Sum(g => g.Length));
}
