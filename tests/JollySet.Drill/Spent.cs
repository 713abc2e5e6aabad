using System.Diagnostics;

namespace JollySet.Drill;

/// <summary>What a piece of work costs, on a machine that has others to serve.</summary>
internal static class Spent
{
    /// <summary>The seconds of one go: those that passed, or where that is less, those that this program's processors spent. Over the limit the best of three counts: what is slow by its nature is slow each time, a machine that is busy is not.</summary>
    public static double Seconds(double limit, Action work)
    {
        var least = Once(work);
        for (var more = 0; more < 2 && least > limit; more++)
            least = Math.Min(least, Once(work));
        return least;
    }

    private static double Once(Action work)
    {
        var (clock, before) = (Stopwatch.StartNew(), Environment.CpuUsage.TotalTime);
        work();
        return Math.Min(clock.Elapsed.TotalSeconds, (Environment.CpuUsage.TotalTime - before).TotalSeconds);
    }
}
