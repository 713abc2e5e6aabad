using System.Text.RegularExpressions;
using JollySet.Cli;

namespace JollySet.Core.Tests.Cli;

/// <summary>The script at the root knows every verb.</summary>
public class ScriptTests
{
    [Fact]
    public void TheScriptPassesOnEveryVerbOfTheCommandLineAndNoOther()
    {
        var error = new StringWriter();
        Commands.Run([], Stream.Null, TextWriter.Null, error, DateTime.Today);
        var told = Regex.Matches(error.ToString(), @"^\s*jolly ([a-z]+) ", RegexOptions.Multiline).Select(m => m.Groups[1].Value).ToHashSet();
        var passed = Regex.Match(File.ReadAllText(Repository.Find("jolly")), @"^\s*(timeline\|[a-z|]+)\)", RegexOptions.Multiline).Groups[1].Value.Split('|').ToHashSet();
        Assert.Contains("draft", told);
        Assert.Equal(told.Order(), passed.Order());
    }
}
