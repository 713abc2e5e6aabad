using BenchmarkDotNet.Attributes;
using JollySet.Core.Cards;
using JollySet.Core.Moves;
using JollySet.Core.Search;

namespace JollySet.Bench;

/// <summary>What people write, read: names one by one, cards of sixty lines, a search of the library.</summary>
public class ReadingBenchmarks
{
    private string[] names = [];
    private string usual = "";
    private string mixture = "";
    private readonly string asked = "back, no kit, spare the wrists";

    /// <summary>Names in the hand of a gym, known and unknown; a card of one hand, and sixty lines cut from forty hands.</summary>
    [GlobalSetup]
    public void Setup()
    {
        var hands = File.ReadAllText(Found("tests", "JollySet.Core.Tests", "Cards", "second.cards")).Split("===== ").Skip(1).Select(c => c.Split(">>>")[0]).Select(c => c[(c.IndexOf('\n', StringComparison.Ordinal) + 1)..]);
        var lines = string.Join('\n', hands).Split('\n');
        mixture = string.Join('\n', lines.Take(60));
        usual = "Sat early tide, 35 mins, legs + back\neveryone a mat, some KBs\n\nwarmup: jog, hip circles, good mornings\n"
            + string.Join('\n', Enumerable.Range(1, 9).Select(i => $"Block {i}: 3 rounds 45/15, 60s between\ngoblet squat heavy\nSA DB row swap at half\nstaggered RDL\npress ups (easier: knee push up)\nwater 60s"))
            + "\nstretch: quads, hamstrings, child's pose\nbring the flags";
        // Of a program that has run for a while: what is looked for often is compiled by then (CardPattern). The first cards take two to four times as long.
        for (var i = 0; i < 500; i++)
            CardReader.Read(i % 2 == 0 ? usual : mixture);
        names = [.. lines.Where(l => l.Length is > 3 and < 40).Take(200), .. MoveLibrary.Shipped.All.Select(m => $"DB {m.Name}s").Take(200)];
    }

    /// <summary>Four hundred names.</summary>
    [Benchmark(OperationsPerInvoke = 400)]
    public int Name() => names.Sum(n => MoveLibrary.Shipped.Reader.Read(n).Modifiers.Length);

    /// <summary>Sixty lines of one hand.</summary>
    [Benchmark]
    public object? Card() => CardReader.Read(usual);

    /// <summary>Sixty lines of several.</summary>
    [Benchmark]
    public object? CardOfManyHands() => CardReader.Read(mixture);

    /// <summary>One search of the library.</summary>
    [Benchmark]
    public int Search() => MoveSearch.Find(asked, MoveLibrary.Shipped).Length;

    private static string Found(params string[] path)
    {
        for (var at = new DirectoryInfo(AppContext.BaseDirectory); at is not null; at = at.Parent)
            if (File.Exists(Path.Combine([at.FullName, .. path])))
                return Path.Combine([at.FullName, .. path]);
        throw new FileNotFoundException(string.Join('/', path));
    }
}
