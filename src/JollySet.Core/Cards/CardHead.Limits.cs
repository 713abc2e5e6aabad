using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>What people say somebody cannot do, and the need that it is.</content>
internal sealed partial class CardHead
{
    private const string Cannot = @"(?:can(?:'t|not|t|\s+not)|unable\s+to|(?:not|aren't|isn't)\s+able\s+to|struggl(?:es?|ing)\s+to|must(?:n't|\s+not)|should(?:n't|\s+not)|not\s+allowed\s+to)";
    private const string Hard = @"(?:hard|difficult|tricky|tough)";
    private const string Whose = @"(?:(?:her|his|their|my|the|an?|one|both|any)\s+)*(?:(?:left|right|lower|bad|sore)\s+)?";

    /// <summary>“Can't get up without help”, “need a hand getting down”, “don't do the floor”.</summary>
    private const string Ground = @"(?<ground>(?:(?:" + Cannot + @"|finds?\s+it\s+" + Hard + @"\s+to|" + Hard + @"\s+to|struggl(?:es?|ing)(?:\s+with)?|needs?\s+(?:some\s+)?(?:help|a\s+hand)(?:\s+(?:to|with|in))?|(?:ha[sd]|have|having)\s+(?:trouble|difficulty|problems))\s+)(?:kneel\s+(?:down\s+)?(?:and|or)\s+)?(?:get(?:ting)?|com(?:e|ing))\s+(?:back\s+)?(?:up|down)\b(?:\s+(?:and|or)\s+(?:up|down)\b)?(?!\s+(?:early|late|in\s+the\s+morning|at\s+[0-9]|for\s+[0-9]|to\s+speed|the\s+(?:stairs|hill|steps)|here|there|into))(?:\s+(?:again|without\s+(?:any\s+)?help|alone|easily|quickly|(?:off|from|on|onto|to)\s+(?:the\s+|a\s+)?(?:floor|ground|mats?)))*|finds?\s+(?:getting|coming)\s+(?:up|down)(?:\s+(?:and|or)\s+(?:up|down)\b)?(?:\s+(?:off|from|on|onto|to)\s+(?:the\s+|a\s+)?(?:floor|ground|mats?))?\s+(?:very\s+|really\s+|quite\s+)?" + Hard + @"|(?:" + Cannot + @"|don't|doesn't|won't)\s+do\s+(?:the\s+|any\s+)?floor(?:\s*work)?)";

    private const string Jump = @"(?<jump>(?:" + Cannot + @"|(?:don't|doesn't)\s+(?:want|like)(?:\s+to)?)\s+(?:do\s+(?:any\s+)?)?(?:jump(?:s|ing)?|hop(?:s|ping)?|impact))";

    private const string Over = @"(?<over>" + Cannot + @"\s+(?:lift|raise|reach|press|get|put|take)\s+(?:" + Whose + @"arms?\s+)?(?:overhead|(?:up\s+)?above\s+(?:(?:the|her|his|their)\s+)?(?:head|shoulders?)(?:\s+height)?)|" + Cannot + @"\s+(?:lift|raise)\s+" + Whose + @"arms?)";

    private const string Steady = @"(?<steady>(?:poor|bad|dodgy|terrible)\s+balance|balance\s+(?:is\s+|are\s+|'s\s+)?(?:a\s+bit\s+|really\s+|very\s+)?(?:not\s+(?:great|good)|bad|poor|dodgy|terrible|problems?|issues?|trouble)|(?:unsteady|wobbly|shaky)\s+on\s+(?:(?:her|his|their|one|the)\s+)?(?:feet|foot|legs?)|(?:risk|fear|scared|afraid)\s+of\s+fall(?:s|ing))";

    private const string OfPart = @"(?:(?:ha[sd]|have|having|got|getting|awaiting|waiting\s+for)\s+(?:had\s+|got\s+)?(?:" + Whose + @"(?:new\s+)?(?<part>" + Joint + @")\s+(?:replaced|operated\s+on|replacement)|(?:her|his|their|my|an?|one|both)\s+(?:(?:left|right)\s+)?(?<part>" + Joint + @")\s+(?:done|fixed))|struggl(?:es?|ing)\s+with\s+" + Whose + @"(?<part>" + Joint + @")|" + Cannot + @"\s+(?:put|bear|take|load)\s+(?:any\s+|much\s+)?(?:weight|load|pressure)\s+(?:on|through)\s+" + Whose + @"(?<part>" + Joint + @"|hands?)|(?:hurt|injured|tweaked|pulled|broke|strained|sprained|twisted|fractured)\s+(?:her|his|their|my)\s+(?:(?:left|right|lower)\s+)?(?<part>" + Joint + @")|(?<part>back)\s+(?:goes|went|gone|keeps\s+going)\s+out|(?<disc>slipped\s+dis[ck]s?|(?:bulging|herniated)\s+dis[ck]s?|dis[ck]\s+(?:trouble|problems?|injury)|sciatica|lumbago))";

    /// <summary>Whatever of it is said.</summary>
    private static CardPattern SpokenLimit => field ??= new(@"(?<!\b(?:if|when|in\s+case|unless)\s+(?:you|they|anyone|someone|people)\s+)\b(?:" + Ground + "|" + Jump + "|" + Over + "|" + Steady + "|" + OfPart + @")\b", RegexOptions.IgnoreCase);

    /// <summary>The need that a limit is.</summary>
    private static string? NeedOf(Match m) =>
        m.Groups["steady"].Success ? "balance" : m.Groups["jump"].Success ? "no jumping" : m.Groups["disc"].Success ? "low back" : Spoken(m);
}
