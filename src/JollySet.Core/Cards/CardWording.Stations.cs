using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of how people go round stations: so many of them so long, all sets of one before the next, one of two who works while the other rests.</content>
internal static partial class CardWording
{
    private const string Secs = @"\s*(?:s|secs?|seconds?)";

    /// <summary>“10 x 1 min, 15 s change, twice round”.</summary>
    private static CardPattern StationsOfTime => field ??= new(
        $@"\b(?:[0-9]{{1,2}}\s+stations\s*[:,-]\s*)?(?<n>[4-9]|1[0-9]|2[0-4])\s*x\s*(?:(?<m>1\s*min(?:ute)?|60{Secs})|(?<w>[2-9][05]){Secs})\s*[,;/]\s*(?<r>[0-9]{{1,2}}){Secs}\s*(?:rest|(?:to\s+)?change(?:\s*over)?s?|to\s+(?:move(?:\s+on)?|swap|rest)|(?:in\s+)?between|transitions?|off|break)\s*[,;]\s*(?:(?:go|all)\s+)?(?:round\s+)?(?:x\s*(?<k>[2-6])|(?<k>twice|[2-6]|two|three|four))(?:\s*(?:x\b|times|laps?|rounds?|through|circuits?))*(?:\s+round)?", RegexOptions.IgnoreCase);

    /// <summary>“3 sets per exercise before moving on”.</summary>
    private static CardPattern SetsBeforeNext => field ??= new(@"(?:\bdo\s+)?\b(?<s>[2-6])\s+sets\s+(?:per|of\s+each|on\s+each|each|of\s+every)(?:\s+(?:exercise|move|station|one))?\s*(?<how>\([0-9/ ]+\))?\s*,?\s*(?:(?:before|then|and\s+then)\s+(?:you\s+)?(?:mov(?:e|ing)\s+)?(?:on(?:to)?(?:\s+to)?|to|the)?\s*(?:the\s+)?(?:next(?:\s+(?:one|move|exercise|station))?)?)(?<=on|next|one|move|exercise|station)", RegexOptions.IgnoreCase);

    /// <summary>“40/20 x 3 on each exercise then move on”, “3 x 40/20 each exercise before moving on”.</summary>
    private static CardPattern TimesOnEach => field ??= new(@"(?:(?<t>[2-9][05]\s*/\s*[1-9][05])\s*x\s*(?<s>[2-6])|(?<s>[2-6])\s*x\s*(?<t>[2-9][05]\s*/\s*[1-9][05]))\s+(?:on\s+|of\s+)?each(?:\s+(?:exercise|move|station|one))?\s*,?\s*(?:before\s+moving|then\s+move|and\s+move)\s+on(?:\s+to\s+the\s+next)?", RegexOptions.IgnoreCase);

    /// <summary>“In pairs, one works one rests, 30 secs each, 2 rounds”: as long on as off.</summary>
    private static CardPattern OneWorksOneRests => field ??= new($@"^(?<h>[a-z0-9 ]{{0,20}}(?:\s*[,:;-]\s+|\s+))?\(?(?<w>(?:one|1)\s+(?:works?|on)\s*,?\s*(?:and\s+|\+\s*)?(?:one|1|the\s+other)\s+(?:rests?|off)\)?\s*[,:;-]?\s*(?<t>[1-9][05]){Secs}?(?:\s+each)?)(?<more>\s*(?:[,;]|x\s*[0-9]).*)?$", RegexOptions.IgnoreCase);

    /// <summary>“Press-ups, sit-ups, squats 30/30/30 x 3”: as many times as moves, all alike.</summary>
    private static CardPattern TimesAlike => field ??= new(@"^(?:(?<h>[a-z][a-z ]{2,20}?)\s*\(\s*(?<t>[2-6][05])(?:\s*/\s*(?<again>\k<t>))+\s*(?:x\s*(?<n>[2-9]))?\s*\)\s*:\s*(?<items>[^0-9]+)|(?<items>[^0-9]+?)\s*(?:-\s*)?(?<t>[2-6][05])(?:\s*/\s*(?<again>\k<t>))+\s*s?(?:\s*x\s*(?<n>[2-9]))?)$", RegexOptions.IgnoreCase);

