using System.Text;
using CsCheck;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Drawing.Paper;
using PdfSharp.Drawing;
using PdfSharp.Pdf;
using PdfSharp.Pdf.IO;

namespace JollySet.Core.Tests.Drawing.Paper;

/// <summary>Run sheet and handout as PDF.</summary>
public class PaperTests
{
    private static readonly TimeOnly Evening = new(18, 30);

    public static TheoryData<string> Demos { get; } = new(Directory.GetFiles(Path.GetDirectoryName(Demo("01-slack-water.sheet"))!).Select(f => Path.GetFileName(f)!));

    [Theory]
    [MemberData(nameof(Demos))]
    public void Of_every_demo_class_there_is_a_run_sheet_with_its_tear_off_and_a_handout(string file)
    {
        var timeline = Sheet.Time(File.ReadAllText(Demo(file)));
        var sheet = RunSheet.Of(timeline, Evening);
        using var run = Opened(RunSheetPdf.Of(timeline, sheet));
        Assert.InRange(run.PageCount, 2, 4);
        Assert.StartsWith(timeline.Plan.Title, run.Info.Title, StringComparison.Ordinal);
        if (sheet.Blocks.Sum(b => b.Lines.Length) <= 20)
            Assert.Equal(2, run.PageCount);
        using var handout = Opened(HandoutPdf.Of(timeline, sheet));
        Assert.InRange(handout.PageCount, 1, 3);
    }

    [Fact]
    public void With_its_words_it_has_more_pages()
    {
        var timeline = Sheet.Time(File.ReadAllText(Demo("01-slack-water.sheet")));
        using var without = Opened(RunSheetPdf.Of(timeline, RunSheet.Of(timeline, Evening)));
        using var with = Opened(RunSheetPdf.Of(timeline, RunSheet.Of(timeline, Evening, voice: Voice.Usual)));
        Assert.True(with.PageCount > without.PageCount);
    }

    [Fact]
    public void Whatever_a_class_is_called_and_holds_it_can_be_printed() =>
        PlanGen.Plans.Sample(
            plan =>
            {
                var timeline = TimelineBuilder.Build(plan);
                var sheet = RunSheet.Of(timeline, Evening);
                using var run = Opened(RunSheetPdf.Of(timeline, sheet));
                using var handout = Opened(HandoutPdf.Of(timeline, sheet));
                Assert.True(run.PageCount >= 2 && handout.PageCount >= 1);
            },
            iter: 60);

    [Fact]
    public void No_line_is_wider_than_its_room_and_no_word_is_lost() =>
        Gen.Select(PlanGen.Texts.Array[0, 12], Gen.Enum<Face>().Array[12], Gen.Int[40, 500]).Sample(
            (texts, faces, width) =>
            {
                using var wrapping = new Wrapping();
                using var pen = XGraphics.CreateMeasureContext(new XSize(600, 900), XGraphicsUnit.Point, XPageDirection.Downwards);
                Said[] said = [.. texts.Select((t, i) => new Said(t, faces[i]))];
                var lines = wrapping.Lines(said, 10, width);
                foreach (var line in lines)
                    Assert.True(WidthOf(pen, line) <= width + 0.01, string.Concat(line.Select(s => s.Text)));
                Assert.Equal(Bare(string.Concat(texts)), Bare(string.Concat(lines.SelectMany(l => l).Select(s => s.Text))));
            },
            iter: 300);

    [Fact]
    public void Letters_of_the_rest_of_Europe_come_from_the_second_file_and_what_neither_has_is_told()
    {
        foreach (var face in Enum.GetValues<Face>())
        {
            Assert.True(PaperFonts.CanWrite("Łódź, Kraków – ×3, “Crêpe”", face));
            Assert.False(PaperFonts.CanWrite("تمرين", face));
        }

        Assert.Equal([("L", "atkinson-400"), ("ő", "atkinson-400-more"), ("d?", "atkinson-400")], PaperFonts.Parts("Lőd日", Face.Plain, 10).Select(p => (p.Text, p.Font.FontFamily.Name)));
    }

    [Fact]
    public void A_long_class_is_printed_on_many_pages()
    {
        var sheet = "# Long\n" + string.Concat(Enumerable.Range(1, 40).Select(b => $"== Block {b} (circuit, work 40, rest 15)\n" + string.Concat(Enumerable.Repeat("goblet squat [heavy]\n", 12))));
        var timeline = Sheet.Time(sheet);
        using var run = Opened(RunSheetPdf.Of(timeline, RunSheet.Of(timeline, Evening)));
        Assert.True(run.PageCount > 10, $"{run.PageCount} pages");
    }

    private static string Demo(string file) => Repository.Find("src", "JollySet.Data", "Demo", file);

    private static double WidthOf(XGraphics pen, List<Said> line) =>
        line.Select((s, i) => i == line.Count - 1 ? new Said(s.Text.TrimEnd(), s.Face) : s).SelectMany(s => PaperFonts.Parts(s.Text, s.Face, 10)).Sum(p => pen.MeasureString(p.Text, p.Font, XStringFormats.BaseLineLeft).Width);

    private static string Bare(string text) => string.Concat(text.Where(c => !char.IsWhiteSpace(c)));

    private static PdfDocument Opened(byte[] file)
    {
        Assert.Equal("%PDF-", Encoding.ASCII.GetString(file, 0, 5));
        return PdfReader.Open(new MemoryStream(file), PdfDocumentOpenMode.Import);
    }
}
