using CsCheck;
using JollySet.Core.Moves;
using JollySet.Core.Search;

namespace JollySet.Core.Tests.Search;

/// <summary>Finding a move by whatever one knows of it.</summary>
public class MoveSearchTests
{
    private static readonly MoveLibrary Library = MoveLibrary.Shipped;

    [Theory]
    [InlineData("back, no kit, spare the wrists", "upper back, lats · no kit, spares wrists")]
    [InlineData("sore knees glutes band", "glutes · band · spares knees")]
    [InlineData("chest dumbbells", "chest · dumbbells")]
    [InlineData("warm-up standing hips", "hip flexors, glutes, abductors, adductors · standing · warm-up")]
    [InlineData("hinge with kettlebell", "hinge · kettlebell")]
    [InlineData("squat", "named “squat”")]
    [InlineData("push, no floor", "push, overhead push · no floor")]
    [InlineData("chair", "chair")]
    [InlineData("bums and tums", "abs, glutes")]
    [InlineData("", "")]
    public void A_line_is_told_back(string line, string told) => Assert.Equal(told, MoveSearch.Read(line).Told);

    [Theory]
    [InlineData("gob", "goblet squat")]
    [InlineData("RDLs", "Romanian deadlift")]
    [InlineData("SA DB row", "single-arm row")]
    [InlineData("press-ups", "push-up")]
    [InlineData("back extension", "back extension")]
    [InlineData("chest press", "floor press")]
    [InlineData("squatt", "squat")]
    [InlineData("row", "bent-over row")]
    public void What_is_meant_by_name_comes_first(string line, string first) => Assert.Equal(first, MoveSearch.Find(line, Library)[0].Name);

    [Theory]
    [InlineData("back, no kit, spare the wrists", "prone row", "bird dog")]
    [InlineData("chest, no floor", "wall push-up", "push-up")]
    [InlineData("legs, seated", "seated knee extension", "squat")]
    [InlineData("pull with band", "standing band row", "bent-over row")]
    [InlineData("core standing", "standing crunch", "plank")]
    [InlineData("hamstrings stretch", "hamstring reach", "quad stretch")]
    [InlineData("lunges", "reverse lunge", "squat")]
    [InlineData("quiet, jumps", "", "jump squat")]
    public void What_answers_is_found_and_what_does_not_is_not(string line, string there, string notThere)
    {
        var found = MoveSearch.Find(line, Library).Select(m => m.Name).ToList();
        if (there.Length > 0)
            Assert.Contains(there, found);
        Assert.DoesNotContain(notThere, found);
    }

    [Fact]
    public void Every_move_is_found_by_each_of_its_names()
    {
        foreach (var move in Library.All)
            foreach (var name in move.Also.Prepend(move.Name))
                Assert.Contains(MoveSearch.Find(name, Library).Take(3), m => m.Name == move.Name);
    }

    [Fact]
    public void Nothing_asked_is_everything() => Assert.Equal(Library.All.Length, MoveSearch.Find("", Library).Length);

    [Fact]
    public void Whatever_is_typed_is_answered_and_what_is_found_fits() => PlanGen.Texts.Sample(text =>
    {
        var question = MoveSearch.Read(text);
        Assert.All(MoveSearch.Find(question, Library).Where(_ => question.HasFacts && question.Words.IsEmpty && !question.Text.Any(char.IsLetter)), m => Assert.True(question.Fits(m)));
    });

    [Fact]
    public void What_is_spared_is_never_troubled()
    {
        foreach (var need in Needs.Ways.Where(n => n != "seated"))
            Assert.All(MoveSearch.Find(new MoveQuestion("", [], [], [], [], [need]), Library), m => Assert.False(m.Troubles(need), $"{m.Name}: {need}"));
    }
}
