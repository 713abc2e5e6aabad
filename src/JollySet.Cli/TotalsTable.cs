using System.Globalization;
using System.Text;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Cli;

/// <summary>The sums of a class as a table a person can read.</summary>
internal static class TotalsTable
{
    public static string Of(Totals totals)
    {
        var text = new StringBuilder();
        void Line(string name, string value) => text.Append(CultureInfo.InvariantCulture, $"{name,-22}{value,10}\n");
        Line("planned", Say.Clock(totals.Length));
        Line("with people", Say.Clock(totals.Likely));
        Line("work", Say.Clock(totals.Work));
        Line("rest", Say.Clock(totals.Rest));
        Line("changing over", Say.Clock(totals.Change));
        Line("talk and showing", Say.Clock(totals.Talk));
        Line("work lost", Say.Clock(totals.Lost));
        Line("stations", totals.Stations.ToString(CultureInfo.InvariantCulture));
        Line("work periods", totals.WorkPeriods.ToString(CultureInfo.InvariantCulture));
        Line("different moves", totals.DistinctMoves.ToString(CultureInfo.InvariantCulture));
        text.Append('\n');
        foreach (var block in totals.Blocks)
            text.Append(CultureInfo.InvariantCulture, $"{block.Name,-32} {block.Format,-8} {Say.Clock(block.Length),8} {Say.Clock(block.Likely),8} with people {Say.Clock(block.Work),8} work\n");
        if (totals.Reps.Count > 0)
            text.Append('\n');
        foreach (var (move, reps) in totals.Reps)
            text.Append(CultureInfo.InvariantCulture, $"{move,-32} {reps,5} reps\n");
        return text.ToString();
    }
}