    /// <summary>A line by stations and partners in the words of the reader, before anything else of it is read.</summary>
    public static string AsStations(string line)
    {
        line = HowFar.Replace(line, "${n} m");
        line = CircuitsTimesRounds.Replace(WorkThenChange.Replace(BothWaysCounted.Replace(line, " x${n} each way"), "${w}s/${r}s"), "${c} circuits, ${n} rounds each, ");
        if (TimesAlike.Match(line) is { Success: true } alike && alike.Groups["again"].Captures.Count is > 1 and var more && alike.Groups["items"].Value.Count(c => c is ',' or '/' or '+') == more)
            return $"{(alike.Groups["h"].Success ? $"{alike.Groups["h"].Value}: " : "")}{alike.Groups["items"].Value.Trim()} - {alike.Groups["t"].Value}s each{(alike.Groups["n"].Success ? $", {alike.Groups["n"].Value} rounds" : "")}";
        return line;
    }

    /// <summary>“Run to the cone and back (40m)”: metres, though “(45m)” in a title is minutes.</summary>
    private static CardPattern HowFar => field ??= new(@"(?<=\b(?:runs?|sprints?|shuttles?|walks?|crawls?|carry|carries|jog|row|lunge)\b[^0-9]{0,40}\()(?<n>[1-9][0-9]{1,2})m(?=\))", RegexOptions.IgnoreCase);

    /// <summary>“3 circuits x 3 rounds. …”.</summary>
    private static CardPattern CircuitsTimesRounds => field ??= new(@"^\s*(?<c>[2-6])\s+(?:circuits|blocks)\s*(?:x|,)\s*(?<n>[2-6])\s+(?:rounds|laps)\s*[.,;:-]\s*", RegexOptions.IgnoreCase);

    /// <summary>“40s per exercise, 20s transition”.</summary>
    private static CardPattern WorkThenChange => field ??= new($@"\b(?<w>[2-9][05]){Secs}\s+(?:per|each|on\s+each)\s*(?:exercise|move|station)\s*[,/+]\s*(?<r>[0-9]{{1,2}}){Secs}\s*(?:transitions?|(?:to\s+)?change(?:\s*over)?|to\s+(?:move|swap))\b(?!\s+stations)", RegexOptions.IgnoreCase);

    /// <summary>How two who take turns run, and the words for it on a line of their own; null where a line says nothing of them.</summary>
    public static string? TurnsOfTwo(string line) =>
        OneWorksOneRests.Match(line) is { Success: true } m ? $"{m.Groups["h"].Value}{m.Groups["t"].Value}/{m.Groups["t"].Value}{m.Groups["more"].Value}\nnote: {m.Groups["w"].Value.Replace(")", "", StringComparison.Ordinal).Trim()}" : null;

    /// <summary>How often each of the blocks above is done; null where a line says anything else.</summary>
    public static int? EachRoundTimes(string line) =>
        EachRoundSoOften.Match(line) is { Success: true } m ? m.Groups["n"].Value is var n && n.Equals("twice", StringComparison.OrdinalIgnoreCase) ? 2 : n[0] - '0' : null;

    /// <summary>“Each round x2” below blocks that are called rounds.</summary>
    private static CardPattern EachRoundSoOften => field ??= new(@"^\s*(?:(?:do|go)\s+)?(?:each|every|all)\s+(?:rounds?|blocks?|circuits?)\s*:?\s*(?:x\s*(?<n>[2-6])|(?<n>[2-6])\s*(?:x|times)|(?<n>twice))\s*$|^\s*(?<n>[2-6])\s*x\s+(?:each|every)\s+(?:round|block|circuit)\s*$", RegexOptions.IgnoreCase);

    /// <summary>“90 s between complexes”: the rounds by another word.</summary>
    private static CardPattern BetweenGoes => field ??= new(@"(?<=^[^:]*[0-9].*)\bbetween\s+(?:each\s+|the\s+|your\s+)?(?:complex(?:es)?|efforts?|goes|lots|repeats|passes|cycles)\b", RegexOptions.IgnoreCase);

    /// <summary>“Shoulder rolls 8 back 8 forward”.</summary>
    private static CardPattern BothWaysCounted => field ??= new(@"(?<=^\s*(?:[0-9]{1,2}\s?[.)]?\s+)?[a-z][a-z' -]{2,30})\s*[:,(-]?\s*(?:x\s*)?\b(?<n>[1-9][0-9]?)\s*(?:x\s*)?(?:back(?:wards?)?|forwards?|fwds?)\s*(?:[,/+&]|and)?\s*(?:x\s*)?\k<n>\s*(?:x\s*)?(?:back(?:wards?)?|forwards?|fwds?)\)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Warm 3: step touch, …”, “Cool 4”: minutes.</summary>
    private static CardPattern WarmOrCool => field ??= new(@"^(?<w>warm|cool)(?:\s+off)?\s*:?\s*\(?(?<n>[2-9]|1[0-5])\)?(?:\s*(?:'|mins?|minutes?))?(?=\s*(?::|-|$))", RegexOptions.IgnoreCase);
}
