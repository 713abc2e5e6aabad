using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>What has a name and minutes and is no move: a time of its own.</content>
public sealed partial class CardReader
{
    /// <summary>Minutes that nobody does one move for, when its name is only likely: “lunch 30 mins” is no punches.</summary>
    private const int LongForMove = 5;

    /// <summary>“Relay: in teams of four, 6 mins”, “then a relay race in teams for ten minutes”, “balance work 5 mins”.</summary>
    private bool TakesOwnTime(CardWords line)
    {
        if (blocks.Count >= Limits.Blocks)
            return false;
        if (Current is { Stations.Count: > 0 } && OwnThing.Match(line.Text) is { Success: true } thing && IsNobodysName(thing.Groups["name"].Value) && Parted(thing.Groups["what"].Value, isShort: true).TrueForAll(p => Understood(WithoutBrackets(Scan(p).Left)) is null))
            return Own(line, thing, thing.Groups["name"].Value, thing.Groups["what"].Value);
        // “Partner work 10 min”.
        if (Current is { Part: CardPart.Main } && NameAndMinutes.Match(line.Text) is { Success: true } work && work.Groups["name"].Value.EndsWith(" work", StringComparison.OrdinalIgnoreCase) && IsNobodysName(work.Groups["name"].Value, isOfBlock: true) && !NoName.IsMatch(work.Groups["name"].Value))
            return Own(line, work, work.Groups["name"].Value);
        // “Abs 5 mins (whatever you like)”.
        if (Current is { Part: CardPart.Main } && line.Raw.Contains('(', StringComparison.Ordinal) && Brackets.Match(line.Text) is { Success: true } beside && beside.Index + beside.Length == line.Text.Length && !beside.Value.Any(char.IsAsciiDigit) && NameAndMinutes.Match(line.Text[..beside.Index].Trim()) is { Success: true } told && IsNobodysName(told.Groups["name"].Value, isOfBlock: true) && !NoName.IsMatch(told.Groups["name"].Value) && BriefWords.Kit(beside.Groups["in"].Value) is null)
            return Own(line, told, told.Groups["name"].Value, beside.Groups["in"].Value.Trim());
        // “Balance: 5 mins behind the chair”.
        if (Current is { Stations.Count: > 0 } && MinutesThenWhat.Match(line.Text) is { Success: true } first && IsNobodysName(first.Groups["name"].Value, isOfBlock: true) && !NoName.IsMatch(first.Groups["name"].Value) && Parted(first.Groups["what"].Value, isShort: true).TrueForAll(p => Understood(WithoutBrackets(Scan(p).Left)) is null))
            return Own(line, first, first.Groups["name"].Value, first.Groups["what"].Value);
        if (blocks.Count > 0 && ThenForMinutes.Match(CardNumbers.InDigits(line.Text)) is { Success: true } race && IsNobodysName(race.Groups["name"].Value))
            return Own(line, race, race.Groups["name"].Value);
        return false;
    }

    /// <summary>“Balance work 5 mins”, what nothing else has read: no move that is done for so long. Among the moves of a part it is one of them.</summary>
    private bool TakesNameAndMinutes(CardWords line) =>
        blocks.Count < Limits.Blocks && Current is not { Part: not CardPart.Main, Length: null, Stations.Count: 0 } && NameAndMinutes.Match(line.Text) is { Success: true } named && named.Groups["name"].Value is var name && IsNobodysName(name) && !Cap.IsMatch(line.Text) && !IsSpoken.IsMatch(line.Text) && !NoName.IsMatch(name)
        && KnownAs(name) is var known && (known == Sureness.Unknown || (known == Sureness.Likely && int.Parse(named.Groups["n"].Value, CultureInfo.InvariantCulture) >= LongForMove)) && !Plus.Split(name).All(p => Understood(p) is not null) && CardHead.NeedsIn(name).Needs.IsEmpty
        && Own(line, named, BeginsWith.Replace(name, ""));

    private bool IsNobodysName(string name, bool isOfBlock = false) => PartOf(name) == CardPart.Main && (isOfBlock || !Begin(name).Success) && Understood(name) is null;

    private bool Own(CardWords line, Match said, string name, string? what = null)
    {
        var own = new CardBlock(line.Number, FreeName(name), CardPart.Main) { Length = int.Parse(said.Groups["n"].Value, CultureInfo.InvariantCulture) * 60, IsOwnTime = true };
        if (what is not null)
            own.Notes.Add(what);
        blocks.Add(own);
        Say(line, CardLineKind.Block, own.Name);
        return true;
    }

    private static CardPattern NameAndMinutes => field ??= new(@"^(?<name>[a-z][^0-9,:;.!?()]{2,40}?)\s*(?:[-(,:]\s*|\s)(?:for\s+)?(?<n>[3-9]|[12][0-9]|30)\s*(?:mins?|minutes?|')\)?\.?$|^(?<n>[3-9]|[12][0-9]|30)\s*(?:mins?|minutes?|')\s+(?:of\s+)?(?<name>[a-z][^0-9,:;.!?()]{2,40}?)\.?$", RegexOptions.IgnoreCase);

    private static CardPattern BeginsWith => field ??= new(@"^(?:(?:then|and|finally)\s+)*(?:(?:finish|end|start|begin|close|open)(?:ing)?(?:\s+off)?\s+with|we\s+(?:do|have))\s+(?:an?\s+|some\s+)?", RegexOptions.IgnoreCase);

    /// <summary>A name, what is done under it in words, and its minutes.</summary>
    private static CardPattern OwnThing => field ??= new(@"^(?<name>[a-z][a-z' ]{2,25}):\s*(?<what>[a-z][^:]{3,60}?)(?:\s*[,(-]\s*|\s+)(?<n>[2-9]|[1-5]\d)\s*(?:mins?|minutes?|')\)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>A name, its minutes, and where or how it is done.</summary>
    private static CardPattern MinutesThenWhat => field ??= new(@"^(?<name>[a-z][a-z' ]{2,25}):\s*(?<n>[2-9]|[1-5]\d)\s*(?:mins?|minutes?|')\s+(?<what>(?!of\b|each\b|per\b|on\b|off\b|work|rest|x\b|amrap|emom|tabata|circuit|rounds?|then\b|and\b)[a-z][^:0-9]{3,60}?)\.?$", RegexOptions.IgnoreCase);

    private static CardPattern ThenForMinutes => field ??= new(@"^(?:then|and\s+then|next|after\s+that)\s*,?\s+(?:we\s+(?:do|have|play)\s+)?(?:an?\s+|some\s+)?(?<name>[a-z][a-z' -]{3,40}?)\s+for\s+(?:about\s+)?(?<n>[2-9]|1\d|20)\s*min(?:ute)?s?[.!]*$", RegexOptions.IgnoreCase);
}
