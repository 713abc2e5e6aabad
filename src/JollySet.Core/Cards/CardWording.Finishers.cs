using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>How a class ends before its cool-down: “finish with tabata burpees”, “to finish: 50 swings”, “finally a 5 min AMRAP: …”.</content>
internal static partial class CardWording
{
    private const string Formats = @"\b(?:tabata|amrap|e1?mom)\b";

    /// <summary>What leads to it. What is stretched, walked or breathed is the cool-down’s.</summary>
    private static CardPattern FinishWith => field ??= new(
        @"^(?!.*\b(?:stretch\w*|cool\w*|relax\w*|breath\w*|mobility|foam|walk|savasana|game)\b|.*\.\s)(?:and\s+)?(?:(?:then\s+)?(?:finish(?:ing)?|end(?:ing)?)(?:\s+(?:it\s+)?off)?\s+with|to\s+finish\s*[,:-]?|(?:finish(?:er)?:|finally|last(?:ly)?|followed\s+by)\s*[:,]?(?=\s.*" + Formats + @"))\s+(?:an?\s+)?(?=[0-9](?!.*\b(?:rest|off)\b).*[a-z]|.*" + Formats + @")", RegexOptions.IgnoreCase);

    /// <summary>“Finisher - burpee tabata”, “Finisher - tabata (burpees)”.</summary>
    private static CardPattern TabataOfOne => field ??= new(@"^finish(?:er)?(?:\s-|:)\s+(?:an?\s+)?(?:4\s*min(?:ute)?s?\s+)?(?:(?<m>[a-z][a-z' -]{2,40}?)\s+tabata|tabata\s*(?:\((?<m>[a-z][a-z' -]{2,40})\)|(?:of\s+)?(?<m>[a-z][a-z' -]{2,40})))$", RegexOptions.IgnoreCase);

    /// <summary>“5 min EMOM 10 burpees”.</summary>
    private static CardPattern EmomOfOne => field ??= new(@"(?<t>[0-9]{1,2})\s*min(?:ute)?s?\s+e1?mom\s*(?:of\s+|-\s*)?(?<n>[0-9]{1,2})\s+(?<m>[a-z][a-z' -]{2,40})$", RegexOptions.IgnoreCase);

    /// <summary>“Finish: suitcase carry 2 x 30s”, “finish - 50 burpees”: the last block.</summary>
    private static CardPattern FinishIs => field ??= new(@"^(?:to\s+)?finish\s*(?::|\s-)\s+(?=[1-9][0-9]{0,2}\s+(?!x\b|mins?\b|minutes?\b|secs?\b|seconds?\b|s\b|rounds?\b|sets?\b)[a-z]|[a-z][a-z' -]+?\s[2-6]\s*x\s*[0-9])", RegexOptions.IgnoreCase);

    /// <summary>A line, and what the class finishes with as a finisher.</summary>
    public static string AsFinisher(string line) => MinutesBefore.Match(line) is { Success: true } m ? m.Value + OfFinisher(line[m.Length..]) : OfFinisher(line);

    /// <summary>“32-38 ” down the side.</summary>
    private static CardPattern MinutesBefore => field ??= new(@"^\s*[0-9]{1,3}\s*-\s*[0-9]{1,3}\s*(?:mins?|minutes?|')?\s+(?=finish)", RegexOptions.IgnoreCase);

    private static string OfFinisher(string line) => FinishIs.Replace(FinishWith.Replace(line, "Finisher - "), "Finisher: ") is var put && TabataOfOne.Match(put) is { Success: true } one ? $"Tabata: {one.Groups["m"].Value}" : put;
}
