using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Keeping;

/// <summary>A plan that may be kept, and the text it is kept as. Only <see cref="Gate"/> makes one.</summary>
public sealed class PassedPlan
{
    internal PassedPlan(ClassPlan plan, string stored) => (Plan, Stored) = (plan, stored);

    /// <summary>The plan, every block and station with its number.</summary>
    public ClassPlan Plan { get; }

    /// <summary>What goes into the row.</summary>
    public string Stored { get; }
}

/// <summary>The one gate for what is kept: whatever makes a plan, it is written, read back and compared before it is committed.</summary>
public static class Gate
{
    /// <summary>The plan, ready to be kept; or what stands in its way.</summary>
    public static (PassedPlan? Passed, ImmutableArray<SheetError> Errors) Pass(ClassPlan plan)
    {
        plan = Ids.Given(plan);
        if (Extent.TooWide(plan) is { } wide)
            return Refused(wide);
        try
        {
            // The extent, the row and the sheet are tried at once: whoever edits waits for all.
            var row = Task.Run(() => Extent.Broken(plan) is { } broken ? (Stored: null, Broken: broken) : (Stored: StoredPlan.Write(plan) is var written && StoredPlan.ReadsBack(written) ? written : null, Broken: (string?)null));
            var read = SheetReader.ReadBack(SheetWriter.Write(plan));
            var back = read.Plan is { } said && Ids.Placed(plan, said) is { } placed ? StoredPlan.Write(placed) : null;
            var (stored, sentence) = row.GetAwaiter().GetResult();
            if (sentence is not null)
                return Refused(sentence);
            if (read.Plan is null)
                return (null, read.Errors);
            return stored is not null && back == stored
                ? (new PassedPlan(plan, stored), [])
                : Refused("this cannot be written on a sheet and read back as it is; say it in other words");
        }
        catch (Exception e) when (e is ArgumentException or System.Text.Json.JsonException)
        {
            return Refused("a text in it is not valid Unicode; type it anew");
        }
    }

    private static (PassedPlan?, ImmutableArray<SheetError>) Refused(string sentence) => (null, [new SheetError(1, 1, "", sentence)]);
}
