using System.Collections.Immutable;
using JollySet.Bench;
using JollySet.Core.Drafting;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using Xunit.Abstractions;

namespace JollySet.Core.Tests.Drafting;

/// <summary>Drafts against what makes a class worth teaching, reckoned here from the plan and its seconds, apart from review and drafter. Over the grid and a second one of odd briefs.</summary>
public class WorthTeachingTests(ITestOutputHelper output)
{
    private static readonly string[] PlainStaples = ["squat", "goblet squat", "back squat", "front squat", "sumo squat", "squat to chair", "deadlift", "sumo deadlift", "Romanian deadlift", "hip hinge", "kettlebell swing", "bent-over row", "barbell row", "band row", "floor press", "bench press", "push-up", "overhead press", "alternating press", "wall push-up", "push press", "jump squat", "glute bridge", "hip thrust", "wide row", "chest-supported row"];
    private static readonly string[] Fillers = ["jumping jack", "march on the spot", "swimmer", "back extension", "prone W raise", "standing side bend", "plank jack", "bear crawl", "side step", "heel dig", "step jack", "easy jog"];

    private static readonly Lazy<List<Taught>> All = new(() => [.. Drafted.Grid.Select(o => Taught.Of(o.Request, o.Draft)).Concat(OddBriefs.Requests.AsParallel().AsOrdered().Select(r => Taught.Of(r, Drafter.Make(r, Studio.Shipped))))]);

    private static List<Taught> Made => [.. All.Value.Where(t => t.Plan is not null)];

    [Fact]
    public void Nearly_every_brief_gives_a_class() => Share(All.Value, t => t.Plan is not null, 0.97, t => t.Why);

    [Fact]
    public void Minutes_are_kept_within_half_a_minute() => Share(Made, t => Math.Abs(t.Minutes - (double)t.Timeline!.Length.InMinutes) <= 0.5, 1, t => $"{t.Timeline!.Length.InMinutes}");

    [Fact]
    public void The_main_part_is_the_greater_part() => Share(Made, t => t.MainShare >= (t.Minutes <= 15 || t.Comes(Audience.OlderAdults) ? 0.55 : 0.6) * 0.95, 0.95, t => $"{t.MainShare:P0}");

    [Fact]
    public void Strength_endurance_has_its_work() => Share(
        Made.Where(t => t.Goal == Goal.StrengthEndurance),
        t => t.WorkShare >= (t.Comes(Audience.OlderAdults) || t.Only(Audience.Newcomer, Audience.FirstTimers) ? 0.3 : t.Minutes < 20 ? 0.4 : 0.45) * 0.95,
        0.95,
        t => $"{t.WorkShare:P0}");

    [Fact]
    public void Every_main_move_comes_twice_where_they_are_few() => Share(Made.Where(t => t.Main.Count <= 8), t => t.Main.All(m => m.Sets >= 2), 0.95, t => string.Join(", ", t.Main.Where(m => m.Sets < 2).Select(m => m.Move.Name)));

    [Fact]
    public void A_full_body_is_covered() => Share(
        Made.Where(t => t.IsFullBody && t.Goal is not (Goal.Mobility or Goal.Power) && !t.Brief.Needs.Contains("seated") && t.Main.Count >= 7 && t.Minutes >= 24),
        t => t.Has(Pattern.Squat) && t.Has(Pattern.Hinge) && t.Has(Pattern.Push) && t.Has(Pattern.Pull) && (t.Has(Pattern.OverheadPush) || !t.Brief.Kit.Any(k => k.Contains("bell", StringComparison.Ordinal) || k == "band")) && t.Main.Any(m => m.Move.Pattern is Pattern.Brace or Pattern.Rotation or Pattern.TrunkFlexion or Pattern.SideBend),
        0.9,
        t => t.Names);

    [Fact]
    public void It_opens_with_a_plain_staple() => Share(Made.Where(t => t.Goal != Goal.Mobility && !t.Brief.Focus.Contains("core") && !t.Brief.Needs.Contains("seated") && (t.Goal != Goal.Power || t.Only(Audience.Regular, Audience.Strong))), t => t.Goal == Goal.Power ? t.Main[0].Move.Tags.IsExplosive : PlainStaples.Contains(t.Main[0].Move.Name), 0.85, t => t.Main[0].Move.Name);

