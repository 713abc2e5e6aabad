using System.Collections.Frozen;
using System.Collections.Immutable;
using JollySet.Core.Moves;

namespace JollySet.Core.Plans;

/// <summary>Every number that timelines and checks start from: the shipped defaults, with what a studio has changed.</summary>
public sealed partial class HouseRules
{
    private readonly ImmutableDictionary<string, decimal> changed;

    private HouseRules(ImmutableDictionary<string, decimal> changed) => this.changed = changed;

    /// <summary>The shipped ones.</summary>
    public static HouseRules Shipped { get; } = new(ImmutableDictionary<string, decimal>.Empty);

    /// <summary>Every rule there is, in the order they are shown.</summary>
    public static ImmutableArray<HouseRule> All { get; } =
    [
        new("change.settle", "Changing over", "Settle and hear the name", "s", 6, 0, 60),
        new("change.settle-flow", "Changing over", "The same in flow to a beat", "s", 4, 0, 60),
        new("change.level", "Changing over", "More when the level changes", "s", 7, 0, 60),
        new("change.kit", "Changing over", "More to change kit", "s", 7, 0, 60),
        new("change.prop", "Changing over", "More when a prop is placed or cleared", "s", 8, 0, 60),
        new("change.first-show", "Changing over", "More when counted work is first shown, with no demo", "s", 10, 0, 60),
        new("change.other-side", "Changing over", "The other side of the same move, instead", "s", 4, 0, 60),
        new("change.other-side-first", "Changing over", "The other side, the first time", "s", 8, 0, 60),
        new("change.practice", "Changing over", "Share of the need that is left each further time", "share", 0.8m, 0.1m, 1),
        new("change.practice-floor", "Changing over", "Never under this share of the need", "share", 0.5m, 0.1m, 1),
        new("change.round-least", "Changing over", "After a round at least", "s", 20, 0, 300),
        new("change.block-least", "Changing over", "Between blocks at least", "s", 30, 0, 300),
        new("change.water-least", "Changing over", "A water break at least", "s", 45, 0, 300),
        new("change.more-time", "Changing over", "Factor for first-timers or older adults", "×", 1.5m, 1, 3),
        new("change.learn-inside", "Changing over", "Of a new timed move’s first work, spent learning it in a follow-along class", "s", 5, 0, 30),
        new("pace.pulse", "Seconds a rep", "Pulse", "s", 0.8m, 0.2m, 20),
        new("pace.floor-isolation", "Seconds a rep", "Small floor isolation", "s", 1.1m, 0.2m, 20),
        new("pace.floor-core", "Seconds a rep", "Floor core", "s", 1.5m, 0.2m, 20),
        new("pace.alternating-pull", "Seconds a rep", "Alternating pull or curl", "s", 1.8m, 0.2m, 20),
        new("pace.swing", "Seconds a rep", "Swing", "s", 1.8m, 0.2m, 20),
        new("pace.power-compound", "Seconds a rep", "Power compound", "s", 2, 0.2m, 20),
        new("pace.upper-body", "Seconds a rep", "Row, fly, raise, press, curl, triceps, push-up", "s", 2.2m, 0.2m, 20),
        new("pace.leg", "Seconds a rep", "Strict squat, lunge, step-up", "s", 2.6m, 0.2m, 20),
        new("pace.hinge", "Seconds a rep", "Hinge", "s", 2.8m, 0.2m, 20),
        new("pace.slow", "Seconds a rep", "Deliberately slow", "s", 4, 0.2m, 30),
        new("pace.unknown", "Seconds a rep", "A move with no facts", "s", 2.2m, 0.2m, 20),
        new("pace.combined", "Seconds a rep", "A combined move takes this share of its parts together", "share", 0.8m, 0.3m, 1),
        new("pace.newcomer", "What people do in a time", "A newcomer’s factor on seconds a rep", "×", 1.3m, 0.5m, 3),
        new("pace.regular", "What people do in a time", "A regular’s", "×", 1, 0.5m, 3),
        new("pace.strong", "What people do in a time", "A strong person’s", "×", 0.75m, 0.3m, 3),
        new("expected.slow", "What people do in a time", "Slow end of the reps expected, factor on seconds a rep", "×", 1.1m, 1, 3),
        new("expected.fast", "What people do in a time", "Fast end of the reps expected", "×", 0.9m, 0.3m, 1),
        new("pace.heavy", "Likely length", "Factor for a heavy set", "×", 1.1m, 1, 3),
        new("pace.late", "Likely length", "Factor over the last third of a long set", "×", 1.1m, 1, 3),
        new("pace.late-from", "Likely length", "A set is long from", "reps", 10, 1, 1000),
        new("target.reps", "No target set", "Reckoned as", "reps", 10, 1, 100),
        new("target.seconds", "No target set", "Reckoned as", "s", 30, 5, 600),
        new("weight.moderate-legs", "Weights", "Squat, lunge, hinge, bridge, carry: moderate from, all pieces together", "kg", 10, 0.5m, 500),
        new("weight.heavy-legs", "Weights", "heavy from", "kg", 18, 1, 500),
        new("weight.moderate-push-pull", "Weights", "Push and pull: moderate from", "kg", 8, 0.5m, 500),
        new("weight.heavy-push-pull", "Weights", "heavy from", "kg", 16, 1, 500),
        new("weight.moderate-overhead", "Weights", "Overhead: moderate from", "kg", 7, 0.5m, 500),
        new("weight.heavy-overhead", "Weights", "heavy from", "kg", 14, 1, 500),
        new("weight.moderate-small", "Weights", "Raises, curls and the like: moderate from", "kg", 5, 0.5m, 500),
        new("weight.heavy-small", "Weights", "heavy from", "kg", 9, 1, 500),
        new("weight.unit", "Weights", "Said and asked in", "", 0, 0, 1) { Choices = ["kilograms", "pounds"] },
        new("warm-up.least-short", "Warm-up", "At least, in a short class", "min", 3, 0, 30),
        new("warm-up.least", "Warm-up", "At least, in a longer one", "min", 5, 0, 30),
        new("warm-up.short-class", "Warm-up", "A class is short up to", "min", 20, 1, 120),
        new("warm-up.least-jumps", "Warm-up", "At least, before jumps", "min", 8, 0, 30),
        new("warm-up.most-share", "Warm-up", "Never asked to be more of a class than", "share", 0.25m, 0.05m, 1),
        new("warm-up.older", "Warm-up", "Factor for older adults", "×", 1.5m, 1, 3),
        new("cool-down.share", "Cool-down", "Reaches muscles with more of the load than", "share", 0.1m, 0, 1),
        new("cool-down.least", "Cool-down", "At least", "min", 2, 0, 30),
        new("cool-down.stretch-least", "Cool-down", "A stretch is held at least", "s", 15, 5, 120),
        new("cool-down.stretch-most", "Cool-down", "at most", "s", 30, 5, 180),
        new("cool-down.stretch-least-older", "Cool-down", "Older adults hold it at least", "s", 30, 5, 120),
        new("cool-down.stretch-most-older", "Cool-down", "at most", "s", 60, 5, 180),
        new("goal.strength-rest-least", "Work and rest by goal", "Strength: rest before the same muscle, at least", "s", 120, 0, 900),
        new("goal.strength-rest-most", "Work and rest by goal", "at most", "s", 300, 0, 900),
        new("goal.muscle-rest-least", "Work and rest by goal", "Muscle: rest at least", "s", 60, 0, 900),
        new("goal.muscle-rest-most", "Work and rest by goal", "at most", "s", 120, 0, 900),
        new("goal.endurance-work-least", "Work and rest by goal", "Strength endurance: work at least", "s", 30, 5, 600),
        new("goal.endurance-work-most", "Work and rest by goal", "at most", "s", 60, 5, 600),
        new("goal.endurance-ratio-newcomer", "Work and rest by goal", "Strength endurance: work for one of rest, newcomers", "×", 1, 0.1m, 20),
        new("goal.endurance-ratio-mixed", "Work and rest by goal", "the same, mixed classes", "×", 2, 0.1m, 20),
        new("goal.endurance-ratio-strong", "Work and rest by goal", "the same, strong people", "×", 3, 0.1m, 20),
        new("goal.power-work-most", "Work and rest by goal", "Power: work at most", "s", 20, 1, 120),
        new("goal.power-rest", "Work and rest by goal", "Power: rest for one of work, at least", "×", 3, 1, 20),
        new("balance.set-seconds", "Balance", "Load-seconds that make a set", "s", 40, 10, 200),
        new("balance.judged-from", "Balance", "A pair is judged from", "sets", 3, 0, 50),
        new("balance.level", "Balance", "Level up to, heavier to lighter", "×", 1.25m, 1, 10),
        new("balance.leaning", "Balance", "Leaning up to; tipped beyond", "×", 1.75m, 1, 10),
        new("balance.region-least", "Balance", "Full body: upper and lower body each at least", "share", 0.3m, 0, 1),
        new("balance.region-most", "Balance", "at most", "share", 0.55m, 0, 1),
        new("balance.core-least", "Balance", "Full body: core at least", "share", 0.1m, 0, 1),
        new("balance.core-most", "Balance", "at most", "share", 0.35m, 0, 1),
        new("balance.focus-least", "Balance", "The regions of a narrower focus together at least", "share", 0.5m, 0, 1),
        new("effort.capacity-newcomer", "Effort", "A newcomer’s capacity", "×", 0.75m, 0.2m, 3),
        new("effort.capacity-regular", "Effort", "A regular’s", "×", 1, 0.2m, 3),
        new("effort.capacity-strong", "Effort", "A strong person’s", "×", 1.35m, 0.2m, 5),
        new("effort.fast-half", "Effort", "Half of the fast fatigue is gone after", "s", 30, 5, 300),
        new("effort.slow-half", "Effort", "Half of the slow fatigue is gone after", "s", 300, 30, 3600),
        new("effort.breath-rising", "Effort", "Breath follows, rising, with a lag of", "s", 30, 5, 300),
        new("effort.breath-falling", "Effort", "and falling", "s", 60, 5, 600),
        new("effort.form-goes", "Effort", "Form may go from a fatigue of", "share", 0.85m, 0.1m, 1),
        new("effort.peak-gentle", "Effort", "First-timers and older adults: the hardest moment at most", "of 10", 8, 1, 10),
        new("effort.peak-newcomer", "Effort", "Newcomers: at most", "of 10", 9, 1, 10),
        new("effort.peak-regular", "Effort", "Regulars: at most", "of 10", 9.5m, 1, 10),
        new("effort.peak-strong-least", "Effort", "Strong people: the hardest moment at least", "of 10", 5, 0, 10),
        new("streak.muscle", "Recovery", "A muscle or the grip works on for at most", "s", 120, 10, 900),
        new("streak.posture", "Recovery", "Overhead or in a hinge at most", "s", 90, 10, 900),
        new("streak.break", "Recovery", "A break is from", "s", 15, 0, 300),
        new("ups-downs.window", "Recovery", "Times down and up are counted over", "min", 10, 1, 60),
        new("ups-downs.note", "Recovery", "More than this is worth a note", "times", 4, 0, 100),
        new("ups-downs.warn", "Recovery", "More than this a warning", "times", 6, 0, 100),
        new("jumps.first-timers", "Jumps", "Hard landings at most, first-timers and older adults", "times", 0, 0, 500),
        new("jumps.newcomer", "Jumps", "newcomers", "times", 40, 0, 500),
        new("jumps.regular", "Jumps", "regulars", "times", 80, 0, 500),
        new("jumps.strong", "Jumps", "strong people", "times", 120, 0, 500),
        new("volume.newcomer-reps", "Volume", "Reps for one prime mover at most, newcomers", "reps", 100, 10, 1000),
        new("dose.main-least", "Dose", "Main part, of all minutes, at least", "share", 0.6m, 0, 1),
        new("dose.main-short", "Dose", "the same up to fifteen minutes, and for older adults", "share", 0.55m, 0, 1),
        new("dose.work-least", "Dose", "Strength endurance: work, of all minutes, at least", "share", 0.45m, 0, 1),
        new("dose.work-short", "Dose", "the same under twenty minutes", "share", 0.4m, 0, 1),
        new("dose.work-easy", "Dose", "the same for older adults, or newcomers alone", "share", 0.3m, 0, 1),
        new("dose.far-under", "Dose", "Far under is less than this share of the usual", "share", 0.75m, 0, 1),
        new("dose.muscle-sets", "Dose", "Muscle: sets in twenty-five minutes, at least", "sets", 18, 1, 100),
        new("dose.muscle-each", "Dose", "Muscle: sets of each move, at least", "sets", 2, 1, 20),
        new("dose.strength-sets", "Dose", "Strength: sets of each big lift, at least", "sets", 3, 1, 20),
        new("dose.power-sets", "Dose", "Power: sets of each explosive move, at least", "sets", 3, 1, 20),
        new("check.slack", "Checks", "A limit passed by less than this share stays quiet", "share", 0.05m, 0, 0.5m),
        new("check.over-share", "Checks", "Planned too long, by more than this share", "share", 0.05m, 0, 1),
        new("check.over-warn", "Checks", "Too long with people, by more than", "s", 60, 0, 3600),
        new("check.under-note", "Checks", "Planned too short, by more than this share", "share", 0.08m, 0, 1),
        new("check.water-every", "Checks", "Water at least every", "s", 1200, 60, 7200),
        new("check.water-older", "Checks", "Older adults: water at least every", "s", 900, 60, 7200),
        new("check.tight-seconds", "Checks", "A change may lack", "s", 5, 0, 60),
        new("check.tight-share", "Checks", "or this share of the next work", "share", 0.1m, 0, 1),
        new("check.tight-warn", "Checks", "Worth a warning from this share", "share", 0.25m, 0, 1),
        new("check.side-share", "Checks", "Left and right may differ by", "share", 0.05m, 0, 1),
        new("check.kit-changes", "Checks", "Changes of what is held are many from", "times", 8, 0, 200),
        new("check.run-note", "Checks", "Stations running on one region are worth a note from", "stations", 3, 2, 50),
        new("check.run-share", "Checks", "More than this share of the stations on one region is a warning", "share", 0.5m, 0.1m, 1),
        new("check.new-move-set", "Checks", "A set is short for a move nobody has seen up to", "s", 30, 5, 300),
        new("check.each-side-reps", "Checks", "Reps a side are said as their double from", "reps", 10, 1, 100),
        new("check.hold-seconds", "Checks", "A hold carries a word about breathing from", "s", 20, 5, 300),
        new("claims.minutes", "Checks", "A claim of minutes may be off by", "s", 60, 0, 600),
        new("order.late", "Order", "Skill, balance and jumps are late after this share of the work", "share", 0.67m, 0.1m, 1),
        new("words.a-second", "Teaching", "Words said clearly over a room", "a second", 2.5m, 1, 6),
        new("teach.late", "Teaching", "Over by more than this, cuts are offered", "s", 60, 5, 900),
        new("teach.count-in", "Teaching", "Count before the start", "s", 10, 0, 60),
    ];

