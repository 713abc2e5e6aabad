using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Checks;
using JollySet.Core.Drafting;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Bench;

/// <summary>A grid of briefs, drafted and judged: how good “Design for me” is, in shares.</summary>
public static class DraftGrid
{
    private static readonly (string Audience, string Needs, Audience[] Who)[] People =
    [
        ("newcomer, regular", "", [Audience.Newcomer, Audience.Regular]),
        ("regular, strong", "", [Audience.Regular, Audience.Strong]),
        ("newcomer", "knees", [Audience.Newcomer]),
        ("older adults", "balance", [Audience.OlderAdults]),
        ("newcomer, regular", "no floor, no jumping", [Audience.Newcomer, Audience.Regular]),
        ("regular", "wrists, low back", [Audience.Regular]),
    ];

    private static readonly string[][] Kits = [["mat"], ["mat", "light dumbbells", "heavy dumbbells"], ["mat", "light dumbbells", "heavy dumbbells", "kettlebell", "band", "step"]];

    private static readonly (string Focus, int Minutes, Goal Goal, DraftFormat Format)[] Shapes =
    [
        ("full body", 30, Goal.StrengthEndurance, DraftFormat.Circuit),
        ("full body", 45, Goal.StrengthEndurance, DraftFormat.Circuit),
        ("full body", 20, Goal.StrengthEndurance, DraftFormat.Circuit),
        ("full body", 60, Goal.Muscle, DraftFormat.Supersets),
        ("full body", 45, Goal.Strength, DraftFormat.Straight),
        ("full body", 30, Goal.StrengthEndurance, DraftFormat.Minute),
        ("upper body", 30, Goal.Muscle, DraftFormat.Supersets),
        ("lower body", 30, Goal.StrengthEndurance, DraftFormat.Circuit),
        ("upper body, core", 40, Goal.StrengthEndurance, DraftFormat.Ladder),
        ("lower body, core", 40, Goal.Muscle, DraftFormat.Trios),
        ("full body", 15, Goal.StrengthEndurance, DraftFormat.Circuit),
        ("full body", 50, Goal.Power, DraftFormat.Circuit),
    ];

    /// <summary>Every brief of the grid, each with a seed of its own.</summary>
    public static IEnumerable<DraftRequest> Requests =>
        from shape in Shapes
        from people in People
        from kit in Kits
        let brief = new Brief(shape.Minutes, ClassStyle.Led, Goal: shape.Goal)
        {
            Focus = [.. shape.Focus.Split(", ")],
            Audience = [.. people.Who],
            Needs = people.Needs.Length == 0 ? [] : [.. people.Needs.Split(", ")],
            Kit = [.. kit],
        }
        select new DraftRequest(brief, shape.Format, (Array.IndexOf(Kits, kit) * 7) + Array.IndexOf(People, people) + 1, []);

    /// <summary>How long three drafts of a brief take that are made at once.</summary>
    public static IEnumerable<string> Threes()
    {
        var times = new List<(double Milliseconds, DraftRequest Of)>();
        foreach (var request in Requests.Where((_, at) => at % 9 == 0))
        {
            var watch = System.Diagnostics.Stopwatch.StartNew();
            Drafts.Of(request, Studio.Shipped);
            times.Add((watch.Elapsed.TotalMilliseconds, request));
        }

        times.Sort((a, b) => a.Milliseconds.CompareTo(b.Milliseconds));
        var slowest = times[^1].Of;
        yield return string.Create(System.Globalization.CultureInfo.InvariantCulture, $"three at once, {times.Count} briefs: {times[times.Count / 2].Milliseconds:0} ms in the middle, {times[^1].Milliseconds:0} ms at the most ({slowest.Format}, {slowest.Brief.Minutes} min, {string.Join(" and ", slowest.Brief.Focus)}, {string.Join(", ", slowest.Brief.Kit)}, {string.Join(", ", slowest.Brief.Needs)})");
    }

