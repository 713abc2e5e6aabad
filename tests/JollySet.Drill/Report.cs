using System.Diagnostics;
using System.Globalization;

namespace JollySet.Drill;

/// <summary>What the drill has found, a line each as it goes: nothing it finds goes unsaid.</summary>
internal sealed class Report
{
    private readonly Stopwatch clock = Stopwatch.StartNew();

    /// <summary>Parts that held.</summary>
    public int Passed { get; private set; }

    /// <summary>Parts that did not.</summary>
    public int Failed { get; private set; }

    /// <summary>Says what a part measured, and whether it held.</summary>
    public void Say(bool holds, string part, string figure)
    {
        (Passed, Failed) = holds ? (Passed + 1, Failed) : (Passed, Failed + 1);
        Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{(holds ? "held " : "FAULT")} {clock.Elapsed.TotalSeconds,6:0} s  {part}: {figure}"));
    }

    /// <summary>Says that a part could not be run here; it counts neither way.</summary>
    public void Leave(string part, string why) => Console.WriteLine($"left         {part}: {why}");

    /// <summary>Runs a part; one that fails in itself is a fault too.</summary>
    public async Task Part(string name, Func<Task> run)
    {
        try
        {
            await run();
        }
        catch (Exception e)
        {
            Say(false, name, $"{e.GetType().Name}: {e.Message.Split('\n')[0]} {e.StackTrace?.Split('\n')[0].Trim()}");
        }
    }
}
