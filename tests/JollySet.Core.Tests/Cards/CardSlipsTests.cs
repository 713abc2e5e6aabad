using JollySet.Core.Cards;
using JollySet.Core.Moves;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>A slip in a word of how it runs is read as that word; anything else stays as it was written.</summary>
public class CardSlipsTests
{
    [Theory]
    [InlineData("Curcuit 1 - 3 ronds", "Circuit 1 - 3 rounds")]
    [InlineData("altenating, 30 secconds betwen", "alternating, 30 seconds between")]
    [InlineData("excercises, 2 minuets", "exercises, 2 minutes")]
    [InlineData("EMMO 12, 3 sest wiht 15 sec rset, oevr 60s", "EMOM 12, 3 sets with 15 sec rest, over 60s")]
    [InlineData("baclance, strenght, Wendesday", "balance, strength, Wednesday")]
    [InlineData("mondays, sunny, strengthen, balanced", "mondays, sunny, strengthen, balanced")]
    [InlineData("stretchy band, see you later, the leader rounded it off", "stretchy band, see you later, the leader rounded it off")]
    [InlineData("lunges, slides, bounds, pounds, breaststroke", "lunges, slides, bounds, pounds, breaststroke")]
    [InlineData("Round-the-world, o'minutes, intervál", "Round-the-world, o'minutes, intervál")]
    public void Slips_are_put_right_and_nothing_else_is(string written, string meant) => Assert.Equal(meant, CardSlips.Put(written, MoveLibrary.Shipped.Reader.IsWord));

    [Theory]
    [InlineData("Fryday fun circits", "3 ronds 40/20", "# Fryday fun circits")]
    [InlineData("Circuit class", "3 circuts 40/20", "# Circuit class")]
    [InlineData("Arrest the day", "40/20, 3 ronds, rset 60s between rounds", "# Arrest the day")]
    [InlineData("Thu 5/5", "3 rounds 40/20", "# \"Thu 5/5\"")]
    [InlineData("strenght for begginers, 40 mins", "3 rounds 40/20", "# strenght for begginers")]
    public void What_a_class_is_called_stays_as_it_was_written(string first, string second, string title) =>
        Assert.StartsWith(title + "\n", JollySet.Core.Sheets.SheetWriter.Write(CardReader.Read($"{first}\n{second}\nsquat\nrow")!.Plan), StringComparison.Ordinal);

    [Fact]
    public void No_name_of_a_move_is_a_slip() => Assert.All(MoveLibrary.Shipped.All.SelectMany(m => m.Also.Prepend(m.Name)), name => Assert.Equal(name, CardSlips.Put(name, MoveLibrary.Shipped.Reader.IsWord)));
}