    private static readonly FrozenDictionary<string, HouseRule> ByName = All.ToFrozenDictionary(r => r.Name);

    /// <summary>The value of the rule of that name.</summary>
    /// <exception cref="KeyNotFoundException">There is no such rule.</exception>
    public decimal this[string name] => !changed.IsEmpty && changed.TryGetValue(name, out var value) ? value : ByName[name].Default;

    /// <summary>What differs from the shipped ones.</summary>
    public ImmutableDictionary<string, decimal> Changed => changed;

    /// <summary>The rule of that name, or null.</summary>
    public static HouseRule? Find(string name) => ByName.GetValueOrDefault(name);

    /// <summary>These rules with one set; setting the default resets it.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such rule, or it does not allow the value.</exception>
    public HouseRules Set(string name, decimal value)
    {
        if (Find(name) is not { } rule)
            throw new ArgumentOutOfRangeException(nameof(name), $"There is no house rule “{name}”.");
        if (!rule.Allows(value))
            throw new ArgumentOutOfRangeException(nameof(value), $"“{rule.Title}” goes from {rule.Least} to {rule.Most} {rule.Unit}.");
        var exact = rule.Exact(value);
        return new HouseRules(exact == rule.Default ? changed.Remove(name) : changed.SetItem(name, exact));
    }

