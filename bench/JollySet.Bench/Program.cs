using BenchmarkDotNet.Running;
using JollySet.Bench;

if (args is ["drafts", ..])
{
    var watch = System.Diagnostics.Stopwatch.StartNew();
    foreach (var line in DraftGrid.Report())
        Console.WriteLine(line);
    Console.WriteLine($"in {watch.Elapsed.TotalSeconds:0.0} s");
}
else
    BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
