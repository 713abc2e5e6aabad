using JollySet.Core.Plans;

namespace JollySet.Core.Sheets;

/// <summary>Refuses a class longer than the limit before a timeline of it is built.</summary>
internal static class SizeCheck
{
    /// <summary>A sentence when the least the class can take is over the limit; null when it may be built.</summary>
    public static string? TooLong(ClassPlan plan)
    {
        var seconds = plan.Blocks.Sum(b => Least(plan.Spelled(b)));
        return seconds <= Limits.Seconds ? null : $"the class takes {seconds / 3600} hours or more; the limit is {Limits.Seconds / 3600} hours";
    }

    private static long Least(Block block) => block.Format switch
    {
        TalkFormat talk => talk.Seconds,
        ShowFormat show => show.Seconds,
        OwnFormat own => own.Seconds,
        AmrapFormat amrap => amrap.Seconds,
        _ => Enumerable.Range(1, block.RoundCount).Sum(round => block.Stations.Sum(s => Least(s, block.Settings, round))),
    };

    private static long Least(Station station, BlockSettings settings, int round) => station.Amount switch
    {
        Timed timed => timed.Seconds.At(round)?.Low ?? 1,
        Reps reps => Math.Max(1, (reps.Counts.At(round)?.Low ?? 1) / 2),
        _ => settings.WorkSeconds.IsEmpty ? 1 : settings.WorkSeconds.At(round),
    };
}
