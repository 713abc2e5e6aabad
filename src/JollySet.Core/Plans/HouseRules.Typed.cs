namespace JollySet.Core.Plans;

/// <content>Each rule by its own name and in its own type: a length, a count, or a plain number in the unit it is shown with.</content>
public sealed partial class HouseRules
{
    /// <summary>Changing over: settle and hear the name.</summary>
    public Length ChangeSettle => Length.Seconds(this["change.settle"]);

    /// <summary>Changing over: the same in flow to a beat.</summary>
    public Length ChangeSettleFlow => Length.Seconds(this["change.settle-flow"]);

    /// <summary>Changing over: more when the level changes.</summary>
    public Length ChangeLevel => Length.Seconds(this["change.level"]);

    /// <summary>Changing over: more to change kit.</summary>
    public Length ChangeKit => Length.Seconds(this["change.kit"]);

    /// <summary>Changing over: more when a prop is placed or cleared.</summary>
    public Length ChangeProp => Length.Seconds(this["change.prop"]);

    /// <summary>Changing over: more when counted work is first shown, with no demo.</summary>
    public Length ChangeFirstShow => Length.Seconds(this["change.first-show"]);

    /// <summary>Changing over: the other side of the same move, instead.</summary>
    public Length ChangeOtherSide => Length.Seconds(this["change.other-side"]);

    /// <summary>Changing over: the other side, the first time.</summary>
    public Length ChangeOtherSideFirst => Length.Seconds(this["change.other-side-first"]);

    /// <summary>Changing over: share of the need that is left each further time; a share.</summary>
    public decimal ChangePractice => this["change.practice"];

    /// <summary>Changing over: never under this share of the need; a share.</summary>
    public decimal ChangePracticeFloor => this["change.practice-floor"];

    /// <summary>Changing over: after a round at least.</summary>
    public Length ChangeRoundLeast => Length.Seconds(this["change.round-least"]);

    /// <summary>Changing over: between blocks at least.</summary>
    public Length ChangeBlockLeast => Length.Seconds(this["change.block-least"]);

    /// <summary>Changing over: a water break at least.</summary>
    public Length ChangeWaterLeast => Length.Seconds(this["change.water-least"]);

    /// <summary>Changing over: factor for first-timers or older adults; a factor.</summary>
    public decimal ChangeMoreTime => this["change.more-time"];

    /// <summary>Changing over: of a new timed move’s first work, spent learning it in a follow-along class.</summary>
    public Length ChangeLearnInside => Length.Seconds(this["change.learn-inside"]);

    /// <summary>Seconds a rep: pulse; seconds.</summary>
    public decimal PacePulse => this["pace.pulse"];

    /// <summary>Seconds a rep: small floor isolation; seconds.</summary>
    public decimal PaceFloorIsolation => this["pace.floor-isolation"];

    /// <summary>Seconds a rep: floor core; seconds.</summary>
    public decimal PaceFloorCore => this["pace.floor-core"];

    /// <summary>Seconds a rep: alternating pull or curl; seconds.</summary>
    public decimal PaceAlternatingPull => this["pace.alternating-pull"];

    /// <summary>Seconds a rep: swing; seconds.</summary>
    public decimal PaceSwing => this["pace.swing"];

    /// <summary>Seconds a rep: power compound; seconds.</summary>
    public decimal PacePowerCompound => this["pace.power-compound"];

    /// <summary>Seconds a rep: row, fly, raise, press, curl, triceps, push-up; seconds.</summary>
    public decimal PaceUpperBody => this["pace.upper-body"];

    /// <summary>Seconds a rep: strict squat, lunge, step-up; seconds.</summary>
    public decimal PaceLeg => this["pace.leg"];

    /// <summary>Seconds a rep: hinge; seconds.</summary>
    public decimal PaceHinge => this["pace.hinge"];

    /// <summary>Seconds a rep: deliberately slow; seconds.</summary>
    public decimal PaceSlow => this["pace.slow"];

