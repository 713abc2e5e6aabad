using System.Collections.Immutable;

namespace JollySet.Core.Sheets;

/// <summary>One thing that could not be read: where (line and column from 1), what stood there and what was expected.</summary>
public sealed record SheetError(int Line, int Column, string Found, string Expected)
{
    private const int LongestQuoted = 40;

    /// <summary>Whether <see cref="Expected"/> is a whole sentence, about no word in particular.</summary>
    public bool IsSentence { get; init; }

    /// <summary>The error as a sentence, without its place.</summary>
    public string Message => IsSentence ? Expected : $"{(Found.Length == 0 ? "nothing" : $"“{Shortened(Found)}”")} – {Expected}";

    /// <summary><c>line:column: message</c>.</summary>
    public override string ToString() => $"{Line}:{Column}: {Message}";

    private static string Shortened(string text) => text.Length <= LongestQuoted ? text : text[..LongestQuoted] + "…";
}

/// <summary>What reading gives: a plan, or every error that stands in its way.</summary>
public sealed record ReadResult(Plans.ClassPlan? Plan, ImmutableArray<SheetError> Errors)
{
    /// <summary>Whether there is a plan.</summary>
    public bool IsGood => Plan is not null;
}
