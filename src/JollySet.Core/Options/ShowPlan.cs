using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Options;

/// <summary>Who shows which way at one station.</summary>
/// <param name="Shows">For each demonstrator, in order: <c>base</c>, <c>easier</c>, <c>harder</c> or <c>for NEED</c>; empty where they show nothing.</param>
/// <param name="Hard">Seconds of work at the station, times how hard it is.</param>
public sealed record Showing(Block Block, int Number, Station Line, ImmutableArray<string> Shows, decimal Seconds, decimal Hard)
{
    /// <summary>As the sheet writes it: <c>1 base, 2 easier</c>.</summary>
    public string Text => string.Join(", ", Shows.Select((s, i) => (s, i)).Where(s => s.s.Length > 0).Select(s => $"{s.i + 1} {s.s}"));
}

/// <summary>Who shows what through a class, shared fairly.</summary>
/// <param name="Minutes">Of the work as planned, for each demonstrator.</param>
/// <param name="HardMinutes">The same, weighed by load.</param>
/// <param name="Needs">For each what they must be spared.</param>
public sealed record ShowPlan(ImmutableArray<Showing> Stations, ImmutableArray<decimal> Minutes, ImmutableArray<decimal> HardMinutes, ImmutableArray<ImmutableArray<string>> Needs)
{
    private const string Base = "base";
    private const int StepsAMinute = 12;

    /// <summary>Nobody shows what troubles a need of theirs; what both could show is parted so that neither does much more of it.</summary>
    /// <param name="needs">For each demonstrator what they must be spared; one list or two.</param>
    public static ShowPlan Of(Timeline timeline, ImmutableArray<ImmutableArray<string>> needs)
    {
        var lines = timeline.Plan.Blocks.SelectMany((b, at) => b.Stations.Select((line, i) => (Block: b, Index: at, Line: line, Number: i + 1))).Where(l => l.Line.Doing is not ToBeChosen).ToList();
        var work = timeline.Sets.GroupBy(s => (s.Block, s.Station)).ToDictionary(g => g.Key, g => (g.Sum(s => s.Length).InSeconds, Weight: 1 + g.Max(s => Heaviness(s.Facts.Weight))));
        decimal Seconds((Block Block, int Index, Station Line, int Number) l) => work.TryGetValue((l.Index, l.Number), out var w) ? w.InSeconds : 0;
        decimal Hard((Block Block, int Index, Station Line, int Number) l) => work.TryGetValue((l.Index, l.Number), out var w) ? w.InSeconds * w.Weight : 0;
        var able = lines.Select(l => needs.Select(n => !n.Any(need => Cover.Of(l.Line, need, timeline.Facts).Kind is CoverKind.Open or CoverKind.Covered or CoverKind.Ask)).ToArray()).ToList();
        // Where the one who does not show it as planned has nothing else to show, both do, and neither does more.
        decimal More((Block Block, int Index, Station Line, int Number) l, int i, int other) => Shows(l.Line, needs[other], false, able[i][other], timeline.Facts) == Base ? 0 : Hard(l);
        var shown = needs.Length == 1 ? [.. able.Select(a => a[0] ? 0 : -1)] : Parted(lines.Select((l, i) => (More(l, i, 1), More(l, i, 0))).ToList(), able);
        var stations = lines.Select((l, i) => new Showing(l.Block, l.Number, l.Line, [.. needs.Select((n, who) => Shows(l.Line, n, shown[i] == who, able[i][who], timeline.Facts))], Seconds(l), Hard(l))).ToImmutableArray();
        return new ShowPlan(stations, [.. needs.Select((_, who) => Sum(stations, who, s => s.Seconds))], [.. needs.Select((_, who) => Sum(stations, who, s => s.Hard))], needs);
    }

    /// <summary>Writes it into the class.</summary>
    public PlanEdit Edit => new PlanShows([.. Stations.Select(s => (s.Line.Id, s.Text))], Needs);

    private static decimal Sum(ImmutableArray<Showing> stations, int who, Func<Showing, decimal> what) => Math.Round(stations.Where(s => s.Shows[who] == Base).Sum(what) / 60, 1);

    /// <summary>The base goes to one; the other has the way that is named for most, else the same.</summary>
    internal static string Shows(Station line, ImmutableArray<string> needs, bool isBase, bool isAble, Facts facts)
    {
        if (isBase)
            return Base;
        foreach (var need in needs)
            if (Cover.Of(line, need, facts) is { Kind: CoverKind.Covered } && line.Options.Any(o => o.Kind == OptionKind.ForNeed && Moves.Needs.Named(o.Need!) == Moves.Needs.Named(need)))
                return $"for {need}";
        if (line.Options.Any(o => o.Kind == OptionKind.Easier && !needs.Any(n => Proven.Troubles(line, o.Way, n, facts))))
            return "easier";
        return !isAble ? "" : line.Options.Any(o => o.Kind == OptionKind.Harder) ? "harder" : Base;
    }