    /// <summary>Seconds a rep: a move with no facts; seconds.</summary>
    public decimal PaceUnknown => this["pace.unknown"];

    /// <summary>Seconds a rep: a combined move takes this share of its parts together; a share.</summary>
    public decimal PaceCombined => this["pace.combined"];

    /// <summary>What people do in a time: a newcomer’s factor on seconds a rep; a factor.</summary>
    public decimal PaceNewcomer => this["pace.newcomer"];

    /// <summary>What people do in a time: a regular’s; a factor.</summary>
    public decimal PaceRegular => this["pace.regular"];

    /// <summary>What people do in a time: a strong person’s; a factor.</summary>
    public decimal PaceStrong => this["pace.strong"];

    /// <summary>What people do in a time: slow end of the reps expected, factor on seconds a rep; a factor.</summary>
    public decimal ExpectedSlow => this["expected.slow"];

    /// <summary>What people do in a time: fast end of the reps expected; a factor.</summary>
    public decimal ExpectedFast => this["expected.fast"];

    /// <summary>Likely length: factor for a heavy set; a factor.</summary>
    public decimal PaceHeavy => this["pace.heavy"];

    /// <summary>Likely length: factor over the last third of a long set; a factor.</summary>
    public decimal PaceLate => this["pace.late"];

    /// <summary>Likely length: a set is long from; reps.</summary>
    public int PaceLateFrom => Whole("pace.late-from");

    /// <summary>No target set: reckoned as; reps.</summary>
    public int TargetReps => Whole("target.reps");

    /// <summary>No target set: reckoned as.</summary>
    public Length TargetSeconds => Length.Seconds(this["target.seconds"]);

    /// <summary>Teaching: words said clearly over a room, a second.</summary>
    public decimal WordsASecond => this["words.a-second"];

    /// <summary>Teaching: over by more than this, cuts are offered.</summary>
    public Length TeachLate => Length.Seconds(this["teach.late"]);

    /// <summary>Weights: said and asked in.</summary>
    public MassUnit WeightUnit => (MassUnit)(int)this["weight.unit"];

    /// <summary>Weights: squat, lunge, hinge, bridge, carry: moderate from, all pieces together; kilograms.</summary>
    public decimal WeightModerateLegs => this["weight.moderate-legs"];

    /// <summary>Weights: heavy from; kilograms.</summary>
    public decimal WeightHeavyLegs => this["weight.heavy-legs"];

    /// <summary>Weights: push and pull: moderate from; kilograms.</summary>
    public decimal WeightModeratePushPull => this["weight.moderate-push-pull"];

    /// <summary>Weights: heavy from; kilograms.</summary>
    public decimal WeightHeavyPushPull => this["weight.heavy-push-pull"];

    /// <summary>Weights: overhead: moderate from; kilograms.</summary>
    public decimal WeightModerateOverhead => this["weight.moderate-overhead"];

    /// <summary>Weights: heavy from; kilograms.</summary>
    public decimal WeightHeavyOverhead => this["weight.heavy-overhead"];

    /// <summary>Weights: raises, curls and the like: moderate from; kilograms.</summary>
    public decimal WeightModerateSmall => this["weight.moderate-small"];

    /// <summary>Weights: heavy from; kilograms.</summary>
    public decimal WeightHeavySmall => this["weight.heavy-small"];

    /// <summary>Warm-up: at least, in a short class.</summary>
    public Length WarmUpLeastShort => Length.Minutes(this["warm-up.least-short"]);

    /// <summary>Warm-up: at least, in a longer one.</summary>
    public Length WarmUpLeast => Length.Minutes(this["warm-up.least"]);

    /// <summary>Warm-up: a class is short up to.</summary>
    public Length WarmUpShortClass => Length.Minutes(this["warm-up.short-class"]);

    /// <summary>Warm-up: at least, before jumps.</summary>
    public Length WarmUpLeastJumps => Length.Minutes(this["warm-up.least-jumps"]);

