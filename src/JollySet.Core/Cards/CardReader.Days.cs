using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>A day, and perhaps its time and where, alone below a class: another begins there, and it is no move.</content>
public sealed partial class CardReader
{
    private bool IsAnotherDay(CardWords line)
    {
        if (blocks.Count == 0 || !DayAlone.IsMatch(line.Text))
            return false;
        // “TUES” above “3 rounds, 30/30”: a block of that name.
        if (words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && Scan(next.Text, isLine: false) is { SaysBlock: true } how && !how.Left.Any(char.IsLetter) && !CardPhrases.BlockWord.IsMatch(next.Text))
            return false;
        Note(line);
        return true;
    }

    /// <summary>“WED 6pm”, “Thursday 18:30 (hall 2)”.</summary>
    private static CardPattern DayAlone => field ??= new(@"^(?:mon|tue|wed|thu|fri|sat|sun)(?:s|nes|rs|ur)?(?:day)?s?(?:\s+(?:am|pm|morning|evening|night|lunch(?:time)?))?(?:\s*[,@-]?\s*(?:at\s+)?[0-9]{1,2}(?:[:.][0-5][0-9])?\s*(?:[ap]m)?)?(?:\s*\([^()]*\))?\s*:?$", RegexOptions.IgnoreCase);
}
