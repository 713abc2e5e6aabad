using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues;

/// <summary>Whether a claim holds.</summary>
public enum Verdict { True, Wrong, Unchecked }

/// <summary>One thing a class promises.</summary>
/// <param name="Text">As written.</param>
/// <param name="Says">Why it is wrong, or what was counted; empty where nothing can be.</param>
public sealed record Claim(string Text, Verdict Verdict, string Says);

/// <summary>Checks what the title and the brief promise against the plan.</summary>
public static partial class Claims
{
    /// <summary>The claims of the brief as written, then those the title makes.</summary>
    public static ImmutableArray<Claim> Of(Timeline timeline)
    {
        var facts = new Counted(timeline);
        var written = timeline.Plan.Brief.Claims.Select(text => Checked(text, facts)).ToList();
        var title = InTitle().Matches(timeline.Plan.Title).Select(m => Checked(m.Value.Trim(), facts));
        return [.. written, .. title.Where(c => c.Verdict != Verdict.Unchecked && !written.Any(w => w.Text.Equals(c.Text, StringComparison.OrdinalIgnoreCase)))];
    }

    /// <summary>Whether the claim counts moves or says that none comes twice.</summary>
    public static bool CountsMoves(string text) =>
        text.Trim().ToLowerInvariant() is "no repeats" or "no repeat" or "no-repeat" or "no repeated moves" || Number().Match(text.Trim().ToLowerInvariant()) is { Success: true } number && number.Groups[2].Value is "move" or "moves" or "exercise" or "exercises";

    private static Claim Checked(string text, Counted facts)
    {
        var words = text.Trim().ToLowerInvariant();
        if (Number().Match(words) is { Success: true } number)
            return Counting(text, int.Parse(number.Groups[1].ValueSpan, CultureInfo.InvariantCulture), number.Groups[2].Value, facts);
        if (words is "no repeats" or "no repeat" or "no-repeat" or "no repeated moves")
            return facts.Repeated is { } twice ? Wrong(text, $"{twice} comes more than once") : True(text, "every move comes once");
        if (words.StartsWith("no kit", StringComparison.Ordinal) || words.StartsWith("no equipment", StringComparison.Ordinal) || words.StartsWith("only ", StringComparison.Ordinal))
            return KitClaim(text, words, facts);
        if (words is "low impact" or "no jumps" or "no jumping" or "no impact")
            return facts.Hardest > (words == "no impact" ? Impact.None : Impact.Low) ? Wrong(text, $"{facts.HardestMove} lands harder than that") : True(text, "a foot always stays down");
        return FocusClaim(text, words, facts);
    }

    private static Claim Counting(string text, int claimed, string thing, Counted facts) => thing switch
    {
        "min" or "mins" or "minute" or "minutes" => facts.Lengths.Any(length => Length.Apart(length, Length.Minutes(claimed)) <= facts.Rules.ClaimsMinutes)
            ? True(text, $"{Say.Time(facts.Length)} as planned") : Wrong(text, $"it takes {Say.Time(facts.Length)} as planned"),
        "move" or "moves" or "exercise" or "exercises" or "station" or "stations" => facts.Moves == claimed || facts.Stations == claimed || facts.Periods == claimed
            ? True(text, "") : Wrong(text, $"there are {facts.Stations} stations, {facts.Moves} different moves and {facts.Periods} work periods"),
        "round" or "rounds" => facts.Rounds.Contains(claimed) || facts.Rounds.Sum() == claimed ? True(text, "") : Wrong(text, $"the blocks have {Say.List([.. facts.Rounds.Select(r => r.ToString(CultureInfo.InvariantCulture))])} rounds"),
        "rep" or "reps" => facts.RepsOfSets.Contains(claimed) || facts.Reps == claimed ? True(text, "") : Wrong(text, $"no set has {claimed}, and there are {facts.Reps} planned reps in all"),
        "block" or "blocks" => Equal(text, claimed, facts.Rounds.Count, "blocks of work"),
        _ => new Claim(text, Verdict.Unchecked, ""),
    };

    private static Claim KitClaim(string text, string words, Counted facts)
    {
        var allowed = words.Split("only ").Skip(1).SelectMany(w => w.Split([" and ", ",", "or "], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)).ToList();
        var beyond = facts.Kit.FirstOrDefault(item => !item.Equals("mat", StringComparison.OrdinalIgnoreCase) && !allowed.Any(a => KitStock.Of(a).Is(item)));
        return beyond is null ? True(text, "") : Wrong(text, $"{beyond} {(beyond.EndsWith('s') ? "are" : "is")} needed");
    }