    /// <summary>Warm-up: factor for older adults; a factor.</summary>
    public decimal WarmUpOlder => this["warm-up.older"];

    /// <summary>Cool-down: reaches muscles with more of the load than; a share.</summary>
    public decimal CoolDownShare => this["cool-down.share"];

    /// <summary>Cool-down: at least.</summary>
    public Length CoolDownLeast => Length.Minutes(this["cool-down.least"]);

    /// <summary>Cool-down: a stretch is held at least.</summary>
    public Length CoolDownStretchLeast => Length.Seconds(this["cool-down.stretch-least"]);

    /// <summary>Cool-down: at most.</summary>
    public Length CoolDownStretchMost => Length.Seconds(this["cool-down.stretch-most"]);

    /// <summary>Cool-down: older adults hold it at least.</summary>
    public Length CoolDownStretchLeastOlder => Length.Seconds(this["cool-down.stretch-least-older"]);

    /// <summary>Cool-down: at most.</summary>
    public Length CoolDownStretchMostOlder => Length.Seconds(this["cool-down.stretch-most-older"]);

    /// <summary>Work and rest by goal: strength: rest before the same muscle, at least.</summary>
    public Length GoalStrengthRestLeast => Length.Seconds(this["goal.strength-rest-least"]);

    /// <summary>Work and rest by goal: at most.</summary>
    public Length GoalStrengthRestMost => Length.Seconds(this["goal.strength-rest-most"]);

    /// <summary>Work and rest by goal: muscle: rest at least.</summary>
    public Length GoalMuscleRestLeast => Length.Seconds(this["goal.muscle-rest-least"]);

    /// <summary>Work and rest by goal: at most.</summary>
    public Length GoalMuscleRestMost => Length.Seconds(this["goal.muscle-rest-most"]);

    /// <summary>Work and rest by goal: strength endurance: work at least.</summary>
    public Length GoalEnduranceWorkLeast => Length.Seconds(this["goal.endurance-work-least"]);

    /// <summary>Work and rest by goal: at most.</summary>
    public Length GoalEnduranceWorkMost => Length.Seconds(this["goal.endurance-work-most"]);

    /// <summary>Work and rest by goal: strength endurance: work for one of rest, newcomers; a factor.</summary>
    public decimal GoalEnduranceRatioNewcomer => this["goal.endurance-ratio-newcomer"];

    /// <summary>Work and rest by goal: the same, mixed classes; a factor.</summary>
    public decimal GoalEnduranceRatioMixed => this["goal.endurance-ratio-mixed"];

    /// <summary>Work and rest by goal: the same, strong people; a factor.</summary>
    public decimal GoalEnduranceRatioStrong => this["goal.endurance-ratio-strong"];

    /// <summary>Work and rest by goal: power: work at most.</summary>
    public Length GoalPowerWorkMost => Length.Seconds(this["goal.power-work-most"]);

    /// <summary>Work and rest by goal: power: rest for one of work, at least; a factor.</summary>
    public decimal GoalPowerRest => this["goal.power-rest"];

    /// <summary>Balance: load-seconds that make a set.</summary>
    public decimal BalanceSetSeconds => this["balance.set-seconds"];

    /// <summary>Balance: a pair is judged from; sets.</summary>
    public decimal BalanceJudgedFrom => this["balance.judged-from"];

    /// <summary>Balance: level up to, heavier to lighter; a factor.</summary>
    public decimal BalanceLevel => this["balance.level"];

    /// <summary>Balance: leaning up to; tipped beyond; a factor.</summary>
    public decimal BalanceLeaning => this["balance.leaning"];

    /// <summary>Balance: full body: each region at least; a share.</summary>
    public decimal BalanceRegionLeast => this["balance.region-least"];

    /// <summary>Balance: at most; a share.</summary>
    public decimal BalanceRegionMost => this["balance.region-most"];

    /// <summary>Balance: the regions of a narrower focus together at least; a share.</summary>
    public decimal BalanceFocusLeast => this["balance.focus-least"];

