using JollySet.Core.Cues;
using JollySet.Core.Kit;

namespace JollySet.Core.Tests.Kit;

public sealed class RoomWordsTests
{
    private static readonly Venue Hall = new("the hall", "", 10, 5, "polished boards", "a nursery sleeps below");

    [Fact]
    public void A_place_tells_its_minutes_and_what_jumps_mean_there()
    {
        var said = RoomWords.Of(Hall, Sheet.Time("# X\n== A (circuit, work 60, rest 0)\nsquat jump\ngoblet squat\n")).ToList();
        Assert.Equal(3, said.Count);
        Assert.Contains("min in all", said[0], StringComparison.Ordinal);
        Assert.Contains("squat jump", said[1], StringComparison.Ordinal);
        Assert.Contains("Squat jump lands hard", said[2], StringComparison.Ordinal);
    }

    [Fact]
    public void Where_nothing_jumps_and_nothing_is_known_nothing_is_said()
    {
        var quiet = Sheet.Time("# X\n== A (circuit, work 60, rest 0)\ngoblet squat\n");
        Assert.DoesNotContain(RoomWords.Of(Hall, quiet), s => s.Contains("hard", StringComparison.Ordinal));
        Assert.Empty(RoomWords.Of(new Venue("a room", "", 0, 0, "", ""), quiet));
    }
}
