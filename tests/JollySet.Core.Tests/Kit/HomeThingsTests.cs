using JollySet.Core.Kit;
using JollySet.Core.Moves;

namespace JollySet.Core.Tests.Kit;

public class HomeThingsTests
{
    [Fact]
    public void Each_thing_comes_once_one_and_a_pair_as_the_pair()
    {
        var timeline = Sheet.Time("# T\n== A (circuit, work 40)\ngoblet squat [8kg]\nbent-over row [heavy]\nkettlebell swing\npull-up\n");
        var things = HomeThings.For(KitNeeds.Of(timeline)).ToList();
        Assert.Equal(things.Select(t => t.Item).Distinct(), things.Select(t => t.Item));
        Assert.Contains(things, t => t.Item == "dumbbells" && t.Instead!.Contains("two full water bottles", StringComparison.Ordinal));
        Assert.Contains(things, t => t.Item == "kettlebell" && t.Instead!.Contains("not swung", StringComparison.Ordinal));
        Assert.Contains(things, t => t is { Item: "bar", Instead: null });
    }

    [Fact]
    public void Nothing_is_hung_from_a_door_or_stands_on_wheels()
    {
        foreach (var (_, instead) in HomeThings.For(KitList.Known.Select(k => new KitNeed(k, k, []))))
        {
            Assert.DoesNotContain("door", instead ?? "", StringComparison.Ordinal);
            Assert.DoesNotContain("wheel", instead ?? "", StringComparison.Ordinal);
        }
    }
}