    /// <summary>Effort: a newcomer’s capacity; a factor.</summary>
    public decimal EffortCapacityNewcomer => this["effort.capacity-newcomer"];

    /// <summary>Effort: a regular’s; a factor.</summary>
    public decimal EffortCapacityRegular => this["effort.capacity-regular"];

    /// <summary>Effort: a strong person’s; a factor.</summary>
    public decimal EffortCapacityStrong => this["effort.capacity-strong"];

    /// <summary>Effort: half of the fast fatigue is gone after.</summary>
    public Length EffortFastHalf => Length.Seconds(this["effort.fast-half"]);

    /// <summary>Effort: half of the slow fatigue is gone after.</summary>
    public Length EffortSlowHalf => Length.Seconds(this["effort.slow-half"]);

    /// <summary>Effort: breath follows, rising, with a lag of.</summary>
    public Length EffortBreathRising => Length.Seconds(this["effort.breath-rising"]);

    /// <summary>Effort: and falling.</summary>
    public Length EffortBreathFalling => Length.Seconds(this["effort.breath-falling"]);

    /// <summary>Effort: form may go from a fatigue of; a share.</summary>
    public decimal EffortFormGoes => this["effort.form-goes"];

    /// <inheritdoc cref="EffortFormGoes"/>
    public decimal EffortPeakGentle => this["effort.peak-gentle"];

    /// <inheritdoc cref="EffortFormGoes"/>
    public decimal EffortPeakNewcomer => this["effort.peak-newcomer"];

    /// <inheritdoc cref="EffortFormGoes"/>
    public decimal EffortPeakRegular => this["effort.peak-regular"];

    /// <inheritdoc cref="EffortFormGoes"/>
    public decimal EffortPeakStrongLeast => this["effort.peak-strong-least"];

    /// <summary>Recovery: a muscle or the grip works on for at most.</summary>
    public Length StreakMuscle => Length.Seconds(this["streak.muscle"]);

    /// <summary>Recovery: overhead or in a hinge at most.</summary>
    public Length StreakPosture => Length.Seconds(this["streak.posture"]);

    /// <summary>Recovery: a break is from.</summary>
    public Length StreakBreak => Length.Seconds(this["streak.break"]);

    /// <summary>Recovery: changes of level are counted over.</summary>
    public Length UpsDownsWindow => Length.Minutes(this["ups-downs.window"]);

    /// <summary>Recovery: more than this is worth a note; times.</summary>
    public int UpsDownsNote => Whole("ups-downs.note");

    /// <summary>Recovery: more than this a warning; times.</summary>
    public int UpsDownsWarn => Whole("ups-downs.warn");

    /// <summary>Jumps: hard landings at most, first-timers and older adults; times.</summary>
    public int JumpsFirstTimers => Whole("jumps.first-timers");

    /// <summary>Jumps: newcomers; times.</summary>
    public int JumpsNewcomer => Whole("jumps.newcomer");

    /// <summary>Jumps: regulars; times.</summary>
    public int JumpsRegular => Whole("jumps.regular");

    /// <summary>Jumps: strong people; times.</summary>
    public int JumpsStrong => Whole("jumps.strong");

    /// <summary>Volume: reps for one prime mover at most, newcomers; reps.</summary>
    public int VolumeNewcomerReps => Whole("volume.newcomer-reps");

    /// <summary>Checks: too long in likelihood, by more than.</summary>
    public Length CheckOverWarn => Length.Seconds(this["check.over-warn"]);

    /// <summary>Checks: too short by the clock, by more than this share; a share.</summary>
    public decimal CheckUnderNote => this["check.under-note"];

    /// <summary>Checks: water at least every.</summary>
    public Length CheckWaterEvery => Length.Seconds(this["check.water-every"]);

    /// <summary>Checks: a change may lack.</summary>
    public Length CheckTightSeconds => Length.Seconds(this["check.tight-seconds"]);

    /// <summary>Checks: or this share of the next work; a share.</summary>
    public decimal CheckTightShare => this["check.tight-share"];

