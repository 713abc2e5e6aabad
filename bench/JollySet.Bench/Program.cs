using BenchmarkDotNet.Running;
using JollySet.Bench;

if (args is ["drafts", ..])
{
    var watch = System.Diagnostics.Stopwatch.StartNew();
    foreach (var line in DraftGrid.Report())
        Console.WriteLine(line);
    Console.WriteLine($"in {watch.Elapsed.TotalSeconds:0.0} s");
    foreach (var line in DraftGrid.Threes())
        Console.WriteLine(line);
}
else if (args is ["order", ..])
{
    foreach (var (stations, rounds) in new[] { (24, 1), (24, 3), (32, 1) })
    {
        var watch = System.Diagnostics.Stopwatch.StartNew();
        var answer = new JollySet.Solving.BestOrder().Order(JollySet.Core.Ordering.OrderRequest.Of(OrderBenchmarks.Block(stations, rounds), "A"));
        Console.WriteLine($"{stations} stations, {rounds} rounds: {answer.CostBefore} to {answer.CostAfter}, at least {answer.LeastPossible}, gap {answer.Gap:P1}, {watch.Elapsed.TotalSeconds:0.0} s");
    }
}
else
    BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