    /// <summary>What became of one brief.</summary>
    /// <param name="OffSeconds">Of the booking, by the clock; positive is short of it.</param>
    /// <param name="Even">Whether every see-saw of the focus, the soft ones aside, is level or leaning.</param>
    public sealed record Outcome(DraftRequest Request, Draft Draft, decimal OffSeconds, int Stops, int Warns, int Notes, bool Even, ImmutableArray<Finding> Findings);

    /// <summary>Drafts one brief and judges it.</summary>
    public static Outcome Judge(DraftRequest request)
    {
        var draft = Drafter.Make(request, Studio.Shipped);
        if (draft.Plan is null)
            return new Outcome(request, draft, 0, 0, 0, 0, false, []);
        var timeline = TimelineBuilder.Build(draft.Plan, Studio.Shipped);
        var findings = Review.Of(timeline);
        int Of(Severity severity) => findings.Count(f => f.Severity == severity);
        var even = ClassBalance.Of(timeline).SeeSaws.All(s => s.IsSoft || s.Tilt != Tilt.Tipped);
        return new Outcome(request, draft, (request.Brief.Minutes!.Value * 60) - (timeline.Length.InSeconds), Of(Severity.Stop), Of(Severity.Warn), Of(Severity.Note), even, findings);
    }

    /// <summary>The whole grid, judged on all cores.</summary>
    public static IReadOnlyList<Outcome> Outcomes => [.. Requests.AsParallel().AsOrdered().Select(Judge)];

    /// <summary>The whole grid as lines for docs/drafts.md.</summary>
    public static IEnumerable<string> Report()
    {
        var all = Outcomes;
        var made = all.Where(o => o.Draft.Plan is not null).ToList();
        yield return $"{all.Count} briefs, {made.Count} drafts";
        yield return $"within 30 s of the minutes: {made.Count(o => Math.Abs(o.OffSeconds) <= 30)} of {made.Count}";
        yield return $"with nothing of severity stop: {made.Count(o => o.Stops == 0)}";
        yield return $"every see-saw of the focus level or leaning: {made.Count(o => o.Even)}";
        yield return $"with no warning: {made.Count(o => o.Warns == 0)}; warnings in all {made.Sum(o => o.Warns)}, notes {made.Sum(o => o.Notes)}";
        foreach (var code in made.SelectMany(o => o.Findings).GroupBy(f => (f.Severity, f.Code)).OrderByDescending(g => g.Key.Severity).ThenByDescending(g => g.Count()))
            yield return $"  {code.Key.Severity.ToString().ToLowerInvariant(),-5} {code.Key.Code,-20} {code.Count()}";
        foreach (var tipped in made.SelectMany(o => o.Findings.Where(f => f is { Code: "see-saw", Severity: Severity.Warn }).Select(f => (o, f))).GroupBy(x => x.f.Subject).OrderByDescending(g => g.Count()))
            yield return $"  tipped {tipped.Key}: {tipped.Count()}; {tipped.First().f.Message}";
        foreach (var odd in all.Where(o => o.Draft.Plan is null || Math.Abs(o.OffSeconds) > 30))
            yield return $"  not made or off by {odd.OffSeconds} s: {string.Join(", ", odd.Request.Brief.Focus)}, {odd.Request.Brief.Minutes} min, {odd.Request.Brief.Goal}, {odd.Request.Format}, {string.Join(" ", odd.Request.Brief.Audience)}, {string.Join(", ", odd.Request.Brief.Needs)}, {string.Join(", ", odd.Request.Brief.Kit)}";
        foreach (var shape in all.GroupBy(o => (o.Request.Brief.Focus[0], o.Request.Brief.Minutes, o.Request.Brief.Goal, o.Request.Format)))
            yield return $"  {string.Join(", ", shape.First().Request.Brief.Focus),-18} {shape.Key.Minutes} min {shape.Key.Goal,-18} {shape.Key.Format,-10} made {shape.Count(o => o.Draft.Plan is not null)}/{shape.Count()}, even {shape.Count(o => o.Even)}, warns {shape.Sum(o => o.Warns)}, stops {shape.Sum(o => o.Stops)}";
    }
}
