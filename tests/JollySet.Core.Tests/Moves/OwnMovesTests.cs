using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;

namespace JollySet.Core.Tests.Moves;

/// <summary>A studio's own moves: written, read back, and refused in a sentence where a file is none.</summary>
public class OwnMovesTests
{
    private const string Entry = "\"pattern\":\"squat\",\"muscles\":\"quads\"";

    [Fact]
    public void The_whole_library_reads_back_as_it_was_written()
    {
        var text = OwnMoves.Write(MoveLibrary.Shipped.All);
        var (moves, wrong) = OwnMoves.Read(text);
        Assert.Null(wrong);
        Assert.Equal(text, OwnMoves.Write(moves));
        Assert.Equal(MoveLibrary.Shipped.All.Select(m => m.Name), moves.Select(m => m.Name));
    }

    [Theory]
    [InlineData("")]
    [InlineData("{}")]
    [InlineData("[1]")]
    [InlineData("[{}]")]
    [InlineData("[{\"name\":1}]")]
    [InlineData("[{\"name\":null}]")]
    [InlineData("[{\"name\":\"\\ud800\"}]")]
    [InlineData("[{\"name\":\"a\"}]")]
    [InlineData("[{\"name\":\"buoy\",\"pattern\":\"99\",\"muscles\":\"quads\"}]")]
    [InlineData("[{\"name\":\"buoy\",\"pattern\":\"squat\",\"muscles\":\"quads 9\"}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"also\":[1]}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"asked\":[1]}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"asked\":[\"\"]}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"asked\":[\"a, b\"]}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"asked\":[\"a\",\"b\",\"c\",\"d\",\"e\",\"f\",\"g\",\"h\",\"i\",\"j\",\"k\",\"l\",\"m\"]}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"around\":[]}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"around\":{\"knees\":1}}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"around\":{\"wings\":\"slower\"}}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"rung\":99}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"rung\":1e99}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"reps\":\"0-9999\"}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"hold\":\"yes\"}]")]
    [InlineData("[{\"name\":\"buoy\"," + Entry + ",\"newcomer\":\"heavy\"}]")]
    [InlineData("[{\"name\":\"buoy, heave\"," + Entry + "}]")]
    public void What_is_no_move_is_refused_in_a_sentence(string file)
    {
        var (moves, wrong) = OwnMoves.Read(file);
        Assert.Empty(moves);
        Assert.False(string.IsNullOrWhiteSpace(wrong));
    }

    [Fact]
    public void The_least_that_can_be_said_makes_a_move_with_ways()
    {
        var move = OwnMoves.Read("[{\"name\":\"buoy\"," + Entry + "}]").Moves.Single();
        Assert.Equal(("smaller range", "slower"), (move.Easier, move.Harder));
        Assert.True(move.Troubles("seated"));
    }

    [Fact]
    public void A_studios_own_dips_are_certain_and_no_others_are_hidden_by_them()
    {
        var library = MoveLibrary.Shipped.With(OwnMoves.Read("[{\"name\":\"dips\"," + Entry + "},{\"name\":\"buoy\"," + Entry + ",\"asked\":[\"kickback\"]}]").Moves);
        Assert.Equal("dips", library.Understood("dips")!.Name);
        Assert.Contains("buoy", library.Reader.Read("kickback").Nearest);
        Assert.Equal(Sureness.Likely, library.Reader.Read("kickback").Known);
    }

    [Fact]
    public void Whatever_a_studio_calls_its_moves_the_library_stands()
    {
        var own = OwnMoves.Read("[{\"name\":\"squat\"," + Entry + ",\"also\":[\"push-up\",\"press-up\",\"squat\"]},{\"name\":\"row\"," + Entry + ",\"also\":[\"RDL\"]},{\"name\":\"SQUAT\"," + Entry + "}]").Moves;
        var library = MoveLibrary.Shipped.With(own);
        Assert.Equal(own[0].Muscles, library.Find("squat")!.Muscles);
        Assert.Equal("push-up", library.Find("push-up")!.Name);
        Assert.Equal("row", library.Find("row")!.Name);
        Assert.Equal("row", library.Find("RDL")!.Name);
        Assert.Equal(MoveLibrary.Shipped.All.Length + 1, library.All.Length);
    }
}