    /// <summary>Which of two shows each as planned, so that their shares differ least: by every sum that can be reached, in twelfths of a minute. −1 where neither can.</summary>
    /// <param name="more">How much more the first does where it shows it as planned, and the second where it does.</param>
    private static List<int> Parted(List<(decimal First, decimal Second)> more, List<bool[]> able)
    {
        static int Steps(decimal seconds) => (int)Math.Round(seconds / 60 * StepsAMinute);
        var size = more.Select(m => (First: Steps(m.First), Second: Steps(m.Second))).ToList();
        var fixedBy = able.Select(a => (a[0], a[1]) switch { (true, true) => 2, (true, false) => 0, (false, true) => 1, _ => -1 }).ToList();
        var start = size.Select((s, i) => fixedBy[i] switch { 0 => s.First, 1 => -s.Second, _ => 0 }).Sum();
        var free = Enumerable.Range(0, size.Count).Where(i => fixedBy[i] == 2).ToList();
        // From each difference the choice that led there, station by station.
        var reached = new List<Dictionary<int, bool>> { new() { [start] = false } };
        foreach (var i in free)
        {
            var next = new Dictionary<int, bool>();
            foreach (var difference in reached[^1].Keys)
            {
                next.TryAdd(difference + size[i].First, true);
                next.TryAdd(difference - size[i].Second, false);
            }

            reached.Add(next);
        }

        var shown = fixedBy.ToList();
        var at = reached[^1].Keys.MinBy(d => (Math.Abs(d), d));
        for (var f = free.Count - 1; f >= 0; f--)
        {
            var first = reached[f + 1][at];
            shown[free[f]] = first ? 0 : 1;
            at -= first ? size[free[f]].First : -size[free[f]].Second;
        }

        return shown;
    }

    private static decimal Heaviness(LoadLevel? level) => level switch { LoadLevel.Heavy => 1, LoadLevel.Moderate => 0.6m, LoadLevel.Light => 0.3m, _ => 0 };
}

/// <summary>Writes who shows what, and what they must be spared themselves; an empty text takes it out.</summary>
public sealed record PlanShows(ImmutableArray<(int Station, string Text)> Shows, ImmutableArray<ImmutableArray<string>> Needs) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => "planned who shows what";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        var texts = Shows.ToDictionary(s => s.Station, s => s.Text);
        return EditResult.Of(ShowNeeds.Noted(plan, Needs) with { Blocks = [.. plan.Blocks.Select(b => b with { Stations = [.. b.Stations.Select(s => texts.TryGetValue(s.Id, out var text) ? s with { Shows = text.Length == 0 ? null : text } : s)] })] });
    }
}

/// <summary>The option line that is said before the work, and whether there is time for it.</summary>
/// <param name="Words">What is said; empty where no option is named.</param>
/// <param name="Needs">The change and the words together.</param>
/// <param name="Has">The gap before it; null before the first.</param>
public sealed record OptionLine(string Words, Length Needs, Length? Has)
{
    /// <summary>Seconds that are missing; none where there is time, or nothing before.</summary>
    public Length Missing => Has is { } has && Words.Length > 0 ? Length.Max(Length.Zero, Needs - has) : Length.Zero;

    /// <summary>The words for a line's easier ways, equal choices and ways round.</summary>
    public static string Said(Station line) =>
        string.Join(". ", line.Options.Where(o => o.Kind != OptionKind.Harder).Select(o => $"{(o.Kind == OptionKind.ForNeed ? Say.Capital(o.Need!) : "Easier")}: {Core.Plans.Words.Of(o.Way)}").Distinct());

    /// <summary>Before a station's first set.</summary>
    /// <param name="number">The line's number in its block, from 1.</param>
    public static OptionLine Of(Timeline timeline, Block block, int number)
    {
        var index = timeline.Plan.Blocks.IndexOf(block);
        var set = timeline.Sets.ToList().FindIndex(s => s.Block == index && s.Station == number);
        var said = Said(block.Stations[number - 1]);
        var time = Length.Seconds(Math.Ceiling(said.Split(' ', StringSplitOptions.RemoveEmptyEntries).Length / timeline.Rules.WordsASecond));
        var gap = set < 0 ? null : timeline.Gaps.FirstOrDefault(g => g.To == set);
        return new OptionLine(said, (gap?.Need ?? Length.Zero) + time, gap?.Planned);
    }
}