    /// <summary>Checks: worth a warning from this share; a share.</summary>
    public decimal CheckTightWarn => this["check.tight-warn"];

    /// <summary>Checks: left and right may differ by; a share.</summary>
    public decimal CheckSideShare => this["check.side-share"];

    /// <summary>Checks: a hold carries a word about breathing from.</summary>
    public Length CheckHoldSeconds => Length.Seconds(this["check.hold-seconds"]);

    /// <summary>Checks: a claim of minutes may be off by.</summary>
    public Length ClaimsMinutes => Length.Seconds(this["claims.minutes"]);

    /// <summary>Order: skill, balance and jumps are late after this share of the work; a share.</summary>
    public decimal OrderLate => this["order.late"];

    /// <summary>Teaching: count before the start.</summary>
    public Length TeachCountIn => Length.Seconds(this["teach.count-in"]);

    /// <summary>Warm-up: never asked to be more of a class than; a share.</summary>
    public decimal WarmUpMostShare => this["warm-up.most-share"];

    /// <summary>Balance: full body: core at least; a share.</summary>
    public decimal BalanceCoreLeast => this["balance.core-least"];

    /// <summary>Balance: at most; a share.</summary>
    public decimal BalanceCoreMost => this["balance.core-most"];

    /// <summary>Checks: a limit passed by less than this share stays quiet; a share.</summary>
    public decimal CheckSlack => this["check.slack"];

    /// <summary>Checks: too long by the clock, by more than this share; a share.</summary>
    public decimal CheckOverShare => this["check.over-share"];

    /// <summary>Checks: older adults: water at least every.</summary>
    public Length CheckWaterOlder => Length.Seconds(this["check.water-older"]);

    /// <summary>Checks: changes of what is held are many from; times.</summary>
    public int CheckKitChanges => Whole("check.kit-changes");

    /// <summary>Checks: stations running on one region are worth a note from; stations.</summary>
    public int CheckRunNote => Whole("check.run-note");

    /// <summary>Checks: more than this share of the stations on one region is a warning; a share.</summary>
    public decimal CheckRunShare => this["check.run-share"];

    /// <summary>Checks: a set is short for a move nobody has seen up to.</summary>
    public Length CheckNewMoveSet => Length.Seconds(this["check.new-move-set"]);

    /// <summary>Checks: reps a side are said as their double from; reps.</summary>
    public int CheckEachSideReps => Whole("check.each-side-reps");

    /// <summary>Dose: main part, of all minutes, at least; a share.</summary>
    public decimal DoseMainLeast => this["dose.main-least"];

    /// <summary>Dose: the same up to fifteen minutes, and for older adults; a share.</summary>
    public decimal DoseMainShort => this["dose.main-short"];

    /// <summary>Dose: strength endurance: work, of all minutes, at least; a share.</summary>
    public decimal DoseWorkLeast => this["dose.work-least"];

    /// <summary>Dose: the same under twenty minutes; a share.</summary>
    public decimal DoseWorkShort => this["dose.work-short"];

    /// <summary>Dose: the same for older adults, or newcomers alone; a share.</summary>
    public decimal DoseWorkEasy => this["dose.work-easy"];

    /// <summary>Dose: far under is less than this share of the usual; a share.</summary>
    public decimal DoseFarUnder => this["dose.far-under"];

    /// <summary>Dose: muscle: sets in twenty-five minutes, at least; sets.</summary>
    public int DoseMuscleSets => Whole("dose.muscle-sets");

    /// <summary>Dose: muscle: sets of each move, at least; sets.</summary>
    public int DoseMuscleEach => Whole("dose.muscle-each");

    /// <summary>Dose: strength: sets of each big lift, at least; sets.</summary>
    public int DoseStrengthSets => Whole("dose.strength-sets");

    /// <summary>Dose: power: sets of each explosive move, at least; sets.</summary>
    public int DosePowerSets => Whole("dose.power-sets");
}
