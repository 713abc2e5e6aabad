using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of how an easier or a harder way is said behind a move.</content>
internal static partial class CardWording
{
    // Who comes is no way of a move: “(advanced class)”.
    private const string MoveWords = @"(?!(?:class|classes|group|groups|session|people|ones|only|circuit|workout|level|team|crew|members?|round|rounds|version|options?)\b)[a-z][a-z' -]{2,40}?";

    /// <summary>“(adv squat jumps)”, “(make it harder: squat jumps)”, “/ harder squat jumps”, “, squat jumps if you want more”, “or squat jumps for more”.</summary>
    private static CardPattern HarderSaid => field ??= new(@"\s*\((?:adv(?:anced)?\.?|hard(?:er)?|strong(?:er)?\s+(?:ones|people)|more\s+advanced|level\s+[23]|to\s+make\s+it\s+harder|make\s+it\s+harder|for\s+more|up\s+it)\s*[:-]?\s+(?<w>" + MoveWords + @")\)$|(?<!\b(?:beg|eas|reg|mod|new)[a-z]*\b[^/]*)\s+/\s+(?:harder|advanced|adv)\s*:?\s+(?<w>" + MoveWords + @")$|\s*,\s+(?<w>" + MoveWords + @")\s+(?:if\s+(?:you|they)(?:'d)?\s+(?:want|like|fancy)\s+(?:more|a\s+challenge|it\s+harder|to\s+go\s+harder|extra)|for\s+(?:an?\s+)?(?:extra\s+)?(?:more|challenge|the\s+(?:brave|strong|keen)(?:\s+ones)?))$|\s+or\s+(?<w>" + MoveWords + @")\s+(?:for\s+(?:an?\s+)?(?:extra\s+)?(?:more|challenge)|if\s+(?:you|they)\s+(?:want|like)\s+more)$|\s*[,(-]\s*(?<w>add\s+an?\s+[a-z ]{3,20}?)\s+(?:to\s+make\s+it\s+harder|for\s+(?:more|an?\s+(?:extra\s+)?challenge)|if\s+(?:you|they)\s+want(?:\s+more)?)\)?$", RegexOptions.IgnoreCase);

    /// <summary>“, beginners knee press-ups”, “(beginners: box squats)”, “, step it if you need”.</summary>
    private static CardPattern EasierSaid => field ??= new(@"\s*(?:\s-\s|[,(])\s*(?<=\d.*)(?:beginners|newbies|new\s+people|newcomers|if\s+new)\s*[:-]?\s+(?!on\b|from\b|can\b|do\b)(?<w>" + MoveWords + @")\)?$", RegexOptions.IgnoreCase);

    /// <summary>“(can do on knees)”, “– knees optional”, “, drop to knees when it gets hard”.</summary>
    private static CardPattern KneesSaid => field ??= new(@"\s*(?:\s-\s|[,(])\s*(?:(?:they|you)?\s*can\s+(?:do|be\s+done|go)(?:\s+(?:it|these|them))?\s+(?:on|from|onto)\s+(?:the\s+|their\s+|your\s+)?knees|knees\s+(?:is\s+|are\s+)?(?:optional|allowed|an\s+option)|(?:drop|go)\s+(?:down\s+)?(?:to|on|onto)\s+(?:the\s+|your\s+|their\s+)?knees\s+(?:when|once|if)\s+[a-z' ]{3,24}?)\)?$", RegexOptions.IgnoreCase);
}
