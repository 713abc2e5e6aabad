using System.Globalization;
using System.Text.RegularExpressions;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Minutes of the class down the side of a card.</content>
public sealed partial class CardReader
{
    /// <summary>“5'-15' squats, rows, 40/20”: a block of so many minutes, its moves and how they run on the line.</summary>
    private bool TakesSpan(CardWords line)
    {
        if (Ticks.Match(line.Text) is not { Success: true } ticks || line.Text[ticks.Length..] is var what && (PartOf(what) != CardPart.Main || !what.Any(char.IsAsciiDigit) || SaidMoves(what).Count == 0 || (IsStation(what) && Scan(what).Sets is null)))
            return false;
        var (_, length) = ByTheClock(line.Text);
        var before = blocks.Count;
        Take(line with { Text = CardWording.Of(CardTimings.Plain(what, w => Understood(w) is not null)) }, isFirst: false);
        if (blocks.Count == before + 1 && Current is { IsAmrap: false, Every: null, Scheme: null } block)
            block.Length ??= length;
        if (blocks.Count == before + 1 && Current is { IsUnnamed: true } unnamed && WordAlone.Match(what) is { Success: true } called && Understood(called.Groups["w"].Value) is null)
            unnamed.Name = FreeName(called.Groups["w"].Value);
        return true;
    }

    private static CardPattern WordAlone => field ??= new(@"^(?<w>[\p{L}]{3,20})(?::|\s-)\s");

    private static CardPattern Ticks => field ??= new(@"^[0-9]{1,3}'-[0-9]{1,3}'\s+");

    /// <summary>The minutes at which lines say that they begin.</summary>
    private HashSet<string> Beginnings => field ??= [.. words.Select(w => Margin.Match(w.Text)).Where(m => m.Success).Select(m => m.Groups["a"].Value)];

    /// <summary>A line without the minutes of the class it says, and how long it is by them, in seconds: “0-5 warm up”, “circuit (7-33 min)”.</summary>
    private (string Text, int? Length) ByTheClock(string text)
    {
        var length = (int?)null;
        if (Margin.Match(text) is { Success: true } margin)
        {
            var (begin, end) = (int.Parse(margin.Groups["a"].Value, CultureInfo.InvariantCulture), int.Parse(margin.Groups["b"].Value, CultureInfo.InvariantCulture));
            // “5-7 min stretch”, where no other line ends or begins there, is how long that is, no place in the class.
            if (begin == 0 || begin == lastMargin || lastMinute is not null || !margin.Groups["u"].Success || Beginnings.Contains(margin.Groups["b"].Value))
            {
                if (begin == 0 || begin == lastMargin || lastMinute is not null)
                    lastMinute = end;
                lastMargin = end;
                length = end > begin ? (end - begin) * 60 : null;
                text = text[margin.Length..];
            }
            else if (end > begin)
            {
                text = $"{text[margin.Length..]} {begin} min (up to {end})";
            }
        }

        // “(7-33 min)” goes on from the minute before; any other such range is how long it may be.
        if (length is null && BracketMargin.Match(text) is { Success: true } minutes && int.Parse(minutes.Groups["a"].Value, CultureInfo.InvariantCulture) is var from && int.Parse(minutes.Groups["b"].Value, CultureInfo.InvariantCulture) is var to && to > from)
        {
            var goesByClock = from == (lastMinute ?? 0);
            if (goesByClock)
                (lastMinute, length) = (to, (to - from) * 60);
            text = text.Remove(minutes.Index, minutes.Length).Insert(minutes.Index, goesByClock ? "" : PartOf(text) == CardPart.Main ? minutes.Value : $" {from} min (up to {to})");
        }

        return (text, length);
    }
}
