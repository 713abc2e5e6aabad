using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Effort;

/// <summary>Reckons effort second by second for a newcomer, a regular and a strong person.</summary>
/// <remarks>
/// docs/model.md, “Effort”. Each muscle has a fast part x (three quarters of the rise) and a slow part y (a quarter), both linear:
/// x' = 0.75 u/40 − x ln 2/30, y' = 0.25 u/40 − y ln 2/300, u the drive over the person's capacity; fatigue is 1 − exp(−x − y).
/// Breath follows the demand 10 (1 − exp(−body/6)) with a lag of 30 s rising and 60 s falling. Effort is 10 (1 − (1 − breath/10)(1 − 0.6 fatigue)).
/// All parts grow with the drive and shrink with rest, so more rest never raises effort at the end of a station and more load never lowers it.
/// </remarks>
public static class EffortModel
{
    private static readonly Length Step = Length.Seconds(1);
    private const double Rise = 1 / 40.0;
    private const double FastShare = 0.75;
    private const double BodyScale = 6;
    private const double LocalWeight = 0.6;

    /// <summary>The three curves, newcomer first.</summary>
    public static ImmutableArray<EffortCurve> Of(Timeline timeline)
    {
        var drives = Drive.Of(timeline);
        return [.. Enum.GetValues<Person>().Select(person => Of(timeline, drives, person))];
    }

    /// <summary>One person's curve.</summary>
    public static EffortCurve Of(Timeline timeline, Person person) => Of(timeline, Drive.Of(timeline), person);

    /// <summary>Only how the end of each work period feels, by its index: a segment is one step, since the parts have closed forms.</summary>
    public static Dictionary<int, double> AtSetEnds(Timeline timeline, Person person)
    {
        var drives = Drive.Of(timeline);
        var body = BodyOf(timeline, person);
        var ends = new Dictionary<int, double>();
        foreach (var segment in timeline.Segments)
        {
            body.Pass((double)segment.Length.InSeconds, segment.Kind == SegmentKind.Work ? drives[segment.Set] : null);
            if (segment.Kind == SegmentKind.Work)
                ends[segment.Set] = body.Sample(segment.End).Effort;
        }

        return ends;
    }

    private static Body BodyOf(Timeline timeline, Person person) =>
        new((double)(person switch { Person.Newcomer => timeline.Rules.EffortCapacityNewcomer, Person.Strong => timeline.Rules.EffortCapacityStrong, _ => timeline.Rules.EffortCapacityRegular }), timeline.Rules);

    private static EffortCurve Of(Timeline timeline, Drive[] drives, Person person)
    {
        var body = BodyOf(timeline, person);
        var samples = ImmutableArray.CreateBuilder<EffortSample>(timeline.Length.InWholeSeconds + timeline.Segments.Length);
        var sets = ImmutableArray.CreateBuilder<SetEffort>(timeline.Sets.Length);
        foreach (var segment in timeline.Segments)
        {
            var drive = segment.Kind == SegmentKind.Work ? drives[segment.Set] : null;
            for (var at = segment.Start; at < segment.End;)
            {
                var step = Length.Min(Step, segment.End - at);
                body.Pass((double)step.InSeconds, drive);
                at += step;
                samples.Add(body.Sample(at));
            }

            if (drive is not null && EndsSet(timeline, segment))
                sets.Add(body.EndOf(segment.Set, drive));
        }

        return new EffortCurve(person, samples.ToImmutable(), sets.ToImmutable());
    }

    /// <summary>Of a set whose side changes at half, only the second half ends it.</summary>
    private static bool EndsSet(Timeline timeline, Segment segment) => !timeline.Sets[segment.Set].SwitchHalfway || segment.Side != timeline.Sets[segment.Set].Side;

    /// <summary>One person's state.</summary>
    private sealed class Body(double capacity, HouseRules rules)
    {
        private readonly double fastRate = Math.Log(2) / (double)rules.EffortFastHalf.InSeconds;
        private readonly double slowRate = Math.Log(2) / (double)rules.EffortSlowHalf.InSeconds;
        private readonly double rising = (double)rules.EffortBreathRising.InSeconds;
        private readonly double falling = (double)rules.EffortBreathFalling.InSeconds;
        private readonly double[] fast = new double[Enum.GetValues<Muscle>().Length];
        private readonly double[] slow = new double[Enum.GetValues<Muscle>().Length];
        private double breath;

        /// <summary>Lets time pass, in closed form, so that the step's length plays no part.</summary>
        public void Pass(double seconds, Drive? drive)
        {
            var (fastLeft, slowLeft) = (Math.Exp(-fastRate * seconds), Math.Exp(-slowRate * seconds));
            for (var m = 0; m < fast.Length; m++)
            {
                var rise = drive is null ? 0 : drive.Muscles[m] / capacity * Rise;
                fast[m] = (fast[m] * fastLeft) + (FastShare * rise * (1 - fastLeft) / fastRate);
                slow[m] = (slow[m] * slowLeft) + ((1 - FastShare) * rise * (1 - slowLeft) / slowRate);
            }

            var demand = drive is null ? 0 : 10 * (1 - Math.Exp(-drive.Body / capacity / BodyScale));
            breath = demand + ((breath - demand) * Math.Exp(-seconds / (demand > breath ? rising : falling)));
        }

        public EffortSample Sample(Length at)
        {
            var most = 0.0;
            for (var m = 0; m < fast.Length; m++)
                most = Math.Max(most, fast[m] + slow[m]);
            var local = 1 - Math.Exp(-most);
            return new EffortSample(at, breath, local, EffortAt(local));
        }

        public SetEffort EndOf(int set, Drive drive)
        {
            var worst = Enumerable.Range(0, fast.Length).Where(m => drive.Muscles[m] > 0).DefaultIfEmpty(0).MaxBy(m => fast[m] + slow[m]);
            return new SetEffort(set, (Muscle)worst, Local(worst), Sample(Length.Zero).Effort);
        }

        private double Local(int muscle) => 1 - Math.Exp(-fast[muscle] - slow[muscle]);

        private double EffortAt(double local) => 10 * (1 - ((1 - (breath / 10)) * (1 - (LocalWeight * local))));
    }
}