    /// <summary>These rules with those that were kept; one that is no more, or no longer allows its value, is passed over.</summary>
    public HouseRules With(IEnumerable<KeyValuePair<string, decimal>> kept) =>
        kept.Where(rule => Find(rule.Key)?.Allows(rule.Value) == true).Aggregate(this, (rules, rule) => rules.Set(rule.Key, rule.Value));

    /// <summary>The least of a warm-up before nothing special, in a class of that length; of a longer one where no length is said.</summary>
    public Length WarmUpLeastFor(Length? ofClass) => ofClass <= WarmUpShortClass ? WarmUpLeastShort : WarmUpLeast;

    /// <summary>The rule's value as whole seconds or counts.</summary>
    public int Whole(string name) => (int)this[name];

    /// <summary>Seconds a rep of that class of moves.</summary>
    public decimal SecondsPerRep(PaceClass pace) => pace switch
    {
        PaceClass.Pulse => PacePulse,
        PaceClass.FloorIsolation => PaceFloorIsolation,
        PaceClass.FloorCore => PaceFloorCore,
        PaceClass.AlternatingPull => PaceAlternatingPull,
        PaceClass.Swing => PaceSwing,
        PaceClass.PowerCompound => PacePowerCompound,
        PaceClass.UpperBody => PaceUpperBody,
        PaceClass.Leg => PaceLeg,
        PaceClass.Hinge => PaceHinge,
        _ => PaceSlow,
    };
}
