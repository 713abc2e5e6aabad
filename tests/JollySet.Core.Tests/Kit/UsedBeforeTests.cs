using CsCheck;
using JollySet.Core.Kit;

namespace JollySet.Core.Tests.Kit;

/// <summary>What people noted of their weights becomes what was used before.</summary>
public class UsedBeforeTests
{
    private static readonly DateTime Day = new(2026, 11, 12, 18, 0, 0, DateTimeKind.Utc);

    [Fact]
    public void The_last_that_each_person_noted_counts_once()
    {
        var used = UsedBefore.Of(
        [
            new("goblet squat", "one Wren", Day, 6), new("goblet squat", "one Wren", Day, 10),
            new("Goblet squat", "one Una", Day, 8),
            new("goblet squat", "two Wren", Day.AddDays(7), 12),
            new("bent-over row", "one Una", Day, 5),
        ]);
        Assert.Equal(new UsedBefore("goblet squat", 8, 10, 12, 3, Day.AddDays(7)), used["goblet squat"]);
        Assert.Equal(new UsedBefore("bent-over row", 5, 5, 5, 1, Day), used["Bent-over row"]);
    }

    [Fact]
    public void The_middle_lies_between_and_never_more_people_than_notes() =>
        Gen.Select(Gen.Int[1, 5], Gen.Int[1, 400]).Array[1, 30].Sample(notes =>
        {
            var noted = notes.Select((n, i) => new NotedLoad("squat", $"{n.Item1}", Day.AddDays(i), n.Item2 / 10m)).ToList();
            var used = UsedBefore.Of(noted)["squat"];
            Assert.True(used.Least <= used.Middle && used.Middle <= used.Most);
            Assert.Equal(notes.Select(n => n.Item1).Distinct().Count(), used.Times);
            Assert.Contains(noted, n => n.Kilograms == used.Middle);
        });
}
