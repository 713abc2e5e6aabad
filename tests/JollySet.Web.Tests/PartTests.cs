using System.Text.RegularExpressions;

namespace JollySet.Web.Tests;

/// <summary>What a page has already is not written again.</summary>
public partial class PartTests
{
    [Fact]
    public void NoFormIsAPartItself()
    {
        // A form's content is always run, for the token at its end: a part around it is left out where the page has it.
        var wrong = Directory.EnumerateFiles(Path.Combine(FormatDrawingsTests.Root, "src", "JollySet.Web", "Pages"), "*.cshtml", SearchOption.AllDirectories).SelectMany(f => PartOnForm().Matches(File.ReadAllText(f)).Select(m => $"{Path.GetFileName(f)}: {m.Value}"));
        Assert.Empty(wrong);
    }

    [GeneratedRegex("<form [^>]*\\bpart=[^>]*>")]
    private static partial Regex PartOnForm();
}
