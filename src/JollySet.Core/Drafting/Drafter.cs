using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Building;
using JollySet.Core.Checks;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Drafting;

/// <summary>Makes a whole class of a brief: a start for an instructor, not a class to teach unread.</summary>
/// <remarks>Frame first (format, rounds, times), then moves in balance, their order, warm-up and cool-down from what they load, the minutes, and at last its own review; of a few tries the one with least to find is kept.</remarks>
public static class Drafter
{
    private const int Tries = 4;
    private const int Slack = 260;
    private const int Stopped = 1000;
    private const int Warning = 20;
    private const int Thin = 15;

    private const string NothingMade = "No whole class comes out of this brief: too few moves suit its kit, needs and focus, or it is too short for this format.";

    /// <summary>What a draft mends by itself, in two goes: what comes second adds a word where the first had none to add.</summary>
    private static readonly ImmutableArray<ImmutableHashSet<string>> Mended = [["need-open", "no-easier-way", "no-harder-way", "hold-no-cue", "side-unsaid", "school-mismatch"], ["low-to-standing"]];

    /// <summary>The draft, or why there is none.</summary>
    /// <param name="stop">Ends it early with the best so far.</param>
    /// <param name="told">Hears how far it is.</param>
    public static Draft Make(DraftRequest request, Studio studio, IProgress<string>? told = null, CancellationToken stop = default)
    {
        if (request.Brief.Minutes is not { } minutes || minutes is < 10 or > 120)
            return new Draft(null, [], "Say how long the class is, from 10 to 120 minutes.", null);
        (ClassPlan Plan, List<Reason> Reasons, int Worth)? best = null;
        foreach (var (plan, reasons) in Finished(request, studio, minutes))
        {
            var worth = Worth(plan, studio);
            if (best is null || worth < best.Value.Worth)
                best = (plan, reasons, worth);
            if (worth < Warning || stop.IsCancellationRequested)
                break;
            told?.Report($"A draft was made with {worth / Warning} to look at; a better one is looked for.");
        }

        if (best is not { } made)
            return new Draft(null, [], NothingMade, CannotJudge(request.Brief));
        return new Draft(made.Plan, [.. made.Reasons], null, CannotJudge(request.Brief));
    }

    /// <summary>What its own review finds, weighed: less is better.</summary>
    private static int Worth(ClassPlan plan, Studio studio) =>
        Review.Of(TimelineBuilder.Build(plan, studio)).Sum(f => f.Severity switch { Severity.Stop => Stopped, Severity.Warn => Warning, _ => f.Code == "work-thin" ? Thin : 1 });

    /// <summary>Every fix of those codes, from one look.</summary>
    private static ClassPlan AllMended(ClassPlan plan, Studio studio, ImmutableHashSet<string> codes) =>
        Review.Of(TimelineBuilder.Build(plan, studio)).Where(f => codes.Contains(f.Code)).Select(f => f.Fix).OfType<Edits.PlanEdit>().Aggregate(plan, (p, fix) => fix.Step(p).Plan ?? p);

    private static string? CannotJudge(Brief brief)
    {
        var asked = AskFirst.Of(brief).ToList();
        return asked.Count == 0 ? null
            : $"{Say.Capital(Say.List(asked))}: this draft leaves out what is plainly unusual, but it cannot judge what is right for anyone. Their own clinician decides; ask before the class.";
    }

    private static IEnumerable<(ClassPlan Plan, List<Reason> Reasons)> Finished(DraftRequest request, Studio studio, int minutes)
    {
        var (warmUp, coolDown) = Ends(request, studio, minutes);
        var main = (minutes * 60) - warmUp - coolDown - Times.Fixed(minutes);
        var found = 0;
        var chosen = new Dictionary<string, ImmutableArray<Move>>();
        // Where no counted class comes out on time, its sets are timed.
        foreach (var frame in Frames.For(request, studio.Rules, main, Slack, counted: true).Concat(Frames.IsCounted(request) ? Frames.For(request, studio.Rules, main, Slack, counted: false).Where(_ => found == 0) : []))
        {
            if (found >= Tries)
                yield break;
            if (With(request, studio, frame, warmUp, coolDown, chosen) is not { } made)
                continue;
            chosen.Clear();
            found++;
            yield return made;
        }
    }

    /// <summary>Seconds of warm-up and cool-down: the usual least, a longer cool-down for longer classes.</summary>
    private static (int WarmUp, int CoolDown) Ends(DraftRequest request, Studio studio, int minutes)
    {
        var brief = request.Brief;
        var hard = brief.Goal is Goal.Power or Goal.Strength;
        var least = WarmUps.Least(Length.Minutes(brief.Minutes!.Value), brief.Audience, studio.Rules, hard).InWholeSeconds;
        var coolDown = minutes switch { <= 12 => 60, <= 15 => 75, <= 25 => 120, <= 40 => 180, _ => 240 };
        return (Math.Min(least, minutes * 60 / 4), coolDown);
    }