    private static Claim FocusClaim(string text, string words, Counted facts)
    {
        var focus = Focus.Of(new Brief { Focus = [words] });
        if (!focus.IsJudged)
            return new Claim(text, Verdict.Unchecked, "");
        var balance = facts.Balance;
        if (focus.IsFullBody)
            return balance.Regions.Any(r => r.Value < (r.Key == Region.Core ? facts.Rules.BalanceCoreLeast : facts.Rules.BalanceRegionLeast) / 2) ? Wrong(text, $"{balance.Regions.MinBy(r => r.Value).Key.ToString().ToLowerInvariant()} gets {balance.Regions.Values.Min():P0} of the load") : True(text, "");
        if (!focus.Muscles.IsEmpty)
            return balance.Muscles.Where(m => focus.Muscles.Contains(m.Muscle)).Any(m => m.LoadSeconds == 0) ? Wrong(text, $"{words} never work") : True(text, "");
        var share = focus.Regions.Sum(r => balance.Regions[r]);
        // One of several regions that the brief names cannot have half of the load.
        var several = Focus.Of(facts.Brief) is { Regions.Count: > 1, IsFullBody: false } named && focus.Regions.IsSubsetOf(named.Regions);
        return share < (several ? facts.Rules.BalanceRegionLeast : facts.Rules.BalanceFocusLeast) ? Wrong(text, $"it gets {share:P0} of the load") : True(text, "");
    }

    private static Claim Equal(string text, int claimed, int counted, string what) =>
        claimed == counted ? True(text, "") : Wrong(text, $"there are {counted} {what}");

    private static Claim True(string text, string says) => new(text, Verdict.True, says);

    private static Claim Wrong(string text, string says) => new(text, Verdict.Wrong, says);

    [GeneratedRegex(@"^([0-9]{1,5})[ -]?([a-z]+)$")]
    private static partial Regex Number();

    [GeneratedRegex(@"\b([0-9]{1,3}[ -]?min(ute)?s?|[0-9]{1,3} (moves|exercises|stations|rounds)|no[ -]repeats?|no kit|low impact|no jumps|full body|upper body|lower body)\b", RegexOptions.IgnoreCase)]
    private static partial Regex InTitle();

    /// <summary>What claims are counted against, each once and only where one asks.</summary>
    private sealed class Counted(Timeline timeline)
    {
        private readonly Lazy<ClassBalance> balance = new(() => ClassBalance.Of(timeline));
        private readonly Lazy<Totals> totals = new(() => Totals.Of(timeline));

        public Brief Brief => timeline.Plan.Brief;

        public HouseRules Rules => timeline.Rules;

        public Length Length => timeline.Length;

        /// <summary>The clock's, and where an instructor runs the class the likely one too.</summary>
        public IEnumerable<Length> Lengths => timeline.Plan.Brief.IsFollowAlong ? [Length] : [Length, timeline.Likely];

        public int Moves => totals.Value.DistinctMoves;

        public int Reps => timeline.Sets.Where(s => timeline.Blocks[s.Block].IsMain && s.HasTarget).Sum(s => s.Reps ?? 0);

        /// <summary>Lines of the main part.</summary>
        public int Stations => timeline.Plan.Blocks.Where(b => b.IsMain).Sum(b => b.Stations.Length);

        /// <summary>Work periods of the main part, a side of each side by itself.</summary>
        public int Periods => timeline.Sets.Count(s => timeline.Blocks[s.Block].IsMain);

        /// <summary>What single sets count; of each side, a side's.</summary>
        public HashSet<int> RepsOfSets => [.. timeline.Sets.Where(s => timeline.Blocks[s.Block].IsMain && s.HasTarget).Select(s => s.Reps).OfType<int>()];

        public List<int> Rounds => [.. timeline.Blocks.Where(b => b.IsMain).Select(b => b.RoundCount)];

        public ClassBalance Balance => balance.Value;

        public IEnumerable<string> Kit => KitUse.Of(timeline).Select(u => u.Item).Distinct(StringComparer.OrdinalIgnoreCase);

        /// <summary>A move of the main part that comes again; the other side of one is no repeat.</summary>
        public string? Repeated
        {
            get
            {
                var places = timeline.Sets.Where(s => timeline.Blocks[s.Block].IsMain && !s.SecondSide && !s.SecondPass)
                    .SelectMany(s => s.Line.Doing.InRound(s.Round).MoveNames()).Select(timeline.Library.NameOf);
                return places.GroupBy(n => n, StringComparer.OrdinalIgnoreCase).FirstOrDefault(g => g.Count() > 1)?.Key;
            }
        }

        public Impact Hardest => HardestSet?.Facts.Move?.Impact ?? Impact.None;

        public string HardestMove => HardestSet?.Facts.Name ?? "";

        private WorkSet? HardestSet => timeline.Sets.IsEmpty ? null : timeline.Sets.MaxBy(s => s.Facts.Move?.Impact ?? Impact.None);
    }
}
