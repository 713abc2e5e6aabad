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
        Line("by the clock", Say.ClockOfTenths(totals.Tenths));
        Line("likely", Say.ClockOfTenths(totals.LikelyTenths));
        Line("work", Say.ClockOfTenths(totals.WorkTenths));
        Line("rest", Say.ClockOfTenths(totals.RestTenths));
        Line("changing over", Say.ClockOfTenths(totals.ChangeTenths));
        Line("talk and showing", Say.ClockOfTenths(totals.TalkTenths));
        Line("work lost", Say.ClockOfTenths(totals.LostTenths));
        Line("stations", totals.Stations.ToString(CultureInfo.InvariantCulture));
        Line("work periods", totals.WorkPeriods.ToString(CultureInfo.InvariantCulture));
        Line("different moves", totals.DistinctMoves.ToString(CultureInfo.InvariantCulture));
        text.Append('\n');
        foreach (var block in totals.Blocks)
            text.Append(CultureInfo.InvariantCulture, $"{block.Name,-32} {block.Format,-8} {Say.ClockOfTenths(block.Tenths),8} {Say.ClockOfTenths(block.LikelyTenths),8} likely {Say.ClockOfTenths(block.WorkTenths),8} work\n");
        if (totals.Reps.Count > 0)
            text.Append('\n');
        foreach (var (move, reps) in totals.Reps)
            text.Append(CultureInfo.InvariantCulture, $"{move,-32} {reps,5} reps\n");
        return text.ToString();
    }
}
