using JollySet.Core.Moves;

namespace JollySet.Core.Cards;

/// <content>Timings, and whoever is spared behind them.</content>
public sealed partial class CardReader
{
    /// <summary>The line with its timings in the words of a head; a need behind them is kept beside it.</summary>
    private string AsTimings(string text)
    {
        bool IsMove(string words) => Understood(words) is not null;
        if (text.LastIndexOf(", ", StringComparison.Ordinal) is > 0 and var at && BriefWords.Need(text[(at + 2)..].TrimEnd('.')) is not null && CardTimings.Plain(text[..at], IsMove) is var plain && plain != text[..at])
        {
            beside.Add(text[(at + 2)..]);
            return plain;
        }

        return CardTimings.Plain(text, IsMove);
    }
}