    [Fact]
    public void Nothing_fills_time() => Share(Made.Where(t => t.Goal != Goal.Mobility && !t.Comes(Audience.OlderAdults) && !t.Brief.Needs.Contains("seated")), t => t.Main.All(m => !Fillers.Contains(m.Move.Name)), 0.97, t => string.Join(", ", t.Main.Where(m => Fillers.Contains(m.Move.Name)).Select(m => m.Move.Name)));

    [Fact]
    public void Mobility_is_mobility_and_power_is_quick()
    {
        Share(Made.Where(t => t.Goal == Goal.Mobility), t => t.Main.All(m => m.Move.Pattern == Pattern.Mobility), 1, t => t.Names);
        Share(Made.Where(t => t.Goal == Goal.Power && !t.Comes(Audience.OlderAdults) && !t.Comes(Audience.Newcomer) && t.Brief.Kit.Length > 1), t => t.Main.Count(m => m.Move.Tags.IsExplosive) * 3 >= t.Main.Count * 2, 0.85, t => t.Names);
    }

    [Fact]
    public void No_load_is_used_that_is_not_listed_and_newcomers_lift_heavy_in_few_moves()
    {
        Share(Made, t => t.Loads.All(l => l.Level is LoadLevel.None or LoadLevel.Any || t.Listed(l.Move, l.Level)), 1, t => string.Join(", ", t.Loads.Where(l => !t.Listed(l.Move, l.Level)).Select(l => $"{l.Move.Name} {l.Level}")));
        string[] plain = ["goblet squat", "deadlift", "single-arm row", "bent-over row", "chest-supported row", "floor press"];
        Share(Made.Where(t => t.Comes(Audience.Newcomer) || t.Comes(Audience.OlderAdults)), t => t.Loads.All(l => l.Level != LoadLevel.Heavy || plain.Contains(l.Move.Name)), 1, t => string.Join(", ", t.Loads.Where(l => l.Level == LoadLevel.Heavy).Select(l => l.Move.Name)));
    }

    [Fact]
    public void The_trunk_is_no_more_than_a_quarter_of_a_full_body() => Share(
        Made.Where(t => t.IsFullBody && t.Goal != Goal.Mobility && t.Main.Count > 3),
        t => t.Main.Count(m => m.Move.Pattern is Pattern.TrunkFlexion or Pattern.Brace or Pattern.Rotation or Pattern.SideBend) <= Math.Max(1, (int)Math.Ceiling(t.Main.Count / 4.0)),
        0.95,
        t => t.Names);

    [Fact]
    public void Older_adults_stand_up_raise_their_heels_balance_row_and_push() => Share(
        Made.Where(t => t.IsFullBody && t.Goal is Goal.StrengthEndurance or Goal.Strength && t.Comes(Audience.OlderAdults) && t.Main.Count > 4 && !t.Brief.Needs.Contains("seated")),
        t => new[] { t.Main.Any(m => m.Move is { Pattern: Pattern.Squat, Tags.Rung: <= 3 }), t.Has(Pattern.CalfRaise), t.Main.Any(m => m.Move.Tags.IsOneLegged), t.Has(Pattern.Pull), t.Has(Pattern.Push) }.Count(h => h) >= 4,
        0.9,
        t => t.Names);

    [Fact]
    public void No_side_changes_at_half_of_a_short_period() => Share(Made, t => t.Timeline!.Sets.All(s => !s.SwitchHalfway || s.Length.InSeconds >= 50 || !t.Timeline.Blocks[s.Block].IsMain), 1, t => t.Names);

    [Fact]
    public void No_neighbours_share_a_prime_mover() => Share(
        Made.Where(t => t.Goal != Goal.Mobility && t.IsFullBody),
        t => t.Neighbours.Count(n => Prime(n.First).Intersect(Prime(n.Second)).Any()) <= Math.Max(1, t.Main.Count / 6),
        0.85,
        t => string.Join(", ", t.Neighbours.Where(n => Prime(n.First).Intersect(Prime(n.Second)).Any()).Select(n => $"{n.First.Name}/{n.Second.Name}")));

    private static IEnumerable<Muscle> Prime(Move move) => move.Muscles.Where(m => m.Share == 1).Select(m => m.Muscle);