    /// <param name="missed">What was chosen for places like these in frames that did not come out on time: with other rests the same moves are tried again rather than sought anew.</param>
    private static (ClassPlan Plan, List<Reason> Reasons)? With(DraftRequest request, Studio studio, Frame frame, int warmUp, int coolDown, Dictionary<string, ImmutableArray<Move>> missed)
    {
        var focus = Focus.Of(request.Brief);
        var counted = frame.Blocks.Any(b => b.Amount is Reps);
        var pool = MovePool.Of(request, studio.Library, counted, frame.LeastWork);
        var wants = Wants.Of(request, frame.Slots.Length, [.. pool.Select(p => p.Move)]);
        var places = string.Join(' ', frame.Slots.Select(s => $"{s.School} {s.OneSided}")) + $" {counted} {frame.LeastWork} {string.Join(' ', frame.Blocks.Select(b => b.Stations))}";
        if (!missed.TryGetValue(places, out var chosen))
        {
            if (MoveMix.Choose(pool, frame.Slots, focus, studio.Rules, wants, request.Seed) is not { } mixed)
                return null;
            missed[places] = chosen = mixed;
        }

        var moves = Arrange.Of(frame, chosen, request);
        return Ended(request, studio, [.. Filled(request.Brief, frame, moves, studio)], frame.Says, warmUp, coolDown, mustFit: true);
    }

    /// <summary>A draft with another block in the place of one of its main blocks: its ends, gaps and reasons are made anew; where the minutes no longer come out, its length says so.</summary>
    /// <param name="block">The name of the block that gives way.</param>
    public static Draft Taking(Draft draft, string block, Block other, DraftRequest request, Studio studio)
    {
        if (draft.Plan?.Find(block) is not { IsMain: true } there || request.Brief.Minutes is not { } minutes)
            return draft;
        var (warmUp, coolDown) = Ends(request, studio, minutes);
        var taken = other with { Id = 0, Name = there.Name, Settings = other.Settings with { After = there.Settings.After }, Stations = [.. other.Stations.Select(s => s with { Id = 0 })] };
        var blocks = draft.Plan.Blocks.Where(b => b.IsMain).Select(b => b == there ? taken : b with { Id = 0, Stations = [.. b.Stations.Select(s => s with { Id = 0 })] }).ToImmutableArray();
        return Ended(request, studio, blocks, draft.Reasons.FirstOrDefault(r => r is { Block: "", Station: 0 })?.Text ?? "", warmUp, coolDown, mustFit: false) is { } made
            ? new Draft(made.Plan, [.. made.Reasons], null, draft.Cannot)
            : draft;
    }

    /// <summary>A main part with its warm-up and cool-down, words at both ends, ways round and gaps, as long as its minutes; null where that cannot be.</summary>
    private static (ClassPlan Plan, List<Reason> Reasons)? Ended(DraftRequest request, Studio studio, ImmutableArray<Block> blocks, string says, int warmUp, int coolDown, bool mustFit)
    {
        var plan = Ids.Given(new ClassPlan(Title(request), request.Brief) { Blocks = blocks });
        List<Reason> reasons = [new Reason("", 0, says)];
        foreach (var built in new[] { WarmUpBuilder.Build(plan, studio, warmUp, request.Seed), CoolDownBuilder.Build(plan, studio, coolDown, request.Seed) })
        {
            if (built is null || PutBlock.Of(plan, built).Apply(plan).Plan is not { } put)
                return null;
            plan = put;
            reasons.AddRange(built.Why.Select((why, at) => new Reason(built.Block.Name, at + 1, Say.Capital(why) + ".")));
        }

        plan = Times.Framed(plan, request.Brief.Minutes!.Value);
        plan = Mended.Aggregate(plan, (p, codes) => AllMended(p, studio, codes));
        if ((Times.Fitted(Gaps.Loosened(Gaps.Watered(plan, studio), studio), studio) ?? Times.Fitted(Gaps.Watered(plan, studio), studio) ?? Times.Fitted(plan, studio) ?? (mustFit ? null : Gaps.Watered(plan, studio))) is not { } fitted)
            return null;
        reasons.AddRange(Reasons.Unused(fitted, studio).Concat(Reasons.Unpowered(fitted, studio)));
        reasons.AddRange(Reasons.Of(fitted, request, studio));
        return (fitted, reasons);
    }

    private static string Title(DraftRequest request)
    {
        var focus = request.Brief.Focus.IsEmpty ? "Full body" : Say.Capital(Say.List([.. request.Brief.Focus]));
        return $"{focus} in {request.Brief.Minutes} minutes";
    }

    private static IEnumerable<Block> Filled(Brief brief, Frame frame, ImmutableArray<Move> moves, Studio studio)
    {
        var facts = new Facts(new ClassPlan("", brief), studio);
        var at = 0;
        foreach (var block in frame.Blocks)
        {
            var lines = moves.Skip(at).Take(block.Stations).Select(m => NeedWays.Named(Lines.Of(m, block.Amount, brief, facts), brief, facts));
            at += block.Stations;
            yield return block.Block with { Stations = [.. lines] };
        }
    }
}
