using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>What is done at a machine.</content>
public partial class CardSayingTests
{
    [Fact]
    public void Of_two_machines_it_is_one_or_the_other() =>
        Holds(from before in new[] { "row", "bike", "rower" }
              from after in new[] { "bike", "treadmill", "rower" }
              where before != after && !(before == "row" && after == "rower")
              select (before + "/" + after, $"{before} | or: {after}", 0),
            c => $"Quay\n\n3 rounds 40/20\nsquats\n{c.Item1}\nplank\n", c => $"\nsquats\n{c.Item2}\nplank\n");

    [Fact]
    public void Minutes_at_either_before_the_first_block_are_a_part_of_their_own() =>
        Holds(from minutes in new[] { "5 min", "5'", "5 mins" }
              from ways in new[] { "row/bike", "bike/treadmill", "rower/bike/treadmill" }
              select (minutes + " " + ways, ways.Replace("/", " or ", System.StringComparison.Ordinal), 0),
            c => $"Quay\n{c.Item1}\n3 rounds 40/20\nsquats\nplank\n", c => $"== {c.Item2} (own 300s)\n");
}