    private void Share(IEnumerable<Taught> of, Func<Taught, bool> holds, double least, Func<Taught, string> tell)
    {
        var all = of.ToList();
        var bad = all.Where(t => !holds(t)).ToList();
        output.WriteLine($"{all.Count - bad.Count} of {all.Count}");
        foreach (var t in bad.Take(40))
            output.WriteLine($"  {t.Says}: {tell(t)}");
        Assert.True(all.Count > 0 && all.Count - bad.Count >= least * all.Count, $"{all.Count - bad.Count} of {all.Count}; {string.Join(" | ", bad.Take(3).Select(t => $"{t.Says}: {tell(t)}"))}");
    }

    /// <summary>One draft with what is counted of it.</summary>
    private sealed record Taught(DraftRequest Request, ClassPlan? Plan, string Why, Timeline? Timeline)
    {
        public static Taught Of(DraftRequest request, Draft draft) =>
            new(request, draft.Plan, draft.Why ?? "", draft.Plan is { } plan ? TimelineBuilder.Build(plan) : null);

        public Brief Brief => Request.Brief;

        public int Minutes => Brief.Minutes!.Value;

        public Goal Goal => Brief.Goal ?? Goal.StrengthEndurance;

        public bool IsFullBody => Brief.Focus.Contains("full body");

        public bool Comes(Audience who) => Brief.Audience.Contains(who);

        public bool Only(params Audience[] who) => Brief.Audience.All(who.Contains);

        private HashSet<int> MainBlocks { get; } = [.. (Timeline?.Blocks ?? []).Select((b, i) => (b, i)).Where(b => b.b.Format is not (TalkFormat or ShowFormat or OwnFormat or PrepareFormat or ReleaseFormat)).Select(b => b.i)];

        /// <summary>From the first second of the first main block to the last second of the last one's work.</summary>
        public double MainShare => (double)(Timeline!.Segments.Last(s => MainBlocks.Contains(s.Block) && s.Kind == SegmentKind.Work).End - Timeline.Segments.First(s => MainBlocks.Contains(s.Block)).Start).InSeconds / (Minutes * 60);

        public double WorkShare => (double)Timeline!.Segments.Where(s => MainBlocks.Contains(s.Block) && s.Kind == SegmentKind.Work).Sum(s => s.Length).InSeconds / (Minutes * 60);

        /// <summary>Moves of the main part in the order people meet them, with their sets.</summary>
        public List<(Move Move, int Sets)> Main => [.. Timeline!.Sets.Where(s => MainBlocks.Contains(s.Block) && s.Facts.Move is not null).GroupBy(s => s.Facts.Move!.Name).Select(g => (g.First().Facts.Move!, g.Count()))];

        public string Names => string.Join(", ", Main.Select(m => m.Move.Name));

        public bool Has(Pattern pattern) => Main.Any(m => m.Move.Pattern == pattern);

        public IEnumerable<(Move First, Move Second)> Neighbours => Plan!.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations.Zip(b.Stations.Skip(1))).Select(p => (MoveOf(p.First), MoveOf(p.Second)));

        public IEnumerable<(Move Move, LoadLevel Level)> Loads => Plan!.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).Where(s => s.Load is not null).Select(s => (MoveOf(s), s.Load!.Rounds[0].Level!.Value));

        public string Says => $"{string.Join("+", Brief.Focus)} {Minutes} {Goal} {Request.Format} {string.Join("+", Brief.Audience)} [{string.Join("+", Brief.Needs)}] [{string.Join("+", Brief.Kit)}]";

        /// <summary>Whether the kit has a thing of the move's that says no weight or that very one.</summary>
        public bool Listed(Move move, LoadLevel level)
        {
            bool IsFor(string entry) => move.Kit.Any(i => entry.Contains(i.TrimEnd('s'), StringComparison.OrdinalIgnoreCase) || (entry.Contains("bottle", StringComparison.Ordinal) && i.StartsWith("dumbbell", StringComparison.Ordinal)));
            var entries = Brief.Kit.Where(k => IsFor(k) || (k is "barbell" or "kettlebell" && !Brief.Kit.Any(IsFor))).ToList();
            string[] words = ["light", "moderate", "heavy"];
            return entries.Exists(e => !words.Any(w => e.Contains(w, StringComparison.OrdinalIgnoreCase)) || e.Contains(level.ToString(), StringComparison.OrdinalIgnoreCase) || e.Contains("bottle", StringComparison.Ordinal)) || (entries.Count == 0 && move.Kit.All(k => k is "mat" or "wall"));
        }

        private static Move MoveOf(Station line) => MoveLibrary.Shipped.Find(((OneMove)line.Doing).Name)!;
    }
}
