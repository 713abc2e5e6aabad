using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Teaching;

namespace JollySet.Drill;

/// <summary>Clocks that jump forward and back under any events: the place is always one of the class, and time alone never goes back.</summary>
internal static class Clocks
{
    public static Task Run(Report report, Size size)
    {
        var chance = new Random(5);
        var faults = 0;
        for (var i = 0; i < size.Wild; i++)
        {
            ImmutableArray<int> tenths = [.. Enumerable.Range(0, chance.Next(1, 20)).Select(_ => chance.Next(1, 900))];
            var clock = new SessionClock([.. tenths.Select(Length.Tenths)], Length.Seconds(10));
            var anchor = Anchor.Before;
            var now = 1_000_000_000_000L;
            for (var n = 1; n < 20; n++)
            {
                now += chance.Next(5) == 0 ? chance.NextInt64(-3_600_000, 86_400_000) : chance.Next(0, 30_000);
                var before = anchor;
                anchor = clock.After(anchor, new SessionEvent(n, (EventKind)chance.Next(11), now, chance.Next(3) == 0 ? null : chance.Next(-100, 5000)));
                var later = clock.Advanced(anchor, now + chance.NextInt64(-1_000_000, 1_000_000));
                var isPlace = anchor.Segment >= -1 && anchor.Segment < tenths.Length && later.Segment >= anchor.Segment && later.AtMs >= anchor.AtMs && anchor.AtMs >= before.AtMs;
                faults += isPlace ? 0 : 1;
            }
        }

        report.Say(faults == 0, "clocks that jump", $"{size.Wild} classes of nineteen events, {faults} places that cannot be");
        return Task.CompletedTask;
    }
}
