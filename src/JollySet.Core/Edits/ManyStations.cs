using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Edits;

/// <summary>Takes several stations out at once.</summary>
public sealed record RemoveStations(ImmutableArray<int> Stations) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"took {ManyStations.Named(plan, Stations)} out";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) =>
        ManyStations.Of(plan, Stations) is { IsEmpty: false } ? EditResult.Of(ManyStations.Without(plan, Stations)) : EditResult.NoStation;
}

/// <summary>Carries several stations to one place of a block, in the order they hang in; or copies of them, while they stay where they are.</summary>
/// <param name="Block">Number of the block they are carried to.</param>
/// <param name="Before">Number of the station they are put before; null at the end. One that is carried itself is the one after it.</param>
public sealed record CarryStations(ImmutableArray<int> Stations, int Block, int? Before, bool Copy = false) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"{(Copy ? "put" : "carried")} {ManyStations.Named(plan, Stations)} {(Copy ? "once more into" : "to")} {plan.FindBlock(Block)?.Name ?? "a block"}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (plan.FindBlock(Block) is not { } goal)
            return EditResult.NoBlock;
        if (goal.IsWords || goal.Format is AgainFormat)
            return EditResult.Refused($"“{goal.Name}” has no stations of its own");
        var carried = ManyStations.Of(plan, Stations);
        if (carried.IsEmpty)
            return EditResult.NoStation;
        var next = goal.Stations.SkipWhile(s => s.Id != Before).FirstOrDefault(s => Copy || !Stations.Contains(s.Id));
        var rest = Copy ? plan : ManyStations.Without(plan, Stations);
        var onto = rest.FindBlock(Block)!;
        var at = next is null ? onto.Stations.Length : onto.Stations.IndexOf(next);
        var put = onto with { Stations = onto.Stations.InsertRange(at, Copy ? carried.Select(s => s with { Id = 0 }) : carried) };
        return EditResult.Of(rest with { Blocks = rest.Blocks.Replace(onto, put) });
    }
}

/// <summary>More or less of one station or several: seconds in fives, reps by one; every round's, both ends of a range. What has no amount of its own takes its block's seconds.</summary>
/// <param name="Steps">How many fives or reps; below 0 for less. No amount goes below 5 s or one rep.</param>
/// <param name="Shown">What the flag that is pulled shows: the amount of a station that neither says one nor has one from its block.</param>
public sealed record PullAmounts(ImmutableArray<int> Stations, int Steps, Amount? Shown = null) : PlanEdit
{
    private const int Five = 5;

    /// <inheritdoc/>
    public override string Summary(ClassPlan plan)
    {
        var units = ManyStations.Of(plan, Stations).Select(s => s.Amount is Reps).Distinct().ToList();
        var by = Math.Abs(Steps);
        var said = units is [true] ? string.Create(CultureInfo.InvariantCulture, $"{by} reps") : units is [false] ? string.Create(CultureInfo.InvariantCulture, $"{by * Five} s") : string.Create(CultureInfo.InvariantCulture, $"{by} steps");
        return $"{said} {(Steps < 0 ? "less" : "more")} of {ManyStations.Named(plan, Stations)}";
    }

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (ManyStations.Of(plan, Stations) is not { IsEmpty: false } pulled)
            return EditResult.NoStation;
        foreach (var station in pulled)
        {
            var there = plan.FindStation(station.Id)!.Value;
            if (Pulled(station, there.Block) is not { } amount)
                return EditResult.Refused($"{Facts.NameOf(station.Doing)} has no amount that can be pulled in {there.Block.Name}", "amount");
            plan = plan with { Blocks = plan.Blocks.Replace(there.Block, there.Block with { Stations = there.Block.Stations.SetItem(there.At, station with { Amount = amount }) }) };
        }

        return EditResult.Of(plan, "amount");
    }

    private Amount? Pulled(Station station, Block block) => (station.Amount ?? (block.Settings.Work.IsEmpty && block.Rungs is null ? Shown : null)) switch
    {
        Reps { Counts: var counts } when counts.All(c => c is null) => null,
        Timed { Lengths: var lengths } when lengths.All(l => l is null) => null,
        Reps reps => reps with { Counts = [.. reps.Counts.Select(c => c is { } span ? new Span(Reps(span.Low), Reps(span.High)) : c)] },
        Timed timed => timed with { Lengths = [.. timed.Lengths.Select(l => l is { } span ? new LengthSpan(Seconds(span.Low), Seconds(span.High)) : l)] },
        _ => block.Settings.Work.IsEmpty || block.Rungs is not null ? null : new Timed([.. block.Settings.Work.Select(w => (LengthSpan?)new LengthSpan(Seconds(w)))]),
    };

    private int Reps(int count) => Math.Max(1, count + Steps);

    private Length Seconds(Length length) => Length.Max(Length.Min(length, Length.Seconds(Five)), Length.Tenths(length.InTenths + Length.Seconds(Steps * Five).InTenths));
}

/// <summary>Several stations by their numbers.</summary>
internal static class ManyStations
{
    private const int MostNamed = 2;

    /// <summary>Those that are there, in the order they hang in.</summary>
    public static ImmutableArray<Station> Of(ClassPlan plan, ImmutableArray<int> stations) => [.. plan.Blocks.SelectMany(b => b.Stations).Where(s => stations.Contains(s.Id))];

    /// <summary>The class without them.</summary>
    public static ClassPlan Without(ClassPlan plan, ImmutableArray<int> stations) =>
        plan with { Blocks = [.. plan.Blocks.Select(b => b.Stations.Any(s => stations.Contains(s.Id)) ? b with { Stations = b.Stations.RemoveAll(s => stations.Contains(s.Id)) } : b)] };

    /// <summary>“push-up and squat”, “4 stations”.</summary>
    public static string Named(ClassPlan plan, ImmutableArray<int> stations)
    {
        var there = Of(plan, stations);
        return there.Length is > 0 and <= MostNamed ? string.Join(" and ", there.Select(s => Facts.NameOf(s.Doing))) : string.Create(CultureInfo.InvariantCulture, $"{there.Length} stations");
    }
}
